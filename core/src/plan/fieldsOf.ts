import { carcassFields } from '../carcass/fields';
import { existingFields } from '../existing/kinds';
import type { Field } from '../card/field';
import { partFields } from '../parts/partFields';
import { spaceFields } from '../space/schema';
import { thingFields } from '../things/fields';
import type { Item } from './items';

/** The fields of an item's card that apply to it as it is. */
export function fieldsOf(item: Item): Field<unknown>[] {
  return allFields(item).filter(({ when }) => !when || when(item.value));
}

function allFields(item: Item): readonly Field<unknown>[] {
  switch (item.list) {
    case 'space':
      return spaceFields(item.value) as readonly Field<unknown>[];
    case 'things':
      return thingFields(item.value) as readonly Field<unknown>[];
    case 'existing':
      return existingFields(item.value) as readonly Field<unknown>[];
    case 'carcasses':
      return carcassFields(item.value) as readonly Field<unknown>[];
    case 'parts':
      return partFields(item.value) as readonly Field<unknown>[];
  }
}
