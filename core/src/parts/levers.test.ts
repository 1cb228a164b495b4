import type { Amount, Trouble } from '../item/lever';
import { get } from '../item/path';
import { carcassLevers } from '../carcass/levers';
import type { Change } from '../item/change';
import { withChanges } from '../plan/edit';
import { buildScene } from '../plan/buildScene';
import { planIssues } from '../plan/readPlan';
import type { Plan } from '../plan/schema';
import { carcassOf, partBuilt, planStock } from '../plan/place';
import { bodiesOf } from '../scene/scene';
import { KIND_ROWS } from '../testing/kindRows';
import { planWith } from '../testing/planWith';
import { appraisalOf } from './appraisals';

const TROUBLE: Trouble = {
  of: undefined,
  short: 5,
  comfortable: undefined,
  usable: undefined,
  about: undefined,
};

/** Every lever of a plan's parts and carcasses, with the changes it makes in the plan. */
function leversIn(plan: Plan) {
  const about = [undefined, 'fingers', 'runs', 'reach', 'strength'] as const;
  const own = plan.parts.flatMap((part, i) => {
    const { laid, pieces } = partBuilt(plan, part)!;
    return about.flatMap((one) =>
      appraisalOf(part)
        .levers(laid, pieces, { ...TROUBLE, about: one })
        .map((lever) => ({ lever, list: 'parts' as const, i })),
    );
  });
  const cases = plan.carcasses.flatMap((one, i) =>
    [undefined, 'standing', 'fixing', 'strength'].flatMap((told) =>
      carcassLevers(one, { ...TROUBLE, about: told }, carcassOf(plan, one), planStock(plan)).map((lever) => ({
        lever,
        list: 'carcasses' as const,
        i,
      })),
    ),
  );
  return [...own, ...cases].map(({ lever, list, i }) => ({
    lever,
    at: `${list} ${lever.key}`,
    inPlan: (changes: readonly Change[]) =>
      changes.map((change) => ({ ...change, path: [list, i, ...change.path] })),
  }));
}

/** Corners of all bodies of a scene, body by body, solid by solid. */
function cornersOf(plan: Plan): Map<string, readonly (readonly number[])[]> {
  return new Map(
    bodiesOf(buildScene(plan)).map(({ id, pieces }) => [
      id,
      pieces.map((piece) => (piece.kind === 'convex' ? [...piece.corners] : [])),
    ]),
  );
}

/** How far the corners that two plans have alike lie apart at most, mm; undefined where they are not made alike. */
function farthest(a: Plan, b: Plan): number | undefined {
  const [before, after] = [cornersOf(a), cornersOf(b)];
  if ([...before.keys()].join() !== [...after.keys()].join()) return undefined;
  let most = 0;
  for (const [id, solids] of before) {
    const others = after.get(id)!;
    if (solids.length !== others.length) return undefined;
    for (const [i, corners] of solids.entries()) {
      if (corners.length !== others[i]!.length) return undefined;
      for (let k = 0; k < corners.length; k += 3)
        most = Math.max(
          most,
          Math.hypot(...[0, 1, 2].map((axis) => corners[k + axis]! - others[i]![k + axis]!)),
        );
    }
  }
  return most;
}

const plans = Object.entries(KIND_ROWS).map(([kind, { good }]) => [kind, planWith(good)] as const);

describe.each(plans)('levers of %s', (_kind, plan) => {
  it('name the number they set, in their bounds, and set nothing else', () => {
    for (const { lever, inPlan } of leversIn(plan)) {
      const changes = inPlan(lever.kind === 'amount' ? lever.set(lever.to) : lever.changes);
      expect(changes.length).toBeGreaterThan(0);
      for (const { path, before } of changes)
        expect([lever.key, get(plan, path)]).toEqual([lever.key, before]);
      expect(lever.cost.once).toBeGreaterThan(0);
      expect(lever.cost.words).toMatch(/^[a-z]/);
      if (lever.kind !== 'amount') continue;
      expect(Math.abs(lever.to - lever.from)).toBeGreaterThan(0.05);
      expect(lever.words(lever.from)).not.toBe(lever.words(lever.to));
      const [change] = changes;
      const after = get({ after: change!.after }, ['after', 'mm']) ?? change!.after;
      const nested = typeof after === 'number' ? after : lever.to;
      expect(nested).toBeCloseTo(lever.to, 9);
    }
  });

  it('move nothing farther than they say, for a change of theirs', () => {
    for (const { lever, at, inPlan } of leversIn(plan)) {
      if (lever.kind !== 'amount' || lever.lasting || lever.jumps) continue;
      for (const share of [0.13, 0.52])
        expect([at, share, faster(plan, lever, share, inPlan)]).toEqual([at, share, false]);
    }
  });
});

/** Whether something moves farther for a small change at a share of a lever than the lever says. */
function faster(
  plan: Plan,
  lever: Amount,
  share: number,
  inPlan: (changes: readonly Change[]) => Change[],
): boolean {
  const range = lever.to - lever.from;
  const [one, two] = [lever.from + share * range, lever.from + (share + 0.02) * range].map((value) =>
    withChanges(plan, inPlan(lever.set(value))),
  );
  if (planIssues(one!).length > 0 || planIssues(two!).length > 0) return false;
  const moved = farthest(one!, two!);
  return moved !== undefined && moved > lever.moves * Math.abs(0.02 * range) + 1e-6;
}
