import type { Answer, DrawerItem, Edit, Issue, Plan, ReadingLog } from '@tarnpass/core';

/** What the server answers, as it comes over the wire: dates are text. */
export interface JobRow {
  readonly id: string;
  readonly title: string;
  readonly revision: number;
  readonly savedAt: string;
  /** Null while it is worked out. */
  readonly parts: number | null;
  readonly answer: Answer | null;
}
export interface History {
  readonly done: readonly Edit[];
  readonly undone: readonly Edit[];
}
export interface Job {
  readonly id: string;
  readonly revision: number;
  readonly savedAt: string;
  readonly plan: Plan;
  readonly history: History;
}
export interface SaveBody {
  readonly baseRevision: number;
  readonly plan: Plan;
  readonly history: History;
  readonly edits: readonly string[];
}

/** A call that did not come to what was asked; status 0 where the server was not reached. */
export class ApiError extends Error {
  constructor(
    readonly status: number,
    message: string,
    readonly issues: readonly Issue[] = [],
    /** With 409: what is there now. */
    readonly current?: Job,
  ) {
    super(message);
  }
}

/** A server that has not answered after this has not been reached, ms: what waits for it may be tried again. */
const LONGEST = 60_000;

async function call<T>(path: string, init?: RequestInit): Promise<T> {
  let response: Response;
  try {
    response = await fetch(path, { signal: AbortSignal.timeout(LONGEST), ...init });
  } catch {
    throw new ApiError(0, 'The server is not reached. Is npm start still running?');
  }
  const body: unknown = await response.json().catch(() => undefined);
  if (response.ok) return body as T;
  const { message, issues, current } = (body ?? {}) as { message?: string; issues?: Issue[]; current?: Job };
  throw new ApiError(response.status, message ?? `The server answered ${response.status}.`, issues, current);
}

const sending = (method: string, body: unknown): RequestInit => ({
  method,
  headers: { 'Content-Type': 'application/json' },
  body: JSON.stringify(body),
});

export const listJobs = () => call<JobRow[]>('/api/jobs');
export const readJob = (id: string) => call<Job>(`/api/jobs/${id}`);
export const createJob = (plan: unknown, log?: ReadingLog) =>
  call<Job>('/api/jobs', sending('POST', { plan, ...(log && { log }) }));
export const saveJob = (id: string, body: SaveBody) => call<Job>(`/api/jobs/${id}`, sending('PUT', body));

export const readLog = (id: string) => call<ReadingLog & { seq: number }>(`/api/jobs/${id}/readings`);
export const sendLog = (id: string, log: ReadingLog) =>
  call<{ seq: number }>(`/api/jobs/${id}/readings`, sending('POST', log));
/** Make a device read now. A stand-in is told what it is pointed at. */
export const takeOff = (device: string, aim?: number) =>
  call<unknown>(`/api/devices/${device}/take`, sending('POST', aim === undefined ? {} : { aim }));

export const listDrawer = () => call<DrawerItem[]>('/api/hardware');
export const putDrawer = (items: readonly DrawerItem[]) =>
  call<DrawerItem[]>('/api/hardware', sending('POST', { items }));
export const takeFromDrawer = (id: string) =>
  call<DrawerItem[]>(`/api/hardware/${id}`, sending('DELETE', {}));

/** The most a browser lets a page send as it closes, bytes, with room for the headers. */
const MOST_AT_CLOSE = 60_000;

/** Send a save that outlives the page, where it is small enough; the draft kept in the browser covers the rest. */
export function saveAtClose(id: string, body: SaveBody): void {
  const init = sending('PUT', body);
  if ((init.body as string).length > MOST_AT_CLOSE) return;
  void fetch(`/api/jobs/${id}`, { ...init, keepalive: true }).catch(() => undefined);
}
