import type { Motion } from '../motion/motion';
import { sweepOf, type Sweep } from '../motion/sweep';
import type { Convex } from '../solid/convex';
import { squareBox, type Boxes } from './sweptBoxes';

/**
 * A piece on its motion, placed where it was last asked for. One is shared by all that the piece is held against, so
 * whoever needs it at a travel says so first: asking again for the same one costs nothing. Not shared between threads.
 */
export class MovingPiece {
  /** Its corners at the travel last gone to, mm. */
  readonly corners: Float64Array;
  readonly sweep: Sweep;
  readonly knots: readonly number[];
  at = Number.NaN;
  private readonly other: Float64Array;
  private filled: Boxes | null | undefined;

  constructor(
    readonly piece: Convex,
    motion: Motion,
  ) {
    this.sweep = sweepOf(motion, piece.corners);
    this.corners = new Float64Array(piece.corners.length);
    this.knots = motion.knots;
    this.other = this.knots.length > 0 ? new Float64Array(piece.corners.length) : this.corners;
  }

  /** The box it fills, as built, where it is one and stands square to the axes. */
  get square(): Boxes | undefined {
    if (this.filled === undefined) this.filled = squareBox(this.piece) ?? null;
    return this.filled ?? undefined;
  }

  goTo(t: number): void {
    if (t === this.at) return;
    this.at = t;
    this.sweep.place(t, this.corners);
  }

  /** Least n.p over half a stretch to either side of where it stands, across any knots, mm. */
  lowest(n: Float64Array, half: number): number {
    const ends = this.endsWithin(half);
    if (!ends) return this.sweep.lowest(this.corners, this.at, n, half, half);
    let least = Infinity;
    for (let i = 1; i < ends.length; i += 1) {
      const middle = (ends[i - 1]! + ends[i]!) / 2;
      this.sweep.place(middle, this.other);
      const width = (ends[i]! - ends[i - 1]!) / 2;
      least = Math.min(least, this.sweep.lowest(this.other, middle, n, width, width));
    }
    return least;
  }

  /** The farthest a corner can get from where it stands, within half a stretch, across any knots, mm. */
  farthest(half: number): number {
    const ends = this.endsWithin(half);
    if (!ends) return half * this.sweep.speedOver(this.corners, this.at, half, half);
    let [before, beyond] = [0, 0];
    for (let i = 1; i < ends.length; i += 1) {
      const middle = (ends[i - 1]! + ends[i]!) / 2;
      this.sweep.place(middle, this.other);
      const width = (ends[i]! - ends[i - 1]!) / 2;
      const way = 2 * width * this.sweep.speedOver(this.other, middle, width, width);
      if (ends[i]! <= this.at) before += way;
      else beyond += way;
    }
    return Math.max(before, beyond);
  }

  /** The stretch cut at its knots and where it stands; undefined where no knot is in it. */
  private endsWithin(half: number): number[] | undefined {
    if (this.knots.length === 0) return undefined;
    const [from, to] = [this.at - half, this.at + half];
    const inner = this.knots.filter((knot) => knot > from && knot < to);
    if (inner.length === 0) return undefined;
    return [...new Set([from, ...inner, this.at, to])].sort((p, q) => p - q);
  }
}
