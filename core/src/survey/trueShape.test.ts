import { applyEdit } from '../plan/edit';
import { newPlan } from '../plan/fresh';
import type { Plan } from '../plan/schema';
import { reportOf } from '../report/report';
import { buildScene } from '../plan/buildScene';
import { withOutline } from '../space/outline';
import { summarise } from '../readings/summary';
import { readingOf, uuid } from '../testing/readings/readingOf';
import { trueShape } from './trueShape';

const summaryOf = (lengths: Record<string, number>) =>
  summarise(
    {
      instruments: [{ id: uuid(99), name: 'Rule', kind: 'rule', trusted: true }],
      readings: Object.entries(lengths).map(([of, mm], i) => readingOf(i, `space/${of}`, mm, uuid(99))),
    },
    () => 'mean',
  );
/** A room whose north wall is 20 mm further east than its south wall: hand-worked by Pythagoras. */
const LEANING = {
  'south:east': 3000,
  'east:north': Math.hypot(2400, 20),
  'north:west': 3000,
  'south:west': Math.hypot(2400, 20),
  'south:north': Math.hypot(3020, 2400),
  'east:west': Math.hypot(2980, 2400),
};
const plan = newPlan('A room');

describe('the shape that lengths between corners make', () => {
  it('from two diagonals alone is how far the room leans, and what is wanting', () => {
    const two = { 'south:north': LEANING['south:north'], 'east:west': LEANING['east:west'] };
    const shape = trueShape(plan, summaryOf(two));
    expect(shape).toMatchObject({ kind: 'wanting', more: 3 });
    expect(shape.kind === 'wanting' && shape.lean).toBeCloseTo(20, 6);
    expect(trueShape(plan, summaryOf({}))).toEqual({ kind: 'none' });
  });

  it('of a true room is one, though its tape agreed with the rule to the millimetre three times and is not better for that', () => {
    const [rule, tape] = [uuid(98), uuid(99)];
    let n = 0;
    const read = (of: string, mm: number, instrument: string) => readingOf((n += 1), of, mm, instrument);
    const checks = [600, 1500, 2400].flatMap((mm, i) => [
      read(`check/${i}`, mm, rule),
      read(`check/${i}`, mm, tape),
    ]);
    // Read to a millimetre, one or the other way.
    const lengths = Object.entries(LEANING).map(([of, mm], i) =>
      read(`space/${of}`, Math.round(mm) + (i % 2), tape),
    );
    const instruments = [
      { id: rule, name: 'Rule', kind: 'rule' as const, trusted: true },
      { id: tape, name: 'Tape', kind: 'tape' as const, trusted: false },
    ];
    const shape = trueShape(
      plan,
      summarise({ instruments, readings: [...checks, ...lengths] }, () => 'mean'),
    );
    expect(shape).toMatchObject({ kind: 'found', suspects: [] });
    if (shape.kind === 'found')
      for (const { sigma } of shape.lengths) expect(sigma).toBeGreaterThanOrEqual(1);
  });

  it('taken over vouches for its lengths, and its walls are known as well as the corner that is known least', () => {
    const shape = trueShape(plan, summaryOf(LEANING));
    if (shape.kind !== 'found') throw new Error(shape.kind);
    expect(shape.suspects).toEqual([]);
    const corners = ['south', 'east', 'north', 'west'].map((id, i) => ({
      id,
      x: { mm: shape.corners[i]![0] },
      y: { mm: shape.corners[i]![1] },
    }));
    const taken = applyEdit(plan, {
      name: 'true shape',
      changes: [
        { path: ['measured'], before: [], after: shape.lengths },
        { path: ['space'], before: plan.space, after: withOutline(plan.space, corners) },
      ],
    });
    if (!taken.ok) throw new Error(taken.issues[0]!.message);
    const open = (of: Plan) =>
      reportOf(of)
        .missing.map(({ key }) => key)
        .filter((key) => key.includes(':'));
    expect(open(taken.plan)).toEqual([]);
    expect(open({ ...taken.plan, measured: [] })).toHaveLength(6);
    // Read with a rule to 0.5 mm: a corner is known a little worse than the lengths it hangs on. Two standard deviations.
    expect(shape.worst.sigma).toBeGreaterThan(0.5);
    expect(shape.worst.sigma).toBeLessThan(0.8);
    const walls = buildScene(taken.plan).still.filter(({ id }) => id.startsWith('wall-'));
    for (const { doubt } of walls) expect(doubt).toBeCloseTo(2 * shape.worst.sigma, 9);
  });
});
