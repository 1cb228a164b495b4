import fc from 'fast-check';
import { motionPose } from '../motion/motion';
import { place } from '../motion/joint';
import type { Mover } from '../scene/scene';
import { box } from '../solid/prism';
import { door, drawer, mover } from '../testing/leaves';
import { real } from '../testing/real';
import { coldStart } from './gjk';
import { orderOfOpening } from './order';
import { BLOCKED, FREE, UNKNOWN } from './cellState';
import { CELLS, groundAt, pairMap, relationOf } from './pairMap';
import { emptySeparation } from './separation';
import { separate } from './separate';
import { freeSpaceInCells, freeSpaceInMm, wayClearance } from './freeSpace';
import { provenParted, wayThrough } from './wayThrough';
import type { Place } from './freeGround';

const SEED = 20261125;
/** Whether two parts of one body each overlap at two travels. */
function insideAt(a: Mover, b: Mover, atA: number, atB: number): boolean {
  const [p, q] = [a.bodies[0]!, b.bodies[0]!];
  const [poseA, poseB] = [motionPose(p.motion, atA), motionPose(q.motion, atB)];
  const out = emptySeparation();
  return p.pieces.some((one) =>
    q.pieces.some(
      (two) =>
        separate(one, place(poseA, one.corners), two, place(poseB, two.corners), coldStart(), out).value < 0,
    ),
  );
}

/** The square sampled at every cell's middle. */
function bruteForce(a: Mover, b: Mover, at: (i: number, j: number, inside: boolean) => void): void {
  const start = coldStart();
  const out = emptySeparation();
  const [p, q] = [a.bodies[0]!, b.bodies[0]!];
  for (let i = 0; i < CELLS; i += 1) {
    const first = p.pieces.map(({ corners }) =>
      place(motionPose(p.motion, (a.to * (i + 0.5)) / CELLS), corners),
    );
    for (let j = 0; j < CELLS; j += 1) {
      const pose = motionPose(q.motion, (b.to * (j + 0.5)) / CELLS);
      const inside = first.some((corners, k) =>
        q.pieces.some(
          (piece) => separate(p.pieces[k]!, corners, piece, place(pose, piece.corners), start, out).value < 0,
        ),
      );
      at(i, j, inside);
    }
  }
}

/** The least clearance at 300 poses of each part of a way. */
function leastAlong(a: Mover, b: Mover, way: readonly Place[]): number {
  const out = emptySeparation();
  let least = Infinity;
  for (let k = 1; k < way.length; k += 1) {
    for (let s = 0; s <= 300; s += 1) {
      const travel = (side: 0 | 1) => way[k - 1]![side] + (s / 300) * (way[k]![side] - way[k - 1]![side]);
      const put = (m: Mover, side: 0 | 1) =>
        m.bodies[0]!.pieces.map((piece) => ({
          piece,
          at: place(motionPose(m.bodies[0]!.motion, travel(side)), piece.corners),
        }));
      for (const one of put(a, 0))
        for (const two of put(b, 1))
          least = Math.min(least, separate(one.piece, one.at, two.piece, two.at, coldStart(), out).value);
    }
  }
  return least;
}

describe('the map of two travels', () => {
  const doors = fc.record({
    gap: real(-400, 300),
    opens: fc.tuple(fc.integer({ min: 70, max: 130 }), fc.integer({ min: 70, max: 130 })),
    deep: real(-200, 200),
    slide: fc.boolean(),
  });

  it('agrees with 256 x 256 brute force in every cell told free or blocked, on 24 random pairs', () => {
    let told = 0;
    let unknown = 0;
    fc.assert(
      fc.property(doors, ({ gap, opens, deep, slide }) => {
        const a = door('a', 0, 0, 1, opens[0]);
        const b = slide
          ? drawer('b', [100 + gap / 4, 25 + Math.abs(deep), 100], [450, 500, 300], 400)
          : door('b', 1000 + gap, deep, -1, opens[1]);
        const map = pairMap(a, b);
        bruteForce(a, b, (i, j, inside) => {
          const kind = map.ground[i * CELLS + j];
          if (kind === UNKNOWN) unknown += 1;
          else {
            told += 1;
            if ((kind === BLOCKED) !== inside)
              throw new Error(`cell ${i}, ${j} is told ${kind} but is ${inside ? 'inside' : 'apart'}`);
          }
        });
        for (let i = 0; i <= 400; i += 1) {
          const at = a.to * (i / 400);
          for (const standing of [b.from, b.to]) {
            const kind = groundAt(map, at, standing);
            if (kind !== UNKNOWN && (kind === BLOCKED) !== insideAt(a, b, at, standing))
              throw new Error(`${at} with the other at ${standing} is told ${kind}`);
          }
        }
      }),
      { seed: SEED, numRuns: 24 },
    );
    expect(unknown / told).toBeLessThan(0.02);
  });

  it('says of two doors in a corner which must be shut for which, and of two far apart that all is free', () => {
    // Leaves of 500 with pins 700 apart cross each other's air, but each opens beside the other shut.
    const both = relationOf(pairMap(door('a', 0, 0, 1), door('b', 700, 0, -1)));
    expect([both.bothOpen, both.aWithBShut]).toEqual([FREE, BLOCKED]); // shut leaves 500 + 500 > 700 overlap
    const free = pairMap(door('a', 0, 0, 1), door('b', 1200, 0, -1));
    expect([...new Set(free.ground)]).toEqual([FREE]);
  });

  it('of a drawer behind a door: the drawer needs the door open', () => {
    const a = door('door', 0, 0, 1, 95);
    const b = drawer('drawer', [20, 30, 100], [470, 500, 300], 400);
    const relation = relationOf(pairMap(a, b));
    expect([relation.bWithAShut, relation.bWithAOpen, relation.bothOpen, relation.aWithBOpen]).toEqual([
      BLOCKED,
      FREE,
      FREE,
      BLOCKED,
    ]);
  });
});

describe('a way through', () => {
  it('leads over free cells only, from end to end, and keeps away from blocked ground', () => {
    // Two leaves that pass each other only while one leads: 500 and 500 over pins 900 apart.
    const [a, b] = [door('a', 0, 0, 1, 80), door('b', 1030, 0, -1, 80)];
    const map = pairMap(a, b);
    const room = freeSpaceInMm(a, b, map);
    const way = wayThrough(map, room, [0, 0], [a.to, b.to])!;
    expect(way[0]).toEqual([0, 0]);
    expect(way[way.length - 1]).toEqual([a.to, b.to]);
    for (let k = 1; k < way.length; k += 1) {
      for (let s = 0; s <= 1; s += 0.001) {
        const at = [0, 1].map((side) => way[k - 1]![side]! + s * (way[k]![side]! - way[k - 1]![side]!)) as [
          number,
          number,
        ];
        expect(groundAt(map, ...at)).toBe(FREE);
      }
    }
    // What it keeps is proven, holds at every pose sampled along it, and is no less than the way by cells keeps.
    const kept = wayClearance(a, b, way);
    expect(kept.clearance - kept.lower).toBeLessThanOrEqual(0.05);
    expect(kept.lower).toBeGreaterThan(0);
    expect(leastAlong(a, b, way)).toBeGreaterThanOrEqual(kept.lower);
    expect(leastAlong(a, b, [kept.at, kept.at])).toBeCloseTo(kept.clearance, 6);
    const byCells = wayClearance(a, b, wayThrough(map, freeSpaceInCells(map), [0, 0], [a.to, b.to])!);
    expect(kept.lower).toBeGreaterThanOrEqual(byCells.lower - 0.5);
  });

  it('keeps half of an aisle either side, as a hand would find', () => {
    // A board 100 thick goes in between two blocks 160 apart, which slide across its way: it keeps 30 on either side only
    // where they have come 100 along. Both stand 50 apart at the start.
    const board = mover(
      'a',
      { kind: 'slide', direction: [1, 0, 0] },
      600,
      box([-400, -50, 0], [-50, 50, 100]),
    );
    const blocks = mover(
      'b',
      { kind: 'slide', direction: [0, 1, 0] },
      200,
      box([0, -1000, 0], [300, -180, 100]),
      box([0, -20, 0], [300, 800, 100]),
    );
    const map = pairMap(board, blocks);
    const way = wayThrough(map, freeSpaceInMm(board, blocks, map), [0, 0], [600, 100])!;
    expect(way.length).toBeGreaterThan(2); // straight there it would run into the upper block
    // The way is chosen by squares of 4/256 of a travel, here 3.1 mm: it may lose so much of the 30.
    expect(wayClearance(board, blocks, way).lower).toBeGreaterThan(30 - (200 * 4) / 256);
  });

  it('is none where blocked ground parts the two, and that is proven', () => {
    const a = drawer('a', [0, 0, 0], [400, 500, 100], 300);
    const wall = mover(
      'b',
      { kind: 'slide', direction: [0, -1, 0] },
      300,
      box([0, -320, 0], [400, -310, 100]),
    );
    const map = pairMap(a, wall);
    // a out by 300 ends at -300; b starts at -320..-310 and only moves away: all free.
    expect(provenParted(map, [0, 0], [300, 300])).toBe(false);
    const near = mover(
      'b',
      { kind: 'slide', direction: [0, 1, 0] },
      700,
      box([0, -320, 0], [400, -310, 100]),
    );
    const facing = pairMap(a, near);
    expect(wayThrough(facing, freeSpaceInCells(facing), [0, 0], [300, 700])).toBeUndefined();
    expect(provenParted(facing, [0, 0], [300, 700])).toBe(true);
  });
});

describe('an order of opening', () => {
  const a = door('door', 0, 0, 1, 95);
  const b = drawer('drawer', [20, 30, 100], [470, 500, 300], 400);
  const parts = [
    { id: 'door', states: [0, a.to] },
    { id: 'drawer', states: [0, 400] },
  ];
  const mapOf = () => pairMap(a, b);

  it('opens the door before the drawer behind it', () => {
    const order = orderOfOpening(parts, { drawer: 400 }, mapOf);
    expect(order).toMatchObject({
      kind: 'order',
      moves: [
        { part: 'door', to: a.to },
        { part: 'drawer', to: 400 },
      ],
    });
  });

  it('is proven not to be where the drawer is wanted out and the door shut', () => {
    expect(orderOfOpening(parts, { drawer: 400, door: 0 }, mapOf)).toEqual({
      kind: 'none',
      pair: ['door', 'drawer'],
      why: 'there',
    });
  });

  it('of nothing wanted is no move, and of a state that is none of its own is a broken promise', () => {
    expect(orderOfOpening(parts, {}, mapOf)).toEqual({ kind: 'order', moves: [] });
    expect(() => orderOfOpening(parts, { door: 0.1 }, mapOf)).toThrow(/none of its states/);
  });
});
