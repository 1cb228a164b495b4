import { ratio } from '../motion/drive';
import { chain, type Motion } from '../motion/motion';
import type { Scene } from '../scene/scene';
import { box } from '../solid/prism';
import { bodyOf, moverOf, Z } from '../testing/drawn';
import { SceneChecker } from './checkScene';

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
