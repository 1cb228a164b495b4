import type { AppThunk } from '../slices/app';
import { movedAll, played } from '../slices/viewSlice';

/** Travels of several parts, by id. */
export type Travels = Readonly<Record<string, number>>;

/** How long a motion takes from one stop to the next, ms, and all of a long one at most. */
const MOVE = 1400;
const LONGEST = 14_000;

let running = 0;

/** Stop what is being played, where it is. */
export const stop = (): AppThunk => (dispatch, getState) => {
  running += 1;
  if (getState().view.playing !== null) dispatch(played(null));
};

/** Play a motion through: from where all stand, to each stop in turn. A later play, or `stop`, ends it where it is. */
export const play =
  (stops: readonly Travels[]): AppThunk<Promise<void>> =>
  async (dispatch, getState) => {
    const run = (running += 1);
    const still = matchMedia('(prefers-reduced-motion: reduce)').matches;
    const time = Math.min(MOVE, LONGEST / Math.max(1, stops.length));
    for (const [i, to] of stops.entries()) {
      dispatch(played(i));
      const { travels } = getState().view;
      const from = Object.fromEntries(Object.keys(to).map((id) => [id, travels[id] ?? 0]));
      const start = performance.now();
      for (let share = 0; share < 1;) {
        const now = await nextFrame();
        if (run !== running) return;
        share = Math.min(1, Math.max(0, now - start) / time);
        // Reduced motion: the stops alone, each for as long as the move would take.
        if (still && share < 1) continue;
        dispatch(
          movedAll(
            Object.fromEntries(
              Object.entries(to).map(([id, end]) => [id, from[id]! + share * (end - from[id]!)]),
            ),
          ),
        );
      }
    }
    dispatch(played(null));
  };

const nextFrame = () => new Promise<number>((resolve) => requestAnimationFrame(resolve));
