import type { Issue } from '../../../item/issue';
import { lengthMark } from '../../../length/lengthMark';
import { span, type Bounds } from '../../../solid/bounds';
import type { BoxSpec } from '../box/schema';
import { firstTrouble, refuse } from '../issues';
import { lengthsOf, roomBeside, type Slide } from './runs';
import type { Closing, Runs } from './schema';

/** Less than this between a box's sides holds nothing, mm. */
const LEAST_INSIDE = 30;

/** What runs need to know of the part they carry. */
interface Carried {
  readonly runs: Runs;
  readonly box: BoxSpec;
  readonly closing: Closing;
  readonly old?: { readonly width: { readonly mm: number } } | null;
}
interface Laid {
  readonly slide: Slide | undefined;
  readonly side: number;
  readonly clear: readonly [number, number];
  readonly width: number;
  readonly push: number;
  readonly room: number;
  readonly length: number | undefined;
  readonly depth: number;
  readonly travel: number;
}

/**
 * What cannot run, with the number that would do: too narrow, too long, too low. Paths start at the part.
 *
 * @param sheet   thickness of the case's sides, mm
 * @param closed  the case has a back: a box whose tail hangs out behind is for the check where it has none
 */
export function runsIssues(
  carried: Carried,
  laid: Laid,
  { box }: { readonly box: Bounds },
  { sheet, closed }: { readonly sheet: number; readonly closed: boolean },
): Issue[] {
  return firstTrouble([
    () => closingIssues(carried),
    () => openingIssues(carried, laid),
    () => lengthIssues(carried, laid),
    () => runnerIssues(carried, laid),
    () => sideSlideIssues(carried, laid, box, sheet),
    () => underSlideIssues(carried, laid),
    () => (closed ? depthIssues(carried, laid) : []),
  ]);
}

/** What opens by a push, on what is not made for it. */
function closingIssues({ runs, closing }: Carried): Issue[] {
  if (closing === 'push-to-open' && runs.kind === 'wooden runners')
    return refuse(
      ['closing'],
      'What opens by a push runs on slides made for it: choose slides, or let it close plainly.',
    );
  return [];
}

/** A box that finds no room between the sides of its opening, or behind its front. */
function openingIssues({ runs, old }: Carried, { slide, side, clear, width, room }: Laid): Issue[] {
  const wide = clear[1] - clear[0];
  const beside = roomBeside(runs, slide, side);
  if (old) {
    if (width + beside > wide + 1e-9)
      return refuse(
        ['old', 'width'],
        `The old box is ${lengthMark(width + beside - wide, 'least')} too wide for its opening with what it runs on. At most ${lengthMark(wide - beside, 'most')} will do.`,
      );
  } else if (width < 2 * side + LEAST_INSIDE)
    return refuse(
      ['runs', 'kind'],
      `The opening is ${lengthMark(wide, 'most')} wide, and ${runs.kind === 'wooden runners' ? 'the play' : 'slides'} and sides take ${lengthMark(beside + 2 * side, 'least')}. An opening of at least ${lengthMark(beside + 2 * side + LEAST_INSIDE, 'least')} will do.`,
    );
  if (room < 60)
    return refuse(
      ['runs', 'kind'],
      `${lengthMark(Math.max(0, room), 'most')} is left behind the front for a box. A case at least ${lengthMark(60 - room, 'least')} deeper will do.`,
    );
  return [];
}

/** Slides that are too long, that do not come so long, or that are longer than the box. */
function lengthIssues({ runs, old }: Carried, { slide, room, length, depth }: Laid): Issue[] {
  if (!slide) return [];
  const lengths = lengthsOf(slide);
  const fits = lengths.find((mm) => mm <= room + 1e-9);
  if (fits === undefined)
    return refuse(
      ['runs', 'hardware'],
      `The shortest of these slides is ${lengthMark(lengths[lengths.length - 1]!, 'least')} long, and the clear depth is ${lengthMark(room, 'most')}: it is ${lengthMark(lengths[lengths.length - 1]! - room, 'least')} too long.`,
    );
  if (runs.kind !== 'wooden runners' && runs.length) {
    const asked = runs.length.mm;
    if (!lengths.some((mm) => Math.abs(mm - asked) < 1e-6))
      return refuse(
        ['runs', 'length'],
        `These slides do not come ${lengthMark(asked)} long. ${lengthMark(fits, 'most')} is the longest that fits.`,
      );
    if (asked > room + 1e-9)
      return refuse(
        ['runs', 'length'],
        `A slide of ${lengthMark(asked)} is longer than the clear depth of ${lengthMark(room, 'most')}. ${lengthMark(fits, 'most')} is the longest that fits.`,
      );
  }
  if (length !== undefined && depth < length - 1e-9 && slide.kind === 'slide')
    return refuse(
      [old ? 'old' : 'box', 'depth'],
      `The box is ${lengthMark(length - depth)} shorter than its slides. At least ${lengthMark(length, 'least')} will do, or shorter slides.`,
    );
  return [];
}

/** Wooden runners that do not reach, or find no room. */
function runnerIssues({ runs, box }: Carried, { depth }: Laid): Issue[] {
  if (runs.kind !== 'wooden runners') return [];
  if (runs.out.mm >= depth)
    return refuse(
      ['runs', 'out'],
      `Out so far it leaves its runners: the box is ${lengthMark(depth)} deep. Less than ${lengthMark(depth, 'most')} will do.`,
    );
  if (runs.thick.mm > box.under.mm + 1e-9)
    return refuse(
      ['box', 'under'],
      `The runners are ${lengthMark(runs.thick.mm)} thick, and ${lengthMark(box.under.mm)} is free under the box. At least ${lengthMark(runs.thick.mm, 'least')} will do.`,
    );
  if (runs.wide.mm <= runs.play.mm)
    return refuse(
      ['runs', 'wide'],
      `The runners do not reach under the box. More than ${lengthMark(runs.play.mm, 'least')} will do.`,
    );
  if (runs.kicker && runs.kicker.gap.mm + 3 > box.above.mm)
    return refuse(
      ['box', 'above'],
      `A kicker finds no room above the box. At least ${lengthMark(runs.kicker.gap.mm + 3, 'least')} will do.`,
    );
  return [];
}

/** Slides beside the box that are higher than it, or whose screws come out somewhere or nowhere. */
function sideSlideIssues({ runs, old }: Carried, { slide, side }: Laid, at: Bounds, sheet: number): Issue[] {
  if (runs.kind !== 'side slides' || slide?.kind !== 'slide') return [];
  const most = span(at.z) - slide.high;
  if (most < 0)
    return refuse(
      ['runs', 'hardware'],
      `The slides are ${lengthMark(slide.high)} high and the box ${lengthMark(span(at.z), 'most')}: it must be ${lengthMark(-most, 'least')} higher, or take lower slides.`,
    );
  if (runs.up.mm > most + 1e-9)
    return refuse(
      ['runs', 'up'],
      `So high the slides stand over the box’s rim. At most ${lengthMark(most, 'most')} will do.`,
    );
  if (runs.upper && runs.upper.mm > most - slide.high - runs.up.mm + 1e-9)
    return refuse(
      ['runs', 'upper'],
      `The upper slides come down on the lower ones. At most ${lengthMark(Math.max(0, most - slide.high - runs.up.mm), 'most')} below the rim will do.`,
    );
  const bite = runs.screw.mm - slide.metal;
  if (!old && bite > side + 1e-9)
    return refuse(
      ['runs', 'screw'],
      `A screw of ${lengthMark(runs.screw.mm)} comes out inside the box: ${lengthMark(slide.metal)} of metal and ${lengthMark(side)} of side. At most ${lengthMark(slide.metal + side, 'most')} will do.`,
    );
  if (bite > sheet + 1e-9)
    return refuse(
      ['runs', 'screw'],
      `A screw of ${lengthMark(runs.screw.mm)} comes out through the side of the case: ${lengthMark(slide.metal)} of metal and ${lengthMark(sheet)} of side. At most ${lengthMark(slide.metal + sheet, 'most')} will do.`,
    );
  if (bite <= 0)
    return refuse(
      ['runs', 'screw'],
      `A screw of ${lengthMark(runs.screw.mm)} does not come through the slide. More than ${lengthMark(slide.metal, 'least')} will do.`,
    );
  return [];
}

/** Slides under the box that its sides, its bottom or the room under it do not suit. */
function underSlideIssues({ box, old }: Carried, { slide, side }: Laid): Issue[] {
  if (slide?.kind !== 'under slide') return [];
  if (old)
    return refuse(
      ['runs', 'kind'],
      'An old box has no place for slides under it: take side slides or runners.',
    );
  if (side > slide.sidesTo + 1e-9)
    return refuse(
      ['box', 'material'],
      `These slides are for sides up to ${lengthMark(slide.sidesTo, 'most')} thick, and these are ${lengthMark(side)}.`,
    );
  if (box.bottom.kind !== 'groove' || box.bottom.up.mm < slide.recess - 1e-9)
    return refuse(
      box.bottom.kind === 'groove' ? ['box', 'bottom', 'up'] : ['box', 'bottom', 'kind'],
      `The slides run under the bottom: it must be in a groove at least ${lengthMark(slide.recess, 'least')} up.`,
    );
  if (box.under.mm < slide.below - 1e-9)
    return refuse(
      ['box', 'under'],
      `The slides want ${lengthMark(slide.below, 'least')} under the box, and ${lengthMark(box.under.mm)} is free. At least ${lengthMark(slide.below, 'least')} will do.`,
    );
  return [];
}

/** A box that was typed deeper than its bay. */
function depthIssues({ box, old }: Carried, { room, depth }: Laid): Issue[] {
  if (room < depth - 1e-9 && box.depth && !old)
    return refuse(
      ['box', 'depth'],
      `The box is ${lengthMark(depth - room, 'least')} deeper than its bay. At most ${lengthMark(room, 'most')} will do.`,
    );
  return [];
}
