import type { Stock } from '../material/stock';
import { massOf as massOfSolids } from '../solid/mass';
import { middleOf, span } from '../solid/bounds';
import type { Point3 } from '../solid/prism';
import { lessAir } from './lessAir';
import { toSpace } from './lie';
import type { Piece } from './piece';
import { FILLED, type Region } from './work';

/** Standard gravity, m/s2. @source CGPM 1901 */
export const GRAVITY = 9.80665;

/** What something weighs, kg, and the middle of it, mm. */
export interface Weight {
  readonly kg: number;
  readonly centre: Point3;
}

const CUBIC_MM_A_M3 = 1e9;
const NOWHERE: Weight = { kg: 0, centre: [0, 0, 0] };

/**
 * What a piece weighs: as declared, else its finished wood less what is cut out of it and stays open or is another
 * piece. A boring is not taken off, since what it is for weighs no less.
 */
export function weigh(piece: Piece, stock: Stock): Weight {
  const { mass, size, stock: cutting, lie, works, solids } = piece;
  if (mass) return mass;
  if (!cutting) return NOWHERE;
  const { density } = stock.material(cutting.material);
  if (!size || !lie) {
    const { volume, centre } = massOfSolids(solids);
    return { kg: (volume * density) / CUBIC_MM_A_M3, centre };
  }
  const whole: Region = { length: [0, size.length.mm], width: [0, size.width.mm], thick: [0, size.thick.mm] };
  const out = works.filter(({ kind }) => !FILLED.has(kind)).map(({ region }) => region);
  return together(
    lessAir(whole, out, ['thick', 'width', 'length']).map(({ length, width, thick }): Weight => ({
      kg: (span(length) * span(width) * span(thick) * density) / CUBIC_MM_A_M3,
      centre: toSpace(lie, [middleOf(length), middleOf(width), middleOf(thick)]),
    })),
  );
}

/** What several together weigh, and the middle of it; nothing at all weighs nothing, anywhere. */
export function together(weights: readonly Weight[]): Weight {
  const kg = weights.reduce((sum, one) => sum + one.kg, 0);
  if (kg === 0) return NOWHERE;
  const at = (i: 0 | 1 | 2) => weights.reduce((sum, one) => sum + one.kg * one.centre[i], 0) / kg;
  return { kg, centre: [at(0), at(1), at(2)] };
}

export const weighAll = (pieces: readonly Piece[], stock: Stock): Weight =>
  together(pieces.map((piece) => weigh(piece, stock)));
