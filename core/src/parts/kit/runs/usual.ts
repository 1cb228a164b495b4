import type { Runs } from './schema';

/** Usual numbers to start from. Common practice, no single source; each is there to be changed. */
const mm = (value: number) => ({ mm: value });

export const USUAL_RUNS: { readonly [Kind in Runs['kind']]: Extract<Runs, { kind: Kind }> } = {
  'side slides': {
    kind: 'side slides',
    hardware: 'slide-full',
    length: null,
    up: mm(20),
    upper: null,
    screw: mm(10),
  },
  'under slides': { kind: 'under slides', hardware: 'under-full', length: null },
  'wooden runners': {
    kind: 'wooden runners',
    play: mm(1.5),
    wide: mm(30),
    thick: mm(15),
    out: mm(300),
    kicker: { gap: mm(3) },
  },
};

/** On slides of lengths in inches in place of the usual ones of lengths in mm. */
export function slidesInInches<P extends { readonly runs: Runs }>(part: P): P {
  const { runs } = part;
  return runs.kind === 'side slides' && runs.hardware === USUAL_RUNS['side slides'].hardware
    ? { ...part, runs: { ...runs, hardware: 'slide-full-in' } }
    : part;
}
