import { frameOf, type Frame } from '../../item/frame';
import { span, type Bounds, type Range } from '../../solid/bounds';
import type { PartPlace } from '../contract/family';
import type { LainOn } from '../contract/lainOn';
import type { Slats } from './schema';

/** Both combs as they lie shut, in their carcass's frame, mm. */
export interface LaidSlats {
  readonly slats: Slats;
  readonly place: PartPlace;
  readonly frame: Frame;
  readonly thick: number;
  /** How wide each slat is, and from one to the next of the same comb. */
  readonly wide: number;
  readonly pitch: number;
  readonly across: Range;
  readonly staying: readonly Bounds[];
  readonly sliding: readonly Bounds[];
  /** What the staying ones lie on where their carcass has no top: at its front and its back. */
  readonly bearers: readonly Bounds[];
  readonly rail: Bounds;
  readonly legs: readonly Bounds[];
  /** Between the combs' ends at full travel; less than 0 where they have come apart. */
  readonly overlap: number;
  /** Between two slats of what is drawn out. */
  readonly open: number;
}

/** What slides ends so far before the back, and the wall behind it, mm. Common practice. */
export const BEHIND = 12;

/**
 * @source pitch 2 (w + c); gap of the comb drawn out w + 2 c
 */
export function laySlats(slats: Slats, place: PartPlace): LaidSlats {
  const { carcass, built, stock } = place;
  const { over, count, clearance, layers, material, rail, legs, travel } = slats;
  const [high, width, depth] = [carcass.height.mm, carcass.width.mm, carcass.depth.mm];
  const thick = layers * stock.thickness(material);
  const front = stock.thickness(rail.material);
  const across: Range = [-over.left.mm, width + over.right.mm];
  const c = clearance.mm;
  const wide = (span(across) - 2 * (count - 1) * c) / (2 * count - 1);
  const pitch = 2 * (wide + c);
  const z: Range = [high, high + thick];
  const at = (from: number, y: Range): Bounds => ({ x: [from, from + wide], y, z });
  const { inside } = built.layout.openings.get(carcass.bay.id)!;
  const { shell } = built.layout;
  const under: Range = [high - rail.deep.mm, high];
  const railAt: Bounds = { x: across, y: [-front, 0], z: under };
  return {
    slats,
    place,
    frame: frameOf(carcass),
    thick,
    wide,
    pitch,
    across,
    staying: Array.from({ length: count }, (_, i) => at(across[0] + i * pitch, [0, depth])),
    sliding: Array.from({ length: count - 1 }, (_, i) =>
      at(across[0] + wide + c + i * pitch, [-front, depth - BEHIND]),
    ),
    bearers:
      carcass.top === 'none'
        ? [
            { x: [inside.left, inside.right], y: [shell.front, shell.front + front], z: under },
            { x: [inside.left, inside.right], y: [inside.back - front, inside.back], z: under },
          ]
        : [],
    rail: railAt,
    legs: legs ? legsUnder(legs, railAt, place.floor.high - carcass.z.mm) : [],
    overlap: depth - BEHIND - travel.mm,
    open: wide + 2 * c,
  };
}

/** Drawn out, before its carcass. */
export const slatsLainOn = ({ frame, slats, place, across, thick }: LaidSlats): LainOn => ({
  frame,
  x: across,
  y: [-slats.travel.mm - place.stock.thickness(slats.rail.material), 0],
  top: place.carcass.height.mm + thick + slats.mattress.mm,
  floor: place.floor.high - place.carcass.z.mm,
});

/** From the rail down to the floor, at both its ends and evenly between. */
function legsUnder(
  { count, wide }: NonNullable<Slats['legs']>,
  { x, y, z }: Bounds,
  floor: number,
): Bounds[] {
  const step = (span(x) - wide.mm) / (count - 1);
  return Array.from({ length: count }, (_, i): Bounds => {
    const from = x[0] + i * step;
    return { x: [from, from + wide.mm], y, z: [floor, z[0]] };
  });
}
