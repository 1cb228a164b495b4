import { leaningIn } from '../../item/frame';
import { board } from '../../piece/board';
import { plain } from '../../piece/plain';
import type { MovingLink } from '../kit/turning/pieces';
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

/** A bar beside either leg, on its own pin in the cabinet. */
export function barLinks(laid: LaidBed): MovingLink[] {
  const { bed, frame, bars } = laid;
  return bars.slice(0, 1).map(({ motion }): MovingLink => {
    const key = `${bed.id}/bars`;
    const words = `a leg’s bar of ${bedWords(laid)}`;
    return {
      link: {
        key,
        item: bed.id,
        words,
        pieces: bars.map(({ x, pins: [from, to] }, i) => {
          const [dy, dz] = [to[0] - from[0], to[1] - from[1]];
          const long = Math.hypot(dy, dz);
          const along = leaningIn(frame, [0, ...from], [0, dy / long, dz / long], [0, -dz / long, dy / long]);
          const half = BAR_WIDE / 2;
          return plain(along, {
            key: `${key}-${i + 1}`,
            item: bed.id,
            role: 'arm',
            is: 'bought',
            name: `Flat bar for a leg, ${Math.round(long)} mm from pin to pin`,
            told: { key, words },
            at: [{ x: [-half, long + half], y: [-x[1], -x[0]], z: [-half, half] }],
          });
        }),
      },
      motion,
    };
  });
}
