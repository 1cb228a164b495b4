import { RANK, type Verdict } from '../item/verdict';
import { called } from '../item/called';
import { FAMILY_NAMES } from '../parts/families';
import { itemsOf } from '../plan/items';
import type { Plan } from '../plan/schema';
import { bodyOf, type Scene } from '../scene/scene';
import type { AirFinding } from './air';
import { isCaution } from './cautions';
import { firstToOpen } from './firstToOpen';
import type { Answer, AssumptionFinding, Finding, NoteFinding, PartReport } from './records';
import { travelText } from './words';
import { capitalised, uncapitalised } from '../item/capitals';

/** How many parts these are, or those of a verdict: what goes in several ways is one, as bad as its worst. */
export const thingsIn = (parts: readonly PartReport[], verdict?: Verdict): number => {
  const worst = new Map<string, Verdict>();
  for (const part of parts)
    if (!worst.has(part.thing) || RANK[part.verdict] < RANK[worst.get(part.thing)!])
      worst.set(part.thing, part.verdict);
  return verdict ? [...worst.values()].filter((one) => one === verdict).length : worst.size;
};

const NUMBERS = [
  'no',
  'one',
  'two',
  'three',
  'four',
  'five',
  'six',
  'seven',
  'eight',
  'nine',
  'ten',
  'eleven',
  'twelve',
];
const inWords = (n: number) => NUMBERS[n] ?? String(n);

/** "one part of seven", "both parts", "all three parts". */
function ofAll(some: number, all: number): string {
  if (some === all) return all === 2 ? 'both parts' : `all ${inWords(all)} parts`;
  return `${inWords(some)} ${some === 1 ? 'part' : 'parts'} of ${inWords(all)}`;
}

/** What to begin with where nothing of the plan moves yet. */
function nothingMoves({ carcasses: [first] }: Plan, others: boolean): Answer {
  const part = FAMILY_NAMES[0]!;
  return {
    verdict: 'clear',
    stands: others ? 'What moves here already is free' : 'Nothing moves here yet',
    next: first ? `hang a ${part} on the ${called(first.name)}` : `add a carcass with a ${part}`,
    part: undefined,
    finding: undefined,
  };
}

/** How a checked plan stands, and what to do next. */
export function answerOf(
  plan: Plan,
  scene: Scene,
  all: readonly PartReport[],
  notes: readonly NoteFinding[],
  assumptions: readonly AssumptionFinding[],
  air: readonly AirFinding[],
): Answer {
  // What moves there already counts where it meets something or carries a part of the job; that it is free else is no news.
  const own = new Set(plan.parts.map(({ id }) => id));
  const carrying = new Set(
    scene.movers.filter(({ bodies }) => bodies.some(({ item }) => own.has(item))).map(({ item }) => item),
  );
  const parts = all.filter(({ item, verdict }) => carrying.has(item) || verdict !== 'clear');
  const worst = parts[0];
  if (!worst) {
    const none = nothingMoves(plan, all.length > 0);
    return besidesMotion(notes, air, none.stands) ?? none;
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
      stands: capitalised(`${opening}${said}`),
      next: before
        ? `open the ${called(before.name)} first: then it goes all the way`
        : elsewhere(scene, first),
      part: worst.item,
      finding: before ? undefined : first?.key,
    };
  }
  const besides = besidesMotion(notes, air, 'Everything opens fully') ?? toHeed(plan, notes, count === 1);
  if (besides) return besides;
  const opening = count === 1 ? `${capitalised(subject)} opens` : capitalised(`${ofAll(count, count)} open`);
  const full = count === 1 ? ` fully, to ${travelText(moves, moves.to, plan.units)}` : ' fully';
  const nearest = first ? `; nearest, ${said}` : '';
  return {
    verdict: 'clear',
    stands: `${opening}${full}${nearest}`,
    next: assumptions[0]
      ? `${assumptions[0].measure} before you cut`
      : 'measure the opening once more before you cut the leaf',
    part: worst.item,
    finding: undefined,
  };
}

/** What is wrong where all that moves is free: air that is spoken for, or what sums and statics tell. */
function besidesMotion(
  notes: readonly NoteFinding[],
  air: readonly AirFinding[],
  stands: string,
): Answer | undefined {
  const taken = air.find(({ verdict }) => verdict === 'hits');
  const wrong = taken ?? notes.find(({ verdict }) => verdict === 'hits');
  if (!wrong) return undefined;
  return {
    verdict: 'hits',
    stands: `${stands}, but ${clause(wrong.sentence)}`,
    next: taken?.by
      ? `move one or the other`
      : !taken && (wrong as NoteFinding).about === 'balance'
        ? 'find struts or a stay for it, under Forces'
        : 'look at its numbers',
    part: taken ? undefined : (wrong as NoteFinding).item,
    finding: wrong.key,
  };
}

function toHeed(plan: Plan, notes: readonly NoteFinding[], alone: boolean): Answer | undefined {
  const first = notes.find((note) => isCaution(note) && !note.taken);
  if (!first) return undefined;
  return {
    verdict: 'tight',
    stands: `${alone ? 'It opens fully' : 'Everything opens fully'}; take care with the ${called(nameOf(plan, first.item))}: ${clause(firstOf(first.sentence))}`,
    next: 'see to it, or take it upon you by name and with your reason',
    part: first.item,
    finding: first.key,
  };
}

function elsewhere(scene: Scene, finding: Finding | undefined): string {
  if (!finding) return 'look at its numbers';
  const still = bodyOf(scene, finding.still);
  return `move it away from ${still.name}, or make it smaller`;
}

const nameOf = (plan: Plan, id: string): string => itemsOf(plan).find((item) => item.id === id)?.name ?? id;
/** The first of several sentences. */
const firstOf = (text: string): string => text.split(/(?<=[.])\s+(?=[A-Z])/)[0]!;

/** A sentence as it stands within a longer one: without its capital and its stop. */
const clause = (sentence: string) => uncapitalised(sentence.endsWith('.') ? sentence.slice(0, -1) : sentence);
