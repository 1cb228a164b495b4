import { tidy } from '../../solid/polygon';
import type { Point2 } from '../../solid/prism';
import type { Relief } from './schema';

/** A round corner is cut along so many flats about its arc: no wood of it is left out. */
const FLATS = 6;

/** What of its ends is taken off: so far along it and so deep, at the face that leads as it opens. */
export interface CutEnd {
  readonly along: number;
  readonly deep: number;
  readonly round: boolean;
  /** Its free end is cut alike. */
  readonly both: boolean;
}

/** A relief as a cut of one end; undefined where nothing is taken off. */
export function cutOf(relief: Relief, deep: number): CutEnd | undefined {
  switch (relief.kind) {
    case 'none':
      return undefined;
    case 'cut':
      return { along: relief.along.mm, deep: relief.deep.mm, round: false, both: relief.both };
    case 'round':
      return { along: relief.radius.mm, deep: relief.radius.mm, round: true, both: relief.both };
    case 'slope':
      return { along: relief.along.mm, deep, round: false, both: relief.both };
  }
}

/** The line of a cut end from its outer point to the one on the leading face: u along the leaf from that end, v back from the leading face, mm. */
export function cutLine({ along, deep, round }: Omit<CutEnd, 'both'>): Point2[] {
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
 */
export function planOutline(wide: number, deep: number, cut: CutEnd | undefined): Point2[] {
  const near = cut ? cutLine(cut) : [[0, 0] as const];
  const far = cut?.both ? cutLine(cut).map(([u, v]): Point2 => [wide - u, v]).reverse() : [[wide, 0] as const]; // prettier-ignore
  // A sloped end reaches the back corner itself.
  return tidy([...near, ...far, [wide, deep], [0, deep]]);
}
