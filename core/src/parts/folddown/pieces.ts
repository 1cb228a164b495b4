import { called } from '../../item/called';
import { lengthMark } from '../../length/lengthMark';
import type { Motion } from '../../motion/motion';
import { board } from '../../piece/board';
import type { Link, Piece } from '../../piece/piece';
import { plain } from '../../piece/plain';
import { LEVEL_SIDES } from '../../piece/work';
import type { SumLine } from '../../sizing/sum';
import { span } from '../../solid/bounds';
import type { PartPieces } from '../contract/family';
import type { LaidFoldDown } from './lay';

export const foldDownWords = ({ leaf }: LaidFoldDown): string => `the ${called(leaf.name)}`;

/** What a prop of a kind is called. */
export const PROP_WORDS = { brackets: 'bracket', legs: 'leg', struts: 'strut' } as const;

/** The leaf, and each thing that props it; the strip and the cleat on the wall. */
export const foldDownLinks = (laid: LaidFoldDown): { readonly link: Link; readonly motion: Motion }[] => [
  { link: leafLink(laid), motion: laid.motion },
  ...laid.props.map(({ motion }, i) => ({ link: propLink(laid, i), motion })),
];

export function foldDownPieces(laid: LaidFoldDown): PartPieces {
  const { leaf } = laid;
  return {
    moving: foldDownLinks(laid).map(({ link }) => link),
    still: [
      {
        key: `${leaf.id}/wall`,
        item: leaf.id,
        words: `what ${foldDownWords(laid)} hangs on`,
        pieces: [stripPiece(laid), cleatPiece(laid), ...fixings(laid)],
      },
    ],
    onGround: [],
  };
}

const chosen = (mm: number): SumLine[] => [{ words: 'as chosen', mm }];

function leafLink(laid: LaidFoldDown): Link {
  const { leaf, frame, board: at, thick, place } = laid;
  const words = foldDownWords(laid);
  const item = place.hardware.find(leaf.hinge.hardware, 'continuous hinge');
  const key = `${leaf.id}/hinge`;
  return {
    key: leaf.id,
    item: leaf.id,
    words,
    pieces: [
      board(frame, {
        key: `${leaf.id}/leaf`,
        item: leaf.id,
        role: 'leaf',
        name: leaf.name,
        told: { key: `${leaf.id}/leaf`, words },
        at,
        way: ['x', 'z'],
        length: chosen(leaf.wide.mm),
        width: chosen(leaf.deep.mm),
        thick: [{ words: 'as the board', mm: thick }],
        material: leaf.material,
        sides: LEVEL_SIDES,
        notes: ['Sawn with its strip from one board, so that the grain runs on.'],
      }),
      ...(item
        ? [
            plain(frame, {
              key,
              item: leaf.id,
              role: 'hinge' as const,
              is: 'bought' as const,
              name: item.name,
              told: { key, words: `the hinge of ${words}` },
              hardware: { id: leaf.hinge.hardware, length: leaf.wide.mm, share: 1 },
            }),
          ]
        : []),
    ],
  };
}

function propLink(laid: LaidFoldDown, i: number): Link {
  const { leaf, frame, props, propThick, propLong } = laid;
  const { at } = props[i]!;
  const one = PROP_WORDS[leaf.props.kind];
  const key = `${leaf.id}/prop-${i + 1}`;
  const words = `a ${one} of ${foldDownWords(laid)}`;
  const bracket = leaf.props.kind === 'brackets';
  return {
    key,
    item: leaf.id,
    words,
    pieces: [
      board(frame, {
        key: `${key}/board`,
        item: leaf.id,
        role: bracket ? 'panel' : 'leg',
        name: `${leaf.name}, ${one}`,
        told: { key: `${leaf.id}/prop`, words },
        at,
        way: leaf.props.kind === 'struts' ? ['z', 'x'] : ['x', 'z'],
        length: bracket
          ? chosen(span(at.x))
          : [{ words: leaf.props.kind === 'legs' ? 'from its underside to the floor' : 'from its underside to the cleat’s foot', mm: propLong }],
        width: chosen(leaf.props.kind === 'struts' ? span(at.x) : span(at.z)),
        thick: [{ words: 'as the board', mm: propThick }],
        material: leaf.props.material,
      }),
    ],
  };
} // prettier-ignore

function stripPiece(laid: LaidFoldDown): Piece {
  const { leaf, frame, strip: at, thick } = laid;
  const key = `${leaf.id}/strip`;
  return board(frame, {
    key,
    item: leaf.id,
    role: 'margin',
    name: `${leaf.name}, strip`,
    told: { key, words: `the strip of ${foldDownWords(laid)}` },
    at,
    way: ['x', '-y'],
    length: chosen(leaf.wide.mm),
    width: chosen(leaf.strip.mm),
    thick: [{ words: 'as the board', mm: thick }],
    material: leaf.material,
    sides: LEVEL_SIDES,
  });
}

function cleatPiece(laid: LaidFoldDown): Piece {
  const { leaf, frame, cleat: at, cleatThick } = laid;
  const key = `${leaf.id}/cleat`;
  return board(frame, {
    key,
    item: leaf.id,
    role: 'cleat',
    name: `${leaf.name}, cleat`,
    told: { key, words: `the cleat of ${foldDownWords(laid)}` },
    at,
    way: ['x', 'z'],
    length: chosen(leaf.wide.mm),
    width: chosen(leaf.cleat.high.mm),
    thick: [{ words: 'as the board', mm: cleatThick }],
    material: leaf.cleat.material,
    notes: [
      `Its upper edge ${lengthMark(laid.place.at.z.mm - laid.place.floor.high - laid.thick)} above the floor, level; fixed into studs or masonry, not into the lining.`,
    ],
  });
}

function fixings({ leaf, frame, place }: LaidFoldDown): Piece[] {
  const item = place.hardware.named(leaf.fixing.hardware);
  if (!item) return [];
  return Array.from({ length: leaf.fixing.count }, (_, i) => {
    const key = `${leaf.id}/fixing-${i + 1}`;
    return plain(frame, {
      key,
      item: leaf.id,
      role: 'pin',
      is: 'bought',
      name: item.name,
      told: { key: `${leaf.id}/fixing`, words: `a fixing of the ${called(leaf.name)}` },
      hardware: { id: leaf.fixing.hardware, share: 1 },
    });
  });
}
