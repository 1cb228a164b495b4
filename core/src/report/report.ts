import { carcassNotes } from '../carcass/notes';
import type { Carcass } from '../carcass/schema';
import { worthTelling, type MoverCheck } from '../clearance/checkMover';
import { SceneChecker, type Progress } from '../clearance/checkScene';
import { finish } from '../clearance/steps';
import type { Encounter, Verdict } from '../clearance/encounter';
import { missingReadings, type Missing } from '../measure/missing';
import { FAMILY_NAMES, familyOf, type Part } from '../parts/families';
import type { Units } from '../length/units';
import type { Assumption, PartNote, Proposal } from '../parts/family';
import type { Piece } from '../piece/piece';
import { called } from '../item/called';
import { sayLengths } from '../length/lengthMark';
import { partBuilt, type BuiltPart } from '../plan/place';
import type { Plan } from '../plan/schema';
import { buildScene } from '../scene/buildScene';
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
import { airFindings, type AirFinding } from './air';
import { firstToOpen } from './firstToOpen';
import { encounterSentence, encounterWords, shortVerdict, travelText, type EncounterWords } from './words';

/** One thing the check found about a part. */
export interface Finding {
  readonly part: string;
  readonly verdict: Verdict;
  readonly sentence: string;
  /** The same as it stands in a longer one: what of the part, where not the main one, and what that does. */
  readonly words: EncounterWords;
  /** The plan item it meets, and what of both it is, so that both can be shown. */
  readonly item: string;
  readonly moving: string;
  readonly still: string;
  /** The very pieces, by their keys; undefined of what is told as a whole. */
  readonly pieces: { readonly moving: string | undefined; readonly still: string | undefined };
  /** Where to look: the travel of the contact or of the least clearance. */
  readonly travel: number;
}

/** What a closed form found of a part, whether it moves or not: its load, its fingers, how it goes in. */
export interface NoteFinding extends PartNote {
  readonly item: string;
}

/** A default nobody confirmed that a part's answers rest on. */
export interface AssumptionFinding extends Assumption {
  readonly item: string;
}

/** Of the piece that is cut first what a card shows: picked from it, so that it can be sent to another thread. */
export type MainPiece = Pick<Piece, 'role' | 'size' | 'cut'>;

/** All that is known about one mover. */
export interface PartReport {
  readonly id: string;
  /** The plan item it belongs to: its own id but for the leaves of a pair. */
  readonly item: string;
  /** The mover that it is another way of; else itself. */
  readonly thing: string;
  readonly name: string;
  readonly verdict: Verdict;
  readonly travelUnit: 'rad' | 'mm';
  readonly short: { readonly word: string; readonly amount: string; readonly detail: string };
  readonly findings: readonly Finding[];
  /** What is cut for it at its head: its leaf, its front, its panel; none of what is there already or has none. */
  readonly main: MainPiece | undefined;
  readonly proposal: Proposal | undefined;
  readonly check: MoverCheck;
}

/** How the job stands: a sentence, the next thing worth doing, and where it applies. */
export interface Answer {
  readonly verdict: Verdict;
  readonly stands: string;
  readonly next: string;
  /** The part that `next` is about; undefined where it is about none. */
  readonly part: string | undefined;
  readonly proposal: Proposal | undefined;
}

export interface Report {
  readonly answer: Answer;
  /** All that moves, worst first: the plan's parts and what moves there already. */
  readonly parts: readonly PartReport[];
  /** What closed forms tell of the plan's parts, the worst first. */
  readonly notes: readonly NoteFinding[];
  readonly assumptions: readonly AssumptionFinding[];
  /** Air that is spoken for. */
  readonly air: readonly AirFinding[];
  /** What is still to be measured, the most worth first. */
  readonly missing: readonly Missing[];
}

/**
 * Check a plan that `readPlan` accepted: every part over its whole travel, in sentences and figures.
 *
 * @param checker  one that checked earlier plans answers a changed one faster; it must be asked for curves
 */
export function reportOf(plan: Plan, checker: SceneChecker = new SceneChecker({ curves: true })): Report {
  return finish(reportSteps(plan, checker));
}

/** The same in steps short enough to stop between. */
export function* reportSteps(plan: Plan, checker: SceneChecker): Generator<Progress, Report> {
  const scene = buildScene(plan);
  const { movers } = yield* checker.steps(scene);
  const byId = new Map(plan.parts.map((part) => [part.id, part]));
  const parts = scene.movers
    .map((mover, i) => {
      const part = byId.get(mover.item);
      return part
        ? reportPart(plan, scene, part, mover, movers[i]!)
        : reportExisting(plan, scene, mover, movers[i]!);
    })
    .sort((a, b) => urgency(a) - urgency(b));
  const air = airFindings(plan, scene, movers);
  const told = [
    ...plan.parts.map((part) => toldOf(plan, part)),
    ...plan.carcasses.map((one) => toldOfCarcass(plan, one)),
  ];
  const notes = told.flatMap((one) => one.notes).sort((a, b) => RANK[a.verdict] - RANK[b.verdict]);
  const assumptions = told.flatMap((one) => one.assumptions);
  return {
    answer: answerOf(plan, scene, parts, notes, assumptions, air),
    parts,
    notes,
    assumptions,
    air,
    missing: missingReadings(plan, scene, parts),
  };
}

const RANK: Record<Verdict, number> = { hits: 0, tight: 1, clear: 2 };
/** Worst verdict first, then the least share of the travel that can be used. */
const urgency = ({ verdict, check }: PartReport) =>
  RANK[verdict] + Math.min(0.999, check.usable / check.to / 2);

/**
 * What was said of a check, with all else it was said of. The check itself is a new one whenever what it met, or how
 * that is called, changed.
 */
const said = new WeakMap<
  MoverCheck,
  { readonly built: BuiltPart; readonly units: Units; readonly report: PartReport }
>();
const saidExisting = new WeakMap<MoverCheck, { readonly units: Units; readonly report: PartReport }>();

interface Told {
  readonly notes: readonly NoteFinding[];
  readonly assumptions: readonly AssumptionFinding[];
}
const toldKept = new WeakMap<BuiltPart, { readonly units: Units; readonly told: Told }>();

/** What closed forms tell of a part, in the plan's units. */
function toldOf(plan: Plan, part: Part): Told {
  const built = partBuilt(plan, part)!;
  const known = toldKept.get(built);
  if (known?.units === plan.units) return known.told;
  const family = familyOf(part);
  const told = {
    notes: family
      .notes(built.laid, built.pieces)
      .map((note) => ({ ...note, item: part.id, sentence: sayLengths(note.sentence, plan.units) })),
    assumptions: family.assumptions(built.laid).map((one) => ({ ...one, item: part.id })),
  };
  toldKept.set(built, { units: plan.units, told });
  return told;
}

/** What is to be told of a carcass itself. */
function toldOfCarcass({ units }: Plan, carcass: Carcass): Told {
  const notes = carcassNotes(carcass).map((note) => ({
    ...note,
    item: carcass.id,
    sentence: sayLengths(note.sentence, units),
  }));
  return { notes, assumptions: [] };
}

/** Of what moves there already: nothing of it is cut, and it is not for the plan to change. */
function reportExisting(plan: Plan, scene: Scene, mover: Mover, check: MoverCheck): PartReport {
  const before = saidExisting.get(check);
  if (before?.units === plan.units) return before.report;
  // That it clears the very walls it is hung in, which it may touch, is no news.
  const encounters = check.encounters.filter(({ needed, verdict }) => needed > 0 || verdict !== 'clear');
  const report: PartReport = {
    ...checked(plan, scene, mover, { ...check, encounters: worthTelling(encounters) }),
    main: undefined,
    proposal: undefined,
  };
  saidExisting.set(check, { units: plan.units, report });
  return report;
}

function reportPart(plan: Plan, scene: Scene, part: Part, mover: Mover, check: MoverCheck): PartReport {
  const built = partBuilt(plan, part)!;
  const before = said.get(check);
  if (before?.built === built && before.units === plan.units) return before.report;
  const report = newReport(plan, scene, part, built, mover, check);
  said.set(check, { built, units: plan.units, report });
  return report;
}

function newReport(
  plan: Plan,
  scene: Scene,
  part: Part,
  { laid, pieces }: BuiltPart,
  mover: Mover,
  check: MoverCheck,
): PartReport {
  const family = familyOf(part);
  const met = check.encounters[0] && bodyOf(scene, check.encounters[0].still);
  const proposal = family.mend(laid, pieces, check, met);
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
    proposal: proposal && { ...proposal, words: sayLengths(proposal.words, plan.units) },
  };
}

/** What of a link a builder cuts first: what its findings are told of. */
const MAIN: ReadonlySet<Piece['role']> = new Set<Piece['role']>(['leaf', 'front', 'panel', 'top']);
function mainOf(pieces: readonly Piece[]): MainPiece | undefined {
  const main = pieces.find(({ role }) => MAIN.has(role));
  return main?.size && main.cut && { role: main.role, size: main.size, cut: main.cut };
}

/** What is said of anything that moves. */
function checked(
  plan: Plan,
  scene: Scene,
  mover: Mover,
  check: MoverCheck,
): Omit<PartReport, 'main' | 'proposal'> {
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

/** How many parts these are, or those of a verdict: what goes in several ways is one, as bad as its worst. */
export const thingsIn = (parts: readonly PartReport[], verdict?: Verdict): number => {
  const worst = new Map<string, Verdict>();
  for (const part of parts)
    if (!worst.has(part.thing) || RANK[part.verdict] < RANK[worst.get(part.thing)!])
      worst.set(part.thing, part.verdict);
  return verdict ? [...worst.values()].filter((one) => one === verdict).length : worst.size;
};

const NUMBERS = ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine'];
const inWords = (n: number) => NUMBERS[n] ?? String(n);

/** "one part of seven", "both parts", "all three parts". */
function ofAll(some: number, all: number): string {
  if (some === all) return all === 2 ? 'both parts' : `all ${inWords(all)} parts`;
  return `${inWords(some)} ${some === 1 ? 'part' : 'parts'} of ${inWords(all)}`;
}

function answerOf(
  plan: Plan,
  scene: Scene,
  all: readonly PartReport[],
  notes: readonly NoteFinding[],
  assumptions: readonly AssumptionFinding[],
  air: readonly AirFinding[],
): Answer {
  // What moves there already counts where it meets something; that it is free is no news.
  const own = new Set(plan.parts.map(({ id }) => id));
  const parts = all.filter(({ item, verdict }) => own.has(item) || verdict !== 'clear');
  const worst = parts[0];
  if (!worst) {
    const part = FAMILY_NAMES[0]!;
    const next =
      plan.carcasses.length === 0
        ? `add a carcass with a ${part}`
        : `hang a ${part} on the ${called(plan.carcasses[0]!.name)}`;
    const stands = all.length > 0 ? 'What moves here already is free' : 'Nothing moves here yet';
    return { verdict: 'clear', stands, next, part: undefined, proposal: undefined };
  }
  const count = thingsIn(parts);
  const hits = thingsIn(parts, 'hits');
  const tight = thingsIn(parts, 'tight');
  const moves = scene.movers.find(({ id }) => id === worst.id)!;
  const subject = own.has(worst.item) ? moves.bodies[0]!.name : `the ${called(worst.name)}`;
  const first = worst.findings[0];
  const said = first ? `${first.words.who || subject} ${first.words.does}` : '';
  if (hits > 0 || tight > 0) {
    const [some, one, many] =
      hits > 0 ? [hits, 'stops short', 'stop short'] : [tight, 'is tight', 'are tight'];
    const before = firstToOpen(scene, moves, (id) => all.find((part) => part.id === id)!.check);
    const opening = count === 1 ? '' : `${ofAll(some, count)} ${some === 1 ? one : many}: `;
    return {
      verdict: hits > 0 ? 'hits' : 'tight',
      stands: cap(`${opening}${said}`),
      next: before
        ? `open the ${called(before.name)} first: then it goes all the way`
        : (worst.proposal?.words ?? elsewhere(scene, first)),
      part: worst.item,
      proposal: before ? undefined : worst.proposal,
    };
  }
  const taken = air.find(({ verdict }) => verdict === 'hits');
  if (taken)
    return {
      verdict: 'hits',
      stands: `Everything opens fully, but ${clause(taken.sentence)}`,
      next: taken.by ? `move one or the other` : 'look at its numbers',
      part: undefined,
      proposal: undefined,
    };
  const wrong = notes.find(({ verdict }) => verdict === 'hits');
  if (wrong)
    return {
      verdict: 'hits',
      stands: `Everything opens fully, but ${clause(wrong.sentence)}`,
      next: 'look at its numbers',
      part: wrong.item,
      proposal: undefined,
    };
  const opening = count === 1 ? `${cap(subject)} opens` : cap(`${ofAll(count, count)} open`);
  const full = count === 1 ? ` fully, to ${travelText(moves, moves.to, plan.units)}` : ' fully';
  const nearest = first ? `; nearest, ${said}` : '';
  return {
    verdict: 'clear',
    stands: `${opening}${full}${nearest}`,
    next: assumptions[0]
      ? `${assumptions[0].measure} before you cut`
      : 'measure the opening once more before you cut the leaf',
    part: worst.item,
    proposal: undefined,
  };
}

function elsewhere(scene: Scene, finding: Finding | undefined): string {
  if (!finding) return 'look at its numbers';
  const still = bodyOf(scene, finding.still);
  return `move it away from ${still.name}, or make it smaller`;
}

/** A sentence as it stands within a longer one: without its capital and its stop. */
const clause = (sentence: string) => lower(sentence.endsWith('.') ? sentence.slice(0, -1) : sentence);
const lower = (text: string) => `${text.charAt(0).toLowerCase()}${text.slice(1)}`;
const cap = (text: string) => `${text.charAt(0).toUpperCase()}${text.slice(1)}`;
