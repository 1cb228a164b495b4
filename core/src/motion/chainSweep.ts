import { farthest, nearest } from './along';
import type { Motion, Stage } from './motion';
import { undone } from './relative';
import type { Sweep } from './sweep';

/**
 * A stage with its axis as built and as it stands at a pose, and bounds over the stretch asked last. What a turn carries
 * on to the next turn, or to the corners, is its arm; slides in between make the arm longer.
 */
interface Link {
  readonly stage: Stage;
  readonly turn: boolean;
  readonly builtPoint: Float64Array;
  readonly builtAxis: Float64Array;
  readonly point: Float64Array;
  readonly axis: Float64Array;
  rate: number;
  /** Greatest first and second derivative of its drive. */
  most: number;
  bend: number;
  /** Greatest and least angular velocity of what it carries, against the space, and the greatest change of it. */
  top: number;
  low: number;
  spin: number;
  /** The arm to the next turn, its length across the axis, and how fast slides along it lengthen it. */
  readonly arm: Float64Array;
  length: number;
  stretch: number;
}

interface Chain {
  readonly links: readonly Link[];
  readonly turns: readonly Link[];
  /** Every turn's axis runs the same way, so that turns add up with their signs. */
  readonly parallel: boolean;
}

function chainOf(stages: readonly Stage[]): Chain {
  const links = stages.map(linkOf);
  const turns = links.filter(({ turn }) => turn);
  const parallel = turns.every(({ builtAxis }) => acrossOf(builtAxis, turns[0]!.builtAxis) < PARALLEL);
  return { links, turns, parallel };
}

function linkOf(stage: Stage): Link {
  const { joint } = stage;
  const turn = joint.kind === 'turn';
  return {
    stage,
    turn,
    builtPoint: Float64Array.from(turn ? joint.point : [0, 0, 0]),
    builtAxis: Float64Array.from(turn ? joint.axis : joint.direction),
    point: new Float64Array(3),
    axis: new Float64Array(3),
    rate: 0,
    most: 0,
    bend: 0,
    top: 0,
    low: 0,
    spin: 0,
    arm: new Float64Array(3),
    length: 0,
    stretch: 0,
  };
}

/** Axes nearer to parallel than this are taken as parallel: over 20 m it makes less than the rounding that is allowed for. */
const PARALLEL = 1e-14;
/** Times a longer way down is sought. */
const ROUNDS = 4;
/** Times a stretch is shortened because a drive bounds nothing over so long a one. */
const MOST_SHRUNK = 24;

// The pose reached along the chain so far, and one turn of it: scratch, this module is never re-entered.
const R = new Float64Array(9);
const S = new Float64Array(3);
const Q = new Float64Array(9);
const P = new Float64Array(9);
const ARM = new Float64Array(3);
/** The slope of n.p as a function of the corner: a vector and a number, see `slopeAlong`. */
const G = new Float64Array(4);

/** What `fromMover` answers: scratch. */
interface Seen {
  seen: ChainSweep;
  corners: Float64Array;
  readonly towards: Float64Array;
  own: number;
}
const TURNED = new Float64Array(3);
const TOWARDS = new Float64Array(3);
let OTHERS = new Float64Array(24);
const SEEN = { corners: OTHERS, towards: TOWARDS, own: 0 } as Seen;

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
 */
export class ChainSweep implements Sweep {
  private readonly chainOf = new Map<readonly Stage[], Chain>();
  private chain: Chain = { links: [], turns: [], parallel: true };
  private stood = Number.NaN;
  private side: 1 | -1 = 1;
  private half = 0;
  /** |n x k| of the direction asked last. */
  private across = 1;
  /** The stretch whose bounds the links hold, and what `bound` said of it. */
  private boundBack = Number.NaN;
  private boundAhead = Number.NaN;
  private boundSaid = false;

  /** The pose at `stood`: rotation, rows first, and shift. */
  private readonly rotation = new Float64Array(9);
  private readonly shift = new Float64Array(3);
  /** The space as the mover sees it, moving the other way; made when first wanted. */
  private seen: ChainSweep | undefined;

  constructor(
    private readonly motion: Motion,
    private readonly corners: Float64Array,
  ) {}

  place(t: number, out: Float64Array): void {
    this.stand(t, 1);
    for (let i = 0; i < out.length; i += 3) {
      const x = this.corners[i]!;
      const y = this.corners[i + 1]!;
      const z = this.corners[i + 2]!;
      out[i] = R[0]! * x + R[1]! * y + R[2]! * z + S[0]!;
      out[i + 1] = R[3]! * x + R[4]! * y + R[5]! * z + S[1]!;
      out[i + 2] = R[6]! * x + R[7]! * y + R[8]! * z + S[2]!;
    }
  }

  speedOver(at: Float64Array, t: number, back: number, ahead: number): number {
    if (!this.bound(at, t, back, ahead)) return Infinity;
    let speed = 0;
    for (const { turn, top, length, stretch, most } of this.chain.links)
      speed += turn ? top * (length + stretch * this.half) : most;
    return speed;
  }

  lowest(at: Float64Array, t: number, n: Float64Array, back: number, ahead: number): number {
    if (!this.bound(at, t, back, ahead)) return -Infinity;
    const shared = this.sharedBend(n);
    this.slopeAlong(n);
    let least = Infinity;
    for (let i = 0; i < at.length; i += 3) {
      const rate = G[0]! * at[i]! + G[1]! * at[i + 1]! + G[2]! * at[i + 2]! + G[3]!;
      const bend = shared + this.cornerBend(n, at[i]!, at[i + 1]!, at[i + 2]!);
      const before = -rate * back - (bend * back * back) / 2;
      const beyond = rate * ahead - (bend * ahead * ahead) / 2;
      let fall = before < beyond ? before : beyond;
      if (bend < 0) {
        const bottom = rate / bend;
        if (-back < bottom && bottom < ahead) fall = (rate * bottom) / 2;
      }
      const here = n[0]! * at[i]! + n[1]! * at[i + 1]! + n[2]! * at[i + 2]! + fall;
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
      const shared = this.sharedBend(n);
      this.slopeAlong(n);
      let way = Infinity;
      for (let i = 0; i < at.length; i += 3) {
        const room = n[0]! * at[i]! + n[1]! * at[i + 1]! + n[2]! * at[i + 2]! - to;
        if (!(room > 0)) return 0;
        const down = -sense * (G[0]! * at[i]! + G[1]! * at[i + 1]! + G[2]! * at[i + 2]! + G[3]!);
        const bend = shared + this.cornerBend(n, at[i]!, at[i + 1]!, at[i + 2]!);
        // The smaller positive root of room - down h - bend h2 / 2, in the form that loses no digits; none, and it never falls so far.
        const root = Math.sqrt(down * down + 2 * bend * room);
        const here = down + root > 0 ? (2 * room) / (down + root) : Infinity;
        if (here < way) way = here;
      }
      if (way >= stretch) return stretch === most ? Infinity : stretch;
      const before = proven;
      proven = Math.max(proven, way);
      if (round > 0 && proven < 1.1 * before) break;
      stretch = Math.min(0.5 * stretch, 1.4 * way);
      if (stretch <= proven) break;
    }
    return proven;
  }

  separation(
    at: Float64Array,
    t: number,
    n: Float64Array,
    still: Float64Array,
    back: number,
    ahead: number,
  ): number {
    const world = this.lowest(at, t, n, back, ahead) - farthest(still, n);
    const { seen, corners, towards, own } = this.fromMover(t, n, still);
    const body = own + seen.lowest(corners, t, towards, back, ahead);
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
    const { seen, corners, towards, own } = this.fromMover(t, n, still);
    const body = seen.fall(corners, t, towards, level - own, sense, most);
    return world > body ? world : body;
  }

  /**
   * The same pair as the mover sees it: itself at rest, the least of n over its corners `own`, and the still corners going
   * the other way, which come nearer along -n.
   */
  private fromMover(t: number, n: Float64Array, still: Float64Array): Seen {
    if (t !== this.stood) this.stand(t, this.side);
    const { rotation: r, shift } = this;
    const seen = (this.seen ??= new ChainSweep(undone(this.motion), still));
    if (OTHERS.length !== still.length) OTHERS = new Float64Array(still.length);
    for (let i = 0; i < still.length; i += 3) {
      const x = still[i]! - shift[0]!;
      const y = still[i + 1]! - shift[1]!;
      const z = still[i + 2]! - shift[2]!;
      for (let k = 0; k < 3; k += 1) OTHERS[i + k] = r[k]! * x + r[3 + k]! * y + r[6 + k]! * z;
    }
    for (let k = 0; k < 3; k += 1) {
      TURNED[k] = r[k]! * n[0]! + r[3 + k]! * n[1]! + r[6 + k]! * n[2]!;
      TOWARDS[k] = -TURNED[k]!;
    }
    SEEN.seen = seen;
    SEEN.corners = OTHERS;
    SEEN.own = nearest(this.corners, TURNED);
    return SEEN;
  }

  /** Walk along the chain to travel t: each joint's axis as earlier joints carry it, and in R, S the pose at its end. */
  private stand(t: number, side: 1 | -1): void {
    const stages = this.motion.stagesAt(t, side);
    let chain = this.chainOf.get(stages);
    if (!chain) this.chainOf.set(stages, (chain = chainOf(stages)));
    this.chain = chain;
    this.stood = t;
    this.side = side;
    this.boundBack = Number.NaN;
    R.fill(0);
    R[0] = R[4] = R[8] = 1;
    S.fill(0);
    for (const link of chain.links) {
      turned(R, link.builtAxis, link.axis);
      turned(R, link.builtPoint, link.point);
      for (let axis = 0; axis < 3; axis += 1) link.point[axis]! += S[axis]!;
      link.rate = link.stage.drive.rate(t, side);
      const value = link.stage.drive.value(t);
      if (link.turn) turnBy(link, value);
      else for (let axis = 0; axis < 3; axis += 1) S[axis]! += value * link.axis[axis]!;
    }
    this.rotation.set(R);
    this.shift.set(S);
    const { turns, parallel } = chain;
    for (let i = 0; i + 1 < turns.length; i += 1) {
      const { point, axis, arm } = turns[i]!;
      for (let k = 0; k < 3; k += 1) arm[k] = turns[i + 1]!.point[k]! - point[k]!;
      turns[i]!.length = parallel ? acrossOf(arm, axis) : Math.hypot(arm[0]!, arm[1]!, arm[2]!);
    }
  }

  /**
   * Bounds of every link over the stretch; false where a drive bounds nothing over so long a one: the links are then not to be
   * read, since what is unbounded times what does not move is no number.
   */
  private bound(at: Float64Array, t: number, back: number, ahead: number): boolean {
    const side = ahead > 0 ? 1 : -1;
    if (t !== this.stood || side !== this.side) this.stand(t, side);
    if (back !== this.boundBack || ahead !== this.boundAhead) {
      this.boundBack = back;
      this.boundAhead = ahead;
      this.boundSaid = this.boundLinks(t, back, ahead);
    }
    const { turns, parallel } = this.chain;
    const last = turns[turns.length - 1];
    if (last) last.length = farthestFrom(at, last.point, last.axis, parallel);
    return this.boundSaid;
  }

  private boundLinks(t: number, back: number, ahead: number): boolean {
    const { links, parallel } = this.chain;
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
    const { links, turns, parallel } = this.chain;
    const k = turns[0]?.axis;
    this.across = k && parallel ? acrossOf(n, k) : 1;
    let bend = 0;
    for (let i = 0; i + 1 < turns.length; i += 1) bend += this.armBend(turns[i]!, n, turns[i]!.arm);
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
  private cornerBend(n: Float64Array, x: number, y: number, z: number): number {
    const { turns } = this.chain;
    const last = turns[turns.length - 1];
    if (!last) return 0;
    ARM[0] = x - last.point[0]!;
    ARM[1] = y - last.point[1]!;
    ARM[2] = z - last.point[2]!;
    return this.armBend(last, n, ARM);
  }

  private armBend(
    { top, low, spin, length, stretch, axis: k }: Link,
    n: Float64Array,
    s: Float64Array,
  ): number {
    const { across, half } = this;
    const reach = length + stretch * half;
    if (!this.chain.parallel) return (spin + top * top) * reach;
    const along = n[0]! * k[0]! + n[1]! * k[1]! + n[2]! * k[2]!;
    const lift = s[0]! * k[0]! + s[1]! * k[1]! + s[2]! * k[2]!;
    const here = n[0]! * s[0]! + n[1]! * s[1]! + n[2]! * s[2]! - along * lift;
    const most = Math.min(across * reach, here + half * (across * top * reach + stretch));
    return across * spin * reach + (most > 0 ? top * top : low * low) * most;
  }

  /**
   * How fast n.p grows, as a linear function of the corner: n.(k x (p - q)) is (n x k).(p - q), so that all joints add up to
   * one vector and one number, left in G.
   */
  private slopeAlong(n: Float64Array): void {
    let [x, y, z, rest] = [0, 0, 0, 0];
    for (const { turn, axis: k, point: q, rate: u } of this.chain.links) {
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

function turned(r: Float64Array, v: Float64Array, out: Float64Array): void {
  for (let i = 0; i < 3; i += 1) out[i] = r[3 * i]! * v[0]! + r[3 * i + 1]! * v[1]! + r[3 * i + 2]! * v[2]!;
}

/** Follow the chain over a turn: R becomes R Q and S takes what turning about the link's point shifts. */
function turnBy({ builtAxis: k, builtPoint: q }: Link, angle: number): void {
  const c = Math.cos(angle);
  const s = Math.sin(angle);
  const d = 1 - c;
  const kx = k[0]!;
  const ky = k[1]!;
  const kz = k[2]!;
  Q[0] = c + kx * kx * d;
  Q[1] = kx * ky * d - kz * s;
  Q[2] = kx * kz * d + ky * s;
  Q[3] = ky * kx * d + kz * s;
  Q[4] = c + ky * ky * d;
  Q[5] = ky * kz * d - kx * s;
  Q[6] = kz * kx * d - ky * s;
  Q[7] = kz * ky * d + kx * s;
  Q[8] = c + kz * kz * d;
  const fx = q[0]! - (Q[0]! * q[0]! + Q[1]! * q[1]! + Q[2]! * q[2]!);
  const fy = q[1]! - (Q[3]! * q[0]! + Q[4]! * q[1]! + Q[5]! * q[2]!);
  const fz = q[2]! - (Q[6]! * q[0]! + Q[7]! * q[1]! + Q[8]! * q[2]!);
  for (let i = 0; i < 3; i += 1) {
    const a = R[3 * i]!;
    const b = R[3 * i + 1]!;
    const e = R[3 * i + 2]!;
    S[i]! += a * fx + b * fy + e * fz;
    P[3 * i] = a * Q[0]! + b * Q[3]! + e * Q[6]!;
    P[3 * i + 1] = a * Q[1]! + b * Q[4]! + e * Q[7]!;
    P[3 * i + 2] = a * Q[2]! + b * Q[5]! + e * Q[8]!;
  }
  R.set(P);
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

/** |n x k|: for two unit vectors the sine between them, else the length of n across k. */
function acrossOf(n: Float64Array, k: Float64Array): number {
  const x = n[1]! * k[2]! - n[2]! * k[1]!;
  const y = n[2]! * k[0]! - n[0]! * k[2]!;
  const z = n[0]! * k[1]! - n[1]! * k[0]!;
  return Math.sqrt(x * x + y * y + z * z);
}
