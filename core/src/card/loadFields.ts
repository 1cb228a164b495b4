import type { Field } from './field';
import { get, type PathStep } from '../item/path';

/** A load that counts as usual until somebody types one: `null` in the plan. Two fields: which it is, and the number of kg. */
export function loadFields<Part>(
  group: string,
  path: readonly PathStep[],
  words: { readonly label: string; readonly usual: string; readonly typed: string },
  start: (part: Part) => number,
  when: (part: Part) => boolean = () => true,
): Field<Part>[] {
  const known = (part: Part) => typeof get(part as object, path) === 'number';
  return [
    {
      group,
      label: words.label,
      path,
      input: {
        words: [words.usual, 'as typed'],
        word: (part) => (known(part) ? 'as typed' : words.usual),
        value: (word, part) => (word === 'as typed' ? start(part) : null),
      },
      when,
    },
    { group, label: words.typed, path, input: 'count', when: (part) => when(part) && known(part) },
  ];
}
