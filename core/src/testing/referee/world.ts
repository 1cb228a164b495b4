import type { SceneFile } from '../../scene/schema';
import { gapOf, placedAt, shapeOf, type Placed, type Shape } from './axes';
import { pathsOf, type Stand, type V3 } from './poses';

type MoverSpec = SceneFile['movers'][number];

/** What presses into a touch by no more than this is none, mm: the rule of docs/core.md, told here again. */
const TOUCH = 0.01;
/** Farther than this nothing is measured, mm. */
export const FAR = 60;

interface Known {
  readonly id: string;
  readonly shapes: readonly Shape[];
  readonly path: (travel: number) => Stand;
}

/** A body's pieces where they stand. */
interface Stood {
  readonly id: string;
  readonly pieces: readonly Placed[];
}

/** Where all of a scene stands, and what is between it: by the referee's own poses and axes. */
export class World {
  private readonly movers: readonly (readonly Known[])[];
  private readonly still: readonly Stood[];
  private readonly stood: Map<number, readonly Stood[]>[];

  constructor(readonly file: SceneFile) {
    const at: Stand = { turn: [1, 0, 0, 0], shift: [0, 0, 0] };
    this.still = file.bodies.map(({ id, pieces }) => ({
      id,
      pieces: pieces.flatMap((piece) => (piece.kind === 'half-space' ? [] : [placedAt(shapeOf(piece), at)])),
    }));
    this.movers = file.movers.map((mover) => {
      const paths = pathsOf(mover);
      return mover.bodies.map(({ id, pieces }, b) => ({
        id,
        shapes: pieces.flatMap((piece) => (piece.kind === 'half-space' ? [] : [shapeOf(piece)])),
        path: paths[b]!,
      }));
    });
    this.stood = file.movers.map(() => new Map());
  }

  spec(i: number): MoverSpec {
    return this.file.movers[i]!;
  }

  get count(): number {
    return this.file.movers.length;
  }

  /** A mover's bodies at a travel. */
  at(i: number, travel: number): readonly Stood[] {
    let known = this.stood[i]!.get(travel);
    if (!known) {
      known = this.movers[i]!.map(({ id, shapes, path }) => {
        const stand = path(travel);
        return { id, pieces: shapes.map((shape) => placedAt(shape, stand)) };
      });
      this.stood[i]!.set(travel, known);
    }
    return known;
  }

  /** No corner of a mover goes farther from one travel to another than this, roughly, mm. */
  moved(i: number, from: number, to: number): number {
    const [a, b] = [this.at(i, from), this.at(i, to)];
    const far = (p: V3, q: V3) => Math.hypot(p[0] - q[0], p[1] - q[1], p[2] - q[2]);
    return Math.max(
      ...a.flatMap((body, k) =>
        body.pieces.flatMap((piece, n) => piece.corners.map((p, c) => far(p, b[k]!.pieces[n]!.corners[c]!))),
      ),
    );
  }

  /** What two movers have to spare before they hit, mm, at two travels: a gap, or a touch that is meant less its depth; negative where they hit. */
  spare(i: number, ti: number, j: number, tj: number): number {
    let least = FAR;
    for (const one of this.at(i, ti)) {
      for (const two of this.at(j, tj)) {
        const deep = Math.max(this.meant(i, ti, one.id, two.id), this.meant(j, tj, one.id, two.id));
        least = Math.min(least, gapBetween(one, two, least - deep) + deep);
      }
    }
    return least;
  }

  /** The gap of two movers but for what is meant to touch there, mm. */
  gap(i: number, ti: number, j: number, tj: number): number {
    let least = FAR;
    for (const one of this.at(i, ti)) {
      for (const two of this.at(j, tj)) {
        const meant = this.meant(i, ti, one.id, two.id) > 0 || this.meant(j, tj, one.id, two.id) > 0;
        if (!meant) least = Math.min(least, gapBetween(one, two, least));
      }
    }
    return least;
  }

  /** What a mover has to spare from all that stands still, and between its own bodies. */
  spareFromStill(i: number, travel: number): number {
    let least = FAR;
    const own = this.at(i, travel);
    own.forEach((one, k) => {
      for (const other of [...this.still, ...own.slice(k + 1)])
        least = Math.min(least, gapBetween(one, other, least));
    });
    return least;
  }

  /** How deep a mover means two bodies to touch at a travel; 0 where it does not. */
  private meant(i: number, travel: number, one: string, two: string): number {
    const touches = this.spec(i).contacts!.filter(
      ({ moving, still, from, to }) =>
        ((moving === one && still === two) || (moving === two && still === one)) &&
        travel >= from - 1e-9 &&
        travel <= to + 1e-9,
    );
    return touches.length === 0 ? 0 : TOUCH + Math.max(...touches.map(({ depth }) => depth));
  }
}

function gapBetween(one: Stood, two: Stood, enough: number): number {
  let least = FAR;
  for (const p of one.pieces)
    for (const q of two.pieces) least = Math.min(least, gapOf(p, q, Math.min(least, enough)));
  return least;
}
