import { called } from '../../item/called';
import type { Lever, Trouble } from '../../item/lever';
import { cost, lengthLever } from '../../item/leverOf';
import { lengthMark } from '../../length/lengthMark';
import { materialLevers } from '../../material/levers';
import type { PartPieces } from '../contract/family';
import { liftDoes } from './advice';
import type { LaidLift } from './lay';

/** A top smaller than this is of no use, mm; a seat is climbed over so much at most. */
const LEAST_USEFUL = 350;

/** What of a lift table may be changed: how low and how high it goes, how large its top is and where it stands. */
export function liftLevers({ table, place, ...laid }: LaidLift, _pieces: PartPieces, { about }: Trouble): Lever[] {
  if (about === 'strength')
    return materialLevers(table, ['material'], place.stock.materials, `the ${called(table.name)}`, (one) =>
      liftDoes({ table, place, ...laid }, one),
    );
  const lowest = table.seat.mm > 0 ? table.seat.mm : table.low.mm;
  if (about === 'fit')
    return lengthLever(table, ['low'], {
      key: 'low',
      what: 'its lowest',
      to: lowest,
      cost: cost('it goes down otherwise', 3),
      words: (mm) => `let it go down to ${lengthMark(mm)}`,
    });
  if (about !== undefined) return [];
  return [
    ...lengthLever(table, ['high'], {
      key: 'high',
      what: 'its highest',
      to: Math.min(table.high.mm, table.low.mm + 50),
      cost: cost('it rises less', 5, 0.3),
      words: (mm) => `stop it at ${lengthMark(mm, 'most')} above the floor`,
    }),
    ...(['wide', 'deep'] as const).flatMap((way) =>
      lengthLever(table, [way], {
        key: way,
        what: 'its top',
        to: Math.min(LEAST_USEFUL, table[way].mm),
        cost: cost('a smaller top', 5, 0.2),
        words: (mm) => `make its top ${lengthMark(mm, 'most')} ${way}`,
      }),
    ),
    ...(['x', 'y'] as const).flatMap((way) =>
      [-1, 1].flatMap((sense) =>
        lengthLever(table, ['mount', way], {
          key: `${way}.${sense}`,
          what: 'where it stands',
          to: table.mount[way].mm + sense * 300,
          cost: cost('it stands elsewhere', 3, 0.1),
          words: (mm) => `stand it ${lengthMark(mm)} from the ${way === 'x' ? 'west' : 'south'}`,
        }),
      ),
    ),
  ];
} // prettier-ignore
