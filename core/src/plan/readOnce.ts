import type * as v from 'valibot';

/**
 * The same schema, that takes what it gave out before as it is. Plans are never changed in place, so what was read stays read: of an
 * edited plan, which shares with the one before all that the edit leaves alone, only what is new is looked at.
 */
export function readOnce<S extends v.GenericSchema>(schema: S): S {
  const read = new WeakSet<object>();
  const run: S['~run'] = (dataset, config) => {
    const { value } = dataset;
    if (typeof value === 'object' && value !== null && read.has(value))
      return { value, typed: true } as ReturnType<S['~run']>;
    const out = schema['~run'](dataset, config);
    if (out.typed && !out.issues && typeof out.value === 'object' && out.value !== null) read.add(out.value);
    return out as ReturnType<S['~run']>;
  };
  return { ...schema, '~run': run };
}
