import { BLOCKED, CELLS, type Pass } from '@tarnpass/core';
import { contours } from 'd3-contour';

export const BLOCKED_LINE = 1.6;
/** Clearances with a contour, mm; 20 is the index line. */
const LEVELS = [5, 10, 20, 30, 40] as const;

type Line = [number, number][];

/** Contour lines of equal clearance over the map of two parts, as paths in a square of a side. */
export function contoursOf({ room }: Pass, side: number): { mm: number; path: string }[] {
  if (!room) return [];
  const grid = contours().size([CELLS, CELLS]);
  return LEVELS.map((mm) => ({
    mm,
    path: pathOf(grid.contour(room as unknown as number[], 1 + 10 * mm).coordinates, side),
  })).filter(({ path }) => path !== '');
}

/** The blocked ground as a path; undefined where there is none. */
export function groundOf({ ground }: Pass, side: number): string | undefined {
  if (!ground?.includes(BLOCKED)) return undefined;
  const blocked = Array.from(ground, (kind) => (kind === BLOCKED ? 1 : 0));
  return pathOf(contours().size([CELLS, CELLS]).contour(blocked, 0.5).coordinates, side);
}

/** The first part's travel runs to the right, the second's upwards. */
function pathOf(polygons: readonly (readonly Line[])[] | number[][][][], side: number): string {
  const scale = side / CELLS;
  const text = (ring: Line) =>
    ring.map(([j, i]) => `${(i * scale).toFixed(1)},${(side - j * scale).toFixed(1)}`).join(' ');
  return (polygons as Line[][])
    .flat()
    .map((ring) => `M${text(ring)}Z`)
    .join('');
}
