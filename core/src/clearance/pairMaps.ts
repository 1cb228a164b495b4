import type { Mover } from '../scene/scene';
import { boxesApart, swept } from './extent';
import { pairMap, type PairMap } from './pairMap';

const MOST_KEPT = 200;

/** Maps of pairs of movers, kept by their content: the oldest used go first. */
export class PairMaps {
  private readonly kept = new Map<string, PairMap | undefined>();

  /** The map of two movers; undefined where their swept air never meets, so that all of it is free. */
  of(a: Mover, b: Mover): PairMap | undefined {
    const key = `${contentOf(a)} | ${contentOf(b)}`;
    const known = this.kept.has(key);
    const map = known ? this.kept.get(key) : airMeets(a, b) ? pairMap(a, b) : undefined;
    this.kept.delete(key);
    this.kept.set(key, map);
    if (this.kept.size > MOST_KEPT) this.kept.delete(this.kept.keys().next().value!);
    return map;
  }
}

function contentOf({ id, bodies, from, to }: Mover): string {
  return JSON.stringify([
    id,
    from,
    to,
    bodies.map((body) => [body.id, body.motion.key, body.pieces.map(({ corners }) => [...corners])]),
  ]);
}

function airMeets(a: Mover, b: Mover): boolean {
  const boxes = (mover: Mover) => mover.bodies.flatMap((body) => swept(body, mover).boxes);
  const [first, second] = [boxes(a), boxes(b)];
  return first.some((one) => second.some((two) => !boxesApart(one, two, 0)));
}
