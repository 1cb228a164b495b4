import type { ClearOpening } from '../contract/clearOpening';
import type { PanelAt } from './lay';

/**
 * Every clear opening that panels on parallel tracks allow: those on a track keep their order, so some stand to the left
 * of the opening and the rest to the right, pushed together as far as they go.
 *
 * @param run   clear between the end posts, mm; each panel goes `lap` behind them
 * @returns the distinct openings, the widest first; of openings with the same ends the one with fewest panels moved
 * @source derived
 */
export function clearOpenings(
  panels: readonly Pick<PanelAt, 'key' | 'nth' | 'track' | 'bounds'>[],
  run: readonly [number, number],
  lap: number,
): ClearOpening[] {
  const tracks = [...new Set(panels.map(({ track }) => track))].sort((a, b) => a - b);
  const [start, end] = [run[0] - lap, run[1] + lap];
  const widthOf = ({ bounds: { x } }: Pick<PanelAt, 'bounds'>) => x[1] - x[0];
  let states: { from: number; to: number; at: number[] }[] = [
    { from: run[0], to: run[1], at: panels.map(({ bounds }) => bounds.x[0]) },
  ];
  for (const track of tracks) {
    const own = panels.filter((panel) => panel.track === track);
    states = states.flatMap(({ from, to, at }) =>
      Array.from({ length: own.length + 1 }, (_, leftOnes) => {
        const next = [...at];
        let left = start;
        for (const panel of own.slice(0, leftOnes)) {
          next[panel.nth] = left;
          left += widthOf(panel);
        }
        let right = end;
        for (const panel of own.slice(leftOnes).reverse()) {
          right -= widthOf(panel);
          next[panel.nth] = right;
        }
        return {
          from: leftOnes > 0 ? Math.max(from, left) : from,
          to: leftOnes < own.length ? Math.min(to, right) : to,
          at: next,
        };
      }),
    );
  }
  const open = states.filter(({ from, to }) => to - from > 1e-6);
  const distinct = new Map<string, (typeof open)[number]>();
  const moved = (at: readonly number[]) =>
    panels.filter(({ nth, bounds }) => Math.abs(at[nth]! - bounds.x[0]) > 1e-6).length;
  for (const state of open) {
    const key = `${state.from.toFixed(3)} ${state.to.toFixed(3)}`;
    const known = distinct.get(key);
    if (!known || moved(state.at) < moved(known.at)) distinct.set(key, state);
  }
  return [...distinct.values()]
    .map(({ from, to, at }) => ({
      panels: panels.map(({ key }) => key),
      from: from - run[0],
      to: to - run[0],
      at: at.map((x) => x - run[0]),
      shut: panels.map(({ bounds }) => bounds.x[0] - run[0]),
      tracks: panels.map(({ track }) => track),
      wide: widthOf(panels[0]!),
    }))
    .sort((a, b) => b.to - b.from - (a.to - a.from) || a.from - b.from);
}

/** A pull of a panel that nobody gets at: in an opening, it lies behind another panel. */
export interface HiddenPull {
  readonly panel: number;
  readonly behind: number;
  readonly opening: ClearOpening;
}

/**
 * Pulls that are covered in one of the openings, by a panel on a track nearer the front.
 *
 * @param pulls  from the left edge of each panel, where its pulls are, mm
 */
export function hiddenPulls(
  panels: readonly Pick<PanelAt, 'nth' | 'track' | 'bounds'>[],
  openings: readonly ClearOpening[],
  pulls: readonly (readonly (readonly [number, number])[])[],
): HiddenPull[] {
  const found: HiddenPull[] = [];
  for (const opening of openings)
    for (const panel of panels) {
      const at = opening.at[panel.nth]!;
      const covers = (pull: readonly [number, number]) =>
        panels.find((other) => {
          if (other.track >= panel.track) return false;
          const x = opening.at[other.nth]!;
          const wide = other.bounds.x[1] - other.bounds.x[0];
          return x < at + pull[1] - 1e-9 && x + wide > at + pull[0] + 1e-9;
        });
      const over = (pulls[panel.nth] ?? []).map(covers);
      // One pull in reach is enough to slide it by.
      if (over.length > 0 && over.every((one) => one !== undefined))
        found.push({ panel: panel.nth, behind: over[0]!.nth, opening });
    }
  return found;
}
