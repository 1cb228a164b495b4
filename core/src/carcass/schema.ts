import * as v from 'valibot';
import { lengthBetween } from '../length/length';
import { wordChoice, type Field } from '../item/field';
import { FRONTED } from '../space/schema';

/**
 * A frameless case with an open front: two sides over its whole height, top and bottom between them, a back between
 * all four. (x, y, z) is its left front bottom corner as seen by somebody standing before it; `faces` is the way its
 * front looks.
 */
export const CarcassSchema = v.pipe(
  v.strictObject({
    ...FRONTED,
    width: lengthBetween(50),
    height: lengthBetween(50),
    depth: lengthBetween(20),
    sheet: lengthBetween(1, 100),
  }),
  v.forward(
    v.check(
      ({ width, height, sheet }) => Math.min(width.mm, height.mm) > 2 * sheet.mm,
      'The sheet is so thick that no opening is left.',
    ),
    ['sheet'],
  ),
);
export type Carcass = v.InferOutput<typeof CarcassSchema>;

const length = (label: string, path: keyof Carcass, group = 'Size'): Field<Carcass> => ({
  group,
  label,
  path: [path],
  input: 'length',
});

export const CARCASS_FIELDS: readonly Field<Carcass>[] = [
  length('Width', 'width'),
  length('Height', 'height'),
  length('Depth', 'depth'),
  length('Sheet thickness', 'sheet'),
  {
    group: 'Place',
    label: 'Front faces',
    path: ['faces'],
    input: wordChoice(['faces'], ['north', 'east', 'south', 'west']),
  },
  length('Front left, from west', 'x', 'Place'),
  length('Front left, from south', 'y', 'Place'),
  length('Above the floor', 'z', 'Place'),
  { group: 'Place', label: 'Name', path: ['name'], input: 'text' },
];
