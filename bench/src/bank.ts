import { newCarcass, newPart, newPlan, readPlan, type Plan } from '@tarnpass/core';
import { Editing } from './editing';
import type { Figures } from './figures';

const mm = (value: number) => ({ mm: value });

/** One tall case with a bank of 24 drawers in it. */
export function drawerBank(): Plan {
  const empty: Plan = {
    ...newPlan('A bank of 24 drawers'),
    space: { width: mm(2400), depth: mm(2400), height: mm(2500), slopes: [] },
  };
  const carcass = {
    ...newCarcass(empty, 'tower'),
    id: 'case',
    name: 'Case',
    width: mm(600),
    height: mm(2300),
  };
  const part = newPart({ ...empty, carcasses: [carcass] }, 'drawer', carcass);
  if (part.family !== 'drawer') throw new Error('Drawers were asked for.');
  const drawers = {
    ...part,
    bank: { kind: 'even', drawers: Array.from({ length: 24 }, (_, i) => ({ id: `d${i + 1}` })) },
    handle: part.handle && { ...part.handle, kind: 'knob', width: mm(25), height: mm(25), holes: mm(0) },
    runs: { ...part.runs, up: mm(4) },
    box: {
      ...part.box,
      under: mm(6),
      above: mm(8),
      bottom: { kind: 'let in', material: 'ply-6', deep: mm(6) },
    },
  };
  const read = readPlan({ ...empty, carcasses: [carcass], parts: [drawers] });
  if (!read.ok) throw new Error(read.issues[0]!.message);
  return read.plan;
}

/** What an edit that changes all 24 drawers takes to its answer, with every curve drawn: of their gap, and of their depth. */
export function measureBank(figures: Figures): void {
  const editing = new Editing(drawerBank());
  figures.note(
    'bankGapMs',
    editing.timed((i) => ({ path: ['parts', 0, 'fit', 'gap'], before: mm(3), after: mm(2.5 + i / 20) })),
  );
  figures.note(
    'bankDepthMs',
    editing.timed((i) => ({ path: ['carcasses', 0, 'depth'], before: mm(560), after: mm(562 + i) })),
  );
}
