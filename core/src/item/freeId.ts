/** The first of `c1`, `c2` and so on, from a number on, that none has yet. */
export function freeId(prefix: string, from: number, taken: readonly { readonly id: string }[]): string {
  let n = from;
  while (taken.some(({ id }) => id === `${prefix}${n}`)) n += 1;
  return `${prefix}${n}`;
}

/** A text without the number at its end: "door" of "door-2". */
export const withoutNumber = (text: string): string => text.replace(/[- ]\d+$/, '');

/** An id made of a name: small letters, digits and hyphens. */
export function freshId(name: string, taken: ReadonlySet<string>): string {
  const bare =
    name
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^[^a-z]+/, '')
      .replace(/-+$/, '')
      .slice(0, 34) || 'hardware';
  let id = bare;
  for (let n = 2; taken.has(id); n += 1) id = `${bare}-${n}`;
  return id;
}
