import { called } from '../item/called';
import type { Lever, Trouble } from '../item/lever';
import { lengthMark } from '../length/lengthMark';
import { get } from '../item/path';
import type { Existing } from './schema';

/** A stop nearer shut than this makes no use of a door, degrees. */
const LEAST_USEFUL_DEG = 45;
const LONGEST_LEAF = 2500;

/** What may be done with what moves there already: given a stop, hung on its other side, or taken away. */
export function existingLevers(item: Existing, { comfortable, usable }: Trouble): Lever[] {
  const name = `the ${called(item.name)}`;
  const stop = get(item, ['stop']);
  const hinge = get(item, ['hinge']);
  const handle = get(item, ['handle', 'projection', 'mm']);
  const free = comfortable ?? usable;
  return [
    ...(typeof stop === 'number' && stop > LEAST_USEFUL_DEG
      ? [
          {
            kind: 'amount' as const,
            key: 'stop',
            what: `a stop for ${name}`,
            unit: 'degrees' as const,
            from: stop,
            to: LEAST_USEFUL_DEG,
            moves: (Math.min(LONGEST_LEAF, item.width.mm) * Math.PI) / 180,
            lasting: true as const,
            ...(free !== undefined && { guess: (free * 180) / Math.PI }),
            cost: { words: 'it opens less far', once: 10, perUnit: 0.8 },
            words: (degrees: number) => `stop ${name} at ${Math.round(degrees * 10) / 10}°`,
            set: (degrees: number) => [{ path: ['stop'], before: stop, after: degrees }],
          },
        ]
      : []),
    ...(typeof handle === 'number' && handle > 0
      ? [
          {
            kind: 'amount' as const,
            key: 'handle',
            what: `the handle of ${name}`,
            unit: 'mm' as const,
            from: handle,
            to: 0,
            moves: 1,
            cost: { words: 'another handle', once: 12, perUnit: 0.2 },
            words: (mm: number) => `give ${name} a handle that stands out ${lengthMark(mm, 'most')}`,
            set: (mm: number) => [
              { path: ['handle', 'projection'], before: get(item, ['handle', 'projection']), after: { mm } },
            ],
          },
        ]
      : []),
    ...(hinge === 'left' || hinge === 'right'
      ? [
          {
            kind: 'choice' as const,
            key: 'hand',
            what: `the other hand of ${name}`,
            cost: { words: 'it is hung anew', once: 70, perUnit: 0 },
            words: `hang ${name} on its other side`,
            changes: [{ path: ['hinge'], before: hinge, after: hinge === 'left' ? 'right' : 'left' }],
          },
        ]
      : []),
    {
      kind: 'choice',
      key: 'gone',
      what: `${name}, taken away`,
      cost: { words: 'work on what is there', once: 120, perUnit: 0 },
      words: `take ${name} away`,
      changes: [
        { path: ['state'], ...(item.state !== undefined && { before: item.state }), after: 'to be removed' },
      ],
    },
  ];
}
