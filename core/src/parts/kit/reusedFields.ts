import { wordChoice, type Field } from '../../card/field';
import type { PathStep } from '../../item/path';
import { OLD_HOLES, type ReusedBoard } from './reused';

const MOST_HOLES = 8;
const HOLE = { x: { mm: 30 }, z: { mm: 100 }, wide: { mm: 35 }, deep: { mm: 12.5 } };
const LOCK = { x: { mm: 30 }, z: { mm: 300 }, wide: { mm: 40 }, deep: { mm: 15 } };

/** Where an old piece stands in its item, and how it is found there: null where there is none. */
interface Where<Item> {
  readonly group: string;
  readonly path: readonly PathStep[];
  of(item: Item): ReusedBoard | null;
}

/** The fields of an old piece that stands at a path of its item; `of` finds it, null where there is none. */
export function reusedFields<Item>(
  group: string,
  path: readonly PathStep[],
  of: (item: Item) => ReusedBoard | null,
): (item: Item) => Field<Item>[] {
  const where: Where<Item> = { group, path, of };
  const length = lengthIn(where);
  return (item) => {
    const old = of(item);
    if (!old) return [];
    return [
      length('Width, as measured', 'width'),
      length('Height, as measured', 'height'),
      length('Thickness, as measured', 'thickness'),
      {
        group,
        label: 'It is turned',
        path: [...path, 'turned'],
        input: wordChoice([...path, 'turned'], ['as it was', 'left for right', 'upside down']),
      },
      {
        group,
        label: 'Its holes are',
        path: [...path, 'becomes'],
        input: wordChoice([...path, 'becomes'], OLD_HOLES),
      },
      ...holeFields(where, old),
      ...lockFields(where, old),
    ];
  };
}

const lengthIn =
  <Item>({ group, path, of }: Where<Item>) =>
  (label: string, ...steps: PathStep[]): Field<Item> => ({
    group,
    label,
    path: [...path, ...steps],
    input: 'length',
    when: (item) => of(item) !== null,
  });

function holeFields<Item>(where: Where<Item>, old: ReusedBoard): Field<Item>[] {
  const { group, path, of } = where;
  const length = lengthIn(where);
  return [
    {
      group,
      label: 'Old holes',
      path: [...path, 'holes'],
      input: {
        words: Array.from({ length: MOST_HOLES + 1 }, (_, i) => String(i)),
        word: (one) => String(of(one)!.holes.length),
        value: (word, one) => Array.from({ length: Number(word) }, (_, i) => of(one)!.holes[i] ?? HOLE),
      },
    },
    ...old.holes.flatMap((_, i) => [
      length(`Hole ${i + 1}, from its left`, 'holes', i, 'x'),
      length(`Hole ${i + 1}, from its foot`, 'holes', i, 'z'),
      length(`Hole ${i + 1}, wide`, 'holes', i, 'wide'),
      length(`Hole ${i + 1}, deep`, 'holes', i, 'deep'),
    ]),
  ];
}

function lockFields<Item>(where: Where<Item>, old: ReusedBoard): Field<Item>[] {
  const { group, path, of } = where;
  const length = lengthIn(where);
  return [
    {
      group,
      label: 'Lock',
      path: [...path, 'lock'],
      input: {
        words: ['none', 'there'],
        word: (one) => (of(one)!.lock ? 'there' : 'none'),
        value: (word) => (word === 'there' ? LOCK : null),
      },
    },
    ...(old.lock
      ? [
          length('Lock, from its left', 'lock', 'x'),
          length('Lock, from its foot', 'lock', 'z'),
          length('Lock, wide', 'lock', 'wide'),
        ]
      : []),
  ];
}
