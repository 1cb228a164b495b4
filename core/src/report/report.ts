import { carcassNotes } from '../carcass/notes';
import type { Carcass } from '../carcass/schema';
import { worthTelling, type MoverCheck } from '../clearance/checkMover';
import { SceneChecker, type Progress } from '../clearance/checkScene';
import { finish } from '../clearance/steps';
import type { Encounter, Verdict } from '../clearance/encounter';
import { missingReadings, type Missing } from '../measure/missing';
import { FAMILY_NAMES, familyOf, type Part } from '../parts/families';
import type { Units } from '../length/units';
import type { PartNote, PartPlace, Proposal, Rest, SizedPiece } from '../parts/family';
import { called } from '../item/called';
import { sayLengths } from '../length/lengthMark';
import { partPlace, partSizes } from '../plan/place';
import type { Plan } from '../plan/schema';
import { buildScene } from '../scene/buildScene';
import {
  bodyOf,
  byWaiting,
  itemOfMover,
  MOST_DOUBT,
  type Body,
  type Mover,
  type Scene,
} from '../scene/scene';
import { airFindings, type AirFinding } from './air';
import { firstToOpen } from './firstToOpen';
import { encounterSentence, shortVerdict, travelText } from './words';

/** One thing the check found about a part. */
export interface Finding {
  readonly part: string;
  readonly verdict: Verdict;
  readonly sentence: string;
  /** The plan item it meets, and the bodies, so that both can be shown. */
  readonly item: string;
  readonly moving: string;
  readonly still: string;
  /** Where to look: the travel of the contact or of the least clearance. */
  readonly travel: number;
}

/** What a closed form found of a part, whether it moves or not: its load, its fingers, how it goes in. */
export interface NoteFinding extends PartNote {
  readonly item: string;
}

/** A default nobody confirmed that a part's answers rest on. */
export interface RestFinding extends Rest {
  readonly item: string;
}

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
  readonly sizes: readonly SizedPiece[];
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
  readonly rests: readonly RestFinding[];
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
      const part = byId.get(itemOfMover(mover.id));
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
  const rests = told.flatMap((one) => one.rests);
  return {
    answer: answerOf(plan, scene, parts, notes, rests, air),
    parts,
    notes,
    rests,
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
  { readonly part: Part; readonly place: PartPlace; readonly units: Units; readonly report: PartReport }
>();
const saidExisting = new WeakMap<MoverCheck, { readonly units: Units; readonly report: PartReport }>();

interface Told {
  readonly notes: readonly NoteFinding[];
  readonly rests: readonly RestFinding[];
}
const toldKept = new WeakMap<
  Part,
  { readonly place: PartPlace; readonly units: Units; readonly told: Told }
>();

/** What closed forms tell of a part, in the plan's units. */
function toldOf(plan: Plan, part: Part): Told {
  const place = partPlace(plan, part)!;
  const known = toldKept.get(part);
  if (known?.place === place && known.units === plan.units) return known.told;
  const family = familyOf(part);
  const told = {
    notes: family
      .notes(part, place)
      .map((note) => ({ ...note, item: part.id, sentence: sayLengths(note.sentence, plan.units) })),
    rests: family.rests(part, place).map((rest) => ({ ...rest, item: part.id })),
  };
  toldKept.set(part, { place, units: plan.units, told });
  return told;
}

/** What is to be told of a carcass itself. */
function toldOfCarcass({ units }: Plan, carcass: Carcass): Told {
  const notes = carcassNotes(carcass).map((note) => ({
    ...note,
    item: carcass.id,
    sentence: sayLengths(note.sentence, units),
  }));
  return { notes, rests: [] };
}

/** Of what moves there already: nothing of it is cut, and it is not for the plan to change. */
function reportExisting(plan: Plan, scene: Scene, mover: Mover, check: MoverCheck): PartReport {
  const before = saidExisting.get(check);
  if (before?.units === plan.units) return before.report;
  // That it clears the very walls it is hung in, which it may touch, is no news.
  const encounters = check.encounters.filter(({ needed, verdict }) => needed > 0 || verdict !== 'clear');
  const report: PartReport = {
    ...checked(plan, scene, mover, { ...check, encounters: worthTelling(encounters) }),
    sizes: [],
    proposal: undefined,
  };
  saidExisting.set(check, { units: plan.units, report });
  return report;
}

function reportPart(plan: Plan, scene: Scene, part: Part, mover: Mover, check: MoverCheck): PartReport {
  const place = partPlace(plan, part)!;
  const before = said.get(check);
  if (before?.part === part && before.place === place && before.units === plan.units) return before.report;
  const report = newReport(plan, scene, part, place, mover, check);
  said.set(check, { part, place, units: plan.units, report });
  return report;
}

function newReport(
  plan: Plan,
  scene: Scene,
  part: Part,
  place: PartPlace,
  mover: Mover,
  check: MoverCheck,
): PartReport {
  const family = familyOf(part);
  const met = check.encounters[0] && bodyOf(scene, check.encounters[0].still);
  const proposal = family.advise(part, check, place, met);
  const fittings = new Set(scene.still.filter(({ item }) => item === part.id).map(({ id }) => id));
  // That it clears its own hinge plates is no news.
  const encounters = check.encounters.filter(
    ({ still, verdict }) => verdict !== 'clear' || !fittings.has(still),
  );
  return {
    ...checked(plan, scene, mover, { ...check, encounters: worthTelling(encounters) }),
    sizes: partSizes(plan, part)
      .filter(({ of }) => of === mover.id)
      .map((piece) => ({ ...piece, notes: piece.notes.map((one) => sayLengths(one, plan.units)) })),
    proposal: proposal && { ...proposal, words: sayLengths(proposal.words, plan.units) },
  };
}

/** What is said of anything that moves. */
function checked(
  plan: Plan,
  scene: Scene,
  mover: Mover,
  check: MoverCheck,
): Omit<PartReport, 'sizes' | 'proposal'> {
  return {
    id: mover.id,
    item: itemOfMover(mover.id),
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
  const moving = bodyNamed(mover.bodies, encounter.moving);
  const names = {
    moving: moving === mover.bodies[0] ? '' : moving.name,
    still: waitsFor(scene, mover, still) ? still.name.replace(/^(the|a) /, '$1 open ') : still.name,
    zone: still.zone ?? false,
    doubt: Math.min(still.doubt ?? 0, MOST_DOUBT),
  };
  return {
    part: mover.id,
    verdict: encounter.verdict,
    sentence: encounterSentence(mover, encounter, names, plan.units),
    item: still.item,
    moving: moving.id,
    still: still.id,
    travel: encounter.contact?.at.travel ?? encounter.least?.witness.travel ?? mover.from,
  };
}

/** Whether a body is of a leaf that stands open before this comes out. */
function waitsFor({ movers }: Scene, mover: Mover, { id }: Body): boolean {
  if (!mover.behind) return false;
  const open = byWaiting(movers)
    .flat()
    .find(([one]) => one === mover)?.[1];
  return movers.some((leaf) => open?.has(leaf.id) && leaf.bodies.some((body) => body.id === id));
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
function partsOf(some: number, all: number): string {
  if (some === all) return all === 2 ? 'both parts' : `all ${inWords(all)} parts`;
  return `${inWords(some)} ${some === 1 ? 'part' : 'parts'} of ${inWords(all)}`;
}

function answerOf(
  plan: Plan,
  scene: Scene,
  all: readonly PartReport[],
  notes: readonly NoteFinding[],
  rests: readonly RestFinding[],
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
  const subject = own.has(worst.item) ? moves.bodies[0]!.name.replace(/^the /, '') : called(worst.name);
  const first = worst.findings[0];
  const said = first ? tail(first, moves, subject) : '';
  if (hits > 0 || tight > 0) {
    const [some, one, many] =
      hits > 0 ? [hits, 'stops short', 'stop short'] : [tight, 'is tight', 'are tight'];
    const before = firstToOpen(scene, moves, (id) => all.find((part) => part.id === id)!.check);
    const opening = count === 1 ? '' : `${partsOf(some, count)} ${some === 1 ? one : many}: `;
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
      stands: `Everything opens fully, but ${lower(taken.sentence.replace(/\.$/, ''))}`,
      next: taken.by ? `move one or the other` : 'look at its numbers',
      part: undefined,
      proposal: undefined,
    };
  const wrong = notes.find(({ verdict }) => verdict === 'hits');
  if (wrong)
    return {
      verdict: 'hits',
      stands: `Everything opens fully, but ${lower(wrong.sentence.replace(/\.$/, ''))}`,
      next: 'look at its numbers',
      part: wrong.item,
      proposal: undefined,
    };
  const opening = count === 1 ? `The ${subject} opens` : cap(`${partsOf(count, count)} open`);
  const full = count === 1 ? ` fully, to ${travelText(moves, moves.to, plan.units)}` : ' fully';
  const nearest = first ? `; nearest, ${said}` : '';
  return {
    verdict: 'clear',
    stands: `${opening}${full}${nearest}`,
    next: rests[0]
      ? `${rests[0].measure} before you cut`
      : 'measure the opening once more before you cut the leaf',
    part: worst.item,
    proposal: undefined,
  };
}

/** A finding's sentence with its subject put before it, up to the semicolon, without the full stop. */
function tail({ sentence, moving }: Finding, { bodies }: Mover, subject: string): string {
  const plain = sentence
    .replace(/;.*$/, '')
    .replace(/\.$/, '')
    .replace(/, [^,]* short of full travel$/, '');
  // What is not the main body names itself.
  return moving === bodies[0]!.id ? `the ${subject} ${lower(plain)}` : lower(plain);
}

function elsewhere(scene: Scene, finding: Finding | undefined): string {
  if (!finding) return 'look at its numbers';
  const still = bodyOf(scene, finding.still);
  return `move it away from ${still.name}, or make it smaller`;
}

const lower = (text: string) => `${text.charAt(0).toLowerCase()}${text.slice(1)}`;
const cap = (text: string) => `${text.charAt(0).toUpperCase()}${text.slice(1)}`;
