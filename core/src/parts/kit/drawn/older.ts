import { eachObject, isObject, type Json } from '../../../item/json';

/** A count beyond this is refused by the schema, not made a list of. */
const MOST_COUNTED = 1000;

/** What is drawn out of a version 3 plan, which counted drawers and told contents by their place, with an id of its own for each. */
export function withLastingKeys(part: Json): Json {
  return {
    ...part,
    ...('bank' in part && { bank: bankOf(part['bank']) }),
    ...('contents' in part && { contents: contentsOf(part['contents']) }),
  };
}

function bankOf(bank: unknown): unknown {
  if (!isObject(bank)) return bank;
  const { count, ...others } = bank;
  const n = bank['kind'] === 'typed' && Array.isArray(bank['fronts']) ? bank['fronts'].length + 1 : count;
  if (typeof n !== 'number' || !Number.isInteger(n) || n < 0 || n > MOST_COUNTED) return bank;
  return { ...others, drawers: Array.from({ length: n }, (_, i) => ({ id: `d${i + 1}` })) };
}

const contentsOf = (contents: unknown): unknown =>
  isObject(contents)
    ? { ...contents, items: eachObject(contents['items'], (item, i) => ({ id: `thing-${i + 1}`, ...item })) }
    : contents;
