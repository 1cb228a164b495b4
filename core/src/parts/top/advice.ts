import { AT_EASE, weightForce } from '../../balance/force';
import { holdsUntil, momentAbout, type Axis } from '../../balance/moment';
import { motionOf } from '../../motion/motion';
import { lengthMark, massMark } from '../../length/lengthMark';
import { weigh } from '../../piece/mass';
import type { PartPieces } from '../contract/family';
import { stiffnessAssumptions, thicknessAssumptions } from '../kit/assumptions';
import type { Assumption, PartNote } from '../../item/note';
import type { Material } from '../../material/schema';
import { movementOf } from '../../material/season';
import { woodNote } from '../kit/wood';
import { thicknessOf } from '../../material/stock';
import { judgeSpan, spanNote, type Spanned } from '../../strength/spans';
import { atMiddle, LEANING_PERSON, PERSON, PERSON_STRIP, SEAT_TO } from '../../strength/usualLoads';
import { span } from '../../solid/bounds';
import type { LaidTop } from './lay';

/** No top goes so far, mm. */
const FAR = 1e5;
/** The edge it goes over, with y back along its way from there. */
const EDGE: Axis = { point: [0, 0, 0], direction: [-1, 0, 0] };
const OUT = motionOf({ kind: 'slide', direction: [0, -1, 0] });

/**
 * How far a top may be out before it tips over the edge it goes over, mm, with a load at its outer edge.
 *
 * @param mass  of the top, kg
 * @param long  along its way, mm; `over` of it lies past the edge, shut
 * @param load  kg at its outer edge
 */
export function tipsAt(mass: number, long: number, over: number, load: number): number {
  const forces = [
    weightForce('top', 'the top', { kg: mass, centre: [0, long / 2 - over, 0] }, OUT),
    weightForce('hand', 'a hand', { kg: load, centre: [0, -over, 0] }, OUT),
  ];
  return holdsUntil((travel) => momentAbout(EDGE, forces, { ...AT_EASE, travel }), 0, FAR) ?? FAR;
}

export const topNotes = (laid: LaidTop, { moving }: PartPieces): PartNote[] => [
  openNote(laid),
  spanNote(spanOf(laid, laid.place.stock.material(laid.top.material))),
  // Its cleats hold it rather than weigh on it: they are left out, which errs to the safe side.
  tipNote(laid, weigh(moving[0]!.pieces[0]!, laid.place.stock).kg),
  ...topWoodNotes(laid),
];

/** Its cleats go with it: swollen across its grain they press the walls they run along, dry they are loose between them. */
function topWoodNotes({ top, place, along, board }: LaidTop): PartNote[] {
  // Its grain runs along its longer side; only what goes that way has its cleats pushed apart.
  const lengthwise = span(board.x) >= span(board.y);
  if (along !== lengthwise) return [];
  const across = Math.min(span(board.x), span(board.y));
  return woodNote(movementOf(place.stock.material(top.material), across, place.season), place.season, {
    what: 'The top',
    gap: 2 * top.cleats.play.mm,
    where: 'beside its cleats',
  });
}

/** Shut, over the shorter way across what it lies on, with a person who sits on it, or leans on one too high for that. */
function spanOf({ board, place: { stock, carcass, floor } }: LaidTop, material: Material): Spanned {
  const sat = carcass.z.mm + board.z[1] - floor.high <= SEAT_TO;
  const kg = sat ? PERSON : LEANING_PERSON;
  return {
    material,
    thick: stock.thickness(material.id),
    span: Math.min(span(board.x), span(board.y)),
    wide: Math.min(PERSON_STRIP, Math.max(span(board.x), span(board.y))),
    load: atMiddle(kg),
    under: `${massMark(kg)} at its middle`,
    who: 'Shut, it',
  };
}

function openNote({ top, long, over, under }: LaidTop): PartNote {
  const clear = Math.min(under, Math.max(0, top.travel.mm - (long - over - under)));
  return {
    about: 'opening',
    verdict: 'clear',
    sentence: `Slid all the way, ${lengthMark(clear, 'most')} of the ${lengthMark(under)} under it stands open.`,
  };
}

function tipNote({ top, long, over, edge }: LaidTop, kg: number): PartNote {
  const at = tipsAt(kg, long, over, edge);
  const most = lengthMark(Math.max(0, at), 'most');
  const leant = edge > 0 ? `, with ${massMark(edge)} leant on its edge` : '';
  if (top.travel.mm > at && !top.held)
    return {
      about: 'runs',
      verdict: 'hits',
      sentence: `It tips once it is out more than ${most}${leant}, and it goes ${lengthMark(top.travel.mm)}: hold its rear edge down, or stop it at ${most}.`,
    };
  return {
    about: 'runs',
    verdict: 'clear',
    sentence: top.held
      ? 'A rail holds its rear edge down all the way.'
      : `It does not tip: it would at ${lengthMark(at, 'most')}${leant}.`,
  };
}

/** What of a top nobody measured, weighed or looked up. */
export const topAssumptions = ({ top, place: { carcass, stock } }: LaidTop): Assumption[] => [
  ...thicknessAssumptions([carcass.sheet, top.material], stock),
  ...stiffnessAssumptions([top.material], stock),
  ...(top.edge === null
    ? [
        {
          words: `nobody leans on its edge with more than ${massMark(LEANING_PERSON)}`,
          measure: 'say who leans on its edge, drawn out',
        },
      ]
    : []),
];

/** Whether another material would bear who sits on it. */
export const topDoes = (laid: LaidTop, material: Material): boolean =>
  judgeSpan({
    ...spanOf(laid, laid.place.stock.material(laid.top.material)),
    material,
    thick: thicknessOf(material, laid.place.stock.schools),
  }).verdict === 'clear';
