import { sameThing, type Body, type Mover } from '../scene/scene';
import { facing, isRiderOf } from './riderSquare';
import { boxesApart, swept } from './extent';
import { boxGap } from './sweptBoxes';
import { pairMap, type PairMap } from './pairMap';

/** Maps kept at most: 64 kB each. */
const MOST_KEPT = 600;

/** Maps of pairs of movers, kept by their content: the oldest used go first. */
export class PairMaps {
  private readonly maps = new Map<string, PairMap>();

  /**
   * The map of two movers; undefined where they are ways of one thing, or their swept air never meets, so that all of it is
   * free. Of a rider that goes wherever what carries it stands and of that one: what the rider meets of all that stands
   * still. Of another rider and what carries it there is none: it waits.
   *
   * @param still  what stands still about them, for riders
   */
  of(a: Mover, b: Mover, still: readonly Body[] = []): PairMap | undefined {
    if (isRiderOf(a, b) || isRiderOf(b, a)) {
      const [one, other] = facing(a, b, still);
      const alone = one === a && other === b;
      return alone || one.bodies.length === 0 || other.bodies.length === 0
        ? undefined
        : this.kept(one, other);
    }
    return sameThing(a, b) || !mayMeet(a, b) ? undefined : this.kept(a, b);
  }

  private kept(a: Mover, b: Mover): PairMap {
    const key = `${contentOf(a)} | ${contentOf(b)}`;
    const map = this.maps.get(key) ?? pairMap(a, b);
    this.maps.delete(key);
    this.maps.set(key, map);
    if (this.maps.size > MOST_KEPT) this.maps.delete(this.maps.keys().next().value!);
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
