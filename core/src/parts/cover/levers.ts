import { called } from '../../item/called';
import type { Lever, Trouble } from '../../item/lever';
import { choiceLever, cost, lengthLever } from '../../item/leverOf';
import { lengthMark } from '../../length/lengthMark';
import type { PartPieces } from '../contract/family';
import type { LaidCover } from './lay';

/** A cover that is moved, or stands off, farther than this is another one, mm. */
const ELSEWHERE = 300;
const OFF = 60;
/** Turned less than this it opens nothing, degrees. */
const LEAST_TURN = 45;

/** What of a cover may be changed: where it is, how far off what it is on, which way and how far it turns. */
export function coverLevers({ cover }: LaidCover, _pieces: PartPieces, { about }: Trouble): Lever[] {
  const what = `the ${called(cover.name)}`;
  const other = cover.way === 'to the right' ? 'to the left' : 'to the right';
  const way = choiceLever(cover, ['way'], other, {
    key: 'way',
    what: `which way ${what} turns`,
    cost: cost('it turns the other way', 2),
    words: `turn ${what} ${other}`,
  });
  if (about === 'opening')
    return [
      ...way,
      ...choiceLever(cover, ['limit'], 180, {
        key: 'limit',
        what: 'how far it turns',
        cost: cost('it turns farther', 2),
        words: 'let it turn by half a turn',
      }),
    ];
  if (about !== undefined) return [];
  const from = cover.limit;
  return [
    ...way,
    ...lengthLever(cover, ['off'], {
      key: 'off',
      what: 'how far it stands off',
      to: Math.max(OFF, cover.off.mm),
      cost: cost('a thicker block under its screw', 2, 0.1),
      words: (mm) => `stand it ${lengthMark(mm, 'least')} off`,
    }),
    ...(from > LEAST_TURN
      ? [
          {
            kind: 'amount' as const,
            key: 'limit',
            what: 'how far it turns',
            unit: 'degrees' as const,
            from,
            to: LEAST_TURN,
            moves: Math.hypot(cover.wide.mm, cover.high.mm) * (Math.PI / 180),
            cost: cost('it turns less far', 3, 0.3),
            words: (degrees: number) => `stop it at ${degrees}°`,
            set: (degrees: number) => [{ path: ['limit'], before: cover.limit, after: degrees }],
          },
        ]
      : []),
    ...[-1, 1].flatMap((sense) =>
      lengthLever(cover, ['mount', 'from'], {
        key: `from.${sense}`,
        what: 'where it is',
        to: Math.max(0, cover.mount.from.mm + sense * ELSEWHERE),
        cost: cost('it is elsewhere', 4, 0.2),
        words: (mm) => `set it ${lengthMark(mm)} from the left`,
      }),
    ),
  ];
}
