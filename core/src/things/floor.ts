import type { Thing } from './schema';

/** The finished floor as what stands on it sees it. */
export interface Floor {
  /** Above the floor of the space, mm. */
  readonly high: number;
  /** What lies so high, by the ids of their bodies, the floor of the space first: a foot comes down on any of it. */
  readonly bodies: readonly string[];
}

/** The floor at a point of the space: its own, or the upper face of what flooring lies there or is to come. */
export function floorAt(things: readonly Thing[], [x, y]: readonly [number, number]): Floor {
  const laid = things.filter(({ kind, state }) => kind === 'flooring' && state !== 'to be removed');
  const high = laid.reduce(
    (most, thing) =>
      isWithin(thing.x.mm, thing.width.mm, x) && isWithin(thing.y.mm, thing.depth.mm, y)
        ? Math.max(most, topOf(thing))
        : most,
    0,
  );
  const level = high > 0 ? laid.filter((thing) => Math.abs(topOf(thing) - high) < LEVEL) : [];
  return { high, bodies: ['floor', ...level.map(({ id }) => `thing-${id}`)] };
}
/** Flooring that differs by less than this is level, mm. */
const LEVEL = 0.5;

const topOf = ({ z, height }: Thing): number => z.mm + height.mm;
const isWithin = (from: number, long: number, at: number): boolean => at >= from && at <= from + long;
