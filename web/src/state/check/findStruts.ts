import type { StrutsAsked } from '@tarnpass/core';
import type { AppThunk } from '../slices/app';
import { commandFailed } from '../slices/viewSlice';
import { strutsCame, strutsFound, strutsSought, strutsStopped } from '../slices/strutsSlice';
import { ask, callOff } from './asked';

const LANE = 'struts';

/** Look for struts that do what is wanted, in a worker: told how far it is, and called off by an edit or by hand. */
export const findStruts =
  (asked: StrutsAsked): AppThunk<Promise<void>> =>
  async (dispatch, getState) => {
    const { job } = getState();
    if (!job) return;
    const { plan, version, id } = job;
    dispatch(strutsSought());
    const outcome = await ask(LANE, version, { kind: 'struts', plan, asked }, ({ done, of }) => {
      dispatch(strutsCame(done / of));
    });
    const now = getState().job;
    if (outcome.kind === 'dropped' || now?.id !== id || now.version !== version) return;
    if (outcome.kind === 'done') dispatch(strutsFound(outcome.result));
    else {
      dispatch(strutsStopped());
      dispatch(commandFailed(outcome.message));
    }
  };

/** Stop looking: what was found before stays gone, since it is of an older question. */
export const cancelStruts = (): AppThunk => (dispatch) => {
  callOff(LANE);
  dispatch(strutsStopped());
};
