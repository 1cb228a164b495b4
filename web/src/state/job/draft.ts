import type { SaveBody } from '../../api/client';
import { browserStore } from '../../browser/browserStore';
import { isOpenTab, tabClaimed, tabName } from './tab';

/**
 * What is not saved yet, kept in this browser until the server has it: it survives a closed lid, a crash and a server
 * that is away. One a job and tab, each with the revision it builds on: two tabs of a job keep one each.
 */
const START = 'tarnpass-draft-';
const keyOf = (job: string, tab: string) => `${START}${job}.${tab}`;

interface Kept {
  readonly at: number;
  readonly body: SaveBody;
}

/** A draft found, and where it is kept. */
export interface FoundDraft {
  readonly key: string;
  readonly body: SaveBody;
}

/** Whether the browser kept it. */
export function keepDraft(job: string, body: SaveBody): boolean {
  const kept: Kept = { at: Date.now(), body };
  return browserStore.set(keyOf(job, tabName()), JSON.stringify(kept));
}

/** Let go of this tab's own draft of a job. */
export const dropDraft = (job: string): void => browserStore.remove(keyOf(job, tabName()));

/** Let go of a draft that was found. */
export const dropFound = ({ key }: FoundDraft): void => browserStore.remove(key);

/**
 * The draft to go on from: this tab's own, else the newest that a tab which is gone left behind. Those of open tabs are
 * theirs, and what cannot be read stays where it is. The plan in it is read by the core before use.
 */
export async function findDraft(job: string): Promise<FoundDraft | undefined> {
  await tabClaimed;
  const own = readDraft(keyOf(job, tabName()));
  if (own) return own;
  const left: (FoundDraft & { at: number })[] = [];
  for (const tab of browserStore.after(keyOf(job, ''))) {
    const found = readDraft(keyOf(job, tab));
    if (found && !(await isOpenTab(tab))) left.push(found);
  }
  return left.sort((a, b) => b.at - a.at)[0];
}

function readDraft(key: string): (FoundDraft & { at: number }) | undefined {
  const text = browserStore.get(key);
  if (!text) return undefined;
  try {
    const kept = JSON.parse(text) as Kept | SaveBody;
    // As earlier pages kept it: the body alone, one for all tabs.
    return 'body' in kept ? { key, at: kept.at, body: kept.body } : { key, at: 0, body: kept };
  } catch {
    return undefined;
  }
}
