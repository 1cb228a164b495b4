import { CARCASS_FIELDS, type Carcass } from '../carcass/schema';
import { familyOf, type Part } from '../parts/families';
import { SPACE_FIELDS, THING_FIELDS, type Space, type Thing } from '../space/schema';
import type { Field } from '../item/field';
import type { PathStep } from '../item/path';
import type { Plan } from './schema';

/** Anything of a plan that can be selected: where it stands in it, and what it is. */
export type Item =
  | { readonly id: 'space'; readonly name: string; readonly list: 'space'; readonly value: Space }
  | { readonly id: string; readonly name: string; readonly list: 'things'; readonly value: Thing }
  | { readonly id: string; readonly name: string; readonly list: 'carcasses'; readonly value: Carcass }
  | { readonly id: string; readonly name: string; readonly list: 'parts'; readonly value: Part };

/** Every item of a plan, the space first. */
export function itemsOf(plan: Pick<Plan, 'space' | 'things' | 'carcasses' | 'parts'>): Item[] {
  return [
    { id: 'space', name: 'The space', list: 'space', value: plan.space },
    ...plan.things.map((value): Item => ({ id: value.id, name: value.name, list: 'things', value })),
    ...plan.carcasses.map((value): Item => ({ id: value.id, name: value.name, list: 'carcasses', value })),
    ...plan.parts.map((value): Item => ({ id: value.id, name: value.name, list: 'parts', value })),
  ];
}

/** The path of an item in its plan. */
export function pathOf(plan: Plan, item: Item): PathStep[] {
  if (item.list === 'space') return ['space'];
  return [item.list, plan[item.list].findIndex(({ id }) => id === item.id)];
}

/** The fields of an item's card that apply to it as it is. */
export function fieldsOf(item: Item): Field<unknown>[] {
  const fields = {
    space: () => SPACE_FIELDS,
    things: () => THING_FIELDS,
    carcasses: () => CARCASS_FIELDS,
    parts: () => familyOf(item.value as Part).fields,
  }[item.list]() as readonly Field<unknown>[];
  return fields.filter(({ when }) => !when || when(item.value));
}
