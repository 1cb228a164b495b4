import {
  adjustCorners,
  cornersOf,
  leanFromDiagonals,
  quadrilateral,
  QUAD_NAMES,
  type LogSummary,
  type Measured,
  type Plan,
  type Point2,
  type Six,
  type Tie,
} from '@tarnpass/core';

/** What the lengths read between corners say together of the shape of the walls. */
export type TrueShape =
  | { readonly kind: 'none' }
  | {
      readonly kind: 'wanting';
      readonly more: number;
      /** What two diagonals of a plain room tell by themselves: how far it leans over its depth, mm. */
      readonly lean?: number;
    }
  | { readonly kind: 'impossible' }
  | {
      readonly kind: 'found';
      readonly corners: readonly Point2[];
      /** Lengths that cannot be true with the others: what each ought to be, the likeliest first. */
      readonly suspects: readonly { readonly words: string; readonly ought: number }[];
    };

const WALLS: Readonly<Record<string, string>> = {
  AB: 'south wall',
  BC: 'east wall',
  CD: 'north wall',
  DA: 'west wall',
  AC: 'diagonal from the south-west corner',
  BD: 'diagonal from the south-east corner',
};

export function trueShape({ space }: Plan, summary: LogSummary): TrueShape {
  const corners = cornersOf(space);
  const read = (a: number, b: number): Measured | undefined => {
    const [p, q] = [corners[a]!.id, corners[b]!.id];
    return (summary.byDimension.get(`space/${p}:${q}`) ?? summary.byDimension.get(`space/${q}:${p}`))
      ?.governs;
  };
  const ties = corners.flatMap((_, i) =>
    corners.slice(i + 1).flatMap((__, k): Tie[] => {
      const one = read(i, i + 1 + k);
      return one ? [{ ends: [i, i + 1 + k], read: one }] : [];
    }),
  );
  if (ties.length === 0) return { kind: 'none' };
  // Four sides and two diagonals leave one length over: which is wrong is told by what is nearest to square.
  if (corners.length === 4 && ties.length === 6) return fourCorners(read);
  const drawn = corners.map(({ x, y }): Point2 => [x.mm, y.mm]);
  const made = adjustCorners(drawn, ties);
  if (!made.ok) {
    const [ac, bd] = corners.length === 4 ? [read(0, 2), read(1, 3)] : [];
    const lean = ac && bd && leanFromDiagonals(space.width.mm, ac.mm, bd.mm);
    return { kind: 'wanting', more: made.more, ...(lean !== undefined && { lean }) };
  }
  if (made.corners.some((corner) => !corner.every(Number.isFinite))) return { kind: 'impossible' };
  return {
    kind: 'found',
    corners: made.corners,
    suspects: made.suspects.map(({ tie, ought }) => {
      const [i, j] = ties[tie]!.ends;
      return { words: `length from corner ${i + 1} to corner ${j + 1}`, ought };
    }),
  };
}

function fourCorners(read: (a: number, b: number) => Measured | undefined): TrueShape {
  const six = Object.fromEntries(
    QUAD_NAMES.map((name) => {
      const [a, b] = [...name].map((letter) => 'ABCD'.indexOf(letter));
      return [name, read(a!, b!)!];
    }),
  ) as unknown as Six<Measured>;
  const shape = quadrilateral(six);
  if (!shape) return { kind: 'impossible' };
  return {
    kind: 'found',
    corners: shape.corners,
    suspects: shape.suspects.map(({ name, ought }) => ({ words: WALLS[name]!, ought })),
  };
}

/** So many times is what is out of true drawn, so that it can be seen. */
export const TIMES = 12;

/** Corners with their way off the drawn ones taken so many times. */
export const exaggerated = (drawn: readonly Point2[], read: readonly Point2[]): Point2[] =>
  read.map(([x, y], i) => {
    const [dx, dy] = drawn[i] ?? [x, y];
    return [dx + TIMES * (x - dx), dy + TIMES * (y - dy)];
  });
