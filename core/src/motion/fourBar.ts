import type { Point3 } from '../solid/prism';
import type { Drive } from './drive';
import { ratio } from './drive';
import { chain, type Motion } from './motion';
import { squareTo } from './squareTo';

/** Link lengths, mm: crank on the first ground pivot, coupler, rocker on the second ground pivot, ground between them. */
export interface Links {
  readonly crank: number;
  readonly coupler: number;
  readonly rocker: number;
  readonly ground: number;
}

/** Open: the coupler's far pivot lies left of the line from crank end to the second ground pivot; crossed: right of it. */
export type Assembly = 'open' | 'crossed';

/** Bounds over a stretch on the rates of coupler and rocker and on their second derivatives, and the rates half-way along it. */
export interface LinkageBounds {
  readonly middle: { readonly coupler: number; readonly rocker: number };
  readonly coupler: { readonly rate: number; readonly bend: number };
  readonly rocker: { readonly rate: number; readonly bend: number };
}
const UNBOUNDED: LinkageBounds = {
  middle: { coupler: 0, rocker: 0 },
  coupler: { rate: Infinity, bend: Infinity },
  rocker: { rate: Infinity, bend: Infinity },
};

/** Nearer than this to a dead point, as the sine of the transmission angle, a linkage cannot be driven. */
const DEAD = 1e-3;

/**
 * The angles of a four-bar linkage over its crank's, all in radians from the line of the ground pivots, continuous
 * over any stretch on which the linkage closes.
 *
 * @source loop closure solved by the triangle of coupler, rocker and diagonal; rates after Norton, Design of
 * Machinery (from memory): w3 = w2 a sin(t4 - t2) / (b sin(t3 - t4)), w4 = w2 a sin(t2 - t3) / (c sin(t4 - t3))
 */
export class FourBar {
  constructor(
    readonly links: Links,
    readonly assembly: Assembly,
  ) {
    for (const [name, length] of Object.entries(links)) {
      if (!(length > 0 && length < Infinity))
        throw new Error(`The ${name} of a linkage must be longer than 0.`);
    }
  }

  /** Whether the crank can go full circle with the shortest link: Grashof's condition. */
  get grashof(): boolean {
    const [shortest, p, q, longest] = Object.values(this.links).sort((a, b) => a - b) as [
      number,
      number,
      number,
      number,
    ];
    return shortest + longest <= p + q;
  }

  // A sweep asks value, rate and bounds of the same places, of each joint: the last of each is kept.
  private anglesAt = Number.NaN;
  private lastAngles = { coupler: 0, rocker: 0 };
  private ratesAt = Number.NaN;
  private lastRates = { coupler: 0, rocker: 0 };
  private overFrom = Number.NaN;
  private overTo = Number.NaN;
  private lastOver: LinkageBounds = UNBOUNDED;

  /** Coupler and rocker angle at a crank angle. Throws where the linkage does not close there. */
  angles(crank: number): { readonly coupler: number; readonly rocker: number } {
    if (crank === this.anglesAt) return this.lastAngles;
    this.lastAngles = this.anglesOf(crank);
    this.anglesAt = crank;
    return this.lastAngles;
  }

  private anglesOf(crank: number): { coupler: number; rocker: number } {
    const { crank: a, coupler: b, rocker: c, ground: d } = this.links;
    const f2 = this.diagonal2(crank);
    const f = Math.sqrt(f2);
    const cosB = (b * b + f2 - c * c) / (2 * b * f);
    const cosC = (c * c + f2 - b * b) / (2 * c * f);
    if (!(Math.abs(cosB) <= 1 && Math.abs(cosC) <= 1))
      throw new Error(`The linkage does not close at a crank angle of ${crank} rad.`);
    const side = this.assembly === 'open' ? 1 : -1;
    // The diagonal's direction, without a jump: about the ground's where that is longer, else about the crank's, turned.
    const x = d - a * Math.cos(crank);
    const y = -a * Math.sin(crank);
    const diagonal =
      a < d
        ? Math.atan2(y, x)
        : crank + Math.PI + Math.atan2((d / a) * Math.sin(crank), 1 - (d / a) * Math.cos(crank));
    return {
      coupler: diagonal + side * Math.acos(cosB),
      rocker: diagonal + Math.PI - side * Math.acos(cosC),
    };
  }

  /** Rates of coupler and rocker to the crank's. */
  rates(crank: number): { readonly coupler: number; readonly rocker: number } {
    if (crank === this.ratesAt) return this.lastRates;
    const { crank: a, coupler: b, rocker: c } = this.links;
    const { coupler, rocker } = this.angles(crank);
    this.lastRates = {
      coupler: (a * Math.sin(rocker - crank)) / (b * Math.sin(coupler - rocker)),
      rocker: (a * Math.sin(crank - coupler)) / (c * Math.sin(rocker - coupler)),
    };
    this.ratesAt = crank;
    return this.lastRates;
  }

  /**
   * Bounds over crank angles [from, to] on the rates of coupler and rocker, and on their second derivatives.
   * The sine of the transmission angle is bounded exactly, from the shortest and longest diagonal on the stretch; the
   * second derivatives from the loop closure differentiated twice, taken along rocker or coupler.
   */
  over(from: number, to: number): LinkageBounds {
    if (from === this.overFrom && to === this.overTo) return this.lastOver;
    this.lastOver = this.boundsOver(from, to);
    [this.overFrom, this.overTo] = [from, to];
    return this.lastOver;
  }

  private boundsOver(from: number, to: number): LinkageBounds {
    const { crank: a, coupler: b, rocker: c } = this.links;
    const sine = this.leastSine(from, to);
    if (!(sine > 0)) return UNBOUNDED;
    const w3 = a / (b * sine);
    const w4 = a / (c * sine);
    const bend3 = (a + b * w3 * w3 + c * w4 * w4) / (b * sine);
    const bend4 = (a + b * w3 * w3 + c * w4 * w4) / (c * sine);
    const half = (to - from) / 2;
    const middle = this.rates((from + to) / 2);
    return {
      middle,
      coupler: { rate: Math.min(w3, Math.abs(middle.coupler) + bend3 * half), bend: bend3 },
      rocker: { rate: Math.min(w4, Math.abs(middle.rocker) + bend4 * half), bend: bend4 },
    };
  }

  /**
   * The first crank angle, from `from` towards `to`, at which the linkage cannot close or locks at a dead point;
   * undefined where it runs freely all the way.
   */
  closesUntil(from: number, to: number): number | undefined {
    const { crank: a, coupler: b, rocker: c, ground: d } = this.links;
    if (!this.closesAt(from)) return from;
    // Dead points are where the diagonal is |b - c| or b + c, less the margin in which it cannot be driven.
    const cosine = Math.sqrt(1 - DEAD * DEAD);
    const stops = [1, -1]
      .map((sign) => (a * a + d * d - (b * b + c * c - 2 * b * c * sign * cosine)) / (2 * a * d))
      .filter((cos) => Math.abs(cos) <= 1)
      .flatMap((cos) => [Math.acos(cos), -Math.acos(cos)]);
    const sense = Math.sign(to - from);
    const ahead = stops
      .map((stop) => {
        const turns = (sense * (stop - from)) / (2 * Math.PI);
        return (turns - Math.floor(turns)) * 2 * Math.PI;
      })
      .filter((turn) => turn > 0);
    const first = Math.min(...ahead, Infinity);
    return first < Math.abs(to - from) ? from + sense * first : undefined;
  }

  private closesAt(crank: number): boolean {
    return this.sineAt(this.diagonal2(crank)) > DEAD;
  }

  private diagonal2(crank: number): number {
    const { crank: a, ground: d } = this.links;
    return a * a + d * d - 2 * a * d * Math.cos(crank);
  }

  /** Sine of the angle between coupler and rocker for a squared diagonal; 0 where they cannot meet. */
  private sineAt(diagonal2: number): number {
    const { coupler: b, rocker: c } = this.links;
    const cosine = (b * b + c * c - diagonal2) / (2 * b * c);
    return Math.abs(cosine) < 1 ? Math.sqrt(1 - cosine * cosine) : 0;
  }

  /** Least sine of the transmission angle over a stretch: it falls towards both ends of the diagonal's range. */
  private leastSine(from: number, to: number): number {
    const { crank: a, ground: d } = this.links;
    const ends = [this.diagonal2(from), this.diagonal2(to)];
    const holds = (angle: number) =>
      Math.floor((to - angle) / (2 * Math.PI)) !== Math.floor((from - angle) / (2 * Math.PI));
    if (holds(0)) ends.push((a - d) ** 2);
    if (holds(Math.PI)) ends.push((a + d) ** 2);
    return Math.min(this.sineAt(Math.min(...ends)), this.sineAt(Math.max(...ends)));
  }
}

/** A linkage placed in the space: its plane's normal, both ground pivots, and the crank's angle as built, radians. */
export interface PlacedFourBar {
  readonly axis: Point3;
  readonly first: Point3;
  readonly second: Point3;
  readonly crank: number;
  readonly coupler: number;
  readonly rocker: number;
  readonly assembly: Assembly;
  readonly start: number;
}

/** Bounds and values of one of a four-bar's angles as a drive, from as built, less the crank's own turn where it is carried by it. */
function angleDrive(bar: FourBar, which: 'coupler' | 'rocker', start: number, onCrank: boolean): Drive {
  const minus = onCrank ? 1 : 0;
  const zero = bar.angles(start)[which] - minus * start;
  const crank = (travel: number) => start + travel;
  return {
    key: `four-bar ${which} ${JSON.stringify(bar.links)} ${bar.assembly} ${start} ${minus}`,
    value: (travel) => bar.angles(crank(travel))[which] - minus * crank(travel) - zero,
    rate: (travel) => bar.rates(crank(travel))[which] - minus,
    over: (from, to) => {
      const { rate, bend } = bar.over(crank(from), crank(to))[which];
      return { rate: rate + minus, bend };
    },
  };
}

/**
 * The motions of a placed linkage's crank, coupler and rocker, travel being the crank's turn from as built.
 *
 * @param from, to  the travel, radians, right-handed about the axis: throws where the linkage cannot close all the way
 * between there and as built, and says where it stops; or where the axis is not square to the ground pivots
 */
export function fourBarMotions(
  placed: PlacedFourBar,
  from: number,
  to: number,
): { crank: Motion; coupler: Motion; rocker: Motion } {
  const { first, second, start, assembly } = placed;
  const across: Point3 = [second[0] - first[0], second[1] - first[1], second[2] - first[2]];
  const ground = Math.hypot(...across);
  const bar = new FourBar(
    { crank: placed.crank, coupler: placed.coupler, rocker: placed.rocker, ground },
    assembly,
  );
  for (const end of [Math.min(from, 0), Math.max(to, 0)]) {
    const stop = bar.closesUntil(start, start + end);
    if (stop === undefined) continue;
    const degrees = (Math.abs(stop - start) * 180) / Math.PI;
    throw new Error(
      degrees === 0
        ? 'The linkage cannot be put together: its links do not reach as built.'
        : `The linkage cannot close beyond ${degrees.toFixed(1)} degrees of its crank's travel.`,
    );
  }
  const x: Point3 = [across[0] / ground, across[1] / ground, across[2] / ground];
  const axis = squareTo(
    placed.axis,
    x,
    'The axis of a linkage must be square to the line of its ground pivots.',
  );
  const y: Point3 = [
    axis[1] * x[2] - axis[2] * x[1],
    axis[2] * x[0] - axis[0] * x[2],
    axis[0] * x[1] - axis[1] * x[0],
  ];
  const [c, s] = [placed.crank * Math.cos(start), placed.crank * Math.sin(start)];
  const crankEnd: Point3 = [
    first[0] + c * x[0] + s * y[0],
    first[1] + c * x[1] + s * y[1],
    first[2] + c * x[2] + s * y[2],
  ];
  const turn = (point: Point3) => ({ kind: 'turn', point, axis }) as const;
  const onCrank = { joint: turn(first), drive: ratio(1) };
  return {
    crank: chain([onCrank]),
    coupler: chain([onCrank, { joint: turn(crankEnd), drive: angleDrive(bar, 'coupler', start, true) }]),
    rocker: chain([{ joint: turn(second), drive: angleDrive(bar, 'rocker', start, false) }]),
  };
}
