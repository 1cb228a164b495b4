import { worthTelling, type MoverCheck } from '../clearance/checkMover';
import { SceneChecker, type Progress } from '../clearance/checkScene';
import { finish, withProgress } from '../clearance/steps';
import { type Encounter } from '../clearance/encounter';
import { RANK } from '../item/verdict';
import { missingReadings } from '../survey/missing';
import { type Part } from '../parts/families';
import type { Units } from '../length/units';
import type { Piece } from '../piece/piece';
import { partBuilt, type BuiltPart } from '../plan/place';
import type { Plan } from '../plan/schema';
import { buildScene } from '../plan/buildScene';
import {
  bodyOf,
  byWaiting,
  MOST_DOUBT,
  partsOf,
  partsOfMover,
  type Body,
  type Mover,
  type Scene,
} from '../scene/scene';
import { answerOf } from './answer';
import { planFindings } from './planFindings';
import { meetingKey, type Finding, type MainPiece, type PartReport, type Report } from './records';
import { encounterSentence, encounterWords, shortVerdict } from './words';

/**
 * Check a plan that `readPlan` accepted: every part over its whole travel, in sentences and figures.
 *
 * @param checker  one that checked earlier plans answers a changed one faster; it must be asked for curves
 */
export function reportOf(plan: Plan, checker: SceneChecker = new SceneChecker({ curves: true })): Report {
  return finish(reportSteps(plan, checker));
}

/**
 * The same in steps short enough to stop between.
 *
 * @param charted  of this item, or mover, the curves of what it meets are drawn, beside those of what the answer is about
 */
export function* reportSteps(
  plan: Plan,
  checker: SceneChecker,
  charted?: string,
): Generator<Progress, Report> {
  const scene = buildScene(plan);
  const checks = [...(yield* checker.steps(scene)).movers];
  const { air, assumptions, balanced, ...told } = yield* withProgress(planFindings(plan, scene, checks), {
    done: checks.length,
    of: checks.length,
  });
  const notes = [...told.notes, ...balanced.notes].sort((a, b) => RANK[a.verdict] - RANK[b.verdict]);
  const answer = answerOf(plan, scene, partReports(plan, scene, checks), notes, assumptions, air);
  const looked = new Set([answer.part, charted]);
  for (const [i, mover] of scene.movers.entries())
    if (looked.has(mover.id) || looked.has(mover.item))
      checks[i] = yield* withProgress(checker.chart(mover), { done: checks.length, of: checks.length });
  const parts = partReports(plan, scene, checks);
  return {
    answer,
    parts,
    notes,
    balances: balanced.reports,
    assumptions,
    air,
    missing: missingReadings(plan, scene, parts),
  };
}

/** What is said of every mover, the most urgent first. */
function partReports(plan: Plan, scene: Scene, checks: readonly MoverCheck[]): PartReport[] {
  const byId = new Map(plan.parts.map((part) => [part.id, part]));
  return scene.movers
    .map((mover, i) => {
      const part = byId.get(mover.item);
      return part
        ? reportPart(plan, scene, part, mover, checks[i]!)
        : reportExisting(plan, scene, mover, checks[i]!);
    })
    .sort((a, b) => urgency(a) - urgency(b));
}

/** Worst verdict first, then the least share of the travel that can be used. */
const urgency = ({ verdict, check }: PartReport) =>
  RANK[verdict] + Math.min(0.999, check.usable / check.to / 2);

/**
 * What was said of a check, with all else it was said of. The check itself is a new one whenever what it met, or how
 * that is called, changed.
 */
const reportCache = new WeakMap<
  MoverCheck,
  { readonly built: BuiltPart; readonly units: Units; readonly report: PartReport }
>();
const existingReportCache = new WeakMap<MoverCheck, { readonly units: Units; readonly report: PartReport }>();

/** Of what moves there already: nothing of it is cut, and it is not for the plan to change. */
function reportExisting(plan: Plan, scene: Scene, mover: Mover, check: MoverCheck): PartReport {
  const before = existingReportCache.get(check);
  if (before?.units === plan.units) return before.report;
  // That it clears the very walls it is hung in, which it may touch, is no news.
  const encounters = check.encounters.filter(({ needed, verdict }) => needed > 0 || verdict !== 'clear');
  const report: PartReport = {
    ...checked(plan, scene, mover, { ...check, encounters: worthTelling(encounters) }),
    main: undefined,
  };
  existingReportCache.set(check, { units: plan.units, report });
  return report;
}

function reportPart(plan: Plan, scene: Scene, part: Part, mover: Mover, check: MoverCheck): PartReport {
  const built = partBuilt(plan, part)!;
  const before = reportCache.get(check);
  if (before?.built === built && before.units === plan.units) return before.report;
  const report = newReport(plan, scene, part, built, mover, check);
  reportCache.set(check, { built, units: plan.units, report });
  return report;
}

function newReport(
  plan: Plan,
  scene: Scene,
  part: Part,
  { pieces }: BuiltPart,
  mover: Mover,
  check: MoverCheck,
): PartReport {
  const fittings = new Set(
    scene.still.filter(({ item }) => item === part.id).flatMap((body) => partsOf(body).map(({ id }) => id)),
  );
  // That it clears its own hinge plates is no news.
  const encounters = check.encounters.filter(
    ({ still, verdict }) => verdict !== 'clear' || !fittings.has(still),
  );
  return {
    ...checked(plan, scene, mover, { ...check, encounters: worthTelling(encounters) }),
    main: mainOf(pieces.moving.find(({ key }) => key === mover.id)?.pieces ?? []),
  };
}

/** What of a link a builder cuts first: what its findings are told of. */
const MAIN: ReadonlySet<Piece['role']> = new Set<Piece['role']>(['leaf', 'front', 'panel', 'top']);
function mainOf(pieces: readonly Piece[]): MainPiece | undefined {
  const main = pieces.find(({ role }) => MAIN.has(role));
  return main?.size && main.cut && { role: main.role, size: main.size, cut: main.cut };
}

/** What is said of anything that moves. */
function checked(plan: Plan, scene: Scene, mover: Mover, check: MoverCheck): Omit<PartReport, 'main'> {
  return {
    id: mover.id,
    item: mover.item,
    thing: mover.goes === 'instead' ? mover.thing! : mover.id,
    name: mover.name,
    verdict: check.verdict,
    travelUnit: mover.unit,
    short: shortVerdict(mover, check, plan.units),
    findings: check.encounters.map((encounter) => findingOf(plan, scene, mover, encounter)),
    check,
  };
}

function findingOf(plan: Plan, scene: Scene, mover: Mover, encounter: Encounter): Finding {
  const still = bodyOf(scene, encounter.still);
  const parts = partsOfMover(mover);
  const moving = bodyNamed(parts, encounter.moving);
  const names = {
    moving: moving === parts[0] ? '' : moving.name,
    still: waitsFor(scene, mover, still) ? `${still.name} that stands open` : still.name,
    zone: still.zone ?? false,
    doubt: Math.min(still.doubt ?? 0, MOST_DOUBT),
  };
  const words = encounterWords(mover, encounter, names, plan.units);
  return {
    key: meetingKey(mover.id, moving.id, still.id),
    part: mover.id,
    verdict: encounter.verdict,
    sentence: encounterSentence(words),
    words,
    item: still.item,
    moving: moving.id,
    still: still.id,
    pieces: {
      moving: moving.keys?.[encounter.pieces?.[0] ?? 0],
      still: still.keys?.[encounter.pieces?.[1] ?? 0],
    },
    travel: encounter.contact?.at.travel ?? encounter.least?.witness.travel ?? mover.from,
  };
}

/** Whether a body is of a leaf that stands open before this comes out. */
function waitsFor({ movers }: Scene, mover: Mover, { id }: Body): boolean {
  if (!mover.behind) return false;
  const open = byWaiting(movers)
    .flat()
    .find(([one]) => one === mover)?.[1];
  return movers.some((leaf) => open?.has(leaf.id) && partsOfMover(leaf).some((part) => part.id === id));
}

function bodyNamed<B extends Body>(bodies: readonly B[], id: string): B {
  const body = bodies.find((candidate) => candidate.id === id);
  if (!body) throw new Error(`The check names a body ${id} that is not in the scene.`);
  return body;
}
