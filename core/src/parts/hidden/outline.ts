import type { Point2 } from '../../solid/prism';
import type { Relief } from './schema';

/** A round corner is cut along so many flats about its arc: no wood of it is left out. */
const FLATS = 6;

/** What of its ends is taken off: so far along it and so deep, at the face that leads as it opens. */
export interface CutEnd {
  readonly along: number;
  readonly deep: number;
  readonly round: boolean;
}

/** A relief as a cut of one end; undefined where nothing is taken off. */
export function cutOf(relief: Relief, deep: number): CutEnd | undefined {
  switch (relief.kind) {
    case 'none':
      return undefined;
    case 'cut':
      return { along: relief.along.mm, deep: relief.deep.mm, round: false };
    case 'round':
      return { along: relief.radius.mm, deep: relief.radius.mm, round: true };
    case 'slope':
      return { along: relief.along.mm, deep, round: false };
  }
}

/** The line of a cut end from its outer point to the one on the leading face: u along the leaf from that end, v back from the leading face, mm. */
export function cutLine({ along, deep, round }: CutEnd): Point2[] {
  if (!round) return [[0, deep], [along, 0]];
  // Tangents about the arc: its outline contains it.
  const step = Math.PI / 2 / FLATS;
  const out = 1 / Math.cos(step / 2);
  const at = (angle: number, times: number): Point2 => [
    along * (1 - times * Math.cos(angle)),
    deep * (1 - times * Math.sin(angle)),
  ];
  return [
    [0, deep],
    ...Array.from({ length: FLATS }, (_, i) => at((i + 0.5) * step, out)),
    [along, 0],
  ];
} // prettier-ignore

/**
 * A leaf's plan: u along it from its hinge edge, v back from its leading face, mm, counter-clockwise with u to the right and v up.
 *
 * @param both  its free end is cut alike
 */
export function planOutline(wide: number, deep: number, cut: CutEnd | undefined, both: boolean): Point2[] {
  const near = cut ? cutLine(cut) : [[0, 0] as const];
  const far = cut && both ? cutLine(cut).map(([u, v]): Point2 => [wide - u, v]).reverse() : [[wide, 0] as const]; // prettier-ignore
  // A sloped end reaches the back corner itself.
  return tidy([...near, ...far, [wide, deep], [0, deep]]);
}

const SAME = 1e-6;
/** An outline without points that are the same as the next, or in line with those beside them; empty where nothing of it is left. */
function tidy(outline: readonly Point2[]): Point2[] {
  const apart = outline.filter((at, i) => {
    const next = outline[(i + 1) % outline.length]!;
    return Math.hypot(next[0] - at[0], next[1] - at[1]) > SAME;
  });
  const corners = apart.filter((at, i) => {
    const [from, to] = [apart.at(i - 1)!, apart[(i + 1) % apart.length]!];
    const across = (at[0] - from[0]) * (to[1] - at[1]) - (at[1] - from[1]) * (to[0] - at[0]);
    return across > SAME * Math.hypot(to[0] - from[0], to[1] - from[1]);
  });
  return corners.length < 3 ? [] : corners;
}

/** A convex outline less all that lies beyond a line; counter-clockwise. `inside` is above 0 within. */
export function clipped(outline: readonly Point2[], inside: (point: Point2) => number): Point2[] {
  const kept = outline.flatMap((at, i): Point2[] => {
    const next = outline[(i + 1) % outline.length]!;
    const [from, to] = [inside(at), inside(next)];
    const left: Point2[] = from >= 0 ? [at] : [];
    if ((from > 0 && to < 0) || (from < 0 && to > 0)) {
      const share = from / (from - to);
      left.push([at[0] + share * (next[0] - at[0]), at[1] + share * (next[1] - at[1])]);
    }
    return left;
  });
  return tidy(kept);
}

/** A convex outline, counter-clockwise, with each of its edges that `by` gives a length moved in by that. */
export function inset(outline: readonly Point2[], by: (from: Point2, to: Point2) => number): Point2[] {
  return outline.reduce<Point2[]>((left, from, i) => {
    const to = outline[(i + 1) % outline.length]!;
    const long = Math.hypot(to[0] - from[0], to[1] - from[1]);
    const off = by(from, to);
    const inward: Point2 = [-(to[1] - from[1]) / long, (to[0] - from[0]) / long];
    return clipped(left, ([u, v]) => (u - from[0]) * inward[0] + (v - from[1]) * inward[1] - off);
  }, [...outline]);
} // prettier-ignore
