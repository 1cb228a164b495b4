import { outlineFault, signedArea } from '../solid/outline';
import type { Point2 } from '../solid/prism';
import { safeOutline } from '../space/safeOutline';
import { MOST_CORNERS, wallSentence } from '../space/schema';

/** What was found in a drawing that may be an outline: lines that may close, in the drawing's own unit. */
export interface Traced {
  readonly lines: readonly { readonly points: readonly Point2[]; readonly closed: boolean }[];
  /** What else is in it, and was passed over: how many of each kind. */
  readonly ignored: Readonly<Record<string, number>>;
  /** mm for one of the drawing's own units, where the drawing says so. */
  readonly unit: number | undefined;
}

/** An outline as it can be taken: how finely, and what that does to the room. */
export interface Loop {
  readonly ok: true;
  /** mm, from its own corner, the room to its left. */
  readonly outline: readonly Point2[];
  /** It lies within this of what was drawn, and nowhere outside it, mm. */
  readonly tolerance: number;
  /** Corners in the drawing, its curves in short steps. */
  readonly drawnCorners: number;
  /** How much smaller it is than what was drawn, of 1. */
  readonly smaller: number;
  /** Closed outlines that were left out. */
  readonly others: number;
}

export type LoopRead = Loop | { readonly ok: false; readonly message: string };

/** Ends nearer than this meet, mm. */
const MEET = 0.5;
/**
 * How near to what was drawn an outline is kept, mm, in the order in which they are tried: nearer where a millimetre closes a
 * gap in the walls, farther where there would be more corners than can be taken.
 */
const TOLERANCES = [1, 0.5, 0.2, 2, 4, 8];
/** No drawing of walls has more corners than this, its curves in short steps. */
const MOST_TRACED = 200_000;
/** Why an outline is none is looked for edge by edge: of more corners than this it is not. */
const MOST_LOOKED_AT = 5000;

/**
 * The largest closed outline of a traced drawing, in mm: closed lines as they are, and open ones joined end to end where
 * their ends meet; its curves in as few straight walls as stay on the safe side of them.
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
    .map(opened)
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
  if (largest.length > MOST_TRACED)
    return {
      ok: false,
      message: `The largest outline of this drawing has ${largest.length} corners: that is no line of walls.`,
    };
  const round = signedArea(largest) < 0 ? [...largest].reverse() : largest;
  for (const tolerance of TOLERANCES) {
    const outline = safeOutline(round, tolerance);
    if (!outline || outline.length > MOST_CORNERS) continue;
    const [x, y] = [0, 1].map((axis) => Math.min(...outline.map((point) => point[axis]!))) as [
      number,
      number,
    ];
    return {
      ok: true,
      outline: outline.map(([px, py]): Point2 => [px - x, py - y]),
      tolerance,
      drawnCorners: largest.length,
      smaller: 1 - signedArea(outline) / signedArea(round),
      others: loops.length - 1,
    };
  }
  const fault = round.length <= MOST_LOOKED_AT ? outlineFault(round) : undefined;
  if (fault) return { ok: false, message: wallSentence(fault.message, fault.at) };
  return {
    ok: false,
    message: `The largest outline of this drawing has ${largest.length} corners, and cannot be drawn within ${TOLERANCES.at(-1)} mm with ${MOST_CORNERS} walls. Leave out what is no wall, or draw its corners only.`,
  };
}

const near = (a: Point2, b: Point2) => Math.hypot(a[0] - b[0], a[1] - b[1]) <= MEET;

/** Ends of lines by where they are: each is found, and let go of, in the time that its neighbours take. */
class Ends {
  private readonly cells = new Map<string, Set<number>>();

  constructor(private readonly lines: readonly (readonly Point2[])[]) {
    lines.forEach((line, i) => this.at(line, (cell) => cell.add(i)));
  }

  /** The first line not let go of yet that ends near a point; undefined where none does. */
  near([x, y]: Point2): number | undefined {
    for (let dx = -1; dx <= 1; dx += 1)
      for (let dy = -1; dy <= 1; dy += 1)
        for (const i of this.cells.get(`${Math.floor(x / MEET) + dx} ${Math.floor(y / MEET) + dy}`) ?? []) {
          const line = this.lines[i]!;
          if (near(line[0]!, [x, y]) || near(line[line.length - 1]!, [x, y])) return i;
        }
    return undefined;
  }

  letGo(i: number): void {
    this.at(this.lines[i]!, (cell) => cell.delete(i));
  }

  private at(line: readonly Point2[], act: (cell: Set<number>) => void): void {
    for (const [x, y] of [line[0]!, line[line.length - 1]!]) {
      const key = `${Math.floor(x / MEET)} ${Math.floor(y / MEET)}`;
      let cell = this.cells.get(key);
      if (!cell) this.cells.set(key, (cell = new Set()));
      act(cell);
    }
  }
}

/** Open lines put together where their ends meet; those that come round are loops. */
function joined(all: readonly (readonly Point2[])[]): Point2[][] {
  const lines = all.filter((line) => line.length > 1);
  const ends = new Ends(lines);
  const left = new Set(lines.keys());
  const loops: Point2[][] = [];
  for (const first of [...lines.keys()].reverse()) {
    if (!left.delete(first)) continue;
    ends.letGo(first);
    const chain = [...lines[first]!];
    while (!near(chain[0]!, chain[chain.length - 1]!)) {
      const end = chain[chain.length - 1]!;
      const i = ends.near(end);
      if (i === undefined) break;
      left.delete(i);
      ends.letGo(i);
      const next = near(lines[i]![0]!, end) ? lines[i]! : [...lines[i]!].reverse();
      for (let k = 1; k < next.length; k += 1) chain.push(next[k]!);
    }
    if (chain.length > 3 && near(chain[0]!, chain[chain.length - 1]!)) loops.push(chain);
  }
  return loops;
}

/** Without its last point where that is the first again. */
function opened(loop: readonly Point2[]): readonly Point2[] {
  return loop.length > 1 && near(loop[0]!, loop[loop.length - 1]!) ? loop.slice(0, -1) : loop;
}
