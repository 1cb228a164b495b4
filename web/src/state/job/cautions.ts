import type { Issue, NoteFinding } from '@tarnpass/core';
import type { AppThunk } from '../slices/app';
import { editNow } from './edits';

/** Take a caution by name and with a reason: kept with the words it had, in the plan and so in every revision from now on. */
export const takeCaution = (
  { key, said }: Pick<NoteFinding, 'key' | 'said'>,
  by: string,
  why: string,
): AppThunk<readonly Issue[]> =>
  editNow('Take a caution', ({ taken }) => [
    { path: ['taken'], before: taken, after: { ...taken, [key]: { by, why, said } } },
  ]);

/** Let a caution stand again that somebody took. */
export const takeBack = (key: string): AppThunk<readonly Issue[]> =>
  editNow('Let a caution stand again', ({ taken }) => {
    const rest = Object.fromEntries(Object.entries(taken).filter(([one]) => one !== key));
    return [{ path: ['taken'], before: taken, after: rest }];
  });
