import { headingOn, laidTrack, placeAtDistance, pointOn, type Laid, type TrackStretch } from './trackPath';

/** Both followers and the chord between them, with the front one at `s`. */
interface Stand {
  readonly s: number;
  readonly rear: number;
  readonly chord: number;
  /** The track's directions at the followers, from the chord. */
  readonly df: number;
  readonly dr: number;
  readonly leg: Leg;
}

/** A part of the way on which both followers keep to their stretches: front places [from, to]. */
interface Leg {
  readonly from: number;
  readonly to: number;
  readonly front: Laid;
  readonly rear: Laid;
  /** Which of the two places on the rear one's stretch that are the spacing away. */
  readonly side: 1 | -1;
}

/** How many stands a carriage remembers: what bounds a stretch asks for its ends and middle over and over. */
const REMEMBERED = 8;

/** A place this far beyond the end of a stretch is still on it, mm. */
const ON = 1e-9;
/** From one leg to the next the rear follower may not jump by more than this, mm; near a jam rounding is magnified. */
const JUMP = 1e-5;
/** A chord this far off the rear follower's own direction jams, radians: it would have to jump. */
const JAM = Math.acos(0.05);
/** How far the rear follower's angle may wander over a stretch before its bounds are given up, radians. */
const WANDER = 0.25;
/** A stretch this short, mm, that still cannot be bounded is a jam. */
const SHORTEST = 1e-6;
const UNKNOWN = { rate: Infinity, bend: Infinity };

/**
 * A carriage that follows a track with two followers: a section of an overhead door, a tambour slat.
 *
 * The front follower's place is known; the rear one is on a circle of the spacing about it. Which of all such places is
 * told by where it came from: as built it is the nearest behind, and from there it moves without a jump. Where it goes from
 * one stretch to another the front one is the spacing away from the joint, which is solved for each joint and stretch.
 *
 * Of the chord's angle psi: psi' = sin(df - dr) / (L cos dr), with df and dr the track's directions at the followers
 * from the chord, and dr' = curve r' - psi', r' = cos df / cos dr. Derived from both followers' speeds along and across.
 */
export class Carriage {
  private readonly laid: readonly Laid[];
  private readonly legs: readonly Leg[];
  readonly length: number;
  /** Front places within the way at which a follower passes a joint of the track, rising, mm. */
  readonly joints: readonly number[];

  /**
   * @param spacing  of the followers, mm
   * @param built    the front follower's place along the track as built, mm
   * @param back, ahead  how far it goes from there, mm: 0 or less, 0 or more
   * @throws where the track ends before the way does, or the rear follower finds no place or jams on it
   */
  constructor(
    stretches: readonly TrackStretch[],
    private readonly spacing: number,
    built: number,
    back: number,
    ahead: number,
  ) {
    if (!(spacing > 0)) throw new Error('The followers of a carriage must be apart.');
    this.laid = laidTrack(stretches);
    this.length = this.laid[this.laid.length - 1]!.to;
    const [from, to] = [built + back, built + ahead];
    if (!(to <= this.length + ON))
      throw new Error(`The track ends ${(to - this.length).toFixed(1)} mm before the travel does.`);
    if (!(from >= -ON)) throw new Error(`The travel begins ${(-from).toFixed(1)} mm before the track does.`);
    this.joints = this.jointsWithin(from, to);
    this.legs = this.legsAlong([from, ...this.joints, to], built);
    for (const leg of this.legs) this.provenFree(leg, leg.from, leg.to);
  }

  point(s: number): readonly [number, number] {
    const stretch = this.stretchAt(s);
    return pointOn(stretch, s - stretch.from);
  }

  /** The stretch under a place along the track; the later one at a joint. */
  stretchAt(s: number): Laid {
    return this.laid.find(({ to }) => s < to) ?? this.laid[this.laid.length - 1]!;
  }

  /** Where the rear follower is along the track when the front one is at `s`. */
  rear(s: number): number {
    return this.stand(s).rear;
  }

  /** Angle of the chord from rear to front, continuous along the track. */
  chord(s: number): number {
    return this.stand(s).chord;
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
    const { leg } = this.stand((from + to) / 2);
    if (leg.front === leg.rear) return { rate: Math.abs(leg.front.curve), bend: 0 };
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
    const { leg } = this.stand((from + to) / 2);
    if (leg.front === leg.rear) return { rate: 1, bend: 0 };
    const bounds = this.turnOver(from, to);
    if (!bounds) return UNKNOWN;
    const { half, frontTurn, rearTurn, cosLeast } = bounds;
    // r'' = (-sin df df' cos dr + cos df sin dr dr') / cos^2 dr, each sine and cosine at most 1.
    const bend = (frontTurn + rearTurn) / (cosLeast * cosLeast);
    return { rate: Math.min(1 / cosLeast, Math.abs(this.rearRate((from + to) / 2)) + bend * half), bend };
  }

  /** What both bounds rest on: undefined where nothing can be said over so long a stretch. */
  private turnOver(from: number, to: number) {
    const half = (to - from) / 2;
    const { df, dr, leg } = this.stand((from + to) / 2);
    // The nearer to a jam, the less it may wander.
    const wander = Math.min(WANDER, (JAM - Math.abs(dr)) / 2);
    if (!(wander > 0)) return undefined;
    const cosLeast = Math.cos(Math.abs(dr) + wander);
    const [curveF, curveR] = [Math.abs(leg.front.curve), Math.abs(leg.rear.curve)];
    const rate = Math.sin(df - dr) / (this.spacing * Math.cos(dr));
    const most = 1 / (this.spacing * cosLeast);
    const frontDrift = (curveF + most) * half;
    const rearRate = curveR / cosLeast + most;
    if (rearRate * half > wander) return undefined;
    // |sin(df - dr)| over the stretch, from its middle value and the drift of both directions.
    const sine = Math.min(1, Math.abs(Math.sin(df - dr)) + frontDrift + rearRate * half);
    const turn = Math.min(most, sine / (this.spacing * cosLeast));
    return { half, rate, sine, turn, cosLeast, frontTurn: curveF + turn, rearTurn: curveR / cosLeast + turn };
  }

  /** Every part of the way is bounded by itself, if it is short enough: then nothing jams on it. */
  private provenFree(leg: Leg, from: number, to: number): void {
    const free =
      leg.front === leg.rear
        ? Math.abs(this.stand((from + to) / 2).dr) < JAM
        : this.turnOver(from, to) !== undefined;
    if (free) return;
    if (to - from < SHORTEST)
      throw new Error(`The carriage jams on the track with its front follower at ${from.toFixed(1)} mm.`);
    this.provenFree(leg, from, (from + to) / 2);
    this.provenFree(leg, (from + to) / 2, to);
  }

  private readonly stands: Stand[] = [];
  private next = 0;

  private stand(s: number): Stand {
    for (const known of this.stands) if (known.s === s) return known;
    const leg = this.legs.find(({ to }) => s < to) ?? this.legs[this.legs.length - 1]!;
    const found = this.standOn(leg, s);
    this.stands[this.next] = found;
    this.next = (this.next + 1) % REMEMBERED;
    return found;
  }

  private standOn(leg: Leg, s: number): Stand {
    const { front, rear: on } = leg;
    if (front === on) {
      // Both on one line or bend: the chord makes half of the bend's turn between them with either end.
      const half = Math.asin((front.curve * this.spacing) / 2);
      const behind = front.curve === 0 ? this.spacing : (2 * half) / front.curve;
      return {
        s,
        rear: s - behind,
        chord: headingOn(front, s - front.from) - half,
        df: half,
        dr: -half,
        leg,
      };
    }
    const [fx, fy] = pointOn(front, s - front.from);
    const along = placeAtDistance(on, [fx, fy], this.spacing, leg.side);
    if (along === undefined) throw lost(s);
    const [rx, ry] = pointOn(on, along);
    const heading = headingOn(on, along);
    const dr = -wrapped(Math.atan2(fy - ry, fx - rx) - heading);
    const chord = heading - dr;
    return { s, rear: on.from + along, chord, df: headingOn(front, s - front.from) - chord, dr, leg };
  }

  /** Front places in (from, to) at which the front follower passes a joint, or may be the spacing away from one. */
  private jointsWithin(from: number, to: number): number[] {
    const ends = this.laid.slice(1).map((stretch) => stretch.from);
    const away = this.laid.flatMap((joint) =>
      this.laid.flatMap((stretch) =>
        ([-1, 1] as const).flatMap((side) => {
          const along = placeAtDistance(stretch, [joint.x, joint.y], this.spacing, side);
          const on = along !== undefined && along > -ON && along < stretch.to - stretch.from + ON;
          return on && stretch.from + along > joint.from ? [stretch.from + along] : [];
        }),
      ),
    );
    const all = [...ends, ...away].filter((s) => s > from + ON && s < to - ON).sort((a, b) => a - b);
    return all.filter((s, i) => i === 0 || s - all[i - 1]! > ON);
  }

  /** The parts of the way between its joints, followed in both senses from where the carriage is built. */
  private legsAlong(ends: readonly number[], built: number): Leg[] {
    const parts = ends.slice(1).map((to, i) => [ends[i]!, to] as const);
    const last = parts.length - 1;
    const first = built < parts[last]![1] ? parts.findIndex(([, to]) => built < to) : last;
    const legs: Leg[] = [];
    let rear = this.nearestBehind(built);
    for (let i = first; i < parts.length; i += 1) {
      const [from, to] = parts[i]!;
      legs[i] = this.legAfter(Math.max(from, built), from, to, rear);
      rear = this.standOn(legs[i]!, to).rear;
    }
    rear = this.nearestBehind(built);
    for (let i = built > parts[first]![0] ? first : first - 1; i >= 0; i -= 1) {
      const [from, to] = parts[i]!;
      legs[i] = this.legAfter(Math.min(to, built), from, to, rear);
      rear = this.standOn(legs[i]!, from).rear;
    }
    return legs;
  }

  /** As built: the nearest place behind the front follower that is the spacing away. */
  private nearestBehind(s: number): number {
    const [x, y] = this.point(s);
    for (const on of [...this.laid].reverse()) {
      const places = ([1, -1] as const)
        .map((side) => placeAtDistance(on, [x, y], this.spacing, side))
        .filter((along) => along !== undefined && along > -ON && along < on.to - on.from + ON)
        .map((along) => on.from + along!)
        .filter((place) => place < s);
      if (places.length > 0) return Math.max(...places);
    }
    throw lost(s);
  }

  /** The leg over front places [from, to] whose rear follower is at `rear` with the front one at `s`, at one of its ends. */
  private legAfter(s: number, from: number, to: number, rear: number): Leg {
    const middle = (from + to) / 2;
    const front = this.stretchAt(middle);
    let best: Leg | undefined;
    let least = JUMP;
    for (const on of this.laid) {
      if (on.from >= front.to) continue;
      for (const side of [-1, 1] as const) {
        const leg: Leg = { from, to, front, rear: on, side };
        const [here, there] = [s, middle].map((place) =>
          placeAtDistance(on, pointOn(front, place - front.from), this.spacing, side),
        );
        if (here === undefined || there === undefined) continue;
        if (!(there > -ON && there < on.to - on.from + ON) || on.from + there >= middle) continue;
        const jump = Math.abs(on.from + here - rear);
        if (jump < least) [best, least] = [leg, jump];
      }
    }
    if (!best) throw lost(s);
    return best;
  }
}

const lost = (s: number) =>
  new Error(`The rear follower finds no place on the track with the front one at ${s.toFixed(1)} mm.`);

const wrapped = (angle: number): number => angle - 2 * Math.PI * Math.round(angle / (2 * Math.PI));
