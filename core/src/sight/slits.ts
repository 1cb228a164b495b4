import { middleOfPolygon, narrowest, subtracted, withinEdge, type Polygon } from '../solid/polygon';
import type { Point2, Point3 } from '../solid/prism';
import { onPlane, type Shadow, type View } from './view';

/** A solid that stands in sight: the id of what it is of, and the shadow it throws. */
export interface Screen {
  readonly id: string;
  readonly shadow: Shadow;
}

/** What narrower than this is seen of a plane is nothing, mm on it. */
const SLIVER = 0.05;
const TOUCHING = 1e-3;

/**
 * What of flat convex pieces an eye sees past all that stands before them: convex pieces again, exact but for slivers.
 *
 * @param sliver  what is no wider on the plane is left out, mm
 */
export function seenPast(
  pieces: readonly Polygon[],
  screens: readonly (Shadow | Screen)[],
  sliver = SLIVER,
): Polygon[] {
  let left = pieces.filter((piece) => piece.length >= 3);
  if (left.length === 0) return left;
  // What hides most comes first: little is left for the rest.
  const order = screens.map((one) => ('shadow' in one ? one.shadow : one)).sort((a, b) => b.area - a.area);
  for (const { hides } of order) {
    if (left.length === 0) return left;
    left = subtracted(left, hides, sliver);
  }
  return left;
}

/** One slit through which it is seen. */
export interface Slit {
  readonly pieces: readonly Polygon[];
  /** Where, on the plane and in the space; its widest across, told on the plane and where it is passed, mm; and how long it is there. */
  readonly at: Point2;
  readonly place: Point3;
  readonly wide: number;
  readonly passed: number;
  readonly long: number;
  /** What it lies between, by its ids: none where it runs out past the target. */
  readonly between: readonly string[];
  /** Behind what bounds it nearest, a strip that laps over so much closes it, mm. */
  readonly lap: number;
}

/** What is seen as slits, the widest first: pieces that hang together are one. */
export function slitsOf(view: View, pieces: readonly Polygon[], screens: readonly Screen[]): Slit[] {
  return together(pieces)
    .map((group) => slitOf(view, group, screens))
    .sort((a, b) => b.passed - a.passed);
}

function slitOf(view: View, group: readonly Polygon[], screens: readonly Screen[]): Slit {
  // Where it is widest as one would measure it: of each piece straight across what hangs together there, the shorter way.
  const widest = group
    .map((piece) => acrossAt(group, piece))
    .reduce((one, other) => (other.wide > one.wide ? other : one));
  const { across, middle, way, wide } = widest;
  const half = wide / 2 + 2 * SLIVER;
  const beside = [-half, half].map((off) => boundedBy(screens, shifted(across, way, off)));
  const found = beside.flatMap((screen) => screen ?? []);
  const nearest = found.length > 0 ? Math.min(...found.map(({ shadow }) => shadow.nearest)) : view.off;
  const behind = found.length > 0 ? Math.min(...found.map(({ shadow }) => shadow.farthest)) : view.off;
  const scale = nearest / view.off;
  return {
    pieces: group,
    at: middle,
    place: onPlane(view, middle),
    wide,
    passed: wide * scale,
    long: widest.long * scale,
    between: found.map(({ id }) => id),
    lap: (wide * behind) / view.off,
  };
}

const shifted = ([x, y]: Point2, [dx, dy]: Point2, by: number): Point2 => [x + dx * by, y + dy * by];

/** Through a piece both ways: the shorter is how wide it is there. */
function acrossAt(group: readonly Polygon[], piece: Polygon) {
  const { way } = narrowest(piece);
  const at = middleOfPolygon(piece);
  const chords = [way, [-way[1], way[0]] as const].map((one) => ({ way: one, ends: chord(group, at, one) }));
  const [short, long] = chords.sort((a, b) => spanOf(a.ends) - spanOf(b.ends)) as [
    (typeof chords)[number],
    (typeof chords)[number],
  ];
  const across = shifted(at, short.way, (short.ends[0] + short.ends[1]) / 2);
  return {
    way: short.way,
    wide: spanOf(short.ends),
    long: spanOf(long.ends),
    across,
    middle: shifted(across, long.way, (long.ends[0] + long.ends[1]) / 2),
  };
}
const spanOf = ([from, to]: readonly [number, number]): number => to - from;

/** How far a line runs on through pieces that hang together, from a place in one of them, both ways. */
function chord(group: readonly Polygon[], from: Point2, way: Point2): readonly [number, number] {
  const spans = group.flatMap((piece): (readonly [number, number])[] => {
    const span = through(piece, from, way);
    return span ? [span] : [];
  });
  let [low, high] = [0, 0];
  for (let grown = true; grown;) {
    grown = false;
    for (const [a, b] of spans) {
      if (a > high + TOUCHING || b < low - TOUCHING || (a >= low && b <= high)) continue;
      [low, high] = [Math.min(low, a), Math.max(high, b)];
      grown = true;
    }
  }
  return [low, high];
}

/** The stretch of a line within a convex polygon. */
function through(piece: Polygon, [x, y]: Point2, [dx, dy]: Point2): readonly [number, number] | undefined {
  let [low, high] = [-Infinity, Infinity];
  for (const [i, from] of piece.entries()) {
    const within = withinEdge(from, piece[(i + 1) % piece.length]!);
    const [at, next] = [within([x, y]), within([x + dx, y + dy])];
    const rate = next - at;
    if (Math.abs(rate) < 1e-12) {
      if (at < -TOUCHING) return undefined;
      continue;
    }
    const meets = -at / rate;
    if (rate > 0) low = Math.max(low, meets);
    else high = Math.min(high, meets);
  }
  return high > low ? [low, high] : undefined;
}

/** What hides a place, the nearest to the eye. */
function boundedBy(screens: readonly Screen[], at: Point2): Screen | undefined {
  let nearest: Screen | undefined;
  for (const screen of screens)
    if ((!nearest || screen.shadow.nearest < nearest.shadow.nearest) && contains(screen.shadow.hides, at))
      nearest = screen;
  return nearest;
}

const contains = (polygon: Polygon, at: Point2): boolean =>
  polygon.every((from, i) => withinEdge(from, polygon[(i + 1) % polygon.length]!)(at) >= -TOUCHING);

/** Pieces by what hangs together: along an edge, not at a corner alone. */
function together(pieces: readonly Polygon[]): Polygon[][] {
  const left = new Set(pieces);
  const groups: Polygon[][] = [];
  for (const first of pieces) {
    if (!left.delete(first)) continue;
    const group = [first];
    for (const one of group)
      for (const other of left)
        if (shareEdge(one, other)) {
          left.delete(other);
          group.push(other);
        }
    groups.push(group);
  }
  return groups;
}

function shareEdge(a: Polygon, b: Polygon): boolean {
  return a.some((from, i) => {
    const to = a[(i + 1) % a.length]!;
    const within = withinEdge(from, to);
    const long = Math.hypot(to[0] - from[0], to[1] - from[1]);
    const along = ([x, y]: Point2) => ((x - from[0]) * (to[0] - from[0]) + (y - from[1]) * (to[1] - from[1])) / long;
    return b.some((p, j) => {
      const q = b[(j + 1) % b.length]!;
      if (Math.abs(within(p)) > TOUCHING || Math.abs(within(q)) > TOUCHING) return false;
      const [s, t] = [along(p), along(q)];
      return Math.min(long, Math.max(s, t)) - Math.max(0, Math.min(s, t)) > SLIVER;
    });
  });
} // prettier-ignore
