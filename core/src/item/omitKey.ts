/** A copy of a record that lacks one of its fields. */
export function omitKey<T extends object, Key extends keyof T>(record: T, key: Key): Omit<T, Key> {
  const copy: Partial<T> = { ...record };
  delete copy[key];
  return copy as Omit<T, Key>;
}
