import { besideBay, besideEdge, isOn, type Beside } from '../../carcass/beside';
import { choiceLever, cost } from '../../item/leverOf';
import { uncapitalised } from '../../item/capitals';
import type { Lever } from '../../item/lever';
import type { PartNote } from '../../item/note';
import { lengthMark } from '../../length/lengthMark';
import { hardwareKindsOf, cupSetting } from './hinges';
import type { HungLeaf, LaidDoor } from './lay';

/** A plate's screw holes, across and deep, mm. Common practice, no single source. */
export const PLATE_HOLE = { wide: 5, deep: 12 };

/** Where the plates of a leaf's cup hinges are screwed: the board they are on, and how far back in the carcass's frame, mm. */
export interface PlatePlaces {
  readonly beside: Beside;
  readonly back: number;
  /** How far the board stands away from the edge of the opening, where a face frame stands in before it, mm: so much is packed out. */
  readonly packed: number;
}

/** Undefined where no board is there for them. */
export function platePlaces({ place, opening }: LaidDoor, leaf: HungLeaf): PlatePlaces | undefined {
  const { item } = leaf.cup!;
  const { side, hinges } = leaf;
  const onFrame = item.kind === 'face-frame hinge';
  if (onFrame && !place.carcass.frame) return undefined;
  const beside = onFrame ? besideEdge(place.built, opening, side) : besideBay(place.built, opening, side);
  const back = leaf.y[1] + item.holesBack;
  const half = PLATE_HOLE.wide / 2;
  const z = [leaf.z[0] + hinges.heights[0]!, leaf.z[0] + hinges.heights[hinges.count - 1]!] as const;
  return beside && isOn(beside, { y: [back - half, back + half], z })
    ? { beside, back, packed: Math.abs(opening[side].at - beside.at) }
    : undefined;
}

/** Card or veneer packs out no more than this, mm. */
const SHIM = 0.5;

/** Where the plates of a leaf are: on what, how high above that board's own foot, how far back; and what is there to screw them to. */
export function plateNotes(laid: LaidDoor, leaf: HungLeaf): PartNote[] {
  if (!leaf.cup) return [];
  const { item } = leaf.cup;
  const places = platePlaces(laid, leaf);
  if (!places)
    return [
      {
        about: 'holes',
        verdict: 'hits',
        sentence:
          item.kind === 'face-frame hinge'
            ? `Its plates find no face frame on the ${leaf.side} to be screwed to: take hinges whose plates are on the side.`
            : `Its plates find no board on the ${leaf.side} to be screwed to.`,
      },
    ];
  const { beside, back, packed } = places;
  const { board } = beside;
  const heights = leaf.hinges.heights.map((up) => lengthMark(leaf.z[0] + up - board.at.z[0]));
  const where = `${heights.slice(0, -1).join(', ')} and ${heights[heights.length - 1]!} above its foot, ${lengthMark(back - board.at.y[0])} back from its front edge`;
  const on = `Its hinge plates are on the ${uncapitalised(board.name)}, middles ${where}`;
  return [
    packed > SHIM
      ? {
          about: 'holes',
          verdict: 'tight',
          sentence: `${on}; the face frame stands in ${lengthMark(packed)} before it: pack the side out by so much behind each plate, or take hinges made for a face frame.`,
        }
      : { about: 'holes', verdict: 'clear', sentence: `${on}.` },
  ];
}

/** Wood wanted beyond a cup, mm. Common practice. */
const BEYOND_CUP = 2;

/** What a cup comes upon beyond the wood it is bored into: a panel's groove, a pane's rebate, or nothing at all. */
export function cupNotes({ door }: LaidDoor, { cup }: HungLeaf): PartNote[] {
  const { hinge, leaf, old } = door;
  if (!cup || hinge.kind !== 'cup' || old) return [];
  const reach = hinge.cup.mm + cup.item.cup;
  const { framed, pane } = leaf;
  const [wood, cut, what] = framed
    ? [framed.stile.mm, framed.groove.mm, 'stile']
    : pane?.kind === 'glass'
      ? [pane.border.mm, pane.rebate.mm, 'border of wood round its glass']
      : [Infinity, 0, ''];
  const least = reach + cut + BEYOND_CUP;
  if (wood >= least) return [];
  return [
    {
      about: 'holes',
      verdict: 'hits',
      sentence: `Its cups reach ${lengthMark(reach)} from its edge, and the ${what} is ${lengthMark(wood, 'most')} wide${cut > 0 ? `, ${lengthMark(cut)} of it grooved away` : ''}: at least ${lengthMark(least, 'least')} will do.`,
    },
  ];
}

/** Cup hinges of either kind that come to the overlay the leaf has. */
export function plateLevers({ door, place, leaves }: LaidDoor): Lever[] {
  const leaf = leaves[0]!;
  const { hinge } = door;
  if (hinge.kind !== 'cup') return [];
  return place.hardware.all.flatMap(({ id, name, kind }) => {
    const sort = hardwareKindsOf(hinge).find((one) => one === kind);
    const item =
      sort === 'cup hinge' || sort === 'face-frame hinge' ? place.hardware.find(id, sort) : undefined;
    if (!item || Math.abs(cupSetting(door, leaf, item).adjust) > item.adjustSide) return [];
    return choiceLever(door, ['hinge', 'hardware'], id, {
      key: `hinge.${id}`,
      what: 'its hinges',
      cost: cost('other hinges', 8),
      words: `hang it on ${uncapitalised(name)}`,
    });
  });
}
