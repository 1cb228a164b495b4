import { weightForce, type Force } from '../../balance/force';
import { weighAll } from '../../piece/mass';
import { span } from '../../solid/bounds';
import type { Mover } from '../../scene/scene';
import type { Balance } from '../contract/balance';
import type { Acting, PartPieces } from '../contract/family';
import type { Placing } from '../contract/placing';
import { balanceOf } from '../kit/turning/balance';
import { placingOf, rangeOf } from '../kit/turning/placing';
import { weightsOf } from '../kit/weights';
import { PERSON } from '../../strength/usualLoads';
import { bedWords, edgeOf, RADIANS, type LaidBed } from './lay';
import { bedLinks, mattressKey } from './pieces';

/** What a hand lifts a bed with, with ease, N. Common practice. */
export const BED_HAND = 100;

/** Other mattresses it may get. Common practice: foam against springs. */
const MATTRESSES = [
  { key: 'mattress-heavier', words: 'with a mattress half as heavy again', by: 1.5 },
  { key: 'mattress-lighter', words: 'with a mattress two thirds as heavy', by: 2 / 3 },
] as const;
/** Where a hand takes it as it goes, above the floor, mm. Common practice. */
const HEIGHTS = [
  { words: 'head height', mm: 1700 },
  { words: 'knee height', mm: 450 },
] as const;

/** All that weighs; and where its cabinet alone holds it, who sits on its edge pulls at that too. */
export function bedForces(laid: LaidBed, pieces: PartPieces, movers: readonly Mover[]): Acting[] {
  const weights = weightsOf(pieces, movers, laid.place.stock);
  if (laid.legs.length > 0) return weights;
  const link = pieces.moving[0]!.key;
  const sits = { kg: PERSON, centre: edgeOf(laid) };
  const force = weightForce(`${link}.person`, 'who sits on its edge', sits, laid.motion, 'person');
  return [...weights, { link, force }];
}

/** The bed, its mattress and its legs, with what helps them. */
export function bedBalances(laid: LaidBed): Balance[] {
  const { bed, place, plane, frame, motion } = laid;
  const links = bedLinks(laid);
  const weights = links.flatMap(({ link, motion: own }): Force[] => {
    const weight = weighAll(link.pieces, place.stock);
    return weight.kg > 0 ? [weightForce(`${link.key}.weight`, link.words, weight, own)] : [];
  });
  const { inside } = laid.opening;
  return [
    balanceOf(
      {
        key: bed.id,
        words: bedWords(laid),
        plane,
        motion,
        help: bed.help,
        helpX: laid.helpX,
        stay: bed.stay,
        closer: bed.closer,
        latch: bed.latch,
        links: links.map(({ link, motion: own }) => ({ pieces: link.pieces, motion: own })),
        weights,
        mayBeOff: { words: 'without its mattress', keys: [`${mattressKey(laid)}.weight`] },
        mayBe: MATTRESSES.map(({ key, words, by }) => ({
          key,
          words,
          times: new Map([[`${mattressKey(laid)}.weight`, by]]),
        })),
        heights: HEIGHTS.map((one) => ({ ...one, z: one.mm + place.floor.high })),
        grip: frame.toSpace(laid.grip),
        comfortable: BED_HAND,
        reach: laid.tray.z[1] - plane.axis[1],
        opens: 'down',
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

const EDGE = 40;
/** Farther from the axis no strut is long enough, mm. */
const REACH = 600;

/** Along the middle of the bed's rails, and on the insides of the cabinet, near the pivot. */
export function bedPlacings(laid: LaidBed): Placing[] {
  const { bed, plane, opening, tray, stops } = laid;
  const { inside } = opening;
  const to = Math.min(
    bed.limit * RADIANS,
    ...stops.filter(({ words }) => !words.includes('strut')).map(({ at }) => at),
  );
  const middle = plane.face + span(tray.y) / 2;
  const near = (from: number, until: number) => rangeOf(Math.max(-REACH, from), Math.min(REACH, until));
  return [
    placingOf(plane, {
      mover: bed.id,
      to,
      corner: undefined,
      onLeaf: {
        along: near(tray.z[0] + EDGE - plane.axis[1], tray.z[1] - EDGE - plane.axis[1]),
        back: rangeOf(middle, middle),
      },
      onCase: {
        along: near(inside.bottom + EDGE - plane.axis[1], inside.top - EDGE - plane.axis[1]),
        back: rangeOf(inside.front + EDGE - plane.axis[0], inside.back - EDGE - plane.axis[0]),
      },
    }),
  ];
}
