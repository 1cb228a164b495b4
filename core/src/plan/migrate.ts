/** One step a format version: `MIGRATIONS[0]` makes a version 2 plan of a version 1 plan, and so on. */
const MIGRATIONS: readonly ((old: object) => object)[] = [];

/** Bring a plan of an older format version up to the current one. What it holds is checked afterwards, not here. */
export function migrate(raw: object, version: number): object {
  return MIGRATIONS.slice(version - 1).reduce((plan, step) => step(plan), raw);
}
