import { neededFrom, partsOf, partsOfMover, type Body, type Mover } from '../scene/scene';
import { type Approach } from './approach';
import { approachStill } from './approachStill';
import { hangsWith } from './checkMover';
import { parked } from './checkScene';
import { WATCH_DISTANCE_MM } from './encounter';
import { boxesApart, standing, swept } from './extent';
import { share } from './curve';
import { witnessOf, type Witness } from './leastClearance';
import { touchesOf, type Touch } from './touches';

/** What leaves a mover least of the room it needs, at one travel. */
export interface Nearest {
  readonly moving: string;
  readonly still: string;
  readonly needed: number;
  readonly witness: Witness;
}

/**
 * Answers "what is nearest now" for one mover at any travel, quickly enough for every frame of a drag: the warm
 * start of each pair is kept from one question to the next.
 */
export class NearestProbe {
  private readonly pairs: {
    moving: string;
    still: string;
    needed: number;
    fitted: boolean;
    approach: Approach;
    touches: readonly Touch[];
  }[] = [];

  /** @param others  what else moves, each with the travel it stands at */
  constructor(mover: Mover, still: readonly Body[], others: readonly (readonly [Mover, number])[] = []) {
    for (const moving of partsOfMover(mover)) {
      const { whole } = swept(moving, mover);
      const near = others.flatMap(([other, travel]) =>
        other.bodies.some((body) => !boxesApart(whole, swept(body, other).whole, WATCH_DISTANCE_MM))
          ? parked(other, travel)
          : [],
      );
      for (const other of [...still, ...near].flatMap((body) => [...partsOf(body)])) {
        if (hangsWith(mover, other) || boxesApart(whole, standing(other).whole, WATCH_DISTANCE_MM)) continue;
        const needed = neededFrom(mover, other, moving);
        const touches = touchesOf(mover, moving, other);
        const air = swept(moving, mover);
        const places = standing(other).boxes;
        for (const [i, piece] of air.pieces.entries()) {
          for (const [k, obstacle] of other.pieces.entries()) {
            const place = places[k];
            if (place && boxesApart(air.boxes[i]!, place, WATCH_DISTANCE_MM)) continue;
            const approach = approachStill(piece, obstacle);
            this.pairs.push({
              moving: moving.id,
              still: other.id,
              needed,
              fitted:
                mover.needs.of[other.id] !== undefined ||
                (other.link !== undefined && mover.needs.of[other.link] !== undefined) ||
                (mover.needs.row !== undefined && mover.needs.row.of === other.row),
              approach,
              touches,
            });
          }
        }
      }
    }
  }

  /**
   * The pair of bodies that has least of the clearance it needs, leaving out touches that are meant there and fits
   * with a need of their own that are kept: a leaf's 2 mm in its carcass does not hide the wall it swings towards.
   * Undefined with nothing within the watch distance.
   */
  at(travel: number): Nearest | undefined {
    let nearest: Nearest | undefined;
    let least = Infinity;
    for (const { moving, still, needed, fitted, approach, touches } of this.pairs) {
      if (touches.some(({ from, to }) => travel >= from && travel <= to)) continue;
      const clearance = approach.at(travel).value;
      if (clearance > WATCH_DISTANCE_MM || (fitted && clearance >= needed)) continue;
      const rank = clearance > 0 ? share({ clearance, needed }) : clearance;
      if (rank >= least) continue;
      least = rank;
      nearest = { moving, still, needed, witness: witnessOf(approach, travel) };
    }
    return nearest;
  }
}
