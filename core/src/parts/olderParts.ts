import { isObject, type Json } from '../item/json';

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

/** Loads of version 5 plans that stood for nobody having said: what a new drawer, table, step and top began with. */
const UNSAID = { drawn: 5, table: 15, step: 40, top: 0 } as const;

/** A part of a version 5 plan, whose usual loads were numbers like any other: now nobody having said is told as such. */
export function withLoadsUnsaid(part: Json): Json {
  const { contents, carries } = part;
  const bare = isObject(contents) && Array.isArray(contents['items']) && contents['items'].length === 0;
  const usual = isObject(carries) && UNSAID[carries['kind'] as 'table' | 'step'];
  return {
    ...part,
    ...(bare && contents['load'] === UNSAID.drawn && { contents: { ...contents, load: null } }),
    ...(isObject(carries) &&
      usual !== undefined &&
      carries['edge'] === usual && { carries: { ...carries, edge: null } }),
    ...(part['family'] === 'sliding top' && part['edge'] === UNSAID.top && { edge: null }),
  };
}
