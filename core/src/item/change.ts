import * as v from 'valibot';

/**
 * One place of the plan and what it held and holds. Without `before` it is put in (a list makes room), without
 * `after` it is taken out (a list closes up).
 */
export const ChangeSchema = v.strictObject({
  path: v.pipe(
    v.array(
      v.union([
        v.pipe(v.string(), v.regex(/^[a-zA-Z][a-zA-Z0-9]{0,39}$/)),
        v.pipe(v.number(), v.integer(), v.minValue(0)),
      ]),
    ),
    v.minLength(1),
    v.maxLength(24),
  ),
  before: v.optional(v.unknown()),
  after: v.optional(v.unknown()),
});

export type Change = v.InferOutput<typeof ChangeSchema>;

/** A named change of the plan that can be taken back: what undo, autosave and the log all use. */
export const EditSchema = v.strictObject({
  name: v.pipe(v.string(), v.minLength(1), v.maxLength(200)),
  changes: v.pipe(v.array(ChangeSchema), v.minLength(1), v.maxLength(500)),
});

export type Edit = v.InferOutput<typeof EditSchema>;
