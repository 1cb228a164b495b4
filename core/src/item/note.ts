import type { Verdict } from './verdict';

/** What a closed form found of a part, besides its travel. Lengths are marked. */
export interface PartNote {
  readonly about:
    | 'hinges'
    | 'adjustment'
    | 'fingers'
    | 'reach'
    | 'opening'
    | 'fit'
    | 'caution'
    | 'holes'
    | 'wood'
    | 'strength'
    | 'standing'
    | 'fixing'
    | 'squeeze'
    | 'runs'
    | 'balance'
    | 'cable'
    | 'sight'
    | 'under way';
  readonly verdict: Verdict;
  readonly sentence: string;
  /** What of that it is, where several notes are about one thing and not all of them are always told: it keeps its key by it. */
  readonly of?: string;
}

/** @param of  what of that it is, where others about the same may be told or not */
export const noteOf = (
  about: PartNote['about'],
  verdict: Verdict,
  sentence: string,
  of?: string,
): PartNote => ({ about, verdict, sentence, ...(of !== undefined && { of }) });

/** A default that an answer rests on and nobody confirmed, and what to measure. */
export interface Assumption {
  /** What nobody confirmed, after "that": "birch plywood 18 mm is as thick as its name says". */
  readonly words: string;
  /** "measure the thickness of birch plywood 18 mm". */
  readonly measure: string;
}
