import { under } from '../../testing/around';
import { boxAt, caseOnDoor, hiddenOf, withHidden } from '../../testing/partsOf';
import { disagreements } from '../../testing/sampled';
import { mm, type Made } from '../../testing/planWith';
import { usualHung } from './fresh';
import type { Hidden } from './schema';

const PIVOTS = 'A shelf case on pivots';
const MIRROR = 'A leaning mirror door';
const { gaps, opening, body } = hiddenOf(PIVOTS);
const TAPERED = { kind: 'tapered', low: 'free edge', by: mm(600) } as const;
const proud: Partial<Hidden> = { proud: mm(320), opening: { ...opening, is: 'none', deep: mm(0) } };
const stub = (x: number) => boxAt('Stub wall', { x, y: 0, z: 0, width: 100, depth: 1200, height: 2000 });
/** Before its free edge a lamp hangs low, where a slope would come. */
const lamp = boxAt('Lamp', { x: 3500, y: 500, z: 1500, width: 300, depth: 300, height: 200 });

/** Hidden doors and what stands about them: walls beside their hinges, slopes over them, thresholds under them. */
const ARRANGEMENTS: Readonly<Record<string, Made>> = {
  'a case on pivots, in its opening': withHidden(PIVOTS),
  'a case on pivots without room to turn': withHidden(PIVOTS, { gaps: { ...gaps, hinge: mm(15) } }),
  'a case on pivots that swings away': withHidden(PIVOTS, { swings: 'away', gaps: { ...gaps, hinge: mm(40) } }),
  'a case beside a stub wall': { ...withHidden(PIVOTS, { ...proud, hung: { ...usualHung('pivots'), back: mm(250) } as Hidden['hung'] }), change: stub(4540) },
  'its corner cut': { ...withHidden(PIVOTS, { ...proud, relief: { kind: 'cut', along: mm(80), deep: mm(120), both: true } }), change: stub(4480) },
  'its corner rounded': { ...withHidden(PIVOTS, { ...proud, relief: { kind: 'round', radius: mm(100), both: false } }), change: stub(4480) },
  'its end sloped': { ...withHidden(PIVOTS, { ...proud, relief: { kind: 'slope', along: mm(120), both: false } }), change: stub(4480) },
  'a case with proud books past a post': { ...withHidden(PIVOTS, { body: { ...body, books: { kg: 20, deep: mm(270) } } as Hidden['body'] }), change: boxAt('Post', { x: 3520, y: 60, z: 0, width: 60, depth: 60, height: 2400 }) },
  'a tapered case under a slope': { ...withHidden(PIVOTS, { shape: TAPERED }), change: under(35, 1300) },
  'a tapered case past a lamp': { ...withHidden(PIVOTS, { shape: TAPERED, relief: { kind: 'cut', along: mm(60), deep: mm(60), both: false } }), change: lamp },
  'a tapered leaf, low at its hinges': { ...withHidden('A thick leaf on butts', { shape: { ...TAPERED, low: 'hinge edge' } }), change: lamp },
  'a leaning mirror beside a wall': { ...withHidden(MIRROR), change: stub(4450) },
  'a leaning mirror past a lamp': { ...withHidden(MIRROR, { shape: { kind: 'leaning', degrees: 12 } }), change: lamp },
  'a leaning mirror under a beam': { ...withHidden(MIRROR, { shape: { kind: 'leaning', degrees: 8 }, side: 'right' }), change: boxAt('Beam', { x: 3000, y: 300, z: 1905, width: 1500, depth: 80, height: 100 }) },
  'a pair of cases': withHidden('A pair of shelf cases'),
  'a case on castors past a radiator': { ...withHidden('A shelf case on castors'), change: boxAt('Radiator', { x: 4700, y: 0, z: 100, width: 600, depth: 110, height: 600 }) },
  'a case over a threshold': { ...withHidden(PIVOTS), change: boxAt('Threshold', { x: 3600, y: -60, z: 0, width: 800, depth: 60, height: 12 }) },
  'a case on a door that is there': caseOnDoor({}),
}; // prettier-ignore

describe('hidden doors against manifold-3d, densely sampled', () => {
  it.each(Object.entries(ARRANGEMENTS))(
    '%s',
    async (_name, made) => expect(await disagreements(made)).toEqual([]),
    60_000,
  );
});
