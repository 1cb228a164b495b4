import { called } from '../item/called';
import type { Lever } from '../item/lever';
import { lengthMark } from '../length/lengthMark';
import { isAir } from './build';
import type { Thing } from './schema';

/** A thing is not moved farther than this to mend one finding, mm. */
const MOST_MOVED = 300;
/** What is part of the building, or of what passes through it, does not move for a cupboard. */
const FIXED: ReadonlySet<Thing['kind']> = new Set<Thing['kind']>([
  'beam',
  'post',
  'wheel arch',
  'curved side',
  'sloping face',
  'lowered ceiling',
  'compartment',
  'recess',
  'opening',
  'flooring',
]);
/** Moved by somebody licensed, or with a wall opened. */
const DEAR: ReadonlySet<Thing['kind']> = new Set<Thing['kind']>([
  'radiator',
  'pipe',
  'valve',
  'socket',
  'switch',
  'sill',
]);

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
  if (FIXED.has(thing.kind) || isAir(thing)) return [];
  const dear = DEAR.has(thing.kind) ? 60 : 0;
  const name = `the ${called(thing.name)}`;
  return [
    ...WAYS.map(([axis, sense, way]): Lever => ({
      kind: 'amount',
      key: `moved.${axis}${sense > 0 ? '+' : '-'}`,
      what: `where ${name} is, ${way}`,
      unit: 'mm',
      from: thing[axis].mm,
      to: thing[axis].mm + sense * MOST_MOVED,
      moves: 1,
      cost: { words: 'work on what is there', once: 25 + dear, perUnit: 0.2 },
      words: (mm) => `move ${name} ${way} by ${lengthMark(Math.abs(mm - thing[axis].mm), 'least')}`,
      set: (mm) => [{ path: [axis], before: thing[axis], after: { mm } }],
    })),
    {
      kind: 'choice',
      key: 'gone',
      what: `${name}, taken away`,
      cost: { words: 'work on what is there', once: 80 + dear, perUnit: 0 },
      words: `take ${name} away`,
      changes: [
        {
          path: ['state'],
          ...(thing.state !== undefined && { before: thing.state }),
          after: 'to be removed',
        },
      ],
    },
  ];
}
