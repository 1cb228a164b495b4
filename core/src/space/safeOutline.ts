import { outlineFault } from '../solid/outline';
import type { Point2 } from '../solid/prism';
import { fewestCorners } from './fewestCorners';

/** Points nearer than this are one, mm. */
const SAME = 1e-6;
/** Curves are traced by chords that may lie this far on the wrong side, mm: walls that are pushed are pushed so much more. */
const TRACED = 0.01;
/** A chord may stray by this share of the tolerance: the rest is for what is pushed besides. */
const CHORD = 0.95;
/** Stretches that stray are drawn finer down to this share of the tolerance: then corner by corner as they were traced. */
const FINEST = 1 / 4096;
/** Less than this no wall is pushed, mm: curves are traced no finer. */
const LEAST_PUSH = 2e-3;
/** A turn of more than this is a corner that was drawn, not a step of a curve: 10 degrees. */
const SHARP = Math.PI / 18;
/** A straight wall beside a curve is longer than this, mm, and than so many steps of the curve. */
const LONG = 30;
const STEPS = 8;
/** Walls that turn by less than this from one to the next run on into each other: the sine of the angle. */
const FLAT = 0.15;

/**
 * An outline of fewer corners that stays within a tolerance of the finer one, and never outside it: where the chord of a
 * curve would leave a wall standing in the room it is pushed in front of that. Straight walls stay where they are.
 *
 * @param loop  counter-clockwise, the room to its left, mm
 * @param tolerance  mm
 * @returns undefined where no such outline is sound, as where a room is narrower than the tolerance
 */
export function safeOutline(loop: readonly Point2[], tolerance: number): Point2[] | undefined {
  const points = loop.filter(([x, y], i) => {
    const [nx, ny] = loop[(i + 1) % loop.length]!;
    return Math.hypot(nx - x, ny - y) > SAME;
  });
  if (points.length < 3) return undefined;
  const corners = points.map(([x, y], at): Corner => ({ x, y, at }));
  let kept = roughly(corners, tolerance);
  for (let stray = tolerance; ; stray /= 2) {
    if (kept.length < 3) return undefined;
    const walls = kept.map((from, k) => wallOf(points, from, kept[(k + 1) % kept.length]!));
    const outline = walls.map((wall, k): Point2 => {
      const before = (k + walls.length - 1) % walls.length;
      return meeting(walls[before]!, wall);
    });
    const astray = strayed(walls, outline, tolerance);
    if (astray.size === 0) {
      const plain = withoutStraight(outline);
      return plain.length < 3 || outlineFault(plain) ? undefined : plain;
    }
    if (stray < FINEST * tolerance) return undefined;
    kept = kept.flatMap((from, k) =>
      astray.has(k) ? simplified(stretchOf(corners, from, kept[(k + 1) % kept.length]!), stray / 2) : [from],
    );
  }
}

/** A corner of the finer outline, with its place in it. */
interface Corner {
  readonly x: number;
  readonly y: number;
  readonly at: number;
}

/**
 * The corners of a round that are kept: those that were drawn as corners, those at which a curve reaches farthest to one of
 * the four sides, so that a room stays as wide and as deep as it was drawn, and between them as few as curves need.
 */
function roughly(corners: readonly Corner[], stray: number): Corner[] {
  const farthest = extremes(corners);
  const kept = corners.filter((corner, i) => farthest.has(corner) || isSharp(corners, i, stray));
  return kept.flatMap((from, k) => simplified(stretchOf(corners, from, kept[(k + 1) % kept.length]!), stray));
}

/**
 * Where the outline turns at once, by more than may be cut off; and where a straight wall runs into a curve: the one is long,
 * the steps of the other are short.
 */
function isSharp(corners: readonly Corner[], i: number, stray: number): boolean {
  const n = corners.length;
  const [a, b, c] = [corners[(i + n - 1) % n]!, corners[i]!, corners[(i + 1) % n]!];
  const [ux, uy, vx, vy] = [b.x - a.x, b.y - a.y, c.x - b.x, c.y - b.y];
  const turn = ux * vy - uy * vx;
  const chord = Math.hypot(c.x - a.x, c.y - a.y);
  if (Math.abs(Math.atan2(turn, ux * vx + uy * vy)) > SHARP && Math.abs(turn) > stray * chord) return true;
  const [before, after] = [Math.hypot(ux, uy), Math.hypot(vx, vy)];
  return Math.max(before, after) > Math.max(LONG, STEPS * Math.min(before, after));
}

/** The first corners that lie farthest to the four sides. */
function extremes(corners: readonly Corner[]): ReadonlySet<Corner> {
  const first = (before: (a: Corner, b: Corner) => boolean) =>
    corners.reduce((most, one) => (before(one, most) ? one : most));
  return new Set([
    first((a, b) => a.x < b.x),
    first((a, b) => a.x > b.x),
    first((a, b) => a.y < b.y),
    first((a, b) => a.y > b.y),
  ]);
}

/** The corners from one to another, both with it. */
function stretchOf(corners: readonly Corner[], from: Corner, to: Corner): Corner[] {
  return from.at < to.at
    ? corners.slice(from.at, to.at + 1)
    : [...corners.slice(from.at), ...corners.slice(0, to.at + 1)];
}

/** What is kept of a stretch, without its last corner, at which the next one begins. */
const simplified = (stretch: readonly Corner[], stray: number): Corner[] =>
  fewestCorners(stretch, CHORD * stray);

/**
 * The walls that must be drawn finer: what strays to both sides is pushed as far as to the one, and leaves the other so much
 * farther behind; and a corner sharper than a right angle loses more of its tip than its walls are pushed.
 */
function strayed(
  walls: readonly StraightWall[],
  outline: readonly Point2[],
  tolerance: number,
): ReadonlySet<number> {
  const n = walls.length;
  const astray = new Set<number>();
  walls.forEach(({ from, along, push, behind }, k) => {
    const [here, next] = [outline[k]!, outline[(k + 1) % n]!];
    const before = ([x, y]: Point2) => along[0] * (y - from[1]) - along[1] * (x - from[0]);
    if (Math.max(push, before(here), before(next)) + behind > tolerance) astray.add(k);
    const last = (k + n - 1) % n;
    const tip = Math.min(toSegment(from, outline[last]!, here), toSegment(from, here, next));
    if (tip > tolerance) for (const i of [last, k]) if (walls[i]!.push > 0) astray.add(i);
  });
  // One that stands for no more than its own two corners cannot be drawn finer.
  return new Set([...astray].filter((k) => walls[k]!.curved));
}

function toSegment([x, y]: Point2, [ax, ay]: Point2, [bx, by]: Point2): number {
  const [dx, dy] = [bx - ax, by - ay];
  const long = dx * dx + dy * dy;
  const t = long > 0 ? Math.min(1, Math.max(0, ((x - ax) * dx + (y - ay) * dy) / long)) : 0;
  return Math.hypot(x - ax - t * dx, y - ay - t * dy);
}

/** A straight wall that stands for a stretch of the finer outline. */
interface StraightWall {
  readonly from: Point2;
  readonly along: Point2;
  /** By how much the stretch comes into the room before it, and how far it falls back behind it. */
  readonly push: number;
  readonly behind: number;
  /** It stands for more than its own two corners. */
  readonly curved: boolean;
}

function wallOf(points: readonly Point2[], from: Corner, to: Corner): StraightWall {
  const long = Math.hypot(to.x - from.x, to.y - from.y);
  const [ux, uy] = [(to.x - from.x) / long, (to.y - from.y) / long];
  let [push, behind] = [0, 0];
  const curved = (from.at + 1) % points.length !== to.at;
  for (let i = (from.at + 1) % points.length; i !== to.at; i = (i + 1) % points.length) {
    const [x, y] = points[i]!;
    const before = ux * (y - from.y) - uy * (x - from.x);
    push = Math.max(push, before);
    behind = Math.max(behind, -before);
  }
  return {
    from: [from.x, from.y],
    along: [ux, uy],
    push: push > LEAST_PUSH ? push + TRACED : 0,
    behind,
    curved,
  };
}

const sine = (a: StraightWall, b: StraightWall) => a.along[0] * b.along[1] - a.along[1] * b.along[0];
const onward = (a: StraightWall, b: StraightWall) => a.along[0] * b.along[0] + a.along[1] * b.along[1] > 0;

/**
 * Where two walls meet once they are pushed into the room. At a corner each keeps its own line. Where one runs on into the
 * other, their lines would meet far off: there both end as far out as the one that is pushed farther, which leans the other
 * away from what it stands for, never into it.
 */
function meeting(before: StraightWall, wall: StraightWall): Point2 {
  const [x, y] = wall.from;
  const [left, right] = [before.push, wall.push];
  if (left === 0 && right === 0) return wall.from;
  const [a, b] = [before.along, wall.along];
  const turn = sine(before, wall);
  if (Math.abs(turn) > FLAT || !onward(before, wall))
    // Along both: the point that is `left` before the one and `right` before the other.
    return [x + (left * b[0] - right * a[0]) / turn, y + (left * b[1] - right * a[1]) / turn];
  const out = Math.max(left, right);
  // Half way between the two ways before them; so flat, its length is that of either but for a few thousandths.
  const [mx, my] = [-(a[1] + b[1]), a[0] + b[0]];
  const by = (2 * out) / (mx * mx + my * my);
  return [x + by * mx, y + by * my];
}

/** Without corners twice, and without those on a line between their neighbours. */
function withoutStraight(outline: readonly Point2[]): Point2[] {
  const apart = outline.filter(([x, y], i) => {
    const [nx, ny] = outline[(i + 1) % outline.length]!;
    return Math.hypot(nx - x, ny - y) > SAME;
  });
  return apart.filter(([x, y], i) => {
    const [ax, ay] = apart[(i + apart.length - 1) % apart.length]!;
    const [bx, by] = apart[(i + 1) % apart.length]!;
    const long = Math.hypot(bx - ax, by - ay);
    return long === 0 || Math.abs((bx - ax) * (y - ay) - (by - ay) * (x - ax)) / long > SAME;
  });
}
