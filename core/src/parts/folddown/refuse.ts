import type { Issue } from '../../item/issue';
import { FIXING_KINDS } from '../../hardware/schema';
import { lengthMark } from '../../length/lengthMark';
import type { GroundPlace } from '../contract/family';
import { firstTrouble, missingMaterials, refuse } from '../kit/issues';
import { SIDE, type LaidFoldDown } from './lay';
import type { FoldDown } from './schema';

const isFixing = (kind: string) => (FIXING_KINDS as readonly string[]).includes(kind);

export const missingOfFoldDown = (
  { material, cleat, props, hinge, fixing }: FoldDown,
  { stock, hardware }: GroundPlace,
): Issue[] =>
  firstTrouble([
    () =>
      missingMaterials(
        [
          [['material'], material],
          [['cleat', 'material'], cleat.material],
          [['props', 'material'], props.material],
        ],
        stock,
      ),
    () =>
      hardware.find(hinge.hardware, 'continuous hinge')
        ? []
        : refuse(['hinge', 'hardware'], `There is no continuous hinge “${hinge.hardware}”.`),
    () =>
      isFixing(hardware.named(fixing.hardware)?.kind ?? '')
        ? []
        : refuse(['fixing', 'hardware'], `There is no fixing “${fixing.hardware}”.`),
  ]);

/** Between two props, and beyond the last, mm. */
const BESIDE = 10;

export function refuseFoldDown(laid: LaidFoldDown): Issue[] {
  const { leaf, place, thick, cleatThick, propThick, propLong } = laid;
  const { props, strip } = leaf;
  const up = place.at.z.mm - place.floor.high;
  return firstTrouble([
    () =>
      up - thick - leaf.deep.mm < 0
        ? refuse(['deep'], `Hanging, it would reach the floor. At most ${lengthMark(Math.max(0, up - thick), 'most')} deep will do.`)
        : [],
    () => {
      const least = props.kind === 'legs' ? Math.max(cleatThick, propThick) : cleatThick + propThick;
      return strip.mm < least
        ? refuse(['strip'], `What folds behind the leaf is ${lengthMark(least)} thick. A strip of at least ${lengthMark(least, 'least')} will do.`)
        : [];
    },
    () => {
      const each = leaf.wide.mm / props.count;
      if (props.kind === 'brackets') {
        const most = Math.min(0.75 * each - BESIDE, leaf.strip.mm + leaf.deep.mm - cleatThick);
        return props.out.mm > most
          ? refuse(['props', 'out'], `Folded, brackets lie beside each other behind the leaf, and out they end under it. At most ${lengthMark(Math.max(0, most), 'most')} out will do.`)
          : [];
      }
      if (props.kind === 'struts' && props.wide.mm > each - BESIDE)
        return refuse(['props', 'wide'], `So wide they do not stand beside each other. At most ${lengthMark(Math.max(0, each - BESIDE), 'most')} will do.`);
      if (props.kind === 'struts') {
        if (props.out.mm > leaf.deep.mm)
          return refuse(['props', 'out'], `They end under the leaf: at most ${lengthMark(leaf.deep.mm)} out will do.`);
        if (props.down.mm > leaf.cleat.high.mm)
          return refuse(['props', 'down'], `They are hinged on the cleat: at most ${lengthMark(leaf.cleat.high.mm)} down will do, or a higher cleat.`);
        const room = up - thick - props.down.mm;
        return propLong > room
          ? refuse(['props', 'out'], `Hanging, they are ${lengthMark(propLong)} long and would reach the floor. Less far out will do.`)
          : [];
      }
      const wants = props.in.mm + props.count * (props.wide.mm + BESIDE);
      if (wants > leaf.deep.mm)
        return refuse(['props', 'in'], `They fold beside each other under the leaf, and want ${lengthMark(wants, 'least')} of it. A deeper leaf or narrower legs will do.`);
      const room = leaf.wide.mm - 2 * SIDE;
      return propLong > room
        ? refuse(['props'], `They are ${lengthMark(propLong)} long, and fold along ${lengthMark(room, 'most')} of leaf. A leaf at least ${lengthMark(propLong + 2 * SIDE, 'least')} wide will do, or brackets.`)
        : [];
    },
  ]);
} // prettier-ignore
