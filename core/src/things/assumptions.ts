import { called } from '../item/called';
import type { Assumption } from '../item/note';
import { lengthMark } from '../length/lengthMark';
import type { Thing } from './schema';

/** What of a thing nobody looked up: the air that its maker wants about it. */
export function thingAssumptions({ name, shape, state }: Thing): Assumption[] {
  if (shape?.kind !== 'aired' || state === 'to be removed') return [];
  const { back, sides, top } = shape;
  return [
    {
      words: `the ${called(name)} wants no more air than ${lengthMark(back.mm)} behind it, ${lengthMark(sides.mm)} at each side and ${lengthMark(top.mm)} over it`,
      measure: `look up what air the maker of the ${called(name)} asks for`,
    },
  ];
}
