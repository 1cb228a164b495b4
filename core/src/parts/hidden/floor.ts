import { GRAVITY } from '../../piece/mass';

/** The floor under a leaf's free edge: so high over the floor at its foot, by how far it is open. */
export interface FloorAt {
  readonly degrees: number;
  readonly high: number;
}

/** Where a leaf's foot meets the floor on its way, and by how much at most. */
export interface Drag {
  /** Degrees open at which it first meets it. */
  readonly from: number;
  readonly deepest: number;
  /** Where that is, degrees. */
  readonly at: number;
}

/** The floor between the places measured runs straight; beyond them it stays as at the last. */
export function floorHigh(readings: readonly FloorAt[], degrees: number): number {
  if (readings.length === 0) return 0;
  const next = readings.findIndex((row) => row.degrees >= degrees);
  if (next === 0) return readings[0]!.high;
  if (next < 0) return readings.at(-1)!.high;
  const [from, to] = [readings[next - 1]!, readings[next]!];
  return from.high + ((to.high - from.high) * (degrees - from.degrees)) / (to.degrees - from.degrees);
}

/**
 * Where a foot that hangs so far over the floor drags; undefined where it does not. Exact for a floor that runs straight between the places.
 *
 * @param foot  its foot over the floor at 0, with all that it sags by taken off, mm
 */
export function dragOver(readings: readonly FloorAt[], foot: number, limit: number): Drag | undefined {
  const places = [0, ...readings.map(({ degrees }) => degrees).filter((one) => one > 0 && one < limit), limit];
  const over = places.map((degrees) => floorHigh(readings, degrees) - foot);
  const deepest = Math.max(...over);
  if (deepest <= 0) return undefined;
  const first = over.findIndex((one) => one > 0);
  const from =
    first === 0
      ? 0
      : places[first - 1]! +
        ((places[first]! - places[first - 1]!) * -over[first - 1]!) / (over[first]! - over[first - 1]!);
  return { from, deepest, at: places[over.indexOf(deepest)]! };
} // prettier-ignore

/** A wooden foot on a floor, and on a carpet's pile. Common practice. */
export const FOOT_FRICTION = 0.4;
/** A wheel of rubber on a hard floor, and on a carpet: of what it bears. Common practice. */
export const ROLLING = { hard: 0.02, carpet: 0.08 } as const;
export const SKID_FRICTION = 0.2;

/**
 * What opens a leaf that drags, N at its free edge, at most: its foot is lifted until it bears half of the weight.
 *
 * @source mu m g e / W, by moments about its axis
 */
export const dragPull = (kg: number, off: number, wide: number, friction: number): number =>
  (friction * kg * GRAVITY * off) / wide;

/** What a wheel or a skid so far from the axis bears, N, where it takes all that the free edge hangs by. @source m g e / r */
export const borne = (kg: number, off: number, at: number): number => (kg * GRAVITY * off) / at;

/** The steepest that the floor rises along the way of what runs on it, as a share. @param radius  of its way, mm */
export function steepest(readings: readonly FloorAt[], radius: number): number {
  return readings.slice(1).reduce((most, row, i) => {
    const before = readings[i]!;
    const run = ((row.degrees - before.degrees) * Math.PI * radius) / 180;
    return Math.max(most, (row.high - before.high) / run);
  }, 0);
}

/** By how much the floor differs along the way. */
export const unevenBy = (readings: readonly FloorAt[]): number =>
  readings.length === 0
    ? 0
    : Math.max(...readings.map(({ high }) => high)) - Math.min(...readings.map(({ high }) => high));
