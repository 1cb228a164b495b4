import type { Change } from '../../item/change';
import type { Lever, Trouble } from '../../item/lever';
import { called } from '../../item/called';
import { choiceLever, cost, lengthLever } from '../../item/leverOf';
import { lengthMark } from '../../length/lengthMark';
import { materialLevers } from '../../material/levers';
import { span } from '../../solid/bounds';
import type { PartPieces } from '../contract/family';
import { lidDoes } from './seat';
import { USUAL_GRIP } from '../kit/turning/grip';
import { catchLever, easingLevers, softLever } from '../kit/turning/levers';
import { USUAL_HELP, USUAL_STAY } from './fresh';
import { RADIANS, type LaidLid } from './lay';

/** Opened less than this a lid is of no use, degrees. */
const LEAST_USEFUL = 45;
/** At most so much of its depth, or of its width, is split off as a piece that stays. */
const MOST_SPLIT = 0.4;

/** What of a lid may be changed: where it stops, what of it stays, where its axis is, its knuckle, its cushion, what holds it open. */
export function lidLevers(laid: LaidLid, _pieces: PartPieces, trouble: Trouble): Lever[] {
  const { lid, place, top } = laid;
  const { about } = trouble;
  if (about === 'strength')
    return [
      ...materialLevers(lid, ['material'], place.stock.materials, `the ${called(lid.name)}`, (one) =>
        lidDoes(laid, one),
      ),
      ...choiceLever(lid, ['layers'], 2, {
        key: 'layers',
        what: 'its thickness',
        cost: cost('a second board glued beneath', 14),
        words: 'glue a second board beneath it',
      }),
    ];
  if (about === 'fingers') return gripLevers(laid);
  if (about === 'balance')
    return [
      ...choiceLever(lid, ['stay'], USUAL_STAY, {
        key: 'stay',
        what: 'what holds it open',
        cost: cost('a locking stay', 6),
        words: 'hold it open with a locking stay',
      }),
      ...easingLevers(lid, USUAL_HELP['friction hinges']),
    ];
  if (about === 'caution') return [...softLever(lid), ...catchLever(lid)];
  if (about === 'hinges') return hingeLevers(laid);
  if (about !== undefined && about !== 'opening') return [];
  const limit: Lever[] =
    lid.limit > LEAST_USEFUL
      ? [
          {
            kind: 'amount',
            key: 'limit',
            what: 'its stop',
            unit: 'degrees',
            from: lid.limit,
            to: LEAST_USEFUL,
            moves: laid.long * RADIANS,
            lasting: true,
            ...(trouble.usable !== undefined && { guess: Math.floor(trouble.usable / RADIANS) }),
            cost: cost('it opens less far', 5, 0.6),
            words: (degrees) => `stop it at ${Math.floor(degrees)}°`,
            set: (degrees) => [{ path: ['limit'], before: lid.limit, after: Math.floor(degrees) }],
          },
        ]
      : [];
  const split = (edge: 'left' | 'right', whole: number, words: string) =>
    lengthLever(lid, ['margins', edge], {
      key: `margins.${edge}`,
      what: words,
      to: lid.margins[edge].mm + whole * MOST_SPLIT,
      cost: cost('a smaller leaf', 6, 0.4),
      words: (mm) => `split a piece ${lengthMark(mm, 'least')} wide off at the ${edge}, which stays`,
    });
  return [
    ...limit,
    ...stripLever(laid),
    ...split('left', span(top.x), 'what stays at its left'),
    ...split('right', span(top.x), 'what stays at its right'),
    ...(lid.cushion?.rides === 'along'
      ? [
          ...lengthLever(lid, ['cushion', 'setBack'], {
            key: 'cushion.setBack',
            what: 'its cushion',
            to: Math.max(lid.cushion.setBack.mm, span(top.y) / 2),
            cost: cost('a smaller cushion', 4, 0.2),
            words: (mm) => `set its cushion ${lengthMark(mm, 'least')} back from the hinge`,
          }),
          ...choiceLever(lid, ['cushion', 'rides'], 'off', {
            key: 'cushion.rides',
            what: 'its cushion',
            cost: cost('the cushion is taken off each time', 12),
            words: 'take its cushion off first',
          }),
        ]
      : []),
    // Above a whole top it would have nothing to be screwed to.
    ...(lid.margins.back.mm > 0
      ? choiceLever(lid, ['hinge', 'knuckle'], 'above', {
          key: 'knuckle',
          what: 'its hinge',
          cost: cost('a knuckle that shows', 4),
          words: 'turn its hinge about, the knuckle above',
        })
      : []),
    ...lengthLever(lid, ['over', 'back'], {
      key: 'over.back',
      what: 'how far it lies over at the back',
      to: lid.over.back.mm - 60,
      cost: cost('a shorter top', 5, 0.4),
      words: (mm) => `let it end ${lengthMark(Math.max(0, -mm), 'least')} before the back`,
    }),
    ...lengthLever(lid, ['gap'], {
      key: 'gap',
      what: 'its gaps',
      to: lid.gap.mm + 4,
      // Both ways at once, and the axis goes along.
      moves: 2,
      cost: cost('wider gaps', 3, 2),
      words: (mm) => `make its gaps ${lengthMark(mm, 'least')}`,
    }),
  ];
}

/** A strip at its back that stays, which its axis is then set in by: a knuckle beneath the leaf goes above it with that. */
function stripLever({ lid, top }: LaidLid): Lever[] {
  const { margins, hinge } = lid;
  const knuckle: Change[] =
    hinge.knuckle === 'beneath' && margins.back.mm === 0
      ? [{ path: ['hinge', 'knuckle'], before: hinge.knuckle, after: 'above' }]
      : [];
  return lengthLever(lid, ['margins', 'back'], {
    key: 'margins.back',
    what: 'its back strip',
    to: margins.back.mm + span(top.y) * MOST_SPLIT,
    cost: cost('a smaller leaf', 6, 0.4),
    words: (mm) => `leave a back strip ${lengthMark(mm, 'least')} wide`,
  }).map((lever) => ({
    ...lever,
    ...(knuckle.length > 0 && { jumps: true }),
    set: (mm) => [...lever.set(mm), ...knuckle],
  }));
}

/** What holds its hinge: another knuckle, a strip behind it, more butts, a leaf twice as thick. */
function hingeLevers(laid: LaidLid): Lever[] {
  const { lid } = laid;
  return [
    ...choiceLever(lid, ['hinge', 'knuckle'], 'beneath', {
      key: 'knuckle.beneath',
      what: 'its hinge',
      cost: cost('a knuckle that stands out behind', 3),
      words: 'turn its hinge about, the knuckle beneath',
    }),
    ...stripLever(laid),
    ...choiceLever(lid, ['layers'], 2, {
      key: 'layers',
      what: 'its thickness',
      cost: cost('a second board glued beneath', 14),
      words: 'glue a second board beneath it',
    }),
  ];
}

function gripLevers({ lid }: LaidLid): Lever[] {
  return [
    ...choiceLever(lid, ['grip'], USUAL_GRIP.notch, {
      key: 'notch',
      what: 'its grip',
      cost: cost('a notch in its front edge', 3),
      words: 'cut a notch into its front edge',
    }),
    ...choiceLever(lid, ['grip'], USUAL_GRIP.pull, {
      key: 'pull',
      what: 'its grip',
      cost: cost('a pull that stands out', 5),
      words: 'give it a pull',
    }),
  ];
}
