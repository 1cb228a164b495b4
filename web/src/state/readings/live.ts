import { DeviceEventSchema, ReadingSchema, type Reading, type ReadingLog } from '@tarnpass/core';
import * as v from 'valibot';
import { EntrySchema } from '../../api/answers';
import { ApiError, readLog, sendLog } from '../../api/client';
import { isOpenTab, tabClaimed, tabName } from '../job/tab';
import type { AppThunk } from '../slices/app';
import { browserStore } from '../../browser/browserStore';
import {
  deviceIs,
  deviceRead,
  entriesCame,
  liveIs,
  logRead,
  outboxFound,
  outboxKept,
  outboxSent,
  readingTaken,
  sendingFailed,
} from '../slices/readingsSlice';

/** So long after a sending that failed comes the next, ms. */
const AGAIN = 2000;
/** Entries that come in a burst are put on the page together, ms. */
const GATHER = 30;

const START = 'tarnpass-readings-';
const keyOf = (job: string, tab: string) => `${START}${job}.${tab}`;
const key = (job: string) => keyOf(job, tabName());

/**
 * What waits to be sent, kept in this browser until the server has it: a closed lid or a lost connection loses none. One a
 * tab; what a tab that is gone left behind goes with this one's. The server takes each reading once, however often it is sent.
 */
const outbox = {
  /** Whether nothing waits that is not kept. */
  keep: (job: string, readings: readonly Reading[]): boolean => {
    if (readings.length > 0) return browserStore.set(key(job), JSON.stringify(readings));
    browserStore.remove(key(job));
    return true;
  },
  own: (job: string): readonly Reading[] => readingsAt(key(job)),
  /** Takes them over: they are this tab's to keep from then on. */
  leftBehind: async (job: string): Promise<readonly Reading[]> => {
    await tabClaimed;
    const all: Reading[] = [];
    for (const tab of browserStore.after(keyOf(job, ''))) {
      if (tab === tabName() || (await isOpenTab(tab))) continue;
      all.push(...readingsAt(keyOf(job, tab)));
      browserStore.remove(keyOf(job, tab));
    }
    return all;
  },
};

/** What a text says, read by a schema; undefined where it does not read as that. */
function parsed<Schema extends v.GenericSchema>(
  schema: Schema,
  text: string,
): v.InferOutput<Schema> | undefined {
  try {
    const read = v.safeParse(schema, JSON.parse(text));
    return read.success ? read.output : undefined;
  } catch {
    return undefined;
  }
}

/** Each by itself: one that was spoilt takes none of the others with it. */
function readingsAt(at: string): Reading[] {
  const all = parsed(v.array(v.unknown()), browserStore.get(at) ?? '[]') ?? [];
  return all.flatMap((one) => {
    const read = v.safeParse(ReadingSchema, one);
    return read.success ? [read.output] : [];
  });
}

/** Keep what waits in this browser, and say so where that fails. */
const keepOutbox =
  (job: string): AppThunk =>
  (dispatch, getState) => {
    const { readings } = getState();
    const kept = outbox.keep(job, readings.outbox);
    if (kept !== readings.kept) dispatch(outboxKept(kept));
  };

/** Read a job's log, and hear what comes in for it from now on, here or elsewhere. Returns what ends it. */
export const followLog =
  (job: string): AppThunk<() => void> =>
  (dispatch, getState) => {
    let ended = false;
    let stream: EventSource | undefined;
    let timer: ReturnType<typeof setTimeout> | undefined;
    let came: v.InferOutput<typeof EntrySchema>[] = [];
    const gather = () => {
      const entries = came;
      came = [];
      timer = undefined;
      if (ended || entries.length === 0) return;
      dispatch(
        entriesCame({
          seq: entries[entries.length - 1]!.seq,
          readings: entries.flatMap(({ reading }) => reading ?? []),
          instruments: entries.flatMap(({ instrument }) => instrument ?? []),
        }),
      );
      dispatch(keepOutbox(job));
    };
    const listen = (after: number) => {
      stream = new EventSource(`/api/jobs/${job}/live?after=${after}`);
      stream.onopen = () => {
        dispatch(liveIs('connected'));
        void dispatch(sendOutbox(job));
      };
      stream.onerror = () => {
        if (ended) return;
        dispatch(liveIs('lost'));
        // The browser comes back by itself after a break, not after a refusal: then it is begun anew.
        if (stream?.readyState === EventSource.CLOSED) setTimeout(begin, AGAIN);
      };
      stream.addEventListener('entry', ({ data }: MessageEvent<string>) => {
        const entry = parsed(EntrySchema, data);
        // What cannot be read is in the log all the same: it comes with the next look at all of it.
        if (!entry) return;
        came.push(entry);
        timer ??= setTimeout(gather, GATHER);
      });
    };
    const begin = () => {
      if (ended) return;
      stream?.close();
      readLog(job).then(
        (log) => {
          if (ended || getState().job?.id !== job) return;
          dispatch(logRead(log));
          listen(log.seq);
        },
        (error: unknown) => {
          if (!(error instanceof ApiError)) throw error;
          dispatch(liveIs('lost'));
          if (!ended) setTimeout(begin, AGAIN);
        },
      );
    };
    dispatch(outboxFound(outbox.own(job)));
    begin();
    void outbox.leftBehind(job).then((left) => {
      if (left.length === 0 || getState().job?.id !== job) return;
      dispatch(outboxFound(left));
      dispatch(keepOutbox(job));
      void dispatch(sendOutbox(job));
    });
    return () => {
      ended = true;
      clearTimeout(timer);
      stream?.close();
    };
  };

/** Take a reading: it is on the page and in this browser at once, and with the server as soon as that answers. */
export const takeReading =
  (reading: Reading): AppThunk =>
  (dispatch, getState) => {
    const { job } = getState();
    if (!job) return;
    dispatch(readingTaken(reading));
    dispatch(keepOutbox(job.id));
    void dispatch(sendOutbox(job.id));
  };

let sending = false;

const sendOutbox =
  (job: string): AppThunk<Promise<void>> =>
  async (dispatch, getState) => {
    const waiting = getState().readings.outbox;
    if (sending || waiting.length === 0 || getState().job?.id !== job) return;
    sending = true;
    try {
      await sendLog(job, { instruments: [], readings: [...waiting] });
      dispatch(outboxSent(waiting));
      dispatch(keepOutbox(job));
    } catch (error) {
      if (!(error instanceof ApiError)) throw error;
      dispatch(sendingFailed(error.message));
    } finally {
      sending = false;
    }
    if (getState().readings.outbox.length > 0) setTimeout(() => void dispatch(sendOutbox(job)), AGAIN);
  };

/** Keep an instrument, or many readings at once: undefined, or why not. */
export const sendMany =
  (log: ReadingLog): AppThunk<Promise<string | undefined>> =>
  async (dispatch, getState) => {
    const { job } = getState();
    if (!job) return 'No job is open.';
    try {
      const { seq } = await sendLog(job.id, log);
      dispatch(entriesCame({ seq: Math.min(seq, getState().readings.seq ?? seq), ...log }));
      return undefined;
    } catch (error) {
      if (!(error instanceof ApiError)) throw error;
      return error.issues[0]?.message ?? error.message;
    }
  };

/** Hear what the devices at hand read. Returns what ends it. */
export const followDevices = (): AppThunk<() => void> => (dispatch) => {
  const stream = new EventSource('/api/devices/live');
  stream.addEventListener('device', ({ data }: MessageEvent<string>) => {
    const event = parsed(DeviceEventSchema, data);
    if (!event) return;
    if (event.type === 'state') dispatch(deviceIs(event));
    else dispatch(deviceRead(event));
  });
  return () => stream.close();
};
