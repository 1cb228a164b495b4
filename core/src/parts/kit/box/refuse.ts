import type { Issue } from '../../../item/issue';
import { lengthMark } from '../../../length/lengthMark';
import type { Stock } from '../../../material/stock';
import { span, type Bounds } from '../../../solid/bounds';
import { firstTrouble } from '../issues';
import { withinBox } from './box';
import type { BoxSpec } from './schema';

/** Less than this between its walls holds nothing, mm. */
const LEAST_INSIDE = 20;

/**
 * What of a box cannot be made, with the number that would do. Paths start at the part.
 *
 * @param frontThick  of a front that is the box's own, which its sides go into
 */
export function boxIssues(
  spec: BoxSpec,
  outer: Bounds,
  own: boolean,
  frontThick: number,
  stock: Stock,
): Issue[] {
  const t = stock.thickness(spec.material);
  const inner = withinBox(spec, outer, own, stock);
  if (span(inner.y) < LEAST_INSIDE)
    return one(
      ['depth'],
      `Its ends leave no room in the box. At least ${lengthMark(span(outer.y) - span(inner.y) + LEAST_INSIDE, 'least')} deep will do.`,
    );
  return firstTrouble([
    () => jointIssues(spec, own ? Math.min(t, frontThick) : t),
    () => bottomIssues(spec, outer, inner, t),
    () => notchIssues(spec, outer, inner),
    () => dividerIssues(spec, inner, stock),
  ]);
}

const one = (path: Issue['path'], message: string): Issue[] => [{ path: ['box', ...path], message }];

/** @param most  how deep a joint may go, mm */
function jointIssues({ joint }: BoxSpec, most: number): Issue[] {
  if (joint.kind !== 'butt' && joint.deep.mm >= most)
    return one(
      ['joint', 'deep'],
      `The joint would go through the side. Less than ${lengthMark(most, 'most')} will do.`,
    );
  if (joint.kind === 'lock' && joint.lip.mm >= most)
    return one(
      ['joint', 'lip'],
      `Nothing is left of the end for a tongue. A lip of less than ${lengthMark(most, 'most')} will do.`,
    );
  return [];
}

function bottomIssues({ bottom }: BoxSpec, outer: Bounds, inner: Bounds, t: number): Issue[] {
  if (bottom.kind === 'groove' || bottom.kind === 'let in') {
    if (bottom.deep.mm >= t)
      return one(
        ['bottom', 'deep'],
        `The ${bottom.kind === 'groove' ? 'groove' : 'rebate'} would go through the side. Less than ${lengthMark(t, 'most')} will do.`,
      );
  }
  if (bottom.kind !== 'none' && span(inner.z) < LEAST_INSIDE / 2) {
    const floor = inner.z[0] - outer.z[0];
    return one(
      bottom.kind === 'groove' ? ['bottom', 'up'] : ['bottom', 'material'],
      `The bottom stands ${lengthMark(floor)} up in a box ${lengthMark(span(outer.z))} high: nothing is left above it.${bottom.kind === 'groove' ? ` At most ${lengthMark(Math.max(0, span(outer.z) - LEAST_INSIDE / 2 - (floor - bottom.up.mm)), 'most')} will do.` : ''}`,
    );
  }
  if (bottom.kind === 'none' && bottom.rail.mm > span(outer.z))
    return one(
      ['bottom', 'rail'],
      `The rail is higher than the box. At most ${lengthMark(span(outer.z), 'most')} will do.`,
    );
  return [];
}

function notchIssues({ notch }: BoxSpec, outer: Bounds, inner: Bounds): Issue[] {
  if (!notch) return [];
  const wide = span(outer.x) - notch.left.mm;
  if (notch.width.mm >= span(outer.x) || notch.left.mm + notch.width.mm > span(outer.x))
    return one(
      ['notch', 'left'],
      `The notch would stand beside the box. At most ${lengthMark(Math.max(0, span(outer.x) - notch.width.mm), 'most')} will do.`,
    );
  if (wide <= 0) return one(['notch', 'left'], 'The notch would stand beside the box.');
  if (notch.depth.mm > span(inner.y) - LEAST_INSIDE)
    return one(
      ['notch', 'depth'],
      `So deep a notch goes through the front. At most ${lengthMark(Math.max(0, span(inner.y) - LEAST_INSIDE), 'most')} will do.`,
    );
  return [];
}

function dividerIssues({ dividers, notch }: BoxSpec, inner: Bounds, stock: Stock): Issue[] {
  const thin = dividers.across + dividers.along > 0 ? stock.thickness(dividers.material) : 0;
  const deep = span(inner.y) - (notch?.depth.mm ?? 0);
  for (const [key, count, whole] of [
    ['across', dividers.across, deep],
    ['along', dividers.along, span(inner.x)],
  ] as const)
    if (count > 0 && (whole - count * thin) / (count + 1) < LEAST_INSIDE)
      return one(
        ['dividers', key],
        `So many dividers leave compartments under ${lengthMark(LEAST_INSIDE)}. At most ${Math.max(0, Math.floor((whole - LEAST_INSIDE) / (LEAST_INSIDE + thin)))} will do.`,
      );
  return [];
}
