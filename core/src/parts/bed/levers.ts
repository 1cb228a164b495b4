import type { Lever, Trouble } from '../../item/lever';
import { choiceLever, cost, lengthLever } from '../../item/leverOf';
import { lengthMark } from '../../length/lengthMark';
import type { PartPieces } from '../contract/family';
import { USUAL_GRIP } from '../kit/turning/grip';
import { catchLever, easingLevers, softLever } from '../kit/turning/levers';
import { USUAL_BED_HELP, USUAL_BED_STAY, USUAL_LEGS } from './fresh';
import { mattressOf, RADIANS, type LaidBed } from './lay';

/** Let down less than this a bed is of no use, degrees. */
const LEAST_USEFUL = 80;
/** Nobody sleeps on a mattress so much shorter than it was, mm. */
const SHORTER = 150;

/** What of a bed may be changed: where it turns, how long its mattress is, what it stands on, how it is held and taken. */
export function bedLevers(laid: LaidBed, _pieces: PartPieces, trouble: Trouble): Lever[] {
  const { bed, plane } = laid;
  const { about } = trouble;
  if (about === 'fingers')
    return choiceLever(bed, ['grip'], USUAL_GRIP.pull, {
      key: 'pull',
      what: 'its grip',
      cost: cost('a pull that stands out', 5),
      words: 'give it a pull',
    });
  if (about === 'strength')
    return [
      ...lengthLever(bed, ['platform', 'deep'], {
        key: 'bearers.deep',
        what: 'its bearers',
        to: Math.min(300, bed.platform.deep.mm + 60),
        cost: cost('deeper bearers, which take their depth from the cabinet', 4, 0.1),
        words: (mm) => `make its bearers ${lengthMark(mm, 'least')} deep`,
      }),
      ...lengthLever(bed, ['frame', 'deep'], {
        key: 'frame.deep',
        what: 'its rails',
        to: Math.min(500, bed.frame.deep.mm + 80),
        cost: cost('deeper rails', 4, 0.1),
        words: (mm) => `make its rails ${lengthMark(mm, 'least')} deep`,
      }),
      ...(bed.platform.bearers < 16
        ? choiceLever(bed, ['platform', 'bearers'], Math.min(16, bed.platform.bearers + 3), {
            key: 'bearers',
            what: 'how many bearers it has',
            cost: cost('three bearers more', 4),
            words: 'give it three bearers more',
          })
        : []),
    ];
  if (about === 'balance') return [...catchLever(bed), ...easingLevers(bed, USUAL_BED_HELP['friction hinges'])];
  if (about === 'caution') return softLever(bed);
  if (about === 'opening')
    return [
      ...choiceLever(bed, ['legs'], USUAL_LEGS['by hand'], {
        key: 'legs',
        what: 'what it stands on',
        cost: cost('a pair of legs', 5),
        words: 'give it legs that are swung out',
      }),
      ...choiceLever(bed, ['stay'], USUAL_BED_STAY, {
        key: 'stay',
        what: 'what holds it down',
        cost: cost('a chain at either end', 6),
        words: 'hold it by a chain at either end',
      }),
    ];
  if (about !== undefined) return [];
  const [field, other] = bed.turns === 'at the end' ? (['long', 'wide'] as const) : (['wide', 'long'] as const);
  const { up, along } = mattressOf(bed);
  return [
    ...(bed.limit > LEAST_USEFUL
      ? [
          {
            kind: 'amount' as const,
            key: 'limit',
            what: 'its stop',
            unit: 'degrees' as const,
            from: bed.limit,
            to: LEAST_USEFUL,
            moves: (laid.tray.z[1] - plane.axis[1]) * RADIANS,
            lasting: true as const,
            cost: cost('it comes down less far', 8, 0.6),
            words: (degrees: number) => `stop it at ${degrees}°`,
            set: (degrees: number) => [{ path: ['limit'], before: bed.limit, after: degrees }],
          },
        ]
      : []),
    ...(bed.desk
      ? [
          ...lengthLever(bed, ['desk', 'room'], {
            key: 'desk.room',
            what: 'the room on its desk',
            to: 20,
            // Its hinges and the pins of its bars go with it.
            moves: 2,
            cost: cost('less stays on its desk', 3, 0.2),
            words: (mm) => `hang its desk ${lengthMark(mm, 'most')} under its hinges`,
          }),
          ...lengthLever(bed, ['desk', 'deep'], {
            key: 'desk.deep',
            what: 'its desk',
            to: Math.max(150, bed.desk.deep.mm - 250),
            cost: cost('a desk less deep', 5, 0.3),
            words: (mm) => `make its desk ${lengthMark(mm, 'most')} deep`,
          }),
        ]
      : []),
    ...lengthLever(bed, ['mattress', field], {
      key: 'mattress',
      what: 'its mattress',
      to: Math.max(60, up - SHORTER),
      // A bar that reaches to its legs turns a little besides.
      moves: laid.bars.length > 0 ? 1.1 : 1,
      cost: cost('a shorter bed', 8, 0.5),
      words: (mm) => `take a mattress ${lengthMark(mm, 'most')} ${field}`,
    }),
    ...lengthLever(bed, ['mattress', other], {
      key: 'mattress.along',
      what: 'its mattress',
      to: Math.max(60, along - SHORTER),
      moves: 0.5,
      cost: cost(other === 'wide' ? 'a narrower bed' : 'a shorter bed', 9, 0.5),
      words: (mm) => `take a mattress ${lengthMark(mm, 'most')} ${other}`,
    }),
    ...lengthLever(bed, ['mattress', 'thick'], {
      key: 'thick',
      what: 'its mattress',
      to: Math.max(40, bed.mattress.thick.mm - 100),
      cost: cost('a thinner mattress', 6, 0.3),
      words: (mm) => `take a mattress ${lengthMark(mm, 'most')} thick`,
    }),
    ...lengthLever(bed, ['pivot', 'up'], {
      key: 'pivot.up',
      what: 'its pivot',
      to: bed.pivot.up.mm + 200,
      moves: 2,
      cost: cost('a bed that lies higher', 5, 0.1),
      words: (mm) => `set its pivot ${lengthMark(mm, 'least')} up`,
    }),
    ...lengthLever(bed, ['foot'], {
      key: 'foot',
      what: 'where its frame begins',
      to: bed.foot.mm + 100,
      moves: laid.bars.length > 0 ? 1.1 : 1,
      cost: cost('a bed that stands higher', 4, 0.1),
      words: (mm) => `begin its frame ${lengthMark(mm, 'least')} up`,
    }),
  ];
} // prettier-ignore
