import fc from 'fast-check';
import { ratio } from '../motion/drive';
import { poseAt, type Joint, type Pose } from '../motion/joint';
import { chain, moved, type Stage } from '../motion/motion';
import { withCorners, type Convex } from '../solid/convex';
import { hull } from '../solid/hull';
import type { Point3 } from '../solid/prism';
import { bodyOf, far, joint, least, mine, moverOf, obstacle, SEED, unit, vec } from '../testing/drawn';
import { real } from '../testing/real';
import { approachStill } from './approachStill';
import { checkMover } from './checkMover';
import { MovingPiece } from './movingPiece';

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
          new MovingPiece(piece!, chain([{ joint: j, drive: ratio(far(j)) }])),
          other!,
        );
        const back = approachStill(
          new MovingPiece(other!, chain([{ joint: j, drive: ratio(-far(j)) }])),
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
