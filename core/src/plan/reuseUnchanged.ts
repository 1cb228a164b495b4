/**
 * A value as it is now, with every part of it that is as it was before replaced by that part itself: what was made of
 * such a part can be kept.
 */
export function reuseUnchanged<T>(before: unknown, now: T): T {
  if (
    now === before ||
    typeof now !== 'object' ||
    now === null ||
    typeof before !== 'object' ||
    before === null
  )
    return now;
  if (Array.isArray(now)) {
    if (!Array.isArray(before)) return now;
    // Items of a list are known again by their id, wherever they stand.
    const byId = new Map(before.map((item: unknown) => [idOf(item), item]));
    const shared = now.map((item: unknown, i) =>
      reuseUnchanged(byId.get(idOf(item) ?? NaN) ?? before[i], item),
    );
    const same = shared.length === before.length && shared.every((item, i) => item === before[i]);
    return (same ? before : shared) as T;
  }
  const old = before as Record<string, unknown>;
  const entries = Object.entries(now).map(([key, value]) => [key, reuseUnchanged(old[key], value)] as const);
  const same =
    entries.length === Object.keys(old).length && entries.every(([key, value]) => value === old[key]);
  return (same ? before : Object.fromEntries(entries)) as T;
}

const idOf = (item: unknown): unknown => (item as { id?: unknown } | null)?.id;
