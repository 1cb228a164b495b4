import type { Lever, Trouble } from '../../item/lever';
import { lengthMark } from '../../length/lengthMark';
import type { PartPieces } from '../contract/family';
import { choiceLever, cost, lengthLever } from '../../item/leverOf';
import { called } from '../../item/called';
import { materialLevers } from '../../material/levers';
import { topDoes } from './advice';
import type { LaidTop } from './lay';

/** Drawn out less than this a top is of no use, mm. */
const LEAST_USEFUL = 50;

/** What of a sliding top may be changed: how far it goes, how far it lies over, its cleats, and what holds it down. */
export function topLevers(laid: LaidTop, _pieces: PartPieces, trouble: Trouble): Lever[] {
  const { top, place } = laid;
  const { about } = trouble;
  if (about === 'strength')
    return materialLevers(top, ['material'], place.stock.materials, `the ${called(top.name)}`, (one) =>
      topDoes(laid, one),
    );
  if (about !== undefined && about !== 'runs') return [];
  const stop = lengthLever(top, ['travel'], {
    key: 'stop',
    what: 'its stop',
    to: Math.min(LEAST_USEFUL, top.travel.mm),
    cost: cost('it comes out less far', 4, 0.15),
    words: (mm) => `stop it at ${lengthMark(mm, 'most')}`,
  });
  if (about === 'runs')
    return [
      ...choiceLever(top, ['held'], true, {
        key: 'held',
        what: 'a rail over its rear edge',
        cost: cost('a rail that holds its rear edge down', 8),
        words: 'hold its rear edge down',
      }),
      ...stop,
    ];
  return [
    ...stop,
    ...(['front', 'back', 'left', 'right'] as const).flatMap((edge) =>
      lengthLever(top, ['over', edge], {
        key: `over.${edge}`,
        what: `how far it lies over at the ${edge}`,
        to: Math.max(-40, top.over[edge].mm - 120),
        cost: cost('a smaller top', 5, 0.5),
        words: (mm) => `let it lie ${lengthMark(mm, 'most')} over at the ${edge}`,
      }),
    ),
    ...lengthLever(top, ['cleats', 'thick'], {
      key: 'cleats',
      what: 'its cleats',
      to: Math.min(8, top.cleats.thick.mm),
      cost: cost('thinner cleats', 3, 0.5),
      words: (mm) => `make its cleats ${lengthMark(mm, 'most')} thick`,
    }),
  ];
}
