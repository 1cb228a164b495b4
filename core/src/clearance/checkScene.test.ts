import { ratio } from '../motion/drive';
import { chain, motionOf, type Motion } from '../motion/motion';
import type { Scene } from '../scene/scene';
import { box, prism } from '../solid/prism';
import { bodyOf, moverOf, Z } from '../testing/drawn';
import { approachStill } from './approachStill';
import { SceneChecker } from './checkScene';
import { share } from './curve';
import { blockedStretches } from './firstContact';
import { MovingPiece } from './movingPiece';

describe('a mover among hundreds of near things', () => {
  it('has the curve that asking every one of them at every travel tells', () => {
    const leaf = box([0, -10, 0], [500, 10, 300]);
    const motion = chain([
      { joint: { kind: 'turn', point: [0, 0, 0], axis: Z }, drive: ratio(1) },
      { joint: { kind: 'slide', direction: [0, 0, 1] }, drive: ratio(40) },
    ]);
    const posts = Array.from({ length: 420 }, (_, i) => {
      const [turn, away] = [(1.9 * i) / 420, 506 + ((13 * i) % 31)];
      const [x, y] = [away * Math.cos(turn), away * Math.sin(turn)];
      return bodyOf(`post-${i}`, [box([x - 3, y - 3, (7 * i) % 200], [x + 3, y + 3, 400])]);
    });
    const mover = { ...moverOf(motion, 1.8, [leaf]), needs: { around: 8, of: { 'post-7': 30 } } };
    const { curve, encounters } = new SceneChecker({ curves: true }).check({ still: posts, movers: [mover] })
      .movers[0]!;
    expect(encounters.length).toBeGreaterThan(200);
    const moving = new MovingPiece(leaf, motion);
    const all = posts.map((post) => ({
      approach: approachStill(moving, post.pieces[0]!),
      needed: post.id === 'post-7' ? 30 : 8,
    }));
    for (const { travel, clearance, needed } of curve.filter((_, i) => i % 3 === 0)) {
      const shares = all.map((one) =>
        share({ clearance: one.approach.at(travel).value, needed: one.needed }),
      );
      expect(share({ clearance, needed })).toBeCloseTo(
        Math.min(...shares, share({ clearance: 50, needed: 8 })),
        6,
      );
    }
  });

  it('that it only slides along in touch is marched in few steps', () => {
    const wall = box([-2000, 10, 0], [2000, 30, 300]);
    const motion = motionOf({ kind: 'turn', point: [0, 0, 0], axis: Z });
    // A round knob, nearly: it turns in touch with the wall, never deeper than a hair.
    const ring = Array.from({ length: 64 }, (_, k): [number, number] => [
      10 * Math.cos((2 * Math.PI * k) / 64),
      10 * Math.sin((2 * Math.PI * k) / 64),
    ]);
    const knob = prism(ring, ([x, y], end) => [x, y, 100 * end]);
    const mover = { ...moverOf(motion, 3, [knob]), contacts: [] };
    const piece = approachStill(new MovingPiece(knob, motion), wall);
    const blocked = blockedStretches(piece, 0, 3, 1e-3);
    expect(piece.evaluations).toBeLessThan(20_000);
    expect(blocked.length).toBeGreaterThan(0);
    expect(
      new SceneChecker({ curves: true }).check({ still: [bodyOf('wall', [wall])], movers: [mover] }).movers,
    ).toHaveLength(1);
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

describe('what a mover meets', () => {
  it('is told worst first: hits by their travel, then what is short, then what is clear, by the room that is left', () => {
    const leaf = {
      ...moverOf(motionOf({ kind: 'slide', direction: [1, 0, 0] }), 200, [box([0, 0, 0], [10, 10, 10])]),
      needs: { around: 5, of: {} },
    };
    const beside = (id: string, gap: number) => bodyOf(id, [box([60, 10 + gap, 0], [80, 20 + gap, 10])]);
    const before = (id: string, x: number) => bodyOf(id, [box([x, 0, 0], [x + 5, 10, 10])]);
    const still = [
      beside('clear by 15', 20),
      beside('short by 1', 4),
      before('hit at 150', 160),
      beside('clear by 7', 12),
      before('hit at 90', 100),
      beside('short by 3', 2),
    ];
    const { encounters } = new SceneChecker().check({ still, movers: [leaf] }).movers[0]!;
    expect(encounters.map((one) => one.still)).toEqual([
      'hit at 90',
      'hit at 150',
      'short by 3',
      'short by 1',
      'clear by 7',
      'clear by 15',
    ]);
  });
});

describe('what a mover can be used for', () => {
  it('ends before the first of two hits that are told apart by no more than rounding', () => {
    const leaf = moverOf(motionOf({ kind: 'slide', direction: [1, 0, 0] }), 200, [
      box([0, 0, 0], [10, 10, 10]),
    ]);
    // Told by name: “a” first, though “b” is met 0.3 millionths of a millimetre before it.
    const posts = [
      bodyOf('a', [box([110, 0, 0], [120, 4, 10])]),
      bodyOf('b', [box([110 - 3e-7, 6, 0], [120, 10, 10])]),
    ];
    const { usable, encounters } = new SceneChecker().check({ still: posts, movers: [leaf] }).movers[0]!;
    expect(encounters[0]!.still).toBe('a');
    expect(usable).toBe(Math.min(...encounters.map(({ contact }) => contact!.free)));
    expect(usable).toBeLessThan(encounters[0]!.contact!.free);
  });
});
