import { share, type CurvePoint } from './curve';
import type { PiecePair } from './encounter';

/** A pair takes over as the shortest only by more than this share: two that stay alike (both sides of a drawer) do not take turns. */
const TIE = 1e-9;
/** Fewer pairs than this are asked one after the other, without looking where on the travel each is near. */
const FEW = 48;
/** Slices of the travel in which the near ones of many pairs are known. */
const SLICES = 128;

/** A slice of the travel with the pairs that may be the shortest on it, those that may be shortest of all first. */
interface Slice {
  /** Their places among all pairs. */
  readonly pairs: readonly number[];
  /** For each of them: never below this on the slice, as a share. */
  readonly bounds: readonly number[];
  /** When each was last asked, what it said, mm, and how fast that can change, mm per unit of travel. */
  readonly askedAt: Float64Array;
  readonly said: Float64Array;
  readonly speed: Float64Array;
  shortest: number;
}

/**
 * The lower envelope of many clearance curves: at a travel, the pair of pieces that is shortest of what it needs.
 *
 * Of thousands of pairs all but a few are left out unasked: on each slice of the travel by their boxes, and near a travel
 * at which a pair was asked by how far the mover can have moved since. Both are proven, so the answer is exact.
 */
export class Envelope {
  private readonly slices: (Slice | undefined)[] = [];
  private readonly many: boolean;

  /**
   * @param pairs   of pieces, in an order that does not hang on how they were found
   * @param bounds  for each pair: never below this over the whole travel, as a share
   * @param around  the need of the watch distance, which cuts the envelope off
   */
  constructor(
    private readonly pairs: readonly PiecePair[],
    private readonly bounds: readonly number[],
    private readonly from: number,
    private readonly to: number,
    private readonly around: number,
    private readonly watch: number,
  ) {
    this.many = pairs.length > FEW;
  }

  at(travel: number): CurvePoint {
    const slice = this.sliceAt(travel);
    let worst: CurvePoint = { travel, clearance: this.watch, needed: this.around, of: -1 };
    let least = share(worst);
    const ask = (k: number) => {
      const of = slice.pairs[k]!;
      const { approach, held, needed } = this.pairs[of]!;
      if (!held.some(([from, to]) => travel >= from && travel <= to)) return;
      const moved = slice.speed[k]! * Math.abs(travel - slice.askedAt[k]!);
      if (share({ clearance: slice.said[k]! - moved, needed }) > least) return;
      const clearance = approach.at(travel, 0).value;
      slice.askedAt[k] = travel;
      slice.said[k] = clearance;
      const its = share({ clearance, needed });
      if (its >= least - TIE) return;
      worst = { travel, clearance, needed, of };
      least = its;
      slice.shortest = k;
    };
    // What was shortest nearby most often still is: it spares the others.
    const first = slice.shortest;
    if (first < slice.pairs.length) ask(first);
    for (let k = 0; k < slice.pairs.length && !(slice.bounds[k]! > least) && worst.clearance > 0; k += 1)
      if (k !== first) ask(k);
    return worst;
  }

  private sliceAt(travel: number): Slice {
    const n = this.many ? SLICES : 1;
    const part = (travel - this.from) / (this.to - this.from);
    const i = Math.min(n - 1, Math.max(0, Math.floor(part * n)));
    return (this.slices[i] ??= this.sliceOf(
      this.from + ((this.to - this.from) * i) / n,
      this.from + ((this.to - this.from) * (i + 1)) / n,
    ));
  }

  private sliceOf(from: number, to: number): Slice {
    const most = share({ clearance: this.watch, needed: this.around });
    const near = this.pairs
      .map((pair, of) => {
        const apart = this.many ? pair.apartOver(from, to) : 0;
        const bound = Math.max(this.bounds[of]!, share({ clearance: apart, needed: pair.needed }));
        return { of, bound };
      })
      .filter(({ bound }) => bound <= most)
      .sort((a, b) => a.bound - b.bound || a.of - b.of);
    const speed = near.map(({ of }) => (this.many ? this.pairs[of]!.speedOver(from, to) : Infinity));
    return {
      pairs: near.map(({ of }) => of),
      bounds: near.map(({ bound }) => bound),
      askedAt: new Float64Array(near.length),
      // Not asked yet: nothing is known.
      said: new Float64Array(near.length).fill(-Infinity),
      speed: Float64Array.from(speed),
      shortest: near.length,
    };
  }
}
