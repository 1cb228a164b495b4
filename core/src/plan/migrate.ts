/** One step a format version: `MIGRATIONS[0]` makes a version 2 plan of a version 1 plan, and so on. */
const MIGRATIONS: readonly ((old: object) => object)[] = [severalSlopes];

/** Bring a plan of an older format version up to the current one. What it holds is checked afterwards, not here. */
export function migrate(raw: object, version: number): object {
  return MIGRATIONS.slice(version - 1).reduce((plan, step) => step(plan), raw);
}

/** Version 1 knew one roof slope, nothing that moves already, no readings and no way in. */
function severalSlopes(old: object): object {
  const { space, ...rest } = old as { space?: unknown };
  const added = { measured: [], wayIn: [], existing: [] };
  if (typeof space !== 'object' || space === null || !('slope' in space))
    return { ...rest, ...added, space, version: 2 };
  const { slope, ...room } = space;
  return { ...added, ...rest, space: { ...room, slopes: slope === null ? [] : [slope] }, version: 2 };
}
