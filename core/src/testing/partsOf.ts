import type { Carcass } from '../carcass/schema';
import type { Bed } from '../parts/bed/schema';
import type { Cover } from '../parts/cover/schema';
import type { Drawer } from '../parts/drawer/schema';
import { bankOf } from '../parts/kit/drawn/usual';
import { ofKind } from '../parts/pullout/fresh';
import type { Pullout } from '../parts/pullout/schema';
import type { Grooves, Sliding } from '../parts/sliding/schema';
import { familyOf, type Part } from '../parts/families';
import type { Flap } from '../parts/flap/schema';
import type { FoldDown } from '../parts/folddown/schema';
import type { Lid } from '../parts/lid/schema';
import type { Lifts, LiftTable } from '../parts/lift/schema';
import type { Platform } from '../parts/platform/schema';
import type { Slats } from '../parts/slats/schema';
import type { Existing } from '../existing/schema';
import { freshOnDoor } from '../parts/hidden/fresh';
import type { Hidden } from '../parts/hidden/schema';
import { newExisting, newOnLeaf, newOnWall, newPart, newStanding } from '../plan/fresh';
import { caseOf, mm, planWith, type Made } from './planWith';

/** Whether parts of a family lie on top of a carcass, which then has no top of its own. */
export const liesOnTop = (family: Part['family']): boolean => familyOf({ family }).mounts.includes('top');

/** A chest 600 x 400 x 500 without a top, in the middle of the room. */
export const chestOf = (other: Partial<Carcass> = {}): Carcass =>
  caseOf({ kind: 'bench', top: 'none', width: mm(600), depth: mm(500), height: mm(400), ...other });

/** Its lid: a leaf of 434 x 457 between margins of 80, 80 and 60, every gap a kerf of 3. */
export const lidOf = (other: Partial<Lid> = {}): Lid => ({
  ...(newPart(planWith({ carcasses: [chestOf()] }), 'lid', chestOf()) as Lid),
  ...other,
});
export const withLid = (other: Partial<Lid>, on: Partial<Carcass> = {}): Made => ({
  carcasses: [chestOf(on)],
  parts: [lidOf(other)],
});

/** What can be had of flaps, as a list says it. */
export const FLAPS = {
  'drop front': 'A drop front',
  'tilt-out': 'A tilt-out front',
  'top-hung': 'A flap hung at its top',
  'parallel arms': 'A lift-up door on arms',
  'double fold': 'A door that folds up double',
} as const;

/** A flap of a kind on a wall cupboard 600 x 400 x 500 whose foot is 1200 up. */
export const flapCase = (other: Partial<Carcass> = {}): Carcass =>
  caseOf({ z: mm(1200), height: mm(400), ...other });
export const flapOf = (kind: Flap['way']['kind'], other: Partial<Flap> = {}): Flap => ({
  ...(newPart(planWith({ carcasses: [flapCase()] }), 'flap', flapCase(), undefined, FLAPS[kind]) as Flap),
  ...other,
});
export const withFlap = (
  kind: Flap['way']['kind'],
  other: Partial<Flap> = {},
  on: Partial<Carcass> = {},
): Made => ({ carcasses: [flapCase(on)], parts: [flapOf(kind, other)] });

/** A cabinet for a bed that turns at its end, 1000 x 2250 x 450, and at its side, 2150 x 1250 x 450. */
export const cabinetOf = (turns: Bed['turns'], other: Partial<Carcass> = {}): Carcass =>
  caseOf({
    ...(turns === 'at the end'
      ? { width: mm(1000), height: mm(2250) }
      : { width: mm(2150), height: mm(1250) }),
    depth: mm(450),
    ...other,
  });

/** A bed in that on legs swung out by hand, its mattress 2000 x 850 x 150; so long lies along a side. */
export function bedOf(turns: Bed['turns'], other: Partial<Bed> = {}): Bed {
  const host = cabinetOf(turns);
  const words = turns === 'at the end' ? undefined : 'A bed that turns at its side';
  const fresh = newPart(planWith({ carcasses: [host] }), 'bed', host, undefined, words) as Bed;
  const mattress = { ...fresh.mattress, long: mm(2000), wide: mm(850), thick: mm(150), kg: 16 };
  return { ...fresh, mattress, ...other };
}
export const withBed = (turns: Bed['turns'], other: Partial<Bed> = {}, on: Partial<Carcass> = {}): Made => ({
  carcasses: [cabinetOf(turns, on)],
  parts: [bedOf(turns, other)],
});

/** Ropes for a bed to lie on that turns at its side: the farther from its pivot their ends, the less they are drawn with. */
export const ROPES = {
  hardware: 'rope-1100',
  ends: 'both',
  onLeaf: { along: mm(740), in: mm(0) },
  onCase: { along: mm(800), in: mm(0) },
} as const;

/** A folding platform on a chest 900 x 400 x 420: three leaves, those before it 460 wide; on ledgers they are 400. */
export const platformOf = (other: Partial<Platform> = {}, words?: string): Platform => ({
  ...(newPart(planWith({ carcasses: [seatOf()] }), 'platform', seatOf(), undefined, words) as Platform),
  ...other,
});
export const seatOf = (other: Partial<Carcass> = {}): Carcass =>
  chestOf({ width: mm(900), depth: mm(400), height: mm(420), z: mm(0), ...other });
export const withPlatform = (other: Partial<Platform>, words?: string, on: Partial<Carcass> = {}): Made => ({
  carcasses: [seatOf(on)],
  parts: [platformOf(other, words)],
});

/** Slats on the same: 8 that stay and 7 between them, drawn out by 280. */
export const slatsOf = (other: Partial<Slats> = {}): Slats => ({
  ...(newPart(planWith({ carcasses: [seatOf()] }), 'slats', seatOf()) as Slats),
  ...other,
});
export const withSlats = (other: Partial<Slats>, on: Partial<Carcass> = {}): Made => ({
  carcasses: [seatOf(on)],
  parts: [slatsOf(other)],
});

/** A table on the floor, 900 x 600, from 400 to 720 high, in the middle of the room. */
export const LIFTED = { pedestal: undefined, scissor: 'A table on a scissor', 'parallel arms': 'A table on parallel arms' } as const; // prettier-ignore
export const liftOf = (kind: Lifts['kind'], other: Partial<LiftTable> = {}): LiftTable => ({
  ...(newStanding(planWith({}), 'lift table', LIFTED[kind]) as LiftTable),
  ...other,
});
export const withLift = (kind: Lifts['kind'], other: Partial<LiftTable> = {}): Made => ({
  carcasses: [],
  parts: [liftOf(kind, other)],
});

/** A leaf on the south wall, in the middle of it: a table 800 x 450, a seat 450 x 380, a step 300 x 175. */
export const FOLDED = {
  table: undefined,
  seat: 'A seat that folds down',
  step: 'A step that folds down',
} as const;
export const foldDownOf = (use: FoldDown['use'], other: Partial<FoldDown> = {}): FoldDown => ({
  ...(newOnWall(planWith({}), 'fold-down', FOLDED[use]) as FoldDown),
  ...other,
});
export const withFoldDown = (use: FoldDown['use'], other: Partial<FoldDown> = {}): Made => ({
  carcasses: [],
  parts: [foldDownOf(use, other)],
});

/** A hidden door in the south wall of a plain room, its left 3600 from the east; and a case on a door that is there. */
export const hiddenOf = (words: string, other: Partial<Hidden> = {}): Hidden => ({
  ...(newOnWall(planWith({ carcasses: [] }), 'hidden', words) as Hidden),
  ...other,
});
export const withHidden = (words: string, other: Partial<Hidden> = {}): Made => ({
  carcasses: [],
  parts: [hiddenOf(words, other)],
});
export const caseOnDoor = (other: Partial<Hidden>, door: object = {}): Made => {
  const bare = planWith({ carcasses: [] });
  const there = { ...newExisting(bare, 'room door'), id: 'door', x: mm(3000), core: 'solid', ...door } as Existing;
  const mount = { on: 'mover', host: 'door', nth: 0, face: 'outside', from: mm(2), up: mm(8), while: 'same' } as const;
  return {
    carcasses: [],
    parts: [{ ...freshOnDoor('case', 'Shelf case', mount, 'ply-12', [740, 1960]), ...other }],
    change: (plan) => ({ ...plan, existing: [there] }),
  };
}; // prettier-ignore

/** A cover over the latch of a door that is there, on its outside. */
export const coverOnDoor = (other: Partial<Cover>): Made => {
  const bare = planWith({ carcasses: [] });
  const door = { ...newExisting(bare, 'room door'), id: 'door', handle: { projection: mm(0), height: mm(1000) } } as Existing;
  const made = newOnLeaf({ ...bare, existing: [door] }, 'cover', 'door') as Cover;
  return {
    carcasses: [],
    parts: [{ ...made, ...other }],
    change: (plan) => ({ ...plan, existing: [door] }),
  };
}; // prettier-ignore

const worktop = caseOf({ width: mm(900) });
/** A cover 210 x 150 on the south wall, 300 up; or 560 x 420 on the top of a chest 900 x 500. */
export const coverOf = (on: Cover['mount']['on'], other: Partial<Cover> = {}): Cover => ({
  ...((on === 'wall'
    ? newOnWall(planWith({}), 'cover')
    : newPart(planWith({ carcasses: [worktop] }), 'cover', worktop)) as Cover),
  ...other,
});
export const withCover = (on: Cover['mount']['on'], other: Partial<Cover> = {}): Made => ({
  carcasses: on === 'top' ? [worktop] : [],
  parts: [coverOf(on, other)],
});

/** A case off the floor: a front with even gaps ends just over its foot. */
const raisedCase = (on: Partial<Carcass> = {}) => caseOf({ z: mm(100), ...on });

/** A bank of one drawer, 597 x 717 of front, on side slides. */
export const drawerOf = (other: Partial<Drawer> = {}): Drawer => ({
  ...(newPart(planWith({}), 'drawer', caseOf()) as Drawer),
  bank: bankOf('even', 1),
  ...other,
});

export const pulloutOf = (kind: Pullout['carries']['kind'], other: Partial<Pullout> = {}): Pullout => ({
  ...ofKind(newPart(planWith({}), 'pull-out', caseOf()) as Pullout, kind),
  ...other,
});

/** Two panels of 6 mm on two tracks. */
export function slidingOf(way: Partial<Grooves> = {}, other: Partial<Sliding> = {}): Sliding {
  const part = newPart(planWith({}), 'sliding', caseOf()) as Sliding;
  return { ...part, way: { ...(part.way as Grooves), ...way }, ...other };
}

export const withDrawer = (other: Partial<Drawer>, on: Partial<Carcass> = {}): Made => ({
  carcasses: [raisedCase(on)],
  parts: [drawerOf(other)],
});
export const withPullout = (
  kind: Pullout['carries']['kind'],
  other: Partial<Pullout> = {},
  on: Partial<Carcass> = {},
): Made => ({
  carcasses: [raisedCase(on)],
  parts: [pulloutOf(kind, other)],
});
export const withSliding = (
  way: Partial<Grooves>,
  other: Partial<Sliding> = {},
  on: Partial<Carcass> = {},
): Made => ({
  carcasses: [raisedCase(on)],
  parts: [slidingOf(way, other)],
});

/** A box standing somewhere in the room. */
export const boxAt =
  (
    name: string,
    at: Readonly<Record<'x' | 'y' | 'z' | 'width' | 'depth' | 'height', number>>,
  ): NonNullable<Made['change']> =>
  (plan) => ({
    ...plan,
    things: [
      {
        id: 'box-thing',
        name,
        kind: 'box',
        x: mm(at.x),
        y: mm(at.y),
        z: mm(at.z),
        width: mm(at.width),
        depth: mm(at.depth),
        height: mm(at.height),
      },
    ],
  });
