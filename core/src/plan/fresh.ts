import type { Carcass } from '../carcass/schema';
import { familyOf, type Part } from '../parts/families';
import { MILLIMETRES } from '../length/units';
import type { Thing } from '../space/schema';
import { itemsOf } from './items';
import { PLAN_FORMAT, PLAN_VERSION, type Plan } from './schema';

/** A plan to start from: a plain room with nothing in it. */
export function newPlan(title: string): Plan {
  return {
    format: PLAN_FORMAT,
    version: PLAN_VERSION,
    title,
    units: MILLIMETRES,
    gaps: { running: { mm: 1 }, around: { mm: 10 } },
    space: { width: { mm: 3000 }, depth: { mm: 2400 }, height: { mm: 2400 }, slope: null },
    things: [],
    carcasses: [],
    parts: [],
  };
}

/** Sizes to start from, mm: width, depth, height, and height above the floor. CP, no single source. */
const USUAL: Record<Thing['kind'], readonly [number, number, number, number]> = {
  sill: [900, 160, 30, 900],
  skirting: [2000, 18, 120, 0],
  architrave: [70, 20, 2100, 0],
  pipe: [22, 22, 2400, 0],
  valve: [60, 90, 130, 100],
  socket: [146, 60, 86, 300],
  switch: [86, 12, 86, 1050],
  handle: [140, 60, 25, 1000],
  'bolt head': [22, 14, 22, 400],
  beam: [3000, 100, 200, 2200],
  lamp: [300, 300, 150, 2150],
  appliance: [600, 600, 850, 0],
  furniture: [1200, 600, 750, 0],
  'wheel arch': [800, 250, 350, 0],
  radiator: [800, 110, 600, 140],
  post: [120, 120, 2400, 0],
  box: [400, 400, 400, 0],
  'keep-clear zone': [600, 300, 1000, 0],
};

/** A thing of usual size in the middle of the north wall, to be moved. */
export function newThing(plan: Plan, kind: Thing['kind']): Thing {
  const [width, depth, height, z] = USUAL[kind];
  const { id, name } = freshName(plan, kind.replace(' ', '-'), kind.charAt(0).toUpperCase() + kind.slice(1));
  const x = Math.max(0, (plan.space.width.mm - width) / 2);
  const y = Math.max(0, plan.space.depth.mm - depth);
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
  };
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
export function freshName(
  plan: Pick<Plan, 'space' | 'things' | 'carcasses' | 'parts'>,
  id: string,
  name: string,
): { id: string; name: string } {
  const items = itemsOf(plan);
  const taken = (n: number) =>
    items.some((item) => item.id === `${id}-${n}` || item.name === (n === 1 ? name : `${name} ${n}`));
  let n = 1;
  while (taken(n)) n += 1;
  return { id: `${id}-${n}`, name: n === 1 ? name : `${name} ${n}` };
}
