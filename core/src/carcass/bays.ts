import { omitKey } from '../item/omitKey';
import type { Bay, Carcass, Split } from './schema';
import { baysOf } from './schema';

const SETBACK = { mm: 0 };

/** A split of a bay into n equal ones. Bays that are there already are kept, so that what hangs in them stays. */
export function splitOf(carcass: Carcass, bay: Bay, n: number, way: Split['way']): Split {
  const taken = new Set(baysOf(carcass.bay).map(({ id }) => id));
  const old = bay.split?.bays ?? [];
  const fresh = (): Bay => {
    let i = 1;
    while (taken.has(`b${i}`)) i += 1;
    taken.add(`b${i}`);
    return { id: `b${i}`, take: 'equal', read: {} };
  };
  const same = bay.split?.way === way;
  const bays = Array.from({ length: n }, (_, i): Bay => {
    const known = old[i];
    if (!known) return fresh();
    // Sizes across are none up, and sizes that filled the old split do not fill the new one.
    return { ...omitKey(known, 'size'), take: 'equal' };
  });
  return { way, setback: same ? bay.split!.setback : SETBACK, bays };
}

/**
 * The split a bay comes to have when the divider after one of its bays is moved, or nothing where it has no such one:
 * the bay before it takes a size of its own, and what lies beyond gives way. Sizes are the present ones, mm.
 */
export function dividerMoved(
  bay: Bay,
  after: string,
  by: number,
  sizes: readonly number[],
): Split | undefined {
  const { split } = bay;
  const i = split?.bays.findIndex(({ id }) => id === after) ?? -1;
  if (!split || i < 0 || i + 1 >= split.bays.length) return undefined;
  const bays = split.bays.map((one, k): Bay => {
    if (k === i) return { ...one, take: 'fixed', size: { mm: sizes[k]! + by } };
    if (k === i + 1) return { ...one, take: 'fixed', size: { mm: sizes[k]! - by } };
    // The others stay as wide as they are: an equal share of what is left would move them too.
    return one.take === 'fixed' ? one : { ...one, take: 'fixed', size: { mm: sizes[k]! } };
  });
  // The last takes the rest, so that the carcass can still be made wider.
  const last = split.bays.length - 1;
  return { ...split, bays: [...bays.slice(0, last), { ...omitKey(bays[last]!, 'size'), take: 'rest' }] };
}
