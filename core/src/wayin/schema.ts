import * as v from 'valibot';
import { lengthBetween, positiveLength } from '../length/length';
import { degreesBetween, IdSchema, NameSchema } from '../item/schema';

const NAMED = { id: IdSchema, name: NameSchema, width: positiveLength(), height: positiveLength() };

/**
 * One place that everything for the space must come through, from outside inwards: its clear width and height, and what
 * else of it matters. How a piece gets through is worked out when the way in is checked.
 */
export const PassageSchema = v.variant(
  'kind',
  [
    v.strictObject({ kind: v.literal('doorway'), ...NAMED }),
    v.strictObject({ kind: v.literal('hatch'), ...NAMED }),
    v.strictObject({ kind: v.literal('passage'), ...NAMED, length: positiveLength() }),
    /** From a passage of `width` into one of `onward`. */
    v.strictObject({
      kind: v.literal('turn'),
      ...NAMED,
      onward: positiveLength(),
      angle: degreesBetween(10, 180, 'The turn'),
    }),
    v.strictObject({
      kind: v.literal('stairs'),
      ...NAMED,
      length: positiveLength(),
      rise: lengthBetween(0),
    }),
    /** A lift or a vehicle's load space: what goes in must fit in it whole. */
    v.strictObject({ kind: v.literal('lift'), ...NAMED, length: positiveLength() }),
  ],
  'There is no such place on a way in.',
);
export type Passage = v.InferOutput<typeof PassageSchema>;
export const PASSAGE_KINDS = ['doorway', 'hatch', 'passage', 'turn', 'stairs', 'lift'] as const;

const mm = (value: number) => ({ mm: value });

/** With usual numbers. Common practice, no single source: each is there to be measured over. */
export function newPassage(kind: Passage['kind'], id: string, name: string): Passage {
  const named = { id, name, width: mm(760), height: mm(1980) };
  switch (kind) {
    case 'doorway':
      return { kind, ...named };
    case 'hatch':
      return { kind, ...named, width: mm(560), height: mm(560) };
    case 'passage':
      return { kind, ...named, width: mm(900), height: mm(2300), length: mm(3000) };
    case 'turn':
      return { kind, ...named, width: mm(900), height: mm(2300), onward: mm(900), angle: 90 };
    case 'stairs':
      return { kind, ...named, width: mm(800), height: mm(2000), length: mm(2800), rise: mm(2600) };
    case 'lift':
      return { kind, ...named, width: mm(1000), height: mm(2100), length: mm(1250) };
  }
}
