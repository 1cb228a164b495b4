import type { PartNote } from '../../item/note';
import { lengthMark } from '../../length/lengthMark';
import { movementOf, movementWords } from '../../material/season';
import { woodNote } from '../kit/wood';
import type { HungLeaf, LaidDoor } from './lay';
import { PANEL_PLAY } from './framedLeaf';

/** What a leaf of solid wood does to its gap in the damp and in the dry season, and a panel in its grooves. */
export function doorWoodNotes(laid: LaidDoor, leaf: HungLeaf): PartNote[] {
  const { door, place } = laid;
  const { framed, material } = door.leaf;
  if (door.old) return [];
  const wide = leaf.x[1] - leaf.x[0];
  const stock = place.stock.material(material);
  // Of a framed leaf its stiles alone are across the grain; its panel has its own room.
  const across = framed ? 2 * framed.stile.mm : wide;
  return [
    ...gapNote(laid, movementOf(stock, across, place.season)),
    ...(framed ? panelNote(laid, leaf) : []),
  ];
}

/** Hinged at one edge, an inset leaf takes all that it swells from the gap at the other; both of a pair from the gap between them. */
function gapNote({ door, place, opening }: LaidDoor, movement: ReturnType<typeof movementOf>): PartNote[] {
  const { fit, leaves, middle } = door;
  const pair = leaves === 'pair';
  const beside = opening[door.hinge.side === 'left' ? 'right' : 'left'];
  // Laid over its front it swells past it, unless another is beside it.
  if (!pair && fit.kind !== 'inset' && !(fit.kind === 'even' && beside.shared)) return [];
  const gap = pair ? middle.mm : fit.kind === 'inset' ? fit.free.mm : fit.kind === 'even' ? fit.gap.mm : 0;
  return woodNote(movement, place.season, {
    what: pair ? 'Both leaves' : 'The leaf',
    gap,
    where: pair ? 'between them' : 'at its free edge',
    times: pair ? 2 : 1,
  });
}

/** A panel of solid wood within its grooves. */
function panelNote({ door, place }: LaidDoor, leaf: HungLeaf): PartNote[] {
  const { stile, groove, panel } = door.leaf.framed!;
  const wide = leaf.x[1] - leaf.x[0] - 2 * stile.mm + 2 * groove.mm - PANEL_PLAY;
  const movement = movementOf(place.stock.material(panel), wide, place.season);
  if (movement.swells === 0) return [];
  const bare = movement.shrinks + PANEL_PLAY > 2 * groove.mm;
  const tight = movement.swells > PANEL_PLAY;
  return [
    {
      about: 'wood',
      verdict: bare || tight ? 'hits' : 'clear',
      sentence: `Its panel: ${movementWords(movement, place.season)}; ${lengthMark(PANEL_PLAY)} of play is left in its grooves${tight ? `: damp, it bursts the leaf. ${lengthMark(movement.swells, 'least')} of play will do` : ''}${bare ? ': dry, it falls out of them. Deeper ones will do' : ''}.`,
    },
  ];
}
