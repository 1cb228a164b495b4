import type { Body } from '../scene/scene';
import { box, prism, type Point2, type Point3 } from '../solid/prism';
import { wallsOf } from './outline';
import type { Slope, Space } from './schema';
import type { Side } from '../item/schema';
import { SHELL, type Void } from './shell';
import { uncovered, type Rect } from './uncovered';
import { wallPieces } from './walls';

/** The space's own bodies: its walls, floor, ceiling and roof slopes, with what is cut out of them. */
export function spaceBodies(space: Space, voids: readonly Void[] = []): Body[] {
  const h = space.height.mm;
  const walls = wallsOf(space);
  const bodies = walls.map((wall, i): Body => ({
    id: `wall-${wall.id}`,
    name: wall.name,
    item: 'space',
    surface: { kind: 'wall', corner: wall.id },
    pieces: wallPieces(walls, i, h, voids),
  }));
  const floor = slab('floor', space, [-SHELL, 0], voids);
  const ceiling = slab('ceiling', space, [h, h + SHELL], voids);
  const slopes = space.slopes.flatMap((slope, i) => slopeBody(space, slope, i) ?? []);
  return [...bodies, floor, ceiling, ...slopes].filter(({ pieces }) => pieces.length > 0);
}

/** Floor or ceiling: a slab over the whole box of the space, less what is cut through it. */
function slab(
  kind: 'floor' | 'ceiling',
  space: Space,
  [z0, z1]: readonly [number, number],
  voids: readonly Void[],
): Body {
  const whole: Rect = [-SHELL, space.width.mm + SHELL, -SHELL, space.depth.mm + SHELL];
  const holes = voids
    .filter(({ least, greatest }) => least[2] < z1 - 1e-6 && greatest[2] > z0 + 1e-6)
    .map(({ least, greatest }): Rect => [least[0], greatest[0], least[1], greatest[1]]);
  return {
    id: kind,
    name: `the ${kind}`,
    item: 'space',
    surface: { kind },
    pieces: uncovered(whole, holes).map(([x0, x1, y0, y1]) => box([x0, y0, z0], [x1, y1, z1])),
  };
}

/**
 * What a roof slope takes from the space: a prism along its side, over the triangle between knee, ceiling and wall,
 * cut short at the opposite side where the slope does not reach the ceiling before it.
 */
function slopeBody(space: Space, { side, knee: { mm: knee }, pitch }: Slope, i: number): Body | undefined {
  const h = space.height.mm;
  if (knee >= h) return undefined;
  const alongX = side === 'north' || side === 'south';
  const length = alongX ? space.width.mm : space.depth.mm;
  const reach = alongX ? space.depth.mm : space.width.mm;
  const grade = Math.tan((pitch * Math.PI) / 180);
  const run = (h - knee) / grade;
  const profile: Point2[] =
    run <= reach
      ? [
          [0, knee],
          [run, h],
          [0, h],
        ]
      : [
          [0, knee],
          [reach, knee + reach * grade],
          [reach, h],
          [0, h],
        ];
  // `inward` is measured from the wall; seen along the wall so that the outline stays counter-clockwise.
  const put = (inward: number, z: number, along: number): Point3 => {
    const places: Record<Side, Point3> = {
      north: [along, space.depth.mm - inward, z],
      south: [length - along, inward, z],
      east: [space.width.mm - inward, length - along, z],
      west: [inward, along, z],
    };
    return places[side];
  };
  const solid = prism(profile, ([inward, z], end) => put(inward, z, end === 0 ? length : 0));
  const name = space.slopes.length > 1 ? `the ${side} roof slope` : 'the roof slope';
  return {
    id: i === 0 ? 'slope' : `slope-${i + 1}`,
    name,
    item: 'space',
    surface: { kind: 'slope', nth: i },
    pieces: [solid],
  };
}
