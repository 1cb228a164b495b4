/** How a joint's own travel follows the travel of its mover: value and rate at a travel, and bounds over a stretch. */
export interface Drive {
  /** Its content as text: two drives with the same key are the same. */
  readonly key: string;
  /** Its rate is one and the same at every travel: it can be asked anywhere. */
  readonly even?: true;
  value(travel: number): number;
  /** First derivative; at a knot that of the later (side 1) or earlier (-1) stretch. */
  rate(travel: number, side?: 1 | -1): number;
  /**
   * Bounds that hold over [from, to], which must lie within one stretch between the motion's knots: on the absolute
   * first and second derivative. Infinity where nothing can be said over so long a stretch.
   */
  over(from: number, to: number): { readonly rate: number; readonly bend: number };
}

/** A joint that moves in step: offset + ratio * travel. Ratio 0 holds it still. */
export function ratio(by: number, offset = 0): Drive {
  const bounds = { rate: Math.abs(by), bend: 0 };
  return {
    key: `ratio ${by} ${offset}`,
    even: true,
    value: (travel) => offset + by * travel,
    rate: () => by,
    over: () => bounds,
  };
}

export const STRAIGHT: Drive = ratio(1);

/** A drive that goes straight from point to point: [travel, value], travels rising. Its inner points are knots of a motion. */
export function table(points: readonly (readonly [number, number])[]): Drive {
  if (points.length < 2) throw new Error('A table of travels needs two points or more.');
  points.forEach(([travel, value], i) => {
    if (!Number.isFinite(travel) || !Number.isFinite(value))
      throw new Error('A table of travels holds a value that is no number.');
    if (i > 0 && !(travel > points[i - 1]![0])) throw new Error('The travels of a table must rise.');
  });
  const slopes = points.slice(1).map(([t, v], i) => (v - points[i]![1]) / (t - points[i]![0]));
  const stretch = (travel: number, side: 1 | -1 = 1) => {
    let i = 0;
    while (i + 1 < slopes.length && (side > 0 ? travel >= points[i + 1]![0] : travel > points[i + 1]![0]))
      i += 1;
    return i;
  };
  return {
    key: `table ${points.join(' ')}`,
    value: (travel) => {
      const i = stretch(travel);
      return points[i]![1] + slopes[i]! * (travel - points[i]![0]);
    },
    rate: (travel, side) => slopes[stretch(travel, side)]!,
    over: (from, to) => {
      const used = slopes.slice(stretch(from), Math.max(stretch(from), stretch(to, -1)) + 1);
      return { rate: Math.max(...used.map(Math.abs)), bend: 0 };
    },
  };
}

/** Inner travels of a table, where its rate jumps. */
export const knotsOfTable = (points: readonly (readonly [number, number])[]): number[] =>
  points.slice(1, -1).map(([travel]) => travel);

/** The same the other way: what undoes a joint so driven. */
export function opposite(drive: Drive): Drive {
  return {
    ...drive,
    key: `- ${drive.key}`,
    value: (t) => -drive.value(t),
    rate: (t, side) => -drive.rate(t, side),
  };
}
