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

/** What is worked out when it is first asked for, and once. */
export function once<T>(work: () => T): () => T {
  let known: { readonly value: T } | undefined;
  return () => (known ??= { value: work() }).value;
}

/**
 * @param sentence  worked out when it is read, where it is given so: a plan that is only tried is told to nobody
 * @param of        what of that it is, where others about the same may be told or not
 */
export const noteOf = (
  about: PartNote['about'],
  verdict: Verdict,
  sentence: string | (() => string),
  of?: string,
): PartNote => {
  const more = of !== undefined && { of };
  if (typeof sentence === 'string') return { about, verdict, sentence, ...more };
  const said = once(sentence);
  // Its own property, so that a copy has it, and another thread it is sent to.
  return {
    about,
    verdict,
    get sentence() {
      return said();
    },
    ...more,
  };
};

/** A default that an answer rests on and nobody confirmed, and what to measure. */
export interface Assumption {
  /** What nobody confirmed, after "that": "birch plywood 18 mm is as thick as its name says". */
  readonly words: string;
  /** "measure the thickness of birch plywood 18 mm". */
  readonly measure: string;
}
