import type { PartNote } from '../item/note';
import { lengthMark, stressMark } from '../length/lengthMark';
import { graded, SAG_SHARE } from './spans';

/** A round rod on its two ends, mm, and what it bears along its length with its own weight, N/mm. */
export interface RoundSpan {
  readonly made: 'steel tube' | 'wood';
  readonly across: number;
  readonly inner: number;
  readonly span: number;
  readonly spread: number;
  /** What hangs on it. */
  readonly under: string;
}

/**
 * Stiffness and the bending stress borne for years, MPa: structural steel by EN 10219 and softwood by EN 338, from memory, the latter by the
 * factors of EN 1995-1-1 for lasting load.
 */
const MADE = {
  'steel tube': { stiffness: 200_000, bears: 150 },
  wood: { stiffness: 10_000, bears: 10 },
} as const;

/**
 * How far a round rod bends, mm, and the most stress in it, MPa.
 *
 * @source 5 w L^4 / (384 E I) and w L^2 / 8 over I / (D / 2), I = pi (D^4 - d^4) / 64: any text on strength of materials
 */
export function roundBent({ made, across, inner, span, spread }: RoundSpan) {
  const second = (Math.PI * (across ** 4 - inner ** 4)) / 64;
  return {
    sag: (5 * spread * span ** 4) / (384 * MADE[made].stiffness * second),
    stress: ((spread * span ** 2) / 8) * (across / 2 / second),
  };
}

/** Whether it is hardly bent by what hangs on it, and the span that would do. */
export function hardly(one: RoundSpan): PartNote {
  const { sag, stress } = roundBent(one);
  const { bears } = MADE[one.made];
  const mostSag = one.span / SAG_SHARE;
  const share = Math.max(sag / mostSag, stress / bears);
  const verdict = graded(share);
  // Sag goes with the cube of the span for its share of that, stress with its square.
  const free = one.span / Math.max(Math.cbrt(sag / mostSag), Math.sqrt(stress / bears));
  const cure = `A support that leaves at most ${lengthMark(free, 'most')} free will do, or a thicker rod.`;
  const told = (sentence: string): PartNote => ({ about: 'strength', verdict, sentence });
  if (stress > bears)
    return told(
      `It breaks in time: under ${one.under} it is strained to ${stressMark(stress)}, and ${one.made} bears ${stressMark(bears)}. ${cure}`,
    );
  const sags = `Under ${one.under} it sags ${lengthMark(sag)} over ${lengthMark(one.span)}; ${lengthMark(mostSag, 'most')} is the most.`;
  return told(verdict === 'hits' ? `${sags} ${cure}` : sags);
}
