import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { Side } from '@tarnpass/core';
import { opened } from '../job/jobSlice';

/** What a pane of the sheet can show. */
export const VIEWS = {
  plan: 'Plan',
  front: 'Front',
  section: 'Section',
  solid: 'Solid',
  pass: 'The pass',
} as const;
export type ViewKind = keyof typeof VIEWS;
export const MOST_PANES = 4;

/** Where the section is cut and which way it looks. */
export interface SectionCut {
  readonly look: Side;
  /** mm along the space's axis the view looks along. */
  readonly at: number;
}

/** What one looks at: nothing of it is part of the plan. */
export interface ViewState {
  /** The plan item the card is about; `space` for the space itself. */
  readonly selected: string | null;
  /** How far each part stands open, radians or mm; shut where none is given. */
  readonly travels: Readonly<Record<string, number>>;
  /** The panes of the sheet, the large one first. */
  readonly panes: readonly ViewKind[];
  /** Where the person put the section; through the middle of what is selected until then. */
  readonly section: SectionCut | null;
  /** The two parts the pass is about; the selected one and its worst neighbour until chosen. */
  readonly pair: readonly [string, string] | null;
}

const KEY = 'tarnpass-panes';

/** The panes this browser last showed. */
function keptPanes(): readonly ViewKind[] {
  const kept = (localStorage.getItem(KEY) ?? '').split(' ').filter((kind) => kind in VIEWS) as ViewKind[];
  return kept.length > 0 ? kept.slice(0, MOST_PANES) : ['plan', 'section', 'pass'];
}

const initialState = (): ViewState => ({
  selected: null,
  travels: {},
  panes: keptPanes(),
  section: null,
  pair: null,
});

const viewSlice = createSlice({
  name: 'view',
  initialState,
  reducers: {
    selected: (state, { payload }: PayloadAction<string | null>) => ({ ...state, selected: payload }),
    moved: (state, { payload }: PayloadAction<{ part: string; travel: number }>) => ({
      ...state,
      travels: { ...state.travels, [payload.part]: payload.travel },
    }),
    /** Several parts at once, as in a motion that is played. */
    movedAll: (state, { payload }: PayloadAction<Readonly<Record<string, number>>>) => ({
      ...state,
      travels: { ...state.travels, ...payload },
    }),
    allShut: (state) => ({ ...state, travels: {} }),
    panesSet: (state, { payload }: PayloadAction<readonly ViewKind[]>) => {
      localStorage.setItem(KEY, payload.join(' '));
      return { ...state, panes: payload };
    },
    sectionCut: (state, { payload }: PayloadAction<SectionCut | null>) => ({ ...state, section: payload }),
    paired: (state, { payload }: PayloadAction<readonly [string, string] | null>) => ({
      ...state,
      pair: payload,
    }),
  },
  extraReducers: (builder) => builder.addCase(opened, () => initialState()),
});

export const { selected, moved, movedAll, allShut, panesSet, sectionCut, paired } = viewSlice.actions;
export const viewReducer = viewSlice.reducer;
