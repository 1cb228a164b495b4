import { cornersOf, wallsOf, type Wall } from '../space/outline';
import { type Space } from '../space/schema';
import { SIDES, type Side } from '../item/schema';
import type { Thing } from '../things/schema';
import type { Measured } from '../measure/governing';
import { plumbKey } from '../measure/dimensionKey';

/** A wall that was read against a plumb line: how far its head stands nearer to the room than its foot. */
export interface Plumb {
  readonly wall: Wall;
  /** mm; less than 0 where it leans away. */
  readonly intoRoom: number;
  readonly sigma: number;
  /** That much is no chance. */
  readonly leans: boolean;
}

/** Of every wall that was read at foot and head: the farther the line is from it at the head, the more it leans away. */
export function plumbOf(space: Space, read: (key: string) => Measured | undefined): Plumb[] {
  return wallsOf(space).flatMap((wall): Plumb[] => {
    const [foot, head] = [read(plumbKey(wall.id, 'foot')), read(plumbKey(wall.id, 'head'))];
    if (!foot || !head) return [];
    const intoRoom = foot.mm - head.mm;
    const sigma = Math.hypot(foot.sigma, head.sigma);
    return [{ wall, intoRoom, sigma, leans: Math.abs(intoRoom) > 2 * sigma }];
  });
}

/**
 * What such a wall takes of a plain room, as a thing: all before the upright through the wall's line where it is read. A wall
 * that leans away is farther at its head, so it is its foot that stands in; the plan's line is then that of the head.
 * Undefined for a wall that does not lie along one side of the room's box.
 */
export function leaningThing(
  space: Space,
  { wall, intoRoom }: Plumb,
  named: Pick<Thing, 'id' | 'name'>,
): Thing | undefined {
  const side = SIDES.find((one) => one === wall.id);
  if (!side || space.outline || cornersOf(space).length !== 4) return undefined;
  const deep = Math.abs(intoRoom);
  const [w, d] = [space.width.mm, space.depth.mm];
  const place: Record<Side, { x: number; y: number; width: number; depth: number }> = {
    north: { x: 0, y: d - deep, width: w, depth: deep },
    south: { x: 0, y: 0, width: w, depth: deep },
    east: { x: w - deep, y: 0, width: deep, depth: d },
    west: { x: 0, y: 0, width: deep, depth: d },
  };
  const { x, y, width, depth } = place[side];
  const mm = (value: number) => ({ mm: Math.round(value * 10) / 10 });
  const size = { width: mm(width), depth: mm(depth) };
  const most = mm(deep);
  return {
    ...named,
    kind: 'sloping face',
    x: mm(x),
    y: mm(y),
    z: { mm: 0 },
    ...size,
    height: space.height,
    shape: {
      kind: 'leaning',
      back: side,
      foot: intoRoom < 0 ? most : { mm: 0 },
      head: intoRoom > 0 ? most : { mm: 0 },
    },
  };
}
