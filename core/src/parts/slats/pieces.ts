import { called } from '../../item/called';
import { lengthMark } from '../../length/lengthMark';
import { board } from '../../piece/board';
import type { Piece } from '../../piece/piece';
import { LEVEL_SIDES } from '../../piece/work';
import type { SumLine } from '../../sizing/sum';
import { span, type Bounds } from '../../solid/bounds';
import type { PartPieces } from '../contract/family';
import { BEHIND, type LaidSlats } from './lay';

export const slatsWords = ({ slats }: LaidSlats): string => `the ${called(slats.name)}`;

/** The comb that is drawn out with its rail and legs, one rigid link; the one that stays with what it lies on. */
export function slatsPieces(laid: LaidSlats): PartPieces {
  const { slats, staying, sliding } = laid;
  const words = slatsWords(laid);
  return {
    moving: [
      {
        key: slats.id,
        item: slats.id,
        words,
        pieces: [
          ...sliding.map((at, i) => slat(laid, at, 'sliding', i)),
          railPiece(laid),
          ...laid.legs.map((at, i) => leg(laid, at, i)),
        ],
      },
    ],
    still: [
      {
        key: `${slats.id}/staying`,
        item: slats.id,
        words: `the staying comb of ${words}`,
        pieces: [
          ...staying.map((at, i) => slat(laid, at, 'staying', i)),
          ...laid.bearers.map((at, i) => bearer(laid, at, i)),
        ],
      },
    ],
    onGround: [],
  };
}

const line = (words: string, mm: number): SumLine[] => (mm !== 0 ? [{ words, mm }] : []);

function slat(laid: LaidSlats, at: Bounds, of: 'sliding' | 'staying', i: number): Piece {
  const { slats, frame, place, wide, across } = laid;
  const { count, clearance, layers } = slats;
  const key = `${slats.id}/${of}`;
  const many = 2 * count - 1;
  const gaps = 2 * (count - 1);
  const whole = span(across);
  const sawn = slats.combs === 'from one board';
  return board(frame, {
    key: `${key}-${i + 1}`,
    item: slats.id,
    role: 'board',
    name: `${slats.name}, ${of} slat`,
    told: { key, words: `a ${of} slat of ${slatsWords(laid)}` },
    at,
    way: ['y', 'x'],
    length: [
      { words: 'carcass depth', mm: place.carcass.depth.mm },
      ...(of === 'sliding' ? [...line('over the rail', -at.y[0]), ...line('off the back', -BEHIND)] : []),
      ...line(
        'what curves in behind it',
        at.y[1] + (of === 'sliding' ? BEHIND : 0) - place.carcass.depth.mm,
      ),
    ],
    width: [
      { words: 'across all', mm: whole },
      { words: sawn ? 'kerfs' : 'clearances', mm: -gaps * clearance.mm, times: [gaps, clearance.mm] },
      { words: `the other ${many - 1} slats`, mm: -(many - 1) * wide, times: [many - 1, wide] },
    ],
    thick: [
      { words: layers > 1 ? `${layers} boards` : 'as the board', mm: span(at.z) },
    ],
    material: slats.material,
    sides: LEVEL_SIDES,
    notes: [
      sawn
        ? `Sawn from one board ${lengthMark(whole)} across: mark it, saw each line once, and every clearance is the kerf of ${lengthMark(clearance.mm)}, a curve included.`
        : `Set out over all from one end: the next of the same comb begins ${lengthMark(laid.pitch)} on.`,
    ],
  });
} // prettier-ignore

function railPiece(laid: LaidSlats): Piece {
  const { slats, frame, rail } = laid;
  const key = `${slats.id}/rail`;
  return board(frame, {
    key,
    item: slats.id,
    role: 'rail',
    name: `${slats.name}, front rail`,
    told: { key, words: `the front rail of ${slatsWords(laid)}` },
    at: rail,
    way: ['x', 'z'],
    length: acrossSum(laid),
    width: [{ words: 'as chosen', mm: slats.rail.deep.mm }],
    thick: [{ words: 'as the board', mm: span(rail.y) }],
    material: slats.rail.material,
  });
}

const acrossSum = ({ slats: { over }, place: { carcass } }: LaidSlats): SumLine[] => [
  { words: 'carcass width', mm: carcass.width.mm },
  ...line('over the left', over.left.mm),
  ...line('over the right', over.right.mm),
];

function leg(laid: LaidSlats, at: Bounds, i: number): Piece {
  const { slats, frame, place } = laid;
  const key = `${slats.id}/legs`;
  return board(frame, {
    key: `${key}-${i + 1}`,
    item: slats.id,
    role: 'leg',
    name: `${slats.name}, leg`,
    told: { key, words: `a leg of ${slatsWords(laid)}` },
    at,
    way: ['z', 'x'],
    length: [
      {
        words: 'carcass top above the floor',
        mm: place.carcass.z.mm - place.floor.high + place.carcass.height.mm,
      },
      { words: 'the rail', mm: -slats.rail.deep.mm },
    ],
    width: [{ words: 'as chosen', mm: span(at.x) }],
    thick: [{ words: 'as the board', mm: span(at.y) }],
    material: slats.rail.material,
    notes: ['Its foot gets felt or a glide: it is drawn over the floor.'],
  });
}

function bearer(laid: LaidSlats, at: Bounds, i: number): Piece {
  const { slats, frame, place } = laid;
  const key = `${slats.id}/bearer`;
  const clear = place.built.layout.openings.get(place.carcass.bay.id)!.width;
  return board(frame, {
    key: `${key}-${i + 1}`,
    item: slats.id,
    role: 'rail',
    name: `${slats.name}, bearer`,
    told: { key, words: `a bearer of ${slatsWords(laid)}` },
    at,
    way: ['x', 'z'],
    length: clear.lines,
    width: [{ words: 'as the front rail', mm: slats.rail.deep.mm }],
    thick: [{ words: 'as the board', mm: span(at.y) }],
    material: slats.rail.material,
  });
}
