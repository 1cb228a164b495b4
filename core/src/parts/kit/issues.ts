import type { Issue } from '../../item/issue';
import type { Stock } from '../../material/stock';
import type { PartPlace } from '../contract/family';

/** One thing that cannot be, as a list. Paths start at the part. */
export const refuse = (path: Issue['path'], message: string): Issue[] => [{ path, message }];

/** The same of what stands at a step of the part. */
export const within = (step: string, issues: readonly Issue[]): Issue[] =>
  issues.map(({ path, message }) => ({ path: [step, ...path], message }));

/** The first kind of trouble there is, since the rest may follow from it. */
export function firstTrouble(looks: readonly (() => Issue[])[]): Issue[] {
  for (const look of looks) {
    const issues = look();
    if (issues.length > 0) return issues;
  }
  return [];
}

/** A bay, materials and hardware that a part names: whether they are there. */
export interface Named {
  /** None of a part that is in no bay. */
  readonly bay?: string;
  readonly materials: readonly (readonly [path: Issue['path'], id: string])[];
}

/** What of these its place does not have. */
export function missingNamed({ bay, materials }: Named, { built, stock }: PartPlace): Issue[] {
  if (bay !== undefined && !built.layout.openings.has(bay))
    return refuse(['mount', 'bay'], `Its carcass has no bay “${bay}”.`);
  return missingMaterials(materials, stock);
}

/** The first material that is named and is not there. */
export const missingMaterials = (materials: Named['materials'], stock: Stock): Issue[] =>
  materials
    .filter(([, id]) => !stock.has(id))
    .slice(0, 1)
    .flatMap(([path, id]) => refuse(path, `There is no material “${id}”.`));
