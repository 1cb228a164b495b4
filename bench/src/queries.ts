import {
  box,
  coldStart,
  emptySeparation,
  motionOf,
  motionPose,
  place,
  prism,
  separate,
  type Convex,
  type Point3,
} from '@tarnpass/core';
import { median, timed, type Figures } from './figures';
import { ANYWHERE, manifoldHull, ORIGIN, rapierHull, UNTURNED } from './reference';
import { numbers } from './room';

interface Case {
  readonly a: Convex;
  readonly atA: Float64Array;
  readonly b: Convex;
}

/** Boxes and eight-sided prisms, turned anyhow, some way off a box. */
function cases(count: number): Case[] {
  const next = numbers(11);
  const between = (p: number, q: number) => p + (q - p) * next();
  return Array.from({ length: count }, (_, i) => {
    const size: Point3 = [between(20, 600), between(10, 60), between(100, 900)];
    const a =
      i % 2 === 0
        ? box([0, 0, 0], size)
        : prism(
            Array.from({ length: 8 }, (_, k): [number, number] => [
              size[0] * Math.cos((k * Math.PI) / 4),
              size[0] * Math.sin((k * Math.PI) / 4),
            ]),
            ([u, v], end) => [u, v, end * size[2]],
          );
    const axis: Point3 = [between(-1, 1), between(-1, 1), between(-1, 1)];
    const length = Math.hypot(...axis);
    const pose = motionPose(
      motionOf({
        kind: 'turn',
        point: [0, 0, 0],
        axis: [axis[0] / length, axis[1] / length, axis[2] / length],
      }),
      between(0, 3),
    );
    const away = 700 + between(0, 200);
    const turn = between(0, 6.28);
    const atA = place(pose, a.corners).map(
      (x, k) => x + [away * Math.cos(turn), away * Math.sin(turn), 0][k % 3]!,
    );
    return { a, atA, b: box([-60, -60, -60], [60, 60, 60]) };
  });
}

/** How often ours is asked in a round: each contestant gets about the same time, so that none is always found out of the caches. */
const OFTEN = 15;

/**
 * One distance query: ours, rapier's on hulls of the same corners, manifold-3d's gap. Interleaved, medians of rounds.
 * Ours is asked as a sweep asks it, a little on from the last pose, and from nothing.
 */
export function measureQueries(figures: Figures): void {
  const list = cases(400);
  const out = emptySeparation();
  const shapes = list.map(({ atA, b }) => [rapierHull(atA), rapierHull(b.corners)] as const);
  const solids = list.slice(0, 60).map(({ atA, b }) => [manifoldHull(atA), manifoldHull(b.corners)] as const);
  const starts = list.map(() => coldStart());
  const nudged = list.map(({ atA }) => [atA, atA.map((x) => x + 0.7)] as const);
  const ask = (round: number) => {
    for (let i = 0; i < list.length; i += 1) {
      const { a, b } = list[i]!;
      separate(a, nudged[i]![round % 2]!, b, b.corners, starts[i]!, out);
    }
  };
  // What is measured is compiled code: the engine is given time for it first.
  for (let round = 0; round < 200; round += 1) ask(round);
  const times = { warm: [], cold: [], rapier: [], manifold: [] } as Record<string, number[]>;
  for (let round = 0; round < 41; round += 1) {
    times.warm!.push(
      timed(() => {
        for (let again = 0; again < OFTEN; again += 1) ask(again);
      }) /
        (OFTEN * list.length),
    );
    times.cold!.push(
      timed(() => {
        for (const { a, atA, b } of list) separate(a, atA, b, b.corners, coldStart(), out);
      }) / list.length,
    );
    times.rapier!.push(
      timed(() => {
        for (const [one, two] of shapes) one.contactShape(ORIGIN, UNTURNED, two, ORIGIN, UNTURNED, ANYWHERE);
      }) / list.length,
    );
    times.manifold!.push(
      timed(() => {
        for (const [one, two] of solids) one.minGap(two, ANYWHERE);
      }) / solids.length,
    );
  }
  const errors = solids.map(([one, two], i) => {
    const { a, atA, b } = list[i]!;
    const ours = Math.max(0, separate(a, atA, b, b.corners, coldStart(), out).value);
    return Math.abs(ours - one.minGap(two, ANYWHERE));
  });
  for (const solid of solids.flat()) solid.delete();
  const warm = median(times.warm!);
  figures.note('queryUs', 1000 * warm);
  figures.note('queryColdUs', 1000 * median(times.cold!));
  figures.note('queryVsRapier', median(times.rapier!) / warm);
  figures.note('queryVsManifold', median(times.manifold!) / warm);
  figures.note('agreementMm', Math.max(...errors));
}
