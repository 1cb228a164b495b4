import { CARCASS_KINDS, CarcassSchema, type Carcass } from '../carcass/schema';
import { WHOLE } from '../carcass/kinds';
import { partsList } from '../make/partsList';
import { OLD_HOLES, type Old } from './kept/old';
import { USUAL_FIT, USUAL_HANDLE, USUAL_RACK, hingeOf } from './door/fresh';
import { DoorSchema, HingeSchema, type Door } from './door/schema';
import { FAMILY_NAMES, type Part } from './families';
import { KeptSchema, type Kept } from './kept/schema';
import type { Shelf } from './shelf/schema';
import { newPart } from '../plan/fresh';
import { reportOf } from '../report/report';
import { caseOf, doorOf, FRAME, mm, planWith, refusalOf, type Made } from '../testing/planWith';

/** What a kind comes to when it is built, and its own typical fault: found or refused, with the amount. */
interface Row {
  readonly good: Made;
  /** A line of the parts list: its name, length and width in mm. */
  readonly size: readonly [name: string, length: number, width: number];
  readonly bad: Made;
  /** The finding, note or refusal, with the amount. */
  readonly said: string;
}

const carcass = (kind: Carcass['kind'], other: Partial<Carcass> = {}) => caseOf({ kind, ...other });
const one = (other: Partial<Carcass>): Made => ({ carcasses: [caseOf(other)] });
const door = (other: Partial<Door>, on: Partial<Carcass> = {}): Made => ({
  carcasses: [caseOf(on)],
  parts: [doorOf(other)],
});
const inset = (gap: number) => ({ ...USUAL_FIT.inset, hinge: mm(gap), free: mm(gap) });
const old = (other: Partial<Old>): Old => ({
  width: mm(596),
  height: mm(716),
  thickness: mm(18),
  holes: [],
  lock: null,
  turned: 'as it was',
  becomes: 'cleared',
  ...other,
});
const shelf = (other: Partial<Shelf>): Part => ({
  ...(newPart(planWith({}), 'shelf', caseOf()) as Shelf),
  ...other,
});
const kept = (other: Partial<Kept>): Part => ({
  ...(newPart(planWith({}), 'kept', caseOf()) as Kept),
  ...other,
});
const wallAt =
  (gap: number): NonNullable<Made['change']> =>
  (plan) => ({
    ...plan,
    things: [
      {
        id: 'wall',
        name: 'Stub wall',
        kind: 'box',
        x: mm(3000 - gap - 100),
        y: mm(2000),
        z: mm(0),
        width: mm(100),
        depth: mm(1400),
        height: mm(2000),
      },
    ],
  });
const bays = (...sizes: number[]): Carcass['bay'] => ({
  ...WHOLE,
  split: {
    way: 'uprights',
    setback: mm(0),
    bays: sizes.map((size, i) => ({ id: `b${i}`, take: 'fixed', size: mm(size), read: {} })),
  },
});

/** Every kind there is, with one row each; later families add theirs. A kind without a row fails below. */
const ROWS: Readonly<Record<string, Row>> = {
  // Carcasses. 1890 less a plinth of 90 is 1800.
  'carcass: cupboard': { good: { carcasses: [carcass('cupboard', { height: mm(1890), stands: { on: 'a plinth', height: mm(90), setback: mm(40) } })] }, size: ['Left side and right side', 1800, 500], bad: one({ bay: bays(300, 300) }), said: 'The bays take 600 mm and there are 546 mm. 246 mm for the last will do, or let it take the rest.' },
  'carcass: wall cupboard': { good: { carcasses: [carcass('wall cupboard')] }, size: ['Hanging rail', 764, 80], bad: { carcasses: [carcass('wall cupboard', { z: mm(1500) })], parts: [doorOf({ handle: { ...USUAL_HANDLE.knob, fromBottom: mm(600) } })] }, said: 'The handle is 2116.5 mm above the floor, 216.5 mm over easy reach.' },
  'carcass: tower': { good: { carcasses: [carcass('tower')] }, size: ['Bottom and top', 364, 560], bad: { carcasses: [carcass('tower', { sides: { left: { middle: mm(4), head: mm(8) }, right: null } })], parts: [doorOf({ fit: inset(2) })] }, said: 'The opening is 7.9 mm wider at its widest than where it governs' },
  'carcass: bench': { good: { carcasses: [carcass('bench')] }, size: ['Back', 342, 1064], bad: { carcasses: [carcass('bench')], parts: [shelf({ up: { first: mm(330), step: mm(100) } })] }, said: 'The topmost shelf would stand 6 mm into what is above. At most 324 mm for the lowest will do.' },
  'carcass: low locker': { good: { carcasses: [carcass('low locker')] }, size: ['Top', 900, 400], bad: { carcasses: [carcass('low locker')], parts: [doorOf({ fit: { ...USUAL_FIT.overlay, top: mm(30) } })] }, said: 'The overlay of 30 mm at the top is wider than what it lies on. At most 18 mm will do.' },
  'carcass: table frame': { good: { carcasses: [carcass('table frame')] }, size: ['Front rail and back rail', 1080, 90], bad: { carcasses: [carcass('table frame', { width: mm(120) })] }, said: 'No opening is left between the sides. At least 130 mm wide will do.' },
  'carcass: free cradle': { good: { carcasses: [carcass('free cradle')] }, size: ['Front rail and back rail', 864, 90], bad: { carcasses: [carcass('free cradle', { height: mm(70), carries: { inside: mm(50), front: mm(0) } })] }, said: 'No opening is left between top and bottom. At least 78 mm high will do.' },
  'front: frameless': { good: one({ bay: bays(264, 282) }), size: ['Upright 1', 684, 494], bad: one({ bay: { ...WHOLE, split: { way: 'uprights', setback: mm(490), bays: [{ id: 'a', take: 'equal', read: {} }, { id: 'b', take: 'equal', read: {} }] } } }), said: 'Set back so far nothing is left of them. At most 484 mm will do.' },
  'front: face frame': { good: one({ frame: FRAME }), size: ['Bottom rail and top rail', 524, 38], bad: door({ fit: { ...USUAL_FIT.overlay, hinge: mm(50) } }, { frame: FRAME }), said: 'The overlay of 50 mm at the hinge edge is wider than what it lies on. At most 38 mm will do.' },
  'stands: the floor': { good: one({ stands: { on: 'the floor' } }), size: ['Left side and right side', 720, 500], bad: one({ depth: mm(20), back: { material: 'ply-18', set: 'between' } }), said: 'Frame and back leave no room inside. At least 28 mm deep will do.' },
  'stands: a plinth': { good: one({ stands: { on: 'a plinth', height: mm(100), setback: mm(50) } }), size: ['Left plinth side and right plinth side', 414, 100], bad: one({ stands: { on: 'a plinth', height: mm(690), setback: mm(50) } }), said: 'No opening is left between top and bottom. At least 736 mm high will do.' },
  'stands: legs': { good: one({ stands: { on: 'legs', height: mm(120), thick: mm(40) } }), size: ['Left front leg and 3 alike', 120, 40], bad: one({ stands: { on: 'legs', height: mm(700), thick: mm(40) } }), said: 'No opening is left between top and bottom. At least 746 mm high will do.' },
  'stands: the wall': { good: one({ stands: { on: 'the wall', rail: mm(80) } }), size: ['Hanging rail', 564, 80], bad: { ...door({ rack: { ...USUAL_RACK, depth: mm(480), height: mm(500), fromBottom: mm(190) } }, { stands: { on: 'the wall', rail: mm(80) } }) }, said: 'The rack on the door' },
  // Doors on 564 x 684. Even: 564 + 2 (18 - 3/2) = 597, pair (597 - 3) / 2.
  // The pin stands 3 mm out of the case, 6 mm from the wall; the leaf's front corner is 5 and 18 off it: 34.25 degrees.
  'leaves: one': { good: door({}), size: ['Door', 717, 597], bad: { ...door({ hinge: hingeOf('butt', 'left'), fit: USUAL_FIT.overlay, limit: 110 }), change: wallAt(9) }, said: 'Touches the stub wall at 34°, 76° short of full travel' },
  'leaves: pair': { good: door({ leaves: 'pair' }), size: ['Door, left', 717, 297], bad: door({ leaves: 'pair', fit: inset(2), middle: mm(0.1), leaf: { ...doorOf().leaf, material: 'pine-20' }, hinge: hingeOf('butt', 'left') }), said: 'Touches the right leaf of the door at 0°' },
  'fit: inset': { good: door({ fit: inset(2), hinge: hingeOf('butt', 'left') }), size: ['Door', 680, 560], bad: door({ fit: inset(25) }), said: 'a gap of 25 mm at the hinge edge stays open. At most 20 mm will do.' },
  'fit: overlay': { good: door({ fit: USUAL_FIT.overlay }), size: ['Door', 716, 596], bad: door({ fit: { ...USUAL_FIT.overlay, free: mm(-4) } }), said: 'at the free edge it ends 4 mm short of lying over it' },
  // Two bays of (564 - 18) / 2 = 273: full overlay 16.5 outside, half overlay (18 - 3) / 2 = 7.5 inside.
  'fit: even': { good: { carcasses: [caseOf({ bay: bays(273, 273) })], parts: [doorOf({ bay: 'b0' }), doorOf({ id: 'second', name: 'Second', bay: 'b1', hinge: hingeOf('cup', 'right') })] }, size: ['Second', 717, 297], bad: door({ fit: { kind: 'even', gap: mm(40) } }), said: 'So wide a gap leaves nothing of the leaf over the hinge edge. Less than 36 mm will do.' },
  'hinge: butt': { good: door({ hinge: hingeOf('butt', 'left'), fit: USUAL_FIT.overlay, limit: 180 }), size: ['Door', 716, 596], bad: door({ fit: inset(2), hinge: { ...hingeOf('butt', 'left'), mortise: 'none' } as Door['hinge'] }), said: 'Folded, the hinge takes 3 mm of the hinge gap, which is 2 mm: let it in by 1 mm more, or make the gap 3 mm.' },
  'hinge: continuous': { good: door({ hinge: hingeOf('continuous', 'left'), fit: inset(2) }), size: ['Door', 680, 560], bad: door({ hinge: hingeOf('continuous', 'left'), fit: USUAL_FIT.overlay, rack: { ...USUAL_RACK, load: 60 } }), said: 'that is beyond what these hinges are known to carry, which is 30 kg' },
  // In 40 and back 9 of 18 it needs sqrt(40^2 + 9^2) - 40 = 1 mm at its hinge edge.
  'hinge: pivot': { good: door({ hinge: hingeOf('pivot', 'left'), fit: { ...inset(2), free: mm(2) } }), size: ['Door', 680, 560], bad: door({ hinge: hingeOf('pivot', 'left'), fit: { ...inset(2), hinge: mm(0.9) } }), said: 'Touches the left side of the case at' },
  'hinge: cup': { good: door({ limit: 110 }), size: ['Door', 717, 597], bad: door({ limit: 120 }), said: 'The hinges open no farther than 110°. At most 110 will do.' },
  'handle: bar': { good: door({ handle: USUAL_HANDLE.bar, hinge: hingeOf('cup', 'left') }, { height: mm(900) }), size: ['Door', 897, 597], bad: door({ handle: { ...USUAL_HANDLE.bar, projection: mm(22), fromBottom: mm(400) } }), said: 'Fingers have 12 mm behind the handle; 25 mm is wanted. 35 mm out will do.' },
  'handle: knob': { good: door({ handle: { ...USUAL_HANDLE.knob, fromBottom: mm(400) } }), size: ['Door', 717, 597], bad: door({ handle: { ...USUAL_HANDLE.knob, fromBottom: mm(700) } }), said: 'The handle would stand off the leaf. At most 687 mm will do.' },
  'pane: glass': { good: door({ leaf: { ...doorOf().leaf, pane: { kind: 'glass', material: 'glass-4', border: mm(70) } } }), size: ['Glass of Door', 577, 457], bad: door({ leaf: { ...doorOf().leaf, pane: { kind: 'glass', material: 'glass-4', border: mm(300) } } }), said: 'So wide a border leaves no pane. Less than 298.5 mm will do.' },
  // 0.597 x 0.717 x (18 x 680 + 4 x 2500) / 1000 = 9.5 kg wants three.
  'pane: mirror': { good: door({ leaf: { ...doorOf().leaf, pane: { kind: 'mirror', material: 'mirror-4', border: mm(0) } } }), size: ['Mirror of Door', 717, 597], bad: door({ leaf: { ...doorOf().leaf, pane: { kind: 'mirror', material: 'mirror-4', border: mm(0) } }, hinge: { ...hingeOf('cup', 'left'), count: 2 } as Door['hinge'] }), said: 'The leaf weighs about 9.5 kg and wants three hinges; it has two.' },
  'on its back: rack': { good: door({ rack: USUAL_RACK }), size: ['Door', 717, 597], bad: door({ rack: { ...USUAL_RACK, fromFree: mm(10) } }), said: 'The rack on the door stands' },
  'old: kept': { good: door({ old: old({ becomes: 'kept' }), fit: USUAL_FIT.overlay }), size: ['Door', 716, 596], bad: door({ old: old({ width: mm(610) }), fit: USUAL_FIT.overlay }), said: 'The old leaf is too large: 12 mm must come off at its free edge.' },
  'old: plugged': { good: door({ old: old({ becomes: 'plugged', holes: [{ x: mm(22), z: mm(100), wide: mm(35), deep: mm(12) }] }), fit: USUAL_FIT.overlay }), size: ['Door', 716, 596], bad: door({ old: old({ height: mm(690) }), fit: USUAL_FIT.overlay }), said: 'The old leaf cannot cover its opening: 10 mm stays open at its top.' },
  // The cups' middles are at 22.5 and 100: a hole of 35 there is right upon one, 45 mm of room is wanted between middles.
  'old: cleared': { good: door({ old: old({ holes: [{ x: mm(22), z: mm(300), wide: mm(35), deep: mm(12) }] }), fit: USUAL_FIT.overlay }), size: ['Door', 716, 596], bad: door({ old: old({ holes: [{ x: mm(22), z: mm(110), wide: mm(35), deep: mm(12) }] }), fit: USUAL_FIT.overlay }), said: 'Cup 1 would come upon old hole 1: it must be 35 mm higher or lower, or the old holes plugged.' },
  'family: door': { good: door({}), size: ['Door', 717, 597], bad: door({ bay: 'b7' }), said: 'Its carcass has no bay “b7”.' },
  'family: shelf': { good: { parts: [shelf({})] }, size: ['Case shelf', 484, 561], bad: { carcasses: [caseOf({ frame: { ...FRAME, left: mm(90), right: mm(90), top: mm(300), bottom: mm(200) } })], parts: [shelf({})] }, said: 'The shelf cannot get in past the frame, tilted or straight: the longest that can is' },
  'family: kept': { good: { parts: [kept({})] }, size: ['Case old top or box', 120, 400], bad: { parts: [kept({ depth: mm(510) })] }, said: 'The old box is 16 mm too deep for its bay. At most 494 mm will do.' },
  'kept: box': { good: { parts: [kept({ what: 'box' })] }, size: ['Case old top or box', 120, 400], bad: { parts: [kept({ old: old({ width: mm(570), height: mm(100) }) })] }, said: 'The old box is 10 mm too wide for its bay. At most 560 mm will do.' },
  'kept: top': { good: { parts: [kept({ what: 'top', old: old({ width: mm(640), height: mm(520) }), over: { left: mm(20), up: mm(0), front: mm(20) } })] }, size: ['Case old top or box', 520, 640], bad: { parts: [kept({ what: 'top', old: old({ width: mm(580) }) })] }, said: 'The old top is 20 mm narrower than what it is to cover. At least 600 mm will do.' },
}; // prettier-ignore

/** What there is, read off the schemas themselves. */
const KINDS: readonly string[] = [
  ...CARCASS_KINDS.map((kind) => `carcass: ${kind}`),
  'front: frameless',
  'front: face frame',
  ...CarcassSchema.entries.stands.options.map(({ entries }) => `stands: ${entries.on.literal}`),
  ...DoorSchema.entries.leaves.options.map((kind) => `leaves: ${kind}`),
  ...DoorSchema.entries.fit.options.map(({ entries }) => `fit: ${entries.kind.literal}`),
  ...HingeSchema.options.map(({ entries }) => `hinge: ${entries.kind.literal}`),
  ...DoorSchema.entries.handle.wrapped.entries.kind.options.map((kind) => `handle: ${kind}`),
  ...DoorSchema.entries.leaf.entries.pane.wrapped.entries.kind.options.map((kind) => `pane: ${kind}`),
  'on its back: rack',
  ...OLD_HOLES.map((kind) => `old: ${kind}`),
  ...FAMILY_NAMES.map((kind) => `family: ${kind}`),
  ...KeptSchema.entries.what.options.map((kind) => `kept: ${kind}`),
];

/** All that is told of a plan: its findings and notes, or why it is refused. */
function told(made: Made): string {
  const refused = refusalOf(made);
  if (refused) return refused;
  const { parts, notes } = reportOf(planWith(made));
  return [...parts.flatMap(({ findings }) => findings), ...notes].map(({ sentence }) => sentence).join('\n');
}

describe('every kind of carcass, door, old piece and shelf', () => {
  it('has a row in this table, and no row is of a kind there is not', () => {
    expect(Object.keys(ROWS).sort()).toEqual([...KINDS].sort());
  });

  it.each(Object.entries(ROWS))('%s: is built, goes its full travel, and is cut to the size worked by hand', (_kind, { good, size }) => {
    const plan = planWith(good);
    const report = reportOf(plan);
    for (const { check } of report.parts) expect([check.verdict === 'hits', check.usable]).toEqual([false, check.to]);
    const [name, length, width] = size;
    const line = partsList(plan).find((piece) => piece.name === name);
    expect(line ? [line.length.mm, line.width.mm].map((value) => Math.round(value * 1e6) / 1e6) : partsList(plan).map((piece) => piece.name)).toEqual([length, width]);
  }); // prettier-ignore

  it.each(Object.entries(ROWS))(
    '%s: its typical fault is told with the amount',
    (_kind, { good, bad, said }) => {
      expect(told(bad)).toContain(said);
      expect(told(good)).not.toContain(said);
    },
  );
});
