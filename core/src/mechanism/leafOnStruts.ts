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

/** Where two like struts hold it, one near either end: from the hinge line, on the leaf's back and on what it is hung in. */
export interface StrutPlaces {
  readonly onLeaf: number;
  readonly onFrame: number;
  /** The fixed end back from the leaf's back. */
  readonly back: number;
}

/** Rigid, and on its way as the leaf turns. */
export interface Moving {
  readonly solids: readonly Convex[];
  readonly motion: Motion;
}

/** A strut's tube and rod are drawn square, so thick, and stand so far in from the leaf's ends, mm. Common practice, no single source. */
const STRUT = { tube: 22, rod: 10, in: 30 };
/** Share of the shut strut that each of its two parts is long: they slide in one another. */
const PART = 0.62;

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
    solids: [block(leaf.frame, leaf.x, outline)],
    motion: motionOf({ kind: 'turn', point, axis: axisOf(leaf) }),
  };
}

/** The tubes of its struts, which turn about their fixed ends, and the rods, which slide in them. */
export function strutsOf(
  leaf: LevelLeaf,
  places: StrutPlaces,
  ends: readonly [number, number],
): { tubes: Moving; rods: Moving } {
  const { frame, thick } = leaf;
  const { onLeaf, onFrame, back } = places;
  const [held, fixed] = [leaf.at(onLeaf, thick), leaf.at(onFrame, thick + back)];
  // Angles in the leaf's own plane, along and back: the leaf opens away from the back.
  const polar = (along: number, behind: number) => ({
    r: Math.hypot(along, behind),
    a: Math.atan2(-behind, along),
  });
  const [p, f] = [polar(onLeaf, thick), polar(onFrame, thick + back)];
  const strut: Strut = { leaf: p.r, fixed: f.r, between: p.a - f.a };
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
  const both = (from: number, to: number, wide: number) =>
    [ends[0] + STRUT.in, ends[1] - STRUT.in].map((x) =>
      block(frame, [x - wide / 2, x + wide / 2], bar(from, to, wide)),
    );
  return {
    tubes: { solids: both(0, PART * shut, STRUT.tube), motion: chain([turn]) },
    rods: { solids: both((1 - PART) * shut, shut, STRUT.rod), motion: chain([turn, slide]) },
  };
}

const axisOf = ({ frame, sense }: LevelLeaf): Point3 => frame.turn([sense, 0, 0]);

/** A prism across the frame's x over a convex outline in (y, z). */
const block = (
  frame: Frame,
  [x0, x1]: readonly [number, number],
  outline: readonly (readonly [number, number])[],
): Convex => hull([x0, x1].flatMap((x) => outline.map(([y, z]): Point3 => frame.toSpace([x, y, z]))));
