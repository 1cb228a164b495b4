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
import type { AppThunk } from '../store';

/** Put what governs into the plan, with how well it is known: as one edit, so that it can be taken back as one. */
export const takeOver =
  (dimension: Dimension, { governs, readings }: Summary): AppThunk<readonly Issue[]> =>
  (dispatch) => {
    const mm = Math.round(governs.mm * 10) / 10;
    const measured: MeasuredDimension = {
      of: dimension.key,
      mm,
      sigma: Math.round(governs.sigma * 1000) / 1000,
      rule: governs.rule,
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
