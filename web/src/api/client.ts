import type { DrawerItem, Issue, Plan, ReadingLog } from '@tarnpass/core';
import * as v from 'valibot';
import {
  DrawerSchema,
  JobRowSchema,
  JobSchema,
  LogSchema,
  RefusalSchema,
  SavedSchema,
  SeqSchema,
  type History,
  type Job,
} from './answers';

export type { History, Job, JobRow } from './answers';

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

/** An answer that does not read as it should comes of a page and a server that are not of one version, or of something between them. */
const STRANGE = 502;

/** The body of an answer, read by its schema. Rejects with an ApiError where it is none, or not of that shape. */
async function call<Schema extends v.GenericSchema>(
  schema: Schema,
  path: string,
  init?: RequestInit,
): Promise<v.InferOutput<Schema>> {
  let response: Response;
  try {
    response = await fetch(path, { signal: AbortSignal.timeout(LONGEST), ...init });
  } catch {
    throw new ApiError(0, 'The server is not reached. Is npm start still running?');
  }
  const body: unknown = await response.json().catch(() => undefined);
  if (response.ok) {
    const read = v.safeParse(schema, body);
    if (read.success) return read.output;
    const [issue] = read.issues;
    throw new ApiError(
      STRANGE,
      `The server answered what this page cannot read${placed(issue)}. Reload the page: it may be older than its server.`,
    );
  }
  const refusal = v.safeParse(RefusalSchema, body);
  const { message, issues, current } = refusal.success ? refusal.output : {};
  throw new ApiError(response.status, message ?? `The server answered ${response.status}.`, issues, current);
}

/** Where in an answer the trouble is. */
const placed = ({ path }: v.BaseIssue<unknown>): string =>
  path && path.length > 0 ? `, at ${path.map(({ key }) => String(key)).join('.')}` : '';

const sending = (method: string, body: unknown): RequestInit => ({
  method,
  headers: { 'Content-Type': 'application/json' },
  body: JSON.stringify(body),
});

export const listJobs = () => call(v.array(JobRowSchema), '/api/jobs');
export const readJob = (id: string) => call(JobSchema, `/api/jobs/${id}`);
export const createJob = (plan: unknown, log?: ReadingLog) =>
  call(JobSchema, '/api/jobs', sending('POST', { plan, ...(log && { log }) }));
export const saveJob = (id: string, body: SaveBody) =>
  call(SavedSchema, `/api/jobs/${id}`, sending('PUT', body));

export const readLog = (id: string) => call(LogSchema, `/api/jobs/${id}/readings`);
export const sendLog = (id: string, log: ReadingLog) =>
  call(SeqSchema, `/api/jobs/${id}/readings`, sending('POST', log));
/** Make a device read now. A stand-in is told what it is pointed at. */
export const takeOff = (device: string, aim?: number) =>
  call(v.unknown(), `/api/devices/${device}/take`, sending('POST', aim === undefined ? {} : { aim }));

export const listDrawer = () => call(DrawerSchema, '/api/hardware');
export const putDrawer = (items: readonly DrawerItem[]) =>
  call(DrawerSchema, '/api/hardware', sending('POST', { items }));
export const takeFromDrawer = (id: string) =>
  call(DrawerSchema, `/api/hardware/${id}`, sending('DELETE', {}));

/** The most a browser lets a page send as it closes, bytes, with room for the headers. */
const MOST_AT_CLOSE = 60_000;

/** Send a save that outlives the page, where it is small enough; the draft kept in the browser covers the rest. */
export function saveAtClose(id: string, body: SaveBody): void {
  const init = sending('PUT', body);
  if ((init.body as string).length > MOST_AT_CLOSE) return;
  void fetch(`/api/jobs/${id}`, { ...init, keepalive: true }).catch(() => undefined);
}
