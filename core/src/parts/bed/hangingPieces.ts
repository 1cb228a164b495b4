import { leaningIn } from '../../item/frame';
import { board } from '../../piece/board';
import { plain } from '../../piece/plain';
import type { MovingLink } from '../kit/turning/pieces';
import { middleOf, span } from '../../solid/bounds';
import { BAR_WIDE, bedWords, type LaidBed } from './lay';

/** Each leg a board; those that are swung out are one link on their own way. */
export function legLinks(laid: LaidBed): MovingLink[] {
  const { bed, frame, legs, legLong, rail } = laid;
  if (bed.legs.kind === 'none' || legs.length === 0) return [];
  const { wide, kind } = bed.legs;
  const key = `${bed.id}/legs`;
  const words = `a leg of ${bedWords(laid)}`;
  return [
    {
      link: {
        key,
        item: bed.id,
        words,
        pieces: legs.map(({ at }, i) =>
          board(frame, {
            key: `${key}-${i + 1}`,
            item: bed.id,
            role: 'leg',
            name: `${bed.name}, leg`,
            told: { key, words },
            at,
            way: kind === 'fixed' ? ['y', 'x'] : ['z', 'x'],
            length: [{ words: 'from its underside to the floor, down', mm: legLong }],
            width: [{ words: 'as chosen', mm: wide.mm }],
            thick: [{ words: 'as the board', mm: rail }],
            material: bed.frame.material,
          }),
        ),
      },
      motion: legs[0]!.motion,
    },
  ];
}

const BARS = {
  legs: { key: 'bars', words: 'a leg’s bar', name: 'Flat bar for a leg' },
  desk: { key: 'desk-bars', words: 'a bar of the desk', name: 'Flat bar for the desk' },
} as const;

/** A bar beside either leg and either plate of a desk, each on its own pin in the cabinet. */
export function barLinks(laid: LaidBed): MovingLink[] {
  const { bed, frame } = laid;
  return (['legs', 'desk'] as const).flatMap((of): MovingLink[] => {
    const bars = laid.bars.filter((bar) => bar.of === of);
    if (bars.length === 0) return [];
    const { motion } = bars[0]!;
    const { name } = BARS[of];
    const key = `${bed.id}/${BARS[of].key}`;
    const words = `${BARS[of].words} of ${bedWords(laid)}`;
    return [
      {
        link: {
          key,
          item: bed.id,
          words,
          pieces: bars.map(({ x, pins: [from, to] }, i) => {
            const [dy, dz] = [to[0] - from[0], to[1] - from[1]];
            const long = Math.hypot(dy, dz);
            const along = leaningIn(
              frame,
              [0, ...from],
              [0, dy / long, dz / long],
              [0, -dz / long, dy / long],
            );
            const half = BAR_WIDE / 2;
            return plain(along, {
              key: `${key}-${i + 1}`,
              item: bed.id,
              role: 'arm',
              is: 'bought',
              name: `${name}, ${Math.round(long)} mm from pin to pin`,
              told: { key, words },
              at: [{ x: [-half, long + half], y: [-x[1], -x[0]], z: [-half, half] }],
            });
          }),
        },
        motion,
      },
    ];
  });
}

/** What stays on a desk stands in its middle, so high above it, mm. */
const STAYS = 60;

/** A desk's top, and a plate at either end that it hangs by, with what stays on it. */
export function deskLinks(laid: LaidBed): MovingLink[] {
  const { bed, frame, desk: at } = laid;
  const { desk } = bed;
  if (!desk || !at) return [];
  const key = `${bed.id}/desk`;
  const words = `the desk of ${bedWords(laid)}`;
  const thick = [{ words: 'as the board', mm: span(at.top.z) }];
  const one = { item: bed.id, told: { key, words }, thick, material: desk.material } as const;
  return [
    {
      link: {
        key,
        item: bed.id,
        words,
        pieces: [
          board(frame, {
            ...one,
            key: `${key}-top`,
            role: 'top',
            name: `${bed.name}, desk`,
            at: at.top,
            way: ['x', 'y'],
            length: [{ words: 'as wide as the rails', mm: span(at.top.x) }],
            width: [{ words: 'as chosen', mm: desk.deep.mm }],
          }),
          ...at.plates.map((plate, i) =>
            board(frame, {
              ...one,
              key: `${key}-plate-${i + 1}`,
              role: 'side',
              name: `${bed.name}, desk plate`,
              at: plate,
              way: ['z', 'y'],
              length: [{ words: 'under its hinge', mm: desk.room.mm }],
              width: [{ words: 'as usual', mm: span(plate.y) }],
            }),
          ),
          ...(desk.kg > 0
            ? [
                plain(frame, {
                  key: `${key}-load`,
                  item: bed.id,
                  role: 'cushion',
                  is: 'content',
                  name: 'What stays on the desk',
                  told: { key, words },
                  mass: {
                    kg: desk.kg,
                    centre: frame.toSpace([middleOf(at.top.x), middleOf(at.top.y), at.top.z[1] + STAYS]),
                  },
                }),
              ]
            : []),
        ],
      },
      motion: at.motion,
    },
  ];
}
