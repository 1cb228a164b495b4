import { applyEdit, reportOf, SceneChecker, type Change, type Plan } from '@tarnpass/core';
import { median } from './figures';

/** Edits of one plan on a checker that knows it, every curve drawn: what each takes to its answer. */
export class Editing {
  private readonly checker = new SceneChecker({ curves: true });

  constructor(public plan: Plan) {
    reportOf(plan, this.checker);
  }

  /** Median over fifteen edits, ms. */
  timed(change: (i: number) => Change): number {
    return median(
      Array.from({ length: 15 }, (_, i) => {
        const one = change(i);
        const before = performance.now();
        const made = applyEdit(this.plan, { name: 'Edit', changes: [one] });
        if (!made.ok) throw new Error(made.issues[0]!.message);
        this.plan = made.plan;
        reportOf(this.plan, this.checker);
        return performance.now() - before;
      }),
    );
  }
}
