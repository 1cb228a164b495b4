import * as v from 'valibot';
import { LengthSchema, lengthBetween, positiveLength } from '../../../length/length';
import type { BayMount } from '../../contract/mount';
import type { OwnSchools } from '../../../material/schema';
import { IdSchema } from '../../../item/schema';
import type { BoxSpec } from '../box/schema';
import type { Cable, Contents } from '../contents/schema';
import type { Closing, Runs } from '../runs/schema';

const MOST = 24;
/** Each drawer of a bank by an id of its own, from the bottom up: it stays the same drawer whatever is put in before it. */
const drawers = v.pipe(
  v.array(v.strictObject({ id: IdSchema }), 'A bank lists its drawers.'),
  v.minLength(1, 'At least one drawer.'),
  v.maxLength(MOST, `At most ${MOST} drawers in a bank.`),
  v.check(
    (all) => new Set(all.map(({ id }) => id)).size === all.length,
    'Two drawers of the bank have one id.',
  ),
);

/** How the height of a bay is shared among the fronts of its drawers. */
export const BankSchema = v.variant(
  'kind',
  [
    v.strictObject({ kind: v.literal('even'), drawers }),
    /** Each front is so much lower than the one beneath it. */
    v.strictObject({ kind: v.literal('graduated'), drawers, step: lengthBetween(0, 1000) }),
    /** Heights from the bottom up; the topmost drawer takes the rest. */
    v.pipe(
      v.strictObject({
        kind: v.literal('typed'),
        drawers,
        fronts: v.pipe(v.array(positiveLength()), v.minLength(1, 'Type one height or more.')),
      }),
      v.check(
        (bank) => bank.fronts.length === bank.drawers.length - 1,
        'A height is typed for each drawer but the topmost.',
      ),
    ),
  ],
  'The fronts of a bank are even, graduated, or as typed.',
);
export type Bank = v.InferOutput<typeof BankSchema>;

/** How the fronts close their opening; `between` is left from one front of the bank to the next. */
const EDGES = { sides: LengthSchema, top: LengthSchema, bottom: LengthSchema, between: lengthBetween(0, 60) };
export const DrawnFitSchema = v.variant(
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
export type DrawnFit = v.InferOutput<typeof DrawnFitSchema>;

export const PullSchema = v.strictObject({
  kind: v.picklist(['bar', 'knob'], 'A handle is a bar or a knob.'),
  projection: positiveLength(300),
  width: positiveLength(),
  height: positiveLength(),
  /** Its holes apart; 0 for a knob. */
  holes: lengthBetween(0, 2000),
});
export type Pull = v.InferOutput<typeof PullSchema>;

export const FrontSchema = v.strictObject({
  /** A front of its own before the box, or the front end of the box itself. */
  made: v.picklist(['applied', 'the box’s own'], 'A front is applied, or the box’s own.'),
  material: IdSchema,
  banding: lengthBetween(0, 10),
  /** What fixes an applied front from inside the box. */
  screw: lengthBetween(5, 120),
});
export type Front = v.InferOutput<typeof FrontSchema>;

/** What is drawn out of a bay on slides or runners, with a front or without: what drawers and pull-outs have alike. */
export interface DrawnOut {
  readonly id: string;
  readonly name: string;
  readonly mount: BayMount;
  readonly bank: Bank;
  /** It is one thing and no bank: its mover goes by the part's own id. */
  readonly single?: true;
  readonly fit: DrawnFit;
  readonly front: Front;
  readonly handle: Pull | null;
  readonly box: BoxSpec;
  /** An old box that is used again: it decides the size, and packing makes up what its slides want. */
  readonly old: {
    readonly width: { mm: number };
    readonly height: { mm: number };
    readonly depth: { mm: number };
  } | null;
  readonly runs: Runs;
  readonly closing: Closing;
  /** Comes out at the back of the case as well. */
  readonly twoSided: boolean;
  readonly contents: Contents;
  readonly cable: Cable | null;
  readonly schools?: OwnSchools;
}
