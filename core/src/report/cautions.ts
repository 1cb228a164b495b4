import type { NoteFinding } from './records';

/** What can hurt somebody though nothing is wrong with it. */
const HEEDED: ReadonlySet<NoteFinding['about']> = new Set<NoteFinding['about']>([
  'fixing',
  'caution',
  'squeeze',
]);

/** Whether a note is a caution: seen to, or taken by somebody by name and with a reason, and never passed over for all. */
export const isCaution = ({ about, verdict }: Pick<NoteFinding, 'about' | 'verdict'>): boolean =>
  verdict === 'tight' && HEEDED.has(about);

/** Cautions of a job by what they are of, those nobody took first. */
export const cautionsOf = (notes: readonly NoteFinding[]): NoteFinding[] =>
  notes.filter(isCaution).sort((a, b) => Number(a.taken !== undefined) - Number(b.taken !== undefined));
