import type { Point3 } from '../solid/prism';
import type { Side } from '../item/schema';
import type { Thing } from './schema';

/** The box of a thing, mm. */
export interface Box {
  readonly least: Point3;
  readonly greatest: Point3;
}

export function boxOf({
  x,
  y,
  z,
  width,
  depth,
  height,
}: Pick<Thing, 'x' | 'y' | 'z' | 'width' | 'depth' | 'height'>): Box {
  return { least: [x.mm, y.mm, z.mm], greatest: [x.mm + width.mm, y.mm + depth.mm, z.mm + height.mm] };
}

/** A box seen with its back to one side: along it to the right, out from its back, and up; all from one corner, mm. */
export interface BackFrame {
  readonly long: number;
  readonly deep: number;
  put(along: number, out: number, up: number): Point3;
}

/**
 * The frame of a box whose back is on a side, as seen by somebody who looks at that side: along runs from west or from
 * south, so that stations are counted the way people measure a wall.
 */
export function backFrame({ least, greatest }: Box, back: Side): BackFrame {
  const [w, d] = [greatest[0] - least[0], greatest[1] - least[1]];
  const alongX = back === 'north' || back === 'south';
  const place: Record<Side, (along: number, out: number) => readonly [number, number]> = {
    north: (along, out) => [along, d - out],
    south: (along, out) => [along, out],
    east: (along, out) => [w - out, along],
    west: (along, out) => [out, along],
  };
  return {
    long: alongX ? w : d,
    deep: alongX ? d : w,
    put: (along, out, up) => {
      const [x, y] = place[back](along, out);
      return [least[0] + x, least[1] + y, least[2] + up];
    },
  };
}
