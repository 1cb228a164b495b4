import type { Range } from '../solid/bounds';
import type { Point3 } from '../solid/prism';
import { frameOf, type Frame, type Fronted } from './frame';
import type { Side } from './schema';

/** A flat place that something may be mounted on, as it stands with everything shut. */
export interface Ground {
  /** What of its host it is: "edge front", "face inside". */
  readonly key: string;
  /** As it reads in a sentence: "the front edge of the top". */
  readonly words: string;
  /** Its left foot for who stands before it, and where it looks. */
  readonly at: Fronted;
  /** How far it goes from there to the right, back into what it belongs to, and up, mm. */
  readonly size: Point3;
  /** The link it is part of, by its key; undefined where that does not move. */
  readonly link?: string;
  /** Where it is a face of a leaf that turns on an upright axis: what that must know which is hung on it. */
  readonly leaf?: TurningLeaf;
}

/** A leaf on an upright axis, as who stands before one of its faces sees it, mm. */
export interface TurningLeaf {
  /** Where its hinges are. */
  readonly side: 'left' | 'right';
  /** Its axis, along from the face's left foot and out before the face. */
  readonly axis: { readonly along: number; readonly out: number };
  /** It opens towards who stands there. */
  readonly towards: boolean;
  readonly thick: number;
  readonly core?: 'solid' | 'hollow' | undefined;
  /** What stands out of the face to open it by: along and up from its left foot. */
  readonly handle?: { readonly along: Range; readonly up: Range; readonly out: number } | undefined;
}

/** The way a direction in the space points: the nearest of the four. */
export function sideOf([x, y]: readonly [number, number, ...number[]]): Side {
  if (Math.abs(x) > Math.abs(y)) return x > 0 ? 'east' : 'west';
  return y > 0 ? 'north' : 'south';
}

/** A place in another's frame, looking along a direction of that frame. */
export function frontedAt(frame: Frame, foot: Point3, looks: Point3): Fronted {
  const [x, y, z] = frame.toSpace(foot);
  return { x: { mm: x }, y: { mm: y }, z: { mm: z }, faces: sideOf(frame.turn(looks)) };
}

/** The four edges of a board that lies level, given by its least and greatest corner in its frame. */
export function edgesOf(
  frame: Frame,
  [x0, y0, z0]: Point3,
  [x1, y1, z1]: Point3,
  words: string,
  link?: string,
): Ground[] {
  const [wide, deep, high] = [x1 - x0, y1 - y0, z1 - z0];
  const edge = (name: string, foot: Point3, looks: Point3, size: Point3): Ground => ({
    key: edgeKey(name),
    words: `the ${name} edge of ${words}`,
    at: frontedAt(frame, foot, looks),
    size,
    ...(link !== undefined && { link }),
  });
  return [
    edge('front', [x0, y0, z0], [0, -1, 0], [wide, deep, high]),
    edge('right', [x1, y0, z0], [1, 0, 0], [deep, wide, high]),
    edge('back', [x1, y1, z0], [0, 1, 0], [wide, deep, high]),
    edge('left', [x0, y1, z0], [-1, 0, 0], [deep, wide, high]),
  ];
}

/** The two faces of a leaf that stands upright in a frame, given as its edges are. */
export function facesOf(
  frame: Frame,
  [x0, y0, z0]: Point3,
  [x1, y1, z1]: Point3,
  words: string,
  link: string,
  leaf?: { readonly outside: TurningLeaf; readonly inside: TurningLeaf },
): Ground[] {
  const size: Point3 = [x1 - x0, y1 - y0, z1 - z0];
  const face = (name: 'outside' | 'inside', foot: Point3, looks: Point3): Ground => ({
    key: faceKey(name),
    words: `the ${name} of ${words}`,
    at: frontedAt(frame, foot, looks),
    size,
    link,
    ...(leaf && { leaf: leaf[name] }),
  });
  return [face('outside', [x0, y0, z0], [0, -1, 0]), face('inside', [x1, y1, z0], [0, 1, 0])];
}

export const edgeKey = (name: string): string => `edge ${name}`;
export const faceKey = (name: string): string => `face ${name}`;

/** The frame of what is mounted on a ground: so far along it and so high up. */
export function mountFrame({ at }: Ground, from: number, up: number): Fronted {
  const frame = frameOf(at);
  const [x, y, z] = frame.toSpace([from, 0, up]);
  return { x: { mm: x }, y: { mm: y }, z: { mm: z }, faces: at.faces };
}
