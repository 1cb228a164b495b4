import type { Field } from '../../../card/field';
import type { PathStep } from '../../../item/path';
import { HELP_HARDWARE } from './help';
import type { Help, HelpKind } from './schema';

/** What has help that is chosen on its card. */
interface HelpedPart {
  readonly help: Help;
}

const group = 'Help';
const KINDS = Object.keys({ none: true, ...HELP_HARDWARE }) as HelpKind[];
const COUNTS = ['1', '2', '3', '4', '5', '6'];

/** What helps a hand, and where it is fixed. */
export function helpFields<Part extends HelpedPart>(usual: {
  readonly [Kind in HelpKind]: Extract<Help, { kind: Kind }>;
}): Field<Part>[] {
  const between = ({ help }: Part) => 'onLeaf' in help;
  const length = (label: string, path: readonly PathStep[]): Field<Part> => ({
    group,
    label,
    path: ['help', ...path],
    input: 'length',
    when: between,
  });
  const count = (label: string, most: number, when: (part: Part) => boolean): Field<Part> => ({
    group,
    label,
    path: ['help', 'count'],
    input: {
      words: COUNTS.slice(0, most),
      word: ({ help }) => ('count' in help ? String(help.count) : '1'),
      value: (word) => Number(word),
    },
    when,
  });
  return [
    {
      group,
      label: 'Helped by',
      path: ['help'],
      input: {
        words: KINDS.map((kind) => (kind === 'none' ? 'nothing' : kind)),
        word: ({ help }) => (help.kind === 'none' ? 'nothing' : help.kind),
        value: (word) => usual[(word === 'nothing' ? 'none' : word) as HelpKind],
      },
    },
    {
      group,
      label: 'Which',
      path: ['help', 'hardware'],
      input: {
        pick: 'hardware',
        kinds: ({ help }) => (help.kind === 'none' ? [] : [HELP_HARDWARE[help.kind]]),
      },
      when: ({ help }) => help.kind !== 'none',
    },
    count('How many', 2, between),
    count('How many in its hinge line', 6, ({ help }) => help.kind !== 'none' && !('onLeaf' in help)),
    length('On the leaf, from the axis', ['onLeaf', 'along']),
    length('On the leaf, off its inside', ['onLeaf', 'in']),
    length('On the case, from the axis', ['onCase', 'along']),
    length('On the case, in from the leaf', ['onCase', 'in']),
  ];
}
