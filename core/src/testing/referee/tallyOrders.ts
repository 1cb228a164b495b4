import { diceOf } from '../dice';
import { drawOrders } from './drawOrders';
import { judgeOrders } from './judgeOrders';

/** What a run over orders, ways and words came to. */
export interface OrdersTally {
  readonly scenes: number;
  readonly wrong: readonly string[];
  /** Scenes with a mover on such a joint, pairs told with such a word, and scenes with such an order. */
  readonly joints: Readonly<Record<string, number>>;
  readonly words: Readonly<Record<string, number>>;
  readonly orders: Readonly<Record<string, number>>;
  /** The slowest scene for the engine, ms, and its number. */
  readonly slowest: readonly [number, number];
}

/** The scene of a seed with a number: the same for whoever asks. */
export const ordersOf = (seed: number, n: number) => drawOrders(diceOf(seed * 1_000_003 + n));

/**
 * Hold the engine's orders, ways and words against the referee over random scenes of two to five movers.
 *
 * @param untilWrong  stop at the first disagreement
 */
export function talliedOrders(scenes: number, seed: number, untilWrong = false): OrdersTally {
  const wrong: string[] = [];
  const [joints, words, orders]: Record<string, number>[] = [{}, {}, {}];
  const count = (of: Record<string, number>, key: string) => (of[key] = (of[key] ?? 0) + 1);
  let slowest: [number, number] = [0, -1];
  let done = 0;
  for (let n = 0; n < scenes && !(untilWrong && wrong.length > 0); n += 1) {
    const file = ordersOf(seed, n);
    const judged = judgeOrders(file);
    const kinds = file.movers.flatMap(({ bodies }) => bodies.flatMap((body) => body.joints));
    for (const kind of new Set(kinds.map((joint) => joint.kind))) count(joints!, kind);
    for (const word of judged.words) count(words!, word);
    for (const order of judged.orders) count(orders!, order);
    for (const what of judged.wrong) wrong.push(`scene ${n}: ${what}`);
    if (judged.ms > slowest[0]) slowest = [judged.ms, n];
    done += 1;
  }
  return { scenes: done, wrong, joints: joints!, words: words!, orders: orders!, slowest };
}
