import { useState } from 'react';

/** A value, or the one before it where the two are the same by `same`: what depends on it is left alone. */
export function useSame<T>(value: T | undefined, same: (a: T, b: T) => boolean): T | undefined {
  const [kept, setKept] = useState(value);
  if (value === kept) return kept;
  if (value !== undefined && kept !== undefined && same(kept, value)) return kept;
  setKept(value);
  return value;
}
