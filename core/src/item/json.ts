/** A record of a file that no schema has read yet. */
export type Json = Record<string, unknown>;

export const isObject = (value: unknown): value is Json =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** Each record of a list changed; anything else is left for the schema to tell of. */
export const eachObject = (value: unknown, step: (item: Json, i: number) => object): unknown =>
  Array.isArray(value) ? value.map((item: unknown, i) => (isObject(item) ? step(item, i) : item)) : value;
