import type { Placing } from '../contract/placing';
import { OFF_LEAF, placingOf, rangeOf } from '../kit/turning/placing';
import { RADIANS, type LaidLid } from './lay';

/** Brackets are wood and screws: so far from edges, from the bottom and from what a hand reaches, mm. Common practice. */
const EDGE = 30;
const BOTTOM = 25;

/** Under the leaf, and on the insides of the carcass. */
export function lidPlacings(laid: LaidLid): Placing[] {
  const { lid, plane, inside, long, front, leaves, stops, ledges } = laid;
  const { face, axis } = plane;
  const ledge = ledges.length > 0 ? lid.ledge.thick.mm : 0;
  const to = Math.min(
    lid.limit * RADIANS,
    ...stops.filter(({ words }) => !words.includes('strut')).map(({ at }) => at),
  );
  return leaves.map(({ key }) =>
    placingOf(plane, {
      mover: key,
      to,
      corner: [laid.from, face],
      onLeaf: { along: rangeOf(EDGE, long - EDGE), back: [face + OFF_LEAF, face + OFF_LEAF] },
      onCase: {
        along: rangeOf(
          axis[0] - inside.back + EDGE / 2,
          axis[0] - (front ? front.y[1] : inside.front) - EDGE / 2,
        ),
        back: rangeOf(face + ledge + EDGE / 2, face + (laid.top.z[0] - inside.bottom) - BOTTOM),
      },
    }),
  );
}
