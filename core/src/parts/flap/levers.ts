import type { Lever, Trouble } from '../../item/lever';
import { choiceLever, cost, lengthLever } from '../../item/leverOf';
import { lengthMark } from '../../length/lengthMark';
import { span } from '../../solid/bounds';
import type { PartPieces } from '../contract/family';
import { USUAL_GRIP } from '../kit/turning/grip';
import { catchLever, easingLevers, softLever } from '../kit/turning/levers';
import { USUAL_FLAP_HELP, USUAL_FLAP_STAY } from './fresh';
import { isTurning, RADIANS, type LaidFlap } from './lay';

/** Opened less than this a flap is of no use, degrees. */
const LEAST_USEFUL = {
  'drop front': 60,
  'tilt-out': 15,
  'top-hung': 45,
  'parallel arms': 50,
  'double fold': 50,
};

/** What of a flap may be changed: where it stops, how high it stands, its tray, its arms, its stay. */
export function flapLevers(laid: LaidFlap, _pieces: PartPieces, trouble: Trouble): Lever[] {
  const { flap } = laid;
  const { about } = trouble;
  const { way } = flap;
  if (about === 'fingers')
    return choiceLever(flap, ['grip'], USUAL_GRIP.pull, {
      key: 'pull',
      what: 'its grip',
      cost: cost('a pull that stands out', 5),
      words: 'give it a pull',
    });
  if (about === 'balance')
    return [
      ...choiceLever(flap, ['stay'], USUAL_FLAP_STAY, {
        key: 'stay',
        what: 'what holds it open',
        cost: cost('a chain at either end', 6),
        words: 'hold it with a chain at either end',
      }),
      ...stayLevers(laid),
      ...(isTurning(way) ? easingLevers(flap, USUAL_FLAP_HELP['friction hinges']) : []),
      ...catchLever(flap),
    ];
  if (about === 'caution') return softLever(flap);
  if (about !== undefined && about !== 'opening' && about !== 'reach') return [];
  const least = LEAST_USEFUL[way.kind];
  const limit: Lever[] =
    flap.limit > least
      ? [
          {
            kind: 'amount',
            key: 'limit',
            what: 'its stop',
            unit: 'degrees',
            from: flap.limit,
            to: least,
            moves: span(laid.whole.z) * RADIANS,
            lasting: true,
            ...(trouble.usable !== undefined && { guess: Math.floor(trouble.usable / RADIANS) }),
            cost: cost('it opens less far', 5, 0.6),
            words: (degrees) => `stop it at ${Math.floor(degrees)}°`,
            set: (degrees) => [{ path: ['limit'], before: flap.limit, after: Math.floor(degrees) }],
          },
        ]
      : [];
  return [
    ...limit,
    ...(way.kind === 'tilt-out' && way.tray
      ? [
          ...lengthLever(flap, ['way', 'tray', 'depth'], {
            key: 'tray.depth',
            what: 'its tray',
            to: Math.min(20, way.tray.depth.mm),
            cost: cost('a shallower tray', 4, 0.4),
            words: (mm) => `make its tray ${lengthMark(mm, 'most')} deep`,
          }),
          ...choiceLever(flap, ['way', 'tray'], null, {
            key: 'tray',
            what: 'its tray',
            cost: cost('no tray', 20),
            words: 'leave its tray out',
          }),
        ]
      : []),
    ...(way.kind === 'parallel arms'
      ? lengthLever(flap, ['way', 'down'], {
          key: 'down',
          what: 'where its arms hang',
          to: way.down.mm + 150,
          cost: cost('arms that hang lower in the case', 5, 0.1),
          words: (mm) => `hang its arms ${lengthMark(mm, 'least')} below the top`,
        })
      : []),
    ...(way.kind === 'double fold'
      ? lengthLever(flap, ['way', 'arm', 'onLeaf'], {
          key: 'arm',
          what: 'its arm',
          to: Math.max(40, way.arm.onLeaf.mm - 100),
          // A bar that turns about one end swings its corners besides.
          moves: 1.5,
          cost: cost('an arm nearer to the fold', 4, 0.1),
          words: (mm) => `fix its arm ${lengthMark(mm, 'most')} below the fold`,
        })
      : []),
    ...(flap.fit.kind === 'overlay'
      ? lengthLever(flap, ['fit', 'top'], {
          key: 'fit.top',
          what: 'how far it lies over at the top',
          to: Math.max(1, flap.fit.top.mm - 15),
          cost: cost('a lower leaf', 3, 0.5),
          words: (mm) => `let it lie ${lengthMark(mm, 'most')} over at the top`,
        })
      : []),
  ];
}

/** A stay that is drawn too hard is fixed farther from the axis, or there is one at either end. */
function stayLevers({ flap }: LaidFlap): Lever[] {
  const { stay } = flap;
  if (!stay) return [];
  return [
    ...choiceLever(flap, ['stay', 'ends'], 'both', {
      key: 'stay.ends',
      what: 'what holds it open',
      cost: cost('a second stay', 4),
      words: 'put a stay at either end',
    }),
    ...lengthLever(flap, ['stay', 'onCase', 'along'], {
      key: 'stay.onCase',
      what: 'where its stay is fixed',
      to: stay.onCase.along.mm + 200,
      cost: cost('a stay fixed farther up', 3, 0.05),
      words: (mm) => `fix its stay ${lengthMark(mm, 'least')} from the axis on the case`,
    }),
  ];
}
