import { called } from '../../item/called';
import type { Lever, Trouble } from '../../item/lever';
import { choiceLever, cost, lengthLever } from '../../item/leverOf';
import { lengthMark } from '../../length/lengthMark';
import { materialLevers } from '../../material/levers';
import type { PartPieces } from '../contract/family';
import { foldDownDoes } from './advice';
import type { LaidFoldDown } from './lay';

/** A leaf smaller than this is of no use, mm. */
const LEAST_USEFUL = 150;

/** What of a leaf that folds down may be changed: how far out and how wide it is, where it is, what holds it. */
export function foldDownLevers(laid: LaidFoldDown, _pieces: PartPieces, { about }: Trouble): Lever[] {
  const { leaf, place } = laid;
  if (about === 'strength')
    return [
      ...materialLevers(leaf, ['material'], place.stock.materials, `the ${called(leaf.name)}`, (one) =>
        foldDownDoes(laid, one),
      ),
      ...choiceLever(leaf, ['props', 'count'], Math.min(4, leaf.props.count + 1), {
        key: 'props',
        what: `its ${leaf.props.kind}`,
        cost: cost('one more of them', 6),
        words: 'prop it once more',
      }),
    ];
  if (about === 'fixing')
    return [
      ...choiceLever(leaf, ['fixing', 'hardware'], 'stud-screw-8', {
        key: 'fixing',
        what: 'what holds its cleat',
        cost: cost('stouter screws', 3),
        words: 'fix its cleat with coach screws',
      }),
      ...choiceLever(leaf, ['fixing', 'count'], Math.min(24, leaf.fixing.count + 4), {
        key: 'count',
        what: 'how many fixings hold it',
        cost: cost('four more', 4),
        words: 'give its cleat four fixings more',
      }),
    ];
  if (about !== undefined) return [];
  return [
    ...lengthLever(leaf, ['deep'], {
      key: 'deep',
      what: 'how far out it comes',
      to: Math.min(LEAST_USEFUL, leaf.deep.mm),
      cost: cost('a narrower leaf', 5, 0.3),
      words: (mm) => `let it come ${lengthMark(mm, 'most')} out`,
    }),
    ...lengthLever(leaf, ['wide'], {
      key: 'wide',
      what: 'how wide it is',
      to: Math.min(2 * LEAST_USEFUL, leaf.wide.mm),
      // What props it is spread over its width.
      moves: 1,
      cost: cost('a shorter leaf', 5, 0.3),
      words: (mm) => `make it ${lengthMark(mm, 'most')} wide`,
    }),
    ...[-1, 1].flatMap((sense) =>
      lengthLever(leaf, ['mount', 'from'], {
        key: `from.${sense}`,
        what: 'where it hangs',
        to: Math.max(0, leaf.mount.from.mm + sense * 300),
        cost: cost('it hangs elsewhere', 3, 0.1),
        words: (mm) => `hang it ${lengthMark(mm)} along the wall`,
      }),
    ),
  ];
} // prettier-ignore
