import { called } from '../../item/called';
import type { Lever, Trouble } from '../../item/lever';
import { choiceLever, cost, lengthLever } from '../../item/leverOf';
import { lengthMark } from '../../length/lengthMark';
import { materialLevers } from '../../material/levers';
import type { PartPieces } from '../contract/family';
import { slatsDo } from './advice';
import { MOST_OPEN, slatsFor, USUAL_LEGS } from './fresh';
import type { LaidSlats } from './lay';
import { span } from '../../solid/bounds';

/** Drawn out less than this it is of no use, mm. */
const LEAST_USEFUL = 100;
/** No rail is deeper, mm. */
const DEEPEST_RAIL = 160;

/** What of slats may be changed: how far they come out, how many they are, what they are made of, what carries their rail. */
export function slatsLevers(laid: LaidSlats, _pieces: PartPieces, { about }: Trouble): Lever[] {
  const { slats, place, across } = laid;
  const travel = lengthLever(slats, ['travel'], {
    key: 'travel',
    what: 'how far it is drawn out',
    to: Math.min(LEAST_USEFUL, slats.travel.mm),
    cost: cost('it comes out less far', 5, 0.2),
    words: (mm) => `draw it out ${lengthMark(mm, 'most')}`,
  });
  if (about === 'strength')
    return [
      ...materialLevers(slats, ['material'], place.stock.materials, `the ${called(slats.name)}`, (one) =>
        slatsDo(laid, one),
      ),
      ...choiceLever(slats, ['layers'], Math.min(3, slats.layers + 1), {
        key: 'layers',
        what: 'how thick its slats are',
        cost: cost('another board glued beneath each slat', 14),
        words: 'glue another board beneath each slat',
      }),
      ...lengthLever(slats, ['rail', 'deep'], {
        key: 'rail',
        what: 'its front rail',
        to: Math.max(slats.rail.deep.mm, DEEPEST_RAIL),
        cost: cost('a deeper rail', 4, 0.1),
        words: (mm) => `make its front rail ${lengthMark(mm, 'least')} deep`,
      }),
      ...(slats.legs
        ? choiceLever(slats, ['legs'], { ...slats.legs, count: Math.min(6, slats.legs.count + 1) }, {
            key: 'legs',
            what: 'its legs',
            cost: cost('another leg', 6),
            words: 'give its rail another leg',
          })
        : []),
      ...travel,
    ];
  if (about === 'standing')
    return slats.legs
      ? []
      : choiceLever(slats, ['legs'], USUAL_LEGS, {
          key: 'legs',
          what: 'what carries its rail',
          cost: cost('legs', 6),
          words: 'give its rail legs',
        });
  if (about === 'fit')
    return choiceLever(slats, ['count'], slatsFor(span(across), MOST_OPEN, slats.clearance.mm), {
      key: 'count',
      what: 'how many slats there are',
      cost: cost('narrower slats', 5),
      words: 'take more slats',
    });
  if (about === 'caution')
    return choiceLever(slats, ['stopped'], true, {
      key: 'stop',
      what: 'its stop',
      cost: cost('a strip beneath', 3),
      words: 'give it a stop',
    });
  return about === undefined || about === 'runs' ? travel : [];
} // prettier-ignore
