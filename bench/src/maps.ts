import {
  box,
  CELLS,
  fullestOpening,
  motionOf,
  pairLines,
  pairMap,
  PairMaps,
  passOf,
  SceneChecker,
  UNKNOWN,
  type Mover,
} from '@tarnpass/core';
import { median, timed, type Figures } from './figures';
import { room } from './room';

/** Maps of two doors, door and drawer, two drawers. */
export function measureMaps(figures: Figures): void {
  const scene = room(4, 20);
  const [door, drawer] = [scene.movers[0]!, scene.movers[1]!];
  const pairs = [
    [door, mirrored(door)],
    [door, drawer],
    [drawer, facing(drawer)],
  ] as const;
  const times: number[] = [];
  const ratios: number[] = [];
  for (const [a, b] of pairs) {
    let map = pairMap(a, b);
    times.push(median(Array.from({ length: 7 }, () => timed(() => (map = pairMap(a, b))))));
    const unknown = map.ground.reduce((sum, kind) => sum + Number(kind === UNKNOWN), 0);
    const edge = boundary(map.ground);
    if (edge > 0) ratios.push(unknown / edge);
  }
  figures.note('pairMapMs', median(times));
  figures.note('pairMapWorstMs', Math.max(...times));
  figures.note('unknownToBoundary', ratios.length > 0 ? Math.max(...ratios) : 0);
  const still = scene.still;
  const passes = pairs.map(([a, b]) => {
    const maps = new PairMaps();
    maps.of(a, b);
    const ask = () => passOf({ still, movers: [a, b] }, maps, a.id, b.id);
    return median(Array.from({ length: 7 }, () => timed(ask)));
  });
  figures.note('passMs', median(passes));
  measureOrders(figures);
}

/** The words of all pairs of the room and the order that opens all of it, from nothing. */
function measureOrders(figures: Figures): void {
  const scene = room(30, 250);
  const { movers: checks } = new SceneChecker().check(scene);
  const words = () => {
    for (const steps = pairLines(scene, new PairMaps()); !steps.next().done;);
  };
  figures.note('wordsMs', median(Array.from({ length: 5 }, () => timed(words))));
  const order = () => fullestOpening(scene, checks, new PairMaps());
  figures.note('openingMs', median(Array.from({ length: 5 }, () => timed(order))));
}

/** The true boundary in cells, about: cells along which free and blocked ground meet once unknown cells are given to either. */
function boundary(ground: Uint8Array): number {
  let changes = 0;
  const walk = (at: (k: number) => number) => {
    let last = -1;
    for (let k = 0; k < CELLS; k += 1) {
      const kind = at(k);
      if (kind === UNKNOWN) continue;
      if (last !== -1 && kind !== last) changes += 1;
      last = kind;
    }
  };
  for (let k = 0; k < CELLS; k += 1) {
    walk((j) => ground[k * CELLS + j]!);
    walk((i) => ground[i * CELLS + k]!);
  }
  return changes;
}

/** A second door 900 beside the first, hung the other way: their leaves cross each other's air. */
function mirrored(door: Mover): Mover {
  const flip = (x: number) => 1250 - x;
  return {
    ...door,
    id: 'mirrored',
    bodies: door.bodies.map((body) => ({
      ...body,
      id: `${body.id}-mirrored`,
      pieces: [box([flip(596), -21, 2], [flip(4), -1, 798])],
      motion: motionOf({ kind: 'turn', point: [flip(3), -3, 0], axis: [0, 0, 1] }),
    })),
  };
}

/** A second drawer that comes the other way. */
function facing(drawer: Mover): Mover {
  return {
    ...drawer,
    id: 'facing',
    bodies: drawer.bodies.map((body) => ({
      ...body,
      id: `${body.id}-facing`,
      pieces: body.pieces.map((piece) => ({
        ...piece,
        corners: piece.corners.map((x, c) => (c % 3 === 1 ? x - 1150 : x)),
      })),
      motion: motionOf({ kind: 'slide', direction: [0, 1, 0] }),
    })),
  };
}
