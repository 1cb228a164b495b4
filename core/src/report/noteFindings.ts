import { carcassNotes } from '../carcass/notes';
import type { Carcass } from '../carcass/schema';
import type { PartNote } from '../item/note';
import { sayLengths } from '../length/lengthMark';
import type { Units } from '../length/units';
import { familyOf, type Part } from '../parts/families';
import { carriedBy } from '../plan/carried';
import { partBuilt, type BuiltPart } from '../plan/place';
import type { Plan } from '../plan/schema';
import type { AssumptionFinding, NoteFinding } from './records';

/** What closed forms tell of an item, in the plan's units. */
export interface ItemFindings {
  readonly notes: readonly NoteFinding[];
  readonly assumptions: readonly AssumptionFinding[];
}

interface Told {
  readonly units: Units;
  /** What is mounted on it, as text. */
  readonly carried: string;
  readonly findings: ItemFindings;
}
const cache = new WeakMap<BuiltPart, Told>();

/** Of a part whose host is in the plan: told once as long as the part stays the same, and what is mounted on it. */
export function partFindings(plan: Plan, part: Part): ItemFindings {
  const built = partBuilt(plan, part)!;
  const known = cache.get(built);
  const carried = carriedBy(plan, part.id);
  const carriedText = JSON.stringify(carried);
  if (known?.units === plan.units && known.carried === carriedText) return known.findings;
  const family = familyOf(part);
  const findings = {
    notes: noteFindings(part.id, family.notes(built.laid, built.pieces, carried), plan.units),
    assumptions: family.assumptions(built.laid).map((one) => ({ ...one, item: part.id })),
  };
  cache.set(built, { units: plan.units, carried: carriedText, findings });
  return findings;
}

/** Of a carcass itself. */
export function carcassFindings({ units }: Plan, carcass: Carcass): ItemFindings {
  return { notes: noteFindings(carcass.id, carcassNotes(carcass), units), assumptions: [] };
}

/** Notes of an item in the plan's units, each under a key that it has again in a plan a little changed. */
function noteFindings(item: string, notes: readonly PartNote[], units: Units): NoteFinding[] {
  const counted = new Map<string, number>();
  return notes.map((note) => {
    const nth = counted.get(note.about) ?? 0;
    counted.set(note.about, nth + 1);
    const key = `note|${item}|${note.about}|${nth}`;
    return { ...note, key, item, sentence: sayLengths(note.sentence, units) };
  });
}
