import type { Convex } from '../solid/convex';
import type { Point3 } from '../solid/prism';
import { dot, less } from '../solid/vector';
import type { Range } from '../solid/bounds';
import type { Lie } from './piece';
import type { Side, Work } from './work';

const AXES = ['length', 'width', 'thick'] as const;
type AlongPiece = (typeof AXES)[number];
const ENDS: Readonly<Record<AlongPiece, readonly [Side, Side]>> = {
  length: ['start', 'end'],
  width: ['left', 'right'],
  thick: ['face', 'back'],
};
/** A slant is worked from the side it is square to; one across all three from the face. */
const FROM: Readonly<Record<AlongPiece, Side>> = { length: 'start', width: 'left', thick: 'face' };
/** A direction that goes along an axis by less than this does not. */
const NONE = 1e-9;
/** What is cut off by less than this is a corner in another place, mm. */
const LEAST = 1e-6;

/** A slant without its key: the piece's own is put before it. */
type Slant = Pick<Work, 'side' | 'region'> & Required<Pick<Work, 'corner'>> & { readonly kind: 'slant' };

/**
 * What is cut off a board on a slant to make a convex solid of it: of each of its faces that is square to none of the
 * board's axes, the corner of the board that lies beyond it. A plane that slants across two of them takes a wedge off
 * where two sides meet; across all three, a pyramid where three do, and its legs may run on past the board.
 *
 * @param size  of the box the solid fills, mm, as `lie` counts it
 */
export function slantsOf(
  { corners, faces }: Convex,
  lie: Lie,
  size: Readonly<Record<AlongPiece, number>>,
): Slant[] {
  const at = (i: number): Point3 => {
    const from = less([corners[3 * i]!, corners[3 * i + 1]!, corners[3 * i + 2]!], lie.origin);
    return AXES.map((axis) => dot(from, lie[axis])) as unknown as Point3;
  };
  const found = faces.flatMap((face): Slant[] => {
    const normal = normalOf(face.map(at));
    const steps = AXES.map((axis, k) => ({ axis, step: normal[k]! }));
    const across = steps.filter(({ step }) => Math.abs(step) > NONE);
    const outside = steps.map(({ axis, step }) => (step > NONE ? size[axis] : 0)) as unknown as Point3;
    const over = dot(normal, outside) - dot(normal, at(face[0]!));
    if (across.length < 2 || over < LEAST) return [];
    const region: Record<AlongPiece, Range> = {
      length: [0, size.length],
      width: [0, size.width],
      thick: [0, size.thick],
    };
    for (const { axis, step } of across) {
      const leg = over / Math.abs(step);
      region[axis] = step > 0 ? [size[axis] - leg, size[axis]] : [0, leg];
    }
    const through = AXES.find((axis) => across.every((one) => one.axis !== axis)) ?? 'thick';
    const corner = across.map(({ axis, step }) => ENDS[axis][step > 0 ? 1 : 0]);
    return [{ kind: 'slant', side: FROM[through], region, corner }];
  });
  // A plane of a hull may come as several faces.
  return found.filter((slant, i) => found.findIndex((other) => isSame(slant, other)) === i);
}

const isSame = (a: Slant, b: Slant) =>
  a.corner.join() === b.corner.join() &&
  AXES.every((axis) => [0, 1].every((end) => Math.abs(a.region[axis][end]! - b.region[axis][end]!) < LEAST));

/** Of a face whose corners go round it, by the sum of its fan: long faces and short ones alike. */
function normalOf(face: readonly Point3[]): Point3 {
  const sum: [number, number, number] = [0, 0, 0];
  face.forEach((a, i) => {
    const b = face[(i + 1) % face.length]!;
    sum[0] += (a[1] - b[1]) * (a[2] + b[2]);
    sum[1] += (a[2] - b[2]) * (a[0] + b[0]);
    sum[2] += (a[0] - b[0]) * (a[1] + b[1]);
  });
  const long = Math.hypot(...sum);
  return [sum[0] / long, sum[1] / long, sum[2] / long];
}
