import * as v from 'valibot';
import { lengthBetween, positiveLength } from '../../length/length';
import { OwnSchoolsSchema } from '../../material/schema';
import { MOVES } from '../contract/moves';
import { degreesBetween, IdSchema, NameSchema } from '../../item/schema';
import { BayMountSchema } from '../contract/mount';
import {
  CloserSchema,
  FlapFitSchema,
  GripSchema,
  HelpSchema,
  LatchSchema,
  LevelHingeSchema,
  StaySchema,
} from '../kit/turning/schema';

const kg = v.pipe(
  v.number('A load is a number of kg.'),
  v.minValue(0, 'A load cannot be less than 0.'),
  v.maxValue(100, 'At most 100 kg.'),
);

/** How it goes: on a hinge along its foot or its head, or carried up on arms. */
export const FlapWaySchema = v.variant(
  'kind',
  [
    /** Down to the front about its foot: as a desk it bears so much at its front edge; null where it bears nothing. */
    v.strictObject({ kind: v.literal('drop front'), hinge: LevelHingeSchema, desk: v.nullable(kg) }),
    /** The same a little way, with a tray behind it: its size, how far up it begins, and what is in it. */
    v.strictObject({
      kind: v.literal('tilt-out'),
      hinge: LevelHingeSchema,
      tray: v.nullable(
        v.strictObject({
          height: positiveLength(600),
          depth: positiveLength(400),
          up: lengthBetween(0, 1000),
          kg,
        }),
      ),
    }),
    v.strictObject({ kind: v.literal('top-hung'), hinge: LevelHingeSchema }),
    /** Up before its case, upright all the way, on a pair of arms at either side: they hang so far below level, so far below the opening's top. */
    v.strictObject({
      kind: v.literal('parallel arms'),
      hardware: IdSchema,
      hang: degreesBetween(5, 88, 'How far its arms hang below level'),
      down: lengthBetween(0, 2000),
    }),
    /** Two leaves that fold outward: the upper one so high, an arm from the lower one, so far below the fold, to the side of the case. */
    v.strictObject({
      kind: v.literal('double fold'),
      hinge: LevelHingeSchema,
      upper: positiveLength(2000),
      gap: lengthBetween(0.5, 30),
      arm: v.strictObject({
        onLeaf: positiveLength(2000),
        back: positiveLength(1000),
        down: positiveLength(2000),
      }),
    }),
  ],
  'A flap drops, tilts out, is hung at its top, rises on parallel arms, or folds double.',
);
export type FlapWay = v.InferOutput<typeof FlapWaySchema>;

/** A front that turns or rises about a level axis. */
export const FlapSchema = v.strictObject({
  id: IdSchema,
  family: v.literal('flap'),
  name: NameSchema,
  mount: BayMountSchema,
  material: IdSchema,
  fit: FlapFitSchema,
  way: FlapWaySchema,
  /** How far it opens: its own turn, or that of its arms or upper leaf. */
  limit: degreesBetween(5, 200, 'The opening limit'),
  grip: GripSchema,
  stay: StaySchema,
  help: HelpSchema,
  closer: CloserSchema,
  latch: LatchSchema,
  ...MOVES,
  schools: OwnSchoolsSchema,
});
export type Flap = v.InferOutput<typeof FlapSchema>;
