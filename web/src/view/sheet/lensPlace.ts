import type { Bounds } from './outline';

/** Where the lens stands, px. */
export interface LensPlace {
  readonly x: number;
  readonly y: number;
  readonly radius: number;
}

/** About the lens and the tag at its foot, px. */
export const lensBounds = ({ x, y, radius }: LensPlace): Bounds => ({
  x: x - radius,
  y: y - radius,
  width: 2 * radius,
  height: 2 * radius + TAG,
});
const TAG = 16;

/** The lens is as large as finds room, px. */
const RADII = [98, 76, 58] as const;
const STEP = 12;
const APART = 6;

/**
 * A place for the lens on empty floor: wholly within the room, off all that stands and all air that is swept, and of
 * such places the one nearest to what it is about. In a crowded room a smaller one; where even that finds no room there
 * is none, and the tie says what it would show.
 */
export function lensPlace(
  room: Bounds,
  obstacles: readonly Bounds[],
  about: readonly [number, number],
): LensPlace | undefined {
  for (const radius of RADII) {
    let best: LensPlace | undefined;
    let least = Infinity;
    const keep = radius + APART;
    for (let x = room.x + keep; x <= room.x + room.width - keep; x += STEP) {
      for (let y = room.y + keep; y <= room.y + room.height - keep; y += STEP) {
        const away = Math.hypot(x - about[0], y - about[1]);
        if (away >= least || obstacles.some((box) => distanceTo(box, x, y) < keep)) continue;
        least = away;
        best = { x, y, radius };
      }
    }
    if (best) return best;
  }
  return undefined;
}

function distanceTo(box: Bounds, x: number, y: number): number {
  const dx = Math.max(box.x - x, 0, x - box.x - box.width);
  const dy = Math.max(box.y - y, 0, y - box.y - box.height);
  return Math.hypot(dx, dy);
}
