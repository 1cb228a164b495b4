import type { Point3 } from '../../solid/prism';
import type { Hides } from '../contract/hides';
import type { LaidHidden } from './lay';
import { hiddenWords } from './sums';

/** Between a leaf that is there and its frame, mm. Common practice: what is to be closed is as much wider. */
const LEAF_GAP = 3;
/** Past its opening so much more of what is behind is looked at all round, mm. */
const ROUND = 300;
/** Short of the back of the wall by so much, so that it is what is in the opening that hides it, mm. */
const WITHIN = 0.5;

/** The far side of the opening it closes; of a case on a door that is there the joint about that. */
export function hiddenHides(laid: LaidHidden): readonly Hides[] {
  const { hidden, frame, place, host, leaves } = laid;
  const { opening } = hidden;
  const rectangle = (x0: number, x1: number, z0: number, z1: number, y: number): Point3[] =>
    [[x0, y, z0], [x1, y, z0], [x1, y, z1], [x0, y, z1]].map((at) => frame.toSpace(at as unknown as Point3));
  const words = `what is behind ${hiddenWords(laid)}`;
  if (host) {
    const [width, , height] = place.ground.size;
    const { mount } = hidden;
    const x0 = -mount.from.mm;
    const z0 = mount.on === 'mover' ? -mount.up.mm : 0;
    return [
      {
        key: hidden.id,
        words,
        corners: rectangle(x0 - LEAF_GAP, x0 + width + LEAF_GAP, z0, z0 + height + LEAF_GAP, host.thick - WITHIN),
        movers: [],
        frame,
        middle: x0 + width / 2,
      },
    ];
  }
  if (opening.is === 'none' || opening.deep.mm === 0 || hidden.shape.kind === 'leaning') return [];
  // Behind the wall, and behind its leaf where that reaches past it: there the joint opens onto more than the opening is wide.
  const back = Math.max(...leaves.map(({ y }) => y[1]));
  const past = back - opening.deep.mm + WITHIN;
  const beyond = past > 0;
  const y = beyond ? back + WITHIN : opening.deep.mm - WITHIN;
  const more = beyond ? ROUND + 2 * past : 0;
  return [
    {
      key: hidden.id,
      words,
      corners: rectangle(-more, opening.width.mm + more, 0, opening.height.mm + more, y),
      movers: leaves.map(({ key: leaf }) => leaf),
      frame,
      middle: opening.width.mm / 2,
    },
  ];
} // prettier-ignore
