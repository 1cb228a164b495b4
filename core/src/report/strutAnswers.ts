import { AT_EASE } from '../balance/force';
import { leastOver, mostOver } from '../balance/bounds';
import { handOf } from '../balance/poise';
import {
  placeStruts,
  type Candidate,
  type Placement,
  type PlacerTask,
  type StrutWants,
} from '../balance/placer';
import type { SceneChecker, Progress } from '../clearance/checkScene';
import { uncapitalised } from '../item/capitals';
import type { Change } from '../item/change';
import { forceMark, sayLengths } from '../length/lengthMark';
import { appraisalOf } from '../parts/appraisals';
import { gasStrutOf } from '../parts/kit/turning/help';
import type { Balance } from '../parts/contract/balance';
import type { Placing } from '../parts/contract/placing';
import { buildScene } from '../plan/buildScene';
import { withChanges } from '../plan/edit';
import { partBuilt, planHardware } from '../plan/place';
import { planIssues } from '../plan/readPlan';
import type { Plan } from '../plan/schema';
import { balanceReport, balancesOf, poisedOf, type BalanceReport } from './balance';
import { handCurve, type HandCurve } from './handCurve';

/** Struts of one kind at their best places, as they would be fitted. */
export interface StrutAnswer {
  readonly key: string;
  /** "Two of gas strut 385 mm, 100 N". */
  readonly words: string;
  readonly own: boolean;
  readonly changes: readonly Change[];
  /** From the axis along the leaf and the case, and in from the leaf's inner face, mm. */
  readonly onLeaf: readonly [number, number];
  readonly onCase: readonly [number, number];
  /** What a hand gives at most, proven, N; and whether it does all that was wanted, the screws of its brackets among it. */
  readonly hand: number;
  readonly does: boolean;
  readonly balance: BalanceReport;
  readonly curve: HandCurve;
}

/** The best of each of up to five kinds, the best first; where none does all that was wanted, what comes nearest, as a sentence. */
export interface StrutAnswers {
  readonly part: string;
  readonly answers: readonly StrutAnswer[];
  readonly nearest: string | undefined;
  /** So many struts, and so many pairs of places of each, were tried. */
  readonly tried: { readonly struts: number; readonly places: number };
}

const MOST_ANSWERS = 5;
/** The grid both ends are tried on, mm; coarser by as much where more pairs of places than these would come of it, as of a bed. */
const STEP = 5;
const MOST_PAIRS = 6e5;
/** So much of a stroke is kept at either end, mm. Common practice of those who make struts. */
const KEEP = 5;
/** As near as a hand's force is proven here, N. */
const NEAR_N = 0.2;
/** Of a kind so many places are certified, and so many held against the scene, before it is given up. */
const CERTIFIED = 24;
const LOOKED_AT = 8;
/** Searching for places is most of the work; of all of it this share. */
const SEARCH = 0.7;

/** What is asked of a part's struts: which of its movers, and which hardware lies in the drawer. */
export interface StrutsAsked {
  readonly part: string;
  readonly wants: StrutWants;
  readonly drawer: readonly string[];
}

/** The task of placing struts on a part; undefined where it has nothing to be helped. */
export function placerTask(
  plan: Plan,
  { part: id, wants, drawer }: StrutsAsked,
): { task: PlacerTask; placing: Placing; balance: Balance } | undefined {
  const part = plan.parts.find((one) => one.id === id);
  if (!part) return undefined;
  const appraisal = appraisalOf(part);
  const bare = withChanges(plan, [
    {
      path: ['parts', plan.parts.indexOf(part), 'help'],
      before: 'help' in part ? part.help : undefined,
      after: { kind: 'none' },
    },
  ]);
  const built = partBuilt(
    bare,
    bare.parts.find((one) => one.id === id)!,
  );
  const placing = built && appraisal.placings?.(built.laid)[0];
  const balance = balancesOf(bare, id).find(({ mover }) => mover === placing?.mover);
  if (!placing || !balance) return undefined;
  const own = new Set([...drawer, ...plan.hardware.map((one) => one.id)]);
  const candidates = planHardware(plan).all.flatMap((item): Candidate[] =>
    item.kind === 'gas strut'
      ? [{ id: item.id, strut: gasStrutOf(item), half: item.tube / 2, own: own.has(item.id) }]
      : [],
  );
  return {
    placing,
    balance,
    task: {
      efforts: balance.efforts,
      to: placing.to,
      handle: poisedOf(balance, placing.to).handle,
      onLeaf: placing.onLeaf,
      onCase: placing.onCase,
      corner: placing.corner,
      candidates,
      counts: [1, 2],
      wants,
      step: stepFor(placing),
      keep: KEEP,
    },
  };
}

/**
 * Where to fix which struts, so that a hand gives no more than is wanted and it stays open: every place of a grid is tried for every strut,
 * the best of each kind are certified, and held against everything around.
 *
 * @param checker  one that checked this very plan last
 */
export function* strutAnswers(
  plan: Plan,
  asked: StrutsAsked,
  checker: SceneChecker,
): Generator<Progress, StrutAnswers> {
  const found = placerTask(plan, asked);
  const none: StrutAnswers = {
    part: asked.part,
    answers: [],
    nearest: undefined,
    tried: { struts: 0, places: 0 },
  };
  if (!found) return none;
  const { task, placing } = found;
  const search = placeStruts(task);
  let next = search.next();
  for (; !next.done; next = search.next()) yield { done: next.value * SEARCH, of: 1 };
  const kinds = next.value.filter((kept) => kept.length > 0).sort((a, b) => order(a[0]!, b[0]!));
  const answers: StrutAnswer[] = [];
  const enough = Math.min(kinds.length, 2 * MOST_ANSWERS);
  for (const [i, kept] of kinds.slice(0, enough).entries()) {
    if (answers.filter(({ does }) => does).length >= MOST_ANSWERS) break;
    yield { done: SEARCH + ((1 - SEARCH) * i) / enough, of: 1 };
    const answer = yield* bestOf(plan, asked, placing, kept, checker);
    if (answer) answers.push(answer);
  }
  answers.sort((a, b) => Number(b.does) - Number(a.does) || Number(b.own) - Number(a.own) || a.hand - b.hand);
  const doing = answers.filter(({ does }) => does);
  const places = 5 * Math.max(0, Math.round(placesOf(task) / 5));
  return {
    part: asked.part,
    answers: (doing.length > 0 ? doing : answers).slice(0, MOST_ANSWERS),
    nearest:
      doing.length > 0
        ? undefined
        : sayLengths(nearestWords(answers, kinds[0]?.[0], asked.wants), plan.units),
    tried: { struts: task.candidates.length, places },
  };
}

function stepFor(placing: Pick<PlacerTask, 'onLeaf' | 'onCase'>): number {
  let step = STEP;
  while (placesOf({ ...placing, step }) > MOST_PAIRS) step += STEP;
  return step;
}

const placesOf = ({ onLeaf, onCase, step }: Pick<PlacerTask, 'onLeaf' | 'onCase' | 'step'>): number => {
  const many = ([from, to]: readonly [number, number]) => Math.floor((to - from) / step + 1e-9) + 1;
  return many(onLeaf.along) * many(onLeaf.back) * many(onCase.along) * many(onCase.back);
};

const order = (a: Placement, b: Placement): number =>
  Number(a.miss > 0) - Number(b.miss > 0) ||
  Number(b.candidate.own) - Number(a.candidate.own) ||
  a.miss - b.miss ||
  a.hand - b.hand;

/** The best place of one kind: certified in the order of what was seen, until nothing seen can be better; then the first that touches nothing. */
function* bestOf(
  plan: Plan,
  { part, wants }: StrutsAsked,
  placing: Placing,
  kept: readonly Placement[],
  checker: SceneChecker,
): Generator<Progress, StrutAnswer | undefined> {
  const certified: Tried[] = [];
  for (const placement of kept.slice(0, CERTIFIED)) {
    const best = certified[0];
    if (best && placement.miss >= best.miss && placement.hand >= best.hand) break;
    const tried = fitted(plan, part, placing, placement, wants);
    if (tried) certified.push(tried);
    certified.sort((a, b) => a.miss - b.miss || a.hand - b.hand);
  }
  for (const tried of certified.slice(0, LOOKED_AT)) {
    yield { done: SEARCH, of: 1 };
    const free = yield* touchesNothing(tried.plan, part, placing.mover, checker);
    if (free) return answerOf(tried, placing, part);
  }
  return undefined;
}

/** A placement as it would stand in the plan, with what it then comes to. */
interface Tried {
  readonly placement: Placement;
  readonly plan: Plan;
  readonly changes: readonly Change[];
  readonly balance: Balance;
  readonly hand: number;
  readonly miss: number;
}

function fitted(
  plan: Plan,
  id: string,
  placing: Placing,
  placement: Placement,
  wants: StrutWants,
): Tried | undefined {
  const { candidate, count, onLeaf, onCase } = placement;
  const at = plan.parts.findIndex((one) => one.id === id);
  const part = plan.parts[at]!;
  const before = 'help' in part ? part.help : undefined;
  const changes: Change[] = [
    {
      path: ['parts', at, ...placing.path],
      before,
      after: placing.help(candidate.id, count, onLeaf, onCase),
    },
  ];
  const changed = withChanges(plan, changes);
  if (planIssues(changed).length > 0) return undefined;
  const balance = balancesOf(changed, id).find(({ mover }) => mover === placing.mover);
  if (!balance) return undefined;
  const poised = poisedOf(balance, placing.to);
  const [lift, shut] = ([1, -1] as const).map((sense) => handOf(poised, { ...AT_EASE, sense }));
  const hand = Math.max(
    0,
    mostOver(lift!, poised.ends, NEAR_N).bound,
    mostOver(shut!, poised.ends, NEAR_N).bound,
    -leastOver(shut!, poised.ends, NEAR_N).bound,
  );
  const open = shut!(placing.to, placing.to).least;
  const closed = lift!(0, 0).least;
  const short = Math.max(wants.staysOpen ? -open : 0, wants.staysShut ? -closed : 0, 0);
  return {
    placement,
    plan: changed,
    changes,
    balance,
    hand,
    miss: Math.max(0, short - SLIGHT, hand - wants.hand - NEAR_N),
  };
}
/** Less than this at the hand holds as well, N. */
const SLIGHT = 0.05;

/** Whether what moves keeps clear all the way with the struts fitted. */
function* touchesNothing(
  plan: Plan,
  part: string,
  mover: string,
  checker: SceneChecker,
): Generator<Progress, boolean> {
  const scene = buildScene(plan);
  const { movers } = yield* checker.trialSteps(scene);
  const at = scene.movers.findIndex(({ id }) => id === mover);
  const check = movers[at]!;
  const struts = new Set(
    scene.movers[at]!.bodies.filter(({ id, item }) => item === part && id !== mover).map(({ id }) => id),
  );
  return check.encounters.every(
    ({ moving, still, verdict }) => verdict !== 'hits' || !(struts.has(moving) || struts.has(still)),
  );
}

function answerOf(
  { placement, plan, changes, balance, hand, miss }: Tried,
  placing: Placing,
  part: string,
): StrutAnswer {
  const { candidate, count, onLeaf, onCase } = placement;
  const name = planHardware(plan).named(candidate.id)!.name;
  const report = balanceReport(plan, balance, placing.to);
  const own = placing.help(candidate.id, count, onLeaf, onCase) as {
    readonly onLeaf: { readonly in: { readonly mm: number } };
    readonly onCase: { readonly in: { readonly mm: number } };
  };
  return {
    key: `${part} ${candidate.id} ${count}`,
    words: `${count === 1 ? 'One' : 'Two of'} ${uncapitalised(name)}`,
    own: candidate.own,
    changes,
    onLeaf: [onLeaf[0], own.onLeaf.in.mm],
    onCase: [onCase[0], own.onCase.in.mm],
    hand,
    does: miss === 0 && report.struts.every(({ most, bears }) => most <= bears),
    balance: report,
    curve: handCurve(balance, placing.to, AT_EASE),
  };
}

function nearestWords(
  answers: readonly StrutAnswer[],
  seen: Placement | undefined,
  wants: StrutWants,
): string {
  const [best] = answers;
  if (!best && !seen)
    return 'None of these struts goes between any two places that are allowed: its stroke is too short, or too long.';
  if (!best)
    return 'None does it: wherever these struts would be strong enough they touch something. More room for them, or springs in the hinge line, may do.';
  return `None does all that is wanted. The nearest, ${uncapitalised(best.words)}, takes ${forceMark(best.hand)} at the hand, and ${forceMark(wants.hand)} is wanted${wants.staysOpen ? ', staying open' : ''}${wants.staysShut ? ', staying shut' : ''}.`;
}
