import * as v from 'valibot';

/** Exact by definition: the international inch. */
export const MM_PER_INCH = 25.4;
export const MM_PER_FOOT = 304.8;

/**
 * What a job's lengths are typed and shown in, and how finely. Inches are rounded to one part in `step`; with `feet` a foot
 * and more of them are shown as feet and inches.
 */
export const UnitsSchema = v.variant('system', [
  v.strictObject({ system: v.literal('mm'), step: v.picklist([0.1, 0.5, 1]) }),
  v.strictObject({
    system: v.literal('in'),
    step: v.picklist([16, 32, 64]),
    feet: v.optional(v.boolean()),
  }),
]);
export type Units = v.InferOutput<typeof UnitsSchema>;
export type UnitSystem = Units['system'];

export const MILLIMETRES: Units = { system: 'mm', step: 0.1 };
export const INCHES: Units = { system: 'in', step: 16 };
