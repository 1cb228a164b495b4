import {
  balancesOf,
  newCarcass,
  newPart,
  newPlan,
  readPlan,
  type Carcass,
  type Change,
  type Part,
  type Plan,
} from '@tarnpass/core';
import { Editing } from './editing';
import { median, timed, type Figures } from './figures';
import { placed } from './placing';

const mm = (value: number) => ({ mm: value });
const LIDS = 10;

/** A cabin with a fold-up bed, a folding platform before it, and a row of ten chests with lids along a wall. */
export function cabin(): Plan {
  const empty: Plan = {
    ...newPlan('A cabin'),
    space: { width: mm(7600), depth: mm(5200), height: mm(2600), slopes: [] },
  };
  const standing = (kind: Carcass['kind'], id: string, name: string, other: Partial<Carcass>): Carcass => ({
    ...newCarcass(empty, kind),
    id,
    name,
    faces: 'south',
    stands: { on: 'the floor' },
    ...other,
  });
  const cabinet = standing('cupboard', 'cabinet', 'Bed cabinet', {
    x: mm(300),
    y: mm(4700),
    width: mm(1000),
    height: mm(2250),
    depth: mm(450),
  });
  const seat = standing('bench', 'seat', 'Seat', {
    x: mm(2400),
    y: mm(4700),
    width: mm(900),
    height: mm(420),
    depth: mm(400),
  });
  const chests = Array.from({ length: LIDS }, (_, i) =>
    standing('bench', `chest-${i}`, `Chest ${i + 1}`, {
      x: mm(200 + i * 720),
      y: mm(700),
      faces: 'south',
      width: mm(680),
      height: mm(450),
      depth: mm(500),
    }),
  );
  const carcasses = [cabinet, seat, ...chests];
  const on = (family: Part['family'], carcass: Carcass): Part => ({
    ...newPart({ ...empty, carcasses }, family, carcass),
    id: `${carcass.id}-part`,
    name: `Part of ${carcass.name}`,
  });
  const read = readPlan({
    ...empty,
    carcasses,
    parts: [on('bed', cabinet), on('platform', seat), ...chests.map((chest) => on('lid', chest))],
  });
  if (!read.ok) throw new Error(read.issues[0]!.message);
  return read.plan;
}

/** What an edit of that cabin takes to its answer, with every curve drawn: of the bed, the platform, a lid; and struts placed on the bed. */
export function measureCabin(figures: Figures): void {
  const editing = new Editing(cabin());
  const bed = (i: number): Change => ({
    path: ['parts', 0, 'mattress', 'thick'],
    before: mm(180),
    after: mm(150 + i),
  });
  const platform = (i: number): Change => ({
    path: ['parts', 1, 'leaves', 1],
    before: mm(460),
    after: mm(441 + i),
  });
  const lid = (i: number): Change => ({ path: ['parts', 4, 'limit'], before: 100, after: 84 + i });
  figures.note('cabinBedMs', editing.timed(bed));
  figures.note('cabinPlatformMs', editing.timed(platform));
  figures.note('cabinLidMs', editing.timed(lid));
  const plan = cabin();
  const [{ id }] = plan.parts as [Part];
  if (balancesOf(plan, id).length === 0) throw new Error('A bed is weighed.');
  figures.note('bedPlacerMs', median(Array.from({ length: 3 }, () => timed(() => placed(plan, id)))));
}
