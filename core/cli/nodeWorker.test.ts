import { readFileSync } from 'node:fs';
import { readPlanFile } from '../src/formats/planFile';
import { reportOf } from '../src/report/report';
import { applyEdit } from '../src/plan/edit';
import { WorkPool, type WorkerPort } from '../src/workers/pool';
import { spawnNodeWorker } from './nodeWorker';

const read = readPlanFile(readFileSync(new URL('../src/testing/room.json', import.meta.url), 'utf8'));
if (!read.ok) throw new Error('the demo must read');
const { plan } = read;

/** A scene of many movers and obstacles: long enough to be stopped in. */
function long(): unknown {
  const turn = (x: number) => ({ kind: 'turn', point: [x, 0, 0], axis: [0, 0, 1] });
  return {
    format: 'tarnpass-scene',
    version: 1,
    bodies: Array.from({ length: 400 }, (_, i) => ({
      id: `p${i}`,
      pieces: [{ kind: 'box', least: [i * 30, 150, 0], most: [i * 30 + 12, 160, 300] }],
    })),
    movers: Array.from({ length: 60 }, (_, i) => ({
      id: `m${i}`,
      unit: 'rad',
      to: 1.5,
      bodies: [
        {
          id: `b${i}`,
          pieces: [{ kind: 'box', least: [i * 190, -10, 0], most: [i * 190 + 180, 10, 300] }],
          joints: [turn(i * 190)],
        },
      ],
    })),
  };
}

describe('a pool of workers, in Node', () => {
  let pool: WorkPool;
  afterEach(() => pool.close());

  it('answers with the revision it was asked, as the core does without a worker', async () => {
    pool = new WorkPool(spawnNodeWorker, 1);
    const outcome = await pool.run('job', 7, { kind: 'report', plan });
    expect(outcome).toMatchObject({ kind: 'done', revision: 7 });
    if (outcome.kind === 'done') expect(outcome.result.answer).toEqual(reportOf(plan).answer);
  });

  it('sends of a changed plan what changed, and the whole report comes out, answers nobody waited for included', async () => {
    pool = new WorkPool(spawnNodeWorker, 1);
    const stopped = (limit: number) => {
      const edit = { name: 'Stop', changes: [{ path: ['parts', 0, 'limit'], before: 100, after: limit }] };
      const read = applyEdit(plan, edit);
      if (!read.ok) throw new Error('it must be taken');
      return read.plan;
    };
    const first = await pool.run('job', 1, { kind: 'report', plan });
    void pool.run('job', 2, { kind: 'report', plan: stopped(60) });
    await new Promise((resolve) => setTimeout(resolve, 30));
    const third = await pool.run('job', 3, { kind: 'report', plan: stopped(50) });
    if (first.kind !== 'done' || third.kind !== 'done') throw new Error('both must be answered');
    expect(third.result.answer).toEqual(reportOf(stopped(50)).answer);
    const part = (report: typeof first.result, id: string) => report.parts.find((one) => one.id === id);
    expect(part(third.result, plan.parts[1]!.id)).toBe(part(first.result, plan.parts[1]!.id));
    expect(part(third.result, plan.parts[0]!.id)!.check.to).toBeCloseTo((50 * Math.PI) / 180, 12);
  });

  it('drops what a later revision overtakes, and tells progress of a long run', async () => {
    pool = new WorkPool(spawnNodeWorker, 1);
    let heard = () => {};
    const underWay = new Promise<void>((resolve) => (heard = resolve));
    const told: number[] = [];
    const first = pool.run('job', 1, { kind: 'scene', file: long() }, ({ done }) => {
      told.push(done);
      heard();
    });
    await underWay;
    const second = pool.run('job', 2, { kind: 'report', plan });
    expect(await first).toEqual({ kind: 'dropped', revision: 1 });
    expect(await second).toMatchObject({ kind: 'done', revision: 2 });
    expect(Math.max(...told)).toBeLessThan(60);
  });

  it('starts a worker that died again and repeats the run; one that dies twice is told as failed', async () => {
    let deaths = 0;
    const dying = (times: number) => (): WorkerPort => {
      const port = spawnNodeWorker();
      return {
        ...port,
        post: (message) => {
          if (message.kind === 'run' && deaths < times) {
            deaths += 1;
            port.end();
          } else port.post(message);
        },
      };
    };
    pool = new WorkPool(dying(1), 1);
    expect(await pool.run('job', 3, { kind: 'report', plan })).toMatchObject({ kind: 'done', revision: 3 });
    pool.close();
    deaths = 0;
    pool = new WorkPool(dying(2), 1);
    expect(await pool.run('job', 4, { kind: 'report', plan })).toMatchObject({ kind: 'failed', revision: 4 });
  });
});
