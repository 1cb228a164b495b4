import { spawnNodeWorker } from '@tarnpass/core/node-worker';
import { readPlan, WorkPool, type Answer } from '@tarnpass/core';
import { and, eq } from 'drizzle-orm';
import type { Database } from '../db/connect';
import { jobs, revisions } from '../db/tables';
import { engineMark } from './engine';

/** A plan that takes longer than this to check stays without an answer here, ms; the page has its own. */
const LONGEST = 30_000;

/** A job that is not saved for so long rests, ms. */
const REST = 3000;

/**
 * Works out how jobs stand and keeps it with their revision: in a thread of its own, one job after the other, so that no
 * request waits for a check. What it does not get to, or what another engine worked out, is asked for again by the list.
 */
export class AnswerKeeper {
  private readonly pool = new WorkPool(() => spawnNodeWorker(true), 1);
  private readonly waiting = new Set<string>();
  private readonly resting = new Map<string, NodeJS.Timeout>();
  private work: Promise<void> = Promise.resolve();

  constructor(
    private readonly db: Database,
    private readonly log: (error: unknown) => void,
  ) {}

  /** A job was saved: its answer is worked out once it rests, so that it takes no time from whoever works at it. */
  saved(job: string, revision: number): void {
    clearTimeout(this.resting.get(job));
    const timer = setTimeout(() => this.ask(job, revision), REST);
    timer.unref();
    this.resting.set(job, timer);
  }

  /** Have the answer of a revision worked out and kept now; asked twice it is done once. */
  ask(job: string, revision: number): void {
    clearTimeout(this.resting.get(job));
    this.resting.delete(job);
    const key = `${job}/${revision}`;
    if (this.waiting.has(key)) return;
    this.waiting.add(key);
    this.work = this.work
      .then(() => this.workOut(job, revision))
      .catch(this.log)
      .then(() => void this.waiting.delete(key));
  }

  /** Resolves when all that was asked for is done, or after so many ms. */
  async soon(ms: number): Promise<void> {
    let timer: NodeJS.Timeout | undefined;
    await Promise.race([this.work, new Promise((resolve) => (timer = setTimeout(resolve, ms)))]);
    clearTimeout(timer);
  }

  private async workOut(job: string, revision: number): Promise<void> {
    const here = and(eq(revisions.jobId, job), eq(revisions.revision, revision));
    // A revision that another was laid over meanwhile is listed no more.
    const [row] = await this.db
      .select({ plan: revisions.plan })
      .from(revisions)
      .innerJoin(jobs, and(eq(jobs.id, revisions.jobId), eq(jobs.revision, revisions.revision)))
      .where(here);
    const read = row && readPlan(row.plan);
    if (!read?.ok) return;
    const answer = await this.answerOf(job, revision, read.plan);
    if (answer)
      await this.db
        .update(revisions)
        .set({ answer, answeredBy: engineMark(), parts: read.plan.parts.length })
        .where(here);
  }

  private async answerOf(
    job: string,
    revision: number,
    plan: Extract<ReturnType<typeof readPlan>, { ok: true }>['plan'],
  ): Promise<Answer | undefined> {
    const timer = setTimeout(() => this.pool.cancel(job), LONGEST);
    const outcome = await this.pool.run(job, revision, { kind: 'answer', plan });
    clearTimeout(timer);
    if (outcome.kind === 'failed') throw new Error(`A job could not be checked: ${outcome.message}`);
    return outcome.kind === 'done' ? outcome.result : undefined;
  }
}
