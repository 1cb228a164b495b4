/** From the least to the most that something may be. */
export interface Interval {
  readonly least: number;
  readonly most: number;
}

export const exactly = (value: number): Interval => ({ least: value, most: value });
export const NOTHING: Interval = exactly(0);

export const sum = (a: Interval, b: Interval): Interval => ({
  least: a.least + b.least,
  most: a.most + b.most,
});
export const minus = ({ least, most }: Interval): Interval => ({ least: -most, most: -least });

/** Nothing times what nobody knows is nothing. */
export const product = (a: number, b: number): number => (a === 0 || b === 0 ? 0 : a * b);

export function times(a: Interval, b: Interval): Interval {
  const [ll, lm] = [product(a.least, b.least), product(a.least, b.most)];
  const [ml, mm] = [product(a.most, b.least), product(a.most, b.most)];
  return { least: Math.min(ll, lm, ml, mm), most: Math.max(ll, lm, ml, mm) };
}

export const scaled = ({ least, most }: Interval, by: number): Interval =>
  by >= 0 ? { least: least * by, most: most * by } : { least: most * by, most: least * by };

/** One by another that is more than 0; all that it may be where that is not certain. */
export function over(a: Interval, by: Interval): Interval {
  if (!(by.least > 0)) return { least: -Infinity, most: Infinity };
  return times(a, { least: 1 / by.most, most: 1 / by.least });
}

/** How large it is, whatever its sign. */
export const size = ({ least, most }: Interval): Interval => {
  if (least >= 0) return { least, most };
  if (most <= 0) return minus({ least, most });
  return { least: 0, most: Math.max(-least, most) };
};

/** What holds both. */
export const spanning = (a: Interval, b: Interval): Interval => ({
  least: Math.min(a.least, b.least),
  most: Math.max(a.most, b.most),
});

export const about = (middle: number, by: number): Interval => ({ least: middle - by, most: middle + by });

/** A function that rises, or falls, over an interval. */
export const rising = ({ least, most }: Interval, of: (value: number) => number): Interval => ({
  least: of(least),
  most: of(most),
});

/** Every cosine over angles from one to another. */
export function cosines(from: number, to: number): Interval {
  const a = Math.cos(from);
  const b = Math.cos(to);
  return {
    least: passes(from, to, Math.PI) ? -1 : Math.min(a, b),
    most: passes(from, to, 0) ? 1 : Math.max(a, b),
  };
}

/** Whether angles from one to another come by an angle, or by that with whole turns more. */
export const passes = (from: number, to: number, angle: number): boolean =>
  Math.floor((to - angle) / (2 * Math.PI)) !== Math.floor((from - angle) / (2 * Math.PI));
