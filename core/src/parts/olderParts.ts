import type { Json } from '../item/json';

/** Steps that bring parts of older plans up to the present shape, each kept by the family whose shape changed. */
export { leafInFull } from './door/older';
export { withLastingKeys } from './kit/drawn/older';

/** A part of a version 4 plan with what it is mounted on; one that lay on top named a bay all the same. */
export function withMount({ carcass, bay, ...part }: Json): Json {
  return {
    ...part,
    mount: part['family'] === 'sliding top' ? { on: 'top', carcass } : { on: 'bay', carcass, bay },
  };
}
