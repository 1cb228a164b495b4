import type { Manifold, Mat4 } from 'manifold-3d';
import { manifoldModule } from './manifoldGap';

/** A row of an exported table by the names of its columns. */
export type Cells = Readonly<Record<string, string>>;

export const tableOf = ([header, ...rows]: readonly (readonly string[])[]): Cells[] =>
  rows.map((row) => Object.fromEntries(header!.map((name, i) => [name, row[i]!])));

/** A piece put together again from what is exported of it, and of nothing else. */
export interface Rebuilt {
  readonly key: string;
  readonly is: string;
  readonly solid: Manifold;
}

const AXES = ['length', 'width', 'depth'] as const;
const AXIS_OF: Readonly<Record<string, number>> = { start: 0, end: 0, left: 1, right: 1, face: 2, back: 2 };
const FAR: ReadonlySet<string> = new Set(['end', 'right', 'back']);
/** Sides of the drum that stands for a boring. */
const ROUND = 48;

const number = (cells: Cells, name: string): number => {
  const value = Number(cells[name]);
  if (cells[name] === '' || !Number.isFinite(value))
    throw new Error(`${name} is no number: “${cells[name]}”.`);
  return value;
};

/**
 * Every piece of two exported tables as a solid in the space: its board as it is cut, with what is put on its edges
 * and faces left out, less all that is worked into it. Tests only.
 */
export async function rebuilder() {
  const { Manifold, CrossSection } = await manifoldModule();
  const block = (ranges: readonly (readonly [number, number])[]): Manifold => {
    const [l, w, t] = ranges as [
      readonly [number, number],
      readonly [number, number],
      readonly [number, number],
    ];
    return Manifold.cube([l[1] - l[0], w[1] - w[0], t[1] - t[0]]).translate(l[0], w[0], t[0]);
  };
  const rangesOf = (work: Cells) =>
    AXES.map((axis) => [number(work, `${axis} from`), number(work, `${axis} to`)] as const);

  /** A drum within its box, its axis the way its side faces. */
  const drum = (work: Cells): Manifold => {
    const [l, w, t] = rangesOf(work) as [
      readonly [number, number],
      readonly [number, number],
      readonly [number, number],
    ];
    const middle = ([from, to]: readonly [number, number]) => (from + to) / 2;
    const upright = (high: number, wide: number) => Manifold.cylinder(high, wide / 2, wide / 2, ROUND, true);
    const side = work['side'];
    const turned =
      side === 'face' || side === 'back'
        ? upright(t[1] - t[0], l[1] - l[0])
        : side === 'start' || side === 'end'
          ? upright(l[1] - l[0], w[1] - w[0]).rotate(0, 90, 0)
          : upright(w[1] - w[0], l[1] - l[0]).rotate(90, 0, 0);
    return turned.translate(middle(l), middle(w), middle(t));
  };

  /** The part of its box at a corner, cut off by the plane through the far ends of the edges that meet there. */
  const wedge = (work: Cells): Manifold => {
    const ranges = rangesOf(work);
    const ends = work['corner']!.split(' and ').map((side) => {
      const axis = AXIS_OF[side]!;
      const [from, to] = ranges[axis]!;
      return FAR.has(side) ? { axis, at: to, off: from } : { axis, at: from, off: to };
    });
    const throughs = [0, 1, 2].filter((axis) => ends.every((end) => end.axis !== axis));
    const apex = ends.reduce<number[]>((point, { axis, at }) => point.with(axis, at), [0, 0, 0]);
    const points = [apex, ...ends.map(({ axis, off }) => apex.with(axis, off))];
    const all = throughs.reduce(
      (some, axis) => some.flatMap((point) => ranges[axis]!.map((at) => point.with(axis, at))),
      points,
    );
    return Manifold.hull(all as [number, number, number][]);
  };

  const hasSize = (work: Cells) => rangesOf(work).every(([from, to]) => to > from);

  /** From a piece's own length, width and depth into the space. */
  const placeOf = (piece: Cells): Mat4 => {
    const along = ['x', 'y', 'z'].map((axis) => number(piece, `length goes ${axis}`));
    const across = ['x', 'y', 'z'].map((axis) => number(piece, `width goes ${axis}`));
    const [a, b, c] = along as [number, number, number];
    const [d, e, f] = across as [number, number, number];
    const down = [b * f - c * e, c * d - a * f, a * e - b * d];
    const at = ['x', 'y', 'z'].map((axis) => number(piece, axis));
    return [...along, 0, ...across, 0, ...down, 0, ...at, 1] as unknown as Mat4;
  };

  /** The board as it comes from the saw, where it lies in the finished piece; a hair less all round where one asks for that. */
  const boardOf = (piece: Cells, works: readonly Cells[], hair = 0): Manifold => {
    const past = (axis: string) =>
      Math.min(
        0,
        ...works.filter(({ kind }) => kind === 'scribe').map((work) => number(work, `${axis} from`)),
      );
    const from = [
      number(piece, 'banding start') + past('length'),
      number(piece, 'banding left') + past('width'),
      number(piece, 'on face'),
    ];
    const size = [number(piece, 'cut length'), number(piece, 'cut width'), number(piece, 'cut thickness')];
    return block(from.map((at, i) => [at + hair, at + size[i]! - hair] as const));
  };

  const rebuild = (pieces: readonly Cells[], works: readonly Cells[]): Rebuilt[] =>
    pieces.map((piece): Rebuilt => {
      const own = works.filter((work) => work['piece'] === piece['piece']);
      const out = own
        .filter(hasSize)
        .map((work) => (work['round'] ? drum(work) : work['corner'] ? wedge(work) : block(rangesOf(work))));
      const worked = out.reduce((board, hole) => board.subtract(hole), boardOf(piece, own));
      return { key: piece['piece']!, is: piece['is']!, solid: worked.transform(placeOf(piece)) };
    });

  return { Manifold, CrossSection, rebuild, boardOf, block, rangesOf, placeOf };
}
