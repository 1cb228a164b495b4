import { manifoldModule } from '../manifoldGap';
import { FAULTS } from './faults';
import { tallied, type Tally } from './tally';
import { talliedOrders } from './tallyOrders';

/** As many as fit into every run; `npm run -s referee` looks at more, and with `--prove` at itself. */
describe('the referee', () => {
  let tally: Tally;
  beforeAll(async () => {
    tally = tallied(await manifoldModule(), 60, 20261127);
  });

  it('finds the engine right in 60 random scenes of every joint, held against manifold-3d over poses of its own', () => {
    expect(tally.wrong).toEqual([]);
    for (const kind of ['turn', 'slide', 'four-bar', 'track', 'cup hinge'])
      expect(tally.joints[kind]).toBeGreaterThan(6);
    for (const verdict of ['clear', 'tight', 'hits']) expect(tally.verdicts[verdict]).toBeGreaterThan(40);
  });

  it('looks where it hurts: one scene in twenty and more comes within 0.1 mm of touching', () => {
    expect(tally.close / tally.scenes).toBeGreaterThan(0.05);
  });

  it('knows a fault of every cause that was found once', () => {
    const letters = new Set(FAULTS.map(({ letter }) => letter[0]));
    expect([...letters].sort().join('')).toBe('ABCDFGHIO');
  });

  it('finds orders, ways and words right in 20 random scenes of two to five movers', () => {
    const { wrong, words, orders, joints } = talliedOrders(20, 20261127);
    expect(wrong).toEqual([]);
    for (const kind of ['turn', 'slide', 'four-bar', 'track']) expect(joints[kind]).toBeGreaterThan(2);
    expect(Object.keys(words).length).toBeGreaterThan(5);
    expect(orders['order']).toBeGreaterThan(5);
  });
});
