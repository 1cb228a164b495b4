/**
 * The signed separation of two convex pieces in place: their distance where they are apart, minus the depth (the
 * shortest shift that parts them) where they overlap. The record is reused between queries.
 */
export interface Separation {
  /** mm: attained distance, or minus the depth. */
  value: number;
  /** mm: no smaller is possible, whatever the rounding of the search: read from the supporting planes across `normal`. */
  lower: number;
  /** Unit direction from the second piece to the first, along which `lower` was read. */
  readonly normal: Float64Array;
  /** The nearest points: on the first piece, on the second; mm. */
  readonly onFirst: Float64Array;
  readonly onSecond: Float64Array;
}

/** What 64-bit sums may lose over 20 m, mm: proven bounds are lowered by it, so that none rests on rounding. */
export const ROUNDING = 1e-9;

export function emptySeparation(): Separation {
  return {
    value: 0,
    lower: 0,
    normal: new Float64Array(3),
    onFirst: new Float64Array(3),
    onSecond: new Float64Array(3),
  };
}
