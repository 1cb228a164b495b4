import type { Point2 } from '@tarnpass/core';

/** So many times is what is out of true drawn, so that it can be seen. */
export const EXAGGERATION = 12;

/** Corners with their way off the drawn ones taken so many times. */
export const exaggerated = (drawn: readonly Point2[], read: readonly Point2[]): Point2[] =>
  read.map(([x, y], i) => {
    const [dx, dy] = drawn[i] ?? [x, y];
    return [dx + EXAGGERATION * (x - dx), dy + EXAGGERATION * (y - dy)];
  });
