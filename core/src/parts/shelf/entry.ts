/** The opening a shelf goes in by and the inside it comes to lie in, mm, seen from the front. */
export interface Entry {
  readonly openingWidth: number;
  readonly openingHeight: number;
  readonly insideWidth: number;
  readonly insideHeight: number;
}

/** How a shelf goes in: straight, with one end raised between two angles (radians), or not that way. */
export type WayIn =
  | { readonly kind: 'straight' }
  | { readonly kind: 'tilted'; readonly from: number; readonly to: number }
  | { readonly kind: 'none'; readonly longest: number };

const FINE = 1e-9;

/** Width and height of a board's section, seen from the front, with one end raised by an angle. */
const across = (long: number, thick: number, angle: number) =>
  long * Math.cos(angle) + thick * Math.sin(angle);
const upward = (long: number, thick: number, angle: number) =>
  long * Math.sin(angle) + thick * Math.cos(angle);

/** The widest a board is while it is turned level from an angle: at its diagonal where it passes it. */
export function widestTurning(long: number, thick: number, angle: number): number {
  const diagonal = Math.atan2(thick, long);
  return angle >= diagonal ? Math.hypot(long, thick) : across(long, thick, angle);
}

/**
 * Whether a shelf goes through its opening with one end raised, and can be turned level behind it: in the plane of the
 * front, which is how a shelf goes in that is wider than its frame. Raised past its diagonal its width only falls and
 * its height only grows until it stands, so the angles that pass are one range, found by halving.
 */
export function wayIn(long: number, thick: number, entry: Entry): WayIn {
  const { openingWidth, openingHeight, insideWidth } = entry;
  if (long <= openingWidth && thick <= openingHeight && long <= insideWidth) return { kind: 'straight' };
  const tilts = tiltsIn(long, thick, entry);
  return tilts ? { kind: 'tilted', ...tilts } : { kind: 'none', longest: longestIn(thick, entry) };
}

function tiltsIn(long: number, thick: number, entry: Entry): { from: number; to: number } | undefined {
  const { openingWidth, insideWidth } = entry;
  const height = Math.min(entry.openingHeight, entry.insideHeight);
  if (long <= thick || thick > openingWidth) return undefined;
  const diagonal = Math.atan2(thick, long);
  const tallest = Math.PI / 2 - diagonal;
  const from = halved(diagonal, Math.PI / 2, (angle) => across(long, thick, angle) <= openingWidth);
  if (upward(long, thick, from) > height || widestTurning(long, thick, from) > insideWidth) return undefined;
  const to = halved(tallest, from, (angle) => upward(long, thick, angle) <= height);
  return { from, to: Math.max(from, to) };
}

/** The first angle from `start` towards `end`, where it holds, at which a condition holds that changes once between them. */
function halved(start: number, end: number, holds: (angle: number) => boolean): number {
  if (holds(start)) return start;
  let [no, yes] = [start, end];
  while (Math.abs(yes - no) > FINE) {
    const middle = (no + yes) / 2;
    if (holds(middle)) yes = middle;
    else no = middle;
  }
  return yes;
}

/** The longest board of a thickness that goes in, straight or tilted, mm, to a thousandth below: whatever is shorter goes in too. */
export function longestIn(thick: number, entry: Entry): number {
  const goes = (long: number) =>
    (long <= Math.min(entry.openingWidth, entry.insideWidth) && thick <= entry.openingHeight) ||
    tiltsIn(long, thick, entry) !== undefined;
  let [low, high] = [0, 2 * Math.hypot(entry.insideWidth, entry.insideHeight)];
  while (high - low > 1e-3) {
    const middle = (low + high) / 2;
    if (goes(middle)) low = middle;
    else high = middle;
  }
  return low;
}
