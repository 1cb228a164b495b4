import { readdir, readFile } from 'node:fs/promises';
import { eq } from 'drizzle-orm';
import * as v from 'valibot';
import { EditSchema, parseJson, readPlanFile, withChanges, type Edit } from '@tarnpass/core';
import type { Database } from '../db/connect';
import { jobs } from '../db/tables';
import { createJob, readJob, saveJob, type Job, type Outcome } from './jobs';

/**
 * Lay the demo jobs of a folder of plan files: each once, and with `fresh` again, as a new revision on top of what
 * people made of it, so that nothing is lost by it. Each is laid with its faults; what mends them is in `mended/`, one
 * edit of the same name: it is kept as a revision of its own, and stands ready to be done again.
 */
export async function layDemo(db: Database, folder: URL, fresh: boolean): Promise<void> {
  for (const file of (await readdir(folder)).filter((name) => name.endsWith('.json')).sort()) {
    const read = readPlanFile(await readFile(new URL(file, folder), 'utf8'));
    if (!read.ok) throw new Error(`demo/${file}: ${read.issues[0]!.message}`);
    const mends = await mendingEdit(new URL(`mended/${file}`, folder));
    const history = { done: [], undone: [mends] };
    const [known] = await db.select({ id: jobs.id }).from(jobs).where(eq(jobs.demo, file));
    if (!known) {
      const { id, revision } = done(file, await createJob(db, read.plan, file, read.log));
      const mended = withChanges(read.plan, mends.changes);
      const kept = await saveJob(db, id, {
        baseRevision: revision,
        plan: mended,
        history: { done: [mends], undone: [] },
        edits: [mends.name],
      });
      const back = { baseRevision: done(file, kept).revision, plan: read.plan, history };
      done(file, await saveJob(db, id, { ...back, edits: ['Lay the faults again'] }));
    } else if (fresh) {
      const { revision } = done(file, await readJob(db, known.id));
      const anew = { baseRevision: revision, plan: read.plan, history };
      done(file, await saveJob(db, known.id, { ...anew, edits: ['Lay the demo anew'] }));
    }
  }
}

/** @throws where it is no edit */
async function mendingEdit(file: URL): Promise<Edit> {
  const parsed = parseJson(await readFile(file, 'utf8'));
  if (!parsed.ok) throw new Error(`${file.pathname}: ${parsed.issues[0]!.message}`);
  return v.parse(EditSchema, parsed.raw);
}

/** @throws where a demo job could not be laid or read */
function done(file: string, outcome: Outcome<Job>): Job {
  if (outcome.kind !== 'done') throw new Error(`The demo job of ${file} could not be laid: ${outcome.kind}.`);
  return outcome.value;
}
