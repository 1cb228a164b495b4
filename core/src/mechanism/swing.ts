import type { Point2 } from '../solid/prism';

/**
 * How a leaf turns, seen in its plan: points are told from its axis, `beside` towards its hinge side and `before` towards the side that it opens
 * to, mm. Closed forms; the check has the last word.
 */
export interface Corner {
  readonly beside: number;
  readonly before: number;
}

/** A leaf's plan as corners about its axis. */
export const cornersAbout = (outline: readonly Point2[], [au, av]: Point2): Corner[] =>
  outline.map(([u, v]) => ({ beside: au - u, before: av - v }));

/** How far to the hinge side a corner is at a turn. */
export const besideAt = ({ beside, before }: Corner, turn: number): number =>
  beside * Math.cos(turn) + before * Math.sin(turn);

/** How far behind its axis a corner is at a turn. */
export const behindAt = ({ beside, before }: Corner, turn: number): number =>
  beside * Math.sin(turn) - before * Math.cos(turn);

/**
 * The turn at which a corner first comes so far to the hinge side; undefined where it never does.
 *
 * @source b sin q + a cos q = s
 */
export function meetsAt({ beside, before }: Corner, room: number): number | undefined {
  const far = Math.hypot(beside, before);
  if (far <= room) return undefined;
  if (beside >= room) return 0;
  const turn = Math.asin(room / far) - Math.atan2(beside, before);
  return turn >= 0 && turn <= Math.PI ? turn : undefined;
}

/** The first turn at which any corner comes so far to the hinge side. */
export function firstMeets(corners: readonly Corner[], room: number): number | undefined {
  const turns = corners.flatMap((corner) => meetsAt(corner, room) ?? []);
  return turns.length > 0 ? Math.min(...turns) : undefined;
}

/**
 * The gap at its hinge edge that lets it turn so far.
 *
 * @param edge  from its axis to its hinge edge
 * @source sqrt(a^2 + b^2) - a for a full turn
 */
export const hingeGap = (corners: readonly Corner[], edge: number, to: number): number =>
  Math.max(0, ...corners.map((corner) => mostBeside(corner, to) - edge));

function mostBeside(corner: Corner, to: number): number {
  const peak = Math.atan2(corner.before, corner.beside);
  const at = peak > 0 && peak < to ? [peak] : [];
  return Math.max(...[0, to, ...at].map((turn) => besideAt(corner, turn)));
}

/**
 * The gap at its free edge that lets it out of its frame.
 *
 * @param edge  from its axis to its free edge
 * @param out   so far its axis stands out of its frame, on the side it opens to
 * @source sqrt((W - a)^2 + b'^2) - (W - a), b' to the face that trails; with its axis p out of the frame sqrt(W^2 + (T + p)^2 - p^2) - W
 */
export const freeGap = (corners: readonly Corner[], edge: number, to: number, out = 0): number =>
  Math.max(
    0,
    ...corners.map(({ beside, before }): number => {
      // What trails is behind the axis, and comes to the frame's face at a turn of its own.
      const far = Math.hypot(beside, before);
      if (beside >= 0 || -before <= out) return 0;
      const peak = Math.atan2(-before, -beside) - Math.asin(Math.min(1, out / far));
      const turn = Math.min(peak, to);
      return -besideAt({ beside, before }, turn) - edge;
    }),
  );

/** The clear width beside a leaf that is open so far. `free` is from its axis to the far side of its opening. */
export const passageAt = (corners: readonly Corner[], free: number, turn: number): number =>
  free - Math.max(0, ...corners.map((corner) => -besideAt(corner, turn)));

const NEAR = 1e-7;

/**
 * The least of an amount, 0 to `most`, that lets a leaf turn as far as is wanted before it meets what stands beside its axis; undefined where
 * none does. The more is taken off the farther it turns, so the search is bounded.
 *
 * @param shape  its corners with so much taken off
 */
export function leastRelief(
  shape: (amount: number) => readonly Corner[],
  room: number,
  wanted: number,
  most: number,
): number | undefined {
  const does = (amount: number) => (firstMeets(shape(amount), room) ?? Infinity) >= wanted - 1e-12;
  if (does(0)) return 0;
  if (!does(most)) return undefined;
  let [low, high] = [0, most];
  while (high - low > NEAR) {
    const middle = (low + high) / 2;
    if (does(middle)) high = middle;
    else low = middle;
  }
  return high;
}
