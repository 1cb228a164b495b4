import { farthest, nearest } from './along';
import { acrossOf, ChainPose, type Link } from './chainPose';
import type { Motion } from './motion';
import { undone } from './relative';
import type { Sweep } from './sweep';

/** Times a longer way down is sought. */
const ROUNDS = 4;
/** Times a stretch is shortened because a drive bounds nothing over so long a one. */
const MOST_SHRUNK = 24;

/** The slope of n.p as a function of the corner: a vector and a number, see `slopeAlong`. Scratch, this module is never re-entered. */
const G = new Float64Array(4);
const ARM = new Float64Array(3);
const NONE = new Float64Array(0);

/** The space as the mover sees it: the other piece's corners there, and the direction they come nearer along. */
interface Seen {
  readonly sweep: ChainSweep;
  corners: Float64Array;
  readonly normal: Float64Array;
  readonly towards: Float64Array;
  /** The least of the mover's own corners along the normal, as built. */
  own: number;
  /** What it was worked out for. */
  travel: number;
  of: Float64Array | undefined;
  readonly along: Float64Array;
}

/**
 * A direction, and of every corner as it stands: its height along it, mm, how fast that grows, mm per unit of travel, and how far
 * along it the corner is out from the last axis, mm.
 */
interface Facing {
  readonly n: Float64Array;
  heights: Float64Array;
  rates: Float64Array;
  outs: Float64Array;
}

/**
 * Any chain of joints: to first order from the pose, less a bound on what bends away.
 *
 * A corner is the sum of the chain's arms, p = q_1 + s_1 + ... + s_n, each turning with the angular velocity w_i of what
 * its turn carries: the sum of all turns up to it, which for parallel axes cancel with their signs as they do in a folding
 * door. So p'' is the sum of w_i x (w_i x s_i) + w_i' x s_i, and of 2 w x u' d + u'' d for a slide along d (Murray, Li,
 * Sastry 1994, ch. 2). Along n, with the axes parallel to k, -n.p'' of an arm is at most
 *   |w|2 c + |n x k| |w'| |s|,  c the greatest n.s across k over the stretch: where it is now and what it can gain,
 * and n.p(t) >= n.p + n.p' (t - t0) - A (t - t0)2 / 2 with A the sum. Where an arm points against n its c is negative: the
 * corner falls less than straight on. For axes that are not parallel |w| |s| stands in for all of it.
 *
 * Bounds of one pose are asked several times over, of stretches to either side of it and ever shorter ones: what hangs on the pose
 * and the direction alone is kept.
 */
export class ChainSweep implements Sweep {
  private readonly pose: ChainPose;
  private half = 0;
  /** |n x k| of the direction asked last. */
  private across = 1;
  /** The stretch whose bounds the links hold, and what `bound` said of it. */
  private boundBack = Number.NaN;
  private boundAhead = Number.NaN;
  private boundSaid = false;
  /** Whether the length of the last arm is that of the corners where they stand. */
  private measured = false;
  private faced = false;
  private readonly facing: Facing = { n: new Float64Array(3), heights: NONE, rates: NONE, outs: NONE };
  /** Made when first wanted. */
  private seen: Seen | undefined;

  constructor(
    private readonly motion: Motion,
    private readonly corners: Float64Array,
  ) {
    this.pose = new ChainPose(motion);
  }

  place(t: number, out: Float64Array): void {
    this.stand(t, 1);
    this.pose.place(this.corners, out);
  }

  speedOver(at: Float64Array, t: number, back: number, ahead: number): number {
    if (!this.bound(at, t, back, ahead)) return Infinity;
    let speed = 0;
    for (const { turn, top, length, stretch, most } of this.pose.chain.links)
      speed += turn ? top * (length + stretch * this.half) : most;
    return speed;
  }

  lowest(at: Float64Array, t: number, n: Float64Array, back: number, ahead: number): number {
    if (!this.bound(at, t, back, ahead)) return -Infinity;
    const { heights, rates, outs } = this.face(at, n);
    const shared = this.sharedBend(n);
    let least = Infinity;
    for (let i = 0; i < heights.length; i += 1) {
      const rate = rates[i]!;
      const bend = shared + this.cornerBend(outs[i]!);
      const before = -rate * back - (bend * back * back) / 2;
      const beyond = rate * ahead - (bend * ahead * ahead) / 2;
      let fall = before < beyond ? before : beyond;
      if (bend < 0) {
        const bottom = rate / bend;
        if (-back < bottom && bottom < ahead) fall = (rate * bottom) / 2;
      }
      const here = heights[i]! + fall;
      if (here < least) least = here;
    }
    return least;
  }

  /**
   * With the bend A of a stretch in hand the way down is a parabola's: n.p - r h - A h2/2 for each corner. A bend holds
   * on every shorter stretch, so what comes out is proven; taken again for a stretch not much longer than that, A is
   * smaller and the way longer.
   */
  fall(at: Float64Array, t: number, n: Float64Array, to: number, sense: 1 | -1, most: number): number {
    let proven = 0;
    let stretch = most;
    for (let round = 0, shrunk = 0; round < ROUNDS && shrunk < MOST_SHRUNK; round += 1) {
      if (!this.bound(at, t, sense > 0 ? 0 : stretch, sense > 0 ? stretch : 0)) {
        stretch /= 4;
        shrunk += 1;
        round -= 1;
        continue;
      }
      const way = this.wayDown(at, n, to, sense);
      if (way === 0) return 0;
      if (way >= stretch) return stretch === most ? Infinity : stretch;
      const before = proven;
      proven = Math.max(proven, way);
      if (round > 0 && proven < 1.1 * before) break;
      stretch = Math.min(0.5 * stretch, 1.4 * way);
      if (stretch <= proven) break;
    }
    return proven;
  }

  /** How far until the first corner can be down at `to`, by the bend of the stretch that is bounded; 0 where one is now. */
  private wayDown(at: Float64Array, n: Float64Array, to: number, sense: 1 | -1): number {
    const { heights, rates, outs } = this.face(at, n);
    const shared = this.sharedBend(n);
    let way = Infinity;
    for (let i = 0; i < heights.length; i += 1) {
      const room = heights[i]! - to;
      if (!(room > 0)) return 0;
      const down = -sense * rates[i]!;
      const bend = shared + this.cornerBend(outs[i]!);
      // The smaller positive root of room - down h - bend h2 / 2, in the form that loses no digits; none, and it never falls so far.
      const root = Math.sqrt(down * down + 2 * bend * room);
      const here = down + root > 0 ? (2 * room) / (down + root) : Infinity;
      if (here < way) way = here;
    }
    return way;
  }

  separation(
    at: Float64Array,
    t: number,
    n: Float64Array,
    still: Float64Array,
    back: number,
    ahead: number,
    enough: number,
  ): number {
    const world = this.lowest(at, t, n, back, ahead) - farthest(still, n);
    if (world > enough) return world;
    const { sweep, corners, towards, own } = this.fromMover(t, n, still);
    const body = own + sweep.lowest(corners, t, towards, back, ahead);
    return world > body ? world : body;
  }

  reach(
    at: Float64Array,
    t: number,
    n: Float64Array,
    still: Float64Array,
    level: number,
    sense: 1 | -1,
    most: number,
  ): number {
    const world = this.fall(at, t, n, farthest(still, n) + level, sense, most);
    if (world === Infinity) return Infinity;
    const { sweep, corners, towards, own } = this.fromMover(t, n, still);
    const body = sweep.fall(corners, t, towards, level - own, sense, most);
    return world > body ? world : body;
  }

  /**
   * The same pair as the mover sees it: itself at rest, the least of n over its corners `own`, and the still corners going
   * the other way, which come nearer along -n.
   */
  private fromMover(t: number, n: Float64Array, still: Float64Array): Seen {
    const seen = (this.seen ??= {
      sweep: new ChainSweep(undone(this.motion), still),
      corners: new Float64Array(still.length),
      normal: new Float64Array(3),
      towards: new Float64Array(3),
      own: 0,
      travel: Number.NaN,
      of: undefined,
      along: new Float64Array(3),
    });
    if (seen.travel === t && seen.of === still && isSame(seen.along, n)) return seen;
    if (t !== this.pose.travel) this.stand(t, 1);
    if (seen.corners.length !== still.length) seen.corners = new Float64Array(still.length);
    this.pose.placeBack(still, seen.corners);
    this.pose.turnBack(n, seen.normal);
    for (let k = 0; k < 3; k += 1) seen.towards[k] = -seen.normal[k]!;
    seen.own = nearest(this.corners, seen.normal);
    seen.travel = t;
    seen.of = still;
    seen.along.set(n);
    seen.sweep.forget();
    return seen;
  }

  private stand(t: number, side: 1 | -1): void {
    if (!this.pose.stand(t, side)) return;
    this.boundBack = Number.NaN;
    this.forget();
  }

  /** What is kept of the corners is of others, or of where they stood. */
  private forget(): void {
    this.measured = false;
    this.faced = false;
  }

  /**
   * Bounds of every link over the stretch; false where a drive bounds nothing over so long a one: the links are then not to be
   * read, since what is unbounded times what does not move is no number.
   */
  private bound(at: Float64Array, t: number, back: number, ahead: number): boolean {
    this.stand(t, ahead > 0 ? 1 : -1);
    if (back !== this.boundBack || ahead !== this.boundAhead) {
      this.boundBack = back;
      this.boundAhead = ahead;
      this.boundSaid = this.boundLinks(t, back, ahead);
    }
    if (!this.measured) {
      this.measured = true;
      const { turns, parallel } = this.pose.chain;
      const last = turns[turns.length - 1];
      if (last) last.length = farthestFrom(at, last.point, last.axis, parallel);
    }
    return this.boundSaid;
  }

  private boundLinks(t: number, back: number, ahead: number): boolean {
    const { links, parallel } = this.pose.chain;
    const half = back > ahead ? back : ahead;
    this.half = half;
    let [x, y, z] = [0, 0, 0];
    let sum = 0;
    let spin = 0;
    let slid = 0;
    let carrier: Link | undefined;
    for (const link of links) {
      const { drive, whole } = link.stage;
      const { rate: most, bend } = drive.over(t - back, t + ahead);
      if (!(most + bend < Infinity)) return false;
      link.most = most;
      link.bend = bend;
      if (link.turn) {
        const { axis, rate } = link;
        // The axis itself is carried round by all before it, unless it runs the same way.
        spin += bend + (parallel ? 0 : most * sum);
        sum += most;
        if (whole && parallel) {
          const all = whole.over(t - back, t + ahead);
          spin = Math.min(spin, all.bend);
          sum = Math.min(sum, all.rate);
        }
        x += rate * axis[0]!;
        y += rate * axis[1]!;
        z += rate * axis[2]!;
        const now = Math.sqrt(x * x + y * y + z * z);
        link.top = Math.min(sum, now + half * spin);
        link.low = parallel ? Math.max(0, now - half * spin) : 0;
        link.spin = spin;
        link.stretch = 0;
        carrier = link;
      } else {
        link.top = carrier ? carrier.top : 0;
        slid += bend;
        if (carrier) carrier.stretch += most;
      }
    }
    return spin + slid < Infinity;
  }

  /** What is alike for every corner of the greatest -n.p'': that of all arms but the last, and of the slides. */
  private sharedBend(n: Float64Array): number {
    const { links, turns, parallel } = this.pose.chain;
    const k = turns[0]?.axis;
    this.across = k && parallel ? acrossOf(n, k) : 1;
    let bend = 0;
    for (let i = 0; i + 1 < turns.length; i += 1) {
      const turn = turns[i]!;
      bend += this.armBend(turn, outOf(turn.arm, n, turn.axis));
    }
    for (const { turn, top, most, bend: bends, axis: d } of links) {
      if (turn) continue;
      bend += 2 * top * most * this.across;
      if (bends > 0) {
        const along = Math.abs(n[0]! * d[0]! + n[1]! * d[1]! + n[2]! * d[2]!);
        bend += Math.min(1, along + top * this.half) * bends;
      }
    }
    return bend;
  }

  /** What a corner adds to it: that of the last arm, which ends there. */
  private cornerBend(out: number): number {
    const { turns } = this.pose.chain;
    const last = turns[turns.length - 1];
    return last ? this.armBend(last, out) : 0;
  }

  /** @param out  how far along the direction the arm is out from its axis now, mm */
  private armBend({ top, low, spin, length, stretch }: Link, out: number): number {
    const { across, half } = this;
    const reach = length + stretch * half;
    if (!this.pose.chain.parallel) return (spin + top * top) * reach;
    const most = Math.min(across * reach, out + half * (across * top * reach + stretch));
    return across * spin * reach + (most > 0 ? top * top : low * low) * most;
  }

  /** What hangs on the pose and the direction alone, corner by corner. */
  private face(at: Float64Array, n: Float64Array): Facing {
    const { facing } = this;
    if (this.faced && isSame(facing.n, n)) return facing;
    this.faced = true;
    facing.n.set(n);
    if (facing.heights.length !== at.length / 3) {
      facing.heights = new Float64Array(at.length / 3);
      facing.rates = new Float64Array(at.length / 3);
      facing.outs = new Float64Array(at.length / 3);
    }
    this.slopeAlong(n);
    const { turns } = this.pose.chain;
    const last = turns[turns.length - 1];
    const { heights, rates, outs } = facing;
    for (let i = 0, j = 0; i < heights.length; i += 1, j += 3) {
      const x = at[j]!;
      const y = at[j + 1]!;
      const z = at[j + 2]!;
      heights[i] = n[0]! * x + n[1]! * y + n[2]! * z;
      rates[i] = G[0]! * x + G[1]! * y + G[2]! * z + G[3]!;
      if (!last) continue;
      ARM[0] = x - last.point[0]!;
      ARM[1] = y - last.point[1]!;
      ARM[2] = z - last.point[2]!;
      outs[i] = outOf(ARM, n, last.axis);
    }
    return facing;
  }

  /**
   * How fast n.p grows, as a linear function of the corner: n.(k x (p - q)) is (n x k).(p - q), so that all joints add up to
   * one vector and one number, left in G.
   */
  private slopeAlong(n: Float64Array): void {
    let [x, y, z, rest] = [0, 0, 0, 0];
    for (const { turn, axis: k, point: q, rate: u } of this.pose.chain.links) {
      if (turn) {
        const cx = u * (n[1]! * k[2]! - n[2]! * k[1]!);
        const cy = u * (n[2]! * k[0]! - n[0]! * k[2]!);
        const cz = u * (n[0]! * k[1]! - n[1]! * k[0]!);
        x += cx;
        y += cy;
        z += cz;
        rest -= cx * q[0]! + cy * q[1]! + cz * q[2]!;
      } else rest += u * (n[0]! * k[0]! + n[1]! * k[1]! + n[2]! * k[2]!);
    }
    G[0] = x;
    G[1] = y;
    G[2] = z;
    G[3] = rest;
  }
}

/** The greatest distance of a corner from an axis, or from the point on it. */
function farthestFrom(at: Float64Array, q: Float64Array, k: Float64Array, fromAxis: boolean): number {
  let most = 0;
  for (let i = 0; i < at.length; i += 3) {
    const x = at[i]! - q[0]!;
    const y = at[i + 1]! - q[1]!;
    const z = at[i + 2]! - q[2]!;
    const along = fromAxis ? x * k[0]! + y * k[1]! + z * k[2]! : 0;
    const away = x * x + y * y + z * z - along * along;
    if (away > most) most = away;
  }
  return Math.sqrt(most);
}

/** n.s less what of it runs along the axis k: how far along n an arm s is out from the axis. */
function outOf(s: Float64Array, n: Float64Array, k: Float64Array): number {
  const along = n[0]! * k[0]! + n[1]! * k[1]! + n[2]! * k[2]!;
  const lift = s[0]! * k[0]! + s[1]! * k[1]! + s[2]! * k[2]!;
  return n[0]! * s[0]! + n[1]! * s[1]! + n[2]! * s[2]! - along * lift;
}

const isSame = (a: Float64Array, b: Float64Array): boolean => a[0] === b[0] && a[1] === b[1] && a[2] === b[2];
