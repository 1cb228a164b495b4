import type { Lifts, LiftTable } from './schema';

/** Usual numbers to start from. Common practice, no single source; each is there to be changed. */
const mm = (value: number) => ({ mm: value });

export const usualLifts = (kind: Lifts['kind'], material: string): Lifts =>
  kind === 'pedestal'
    ? { kind, tubes: 3, across: mm(100), held: mm(80) }
    : kind === 'scissor'
      ? { kind, material, long: mm(800), wide: mm(50) }
      : { kind, material, long: mm(700), wide: mm(50), apart: mm(300), goes: 'front' };

export const freshLift = (
  id: string,
  name: string,
  mount: LiftTable['mount'],
  material: string,
): LiftTable => ({
  id,
  family: 'lift table',
  name,
  mount,
  material,
  wide: mm(900),
  deep: mm(600),
  low: mm(400),
  high: mm(720),
  lifts: usualLifts('pedestal', material),
  power: 'by hand',
  rating: 150,
  carries: 2,
  seat: mm(430),
  sleeps: false,
  schools: {},
});

export const lifting =
  (kind: Lifts['kind']) =>
  (table: LiftTable): LiftTable => ({ ...table, lifts: usualLifts(kind, table.material) });

/** Nothing of it has a left and a right. */
export const mirrorLift = (table: LiftTable): LiftTable => table;
