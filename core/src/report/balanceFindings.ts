import type { MoverCheck } from '../clearance/checkMover';
import type { Balance } from '../parts/contract/balance';
import type { Plan } from '../plan/schema';
import type { Mover } from '../scene/scene';
import { balanceReport, balancesOf, type BalanceReport } from './balance';
import { balanceNotes } from './balanceWords';
import { noteFindings } from './noteFindings';
import type { NoteFinding } from './records';

/** How what is lifted is balanced, and what is said of it. */
export interface BalanceFindings {
  readonly reports: readonly BalanceReport[];
  readonly notes: readonly NoteFinding[];
}

interface Known {
  readonly usable: number;
  readonly climate: Plan['season']['climate'];
  readonly report: BalanceReport;
}
/** What came of a balance, as long as nothing it hangs on changes. */
const known = new WeakMap<Balance, Known>();

function reportOf(plan: Plan, balance: Balance, usable: number): BalanceReport {
  const before = known.get(balance);
  const { climate } = plan.season;
  if (before?.usable === usable && before.climate === climate) return before.report;
  const report = balanceReport(plan, balance, usable);
  known.set(balance, { usable, climate, report });
  return report;
}

/** What of a plan is balanced, by the travel that its check leaves it, part by part: none of what cannot move at all. */
export function* balanceSteps(
  plan: Plan,
  movers: readonly Mover[],
  checks: readonly MoverCheck[],
): Generator<undefined, BalanceFindings> {
  const reports: BalanceReport[] = [];
  const notes: NoteFinding[] = [];
  for (const { id } of plan.parts) {
    const balances = balancesOf(plan, id);
    if (balances.length > 0) yield;
    const told = balances.flatMap((balance) => {
      const at = movers.findIndex((mover) => mover.id === balance.mover);
      const usable = at < 0 ? 0 : checks[at]!.usable;
      if (!(usable > 0)) return [];
      const report = reportOf(plan, balance, usable);
      reports.push(report);
      const own = balanceNotes(balance, report, plan.users !== 'anyone');
      // Of two leaves each has its own.
      return balances.length === 1
        ? own
        : own.map((note) => ({ ...note, of: `${balance.mover} ${note.of}` }));
    });
    notes.push(...noteFindings(id, told, plan, 'balance'));
  }
  return { reports, notes };
}
