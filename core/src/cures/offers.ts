import type { Progress, SceneChecker } from '../clearance/checkScene';
import type { MoverCheck } from '../clearance/checkMover';
import type { Change } from '../item/change';
import type { Amount, Choice, Lever } from '../item/lever';
import { lengthMark, sayLengths } from '../length/lengthMark';
import { buildScene } from '../plan/buildScene';
import { applyEdit, withChanges } from '../plan/edit';
import { planIssues } from '../plan/readPlan';
import type { Plan } from '../plan/schema';
import { GRAIN, leastChange, type Trial } from './leastChange';
import { atGrain, GRAINS, roundFigures, SIXTEENTH } from './roundFigures';
import { leversFor, type ItemLever } from './leversOf';
import { defectsOf, worsened, type Defect } from './defects';

/** How far a search has come nobody is told. */
const LOOKING: Progress = { done: 0, of: 1 };

/** One way to mend a finding: the least change of one lever that the whole check agrees with. */
export interface Offer {
  readonly key: string;
  /** The item it changes. */
  readonly item: string;
  /** As it reads after "so next,": "stop it at 84°". */
  readonly words: string;
  /** After "it costs". */
  readonly cost: string;
  readonly changes: readonly Change[];
  /** The least change that mends, before it was made a round figure, in the lever's unit; undefined of a choice. */
  readonly least: number | undefined;
  /** It is proven that nothing less of this lever mends. */
  readonly proven: boolean;
  /** Keys of all findings that are gone with it. */
  readonly mends: readonly string[];
  /** For ranking only: what it costs, less for all else that it mends. */
  readonly rank: number;
}

/** All that is offered for a finding, the best first; where nothing is, what comes nearest, as a sentence. */
export interface Offers {
  readonly of: string;
  readonly item: string | undefined;
  readonly offers: readonly Offer[];
  /** Every lever was tried; else the cheapest alone, until there was enough. */
  readonly whole: boolean;
  readonly nearest: string | undefined;
}

/** A finding more that goes with it is worth so much of what it costs. */
const WORTH_EACH = 4;

/** A plan whose check is known, and all that is not clear in it: what offers are looked for from. */
export class Bench {
  private readonly byKey: ReadonlyMap<string, Defect>;
  /** What came of changes already tried. */
  private readonly tried = new Map<string, readonly Defect[] | undefined>();

  private constructor(
    readonly plan: Plan,
    readonly defects: readonly Defect[],
    private readonly checker: SceneChecker,
  ) {
    this.byKey = new Map(this.defects.map((one) => [one.key, one]));
  }

  /** @param checker  one that checked this very plan last */
  static *over(plan: Plan, checks: readonly MoverCheck[], checker: SceneChecker): Generator<Progress, Bench> {
    return new Bench(plan, yield* defectsOf(plan, buildScene(plan), checks), checker);
  }

  /** All that would not be clear after some changes; undefined where so it cannot be built. */
  private *after(changes: readonly Change[]): Generator<Progress, readonly Defect[] | undefined> {
    const name = JSON.stringify(changes.map(({ path, after }) => [path, after]));
    if (this.tried.has(name)) return this.tried.get(name);
    const plan = withChanges(this.plan, changes);
    let found: readonly Defect[] | undefined;
    // To read a large plan, to build its scene and to tell what is wrong take as long as a slice of the worker each: an edit that comes
    // meanwhile waits for one of them, not for all.
    yield LOOKING;
    if (planIssues(plan).length === 0) {
      yield LOOKING;
      const scene = buildScene(plan);
      yield LOOKING;
      const { movers } = yield* this.checker.trialSteps(scene);
      yield LOOKING;
      found = yield* defectsOf(plan, scene, movers);
    }
    this.tried.set(name, found);
    return found;
  }

  /** What comes of changes for one finding. */
  *attempt(defect: Defect, changes: readonly Change[]): Generator<Progress, Attempt> {
    const found = yield* this.after(changes);
    if (!found) return { mends: false, short: undefined, left: undefined };
    const left = found.find(({ key }) => key === defect.key);
    const worse = worsened(this.byKey, found);
    const shorts = [
      ...(left ? [left.short] : []),
      ...worse.map(({ key, short }) => short && short - (this.byKey.get(key)?.short ?? 0)),
    ];
    return {
      mends: !left && worse.length === 0,
      short: shorts.includes(undefined) ? undefined : Math.max(0, ...shorts.map((short) => short!)),
      left: left ? left.short : 0,
    };
  }

  /**
   * The least change of each lever that mends a finding, tried through the whole check. What was tried for one finding is known for
   * the next.
   *
   * @param key     of a finding of the plan; of one that is clear, or of another plan, nothing is offered
   * @param enough  so many offers will do: the levers that cost least are tried first
   */
  *offersFor(key: string, enough = Infinity): Generator<Progress, Offers> {
    const defect = this.byKey.get(key);
    if (!defect) return { of: key, item: undefined, offers: [], whole: true, nearest: undefined };
    const offers: Offer[] = [];
    const nearest = new Nearest();
    const levers = leversFor(this.plan, defect).sort((a, b) => a.lever.cost.once - b.lever.cost.once);
    for (const lever of levers) {
      if (offers.length >= enough) break;
      const offer =
        lever.lever.kind === 'choice'
          ? yield* this.choice(defect, lever, lever.lever, nearest)
          : yield* this.amount(defect, lever, lever.lever, nearest);
      if (offer) offers.push(offer);
    }
    return {
      of: key,
      item: defect.item,
      offers: offers.sort((a, b) => a.rank - b.rank),
      whole: offers.length < enough,
      nearest: offers.length > 0 ? undefined : sayLengths(nearest.sentence(levers.length), this.plan.units),
    };
  }

  private *choice(
    defect: Defect,
    { item, inPlan }: ItemLever,
    lever: Choice,
    nearest: Nearest,
  ): Generator<Progress, Offer | undefined> {
    const changes = inPlan(lever.changes);
    const attempt = yield* this.attempt(defect, changes);
    nearest.see(attempt, lever.words);
    if (!attempt.mends) return undefined;
    return yield* this.offer(item, lever, changes, lever.words, lever.cost.once, { proven: true });
  }

  private *amount(
    defect: Defect,
    { item, inPlan }: ItemLever,
    lever: Amount,
    nearest: Nearest,
  ): Generator<Progress, Offer | undefined> {
    const attempt = (value: number) => this.attempt(defect, inPlan(lever.set(value)));
    const watched = function* (value: number) {
      const come = yield* attempt(value);
      nearest.see(come, lever.words(atGrain(value, 1, senseOf(lever), GRAIN)));
      return come;
    };
    const least = yield* leastChange(lever, { mends: false, short: defect.short }, watched);
    if (!least) return undefined;
    let value = least.value;
    for (const round of this.roundFigures(lever, least.value)) {
      if ((round - lever.to) * (lever.to - lever.from) > 1e-9) continue;
      if (!(yield* attempt(round)).mends) continue;
      value = round;
      break;
    }
    const dear = lever.cost.once + lever.cost.perUnit * Math.abs(value - lever.from);
    const changes = inPlan(lever.set(value));
    return yield* this.offer(item, lever, changes, lever.words(value), dear, {
      least: least.value,
      proven: least.proven,
    });
  }

  /** Where a travel ends is known to a hair alone: a stop keeps off it by more. */
  private roundFigures(lever: Amount, value: number): number[] {
    const sense = senseOf(lever);
    if (lever.unit === 'degrees')
      return GRAINS.map((grain) => atGrain(value + sense * HAIR_DEGREES, grain, sense, 0));
    const inInches = this.plan.units.system === 'in';
    return roundFigures(value, sense, GRAIN, inInches ? [SIXTEENTH, SIXTEENTH / 2, 0.1] : GRAINS);
  }

  private *offer(
    item: string,
    { key, cost }: Lever,
    changes: readonly Change[],
    words: string,
    dear: number,
    found: { readonly least?: number; readonly proven: boolean },
  ): Generator<Progress, Offer | undefined> {
    // What was tried without its shapes being read is read before it is offered.
    if (!applyEdit(this.plan, { name: 'try', changes: [...changes] }).ok) return undefined;
    const left = new Set((yield* this.after(changes))!.map((one) => one.key));
    const mends = this.defects.filter((one) => !left.has(one.key)).map((one) => one.key);
    return {
      key: `${item}|${key}`,
      item,
      words: sayLengths(words, this.plan.units),
      cost: sayLengths(cost.words, this.plan.units),
      changes,
      least: found.least,
      proven: found.proven,
      mends,
      rank: dear - WORTH_EACH * (mends.length - 1),
    };
  }
}

/** What comes of changes for one finding, and how much of it itself is left, mm: 0 where it is gone and something else is worse. */
interface Attempt extends Trial {
  readonly left: number | undefined;
}

/** Of all that was tried and did not mend, what came nearest. */
class Nearest {
  private best: { readonly left: number; readonly words: string } | undefined;

  see({ mends, left }: Attempt, words: string): void {
    if (!mends && left !== undefined && left < (this.best?.left ?? Infinity)) this.best = { left, words };
  }

  /** @param levers  how many there were to try */
  sentence(levers: number): string {
    if (levers === 0) return 'Nothing that can be set here mends it: see to it as it says.';
    if (!this.best) return 'No one change mends it.';
    const { left, words } = this.best;
    return left === 0
      ? `No one change mends it by itself: nearest comes to ${words}, but then something else is in the way.`
      : `No one change mends it: nearest comes to ${words}, which leaves ${lengthMark(left)} too little.`;
  }
}

/** What a bracketed travel may be off by, degrees. */
const HAIR_DEGREES = 0.02;

/** Which way a lever goes. */
const senseOf = ({ from, to }: Amount): 1 | -1 => (to > from ? 1 : -1);
