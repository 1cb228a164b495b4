import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type {
  DeviceReading,
  DeviceState,
  GoverningRule,
  Instrument,
  Point2,
  Reading,
  ReadingLog,
} from '@tarnpass/core';
import { closed, opened } from './jobSlice';

/** What was read for the open job, and how this page stands to the server and to the devices. */
export interface ReadingsState {
  readonly log: ReadingLog;
  /** The place in the server's order up to which this page has everything; null until the log is there. */
  readonly seq: number | null;
  /** Taken here and not yet known to be kept by the server, oldest first. */
  readonly outbox: readonly Reading[];
  /** Whether this browser keeps what waits to be sent. */
  readonly kept: boolean;
  readonly live: 'off' | 'connected' | 'lost';
  /** Why the last sending failed. */
  readonly trouble: string | null;
  readonly devices: Readonly<Record<string, DeviceState>>;
  readonly taken: DeviceReading | null;
  /** The rule chosen for a dimension, where it is not its usual one. */
  readonly rules: Readonly<Record<string, GoverningRule>>;
  /** The dimension that is being read. */
  readonly about: string | null;
  /** The corners as they were read, to be drawn over the sheet; null while they are not. */
  readonly trueShape: readonly Point2[] | null;
}

const initialState: ReadingsState = {
  log: { instruments: [], readings: [] },
  seq: null,
  outbox: [],
  kept: true,
  live: 'off',
  trouble: null,
  devices: {},
  taken: null,
  rules: {},
  about: null,
  trueShape: null,
};

/** A list with an entry put in place of the one with its id, or at the end. */
function withEntry<Entry extends { id: string }>(list: readonly Entry[], entry: Entry): Entry[] {
  const at = list.findIndex(({ id }) => id === entry.id);
  return at < 0 ? [...list, entry] : list.with(at, entry);
}

/** Many entries at once, as an import or a long absence brings them. */
function withEntries<Entry extends { id: string }>(
  list: readonly Entry[],
  entries: readonly Entry[],
): Entry[] {
  if (entries.length === 0) return [...list];
  if (entries.length === 1) return withEntry(list, entries[0]!);
  const all = new Map(list.map((entry) => [entry.id, entry]));
  for (const entry of entries) all.set(entry.id, entry);
  return [...all.values()];
}

/** What still waits when others are known to be kept: one that was taken back since is not yet kept as it is now. */
const stillWaiting = (outbox: readonly Reading[], kept: readonly Reading[]): Reading[] => {
  const known = new Map(kept.map(({ id, withdrawn }) => [id, withdrawn]));
  return outbox.filter(({ id, withdrawn }) => known.get(id) !== withdrawn);
};

const readingsSlice = createSlice({
  name: 'readings',
  initialState,
  reducers: {
    logRead: (state, { payload }: PayloadAction<ReadingLog & { seq: number }>) => ({
      ...state,
      // What waits to be sent is shown as well.
      log: {
        instruments: payload.instruments,
        readings: withEntries(payload.readings, state.outbox),
      },
      seq: payload.seq,
    }),
    entriesCame: (
      state,
      {
        payload,
      }: PayloadAction<{ seq: number; readings: readonly Reading[]; instruments: readonly Instrument[] }>,
    ) => {
      const outbox = stillWaiting(state.outbox, payload.readings);
      return {
        ...state,
        log: {
          instruments: withEntries(state.log.instruments, payload.instruments),
          // What waits to be sent is newer than what comes in of it.
          readings: withEntries(withEntries(state.log.readings, payload.readings), outbox),
        },
        seq: Math.max(state.seq ?? 0, payload.seq),
        outbox,
      };
    },
    outboxFound: (state, { payload }: PayloadAction<readonly Reading[]>) => ({
      ...state,
      outbox: payload.reduce<readonly Reading[]>(withEntry, state.outbox),
    }),
    readingTaken: (state, { payload }: PayloadAction<Reading>) => ({
      ...state,
      log: { ...state.log, readings: withEntry(state.log.readings, payload) },
      outbox: withEntry(state.outbox, payload),
    }),
    outboxKept: (state, { payload }: PayloadAction<boolean>) => ({ ...state, kept: payload }),
    outboxSent: (state, { payload }: PayloadAction<readonly Reading[]>) => ({
      ...state,
      outbox: stillWaiting(state.outbox, payload),
      trouble: null,
    }),
    sendingFailed: (state, { payload }: PayloadAction<string>) => ({ ...state, trouble: payload }),
    liveIs: (state, { payload }: PayloadAction<ReadingsState['live']>) => ({ ...state, live: payload }),
    deviceIs: (state, { payload }: PayloadAction<DeviceState>) => ({
      ...state,
      devices: { ...state.devices, [payload.device]: payload },
    }),
    deviceRead: (state, { payload }: PayloadAction<DeviceReading>) => ({ ...state, taken: payload }),
    ruleChosen: (state, { payload }: PayloadAction<{ of: string; rule: GoverningRule }>) => ({
      ...state,
      rules: { ...state.rules, [payload.of]: payload.rule },
    }),
    trueShapeShown: (state, { payload }: PayloadAction<readonly Point2[] | null>) => ({
      ...state,
      trueShape: payload,
    }),
    readAbout: (state, { payload }: PayloadAction<string | null>) => ({ ...state, about: payload }),
  },
  extraReducers: (builder) => builder.addCase(opened, () => initialState).addCase(closed, () => initialState),
});

export const {
  logRead,
  entriesCame,
  outboxFound,
  outboxKept,
  readingTaken,
  outboxSent,
  sendingFailed,
  liveIs,
  deviceIs,
  deviceRead,
  ruleChosen,
  readAbout,
  trueShapeShown,
} = readingsSlice.actions;
export const readingsReducer = readingsSlice.reducer;
