import type { Verdict } from '../item/verdict';
import type { Material } from '../material/schema';
import { strengthOf } from '../material/strength';
import { bentBy, type Bent } from './beam';
import { graded, SAG_SHARE } from './spans';
import { atMiddle } from './usualLoads';

/** A board whose edge hangs out past what it lies on, mm, and who is on that edge, kg. */
export interface Overhang {
  readonly material: Material;
  readonly thick: number;
  readonly wide: number;
  readonly past: number;
  readonly kg: number;
}

/** How far the edge gives, mm, and is strained, MPa; and the most of either. */
export type PastEdge = Bent & {
  readonly past: number;
  readonly most: number;
  readonly bears: number;
  readonly verdict: Verdict;
};

/**
 * An edge with all of its load on it.
 *
 * @source P L^3 / (3 E I), P L over the section: as a beam of 2 L with 2 P at its middle, any text on strength of materials
 */
export function edgePast({ material, thick, wide, past, kg }: Overhang): PastEdge {
  const { stiffness, bears } = strengthOf(material);
  const bent = bentBy(
    { span: 2 * past, wide, thick, stiffness, density: material.density },
    atMiddle(2 * kg),
  );
  const most = (2 * past) / SAG_SHARE;
  return { ...bent, past, most, bears, verdict: graded(Math.max(bent.sag / most, bent.stress / bears)) };
}
