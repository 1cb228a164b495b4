import type { Carcass } from '../carcass/schema';
import type { Part } from '../parts/families';
import type { Existing } from '../existing/schema';
import type { Space } from '../space/schema';
import type { Thing } from '../things/schema';
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
