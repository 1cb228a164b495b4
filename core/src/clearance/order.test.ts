import { table } from '../motion/drive';
import { chain } from '../motion/motion';
import type { Mover } from '../scene/scene';
import { box, type Point3 } from '../solid/prism';
import { deg, door, mover } from '../testing/leaves';
import { SceneChecker } from './checkScene';
import { FREE } from './cellState';
import { orderOfOpening, type Order, type Parkable, type Posed } from './order';
import { groundAt, pairMap, type PairMap } from './pairMap';
import { PairMaps } from './pairMaps';
import { freeSpaceInCells, freeSpaceInMm, wayClearance } from './freeSpace';
import { wayThrough } from './wayThrough';
import type { Place } from './freeGround';

const slide = (id: string, direction: Point3, to: number, ...solids: ReturnType<typeof box>[]) =>
  mover(id, { kind: 'slide', direction }, to, ...solids);

/** Whether the ground under a way, at 2,000 places of each straight part, is told free. */
function overFree(map: PairMap, way: readonly Place[]): boolean {
  return way.slice(1).every((to, k) =>
    Array.from({ length: 2001 }, (_, s) => s / 2000).every((s) => {
      const at = (side: 0 | 1) => way[k]![side] + s * (to[side] - way[k]![side]);
      return groundAt(map, at(0), at(1)) === FREE;
    }),
  );
}

const order = (movers: readonly Mover[], goal: Record<string, number>): Order => {
  const maps = new PairMaps();
  const byId = new Map(movers.map((one) => [one.id, one]));
  return orderOfOpening(
    movers.map(({ id, from, to, thing, goes }): Parkable => ({
      id,
      states: [from, to],
      ...(thing && { thing }),
      ...(goes && { goes }),
    })),
    goal,
    (a, b) => maps.of(byId.get(a.id)!, byId.get(b.id)!),
  );
};
const steps = (found: Order): unknown =>
  found.kind === 'order'
    ? found.moves.map((move) => (move.kind === 'one' ? [move.part, move.to] : [move.parts.join(' and ')]))
    : found;

describe('a way runs over proven-free ground from end to end', () => {
  // Slides of 1,024: a cell is 4 mm. From the start a step straight to a cell's middle far off would cut a corner by 0.65 mm.
  const pin = slide('a', [1, 0, 0], 1024, box([-0.05, -0.05, 0], [0.05, 0.05, 10]));
  const plates = slide(
    'b',
    [0, -1, 0],
    1024,
    box([44.5, -12, 0], [153.9, 3.9, 10]),
    box([-12, 8.2, 0], [94.3, 40.2, 10]),
  );

  it('from a narrow start, where seeing from one middle of a cell to another is not enough', () => {
    const map = pairMap(pin, plates);
    for (const room of [freeSpaceInMm(pin, plates, map), freeSpaceInCells(map)]) {
      const way = wayThrough(map, room, [0, 0], [1024, 1024])!;
      expect(overFree(map, way)).toBe(true);
      expect(wayClearance(pin, plates, way).lower).toBeGreaterThan(0);
    }
    expect(steps(order([pin, plates], { a: 1024, b: 1024 }))).toEqual([['a and b']]);
  });

  it('along an edge, where a part stands shut and the cells beside it are too coarse', () => {
    // 1 mm between a board and the slot it comes out of; a cell is 2 mm of the slot's travel.
    const board = slide('a', [1, 0, 0], 512, box([0, 0, 0], [100, 20, 10]));
    const slot = slide(
      'b',
      [0, 1, 0],
      512,
      box([50, 21, 0], [120, 40, 10]),
      box([50, -40, 0], [120, -1, 10]),
    );
    const map = pairMap(board, slot);
    expect(map.ground[0]).not.toBe(FREE);
    const way = wayThrough(map, freeSpaceInMm(board, slot, map), [0, 0], [512, 512])!;
    expect(way[0]).toEqual([0, 0]);
    expect(way[1]![1]).toBe(0); // the slot stands still while the board comes out of it
    expect(way[1]![0]).toBeGreaterThan(120);
    expect(wayClearance(board, slot, way).lower).toBeGreaterThan(0.99);
  });

  it('keeps away from what is near, also where it must begin in a narrow place', () => {
    const [a, b] = [door('a', 0, 0, 1, 80), door('b', 1002, 0, -1, 80)];
    const map = pairMap(a, b);
    const way = wayThrough(map, freeSpaceInMm(a, b, map), [0, 0], [deg(80), deg(80)])!;
    // 2 mm between the leaves' edges when shut: once one leads, they stay well apart.
    expect(wayClearance(a, b, way).lower).toBeLessThan(2);
    expect(wayClearance(a, b, way.slice(1)).lower).toBeGreaterThan(15);
  });
});

describe('an order', () => {
  it('of many parts that do not meet is found, the shortest first', () => {
    const many = Array.from({ length: 24 }, (_, i) => door(`d${i}`, 520 * i, 0, 1));
    const goal = Object.fromEntries(many.map(({ id, to }) => [id, to]));
    const found = order(many, goal);
    expect(found.kind === 'order' && found.moves).toHaveLength(24);
  });

  it('of two that are in each other from the start, or where they are wanted, or that nothing leads to, says which', () => {
    const block = (id: string, x: number, direction: Point3) =>
      slide(id, direction, 300, box([x, 0, 0], [x + 100, 100, 100]));
    const none = (a: Mover, b: Mover) => order([a, b], { [a.id]: a.to, [b.id]: b.to });
    expect(none(block('a', 0, [1, 0, 0]), block('b', 50, [0, 1, 0]))).toMatchObject({
      kind: 'none',
      why: 'shut',
    });
    expect(none(block('a', 0, [1, 0, 0]), block('b', 650, [-1, 0, 0]))).toMatchObject({
      kind: 'none',
      why: 'there',
    });
    // One behind the other on a track: each would be free where the other began.
    expect(
      none(
        slide('a', [1, 0, 0], 600, box([0, 0, 0], [100, 100, 100])),
        slide('b', [-1, 0, 0], 600, box([300, 0, 0], [400, 100, 100])),
      ),
    ).toMatchObject({ kind: 'none', why: 'parted' });
  });
});

describe('what goes with a thing', () => {
  const pullout = slide('bin', [0, -1, 0], 400, box([0, 0, 0], [300, 400, 500]));
  /** A lid at the bin's back, opened by 100 in place, or once the bin is out. */
  const lid = (goes: 'in place' | 'along'): Mover => {
    const piece = box([0, 380, 500], [300, 400, 503]);
    const bare = slide('lid', [0, 0, 1], 100, piece);
    if (goes === 'in place') return { ...bare, thing: 'bin', goes };
    const then = (first: number, last: number) =>
      table([
        [0, 0],
        [400, first],
        [500, last],
      ]);
    const motion = chain(
      [
        { joint: { kind: 'slide', direction: [0, -1, 0] }, drive: then(400, 400) },
        { joint: { kind: 'slide', direction: [0, 0, 1] }, drive: then(0, 100) },
      ],
      [400],
    );
    return { ...bare, to: 500, thing: 'bin', goes, bodies: [{ ...bare.bodies[0]!, motion }] };
  };
  const thing: Mover = { ...pullout, thing: 'bin' };

  it('opens in place before the thing is out, and is shut again for it', () => {
    for (const movers of [
      [thing, lid('in place')],
      [lid('in place'), thing],
    ])
      expect(steps(order(movers, { bin: 400, lid: 100 }))).toEqual([
        ['lid', 100],
        ['lid', 0],
        ['bin', 400],
      ]);
    expect(steps(order([thing, lid('in place')], { lid: 100 }))).toEqual([['lid', 100]]);
    expect(steps(order([thing, lid('in place')], { bin: 400 }))).toEqual([['bin', 400]]);
  });

  it('rides along and opens once the thing is out, which takes it past what both must pass', () => {
    const parts = (...others: Mover[]): Parkable[] => [
      { id: 'lid', states: [0, 400, 500], thing: 'bin', goes: 'along' },
      { id: 'bin', states: [0, 400], thing: 'bin' },
      ...others.map(({ id, to }) => ({ id, states: [0, to] })),
    ];
    const at = (movers: readonly Mover[]) => {
      const maps = new PairMaps();
      const byId = new Map(movers.map((one) => [one.id, one]));
      return (a: Posed, b: Posed) => maps.of(byId.get(a.id)!, byId.get(b.id)!);
    };
    // A flap lies before the lid alone, higher than the bin.
    const flap = slide('flap', [1, 0, 0], 400, box([0, 100, 501], [300, 120, 520]));
    const mapOf = at([lid('along'), thing, flap]);
    expect(steps(orderOfOpening(parts(flap), { bin: 400, lid: 500 }, mapOf))).toEqual([
      ['flap', 400],
      ['bin', 400],
      ['lid', 500],
    ]);
    expect(steps(orderOfOpening(parts(flap), { bin: 400 }, mapOf))).toEqual([
      ['flap', 400],
      ['bin', 400],
    ]);
  });

  it('of two ways of a thing one is taken, and what stands there shut in another way is not in its way', () => {
    const back: Mover = { ...slide('back', [0, 1, 0], 400, box([0, 0, 0], [300, 400, 500])), thing: 'bin', goes: 'instead' }; // prettier-ignore
    // Comes into the place that the bin has left.
    const shelf = slide('shelf', [1, 0, 0], 310, box([-310, 100, 0], [-10, 300, 20]));
    expect(order([thing, back, shelf], { bin: 400, back: 400 })).toEqual({
      kind: 'none',
      pair: ['bin', 'back'],
      why: 'one thing',
    });
    expect(steps(order([thing, back, shelf], { bin: 400, shelf: 310 }))).toEqual([
      ['bin', 400],
      ['shelf', 310],
    ]);
    expect(steps(order([thing, back, shelf], { bin: 0, back: 400, shelf: 310 }))).toEqual([
      ['back', 400],
      ['shelf', 310],
    ]);
    expect(steps(order([thing, back, shelf], { bin: 400, back: 0, shelf: 310 }))).toEqual([
      ['bin', 400],
      ['shelf', 310],
    ]);
    expect(steps(order([thing, back, shelf], { back: 400, shelf: 310 }))).toEqual([
      ['back', 400],
      ['shelf', 310],
    ]);
  });
});

describe('a touch that is meant', () => {
  const meets = { moving: 'a/leaf', still: 'b/leaf', from: 0, to: 400, depth: 2 };
  const one = slide('a', [1, 0, 0], 400, box([0, 0, 0], [100, 100, 100]));
  /** Beside it, 1 mm in its side. */
  const two = slide('b', [1, 0, 0], 400, box([0, 99, 0], [100, 200, 100]));

  it('is free ground on the map, whichever of the two means it, and deeper is not', () => {
    const grounds = (a: Mover, b: Mover) => new Set(pairMap(a, b).ground);
    expect(grounds({ ...one, contacts: [meets] }, two)).toEqual(new Set([FREE]));
    expect(grounds(one, { ...two, contacts: [meets] })).toEqual(new Set([FREE]));
    expect(groundAt(pairMap(one, two), 100, 100)).not.toBe(FREE);
    expect(groundAt(pairMap({ ...one, contacts: [{ ...meets, depth: 0.9 }] }, two), 100, 100)).not.toBe(FREE);
    expect(steps(order([{ ...one, contacts: [meets] }, two], { a: 400, b: 400 }))).toEqual([
      ['a', 400],
      ['b', 400],
    ]);
  });

  it('is none to the check either, whichever of the two is held against the other where that is shut', () => {
    const verdicts = (a: Mover, b: Mover) =>
      new SceneChecker().check({ still: [], movers: [a, b] }).movers.map(({ verdict }) => verdict);
    expect(verdicts({ ...one, contacts: [meets] }, two)).toEqual(['clear', 'clear']);
    expect(verdicts(one, { ...two, contacts: [meets] })).toEqual(['clear', 'clear']);
    expect(verdicts(one, two)).toEqual(['hits', 'hits']);
    // Meant only where the other is open, it is a hit where that is shut.
    expect(verdicts(one, { ...two, contacts: [{ ...meets, from: 100 }] })[0]).toBe('hits');
  });

  it('holds over its own travel, and not beyond', () => {
    const map = pairMap({ ...one, contacts: [{ ...meets, to: 200 }] }, two);
    expect(groundAt(map, 100, 100)).toBe(FREE);
    expect(groundAt(map, 300, 300)).not.toBe(FREE);
    // Parted there, they are free all the same.
    expect(groundAt(map, 399, 1)).toBe(FREE);
  });

  it('with both shut lets them go on touching, and no deeper', () => {
    const beside = slide('b', [1, 0, 0], 400, box([0, 100, 0], [100, 200, 100]));
    expect(new Set(pairMap(one, beside).ground)).toEqual(new Set([FREE]));
    const into = slide('b', [0, -1, 0], 50, box([0, 100, 0], [100, 200, 100]));
    expect(groundAt(pairMap(one, into), 0, 25)).not.toBe(FREE);
  });
});
