import { sumOf } from '../../../sizing/sum';
import { between as lineBetween, faceAt, leftmost, rightmost } from '../../../carcass/line';
import type { Opening } from '../../../carcass/layout';
import { span, type Bounds, type Range } from '../../../solid/bounds';
import type { PartPlace } from '../../contract/family';
import { looseLoad, placed, type Placed } from '../contents/contents';
import { evenOver, openingOf } from '../fronts';
import { longestThatFits, pushOf, roomBeside, slideOf, travelOf, type Slide } from '../runs/runs';
import { countOf, frontHeights } from './bank';
import type { BoxConstruction } from './construction';
import type { DrawnOut } from './schema';

/** One drawer of a bank, shut, in its carcass's frame, mm. */
export interface DrawerAt {
  /** Its mover's key. */
  readonly key: string;
  /** Its place from the top, from 1; 0 where it is alone. */
  readonly nth: number;
  /** Its place from the bottom up, from 0. */
  readonly row: number;
  /** What is free for it behind its front: from the foot of its place to the head. */
  readonly place: Range;
  readonly front: Bounds | null;
  readonly box: Bounds;
  /** What its slides or runners are packed out by, to stand plumb and at the edge of the opening. */
  readonly packing: { readonly left: number; readonly right: number };
  /** Where its contents may stand, the lowest tier first, and where they do. */
  readonly tiers: readonly Bounds[];
  readonly contents: readonly Placed[];
  /** kg that is loose in it besides. */
  readonly loose: number;
}

/** A bank as it is laid out; what of it cannot be is for `refuse` to tell. */
export interface LaidDrawn {
  readonly part: DrawnOut;
  readonly place: PartPlace;
  readonly construction: BoxConstruction;
  readonly opening: Opening;
  readonly slide: Slide | undefined;
  /** Thickness of the box's sides and of an applied front. */
  readonly side: number;
  readonly frontThick: number;
  /** The narrowest clear way out, from left to right. */
  readonly clear: Range;
  readonly width: number;
  /** How far it is pushed in to open. */
  readonly push: number;
  /** Where its boxes begin, and the depth that is clear for them. */
  readonly start: number;
  readonly room: number;
  /** The slides' length; undefined on runners, or where none is short enough. */
  readonly length: number | undefined;
  readonly depth: number;
  readonly travel: number;
  /** Gap between fronts, and the height they share. */
  readonly between: number;
  readonly over: Readonly<Record<'left' | 'right' | 'top' | 'bottom', number>>;
  readonly heights: readonly number[];
  /** From the bottom up. */
  readonly drawers: readonly DrawerAt[];
}

/** How its fronts lie over the opening; less than 0 where they stop short of it. */
function overOf({ fit }: DrawnOut, opening: Opening): LaidDrawn['over'] {
  switch (fit.kind) {
    case 'even':
      return {
        left: evenOver(opening.left, fit.gap.mm),
        right: evenOver(opening.right, fit.gap.mm),
        top: evenOver(opening.top, fit.gap.mm),
        bottom: evenOver(opening.bottom, fit.gap.mm),
      };
    case 'none':
      return { left: 0, right: 0, top: 0, bottom: 0 };
    default: {
      const sign = fit.kind === 'inset' ? -1 : 1;
      const sides = sign * fit.sides.mm;
      return { left: sides, right: sides, top: sign * fit.top.mm, bottom: sign * fit.bottom.mm };
    }
  }
}

const betweenOf = ({ fit }: DrawnOut): number =>
  fit.kind === 'even' ? fit.gap.mm : fit.kind === 'none' ? 0 : fit.between.mm;

/** How deep and wide the box is and how far it comes, mm: fields of what is laid. */
type Run = Pick<
  LaidDrawn,
  | 'slide'
  | 'side'
  | 'frontThick'
  | 'clear'
  | 'width'
  | 'push'
  | 'start'
  | 'room'
  | 'length'
  | 'depth'
  | 'travel'
>;

function runOf(drawer: DrawnOut, place: PartPlace, opening: Opening): Run {
  const { box, front, fit, runs, old } = drawer;
  const { stock, hardware } = place;
  const slide = slideOf(runs, hardware);
  const side = stock.thickness(box.material);
  const frontThick = fit.kind === 'none' ? 0 : stock.thickness(front.material);
  const whole = clearWay(opening);
  const clear = [whole[0] + box.aside.left.mm, whole[1] - box.aside.right.mm] as const;
  const beside = slide || runs.kind === 'wooden runners' ? roomBeside(runs, slide, side) : 0;
  const push = pushOf(drawer.closing, slide);
  // An inset front stands in the opening, another before it; pushed in, all of it needs the way behind.
  const start =
    fit.kind === 'inset'
      ? opening.front + fit.setback.mm + frontThick
      : fit.kind === 'none'
        ? opening.front + fit.setback.mm
        : opening.front - push;
  const room = opening.inside.back - start - push;
  const length =
    runs.kind === 'wooden runners' || !slide ? undefined : (runs.length?.mm ?? longestThatFits(slide, room));
  return {
    slide,
    side,
    frontThick,
    clear,
    width: old?.width.mm ?? clear[1] - clear[0] - beside,
    push,
    start,
    room,
    length,
    depth: old?.depth.mm ?? box.depth?.mm ?? boxOn(slide, length) ?? room - BEHIND_RUNNERS,
    travel: runs.kind === 'wooden runners' ? runs.out.mm : slide && length ? travelOf(slide, length) : 0,
  };
}

/** What hangs under the top of a table has its place there, as high as its box and what is free about it, whatever is clear below. */
function underTop({ bank, box, old }: DrawnOut, { carcass }: PartPlace, opening: Opening): Opening {
  const high = old?.height.mm ?? box.height?.mm;
  if (carcass.kind !== 'table frame' || high === undefined || countOf(bank) > 1) return opening;
  const lines = [
    { words: 'box height', mm: high },
    { words: 'free above it', mm: box.above.mm },
    { words: 'free beneath it', mm: box.under.mm },
  ];
  const height = sumOf(opening.height.name, lines);
  const foot = opening.top.at - height.mm;
  if (foot <= opening.bottom.at) return opening;
  return {
    ...opening,
    height,
    bottom: { ...opening.bottom, at: foot },
    inside: { ...opening.inside, bottom: foot },
  };
}

/** How deep a box is on slides of a length, by the slide's own rule; undefined where none is short enough. */
const boxOn = (slide: Slide | undefined, length: number | undefined): number | undefined =>
  length === undefined ? undefined : length - (slide?.kind === 'under slide' ? slide.boxLess : 0);

/** @param construction  how what comes out is made within its outer bounds */
export function layDrawn(drawer: DrawnOut, place: PartPlace, construction: BoxConstruction): LaidDrawn {
  const { bank } = drawer;
  const opening = underTop(drawer, place, openingOf(drawer, place));
  const over = overOf(drawer, opening);
  const between = betweenOf(drawer);
  const foot = opening.bottom.at - over.bottom;
  const head = opening.top.at + over.top;
  const heights = frontHeights(bank, head - foot - (countOf(bank) - 1) * between);
  const laid = {
    part: drawer,
    place,
    construction,
    opening,
    ...runOf(drawer, place, opening),
    between,
    over,
    heights,
  };
  let at = foot;
  const drawers = heights.map((mm, row): DrawerAt => {
    const z = [at, at + mm] as const;
    at = z[1] + between;
    return drawerAt(laid, row, z);
  });
  return { ...laid, drawers };
}

/** One drawer of them, its front from `z[0]` to `z[1]`, counted from the lowest. */
function drawerAt(laid: Omit<LaidDrawn, 'drawers'>, row: number, [z0, z1]: Range): DrawerAt {
  const { part, place, construction, opening, slide, start, depth, between, over } = laid;
  const { frontThick, heights } = laid;
  const { clear, width } = ownWidth(laid, [z0, z1]);
  const { box, fit, runs, old, bank } = part;
  const count = heights.length;
  const middle = (clear[0] + clear[1]) / 2;
  const free = [
    row === 0
      ? Math.max(opening.inside.bottom, opening.bottom.at)
      : Math.max(opening.inside.bottom, opening.bottom.at, z0 - between / 2),
    row === count - 1
      ? Math.min(opening.inside.top, opening.top.at)
      : Math.min(opening.inside.top, opening.top.at, z1 + between / 2),
  ] as const;
  const under = free[0] + box.under.mm;
  const high = old?.height.mm ?? box.height?.mm ?? free[1] - box.above.mm - under;
  const runAt =
    under + (runs.kind === 'side slides' ? runs.up.mm + (slide?.kind === 'slide' ? slide.high / 2 : 0) : 0);
  const outer: Bounds = {
    x: [middle - width / 2, middle + width / 2],
    y: [start, start + depth],
    z: [under, under + high],
  };
  const tiers = construction.tiers(outer);
  return {
    key: part.single ? part.id : `${part.id}.${bank.drawers[row]!.id}`,
    nth: count === 1 ? 0 : count - row,
    row,
    place: free,
    front:
      fit.kind === 'none'
        ? null
        : {
            x: [opening.left.at - over.left, opening.right.at + over.right],
            y: [start - frontThick, start],
            z: [z0, z1],
          },
    box: outer,
    packing: packingOf(part, opening, place, clear, width, slide, runAt),
    tiers,
    contents: placed(part.contents, tiers),
    loose: looseLoad(part.contents, tiers),
  };
}

/** How wide a box is and between what: as its whole bay lets it, or as its own opening does where that is the school. */
function ownWidth(
  { part, place, opening, clear, width }: Omit<LaidDrawn, 'drawers'>,
  z: Range,
): Pick<LaidDrawn, 'clear' | 'width'> {
  if (place.stock.schools.boxes !== 'each its own' || part.old || place.carcass.frame)
    return { clear, width };
  const { left, right } = place.built.layout;
  const at = {
    left: opening.left.shared ? clear[0] : rightmost(lineBetween(left, ...z)) + part.box.aside.left.mm,
    right: opening.right.shared ? clear[1] : leftmost(lineBetween(right, ...z)) - part.box.aside.right.mm,
  };
  const own = [Math.min(clear[0], at.left), Math.max(clear[1], at.right)] as const;
  return { clear: own, width: width + span(own) - span(clear) };
}

/** Left behind a box on runners, mm. Common practice. */
const BEHIND_RUNNERS = 10;

/** The narrowest way from the inside of a bay out through its opening. */
const clearWay = ({ left, right, inside }: Opening): [number, number] => [
  Math.max(left.at, inside.left),
  Math.min(right.at, inside.right),
];

/** What stands between the case's sides and its slides where these run: the rest of the way the box leaves, and what a lean adds. */
function packingOf(
  { runs, old }: DrawnOut,
  opening: Opening,
  { built }: PartPlace,
  clear: readonly [number, number],
  width: number,
  slide: Slide | undefined,
  z: number,
): DrawerAt['packing'] {
  const { left, right } = built.layout;
  const face = (which: 'left' | 'right') => {
    const at = opening.inside[which];
    // Slides under a box take a lean of the case up by themselves: what a frame or a door's hinges take is packed out.
    if (opening[which].shared || runs.kind === 'under slides') return at;
    // At the front the case stands as wide as its opening, however it bows within.
    return which === 'left' ? Math.min(at, faceAt(left, z)) : Math.max(at, faceAt(right, z));
  };
  const each = old
    ? (clear[1] - clear[0] - width) / 2 -
      (slide?.kind === 'slide' ? slide.side : runs.kind === 'wooden runners' ? runs.play.mm : 0)
    : 0;
  return { left: clear[0] - face('left') + each, right: face('right') - clear[1] + each };
}
