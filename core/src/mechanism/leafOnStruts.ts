import type { Frame } from '../item/frame';
import { chain, motionOf, type Motion } from '../motion/motion';
import { strutReach, strutTurn, type Strut } from '../motion/strut';
import type { Convex } from '../solid/convex';
import { hull } from '../solid/hull';
import type { Point3 } from '../solid/prism';

/** A leaf that turns about a level line across its frame's x, seen along that line. Lengths in mm. */
export interface LevelLeaf {
  readonly frame: Frame;
  /** Across, from the left end to the right. */
  readonly x: readonly [number, number];
  /** From the hinge line, along the shut leaf. */
  readonly along: readonly [number, number];
  readonly thick: number;
  /** Where a place is in the frame's (y, z): so far from the hinge along the shut leaf, so far back from its front face. */
  at(along: number, back: number): readonly [number, number];
  /** The sense it opens in about the frame's x. */
  readonly sense: 1 | -1;
}

/** Where like struts hold it: their ends in its plane, each from the hinge line along the shut leaf, and back from there; and where they stand across it. */
export interface StrutPlaces {
  readonly onLeaf: readonly [along: number, back: number];
  readonly fixed: readonly [along: number, back: number];
  readonly x: readonly number[];
  /** How thick they are drawn, square, mm. */
  readonly tube: number;
  readonly rod: number;
  /** How wide they are in the plane they turn in, where that is more than they are thick: several side by side, mm. */
  readonly broad?: number;
  /** Share of a strut, as it is with the leaf shut, that each of its two parts is long: they slide in one another. */
  readonly part: number;
  /** The end its rod is at; the leaf's where it is not said. */
  readonly rodAt?: 'leaf' | 'case';
}

/** Rigid, and on its way as the leaf turns. */
export interface Moving {
  readonly solids: readonly Convex[];
  readonly motion: Motion;
}

/** The leaf itself, by its turn in radians. */
export function levelLeaf(leaf: LevelLeaf): Moving {
  const { along, thick } = leaf;
  const outline = [
    [along[0], 0],
    [along[1], 0],
    [along[1], thick],
    [along[0], thick],
  ].map(([a, b]) => leaf.at(a!, b!));
  const point = leaf.frame.toSpace([0, ...leaf.at(0, 0)]);
  return {
    solids: [acrossX(leaf.frame, leaf.x, outline)],
    motion: motionOf({ kind: 'turn', point, axis: axisOf(leaf) }),
  };
}

/** A strut in the plane of its leaf's turn, as the leaf is shut. */
function strutIn({ onLeaf, fixed }: Pick<StrutPlaces, 'onLeaf' | 'fixed'>): Strut {
  // Angles in the leaf's own plane, along and back: the leaf opens away from the back.
  const polar = ([along, behind]: readonly [number, number]) => ({
    r: Math.hypot(along, behind),
    a: Math.atan2(-behind, along),
  });
  const [p, f] = [polar(onLeaf), polar(fixed)];
  return { leaf: p.r, fixed: f.r, between: p.a - f.a };
}

/** What of its struts turns about their fixed ends, and what slides in that: tubes and rods, or the other way about. */
export function strutsOf(leaf: LevelLeaf, places: StrutPlaces): { tubes: Moving; rods: Moving } {
  const { frame } = leaf;
  const [held, fixed] = [leaf.at(...places.onLeaf), leaf.at(...places.fixed)];
  const strut = strutIn(places);
  const [dy, dz] = [held[0] - fixed[0], held[1] - fixed[1]];
  const shut = Math.hypot(dy, dz);
  const unit: readonly [number, number] = [dy / shut, dz / shut];
  const side: readonly [number, number] = [-unit[1], unit[0]];
  const bar = (from: number, to: number, wide: number) =>
    [
      [from, -wide / 2],
      [to, -wide / 2],
      [to, wide / 2],
      [from, wide / 2],
    ].map(([s, c]): readonly [number, number] => [
      fixed[0] + s! * unit[0] + c! * side[0],
      fixed[1] + s! * unit[1] + c! * side[1],
    ]);
  const turn = {
    joint: { kind: 'turn', point: frame.toSpace([0, ...fixed]), axis: axisOf(leaf) } as const,
    drive: strutTurn(strut),
  };
  const slide = {
    joint: { kind: 'slide', direction: frame.turn([0, unit[0], unit[1]]) } as const,
    drive: strutReach(strut),
  };
  const all = (from: number, to: number, wide: number) =>
    places.x.map((x) => acrossX(frame, [x - wide / 2, x + wide / 2], bar(from, to, places.broad ?? wide)));
  const atCase = places.rodAt === 'case';
  const [near, far] = atCase ? [places.rod, places.tube] : [places.tube, places.rod];
  const still: Moving = { solids: all(0, places.part * shut, near), motion: chain([turn]) };
  const slides: Moving = {
    solids: all((1 - places.part) * shut, shut, far),
    motion: chain([turn, slide]),
  };
  return atCase ? { tubes: slides, rods: still } : { tubes: still, rods: slides };
}

const axisOf = ({ frame, sense }: LevelLeaf): Point3 => frame.turn([sense, 0, 0]);

/** A prism across the frame's x over a convex outline in (y, z). */
export const acrossX = (
  frame: Frame,
  [x0, x1]: readonly [number, number],
  outline: readonly (readonly [number, number])[],
): Convex => hull([x0, x1].flatMap((x) => outline.map(([y, z]): Point3 => frame.toSpace([x, y, z]))));
