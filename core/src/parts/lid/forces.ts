import { weightForce } from '../../balance/force';
import { weighAll } from '../../piece/mass';
import type { Mover } from '../../scene/scene';
import { middleOf, span } from '../../solid/bounds';
import type { Balance } from '../contract/balance';
import type { Acting, PartPieces } from '../contract/family';
import { balanceOf, hingeRow, LID_HAND } from '../kit/turning/balance';
import { hingePlaces } from '../kit/turning/hinge';
import { pointAt, turnOf } from '../kit/turning/plane';
import { weightsOf } from '../kit/weights';
import { leafWords, type LaidLid, type LidLeaf } from './lay';

/** What of its leaves weighs. */
export const lidForces = (laid: LaidLid, pieces: PartPieces, movers: readonly Mover[]): Acting[] =>
  weightsOf(pieces, movers, laid.place.stock);

/** Each leaf with what lifts it, what it weighs, its cushion apart, and what holds it at its axis. */
export const lidBalances = (laid: LaidLid, { moving }: PartPieces): Balance[] =>
  laid.leaves.map((leaf) => {
    const { lid, place, plane, thick } = laid;
    const link = moving.find(({ key }) => key === leaf.key)!;
    const motion = turnOf(plane);
    const words = leafWords(laid, leaf);
    const soft = link.pieces.filter(({ role }) => role === 'cushion');
    const own = link.pieces.filter(({ role }) => role !== 'cushion');
    const cushion = `${leaf.key}.cushion`;
    const { density } = place.stock.material(lid.material);
    return balanceOf(
      {
        key: leaf.key,
        words,
        plane,
        motion,
        help: lid.help,
        helpX: leaf.helpX,
        stay: lid.stay,
        closer: lid.closer,
        latch: lid.latch,
        links: [{ pieces: link.pieces, motion }],
        weights: [
          weightForce(`${leaf.key}.weight`, words, weighAll(own, place.stock), motion),
          ...(soft.length > 0
            ? [weightForce(cushion, 'its cushion', weighAll(soft, place.stock), motion)]
            : []),
        ],
        ...(soft.length > 0 && { mayBeOff: { words: 'without its cushion', keys: [cushion] } }),
        comfortable: LID_HAND,
        grip: gripAt(laid, leaf),
        reach: laid.long,
        opens: 'up',
        side: {
          thick: place.stock.thickness(place.carcass.sheet),
          high: place.carcass.height.mm - laid.inside.bottom,
          wide: laid.inside.back - laid.inside.front,
          material: place.stock.material(place.carcass.sheet),
        },
        hinges: hingeRow(
          lid.hinge,
          'its hinge',
          hingePlaces(lid.hinge, span(leaf.at.x)),
          (x) => pointAt(plane, leaf.at.x[0] + x, [0, 0]),
          // Its screws go into the edge of the leaf.
          { deep: thick * EDGE_DEEP, density },
        ),
      },
      place.hardware,
      place.stock,
    );
  });

/** Into an edge a screw goes as deep as it is long. */
const EDGE_DEEP = 2;

/** In the middle of its front edge. */
function gripAt({ frame }: LaidLid, { at }: LidLeaf) {
  return frame.toSpace([middleOf(at.x), at.y[0], middleOf(at.z)]);
}
