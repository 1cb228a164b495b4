import type { Link } from '../../piece/piece';
import { strengthOf } from '../../material/strength';
import { combinedWeight, GRAVITY, weighAll, type Weight } from '../../piece/mass';
import type { Point3 } from '../../solid/prism';
import type { Carried, PartPieces } from '../contract/family';
import { placeIn, type HungLeaf, type LaidHidden } from './lay';
import { cantileverSag, dropByPlay } from './statics';

/** Pivots stand at its head and its foot; butts and the hinges of a door that is there so far in from either. Common practice, mm. */
export const HINGE_ENDS = 180;

/** A leaf as its hinges bear it. */
export interface LeafLoad {
  readonly leaf: HungLeaf;
  readonly kg: number;
  /** From its axis to the middle of its weight, seen from above, mm. */
  readonly off: number;
  /** Between its end hinges. */
  readonly spacing: number;
  /** Play between the halves of a hinge. */
  readonly play: number;
  /** How far its free edge drops, mm: by play, and where nothing keeps it from racking by its boards. */
  readonly byPlay: number;
  readonly byRacking: number;
}

/** @param carried  what others have mounted on it */
export function leafLoads(
  laid: LaidHidden,
  pieces: PartPieces,
  carried: readonly Carried[] = [],
): LeafLoad[] {
  const links = [...pieces.moving, ...pieces.still];
  return laid.leaves.map((leaf) =>
    loadOf(
      laid,
      leaf,
      links.find(({ key }) => key === leaf.key)!,
      carried,
    ),
  );
}

function loadOf(laid: LaidHidden, leaf: HungLeaf, link: Link, carried: readonly Carried[]): LeafLoad {
  const { hidden, place } = laid;
  const weight: Weight = combinedWeight([
    weighAll(link.pieces, place.stock),
    ...carried.filter((one) => one.link === leaf.key),
  ]);
  const high = leaf.z[1] - leaf.z[0];
  const atEnds = hidden.hung.kind === 'pivots';
  const spacing = Math.max(1, atEnds ? high : high - 2 * Math.min(HINGE_ENDS, high / 4));
  const play = playOf(laid);
  return {
    leaf,
    kg: weight.kg,
    off: offAxis(laid, leaf, weight.centre),
    spacing,
    play,
    byPlay: dropByPlay(play, leaf.wide, spacing),
    byRacking: racking(laid, leaf, weight.kg),
  };
}

/** Seen from above, however its frame stands. */
function offAxis({ frame, away, deep }: LaidHidden, leaf: HungLeaf, centre: Point3): number {
  if (!leaf.axis) return 0;
  const [x, y] = placeIn(leaf, away, deep, leaf.axis);
  const foot = frame.toSpace([x, y, leaf.z[0]]);
  const along = frame.turn([0, 0, 1]);
  const from = centre.map((value, i) => value - foot[i]!);
  const up = from.reduce((sum, value, i) => sum + value * along[i]!, 0);
  return Math.hypot(...from.map((value, i) => value - up * along[i]!));
}

function playOf({ hidden: { hung }, place: { hardware } }: LaidHidden): number {
  if (hung.kind === 'pivots') return hardware.find(hung.hardware, 'pivot')?.play ?? 0;
  if (hung.kind === 'butts') return hardware.find(hung.hardware, 'butt hinge')?.play ?? 0;
  return hung.kind === 'door' ? DOOR_PLAY : 0;
}
/** Of the hinges of a door that is there, mm. Common practice, cautious. */
const DOOR_PLAY = 0.3;

/** Without a back and without a brace its level boards hold it square, as cantilevers from its hinge side. */
function racking({ hidden: { body, hung }, thick, place, deep }: LaidHidden, leaf: HungLeaf, kg: number): number {
  const hangs = hung.kind === 'pivots' || hung.kind === 'butts';
  if (body.kind !== 'case' || body.back !== null || body.braced || !hangs) return 0;
  return cantileverSag({
    boards: body.shelves + 2,
    deep,
    thick,
    long: leaf.wide,
    stiffness: strengthOf(place.stock.material(body.material)).stiffness,
    load: kg * GRAVITY,
  });
} // prettier-ignore

/** How far the free edge hangs down in all, mm. */
export const sagOf = ({ byPlay, byRacking }: LeafLoad): number => byPlay + byRacking;
