import { thingAt, under } from '../../testing/around';
import { disagreements } from '../../testing/sampled';
import { boxAt, chestOf, flapCase, lidOf, withFlap, withLid } from '../../testing/partsOf';
import { mm, type Made } from '../../testing/planWith';
import { NO_MARGINS, USUAL_CUSHION, USUAL_HELP } from './fresh';

const leaning = (gap: number) =>
  thingAt(
    'sloping face',
    { x: 2500, y: 3500 + gap, z: 400, width: 1600, depth: 160, height: 600 },
    { kind: 'leaning', back: 'north', foot: mm(160), head: mm(20) },
  );
/** A hull's side behind it that comes nearer upwards. */
const hull = thingAt(
  'curved side',
  { x: 2800, y: 3440, z: 0, width: 1000, depth: 240, height: 900 },
  {
    kind: 'offsets',
    back: 'north',
    seen: 'in section',
    curve: 'smooth',
    table: [
      { station: mm(0), depth: mm(40) },
      { station: mm(400), depth: mm(120) },
      { station: mm(900), depth: mm(210) },
    ],
  },
);
const struts = USUAL_HELP['gas struts'];
const high = { height: mm(450) };

/** Fifteen lids and flaps and what stands about them: slope, hull, leaning back, struts as bodies of their own. */
const ARRANGEMENTS: Readonly<Record<string, Made>> = {
  'in margins before a leaning back': { ...withLid({}), change: leaning(10) },
  'its cushion before a leaning back': { ...withLid({ cushion: USUAL_CUSHION }), change: leaning(40) },
  'all of it, along a hull': { ...withLid({ margins: NO_MARGINS }), change: hull },
  'in margins along a hull, on struts': { ...withLid({ help: struts }, high), change: hull },
  'under a roof slope': { ...withLid({}), change: under(35, 620) },
  'under a roof slope, on struts': { ...withLid({ help: struts }, high), change: under(30, 700) },
  'a knuckle beneath before a wall': { ...withLid({ margins: NO_MARGINS, hinge: { ...lidOf().hinge, knuckle: 'beneath' } }), change: boxAt('Wall', { x: 2500, y: 3512, z: 0, width: 1600, depth: 60, height: 1500 }) },
  'a front margin with a narrow kerf': withLid({ margins: { left: mm(60), right: mm(60), front: mm(60), back: mm(60) }, gap: mm(0.5) }),
  'two leaves past a post': { ...withLid({ leaves: 'two' }), change: boxAt('Post', { x: 3040, y: 3100, z: 500, width: 60, depth: 60, height: 900 }) },
  'a shelf over it': { ...withLid({ help: struts }, { ...high, width: mm(900) }), change: boxAt('Shelf', { x: 2900, y: 3200, z: 700, width: 1100, depth: 300, height: 30 }) },
  'struts past what is kept within': { carcasses: [chestOf(high)], parts: [lidOf({ help: struts })], change: boxAt('Tank', { x: 3020, y: 3200, z: 120, width: 560, depth: 200, height: 200 }) },
  'a drop front over a sill': { ...withFlap('drop front'), change: boxAt('Sill', { x: 2900, y: 2600, z: 1100, width: 900, depth: 300, height: 90 }) },
  'a tilt-out and its tray before a trap': { ...withFlap('tilt-out'), change: boxAt('Trap', { x: 3100, y: 3020, z: 1336, width: 300, depth: 40, height: 30 }) },
  'arms past a beam': { carcasses: [flapCase()], parts: withFlap('parallel arms').parts!, change: boxAt('Beam', { x: 2900, y: 2800, z: 1700, width: 900, depth: 150, height: 100 }) },
  'folded double under a ceiling beam': { ...withFlap('double fold'), change: boxAt('Beam', { x: 2900, y: 2780, z: 1560, width: 900, depth: 60, height: 200 }) },
}; // prettier-ignore

describe('lids and flaps against manifold-3d, densely sampled', () => {
  it.each(Object.entries(ARRANGEMENTS))(
    '%s',
    async (_name, made) => expect(await disagreements(made)).toEqual([]),
    120_000,
  );
});
