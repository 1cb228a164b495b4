import type { Stock } from '../../../material/stock';
import type { Bounds } from '../../../solid/bounds';
import { boxBoards, withinBox, type Whose } from '../box/box';
import { boxIssues } from '../box/refuse';
import { isOwn, type BoxConstruction, type ConstructedBox } from './construction';
import type { DrawnOut } from './schema';

/** A box that is made. */
export function boxConstruction(
  part: Pick<DrawnOut, 'front' | 'fit' | 'box'>,
  stock: Stock,
): BoxConstruction {
  const { box } = part;
  const own = isOwn(part);
  return {
    boards: (outer, sums, whose) => ({
      ...boxBoards(box, outer, own, stock, sums, whose),
      holds: boxHolds(whose, own),
    }),
    tiers: (outer) => [withinBox(box, outer, own, stock)],
    issues: (outer, frontThick) => boxIssues(box, outer, own, frontThick, stock),
  };
}

/** Slides are on a box's sides, and its front is screwed to its front end. */
export const boxHolds = ({ key }: Whose, own: boolean): ConstructedBox['holds'] => ({
  left: `${key}/side-left`,
  right: `${key}/side-right`,
  ...(!own && { front: `${key}/end-front` }),
});

/** An old box that is used again as it is. */
export const reusedBoxConstruction: BoxConstruction = {
  boards: (outer) => ({ boards: [], old: wallsOf(outer), intoFront: [], holds: {} }),
  tiers: ({ x, y, z }) => [
    {
      x: [x[0] + OLD_WALL, x[1] - OLD_WALL],
      y: [y[0] + OLD_WALL, y[1] - OLD_WALL],
      z: [z[0] + OLD_WALL, z[1]],
    },
  ],
  issues: () => [],
};

/** Walls and bottom of an old box nobody measured are taken to be so thick, mm. Common practice, no single source. */
const OLD_WALL = 14;

/** An old box is solid all round as far as it is known: walls, ends and bottom. */
function wallsOf({ x, y, z }: Bounds): Bounds[] {
  const t = OLD_WALL;
  const within = [x[0] + t, x[1] - t] as const;
  return [
    { x: [x[0], x[0] + t], y, z },
    { x: [x[1] - t, x[1]], y, z },
    { x: within, y: [y[0], y[0] + t], z },
    { x: within, y: [y[1] - t, y[1]], z },
    { x: within, y: [y[0] + t, y[1] - t], z: [z[0], z[0] + t] },
  ];
}
