/**
 * What a motion proves about where the corners of a piece go, away from a pose where they are known.
 *
 * The separation of two pieces along a unit direction n (from the second to the first) is sep = min of n.p over the
 * first's corners less max of n.o over the second's; any n gives a lower bound on their signed distance. All functions
 * below bound one side of it from the pose at travel `t` with the corners at `at`, over travels from `back` before it
 * to `ahead` after it. Such a stretch must not cross a knot of the motion.
 */
export interface Sweep {
  /** Write the corners' places at a travel into `out`, mm. */
  place(t: number, out: Float64Array): void;
  /** No corner moves faster over the stretch, mm per unit of travel. */
  speedOver(at: Float64Array, t: number, back: number, ahead: number): number;
  /** No corner comes lower along n over the stretch than this, mm. */
  lowest(at: Float64Array, t: number, n: Float64Array, back: number, ahead: number): number;
  /**
   * How far from the pose, ahead (sense 1) or back (-1) and up to `most`, the lowest corner along n is proven to stay above
   * `to`; Infinity where it does all the way, 0 where it is not above it now.
   */
  fall(at: Float64Array, t: number, n: Float64Array, to: number, sense: 1 | -1, most: number): number;
  /**
   * A lower bound over the stretch on the separation from a piece that stands still with its corners at `still`. Besides n
   * held in the space, n is held in the mover: that suits a moving face passing a still corner.
   *
   * @param enough  above this no better bound is sought, mm
   */
  separation(
    at: Float64Array,
    t: number,
    n: Float64Array,
    still: Float64Array,
    back: number,
    ahead: number,
    enough: number,
  ): number;
  /** How far from the pose, ahead or back, that separation is proven to stay above `level`; Infinity where it does up to `most`. */
  reach(
    at: Float64Array,
    t: number,
    n: Float64Array,
    still: Float64Array,
    level: number,
    sense: 1 | -1,
    most: number,
  ): number;
}

/** A bound as it came out. Throws where that is no number: comparing with it would prove anything. */
export function proven(bound: number): number {
  if (Number.isNaN(bound)) throw new Error('A bound on a motion came out as no number.');
  return bound;
}
