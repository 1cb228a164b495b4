/** A rectangle along two axes: from and to along the first, from and to along the second. */
export type Rect = readonly [number, number, number, number];

/** Thinner than this is nothing, mm. */
const THIN = 1e-6;

/** What is left of a rectangle where others are cut out of it, as rectangles that do not overlap. */
export function uncovered([x0, x1, y0, y1]: Rect, holes: readonly Rect[]): Rect[] {
  const inside = holes.filter(
    ([a, b, c, d]) => a < x1 - THIN && b > x0 + THIN && c < y1 - THIN && d > y0 + THIN,
  );
  const cuts = [...new Set([x0, x1, ...inside.flatMap(([a, b]) => [a, b])])]
    .filter((x) => x >= x0 && x <= x1)
    .sort((a, b) => a - b);
  const left: Rect[] = [];
  cuts.slice(1).forEach((to, i) => {
    const from = cuts[i]!;
    if (to - from < THIN) return;
    const here = inside.filter(([a, b]) => a < to - THIN && b > from + THIN).sort((a, b) => a[2] - b[2]);
    let low = y0;
    const strip: Rect[] = [];
    for (const [, , c, d] of here) {
      if (c - low > THIN) strip.push([from, to, low, c]);
      low = Math.max(low, d);
    }
    if (y1 - low > THIN) strip.push([from, to, low, y1]);
    for (const rect of strip) {
      const before = left.findIndex((one) => one[1] === rect[0] && one[2] === rect[2] && one[3] === rect[3]);
      if (before >= 0) left[before] = [left[before]![0], rect[1], rect[2], rect[3]];
      else left.push(rect);
    }
  });
  return left;
}
