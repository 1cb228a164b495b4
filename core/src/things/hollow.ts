import type { Convex } from '../solid/convex';
import { box } from '../solid/prism';
import { OPPOSITE } from '../item/schema';
import { backFrame, type Box } from './frame';
import type { ShapeOf } from './schema';

/** What lines a recess, mm: thin enough to pass for its plaster, thick enough to stop what moves. */
const LINING = 20;

type Corners = readonly [number, number, number, number, number, number];

/** A box by its ends along each axis; undefined where it would be thinner than nothing. */
function solid([x0, x1, y0, y1, z0, z1]: Corners): Convex | undefined {
  return x1 - x0 > 1e-6 && y1 - y0 > 1e-6 && z1 - z0 > 1e-6 ? box([x0, y0, z0], [x1, y1, z1]) : undefined;
}

/** Every side of a box but the one it is open to, each so thick, outside it. */
export function liningPieces(
  { least: [x0, y0, z0], greatest: [x1, y1, z1] }: Box,
  into: ShapeOf<'void'>['into'],
): Convex[] {
  const t = LINING;
  const open: string = { ...OPPOSITE, up: 'down', down: 'up' }[into];
  const sides: Record<string, Corners> = {
    north: [x0 - t, x1 + t, y1, y1 + t, z0 - t, z1 + t],
    south: [x0 - t, x1 + t, y0 - t, y0, z0 - t, z1 + t],
    east: [x1, x1 + t, y0, y1, z0 - t, z1 + t],
    west: [x0 - t, x0, y0, y1, z0 - t, z1 + t],
    up: [x0, x1, y0, y1, z1, z1 + t],
    down: [x0, x1, y0, y1, z0 - t, z0],
  };
  return Object.entries(sides).flatMap(([side, corners]) => (side === open ? [] : (solid(corners) ?? [])));
}

/** The walls of a low compartment, each with what a builder calls it. */
export function compartmentBodies(own: Box, shape: ShapeOf<'compartment'>): [string, Convex[]][] {
  const { mouth } = shape;
  const [t, lip, head, cheeks] = [shape.wall.mm, shape.lip.mm, shape.head.mm, shape.cheeks.mm];
  const frame = backFrame(own, mouth === 'up' ? 'south' : OPPOSITE[mouth]);
  const [w, d, h] = [frame.long, frame.deep, own.greatest[2] - own.least[2]];
  // Along, out from the back, up: from and to each.
  const block = ([a0, a1, o0, o1, u0, u1]: Corners): Convex[] => {
    const [p, q] = [frame.put(a0, o0, u0), frame.put(a1, o1, u1)];
    const ends = (axis: 0 | 1 | 2): [number, number] => [
      Math.min(p[axis], q[axis]),
      Math.max(p[axis], q[axis]),
    ];
    const made = solid([...ends(0), ...ends(1), ...ends(2)]);
    return made ? [made] : [];
  };
  const floor = block([0, w, 0, d, 0, t]);
  const back = block([0, w, 0, t, t, h]);
  if (mouth === 'up') {
    const front = block([0, w, d - t, d, t, h]);
    const ends = [...block([0, t, t, d - t, t, h]), ...block([w - t, w, t, d - t, t, h])];
    const rim = [
      ...block([t, t + cheeks, t, d - t, h - t, h]),
      ...block([w - t - cheeks, w - t, t, d - t, h - t, h]),
      ...block([t + cheeks, w - t - cheeks, t, t + head, h - t, h]),
      ...block([t + cheeks, w - t - cheeks, d - t - lip, d - t, h - t, h]),
    ];
    return named([
      ['floor', floor],
      ['back', back],
      ['front', front],
      ['ends', ends],
      ['rim', rim],
    ]);
  }
  const ends = [...block([0, t, t, d, t, h]), ...block([w - t, w, t, d, t, h])];
  const top = block([t, w - t, t, d, h - t, h]);
  const front = d - t;
  return named([
    ['floor', floor],
    ['back', back],
    ['ends', ends],
    ['top', top],
    ['lip', block([t, w - t, front, d, t, t + lip])],
    ['head', block([t, w - t, front, d, h - t - head, h - t])],
    [
      'cheeks',
      [
        ...block([t, t + cheeks, front, d, t + lip, h - t - head]),
        ...block([w - t - cheeks, w - t, front, d, t + lip, h - t - head]),
      ],
    ],
  ]);
}

const named = (parts: [string, Convex[]][]): [string, Convex[]][] =>
  parts.filter(([, pieces]) => pieces.length > 0);
