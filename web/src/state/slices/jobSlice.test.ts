import { newPlan, type Edit } from '@tarnpass/core';
import type { Job } from '../../api/client';
import {
  edited,
  jobReducer,
  mineOnTop,
  opened,
  redone,
  saveConflicted,
  saveDone,
  undone,
  type OpenJob,
} from './jobSlice';
import { samePlan } from './samePlan';

const plan = newPlan('A job');
const job: Job = { id: 'a', revision: 4, savedAt: '2026-11-25', plan, history: { done: [], undone: [] } };
const edit = (name: string): Edit => ({ name, changes: [{ path: ['title'], before: 'A job', after: name }] });
const run = (...actions: Parameters<typeof jobReducer>[1][]) =>
  actions.reduce(jobReducer, null as OpenJob | null)!;

describe('the open job', () => {
  it('moves edits between done and undone, and a new edit ends what could be redone', () => {
    const two = [opened(job), edited({ plan, edit: edit('one') }), edited({ plan, edit: edit('two') })];
    const back = run(...two, undone({ plan, edit: edit('two') }));
    expect([back.history.done.length, back.history.undone.length]).toEqual([1, 1]);
    const again = run(...two, undone({ plan, edit: edit('two') }), redone({ plan, edit: edit('two') }));
    expect([again.history.done.length, again.history.undone.length]).toEqual([2, 0]);
    expect(
      run(...two, undone({ plan, edit: edit('two') }), edited({ plan, edit: edit('three') })).history.undone,
    ).toEqual([]);
  });

  it('counts an edit made during a save as not yet saved', () => {
    const during = run(
      opened(job),
      edited({ plan, edit: edit('one') }),
      edited({ plan, edit: edit('two') }),
      saveDone({ revision: 5, at: 'now', version: 2, edits: 1 }),
    );
    expect([during.revision, during.saving.kind, during.unsavedEdits]).toEqual([5, 'unsaved', ['two']]);
  });

  it('keeps asking about two versions while edits go on, until mine goes on top of theirs', () => {
    const asked = run(
      opened(job),
      saveConflicted({ ...job, revision: 9 }),
      edited({ plan, edit: edit('one') }),
    );
    expect(asked.saving.kind).toBe('conflict');
    expect(run(opened(job), saveConflicted({ ...job, revision: 9 }), mineOnTop()).revision).toBe(9);
  });

  it('knows a plan that came back from the database, keys in another order, as the same', () => {
    const turned = Object.fromEntries(Object.entries(plan).reverse()) as typeof plan;
    expect(samePlan(plan, turned)).toBe(true);
    expect(samePlan(plan, { ...plan, title: 'Another' })).toBe(false);
  });
});
