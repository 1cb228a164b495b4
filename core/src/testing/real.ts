import fc from 'fast-check';

/** A failing case is told by its seed and path; shrinking one that samples densely takes longer than reading it. */
fc.configureGlobal({ endOnFailure: true });

/** Numbers spread evenly over a range: fc.double is even over bit patterns, which puts most of them next to 0. */
export const real = (min: number, max: number): fc.Arbitrary<number> =>
  fc.noBias(fc.integer({ min: 0, max: 2 ** 30 })).map((n) => min + ((max - min) * n) / 2 ** 30);
