import { balanceReport, balancesOf, newCarcass, newPart, newPlan, readPlan, type Plan } from '@tarnpass/core';
import { median, timed, type Figures } from './figures';
import { placed } from './placing';

const mm = (value: number) => ({ mm: value });

/** A bench lid of about ten kilograms on two struts. */
export function lidOnStruts(): Plan {
  const empty: Plan = {
    ...newPlan('A lid on struts'),
    space: { width: mm(4000), depth: mm(3000), height: mm(2400), slopes: [] },
  };
  const bench = { ...newCarcass(empty, 'bench'), width: mm(1000), depth: mm(500), height: mm(450) };
  const lid = newPart({ ...empty, carcasses: [bench] }, 'lid', bench);
  if (lid.family !== 'lid') throw new Error('A lid was asked for.');
  const help = {
    kind: 'gas struts',
    hardware: 'strut-385-100',
    count: 2,
    onLeaf: { along: mm(90), in: mm(12) },
    onCase: { along: mm(130), in: mm(250) },
  } as const;
  const read = readPlan({
    ...empty,
    carcasses: [{ ...bench, y: mm(1500) }],
    parts: [{ ...lid, carries: 6, help }],
  });
  if (!read.ok) throw new Error(read.issues[0]!.message);
  return read.plan;
}

/** What the balance of a lid with two struts takes over its travel, every bound proven; and placing struts on it. */
export function measureBalance(figures: Figures): void {
  const plan = lidOnStruts();
  const id = plan.parts[0]!.id;
  const [balance] = balancesOf(plan, id);
  const once = () => timed(() => balanceReport(plan, balance!, 1.7).weathers[0]);
  for (let i = 0; i < 30; i += 1) once();
  // One weather: it is looked at under five, and told with what struts and hinges hold.
  const weathers = balanceReport(plan, balance!, 1.7).weathers.length;
  figures.note('balanceMs', median(Array.from({ length: 41 }, once)) / weathers);
  figures.note('balanceAllMs', median(Array.from({ length: 41 }, once)));
  figures.note('placerMs', median(Array.from({ length: 5 }, () => timed(() => placed(plan, id)))));
}
