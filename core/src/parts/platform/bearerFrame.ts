import { middleOf, span, type Bounds, type Range } from '../../solid/bounds';
import type { FrameBears } from './schema';

/** A bolt through two bearers that stand back to back: across, and of its nut and washers what it is longer than both, mm. @source ISO 4032 and 7089 of M8, from memory: 6.8 high, 1.6 thick */
export const BOLT = { across: 8, beyond: 12, step: 10 } as const;

/** Bearers across on two ledgers, in sections that are bolted end to end. In the frame of their carcass, mm. */
export interface LaidBearers {
  /** Of either side one to a section, the section nearest to the carcass first. */
  readonly ledgers: readonly Bounds[];
  /** Section by section, from the carcass out. */
  readonly sections: readonly (readonly Bounds[])[];
  /** Where sections meet, the middles of their bolts. */
  readonly bolts: readonly (readonly [x: number, y: number, z: number])[];
  readonly boltLong: number;
}

/** @param y  from the far edge to where it begins before its carcass; @param high  the underside of what lies on it */
export function layBearers(
  { bears, deep, apart, sections, bolts }: FrameBears,
  thick: number,
  x: Range,
  y: Range,
  high: number,
): LaidBearers {
  const long = span(y) / sections;
  const z: Range = [high - deep.mm, high];
  const under: Range = [z[0] - thick, z[0]];
  const ends = Array.from({ length: sections }, (_, i): Range => [y[1] - (i + 1) * long, y[1] - i * long]);
  // From middle to middle of its end bearers, in steps that are no longer than was wanted.
  const steps = Math.max(1, Math.ceil((long - thick) / apart.mm));
  const laid = ends.map(([, from]) =>
    Array.from({ length: steps + 1 }, (_, k): Bounds => {
      const begins = from - thick - (k * (long - thick)) / steps;
      return { x, y: [begins, begins + thick], z };
    }),
  );
  const first = x[0] + bolts.in.mm;
  const step = (span(x) - 2 * bolts.in.mm) / (bolts.count - 1);
  return {
    ledgers: ends.flatMap((along): Bounds[] => [
      { x: [x[0], x[0] + bears.mm], y: along, z: under },
      { x: [x[1] - bears.mm, x[1]], y: along, z: under },
    ]),
    sections: laid,
    bolts: ends
      .slice(1)
      .flatMap(([, at]) =>
        Array.from({ length: bolts.count }, (_, k) => [first + k * step, at, middleOf(z)] as const),
      ),
    boltLong: BOLT.step * Math.ceil((2 * thick + BOLT.beyond) / BOLT.step),
  };
}
