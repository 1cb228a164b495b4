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
    const { size, ...rest } = known;
    void size;
    return { ...rest, take: 'equal' };
  });
  return { way, setback: same ? bay.split!.setback : SETBACK, bays };
}
