import { AT_EASE, weightForce } from '../../balance/force';
import { holdsUntil, momentAbout, type Axis } from '../../balance/moment';
import { motionOf } from '../../motion/motion';
import { lengthMark } from '../../length/lengthMark';
import { weigh } from '../../piece/mass';
import type { PartPieces } from '../contract/family';
import type { PartNote } from '../../item/note';
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

export function topNotes({ top, place, long, over, under }: LaidTop, { moving }: PartPieces): PartNote[] {
  // Its cleats hold it rather than weigh on it: they are left out, which errs to the safe side.
  const { kg } = weigh(moving[0]!.pieces[0]!, place.stock);
  const at = tipsAt(kg, long, over, top.edge);
  const travel = top.travel.mm;
  const clear = Math.min(under, Math.max(0, travel - (long - over - under)));
  const open: PartNote = {
    about: 'opening',
    verdict: 'clear',
    sentence: `Slid all the way, ${lengthMark(clear, 'most')} of the ${lengthMark(under)} under it stands open.`,
  };
  if (travel > at && !top.held)
    return [
      open,
      {
        about: 'runs',
        verdict: 'hits',
        sentence: `It tips once it is out more than ${lengthMark(Math.max(0, at), 'most')}${top.edge > 0 ? ', leant on at its edge' : ''}, and it goes ${lengthMark(travel)}: hold its rear edge down, or stop it at ${lengthMark(Math.max(0, at), 'most')}.`,
      },
    ];
  return [
    open,
    {
      about: 'runs',
      verdict: 'clear',
      sentence: top.held
        ? 'A rail holds its rear edge down all the way.'
        : `It does not tip: it would at ${lengthMark(at, 'most')}.`,
    },
  ];
}
