import type { Interval } from './interval';

/** A gas strut as it is bought. */
export interface GasStrut {
  /** Push near its full extension as it extends, N, at 20 degrees. */
  readonly push: number;
  /** How much more than that it pushes fully pressed in: 1.2 to 1.6. */
  readonly progression: number;
  /** Its stroke and its length drawn out, mm, between the middles of its ends. */
  readonly stroke: number;
  readonly extended: number;
  /** What its seals take or give, as a share of its push: more to press it in by so much. */
  readonly friction: number;
  /** How far one of a make may be off its push: 0.1 is a tenth either way. */
  readonly tolerance: number;
  /** What it loses of its push over its years, as a share. */
  readonly ageing: number;
}

/** Kelvin at 0 degrees, and at the 20 that struts are sold by. */
const ZERO_C = 273.15;
const SOLD_AT_C = 20;

/** What a strut is asked under: the way it goes, how warm it is, whether its years are over. */
export interface StrutState {
  readonly sense: 1 | -1;
  readonly celsius: number;
  readonly aged: boolean;
  /** What is left of its gas once it was let off, as a share. */
  readonly gas?: number;
}

/**
 * What a gas strut pushes with over a range of its lengths, N, as it goes out (sense 1) or in. The shorter the harder.
 *
 * @source derived: the gas is squeezed into what the rod leaves (F1 / (1 - x/S (1 - 1/k))) and its pressure goes with its absolute temperature;
 * friction inward common practice
 */
export function strutPush(
  strut: GasStrut,
  lengths: Interval,
  { sense, celsius, aged, gas = 1 }: StrutState,
): Interval {
  const { friction, tolerance, ageing } = strut;
  const warm = (ZERO_C + celsius) / (ZERO_C + SOLD_AT_C);
  const rubbed = gas * warm * (sense === 1 ? 1 : 1 + friction) * (aged ? 1 - ageing : 1);
  return {
    least: gasPush(strut, lengths.most) * rubbed * (1 - tolerance),
    most: gasPush(strut, lengths.least) * rubbed * (1 + tolerance),
  };
}

function gasPush({ push, progression, stroke, extended }: GasStrut, length: number): number {
  const pressed = Math.min(1, Math.max(0, (extended - length) / stroke));
  return push / (1 - pressed * (1 - 1 / progression));
}

/** What is left of a strut's stroke over a range of its lengths, mm: before it is pressed in wholly, and drawn out wholly; less than 0 where it does not reach. */
export const strokeLeft = ({ stroke, extended }: GasStrut, lengths: Interval) => ({
  in: lengths.least - (extended - stroke),
  out: extended - lengths.most,
});
