/** An upright face seen from the front: places (z, x) up along it, straight between them, mm. */
export type FaceLine = readonly (readonly [number, number])[];

/** A face that is plumb between two heights. */
export const plumbLine = (x: number, bottom: number, top: number): FaceLine => [
  [bottom, x],
  [top, x],
];

/** Where a face is at a height; beyond its ends as at them. */
export function faceAt(line: FaceLine, z: number): number {
  if (z <= line[0]![0]) return line[0]![1];
  for (let i = 1; i < line.length; i += 1) {
    const [z0, x0] = line[i - 1]!;
    const [z1, x1] = line[i]!;
    if (z <= z1) return z1 === z0 ? x1 : x0 + ((x1 - x0) * (z - z0)) / (z1 - z0);
  }
  return line[line.length - 1]![1];
}

/** The face between two heights, with its own places there. */
export function between(line: FaceLine, bottom: number, top: number): FaceLine {
  return [
    [bottom, faceAt(line, bottom)],
    ...line.filter(([z]) => z > bottom && z < top),
    [top, faceAt(line, top)],
  ];
}

/** A face moved by another's amounts, place by place. */
export function added(line: FaceLine, by: FaceLine, sign: 1 | -1): FaceLine {
  const heights = [...new Set([...line, ...by].map(([z]) => z))]
    .filter((z) => z >= line[0]![0] && z <= line[line.length - 1]![0])
    .sort((a, b) => a - b);
  return heights.map((z) => [z, faceAt(line, z) + sign * faceAt(by, z)]);
}

export const leftmost = (line: FaceLine): number => Math.min(...line.map(([, x]) => x));
export const rightmost = (line: FaceLine): number => Math.max(...line.map(([, x]) => x));

/** Two faces with something solid between them, as quadrilaterals (x, z) from below up; a single one where both are straight. */
export function slabs(left: FaceLine, right: FaceLine): (readonly [number, number])[][] {
  const heights = [...new Set([...left, ...right].map(([z]) => z))].sort((a, b) => a - b);
  const rows = heights.map((z) => [z, faceAt(left, z), faceAt(right, z)] as const);
  // Rows in line with both their neighbours say nothing.
  const kept = rows.filter((row, i) => {
    const [before, after] = [rows[i - 1], rows[i + 1]];
    if (!before || !after) return true;
    const share = (row[0] - before[0]) / (after[0] - before[0]);
    return [1, 2].some(
      (k) => Math.abs(before[k as 1]! + share * (after[k as 1]! - before[k as 1]!) - row[k as 1]!) > 1e-9,
    );
  });
  return kept.slice(1).map(([z1, l1, r1], i) => {
    const [z0, l0, r0] = kept[i]!;
    return [
      [l0, z0],
      [r0, z0],
      [r1, z1],
      [l1, z1],
    ];
  });
}
