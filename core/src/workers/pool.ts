import type { Progress } from '../clearance/checkScene';
import type { FromWorker, ResultOf, SentTask, Task, ToWorker } from './protocol';
import { PlanSender, ReportReceiver, type SentReport } from './sent';

/** A started worker, whatever its host: a page's or Node's. */
export interface WorkerPort {
  post(message: ToWorker): void;
  listen(onMessage: (message: FromWorker) => void, onDeath: (why: string) => void): void;
  end(): void;
}

export type Outcome<R> =
  | { readonly kind: 'done'; readonly revision: number; readonly result: R }
  | { readonly kind: 'failed'; readonly revision: number; readonly message: string }
  /** Called off, or overtaken by a later revision of its lane: its answer, if it still comes, is dropped. */
  | { readonly kind: 'dropped'; readonly revision: number };

interface Run {
  readonly run: number;
  readonly lane: string;
  readonly revision: number;
  readonly task: Task;
  readonly onProgress: ((progress: Progress) => void) | undefined;
  readonly settle: (outcome: Outcome<never>) => void;
  tries: number;
  calledOff: boolean;
}

/** A worker that dies is started again and its run repeated so often before the run counts as failed. */
const MOST_TRIES = 2;

/**
 * Workers behind one typed channel. Runs of one lane (a job) overtake each other: asking for a newer revision calls
 * off the older, whether it waits or is under way, and what still comes of it is dropped. Lanes share the workers.
 */
export class WorkPool {
  private readonly desks = new Set<Desk>();
  private waiting: Run[] = [];
  private runs = 0;

  constructor(
    private readonly spawn: () => WorkerPort,
    private readonly size: number,
  ) {}

  run<T extends Task>(
    lane: string,
    revision: number,
    task: T,
    onProgress?: (progress: Progress) => void,
  ): Promise<Outcome<ResultOf<T>>> {
    this.cancel(lane);
    return new Promise((resolve) => {
      const settle = resolve as Run['settle'];
      const run = (this.runs += 1);
      this.waiting.push({ run, lane, revision, task, onProgress, settle, tries: 0, calledOff: false });
      this.assign();
    });
  }

  /** Call off what a lane has waiting or under way. */
  cancel(lane: string): void {
    for (const run of this.waiting.filter((waiting) => waiting.lane === lane)) drop(run);
    this.waiting = this.waiting.filter((waiting) => waiting.lane !== lane);
    for (const { port, given } of this.desks)
      for (const run of given) {
        if (run.lane !== lane || run.calledOff) continue;
        port.post({ kind: 'cancel', run: run.run });
        run.calledOff = true;
        drop(run);
      }
  }

  /** End every worker; what is under way or waiting is dropped. */
  close(): void {
    for (const run of [...this.waiting, ...[...this.desks].flatMap(({ given }) => given)]) drop(run);
    for (const { port } of this.desks) port.end();
    this.waiting = [];
    this.desks.clear();
  }

  private assign(): void {
    while (this.waiting.length > 0) {
      const desk = this.free();
      if (!desk) return;
      const run = this.waiting.shift()!;
      run.tries += 1;
      desk.given.push(run);
      const task = sent(run.task, desk.plans);
      desk.port.post({ kind: 'run', run: run.run, revision: run.revision, task });
    }
  }

  /**
   * A worker with nothing to do, a new one, or one whose runs are all called off: it works in order, so that it comes to the next by
   * itself, without this end having heard that it stopped.
   */
  private free(): Desk | undefined {
    const desks = [...this.desks];
    const idle = desks.find(({ given }) => given.length === 0);
    if (idle) return idle;
    if (desks.length < this.size) return this.open();
    return desks.find(({ given }) => given.every(({ calledOff }) => calledOff));
  }

  private open(): Desk {
    const desk: Desk = {
      port: this.spawn(),
      reports: new ReportReceiver(),
      plans: new PlanSender(),
      given: [],
    };
    this.desks.add(desk);
    desk.port.listen(
      (message) => this.heard(desk, message),
      (why) => this.died(desk, why),
    );
    return desk;
  }

  private heard(desk: Desk, message: FromWorker): void {
    const at = desk.given.findIndex(({ run }) => run === message.run);
    const run = desk.given[at];
    if (!run) return;
    if (message.kind === 'progress') {
      if (!run.calledOff) run.onProgress?.(message.progress);
      return;
    }
    desk.given.splice(at, 1);
    const { revision } = run;
    if (message.kind === 'done') {
      // Read even where nobody waits for it any more: the next one counts on it.
      const result =
        run.task.kind === 'report' ? desk.reports.read(message.result as SentReport) : message.result;
      run.settle({ kind: 'done', revision: message.revision, result: result as never });
    } else if (message.kind === 'failed') run.settle({ kind: 'failed', revision, message: message.message });
    this.assign();
  }

  private died(desk: Desk, why: string): void {
    if (!this.desks.delete(desk)) return;
    for (const run of desk.given.filter(({ calledOff }) => !calledOff)) {
      if (run.tries < MOST_TRIES) this.waiting.unshift(run);
      else run.settle({ kind: 'failed', revision: run.revision, message: why });
    }
    this.assign();
  }
}

interface Desk {
  readonly port: WorkerPort;
  readonly reports: ReportReceiver;
  readonly plans: PlanSender;
  /** What it was given and has not answered yet, in its order. All but the last are called off. */
  readonly given: Run[];
}

const sent = (task: Task, plans: PlanSender): SentTask =>
  'plan' in task ? { ...task, plan: plans.send(task.plan) } : task;

function drop(run: Run): void {
  run.settle({ kind: 'dropped', revision: run.revision });
}
