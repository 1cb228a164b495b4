import { LEVEL_SIDES } from '../../piece/work';
import { called } from '../../item/called';
import { lengthMark } from '../../length/lengthMark';
import { board } from '../../piece/board';
import type { Piece } from '../../piece/piece';
import { span } from '../../solid/bounds';
import { frameOf } from '../../item/frame';
import type { SumLine } from '../../sizing/sum';
import type { PartPieces } from '../contract/family';
import type { LaidTop } from './lay';

const side = (words: string, mm: number): SumLine[] => (mm !== 0 ? [{ words, mm }] : []);

/** The board and the two cleats under it, one rigid link. */
export function topPieces(laid: LaidTop): PartPieces {
  const { top } = laid;
  const pieces = [topBoard(laid), cleat(laid, 0), cleat(laid, 1)];
  return {
    moving: [{ key: top.id, item: top.id, words: `the ${called(top.name)}`, pieces }],
    still: [],
    onGround: [],
  };
}

function topBoard({ top, place, board: at, strips }: LaidTop): Piece {
  const { carcass } = place;
  const { over } = top;
  return board(frameOf(carcass), {
    key: `${top.id}/board`,
    item: top.id,
    role: 'top',
    name: top.name,
    told: { key: `${top.id}/board`, words: `the ${called(top.name)}` },
    at,
    way: ['x', '-y'],
    length: [
      { words: 'carcass width', mm: carcass.width.mm },
      ...side('over the left', over.left.mm),
      ...side('over the right', over.right.mm),
    ],
    width: [
      { words: 'carcass depth', mm: carcass.depth.mm },
      ...side('over the front', over.front.mm),
      ...side('over the back', over.back.mm),
    ],
    thick: [{ words: 'as the board', mm: span(at.z) }],
    material: top.material,
    sides: LEVEL_SIDES,
    works: strips.map(({ x, y }, i) => ({
      key: `cleat-${i + 1}`,
      kind: 'footprint',
      side: 'back',
      at: { x, y, z: [at.z[0], at.z[0]] },
      words: 'a cleat',
    })),
  });
}

function cleat({ top, place, strips, along }: LaidTop, which: 0 | 1): Piece {
  const { carcass } = place;
  const { cleats, travel } = top;
  const key = `${top.id}/cleats`;
  const clear = span(along ? strips[0].x : strips[0].y) + 2 * cleats.play.mm + travel.mm;
  return board(frameOf(carcass), {
    key: `${key}-${which + 1}`,
    item: top.id,
    role: 'cleat',
    name: `${top.name}, cleat`,
    told: { key, words: `a cleat of the ${called(top.name)}` },
    at: strips[which],
    way: along ? ['x', '-y'] : ['y', 'x'],
    length: [
      { words: along ? 'inside width' : 'inside depth', mm: clear },
      { words: 'ended short to slide', mm: -travel.mm },
      { words: 'free at the ends', mm: -2 * cleats.play.mm, times: [2, cleats.play.mm] },
    ],
    width: [{ words: 'as chosen', mm: cleats.wide.mm }],
    thick: [{ words: 'as chosen', mm: cleats.thick.mm }],
    material: carcass.sheet,
    notes: [
      `Under the top along its way, ${lengthMark(cleats.play.mm)} off the walls; they end ${lengthMark(travel.mm)} short at the end it goes to, and stop it there.`,
    ],
  });
}
