import type { Body, Mover } from '../scene/scene';
import { Approach } from './approach';
import { witnessOf, type Witness } from './leastClearance';

/** What is nearest to a mover at one travel. */
export interface Nearest {
  readonly moving: string;
  readonly still: string;
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
    approach: Approach;
    met: readonly [number, number] | undefined;
  }[] = [];

  constructor(mover: Mover, still: readonly Body[]) {
    for (const moving of mover.bodies) {
      for (const other of still) {
        const contact = mover.contacts.find((c) => c.moving === moving.id && c.still === other.id);
        for (const piece of moving.pieces) {
          for (const obstacle of other.pieces) {
            const approach = new Approach(piece, mover.joint, obstacle);
            this.pairs.push({
              moving: moving.id,
              still: other.id,
              approach,
              met: contact && [contact.from, contact.to],
            });
          }
        }
      }
    }
  }

  /** The nearest pair of bodies at a travel, leaving out touches that are meant there; undefined with nothing about. */
  at(travel: number): Nearest | undefined {
    let nearest: Nearest | undefined;
    for (const { moving, still, approach, met } of this.pairs) {
      if (met && travel >= met[0] && travel <= met[1]) continue;
      const { value } = approach.at(travel);
      if (nearest && value >= nearest.witness.clearance) continue;
      nearest = { moving, still, witness: witnessOf(approach, travel) };
    }
    return nearest;
  }
}
