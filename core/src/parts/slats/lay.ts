import { frameOf, type Frame } from '../../item/frame';
import { offsetCurve } from '../../measure/offsets';
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
  const standsIn = standsInOver(slats, across);
  const staying = Array.from({ length: count }, (_, i) => {
    const from = across[0] + i * pitch;
    return at(from, [0, depth - standsIn([from, from + wide])]);
  });
  const sliding = Array.from({ length: count - 1 }, (_, i) => {
    const from = across[0] + wide + c + i * pitch;
    return at(from, [-front, depth - BEHIND - standsIn([from, from + wide])]);
  });
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
    staying,
    sliding,
    bearers:
      carcass.top === 'none'
        ? [
            { x: [inside.left, inside.right], y: [shell.front, shell.front + front], z: under },
            { x: [inside.left, inside.right], y: [inside.back - front, inside.back], z: under },
          ]
        : [],
    rail: railAt,
    legs: legs ? legsUnder(legs, railAt, place.floor.high - carcass.z.mm) : [],
    overlap: Math.min(...sliding.map(({ y }) => y[1])) - travel.mm,
    open: wide + 2 * c,
  };
}

/**
 * How far what curves in behind it stands in at most over a stretch across. The curve through its three places turns back at those alone, so that
 * over a stretch it stands in most at an end of that or at one of them.
 */
function standsInOver({ behind }: Slats, across: Range): (stretch: Range) => number {
  if (!behind) return () => 0;
  const [from, to] = across;
  const stations = [
    [from, behind.left.mm],
    [(from + to) / 2, behind.middle.mm],
    [to, behind.right.mm],
  ] as const;
  const curve = offsetCurve(stations, 'smooth');
  return ([a, b]) =>
    Math.max(curve.at(a), curve.at(b), ...stations.filter(([x]) => x > a && x < b).map(([, mm]) => mm));
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
