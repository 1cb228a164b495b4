import type { Field } from '../card/field';
import type { PathStep } from '../item/path';
import { splitOf } from './bays';
import { baysOf, TAKES, type Bay, type Carcass } from './schema';

type CarcassField = Field<Carcass>;
const mm = (value: number) => ({ mm: value });

/** Every bay of a carcass with its path and how a person calls it: "Bay 2.1" is the first of the second. */
export function namedBays(
  carcass: Carcass,
): { bay: Bay; path: PathStep[]; name: string; siblings: boolean }[] {
  const walk = (
    bay: Bay,
    path: PathStep[],
    name: string,
    siblings: boolean,
  ): ReturnType<typeof namedBays> => [
    { bay, path, name: name || 'Whole', siblings },
    ...(bay.split?.bays ?? []).flatMap((child, i) =>
      walk(child, [...path, 'split', 'bays', i], name ? `${name}.${i + 1}` : `Bay ${i + 1}`, true),
    ),
  ];
  return walk(carcass.bay, ['bay'], '', false);
}

type Split = NonNullable<Bay['split']>;
/** A way to split a bay as a card says it; none of it where it stays whole. */
type SplitWay = { readonly count: number; readonly way: Split['way'] } | undefined;
const SPLITS: readonly SplitWay[] = [
  undefined,
  ...[2, 3, 4, 5, 6].flatMap((count): SplitWay[] => [
    { count, way: 'uprights' },
    { count, way: 'shelves' },
  ]),
];
const splitWayOf = ({ split }: Bay): SplitWay => split && { count: split.bays.length, way: split.way };
const splitWord = (split: SplitWay) =>
  split ? `${split.count} ${split.way === 'uprights' ? 'side by side' : 'one above another'}` : 'not split';

/** The fields of every bay of a carcass: how it is split, how much of that it takes, what was read of its opening. */
export const bayFields = (carcass: Carcass): CarcassField[] =>
  namedBays(carcass).flatMap((named) => [
    splitField(named),
    ...(named.siblings ? takeFields(named) : []),
    ...(named.bay.split ? [setbackField(named, named.bay.split)] : readFields(named)),
  ]);

type Named = ReturnType<typeof namedBays>[number];
const groupOf = ({ name }: Named) => (name === 'Whole' ? 'Inside' : name);
/** A bay as it is in the carcass that the card shows now. */
const here = (one: Carcass, { bay }: Named) => baysOf(one.bay).find(({ id }) => id === bay.id) ?? bay;

function splitField(named: Named): CarcassField {
  // One of more bays than a card offers is offered as it is.
  const splits = new Map([...SPLITS, splitWayOf(named.bay)].map((way) => [splitWord(way), way]));
  return {
    group: groupOf(named),
    label: 'Split',
    path: [...named.path, 'split'],
    input: {
      words: [...splits.keys()],
      word: (one) => splitWord(splitWayOf(here(one, named))),
      value: (word, one) => {
        const split = splits.get(word);
        return split && splitOf(one, here(one, named), split.count, split.way);
      },
    },
  };
}

function takeFields(named: Named): CarcassField[] {
  const group = groupOf(named);
  const takes: CarcassField = {
    group,
    label: 'Takes',
    path: named.path,
    input: {
      words: TAKES,
      word: (one) => here(one, named).take,
      value: (word, one) => {
        const { size, ...rest } = here(one, named);
        return word === 'fixed' ? { ...rest, take: word, size: size ?? mm(300) } : { ...rest, take: word };
      },
    },
  };
  const size: CarcassField = { group, label: 'Its size', path: [...named.path, 'size'], input: 'length' };
  return named.bay.take === 'fixed' ? [takes, size] : [takes];
}

const setbackField = (named: Named, { way }: Split): CarcassField => ({
  group: groupOf(named),
  label: way === 'uprights' ? 'Uprights set back' : 'Shelves set back',
  path: [...named.path, 'split', 'setback'],
  input: 'length',
});

const READ = [
  ['Width as read, bottom', 'bottom'],
  ['Width as read, middle', 'middle'],
  ['Width as read, top', 'top'],
  ['Width as read, inside', 'deep'],
  ['Height as read, left', 'left'],
  ['Height as read, right', 'right'],
] as const;

const readFields = (named: Named): CarcassField[] =>
  READ.map(([label, at]) => ({
    group: groupOf(named),
    label,
    path: [...named.path, 'read', at],
    input: 'length or none',
  }));
