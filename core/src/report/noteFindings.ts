import { carcassNotes } from '../carcass/notes';
import type { Carcass } from '../carcass/schema';
import { once, type Assumption, type PartNote } from '../item/note';
import { sayLengths } from '../length/lengthMark';
import type { Units } from '../length/units';
import { appraisalOf } from '../parts/appraisals';
import type { Part } from '../parts/families';
import { carriedBy } from '../plan/carried';
import { linkedNotes } from '../plan/linked';
import { carcassStrengthNotes } from '../carcass/strength';
import { carcassAssumptions } from '../stability/assumptions';
import { behindLine } from '../stability/framing';
import { partFixingAssumptions, partFixingNote } from '../stability/partFixing';
import { heatNotes } from '../stability/heat';
import { wiringNotes } from '../stability/wiring';
import { thingAssumptions } from '../things/assumptions';
import type { Thing } from '../things/schema';
import { standingNotes } from '../stability/notes';
import { carcassOf, partBuilt, planStock, type BuiltPart } from '../plan/place';
import type { Plan } from '../plan/schema';
import type { AssumptionFinding, NoteFinding } from './records';

/** What closed forms tell of an item, in the plan's units. */
export interface ItemFindings {
  readonly notes: readonly NoteFinding[];
  readonly assumptions: readonly AssumptionFinding[];
}

interface Told {
  readonly units: Units;
  readonly taken: Plan['taken'];
  /** What is mounted on it, and what is behind its fixings, as text. */
  readonly hangsOn: string;
  readonly findings: ItemFindings;
}
const cache = new WeakMap<BuiltPart, Told>();

/** Of a part whose host is in the plan: told once as long as the part stays the same, what is mounted on it, and what it is fixed to. */
export function partFindings(plan: Plan, part: Part): ItemFindings {
  const built = partBuilt(plan, part)!;
  const known = cache.get(built);
  const carried = carriedBy(plan, part.id);
  const appraisal = appraisalOf(part);
  const fixed = appraisal.fixedTo?.(built.laid);
  const behind = fixed ? behindLine(plan, fixed.line) : [];
  const linked = linkedNotes(plan, part);
  const hangsOn = JSON.stringify([carried, behind, linked]);
  if (known?.units === plan.units && known.taken === plan.taken && known.hangsOn === hangsOn)
    return known.findings;
  const notes = [
    ...appraisal.notes(built.laid, built.pieces, carried),
    ...linked,
    ...(fixed ? [partFixingNote(plan, fixed, behind)] : []),
  ];
  const assumptions = [
    ...appraisal.assumptions(built.laid),
    ...(fixed ? partFixingAssumptions(plan, fixed, behind, part.name) : []),
  ];
  const findings = {
    notes: noteFindings(part.id, notes, plan),
    assumptions: told(part.id, assumptions, plan.units),
  };
  cache.set(built, { units: plan.units, taken: plan.taken, hangsOn, findings });
  return findings;
}

/** Of a carcass itself. */
export function carcassFindings(plan: Plan, carcass: Carcass): ItemFindings {
  const notes = [
    ...standingNotes(plan, carcass),
    ...carcassStrengthNotes(carcass, carcassOf(plan, carcass), planStock(plan)),
    ...wiringNotes(plan, carcass),
    ...carcassNotes(carcass),
  ];
  return {
    notes: noteFindings(carcass.id, notes, plan),
    assumptions: told(carcass.id, carcassAssumptions(plan, carcass), plan.units),
  };
}

/** Of a thing in the space. */
export function thingFindings(plan: Plan, thing: Thing): ItemFindings {
  return {
    notes: noteFindings(thing.id, heatNotes(plan, thing), plan),
    assumptions: told(thing.id, thingAssumptions(thing), plan.units),
  };
}

const told = (item: string, all: readonly Assumption[], units: Units): AssumptionFinding[] =>
  all.map(({ words, measure }) => ({
    words: sayLengths(words, units),
    measure: sayLengths(measure, units),
    item,
  }));

/**
 * Notes of an item in the plan's units, each under a key that it has again in a plan a little changed.
 *
 * @param kind  what their keys begin with: those of one item's own and those of its balance are counted apart
 */
export function noteFindings(
  item: string,
  notes: readonly PartNote[],
  { units, taken }: Plan,
  kind = 'note',
): NoteFinding[] {
  const counted = new Map<string, number>();
  return notes.map((note) => {
    const nth = counted.get(note.about) ?? 0;
    counted.set(note.about, nth + 1);
    const key = `${kind}|${item}|${note.about}|${note.of ?? nth}`;
    const known = taken[key];
    const { about, verdict, of } = note;
    const sentence = once(() => sayLengths(note.sentence, units));
    return {
      about,
      verdict,
      ...(of !== undefined && { of }),
      key,
      item,
      get said() {
        return note.sentence;
      },
      get sentence() {
        return sentence();
      },
      taken: known && known.said === note.sentence ? { by: known.by, why: known.why } : undefined,
    };
  });
}
