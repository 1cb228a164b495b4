import { called } from '../item/called';
import type { Lever, Trouble } from '../item/lever';
import { choiceLever, cost, lengthLever } from '../item/leverOf';
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
            cost: cost('it opens less far', 10, 0.8),
            words: (degrees: number) => `stop ${name} at ${Math.round(degrees * 10) / 10}°`,
            set: (degrees: number) => [{ path: ['stop'], before: stop, after: degrees }],
          },
        ]
      : []),
    ...(typeof handle === 'number' && handle > 0
      ? lengthLever(item, ['handle', 'projection'], {
          key: 'handle',
          what: `the handle of ${name}`,
          to: 0,
          cost: cost('another handle', 12, 0.2),
          words: (mm) => `give ${name} a handle that stands out ${lengthMark(mm, 'most')}`,
        })
      : []),
    ...(hinge === 'left' || hinge === 'right'
      ? choiceLever(item, ['hinge'], hinge === 'left' ? 'right' : 'left', {
          key: 'hand',
          what: `the other hand of ${name}`,
          cost: cost('it is hung anew', 70),
          words: `hang ${name} on its other side`,
        })
      : []),
    ...choiceLever(item, ['state'], 'to be removed', {
      key: 'gone',
      what: `${name}, taken away`,
      cost: cost('work on what is there', 120),
      words: `take ${name} away`,
    }),
  ];
}
