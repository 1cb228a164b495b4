import { BLOCKED, CELLS, type Pass } from '@tarnpass/core';
import { contours } from 'd3-contour';

export const BLOCKED_LINE = 1.6;
/** Clearances with a contour, mm; 20 is the index line. */
const LEVELS = [5, 10, 20, 30, 40] as const;

type Line = [number, number][];

/** Room is found by squares of so many cells: a finer grid would draw the same lines. */
const SQUARE = 4;

/** Contour lines of equal clearance over the map of two parts, as paths in a square of a side. */
export function contoursOf({ room }: Pass, side: number): { mm: number; path: string }[] {
  if (!room) return [];
  const size = CELLS / SQUARE;
  const coarse = Array.from({ length: size * size }, (_, k) => {
    const [i, j] = [Math.floor(k / size), k % size];
    return room[(i * SQUARE + SQUARE / 2) * CELLS + j * SQUARE + SQUARE / 2]!;
  });
  const grid = contours().size([size, size]);
  return LEVELS.map((mm) => ({
    mm,
    path: pathOf(grid.contour(coarse, 1 + 10 * mm).coordinates, side, size),
  })).filter(({ path }) => path !== '');
}

/** The blocked ground as a path; undefined where there is none. */
export function groundOf({ ground }: Pass, side: number): string | undefined {
  if (!ground?.includes(BLOCKED)) return undefined;
  // Two cells by two: under a px each in any pane.
  const size = CELLS / 2;
  const blocked = new Array<number>(size * size);
  for (let k = 0; k < blocked.length; k += 1) {
    const at = 2 * Math.floor(k / size) * CELLS + 2 * (k % size);
    const any = [at, at + 1, at + CELLS, at + CELLS + 1].some((cell) => ground[cell] === BLOCKED);
    blocked[k] = any ? 1 : 0;
  }
  return pathOf(contours().size([size, size]).contour(blocked, 0.5).coordinates, side, size);
}

/** The first part's travel runs to the right, the second's upwards, each in so many cells. */
function pathOf(
  polygons: readonly (readonly Line[])[] | number[][][][],
  side: number,
  cells: number,
): string {
  const scale = side / cells;
  const text = (ring: Line) =>
    ring.map(([j, i]) => `${(i * scale).toFixed(1)},${(side - j * scale).toFixed(1)}`).join(' ');
  return (polygons as Line[][])
    .flat()
    .map((ring) => `M${text(ring)}Z`)
    .join('');
}
