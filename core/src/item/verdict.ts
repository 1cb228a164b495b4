export type Verdict = 'clear' | 'tight' | 'hits';

/** The worst first. */
export const RANK: Readonly<Record<Verdict, number>> = { hits: 0, tight: 1, clear: 2 };
