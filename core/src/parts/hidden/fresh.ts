import type { GroundPlace } from '../contract/family';
import type { MoverMount, WallMount } from '../contract/mount';
import type { Body, Hidden, Hung, Relief, Shape } from './schema';

/** Usual numbers to start from. Common practice, no single source; each is there to be changed. */
const mm = (value: number) => ({ mm: value });

export const usualHung = (kind: Hung['kind']): Hung => {
  switch (kind) {
    case 'door':
      return { kind, hinges: 4, brackets: { hardware: 'bracket-50', count: 6 } };
    case 'pivots':
      return { kind, hardware: 'pivot-250', in: mm(50), back: mm(50) };
    case 'butts':
      return { kind, hardware: 'butt-100', count: 4, proud: mm(5) };
    case 'track':
      return { kind, hangers: 4, rating: 100, travel: mm(860) };
    case 'castors':
      return { kind, hardware: 'castor-75', count: 4, travel: mm(860) };
  }
};

/** Books stand so far back from the front of a shelf, its back let in: stopped dead they stay on it, mm. */
export const STANDS_BACK = 70;

export const usualCase = (material: string, deep = 250): Extract<Body, { kind: 'case' }> => ({
  kind: 'case',
  material,
  deep: mm(deep),
  shelves: 5,
  back: material,
  lip: mm(0),
  braced: false,
  books: { kg: 30, deep: mm(Math.max(0, Math.min(180, deep - STANDS_BACK))) },
});
export const usualLeaf = (material: string): Extract<Body, { kind: 'leaf' }> => ({
  kind: 'leaf',
  material,
  layers: 2,
});

export const usualRelief = (kind: Relief['kind']): Relief => {
  switch (kind) {
    case 'none':
      return { kind };
    case 'cut':
      return { kind, along: mm(60), deep: mm(60), both: false };
    case 'round':
      return { kind, radius: mm(60), both: false };
    case 'slope':
      return { kind, along: mm(60), both: false };
  }
};

export const usualShape = (kind: Shape['kind']): Shape => {
  switch (kind) {
    case 'plumb':
      return { kind };
    case 'leaning':
      return { kind, degrees: 5 };
    case 'tapered':
      return { kind, low: 'free edge', by: mm(300) };
  }
};

/** Between a case on pivots and its opening: hinge edge, free edge, head, foot. */
const PIVOT_GAPS = { hinge: mm(25), free: mm(45), head: mm(8), foot: mm(10), middle: mm(6) };
const LEAF_GAPS = { hinge: mm(3), free: mm(4), head: mm(3), foot: mm(8), middle: mm(4) };
const NO_GAPS = { hinge: mm(0), free: mm(0), head: mm(0), foot: mm(0), middle: mm(0) };

/** A case on pivots in an opening 800 x 2000 of a wall 120 thick. */
export const freshHidden = (
  id: string,
  name: string,
  mount: WallMount | MoverMount,
  material: string,
): Hidden => ({
  id,
  family: 'hidden',
  name,
  mount,
  opening: { width: mm(800), height: mm(2000), deep: mm(120), is: 'there' },
  gaps: PIVOT_GAPS,
  proud: mm(0),
  leaves: 'one',
  side: 'left',
  swings: 'into the room',
  limit: 90,
  hung: usualHung('pivots'),
  body: usualCase(material),
  facing: null,
  relief: { kind: 'none' },
  shape: { kind: 'plumb' },
  floor: { readings: [], pile: mm(0), runs: null },
  latch: { hardware: 'catch-40', reached: 'a push', locks: false, within: true },
  behind: { somebody: true, sleeps: false, onlyWay: false, aired: true },
  schools: {},
});

/** A thick leaf on butts. */
export const asLeaf = (hidden: Hidden): Hidden => ({
  ...hidden,
  gaps: LEAF_GAPS,
  hung: usualHung('butts'),
  body: usualLeaf(hidden.body.material),
});

/** A leaf with a mirror that leans before the wall. */
export const asLeaningMirror = (hidden: Hidden): Hidden => ({
  ...asLeaf(hidden),
  opening: { width: mm(700), height: mm(1900), deep: mm(0), is: 'none' },
  body: { ...usualLeaf(hidden.body.material), layers: 1 },
  facing: 'mirror-4',
  proud: mm(12),
  shape: usualShape('leaning'),
});

/** A strip beside a hidden door that opens before it. */
export const asFlap = (hidden: Hidden): Hidden => ({
  ...asLeaf(hidden),
  opening: { width: mm(120), height: mm(2000), deep: mm(0), is: 'none' },
  gaps: { ...NO_GAPS, foot: mm(8) },
  body: { ...usualLeaf(hidden.body.material), layers: 1 },
  proud: mm(25),
  hung: { ...usualHung('butts'), hardware: 'butt-63' } as Hung,
  limit: 170,
  behind: { ...hidden.behind, somebody: false },
});

/** A case that slides before the wall. */
export const asSliding =
  (kind: 'track' | 'castors') =>
  (hidden: Hidden): Hidden => ({
    ...hidden,
    gaps: { hinge: mm(-40), free: mm(-40), head: mm(-30), foot: mm(12), middle: mm(0) },
    proud: mm(260),
    hung: usualHung(kind),
  });

/** Shallow, on an axis half-way back: either passes the other. */
export const asPair = (hidden: Hidden): Hidden => ({
  ...hidden,
  opening: { ...hidden.opening, width: mm(1400) },
  gaps: { ...PIVOT_GAPS, hinge: mm(45), middle: mm(10) },
  leaves: 'pair',
  hung: { ...usualHung('pivots'), back: mm(75) } as Hung,
  body: usualCase(hidden.body.material, 150),
});

/** What is for show on a case that hangs on hinges, kg a metre. */
const LIGHT = 8;

/** A case on a door that is there: as large as its leaf but for its edges. */
export function freshOnDoor(
  id: string,
  name: string,
  mount: MoverMount,
  material: string,
  size: readonly [number, number],
): Hidden {
  const made = freshHidden(id, name, mount, material);
  return {
    ...made,
    opening: { width: mm(size[0]), height: mm(size[1]), deep: mm(0), is: 'there' },
    gaps: NO_GAPS,
    hung: usualHung('door'),
    body: { ...usualCase(material, 150), shelves: 4, books: { kg: LIGHT, deep: mm(80) } },
  };
}

export function mirrorHidden(hidden: Hidden, { ground }: GroundPlace): Hidden {
  const { mount, opening } = hidden;
  const from = mm(ground.size[0] - mount.from.mm - opening.width.mm);
  return {
    ...hidden,
    mount: mount.on === 'mover' ? { ...mount, from } : mount,
    side: hidden.side === 'left' ? 'right' : 'left',
  };
}
