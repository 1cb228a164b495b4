import type { Carcass } from '../carcass/schema';
import { frameOf } from '../item/frame';
import type { PartNote } from '../item/note';
import type { Verdict } from '../item/verdict';
import { forceMark, lengthMark, massMark } from '../length/lengthMark';
import { carcassPieces, stillBodies } from '../plan/still';
import type { Plan } from '../plan/schema';
import { GRAVITY } from '../piece/mass';
import { BOOKS } from '../strength/usualLoads';
import { fixingHolds } from './fixing';
import { behindOf } from './framing';
import { edgesOfFoot, footOfCarcass, type FootEdge } from './foot';
import { loadsOf, type Loads } from './loads';
import { besides, isBorne, standsIn } from './places';
import { CHILD, holdsOf, type Hold } from './tipping';

/** Clothing storage is tested for tipping from so high, mm: 27 in. @source ASTM F2057-23, from memory */
export const TESTED_FROM = 686;
const MM_A_M = 1000;

const note =
  (about: 'standing' | 'fixing') =>
  (verdict: Verdict, sentence: string): PartNote => ({ about, verdict, sentence });
const stands = note('standing');
const holds = note('fixing');

/** How a carcass stands or hangs: on what, in what it must not be, what would pull it over, and what its fixings hold. */
export function standingNotes(plan: Plan, carcass: Carcass): PartNote[] {
  if (carcass.mount?.on === 'mover') return [];
  const still = stillBodies(plan);
  const own = still.find(({ id }) => id === carcass.id)!;
  const { pieces } = carcassPieces(plan, carcass);
  const foot = footOfCarcass(carcass, pieces);
  const others = besides(own, still);
  const deepest = standsIn(
    own,
    others.filter((body) => counts(plan, carcass, body.item)),
  )[0];
  return [
    ...(deepest
      ? [
          stands(
            'hits',
            `It stands in ${deepest.body.name}, by ${lengthMark(deepest.deep, 'least')}: move one or the other.`,
          ),
        ]
      : []),
    ...(isBorne(carcass, foot, others) ? [] : [stands('hits', UNBORNE[carcass.stands.on])]),
    ...(carcass.mount ? [] : holdNotes(plan, carcass, edgesOfFoot(carcass, foot))),
  ];
}

const UNBORNE: Readonly<Record<Carcass['stands']['on'], string>> = {
  'the floor': 'It stands on nothing: let it down to the floor, or put something under it.',
  'a plinth': 'Its plinth stands on nothing: let it down to the floor, or put something under it.',
  legs: 'Its legs stand on nothing: let it down to the floor, or put something under them.',
  'the wall': 'It hangs on nothing: no wall is behind its rail. Move it back against one.',
  'the ceiling': 'It hangs on nothing: no ceiling is over it. Raise it to that.',
};

/** What it may be drawn into is no fault: parts of its own, and trim that is cut where a case stands. */
const CUT_ROUND: ReadonlySet<string> = new Set(['skirting', 'architrave', 'flooring']);
function counts(plan: Plan, { id }: Carcass, item: string): boolean {
  const part = plan.parts.some((one) => one.id === item);
  const thing = plan.things.find((one) => one.id === item);
  return !part && item !== id && !(thing && CUT_ROUND.has(thing.kind));
}

function holdNotes(plan: Plan, carcass: Carcass, edges: readonly FootEdge[]): PartNote[] {
  const loads = loadsOf(plan, carcass.id);
  return carcass.stands.on === 'the wall' || carcass.stands.on === 'the ceiling'
    ? hungNotes(plan, carcass, loads)
    : tipNotes(plan, carcass, loads, edges);
}

/** A case that stands: whether it goes over, and what its head pulls with. */
function tipNotes(plan: Plan, carcass: Carcass, loads: Loads, edges: readonly FootEdge[]): PartNote[] {
  const { height, fixing } = carcass;
  // Contents, or somebody who stands on a step: what moves with more than its own weight tips what is low too.
  const laden = loads.moving.some(({ weights }) => weights.length > 1);
  if (height.mm < TESTED_FROM && !laden) return [];
  const child = height.mm >= TESTED_FROM;
  const [worst] = holdsOf(loads, edges).sort((a, b) => held(a, child) - held(b, child)) as [Hold];
  const opened = loads.moving.length === 0 ? '' : ', with all that opens open and full';
  const hung = child && worst.withChild < worst.own ? ` and a child of ${massMark(CHILD)} on one front` : '';
  if (held(worst, child) >= 0) return [holds('clear', `It stands by itself${opened}${hung}.`)];
  const pull = (-held(worst, child) * MM_A_M) / height.mm;
  const goes = `it goes over its ${worst.edge.words}${opened}${hung}`;
  if (!fixing)
    return [
      holds('tight', `Not fixed, ${goes}. Fix its head to the wall: it pulls with ${forceMark(pull)} there.`),
    ];
  return [
    fixed(plan, carcass, `Its fixing keeps it upright: without that ${goes}. It is pulled with`, pull, 0),
  ];
}

const held = ({ own, withChild }: Hold, child: boolean): number => (child ? Math.min(own, withChild) : own);

/** What hangs on a wall or from a ceiling bears on its fixings with all that is in it. */
function hungNotes(plan: Plan, carcass: Carcass, loads: Loads): PartNote[] {
  const { stands, height, depth } = carcass;
  const stored = storedIn(plan, carcass) + loads.stored.kg;
  const moving = loads.moving.reduce(
    (sum, { weights }) => sum + weights.reduce((all, { kg }) => all + kg, 0),
    0,
  );
  const kg = loads.still.kg + moving + stored;
  const down = kg * GRAVITY;
  if (stands.on === 'the ceiling')
    return [
      fixed(plan, carcass, `With all that is in it, ${massMark(kg)}, it pulls at the ceiling with`, down, 0),
    ];
  const frame = frameOf(carcass);
  const out = frame.turn([0, -1, 0]);
  const back = frame.toSpace([0, depth.mm, 0]);
  const wall: FootEdge = { words: 'back', out, at: out[0] * back[0] + out[1] * back[1] };
  const [hold] = holdsOf(loads, [wall]) as [Hold];
  // What is stored stands in the middle of its depth.
  const leans = (stored * GRAVITY * depth.mm) / 2 / MM_A_M;
  const pull = ((leans - hold.own) * MM_A_M) / height.mm;
  return [
    fixed(
      plan,
      carcass,
      `With all that is in it, ${massMark(kg)}, its rail pulls away from the wall, with all that opens open, with`,
      pull,
      down,
    ),
  ];
}

/** kg of what nobody drew on its bottom and its fixed shelves. */
function storedIn(plan: Plan, carcass: Carcass): number {
  const levels = carcassPieces(plan, carcass).pieces.filter(
    ({ role }) => role === 'bottom' || role === 'fixed shelf',
  );
  return levels.reduce(
    (sum, { size }) => sum + ((carcass.load ?? BOOKS) * (size?.length.mm ?? 0)) / MM_A_M,
    0,
  );
}

/** @param does  what it does, up to the figure: "it pulls with" */
const fixed = (plan: Plan, carcass: Carcass, does: string, pull: number, down: number): PartNote => {
  const asks = `${does} ${forceMark(pull)}${down > 0 ? ` and bears down with ${forceMark(down)}` : ''}`;
  const behind = behindOf(plan, carcass);
  const { verdict, sentence } = fixingHolds(plan, { fixing: carcass.fixing, behind, asks, pull, down });
  return holds(verdict, sentence);
};
