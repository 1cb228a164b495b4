import type { Point2 } from './prism';

/** Convex polygons of a plane: counter-clockwise outlines without points that are the same or in line; empty where nothing is left. */
export type Polygon = readonly Point2[];

const SAME = 1e-6;

/** An outline without points that are the same as the next, or in line with those beside them. */
export function tidy(outline: Polygon): Point2[] {
  const apart: Point2[] = [];
  outline.forEach((at, i) => {
    const next = outline[(i + 1) % outline.length]!;
    if (Math.abs(next[0] - at[0]) > SAME || Math.abs(next[1] - at[1]) > SAME) apart.push(at);
  });
  const corners: Point2[] = [];
  apart.forEach((at, i) => {
    const [from, to] = [apart[(i || apart.length) - 1]!, apart[(i + 1) % apart.length]!];
    const [dx, dy] = [to[0] - from[0], to[1] - from[1]];
    const across = (at[0] - from[0]) * dy - (at[1] - from[1]) * dx;
    if (across > SAME * Math.sqrt(dx * dx + dy * dy)) corners.push(at);
  });
  return corners.length < 3 ? [] : corners;
}

/** What of a convex outline lies on the inner side of a line; `inside` is linear, and above 0 there. */
export function clipped(outline: Polygon, inside: (point: Point2) => number): Point2[] {
  const kept: Point2[] = [];
  const last = outline.at(-1);
  if (!last) return kept;
  let [from, at] = [last, inside(last)];
  for (const to of outline) {
    const next = inside(to);
    if ((at > 0 && next < 0) || (at < 0 && next > 0)) {
      const share = at / (at - next);
      kept.push([from[0] + share * (to[0] - from[0]), from[1] + share * (to[1] - from[1])]);
    }
    if (next >= 0) kept.push(to);
    [from, at] = [to, next];
  }
  return tidy(kept);
}

/** How far within the edge from one point to the next of a counter-clockwise outline a place lies. */
export function withinEdge(from: Point2, to: Point2): (point: Point2) => number {
  const long = Math.hypot(to[0] - from[0], to[1] - from[1]);
  const [nx, ny] = [-(to[1] - from[1]) / long, (to[0] - from[0]) / long];
  return ([x, y]) => (x - from[0]) * nx + (y - from[1]) * ny;
}

/** A convex outline with each of its edges moved in by so much. */
export function inset(outline: Polygon, by: (from: Point2, to: Point2) => number): Point2[] {
  return outline.reduce<Point2[]>(
    (left, from, i) => {
      const to = outline[(i + 1) % outline.length]!;
      const [within, off] = [withinEdge(from, to), by(from, to)];
      return clipped(left, (point) => within(point) - off);
    },
    [...outline],
  );
}

/** What two convex polygons share. */
export const overlap = (one: Polygon, other: Polygon): Polygon =>
  other.reduce<Polygon>(
    (left, from, i) =>
      left.length === 0 ? left : clipped(left, withinEdge(from, other[(i + 1) % other.length]!)),
    one,
  );

/**
 * What of convex polygons lies outside another: convex again, and together all of it but for slivers.
 *
 * @param sliver  pieces no wider than this are let go of
 */
export function subtracted(polygons: readonly Polygon[], hole: Polygon, sliver: number): Polygon[] {
  if (hole.length < 3) return [...polygons];
  const about = boxAbout(hole);
  return polygons.flatMap((polygon): Polygon[] => {
    if (boxesApart(boxAbout(polygon), about)) return [polygon];
    // Beside any of its edges it lies outside as it is: most do, and nothing is cut.
    const cuts: ((point: Point2) => number)[] = [];
    for (const [i, from] of hole.entries()) {
      const within = withinEdge(from, hole[(i + 1) % hole.length]!);
      let [least, most] = [Infinity, -Infinity];
      for (const point of polygon) {
        const at = within(point);
        if (at < least) least = at;
        if (at > most) most = at;
      }
      if (most <= 0) return [polygon];
      if (least < 0) cuts.push(within);
    }
    const outside: Polygon[] = [];
    let left: Polygon = polygon;
    for (const within of cuts) {
      const beyond = clipped(left, (point) => -within(point));
      left = clipped(left, within);
      if (beyond.length > 0) outside.push(beyond);
      // What only lies beside it stays in one.
      if (left.length === 0) return [polygon];
    }
    return outside.filter((one) => widthOf(one) > sliver);
  });
}

/** From the least to the greatest along both axes. */
type Box = readonly [number, number, number, number];
export function boxAbout(polygon: Polygon): Box {
  let [x0, y0, x1, y1] = [Infinity, Infinity, -Infinity, -Infinity];
  for (const [x, y] of polygon) {
    if (x < x0) x0 = x;
    if (x > x1) x1 = x;
    if (y < y0) y0 = y;
    if (y > y1) y1 = y;
  }
  return [x0, y0, x1, y1];
}
export const boxesApart = (a: Box, b: Box): boolean =>
  a[0] >= b[2] || b[0] >= a[2] || a[1] >= b[3] || b[1] >= a[3];

/** The way across a convex polygon is narrowest, a unit vector, and how wide it is there. */
export function narrowest(polygon: Polygon): { readonly way: Point2; readonly wide: number } {
  let best: { way: Point2; wide: number } = { way: [1, 0], wide: Infinity };
  polygon.forEach((from, i) => {
    const to = polygon[(i + 1) % polygon.length]!;
    const within = withinEdge(from, to);
    const wide = Math.max(...polygon.map(within));
    const long = Math.hypot(to[0] - from[0], to[1] - from[1]);
    if (wide < best.wide) best = { way: [-(to[1] - from[1]) / long, (to[0] - from[0]) / long], wide };
  });
  return best;
}

/** @source the least width of a convex polygon is square to one of its edges: Houle and Toussaint 1988 */
export const widthOf = (polygon: Polygon): number => narrowest(polygon).wide;

/** The middle of its corners: within it. */
export const middleOfPolygon = (polygon: Polygon): Point2 => [
  polygon.reduce((sum, [x]) => sum + x, 0) / polygon.length,
  polygon.reduce((sum, [, y]) => sum + y, 0) / polygon.length,
];

/** @source the monotone chain, Andrew 1979 */
export function hullOf(points: readonly Point2[]): Point2[] {
  const sorted = [...points].sort((a, b) => a[0] - b[0] || a[1] - b[1]);
  const half = (list: readonly Point2[]): Point2[] => {
    const chain: Point2[] = [];
    for (const point of list) {
      while (chain.length >= 2) {
        const [a, b] = [chain.at(-2)!, chain.at(-1)!];
        if ((b[0] - a[0]) * (point[1] - a[1]) - (b[1] - a[1]) * (point[0] - a[0]) > 0) break;
        chain.pop();
      }
      chain.push(point);
    }
    return chain.slice(0, -1);
  };
  return tidy([...half(sorted), ...half(sorted.reverse())]);
}
