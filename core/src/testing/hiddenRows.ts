import { usualCase, usualHung, usualRelief } from '../parts/hidden/fresh';
import type { Hidden } from '../parts/hidden/schema';
import { boxAt, caseOnDoor, hiddenOf, withHidden } from './partsOf';
import type { KindRow } from './kindRows';
import { mm, type Made } from './planWith';

const PIVOTS = 'A shelf case on pivots';
const LEAF = 'A thick leaf on butts';
const MIRROR = 'A leaning mirror door';
const { gaps, body, latch, behind, floor } = hiddenOf(PIVOTS);
const leafGaps = hiddenOf(LEAF).gaps;
const CASE = body as Extract<Hidden['body'], { kind: 'case' }>;
const over = (other: Partial<Hidden>): Made => withHidden(PIVOTS, other);
const pivots = (back: number, inward = 50) =>
  ({ ...usualHung('pivots'), in: mm(inward), back: mm(back) }) as Hidden['hung'];
const leaf = (other: Partial<Hidden>): Made => withHidden(LEAF, other);
/** Its opening begins 3600 along the south wall, from the east: its hinges, on its left, stand at 4400 from the west. */
const wallBeside = (off: number) =>
  boxAt('Stub wall', { x: 4400 - 25 - 50 + off, y: 0, z: 0, width: 100, depth: 1200, height: 2000 });
const cut = (along: number, deep: number, both = false) =>
  ({ kind: 'cut', along: mm(along), deep: mm(deep), both }) as const;
/** Proud of the wall, on an axis 50 in and as far back as it is deep: a case before a stub wall. */
const DEEP = {
  proud: mm(320),
  gaps: { ...gaps, hinge: mm(25) },
  opening: { ...hiddenOf(PIVOTS).opening, is: 'none', deep: mm(0) },
  hung: pivots(250),
  body: { ...usualCase('ply-18', 250) },
} as const;
const beside = (room: number, other: Partial<Hidden> = {}): Made => ({
  ...over({ ...DEEP, ...other }),
  change: wallBeside(room),
});

/** Hidden doors: openings 800 x 2000, cases 250 deep of 18 mm. */
export const HIDDEN_ROWS: Readonly<Record<string, KindRow>> = {
  // 800 - 25 - 45 = 730, 2000 - 8 - 10.
  'family: hidden': { good: over({}), size: ['Hidden door, back', 1982, 730], bad: over({ opening: { ...hiddenOf(PIVOTS).opening, width: mm(90) } }), said: 'Its leaf would be 20 mm by 1982 mm. At least 40 mm by 200 mm will do.' },
  // TRADE: a 50, b 50: 20.71 for its corner, 1 runs free.
  'hung: pivots': { good: over({}), size: ['Hidden door, hinge side and hidden door, free side', 1982, 232], bad: over({ gaps: { ...gaps, hinge: mm(20) } }), said: 'Its hinge edge wants a gap of 21.8 mm to turn in its opening: 20.8 mm for its corners, and what runs free. There is 20 mm' },
  'hung: butts': { good: leaf({}), size: ['Hidden door', 1989, 793], bad: leaf({ hung: { ...usualHung('butts'), count: 2 } as Hidden['hung'] }), said: '2 of its hinges carry 25 kg: stouter ones, or less on its shelves' },
  // A leaf 762 wide, 1980 high in a frame; its case is fixed to that.
  'hung: door': { good: caseOnDoor({}), size: ['Shelf case, hinge side and shelf case, free side', 1960, 138], bad: caseOnDoor({}, { core: 'hollow' }), said: 'The door is hollow: brackets find nothing in it to hold a case of books.' },
  'hung: track': { good: withHidden('A shelf case on a track'), size: ['Hidden door, back', 2018, 880], bad: withHidden('A shelf case on a track', { hung: { ...usualHung('track'), travel: mm(600) } as Hidden['hung'] }), said: 'Slid all the way it still stands 240 mm before its opening' },
  'hung: castors': { good: withHidden('A shelf case on castors'), size: ['Hidden door, back', 2018, 880], bad: withHidden('A shelf case on castors', { hung: { ...usualHung('castors'), hardware: 'castor-50' } as Hidden['hung'] }), said: 'castors bears up to 67 kg, and is rated for 40 kg' },
  'hidden: case': { good: over({}), size: ['Hidden door, foot and 2 alike', 694, 232], bad: over({ body: { ...CASE, shelves: 20, deep: mm(40), books: { kg: 0, deep: mm(0) } } }), said: 'At least 54 mm deep will do.' },
  // W 793, T 36, p 5, from TRADE: sqrt(794.5^2 + 41^2) - 794.5 = 1.06 for its corner, and 0.2 of play.
  'hidden: leaf': { good: leaf({}), size: ['Hidden door', 1989, 793], bad: leaf({ gaps: { ...leafGaps, free: mm(1.5) } }), said: 'Its free edge wants a gap of 2.3 mm to turn in its opening: 1.1 mm for its corners, 0.2 mm for the play of its hinges, and what runs free. There is 1.5 mm' },
  'hidden: pair': { good: withHidden('A pair of shelf cases'), size: ['Hidden door, left, back and hidden door, right, back', 1982, 650], bad: withHidden('A pair of shelf cases', { gaps: { ...hiddenOf('A pair of shelf cases').gaps, middle: mm(4) } }), said: 'of the left leaf of the hidden door touches' },
  // b 250 before its axis, a 50 from its side, room 220: asin(220 / 254.95) - atan(50 / 250).
  'relief: none': { good: beside(300), size: ['Hidden door, back', 1982, 730], bad: beside(220), said: 'its corner meets that at 48.3°' },
  // (50 - c) cos 70 + 250 sin 70 = 240. A cheek at 45 is its cut and its bevels, 18; a round begins 60 (1 - tan 7.5) in.
  'relief: cut': { good: beside(255, { relief: cut(60, 60) }), size: ['Hidden door, cheek', 1982, Math.round((Math.hypot(60, 60) + 18) * 1e6) / 1e6], bad: beside(240, { limit: 70 }), said: 'Cut back by 35.2 mm both ways its corner lets it to 70°' },
  'relief: round': { good: beside(300, { relief: { kind: 'round', radius: mm(60), both: true } }), size: ['Hidden door, hinge side and hidden door, free side', 1982, Math.round((232 - 60 * (1 - Math.tan(Math.PI / 24))) * 1e6) / 1e6], bad: beside(300, { relief: { kind: 'round', radius: mm(260), both: false } }), said: 'It is 250 mm deep: at most as much is cut off.' },
  'relief: slope': { good: beside(300, { relief: { kind: 'slope', along: mm(60), both: false } }), size: ['Hidden door, free side', 1982, 232], bad: beside(300, { relief: { kind: 'slope', along: mm(400), both: true } }), said: 'At most 345 mm will do.' },
  'shape: plumb': { good: over({}), size: ['Hidden door, foot and 2 alike', 694, 232], bad: over({ gaps: { ...gaps, hinge: mm(12) } }), said: 'touches the south wall at 16°' },
  // Length along the lean 1900 - 3 - 8; the hinge line leans: 693 sin 5 rises.
  'shape: leaning': { good: withHidden(MIRROR), size: ['Hidden door, facing', 1889, 693], bad: { ...withHidden(MIRROR), change: boxAt('Lamp', { x: 3850, y: 400, z: 1500, width: 300, depth: 100, height: 100 }) }, said: 'touches the lamp at' },
  'shape: tapered': { good: over({ shape: { kind: 'tapered', low: 'free edge', by: mm(300) } }), size: ['Hidden door, hinge side', 1982, 232], bad: over({ shape: { kind: 'tapered', low: 'free edge', by: mm(1900) } }), said: 'Its lower edge would be 82 mm high. At most 1782 mm lower will do.' },
  // Mirror from head 1900 up: who stands is 1600 and 1720.
  'facing: mirror': { good: withHidden(MIRROR), size: ['Hidden door', 1889, 693], bad: withHidden(MIRROR, { opening: { ...hiddenOf(MIRROR).opening, height: mm(1400) }, shape: { kind: 'leaning', degrees: 3 } }), said: 'to see the top of the head from 1500 mm off it leans by 9.9°, and it leans by 3°' },
  'floor: measured': { good: over({ floor: { ...floor, readings: [{ degrees: 0, high: mm(0) }, { degrees: 60, high: mm(6) }] } }), size: ['Hidden door, foot and 2 alike', 694, 232], bad: over({ floor: { ...floor, readings: [{ degrees: 0, high: mm(0) }, { degrees: 60, high: mm(20) }, { degrees: 90, high: mm(4) }] } }), said: 'From 29.9° on its free edge drags on the floor, by up to 10.1 mm at 60°: plane 11.1 mm off its foot there' },
  'floor: carpet': { good: over({ floor: { ...floor, pile: mm(5) } }), size: ['Hidden door, foot and 2 alike', 694, 232], bad: over({ floor: { ...floor, pile: mm(14) } }), said: 'From 0° on its free edge drags on the floor, by up to 4.1 mm at 0°' },
  'runs on: wheel': { good: over({ floor: { ...floor, runs: { kind: 'wheel', in: mm(60) } }, body: { ...CASE, books: { kg: 5, deep: mm(180) } } }), size: ['Hidden door, foot and 2 alike', 694, 232], bad: over({ floor: { ...floor, readings: [{ degrees: 0, high: mm(0) }, { degrees: 60, high: mm(6) }], runs: { kind: 'wheel', in: mm(60) } } }), said: 'The floor differs by 6 mm along that: a sprung wheel follows it' },
  'runs on: skid': { good: over({ floor: { ...floor, runs: { kind: 'skid', in: mm(60) } }, body: { ...CASE, shelves: 1, books: { kg: 0, deep: mm(0) } } }), size: ['Hidden door, foot and 2 alike', 694, 232], bad: over({ floor: { ...floor, runs: { kind: 'skid', in: mm(60) } } }), said: 'A board or a vinyl floor is dented by that: a broader skid' },
  'reached: a hidden pull': { good: over({ latch: { ...latch, reached: 'a hidden pull' } }), size: ['Hidden door, back', 1982, 730], bad: over({ latch: { ...latch, within: false } }), said: 'Nobody lets themself out' },
  'reached: a push': { good: over({}), size: ['Hidden door, back', 1982, 730], bad: over({ behind: { ...behind, aired: false } }), said: 'Shut, no air comes in' },
  'reached: a magnet key': { good: over({ latch: { ...latch, reached: 'a magnet key' } }), size: ['Hidden door, back', 1982, 730], bad: over({ behind: { ...behind, sleeps: true, onlyWay: true } }), said: 'It is the only way out of a room where somebody sleeps' },
  'reached: a cover that turns': { good: over({ latch: { ...latch, reached: 'a cover that turns' } }), size: ['Hidden door, back', 1982, 730], bad: over({ opening: { ...hiddenOf(PIVOTS).opening, is: 'new' } }), said: 'A stud that is cut needs a header' },
  'hidden: cover flap': { good: withHidden('A cover flap beside one'), size: ['Hidden door', 1992, 120], bad: withHidden('A cover flap beside one', { covers: 'hidden-door-1', latch: { ...latch, within: false } }), said: 'whoever is in there is locked in' },
  // Without a back 7 boards of 250 x 18 go out level as cantilevers.
  'hidden: brace': { good: over({ body: { ...CASE, back: null, braced: true } }), size: ['Hidden door, foot and 2 alike', 694, 250], bad: over({ body: { ...CASE, back: null } }), said: 'as its boards give, since nothing keeps it square' },
  'hidden: lip': { good: over({ body: { ...CASE, lip: mm(30), books: { kg: 30, deep: mm(210) } } }), size: ['Hidden door, lip', 694, 30], bad: over({ body: { ...CASE, books: { kg: 30, deep: mm(210) } } }), said: 'slides on 51 mm; 22 mm lies before it: it falls' },
  'relief: on a leaf': { good: leaf({ relief: usualRelief('none') }), size: ['Hidden door', 1989, 793], bad: leaf({ relief: cut(20, 20), shape: { kind: 'tapered', low: 'free edge', by: mm(300) } }), said: 'A leaf whose head slopes is not cut at its corner as well: choose one.' },
}; // prettier-ignore
