import { disagreements } from '../../testing/sampled';
import { hullAt, under } from '../../testing/around';
import { bedOf, boxAt, withBed, withLift, withPlatform, withSlats } from '../../testing/partsOf';
import { mm, type Made } from '../../testing/planWith';
import { USUAL_BED_HELP, USUAL_LEGS, usualDesk } from './fresh';

const LEDGERS = 'A folding platform on ledgers';
const STRUTS = {
  ...USUAL_BED_HELP['gas struts'],
  hardware: 'strut-685-1000',
  onLeaf: { along: mm(460), in: mm(0) },
  onCase: { along: mm(-110), in: mm(50) },
} as const;
/** A chest beneath the bunk's way, a shelf over it, a lamp in the middle. */
const box = (
  name: string,
  [x, y, z]: readonly [number, number, number],
  [width, depth, height]: readonly [number, number, number],
) => boxAt(name, { x, y, z, width, depth, height });
const bunk = (other: Parameters<typeof bedOf>[1] = {}) => withBed('at the side', other);
const linked = { legs: USUAL_LEGS['on a link'], face: null } as const;

/** Beds, platforms, slats and tables, and what stands about them: slopes, hulls, lamps, lockers. */
const ARRANGEMENTS: Readonly<Record<string, Made>> = {
  'a bed at its end under a slope': { ...withBed('at the end'), change: under(35, 2300) },
  'a bed at its end towards a slope': { ...withBed('at the end'), change: under(40, 300, 6000, 'south') },
  'a bed at its end beside a lamp': { ...withBed('at the end'), change: box('Lamp', [3300, 1900, 1500], [200, 200, 300]) },
  'a bed on struts with a shelf over it': { ...bunk({ help: STRUTS }), change: box('Shelf', [2900, 2700, 1260], [2300, 280, 30]) },
  'a bunk over a chest': { ...bunk(), change: box('Chest', [3600, 2300, 0], [900, 400, 330]) },
  'a bunk along a hull': { ...bunk(), change: hullAt({ x: 3000, y: 1700, z: 0, width: 2150, depth: 500, height: 1400 }, 'south') },
  'a bunk on legs on a link past a step': { ...bunk(linked), change: box('Step', [3000, 2200, 0], [2200, 120, 180]) },
  'a bed on legs on a link before a beam': { ...withBed('at the end', linked), change: box('Beam', [2900, 1200, 1900], [1300, 150, 200]) },
  'a bed with a desk that stays level past a low box': { ...withBed('at the end', { desk: usualDesk(bedOf('at the end')) }), change: box('Low box', [3200, 1500, 0], [300, 620, 45]) },
  'a bed with a headboard in a deep cabinet': withBed('at the end', { headboard: mm(120) }, { depth: mm(600) }),
  'a platform over an aisle with a shelf above': { ...withPlatform({}), change: box('Shelf', [2900, 2800, 760], [1200, 300, 30]) },
  'a platform of four leaves along a hull': { ...withPlatform({ leaves: [400, 380, 380, 360].map(mm) }, LEDGERS), change: hullAt({ x: 3000, y: 1700, z: 430, width: 900, depth: 500, height: 700 }, 'south') },
  'a platform with mats past a post': { ...withPlatform({ mat: { thick: mm(30), kg: 2 } }, LEDGERS), change: box('Post', [3850, 2700, 0], [100, 100, 1500]) },
  'slats over a sill': { ...withSlats({}), change: box('Sill', [3100, 2750, 0], [300, 200, 150]) },
  'slats along a hull': { ...withSlats({}), change: hullAt({ x: 3000, y: 2400, z: 0, width: 900, depth: 500, height: 500 }, 'south') },
  'slats cut to a hull behind them': { ...withSlats({ behind: { left: mm(60), middle: mm(25), right: mm(5) }, travel: mm(220) }), change: hullAt({ x: 3000, y: 2900, z: 0, width: 900, depth: 300, height: 900 }, 'north') },
  'a table on arms before a seat back': { ...withLift('parallel arms'), change: box('Seat back', [3400, 2000, 0], [1000, 200, 900]) },
}; // prettier-ignore

describe('beds, platforms, slats and tables against manifold-3d, densely sampled', () => {
  it.each(Object.entries(ARRANGEMENTS))(
    '%s',
    async (_name, made) => expect(await disagreements(made)).toEqual([]),
    120_000,
  );
});
