import { dividerMoved } from '../carcass/bays';
import { namedBays } from '../carcass/bayFields';
import { frameOf } from '../item/frame';
import type { Carcass } from '../carcass/schema';
import type { Point3 } from '../solid/prism';
import type { Change } from '../item/change';
import { carcassOf } from './place';
import type { Plan } from './schema';

/** An upright or a fixed shelf as it can be taken hold of: where its middle is in the space, and the way it goes. */
export interface DividerGrip {
  readonly id: string;
  readonly name: string;
  readonly middle: Point3;
  /** A unit vector in the space: moved this way, the bay before it grows. */
  readonly way: Point3;
}

/** Every divider of a carcass. */
export function dividerGrips(plan: Plan, carcass: Carcass): DividerGrip[] {
  const { layout } = carcassOf(plan, carcass);
  const frame = frameOf(carcass);
  const counts = { uprights: 0, shelves: 0 };
  return layout.dividers.map(({ id, way, left, right, bottom, top, front }) => {
    const n = (counts[way] += 1);
    const x = (left[0]![1] + right[0]![1]) / 2;
    return {
      id,
      name: way === 'uprights' ? `Upright ${n}` : `Fixed shelf ${n}`,
      middle: frame.toSpace([x, front, (bottom + top) / 2]),
      way: way === 'uprights' ? frame.turn([1, 0, 0]) : [0, 0, 1],
    };
  });
}

/** The changes that move a divider of a carcass, mm along its way: the bay before it takes that size as its own. */
export function dividerChanges(plan: Plan, carcassId: string, divider: string, by: number): Change[] {
  const i = plan.carcasses.findIndex(({ id }) => id === carcassId);
  const carcass = plan.carcasses[i];
  if (!carcass) return [];
  const { openings, dividers } = carcassOf(plan, carcass).layout;
  const after = dividers.find(({ id }) => id === divider)?.after;
  if (after === undefined) return [];
  for (const { bay, path } of namedBays(carcass)) {
    const { split } = bay;
    if (!split?.bays.some(({ id }) => id === after)) continue;
    const sizes = split.bays.map(({ id }) => {
      const { inside } = openings.get(id)!;
      return split.way === 'uprights' ? inside.right - inside.left : inside.top - inside.bottom;
    });
    const next = dividerMoved(bay, after, by, sizes);
    if (!next) return [];
    return [{ path: ['carcasses', i, ...path, 'split'], before: split, after: next }];
  }
  return [];
}
