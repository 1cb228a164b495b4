import type { Frame } from '../item/frame';
import type { Bounds, Range } from '../solid/bounds';
import type { Point3 } from '../solid/prism';
import type { Lie } from './piece';
import { alongOf, type Region, type Side } from './work';

/** A direction of the frame a piece is laid in. */
export type Axis = 'x' | '-x' | 'y' | '-y' | 'z' | '-z';

/** The ways a piece's length and its width go in its frame; its thickness goes the way that makes them right-handed. */
export type Way = readonly [length: Axis, width: Axis];

const UNIT: Readonly<Record<Axis, Point3>> = {
  x: [1, 0, 0],
  '-x': [-1, 0, 0],
  y: [0, 1, 0],
  '-y': [0, -1, 0],
  z: [0, 0, 1],
  '-z': [0, 0, -1],
};
const NAMES = ['x', 'y', 'z'] as const;
const nameOf = (axis: Axis) => axis.charAt(axis.length - 1) as 'x' | 'y' | 'z';
const backward = (axis: Axis) => axis.length > 1;

function crossed([a, b, c]: Point3, [d, e, f]: Point3): Point3 {
  return [b * f - c * e, c * d - a * f, a * e - b * d];
}

/** The way a piece's thickness goes, from its face to its back. Throws where length and width go one way. */
function thicknessWay([length, width]: Way): Axis {
  const across = crossed(UNIT[length], UNIT[width]);
  const i = across.findIndex((step) => step !== 0);
  if (i < 0) throw new Error('A piece cannot be as long as it is wide along one axis.');
  return across[i]! > 0 ? NAMES[i]! : `-${NAMES[i]!}`;
}

/** The axis of the frame that a side of a piece faces along. */
export function frameAxis(way: Way, side: Side): 'x' | 'y' | 'z' {
  const along = alongOf(side);
  return nameOf(along === 'length' ? way[0] : along === 'width' ? way[1] : thicknessWay(way));
}

/** The side of a piece that looks a way in the frame it is laid in. */
export function sideTowards(way: Way, axis: Axis): Side {
  const sides: readonly (readonly [Axis, Side, Side])[] = [
    [way[0], 'start', 'end'],
    [way[1], 'left', 'right'],
    [thicknessWay(way), 'face', 'back'],
  ];
  const found = sides.find(([one]) => nameOf(one) === nameOf(axis))!;
  return found[0] === axis ? found[2] : found[1];
}

/** Where a piece stands that fills a box of a frame and lies a way in it. */
export function lieIn(frame: Frame, bounds: Bounds, way: Way): Lie {
  const axes = [way[0], way[1], thicknessWay(way)];
  const corner: [number, number, number] = [0, 0, 0];
  for (const axis of axes) {
    const range = bounds[nameOf(axis)];
    corner[NAMES.indexOf(nameOf(axis))] = range[backward(axis) ? 1 : 0];
  }
  const [length, width, thick] = axes.map((axis) => frame.turn(UNIT[axis])) as [Point3, Point3, Point3];
  return { origin: frame.toSpace(corner), length, width, thick };
}

/** A box of the frame as a region of a piece that fills `whole` of it. */
export function regionIn(whole: Bounds, way: Way, box: Bounds): Region {
  const along = (axis: Axis): Range => {
    const [from, to] = box[nameOf(axis)];
    const all = whole[nameOf(axis)];
    return backward(axis) ? [all[1] - to, all[1] - from] : [from - all[0], to - all[0]];
  };
  return { length: along(way[0]), width: along(way[1]), thick: along(thicknessWay(way)) };
}

/** Where a place of a piece is in the space: along its length, across and down from its face, mm. */
export function toSpace({ origin, length, width, thick }: Lie, [l, w, t]: Point3): Point3 {
  const at = (i: 0 | 1 | 2) => origin[i] + l * length[i] + w * width[i] + t * thick[i];
  return [at(0), at(1), at(2)];
}

/** Where a place of the space is along an axis of a frame, mm. */
export function alongFrame(frame: Frame, place: Point3, axis: 'x' | 'y' | 'z'): number {
  const origin = frame.toSpace([0, 0, 0]);
  return frame.turn(UNIT[axis]).reduce((sum, step, i) => sum + step * (place[i]! - origin[i]!), 0);
}
