import { WorkPool, type Outcome, type Progress, type ResultOf, type Task } from '@tarnpass/core';
import { startTransition, useDeferredValue, useEffect, useEffectEvent, useState } from 'react';
import { useApp } from '../slices/app';
import { spawnWorker } from './spawnWorker';

/** Questions beside the check: a worker of their own, so that no answer to an edit waits for a map. */
const pool = new WorkPool(spawnWorker, 1);

/** The question each lane is at: whoever asks the same meanwhile gets the same answer. */
const asked = new Map<
  string,
  { readonly key: string; readonly plan: unknown; readonly outcome: Promise<Outcome<unknown>> }
>();

const planOf = (task: Task): unknown => ('plan' in task ? task.plan : undefined);

function askedOnce<T extends Task>(
  lane: string,
  key: string,
  version: number,
  task: T,
): Promise<Outcome<ResultOf<T>>> {
  const known = asked.get(lane);
  // Versions start anew with each job: the plan itself tells whether it is the same question.
  if (known?.key === key && known.plan === planOf(task))
    return known.outcome as Promise<Outcome<ResultOf<T>>>;
  const outcome = ask(lane, version, task);
  asked.set(lane, { key, plan: planOf(task), outcome });
  // What came to nothing may be asked again.
  void outcome.then(({ kind }) => {
    if (kind !== 'done' && asked.get(lane)?.outcome === outcome) asked.delete(lane);
  });
  return outcome;
}

/** Ask once. `version` is the plan's; a later question of the same lane calls an earlier one off. */
export const ask = <T extends Task>(
  lane: string,
  version: number,
  task: T,
  onProgress?: (progress: Progress) => void,
): Promise<Outcome<ResultOf<T>>> => pool.run(lane, version, task, onProgress);

/** Call off what a lane is at. */
export const callOff = (lane: string): void => pool.cancel(lane);

export interface Asked<R> {
  readonly answer: R | undefined;
  /** The answer is of an older plan or another question: a newer one is under way. */
  readonly stale: boolean;
  readonly failure: string | undefined;
  retry(): void;
}

/**
 * The worker's answer to a question, asked anew whenever the plan or the question changes; the last answer stays, as
 * stale, until then. Null asks nothing.
 *
 * @param variant  which of several plans of one version, where there are such
 */
export function useAsked<T extends Task>(
  lane: string,
  version: number,
  task: T | null,
  variant = '',
): Asked<ResultOf<T>> {
  // The version stands for the plan.
  const key =
    task &&
    `${version} ${variant} ${JSON.stringify(task, (name, value: unknown) => (name === 'plan' ? 0 : value))}`;
  const [kept, setKept] = useState<{ key: string; answer?: ResultOf<T>; failure?: string }>();
  const [tries, setTries] = useState(0);
  // The key stands for the task, whose object is made anew on every render.
  const put = useEffectEvent(() => (task && key ? askedOnce(lane, key, version, task) : undefined));
  useEffect(() => {
    if (!key) return;
    let current = true;
    void put()?.then((outcome) => {
      if (!current || outcome.kind === 'dropped') return;
      // A map may wait for what a hand is doing.
      startTransition(() =>
        setKept((last) =>
          outcome.kind === 'done'
            ? { key, answer: outcome.result }
            : { ...last, key, failure: outcome.message },
        ),
      );
    });
    return () => {
      current = false;
    };
  }, [lane, key, tries]);
  return {
    answer: kept?.answer,
    stale: kept?.key !== key,
    failure: kept?.key === key ? kept?.failure : undefined,
    retry: () => {
      setKept(undefined);
      setTries((n) => n + 1);
    },
  };
}

/**
 * Whether the answer on the page is of the plan as it is: what can wait for it leaves the processor to it. It turns true
 * a frame late, so that nothing is drawn for it before the answer is, and false at once.
 */
export function useAnswered(): boolean {
  const now = useApp(({ check, job }) => check.version === job?.version);
  const later = useDeferredValue(now);
  return now && later;
}
