import { SceneChecker, type Progress } from '../clearance/checkScene';
import { PairMaps } from '../clearance/pairMaps';
import { answerWithOffer } from '../cures/answerWithOffer';
import { fixesOf } from '../cures/fixes';
import { Bench } from '../cures/offers';
import { withProgress } from '../clearance/steps';
import { pathText } from '../item/issue';
import { fullestOpening, openingOrder, type Opening, type Travels } from '../report/opening';
import { pairLines, passOf } from '../report/pass';
import { reportSteps } from '../report/report';
import { buildScene } from '../plan/buildScene';
import type { Scene } from '../scene/scene';
import type { Plan } from '../plan/schema';
import { readScene } from '../scene/readScene';
import type { Report } from '../report/records';
import { strutAnswers } from '../report/strutAnswers';
import { warmUp } from './warmUp';
import type { FromWorker, Results, Task, ToWorker } from './protocol';
import { PlanReceiver, ReportSender } from './sent';

/** What the host of a worker gives it: a way out, a clock, and a pause in which messages come in. */
export interface WorkerHost {
  post(message: FromWorker): void;
  /** Milliseconds from any start. */
  now(): number;
  /** Resolves once waiting messages have been taken in. */
  breathe(): Promise<void>;
  /** Resolves after so many milliseconds. A host that has none is not practised on. */
  rest?(ms: number): Promise<void>;
}

/** Work between two pauses, ms: a cancel is heard, and progress told, well within 50. */
const SLICE = 15;
/** What is done sooner than this is not told of on the way: telling costs the page more than it says. */
const QUIET = 100;

/** Nobody has asked for so long: time to practise, ms. */
const IDLE = 400;
/** As long as an engine takes to compile what a check runs through, ms. */
const PRACTICE = 1000;

/**
 * The worker's side of the channel: hand it every message that comes in. Runs go one after the other; each is
 * worked in slices, so that a cancel is heard while it is under way. What is known of one plan is kept for the next.
 */
export function serve(host: WorkerHost): (message: ToWorker) => void {
  const known: Known = {
    checker: new SceneChecker({ curves: true }),
    maps: new PairMaps(),
    plan: undefined,
    bench: undefined,
  };
  const reports = new ReportSender();
  const plans = new PlanReceiver();
  const cancelled = new Set<number>();
  let queue = Promise.resolve();
  let heard = 0;
  const practice = new Practice(host);

  const work = async (run: number, revision: number, task: Task) => {
    try {
      const steps = stepsOf(task, known);
      const began = host.now();
      let since = began;
      for (;;) {
        if (cancelled.delete(run)) return host.post({ kind: 'cancelled', run });
        const { done, value } = steps.next();
        if (done) {
          const result = task.kind === 'report' ? reports.send(value as Report) : (value as NotReport);
          host.post({ kind: 'done', run, revision, result });
          const mine = heard;
          if (known.plan) void practice.goOn(known.plan, () => heard !== mine);
          return;
        }
        if (host.now() - since < SLICE) continue;
        if (host.now() - began > QUIET) host.post({ kind: 'progress', run, progress: value });
        await host.breathe();
        since = host.now();
      }
    } catch (error) {
      host.post({ kind: 'failed', run, message: error instanceof Error ? error.message : String(error) });
    }
  };

  return (message) => {
    heard += 1;
    if (message.kind === 'cancel') cancelled.add(message.run);
    else {
      const { run, revision, task: sent } = message;
      // At once, whether it comes to be worked or not: the next one counts on it.
      const task: Task = 'plan' in sent ? { ...sent, plan: plans.read(sent.plan) } : sent;
      queue = queue.then(() => work(run, revision, task));
    }
  };
}

/** For a second in all, begun after the first answer: gives way to whatever comes in, and goes on after that. */
class Practice {
  private steps: Generator | undefined;
  private done = 0;

  constructor(private readonly host: WorkerHost) {}

  async goOn(plan: Plan, overtaken: () => boolean): Promise<void> {
    const { host } = this;
    if (!host.rest || this.done >= PRACTICE) return;
    await host.rest(IDLE);
    if (overtaken()) return;
    this.steps ??= warmUp(plan);
    while (this.done < PRACTICE && !overtaken()) {
      const since = host.now();
      while (host.now() - since < SLICE) this.steps.next();
      this.done += host.now() - since;
      await host.breathe();
    }
  }
}

type NotReport = Exclude<Results[keyof Results], Report>;

interface Known {
  readonly checker: SceneChecker;
  readonly maps: PairMaps;
  plan: Plan | undefined;
  bench: Bench | undefined;
}

/** The order to a goal, or the one that opens all as far as what stands still leaves it. */
function* orderSteps(
  scene: Scene,
  { checker, maps }: Known,
  goal: Travels | undefined,
): Generator<Progress, Opening> {
  if (goal) {
    const order = openingOrder(scene, maps, goal);
    return { order, never: order.kind === 'order' ? undefined : order, goal, less: [] };
  }
  const { movers } = yield* checker.steps(scene);
  return fullestOpening(scene, movers, maps);
}

/** The bench of a plan, kept until another plan is asked about. */
function* benchOf(plan: Plan, known: Known): Generator<Progress, Bench> {
  if (known.bench?.plan !== plan) {
    const { movers } = yield* known.checker.steps(buildScene(plan));
    known.bench = yield* Bench.over(plan, movers, known.checker);
  }
  return known.bench;
}

const PART_WAY: Progress = { done: 0, of: 1 };

function* stepsOf(task: Task, known: Known): Generator<Progress, Results[keyof Results]> {
  const { checker, maps } = known;
  if (task.kind === 'scene') {
    const read = readScene(task.file);
    if (!read.ok)
      throw new Error(read.issues.map(({ path, message }) => `${pathText(path)}: ${message}`).join('\n'));
    return yield* checker.steps(read.scene);
  }
  const { plan } = task;
  known.plan = plan;
  switch (task.kind) {
    case 'report':
      return yield* reportSteps(plan, checker, task.charted);
    case 'answer':
      return yield* answerWithOffer(plan, checker);
    case 'pairs':
      return yield* withProgress(pairLines(buildScene(plan), maps, plan.units), PART_WAY);
    case 'pass':
      return passOf(buildScene(plan), maps, task.a, task.b, plan.units);
    case 'order':
      return yield* orderSteps(buildScene(plan), known, task.goal);
    case 'struts':
      yield* checker.steps(buildScene(plan));
      return yield* strutAnswers(plan, task.asked, checker);
    case 'fixes':
      return fixesOf(plan, task.edit);
    case 'offers':
      return yield* (yield* benchOf(plan, known)).offersFor(task.of, task.enough);
  }
}
