import { outlineFault, signedArea } from '../solid/outline';
import type { Point2 } from '../solid/prism';
import { wallSentence } from '../space/schema';

/** What was found in a drawing that may be an outline: lines that may close, in the drawing's own unit. */
export interface Traced {
  readonly lines: readonly { readonly points: readonly Point2[]; readonly closed: boolean }[];
  /** What else is in it, and was passed over: how many of each kind. */
  readonly ignored: Readonly<Record<string, number>>;
  /** mm for one of the drawing's own units, where the drawing says so. */
  readonly unit: number | undefined;
}

export type LoopRead =
  | { readonly ok: true; readonly outline: readonly Point2[]; readonly others: number }
  | { readonly ok: false; readonly message: string };

/** Ends nearer than this meet, mm. */
const MEET = 0.5;
/** A point so little off the line between its neighbours is none of its own, mm. */
const STRAIGHT = 0.05;

/**
 * The largest closed outline of a traced drawing, in mm: closed lines as they are, and open ones joined end to end where
 * their ends meet.
 *
 * @param unit  mm for one of the drawing's own units
 */
export function outlineOf({ lines }: Traced, unit: number): LoopRead {
  const scaled = lines.map(({ points, closed }) => ({
    closed,
    points: points.map(([x, y]): Point2 => [x * unit, y * unit]),
  }));
  const loops = [
    ...scaled.filter(({ closed }) => closed).map(({ points }) => points),
    ...joined(scaled.filter(({ closed }) => !closed).map(({ points }) => points)),
  ]
    .map(plain)
    .filter((loop) => loop.length >= 3 && Math.abs(signedArea(loop)) > 1);
  if (loops.length === 0)
    return {
      ok: false,
      message:
        lines.length === 0
          ? 'There is no line in this drawing that could be an outline.'
          : `There is no closed outline in this drawing: ${lines.length === 1 ? 'its one line does' : `its ${lines.length} lines do`} not come round to where they began.`,
    };
  const largest = loops.reduce((most, loop) =>
    Math.abs(signedArea(loop)) > Math.abs(signedArea(most)) ? loop : most,
  );
  const fault = outlineFault(largest);
  if (fault) return { ok: false, message: wallSentence(fault.message, fault.at) };
  const round = signedArea(largest) < 0 ? [...largest].reverse() : largest;
  const [x, y] = [0, 1].map((axis) => Math.min(...round.map((point) => point[axis]!))) as [number, number];
  return { ok: true, outline: round.map(([px, py]): Point2 => [px - x, py - y]), others: loops.length - 1 };
}

const near = (a: Point2, b: Point2) => Math.hypot(a[0] - b[0], a[1] - b[1]) <= MEET;

/** Open lines put together where their ends meet; those that come round are loops. */
function joined(lines: readonly (readonly Point2[])[]): Point2[][] {
  const left = lines.map((line) => [...line]).filter((line) => line.length > 1);
  const loops: Point2[][] = [];
  while (left.length > 0) {
    let chain = left.pop()!;
    for (let found = true; found && !near(chain[0]!, chain[chain.length - 1]!);) {
      const end = chain[chain.length - 1]!;
      const i = left.findIndex((line) => near(line[0]!, end) || near(line[line.length - 1]!, end));
      found = i >= 0;
      if (!found) break;
      const [next] = left.splice(i, 1) as [Point2[]];
      chain = [...chain, ...(near(next[0]!, end) ? next : next.reverse()).slice(1)];
    }
    if (chain.length > 3 && near(chain[0]!, chain[chain.length - 1]!)) loops.push(chain);
  }
  return loops;
}

/** Without its last point where that is the first, without points twice and without those on a straight line. */
function plain(loop: readonly Point2[]): Point2[] {
  const open = loop.length > 1 && near(loop[0]!, loop[loop.length - 1]!) ? loop.slice(0, -1) : [...loop];
  const apart = open.filter((point, i) => !near(point, open[(i + 1) % open.length]!) || open.length < 3);
  return apart.filter((b, i) => {
    const [a, c] = [apart[(i + apart.length - 1) % apart.length]!, apart[(i + 1) % apart.length]!];
    const long = Math.hypot(c[0] - a[0], c[1] - a[1]);
    const off = Math.abs((c[0] - a[0]) * (b[1] - a[1]) - (c[1] - a[1]) * (b[0] - a[0]));
    return long === 0 || off / long > STRAIGHT;
  });
}
