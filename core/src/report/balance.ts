import { motionPose, moved } from '../motion/motion';
import { AT_EASE, type Conditions, type Force } from '../balance/force';
import { mostOver, leastOver, type Figure } from '../balance/bounds';
import { axisHolds, hingesHold, sizeOf } from '../balance/axisLoad';
import { speedOf } from '../balance/coordinate';
import { driveOf, drivesOf, handIn, standsOver, type Poised, type Stretch } from '../balance/poise';
import { slamOf } from '../balance/slam';
import { strokeLeft } from '../balance/strut';
import { letOff, type LetOff } from './letOff';
import { conditionsOf, weathersOf, type Weather } from './weathers';
import type { Balance, Bracket } from '../parts/contract/balance';
import { bowOf } from '../strength/bow';
import { appraisalOf } from '../parts/appraisals';
import { partBuilt, type BuiltPart } from '../plan/place';
import type { Plan } from '../plan/schema';

/** What a hand gives over a travel, at most, N; its bounds are proven. */
export interface HandForce {
  /** To lift it; less than 0 where it lifts itself. */
  readonly lift: { readonly most: number; readonly travel: number };
  /** To shut it, and to hold it back as it falls. */
  readonly push: { readonly most: number; readonly travel: number };
  readonly back: { readonly most: number; readonly travel: number };
}

/** How a mover is balanced under one weather, over the travel it can use. */
export interface Balanced {
  readonly weather: Weather;
  readonly hand: HandForce;
  /** Open as far as it goes it stays, may fall, or falls shut (or open, where it opens downward). */
  readonly open: Stretch['stand'];
  readonly stands: readonly Stretch[];
  /** Shut, it opens by itself with so much at its edge, N: the least and the most of it; 0 where it does not. */
  readonly opensWith: { readonly least: number; readonly most: number };
  /** What it lands with, J, let go where that is most, and how fast its edge then is, m/s. */
  readonly slam: { readonly joules: number; readonly from: number; readonly metresASecond: number };
}

/** A mover that is weighed against what helps it, with all that follows from how far it goes. */
export interface BalanceReport {
  readonly mover: string;
  readonly usable: number;
  readonly weathers: readonly Balanced[];
  /** What a hand gives where it stands so high, N: to lift it and to hold it back. */
  readonly heights: readonly {
    readonly words: string;
    readonly mm: number;
    readonly opening: number;
    readonly closing: number;
  }[];
  /** Where struts are too strong for a hand, what letting them off does; only where a hand then gives it with ease. */
  readonly letOff?: LetOff;
  /** Of each strut, what is left of its stroke, mm, and what it pushes with, shut and at most, N. */
  readonly struts: readonly {
    readonly words: string;
    readonly left: { readonly in: number; readonly out: number };
    readonly shut: number;
    readonly most: number;
    /** What the screws of one of its ends bear, N, and how far it bows the side it is fixed to, mm. */
    readonly bears: number;
    readonly bows: number;
  }[];
  /** Of springs at one place: how far they are drawn out, and may be, mm; what they pull with together at most, and the rest as of struts. */
  readonly springs: readonly {
    readonly words: string;
    readonly count: number;
    readonly drawn: number;
    readonly longest: number;
    readonly most: number;
    readonly bears: number;
    readonly bows: number;
  }[];
  /** What a hand gives at most with nothing to help it, N; only where that is less than with what helps it. */
  readonly unhelped?: number;
  /** What its hinges hold, N: the most, where, and what the worst place of them holds with, and whether they are lifted there. */
  readonly hinges?: {
    readonly most: number;
    readonly travel: number;
    readonly place: number;
    readonly lifted: boolean;
    readonly bears: number;
  };
}

/** Nmm, as a turn's energy comes out, in a joule. */
const MJ_A_J = 1e3;
/** As near as a hand's force is told, N, and a hinge's. */
const NEAR_N = 0.2;
/** What a hand does not feel, N. */
const SLIGHT_N = 0.5;
const kept = new WeakMap<BuiltPart, readonly Balance[]>();

/** How a part's movers are balanced, kept as long as the part stays the same; none of what has no weight to lift. */
export function balancesOf(plan: Plan, item: string): readonly Balance[] {
  const part = plan.parts.find(({ id }) => id === item);
  const built = part && partBuilt(plan, part);
  if (!built) return [];
  const before = kept.get(built);
  if (before) return before;
  const balances = appraisalOf(part).balances?.(built.laid, built.pieces) ?? [];
  kept.set(built, balances);
  return balances;
}

/** How a mover is balanced under one weather, over a travel that it can use. */
export const balancedIn = (balance: Balance, usable: number, weather: Weather): Balanced =>
  balancedUnder(balance, poisedOf(balance, usable), weather);

/** A balance over the travel it can use. */
export function poisedOf({ efforts, grip }: Balance, usable: number): Poised {
  const knots = grip.motion.knots.filter((knot) => knot > 0 && knot < usable);
  return {
    efforts,
    ends: [0, ...knots, usable],
    handle: speedOf(grip.motion, grip.point),
  };
}

/** How a mover is balanced over the travel that its check leaves it. */
export function balanceReport(plan: Plan, balance: Balance, usable: number): BalanceReport {
  const poised = poisedOf(balance, usable);
  const weathers = weathersOf(plan, balance);
  const balanced = weathers.map((weather) => balancedUnder(balance, poised, weather));
  const most = handMost(balanced[0]!);
  const heavy = most > balance.comfortable;
  const off = heavy && balance.struts.length > 0 ? letOff(poised, conditionsOf(weathers[0]!)) : undefined;
  return {
    mover: balance.mover,
    usable,
    weathers: balanced,
    heights: atHeights(balance, poised, conditionsOf(weathers[0]!)),
    ...(off && off.most <= balance.comfortable + SLIGHT_N && { letOff: off }),
    ...unhelpedIn(balance, poised, weathers[0]!, heavy ? most : 0),
    springs: balance.springs.map(({ keys, words, longest, length, force, bracket }) => {
      const pulls = keys.length * mostOf(force, poised);
      return {
        words,
        count: keys.length,
        drawn: length.over(0, usable).value.most,
        longest,
        most: pulls,
        bears: bracket.bears,
        bows: bowedBy(bracket, pulls),
      };
    }),
    struts: balance.struts.map(({ words, strut, length, force, bracket }) => {
      const lengths = length.over(0, usable).value;
      const at = { ...AT_EASE, sense: -1 as const, travel: 0 };
      const bound = mostOf(force, poised);
      return {
        words,
        left: strokeLeft(strut, lengths),
        shut: force.newtons(at).most,
        most: bound,
        bears: bracket.bears,
        bows: bowedBy(bracket, bound),
      };
    }),
    ...hingeLoad(balance, poised),
  };
}

const handMost = ({ hand: { lift, push, back } }: Pick<Balanced, 'hand'>): number =>
  Math.max(lift.most, push.most, back.most);

/** What helps may be on the wrong side: looked at only where a hand gives more than it does with ease. */
function unhelpedIn(
  balance: Balance,
  poised: Poised,
  usual: Weather,
  most: number,
): Pick<BalanceReport, 'unhelped'> {
  if (most === 0 || balance.helpers.length === 0) return {};
  const bare = handMost(balancedUnder(balance, poised, { ...usual, failed: balance.helpers }));
  return bare < most - NEAR_N ? { unhelped: bare } : {};
}

/** How far a push bows the side it is fixed to, mm. */
const bowedBy = ({ off, side }: Bracket, newtons: number): number => (side ? bowOf(side, off, newtons) : 0);

/** The most that a force is over a travel, as its mover goes back, N. */
function mostOf(force: Force, { ends }: Poised): number {
  const at = { ...AT_EASE, sense: -1 as const };
  const size: Figure = (from, to) => {
    const parts = force.partsOver(from, to, at);
    return { least: 0, most: Math.hypot(...parts.map(({ least, most }) => Math.max(-least, most))) };
  };
  return mostOver(size, ends, NEAR_N).bound;
}

/** What a hand gives where what it takes passes a height: it sinks as it opens, or does not come by there. */
function atHeights(
  { heights = [], grip }: Balance,
  { efforts, ends, handle }: Poised,
  conditions: Omit<Conditions, 'sense'>,
): BalanceReport['heights'] {
  const high = (travel: number) => moved(motionPose(grip.motion, travel), grip.point)[2];
  const usable = ends[ends.length - 1]!;
  const { lift, shut } = handIn(drivesOf(efforts, conditions), handle);
  return heights.flatMap(({ words, mm, z }) => {
    if (high(0) < z || high(usable) > z) return [];
    let [low, until] = [0, usable];
    while (until - low > FINEST_TURN) {
      const middle = (low + until) / 2;
      if (high(middle) > z) low = middle;
      else until = middle;
    }
    return [{ words, mm, opening: lift(low, until).most, closing: shut(low, until).most }];
  });
}
const FINEST_TURN = 1e-6;

function balancedUnder(balance: Balance, { efforts, ends, handle }: Poised, weather: Weather): Balanced {
  const drives = drivesOf(efforts, conditionsOf(weather));
  const { lift, shut } = handIn(drives, handle);
  const usable = ends[ends.length - 1]!;
  // Its parts are looked at once: nothing is gained by remembering them.
  const slam = slamOf(driveOf(efforts, { ...conditionsOf(weather), sense: -1 }), ends);
  const [up, push, back] = [
    mostOver(lift, ends, NEAR_N),
    mostOver(shut, ends, NEAR_N),
    leastOver(shut, ends, NEAR_N),
  ];
  const taken = balance.closer && balance.closer.from <= usable ? balance.closer.takes : 0;
  const joules = Math.max(0, slam.energy - taken) / MJ_A_J;
  return {
    weather,
    hand: {
      lift: { most: up.bound, travel: up.travel },
      push: { most: push.bound, travel: push.travel },
      back: { most: Math.max(0, -back.bound), travel: back.travel },
    },
    open: balance.locks ? 'stays' : standsOver(drives, [usable, usable])[0]!.stand,
    stands: standsOver(drives, ends),
    opensWith: opensWith(lift(ends[0]!, ends[0]!)),
    slam: {
      joules,
      from: slam.from,
      metresASecond:
        Math.sqrt((2 * joules) / Math.max(1e-9, balance.inertia / MM2_A_M2)) * (balance.reach / 1000),
    },
  };
}
const MM2_A_M2 = 1e6;

/** A hand that would have to hold it back, shut, is what a catch holds. */
const opensWith = ({ least, most }: { readonly least: number; readonly most: number }) => ({
  least: Math.max(0, -most),
  most: Math.max(0, -least),
});

/** The most its hinges hold, as a hand lifts it or lowers it, and how that is shared among their places. */
function hingeLoad(balance: Balance, poised: Poised): Pick<BalanceReport, 'hinges'> {
  const { hinges, forces, grip } = balance;
  if (!hinges) return {};
  const looked = ([1, -1] as const).map((sense) => {
    const conditions = { ...AT_EASE, sense };
    const holds = axisHolds(poised, forces, grip, conditions);
    return { sense, holds, most: mostOver(sizeOf(holds), poised.ends, 1) };
  });
  const worst = looked.reduce((a, b) => (b.most.bound > a.most.bound ? b : a));
  const { travel } = worst.most;
  const shares = hingesHold(poised, forces, grip, hinges.at, { ...AT_EASE, sense: worst.sense, travel });
  const total = Math.hypot(...worst.holds(travel, travel).map(({ least, most }) => (least + most) / 2));
  const place = Math.max(...(shares ?? []).map(({ most }) => most));
  const up = worst.holds(travel, travel)[2];
  return {
    hinges: {
      most: worst.most.bound,
      travel,
      // As much more as the bound is over what it comes to there.
      place: total > 0 && shares ? (place * worst.most.bound) / total : worst.most.bound,
      lifted: up.most < 0,
      bears: hinges.screws * hinges.pull,
    },
  };
}
