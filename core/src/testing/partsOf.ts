import type { Carcass } from '../carcass/schema';
import type { Drawer } from '../parts/drawer/schema';
import { bankOf } from '../parts/kit/drawn/usual';
import { ofKind } from '../parts/pullout/fresh';
import type { Pullout } from '../parts/pullout/schema';
import type { Grooves, Sliding } from '../parts/sliding/schema';
import { newPart } from '../plan/fresh';
import { caseOf, mm, planWith, type Made } from './planWith';

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
