import * as v from 'valibot';
import { LengthSchema, lengthBetween } from '../length/length';
import type { Field } from '../card/field';
import { outlineFault } from '../solid/outline';
import { carriesFields, CarriesSchema } from './carries';
import { SideSchema, degreesBetween, IdSchema, SIDES } from '../item/schema';

/** A roof slope that rises inward from one side: from `knee` above the floor, at `pitch` degrees from level. */
export const SlopeSchema = v.strictObject({
  side: SideSchema,
  knee: lengthBetween(0),
  pitch: degreesBetween(5, 85, 'The pitch'),
});
export type Slope = v.InferOutput<typeof SlopeSchema>;

/** A corner of the walls as seen from above; its id is also that of the wall that runs from it to the next corner. */
export const CornerSchema = v.strictObject({ id: IdSchema, x: LengthSchema, y: LengthSchema });
export type Corner = v.InferOutput<typeof CornerSchema>;

/** Walls round a space: as many as a bay of curves takes at a tolerance of a millimetre or two. */
export const MOST_CORNERS = 240;
const spans = (corners: readonly Corner[], axis: 'x' | 'y', mm: number) => {
  const values = corners.map((corner) => corner[axis].mm);
  return Math.abs(Math.min(...values)) < 1e-6 && Math.abs(Math.max(...values) - mm) < 1e-6;
};

/**
 * A space, measured inside: x runs east and y north from the south-west corner of the box it lies in, z up from the
 * floor. Without an outline it fills that box; with one, its walls run from corner to corner, the room to their left.
 */
export const SpaceSchema = v.pipe(
  v.strictObject({
    width: lengthBetween(100),
    depth: lengthBetween(100),
    height: lengthBetween(100),
    slopes: v.pipe(v.array(SlopeSchema), v.maxLength(4, 'At most four roof slopes.')),
    /** What moves that it is in, where what the job weighs is asked for. */
    carries: v.optional(v.nullable(CarriesSchema)),
    outline: v.optional(
      v.pipe(
        v.array(CornerSchema),
        v.minLength(3, 'An outline needs three corners or more.'),
        v.maxLength(MOST_CORNERS, `An outline may have up to ${MOST_CORNERS} corners.`),
        v.rawCheck(({ dataset, addIssue }) => {
          if (!dataset.typed) return;
          const corners = dataset.value;
          const twice = corners.findIndex(({ id }, i) => corners.findIndex((one) => one.id === id) < i);
          const fault =
            twice >= 0
              ? { message: 'Two corners have the same id.', at: twice }
              : outlineFault(corners.map(({ x, y }) => [x.mm, y.mm]));
          if (fault) addIssue({ message: wallSentence(fault.message, fault.at) });
        }),
      ),
    ),
  }),
  v.check(
    ({ outline, width, depth }) =>
      !outline || (spans(outline, 'x', width.mm) && spans(outline, 'y', depth.mm)),
    'The outline must begin at 0 and fill the width and depth of the space.',
  ),
);
export type Space = v.InferOutput<typeof SpaceSchema>;

/** What is wrong with an outline, by the number of the wall. */
export function wallSentence(message: string, at: number): string {
  return message.startsWith('An outline crosses')
    ? `Wall ${at + 1} crosses or touches another wall.`
    : message;
}

const SLOPE = { side: 'east', knee: { mm: 1300 }, pitch: 35 } as const;

/** The fields of a space's card: its box, and each of its slopes with one more to be chosen. */
export function spaceFields(space: Space): Field<Space>[] {
  const room = space.slopes.length < 2 ? space.slopes.length + 1 : space.slopes.length;
  return [
    { group: 'Space', label: 'Width, west to east', path: ['width'], input: 'length' },
    { group: 'Space', label: 'Depth, south to north', path: ['depth'], input: 'length' },
    { group: 'Space', label: 'Ceiling height', path: ['height'], input: 'length' },
    ...Array.from({ length: room }, (_, i) => slopeFields(i, space.slopes.length > 0)).flat(),
    ...carriesFields<Space>(),
  ];
}

function slopeFields(i: number, several: boolean): Field<Space>[] {
  const group = i === 0 && !several ? 'Roof slope' : `Roof slope ${i + 1}`;
  const there = ({ slopes }: Space) => slopes[i] !== undefined;
  return [
    {
      group,
      label: 'Rises from the',
      path: ['slopes'],
      input: {
        words: ['no wall', ...SIDES],
        word: ({ slopes }) => slopes[i]?.side ?? 'no wall',
        value: (word, { slopes }) =>
          word === 'no wall'
            ? slopes.filter((_, j) => j !== i)
            : [...slopes.slice(0, i), { ...(slopes[i] ?? SLOPE), side: word }, ...slopes.slice(i + 1)],
      },
    },
    { group, label: 'Knee height', path: ['slopes', i, 'knee'], input: 'length', when: there },
    { group, label: 'Pitch', path: ['slopes', i, 'pitch'], input: 'degrees', when: there },
  ];
}
