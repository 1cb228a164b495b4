import type { Stock } from '../material/stock';
import type { Point3 } from '../solid/prism';
import type { Piece } from './piece';

/** Standard gravity, m/s2. @source CGPM 1901 */
export const GRAVITY = 9.80665;

/** What something weighs, kg, and the middle of it, mm. */
export interface Weight {
  readonly kg: number;
  readonly centre: Point3;
}

const CUBIC_MM_A_M3 = 1e9;
const NOWHERE: Weight = { kg: 0, centre: [0, 0, 0] };

/** What a piece weighs: as declared, else what its wood weighs. */
export function weigh({ mass, stock: cutting, wood }: Piece, stock: Stock): Weight {
  if (mass) return mass;
  if (!cutting || !wood) return NOWHERE;
  const { density } = stock.material(cutting.material);
  return { kg: (wood.volume * density) / CUBIC_MM_A_M3, centre: wood.centre };
}

/** What several together weigh, and the middle of it; nothing at all weighs nothing, anywhere. */
export function combinedWeight(weights: readonly Weight[]): Weight {
  const kg = weights.reduce((sum, one) => sum + one.kg, 0);
  if (kg === 0) return NOWHERE;
  const at = (i: 0 | 1 | 2) => weights.reduce((sum, one) => sum + one.kg * one.centre[i], 0) / kg;
  return { kg, centre: [at(0), at(1), at(2)] };
}

export const weighAll = (pieces: readonly Piece[], stock: Stock): Weight =>
  combinedWeight(pieces.map((piece) => weigh(piece, stock)));
