import * as v from 'valibot';
import type { AnyPlace, Family } from './contract/family';
import { FAMILY_LIST } from './list';

type SchemasOf<List extends readonly { readonly schema: unknown }[]> = {
  -readonly [I in keyof List]: List[I]['schema'];
};

/** Every kind of part there is. */
export const PartSchema = v.variant(
  'family',
  // A mapped list keeps no tuple of its shapes.
  FAMILY_LIST.map(({ schema }) => schema) as unknown as SchemasOf<typeof FAMILY_LIST>,
  'There is no such family of parts.',
);
export type Part = v.InferOutput<typeof PartSchema>;

const BY_NAME = new Map(
  FAMILY_LIST.map(({ schema, family }) => [schema.entries.family.literal, family] as const),
);

/** The family a part belongs to. What it lays of a part is its own: others hand it back as it came. */
export function familyOf(part: Pick<Part, 'family'>): Family<Part, unknown, AnyPlace> {
  return BY_NAME.get(part.family) as unknown as Family<Part, unknown, AnyPlace>;
}

export const FAMILY_NAMES: readonly Part['family'][] = [...BY_NAME.keys()];
