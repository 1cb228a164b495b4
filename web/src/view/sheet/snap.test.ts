import { INCHES, MILLIMETRES, type Extent } from '@tarnpass/core';
import { snapped, type SnapTo } from './snap';

const to: SnapTo = {
  space: { least: [0, 0, 0], greatest: [3000, 2400, 2400] },
  neighbours: [{ name: 'Wardrobe', extent: { least: [1000, 0, 0], greatest: [1600, 500, 1800] } }],
  gap: 10,
  units: MILLIMETRES,
  reach: 20,
};
const box = (x: number, width = 400): Extent => ({ least: [x, 0, 0], greatest: [x + width, 300, 500] });

describe('what is moved by hand', () => {
  it.each<[string, number, number, string]>([
    ['a face', 1603, 1600, 'against Wardrobe'],
    ['the gap from a face', 1608, 1610, '10 mm from Wardrobe'],
    ['a wall', 2612, 2600, 'against the east wall'],
    ['a middle', 1104, 1100, 'centred on Wardrobe'],
  ])('catches on %s', (_what, from, where, words) => {
    const { extent, ties } = snapped(box(from), [0], 'both', to);
    expect(extent.least[0]).toBeCloseTo(where, 9);
    expect(extent.greatest[0]).toBeCloseTo(where + 400, 9);
    expect(ties.map((tie) => tie.words)).toEqual([words]);
  });

  it('else lies on a whole millimetre, or a sixteenth', () => {
    expect(snapped(box(311.4), [0], 'both', to).extent.least[0]).toBe(311);
    const inches = snapped(box(311.4), [0], 'both', { ...to, units: INCHES }).extent.least[0];
    expect((inches / 25.4) * 16).toBeCloseTo(Math.round((311.4 / 25.4) * 16), 9);
  });

  it('stretches by one face and leaves the other', () => {
    const { extent } = snapped(box(300, 688), [0], 'greatest', to);
    expect([extent.least[0], extent.greatest[0]]).toEqual([300, 990]);
  });
});
