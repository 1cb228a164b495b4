import { called } from '../../item/called';
import { lengthMark } from '../../length/lengthMark';
import { board } from '../../piece/board';
import type { Piece } from '../../piece/piece';
import { LEVEL_SIDES } from '../../piece/work';
import type { SumLine } from '../../sizing/sum';
import { span } from '../../solid/bounds';
import { stripFlaps } from './hinges';
import type { LaidLid } from './lay';
import { sumLine, topSums } from './sums';

/** What of a ledge is under the leaf, under the gap, and under the margin: as much as its carcass leaves. */
const ledgeSum = (beneath: number, gap: number, whole: number): SumLine[] => [
  { words: 'under the leaf', mm: beneath },
  { words: 'gap', mm: gap },
  ...sumLine('under the margin', whole - beneath - gap),
];

const MARGIN_WORDS = {
  left: 'left margin',
  right: 'right margin',
  front: 'front margin',
  back: 'back strip',
};

/** Margins with the ledges under them, and the front that closes the carcass. */
export function stillPieces(laid: LaidLid): Piece[] {
  const { lid, frame, margins, ledges, front, place } = laid;
  const of = called(lid.name);
  const sums = topSums(laid);
  const across: SumLine[] = [
    ...sums.length,
    ...sumLine('left margin', -lid.margins.left.mm),
    ...sumLine('right margin', -lid.margins.right.mm),
  ];
  return [
    ...margins.flatMap(({ edge, at }) => {
      const words = MARGIN_WORDS[edge];
      const key = `${lid.id}/margin-${edge}`;
      const sideways = edge === 'left' || edge === 'right';
      const each = span(at.z) / lid.layers;
      return Array.from({ length: lid.layers }, (_, i) =>
        board(frame, {
          key: i === 0 ? key : `${key}-${i + 1}`,
          item: lid.id,
          role: 'margin',
          name: `${lid.name}, ${words}`,
          told: { key, words: `the ${words} of the ${of}` },
          at: { ...at, z: [at.z[1] - (i + 1) * each, at.z[1] - i * each] },
          // Sawn from one board, their grain runs as the leaf's does.
          way: ['x', '-y'],
          length: sideways ? [{ words: 'as chosen', mm: span(at.x) }] : across,
          width: sideways ? sums.width : [{ words: 'as chosen', mm: span(at.y) }],
          thick: [{ words: 'as the board', mm: each }],
          material: lid.material,
          sides: LEVEL_SIDES,
          works: edge === 'back' && i === 0 ? stripFlaps(laid, at) : [],
        }),
      );
    }),
    ...ledges.map(({ edge, at }) => {
      const along = edge !== 'front';
      const key = `${lid.id}/ledge-${edge}`;
      const beneath = lid.ledge.bears.mm;
      return board(frame, {
        key,
        item: lid.id,
        role: 'ledge',
        name: `${lid.name}, ledge`,
        told: { key, words: `a ledge of the ${of}` },
        at,
        way: along ? ['y', '-x'] : ['x', '-y'],
        length: [
          {
            words: along ? 'from the front to the hinge' : 'between the side ledges',
            mm: span(along ? at.y : at.x),
          },
        ],
        width: ledgeSum(beneath, lid.gap.mm, span(along ? at.x : at.y)),
        thick: [{ words: 'as chosen', mm: span(at.z) }],
        material: place.carcass.sheet,
        notes: [`Glued and screwed under the margin; the leaf lies on ${lengthMark(beneath)} of it.`],
      });
    }),
    ...(front && lid.front
      ? [
          board(frame, {
            key: `${lid.id}/front`,
            item: lid.id,
            role: 'front',
            name: `${lid.name}, fixed front`,
            told: { key: `${lid.id}/front`, words: `the front under the ${of}` },
            at: front,
            way: ['x', '-z'],
            length: [{ words: 'between the sides', mm: span(front.x) }],
            width: [{ words: 'from the bottom to the head', mm: span(front.z) }],
            thick: [{ words: 'as the board', mm: span(front.y) }],
            material: lid.front.material,
          }),
        ]
      : []),
  ];
}
