import { CARCASS_KINDS, CarcassSchema } from '../carcass/schema';
import { partsList } from '../make/partsList';
import { OLD_HOLES } from './kit/reused';
import { BED_TURNS, LegsSchema } from './bed/schema';
import { DoorSchema, HingeSchema } from './door/schema';
import { FAMILY_NAMES } from './families';
import { BoxSchema } from './kit/box/schema';
import { ContentSchema, ContentsSchema } from './kit/contents/schema';
import { FrontSchema } from './kit/drawn/schema';
import { DrawerSchema } from './drawer/schema';
import { BearsSchema } from './platform/schema';
import { COVER_WAYS } from './cover/schema';
import { HungSchema, REACHED, ReliefSchema, ShapeSchema as HiddenShapeSchema } from './hidden/schema';
import { PropsSchema, USES } from './folddown/schema';
import { LiftsSchema, POWERS } from './lift/schema';
import { COMBS } from './slats/schema';
import { CarriesSchema } from './pullout/schema';
import { CLOSINGS, RunsSchema } from './kit/runs/schema';
import { SlidingPullSchema, WaySchema } from './sliding/schema';
import { LATCH_KINDS } from '../hardware/schema';
import { FlapWaySchema } from './flap/schema';
import { STAY_KINDS } from './kit/turning/help';
import { FlapFitSchema, GripSchema, HelpSchema, LevelHingeSchema } from './kit/turning/schema';
import { LidSchema } from './lid/schema';
import { TOP_WAYS } from './top/schema';
import { ReusedSchema } from './reused/schema';
import { reportOf } from '../report/report';
import { planWith } from '../testing/planWith';
import { told } from '../testing/told';

import { KIND_ROWS } from '../testing/kindRows';

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
  ...ReusedSchema.entries.what.options.map((kind) => `kept: ${kind}`),
  ...DrawerSchema.entries.bank.options.map(({ entries }) => `bank: ${entries.kind.literal}`),
  ...DrawerSchema.entries.fit.options.map(({ entries }) => `drawer fit: ${entries.kind.literal}`),
  ...RunsSchema.options.map(({ entries }) => `runs: ${entries.kind.literal}`),
  ...CLOSINGS.map((kind) => `closing: ${kind}`),
  ...FrontSchema.entries.made.options.map((kind) => `drawer front: ${kind}`),
  ...BoxSchema.entries.joint.options.map(({ entries }) => `joint: ${entries.kind.literal}`),
  ...BoxSchema.entries.bottom.options.map(({ entries }) => `bottom: ${entries.kind.literal}`),
  'box: notch',
  'box: dividers',
  ...ContentsSchema.entries.set.options.map((kind) => `contents: ${kind}`),
  ...ContentSchema.entries.opens.options.map(({ entries }) => `opens: ${entries.kind.literal}`),
  'drawer: two-sided',
  'drawer: cable',
  'drawer: old box',
  ...CarriesSchema.options.map(({ entries }) => `carries: ${entries.kind.literal}`),
  'pull-out: guide',
  ...TOP_WAYS.map((kind) => `top: ${kind}`),
  // Of a lid what is no list of its schema, and what it shares with flaps.
  ...[
    'in margins',
    'the whole top',
    'two leaves',
    'split lengthwise',
    'two boards glued',
    'cushion',
    'seat',
    'front margin',
  ].map((kind) => `lid: ${kind}`),
  `lid: sawn ${LidSchema.entries.sawn.options[1]}`,
  ...LevelHingeSchema.entries.knuckle.options.map((kind) => `knuckle: ${kind}`),
  ...LevelHingeSchema.entries.kind.options.map((kind) => `level hinge: ${kind}`),
  ...HelpSchema.options
    .map(({ entries }) => entries.kind.literal)
    .filter((kind) => kind !== 'none')
    .map((kind) => `help: ${kind}`),
  ...STAY_KINDS.map((kind) => `held: ${kind}`),
  'closer: soft',
  ...LATCH_KINDS.map((kind) => `latch: ${kind}`),
  ...GripSchema.options.map(({ entries }) => `grip: ${entries.kind.literal}`),
  ...FlapWaySchema.options.map(({ entries }) => `flap: ${entries.kind.literal}`),
  ...FlapFitSchema.options.map(({ entries }) => `flap fit: ${entries.kind.literal}`),
  ...[...BED_TURNS, 'headboard', 'desk', 'straps', 'bulge', 'rails', 'on its stays', 'way'].map(
    (kind) => `bed: ${kind}`,
  ),
  ...LegsSchema.options.map(({ entries }) => `legs: ${entries.kind.literal}`),
  ...['stack', 'mat', 'seat', 'way', 'first leaf'].map((kind) => `platform: ${kind}`),
  ...BearsSchema.options.map(({ entries }) => `bears: ${entries.kind.literal}`),
  ...['overlap', 'open', 'behind', 'rail', 'bending', 'way', 'bearer', 'staying'].map(
    (kind) => `slats: ${kind}`,
  ),
  ...COMBS.map((kind) => `combs: ${kind}`),
  ...['seat', 'sleeps', 'rating'].map((kind) => `table: ${kind}`),
  ...LiftsSchema.options.map(({ entries }) => `lifts: ${entries.kind.literal}`),
  ...POWERS.map((kind) => `power: ${kind}`),
  ...['lap', 'free', 'way', 'on a leaf', 'on a top', ...COVER_WAYS].map((kind) => `cover: ${kind}`),
  ...USES.map((kind) => `folds to: ${kind}`),
  ...PropsSchema.options.map(({ entries }) => `props: ${entries.kind.literal}`),
  ...['case', 'leaf', 'pair', 'cover flap', 'brace', 'lip'].map((kind) => `hidden: ${kind}`),
  ...HungSchema.options.map(({ entries }) => `hung: ${entries.kind.literal}`),
  ...ReliefSchema.options.map(({ entries }) => `relief: ${entries.kind.literal}`),
  'relief: on a leaf',
  ...HiddenShapeSchema.options.map(({ entries }) => `shape: ${entries.kind.literal}`),
  'facing: mirror',
  ...['measured', 'carpet'].map((kind) => `floor: ${kind}`),
  ...['wheel', 'skid'].map((kind) => `runs on: ${kind}`),
  ...REACHED.map((kind) => `reached: ${kind}`),
  ...WaySchema.options.map(({ entries }) => `way: ${entries.kind.literal}`),
  ...SlidingPullSchema.entries.kind.options.map((kind) => `sliding pull: ${kind}`),
];

describe('every kind of carcass, door, drawer, pull-out, sliding panel, lid, flap, bed, old piece and shelf', () => {
  it('has a row in this table, and no row is of a kind there is not', () => {
    expect(Object.keys(KIND_ROWS).sort()).toEqual([...KINDS].sort());
  });

  it.each(Object.entries(KIND_ROWS))('%s: is built, goes its full travel, and is cut to the size worked by hand', (_kind, { good, size }) => {
    const plan = planWith(good);
    const report = reportOf(plan);
    for (const { check } of report.parts) expect([check.verdict === 'hits', check.usable]).toEqual([false, check.to]);
    const [name, length, width] = size;
    const line = partsList(plan).find((piece) => piece.name === name);
    expect(line ? [line.cut.length.mm, line.cut.width.mm].map((value) => Math.round(value * 1e6) / 1e6) : partsList(plan).map((piece) => piece.name)).toEqual([length, width]);
  }); // prettier-ignore

  it.each(Object.entries(KIND_ROWS))(
    '%s: its typical fault is told with the amount',
    (_kind, { good, bad, said }) => {
      expect(told(bad)).toContain(said);
      expect(told(good)).not.toContain(said);
    },
  );
});
