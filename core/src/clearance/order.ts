import type { Order, Parkable, Posed } from './moves';
import { OrderSearch } from './orderSearch';
import type { PairMap } from './pairMap';
import { freeSpaceInCells } from './freeSpace';
import { type FreeSpace } from './freeGround';

export type { Move, Order, Parkable, Posed, WhyNone } from './moves';

/**
 * The shortest order of moves from all parts shut to a wanted state, or the proof that there is none.
 *
 * Best first over what is parked where (Hart, Nilsson, Raphael 1968), by the parts that are not yet where they are wanted; single moves before any two at
 * once. A part may move alone where every map proves its way free with the others standing; two may move together along a
 * way through their map, where all others leave both of them free. A thing takes along what rides on it; what opens in
 * place does so while its thing is shut, and is shut again before that goes out. A rider goes where what carries it stands as it
 * must; one that goes anywhere is held against what is about it wherever that has taken it. None is told only where proven blocked
 * cells part start and goal in one pair's map: then no motion at all joins them.
 *
 * @param goal  travels wanted, by id: each one of the part's states; parts not named may stand anywhere. What opens in place
 *   needs only have been there.
 * @param mapOf the map of two parts as they are asked for, or undefined where the two never meet or are ways of one thing
 * @param roomOf what a way of two at once keeps most of
 * @throws where a wanted travel is none of its part's states
 */
export function orderOfOpening(
  parts: readonly Parkable[],
  goal: Readonly<Record<string, number>>,
  mapOf: (a: Posed, b: Posed) => PairMap | undefined,
  roomOf: (map: PairMap) => FreeSpace = freeSpaceInCells,
): Order {
  return new OrderSearch(parts, goal, mapOf, roomOf).order();
}
