import { familyOf, type Part } from './families';
import type { AnyPlace } from './contract/family';

const kept = new WeakMap<Part, { readonly place: AnyPlace; readonly laid: unknown }>();

/** What its family lays of a part in a place: once for all who ask. Throws where something it names is not there. */
export function laidOf(part: Part, place: AnyPlace): unknown {
  const known = kept.get(part);
  if (known?.place === place) return known.laid;
  const laid = familyOf(part).lay(part, place);
  kept.set(part, { place, laid });
  return laid;
}
