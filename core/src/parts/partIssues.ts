import type { Issue } from '../item/issue';
import type { Body } from '../scene/scene';
import { familyOf, type Part } from './families';
import type { AnyPlace } from './contract/family';
import { laidOf } from './laidOf';

/**
 * Why a part cannot be: what it names and is not there, else what its family refuses. Paths start at the part.
 *
 * @param around  everything else that stands still
 */
export function partIssues(part: Part, place: AnyPlace, around: readonly Body[]): Issue[] {
  const family = familyOf(part);
  const missing = family.missing(part, place);
  return missing.length > 0 ? missing : family.refuse(laidOf(part, place), around);
}
