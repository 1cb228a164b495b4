import fc from 'fast-check';
import type { Encounter } from '../clearance/encounter';
import { cupHingeMotion, GENERIC_CUP_HINGE } from '../motion/cupHinge';
import { knotsOfTable, ratio, table } from '../motion/drive';
import { fourBarMotions } from '../motion/fourBar';
import type { Joint } from '../motion/joint';
import { chain, type Motion } from '../motion/motion';
import { trackMotion } from '../motion/track';
import type { Body, Mover } from '../scene/scene';
import type { Convex } from '../solid/convex';
import { hull } from '../solid/hull';
import { prismPieces } from '../solid/outline';
import { box, prism, type Point2, type Point3 } from '../solid/prism';
import { real } from './real';

/** Random joints, motions, movers and obstacles for the checks of the core. Tests only. */
export const SEED = 20261125;
export const Z: Point3 = [0, 0, 1];
export const vec = (least: number, most: number) =>
  fc.tuple(real(least, most), real(least, most), real(least, most)) as unknown as fc.Arbitrary<Point3>;
export const unit = vec(-1, 1)
  .filter((v) => Math.hypot(...v) > 0.2)
  .map((v) => v.map((x) => x / Math.hypot(...v)) as unknown as Point3);
export const joint: fc.Arbitrary<Joint> = fc.oneof(
  fc.record({
    kind: fc.constant('turn' as const),
    point: vec(-300, 300),
    axis: fc.oneof(unit, fc.constantFrom<Point3>([1, 0, 0], [0, 1, 0], Z)),
  }),
  fc.record({
    kind: fc.constant('slide' as const),
    direction: fc.oneof(unit, fc.constantFrom<Point3>([1, 0, 0], [0, -1, 0], Z)),
  }),
);
/** How far a joint goes for a travel of 1. */
export const far = ({ kind }: Joint) => (kind === 'turn' ? 1.6 : 500);
const STEPS: [number, number][] = [
  [0, 0],
  [0.3, 0.5],
  [0.6, 0.1],
  [1, 1],
];
const bar = {
  axis: Z,
  first: [0, 0, 0],
  second: [300, 0, 0],
  crank: 120,
  coupler: 360,
  rocker: 240,
  assembly: 'open',
  start: 0.7,
} as const;
const rail = {
  start: [-200, 0, 0],
  along: [1, 0, 0],
  axis: Z,
  stretches: [
    { kind: 'line', length: 300 },
    { kind: 'arc', radius: 150, angle: 1.5 },
    { kind: 'line', length: 400 },
  ],
  front: 160,
  spacing: 150,
} as const;

export const motions: fc.Arbitrary<{ motion: Motion; to: number }> = fc.oneof(
  joint.map((a) => ({ motion: chain([{ joint: a, drive: ratio(far(a)) }]), to: 1 })),
  fc.tuple(joint, joint).map(([a, b]) => ({
    motion: chain([
      { joint: a, drive: ratio(far(a)) },
      { joint: b, drive: ratio(-far(b) / 2) },
    ]),
    to: 1,
  })),
  fc.tuple(joint, joint).map(([a, b]) => ({
    motion: chain(
      [
        { joint: a, drive: table(STEPS.map(([t, v]) => [t, v * far(a)])) },
        { joint: b, drive: ratio(far(b) / 3) },
      ],
      knotsOfTable(STEPS),
    ),
    to: 1,
  })),
  fc.constant({ motion: fourBarMotions(bar, 0, 1.2).coupler, to: 1.2 }),
  fc.constant({ motion: trackMotion(rail, 0, 550), to: 550 }),
  fc.constant({ motion: cupHingeMotion(GENERIC_CUP_HINGE, (x, y) => [x, y, 0], Z, -1, 0, 1.9), to: 1.9 }),
);
export const mine: fc.Arbitrary<Convex[]> = fc.oneof(
  vec(1, 300).map((size) => [box([0, 0, 0], size)]),
  real(20, 150).map((r) => [
    prism(
      [
        [r, 0],
        [r / 2, r],
        [-r / 2, r],
        [-r, 0],
        [0, -r],
      ],
      ([x, y], end) => [x, y, 60 * end],
    ),
  ]),
  fc.constant(
    prismPieces(
      [
        [0, 0],
        [200, 0],
        [200, 200],
        [160, 200],
        [160, 40],
        [0, 40],
      ],
      [],
      ([x, y], end) => [x, y, 30 * end],
    ),
  ),
);
/** Thin, thick, with holes, hulls; some far off, up to 20 m. */
export const obstacle: fc.Arbitrary<Convex[]> = fc
  .tuple(
    vec(-260, 200),
    vec(1, 250),
    fc.constantFrom(0, 1, 2, 3),
    real(0.5, 2),
    fc.constantFrom(0, 0, 0, 0, 0, 19_000),
  )
  .map(([at, size, kind, thin, away]) => {
    const least: Point3 = [at[0] + away, at[1], at[2]];
    if (kind === 0) return [box(least, [least[0] + thin, least[1] + size[1], least[2] + size[2]])];
    if (kind === 1) return [box(least, [least[0] + size[0], least[1] + size[1], least[2] + size[2]])];
    if (kind === 2)
      return [
        hull(
          [
            [0, 0, 0],
            [size[0], 0, 5],
            [0, size[1], 9],
            [7, 5, size[2]],
            [size[0], size[1], size[2] / 2],
          ].map(([x, y, z]) => [least[0] + x!, least[1] + y!, least[2] + z!] as const),
        ),
      ];
    const frame: Point2[] = [
      [0, 0],
      [size[0] + 60, 0],
      [size[0] + 60, size[1] + 60],
      [0, size[1] + 60],
    ];
    const hole: Point2[] = [
      [20, 20],
      [size[0] + 40, 20],
      [size[0] + 40, size[1] + 40],
      [20, size[1] + 40],
    ];
    return prismPieces(frame, [hole], ([x, y], end) => [least[0] + x, least[1] + y, least[2] + 20 * end]);
  });

export const moverOf = (motion: Motion, to: number, pieces: readonly Convex[]): Mover => ({
  id: 'm',
  item: 'm',
  name: 'm',
  unit: 'mm',
  from: 0,
  to,
  contacts: [],
  needs: { around: 0, of: {} },
  bodies: [{ id: 'm/body', name: 'body', item: 'm', pieces, motion }],
});
export const bodyOf = (id: string, pieces: Body['pieces']): Body => ({ id, name: id, item: id, pieces });
export const least = (encounters: readonly Encounter[]) =>
  Math.min(Infinity, ...encounters.map((e) => e.least?.witness.clearance ?? 0));
