import type { Mover } from '../scene/scene';
import { sweptBoxes, type Boxes } from './sweptBoxes';
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
  const boxes = (mover: Mover) =>
    mover.bodies.flatMap((body) =>
      body.pieces.map((piece) => sweptBoxes(piece, body.motion, mover.from, mover.to)),
    );
  const [first, second] = [boxes(a), boxes(b)];
  return first.some((one) => second.some((two) => overlap(one, two)));
}

/** Whether the boxes of two whole travels overlap. */
function overlap(a: Boxes, b: Boxes): boolean {
  return [0, 1, 2].every((axis) => a[axis]! <= b[3 + axis]! && b[axis]! <= a[3 + axis]!);
}
