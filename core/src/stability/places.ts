import { coldStart } from '../clearance/gjk';
import { boxOf, type Boxes } from '../clearance/boxes';
import { boxesApart, standing } from '../clearance/extent';
import { separate } from '../clearance/separate';
import { emptySeparation } from '../clearance/separation';
import type { Carcass } from '../carcass/schema';
import { frameOf } from '../item/frame';
import { boundsIn } from '../piece/boundsIn';
import type { Body } from '../scene/scene';
import type { Convex } from '../solid/convex';
import { span, type Bounds } from '../solid/bounds';

/** Standing nearer than this to something counts as touching it, mm: no floor is flatter. */
const TOUCHES = 2;
/** A hung case may stand so far off its wall, on battens or over a skirting, mm. Common practice. */
const OFF_WALL = 30;
/** Less than this of a foot or back against something is none, mm. */
const LEAST_MET = 20;
/** As deep in something as this is a case that was drawn against it, mm. */
const LET_IN = 0.5;

/** What it stands in, and how deep, mm. */
export interface StandsIn {
  readonly body: Body;
  readonly deep: number;
}

const separation = emptySeparation();
const isConvex = (solid: Body['pieces'][number]): solid is Convex => solid.kind === 'convex';

/** What a body that stands is drawn into, the deepest first. */
export function standsIn(own: Body, others: readonly Body[]): StandsIn[] {
  const mine = own.pieces.filter(isConvex).map((piece) => ({ piece, box: boxOf(piece.corners) }));
  return others
    .map((body) => ({ body, deep: deepest(mine, body) }))
    .filter(({ deep }) => deep > LET_IN)
    .sort((a, b) => b.deep - a.deep);
}

function deepest(mine: readonly { piece: Convex; box: Boxes }[], body: Body): number {
  const { pieces } = body;
  const { boxes } = standing(body);
  let deep = 0;
  for (const [i, other] of pieces.entries()) {
    if (!isConvex(other)) continue;
    const about = boxes[i] ?? boxOf(other.corners);
    for (const { piece, box } of mine) {
      if (boxesApart(box, about, 0)) continue;
      separate(piece, piece.corners, other, other.corners, coldStart(), separation);
      deep = Math.max(deep, -separation.value);
    }
  }
  return deep;
}

/** What of some bodies lies where a box of a frame is, grown to one side. */
function anyIn(carcass: Carcass, { x, y, z }: Bounds, others: readonly Body[], deep: boolean): boolean {
  const frame = frameOf(carcass);
  const meets = (a: Bounds['x'], b: Bounds['x'], least: number) =>
    Math.min(a[1], b[1]) - Math.max(a[0], b[0]) >= least;
  return others.some(({ pieces }) =>
    pieces.some((piece) => {
      const at = boundsIn(frame, { pieces: [piece] });
      if (!at) return true;
      const least = (range: Bounds['x']) => Math.min(LEAST_MET, span(range));
      return (
        meets(at.x, x, least(x)) && meets(at.y, y, deep ? 0 : least(y)) && meets(at.z, z, deep ? least(z) : 0)
      );
    }),
  );
}

/** Whether a carcass has something under its foot, at its back or over its head, by what it stands on or hangs from. */
export function isBorne(carcass: Carcass, foot: Bounds, others: readonly Body[]): boolean {
  const { stands, depth, height, width } = carcass;
  const across = [0, width.mm] as const;
  switch (stands.on) {
    case 'the wall':
      return anyIn(
        carcass,
        {
          x: across,
          y: [depth.mm - TOUCHES, depth.mm + OFF_WALL],
          z: [height.mm - stands.rail.mm, height.mm],
        },
        others,
        true,
      );
    case 'the ceiling':
      return anyIn(
        carcass,
        { x: across, y: [0, depth.mm], z: [height.mm - TOUCHES, height.mm + OFF_WALL] },
        others,
        false,
      );
    default:
      return anyIn(
        carcass,
        { x: foot.x, y: foot.y, z: [foot.z[0] - TOUCHES, foot.z[0] + TOUCHES] },
        others,
        false,
      );
  }
}

/** Bodies so near to another that it may stand in them or on them, by their boxes, mm. */
const NEAR = 60;

/** All that stands still about a body but what is of it. */
export function besides(own: Body, still: readonly Body[]): Body[] {
  const { whole } = standing(own);
  return still.filter((body) => body.item !== own.item && !boxesApart(whole, standing(body).whole, NEAR));
}
