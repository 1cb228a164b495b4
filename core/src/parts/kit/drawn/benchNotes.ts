import { lengthMark } from '../../../length/lengthMark';
import { span } from '../../../solid/bounds';
import { noteOf, type PartNote } from '../../../item/note';
import type { LaidDrawn } from './lay';
import { saidOf } from './pieces';
import { LEAST_LEFT } from './screws';

/** What whoever makes it must know: its screws, a width its slides do not suit, unlike boxes, stops. */
export const benchNotes = (laid: LaidDrawn): PartNote[] => [
  ...screwNotes(laid),
  ...frontScrewNotes(laid),
  ...wideNotes(laid),
  ...unlikeNotes(laid),
  ...stopNotes(laid),
];

/** How deep the screws of side slides bite, and what they come upon. */
function screwNotes({ part: { runs, old, box }, slide, side }: LaidDrawn): PartNote[] {
  if (runs.kind !== 'side slides' || slide?.kind !== 'slide' || old) return [];
  const bite = runs.screw.mm - slide.metal;
  const left = side - bite;
  const most = slide.metal + side - LEAST_LEFT;
  const found = [
    left < LEAST_LEFT - 1e-9
      ? noteOf(
          'runs',
          'tight',
          `Its screws stop ${lengthMark(left, 'most')} short of coming out inside the box; ${lengthMark(LEAST_LEFT)} of wood should stay. Screws at most ${lengthMark(most, 'most')} long will do.`,
        )
      : noteOf(
          'runs',
          bite < Math.min(LEAST_BITE, side * 0.6) ? 'tight' : 'clear',
          `Its screws bite ${lengthMark(bite)} into the box, ${lengthMark(left, 'most')} short of coming out inside.`,
        ),
  ];
  // The screws stand in the middle of the slide's height.
  const row = runs.up.mm + slide.high / 2;
  if (box.bottom.kind === 'groove' && Math.abs(row - box.bottom.up.mm) < GROOVED + LEAST_WOOD)
    found.push(
      noteOf(
        'runs',
        'tight',
        `Its screws come upon the groove of its bottom: ${lengthMark(row)} up, and the groove is at ${lengthMark(box.bottom.up.mm)}. Slides ${lengthMark(box.bottom.up.mm + GROOVED + LEAST_WOOD - row, 'least')} higher will do.`,
      ),
    );
  return found;
}
/** A bottom in its groove is about so thick, mm. Common practice. */
const GROOVED = 6;

/** Common practice, no single source. */
const LEAST_BITE = 10;
/** Wood left between a slide's screws and the groove its bottom is in, mm. Common practice. */
const LEAST_WOOD = 4;

/** Screws of an applied front that come near its face. */
function frontScrewNotes({ part, side, frontThick }: LaidDrawn): PartNote[] {
  const { front, fit } = part;
  if (fit.kind === 'none' || front.made !== 'applied') return [];
  const left = side + frontThick - front.screw.mm;
  if (left >= LEAST_LEFT - 1e-9 || left <= 0) return [];
  return [
    noteOf(
      'fit',
      'tight',
      `The screws of its front stop ${lengthMark(left, 'most')} short of its face; ${lengthMark(LEAST_LEFT)} of wood should stay. Screws at most ${lengthMark(side + frontThick - LEAST_LEFT, 'most')} long will do.`,
    ),
  ];
}

/** A box much wider than its slides are long racks as it is pulled at one end, and jams. */
function wideNotes({ length, width }: LaidDrawn): PartNote[] {
  if (length === undefined || width <= WIDE * length) return [];
  return [
    noteOf(
      'runs',
      'tight',
      `It is ${lengthMark(width)} wide on slides of ${lengthMark(length)}: more than twice as wide it racks and jams when it is pulled at one end. At most ${lengthMark(WIDE * length, 'most')} wide will do, slides of at least ${lengthMark(width / WIDE, 'least')}, or a pair that is linked.`,
    ),
  ];
}
/** A drawer is at most about so many times as wide as its slides are long. Common practice, no single source. */
const WIDE = 2;

/** Why fronts of one height have boxes that are not. */
function unlikeNotes({ part, drawers, between }: LaidDrawn): PartNote[] {
  if (part.bank.kind !== 'even' || drawers.length < 2 || part.box.height || part.old) return [];
  const highs = drawers.map(({ box }) => span(box.z));
  const least = Math.min(...highs);
  const lowest = drawers[highs.indexOf(least)]!;
  const less = Math.max(...highs) - least;
  if (less < UNLIKE) return [];
  const end = lowest.row === 0 ? 'foot' : 'head';
  return [
    noteOf(
      'fit',
      'clear',
      `Its fronts are alike and its boxes are not: that of the ${saidOf(part, lowest)} is ${lengthMark(less)} lower, since its front lies over the ${end} of the case, where no box can be; between fronts it is half of ${lengthMark(between)}.`,
    ),
  ];
}
/** Less than this is no matter, mm. */
const UNLIKE = 0.5;

/** An inset front on runners is stopped flush from behind: slides have their own stop. */
function stopNotes({ part, depth, start, opening }: LaidDrawn): PartNote[] {
  const { fit, runs } = part;
  if (fit.kind !== 'inset' || runs.kind !== 'wooden runners') return [];
  const left = opening.inside.back - start - depth;
  return [
    noteOf(
      'fit',
      'clear',
      `Stops behind its box keep its front flush: ${lengthMark(left)} thick from the back of the case, trimmed to it once it runs.`,
    ),
  ];
}
