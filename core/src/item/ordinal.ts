const WORDS = [
  'first',
  'second',
  'third',
  'fourth',
  'fifth',
  'sixth',
  'seventh',
  'eighth',
  'ninth',
  'tenth',
  'eleventh',
  'twelfth',
];
const ENDINGS: Partial<Record<Intl.LDMLPluralRule, string>> = { one: 'st', two: 'nd', few: 'rd' };
const RULES = new Intl.PluralRules('en', { type: 'ordinal' });

/** "third": a place in a row, counted from 1. */
export const ordinal = (nth: number): string =>
  WORDS[nth - 1] ?? `${nth}${ENDINGS[RULES.select(nth)] ?? 'th'}`;
