import { called } from '../item/called';
import type { Lever } from '../item/lever';
import { choiceLever, cost, lengthLever } from '../item/leverOf';
import { lengthMark } from '../length/lengthMark';
import { isAir } from './build';
import { USUAL } from './kinds';
import type { Thing } from './schema';

/** A thing is not moved farther than this to mend one finding, mm. */
const MOST_MOVED = 300;
/** What it costs more to move what takes somebody licensed, or a wall opened. */
const DEARER = 60;

const WAYS = [
  ['x', 1, 'east'],
  ['x', -1, 'west'],
  ['y', 1, 'north'],
  ['y', -1, 'south'],
  ['z', 1, 'up'],
  ['z', -1, 'down'],
] as const;

/** What may be done with a thing that stands in the way: moved, or taken away. */
export function thingLevers(thing: Thing): Lever[] {
  const { moved } = USUAL[thing.kind];
  if (moved === 'never' || isAir(thing)) return [];
  const dear = moved === 'dearly' ? DEARER : 0;
  const name = `the ${called(thing.name)}`;
  return [
    ...WAYS.flatMap(([axis, sense, way]) =>
      lengthLever(thing, [axis], {
        key: `moved.${axis}${sense > 0 ? '+' : '-'}`,
        what: `where ${name} is, ${way}`,
        to: thing[axis].mm + sense * MOST_MOVED,
        cost: cost('work on what is there', 25 + dear, 0.2),
        words: (mm) => `move ${name} ${way} by ${lengthMark(Math.abs(mm - thing[axis].mm), 'least')}`,
      }),
    ),
    ...choiceLever(thing, ['state'], 'to be removed', {
      key: 'gone',
      what: `${name}, taken away`,
      cost: cost('work on what is there', 80 + dear),
      words: `take ${name} away`,
    }),
  ];
}
