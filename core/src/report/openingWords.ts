import type { Opening } from './opening';

/** Why no order opens all, in words that say no more than was proven. Names are the parts' as they read in a list. */
export function neverWords(never: NonNullable<Opening['never']>, nameOf: (id: string) => string): string {
  if (!never.pair) return 'No order was found that opens all.';
  const [a, b] = never.pair.map(nameOf) as [string, string];
  if (never.kind === 'not proven')
    return never.hits
      ? `No order was found that opens all: ${b} is in the way of ${a}.`
      : `No order is proven to open all: ${a} and ${b} pass too near each other to be sure.`;
  const why = {
    there: 'cannot both stand open, whatever else is shut.',
    shut: 'stand in each other when both are shut.',
    parted: 'would be free of each other open, but nothing leads there from shut.',
    'one thing': 'are ways of one thing: it goes one way at a time.',
  }[never.why];
  return `No order opens all: ${a} and ${b} ${why}`;
}
