import { noteOf, type PartNote } from '../../item/note';
import { lengthMark, massMark } from '../../length/lengthMark';
import type { Material } from '../../material/schema';
import { thicknessOf } from '../../material/stock';
import { span } from '../../solid/bounds';
import { judgeSpan, spanNote, type Spanned } from '../../strength/spans';
import { atMiddle, LEANING_PERSON, PERSON, PERSON_STRIP, SEAT_TO } from '../../strength/usualLoads';
import { RADIANS, type LaidLid } from './lay';

/** Seats: so high, so deep, and their backs so far from upright. Common practice, no single source. */
const SEAT = { high: [400, 460], deep: [400, 450], back: [5, 15] } as const;

export function seatNotes(laid: LaidLid): PartNote[] {
  const { lid, place, top } = laid;
  const { seat, cushion } = lid;
  if (!seat) return [];
  const high = place.carcass.z.mm - place.floor.high + top.z[1] + (cushion?.thick.mm ?? 0);
  const deep = span(top.y) - lid.margins.back.mm - (cushion?.setBack.mm ?? 0);
  const off = (value: number, [least, most]: readonly [number, number]) => value < least || value > most;
  const usual = ([least, most]: readonly [number, number]) =>
    `${lengthMark(least)} to ${lengthMark(most)} is usual`;
  const wedge = Math.round(Math.tan(seat.back * RADIANS) * WEDGE_HIGH);
  return [
    noteOf(
      'fit',
      off(high, SEAT.high) ? 'tight' : 'clear',
      `It is sat on ${lengthMark(high)} above the floor${cushion ? ', on its cushion' : ''}; ${usual(SEAT.high)}.`,
      'high',
    ),
    noteOf(
      'fit',
      off(deep, SEAT.deep) ? 'tight' : 'clear',
      `The seat is ${lengthMark(deep)} deep; ${usual(SEAT.deep)}.`,
      'deep',
    ),
    ...(seat.back === 0
      ? [
          noteOf(
            'fit',
            'tight',
            'Its back stands upright: 5° to 15° is usual. Copy it from a chair that suits.',
            'back',
          ),
        ]
      : [
          noteOf(
            'fit',
            off(seat.back, SEAT.back) ? 'tight' : 'clear',
            `Its back leans ${seat.back}°: wedges ${lengthMark(wedge)} thick at the head and nothing at the foot, for each ${lengthMark(WEDGE_HIGH)} of height. Keep their feet behind the axis: the lid meets them there first.`,
            'back',
          ),
        ]),
  ];
}
const WEDGE_HIGH = 400;

/** Over the shorter way between what it lies on, with a person who sits on it, or leans on one too high for that. */
function spanOf(laid: LaidLid, material: Material, thick = laid.thick): Spanned {
  const { lid, place, leaves, top, inside, front } = laid;
  const { carcass } = place;
  const sat = lid.seat !== null || carcass.z.mm - place.floor.high + top.z[1] <= SEAT_TO;
  const kg = sat ? PERSON : LEANING_PERSON;
  const { at } = leaves[0]!;
  const lip = lid.ledge.thick.mm > 0 ? lid.ledge.bears.mm : 0;
  const lies = (edge: keyof typeof lid.margins) => (lid.margins[edge].mm > 0 ? lip : 0);
  const clear = [
    Math.min(span(at.x) - lies('left') - lies('right'), inside.right - inside.left),
    Math.min(span(at.y) - lies('front'), inside.back - (front ? front.y[1] : inside.front)),
  ];
  return {
    material,
    thick,
    span: Math.min(...clear),
    wide: Math.min(PERSON_STRIP, Math.max(span(at.x), span(at.y))),
    load: atMiddle(kg),
    under: `${massMark(kg)} at its middle`,
    who: 'Shut, it',
  };
}

export const spanNotes = (laid: LaidLid): PartNote[] => [
  spanNote(spanOf(laid, laid.place.stock.material(laid.lid.material))),
];

/** Whether another material would bear who sits on it. */
export const lidDoes = (laid: LaidLid, material: Material): boolean =>
  judgeSpan(spanOf(laid, material, laid.lid.layers * thicknessOf(material, laid.place.stock.schools)))
    .verdict === 'clear';
