import { called } from '../item/called';
import { freshId } from '../item/freeId';
import type { Choice } from '../item/lever';
import { cost } from '../item/leverOf';
import { get, type PathStep } from '../item/path';
import { MATERIAL_PRESETS } from './presets';
import type { Material } from './schema';

/** What costs more than another board of what the plan has already: what is yet to be bought, and a mm of it. */
const TO_BUY = 4;
const A_MM = 0.5;

/** Which of the kinds a yard sells may stand for each other. */
const SORT: Readonly<Record<Material['kind'], string>> = {
  sheet: 'wood',
  'solid wood': 'wood',
  glass: 'glass',
  mirror: 'mirror',
};
/** Of what is alike but for its thickness the thinnest is enough. */
const makeOf = ({ kind, stiffness, pane }: Material) => `${kind} ${stiffness} ${pane}`;
const thickOf = ({ measured, nominal }: Material) => (measured ?? nominal).mm;

/**
 * Other materials that would do in place of one, of the same sort: of each make the thinnest, of what the plan has and what a yard sells.
 *
 * @param path   where the item names its material
 * @param words  what is cut of it, in a sentence: "the shelf"
 */
export function materialLevers(
  item: object,
  path: readonly PathStep[],
  materials: readonly Material[],
  words: string,
  does: (material: Material) => boolean,
): Choice[] {
  const before = get(item, path) as string;
  const now = materials.find(({ id }) => id === before);
  if (!now) return [];
  const ids = new Set(materials.map(({ id }) => id));
  const known = new Set(materials.map(({ name }) => name));
  const sold = MATERIAL_PRESETS.filter(({ name }) => !known.has(name)).map((preset): Material => ({
    ...preset,
    id: freshId(preset.name, ids),
  }));
  const best = new Map<string, Material>();
  for (const one of [...materials, ...sold]) {
    if (one.id === before || SORT[one.kind] !== SORT[now.kind] || !does(one)) continue;
    const make = makeOf(one);
    const other = best.get(make);
    if (!other || thickOf(one) < thickOf(other)) best.set(make, one);
  }
  return [...best.values()].map((one) => ({
    kind: 'choice',
    key: `made of ${one.id}`,
    what: 'what it is made of',
    cost: cost(
      ids.has(one.id) ? 'another board' : 'a board to buy',
      (ids.has(one.id) ? 0 : TO_BUY) + A_MM * Math.abs(thickOf(one) - thickOf(now)) + 4,
    ),
    words: `make ${words} of ${called(one.name)}`,
    changes: [{ path: [...path], before, after: one.id }],
    ...(!ids.has(one.id) && { brings: { materials: [one] } }),
  }));
}
