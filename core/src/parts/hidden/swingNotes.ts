import { noteOf, type PartNote } from '../../item/note';
import { lengthMark } from '../../length/lengthMark';
import { movementOf } from '../../material/season';
import { woodNote } from '../kit/wood';
import { placeIn, type LaidHidden } from './lay';
import { leafWords } from './sums';
import type { LeafLoad } from './load';
import { freeGap, hingeGap } from '../../mechanism/swing';

/** What a leaf wants of its opening to turn in it, and what of that is there. */
export function swingNotes(laid: LaidHidden, loads: readonly LeafLoad[]): PartNote[] {
  return loads.flatMap((load) => [...gapNotes(laid, load), ...woodNotes(laid, load)]);
}

/** Between it and the sides of its opening, where it stands in one. */
export function gapsWanted(laid: LaidHidden, { leaf, play }: LeafLoad) {
  const { hidden: { gaps, opening }, to, place, away, deep } = laid;
  const { axis, corners, wide } = leaf;
  if (!axis || opening.is === 'none' || opening.deep.mm === 0) return undefined;
  const back = placeIn(leaf, away, deep, axis)[1];
  // A corner stands out farthest as it passes its axis; where that is out of the wall, as it comes out of that.
  const out = Math.max(0, -back, back - opening.deep.mm);
  const hinge = out > 0 ? 0 : hingeGap(corners, axis[0], to);
  const free = freeGap(corners, wide - axis[0], to, out);
  return {
    hinge: { turning: hinge, wanted: hinge + place.gaps.running, there: gaps.hinge.mm },
    // With play in its hinges its head leans out by as much.
    free: { turning: free, wanted: free + play + place.gaps.running, there: leaf.own ? gaps.middle.mm : gaps.free.mm },
  };
} // prettier-ignore

function gapNotes(laid: LaidHidden, load: LeafLoad): PartNote[] {
  const wanted = gapsWanted(laid, load);
  if (!wanted) return [];
  const which = load.leaf.own ? ` of ${leafWords(laid, load.leaf)}` : '';
  return (['hinge', 'free'] as const).flatMap((edge): PartNote[] => {
    // Between two leaves it is both of theirs: the check of pairs tells it.
    if (edge === 'free' && load.leaf.own) return [];
    const { turning, wanted: wants, there } = wanted[edge];
    const more =
      edge === 'free' && load.play > 0 ? `, ${lengthMark(load.play)} for the play of its hinges` : '';
    return [
      noteOf(
        'fit',
        there < wants - 1e-9 ? 'tight' : 'clear',
        `Its ${edge} edge${which} wants a gap of ${lengthMark(wants, 'least')} to turn in its opening: ${lengthMark(turning, 'least')} for its corners${more}, and what runs free. There is ${lengthMark(there, 'most')}${there < wants - 1e-9 ? `: ${lengthMark(wants - there, 'least')} more, or a bevel` : ''}.`,
        `${load.leaf.key} ${edge}`,
      ),
    ];
  });
}

/** A leaf of solid wood swells into its free gap. */
function woodNotes({ hidden, place }: LaidHidden, { leaf }: LeafLoad): PartNote[] {
  const { body, gaps, opening } = hidden;
  if (body.kind !== 'leaf' || opening.is === 'none') return [];
  const movement = movementOf(place.stock.material(body.material), leaf.wide, place.season);
  const pair = leaf.own !== undefined;
  if (pair && leaf.own === 'right') return [];
  return woodNote(movement, place.season, {
    what: pair ? 'Both leaves' : 'The leaf',
    gap: pair ? gaps.middle.mm : gaps.free.mm,
    where: pair ? 'between them' : 'at its free edge',
    times: pair ? 2 : 1,
  });
}
