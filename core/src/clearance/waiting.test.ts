import { byWaiting, type Mover } from '../scene/scene';
import { box } from '../solid/prism';
import { mover } from '../testing/leaves';
import { SceneChecker } from './checkScene';

/** Boards one before another, each 20 thick, that slide up past each other; a tray comes out through all of them. */
const board = (id: string, y: number, up: number, behind: readonly string[] = []): Mover => ({
  ...mover(id, { kind: 'slide', direction: [0, 0, 1] }, up, box([0, y, 0], [400, y + 20, 300])),
  behind,
});
const tray = (behind: readonly string[]): Mover => ({
  ...mover('tray', { kind: 'slide', direction: [0, -1, 0] }, 400, box([20, 200, 20], [380, 600, 200])),
  behind,
});
const shelf = { id: 'shelf', name: 'the shelf', item: 'shelf', pieces: [box([0, 90, 450], [400, 130, 470])] };
const usable = (movers: readonly Mover[], still = [shelf], checker = new SceneChecker()) =>
  Object.fromEntries(checker.check({ still, movers }).movers.map((one) => [one.id, one.usable]));

describe('what waits for what closes its place', () => {
  // The shelf stops the middle board at 150: what it leaves free is the tray's lower half.
  const outer = board('outer', 0, 320);
  const middle = board('middle', 100, 320, ['outer']);

  it('is held against a chain of them open, each as far as it goes', () => {
    const found = usable([tray(['middle']), middle, outer]);
    expect(found['outer']).toBe(320);
    expect(found['middle']).toBeCloseTo(150, 6);
    // Out to the middle board, which stands at 150 of the tray's 20 to 200.
    expect(found['tray']).toBeCloseTo(80, 6);
    expect(usable([tray(['middle']), middle, outer], [])).toMatchObject({ middle: 320, tray: 400 });
  });

  it('is held against what it does not wait for where that is shut', () => {
    // Nothing says that the middle board waits for the outer one: the tray meets that shut.
    const found = usable([tray(['middle']), { ...middle, behind: [] }, outer], []);
    expect(found['tray']).toBeCloseTo(180, 6);
  });

  it('is answered after an edit as by a checker that saw nothing before', () => {
    const states = [
      [tray(['middle']), middle, outer],
      [tray(['middle']), { ...middle, behind: [] }, outer],
      [tray(['middle']), middle, board('outer', 0, 100)],
      [tray([]), middle, outer],
      [tray(['middle']), middle, outer],
    ];
    for (const still of [[shelf], []]) {
      const checker = new SceneChecker();
      for (const movers of states) expect(usable(movers, still, checker)).toEqual(usable(movers, still));
    }
  });

  it('in a ring, or for one that is not there, is a broken promise', () => {
    expect(() => byWaiting([board('a', 0, 1, ['b']), board('b', 0, 1, ['a'])])).toThrow(/ring: a, b, a/);
    expect(() => byWaiting([board('a', 0, 1, ['b'])])).toThrow(/a waits for b/);
  });
});
