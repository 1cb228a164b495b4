import { INCHES, MILLIMETRES, type Extent } from '@tarnpass/core';
import { dice } from '../../testing/dice';
import { rounded, snapped, type Axis, type SnapTo } from './snap';

const box = (x: number, y: number, z: number, wide = 600, deep = 400, high = 720): Extent => ({
  least: [x, y, z],
  greatest: [x + wide, y + deep, z + high],
});
const space = { least: [0, 0, 0], greatest: [3000, 2400, 2500] } as const;
const to = (other: Partial<SnapTo> = {}): SnapTo => ({
  space,
  neighbours: [{ name: 'Tower', extent: box(1000, 0, 0, 400, 560, 2000) }],
  gap: 10,
  units: MILLIMETRES,
  reach: 8,
  ...other,
});
const wordsAt = (extent: Extent, axes: readonly Axis[] = [0], other: Partial<SnapTo> = {}) =>
  snapped(extent, axes, 'both', to(other)).ties.map(({ words }) => words);

describe('what is moved by hand', () => {
  it.each([
    [-5, 'against the west wall', 0],
    [2404, 'against the east wall', 2400],
    [12, '10 mm from the west wall', 10],
    [2387, '10 mm from the east wall', 2390],
    [1203, 'in the middle of the space', 1200],
    [1402, 'against Tower', 1400],
    [396, 'against Tower', 400],
    [1413, '10 mm from Tower', 1410],
    [1003, 'in line with Tower', 1000],
    [905, 'centred on Tower', 900],
  ])('at %d it catches: %s', (x, words, caught) => {
    const { extent, ties } = snapped(box(x, 1500, 0), [0], 'both', to());
    expect([ties.map((tie) => tie.words), extent.least[0], extent.greatest[0]]).toEqual([
      [words],
      caught,
      caught + 600,
    ]);
  });

  it('out of reach of all it lies on a whole step, and is tied to nothing', () => {
    const { extent, ties } = snapped(box(700.4, 1500, 0), [0], 'both', to());
    expect([extent.least[0], ties]).toEqual([700, []]);
    const inches = snapped(box(700.4, 1500, 0), [0], 'both', to({ units: INCHES })).extent.least[0];
    expect(inches).toBeCloseTo(Math.round((700.4 / 25.4) * 16) * (25.4 / 16), 9);
    expect(Math.abs(rounded(-3.6, MILLIMETRES) + 4)).toBeLessThan(1e-9);
  });

  it('takes the nearest of two catches, and each axis by itself', () => {
    // 4 from the west wall's gap, 6 from the wall.
    expect(wordsAt(box(6, 1500, 0))).toEqual(['10 mm from the west wall']);
    expect(wordsAt(box(3, 3, 4), [0, 1, 2])).toEqual([
      'against the west wall',
      'against the south wall',
      'against the floor',
    ]);
    expect(wordsAt(box(3, 3, 4), [1])).toEqual(['against the south wall']);
  });

  it('of a size only the end that is drawn goes along', () => {
    const wide = snapped(box(200, 1500, 0), [0], 'greatest', to());
    expect([wide.extent.least[0], wide.extent.greatest[0]]).toEqual([200, 800]);
    const drawn = snapped(box(200, 1500, 0, 795), [0], 'greatest', to());
    expect([drawn.extent.least[0], drawn.extent.greatest[0], drawn.ties[0]!.words]).toEqual([
      200,
      1000,
      'against Tower',
    ]);
    const other = snapped(box(1396, 1500, 0), [0], 'least', to());
    expect([other.extent.least[0], other.extent.greatest[0]]).toEqual([1400, 1996]);
  });

  it('is moved no farther than it may catch from, and keeps its size, wherever it is', () => {
    const next = dice(7);
    for (let i = 0; i < 2000; i += 1) {
      const from = box(next(-500, 3500), next(-500, 3000), next(-300, 2600), next(1, 1500), next(1, 900));
      const { extent } = snapped(from, [0, 1, 2], 'both', to());
      for (const axis of [0, 1, 2] as const) {
        expect(Math.abs(extent.least[axis] - from.least[axis])).toBeLessThanOrEqual(8);
        expect(extent.greatest[axis] - extent.least[axis]).toBeCloseTo(
          from.greatest[axis] - from.least[axis],
          9,
        );
      }
    }
  });
});
