import type { Edge, Opening } from '../../carcass/layout';
import type { Issue } from '../../item/issue';
import { lengthMark } from '../../length/lengthMark';
import type { BayMount } from '../contract/mount';
import type { PartPlace } from '../contract/family';
import type { PartNote } from '../../item/note';

/** An inset gap wider than this leaves a slot one sees through, mm. Common practice, no single source. */
export const WIDEST_GAP = 20;
/** How far an overlay may reach past the frame it lies on before it is taken for a slip, mm: none. */
const MOST_PAST = 1e-9;
/** A bar handle is about so thick, mm. Common practice. */
const BAR = 10;

/** The opening of the bay a part is in. Throws where that is not there: the plan was not checked. */
export function openingOf(
  { mount: { bay }, id }: { readonly mount: BayMount; readonly id: string },
  { built }: PartPlace,
): Opening {
  const opening = built.layout.openings.get(bay);
  if (!opening) throw new Error(`Part ${id} has no bay ${bay}: the plan was not read through readPlan.`);
  return opening;
}

/** How far a front lies over an edge where one gap is left between neighbours, and half of it at the carcass's own edges, mm. */
export const evenOver = ({ cover, shared }: Edge, gap: number): number =>
  shared ? (cover - gap) / 2 : cover - gap / 2;

/**
 * Why a leaf or front does not close its opening at one edge, with the number that would do.
 *
 * @param over    how far it lies over the edge, mm; less than 0 for a gap
 * @param words   what it is, and which edge: "leaf", "hinge edge"
 * @param widest  gap that may stay open, mm
 */
export function coverFault(
  kind: 'inset' | 'overlay' | 'even',
  over: number,
  { cover, shared }: Edge,
  words: { readonly what: string; readonly edge: string },
  path: Issue['path'],
  widest = WIDEST_GAP,
): Issue[] {
  const { what, edge } = words;
  const refuse = (message: string): Issue[] => [{ path, message }];
  if (kind === 'inset') {
    if (over > 0)
      return refuse(
        `The ${what} is ${lengthMark(over)} larger than its opening at the ${edge}. A gap must be 0 or more.`,
      );
    if (-over > widest)
      return refuse(
        `The ${what} cannot cover its opening: a gap of ${lengthMark(-over)} at the ${edge} stays open. At most ${lengthMark(widest, 'most')} will do.`,
      );
    return [];
  }
  // Over an open top there is nothing to lie on: it may end a little short of it.
  if (cover < 1e-9 && over <= 0 && -over <= widest) return [];
  if (over <= 0)
    return refuse(
      kind === 'even'
        ? `So wide a gap leaves nothing of the ${what} over the ${edge}. Less than ${lengthMark(shared ? cover : 2 * cover, 'most')} will do.`
        : `The ${what} cannot cover its opening: at the ${edge} it ends ${lengthMark(-over)} short of lying over it. An overlay must be more than 0.`,
    );
  if (over > cover + MOST_PAST)
    return refuse(
      `The overlay of ${lengthMark(over)} at the ${edge} is wider than what it lies on. At most ${lengthMark(cover, 'most')} will do.`,
    );
  return [];
}

/**
 * Room for fingers behind a handle, or a hand behind a bar.
 *
 * @param across  what a bar measures across the fingers, mm
 * @param wanted  room that fingers want, mm
 */
export function gripNote(
  { kind, projection }: { readonly kind: 'bar' | 'knob'; readonly projection: { readonly mm: number } },
  across: number,
  wanted: number,
): PartNote {
  const grip = kind === 'bar' ? projection.mm - Math.min(across, BAR) : projection.mm;
  const has = `Fingers have ${lengthMark(grip, 'most')} behind the handle`;
  if (grip >= wanted) return { about: 'fingers', verdict: 'clear', sentence: `${has}.` };
  return {
    about: 'fingers',
    verdict: grip < wanted / 2 ? 'hits' : 'tight',
    sentence: `${has}; ${lengthMark(wanted)} is wanted. ${lengthMark(projection.mm + wanted - grip, 'least')} out will do.`,
  };
}
