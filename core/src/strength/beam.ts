import { GRAVITY } from '../piece/mass';

/** A strip that lies on its two ends: what it spans, how wide and thick it is, mm; stiffness, MPa; density, kg/m3. */
export interface Strip {
  readonly span: number;
  readonly wide: number;
  readonly thick: number;
  readonly stiffness: number;
  readonly density: number;
}

/** What lies on a strip besides itself: spread evenly along its span, N/mm, and at its middle, N. */
export interface StripLoad {
  readonly spread: number;
  readonly middle: number;
}

/** How far it bends at its middle, mm, and the most stress in it, MPa. */
export interface Bent {
  readonly sag: number;
  readonly stress: number;
}

const MM3_A_M3 = 1e9;

/** What a strip weighs along its span, N/mm. */
export const ownWeight = ({ wide, thick, density }: Omit<Strip, 'span' | 'stiffness'>): number =>
  (density * wide * thick * GRAVITY) / MM3_A_M3;

/**
 * A strip on its two ends under a load and its own weight.
 *
 * @source 5 w L^4 / (384 E I) and P L^3 / (48 E I); w L^2 / 8 and P L / 4 over b t^2 / 6: any text on strength of materials
 */
export function bentBy(strip: Strip, { spread, middle }: StripLoad): Bent {
  const { span, wide, thick, stiffness } = strip;
  const w = spread + ownWeight(strip);
  const second = (wide * thick ** 3) / 12;
  const section = (wide * thick ** 2) / 6;
  return {
    sag: (5 * w * span ** 4) / (384 * stiffness * second) + (middle * span ** 3) / (48 * stiffness * second),
    stress: ((w * span ** 2) / 8 + (middle * span) / 4) / section,
  };
}

/** No board is thicker, mm. */
const THICKEST = 300;
const NEAR = 1e-6;

/** The least thickness at which a strip does, mm: the thicker it is the less it bends and the less it is strained. Undefined where none does. */
export function leastThick(strip: Strip, load: StripLoad, does: (bent: Bent) => boolean): number | undefined {
  const good = (thick: number) => does(bentBy({ ...strip, thick }, load));
  if (!good(THICKEST)) return undefined;
  let [low, high] = [0, THICKEST];
  while (high - low > NEAR) {
    const middle = (low + high) / 2;
    if (middle > 0 && good(middle)) high = middle;
    else low = middle;
  }
  return high;
}

/** The longest span over which a strip does, mm. */
export function longestSpan(
  strip: Strip,
  load: StripLoad,
  does: (bent: Bent, span: number) => boolean,
): number {
  let [low, high] = [0, strip.span];
  if (does(bentBy(strip, load), strip.span)) return strip.span;
  while (high - low > NEAR) {
    const span = (low + high) / 2;
    if (does(bentBy({ ...strip, span }, load), span)) low = span;
    else high = span;
  }
  return low;
}
