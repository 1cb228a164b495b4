import { forceMark, lengthMark, massMark } from '../../length/lengthMark';
import { massOfBoard, span } from '../box/box';
import { cableNotes } from '../contents/cable';
import type { PartNote, PartPlace, Rest } from '../family';
import { gripNote } from '../fronts';
import { hardwareRests, OPENING_REST, thicknessRests } from '../rests';
import { kicked, tipping } from '../runs/runs';
import { contentsOf, saidOf } from './build';
import { drawerInnards, type Innards } from './innards';
import { layBank, type DrawerAt, type LaidBank } from './laid';
import type { Drawer } from './schema';

const note = (about: PartNote['about'], verdict: PartNote['verdict'], sentence: string): PartNote => ({
  about,
  verdict,
  sentence,
});
const capital = (text: string) => `${text.charAt(0).toUpperCase()}${text.slice(1)}`;

/** What closed forms tell of a bank: load, tipping, what stays in, packing, screws, fingers, reach, cables, caution. */
export function drawerNotes(
  drawer: Drawer,
  place: PartPlace,
  innards: Innards = drawerInnards(drawer, place),
): PartNote[] {
  const laid = layBank(drawer, place);
  const heaviest = laid.drawers
    .map((at) => ({ at, ...weighed(drawer, laid, at, place, innards) }))
    .reduce((a, b) => (b.mass > a.mass ? b : a));
  return [
    ...loadNotes(drawer, laid, heaviest),
    ...tipNotes(drawer, laid, heaviest),
    ...hiddenNotes(drawer, laid),
    ...packingNotes(drawer, laid, place),
    ...screwNotes(drawer, laid),
    ...kneeNotes(laid, place),
    ...pushNotes(drawer, laid),
    ...fingerNotes(drawer, place),
    // What is closed above is reached into from its sides.
    ...(innards.closed ? [] : reachNotes(drawer, laid, place)),
    ...(drawer.cable
      ? cableNotes(
          drawer.cable,
          {
            x: [laid.opening.inside.left, laid.opening.inside.right],
            y: [laid.opening.inside.front, laid.opening.inside.back],
            z: [laid.opening.inside.bottom, laid.opening.inside.top],
          },
          laid.drawers[0]!.box,
          laid.travel,
        )
      : []),
    ...cautions(laid),
  ];
}

interface Weighed {
  readonly at: DrawerAt;
  /** kg, and the middle of it behind the front end of the box, mm. */
  readonly mass: number;
  readonly centre: number;
}

/** A drawer with all that is in it: its mass in kg, and how far behind its box's front end the middle of it is, mm. */
function weighed(
  drawer: Drawer,
  laid: LaidBank,
  at: DrawerAt,
  place: PartPlace,
  innards: Innards,
): Omit<Weighed, 'at'> {
  const { stock } = place;
  const lumps: { kg: number; y: number }[] = [];
  for (const board of innards.boards(at.box))
    lumps.push({ kg: massOfBoard(board, stock), y: (board.bounds.y[0] + board.bounds.y[1]) / 2 });
  if (at.front)
    lumps.push({
      kg:
        (span(at.front.x) *
          span(at.front.y) *
          span(at.front.z) *
          stock.material(drawer.front.material).density) /
        1e9,
      y: (at.front.y[0] + at.front.y[1]) / 2,
    });
  for (const { content, bounds } of contentsOf(drawer, at, innards))
    lumps.push({ kg: content.load, y: (bounds.y[0] + bounds.y[1]) / 2 });
  lumps.push({ kg: drawer.contents.load, y: (at.box.y[0] + at.box.y[1]) / 2 });
  const mass = lumps.reduce((sum, { kg }) => sum + kg, 0);
  return { mass, centre: lumps.reduce((sum, { kg, y }) => sum + kg * (y - laid.start), 0) / mass };
}

function loadNotes(drawer: Drawer, { slide }: LaidBank, { mass, at }: Weighed): PartNote[] {
  if (!slide) return [];
  const each = drawer.bank.kind === 'even' ? 'Each weighs up to' : `The heaviest, the ${saidOf(drawer, at)}, weighs`;
  const words = at.of === '' ? 'It weighs' : each;
  const loaded = `${words} ${massMark(mass)} with what is in it`;
  if (mass > slide.rating)
    return [
      note('runs', 'hits', `${loaded}, and a pair of these slides carries ${massMark(slide.rating)}: ${massMark(mass - slide.rating)} too much. Take stronger slides, or put less in.`),
    ];
  return [
    note('runs', mass > 0.8 * slide.rating ? 'tight' : 'clear', `${loaded}; a pair of these slides carries ${massMark(slide.rating)} drawn out fully.`),
  ];
} // prettier-ignore

function tipNotes(drawer: Drawer, { travel, depth }: LaidBank, { mass, centre }: Weighed): PartNote[] {
  const { runs } = drawer;
  if (runs.kind !== 'wooden runners') return [];
  // What bears it begins where the box does.
  const { at, past } = tipping(centre, travel, 0);
  if (past <= 0)
    return [
      note('runs', 'clear', `It does not tip: the middle of its weight is still ${lengthMark(-past, 'most')} behind the front of its runners at its stop.`),
    ];
  if (!runs.kicker)
    return [
      note(
        'runs',
        'hits',
        `It tips once it is out more than ${lengthMark(at, 'most')}, and its stop lets it come ${lengthMark(travel)}: ${lengthMark(past, 'least')} too far. A strip over its tail will hold it, or a stop at ${lengthMark(Math.max(0, at), 'most')}.`,
      ),
    ];
  const tail = depth - travel;
  const { press, droop } = kicked({ mass, past, tail, front: travel }, runs.kicker.gap.mm);
  return [
    note(
      'runs',
      droop > MOST_DROOP ? 'tight' : 'clear',
      `Past ${lengthMark(at, 'most')} the strip over its tail holds it: at its stop with ${forceMark(press)}, and its front droops ${lengthMark(droop)} by the play above its tail.`,
    ),
  ];
} // prettier-ignore
/** More droop than this looks like a fault, mm. CP. */
const MOST_DROOP = 10;

/** What stays in the case when it is drawn out fully. */
function hiddenNotes({ runs }: Drawer, { depth, travel }: LaidBank): PartNote[] {
  const hidden = depth - travel;
  if (hidden < 1) {
    return hidden < -1
      ? [note('reach', 'clear', `Drawn out fully it stands ${lengthMark(-hidden)} clear of its front.`)]
      : [];
  }
  const share = hidden / depth;
  const sentence = `Drawn out fully, ${lengthMark(hidden)} of its ${lengthMark(depth)} stays inside: what lies at the back is reached over it.`;
  return [note('reach', runs.kind !== 'wooden runners' && share > 0.35 ? 'tight' : 'clear', sentence)];
}

/** What its slides are packed out by, drawer by drawer: a lean or a bow of the case, a face frame, an old box. */
function packingNotes(drawer: Drawer, { drawers, slide }: LaidBank, place: PartPlace): PartNote[] {
  if (drawer.runs.kind === 'under slides') {
    const { slack } = place.built.layout.openings.get(drawer.bay)!;
    return slack.width > OVER
      ? [note('opening', 'tight', `The bay is ${lengthMark(slack.width)} wider at its widest than where it governs: slides under the box must be packed out there.`)]
      : [];
  }
  const free = slide?.kind === 'slide' ? slide.over : OVER;
  return [...drawers].reverse().flatMap((at): PartNote[] => {
    const { left, right } = at.packing;
    const all = left + right;
    if (all <= free || Math.max(left, right) >= LEAST_FRAME) return [];
    return [
      note(
        'opening',
        'tight',
        `Where the ${saidOf(drawer, at)} runs, its case is ${lengthMark(all)} wider than where it is narrowest, and its runs take ${lengthMark(free)} at most: pack out ${lengthMark(left)} on the left and ${lengthMark(right)} on the right, so that both stay parallel.`,
      ),
    ];
  });
} // prettier-ignore
/** What any run takes of room too much, mm. CP. */
const OVER = 0.8;
/** Packing as thick as this stands behind a face frame or beside an old box: it is cut, and no fault of the case. */
const LEAST_FRAME = 8;

function screwNotes({ runs, old, box }: Drawer, { slide, side }: LaidBank): PartNote[] {
  if (runs.kind !== 'side slides' || slide?.kind !== 'slide' || old) return [];
  const bite = runs.screw.mm - slide.metal;
  const found = [
    note(
      'runs',
      bite < Math.min(LEAST_BITE, side * 0.6) ? 'tight' : 'clear',
      `Its screws bite ${lengthMark(bite)} into the box, ${lengthMark(side - bite, 'most')} short of coming out inside.`,
    ),
  ];
  // The screws stand in the middle of the slide's height.
  const row = runs.up.mm + slide.high / 2;
  if (box.bottom.kind === 'groove' && Math.abs(row - box.bottom.up.mm) < GROOVED + LEAST_WOOD)
    found.push(
      note(
        'runs',
        'tight',
        `Its screws come upon the groove of its bottom: ${lengthMark(row)} up, and the groove is at ${lengthMark(box.bottom.up.mm)}. Slides ${lengthMark(box.bottom.up.mm + GROOVED + LEAST_WOOD - row, 'least')} higher will do.`,
      ),
    );
  return found;
}
/** A bottom in its groove is about so thick, mm. CP. */
const GROOVED = 6;

/** CP, no single source. */
const LEAST_BITE = 10;
/** Wood left between a slide's screws and the groove its bottom is in, mm. CP. */
const LEAST_WOOD = 4;

/** Knees under what hangs below a table. */
function kneeNotes({ drawers }: LaidBank, { carcass }: PartPlace): PartNote[] {
  if (carcass.kind !== 'table frame') return [];
  const { box, front } = drawers[0]!;
  const room = carcass.z.mm + Math.min(box.z[0], front?.z[0] ?? Infinity);
  return [
    note(
      'reach',
      room < KNEES ? 'tight' : 'clear',
      room < KNEES
        ? `Knees have ${lengthMark(room, 'most')} under it; ${lengthMark(KNEES)} is wanted to sit at it: ${lengthMark(KNEES - room, 'least')} more.`
        : `Knees have ${lengthMark(room, 'most')} under it.`,
    ),
  ];
}
/** Room for knees above the floor, mm. CP, no single source. */
const KNEES = 610;

function pushNotes({ closing, handle }: Drawer, { push }: LaidBank): PartNote[] {
  if (closing === 'soft-close')
    return [note('fit', 'clear', 'It draws itself shut over the last of its way: nothing may rub there.')];
  if (closing !== 'push-to-open') return [];
  return [
    note(
      'fit',
      handle ? 'tight' : 'clear',
      `It is pushed in ${lengthMark(push)} to open: that much is kept free behind its front${handle ? '. It needs no handle, and one that is leant on opens it' : ''}.`,
    ),
  ];
}

/** Fingers behind a handle, or none to find. */
function fingerNotes({ handle, closing, fit }: Drawer, place: PartPlace): PartNote[] {
  const { fingers } = place.reach;
  if (!handle) {
    if (closing === 'push-to-open') return [];
    return [
      note('fingers', 'tight', fit.kind === 'none' ? 'It has no handle: cut a grip into its front end.' : 'It has no handle: let it open by a push, or give its front an edge that fingers find.'),
    ];
  }
  return [gripNote(handle, handle.height.mm, fingers)];
} // prettier-ignore

/** One looks into a drawer from above. */
function reachNotes(drawer: Drawer, { drawers }: LaidBank, { carcass, reach }: PartPlace): PartNote[] {
  const rim = (at: DrawerAt) => carcass.z.mm + at.box.z[1];
  const high = [...drawers].reverse().filter((at) => rim(at) > EYES);
  if (high.length > 0) {
    const worst = high[0]!;
    return [
      note('reach', 'tight', `${capital(`the ${saidOf(drawer, worst)}`)} has its rim ${lengthMark(rim(worst))} above the floor: one does not look into it. Below ${lengthMark(EYES, 'most')} one does.`),
    ];
  }
  const low = drawers[0]!;
  const handle = carcass.z.mm + ((low.front ?? low.box).z[0] + (low.front ?? low.box).z[1]) / 2;
  return drawer.handle && handle < reach.low && drawers.length === 1
    ? [note('reach', 'tight', `Its handle is ${lengthMark(handle)} above the floor, ${lengthMark(reach.low - handle, 'least')} below easy reach.`)]
    : [];
} // prettier-ignore
/** Most people look down into a drawer whose rim is below this, mm. CP, no single source. */
const EYES = 1400;

function cautions({ travel, drawers }: LaidBank): PartNote[] {
  if (drawers.length < 2 || travel < 200) return [];
  return [
    note(
      'caution',
      'tight',
      'Several full drawers drawn out at once can tip their case: fix it to the wall, and see what your local standards ask of clothing storage.',
    ),
  ];
}

/** What of a bank was never measured or held against the maker's sheet. */
export function drawerRests(drawer: Drawer, place: PartPlace): Rest[] {
  const { stock, built, carcass } = place;
  const { box, front, fit, old } = drawer;
  const { slide } = layBank(drawer, place);
  const materials = [
    carcass.sheet,
    ...(old ? [] : [box.material, ...('material' in box.bottom ? [box.bottom.material] : [])]),
    ...(fit.kind === 'none' ? [] : [front.material]),
  ];
  return [
    ...thicknessRests(materials, stock),
    ...(slide ? hardwareRests(slide) : []),
    ...(built.layout.openings.get(drawer.bay)?.read ? [] : [OPENING_REST]),
  ];
}
