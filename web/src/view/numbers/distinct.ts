/** Two of one name are told apart by their ids. */
export function distinct<Option extends { readonly id: string; readonly words: string }>(
  options: readonly Option[],
): Option[] {
  return options.map((one) =>
    options.some((other) => other !== one && other.words === one.words)
      ? { ...one, words: `${one.words} (${one.id})` }
      : one,
  );
}
