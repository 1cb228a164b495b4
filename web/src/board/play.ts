import type { AppThunk } from '../store';
import { movedAll } from './viewSlice';

/** Travels of several parts, by id. */
export type Travels = Readonly<Record<string, number>>;

/** How long a part takes from one end of a move to the other, ms. */
const MOVE = 1400;

let running = 0;

/** Stop what is being played. */
export const stop = (): void => {
  running += 1;
};

/** Play a motion through: from where all stand, to each stop in turn. A later play, or `stop`, ends it where it is. */
export const play =
  (stops: readonly Travels[]): AppThunk<Promise<void>> =>
  async (dispatch, getState) => {
    const run = (running += 1);
    const still = matchMedia('(prefers-reduced-motion: reduce)').matches;
    for (const to of stops) {
      const { travels } = getState().view;
      const from = Object.fromEntries(Object.keys(to).map((id) => [id, travels[id] ?? 0]));
      const start = performance.now();
      for (let share = 0; share < 1;) {
        const now = await nextFrame();
        if (run !== running) return;
        share = Math.min(1, (now - start) / MOVE);
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
  };

const nextFrame = () => new Promise<number>((resolve) => requestAnimationFrame(resolve));
