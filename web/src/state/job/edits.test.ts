import { extentOf, itemsOf, newThing, type Plan } from '@tarnpass/core';
import { dice } from '../../testing/dice';
import { jobStore, planOf } from '../../testing/jobStore';
import { selected, alsoSelected } from '../slices/viewSlice';
import { editNow, makeEdit, redo, setCorner, setSpaceSize, setValue, undo } from './edits';
import { copy, duplicate, group, mirror, paste, takeOut, ungroup } from './itemActions';

const withThings = (count: number): Plan => {
  let plan = planOf('door', 'shelf');
  for (let i = 0; i < count; i += 1) plan = { ...plan, things: [...plan.things, newThing(plan, 'box')] };
  return plan;
};
const names = (plan: Plan) => itemsOf(plan).map(({ name }) => name);

describe('edits on the page', () => {
  it('that are refused change nothing and say why; of no change or no job, nothing is made', () => {
    const store = jobStore();
    const before = store.getState().job!;
    const width = before.plan.carcasses[0]!.width;
    const issues = store.dispatch(
      makeEdit({
        name: 'Too narrow',
        changes: [{ path: ['carcasses', 0, 'width'], before: width, after: { mm: 1 } }],
      }),
    );
    expect(issues[0]!.message).toMatch(/\.$/);
    expect(store.dispatch(setValue('Same', ['carcasses', 0, 'width'], { ...width }))).toEqual([]);
    expect(store.dispatch(editNow('Nothing', () => []))).toEqual([]);
    expect(store.getState().job).toBe(before);
  });

  it('taken back and done again, in any order of a hundred, come to the very plans they were', () => {
    const store = jobStore(withThings(2));
    const next = dice(19);
    const plan = () => JSON.stringify({ ...store.getState().job!.plan, stones: {} });
    const states = [plan()];
    let at = 0;
    for (let i = 0; i < 100; i += 1) {
      const move = next(0, 1);
      if (move < 0.5) {
        const mm = Math.round(next(300, 900));
        const path = next(0, 1) < 0.5 ? ['carcasses', 0, 'width'] : ['things', 1, 'x'];
        if (store.dispatch(setValue(`Edit ${i}`, path, { mm })).length > 0) continue;
        if (plan() === states[at]) continue;
        states.splice(at + 1, states.length, plan());
        at += 1;
      } else if (move < 0.8) {
        store.dispatch(undo());
        at = Math.max(0, at - 1);
      } else {
        store.dispatch(redo());
        at = Math.min(states.length - 1, at + 1);
      }
      expect(plan()).toBe(states[at]);
    }
    expect(states.length).toBeGreaterThan(10);
  });

  it('of the space take its far walls along, and of a corner its box', () => {
    const store = jobStore();
    expect(store.dispatch(setCorner('Corner', 0, 'x', { mm: 500 }))).toEqual([]);
    const { space } = store.getState().job!.plan;
    expect(space.outline!.map(({ x }) => x.mm)).toContain(500);
    expect(store.dispatch(setSpaceSize('Wider', 'width', { mm: 3600 }))).toEqual([]);
    const wider = store.getState().job!.plan.space;
    expect(Math.max(...wider.outline!.map(({ x }) => x.mm))).toBe(3600);
    expect(wider.width.mm).toBe(3600);
  });
});

describe('what is done with what is selected', () => {
  it('of nothing selected nothing is done, and that is said', async () => {
    const store = jobStore();
    for (const act of [duplicate(false), mirror(), takeOut(), ungroup()])
      expect(store.dispatch(act)[0]!.message).toMatch(/^Select a carcass/);
    expect((await store.dispatch(copy()))[0]!.message).toMatch(/^Select a carcass/);
    store.dispatch(selected('space'));
    expect(store.dispatch(takeOut())[0]!.message).toMatch(/^Select a carcass/);
  });

  it('a carcass is taken out with all that hangs on it, as one edit, and nothing stays selected', () => {
    const store = jobStore(withThings(1));
    const { carcasses, things } = store.getState().job!.plan;
    store.dispatch(selected(carcasses[0]!.id));
    expect(store.dispatch(takeOut())).toEqual([]);
    expect(names(store.getState().job!.plan)).toEqual(['The space', things[0]!.name]);
    expect(store.getState().view.selected).toBeNull();
    store.dispatch(undo());
    expect(store.getState().job!.plan.parts).toHaveLength(2);
  });

  it('a copy has names of its own, stands beside, and is what is selected then; mirrored, its door is hung on the other side', () => {
    const store = jobStore(planOf('door'));
    const [first] = store.getState().job!.plan.carcasses;
    store.dispatch(selected(first!.id));
    expect(store.dispatch(duplicate(true))).toEqual([]);
    const { plan } = store.getState().job!;
    const made = plan.carcasses[1]!;
    expect([store.getState().view.selected, new Set(names(plan)).size]).toEqual([
      made.id,
      names(plan).length,
    ]);
    const [a, b] = plan.carcasses.map((value) =>
      extentOf({ id: value.id, name: value.name, list: 'carcasses', value })!,
    );
    expect(a!.greatest[0] <= b!.least[0] || b!.greatest[0] <= a!.least[0]).toBe(true);
    const sides = plan.parts.map((part) => part.family === 'door' && part.hinge.side);
    expect([...sides].sort()).toEqual(['left', 'right']);
  });

  it('two are grouped under a name nobody has, and taken apart again; one alone is no group', () => {
    const store = jobStore(withThings(3));
    const ids = store.getState().job!.plan.things.map(({ id }) => id);
    store.dispatch(selected(ids[0]!));
    expect(store.dispatch(group())[0]!.message).toMatch(/^Select two or more/);
    store.dispatch(alsoSelected([ids[1]!]));
    expect(store.dispatch(group())).toEqual([]);
    const groups = () => store.getState().job!.plan.things.map((thing) => thing.group);
    expect(groups()).toEqual(['Group 1', 'Group 1', undefined]);
    expect(store.dispatch(ungroup())).toEqual([]);
    expect(groups()).toEqual([undefined, undefined, undefined]);
  });

  it('goes over the clipboard into another job, onto the carcass that is selected there', async () => {
    let board = '';
    const clipboard = { writeText: async (text: string) => void (board = text), readText: async () => board };
    Object.defineProperty(globalThis, 'navigator', { value: { clipboard }, configurable: true });
    const from = jobStore(planOf('door', 'shelf'));
    from.dispatch(selected(from.getState().job!.plan.parts[1]!.id));
    expect(await from.dispatch(copy())).toEqual([]);
    const into = jobStore(planOf('door'));
    into.dispatch(selected(into.getState().job!.plan.carcasses[0]!.id));
    expect(await into.dispatch(paste())).toEqual([]);
    expect(into.getState().job!.plan.parts.map(({ family }) => family)).toEqual(['door', 'shelf']);
    board = 'some other text';
    expect((await into.dispatch(paste()))[0]!.message).toMatch(/nothing that was copied in Tarnpass/);
    clipboard.readText = () => Promise.reject(new Error('no leave'));
    expect((await into.dispatch(paste()))[0]!.message).toMatch(/did not give/);
  });
});
