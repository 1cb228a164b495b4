import { newCarcass, newPart, newPlan, readPlan, type Bay, type Change, type Plan } from '@tarnpass/core';
import { Editing } from './editing';
import type { Figures } from './figures';

const mm = (value: number) => ({ mm: value });
const bay = (id: string): Bay => ({ id, take: 'equal', read: {} });

/** A wardrobe wall of 24 openings: four cases, each two wide and three high, with a door on every one. */
export function wardrobeWall(): Plan {
  const empty: Plan = {
    ...newPlan('A wall of 24 openings'),
    space: { width: mm(5500), depth: mm(4000), height: mm(2500), slopes: [] },
  };
  const split = (way: 'uprights' | 'shelves', bays: Bay[]): Bay['split'] => ({ way, setback: mm(0), bays });
  const carcasses = [0, 1, 2, 3].map((i) => ({
    ...newCarcass(empty, 'tower'),
    id: `case-${i}`,
    name: `Case ${i + 1}`,
    x: mm(500 + i * 1000),
    y: mm(3400),
    faces: 'south' as const,
    width: mm(1000),
    height: mm(2300),
    bay: {
      ...bay('all'),
      split: split(
        'uprights',
        [0, 1].map((c) => ({
          ...bay(`c${c}`),
          split: split(
            'shelves',
            [0, 1, 2].map((r) => bay(`c${c}r${r}`)),
          ),
        })),
      ),
    },
  }));
  const parts = carcasses.flatMap((carcass) =>
    [0, 1].flatMap((c) =>
      [0, 1, 2].map((r) => {
        const part = newPart({ ...empty, carcasses }, 'door', carcass, `c${c}r${r}`);
        if (part.family !== 'door') throw new Error('A door was asked for.');
        const handle = part.handle && { ...part.handle, fromBottom: mm(250) };
        const side = c === 0 ? ('left' as const) : ('right' as const);
        return {
          ...part,
          id: `${carcass.id}-${c}${r}`,
          name: `Door ${carcass.id} ${c} ${r}`,
          handle,
          hinge: { ...part.hinge, side },
        };
      }),
    ),
  );
  const read = readPlan({ ...empty, carcasses, parts });
  if (!read.ok) throw new Error(read.issues[0]!.message);
  return read.plan;
}

/** What an edit of that wall takes to its answer, with every curve drawn: of one door, of a case, of the sheet all is cut from. */
export function measureWall(figures: Figures): void {
  const editing = new Editing(wardrobeWall());
  const door = (i: number): Change => ({ path: ['parts', 5, 'limit'], before: 105, after: 90 + i });
  const upright = (i: number): Change => {
    const { split } = editing.plan.carcasses[1]!.bay;
    const [first, second] = split!.bays;
    const bays = [
      { ...first!, take: 'fixed' as const, size: mm(450 + i) },
      { ...second!, take: 'rest' as const },
    ];
    return { path: ['carcasses', 1, 'bay', 'split'], before: split, after: { ...split!, bays } };
  };
  const width = (i: number): Change => ({
    path: ['carcasses', 3, 'width'],
    before: mm(1000),
    after: mm(990 + i),
  });
  const sheet = (i: number): Change => ({
    path: ['materials', 0, 'measured'],
    before: null,
    after: mm(17.9 - 0.05 * i),
  });
  figures.note('wallDoorMs', editing.timed(door));
  figures.note('wallUprightMs', editing.timed(upright));
  figures.note('wallCaseMs', editing.timed(width));
  figures.note('wallSheetMs', editing.timed(sheet));
}
