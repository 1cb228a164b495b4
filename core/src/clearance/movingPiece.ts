import type { Motion } from '../motion/motion';
import { proven, type Sweep } from '../motion/sweep';
import { sweepOf } from '../motion/sweepOf';
import type { Convex } from '../solid/convex';
import { AXES, squareBox, type Boxes } from './boxes';

/** A part of a stretch between knots: the corners in its middle, half its width, and a sweep that keeps what it knows of it. */
interface Part {
  readonly sweep: Sweep;
  readonly corners: Float64Array;
  middle: number;
  width: number;
}

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
  /** The parts of the stretch asked last, where knots cut it, in front of a list of those once used. */
  private readonly parts: Part[] = [];
  private farAt = Number.NaN;
  private farHalf = Number.NaN;
  private far = 0;
  private overFrom = Number.NaN;
  private overTo = Number.NaN;
  private overSpeed = 0;
  private readonly overBox: Boxes = new Float64Array(6);
  private cut = 0;
  private cutAt = Number.NaN;
  private cutHalf = Number.NaN;
  private filled: Boxes | null | undefined;

  constructor(
    readonly piece: Convex,
    private readonly motion: Motion,
  ) {
    this.sweep = sweepOf(motion, piece.corners);
    this.corners = new Float64Array(piece.corners.length);
    this.knots = motion.knots;
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
    const parts = this.partsWithin(half);
    if (parts === 0) return proven(this.sweep.lowest(this.corners, this.at, n, half, half));
    let least = Infinity;
    for (let i = 0; i < parts; i += 1) {
      const { sweep, corners, middle, width } = this.parts[i]!;
      least = Math.min(least, sweep.lowest(corners, middle, n, width, width));
    }
    return proven(least);
  }

  /** The farthest a corner can get from where it stands, within half a stretch, across any knots, mm. */
  farthest(half: number): number {
    if (this.at === this.farAt && half === this.farHalf) return this.far;
    this.farAt = this.at;
    this.farHalf = half;
    return (this.far = proven(this.farthestWithin(half)));
  }

  private farthestWithin(half: number): number {
    const parts = this.partsWithin(half);
    if (parts === 0) return half > 0 ? half * this.sweep.speedOver(this.corners, this.at, half, half) : 0;
    let [before, beyond] = [0, 0];
    for (let i = 0; i < parts; i += 1) {
      const { sweep, corners, middle, width } = this.parts[i]!;
      const way = 2 * width * sweep.speedOver(corners, middle, width, width);
      if (middle < this.at) before += way;
      else beyond += way;
    }
    return Math.max(before, beyond);
  }

  /** A box that holds it over a stretch of the travel, mm. The stretch asked last is remembered: it is asked for all that stand near. */
  boxOver(from: number, to: number): Boxes {
    this.rememberOver(from, to);
    return this.overBox;
  }

  /** No corner of it moves faster over a stretch of the travel, mm per unit of it. */
  speedWithin(from: number, to: number): number {
    this.rememberOver(from, to);
    return this.overSpeed;
  }

  private rememberOver(from: number, to: number): void {
    if (from === this.overFrom && to === this.overTo) return;
    [this.overFrom, this.overTo] = [from, to];
    this.goTo((from + to) / 2);
    const half = (to - from) / 2;
    for (let axis = 0; axis < 3; axis += 1) {
      this.overBox[axis] = this.lowest(AXES[axis]!, half);
      this.overBox[3 + axis] = -this.lowest(AXES[axis + 3]!, half);
    }
    this.overSpeed = proven(this.speedAbout(half));
  }

  private speedAbout(half: number): number {
    const parts = this.partsWithin(half);
    if (parts === 0) return this.sweep.speedOver(this.corners, this.at, half, half);
    return Math.max(
      ...this.parts
        .slice(0, parts)
        .map(({ sweep, corners, middle, width }) => sweep.speedOver(corners, middle, width, width)),
    );
  }

  /** How many parts knots cut the stretch into, cut where it stands too; none where no knot is in it. */
  private partsWithin(half: number): number {
    if (this.knots.length === 0) return 0;
    if (this.at === this.cutAt && half === this.cutHalf) return this.cut;
    this.cutAt = this.at;
    this.cutHalf = half;
    const [from, to] = [this.at - half, this.at + half];
    const inner = this.knots.filter((knot) => knot > from && knot < to);
    if (inner.length === 0) return (this.cut = 0);
    const ends = [...new Set([from, ...inner, this.at, to])].sort((p, q) => p - q);
    this.cut = ends.length - 1;
    for (let i = 0; i < this.cut; i += 1) {
      const part = (this.parts[i] ??= {
        sweep: sweepOf(this.motion, this.piece.corners),
        corners: new Float64Array(this.piece.corners.length),
        middle: 0,
        width: 0,
      });
      part.middle = (ends[i]! + ends[i + 1]!) / 2;
      part.width = (ends[i + 1]! - ends[i]!) / 2;
      part.sweep.place(part.middle, part.corners);
    }
    return this.cut;
  }
}
