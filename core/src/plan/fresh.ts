import type { Carcass } from '../carcass/schema';
import { familyOf, type Part } from '../parts/families';
import { MILLIMETRES } from '../length/units';
import { existingKind } from '../existing/kinds';
import type { Existing } from '../existing/schema';
import { USUAL } from '../things/kinds';
import type { Thing } from '../things/schema';
import { itemsOf, type PlanItems } from './items';
import { PLAN_FORMAT, PLAN_VERSION, type Plan } from './schema';

/** A plan to start from: a plain room with nothing in it. */
export function newPlan(title: string): Plan {
  return {
    format: PLAN_FORMAT,
    version: PLAN_VERSION,
    title,
    units: MILLIMETRES,
    gaps: { running: { mm: 1 }, around: { mm: 10 } },
    space: { width: { mm: 3000 }, depth: { mm: 2400 }, height: { mm: 2400 }, slopes: [] },
    measured: [],
    wayIn: [],
    existing: [],
    things: [],
    carcasses: [],
    parts: [],
  };
}

/** A thing of usual size in the middle of the north wall, to be moved. */
export function newThing(plan: Plan, kind: Thing['kind']): Thing {
  const { size, shape } = USUAL[kind];
  const [width, depth, height, z] = size;
  const { id, name } = freshOf(plan, kind);
  const x = Math.max(0, (plan.space.width.mm - width) / 2);
  // What is cut out of a wall lies behind its face.
  const y = shape?.kind === 'void' ? plan.space.depth.mm : Math.max(0, plan.space.depth.mm - depth);
  const fit = Math.min(height, plan.space.height.mm);
  return {
    id,
    name,
    kind,
    x: { mm: x },
    y: { mm: y },
    z: { mm: z },
    width: { mm: width },
    depth: { mm: depth },
    height: { mm: fit },
    ...(shape && { shape }),
  };
}

const freshOf = (plan: Plan, kind: string) =>
  freshName(plan, kind.replace(/ /g, '-'), kind.charAt(0).toUpperCase() + kind.slice(1));

/** Something that moves already, in the middle of the north wall, to be moved. */
export function newExisting(plan: Plan, kind: Existing['kind']): Existing {
  const { usual, z } = existingKind({ kind });
  const width = Math.min(usual.width.mm, plan.space.width.mm);
  const placed = {
    ...usual,
    ...freshOf(plan, kind),
    x: { mm: Math.max(0, (plan.space.width.mm - width) / 2) },
    y: { mm: plan.space.depth.mm },
    z: { mm: z },
    faces: 'south' as const,
    width: { mm: width },
  };
  return placed as Existing;
}

/** A carcass against the south wall, west of those already there. */
export function newCarcass(plan: Plan): Carcass {
  const { id, name } = freshName(plan, 'carcass', 'Cupboard');
  const [width, depth] = [600, 500];
  // Its left front corner is its eastern one, since it faces north.
  const westmost = Math.min(
    ...plan.carcasses.filter(({ faces }) => faces === 'north').map((c) => c.x.mm - c.width.mm),
  );
  const beside = Number.isFinite(westmost) ? westmost - 100 : (plan.space.width.mm + width) / 2;
  const x = beside >= width ? beside : Math.min(plan.space.width.mm, plan.space.width.mm / 2 + width);
  const height = Math.min(1800, plan.space.height.mm - 100);
  return {
    id,
    name,
    faces: 'north',
    x: { mm: x },
    y: { mm: depth },
    z: { mm: 90 },
    width: { mm: width },
    height: { mm: height },
    depth: { mm: depth },
    sheet: { mm: 18 },
  };
}

/** A part of a family hung on a carcass. */
export function newPart(plan: Plan, family: Part['family'], carcass: Carcass): Part {
  const kind = familyOf({ family });
  const { id, name } = freshName(
    plan,
    `${carcass.id}-${kind.word}`.slice(0, 30),
    `${carcass.name} ${kind.word}`.slice(0, 70),
  );
  return kind.fresh(id, carcass.id, name);
}

/** An id and a name that no item has yet, made of these. */
export function freshName(plan: PlanItems, id: string, name: string): { id: string; name: string } {
  const items = itemsOf(plan);
  const taken = (n: number) =>
    items.some((item) => item.id === `${id}-${n}` || item.name === (n === 1 ? name : `${name} ${n}`));
  let n = 1;
  while (taken(n)) n += 1;
  return { id: `${id}-${n}`, name: n === 1 ? name : `${name} ${n}` };
}
