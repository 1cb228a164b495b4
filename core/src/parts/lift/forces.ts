import { GRAVITY, weighAll } from '../../piece/mass';
import type { PartPieces } from '../contract/family';
import type { LaidLift } from './lay';

const MM_A_M = 1000;

/** What goes up with the top, and half of what turns under it, N. */
export function lifted(laid: LaidLift, { moving }: PartPieces): number {
  const [top, ...members] = moving;
  const kg = (pieces: (typeof moving)[number]['pieces']) => weighAll(pieces, laid.place.stock).kg;
  return GRAVITY * (kg(top!.pieces) + members.reduce((sum, { pieces }) => sum + kg(pieces) / 2, 0));
}

/**
 * What draws a scissor's feet together at its lowest, N: W / tan q.
 *
 * @source virtual work: W d(L sin q) = F d(L cos q)
 */
export const scissorPull = (weight: number, angle: number): number => weight / Math.tan(angle);

/**
 * What turns parallel arms at an angle from level, Nm: W c cos q, wherever the load sits.
 *
 * @param long  pin to pin, mm
 */
export const armTurn = (weight: number, long: number, angle: number): number =>
  (weight * long * Math.cos(angle)) / MM_A_M;
