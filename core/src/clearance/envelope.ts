import { share, type CurvePoint } from './curve';
import type { StillPair } from './encounter';

/** A pair takes over as the shortest only by more than this share: two that stay alike (both sides of a drawer) do not take turns. */
const TIE = 1e-9;
/** Fewer pairs than this are asked one after the other, without looking where on the travel each is near. */
const FEW = 300;
/** Slices of the travel in which the near ones of many pairs are known, and groups of slices that they are first sought in. */
const SLICES = 128;
const GROUPS = 16;
/** What is near on a slice is worked out when it is asked about so often: a curve of few points is drawn sooner without. */
const OFTEN = 3;

/** Asked of every pair at every travel that is drawn: nothing is made for it. */
function isHeld(held: StillPair['held'], travel: number): boolean {
  for (let i = 0; i < held.length; i += 1) if (travel >= held[i]![0] && travel <= held[i]![1]) return true;
  return false;
}

/** A pair by its place among all, and a share that it is never below. */
interface Near {
  readonly of: number;
  readonly bound: number;
}

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
  private readonly groups: (readonly Near[])[] = [];
  private readonly visits = new Uint32Array(SLICES);
  /** What the pair asked last said, mm; Infinity where it is not held there. */
  private last = 0;
  private readonly many: boolean;

  /**
   * @param pairs   of pieces, in an order that does not hang on how they were found
   * @param bounds  for each pair: never below this over the whole travel, as a share
   * @param around  the need of the watch distance, which cuts the envelope off
   */
  constructor(
    private readonly pairs: readonly StillPair[],
    private readonly bounds: readonly number[],
    private readonly from: number,
    private readonly to: number,
    private readonly around: number,
    private readonly watch: number,
  ) {
    this.many = pairs.length > FEW;
  }

  at(travel: number): CurvePoint {
    return this.many ? this.ofMany(travel) : this.ofFew(travel);
  }

  private ofFew(travel: number): CurvePoint {
    let worst: CurvePoint = { travel, clearance: this.watch, needed: this.around, of: -1 };
    let least = share(worst);
    for (let of = 0; of < this.pairs.length && !(this.bounds[of]! > least) && worst.clearance > 0; of += 1) {
      const found = this.askedAt(of, travel, least);
      if (found) [worst, least] = [found, share(found)];
    }
    return worst;
  }

  private ofMany(travel: number): CurvePoint {
    const part = (travel - this.from) / (this.to - this.from);
    const i = Math.min(SLICES - 1, Math.max(0, Math.floor(part * SLICES)));
    this.visits[i]! += 1;
    if (this.visits[i]! < OFTEN) return this.ofFew(travel);
    const slice = (this.slices[i] ??= this.sliceOf(i));
    let worst: CurvePoint = { travel, clearance: this.watch, needed: this.around, of: -1 };
    let least = share(worst);
    const ask = (k: number) => {
      const of = slice.pairs[k]!;
      const moved = slice.speed[k]! * Math.abs(travel - slice.askedAt[k]!);
      if (share({ clearance: slice.said[k]! - moved, needed: this.pairs[of]!.needed }) > least) return;
      const found = this.askedAt(of, travel, least);
      slice.askedAt[k] = travel;
      slice.said[k] = this.last;
      if (!found) return;
      [worst, least] = [found, share(found)];
      slice.shortest = k;
    };
    // What was shortest nearby most often still is: it spares the others.
    const first = slice.shortest;
    if (first < slice.pairs.length) ask(first);
    for (let k = 0; k < slice.pairs.length && !(slice.bounds[k]! > least) && worst.clearance > 0; k += 1)
      if (k !== first) ask(k);
    return worst;
  }

  /** The point of one pair, where it is held there and shorter than `least` by more than a tie; what it said is left in `last`. */
  private askedAt(of: number, travel: number, least: number): CurvePoint | undefined {
    const { approach, held, needed } = this.pairs[of]!;
    this.last = Infinity;
    if (!isHeld(held, travel)) return undefined;
    const clearance = (this.last = approach.at(travel, 0).value);
    return share({ clearance, needed }) < least - TIE ? { travel, clearance, needed, of } : undefined;
  }

  /** Where a share of the travel ends. */
  private end(i: number, of: number): number {
    return this.from + ((this.to - this.from) * i) / of;
  }

  private sliceOf(i: number): Slice {
    const g = Math.floor((i * GROUPS) / SLICES);
    this.groups[g] ??= this.nearOver(this.end(g, GROUPS), this.end(g + 1, GROUPS), this.pairs.keys());
    const [from, to] = [this.end(i, SLICES), this.end(i + 1, SLICES)];
    const near = this.nearOver(
      from,
      to,
      this.groups[g].map(({ of }) => of),
    ).sort((a, b) => a.bound - b.bound || a.of - b.of);
    return {
      pairs: near.map(({ of }) => of),
      bounds: near.map(({ bound }) => bound),
      askedAt: new Float64Array(near.length),
      // Not asked yet: nothing is known.
      said: new Float64Array(near.length).fill(-Infinity),
      speed: Float64Array.from(near, ({ of }) => this.pairs[of]!.speedOver(from, to)),
      shortest: near.length,
    };
  }

  /** Of some pairs those that can be the shortest on a stretch, each with a share that it is never below there. */
  private nearOver(from: number, to: number, among: Iterable<number>): Near[] {
    const most = share({ clearance: this.watch, needed: this.around });
    const near: Near[] = [];
    for (const of of among) {
      const pair = this.pairs[of]!;
      const bound = Math.max(
        this.bounds[of]!,
        share({ clearance: pair.apartOver(from, to), needed: pair.needed }),
      );
      if (bound <= most) near.push({ of, bound });
    }
    return near;
  }
}
