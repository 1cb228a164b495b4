import {
  get,
  resized,
  type Change,
  type Dimension,
  type Issue,
  type MeasuredDimension,
  type Summary,
} from '@tarnpass/core';
import { editNow } from '../job/edits';
import type { AppThunk } from '../slices/app';

/** Put what governs into the plan, with how well it is known: as one edit, so that it can be taken back as one. */
export const takeOver =
  (dimension: Dimension, { governs, readings }: Summary): AppThunk<readonly Issue[]> =>
  (dispatch) => {
    // As it is: rounded here and again where it is shown, it could come out another tenth than what was read.
    const { mm, sigma, rule } = governs;
    const measured: MeasuredDimension = {
      of: dimension.key,
      mm,
      sigma,
      rule,
      readings: readings.length,
    };
    return dispatch(
      editNow(`Take over ${dimension.name}`, (plan) => {
        const { path } = dimension;
        if (!path) return [];
        const i = plan.measured.findIndex(({ of }) => of === dimension.key);
        const log: Change =
          i < 0
            ? { path: ['measured', plan.measured.length], after: measured }
            : { path: ['measured', i], before: plan.measured[i], after: measured };
        const [list, field] = path;
        if (list === 'space' && path.length === 2) {
          const size = resized(plan.space, field as 'width', { mm });
          return [{ path: ['space'], before: plan.space, after: size }, log];
        }
        return [{ path: [...path], before: get(plan, path), after: { mm } }, log];
      }),
    );
  };
