import { called } from '../item/called';
import type { Body } from '../scene/scene';
import { box, prism, type Point3 } from '../solid/prism';
import type { Side, Space, Thing } from './schema';

/** How thick walls, floor and ceiling are taken to be, mm: thicker than anything that could pass through them. */
const SHELL = 120;

/** The space's own bodies: four walls, floor, ceiling and the roof slope. */
export function spaceBodies(space: Space): Body[] {
  const w = space.width.mm;
  const d = space.depth.mm;
  const h = space.height.mm;
  const body = (id: string, name: string, least: Point3, greatest: Point3): Body => ({
    id,
    name,
    item: 'space',
    pieces: [box(least, greatest)],
  });
  const bodies = [
    body('wall-north', 'the north wall', [-SHELL, d, 0], [w + SHELL, d + SHELL, h]),
    body('wall-east', 'the east wall', [w, -SHELL, 0], [w + SHELL, d + SHELL, h]),
    body('wall-south', 'the south wall', [-SHELL, -SHELL, 0], [w + SHELL, 0, h]),
    body('wall-west', 'the west wall', [-SHELL, -SHELL, 0], [0, d + SHELL, h]),
    body('floor', 'the floor', [-SHELL, -SHELL, -SHELL], [w + SHELL, d + SHELL, 0]),
    body('ceiling', 'the ceiling', [-SHELL, -SHELL, h], [w + SHELL, d + SHELL, h + SHELL]),
  ];
  const slope = slopeBody(space);
  return slope ? [...bodies, slope] : bodies;
}

/**
 * What the roof slope takes from the space: a prism along its wall, over the triangle between knee, ceiling and wall,
 * cut short at the opposite wall where the slope does not reach the ceiling before it.
 */
function slopeBody(space: Space): Body | undefined {
  const { slope } = space;
  if (!slope || slope.knee.mm >= space.height.mm) return undefined;
  const alongX = slope.side === 'north' || slope.side === 'south';
  const length = alongX ? space.width.mm : space.depth.mm;
  const reach = alongX ? space.depth.mm : space.width.mm;
  const h = space.height.mm;
  const knee = slope.knee.mm;
  const grade = Math.tan((slope.pitch * Math.PI) / 180);
  const run = (h - knee) / grade;
  const profile: [number, number][] =
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
    return places[slope.side];
  };
  const solid = prism(profile, ([inward, z], end) => put(inward, z, end === 0 ? length : 0));
  return { id: 'slope', name: 'the roof slope', item: 'space', pieces: [solid] };
}

export function thingBody(thing: Thing): Body {
  const { x, y, z, width, depth, height } = thing;
  return {
    id: `thing-${thing.id}`,
    name: `the ${called(thing.name)}`,
    item: thing.id,
    pieces: [box([x.mm, y.mm, z.mm], [x.mm + width.mm, y.mm + depth.mm, z.mm + height.mm])],
    ...(thing.kind === 'keep-clear zone' && { zone: true as const }),
    ...(thing.state === 'to come' && { toCome: true as const }),
  };
}
