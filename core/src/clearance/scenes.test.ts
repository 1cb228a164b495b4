import fc from 'fast-check';
import { cupHingeMotion, GENERIC_CUP_HINGE } from '../motion/cupHinge';
import { knotsOfTable, ratio, table } from '../motion/drive';
import { fourBarMotions } from '../motion/fourBar';
import { place, poseAt, type Joint, type Pose } from '../motion/joint';
import { chain, motionPose, moved, type Motion, type Stage } from '../motion/motion';
import { trackMotion } from '../motion/track';
import type { Body, Mover, Scene } from '../scene/scene';
import { withCorners, type Convex } from '../solid/convex';
import { halfSpace } from '../solid/halfSpace';
import { hull } from '../solid/hull';
import { prismPieces } from '../solid/outline';
import { box, prism, type Point2, type Point3 } from '../solid/prism';
import { manifoldReferee } from '../testing/manifoldGap';
import { real } from '../testing/real';
import { approachStill } from './approach';
import { checkMover } from './checkMover';
import { SceneChecker } from './checkScene';
import type { Encounter } from './encounter';
import { blockedStretches, firstContact } from './firstContact';

const SEED = 20261125;
const Z: Point3 = [0, 0, 1];
const vec = (least: number, most: number) =>
  fc.tuple(real(least, most), real(least, most), real(least, most)) as unknown as fc.Arbitrary<Point3>;
const unit = vec(-1, 1)
  .filter((v) => Math.hypot(...v) > 0.2)
  .map((v) => v.map((x) => x / Math.hypot(...v)) as unknown as Point3);
const joint: fc.Arbitrary<Joint> = fc.oneof(
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
const far = ({ kind }: Joint) => (kind === 'turn' ? 1.6 : 500);
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

const motions: fc.Arbitrary<{ motion: Motion; to: number }> = fc.oneof(
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
  fc.constant({ motion: fourBarMotions(bar, 1.2).coupler, to: 1.2 }),
  fc.constant({ motion: trackMotion(rail, 550), to: 550 }),
  fc.constant({ motion: cupHingeMotion(GENERIC_CUP_HINGE, (x, y) => [x, y, 0], Z, -1, 1.9), to: 1.9 }),
);
const mine: fc.Arbitrary<Convex[]> = fc.oneof(
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
const obstacle: fc.Arbitrary<Convex[]> = fc
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

const moverOf = (motion: Motion, to: number, pieces: readonly Convex[]): Mover => ({
  id: 'm', name: 'm', unit: 'mm', from: 0, to, contacts: [], needs: { around: 0, of: {} },
  bodies: [{ id: 'm/body', name: 'body', item: 'm', pieces, motion }],
}); // prettier-ignore
const bodyOf = (id: string, pieces: Body['pieces']): Body => ({ id, name: id, item: id, pieces });
const least = (encounters: readonly Encounter[]) =>
  Math.min(Infinity, ...encounters.map((e) => e.least?.witness.clearance ?? 0));

describe('a scene', () => {
  it('has the clearances manifold-3d finds: 320 random scenes of every joint, thin, holed, hulled and 20 m off', async () => {
    const { gap } = await manifoldReferee();
    let [hits, apart] = [0, 0];
    fc.assert(
      fc.property(motions, mine, obstacle, ({ motion, to }, pieces, still) => {
        const check = checkMover(moverOf(motion, to, pieces), [bodyOf('o', still)], { watch: 40_000 });
        const sampled = (travel: number) => {
          const pose = motionPose(motion, travel);
          return Math.min(
            ...pieces.flatMap((piece) =>
              still.map((other) => gap(place(pose, piece.corners), other.corners, 40_000)),
            ),
          );
        };
        const [encounter] = check.encounters;
        const travels = Array.from({ length: 41 }, (_, i) => (to * i) / 40);
        if (encounter!.contact) {
          hits += 1;
          expect(sampled(encounter!.contact.at.travel)).toBeLessThan(1e-6);
          for (const travel of travels.filter((t) => t < check.usable - 1e-4 * to))
            expect(sampled(travel)).toBeGreaterThan(0);
          return;
        }
        apart += 1;
        const { lower, witness } = encounter!.least!;
        // Another piece may be nearer there, but by no more than the width of the answer.
        expect(sampled(witness.travel)).toBeLessThan(witness.clearance + 1e-6);
        if (pieces.length * still.length === 1)
          expect(sampled(witness.travel)).toBeGreaterThan(witness.clearance - 1e-6);
        expect(witness.clearance - lower).toBeLessThanOrEqual(0.05);
        for (const travel of travels) expect(sampled(travel)).toBeGreaterThan(lower - 1e-6);
      }),
      { seed: SEED, numRuns: 320 },
    );
    expect(Math.min(hits, apart)).toBeGreaterThan(45);
  });

  it('misses none of 10,000 plates 0.5 to 2 mm thin in the swept air of a door, a drawer and a folding leaf', () => {
    const leaf = box([0, 0, 0], [600, 20, 2000]);
    const turn: Joint = { kind: 'turn', point: [0, 0, 0], axis: [0, 0, -1] };
    const swept: readonly [Motion, number, Convex][] = [
      [chain([{ joint: turn, drive: ratio(1) }]), 1.9, leaf],
      [
        chain([{ joint: { kind: 'slide', direction: [0, -1, 0] }, drive: ratio(1) }]),
        450,
        box([0, 0, 0], [500, 450, 180]),
      ],
      [
        chain([
          { joint: turn, drive: ratio(1) },
          { joint: { kind: 'turn', point: [300, 0, 0], axis: Z }, drive: ratio(2) },
        ]),
        1.5,
        box([300, 0, 0], [600, 20, 2000]),
      ],
    ];
    fc.assert(
      fc.property(
        fc.constantFrom(...swept),
        real(0.02, 1),
        vec(0, 1),
        real(0.5, 2),
        fc.constantFrom(0, 1, 2),
        ([motion, to, solid], part, within, thick, thin) => {
          // A point of the body at a travel: the plate stands there, so by that travel at the latest it is touched.
          const [first, last] = [solid.corners.slice(0, 3), solid.corners.slice(18, 21)];
          const inside = within.map((w, i) => first[i]! + w * (last[i]! - first[i]!)) as unknown as Point3;
          const at = moved(motionPose(motion, part * to), inside);
          const half = [6, 6, 6];
          half[thin] = thick / 2;
          const plate = box(
            [at[0] - half[0]!, at[1] - half[1]!, at[2] - half[2]!],
            [at[0] + half[0]!, at[1] + half[1]!, at[2] + half[2]!],
          );
          const contact = firstContact(approachStill({ piece: solid, motion }, plate), 0, to);
          if (!contact || contact.at.travel > part * to + 1e-9)
            throw new Error(`a plate at ${at.join(', ')} is missed`);
        },
      ),
      { seed: SEED, numRuns: 10_000 },
    );
  });

  it('blocks every stretch it passes through, not only the first, as 400 samples agree', () => {
    const motion = chain([{ joint: { kind: 'turn', point: [0, 0, 0], axis: Z }, drive: ratio(1) }]);
    const arm = box([0, -5, 0], [500, 5, 50]);
    fc.assert(
      fc.property(real(0.3, 1), real(1.4, 2), real(2.2, 2.8), (a, b, c) => {
        const posts = [a, b, c].map((angle) =>
          box(
            [450 * Math.cos(angle) - 10, 450 * Math.sin(angle) - 10, 0],
            [450 * Math.cos(angle) + 10, 450 * Math.sin(angle) + 10, 50],
          ),
        );
        const check = checkMover(moverOf(motion, 3.1, [arm]), [bodyOf('posts', posts)], { curves: true });
        const { blocked } = check.encounters[0]!;
        expect(blocked).toHaveLength(3);
        const approaches = posts.map((post) => approachStill({ piece: arm, motion }, post));
        for (let i = 0; i <= 400; i += 1) {
          const travel = (3.1 * i) / 400;
          const inside = approaches.some((approach) => approach.at(travel).value < 0);
          if (inside) expect(blocked.some(({ free, clear }) => travel >= free && travel <= clear)).toBe(true);
          else expect(blocked.some(({ at, until }) => travel > at.travel && travel < until)).toBe(false);
        }
      }),
      { seed: SEED, numRuns: 30 },
    );
    const still = approachStill({ piece: arm, motion }, box([300, -1, 0], [310, 1, 50]));
    expect(blockedStretches(still, 0, 3.1)[0]!.free).toBe(0);
  });

  it('tells a floor given as a half-space as one given as a box', () => {
    fc.assert(
      fc.property(joint, mine, real(-400, -100), (a, pieces, height) => {
        const mover = moverOf(chain([{ joint: a, drive: ratio(far(a)) }]), 1, pieces);
        const slab = bodyOf('slab', [box([-5000, -5000, height - 5000], [5000, 5000, height])]);
        const plane = bodyOf('plane', [halfSpace([0, 0, height], [0, 0, 3])]);
        const [one, two] = [slab, plane].map((floor) =>
          checkMover(mover, [floor], { watch: 5000, tolerance: 1e-4 }),
        );
        expect(two!.verdict).toBe(one!.verdict);
        expect(Math.abs(two!.usable - one!.usable)).toBeLessThan(1e-4);
        if (one!.verdict === 'clear')
          expect(Math.abs(least(one!.encounters) - least(two!.encounters))).toBeLessThan(2e-4);
      }),
      { seed: SEED, numRuns: 100 },
    );
  });
});

describe('an answer does not change', () => {
  type Simple = { joints: Joint[]; pieces: Convex[]; still: Convex[] };
  const simple = fc.record({
    joints: fc.array(joint, { minLength: 1, maxLength: 2 }),
    pieces: mine,
    still: obstacle,
  });
  const stages = (joints: readonly Joint[]): Stage[] =>
    joints.map((j, i) => ({ joint: j, drive: ratio(far(j) / (i + 1)) }));
  const answer = ({ joints, pieces, still }: Simple, drive = stages(joints)) =>
    checkMover(moverOf(chain(drive), 1, pieces), [bodyOf('o', still)], { watch: 50_000, tolerance: 1e-4 });
  const same = (a: ReturnType<typeof answer>, b: ReturnType<typeof answer>, scale = 1) => {
    expect(b.verdict).toBe(a.verdict);
    // Both are brackets: of contact 0.001 mm of motion, of clearance the tolerance.
    expect(Math.abs(b.usable - a.usable)).toBeLessThan(1e-4);
    if (a.verdict === 'clear')
      expect(Math.abs(least(b.encounters) - scale * least(a.encounters))).toBeLessThan(
        3e-4 * Math.max(1, scale),
      );
  };
  const through = (solid: Convex, map: (p: Point3) => Point3) => {
    const corners = solid.corners.slice();
    for (let i = 0; i < corners.length; i += 3)
      corners.set(map([corners[i]!, corners[i + 1]!, corners[i + 2]!]), i);
    return withCorners(solid, corners);
  };
  const check = (name: string, change: (drawn: Simple, pose: Pose) => [ReturnType<typeof answer>, number]) =>
    it(name, () => {
      fc.assert(
        fc.property(simple, unit, real(0, 6), vec(-3000, 3000), (drawn, axis, angle, shift) => {
          const pose: Pose = { ...poseAt({ kind: 'turn', point: [0, 0, 0], axis }, angle), shift };
          const [changed, scale] = change(drawn, pose);
          same(answer(drawn), changed, scale);
        }),
        { seed: SEED, numRuns: 100 },
      );
    });

  check('when the whole scene is put elsewhere', (drawn, pose) => {
    const free = { ...pose, shift: [0, 0, 0] as const };
    const joints = drawn.joints.map((j): Joint =>
      j.kind === 'turn'
        ? { kind: 'turn', point: moved(pose, j.point), axis: moved(free, j.axis) }
        : { kind: 'slide', direction: moved(free, j.direction) },
    );
    const put = (solid: Convex) => through(solid, (p) => moved(pose, p));
    return [
      answer(
        { joints, pieces: drawn.pieces.map(put), still: drawn.still.map(put) },
        joints.map((j, i) => ({ joint: j, drive: ratio(far(j) / (i + 1)) })),
      ),
      1,
    ];
  });
  check('when it is seen in a mirror', (drawn) => {
    const flip = ([x, y, z]: Point3): Point3 => [-x, y, z];
    const joints = drawn.joints.map((j): Joint =>
      j.kind === 'turn'
        ? { kind: 'turn', point: flip(j.point), axis: [j.axis[0], -j.axis[1], -j.axis[2]] }
        : { kind: 'slide', direction: flip(j.direction) },
    );
    const turnInside = (solid: Convex) => ({
      ...through(solid, flip),
      faces: solid.faces.map((face) => [...face].reverse()),
    });
    return [answer({ joints, pieces: drawn.pieces.map(turnInside), still: drawn.still.map(turnInside) }), 1];
  });
  check('but for its scale, when lengths are counted in half millimetres', (drawn) => {
    const twice = ([x, y, z]: Point3): Point3 => [2 * x, 2 * y, 2 * z];
    const joints = drawn.joints.map((j): Joint => (j.kind === 'turn' ? { ...j, point: twice(j.point) } : j));
    const drive = joints.map((j, i) => ({
      joint: j,
      drive: ratio(((j.kind === 'slide' ? 2 : 1) * far(j)) / (i + 1)),
    }));
    const grown = (solid: Convex) => through(solid, twice);
    return [answer({ joints, pieces: drawn.pieces.map(grown), still: drawn.still.map(grown) }, drive), 2];
  });
  check('when an obstacle is cut in two', (drawn) => {
    const halves = (solid: Convex): Convex[] => {
      const points: Point3[] = Array.from({ length: solid.corners.length / 3 }, (_, i) => [
        solid.corners[3 * i]!,
        solid.corners[3 * i + 1]!,
        solid.corners[3 * i + 2]!,
      ]);
      const cut = (Math.min(...points.map(([x]) => x)) + Math.max(...points.map(([x]) => x))) / 2;
      const crossings = solid.faces.flatMap((face) =>
        face.flatMap((from, i): Point3[] => {
          const [a, b] = [points[from]!, points[face[(i + 1) % face.length]!]!];
          if ((a[0] - cut) * (b[0] - cut) >= 0) return [];
          const part = (cut - a[0]) / (b[0] - a[0]);
          return [[cut, a[1] + part * (b[1] - a[1]), a[2] + part * (b[2] - a[2])]];
        }),
      );
      return [
        hull([...points.filter(([x]) => x <= cut), ...crossings]),
        hull([...points.filter(([x]) => x >= cut), ...crossings]),
      ];
    };
    return [answer({ ...drawn, still: drawn.still.flatMap(halves) }), 1];
  });

  it('when the still and the moving piece change places and the joint its sense', () => {
    fc.assert(
      fc.property(joint, mine, obstacle, (j, [piece], [other]) => {
        const forth = approachStill(
          { piece: piece!, motion: chain([{ joint: j, drive: ratio(far(j)) }]) },
          other!,
        );
        const back = approachStill(
          { piece: other!, motion: chain([{ joint: j, drive: ratio(-far(j)) }]) },
          piece!,
        );
        for (let i = 0; i <= 20; i += 1)
          expect(Math.abs(forth.at(i / 20).value - back.at(i / 20).value)).toBeLessThan(1e-6);
      }),
      { seed: SEED, numRuns: 100 },
    );
  });

  it('in its least clearance, when the travel is run from its end to its start', () => {
    fc.assert(
      fc.property(joint, mine, obstacle, (j, pieces, still) => {
        const run = (drive: ReturnType<typeof ratio>) =>
          checkMover(moverOf(chain([{ joint: j, drive }]), 1, pieces), [bodyOf('o', still)], {
            watch: 50_000,
            tolerance: 1e-4,
          });
        const [forth, back] = [run(ratio(far(j))), run(ratio(-far(j), far(j)))];
        expect(back.verdict).toBe(forth.verdict);
        if (forth.verdict === 'clear')
          expect(Math.abs(least(forth.encounters) - least(back.encounters))).toBeLessThan(3e-4);
      }),
      { seed: SEED, numRuns: 100 },
    );
  });
});

describe('a checker that has seen a scene before', () => {
  const turn = (x: number): Motion =>
    chain([{ joint: { kind: 'turn', point: [x, 0, 0], axis: Z }, drive: ratio(1) }]);
  const sceneWith = (shift: number): Scene => ({
    still: Array.from({ length: 30 }, (_, i) =>
      bodyOf(`post-${i}`, [
        box([i * 120 + (i === 7 ? shift : 0), 200, 0], [i * 120 + 40 + (i === 7 ? shift : 0), 240, 300]),
      ]),
    ),
    movers: Array.from({ length: 6 }, (_, i) => ({
      ...moverOf(turn(i * 600), 1.4, [box([i * 600, -10, 0], [i * 600 + 400, 10, 300])]),
      id: `m${i}`,
      bodies: [
        {
          id: `m${i}/b`,
          name: `m${i}`,
          item: `m${i}`,
          pieces: [box([i * 600, -10, 0], [i * 600 + 400, 10, 300])],
          motion: turn(i * 600),
        },
      ],
    })),
  });
  const plain = (check: ReturnType<SceneChecker['check']>) =>
    check.movers.map(({ counts, ...rest }) => ({ ...rest, seen: counts.pairs >= 0 }));

  it('looks anew only at what changed, and answers as a new one does', () => {
    const checker = new SceneChecker();
    const first = checker.check(sceneWith(0));
    expect(first.kept).toBe(0);
    for (const shift of [15, 30, 0]) {
      const next = checker.check(sceneWith(shift));
      expect(next.fresh).toBe(6); // the moved post against each of six leaves
      expect(plain(next)).toEqual(plain(new SceneChecker().check(sceneWith(shift))));
    }
    expect(checker.check(sceneWith(0)).fresh).toBe(0);
  });

  it('can be stopped between steps, and starts the next run as if nothing had been', () => {
    const checker = new SceneChecker();
    const steps = checker.steps(sceneWith(0));
    steps.next();
    expect(plain(checker.check(sceneWith(5)))).toEqual(plain(new SceneChecker().check(sceneWith(5))));
  });
});
