import type { Issue } from '../../item/issue';
import { lengthMark } from '../../length/lengthMark';
import { span } from '../../solid/bounds';
import type { PartPlace } from '../contract/family';
import { firstTrouble, refuse } from '../kit/issues';
import { HELP_HARDWARE, stayItem, stayLong } from '../kit/turning/help';
import { levelHingeItem, levelHingeKind } from '../kit/turning/hinge';
import { fromAxis } from '../kit/turning/plane';
import type { LaidLid } from './lay';
import type { Lid } from './schema';

/** A leaf narrower than this nobody hinges, mm. Common practice. */
const LEAST_LEAF = 50;
const OPPOSITE = { left: 'right', right: 'left', front: 'back', back: 'front' } as const;

/** What a lid names and is not there. */
export function missingOfLid(lid: Lid, { stock, hardware }: PartPlace): Issue[] {
  const { hinge, help, stay, closer, latch } = lid;
  const material = (path: Issue['path'], id: string) =>
    stock.has(id) ? [] : refuse(path, `There is no material “${id}”.`);
  const named = (path: Issue['path'], id: string, there: boolean, what: string) =>
    there ? [] : refuse(path, `There is no ${what} “${id}”.`);
  return firstTrouble([
    () => material(['material'], lid.material),
    () => (lid.front ? material(['front', 'material'], lid.front.material) : []),
    () =>
      named(
        ['hinge', 'hardware'],
        hinge.hardware,
        levelHingeItem(hinge, hardware) !== undefined,
        levelHingeKind(hinge),
      ),
    () =>
      help.kind === 'none'
        ? []
        : named(
            ['help', 'hardware'],
            help.hardware,
            hardware.find(help.hardware, HELP_HARDWARE[help.kind]) !== undefined,
            HELP_HARDWARE[help.kind],
          ),
    () =>
      stay
        ? named(['stay', 'hardware'], stay.hardware, stayItem(stay.hardware, hardware) !== undefined, 'stay')
        : [],
    () =>
      closer
        ? named(
            ['closer', 'hardware'],
            closer.hardware,
            hardware.find(closer.hardware, 'soft closer') !== undefined,
            'soft closer',
          )
        : [],
    () =>
      latch
        ? named(['latch', 'hardware'], latch.hardware, hardware.named(latch.hardware) !== undefined, 'latch')
        : [],
  ]);
}

export function refuseLid(laid: LaidLid): Issue[] {
  return firstTrouble([
    () => topIssues(laid),
    () => leafIssues(laid),
    () => stayIssues(laid),
    () => strutIssues(laid),
  ]);
}

function topIssues({ place: { carcass } }: LaidLid): Issue[] {
  return carcass.top === 'none'
    ? []
    : refuse(['mount'], 'A lid wants a carcass without a top of its own: leave its top out first.');
}

function leafIssues({ lid, leaves, top }: LaidLid): Issue[] {
  const [leaf] = leaves;
  const short = (wide: number, edges: readonly ('left' | 'right' | 'front' | 'back')[], whole: number) => {
    if (wide >= LEAST_LEAF) return [];
    const [edge] = [...edges].sort((a, b) => lid.margins[b].mm - lid.margins[a].mm);
    const other = lid.margins[OPPOSITE[edge!]].mm;
    if (lid.margins[edge!].mm === 0)
      return refuse(
        ['over', edge!],
        `Nothing is left of the lid. At least ${lengthMark(LEAST_LEAF)} each way is wanted.`,
      );
    const gaps = (other > 0 ? 2 : 1) * lid.gap.mm + (lid.leaves === 'two' ? lid.gap.mm : 0);
    const most = whole - other - gaps - LEAST_LEAF * (lid.leaves === 'two' && edges[0] === 'left' ? 2 : 1);
    return refuse(
      ['margins', edge!],
      `The margins leave no leaf: ${lengthMark(Math.max(0, wide), 'most')} of it. At most ${lengthMark(Math.max(0, most), 'most')} at the ${edge!} will do.`,
    );
  };
  return firstTrouble([
    () => short(span(leaf!.at.x), ['left', 'right'], span(top.x)),
    () => short(span(leaf!.at.y), ['front', 'back'], span(top.y)),
    () => {
      const { grip } = lid;
      return grip.kind === 'notch' && grip.wide.mm >= span(leaf!.at.x)
        ? refuse(
            ['grip', 'wide'],
            `The notch is as wide as the leaf. Less than ${lengthMark(span(leaf!.at.x), 'most')} will do.`,
          )
        : [];
    },
    () => {
      const { cushion } = lid;
      return cushion && cushion.setBack.mm >= span(leaf!.at.y)
        ? refuse(
            ['cushion', 'setBack'],
            `Set back so far nothing is left of the cushion. Less than ${lengthMark(span(leaf!.at.y), 'most')} will do.`,
          )
        : [];
    },
  ]);
}

/** A stay that does not even reach with the lid shut. */
function stayIssues({ lid: { stay }, place, plane }: LaidLid): Issue[] {
  const item = stay && stayItem(stay.hardware, place.hardware);
  if (!stay || !item) return [];
  const shut = distance(fromAxis(plane, stay.onLeaf), fromAxis(plane, stay.onCase));
  const long = stayLong(item);
  return long > shut
    ? []
    : refuse(
        ['stay', 'hardware'],
        `The stay is too short: shut, its ends are ${lengthMark(shut, 'least')} apart, and it is ${lengthMark(long)} long. A longer one than ${lengthMark(shut, 'least')} will do, or ends nearer to each other.`,
      );
}

/** A strut that is longer pressed in than there is between its ends with the lid shut, or too short to be drawn in. */
function strutIssues({ lid: { help }, place, plane }: LaidLid): Issue[] {
  if (help.kind !== 'gas struts' && help.kind !== 'pull springs') return [];
  const shut = distance(fromAxis(plane, help.onLeaf), fromAxis(plane, help.onCase));
  if (help.kind === 'pull springs') return [];
  const item = place.hardware.find(help.hardware, 'gas strut')!;
  const pressed = item.extended - item.stroke;
  if (pressed > shut)
    return refuse(
      ['help', 'onCase', 'along'],
      `The strut is ${lengthMark(pressed)} long pressed in wholly, and shut there are ${lengthMark(shut, 'most')} between its ends: ${lengthMark(pressed - shut, 'least')} more will do, or a shorter strut.`,
    );
  if (item.extended <= shut)
    return refuse(
      ['help', 'onCase', 'along'],
      `The strut is ${lengthMark(item.extended)} long drawn out, and shut its ends are ${lengthMark(shut, 'least')} apart already: less than ${lengthMark(item.extended, 'most')} will do, or a longer strut.`,
    );
  return [];
}

const distance = (a: readonly [number, number], b: readonly [number, number]): number =>
  Math.hypot(a[0] - b[0], a[1] - b[1]);
