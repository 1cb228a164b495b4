import type { Bay, Carcass } from './schema';

export const WHOLE: Bay = { id: 'all', take: 'equal', read: {} };

const mm = (value: number) => ({ mm: value });
export const PLINTH: Carcass['stands'] = { on: 'a plinth', height: mm(90), setback: mm(40) };
const BACK: Carcass['back'] = { material: 'ply-6', set: 'between' };

/** How a carcass of a kind is usually built, and its usual place above the floor. Common practice, no single source: each is there to be changed. */
type Usual = Pick<Carcass, 'width' | 'height' | 'depth' | 'z' | 'top' | 'back' | 'stands' | 'fixing'>;

export const USUAL_CARCASS: Readonly<Record<Carcass['kind'], Usual>> = {
  cupboard: { width: mm(600), height: mm(1890), depth: mm(500), z: mm(0), top: 'between', back: BACK, stands: PLINTH, fixing: { hardware: 'stud-screw', count: 2 } },
  // Its bottom is often about 54 in above the floor (common practice).
  'wall cupboard': { width: mm(800), height: mm(700), depth: mm(320), z: mm(1370), top: 'between', back: BACK, stands: { on: 'the wall', rail: mm(80) }, fixing: { hardware: 'stud-screw', count: 4 } },
  tower: { width: mm(400), height: mm(2100), depth: mm(560), z: mm(0), top: 'between', back: BACK, stands: PLINTH, fixing: { hardware: 'stud-screw', count: 2 } },
  bench: { width: mm(1100), height: mm(450), depth: mm(450), z: mm(0), top: 'none', back: BACK, stands: PLINTH, fixing: null },
  'low locker': { width: mm(900), height: mm(420), depth: mm(400), z: mm(0), top: 'over', back: BACK, stands: { on: 'the floor' }, fixing: null },
  'table frame': { width: mm(1200), height: mm(720), depth: mm(600), z: mm(0), top: 'none', back: null, stands: { on: 'legs', height: mm(720), thick: mm(60) }, fixing: null },
  'free cradle': { width: mm(900), height: mm(600), depth: mm(400), z: mm(0), top: 'none', back: null, stands: { on: 'the floor' }, fixing: null },
}; // prettier-ignore

/** A carcass of a kind with its usual numbers, where it is put. */
export function usualCarcass(
  kind: Carcass['kind'],
  placed: Pick<Carcass, 'id' | 'name' | 'x' | 'y' | 'faces'>,
): Carcass {
  return {
    ...placed,
    ...USUAL_CARCASS[kind],
    kind,
    sheet: 'ply-18',
    frame: null,
    load: null,
    banding: mm(0),
    carries: { inside: mm(0), front: mm(0) },
    ends: { left: null, right: null },
    fillers: { left: null, right: null },
    sides: { left: null, right: null },
    bay: WHOLE,
  };
}
