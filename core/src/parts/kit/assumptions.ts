import { called } from '../../item/called';
import { stiffnessMark } from '../../length/lengthMark';
import { strengthOf } from '../../material/strength';
import type { Stock } from '../../material/stock';
import type { Assumption } from '../../item/note';

/** Materials whose thickness counts as measured and was not, each once. */
export function thicknessAssumptions(materials: readonly string[], stock: Stock): Assumption[] {
  if (stock.schools.thickness !== 'measured') return [];
  return [...new Set(materials)]
    .map((id) => stock.material(id))
    .filter(({ measured }) => measured === null)
    .map(({ name }) => ({
      words: `${called(name)} is as thick as its name says`,
      measure: `measure how thick the ${called(name)} is`,
    }));
}

/** A piece of hardware that nobody held against its sheet. */
export function hardwareAssumptions({ name, confirmed }: { name: string; confirmed: boolean }): Assumption[] {
  if (confirmed) return [];
  return [
    {
      words: `the numbers of ${called(name)} are those of yours`,
      measure: `hold the ${called(name)} against its maker’s sheet`,
    },
  ];
}

/** What is sized from an opening that nobody read yet. */
export const OPENING_ASSUMPTION: Assumption = {
  words: 'its opening comes out as drawn',
  measure: 'read the opening once it stands',
};

/** Materials whose stiffness an answer rests on and nobody gave, each once. */
export function stiffnessAssumptions(materials: readonly string[], stock: Stock): Assumption[] {
  return [...new Set(materials)]
    .map((id) => stock.material(id))
    .filter((material) => !strengthOf(material).given)
    .map((material) => ({
      words: `${called(material.name)} is no less stiff than ${stiffnessMark(strengthOf(material).stiffness)}`,
      measure: `look up how stiff the ${called(material.name)} is`,
    }));
}
