import { BLOCKED } from './cellState';
import { isPassing, type Parkable, type WhyNone } from './moves';
import { groundAt, type PairMap } from './pairMap';
import { provenParted } from './wayThrough';
import type { Place } from './freeGround';

/** A pair whose wanted travels cannot be reached from shut, whatever the others do, and why. */
export function neverBoth(
  parts: readonly Parkable[],
  goal: Readonly<Record<string, number>>,
  maps: ReadonlyMap<string, PairMap>,
): { readonly pair: readonly [string, string]; readonly why: WhyNone } | undefined {
  const named = parts.filter(({ id }) => id in goal);
  const opens = ({ id, states }: Parkable) => id in goal && goal[id] !== states[0];
  // Shut, another way of a thing is nowhere of its own, and the thing nowhere while another way of it is out.
  const isElsewhere = (part: Parkable) =>
    !opens(part) &&
    (part.goes === 'instead' ||
      parts.some((way) => way.goes === 'instead' && way.thing === part.id && opens(way)));
  for (const [i, a] of named.entries()) {
    for (const b of named.slice(i + 1)) {
      const pair = [a.id, b.id] as const;
      if (onlyOneOf(a, b) && opens(a) && opens(b)) return { pair, why: 'one thing' };
      // What opens in place is shut again when its thing goes out: it need not be there at the end.
      if (isPassing(a) || isPassing(b)) continue;
      if (isElsewhere(a) || isElsewhere(b)) continue;
      const map = maps.get(`${a.id} ${b.id}`);
      if (!map) continue;
      const [start, end]: [Place, Place] = [
        [a.states[0]!, b.states[0]!],
        [goal[a.id]!, goal[b.id]!],
      ];
      const blocked = (place: Place) => groundAt(map, ...place) === BLOCKED;
      if (a.ride || b.ride) {
        // Their map is of one place of what carries them: others may pass while that stands elsewhere. Where both are wanted it stands there.
        const anywhere = [a, b].some(({ ride }) => ride && ride.at === undefined);
        if (!anywhere && blocked(end)) return { pair, why: 'there' };
        continue;
      }
      if (!provenParted(map, start, end)) continue;
      return { pair, why: blocked(start) ? 'shut' : blocked(end) ? 'there' : 'parted' };
    }
  }
  return undefined;
}

/** Whether two parts are ways of one thing of which only one can be taken. */
const onlyOneOf = (a: Parkable, b: Parkable): boolean =>
  (a.goes === 'instead' && (b.id === a.thing || (b.goes === 'instead' && b.thing === a.thing))) ||
  (b.goes === 'instead' && a.id === b.thing);
