import { wordsFor, type Field } from '../card/field';
import { get, type PathStep } from '../item/path';
import { applyEdit } from '../plan/edit';
import { fieldsOf } from '../plan/fieldsOf';
import { itemsOf, pathOf, type Item } from '../plan/items';
import { newPart } from '../plan/fresh';
import { readPlan } from '../plan/readPlan';
import type { Plan } from '../plan/schema';
import { FAMILY_NAMES } from '../parts/families';
import { diceOf, type Dice } from './dice';
import { liesOnTop } from './partsOf';
import { caseOf, mm, planWith } from './planWith';

/** A plan that came of some fields of a fresh one set otherwise, and which. */
export interface Variant {
  readonly words: string;
  readonly plan: Plan;
}

/** So many fields are tried on each. */
const TRIED = 14;
/** Figures a card may well be given, mm, beside what stands there and near it. */
const LENGTHS = [0, 2, 3, 6, 9, 12, 15, 18, 20, 22, 25, 30, 40, 60, 90, 120, 200, 300, 450];

/** So many variants of each family and of carcasses, the same for a seed: every field of a card may be set, and is kept where it can be built. */
export function variantsOf(each: number, seed: number): Variant[] {
  const dice = diceOf(seed);
  const bench = caseOf({ kind: 'bench', top: 'none', width: mm(600), depth: mm(500), height: mm(400) });
  const starts = FAMILY_NAMES.map((family) => {
    const host = liesOnTop(family) ? bench : caseOf({ z: mm(100) });
    const empty = planWith({ carcasses: [host] });
    const read = readPlan({ ...empty, parts: [newPart(empty, family, host)] });
    if (!read.ok) throw new Error(`A fresh ${family} cannot be built: ${read.issues[0]!.message}`);
    return { list: 'parts' as const, plan: read.plan, name: family };
  });
  const alone = { list: 'carcasses' as const, plan: planWith({ carcasses: [caseOf()] }), name: 'carcass' };
  return [...starts, alone].flatMap(({ list, plan, name }) =>
    Array.from({ length: each }, (_, i) => variant(plan, list, `${name} ${i + 1}`, dice)),
  );
}

function variant(start: Plan, list: 'parts' | 'carcasses', name: string, dice: Dice): Variant {
  let plan = start;
  const set: string[] = [];
  for (let i = 0; i < TRIED; i += 1) {
    // One of the case now and then: its parts follow.
    const on = dice.chance(0.2) ? 'carcasses' : list;
    const item = itemsOf(plan).find((one) => one.list === on)!;
    const field = dice.one(fieldsOf(item));
    const path = [...pathOf(plan, item), ...field.path];
    const after = value(field, item, plan, dice);
    if (after === undefined) continue;
    const read = tried(plan, path, after);
    if (!read) continue;
    plan = read;
    set.push(`${path.slice(2).join('.')} ${JSON.stringify(after)}`.slice(0, 60));
  }
  return { words: `${name}: ${set.join('; ')}`, plan };
}

function tried(plan: Plan, path: readonly PathStep[], after: unknown): Plan | undefined {
  const before = get(plan, path);
  const change = {
    path: [...path],
    ...(before !== undefined && { before }),
    ...(after !== undefined && { after }),
  };
  const read = applyEdit(plan, { name: 'Try', changes: [change] });
  return read.ok ? read.plan : undefined;
}

/** What may be set in a field; undefined of what names things by their ids. */
function value(field: Field<unknown>, item: Item, plan: Plan, dice: Dice): unknown {
  const { input } = field;
  const now = get(item.value, field.path);
  switch (input) {
    case 'length':
    case 'length or none': {
      const had = (now as { mm: number } | null)?.mm ?? 100;
      return mm(dice.chance(0.5) ? dice.one(LENGTHS) : Math.round(had * dice.real(0.8, 1.25) * 2) / 2);
    }
    case 'degrees':
      return dice.one([30, 60, 85, 90, 95, 100, 110]);
    case 'count':
      return dice.one([0, 1, 2, 3, 4, 8, 15, 30]);
    case 'text':
    case 'offsets':
    case 'part':
    case 'mount':
      return undefined;
    default:
      if (!('pick' in input))
        return input.value(dice.one(wordsFor(input, item.value)), item.value, plan.materials);
      if (input.pick !== 'material') return undefined;
      return dice.one(plan.materials.filter(({ kind }) => input.kinds?.(item.value).includes(kind) ?? true))
        .id;
  }
}
