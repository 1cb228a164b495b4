import type { Grip } from './schema';

/** Usual numbers to start from. Common practice, no single source. */
const mm = (value: number) => ({ mm: value });

export const USUAL_GRIP: { readonly [Kind in Grip['kind']]: Extract<Grip, { kind: Kind }> } = {
  edge: { kind: 'edge' },
  notch: { kind: 'notch', wide: mm(100), deep: mm(25) },
  pull: { kind: 'pull', projection: mm(35), wide: mm(120) },
};
