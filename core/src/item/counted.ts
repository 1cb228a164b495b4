import * as v from 'valibot';

/** A whole number of something, told by what that is: "Legs". */
export const counted = (what: string, least: number, most: number) =>
  v.pipe(
    v.number(`${what} are counted.`),
    v.integer(`${what} are counted whole.`),
    v.minValue(least, `At least ${least}.`),
    v.maxValue(most, `At most ${most}.`),
  );
