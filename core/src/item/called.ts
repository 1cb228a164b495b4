/** A name as it reads inside a sentence, without an article: "boot locker" of "The boot locker". */
export function called(name: string): string {
  const bare = name.replace(/^the\s+(?=\S)/i, '');
  return `${bare.charAt(0).toLowerCase()}${bare.slice(1)}`;
}
