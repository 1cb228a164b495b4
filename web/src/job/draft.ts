import type { SaveBody } from '../api/client';

/**
 * What is not saved yet, kept in this browser until the server has it: it survives a closed lid, a crash and a server
 * that is away. One a job.
 */
const key = (id: string) => `tarnpass-draft-${id}`;

export function keepDraft(id: string, body: SaveBody): void {
  try {
    localStorage.setItem(key(id), JSON.stringify(body));
  } catch {
    // A full or forbidden store only takes this second net away; the save itself goes on.
  }
}

export function dropDraft(id: string): void {
  try {
    localStorage.removeItem(key(id));
  } catch {
    // as above
  }
}

/** The kept draft, unless there is none or it cannot be read. The plan in it is read by the core before use. */
export function keptDraft(id: string): SaveBody | undefined {
  try {
    const text = localStorage.getItem(key(id));
    return text ? (JSON.parse(text) as SaveBody) : undefined;
  } catch {
    return undefined;
  }
}
