import { GRAVITY, weighAll } from '../../piece/mass';
import { LEANING_PERSON, PERSON, STANDING_PERSON } from '../../strength/usualLoads';
import type { LaidFoldDown } from './lay';
import type { FoldDown } from './schema';
import { foldDownLinks } from './pieces';

/** Who is on it where nobody said, kg: leant on, sat on, stood on. */
export const loadOf = ({ use, load }: Pick<FoldDown, 'use' | 'load'>): number =>
  load ?? { table: LEANING_PERSON, seat: PERSON, step: STANDING_PERSON }[use];

/** What a hand lifts at its far edge as it begins to rise to level, N: m g / 2 of the leaf, and what hangs under it where it does. */
export function handLifts(laid: LaidFoldDown): number {
  const { leaf, place, props } = laid;
  const links = foldDownLinks(laid).map(({ link }) => link);
  const kg = (of: typeof links) => weighAll(of.flatMap(({ pieces }) => pieces), place.stock).kg;
  const own = kg(links.slice(0, 1)) / 2;
  // Legs hang in it; brackets and struts on the cleat.
  if (leaf.props.kind !== 'legs') return GRAVITY * own;
  const middle = laid.board.z[1] - (props[0]!.at.z[0] + props[0]!.at.z[1]) / 2;
  return GRAVITY * (own + (kg(links.slice(1)) * middle) / leaf.deep.mm);
} // prettier-ignore

/** What its cleat is drawn off the wall with, and what it bears down with, N; with everything on its far edge. */
export interface WallLoad {
  readonly pull: number;
  readonly down: number;
}

/**
 * A load at the far edge turns the leaf about the foot of its brackets or struts, and the cleat holds it: P e / h. On legs the cleat only bears.
 *
 * @source moments about the foot of what props it
 */
export function wallLoad({ leaf, thick }: Pick<LaidFoldDown, 'leaf' | 'thick'>, kg: number): WallLoad {
  const weight = kg * GRAVITY;
  const far = leaf.strip.mm + leaf.deep.mm;
  const { props } = leaf;
  switch (props.kind) {
    // Beside the wall the cleat has all of it.
    case 'legs':
      return { pull: 0, down: weight };
    case 'brackets':
      return { pull: (weight * far) / (props.high.mm + thick / 2), down: weight };
    case 'struts':
      return { pull: (weight * far) / (props.down.mm + thick / 2), down: weight };
  }
}
