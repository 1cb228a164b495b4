import * as v from 'valibot';

/** Exact by definition: the international inch. */
export const MM_PER_INCH = 25.4;

/** What a job's lengths are typed and shown in, and how finely. Inches are rounded to one part in `step`. */
export const UnitsSchema = v.variant('system', [
  v.strictObject({ system: v.literal('mm'), step: v.picklist([0.1, 0.5]) }),
  v.strictObject({ system: v.literal('in'), step: v.picklist([16, 32, 64]) }),
]);
export type Units = v.InferOutput<typeof UnitsSchema>;
export type UnitSystem = Units['system'];

export const MILLIMETRES: Units = { system: 'mm', step: 0.1 };
export const INCHES: Units = { system: 'in', step: 16 };
