import type { Frame } from '../../../item/frame';
import type { Issue } from '../../../item/issue';
import { lengthMark } from '../../../length/lengthMark';
import { table } from '../../../motion/drive';
import type { Joint } from '../../../motion/joint';
import { chain, motionOf, type Motion } from '../../../motion/motion';
import type { Mover } from '../../../scene/scene';
import type { Convex } from '../../../solid/convex';
import { hull } from '../../../solid/hull';
import type { Point3 } from '../../../solid/prism';
import { span, type Bounds } from '../../../solid/bounds';
import { CLOTHES } from '../../../strength/usualLoads';
import type { Content, Contents } from './schema';
import { capitalised } from '../../../item/capitals';

/** What stands in a box, shut, in its carcass's frame. */
export interface Placed {
  readonly content: Content;
  /** Its place among its kind, from 1; 0 where it is the only one. */
  readonly nth: number;
  readonly bounds: Bounds;
}

/** Where contents of one tier may stand: within the box, and up to a ceiling. */
export interface ContentSpace {
  readonly inner: Bounds;
  /** Lowest of what is above it, shut, mm. */
  readonly ceiling: number;
  /** As low as what is hung may come, mm: below the box where it has no bottom. */
  readonly foot: number;
}

/** The contents of one of several tiers, counted from 0; of a single one, whatever tier they are said to be on. */
const onTier = (nth: number, tiers: number) => (one: Content) => tiers === 1 || one.tier === nth + 1;

/** Contents in their places, spread evenly from side to side, or from front to back, on each tier from the lowest up. */
export const placed = ({ set, items }: Contents, tiers: readonly Bounds[]): Placed[] =>
  tiers.flatMap((inner, nth) => placedOn(set, items.filter(onTier(nth, tiers.length)), inner));

function placedOn(set: Contents['set'], items: readonly Content[], inner: Bounds): Placed[] {
  const all = items.flatMap((content) =>
    Array.from({ length: content.count }, (_, i) => ({ content, nth: content.count > 1 ? i + 1 : 0 })),
  );
  const along = set === 'side by side';
  const run = along ? inner.x : inner.y;
  const size = ({ width, depth }: Content) => (along ? width.mm : depth.mm);
  const free =
    (span(run) - all.reduce((sum, { content }) => sum + size(content), 0)) / Math.max(1, all.length + 1);
  let at = run[0];
  return all.map(({ content, nth }) => {
    const from = at + free;
    at = from + size(content);
    const { width, depth, height } = content;
    const z: Bounds['z'] =
      content.stands === 'hung' ? [inner.z[1] - height.mm, inner.z[1]] : [inner.z[0], inner.z[0] + height.mm];
    return {
      content,
      nth,
      bounds: along
        ? { x: [from, from + width.mm], y: [inner.y[0], inner.y[0] + depth.mm], z }
        : { x: [inner.x[0], inner.x[0] + width.mm], y: [from, from + depth.mm], z },
    };
  });
}

const MM3_A_M3 = 1e9;

/** kg that is loose on tiers; where nobody said, and nothing else is in it, as much as clothes would weigh. */
export function looseLoad({ items, load }: Contents, tiers: readonly Bounds[]): number {
  if (load !== null) return load;
  if (items.length > 0) return 0;
  return tiers.reduce((sum, { x, y, z }) => sum + (CLOTHES * span(x) * span(y) * span(z)) / MM3_A_M3, 0);
}

const tooLarge = ({ name }: Content, has: number, most: number, words: 'wide' | 'deep'): string =>
  `“${name}” is ${lengthMark(has - most, 'least')} too ${words} for its box, which is ${lengthMark(most, 'most')} ${words} inside. At most ${lengthMark(most, 'most')} will do.`;

/** What does not fit, with the number that would do, tier by tier from the lowest. Paths start at the contents. */
export function contentsIssues({ set, items }: Contents, tiers: readonly ContentSpace[]): Issue[] {
  const lost = items.findIndex(({ tier }) => tiers.length > 1 && tier > tiers.length);
  if (lost >= 0)
    return [
      {
        path: ['items', lost, 'tier'],
        message: `“${items[lost]!.name}” stands on tier ${items[lost]!.tier}, and there are ${tiers.length}. At most ${tiers.length} will do.`,
      },
    ];
  return tiers.flatMap((room, nth) => {
    const on = [...items.entries()].filter(([, one]) => onTier(nth, tiers.length)(one));
    return on.length > 0 ? tierIssues(set, on, room) : [];
  });
}

/** @param items  with their places among all contents */
function tierIssues(
  set: Contents['set'],
  items: readonly (readonly [number, Content])[],
  { inner, ceiling, foot }: ContentSpace,
): Issue[] {
  const [[first, only]] = items as [[number, Content]];
  const along = set === 'side by side';
  const [wide, deep] = [span(inner.x), span(inner.y)];
  const cross = along ? deep : wide;
  const run = along ? wide : deep;
  const taken = items.reduce((sum, [, one]) => sum + one.count * (along ? one.width.mm : one.depth.mm), 0);
  const issues: Issue[] = [];
  items.forEach(([i, one]) => {
    const across = along ? one.depth.mm : one.width.mm;
    if (across > cross + 1e-9)
      issues.push({
        path: ['items', i, along ? 'depth' : 'width'],
        message: tooLarge(one, across, cross, along ? 'deep' : 'wide'),
      });
    const head = one.stands === 'hung' ? inner.z[1] - foot : ceiling - inner.z[0];
    const tall = one.height.mm + one.air.mm;
    if (tall > head + 1e-9)
      issues.push({
        path: ['items', i, one.height.mm > head ? 'height' : 'air'],
        message: `“${one.name}” wants ${lengthMark(tall)} of height${one.air.mm > 0 ? ' with the air above it' : ''}, and there are ${lengthMark(head, 'most')}. Its bay must be ${lengthMark(tall - head, 'least')} higher, or the thing lower.`,
      });
    if (one.base && (one.base.width.mm > one.width.mm || one.base.depth.mm > one.depth.mm))
      issues.push({
        path: ['items', i, 'base'],
        message: `“${one.name}” has a base larger than its mouth. At most ${lengthMark(one.width.mm, 'most')} by ${lengthMark(one.depth.mm, 'most')} will do.`,
      });
  });
  const alone = items.length === 1 && only.count === 1;
  if (taken > run + 1e-9 && alone)
    issues.push({
      path: ['items', first, along ? 'width' : 'depth'],
      message: tooLarge(only, taken, run, along ? 'wide' : 'deep'),
    });
  else if (taken > run + 1e-9)
    issues.push({
      path: ['items', first, 'count'],
      message: `The contents take ${lengthMark(taken)} ${along ? 'side by side' : 'one behind another'}, and the box has ${lengthMark(run, 'most')}: it must be ${lengthMark(taken - run, 'least')} ${along ? 'wider' : 'deeper'}, or hold fewer.`,
    });
  return issues;
}

/** What ends the key of a content: its own id, and which of several alike it is. */
export const contentId = ({ content, nth }: Placed): string =>
  nth > 0 ? `${content.id}-${nth}` : content.id;

export const nameOf = ({ content, nth }: Placed): string =>
  nth > 0 ? `${content.name} ${nth}` : content.name;

/** Solid as it stands: a box, or tapered down to its base. */
export function contentPiece({ content, bounds }: Placed, frame: Frame): Convex {
  const { x, y, z } = bounds;
  const { base } = content;
  if (!base) return frame.box([x[0], y[0], z[0]], [x[1], y[1], z[1]]);
  const corners = (dx: number, dy: number, at: number): Point3[] => {
    const [mx, my] = [(x[0] + x[1]) / 2, (y[0] + y[1]) / 2];
    return [
      [mx - dx / 2, my - dy / 2, at],
      [mx + dx / 2, my - dy / 2, at],
      [mx + dx / 2, my + dy / 2, at],
      [mx - dx / 2, my + dy / 2, at],
    ];
  };
  return hull(
    [...corners(base.width.mm, base.depth.mm, z[0]), ...corners(span(x), span(y), z[1])].map(frame.toSpace),
  );
}

/** A lid is about so thick, mm. Common practice. */
const LID = 3;

/**
 * What a content opens or lifts out, as a mover of its own: where it stands with the box shut, or after the box was
 * drawn out all the way. The latter's travel goes on, past that of the box, by the way of the lid's edge or the tank.
 *
 * @param out  how the box comes out, and how far
 */
export function openers(
  contents: readonly Placed[],
  of: { readonly id: string; readonly item: string; readonly row: string },
  frame: Frame,
  out: { readonly direction: Point3; readonly travel: number },
): Mover[] {
  return contents.flatMap((one): Mover[] => {
    const { opens } = one.content;
    if (opens.kind === 'no') return [];
    const { x, y, z } = one.bounds;
    const lid = opens.kind === 'lid';
    const to = lid ? (opens.to * Math.PI) / 180 : opens.by.mm;
    const drawn = opens.when === 'drawn out';
    const end = drawn ? out.travel + (lid ? to * span(y) : to) : to;
    const joint = opensOn(one, opens, frame);
    const motion = drawn ? onceDrawnOut(joint, to, out, end) : motionOf(joint);
    const piece = lid
      ? frame.box([x[0], y[0], z[1]], [x[1], y[1], z[1] + LID])
      : frame.box([x[0], y[0], z[0]], [x[1], y[1], z[1]]);
    const id = `${of.id}.opens-${contentId(one)}`;
    const words = `${lid ? 'lid' : 'tank'} of ${nameOf(one)}${drawn ? ', drawn out' : ''}`;
    const name = capitalised(words);
    const { item, row } = of;
    return [
      {
        ...{ id, item, name, own: name, thing: of.id },
        goes: drawn ? 'along' : 'in place',
        bodies: [{ id: `${id}/${opens.kind}`, name: `the ${words}`, item, row, pieces: [piece], motion }],
        unit: lid && !drawn ? 'rad' : 'mm',
        from: 0,
        to: end,
        contacts: [],
        needs: { around: 0, row: { of: row, gap: 0 }, of: {} },
      },
    ];
  });
}

/** Seen from before it, a lid hinged at its back lifts its front edge: it turns about the way to the left. */
function opensOn({ bounds: { x, y, z } }: Placed, opens: Placed['content']['opens'], frame: Frame): Joint {
  if (opens.kind !== 'lid') return { kind: 'slide', direction: [0, 0, 1] };
  const back = opens.hinge === 'back';
  return {
    kind: 'turn',
    point: frame.toSpace([x[0], back ? y[1] : y[0], z[1]]),
    axis: frame.turn([back ? -1 : 1, 0, 0]),
  };
}

/** First out with its box, then on its own joint as far as `to`, over a travel that ends at `end`. */
function onceDrawnOut(
  joint: Joint,
  to: number,
  out: { readonly direction: Point3; readonly travel: number },
  end: number,
): Motion {
  const then = (first: number, last: number) =>
    table([
      [0, 0],
      [out.travel, first],
      [end, last],
    ]);
  return chain(
    [
      { joint: { kind: 'slide', direction: out.direction }, drive: then(out.travel, out.travel) },
      { joint, drive: then(0, to) },
    ],
    [out.travel],
  );
}
