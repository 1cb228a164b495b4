import type { Choice } from '../item/lever';
import { choiceLever, cost } from '../item/leverOf';
import { called } from '../item/called';

/** What may hold something shut under way, the lightest first: each with its keeper, at its free edge. */
const CATCHES = [
  { hardware: 'catch-40', count: 1, words: 'a magnet catch', once: 3 },
  { hardware: 'button-45', count: 1, words: 'a turn button', once: 4 },
  { hardware: 'bolt-80', count: 1, words: 'a barrel bolt', once: 6 },
  { hardware: 'bolt-80', count: 2, words: 'two barrel bolts', once: 10 },
  { hardware: 'bolt-80', count: 4, words: 'four barrel bolts', once: 18 },
] as const;

/** What of an item may be held under way, and with what. */
export const heldLevers = (item: { readonly name: string }): Choice[] =>
  CATCHES.flatMap(({ hardware, count, words, once }) =>
    choiceLever(item, ['underWay'], { hardware, count }, {
      key: `under way ${hardware} ${count}`,
      what: 'what holds it under way',
      cost: cost('a hand to fasten it each time', once),
      words: `hold the ${called(item.name)} with ${words} at its free edge`,
    }),
  ); // prettier-ignore
