import { usualCarcass } from '../carcass/kinds';
import type { Carcass } from '../carcass/schema';
import { USUAL_MATERIALS, USUAL_SCHOOLS } from '../material/schema';
import { carcassIdOf } from '../parts/contract/mount';
import { familyOf, type Part } from '../parts/families';
import { partIssues } from '../parts/partIssues';
import { get, type PathStep } from '../item/path';
import type { Length } from '../length/length';
import { MILLIMETRES } from '../length/units';
import { existingKind } from '../existing/kinds';
import type { Existing } from '../existing/schema';
import { USUAL } from '../things/kinds';
import type { Thing } from '../things/schema';
import { itemsOf, type PlanItems } from './items';
import { USUAL_REACH } from './migrate';
import { faceKey } from '../item/ground';
import { carcassPlace, groundsOf, moversOf, partPlace, squareWalls } from './place';
import { PLAN_FORMAT, PLAN_VERSION, type Plan } from './schema';
import { capitalised } from '../item/capitals';

/** A plan to start from: a plain room with nothing in it. */
export function newPlan(title: string): Plan {
  return {
    format: PLAN_FORMAT,
    version: PLAN_VERSION,
    title,
    units: MILLIMETRES,
    gaps: { running: { mm: 1 }, around: { mm: 10 } },
    reach: USUAL_REACH,
    schools: USUAL_SCHOOLS,
    users: 'anyone',
    season: { climate: 'heated', made: null },
    materials: [...USUAL_MATERIALS],
    hardware: [],
    space: { width: { mm: 3000 }, depth: { mm: 2400 }, height: { mm: 2400 }, slopes: [] },
    measured: [],
    wayIn: [],
    existing: [],
    things: [],
    carcasses: [],
    parts: [],
    taken: {},
    stones: {},
  };
}

/** A thing of usual size in the middle of the north wall, to be moved. */
export function newThing(plan: Plan, kind: Thing['kind']): Thing {
  const { size, shape } = USUAL[kind];
  const [width, depth, height, z] = size;
  const { id, name } = freshOf(plan, kind);
  const x = Math.max(0, (plan.space.width.mm - width) / 2);
  // What is cut out of a wall, and what holds it up, lies behind its face.
  const y =
    shape?.kind === 'void' || (shape?.kind === 'framing' && kind !== 'joists')
      ? plan.space.depth.mm
      : Math.max(0, plan.space.depth.mm - depth);
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

const freshOf = (plan: Plan, kind: string) => freshName(plan, kind.replace(/ /g, '-'), capitalised(kind));

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

/** A carcass of a kind with its usual numbers against the south wall, west of those already there. */
export function newCarcass(plan: Plan, kind: Carcass['kind'] = 'cupboard'): Carcass {
  const { id, name } = freshOf(plan, kind);
  const made = usualCarcass(kind, { id, name, x: { mm: 0 }, y: { mm: 0 }, faces: 'north' });
  const width = made.width.mm;
  // Its left front corner is its eastern one, since it faces north.
  const westmost = Math.min(
    ...plan.carcasses.filter(({ faces }) => faces === 'north').map((c) => c.x.mm - c.width.mm),
  );
  const beside = Number.isFinite(westmost) ? westmost - 100 : (plan.space.width.mm + width) / 2;
  const x = beside >= width ? beside : Math.min(plan.space.width.mm, plan.space.width.mm / 2 + width);
  const room = plan.space.height.mm - made.z.mm;
  // A sheet the plan has: its first, where the usual one was taken out.
  const has = (id: string) => plan.materials.some((one) => one.id === id);
  const sheet = has(made.sheet) ? made.sheet : plan.materials[0]!.id;
  return {
    ...made,
    x: { mm: x },
    y: { mm: made.depth.mm },
    sheet,
    back: made.back && { ...made.back, material: has(made.back.material) ? made.back.material : sheet },
    height: { mm: Math.min(made.height.mm, Math.max(200, room - 100)) },
  };
}

/**
 * A part of a family hung on a carcass, in one of its bays or on its top; or standing on the floor or hung on a wall, where that is what its family does.
 *
 * @param words  which of what can be had of the family, as a list says it; the first where none is named
 */
export function newPart(
  plan: Plan,
  family: Part['family'],
  carcass: Carcass,
  bay = carcass.bay.id,
  words?: string,
): Part {
  const kind = familyOf({ family });
  if (kind.freshOnFloor) return newStanding(plan, family, words);
  if (kind.freshOnWall && !kind.fresh) return newOnWall(plan, family, words);
  const { id, name } = freshName(
    plan,
    `${carcass.id}-${kind.word.replace(/ /g, '-')}`.slice(0, 30),
    `${carcass.name} ${kind.word}`.slice(0, 70),
  );
  const place = carcassPlace({ ...plan, carcasses: [carcass] }, carcass.id)!;
  if (!kind.fresh) throw new Error(`${kind.word} are not hung on a carcass.`);
  const behind = plan.parts.some(
    (part) => carcassIdOf(part) === carcass.id && familyOf(part).closes?.(part)?.bay === bay,
  );
  const fresh = kind.fresh(id, name, place, bay, behind);
  const made = kind.adds.find((one) => one.words === words)?.as?.(fresh, place) ?? fresh;
  const inInches = plan.units.system === 'in' ? kind.inInches?.(made, place) : undefined;
  return inInches && partIssues(inInches, place, []).length === 0 ? inInches : made;
}

/** A part of a family that stands on the floor, its front to the south, in the middle of the space. */
export function newStanding(plan: Plan, family: Part['family'], words?: string): Part {
  const kind = familyOf({ family });
  if (!kind.freshOnFloor || !kind.footprint) throw new Error(`${kind.word} do not stand on the floor.`);
  const { id, name } = freshOf(plan, kind.word);
  const put = (x: number, y: number) =>
    kind.freshOnFloor!(id, name, { on: 'floor', x: { mm: x }, y: { mm: y }, faces: 'south' }, sheetOf(plan));
  const { width, depth } = plan.space;
  const size = (path: readonly PathStep[]) => (get(put(0, 0), path) as Length).mm;
  const made = put(
    Math.max(0, (width.mm - size(kind.footprint.width)) / 2),
    Math.max(0, (depth.mm - size(kind.footprint.depth)) / 2),
  );
  const as = kind.adds.find((one) => one.words === words)?.as;
  return as ? as(made, partPlace(plan, made)!) : made;
}

/** A part of a family that is mounted on a wall, in the middle of the longest that stands square to the room. */
export function newOnWall(plan: Plan, family: Part['family'], words?: string): Part {
  const kind = familyOf({ family });
  if (!kind.freshOnWall) throw new Error(`${kind.word} are not mounted on a wall.`);
  const [wall] = [...squareWalls(plan)].sort((a, b) => b.length - a.length);
  if (!wall) throw new Error('A space has a wall that stands square to it.');
  const { id, name } = freshOf(plan, kind.word);
  const from = { mm: Math.max(0, wall.length / 2 - 400) };
  const mount = { on: 'wall', corner: wall.id, from, up: { mm: 0 } } as const;
  const made = kind.freshOnWall(id, name, mount, sheetOf(plan));
  const as = kind.adds.find((one) => one.words === words)?.as;
  return as ? as(made, partPlace(plan, made)!) : made;
}

/** A leaf so much smaller than what hangs on it would be is left free at each of its edges, mm. */
const LEAF_EDGE = 10;

/** A part of a family on the outside of a leaf that turns on an upright axis, nearly as large as that; undefined where an item has no such leaf. */
export function newOnLeaf(plan: Plan, family: Part['family'], host: string): Part | undefined {
  const kind = familyOf({ family });
  const face = groundsOf(plan, host).find(({ key }) => key === faceKey('outside'));
  if (!kind.onLeaf || !face || (kind.onLeaf.turns && !face.leaf)) return undefined;
  const nth = moversOf(plan, host).findIndex(({ bodies }) => bodies.some(({ id }) => id === face.link));
  const { id, name } = freshOf(plan, kind.word);
  const [width, , height] = face.size;
  const edge = { mm: LEAF_EDGE };
  const mount = { on: 'mover', host, nth, face: 'outside', from: edge, up: edge, while: 'same' } as const;
  return kind.onLeaf.fresh(id, name, mount, sheetOf(plan), [width - 2 * LEAF_EDGE, height - 2 * LEAF_EDGE]);
}

/** The usual sheet; the first the plan has where that was taken out. */
const sheetOf = ({ materials }: Plan): string =>
  materials.some(({ id }) => id === USUAL_SHEET) ? USUAL_SHEET : materials[0]!.id;
const USUAL_SHEET = 'ply-18';

/** An id and a name that no item has yet, made of these. */
export function freshName(plan: PlanItems, id: string, name: string): { id: string; name: string } {
  const items = itemsOf(plan);
  const taken = (n: number) =>
    items.some((item) => item.id === `${id}-${n}` || item.name === (n === 1 ? name : `${name} ${n}`));
  let n = 1;
  while (taken(n)) n += 1;
  return { id: `${id}-${n}`, name: n === 1 ? name : `${name} ${n}` };
}
