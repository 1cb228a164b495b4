import type { Issue } from '../../item/issue';
import { lengthMark } from '../../length/lengthMark';
import { span } from '../../solid/bounds';
import type { PartPlace } from '../contract/family';
import { firstTrouble, refuse } from '../kit/issues';
import { missingOfTurning, stayFaults, strutFaults } from '../kit/turning/refuse';
import type { LaidLid } from './lay';
import type { Lid } from './schema';

/** A leaf narrower than this nobody hinges, mm. Common practice. */
const LEAST_LEAF = 50;
const OPPOSITE = { left: 'right', right: 'left', front: 'back', back: 'front' } as const;

/** What a lid names and is not there. */
export function missingOfLid(lid: Lid, { stock, hardware }: PartPlace): Issue[] {
  const { hinge } = lid;
  const material = (path: Issue['path'], id: string) =>
    stock.has(id) ? [] : refuse(path, `There is no material “${id}”.`);
  return firstTrouble([
    () => material(['material'], lid.material),
    () => (lid.front ? material(['front', 'material'], lid.front.material) : []),
    () => missingOfTurning(lid, hinge, ['hinge'], hardware),
  ]);
}

export function refuseLid(laid: LaidLid): Issue[] {
  return firstTrouble([
    () => topIssues(laid),
    () => leafIssues(laid),
    () => stayFaults(laid.lid.stay, laid.plane, laid.place.hardware),
    () => strutFaults(laid.lid.help, laid.plane, laid.place.hardware),
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
