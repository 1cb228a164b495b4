import * as v from 'valibot';
import { LONGEST_MM } from '../length/length';

export const GOVERNING_RULES = ['smallest', 'largest', 'mean'] as const;
export const GoverningRuleSchema = v.picklist(GOVERNING_RULES);

/** A dimension by its item and field: `space/width`, `sill/depth`, or two corners of the outline: `space/south:north`. */
export const DimensionKeySchema = v.pipe(
  v.string('A dimension is named by its item and field.'),
  v.regex(/^[a-z][a-z0-9-]{0,39}\/[a-zA-Z0-9.:-]{1,90}$/, 'A dimension is named as item/field.'),
);

const LEAST_MM = 0.05;

/** A value somebody read, mm: never 0, never less, and not beyond what the product knows. */
export const ReadMmSchema = v.pipe(
  v.number('A reading is a number of mm.'),
  v.check((mm) => Number.isFinite(mm), 'A reading must be a finite number of mm.'),
  v.check((mm) => mm >= LEAST_MM, 'A reading must be more than 0.'),
  v.check((mm) => mm <= LONGEST_MM, 'This is over 20 m: is the unit right?'),
);

/** What the readings of a dimension came to when they were taken over into the plan. */
export const MeasuredSchema = v.strictObject({
  of: DimensionKeySchema,
  mm: ReadMmSchema,
  /** Standard uncertainty, mm. */
  sigma: v.pipe(v.number(), v.minValue(0), v.maxValue(1000)),
  rule: GoverningRuleSchema,
  readings: v.pipe(v.number(), v.integer(), v.minValue(1)),
});
export type MeasuredDimension = v.InferOutput<typeof MeasuredSchema>;
