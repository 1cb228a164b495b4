import {
  box,
  carried,
  chain,
  motionOf,
  prism,
  ratio,
  STRAIGHT,
  type Body,
  type Convex,
  type Mover,
  type MovingBody,
  type Point3,
  type Scene,
} from '@tarnpass/core';

/** A repeatable source of numbers in [0, 1). */
export function numbers(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return state / 2 ** 32;
  };
}

const HALL = 600; // mm of wall for each mover, and so many rows of walls that the density stays even

/**
 * A made-up room: cupboards along walls with doors, drawers, lids and folding doors on them, and boxes and posts about.
 * The same density whatever the number of movers: the room grows with them.
 */
export function room(movers: number, pieces: number, seed = 7): Scene {
  const next = numbers(seed);
  const between = (a: number, b: number) => a + (b - a) * next();
  const perRow = Math.ceil(Math.sqrt(2 * movers));
  const scene: { still: Body[]; movers: Mover[] } = { still: [], movers: [] };
  for (let i = 0; i < movers; i += 1) {
    const x = (i % perRow) * HALL;
    const y = Math.floor(i / perRow) * 2200;
    scene.movers.push(moverAt(i, x, y, between));
    scene.still.push(...cupboard(i, x, y));
  }
  const wide = perRow * HALL;
  const deep = Math.ceil(movers / perRow) * 2200;
  for (let i = scene.still.reduce((sum, body) => sum + body.pieces.length, 0); i < pieces; i += 1) {
    const size = [between(30, 400), between(30, 300), between(100, 900)] as const;
    const at = [between(0, wide), between(-1500, deep - 500), between(0, 900)] as const;
    const solid =
      next() < 0.7
        ? box(at, [at[0] + size[0], at[1] + size[1], at[2] + size[2]])
        : prism(ring(size[0] / 2, 8), ([u, v], end) => [at[0] + u, at[1] + v, at[2] + end * size[2]]);
    scene.still.push({ id: `thing-${i}`, name: `thing ${i}`, item: `thing-${i}`, pieces: [solid] });
  }
  return scene;
}

function ring(radius: number, sides: number): [number, number][] {
  return Array.from({ length: sides }, (_, k) => [
    radius * Math.cos((2 * Math.PI * k) / sides),
    radius * Math.sin((2 * Math.PI * k) / sides),
  ]);
}

function cupboard(i: number, x: number, y: number): Body[] {
  const panel = (name: string, least: Point3, most: Point3): Body => ({
    id: `case-${i}/${name}`,
    name,
    item: `case-${i}`,
    pieces: [box(least, most)],
  });
  return [
    panel('left', [x, y, 0], [x + 18, y + 500, 800]),
    panel('right', [x + 582, y, 0], [x + 600, y + 500, 800]),
    panel('bottom', [x + 18, y, 0], [x + 582, y + 500, 18]),
    panel('top', [x + 18, y, 782], [x + 582, y + 500, 800]),
  ];
}

/** A mover of one to five pieces: door with handle, drawer of five panels, lid, folding pair. */
function moverAt(i: number, x: number, y: number, between: (a: number, b: number) => number): Mover {
  const id = `mover-${i}`;
  const whole = (unit: Mover['unit'], to: number, bodies: MovingBody[]): Mover => ({
    id,
    item: id,
    name: id,
    bodies,
    unit,
    from: 0,
    to,
    contacts: [],
    needs: { around: 10, of: {} },
  });
  const body = (name: string, motion: MovingBody['motion'], ...pieces: Convex[]): MovingBody => ({
    id: `${id}/${name}`,
    name,
    item: id,
    pieces,
    motion,
  });
  const kind = i % 4;
  if (kind === 0) {
    const motion = motionOf({ kind: 'turn', point: [x + 3, y - 3, 0], axis: [0, 0, -1] });
    const knob = prism(ring(12, 8), ([u, v], end) => [x + 540 + u, y - 21 - 30 * end, 400 + v]);
    return whole('rad', between(1.5, 2), [
      body('leaf', motion, box([x + 4, y - 21, 2], [x + 596, y - 1, 798])),
      body('handle', motion, knob),
    ]);
  }
  if (kind === 1) {
    const motion = motionOf({ kind: 'slide', direction: [0, -1, 0] });
    const z = between(60, 500);
    return whole('mm', between(300, 450), [
      body('front', motion, box([x + 4, y - 19, z - 10], [x + 596, y - 1, z + 190])),
      body(
        'box',
        motion,
        box([x + 31, y + 1, z], [x + 43, y + 480, z + 150]),
        box([x + 557, y + 1, z], [x + 569, y + 480, z + 150]),
        box([x + 43, y + 468, z], [x + 557, y + 480, z + 150]),
        box([x + 43, y + 1, z], [x + 557, y + 468, z + 12]),
      ),
    ]);
  }
  if (kind === 2) {
    const motion = motionOf({ kind: 'turn', point: [x, y + 495, 805], axis: [1, 0, 0] });
    return whole('rad', 1.4, [
      body('lid', motion, box([x + 2, y, 802], [x + 598, y + 495, 822])),
      body('rim', motion, box([x + 2, y - 20, 780], [x + 598, y - 2, 822])),
    ]);
  }
  const first = {
    joint: { kind: 'turn', point: [x + 3, y - 3, 0], axis: [0, 0, -1] },
    drive: STRAIGHT,
  } as const;
  const parent = chain([first]);
  const second = carried(
    parent,
    chain([{ joint: { kind: 'turn', point: [x + 300, y - 23, 0], axis: [0, 0, 1] }, drive: ratio(2) }]),
  );
  return whole('rad', 1.4, [
    body('near', parent, box([x + 4, y - 21, 2], [x + 298, y - 3, 798])),
    body('far', second, box([x + 302, y - 21, 2], [x + 596, y - 3, 798])),
  ]);
}
