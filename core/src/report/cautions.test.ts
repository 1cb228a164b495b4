import { applyEdit } from '../plan/edit';
import { newThing } from '../plan/fresh';
import type { Plan } from '../plan/schema';
import { caseOf, doorOf, mm, planWith, type Made } from '../testing/planWith';
import { cautionsOf } from './cautions';
import { reportOf } from './report';
import { reportText } from './reportText';

const loose: Made = {
  carcasses: [
    caseOf({ height: mm(1500), stands: { on: 'a plinth', height: mm(90), setback: mm(40) }, fixing: null }),
  ],
  parts: [doorOf({ limit: 90 })],
};
const take = (plan: Plan, key: string, said: string): Plan => {
  const read = applyEdit(plan, {
    name: 'take',
    changes: [
      {
        path: ['taken'],
        before: plan.taken,
        after: { [key]: { by: 'Robin', why: 'It is let into the wall.', said } },
      },
    ],
  });
  if (!read.ok) throw new Error(read.issues[0]!.message);
  return read.plan;
};

describe('a caution', () => {
  it('is the answer where nothing worse stands, until somebody takes it by name and with a reason', () => {
    const plan = planWith(loose);
    const { answer, notes } = reportOf(plan);
    expect([answer.verdict, answer.part]).toEqual(['tight', 'case']);
    expect(answer.stands).toMatch(
      /^It opens fully; take care with the case: not fixed, it goes over its front/,
    );
    const [first] = cautionsOf(notes);
    expect(answer.finding).toBe(first!.key);
    const taken = take(plan, first!.key, first!.said);
    const report = reportOf(taken);
    expect(report.answer.verdict).toBe('clear');
    expect(cautionsOf(report.notes)[0]!.taken).toEqual({ by: 'Robin', why: 'It is let into the wall.' });
    expect(reportText(taken, report)).toContain('Taken by Robin: It is let into the wall.');
  });

  it('stands again once its figures are others, and is never taken for another', () => {
    const plan = planWith(loose);
    const [first] = cautionsOf(reportOf(plan).notes);
    const taken = take(plan, first!.key, first!.said);
    const heavier = { ...taken, parts: [{ ...taken.parts[0]!, rack: { depth: mm(90), height: mm(120), fromHinge: mm(60), fromFree: mm(60), fromBottom: mm(200), load: 9 } }] } as Plan; // prettier-ignore
    expect(cautionsOf(reportOf(heavier).notes)[0]!.taken).toBeUndefined();
    // In other units it is the same caution.
    const inInches: Plan = { ...taken, units: { system: 'in', step: 16 } };
    expect(cautionsOf(reportOf(inInches).notes)[0]!.taken).toBeDefined();
  });

  it('wants a name and a reason', () => {
    const plan = planWith(loose);
    const [first] = cautionsOf(reportOf(plan).notes);
    for (const [by, why] of [['', 'why'], ['Robin', '  ']] as const) {
      const read = applyEdit(plan, { name: 'take', changes: [{ path: ['taken'], before: {}, after: { [first!.key]: { by, why, said: first!.said } } }] });
      expect(read.ok).toBe(false);
    } // prettier-ignore
  });

  it('is told of glass by how it is made, of a hob by its distance, of gas and heat, and of cables where it is screwed to a wall', () => {
    const said = (made: Made) =>
      reportOf(planWith(made))
        .notes.map(({ verdict, sentence }) => `${verdict}: ${sentence}`)
        .join('\n');
    const pane = (made: 'annealed' | 'toughened'): Made => ({
      parts: [
        doorOf({
          leaf: {
            ...doorOf().leaf,
            pane: { kind: 'glass', material: 'glass-4', border: mm(70), rebate: mm(10) },
          },
        }),
      ],
      change: (plan) => ({
        ...plan,
        materials: plan.materials.map((one) => (one.id === 'glass-4' ? { ...one, pane: made } : one)),
      }),
    });
    expect(said(pane('annealed'))).toContain('Ask the glazier for toughened or laminated.');
    expect(said(pane('toughened'))).not.toContain('Ask the glazier');
    const beside = (kind: Parameters<typeof newThing>[1], at: readonly [number, number, number]): Made => ({
      change: (plan) => ({
        ...plan,
        things: [{ ...newThing(plan, kind), x: mm(at[0]), y: mm(at[1]), z: mm(at[2]) }],
      }),
    });
    // The case stands from 3000 to 3600 and from the floor to 720; one that hangs over a hob is 700 over it.
    const over: Made = {
      ...beside('hob', [3100, 5500, 870]),
      carcasses: [caseOf({ kind: 'wall cupboard', y: mm(6000 - 320), z: mm(1520) })],
    };
    // Usual figures of hobs, 650 to 750 to what burns, from memory.
    expect(said(over)).toContain('hits: The case is 600 mm over the hob: 650 mm to 750 mm is usual');
    // The lower of two counts, and what is not over it at all does not.
    const high = caseOf({
      id: 'high',
      name: 'High',
      kind: 'wall cupboard',
      y: mm(6000 - 320),
      z: mm(2250),
      height: mm(300),
    });
    expect(said({ ...over, carcasses: [high, ...over.carcasses!] })).toContain(
      'The case is 600 mm over the hob',
    );
    expect(said({ ...over, ...beside('hob', [4000, 5500, 870]) })).not.toContain('over the hob');
    expect(said({ ...over, ...beside('hob', [3100, 4000, 870]) })).not.toContain('over the hob');
    expect(said(beside('heater', [3700, 3000, 0]))).toContain('The heater has 100 mm to');
    expect(said(beside('gas pipe', [3610, 3300, 0]))).toContain('The gas pipe runs 10 mm from');
    expect(said(beside('socket', [3200, 3500, 300]))).toContain(
      'It is screwed to the wall in line with the socket',
    );
    // Cables run level with it, or plumb, up to 150 to either side (common practice): the case ends at 3600 and at 720.
    const inLine = (at: [number, number, number]) =>
      said(beside('socket', at)).includes('in line with the socket');
    const { width, height } = newThing(planWith({}), 'socket');
    expect([inLine([5200, 3500, 580 - height.mm]), inLine([5200, 3500, 560 - height.mm])]).toEqual([
      true,
      false,
    ]);
    expect([inLine([2860 - width.mm, 3500, 900]), inLine([2840 - width.mm, 3500, 900])]).toEqual([
      true,
      false,
    ]);
    // At the wall behind it, not in the room before it nor on the other side of the house.
    expect([inLine([3200, 3310, 600]), inLine([3200, 2900, 600]), inLine([3200, 3900, 600])]).toEqual([
      true,
      false,
      false,
    ]);
    expect([inLine([3740, 3500, 900]), inLine([3760, 3500, 900])]).toEqual([true, false]);
    expect([inLine([5200, 3500, 300]), inLine([5200, 3500, 860]), inLine([5200, 3500, 880])]).toEqual([
      false,
      true,
      false,
    ]);
  });
});
