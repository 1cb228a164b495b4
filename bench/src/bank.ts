import {
  applyEdit,
  newCarcass,
  newPart,
  newPlan,
  readPlan,
  reportOf,
  SceneChecker,
  type Change,
  type Plan,
} from '@tarnpass/core';
import { median, type Figures } from './figures';

const mm = (value: number) => ({ mm: value });

/** One tall case with a bank of 24 drawers in it. */
export function drawerBank(): Plan {
  const empty: Plan = {
    ...newPlan('A bank of 24 drawers'),
    space: { width: mm(2400), depth: mm(2400), height: mm(2500), slopes: [] },
  };
  const carcass = { ...newCarcass(empty, 'tower'), id: 'case', name: 'Case', width: mm(600), height: mm(2300) };
  const part = newPart({ ...empty, carcasses: [carcass] }, 'drawer', carcass);
  if (part.family !== 'drawer') throw new Error('Drawers were asked for.');
  const drawers = {
    ...part,
    bank: { kind: 'even', count: 24 },
    handle: part.handle && { ...part.handle, kind: 'knob', width: mm(25), height: mm(25), holes: mm(0) },
    runs: { ...part.runs, up: mm(4) },
    box: { ...part.box, under: mm(6), above: mm(8), bottom: { kind: 'let in', material: 'ply-6', deep: mm(6) } },
  };
  const read = readPlan({ ...empty, carcasses: [carcass], parts: [drawers] });
  if (!read.ok) throw new Error(read.issues[0]!.message);
  return read.plan;
} // prettier-ignore

/** What an edit that changes all 24 drawers takes to its answer, with every curve drawn: of their gap, and of their depth. */
export function measureBank(figures: Figures): void {
  let plan = drawerBank();
  const checker = new SceneChecker({ curves: true });
  reportOf(plan, checker);
  const timed = (change: (i: number) => Change): number =>
    median(
      Array.from({ length: 15 }, (_, i) => {
        const one = change(i);
        const before = performance.now();
        const made = applyEdit(plan, { name: 'Edit', changes: [one] });
        if (!made.ok) throw new Error(made.issues[0]!.message);
        plan = made.plan;
        reportOf(plan, checker);
        return performance.now() - before;
      }),
    );
  figures.note('bankGapMs', timed((i) => ({ path: ['parts', 0, 'fit', 'gap'], before: mm(3), after: mm(2.5 + i / 20) }))); // prettier-ignore
  figures.note('bankDepthMs', timed((i) => ({ path: ['carcasses', 0, 'depth'], before: mm(560), after: mm(562 + i) }))); // prettier-ignore
}
