import type { Material } from './schema';
import { STRENGTHS, type Pane } from './strengths';

/** How a material bends and breaks: its stiffness, and the bending stress it bears for years, both MPa. */
export interface Strength {
  readonly stiffness: number;
  readonly bears: number;
  /** Somebody gave its stiffness; else it is the least of its kind. */
  readonly given: boolean;
}

/** A sheet that nobody says more of is taken for the weakest there is, and wood for pine. */
export const WEAKEST = { sheet: STRENGTHS.chipboard, 'solid wood': STRENGTHS.pine } as const;

const MPA_A_GPA = 1000;
/** Of glass of any making, GPa. Handbook value, from memory. */
const GLASS = 70;

/**
 * The most bending stress that glass bears under a load that stays, MPa.
 *
 * @source 6 to 8 for annealed and about 50 for toughened glass, from memory of glazing tables; a laminated pane is two annealed ones
 * whose film creeps, so that each carries half by itself: twice the stress of one as thick (derived)
 */
const GLASS_BEARS: Readonly<Record<Pane, number>> = { annealed: 8, toughened: 50, laminated: 4 };
/** Two panes that slide on each other bend four times as far as one as thick as both. Derived. */
const LAMINATED_BENDS = 4;

export function strengthOf({ kind, stiffness, strength, pane = 'annealed' }: Material): Strength {
  if (kind === 'glass' || kind === 'mirror')
    return {
      stiffness: (GLASS * MPA_A_GPA) / (pane === 'laminated' ? LAMINATED_BENDS : 1),
      bears: GLASS_BEARS[pane],
      given: true,
    };
  const usual = WEAKEST[kind];
  return {
    stiffness: (stiffness ?? usual.stiffness) * MPA_A_GPA,
    bears: strength ?? usual.strength,
    given: stiffness !== undefined,
  };
}
