import { forceMark, lengthMark, massMark } from '../../../length/lengthMark';
import { alongFrame } from '../../../piece/lie';
import { weighAll } from '../../../piece/mass';
import { span } from '../../../solid/bounds';
import { frameOf } from '../../../item/frame';
import type { PartPieces } from '../../contract/family';
import { noteOf, type Assumption, type PartNote } from '../../../item/note';
import {
  hardwareAssumptions,
  OPENING_ASSUMPTION,
  stiffnessAssumptions,
  thicknessAssumptions,
} from '../assumptions';
import { movementOf } from '../../../material/season';
import { woodNote } from '../wood';
import { cableNotes } from '../contents/cable';
import { gripNote } from '../fronts';
import { kicked, tipping } from '../runs/runs';
import { benchNotes } from './benchNotes';
import { bottomNotes } from './strength';
import type { DrawerAt, LaidDrawn } from './lay';
import { saidOf } from './pieces';
import { capitalised } from '../../../item/capitals';

/** What closed forms tell of a bank: load, tipping, what stays in, packing, screws, fingers, reach, cables. */
export function drawnNotes(laid: LaidDrawn, pieces: PartPieces): PartNote[] {
  const { part, opening, drawers, construction } = laid;
  const heaviest = heaviestOf(laid, pieces);
  const { inside } = opening;
  return [
    ...loadNotes(laid, heaviest),
    ...tipNotes(laid, heaviest),
    ...frontWoodNotes(laid),
    ...bottomNotes(laid, heaviest.at),
    ...hiddenNotes(laid),
    ...packingNotes(laid),
    ...benchNotes(laid),
    ...kneeNotes(laid),
    ...pushNotes(laid),
    ...fingerNotes(laid),
    // What is closed above is reached into from its sides.
    ...(construction.closed ? [] : reachNotes(laid)),
    ...(part.cable
      ? cableNotes(
          part.cable,
          {
            x: [inside.left, inside.right],
            y: [inside.front, inside.back],
            z: [inside.bottom, inside.top],
          },
          drawers[0]!.box,
          laid.travel,
        )
      : []),
    ...flexNotes(laid),
  ];
}

interface Weighed {
  readonly at: DrawerAt;
  /** kg, and the middle of it behind the front end of the box, mm. */
  readonly mass: number;
  readonly centre: number;
}

/** The drawer that weighs most with all that is in it. */
function heaviestOf({ place, drawers, start }: LaidDrawn, { moving }: PartPieces): Weighed {
  const links = new Map(moving.map((link) => [link.key, link.pieces]));
  const [at, { kg, centre }] = unlike(drawers)
    .map((one) => [one, weighAll(links.get(one.key)!, place.stock)] as const)
    .reduce((a, b) => (b[1].kg > a[1].kg ? b : a));
  return { at, mass: kg, centre: alongFrame(frameOf(place.carcass), centre, 'y') - start };
}

/** Of drawers of one size one stands for all: the same is placed in each, so they weigh the same. */
function unlike(drawers: readonly DrawerAt[]): DrawerAt[] {
  const first = new Map<string, DrawerAt>();
  for (const at of drawers) {
    const sizes = [at.box, at.front].flatMap((one) => (one ? [span(one.x), span(one.y), span(one.z)] : []));
    const key = sizes.map((mm) => mm.toFixed(6)).join();
    if (!first.has(key)) first.set(key, at);
  }
  return [...first.values()];
}

function loadNotes({ part, slide }: LaidDrawn, { mass, at }: Weighed): PartNote[] {
  if (!slide) return [];
  const each =
    part.bank.kind === 'even' ? 'Each weighs up to' : `The heaviest, the ${saidOf(part, at)}, weighs`;
  const words = at.nth === 0 ? 'It weighs' : each;
  const loaded = `${words} ${massMark(mass)} with what is in it`;
  if (mass > slide.rating)
    return [
      noteOf(
        'runs',
        'hits',
        `${loaded}, and a pair of these slides carries ${massMark(slide.rating)}: ${massMark(mass - slide.rating)} too much. Take stronger slides, or put less in.`,
      ),
    ];
  return [
    noteOf(
      'runs',
      mass > 0.8 * slide.rating ? 'tight' : 'clear',
      `${loaded}; a pair of these slides carries ${massMark(slide.rating)} drawn out fully.`,
    ),
  ];
}

function tipNotes({ part: { runs }, travel, depth }: LaidDrawn, heaviest: Weighed): PartNote[] {
  if (runs.kind !== 'wooden runners') return [];
  // What bears it begins where the box does.
  const { at, past } = tipping(heaviest, travel);
  if (past <= 0)
    return [
      noteOf(
        'runs',
        'clear',
        `It does not tip: the middle of its weight is still ${lengthMark(-past, 'most')} behind the front of its runners at its stop.`,
      ),
    ];
  if (!runs.kicker)
    return [
      noteOf(
        'runs',
        'hits',
        `It tips once it is out more than ${lengthMark(at, 'most')}, and its stop lets it come ${lengthMark(travel)}: ${lengthMark(past, 'least')} too far. A strip over its tail will hold it, or a stop at ${lengthMark(Math.max(0, at), 'most')}.`,
      ),
    ];
  const tail = depth - travel;
  const { press, droop } = kicked(heaviest, travel, tail, runs.kicker.gap.mm);
  return [
    noteOf(
      'runs',
      droop > MOST_DROOP ? 'tight' : 'clear',
      `Past ${lengthMark(at, 'most')} the strip over its tail holds it: at its stop with ${forceMark(press)}, and its front droops ${lengthMark(droop)} by the play above its tail.`,
    ),
  ];
}
/** More droop than this looks like a fault, mm. Common practice. */
const MOST_DROOP = 10;

/** What stays in the case when it is drawn out fully. */
function hiddenNotes({ part: { runs }, depth, travel }: LaidDrawn): PartNote[] {
  const hidden = depth - travel;
  if (hidden < 1) {
    return hidden < -1
      ? [noteOf('reach', 'clear', `Drawn out fully it stands ${lengthMark(-hidden)} clear of its front.`)]
      : [];
  }
  const share = hidden / depth;
  const sentence = `Drawn out fully, ${lengthMark(hidden)} of its ${lengthMark(depth)} stays inside: what lies at the back is reached over it.`;
  return [noteOf('reach', runs.kind !== 'wooden runners' && share > 0.35 ? 'tight' : 'clear', sentence)];
}

/** What its slides are packed out by, drawer by drawer: a lean or a bow of the case, a face frame, an old box. */
function packingNotes({ part, drawers, slide, opening }: LaidDrawn): PartNote[] {
  const { slack } = opening;
  const leaning: PartNote[] =
    part.runs.kind === 'under slides' && slack.width > OVER
      ? [
          noteOf(
            'opening',
            'tight',
            `The bay is ${lengthMark(slack.width)} wider at its widest than where it governs: slides under the box must be packed out there.`,
          ),
        ]
      : [];
  const free = slide?.kind === 'slide' ? slide.over : OVER;
  const packed = [...drawers].reverse().flatMap((at): PartNote[] => {
    const { left, right } = at.packing;
    const all = left + right;
    if (all <= free || Math.max(left, right) >= LEAST_FRAME) return [];
    return [
      noteOf(
        'opening',
        'tight',
        `Where the ${saidOf(part, at)} runs, its case is ${lengthMark(all)} wider than where it is narrowest, and its runs take ${lengthMark(free)} at most: pack out ${lengthMark(left)} on the left and ${lengthMark(right)} on the right, so that both stay parallel.`,
      ),
    ];
  });
  return [...leaning, ...packed];
}
/** What any run takes of room too much, mm. Common practice. */
const OVER = 0.8;
/** Packing as thick as this stands behind a face frame or beside an old box: it is cut, and no fault of the case. */
const LEAST_FRAME = 8;

/** What fronts of solid wood do to their gaps: the grain runs across them, so they swell upward, each into the gap to the next. */
function frontWoodNotes({ part, place, drawers, between }: LaidDrawn): PartNote[] {
  const { fit, front } = part;
  const highest = Math.max(...drawers.map(({ front: one }) => (one ? span(one.z) : 0)));
  if (fit.kind === 'none' || highest === 0) return [];
  const alone = drawers.length === 1;
  if (alone && fit.kind !== 'inset') return [];
  const gap = alone && fit.kind === 'inset' ? fit.top.mm + fit.bottom.mm : between;
  return woodNote(movementOf(place.stock.material(front.material), highest, place.season), place.season, {
    what: 'The front',
    gap,
    where: alone ? 'above and beneath it' : 'between fronts',
  });
}

/** What is bent every time it is opened wears. */
const flexNotes = ({ part: { cable } }: LaidDrawn): PartNote[] =>
  cable
    ? [
        noteOf(
          'caution',
          'tight',
          cable.what === 'cable'
            ? 'A flex that moves wears where it bends: take one made for moving, hold it at both ends by more than its plug, keep it off edges and slides, and let a licensed person connect what is fixed.'
            : 'A hose that moves wears where it bends: take one made for moving, hold it at both ends, keep it off edges and slides, and look at it every year.',
        ),
      ]
    : [];

/** Knees under what hangs below a table. */
function kneeNotes({ drawers, place: { carcass, floor } }: LaidDrawn): PartNote[] {
  if (carcass.kind !== 'table frame') return [];
  const { box, front } = drawers[0]!;
  const room = carcass.z.mm - floor.high + Math.min(box.z[0], front?.z[0] ?? Infinity);
  return [
    noteOf(
      'reach',
      room < KNEES ? 'tight' : 'clear',
      room < KNEES
        ? `Knees have ${lengthMark(room, 'most')} under it; ${lengthMark(KNEES)} is wanted to sit at it: ${lengthMark(KNEES - room, 'least')} more.`
        : `Knees have ${lengthMark(room, 'most')} under it.`,
    ),
  ];
}
/** Room for knees above the floor, mm. Common practice, no single source. */
const KNEES = 610;

function pushNotes({ part: { closing, handle }, push }: LaidDrawn): PartNote[] {
  if (closing === 'soft-close')
    return [noteOf('fit', 'clear', 'It draws itself shut over the last of its way: nothing may rub there.')];
  if (closing !== 'push-to-open') return [];
  return [
    noteOf(
      'fit',
      handle ? 'tight' : 'clear',
      `It is pushed in ${lengthMark(push)} to open: that much is kept free behind its front${handle ? '. It needs no handle, and one that is leant on opens it' : ''}.`,
    ),
  ];
}

/** Fingers behind a handle, or none to find. */
function fingerNotes({ part: { handle, closing, fit }, place }: LaidDrawn): PartNote[] {
  const { fingers } = place.reach;
  if (!handle) {
    if (closing === 'push-to-open') return [];
    return [
      noteOf(
        'fingers',
        'tight',
        fit.kind === 'none'
          ? 'It has no handle: cut a grip into its front end.'
          : 'It has no handle: let it open by a push, or give its front an edge that fingers find.',
      ),
    ];
  }
  return [gripNote(handle, handle.height.mm, fingers)];
}

/** One looks into a drawer from above. */
function reachNotes({ part, drawers, place: { carcass, reach, floor } }: LaidDrawn): PartNote[] {
  const rim = (at: DrawerAt) => carcass.z.mm - floor.high + at.box.z[1];
  const high = [...drawers].reverse().filter((at) => rim(at) > EYES);
  if (high.length > 0) {
    const worst = high[0]!;
    return [
      noteOf(
        'reach',
        'tight',
        `${capitalised(`the ${saidOf(part, worst)}`)} has its rim ${lengthMark(rim(worst))} above the floor: one does not look into it. Below ${lengthMark(EYES, 'most')} one does.`,
      ),
    ];
  }
  const low = drawers[0]!;
  const handle = carcass.z.mm - floor.high + ((low.front ?? low.box).z[0] + (low.front ?? low.box).z[1]) / 2;
  return part.handle && handle < reach.low && drawers.length === 1
    ? [
        noteOf(
          'reach',
          'tight',
          `Its handle is ${lengthMark(handle)} above the floor, ${lengthMark(reach.low - handle, 'least')} below easy reach.`,
        ),
      ]
    : [];
}
/** Most people look down into a drawer whose rim is below this, mm. Common practice, no single source. */
const EYES = 1400;

/** What of a bank was never measured or held against the maker's sheet. */
export function drawnAssumptions(laid: LaidDrawn): Assumption[] {
  const { part, place, opening, slide } = laid;
  const { stock, carcass } = place;
  const { box, front, fit, old } = part;
  const materials = [
    carcass.sheet,
    ...(old ? [] : [box.material, ...('material' in box.bottom ? [box.bottom.material] : [])]),
    ...(fit.kind === 'none' ? [] : [front.material]),
  ];
  return [
    ...thicknessAssumptions(materials, stock),
    ...('material' in box.bottom && !old ? stiffnessAssumptions([box.bottom.material], stock) : []),
    ...(slide ? hardwareAssumptions(slide) : []),
    ...loadAssumptions(laid),
    ...(opening.read ? [] : [OPENING_ASSUMPTION]),
  ];
}

/** What nobody said is in it. */
function loadAssumptions({ part: { contents }, drawers }: LaidDrawn): Assumption[] {
  const most = Math.max(...drawers.map(({ loose }) => loose));
  if (contents.load !== null || most === 0) return [];
  return [
    {
      words: `no more than ${massMark(most)} goes into ${drawers.length > 1 ? 'any of them' : 'it'}, as of clothes`,
      measure: 'weigh what goes into it, full',
    },
  ];
}
