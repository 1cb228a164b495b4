import type { Point3 } from '../solid/prism';
import type { Drive } from './drive';
import { ratio } from './drive';
import type { Motion, Stage } from './motion';

/** A stretch of a track in its plane: straight on for a length, or round a bend of a radius by an angle (left positive). */
export type TrackStretch =
  | { readonly kind: 'line'; readonly length: number }
  | { readonly kind: 'arc'; readonly radius: number; readonly angle: number };

/**
 * A track placed in the space: it starts at `start` along `along`, and turns left about `axis`. Stretches join without
 * a corner. A carriage has two followers on it, `spacing` apart, the front one at `front` along the track as built.
 */
export interface PlacedTrack {
  readonly start: Point3;
  readonly along: Point3;
  readonly axis: Point3;
  readonly stretches: readonly TrackStretch[];
  readonly front: number;
  readonly spacing: number;
}

/** A stretch with where it begins: arc length, point in the plane, and tangent angle, which never jumps. */
interface Laid {
  readonly kind: 'line' | 'arc';
  readonly from: number;
  readonly to: number;
  readonly x: number;
  readonly y: number;
  readonly heading: number;
  /** Signed curvature, 1/mm: left positive, 0 on a line. */
  readonly curve: number;
  readonly cos: number;
  readonly sin: number;
  /** How far the rear follower is behind the front one along it while both are on it; NaN where no chord is so short. */
  readonly behind: number;
}

/** Both followers and the chord between them, with the front one at `s`. */
interface Stand {
  readonly s: number;
  readonly rear: number;
  readonly chord: number;
  /** The track's directions at the followers, from the chord. */
  readonly df: number;
  readonly dr: number;
  readonly front: Laid;
  readonly rearOn: Laid;
}

/** How many stands a carriage remembers: what bounds a stretch asks for its ends and middle over and over. */
const REMEMBERED = 8;

/** A chord this far off a follower's own direction, as a cosine, jams: the rear follower would have to jump. */
const JAM = 0.05;
const UNKNOWN = { rate: Infinity, bend: Infinity };
/** How far the rear follower's angle may wander over a stretch before its bounds are given up, radians. */
const WANDER = 0.25;

/**
 * A carriage that follows a track with two followers: a section of an overhead door, a tambour slat.
 *
 * The front follower's place is known; the rear one is where a circle of the spacing about it meets the track behind.
 * Of the chord's angle psi: psi' = sin(df - dr) / (L cos dr), with df and dr the track's directions at the followers
 * from the chord, and dr' = curve r' - psi', r' = cos df / cos dr. Derived from both followers' speeds along and across.
 */
export class Carriage {
  private readonly laid: readonly Laid[];
  readonly length: number;

  constructor(
    stretches: readonly TrackStretch[],
    private readonly spacing: number,
  ) {
    if (!(spacing > 0)) throw new Error('The followers of a carriage must be apart.');
    const laid: Laid[] = [];
    let [from, x, y, heading] = [0, 0, 0, 0];
    for (const stretch of stretches) {
      const length = stretch.kind === 'line' ? stretch.length : stretch.radius * Math.abs(stretch.angle);
      if (!(length > 0 && length < Infinity)) throw new Error('A stretch of a track has no length.');
      const curve = stretch.kind === 'line' ? 0 : Math.sign(stretch.angle) / stretch.radius;
      const here: Laid = {
        kind: stretch.kind,
        from,
        to: from + length,
        x,
        y,
        heading,
        curve,
        cos: Math.cos(heading),
        sin: Math.sin(heading),
        behind: curve === 0 ? spacing : (2 / Math.abs(curve)) * Math.asin((spacing * Math.abs(curve)) / 2),
      };
      laid.push(here);
      [x, y] = pointOn(here, length);
      heading += curve * length;
      from += length;
    }
    this.laid = laid;
    this.length = from;
  }

  /** The stretch under a place along the track; the later one at a joint. */
  stretchAt(s: number): Laid {
    const found = this.laid.find(({ to }) => s < to) ?? this.laid[this.laid.length - 1];
    if (!found || s < -1e-9 || s > this.length + 1e-9) throw new Error(`The track ends before ${s} mm.`);
    return found;
  }

  point(s: number): readonly [number, number] {
    const stretch = this.stretchAt(s);
    return pointOn(stretch, s - stretch.from);
  }

  heading(s: number): number {
    const stretch = this.stretchAt(s);
    return stretch.heading + stretch.curve * (s - stretch.from);
  }

  /** Where the rear follower is when the front one is at `s`, along the track. Throws where the track is too short behind. */
  rear(s: number): number {
    return this.stand(s).rear;
  }

  /** Angle of the chord from rear to front, continuous along the track. */
  chord(s: number): number {
    return this.stand(s).chord;
  }

  private readonly stands: Stand[] = [];
  private next = 0;

  private stand(s: number): Stand {
    for (const known of this.stands) if (known.s === s) return known;
    const found = this.standAt(s);
    this.stands[this.next] = found;
    this.next = (this.next + 1) % REMEMBERED;
    return found;
  }

  private standAt(s: number): Stand {
    const front = this.stretchAt(s);
    if (s - front.behind >= front.from) {
      // Both on one line or bend: the chord makes half of the bend's turn between them with either end.
      const half = (front.curve * front.behind) / 2;
      const chord = front.heading + front.curve * (s - front.from) - half;
      return { s, rear: s - front.behind, chord, df: half, dr: -half, front, rearOn: front };
    }
    const [fx, fy] = pointOn(front, s - front.from);
    for (let i = this.laid.indexOf(front); i >= 0; i -= 1) {
      const rearOn = this.laid[i]!;
      if (rearOn.from >= s) continue;
      const along = behindOn(rearOn, fx, fy, this.spacing);
      if (along === undefined) continue;
      if (!(along >= -1e-9 && rearOn.from + along <= Math.min(rearOn.to, s) + 1e-9)) continue;
      const [rx, ry] = pointOn(rearOn, along);
      const heading = front.heading + front.curve * (s - front.from);
      const df = -wrapped(Math.atan2(fy - ry, fx - rx) - heading);
      const chord = heading - df;
      const dr = wrapped(rearOn.heading + rearOn.curve * along - chord);
      return { s, rear: rearOn.from + along, chord, df, dr, front, rearOn };
    }
    throw new Error(`The rear follower finds no place on the track with the front one at ${s} mm.`);
  }

  chordRate(s: number): number {
    const { df, dr } = this.stand(s);
    return Math.sin(df - dr) / (this.spacing * Math.cos(dr));
  }

  /**
   * Bounds on the first and second derivative of the chord's angle over front places [from, to], on which neither
   * follower passes a joint. They hold while the rear direction stays within `WANDER` of its middle value; that
   * it does is shown by the same bound on its own rate, since it moves continuously.
   */
  chordOver(from: number, to: number): { rate: number; bend: number } {
    const { front, rearOn } = this.stand((from + to) / 2);
    if (front === rearOn) return { rate: Math.abs(front.curve), bend: 0 };
    const bounds = this.turnOver(from, to);
    if (!bounds) return UNKNOWN;
    const { rate, half, turn, frontTurn, rearTurn, sine, cosLeast } = bounds;
    const bend = ((frontTurn + rearTurn) * cosLeast + sine * rearTurn) / (this.spacing * cosLeast * cosLeast);
    return { rate: Math.min(turn, Math.abs(rate) + bend * half), bend };
  }

  /** How far the rear follower goes for a mm of the front one, r' = cos df / cos dr. */
  rearRate(s: number): number {
    const { df, dr } = this.stand(s);
    return Math.cos(df) / Math.cos(dr);
  }

  /** Bounds on the first and second derivative of the rear follower's place, as `chordOver` gives them of the chord. */
  rearOver(from: number, to: number): { rate: number; bend: number } {
    const { front, rearOn } = this.stand((from + to) / 2);
    if (front === rearOn) return { rate: 1, bend: 0 };
    const bounds = this.turnOver(from, to);
    if (!bounds) return UNKNOWN;
    const { half, frontTurn, rearTurn, cosLeast } = bounds;
    // r'' = (-sin df df' cos dr + cos df sin dr dr') / cos^2 dr, each sine and cosine at most 1.
    const bend = (frontTurn + rearTurn) / (cosLeast * cosLeast);
    return { rate: Math.min(1 / cosLeast, this.rearRate((from + to) / 2) + bend * half), bend };
  }

  /** What both bounds rest on: undefined where nothing can be said over so long a stretch. */
  private turnOver(from: number, to: number) {
    const half = (to - from) / 2;
    const { df, dr, front, rearOn } = this.stand((from + to) / 2);
    const cosLeast = Math.cos(Math.min(Math.PI / 2, Math.abs(dr) + WANDER));
    if (cosLeast < JAM) return undefined;
    const [curveF, curveR] = [Math.abs(front.curve), Math.abs(rearOn.curve)];
    const rate = Math.sin(df - dr) / (this.spacing * Math.cos(dr));
    const most = 1 / (this.spacing * cosLeast);
    const frontDrift = (curveF + most) * half;
    const rearRate = curveR / cosLeast + most;
    if (rearRate * half > WANDER) return undefined;
    // |sin(df - dr)| over the stretch, from its middle value and the drift of both directions.
    const sine = Math.min(1, Math.abs(Math.sin(df - dr)) + frontDrift + rearRate * half);
    const turn = Math.min(most, sine / (this.spacing * cosLeast));
    return { half, rate, sine, turn, cosLeast, frontTurn: curveF + turn, rearTurn: curveR / cosLeast + turn };
  }

  /** Front places in (from, to) at which a follower passes a joint of the track. */
  joints(from: number, to: number): number[] {
    const ends = this.laid.slice(1).map((stretch) => stretch.from);
    const rearPasses = ends.map((end) => this.frontWhenRearAt(end, from, to)).filter((s) => s !== undefined);
    const all = [...ends, ...rearPasses].filter((s) => s > from + 1e-9 && s < to - 1e-9);
    return [...new Set(all)].sort((a, b) => a - b);
  }

  /** The rear follower's place rises with the front's, so halving finds where it passes a joint. */
  private frontWhenRearAt(end: number, from: number, to: number): number | undefined {
    if (!(this.rear(from) < end && this.rear(to) > end)) return undefined;
    let [low, high] = [from, to];
    for (let i = 0; i < 80; i += 1) {
      const middle = (low + high) / 2;
      if (this.rear(middle) < end) low = middle;
      else high = middle;
    }
    return (low + high) / 2;
  }
}

function pointOn({ x, y, heading, cos, sin, curve }: Laid, along: number): [number, number] {
  if (curve === 0) return [x + along * cos, y + along * sin];
  const end = heading + curve * along;
  return [x + (Math.sin(end) - sin) / curve, y - (Math.cos(end) - cos) / curve];
}

/** How far along a stretch (or its continuation) the point behind (fx, fy) at a distance is; undefined where none. */
function behindOn(stretch: Laid, fx: number, fy: number, distance: number): number | undefined {
  const { x, y, cos, sin, curve } = stretch;
  if (curve === 0) {
    const along = (fx - x) * cos + (fy - y) * sin;
    const aside = (fy - y) * cos - (fx - x) * sin;
    const back = distance * distance - aside * aside;
    return back >= 0 ? along - Math.sqrt(back) : undefined;
  }
  const radius = 1 / Math.abs(curve);
  const side = Math.sign(curve);
  const [cx, cy] = [x - sin / curve, y + cos / curve];
  const out = Math.hypot(fx - cx, fy - cy);
  const cosine = (radius * radius + out * out - distance * distance) / (2 * radius * out);
  if (!(Math.abs(cosine) <= 1)) return undefined;
  const front = side * wrapped(Math.atan2(fy - cy, fx - cx) - Math.atan2(y - cy, x - cx));
  return radius * (front - Math.acos(cosine));
}

const wrapped = (angle: number): number => angle - 2 * Math.PI * Math.round(angle / (2 * Math.PI));

/**
 * The motion of a placed carriage, travel being how far the front follower has gone from as built, mm.
 *
 * @param to  the end of the travel: throws where the track is too short, or a follower jams, before it
 */
export function trackMotion(placed: PlacedTrack, to: number): Motion {
  const { start, along, axis, front, spacing } = placed;
  const carriage = new Carriage(placed.stretches, spacing);
  if (front + to > carriage.length + 1e-9)
    throw new Error(`The track ends ${(front + to - carriage.length).toFixed(1)} mm before the travel does.`);
  carriage.rear(front);
  const left: Point3 = [
    axis[1] * along[2] - axis[2] * along[1],
    axis[2] * along[0] - axis[0] * along[2],
    axis[0] * along[1] - axis[1] * along[0],
  ];
  const inSpace = ([x, y]: readonly [number, number]): Point3 => [
    start[0] + x * along[0] + y * left[0],
    start[1] + x * along[1] + y * left[1],
    start[2] + x * along[2] + y * left[2],
  ];
  const built = inSpace(carriage.point(front));
  const builtChord = carriage.chord(front);
  const knots = carriage.joints(front, front + to).map((s) => s - front);
  const ends = [0, ...knots, to];
  const chains = ends.slice(1).map((end, i) => stagesOf((ends[i]! + end) / 2));

  /** On one stretch: the front follower goes along or round it, the body turns about it as the chord does. */
  function stagesOf(middle: number): Stage[] {
    const stretch = carriage.stretchAt(front + middle);
    const offset = stretch.from - front; // travel at which the front follower enters the stretch
    const entry = inSpace([stretch.x, stretch.y]);
    const shift: Point3 = [entry[0] - built[0], entry[1] - built[1], entry[2] - built[2]];
    const size = Math.hypot(...shift);
    const carry: Stage[] =
      size > 0
        ? [
            {
              joint: { kind: 'slide', direction: [shift[0] / size, shift[1] / size, shift[2] / size] },
              drive: ratio(0, size),
            },
          ]
        : [];
    const about = (point: Point3) => ({ kind: 'turn', point, axis }) as const;
    const chordDrive = (minus: number): Drive => ({
      key: `chord ${minus}`,
      value: (travel) => carriage.chord(front + travel) - builtChord - minus * (travel - offset),
      rate: (travel) => carriage.chordRate(front + travel) - minus,
      over: (from, until) => {
        const { rate, bend } = carriage.chordOver(front + from, front + until);
        // Together on one bend the chord turns with it, on one line not at all.
        if (bend === 0) return { rate: Math.abs(stretch.curve - minus), bend };
        // What is left of its turning is what it has in the middle, within its own bend.
        const left =
          Math.abs(carriage.chordRate(front + (from + until) / 2) - minus) + (bend * (until - from)) / 2;
        return { rate: Math.min(rate + Math.abs(minus), left), bend };
      },
    });
    if (stretch.curve === 0) {
      const [c, s] = [Math.cos(stretch.heading), Math.sin(stretch.heading)];
      const direction: Point3 = [
        c * along[0] + s * left[0],
        c * along[1] + s * left[1],
        c * along[2] + s * left[2],
      ];
      return [
        { joint: { kind: 'slide', direction }, drive: ratio(1, -offset) },
        ...carry,
        { joint: about(built), drive: chordDrive(0) },
      ];
    }
    const { x, y, heading, curve } = stretch;
    const centre = inSpace([x - Math.sin(heading) / curve, y + Math.cos(heading) / curve]);
    return [
      { joint: about(centre), drive: ratio(curve, -curve * offset) },
      ...carry,
      { joint: about(built), drive: chordDrive(curve) },
    ];
  }

  return {
    key: `track ${JSON.stringify(placed)} ${to}`,
    knots,
    stagesAt: (travel, side = 1) => {
      let i = 0;
      while (i + 1 < chains.length && (side > 0 ? travel >= ends[i + 1]! : travel > ends[i + 1]!)) i += 1;
      return chains[i]!;
    },
  };
}
