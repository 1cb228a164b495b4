import type { Progress, SceneCheck } from '../clearance/checkScene';
import type { Fix } from '../cures/fixes';
import type { Edit } from '../item/change';
import type { Offers } from '../cures/offers';
import type { Plan } from '../plan/schema';
import type { Opening, Travels } from '../report/opening';
import type { PairLine, Pass } from '../report/pass';
import type { Answer, Report } from '../report/records';
import type { StrutAnswers, StrutsAsked } from '../report/strutAnswers';
import type { SentPlan, SentReport } from './sent';

/** What a worker can be asked. A plan was read by the core before; a scene file is read by the worker itself. */
export type Task =
  /** The report of a plan, with curves of what one item, or mover, meets. */
  | { readonly kind: 'report'; readonly plan: Plan; readonly charted?: string }
  /** How the job stands, without what it rests on. */
  | { readonly kind: 'answer'; readonly plan: Plan }
  | { readonly kind: 'scene'; readonly file: unknown }
  /** The table of all pairs of a plan's parts, the map of two of them, and an order that opens all as far as can be, or to a goal. */
  | { readonly kind: 'pairs'; readonly plan: Plan }
  | { readonly kind: 'pass'; readonly plan: Plan; readonly a: string; readonly b: string }
  | { readonly kind: 'order'; readonly plan: Plan; readonly goal?: Travels }
  /** What would mend a finding, by its key: all of it, or the first so many of the cheapest levers. */
  | { readonly kind: 'offers'; readonly plan: Plan; readonly of: string; readonly enough?: number }
  /** Where to fix which struts on a part. */
  | { readonly kind: 'struts'; readonly plan: Plan; readonly asked: StrutsAsked }
  /** What could be done about an edit of a plan that cannot be built. */
  | { readonly kind: 'fixes'; readonly plan: Plan; readonly edit: Edit };

/** A task on its way to a worker. */
export type SentTask = SentOf<Task>;
type SentOf<T> = T extends { readonly plan: Plan } ? Omit<T, 'plan'> & { readonly plan: SentPlan } : T;

/** What each task comes to. */
export interface Results {
  readonly report: Report;
  readonly answer: Answer;
  readonly scene: SceneCheck;
  readonly pairs: readonly PairLine[];
  readonly pass: Pass;
  readonly order: Opening;
  readonly offers: Offers;
  readonly struts: StrutAnswers;
  readonly fixes: readonly Fix[];
}
export type ResultOf<T extends Task> = Results[T['kind']];

/** To the worker. `run` is unique over the life of a pool. */
export type ToWorker =
  | { readonly kind: 'run'; readonly run: number; readonly revision: number; readonly task: SentTask }
  | { readonly kind: 'cancel'; readonly run: number };

/** From the worker: every message names its run, and every result the revision it is for. */
export type FromWorker =
  | { readonly kind: 'progress'; readonly run: number; readonly progress: Progress }
  | {
      readonly kind: 'done';
      readonly run: number;
      readonly revision: number;
      readonly result: SentReport | Exclude<Results[keyof Results], Report>;
    }
  | { readonly kind: 'failed'; readonly run: number; readonly message: string }
  | { readonly kind: 'cancelled'; readonly run: number };
