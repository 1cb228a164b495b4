import * as v from 'valibot';
import { lengthBetween } from '../length/length';
import { IdSchema, NameSchema } from '../item/schema';
import { PANES, STRENGTHS } from './strengths';

export const MATERIAL_KINDS = ['sheet', 'solid wood', 'glass', 'mirror'] as const;

const figure = (words: string, least: number, most: number, unit: string) =>
  v.pipe(
    v.number(`${words} is a number of ${unit}.`),
    v.check(
      (value) => value >= least && value <= most,
      `${words} must be between ${least} and ${most} ${unit}.`,
    ),
  );

/**
 * What parts are cut from. `nominal` is the thickness it is sold by and `measured` what a calliper said; names are off
 * by up to a millimetre, so a thickness nobody measured is told as such. `density` in kg/m3.
 */
export const MaterialSchema = v.strictObject({
  id: IdSchema,
  name: NameSchema,
  kind: v.picklist(MATERIAL_KINDS, 'A material is sheet, solid wood, glass or mirror.'),
  nominal: lengthBetween(0.3, 150),
  measured: v.nullable(lengthBetween(0.3, 150)),
  density: v.pipe(
    v.number('A density is a number of kg/m3.'),
    v.check((rho) => rho >= 50 && rho <= 20_000, 'A density must be between 50 and 20,000 kg/m3.'),
  ),
  /** How much of its width solid wood swells a percent point of moisture, tangentially; none for what stays as it is. */
  swells: v.optional(
    v.pipe(v.number(), v.minValue(0), v.maxValue(0.02, 'No wood swells so much a percent point.')),
  ),
  /** Along its length, GPa, and the bending stress it bears for years, MPa; not given of what is taken for the least of its kind. */
  stiffness: v.optional(figure('Stiffness', 0.1, 400, 'GPa')),
  strength: v.optional(figure('Strength', 0.1, 1000, 'MPa')),
  /** How a pane was made; annealed where nobody says. */
  pane: v.optional(v.picklist(PANES, 'A pane is annealed, toughened or laminated.')),
});
export type Material = v.InferOutput<typeof MaterialSchema>;

/**
 * Where practitioners disagree, as a setting of the job; a part may go its own way (DESIGN: the first named is the
 * default). Each later family adds its questions here.
 */
export const SchoolsSchema = v.strictObject({
  /** What a sheet is taken to be thick: as measured, or by its name. */
  thickness: v.picklist(['measured', 'nominal'], 'A thickness counts as measured or as nominal.'),
  /** What a part is sized from: the opening as read once there are readings, or as drawn all along. */
  sizing: v.picklist(['measured', 'drawn'], 'Parts are sized from the opening as measured or as drawn.'),
  /** How slides are fixed: in the case over spacers from the bottom up, on the bench before it is put together, or to cleats that stand on the bottom of their place. */
  slides: v.optional(
    v.picklist(
      ['over spacers', 'on the bench', 'on floor cleats'],
      'Slides are fixed over spacers, on the bench, or on cleats that stand on the bottom.',
    ),
    'over spacers',
  ),
  /** Boxes of a bank where its case leans or bows: all as wide as it is at its narrowest, or each by its own opening. */
  boxes: v.optional(
    v.picklist(['all alike', 'each its own'], 'Boxes are all alike, or each to its own opening.'),
    'all alike',
  ),
  /** How an applied front is fixed. */
  front: v.optional(
    v.picklist(
      ['pinned', 'pressed points', 'taped or wedged', 'glued'],
      'A front is pinned, marked by points, taped or wedged, or glued.',
    ),
    'pinned',
  ),
  /** Sliding panels that lift out over the lower track, or that are put in before an end is closed. */
  panels: v.optional(
    v.picklist(['lift out', 'captive'], 'Sliding panels lift out or are captive.'),
    'lift out',
  ),
});
export type Schools = v.InferOutput<typeof SchoolsSchema>;

export const USUAL_SCHOOLS: Schools = {
  thickness: 'measured',
  sizing: 'measured',
  slides: 'over spacers',
  boxes: 'all alike',
  front: 'pinned',
  panels: 'lift out',
};

/** A part's own way with a question; what it leaves out it takes from the job. */
export const OwnSchoolsSchema = v.optional(v.partial(SchoolsSchema));
export type OwnSchools = v.InferOutput<typeof OwnSchoolsSchema>;

/** Materials a plan begins with. Densities: USDA Wood Handbook for the woods, from memory; glass common practice. All there to be changed. */
export const USUAL_MATERIALS: readonly Material[] = [
  { id: 'ply-18', name: 'Birch plywood 18 mm', kind: 'sheet', nominal: { mm: 18 }, measured: null, density: 680, ...STRENGTHS['birch plywood'] },
  { id: 'ply-12', name: 'Birch plywood 12 mm', kind: 'sheet', nominal: { mm: 12 }, measured: null, density: 680, ...STRENGTHS['birch plywood'] },
  { id: 'ply-6', name: 'Birch plywood 6 mm', kind: 'sheet', nominal: { mm: 6 }, measured: null, density: 680, ...STRENGTHS['birch plywood'] },
  { id: 'pine-20', name: 'Pine board 20 mm', kind: 'solid wood', nominal: { mm: 20 }, measured: null, density: 450, swells: 0.00212, ...STRENGTHS.pine },
  { id: 'mirror-4', name: 'Mirror 4 mm', kind: 'mirror', nominal: { mm: 4 }, measured: null, density: 2500, pane: 'annealed' },
  { id: 'glass-4', name: 'Glass 4 mm', kind: 'glass', nominal: { mm: 4 }, measured: null, density: 2500, pane: 'annealed' },
]; // prettier-ignore
