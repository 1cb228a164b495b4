import { readdir, readFile } from 'node:fs/promises';
import { eq } from 'drizzle-orm';
import { readPlanFile } from '@tarnpass/core';
import type { Database } from '../db/connect';
import { jobs } from '../db/tables';
import { createJob, readJob, saveJob } from './jobs';

/**
 * Lay the demo jobs of a folder of plan files: each once, and with `fresh` again, as a new revision on top of what
 * people made of it, so that nothing is lost by it.
 */
export async function layDemo(db: Database, folder: URL, fresh: boolean): Promise<void> {
  for (const file of (await readdir(folder)).filter((name) => name.endsWith('.json')).sort()) {
    const read = readPlanFile(await readFile(new URL(file, folder), 'utf8'));
    if (!read.ok) throw new Error(`demo/${file}: ${read.issues[0]!.message}`);
    const [known] = await db.select({ id: jobs.id }).from(jobs).where(eq(jobs.demo, file));
    if (!known) await createJob(db, read.plan, file, read.log);
    else if (fresh) {
      const job = await readJob(db, known.id);
      if (job.kind !== 'done') throw new Error(`The demo job of ${file} cannot be read.`);
      const laid = await saveJob(db, known.id, {
        baseRevision: job.value.revision,
        plan: read.plan,
        history: { done: [], undone: [] },
        edits: ['Lay the demo anew'],
      });
      if (laid.kind !== 'done')
        throw new Error(`The demo job of ${file} could not be laid anew: ${laid.kind}.`);
    }
  }
}
