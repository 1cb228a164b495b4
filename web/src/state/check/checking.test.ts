import { readFileSync } from 'node:fs';
import { readPlanFile, type Report } from '@tarnpass/core';
import { reducer, type RootState } from '../slices/app';
import { selected } from '../slices/viewSlice';
import { wantsCurves } from './checking';

const read = readPlanFile(readFileSync(new URL('../../../../demo/hollin-hut.json', import.meta.url), 'utf8'));
if (!read.ok) throw new Error(read.issues[0]!.message);
const { plan } = read;
const [first, second] = plan.parts.map(({ id }) => id) as [string, string];

/** The demo, whose first part meets two things, of which so many curves are drawn, and whose second meets nothing. */
function answered(curves: number, ofPlan = 1): RootState {
  const encounters = [0, 1].map((i) => ({ curve: i < curves ? [{ travel: 0 }] : [] }));
  const report = {
    parts: [
      { id: first, item: first, check: { encounters } },
      { id: second, item: second, check: { encounters: [] } },
    ],
  } as unknown as Report;
  const fresh = reducer(undefined, { type: 'begin' });
  return {
    ...fresh,
    job: { id: 'job', version: ofPlan, plan } as RootState['job'],
    check: { ...fresh.check, version: 1, report },
  };
}
const wants = (state: RootState, id: string | null) => wantsCurves(reducer(state, selected(id)) as RootState);

describe('curves of what is selected', () => {
  it('are asked for where none of them is in the answer yet', () => {
    expect(wants(answered(0), first)).toBe(true);
    // Only the worst are drawn: one is enough to tell that they were.
    expect(wants(answered(1), first)).toBe(false);
  });

  it('are not asked for of what meets nothing, of what does not move, of nothing, or while a newer answer is on its way', () => {
    expect(wants(answered(0), second)).toBe(false);
    expect(wants(answered(0), plan.carcasses[0]!.id)).toBe(false);
    expect(wants(answered(0), null)).toBe(false);
    expect(wants(answered(0, 2), first)).toBe(false);
  });
});
