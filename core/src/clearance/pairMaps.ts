import { sameThing, type Mover } from '../scene/scene';
import { boxesApart, swept } from './extent';
import { boxGap } from './sweptBoxes';
import { pairMap, type PairMap } from './pairMap';

/** Maps kept at most: 64 kB each. */
const MOST_KEPT = 600;

/** Maps of pairs of movers, kept by their content: the oldest used go first. */
export class PairMaps {
  private readonly kept = new Map<string, PairMap>();

  /** The map of two movers; undefined where they are ways of one thing, or their swept air never meets, so that all of it is free. */
  of(a: Mover, b: Mover): PairMap | undefined {
    if (sameThing(a, b) || !mayMeet(a, b)) return undefined;
    const key = `${contentOf(a)} | ${contentOf(b)}`;
    const map = this.kept.get(key) ?? pairMap(a, b);
    this.kept.delete(key);
    this.kept.set(key, map);
    if (this.kept.size > MOST_KEPT) this.kept.delete(this.kept.keys().next().value!);
    return map;
  }
}

const contents = new WeakMap<Mover, string>();

function contentOf(mover: Mover): string {
  let content = contents.get(mover);
  if (content === undefined) contents.set(mover, (content = written(mover)));
  return content;
}

function written({ id, bodies, from, to, contacts }: Mover): string {
  return JSON.stringify([
    id,
    from,
    to,
    contacts,
    bodies.map((body) => [body.id, body.motion.key, body.pieces.map(({ corners }) => [...corners])]),
  ]);
}

/** At least so much is between two movers wherever both are, mm, by the boxes they sweep. */
export function airBetween(a: Mover, b: Mover): number {
  let least = Infinity;
  for (const first of a.bodies) {
    for (const second of b.bodies) {
      for (const one of swept(first, a).boxes) {
        for (const two of swept(second, b).boxes)
          least = Math.min(least, Math.max(boxGap(one, two, Infinity), boxGap(two, one, Infinity)));
      }
    }
  }
  return least;
}

/** Whether the air that two movers sweep meets, by its boxes: what does not is apart wherever both are. */
export function mayMeet(a: Mover, b: Mover): boolean {
  return a.bodies.some((first) =>
    b.bodies.some((second) => {
      const [one, two] = [swept(first, a), swept(second, b)];
      return (
        !boxesApart(one.whole, two.whole, 0) &&
        one.boxes.some((p) => two.boxes.some((q) => !boxesApart(p, q, 0)))
      );
    }),
  );
}
