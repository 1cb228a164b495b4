import { frameOf, leaningIn, type Frame } from '../../item/frame';
import type { TurningLeaf } from '../../item/ground';
import { motionOf, type Motion } from '../../motion/motion';
import type { Range } from '../../solid/bounds';
import type { Point2 } from '../../solid/prism';
import type { GroundPlace } from '../contract/family';
import { cutOf, planOutline, type CutEnd } from './outline';
import type { Hidden } from './schema';
import { cornersAbout, type Corner } from '../../mechanism/swing';

/** One leaf of a hidden door as it stands shut, mm. */
export interface HungLeaf {
  readonly key: string;
  /** Which of a pair; undefined where it is the only one. */
  readonly own: 'left' | 'right' | undefined;
  /** Where its hinge edge is for who stands before it, or the way it slides. */
  readonly side: 'left' | 'right';
  /** In its frame: along the wall, front to back, and up where it is highest. */
  readonly x: Range;
  readonly y: Range;
  readonly z: Range;
  readonly wide: number;
  /** From its hinge edge along it, and back from the face that leads as it opens. */
  readonly outline: readonly Point2[];
  readonly cut: CutEnd | undefined;
  /** Where it turns, told so; undefined of what slides. */
  readonly axis: Point2 | undefined;
  /** Its corners about that axis; none of what slides. */
  readonly corners: readonly Corner[];
  readonly motion: Motion | undefined;
}

export interface LaidHidden {
  readonly hidden: Hidden;
  readonly place: GroundPlace;
  /** Of its opening: x to the right and y into the wall for who stands before it. It leans as its leaf does. */
  readonly frame: Frame;
  /** Thickness of its boards, of its back, of its facing; and of all of it, facing left out. */
  readonly thick: number;
  readonly backThick: number;
  readonly facingThick: number;
  readonly deep: number;
  readonly leaves: readonly HungLeaf[];
  /** It swings away from who stands before it: the face that leads is its back. */
  readonly away: boolean;
  /** What it is hung on, where that is a door that is there. */
  readonly host: TurningLeaf | undefined;
  readonly to: number;
  readonly unit: 'rad' | 'mm';
}

const DEGREES = Math.PI / 180;

export function layHidden(hidden: Hidden, place: GroundPlace): LaidHidden {
  const { body, hung, facing, leaves, opening, gaps, shape } = hidden;
  const { stock } = place;
  const thick = stock.thickness(body.material);
  const backThick = body.kind === 'case' && body.back !== null ? stock.thickness(body.back) : 0;
  const facingThick = facing === null ? 0 : stock.thickness(facing);
  const deep = body.kind === 'case' ? body.deep.mm : thick * body.layers;
  const host = hung.kind === 'door' ? place.ground.leaf : undefined;
  const away = host ? !host.towards : hidden.swings === 'away';
  // On a leaf it stands before that; in an opening its face is so far before the wall, and leaning its back.
  const front =
    hung.kind === 'door' ? -deep : shape.kind === 'leaning' ? -deep - hidden.proud.mm : -hidden.proud.mm;
  const side = host?.side ?? hidden.side;
  const slides = hung.kind === 'track' || hung.kind === 'castors';
  const to = slides ? hung.travel.mm : hidden.limit * DEGREES;
  const common: Common = {
    hidden,
    frame: frameFor(hidden, place),
    deep,
    away,
    front,
    host,
  };
  const whole: Range =
    side === 'left'
      ? [gaps.hinge.mm, opening.width.mm - gaps.free.mm]
      : [gaps.free.mm, opening.width.mm - gaps.hinge.mm];
  const { id } = hidden;
  const made =
    leaves === 'pair' && !host && !slides
      ? pairOf(hidden).map(({ x, side: own }) => leafOf(common, { key: `${id}/${own}`, own, side: own, x }))
      : [leafOf(common, { key: id, own: undefined, side, x: whole })];
  return {
    hidden,
    place,
    frame: common.frame,
    thick,
    backThick,
    facingThick,
    deep,
    leaves: made,
    away,
    host,
    to,
    unit: slides ? 'mm' : 'rad',
  };

  function pairOf({ gaps: { hinge, middle } }: Hidden) {
    const half = (opening.width.mm - 2 * hinge.mm - middle.mm) / 2;
    const right = opening.width.mm - hinge.mm;
    return [
      { side: 'left', x: [hinge.mm, hinge.mm + half] },
      { side: 'right', x: [right - half, right] },
    ] as const;
  }
}

/** Leaning, the back of its head is at the wall, or so far before it as it stands proud. */
function frameFor({ shape, opening }: Hidden, place: GroundPlace): Frame {
  const upright = frameOf(place.at);
  if (shape.kind !== 'leaning') return upright;
  const lean = shape.degrees * DEGREES;
  const [back, up] = [Math.sin(lean), Math.cos(lean)];
  return leaningIn(upright, [0, -opening.height.mm * back, 0], [1, 0, 0], [0, back, up]);
}

interface Common {
  readonly hidden: Hidden;
  readonly frame: Frame;
  readonly deep: number;
  readonly away: boolean;
  readonly front: number;
  readonly host: TurningLeaf | undefined;
}

function leafOf(
  { hidden, frame, deep, away, front, host }: Common,
  { key, own, side, x }: Pick<HungLeaf, 'key' | 'own' | 'side' | 'x'>,
): HungLeaf {
  const { relief, gaps, opening } = hidden;
  const wide = x[1] - x[0];
  const y: Range = [front, front + deep];
  const z: Range = [gaps.foot.mm, opening.height.mm - gaps.head.mm];
  const cut = cutOf(relief, deep);
  const outline = planOutline(wide, deep, cut);
  const axis = axisOf(hidden, { deep, away, x, side }, host);
  const at = axis && placeIn({ x, y, side }, away, deep, axis);
  const opensLeft = side === 'left';
  const motion =
    hidden.hung.kind === 'door'
      ? undefined
      : at
        ? motionOf({
            kind: 'turn',
            point: frame.toSpace([at[0], at[1], 0]),
            axis: frame.turn([0, 0, opensLeft === away ? 1 : -1]),
          })
        : motionOf({ kind: 'slide', direction: frame.turn([opensLeft ? -1 : 1, 0, 0]) });
  return {
    key,
    own,
    side,
    x,
    y,
    z,
    wide,
    outline,
    cut,
    axis,
    corners: axis ? cornersAbout(outline, axis) : [],
    motion,
  };
}

/** A place of a leaf's plan in the frame: u from its hinge edge, v back from the face that leads. */
export const placeIn = (
  { x, y, side }: Pick<HungLeaf, 'x' | 'y' | 'side'>,
  away: boolean,
  deep: number,
  [u, v]: Point2,
): Point2 => [side === 'left' ? x[0] + u : x[1] - u, y[0] + (away ? deep - v : v)];

function axisOf(
  { hung, gaps, mount }: Hidden,
  { deep, away, x, side }: { deep: number; away: boolean; x: Range; side: 'left' | 'right' },
  host: TurningLeaf | undefined,
): Point2 | undefined {
  switch (hung.kind) {
    case 'pivots':
      return [hung.in.mm, away ? deep - hung.back.mm : hung.back.mm];
    case 'butts':
      return [-gaps.hinge.mm / 2, -hung.proud.mm];
    case 'door': {
      if (!host) return undefined;
      // Its back is on the leaf's face, and the leaf's axis stays where it is.
      const { along, out } = host.axis;
      const at = along - mount.from.mm;
      return [side === 'left' ? at - x[0] : x[1] - at, away ? out : deep - out];
    }
    default:
      return undefined;
  }
}

/** How high it reaches at a place along it from its hinge edge, and whether it slopes there: mm up in its frame. */
export function headAt({ hidden: { shape } }: Pick<LaidHidden, 'hidden'>, leaf: Pick<HungLeaf, 'z' | 'wide'>, u: number): number {
  if (shape.kind !== 'tapered') return leaf.z[1];
  const share = shape.low === 'free edge' ? u / leaf.wide : 1 - u / leaf.wide;
  return leaf.z[1] - shape.by.mm * share;
} // prettier-ignore
