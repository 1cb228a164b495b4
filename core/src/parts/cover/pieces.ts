import { called } from '../../item/called';
import { lengthMark } from '../../length/lengthMark';
import { board } from '../../piece/board';
import { plain } from '../../piece/plain';
import { LEVEL_SIDES } from '../../piece/work';
import type { PartPieces } from '../contract/family';
import type { LaidCover } from './lay';

export const coverWords = ({ cover }: LaidCover): string => `the ${called(cover.name)}`;

/** The board, and the screw it turns on. */
export function coverPieces(laid: LaidCover): PartPieces {
  const { cover, frame, thick, board: at, place } = laid;
  const words = coverWords(laid);
  const level = cover.mount.on === 'top';
  const item = place.hardware.named(cover.pin.hardware)!;
  const off = cover.off.mm > 0 ? `, with a block ${lengthMark(cover.off.mm)} thick under it` : '';
  return {
    moving: [
      {
        key: cover.id,
        item: cover.id,
        words,
        pieces: [
          board(frame, {
            key: `${cover.id}/board`,
            item: cover.id,
            role: 'leaf',
            name: cover.name,
            told: { key: `${cover.id}/board`, words },
            at,
            way: level ? ['x', '-y'] : ['x', 'z'],
            length: [{ words: 'as chosen', mm: cover.wide.mm }],
            width: [{ words: 'as chosen', mm: cover.high.mm }],
            thick: [{ words: 'as the board', mm: thick }],
            material: cover.material,
            ...(level && { sides: LEVEL_SIDES }),
            notes: [
              `Its screw ${lengthMark(cover.pin.in.mm)} from its left and ${lengthMark(cover.pin.up.mm)} from its ${level ? 'front' : 'foot'}: bored through with no play, a spring washer under its head${off}.`,
            ],
          }),
        ],
      },
    ],
    still: [
      {
        key: `${cover.id}/screw`,
        item: cover.id,
        words: `the screw of ${words}`,
        pieces: [
          plain(frame, {
            key: `${cover.id}/screw`,
            item: cover.id,
            role: 'pin',
            is: 'bought',
            name: item.name,
            told: { key: `${cover.id}/screw`, words: `the screw of ${words}` },
            hardware: { id: cover.pin.hardware, share: 1 },
          }),
        ],
      },
    ],
    onGround: [],
  };
}
