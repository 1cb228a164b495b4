import {
  openTravels as travelsOf,
  standingAt,
  type Move,
  type Mover,
  type PartReport,
  type Plan,
  type Scene,
} from '@tarnpass/core';
import { play, type Travels } from './play';
import { allShut, orderAsked, orderTold } from '../slices/viewSlice';
import { ask } from '../check/asked';
import type { AppThunk } from '../slices/app';

/** Every part as far open as what stands still leaves it; none before all are checked. */
export function openTravels(scene: Scene, reports: ReadonlyMap<string, PartReport>): Travels {
  const checks = scene.movers.flatMap(({ id }) => reports.get(id)?.check ?? []);
  return checks.length === scene.movers.length ? travelsOf(scene, checks).goal : {};
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

/** Where all parts stand, as a goal for an order: a thing is wanted in one of its ways. */
function standingGoal({ movers }: Scene, kept: Travels): Travels {
  const own = movers.map(({ id, from, to }) => [id, Math.min(kept[id] ?? from, to)] as const);
  const { travels, hidden } = standingAt(movers, Object.fromEntries(own));
  return Object.fromEntries(Object.entries(travels).filter(([id]) => !hidden.has(id)));
}

/** Whether any part stands open. */
export const anyOpen = ({ movers }: Scene, travels: Travels): boolean =>
  movers.some(({ id, from }) => (travels[id] ?? from) > from);

/** Play an order that was found, from all shut. */
export const playOrder =
  (moves: readonly Move[]): AppThunk<Promise<void>> =>
  async (dispatch) => {
    dispatch(allShut());
    await dispatch(play(stopsOf(moves)));
  };

/**
 * Ask for an order from all shut, and tell it: the one that opens all parts as far as can be, or one that leads to
 * where they stand now. What does all that was asked is played; what does less is for the person to choose.
 */
export const openInOrder =
  (plan: Plan, scene: Scene, where: 'all' | 'here'): AppThunk<Promise<void>> =>
  async (dispatch, getState) => {
    const version = getState().job!.version;
    const goal = where === 'here' ? { goal: standingGoal(scene, getState().view.travels) } : {};
    dispatch(orderAsked(version));
    const outcome = await ask('order', version, { kind: 'order', plan, ...goal });
    if (outcome.kind === 'dropped' || getState().job?.version !== version) return;
    if (outcome.kind === 'failed') {
      dispatch(orderTold({ version, outcome }));
      return;
    }
    const opening = outcome.result;
    dispatch(orderTold({ version, outcome: { kind: 'told', opening } }));
    if (opening.order.kind === 'order' && !opening.never) await dispatch(playOrder(opening.order.moves));
  };
