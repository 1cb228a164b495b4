import { carcassFields } from '../carcass/fields';
import type { Carcass } from '../carcass/schema';
import { familyOf, type Part } from '../parts/families';
import { existingFields } from '../existing/kinds';
import type { Existing } from '../existing/schema';
import { spaceFields, type Space } from '../space/schema';
import { thingFields } from '../things/fields';
import type { Thing } from '../things/schema';
import type { Field } from '../item/field';
import type { PathStep } from '../item/path';
import type { Plan } from './schema';

/** Anything of a plan that can be selected: where it stands in it, and what it is. */
export type Item =
  | { readonly id: 'space'; readonly name: string; readonly list: 'space'; readonly value: Space }
  | { readonly id: string; readonly name: string; readonly list: 'things'; readonly value: Thing }
  | { readonly id: string; readonly name: string; readonly list: 'existing'; readonly value: Existing }
  | { readonly id: string; readonly name: string; readonly list: 'carcasses'; readonly value: Carcass }
  | { readonly id: string; readonly name: string; readonly list: 'parts'; readonly value: Part };

/** The lists of a plan that hold its items. */
export type PlanItems = Pick<Plan, 'space' | 'things' | 'existing' | 'carcasses' | 'parts'>;

/** Every item of a plan, the space first. */
export function itemsOf(plan: PlanItems): Item[] {
  return [
    { id: 'space', name: 'The space', list: 'space', value: plan.space },
    ...plan.things.map((value): Item => ({ id: value.id, name: value.name, list: 'things', value })),
    ...plan.existing.map((value): Item => ({ id: value.id, name: value.name, list: 'existing', value })),
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
  return allFields(item).filter(({ when }) => !when || when(item.value));
}

function allFields(item: Item): readonly Field<unknown>[] {
  switch (item.list) {
    case 'space':
      return spaceFields(item.value) as readonly Field<unknown>[];
    case 'things':
      return thingFields(item.value) as readonly Field<unknown>[];
    case 'existing':
      return existingFields(item.value) as readonly Field<unknown>[];
    case 'carcasses':
      return carcassFields(item.value) as readonly Field<unknown>[];
    case 'parts':
      return familyOf(item.value).fields(item.value) as readonly Field<unknown>[];
  }
}
