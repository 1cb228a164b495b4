/** A step into a plan: a field's name or a place in a list. */
export type PathStep = string | number;

/** What stands at a path; undefined where it leads nowhere. */
export function get(root: unknown, path: readonly PathStep[]): unknown {
  return path.reduce<unknown>(
    (at, step) => (at as Record<PathStep, unknown> | null | undefined)?.[step],
    root,
  );
}
