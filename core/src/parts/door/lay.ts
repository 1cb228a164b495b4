import type { CupHinge } from '../../motion/cupHinge';
import { board } from '../../piece/board';
import { weighAll } from '../../piece/mass';
import { frameOf } from '../../item/frame';
import type { PartPlace } from '../contract/family';
import { bareLeaf, type BareLeaf } from './bareLeaf';
import {
  anyHinge,
  cupItem,
  cupSetting,
  hingesOf,
  linkageOf,
  pinOf,
  type CupItem,
  type CupSetting,
  type Hinges,
} from './hinges';
import { leavesOf, type Leaf, type LeafOf } from './leaf';
import type { Door } from './schema';

/** A leaf with what swings on it and what holds it. */
export interface HungLeaf extends Leaf {
  /** Its board, pane, handle and rack, before anything is worked in for its hinges. */
  readonly bare: BareLeaf;
  /** kg. */
  readonly mass: number;
  readonly hinges: Hinges;
  /** Where the pin of a butt or continuous hinge or of pivots stands in the carcass's frame; none of cup hinges. */
  readonly pin: readonly [number, number] | undefined;
  /** Of cup hinges: how they are set, and their linkage. */
  readonly cup:
    { readonly item: CupItem; readonly setting: CupSetting; readonly linkage: CupHinge } | undefined;
}

/** All that follows from a door and its place. */
export interface LaidDoor extends LeafOf {
  /** One, or the left and the right of a pair. */
  readonly leaves: readonly HungLeaf[];
}

export function layDoor(door: Door, place: PartPlace): LaidDoor {
  const { of, leaves } = leavesOf(door, place);
  const { rating } = anyHinge(door, place);
  const frame = frameOf(place.carcass);
  return {
    ...of,
    leaves: leaves.map((leaf): HungLeaf => {
      const bare = bareLeaf(of, leaf);
      const mass = weighAll(
        [...bare.boards.map((one) => board(frame, one)), ...bare.fittings],
        place.stock,
      ).kg;
      const item = door.hinge.kind === 'cup' ? cupItem(door, place) : undefined;
      return {
        ...leaf,
        bare,
        mass,
        hinges: hingesOf(door, leaf, mass, rating),
        pin: pinOf(door, leaf),
        cup: item && {
          item,
          setting: cupSetting(door, leaf, item),
          linkage: linkageOf(door, leaf, item),
        },
      };
    }),
  };
}
