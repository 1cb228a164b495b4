import type { Carcass } from '../carcass/schema';
import { boundsIn } from '../piece/boundsIn';
import type { Piece } from '../piece/piece';
import { frameOf } from '../item/frame';
import type { Bounds } from '../solid/bounds';
import type { Point3 } from '../solid/prism';

/** Boards whose feet are within so much of the lowest stand with it, mm. */
const LEVEL = 1;

/** What a carcass stands on, in its frame, mm: about all that reaches its foot. */
export function footOfCarcass(carcass: Carcass, pieces: readonly Piece[]): Bounds {
  const frame = frameOf(carcass);
  const all = pieces.flatMap(({ solids }) => {
    const bounds = solids.length > 0 ? boundsIn(frame, { pieces: solids }) : undefined;
    return bounds ? [bounds] : [];
  });
  const low = Math.min(...all.map(({ z }) => z[0]));
  const feet = all.filter(({ z }) => z[0] <= low + LEVEL);
  const about = (axis: 'x' | 'y'): [number, number] => [
    Math.min(...feet.map((one) => one[axis][0])),
    Math.max(...feet.map((one) => one[axis][1])),
  ];
  return { x: about('x'), y: about('y'), z: [low, low + LEVEL] };
}

/** An edge of a foot that something may go over: what it is called, the way out over it, and how far out along that it lies, mm. */
export interface FootEdge {
  readonly words: 'front' | 'back' | 'left side' | 'right side';
  readonly out: Point3;
  readonly at: number;
}

/** The four of a carcass's, in the space. */
export function edgesOfFoot(carcass: Carcass, { x, y, z }: Bounds): FootEdge[] {
  const frame = frameOf(carcass);
  const edge = (words: FootEdge['words'], looks: Point3, corner: Point3): FootEdge => {
    const out = frame.turn(looks);
    const point = frame.toSpace(corner);
    return { words, out, at: out[0] * point[0] + out[1] * point[1] };
  };
  return [
    edge('front', [0, -1, 0], [x[0], y[0], z[0]]),
    edge('back', [0, 1, 0], [x[0], y[1], z[0]]),
    edge('left side', [-1, 0, 0], [x[0], y[0], z[0]]),
    edge('right side', [1, 0, 0], [x[1], y[0], z[0]]),
  ];
}
