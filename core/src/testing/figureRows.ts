import { KIND_ROWS } from './kindRows';
import type { Made } from './planWith';

/** What the book of figures tells: every kind as it is built, and its typical fault. */
export const FIGURE_ROWS: readonly (readonly [kind: string, made: Made])[] = Object.entries(
  KIND_ROWS,
).flatMap(
  ([kind, { good, bad }]) =>
    [
      [kind, good],
      [`${kind}, at fault`, bad],
    ] as const,
);
