import type { Conditions } from '../balance/force';
import { driveOf, handOf } from '../balance/poise';
import type { Balance } from '../parts/contract/balance';
import { poisedOf } from './balance';

/** What a hand gives and what turns a leaf at travels drawn, each from the least to the most that it may be. */
export interface HandCurve {
  readonly travels: readonly number[];
  /** To open, N: less than 0 holds it back. */
  readonly lift: readonly (readonly [number, number])[];
  /** To shut, N: less than 0 holds it back as it falls. */
  readonly shut: readonly (readonly [number, number])[];
  /** What turns it open by itself as it closes, and as it opens, Nm. */
  readonly torque: readonly (readonly [number, number])[];
}

/** Points a curve is drawn by. */
const POINTS = 61;
const NMM_A_NM = 1000;

/** Exact at every travel that is drawn. */
export function handCurve(
  balance: Balance,
  usable: number,
  conditions: Omit<Conditions, 'sense'>,
): HandCurve {
  const poised = poisedOf(balance, usable);
  const [lift, shut] = ([1, -1] as const).map((sense) => handOf(poised, { ...conditions, sense }));
  const [opens, closes] = ([1, -1] as const).map((sense) =>
    driveOf(balance.efforts, { ...conditions, sense }),
  );
  const travels = Array.from({ length: POINTS }, (_, i) => (usable * i) / (POINTS - 1));
  const pair = ({ least, most }: { least: number; most: number }) => [least, most] as const;
  return {
    travels,
    lift: travels.map((t) => pair(lift!(t, t))),
    shut: travels.map((t) => pair(shut!(t, t))),
    torque: travels.map((t) => {
      const [a, b] = [opens!(t, t), closes!(t, t)];
      return [Math.min(a.least, b.least) / NMM_A_NM, Math.max(a.most, b.most) / NMM_A_NM] as const;
    }),
  };
}
