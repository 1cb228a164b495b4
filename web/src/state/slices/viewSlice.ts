import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { Opening, Side } from '@tarnpass/core';
import { opened } from './jobSlice';
import { keptPanes } from './keptPanes';
import { MOST_PANES, type ViewKind } from './viewKinds';

export { MOST_PANES, VIEWS, type ViewKind } from './viewKinds';

/** Where the section is cut and which way it looks. */
export interface SectionCut {
  readonly look: Side;
  /** mm along the space's axis the view looks along. */
  readonly at: number;
}

/** What came of asking for an order of opening, and the version of the plan it was asked for. */
export interface AskedOrder {
  readonly version: number;
  readonly outcome:
    | { readonly kind: 'asking' }
    | { readonly kind: 'failed'; readonly message: string }
    | { readonly kind: 'told'; readonly opening: Opening };
}

/** What one looks at: nothing of it is part of the plan. */
export interface ViewState {
  /** The plan item the card is about; `space` for the space itself. */
  readonly selected: string | null;
  /** What else is selected with it, to be grouped or copied as one. */
  readonly also: readonly string[];
  /** How far each part stands open, radians or mm; shut where none is given. */
  readonly travels: Readonly<Record<string, number>>;
  /** The panes of the sheet, the large one first. */
  readonly panes: readonly ViewKind[];
  /** Where the person put the section; through the middle of what is selected until then. */
  readonly section: SectionCut | null;
  /** The tab that each stage's card is at: it outlasts what is selected, and the job. */
  readonly tabs: Readonly<Record<string, string>>;
  readonly order: AskedOrder | null;
  /** Which finding, worst first, is looked at. */
  readonly finding: number;
  /** Why the last command could not be done. */
  readonly commandError: string | null;
  /** Which stop of a motion is being played; null while nothing is. */
  readonly playing: number | null;
  /** The two parts the pass is about; the selected one and its worst neighbour until chosen. */
  readonly pair: readonly [string, string] | null;
}

const startWith = ({ panes, tabs }: Pick<ViewState, 'panes' | 'tabs'>): ViewState => ({
  selected: null,
  also: [],
  travels: {},
  panes,
  tabs,
  section: null,
  order: null,
  finding: 0,
  commandError: null,
  playing: null,
  pair: null,
});

const viewSlice = createSlice({
  name: 'view',
  initialState: () => startWith({ panes: keptPanes(), tabs: {} }),
  reducers: {
    selected: (state, { payload }: PayloadAction<string | null>) => ({
      ...state,
      selected: payload,
      also: [],
    }),
    /** Nothing selected, all shut: as before any job. */
    viewCleared: (state) => startWith(state),
    /** What the card begins with, unless a hand was quicker. */
    begun: (state, { payload }: PayloadAction<string>) =>
      state.selected === null ? { ...state, selected: payload } : state,
    alsoSelected: (state, { payload }: PayloadAction<readonly string[]>) => ({ ...state, also: payload }),
    moved: (state, { payload }: PayloadAction<{ part: string; travel: number }>) => ({
      ...state,
      travels: { ...state.travels, [payload.part]: payload.travel },
    }),
    /** Several parts at once, as in a motion that is played. */
    movedAll: (state, { payload }: PayloadAction<Readonly<Record<string, number>>>) => ({
      ...state,
      travels: { ...state.travels, ...payload },
    }),
    tabShown: (state, { payload }: PayloadAction<{ card: string; tab: string }>) => ({
      ...state,
      tabs: { ...state.tabs, [payload.card]: payload.tab },
    }),
    findingShown: (state, { payload }: PayloadAction<number>) => ({ ...state, finding: payload }),
    commandFailed: (state, { payload }: PayloadAction<string | null>) => ({
      ...state,
      commandError: payload,
    }),
    played: (state, { payload }: PayloadAction<number | null>) => ({ ...state, playing: payload }),
    allShut: (state) => ({ ...state, travels: {} }),
    panesSet: (state, { payload }: PayloadAction<readonly ViewKind[]>) => ({ ...state, panes: payload }),
    /** See to it that a view is shown: in place of the last pane where no pane shows it. */
    paneShown: (state, { payload }: PayloadAction<ViewKind>) =>
      state.panes.includes(payload)
        ? state
        : {
            ...state,
            panes:
              state.panes.length < MOST_PANES
                ? [...state.panes, payload]
                : [...state.panes.slice(0, -1), payload],
          },
    orderAsked: (state, { payload }: PayloadAction<number>) => ({
      ...state,
      order: { version: payload, outcome: { kind: 'asking' as const } },
    }),
    orderTold: (state, { payload }: PayloadAction<AskedOrder>) => ({ ...state, order: payload }),
    orderHidden: (state) => ({ ...state, order: null }),
    sectionCut: (state, { payload }: PayloadAction<SectionCut | null>) => ({ ...state, section: payload }),
    paired: (state, { payload }: PayloadAction<readonly [string, string] | null>) => ({
      ...state,
      pair: payload,
    }),
  },
  extraReducers: (builder) => builder.addCase(opened, (state) => startWith(state)),
});

export const {
  selected,
  viewCleared,
  begun,
  alsoSelected,
  tabShown,
  findingShown,
  commandFailed,
  moved,
  movedAll,
  played,
  allShut,
  panesSet,
  paneShown,
  orderAsked,
  orderTold,
  orderHidden,
  sectionCut,
  paired,
} = viewSlice.actions;
export const viewReducer = viewSlice.reducer;
