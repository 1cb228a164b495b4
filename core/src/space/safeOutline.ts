import simplify from 'simplify-js';
import { outlineFault } from '../solid/outline';
import type { Point2 } from '../solid/prism';

/** Points nearer than this are one, mm. */
const SAME = 1e-6;
/** Curves are traced by chords that may lie this far on the wrong side, mm: walls that are pushed are pushed so much more. */
const TRACED = 0.01;
/** A chord may stray by this share of the tolerance: the rest is for what is pushed besides. */
const CHORD = 0.95;
/** Stretches that stray are drawn finer down to this share of the tolerance. */
const FINEST = 1 / 64;
/** Walls that turn by less than this from one to the next are shifted together: their lines meet too far off. Sine of the angle. */
const STRAIGHT = 5e-3;

/**
 * An outline of fewer corners that stays within a tolerance of the finer one, and never outside it: where the chord of a
 * curve would leave a wall standing in the room it is pushed in front of that. Straight walls stay where they are.
 *
 * @param loop  counter-clockwise, the room to its left, mm
 * @param tolerance  mm
 * @returns undefined where no such outline is sound, as where a room is narrower than the tolerance
 * @source Douglas and Peucker 1973 (the package simplify-js), between two corners that belong to any outline: the least and
 * the one farthest from it
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
    const pushed = pushedTogether(walls);
    const outline = walls.map((wall, k): Point2 => {
      const before = (k + walls.length - 1) % walls.length;
      return meeting(walls[before]!, pushed[before]!, wall, pushed[k]!);
    });
    const astray = strayed(walls, pushed, outline, tolerance);
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

/** The corners of a round that Douglas and Peucker keep. */
function roughly(corners: readonly Corner[], stray: number): Corner[] {
  const first = corners.reduce((least, one) => (one.x < least.x || (one.x === least.x && one.y < least.y) ? one : least)); // prettier-ignore
  const away = ({ x, y }: Corner) => Math.hypot(x - first.x, y - first.y);
  const far = corners.reduce((most, one) => (away(one) > away(most) ? one : most));
  return [
    ...simplified(stretchOf(corners, first, far), stray),
    ...simplified(stretchOf(corners, far, first), stray),
  ];
}

/** The corners from one to another, both with it. */
function stretchOf(corners: readonly Corner[], from: Corner, to: Corner): Corner[] {
  return from.at < to.at
    ? corners.slice(from.at, to.at + 1)
    : [...corners.slice(from.at), ...corners.slice(0, to.at + 1)];
}

/** What is kept of a stretch, without its last corner, at which the next one begins. */
const simplified = (stretch: readonly Corner[], stray: number): Corner[] =>
  (simplify([...stretch], CHORD * stray, true) as Corner[]).slice(0, -1);

/**
 * The walls that must be drawn finer: what strays to both sides is pushed as far as to the one, and leaves the other so much
 * farther behind; a corner sharper than a right angle loses more of its tip than its walls are pushed; and a wall shorter
 * than those beside it are pushed comes to run the other way.
 */
function strayed(
  walls: readonly StraightWall[],
  pushed: readonly number[],
  outline: readonly Point2[],
  tolerance: number,
): ReadonlySet<number> {
  const n = walls.length;
  const astray = new Set<number>();
  const add = (k: number) => {
    // One that stands for no more than two corners cannot be drawn finer: those beside it can.
    for (const i of walls[k]!.curved ? [k] : [(k + n - 1) % n, k, (k + 1) % n])
      if (walls[i]!.curved) astray.add(i);
  };
  walls.forEach(({ from, along, behind }, k) => {
    const [[x, y], [nx, ny]] = [outline[k]!, outline[(k + 1) % n]!];
    if (pushed[k]! + behind > tolerance) add(k);
    if (along[0] * (nx - x) + along[1] * (ny - y) < 0) add(k);
    const before = (k + n - 1) % n;
    const tip = Math.min(toSegment(from, outline[before]!, [x, y]), toSegment(from, [x, y], [nx, ny]));
    if (tip > tolerance) for (const i of [before, k]) if (pushed[i]! > 0) add(i);
  });
  return astray;
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
  return { from: [from.x, from.y], along: [ux, uy], push: push > SAME ? push + TRACED : 0, behind, curved };
}

const sine = (a: StraightWall, b: StraightWall) => a.along[0] * b.along[1] - a.along[1] * b.along[0];
const onward = (a: StraightWall, b: StraightWall) => a.along[0] * b.along[0] + a.along[1] * b.along[1] > 0;

/** How far each wall is pushed: those that run on nearly straight as far as the one of them that must go farthest. */
function pushedTogether(walls: readonly StraightWall[]): number[] {
  const pushed = walls.map(({ push }) => push);
  // Twice round, so that a run across the first wall is settled as well.
  for (let k = 0; k < 2 * walls.length; k += 1) {
    const [i, j] = [k % walls.length, (k + 1) % walls.length];
    const straight = Math.abs(sine(walls[i]!, walls[j]!)) < STRAIGHT && onward(walls[i]!, walls[j]!);
    if (straight) pushed[j] = Math.max(pushed[j]!, pushed[i]!);
  }
  for (let k = 2 * walls.length; k > 0; k -= 1) {
    const [i, j] = [(k - 1) % walls.length, k % walls.length];
    const straight = Math.abs(sine(walls[i]!, walls[j]!)) < STRAIGHT && onward(walls[i]!, walls[j]!);
    if (straight) pushed[i] = Math.max(pushed[i]!, pushed[j]!);
  }
  return pushed;
}

/** Where two walls meet once they are pushed into the room. */
function meeting(before: StraightWall, left: number, wall: StraightWall, right: number): Point2 {
  const [x, y] = wall.from;
  if (left === 0 && right === 0) return wall.from;
  const turn = sine(before, wall);
  if (Math.abs(turn) < STRAIGHT) return [x - wall.along[1] * right, y + wall.along[0] * right];
  // Along both: the point that is `left` before the one and `right` before the other.
  const [a, b] = [before.along, wall.along];
  return [x + (left * b[0] - right * a[0]) / turn, y + (left * b[1] - right * a[1]) / turn];
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
