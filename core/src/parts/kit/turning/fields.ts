import type { Field } from '../../../card/field';
import type { PathStep } from '../../../item/path';
import { HELP_HARDWARE, springsEach } from './help';
import { MOST_SPRINGS, type Help, type HelpKind, type UsualHelp } from './schema';

/** What has help that is chosen on its card. */
interface HelpedPart {
  readonly help: Help;
}

const group = 'Help';
const KINDS = Object.keys({ none: true, ...HELP_HARDWARE }) as HelpKind[];
const kindOf = (word: string) => (word === 'nothing' ? 'none' : word) as HelpKind;
const COUNTS = ['1', '2', '3', '4', '5', '6'];
const SIDE_BY_SIDE = Array.from({ length: MOST_SPRINGS }, (_, i) => String(i + 1));

/**
 * What helps a hand, and where it is fixed.
 *
 * @param offers  whether there is a place where that kind helps a part
 */
export function helpFields<Part extends HelpedPart>(
  usual: UsualHelp,
  offers: (kind: HelpKind, part: Part) => boolean = () => true,
): Field<Part>[] {
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
        offers: (word, part) => offers(kindOf(word), part),
        word: ({ help }) => (help.kind === 'none' ? 'nothing' : help.kind),
        value: (word) => usual[kindOf(word)],
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
    {
      group,
      label: 'Side by side at each place',
      path: ['help', 'each'],
      input: {
        words: SIDE_BY_SIDE,
        word: ({ help }) => String(springsEach(help)),
        value: (word) => Number(word),
      },
      when: ({ help }) => help.kind === 'pull springs',
    },
    count('How many in its hinge line', 6, ({ help }) => help.kind !== 'none' && !('onLeaf' in help)),
    length('On the leaf, from the axis', ['onLeaf', 'along']),
    length('On the leaf, off its inside', ['onLeaf', 'in']),
    length('On the case, from the axis', ['onCase', 'along']),
    length('On the case, in from the leaf', ['onCase', 'in']),
  ];
}
