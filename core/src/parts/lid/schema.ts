import * as v from 'valibot';
import { lengthBetween } from '../../length/length';
import { OwnSchoolsSchema } from '../../material/schema';
import { MOVES } from '../contract/moves';
import { degreesBetween, IdSchema, NameSchema } from '../../item/schema';
import { TopMountSchema } from '../contract/mount';
import {
  CloserSchema,
  CushionSchema,
  GripSchema,
  HelpSchema,
  LatchSchema,
  LevelHingeSchema,
  StaySchema,
} from '../kit/turning/schema';

const side = lengthBetween(0, 2000);

/**
 * The top of a carcass that lifts: all of it, or a leaf between boards that stay. Its axis is along the back.
 */
export const LidSchema = v.strictObject({
  id: IdSchema,
  family: v.literal('lid'),
  name: NameSchema,
  mount: TopMountSchema,
  material: IdSchema,
  /** Boards glued on one another: one, or two for a leaf twice as thick. */
  layers: v.picklist([1, 2], 'A leaf is one board thick, or two.'),
  /** How far the whole top lies over each side of its carcass. */
  over: v.strictObject({
    left: lengthBetween(-500, 500),
    right: lengthBetween(-500, 500),
    front: lengthBetween(-500, 500),
    back: lengthBetween(-500, 500),
  }),
  /** What of the top stays, at each edge: 0 for none. */
  margins: v.strictObject({ left: side, right: side, front: side, back: side }),
  leaves: v.picklist(['one', 'two'], 'It has one leaf or two.'),
  /** Sawn from one board every gap is a kerf; else each piece is cut apart. */
  sawn: v.picklist(['from one board', 'apart'], 'Leaf and margins are sawn from one board, or cut apart.'),
  gap: lengthBetween(0, 30),
  /** A strip under the margins that carries the leaf: so thick, and so far under it; none where thick is 0. */
  ledge: v.strictObject({ thick: lengthBetween(0, 100), bears: lengthBetween(0, 100) }),
  /** A board that closes its carcass at the front; null where it stays open or a leaf closes it. */
  front: v.nullable(v.strictObject({ material: IdSchema })),
  hinge: LevelHingeSchema,
  grip: GripSchema,
  limit: degreesBetween(10, 270, 'The opening limit'),
  cushion: CushionSchema,
  /** What is fixed to its inside or lies on it as it is lifted, kg. */
  carries: v.pipe(
    v.number('A weight is a number of kg.'),
    v.minValue(0, 'A weight cannot be less than 0.'),
    v.maxValue(100, 'At most 100 kg.'),
  ),
  /** Somebody sits on it; and how what they lean back on leans, from upright. */
  seat: v.nullable(v.strictObject({ back: degreesBetween(0, 45, 'The back') })),
  stay: StaySchema,
  help: HelpSchema,
  closer: CloserSchema,
  latch: LatchSchema,
  /** The home moves: it must stay shut on the road, or at sea. */
  travels: v.boolean(),
  /** What is kept within stands so high, mm; 0 where nobody said. */
  within: lengthBetween(0, 3000),
  /** Holes that let air into it, mm2 in all. */
  air: v.pipe(v.number('A number of mm2.'), v.minValue(0), v.maxValue(1_000_000)),
  ...MOVES,
  schools: OwnSchoolsSchema,
});
export type Lid = v.InferOutput<typeof LidSchema>;
