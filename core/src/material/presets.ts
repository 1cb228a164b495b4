import { MM_PER_INCH } from '../length/units';
import type { Length } from '../length/length';
import type { Material } from './schema';
import { STRENGTHS, type Pane } from './strengths';

/** Thickness a dressed softwood board of a nominal one really has, inches. American Softwood Lumber Standard, PS 20, from memory. */
export const DRESSED_THICKNESS: Readonly<Record<string, string>> = { '1': '3/4', '2': '1 1/2' };
/** And width. */
export const DRESSED_WIDTH: Readonly<Record<string, string>> = { '2': '1 1/2', '3': '2 1/2', '4': '3 1/2', '6': '5 1/2', '8': '7 1/4', '10': '9 1/4', '12': '11 1/4' }; // prettier-ignore
/** Thickness of structural plywood by its performance category, inches. PS 1, from memory. */
export const PLYWOOD: Readonly<Record<string, string>> = { '1/4': '7/32', '3/8': '11/32', '1/2': '15/32', '5/8': '19/32', '3/4': '23/32' }; // prettier-ignore

/** Densities at use, kg/m3. USDA Wood Handbook for the woods, from memory; the rest common practice. */
export const DENSITIES = { 'birch plywood': 680, poplar: 455, pine: 450, oak: 700, MDF: 750, chipboard: 650, glass: 2500, mirror: 2500 } as const; // prettier-ignore

/** How much of its width wood moves a percent point of moisture: radially, tangentially. USDA Wood Handbook ch. 13, from memory. */
export const MOVEMENT = {
  'red oak': { radial: 0.00158, tangential: 0.00369 },
  'sugar maple': { radial: 0.00165, tangential: 0.00353 },
  'eastern white pine': { radial: 0.00071, tangential: 0.00212 },
} as const;

/** Inches as they are written: `1 1/2`, `23/32`. */
function inches(text: string): Length {
  const total = text.split(' ').reduce((sum, part) => {
    const [top, bottom] = part.split('/').map(Number);
    return sum + top! / (bottom ?? 1);
  }, 0);
  return { mm: total * MM_PER_INCH, typed: text, unit: 'in' };
}
const metric = (mm: number): Length => ({ mm });

type Preset = Omit<Material, 'id'>;
type Made = keyof typeof STRENGTHS;
const sheet = (made: Exclude<Made, 'pine' | 'oak'>, name: string, mm: number): Preset => ({
  name: `${name} ${mm} mm`,
  kind: 'sheet',
  nominal: metric(mm),
  measured: null,
  density: DENSITIES[made],
  ...STRENGTHS[made],
});
const wood = (made: 'pine' | 'oak', name: string, mm: number, swells: number): Preset => ({
  name,
  kind: 'solid wood',
  nominal: metric(mm),
  measured: null,
  density: DENSITIES[made],
  swells,
  ...STRENGTHS[made],
});
const pane = (pane: Pane, name: string, mm: number): Preset => ({
  name: `${name} ${mm} mm`,
  kind: 'glass',
  nominal: metric(mm),
  measured: null,
  density: DENSITIES.glass,
  pane,
});

/** What a yard usually has: to start from, and to be measured. */
export const MATERIAL_PRESETS: readonly Preset[] = [
  ...[6, 9, 12, 15, 18, 21, 24, 30].map((mm) => sheet('birch plywood', 'Birch plywood', mm)),
  ...[6, 12, 16, 18, 22, 25].map((mm) => sheet('MDF', 'MDF', mm)),
  ...[16, 18, 19, 22, 25].map((mm) => sheet('chipboard', 'Chipboard', mm)),
  wood('oak', 'Oak board 20 mm', 20, MOVEMENT['red oak'].tangential),
  wood('pine', 'Pine board 20 mm', 20, MOVEMENT['eastern white pine'].tangential),
  ...Object.entries(PLYWOOD).map(([category, real]): Preset => ({ name: `Plywood ${category} in`, kind: 'sheet', nominal: inches(category), measured: inches(real), density: DENSITIES['birch plywood'], ...STRENGTHS['birch plywood'] })),
  ...Object.entries(DRESSED_THICKNESS).map(([nominal, real]): Preset => ({ name: `Dressed softwood ${nominal}x`, kind: 'solid wood', nominal: inches(nominal), measured: inches(real), density: DENSITIES.pine, swells: MOVEMENT['eastern white pine'].tangential, ...STRENGTHS.pine })),
  { name: 'Mirror 4 mm', kind: 'mirror', nominal: metric(4), measured: null, density: DENSITIES.mirror },
  ...[4, 6, 8, 10, 12].map((mm) => pane('annealed', 'Glass', mm)),
  ...[4, 6, 8, 10, 12].map((mm) => pane('toughened', 'Toughened glass', mm)),
  ...[6.4, 8.8, 10.8, 12.8].map((mm) => pane('laminated', 'Laminated glass', mm)),
]; // prettier-ignore
