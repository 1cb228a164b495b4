/** How a pane was made: it breaks, and how it breaks, by that. */
export const PANES = ['annealed', 'toughened', 'laminated'] as const;
export type Pane = (typeof PANES)[number];

/**
 * Stiffness, GPa, and bending stress under a load that stays for years, MPa, of what a yard sells.
 *
 * @source stiffness from memory of the USDA Wood Handbook (ch. 5 and 12 for wood and panels); stress: the bending strengths of EN 338,
 * EN 312, EN 622-5 and EN 636 by the factors of EN 1995-1-1 for lasting load, from memory, rounded down
 */
export const STRENGTHS = {
  'birch plywood': { stiffness: 9, strength: 15 },
  MDF: { stiffness: 3, strength: 6 },
  chipboard: { stiffness: 2.5, strength: 3.5 },
  pine: { stiffness: 9, strength: 9 },
  oak: { stiffness: 12, strength: 12 },
} as const;
