import { omitKey } from '../item/omitKey';
import { outlineFault, signedArea } from '../solid/outline';
import type { Point2 } from '../solid/prism';
import { wallSentence, type Corner, type Space } from './schema';
import { sideOf } from '../item/ground';

/** One wall of a space as seen from above, the room to its left. */
export interface Wall {
  /** Of its first corner; `south`, `east`, `north`, `west` in a plain room. */
  readonly id: string;
  /** As it reads in a sentence: "the north wall". */
  readonly name: string;
  readonly from: Point2;
  readonly to: Point2;
  readonly length: number;
  /** Unit vectors along it, and out of the room. */
  readonly along: Point2;
  readonly out: Point2;
}

/** The corners of a space, counter-clockwise; of a plain room its four, from the south-west. */
export function cornersOf({ width, depth, outline }: Space): readonly Corner[] {
  if (outline) return outline;
  const at = (id: string, x: number, y: number): Corner => ({ id, x: { mm: x }, y: { mm: y } });
  const [w, d] = [width.mm, depth.mm];
  return [at('south', 0, 0), at('east', w, 0), at('north', w, d), at('west', 0, d)];
}

/** The walls of a space, named by the way they lie; those that lie the same way are numbered in their order. */
export function wallsOf(space: Space): Wall[] {
  const points = cornersOf(space).map(({ id, x, y }) => ({ id, at: [x.mm, y.mm] as Point2 }));
  const turned = signedArea(points.map(({ at }) => at)) < 0 ? [...points].reverse() : points;
  // Reversed, a wall runs from what was its end: it keeps the id of the corner it was given by.
  const ids =
    turned === points
      ? points.map(({ id }) => id)
      : turned.map((_, i) => turned[(i + 1) % turned.length]!.id);
  const walls = turned.map(({ at }, i) => {
    const to = turned[(i + 1) % turned.length]!.at;
    const length = Math.hypot(to[0] - at[0], to[1] - at[1]);
    const along: Point2 = [(to[0] - at[0]) / length, (to[1] - at[1]) / length];
    return { id: ids[i]!, from: at, to, length, along, out: [along[1], -along[0]] as Point2 };
  });
  const lies = walls.map(({ out }) => sideOf(out));
  return walls.map((wall, i) => {
    const same = lies.filter((way) => way === lies[i]).length;
    const number = same > 1 ? ` ${lies.slice(0, i + 1).filter((way) => way === lies[i]).length}` : '';
    return { ...wall, name: `the ${lies[i]} wall${number}` };
  });
}

/** One run along a wall and the turn at its end, degrees, left positive; walking with the wall to the right, most turns are left. */
export interface Run {
  readonly mm: number;
  readonly turn: number;
}

export type OutlineMade =
  | { readonly ok: true; readonly corners: readonly Corner[]; readonly missed: number }
  | { readonly ok: false; readonly message: string; readonly at: number };

/** A round of runs may miss its start by this share of its length before something in it must be wrong. */
const MISS = 0.02;

/**
 * The outline that runs and turns make, begun eastward. What the round misses its start by is shared among the corners
 * by the way walked up to each, as a surveyor's traverse is closed.
 *
 * @returns the corners, and by how much the round missed, mm; or the run that is wrong
 * @source Bowditch's rule for closing a traverse; any surveying text
 */
export function outlineOfRuns(runs: readonly Run[]): OutlineMade {
  if (runs.length < 3) return { ok: false, message: 'An outline needs three runs or more.', at: runs.length };
  const short = runs.findIndex(({ mm }) => !(mm > 0));
  if (short >= 0) return { ok: false, message: 'A run must be longer than 0.', at: short };
  let [x, y, heading, walked] = [0, 0, 0, 0];
  const reached = runs.map(({ mm, turn }) => {
    x += mm * Math.cos(heading);
    y += mm * Math.sin(heading);
    walked += mm;
    heading += (turn * Math.PI) / 180;
    return { x, y, walked };
  });
  const missed = Math.hypot(x, y);
  if (missed > MISS * walked)
    return {
      ok: false,
      message: `The runs end ${missed.toFixed(0)} mm from where they began: a run or a turn is wrong or missing.`,
      at: runs.length - 1,
    };
  const points = reached.map((at): Point2 => [
    at.x - (x * at.walked) / walked,
    at.y - (y * at.walked) / walked,
  ]);
  return outlineOfPoints([[0, 0], ...points.slice(0, -1)], missed);
}

/** An outline through points in their order, shifted so that it begins at 0; or which wall crosses another. */
export function outlineOfPoints(points: readonly Point2[], missed = 0): OutlineMade {
  const fault = outlineFault(points);
  if (fault) return { ok: false, message: wallSentence(fault.message, fault.at), at: fault.at };
  const [least, least2] = [0, 1].map((axis) => Math.min(...points.map((point) => point[axis]!))) as [
    number,
    number,
  ];
  const round = signedArea(points) > 0 ? points : [...points].reverse();
  const corners = round.map(([px, py], i): Corner => ({
    id: `c${i + 1}`,
    x: { mm: tidy(px - least) },
    y: { mm: tidy(py - least2) },
  }));
  return { ok: true, corners, missed };
}

/** To a thousandth: a wall is not known finer, and a right angle's cosine is not 6e-17 of its length. */
const tidy = (mm: number): number => Math.round(mm * 1000) / 1000 + 0;

/** A space with another outline, its box as wide and deep as that; a rectangle along the axes needs none. */
export function withOutline(space: Space, corners: readonly Corner[]): Space {
  const rest = omitKey(space, 'outline');
  const [xs, ys] = [corners.map(({ x }) => x.mm), corners.map(({ y }) => y.mm)];
  const [left, low] = [Math.min(...xs), Math.min(...ys)];
  const size = { width: { mm: tidy(Math.max(...xs) - left) }, depth: { mm: tidy(Math.max(...ys) - low) } };
  const kept = (key: 'width' | 'depth') =>
    Math.abs(space[key].mm - size[key].mm) < 1e-6 ? space[key] : size[key];
  const box = { ...rest, width: kept('width'), depth: kept('depth') };
  const plain =
    corners.length === 4 &&
    cornersOf(box).every((corner) =>
      corners.some(
        ({ x, y }) => Math.abs(x.mm - left - corner.x.mm) < 1e-6 && Math.abs(y.mm - low - corner.y.mm) < 1e-6,
      ),
    );
  if (plain) return box;
  const put = (mm: number, from: number) => ({ mm: tidy(mm - from) });
  return { ...box, outline: corners.map(({ id, x, y }) => ({ id, x: put(x.mm, left), y: put(y.mm, low) })) };
}

/** A space whose box is given another size along an axis: the walls at its far side go along, what is nearer stays. */
export function resized(space: Space, field: 'width' | 'depth' | 'height', length: Space['width']): Space {
  const { outline } = space;
  if (!outline || field === 'height') return { ...space, [field]: length };
  const axis = field === 'width' ? 'x' : 'y';
  const far = space[field].mm;
  return {
    ...space,
    [field]: length,
    outline: outline.map((corner) =>
      Math.abs(corner[axis].mm - far) < 1e-6 ? { ...corner, [axis]: { mm: length.mm } } : corner,
    ),
  };
}

/** Each wall as a run and the turn at its end, as they would be typed. */
export function runsOf(space: Space): { readonly wall: Wall; readonly turn: number }[] {
  const walls = wallsOf(space);
  return walls.map((wall, i) => {
    const next = walls[(i + 1) % walls.length]!.along;
    const [ux, uy] = wall.along;
    const turn = (Math.atan2(ux * next[1] - uy * next[0], ux * next[0] + uy * next[1]) * 180) / Math.PI;
    return { wall, turn };
  });
}
