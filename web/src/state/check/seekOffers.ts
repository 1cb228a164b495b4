import { itemIdOf, type Report, type WorkPool } from '@tarnpass/core';
import type { AppDispatch, RootState } from '../slices/app';
import { offered } from '../slices/offersSlice';

/** What is to be looked for: the offers of a finding, all of them or the first so many. */
export interface Sought {
  readonly of: string;
  readonly enough?: number;
}

/** Keys of all that is not clear of an item, worst first: what its movers meet, then what its numbers tell. */
function openOf(report: Report, item: string): string[] {
  const own = report.parts.filter((part) => part.item === item).flatMap(({ findings }) => findings);
  const told = [...report.notes, ...report.air].filter((one) => one.item === item);
  return [...own, ...told].filter(({ verdict }) => verdict !== 'clear').map(({ key }) => key);
}

/**
 * What to look for next: first one way to mend what the answer is about, then one for each finding of what is selected, then every way
 * for those. Nothing while the answer is of an older plan.
 */
export function nextSought({ job, check, view, offers }: RootState): Sought | undefined {
  const { report, version } = check;
  if (!job || !report || version !== job.version) return undefined;
  const { byFinding } = offers;
  const { finding, part } = report.answer;
  if (finding !== undefined && !byFinding[finding]) return { of: finding, enough: 1 };
  const shown = view.selected ? itemIdOf(job.plan, view.selected) : part;
  const open = shown === undefined ? [] : openOf(report, shown);
  const unknown = open.find((key) => !byFinding[key]);
  if (unknown !== undefined) return { of: unknown, enough: 1 };
  const begun = open.find((key) => !byFinding[key]!.whole);
  return begun === undefined ? undefined : { of: begun };
}

let seeking = false;

/** Look for offers until there is nothing more to look for. In the lane of the check: a newer plan calls it off. */
export async function seekOffers(
  pool: WorkPool,
  getState: () => RootState,
  dispatch: AppDispatch,
): Promise<void> {
  if (seeking) return;
  seeking = true;
  try {
    for (let next = nextSought(getState()); next; next = nextSought(getState())) {
      const { id, version, plan } = getState().job!;
      const outcome = await pool.run('open job', version, { kind: 'offers', plan, ...next });
      const now = getState().job;
      if (outcome.kind !== 'done' || now?.id !== id || now.version !== version) return;
      dispatch(offered(outcome.result));
    }
  } finally {
    seeking = false;
  }
}
