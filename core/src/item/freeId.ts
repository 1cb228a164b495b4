/** The first of `c1`, `c2` and so on, from a number on, that none has yet. */
export function freeId(prefix: string, from: number, taken: readonly { readonly id: string }[]): string {
  let n = from;
  while (taken.some(({ id }) => id === `${prefix}${n}`)) n += 1;
  return `${prefix}${n}`;
}

/** A text without the number at its end: "door" of "door-2". */
export const withoutNumber = (text: string): string => text.replace(/[- ]\d+$/, '');
