import * as v from 'valibot';
import { LengthSchema, lengthBetween, positiveLength } from '../../length/length';
import { OwnSchoolsSchema } from '../../material/schema';
import { IdSchema, NameSchema } from '../../space/schema';
import { BoxSchema } from '../box/schema';
import { CableSchema, ContentsSchema } from '../contents/schema';
import { ClosingSchema, RunsSchema } from '../runs/schema';

const MOST = 24;
const count = v.pipe(
  v.number('Drawers are counted.'),
  v.integer('Drawers are counted whole.'),
  v.minValue(1, 'At least one drawer.'),
  v.maxValue(MOST, `At most ${MOST} drawers in a bank.`),
);

/** How the height of a bay is shared among the fronts of its drawers. */
const BankSchema = v.variant(
  'kind',
  [
    v.strictObject({ kind: v.literal('even'), count }),
    /** Each front is so much lower than the one beneath it. */
    v.strictObject({ kind: v.literal('graduated'), count, step: lengthBetween(0, 1000) }),
    /** Heights from the bottom up; one more on top takes the rest. */
    v.strictObject({ kind: v.literal('typed'), fronts: v.pipe(v.array(positiveLength()), v.minLength(1, 'Type one height or more.'), v.maxLength(MOST - 1, `At most ${MOST} drawers in a bank.`)) }),
  ],
  'The fronts of a bank are even, graduated, or as typed.',
); // prettier-ignore

/** How the fronts close their opening; `between` is left from one front of the bank to the next. */
const EDGES = { sides: LengthSchema, top: LengthSchema, bottom: LengthSchema, between: lengthBetween(0, 60) };
export const DrawerFitSchema = v.variant(
  'kind',
  [
    v.strictObject({ kind: v.literal('inset'), ...EDGES, setback: lengthBetween(0, 500) }),
    v.strictObject({ kind: v.literal('overlay'), ...EDGES }),
    v.strictObject({ kind: v.literal('even'), gap: lengthBetween(0, 60) }),
    /** A box without a front, behind a door: so far behind the front of its case. */
    v.strictObject({ kind: v.literal('none'), setback: lengthBetween(0, 1000) }),
  ],
  'A front is inset, overlay as typed, overlay with even gaps, or there is none.',
);

export const PullSchema = v.strictObject({
  kind: v.picklist(['bar', 'knob'], 'A handle is a bar or a knob.'),
  projection: positiveLength(300),
  width: positiveLength(),
  height: positiveLength(),
  /** Its holes apart; 0 for a knob. */
  holes: lengthBetween(0, 2000),
});

export const FrontSchema = v.strictObject({
  /** A front of its own before the box, or the front end of the box itself. */
  made: v.picklist(['applied', 'the box’s own'], 'A front is applied, or the box’s own.'),
  material: IdSchema,
  banding: lengthBetween(0, 10),
  /** What fixes an applied front from inside the box. */
  screw: lengthBetween(5, 120),
});

/** A bank of one or more drawers in a bay of its carcass. */
export const DrawerSchema = v.strictObject({
  id: IdSchema,
  family: v.literal('drawer'),
  name: NameSchema,
  carcass: IdSchema,
  bay: IdSchema,
  bank: BankSchema,
  fit: DrawerFitSchema,
  front: FrontSchema,
  handle: v.nullable(PullSchema),
  box: BoxSchema,
  /** An old box that is used again: it decides the size, and packing makes up what its slides want. */
  old: v.nullable(v.strictObject({ width: positiveLength(3000), height: positiveLength(3000), depth: positiveLength(3000) })),
  runs: RunsSchema,
  closing: ClosingSchema,
  /** Comes out at the back of the case as well. */
  twoSided: v.boolean(),
  contents: ContentsSchema,
  cable: v.nullable(CableSchema),
  schools: OwnSchoolsSchema,
}); // prettier-ignore
export type Drawer = v.InferOutput<typeof DrawerSchema>;
