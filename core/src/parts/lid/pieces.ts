import { called } from '../../item/called';
import { lengthMark } from '../../length/lengthMark';
import { board, type WorkIn } from '../../piece/board';
import type { Link, Piece } from '../../piece/piece';
import { plain } from '../../piece/plain';
import { LEVEL_SIDES } from '../../piece/work';
import type { SumLine } from '../../sizing/sum';
import { middleOf, span, type Bounds, type Range } from '../../solid/bounds';
import type { PartPieces } from '../contract/family';
import { betweenLinks, boughtPieces, heldBy, type MovingLink, type Owner } from '../kit/turning/pieces';
import { caseBrackets, leafBrackets, type Bracketed } from '../kit/turning/works';
import { caseFlaps, hingeWorks, knucklesOf } from './hinges';
import { leafWords, type LaidLid, type LidLeaf } from './lay';
import { stillPieces } from './still';
import { sumLine, topSums } from './sums';

/** A pull with its screws, kg. Common practice, no single source. */
const PULL_KG = 0.15;
const PULL_HIGH = 14;

/** Links of a leaf that go their own way: struts and springs. */
export const helpLinks = (laid: LaidLid, leaf: LidLeaf): MovingLink[] =>
  betweenLinks(laid.lid.help, laid.plane, leaf.helpX, laid.place.hardware, ownerOf(laid, leaf));

const ownerOf = (laid: LaidLid, leaf: LidLeaf): Owner => ({
  item: laid.lid.id,
  key: leaf.key,
  words: leafWords(laid, leaf),
});

/** Each leaf with its cushion and pull, and what helps it; the margins, their ledges and the front that stay. */
export function lidPieces(laid: LaidLid): PartPieces {
  const moving = laid.leaves.flatMap((leaf) => [
    leafLink(laid, leaf),
    ...helpLinks(laid, leaf).map(({ link }) => link),
  ]);
  const stays = stillPieces(laid);
  return {
    moving,
    still:
      stays.length > 0
        ? [
            {
              key: `${laid.lid.id}/margins`,
              item: laid.lid.id,
              words: `the margins of the ${called(laid.lid.name)}`,
              pieces: stays,
            },
          ]
        : [],
    onGround: laid.leaves.flatMap((leaf) => [
      ...caseBrackets(bracketedOf(laid, leaf), laid.place.hardware),
      ...caseFlaps(laid, leaf),
    ]),
  };
}

/** A leaf with what stands on brackets between it and its case. */
export const bracketedOf = (laid: LaidLid, leaf: LidLeaf): Bracketed => ({
  key: leaf.key,
  words: leafWords(laid, leaf),
  plane: laid.plane,
  help: laid.lid.help,
  helpX: leaf.helpX,
  stay: laid.lid.stay,
  stayX: leaf.stayX,
  built: laid.place.built,
  opening: laid,
  thick: laid.thick,
});

function leafLink(laid: LaidLid, leaf: LidLeaf): Link {
  const owner = ownerOf(laid, leaf);
  return {
    key: leaf.key,
    item: laid.lid.id,
    words: owner.words,
    pieces: [
      ...leafBoards(laid, leaf),
      ...cushionOf(laid, leaf),
      ...pullOf(laid, leaf),
      ...knucklesOf(laid, leaf),
      ...carriedOf(laid, leaf),
      ...fittingsOf(laid, owner),
    ],
  };
}

/** A margin taken off with the gap beside it. */
const without = ({ lid }: LaidLid, edge: keyof LaidLid['lid']['margins'], words: string): SumLine[] => {
  const { mm } = lid.margins[edge];
  if (mm === 0) return [];
  return [{ words, mm: -mm }, ...sumLine(lid.sawn === 'apart' ? 'gap' : 'kerf', -lid.gap.mm)];
};

function leafBoards(laid: LaidLid, leaf: LidLeaf): Piece[] {
  const { lid, thick, place } = laid;
  const sums = topSums(laid);
  const across: SumLine[] = [
    ...sums.length,
    ...without(laid, 'left', 'left margin'),
    ...without(laid, 'right', 'right margin'),
  ];
  const whole = across.reduce((sum, { mm }) => sum + mm, 0);
  const length: SumLine[] =
    lid.leaves === 'two'
      ? [
          ...across,
          ...sumLine(lid.sawn === 'apart' ? 'gap between them' : 'kerf between them', -lid.gap.mm),
          { words: 'half of that', mm: -(whole - lid.gap.mm) / 2, halves: true },
        ]
      : across;
  const each = thick / lid.layers;
  return Array.from({ length: lid.layers }, (_, i): Piece => {
    const z: Range = [leaf.at.z[1] - (i + 1) * each, leaf.at.z[1] - i * each];
    const key = `${leaf.key}/leaf${i === 0 ? '' : `-${i + 1}`}`;
    return board(laid.frame, {
      key,
      item: lid.id,
      role: 'leaf',
      name: `${lid.name}${leaf.of === '' ? '' : `, ${leaf.of}`}${i === 0 ? '' : ', under layer'}`,
      told: { key: `${leaf.key}/leaf`, words: leafWords(laid, leaf) },
      at: { ...leaf.at, z },
      way: ['x', '-y'],
      length,
      width: [
        ...sums.width,
        ...without(laid, 'front', 'front margin'),
        ...without(laid, 'back', 'back strip'),
      ],
      thick: [{ words: 'as the board', mm: each }],
      material: lid.material,
      sides: LEVEL_SIDES,
      works: [
        ...(i === 0 ? [...hingeWorks(laid, leaf), ...notchWorks(laid, leaf)] : []),
        // Brackets are on the layer that is met from within.
        ...(i === lid.layers - 1
          ? leafBrackets({ ...bracketedOf(laid, leaf), thick: each }, place.hardware)
          : []),
      ],
      notes: leafNotes(laid, leaf, i),
    });
  });
}

function leafNotes({ lid, top, place }: LaidLid, leaf: LidLeaf, layer: number): string[] {
  if (layer > 0) return ['Glue it under the leaf before the hinge is let in, and trim both as one.'];
  const alone = leaf.of === '' && Object.values(lid.margins).every(({ mm }) => mm === 0);
  return [
    ...(lid.sawn === 'from one board' && !alone
      ? [
          `Sawn with its margins from one board ${lengthMark(span(top.x))} by ${lengthMark(span(top.y))}: every gap is one kerf, ${lengthMark(lid.gap.mm)}. Mark the face across all of them first, so that the grain runs on.`,
        ]
      : []),
    ...screwing(lid, place.hardware.named(lid.hinge.hardware)?.name ?? 'hinge'),
  ];
}

/** In what order a hinge is screwed. Common practice. */
function screwing({ hinge, margins }: LaidLid['lid'], name: string): string[] {
  const still = margins.back.mm > 0 ? 'the back strip' : 'the carcass';
  return [
    `${name}: screw it to the leaf first, since that is easiest to turn over, with two screws; then two into ${still}. Let it down once and look at the gaps before the rest go in.`,
    ...(hinge.knuckle === 'beneath'
      ? ['Its knuckle is beneath: the flaps are countersunk from that side, or turned about.']
      : []),
  ];
}

function notchWorks({ lid }: LaidLid, { at }: LidLeaf): WorkIn[] {
  if (lid.grip.kind !== 'notch') return [];
  const middle = middleOf(at.x);
  const { wide, deep } = lid.grip;
  return [
    {
      key: 'notch',
      kind: 'notch',
      side: 'right',
      at: { x: [middle - wide.mm / 2, middle + wide.mm / 2], y: [at.y[0], at.y[0] + deep.mm], z: at.z },
      words: 'fingers',
    },
  ];
}

function cushionOf(laid: LaidLid, leaf: LidLeaf): Piece[] {
  const { cushion, id } = laid.lid;
  if (cushion?.rides !== 'along') return [];
  const at = cushionAt(laid, leaf)!;
  const key = `${leaf.key}/cushion`;
  return [
    plain(laid.frame, {
      key,
      item: id,
      role: 'cushion',
      is: 'content',
      name: 'Cushion',
      told: { key, words: `the cushion of ${leafWords(laid, leaf)}` },
      at: [at],
      mass: { kg: cushion.kg / laid.leaves.length, centre: centreIn(laid, at) },
    }),
  ];
}

export function cushionAt({ lid }: LaidLid, { at }: LidLeaf): Bounds | undefined {
  const { cushion } = lid;
  if (!cushion) return undefined;
  return {
    x: at.x,
    y: [at.y[0], at.y[1] - cushion.setBack.mm],
    z: [at.z[1], at.z[1] + cushion.thick.mm],
  };
}

const centreIn = ({ frame }: LaidLid, { x, y, z }: Bounds) =>
  frame.toSpace([middleOf(x), middleOf(y), middleOf(z)]);

/** A pull stands out from the front edge of its leaf. */
function pullOf(laid: LaidLid, leaf: LidLeaf): Piece[] {
  const { grip, id } = laid.lid;
  if (grip.kind !== 'pull') return [];
  const middle = middleOf(leaf.at.x);
  const up = middleOf(leaf.at.z);
  const at: Bounds = {
    x: [middle - grip.wide.mm / 2, middle + grip.wide.mm / 2],
    y: [leaf.at.y[0] - grip.projection.mm, leaf.at.y[0]],
    z: [up - PULL_HIGH / 2, up + PULL_HIGH / 2],
  };
  const key = `${leaf.key}/pull`;
  return [
    plain(laid.frame, {
      key,
      item: id,
      role: 'pull',
      is: 'bought',
      name: 'Pull',
      told: { key, words: `the pull of ${leafWords(laid, leaf)}` },
      at: [at],
      mass: { kg: PULL_KG, centre: centreIn(laid, at) },
    }),
  ];
}

/** What is fixed to its inside or lies on it: weighed in its middle. */
function carriedOf(laid: LaidLid, leaf: LidLeaf): Piece[] {
  const { carries, id } = laid.lid;
  if (carries === 0) return [];
  const key = `${leaf.key}/carried`;
  const at = { ...leaf.at, z: [leaf.at.z[0], leaf.at.z[0]] as Range };
  return [
    plain(laid.frame, {
      key,
      item: id,
      role: 'load',
      is: 'content',
      name: 'What it carries',
      told: { key, words: `what ${leafWords(laid, leaf)} carries` },
      mass: { kg: carries / laid.leaves.length, centre: centreIn(laid, at) },
    }),
  ];
}

function fittingsOf(laid: LaidLid, owner: Owner): Piece[] {
  const { lid, place, frame } = laid;
  return boughtPieces(lid.help, heldBy(lid), place.hardware, frame, owner);
}
