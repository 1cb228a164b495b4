import { bankOf } from '../parts/kit/drawn/usual';
import { drawerOf } from '../testing/partsOf';
import { caseOf, planWith } from '../testing/planWith';
import { reportOf } from '../report/report';
import type { FromWorker } from './protocol';
import { PlanSender } from './sent';
import { serve } from './serve';

const bank = (count: number) =>
  planWith({ carcasses: [caseOf()], parts: [drawerOf({ bank: bankOf('even', count) })] });
const plan = bank(2);

/** A host whose clock goes on by a millisecond each time it is looked at, and whose waits end in the order they were begun. */
function stage(rests = true) {
  let clock = 0;
  let breaths = 0;
  const said: FromWorker[] = [];
  const later = () => new Promise<void>((resolve) => setImmediate(resolve));
  const take = serve({
    post: (message) => said.push(message),
    now: () => (clock += 1),
    breathe: () => {
      breaths += 1;
      return later();
    },
    rest: () => (rests ? later() : new Promise(() => undefined)),
  });
  const plans = new PlanSender();
  const ask = (run: number, asked = plan) =>
    take({ kind: 'run', run, revision: run, task: { kind: 'report', plan: plans.send(asked) } });
  const until = async (holds: () => boolean) => {
    for (let i = 0; i < 20_000 && !holds(); i += 1) await later();
    expect(holds()).toBe(true);
  };
  const answered = (run: number) => said.some((message) => message.kind === 'done' && message.run === run);
  return { ask, said, until, answered, breaths: () => breaths, clock: () => clock };
}

describe('a worker with nothing to do', () => {
  it('practises for a second and no longer, and says nothing of it', async () => {
    const host = stage();
    host.ask(1);
    await host.until(() => host.answered(1));
    const [before, told] = [host.clock(), host.said.length];
    let last = -1;
    // Until it breathes no more.
    await host.until(() => {
      const still = host.breaths() === last && host.clock() > before + 900;
      last = host.breaths();
      return still;
    });
    expect(host.clock() - before).toBeLessThan(1300);
    expect(host.said).toHaveLength(told);
  });

  it('lets go of that for whoever asks, and answers as soon as if it had never practised', async () => {
    const asked = bank(6);
    const breathsOf = async (rests: boolean) => {
      const host = stage(rests);
      host.ask(1);
      await host.until(() => host.answered(1) && (!rests || host.breaths() > 3));
      const before = host.breaths();
      host.ask(2, asked);
      await host.until(() => host.answered(2));
      const [last] = host.said.slice(-1);
      expect(last).toMatchObject({ kind: 'done', run: 2, result: { answer: reportOf(asked).answer } });
      return host.breaths() - before;
    };
    const undisturbed = await breathsOf(false);
    expect(undisturbed).toBeGreaterThan(2);
    // No more than the slice that was under way.
    expect(await breathsOf(true)).toBeLessThanOrEqual(undisturbed + 1);
  });
});
