import type { Issue } from '../../item/issue';
import type { SumLine } from '../../sizing/sum';
import { boardsOf, boxPieces, withinBox, type Board, type Bounds } from '../box/box';
import { boxIssues } from '../box/refuse';
import type { PartPlace, SizedPiece } from '../family';
import type { Drawer } from './schema';

/** What runs in and out between its slides, whatever it is: how it is made within its outer bounds, in the carcass's frame, mm. */
export interface Innards {
  boards(outer: Bounds): Board[];
  /** Where its contents stand: on each of its tiers, the lowest first. */
  tiers(outer: Bounds): readonly Bounds[];
  /** Closed above where its tiers end: contents do not stand out of it. */
  readonly closed?: true;
  /** What of it cannot be made. Paths start at the part. */
  issues(outer: Bounds, frontThick: number): Issue[];
  /** What is cut for it. `width` is how its outer width came about; `name` how its pieces begin in a list. */
  pieces(outer: Bounds, width: readonly SumLine[], name: string): SizedPiece[];
}

/** Whether the front end of its box is the drawer's front. */
export const isOwn = ({ front, fit }: Pick<Drawer, 'front' | 'fit'>): boolean =>
  front.made !== 'applied' && fit.kind !== 'none';

/** A box, or an old one that is used again. */
export function drawerInnards(drawer: Drawer, { stock }: PartPlace): Innards {
  const { box, old } = drawer;
  if (old)
    return {
      boards: (outer) => oldWalls(outer, box.material),
      tiers: ({ x, y, z }) => [
        {
          x: [x[0] + OLD_WALL, x[1] - OLD_WALL],
          y: [y[0] + OLD_WALL, y[1] - OLD_WALL],
          z: [z[0] + OLD_WALL, z[1]],
        },
      ],
      issues: () => [],
      pieces: ({ x, y, z }, _width, name) => {
        const asIs = (words: string, mm: number) => ({
          name: words,
          lines: [{ words: 'the old box', mm }],
          mm,
        });
        return [
          {
            name,
            count: 1,
            width: asIs('width', x[1] - x[0]),
            height: asIs('depth', y[1] - y[0]),
            thickness: z[1] - z[0],
            material: '',
            notes: ['Used again as it is.'],
          },
        ];
      },
    };
  const own = isOwn(drawer);
  return {
    boards: (outer) => boardsOf(box, outer, own, stock),
    tiers: (outer) => [withinBox(box, outer, own, stock)],
    issues: (outer, frontThick) => boxIssues(box, outer, own, frontThick, stock),
    pieces: (outer, width, name) => boxPieces(box, outer, own, stock, width, name),
  };
}

/** Walls and bottom of an old box nobody measured are taken to be so thick, mm. CP, no single source. */
const OLD_WALL = 14;

/** An old box is solid all round as far as it is known: walls, ends and bottom. */
function oldWalls({ x, y, z }: Bounds, material: string): Board[] {
  const t = OLD_WALL;
  const board = (what: Board['what'], bounds: Bounds): Board => ({ what, material, bounds });
  return [
    board('side', { x: [x[0], x[0] + t], y, z }),
    board('side', { x: [x[1] - t, x[1]], y, z }),
    board('end', { x: [x[0] + t, x[1] - t], y: [y[0], y[0] + t], z }),
    board('end', { x: [x[0] + t, x[1] - t], y: [y[1] - t, y[1]], z }),
    board('bottom', { x: [x[0] + t, x[1] - t], y: [y[0] + t, y[1] - t], z: [z[0], z[0] + t] }),
  ];
}
