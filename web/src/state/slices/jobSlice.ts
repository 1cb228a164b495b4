import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { Edit, Plan } from '@tarnpass/core';
import type { History, Job, SaveBody } from '../../api/client';

/** How the plan on the page stands to the one in the database. */
export type Saving =
  | { readonly kind: 'saved'; readonly at: string }
  | { readonly kind: 'unsaved' }
  | { readonly kind: 'saving' }
  | { readonly kind: 'waiting'; readonly why: string }
  | { readonly kind: 'conflict'; readonly theirs: Job };

export interface OpenJob {
  readonly id: string;
  /** The revision in the database that this plan builds on. */
  readonly revision: number;
  readonly plan: Plan;
  readonly history: History;
  /** Counts every change of the plan on this page: answers and saves name the one they belong to. */
  readonly version: number;
  /** Names of the edits that no save holds yet. */
  readonly unsavedEdits: readonly string[];
  readonly saving: Saving;
  /** Whether this browser keeps what is not saved: its storage may be full, or turned off. */
  readonly kept: boolean;
}

const MOST_UNDO = 100;

const jobSlice = createSlice({
  name: 'job',
  initialState: null as OpenJob | null,
  reducers: {
    opened: (_state, { payload }: PayloadAction<Job>): OpenJob => ({
      id: payload.id,
      revision: payload.revision,
      plan: payload.plan,
      history: payload.history,
      version: 1,
      unsavedEdits: [],
      saving: { kind: 'saved', at: payload.savedAt },
      kept: true,
    }),
    /** Go on from a draft kept in this browser. It builds on the revision it says, which may be older than the one just opened. */
    draftTaken: (state, { payload }: PayloadAction<SaveBody>): OpenJob | null => {
      if (!state) return state;
      const { plan, history, edits, baseRevision } = payload;
      return {
        ...state,
        revision: baseRevision,
        plan,
        history,
        unsavedEdits: edits,
        version: state.version + 1,
        saving: { kind: 'unsaved' },
      };
    },
    draftKept: (state, { payload }: PayloadAction<boolean>) => {
      if (state) state.kept = payload;
    },
    closed: (): OpenJob | null => null,
    edited: (state, { payload }: PayloadAction<{ plan: Plan; edit: Edit }>) => {
      if (!state) return state;
      const { plan, edit } = payload;
      return changed(state as OpenJob, plan, edit.name, {
        done: [...state.history.done, edit].slice(-MOST_UNDO),
        undone: [],
      });
    },
    undone: (state, { payload }: PayloadAction<{ plan: Plan; edit: Edit }>) => {
      if (!state) return state;
      const { done, undone } = state.history;
      return changed(state as OpenJob, payload.plan, `Undo: ${payload.edit.name}`, {
        done: done.slice(0, -1),
        undone: [...undone, payload.edit],
      });
    },
    redone: (state, { payload }: PayloadAction<{ plan: Plan; edit: Edit }>) => {
      if (!state) return state;
      const { done, undone } = state.history;
      return changed(state as OpenJob, payload.plan, `Redo: ${payload.edit.name}`, {
        done: [...done, payload.edit],
        undone: undone.slice(0, -1),
      });
    },
    saveStarted: (state) => {
      if (state) state.saving = { kind: 'saving' };
    },
    /** The database has `version`; edits made since then are still unsaved. */
    saveDone: (
      state,
      { payload }: PayloadAction<{ revision: number; at: string; version: number; edits: number }>,
    ) => {
      if (!state) return;
      state.revision = payload.revision;
      state.unsavedEdits = state.unsavedEdits.slice(payload.edits);
      state.saving =
        state.version === payload.version ? { kind: 'saved', at: payload.at } : { kind: 'unsaved' };
    },
    saveWaits: (state, { payload }: PayloadAction<string>) => {
      if (state) state.saving = { kind: 'waiting', why: payload };
    },
    saveConflicted: (state, { payload }: PayloadAction<Job>) =>
      state && ({ ...state, saving: { kind: 'conflict', theirs: payload } } as OpenJob),
    /** Put this page's plan on top of theirs, which stays as the revision before. */
    mineOnTop: (state) => {
      if (state?.saving.kind !== 'conflict') return state;
      return {
        ...(state as OpenJob),
        revision: state.saving.theirs.revision,
        saving: { kind: 'unsaved' },
      } as OpenJob;
    },
  },
});

function changed(state: OpenJob, plan: Plan, name: string, history: History): OpenJob {
  return {
    ...state,
    plan,
    history,
    version: state.version + 1,
    unsavedEdits: [...state.unsavedEdits, name],
    saving: state.saving.kind === 'conflict' ? state.saving : { kind: 'unsaved' },
  };
}

export const {
  opened,
  draftTaken,
  draftKept,
  closed,
  edited,
  undone,
  redone,
  saveStarted,
  saveDone,
  saveWaits,
  saveConflicted,
  mineOnTop,
} = jobSlice.actions;
export const jobReducer = jobSlice.reducer;

/** What a save of the plan as it stands sends. */
export function saveBody(job: OpenJob): SaveBody {
  return { baseRevision: job.revision, plan: job.plan, history: job.history, edits: job.unsavedEdits };
}
