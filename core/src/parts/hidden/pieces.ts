import { board } from '../../piece/board';
import type { Link, Piece } from '../../piece/piece';
import { plain } from '../../piece/plain';
import { span, type Bounds, type Range } from '../../solid/bounds';
import type { Point2 } from '../../solid/prism';
import type { PartPieces } from '../contract/family';
import { casePieces } from './caseBoards';
import { headAt, type HungLeaf, type LaidHidden } from './lay';
import { isTapered, wholeHigh } from './planSolids';
import { highSum, leafWords, line, ownWords, roundNotes, taperNotes, wideSum } from './sums';

/** Each leaf with all that hangs on it; a case on a door that is there stands still on that, which carries it. */
export function hiddenPieces(laid: LaidHidden): PartPieces {
  const links = laid.leaves.map((leaf) => leafLink(laid, leaf));
  return laid.hidden.hung.kind === 'door'
    ? { moving: [], still: links, onGround: [] }
    : { moving: links, still: [], onGround: [] };
}

function leafLink(laid: LaidHidden, leaf: HungLeaf): Link {
  const { hidden } = laid;
  const { body } = hidden;
  return {
    key: leaf.key,
    item: hidden.id,
    words: leafWords(laid, leaf),
    pieces: [
      ...(body.kind === 'case' ? casePieces(laid, leaf, body) : [slabPiece(laid, leaf)]),
      ...facingPieces(laid, leaf),
      ...boughtPieces(laid, leaf),
    ],
  };
}

function slabPiece(laid: LaidHidden, leaf: HungLeaf): Piece {
  const { hidden, deep, frame } = laid;
  const { body } = hidden;
  const layers = body.kind === 'leaf' ? body.layers : 1;
  const at: Bounds = { x: leaf.x, y: leaf.y, z: leaf.z };
  const { outline } = leaf;
  return board(frame, {
    key: `${leaf.key}/leaf`,
    item: hidden.id,
    role: 'leaf',
    name: `${hidden.name}${ownWords(leaf)}`,
    told: { key: `${leaf.key}/leaf`, words: leafWords(laid, leaf) },
    at,
    way: ['z', 'x'],
    length: highSum(laid),
    width: wideSum(laid),
    thick: [{ words: layers > 1 ? `${layers} boards glued` : 'as the board', mm: deep }],
    material: body.material,
    ...((leaf.cut || isTapered(laid)) && { solids: wholeHigh(laid, leaf, outline), slanted: true as const }),
    notes: [...roundNotes(laid, leaf), ...taperNotes(laid, leaf)],
  });
}

/** On the flat of its front. */
function facingPieces(laid: LaidHidden, leaf: HungLeaf): Piece[] {
  const { hidden, facingThick, frame, away } = laid;
  if (hidden.facing === null) return [];
  const cut = !away && leaf.cut ? leaf.cut.along : 0;
  const u: Range = [cut, leaf.wide - (leaf.cut?.both ? cut : 0)];
  const x: Range = leaf.side === 'left' ? [leaf.x[0] + u[0], leaf.x[0] + u[1]] : [leaf.x[1] - u[1], leaf.x[1] - u[0]]; // prettier-ignore
  const high = Math.max(headAt(laid, leaf, u[0]), headAt(laid, leaf, u[1]));
  const key = `${leaf.key}/facing`;
  const y: Range = [leaf.y[0] - facingThick, leaf.y[0]];
  const outline: Point2[] =
    leaf.side === 'left'
      ? [[x[0], leaf.z[0]], [x[1], leaf.z[0]], [x[1], headAt(laid, leaf, u[1])], [x[0], headAt(laid, leaf, u[0])]]
      : [[x[0], leaf.z[0]], [x[1], leaf.z[0]], [x[1], headAt(laid, leaf, u[0])], [x[0], headAt(laid, leaf, u[1])]];
  return [
    board(frame, {
      key,
      item: hidden.id,
      role: 'panel',
      name: `${hidden.name}${ownWords(leaf)}, facing`,
      told: { key, words: `the facing of ${leafWords(laid, leaf)}` },
      at: { x, y, z: [leaf.z[0], high] },
      way: ['z', 'x'],
      length: [...highSum(laid), ...line('slope of its head', high - leaf.z[1])],
      width: [...wideSum(laid), ...line('what is cut off its corner', span(x) - leaf.wide)],
      thick: [{ words: 'as the board', mm: facingThick }],
      material: hidden.facing,
      ...(isTapered(laid) && { solids: [frame.frontal(outline, ...y)], slanted: true as const }),
      notes: taperNotes(laid, leaf),
    }),
  ];
} // prettier-ignore

/** Pivots, butts, hangers, castors, brackets and its latch. */
function boughtPieces(laid: LaidHidden, leaf: HungLeaf): Piece[] {
  const { hidden, frame, place } = laid;
  const { hung, latch, leaves } = hidden;
  const bought = (role: Piece['role'], id: string, count: number, words: string): Piece[] => {
    const item = place.hardware.named(id);
    return item
      ? Array.from({ length: count }, (_, i) => {
          const key = `${leaf.key}/${role}-${i + 1}`;
          return plain(frame, {
            key,
            item: hidden.id,
            role,
            is: 'bought',
            name: item.name,
            told: { key: `${leaf.key}/${role}`, words: `${words} of ${leafWords(laid, leaf)}` },
            hardware: { id, share: 1 },
          });
        })
      : [];
  };
  return [
    ...(hung.kind === 'pivots' ? bought('hinge', hung.hardware, 1, 'the pivots') : []),
    ...(hung.kind === 'butts' ? bought('hinge', hung.hardware, hung.count, 'a hinge') : []),
    ...(hung.kind === 'castors' ? bought('guide', hung.hardware, hung.count, 'a castor') : []),
    ...(hung.kind === 'door' ? bought('cleat', hung.brackets.hardware, hung.brackets.count, 'a bracket') : []),
    ...(latch.hardware !== null && (leaves === 'one' || leaf.own === 'right')
      ? bought('latch', latch.hardware, 1, 'the latch')
      : []),
  ];
} // prettier-ignore
