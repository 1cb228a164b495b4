import { exactly } from '../../balance/interval';
import { handForce, weightForce, type Force } from '../../balance/force';
import { GRAVITY, weighAll } from '../../piece/mass';
import type { Mover } from '../../scene/scene';
import { span } from '../../solid/bounds';
import type { Balance } from '../contract/balance';
import type { Acting, PartPieces } from '../contract/family';
import { balanceOf, hingeRow, LID_HAND } from '../kit/turning/balance';
import { hingePlaces } from '../kit/turning/hinge';
import { pointAt } from '../kit/turning/plane';
import { weightsOf } from '../kit/weights';
import type { LaidFlap } from './lay';
import { flapLinks, flapWords } from './pieces';

/** What of it weighs, and what is put on it as a desk. */
export function flapForces(laid: LaidFlap, pieces: PartPieces, movers: readonly Mover[]): Acting[] {
  const { flap, frame, grip, leaves, place } = laid;
  const weights = weightsOf(pieces, movers, place.stock);
  const load = flap.way.kind === 'drop front' ? (flap.way.desk ?? 0) : 0;
  if (load === 0) return weights;
  const on = leaves[0]!;
  return [
    ...weights,
    {
      link: on.key,
      force: handForce(
        `${flap.id}.desk`,
        'what lies on its front edge',
        frame.toSpace(grip),
        [0, 0, -1],
        exactly(load * GRAVITY),
        on.motion,
      ),
    },
  ];
}

/** Its leaves and arms, with what helps them and holds them. */
export function flapBalances(laid: LaidFlap): Balance[] {
  const { flap, place, plane, frame, leaves, hinge, opens, thick } = laid;
  const links = flapLinks(laid);
  const weights = links.flatMap(({ link, motion }): Force[] => {
    const weight = weighAll(link.pieces, place.stock);
    return weight.kg > 0 ? [weightForce(`${link.key}.weight`, link.words, weight, motion)] : [];
  });
  const taken = leaves[leaves.length - 1]!;
  const { x, z } = leaves[0]!.at;
  const { density } = place.stock.material(flap.material);
  const { inside } = laid.opening;
  // On arms and folded double it is held at more than one axis: its hinges are not judged as one row.
  const alone = flap.way.kind !== 'parallel arms' && flap.way.kind !== 'double fold';
  return [
    balanceOf(
      {
        key: flap.id,
        words: flapWords(laid, { of: '' }),
        plane,
        motion: taken.motion,
        help: flap.help,
        helpX: laid.helpX,
        stay: flap.stay,
        closer: flap.closer,
        latch: flap.latch,
        links: links.map(({ link, motion }) => ({ pieces: link.pieces, motion })),
        weights,
        comfortable: LID_HAND,
        grip: frame.toSpace(laid.grip),
        reach: span(z),
        opens,
        ...(hinge &&
          alone && {
            hinges: hingeRow(
              hinge,
              'its hinge',
              hingePlaces(hinge, span(x)),
              (along) => pointAt(plane, x[0] + along, [0, 0]),
              { deep: 2 * thick, density },
            ),
          }),
        side: {
          thick: place.stock.thickness(place.carcass.sheet),
          high: inside.top - inside.bottom,
          wide: inside.back - inside.front,
          material: place.stock.material(place.carcass.sheet),
        },
      },
      place.hardware,
      place.stock,
    ),
  ];
}
