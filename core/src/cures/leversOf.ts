import { carcassLevers } from '../carcass/levers';
import { existingLevers } from '../existing/levers';
import type { Change } from '../item/change';
import type { Lever, Trouble } from '../item/lever';
import { appraisalOf } from '../parts/appraisals';
import { roleOf } from '../piece/roleOf';
import { carrierOf, hostOf, mayCarry, mountablesOf, withMounted } from '../plan/hosts';
import { carcassOf, partBuilt, planStock } from '../plan/place';
import type { Plan } from '../plan/schema';
import { heldLevers } from '../hardware/heldLevers';
import { thingLevers } from '../things/levers';
import type { Defect } from './defects';

/** A lever of an item of a plan. */
export interface ItemLever {
  readonly item: string;
  readonly lever: Lever;
  /** What it sets, by paths of the plan. */
  inPlan(changes: readonly Change[]): Change[];
}

type List = 'parts' | 'carcasses' | 'things' | 'existing';

/** Whatever may be changed to mend a finding: of what moves, of its case, and of what it meets. */
export function leversFor(plan: Plan, finding: Defect): ItemLever[] {
  const { met, item, other: inTheWay, about } = finding;
  const own: Trouble = {
    of: undefined,
    short: finding.short,
    comfortable: met?.check.comfortable,
    usable: met?.check.usable,
    about,
  };
  // What another does not meet with its own travel, it only stands in the way of.
  const other: Trouble = {
    of: undefined,
    short: finding.short,
    comfortable: undefined,
    usable: undefined,
    about: undefined,
  };
  const laden = ladenOf(plan);
  const seen = new Set<string>();
  const all: ItemLever[] = [];
  const add = (id: string, trouble: Trouble, withCase: boolean): void => {
    const of = (list: List, levers: readonly Lever[], i: number) => {
      for (const lever of levers) {
        const name = `${id}|${lever.key}`;
        if (seen.has(name)) continue;
        seen.add(name);
        all.push({
          item: id,
          // Its bound is of the item alone: what is mounted on it may be moved by more.
          lever: laden.has(id) && lever.kind === 'amount' ? { ...lever, jumps: true } : lever,
          inPlan: (changes) => [
            ...brought(plan, lever),
            ...changes.map((change) => ({ ...change, path: [list, i, ...change.path] })),
          ],
        });
      }
    };
    const part = plan.parts.findIndex((one) => one.id === id);
    if (part >= 0) {
      const one = plan.parts[part]!;
      const built = partBuilt(plan, one)!;
      const role = met
        ? roleOf([...built.pieces.moving, ...built.pieces.still], met.encounter.moving)
        : undefined;
      of('parts', appraisalOf(one).levers(built.laid, built.pieces, { ...trouble, of: role }), part);
      const host = hostOf(one);
      if (withCase && host !== undefined) add(host, trouble, false);
      return;
    }
    const at = (list: Exclude<List, 'parts'>) => plan[list].findIndex((one) => one.id === id);
    const [carcass, thing, existing] = [at('carcasses'), at('things'), at('existing')];
    if (carcass >= 0) {
      const one = plan.carcasses[carcass]!;
      of('carcasses', carcassLevers(one, trouble, carcassOf(plan, one), planStock(plan)), carcass);
    }
    if (thing >= 0) of('things', thingLevers(plan.things[thing]!), thing);
    if (existing >= 0) of('existing', existingLevers(plan.existing[existing]!, trouble), existing);
  };
  if (about === 'under way') {
    for (const list of ['parts', 'existing'] as const) {
      const i = plan[list].findIndex(({ id }) => id === item);
      if (i >= 0)
        for (const lever of heldLevers(plan[list][i]!))
          all.push({
            item,
            lever,
            inPlan: (changes) => changes.map((one) => ({ ...one, path: [list, i, ...one.path] })),
          });
    }
    return all;
  }
  add(item, own, met !== undefined || about === 'reach');
  // What is mounted on it meets things on its travel as it does itself.
  for (const mounted of withMounted(plan, [item])) if (mounted !== item) add(mounted, own, false);
  if (inTheWay !== undefined && inTheWay !== item) add(inTheWay, other, true);
  return all;
}

/** What a lever wants the plan to have, put at the end of its lists. */
function brought({ materials }: Plan, lever: Lever): Change[] {
  if (lever.kind === 'amount' || !lever.brings) return [];
  return lever.brings.materials
    .filter(({ id }) => materials.every((one) => one.id !== id))
    .map((after, n) => ({ path: ['materials', materials.length + n], after }));
}

/** Ids of what carries something on its way, or has that mounted on it. */
function ladenOf(plan: Plan): ReadonlySet<string | undefined> {
  if (!mayCarry(plan)) return new Set();
  return new Set(mountablesOf(plan).flatMap((one) => (carrierOf(plan, one.id) ? [hostOf(one)] : [])));
}
