import { uncapitalised } from './capitals';

/** A name without the article it may begin with: "east wall" of "the east wall". */
export const withoutArticle = (name: string): string => name.replace(/^the\s+(?=\S)/i, '');

/** A name as it reads inside a sentence, without an article: "boot locker" of "The boot locker". */
export function called(name: string): string {
  const bare = withoutArticle(name);
  return uncapitalised(bare);
}
