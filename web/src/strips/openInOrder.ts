import type { Move, Mover, PartReport, Plan, Scene } from '@tarnpass/core';
import { play, type Travels } from '../board/play';
import { allShut, orderAsked, orderTold } from '../board/viewSlice';
import { ask } from '../check/asked';
import type { AppThunk } from '../store';

/** Every part as far open as it goes free of what stands still. */
export function openTravels(scene: Scene, reports: ReadonlyMap<string, PartReport>): Travels {
  // A thing opens in one way at a time: the first it has.
  const ways = scene.movers.filter(({ goes }) => goes !== 'instead');
  return Object.fromEntries(ways.map(({ id, to }) => [id, reports.get(id)?.check.usable ?? to]));
}

/** The stops of a motion through moves: each part's end, and every corner of a way of two. */
export function stopsOf(moves: readonly Move[]): Travels[] {
  return moves.flatMap((move): Travels[] =>
    move.kind === 'one'
      ? [{ [move.part]: move.to }]
      : move.way.map(([a, b]) => ({ [move.parts[0]]: a, [move.parts[1]]: b })),
  );
}

/** Shut, open as far as it goes free, and shut again. */
export function throughAndBack(mover: Mover, reports: ReadonlyMap<string, PartReport>): Travels[] {
  const open = reports.get(mover.id)?.check.usable ?? mover.to;
  return [{ [mover.id]: mover.from }, { [mover.id]: open }, { [mover.id]: mover.from }];
}

/** Ask for the order that opens all parts, tell it, and play it from all shut. */
export const openInOrder =
  (plan: Plan, scene: Scene, reports: ReadonlyMap<string, PartReport>): AppThunk<Promise<void>> =>
  async (dispatch, getState) => {
    const version = getState().job!.version;
    const goal = Object.fromEntries(
      Object.entries(openTravels(scene, reports)).filter(
        ([id, travel]) => travel > scene.movers.find((mover) => mover.id === id)!.from,
      ),
    );
    dispatch(orderAsked(version));
    const outcome = await ask('order', version, { kind: 'order', plan, goal });
    if (outcome.kind === 'dropped' || getState().job?.version !== version) return;
    if (outcome.kind === 'failed') {
      dispatch(orderTold({ version, outcome }));
      return;
    }
    dispatch(orderTold({ version, outcome: outcome.result }));
    if (outcome.result.kind !== 'order') return;
    dispatch(allShut());
    await dispatch(play(stopsOf(outcome.result.moves)));
  };
