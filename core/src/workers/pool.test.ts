import { newPart } from '../plan/fresh';
import { caseOf, planWith } from '../testing/planWith';
import { reportOf } from '../report/report';
import { WorkPool, type WorkerPort } from './pool';
import type { FromWorker, ToWorker } from './protocol';
import { ReportSender } from './sent';

const host = caseOf();
const empty = planWith({ carcasses: [host] });
const plan = planWith({ carcasses: [host], parts: [newPart(empty, 'door', host)] });
const renamed = { ...plan, title: 'Another name' };

/** Workers that do nothing by themselves: what each was told, and ways to answer as it would. */
function stage(size = 1) {
  const workers: { told: ToWorker[]; say: (message: FromWorker) => void; die: () => void }[] = [];
  const pool = new WorkPool((): WorkerPort => {
    const told: ToWorker[] = [];
    return {
      post: (message) => told.push(message),
      listen: (say, die) => workers.push({ told, say, die: () => die('It stopped.') }),
      end: () => undefined,
    };
  }, size);
  return { pool, workers };
}
const runsOf = (told: readonly ToWorker[]) => told.map(({ kind, run }) => `${kind} ${run}`);

describe('a pool of workers', () => {
  it('gives a worker the next run as the last one is called off, without waiting to hear that it stopped', async () => {
    const { pool, workers } = stage();
    const first = pool.run('job', 1, { kind: 'report', plan });
    const second = pool.run('job', 2, { kind: 'report', plan: renamed });
    const [worker] = workers;
    expect(runsOf(worker!.told)).toEqual(['run 1', 'cancel 1', 'run 2']);
    expect(await first).toMatchObject({ kind: 'dropped', revision: 1 });
    // The first came to its end after all: what the second leaves out was in it.
    const sender = new ReportSender();
    const report = reportOf(plan);
    worker!.say({ kind: 'done', run: 1, revision: 1, result: sender.send(report) });
    worker!.say({ kind: 'done', run: 2, revision: 2, result: sender.send({ ...report, air: [] }) });
    const outcome = await second;
    expect(outcome.kind === 'done' && outcome.result.parts).toEqual(report.parts);
  });

  it('sends of a changed plan what changed, and no list anew', () => {
    const { pool, workers } = stage();
    void pool.run('job', 1, { kind: 'report', plan });
    void pool.run('job', 2, { kind: 'report', plan: renamed });
    const sent = workers[0]!.told.flatMap((message) => (message.kind === 'run' ? [message.task] : []));
    expect(sent[0]).toMatchObject({ plan: { lists: { parts: plan.parts, carcasses: plan.carcasses } } });
    expect(sent[1]).toMatchObject({
      plan: { rest: { title: 'Another name' }, lists: { parts: [0], carcasses: [0] } },
    });
  });

  it('keeps a lane waiting while the only worker is at what another lane still wants', async () => {
    const { pool, workers } = stage();
    const first = pool.run('one', 1, { kind: 'pairs', plan });
    const second = pool.run('two', 1, { kind: 'pairs', plan });
    expect(runsOf(workers[0]!.told)).toEqual(['run 1']);
    workers[0]!.say({ kind: 'done', run: 1, revision: 1, result: [] });
    expect(runsOf(workers[0]!.told)).toEqual(['run 1', 'run 2']);
    workers[0]!.say({ kind: 'failed', run: 2, message: 'Out of paper.' });
    expect([await first, await second].map(({ kind }) => kind)).toEqual(['done', 'failed']);
  });

  it('starts no more workers than it may, and takes idle ones first', () => {
    const { pool, workers } = stage(2);
    void pool.run('one', 1, { kind: 'pairs', plan });
    workers[0]!.say({ kind: 'done', run: 1, revision: 1, result: [] });
    void pool.run('one', 2, { kind: 'pairs', plan });
    expect(workers).toHaveLength(1);
    void pool.run('two', 1, { kind: 'pairs', plan });
    void pool.run('three', 1, { kind: 'pairs', plan });
    expect(workers).toHaveLength(2);
    expect(workers.map(({ told }) => runsOf(told))).toEqual([['run 1', 'run 2'], ['run 3']]);
  });

  it('repeats what a worker that died was at, with all it needs, but nothing that was called off', async () => {
    const { pool, workers } = stage();
    void pool.run('job', 1, { kind: 'report', plan });
    const second = pool.run('job', 2, { kind: 'report', plan: renamed });
    workers[0]!.die();
    expect(workers[1]!.told).toMatchObject([
      { kind: 'run', run: 2, task: { plan: { lists: { parts: plan.parts } } } },
    ]);
    workers[1]!.die();
    expect(await second).toMatchObject({ kind: 'failed', message: 'It stopped.' });
    expect(workers).toHaveLength(2);
  });
});
