import { span } from '../../solid/bounds';
import type { Placing } from '../contract/placing';
import { OFF_LEAF, placingOf, rangeOf } from '../kit/turning/placing';
import { RADIANS, type LaidFlap } from './lay';

const EDGE = 30;
/** On an arm, and about its pivot, so far, mm. */
const ARM = { from: 30, to: 200 };

/** Behind the leaf and on the insides of the case; of a flap on arms, on an arm and about its pivot. */
export function flapPlacings(laid: LaidFlap): Placing[] {
  const { flap, plane, opening, whole, stops, leaves } = laid;
  const { inside } = opening;
  const to = Math.min(
    flap.limit * RADIANS,
    ...stops.filter(({ words }) => !words.includes('strut')).map(({ at }) => at),
  );
  const arms = flap.way.kind === 'parallel arms';
  const high = span((leaves[0] ?? { at: whole }).at.z);
  return [
    placingOf(plane, {
      mover: flap.id,
      to,
      corner: arms ? undefined : [0, plane.face],
      onLeaf: arms
        ? { along: [ARM.from, ARM.to], back: [0, 0] }
        : { along: rangeOf(EDGE, high - EDGE), back: [plane.face + OFF_LEAF, plane.face + OFF_LEAF] },
      onCase: arms
        ? { along: [-ARM.to / 2, ARM.to], back: [ARM.from, ARM.to] }
        : {
            along: rangeOf(-EDGE, inside.top - inside.bottom - EDGE),
            back: rangeOf(plane.face + EDGE, plane.face + (inside.back - inside.front) - EDGE),
          },
    }),
  ];
}
