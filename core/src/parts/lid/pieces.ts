import { called } from '../../item/called';
import { lengthMark } from '../../length/lengthMark';
import type { GroundWork } from '../../carcass/build';
import { board, type WorkIn } from '../../piece/board';
import { sideTowards } from '../../piece/lie';
import { LEVEL_SIDES } from '../../piece/work';
import { plain } from '../../piece/plain';
import type { Link, Piece } from '../../piece/piece';
import type { SumLine } from '../../sizing/sum';
import { middleOf, span, type Bounds, type Range } from '../../solid/bounds';
import type { PartPieces } from '../contract/family';
import { hingePlaces, levelHingeItem } from '../kit/turning/hinge';
import { betweenLinks, boughtPieces, stayCount, type MovingLink, type Owner } from '../kit/turning/pieces';
import { caseBrackets, leafBrackets, type Bracketed } from '../kit/turning/works';
import { acrossX } from '../../mechanism/leafOnStruts';
import { roundAbout } from '../kit/roundAbout';
import type { LaidLid, LidLeaf } from './lay';
import { hasFooting, wideOf } from './lay';

/** A pull with its screws, kg. Common practice, no single source. */
const PULL_KG = 0.15;
const PULL_HIGH = 14;

export const leafWords = (laid: LaidLid, { of }: LidLeaf): string =>
  of === '' ? `the ${called(laid.lid.name)}` : `the ${of} leaf of the ${called(laid.lid.name)}`;

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

const side = (words: string, mm: number): SumLine[] => (mm !== 0 ? [{ words, mm }] : []);

/** Lengths of the whole top, which every piece of it is sawn from. */
export const topSums = ({ lid, place: { carcass } }: LaidLid) => ({
  length: [
    { words: 'carcass width', mm: carcass.width.mm },
    ...side('over the left', lid.over.left.mm),
    ...side('over the right', lid.over.right.mm),
  ],
  width: [
    { words: 'carcass depth', mm: carcass.depth.mm },
    ...side('over the front', lid.over.front.mm),
    ...side('over the back', lid.over.back.mm),
  ],
});

/** A margin taken off with the gap beside it. */
const without = ({ lid }: LaidLid, edge: keyof LaidLid['lid']['margins'], words: string): SumLine[] => {
  const { mm } = lid.margins[edge];
  if (mm === 0) return [];
  return [{ words, mm: -mm }, ...side(lid.sawn === 'apart' ? 'gap' : 'kerf', -lid.gap.mm)];
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
          ...side(lid.sawn === 'apart' ? 'gap between them' : 'kerf between them', -lid.gap.mm),
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

function hingeWorks(laid: LaidLid, leaf: LidLeaf): WorkIn[] {
  const { lid, place } = laid;
  const item = levelHingeItem(lid.hinge, place.hardware);
  if (!item) return [];
  const deep = lid.hinge.mortise === 'none' ? 0 : item.thick;
  const back = leaf.at.y[1];
  const z = flapRange(laid, leaf.at.z, item.wide);
  return hingeRuns(laid, leaf).map((x, i) => ({
    key: `hinge-${i + 1}`,
    kind: deep > 0 ? 'mortise' : 'footprint',
    side: 'left',
    at: { x, y: [back - deep, back], z },
    from: ['start'],
    words: 'the hinge',
  }));
}

/** Where its hinges are along the axis: one all along, or each of several. */
function hingeRuns({ lid, place }: LaidLid, leaf: LidLeaf): readonly Range[] {
  const item = levelHingeItem(lid.hinge, place.hardware);
  if (!item) return [];
  if (item.kind === 'continuous hinge') return [leaf.at.x];
  return hingePlaces(lid.hinge, wideOf(leaf)).map((at): Range => [
    leaf.at.x[0] + at - item.high / 2,
    leaf.at.x[0] + at + item.high / 2,
  ]);
}

/** The other flap of a hinge as it lies on the back strip, let into it or not. */
function stripFlaps(laid: LaidLid, strip: Bounds): WorkIn[] {
  const { lid, place } = laid;
  const item = levelHingeItem(lid.hinge, place.hardware);
  if (!item) return [];
  const deep = lid.hinge.mortise === 'both' ? item.thick : 0;
  return laid.leaves.flatMap((leaf) =>
    hingeRuns(laid, leaf).map((x, i): WorkIn => ({
      key: `${leaf.of === '' ? '' : `${leaf.of}-`}hinge-${i + 1}`,
      kind: deep > 0 ? 'mortise' : 'footprint',
      side: 'right',
      at: { x, y: [strip.y[0], strip.y[0] + deep], z: flapRange(laid, strip.z, item.wide) },
      from: ['start'],
      words: 'the hinge',
      mate: { piece: `${leaf.key}/leaf`, work: `${leaf.key}/leaf#hinge-${i + 1}` },
    })),
  );
}

/** The same on the carcass, where no strip is behind the leaf: on its back's outer face, or on the edge of that which the leaf ends over. */
function caseFlaps(laid: LaidLid, leaf: LidLeaf): GroundWork[] {
  const { lid, place, top } = laid;
  const back = place.built.boards.find(({ key }) => key === `${place.carcass.id}/back`);
  const item = levelHingeItem(lid.hinge, place.hardware);
  if (!item || !back || !hasFooting(laid) || lid.margins.back.mm > 0) return [];
  const deep = lid.hinge.mortise === 'both' ? item.thick : 0;
  const outer = back.at.y[1];
  const overEdge = leaf.at.y[1] < outer - 1e-6;
  return hingeRuns(laid, leaf).map((x, i): GroundWork => ({
    into: back.key,
    work: {
      key: `${leaf.key}/hinge-${i + 1}`,
      kind: deep > 0 ? 'mortise' : 'footprint',
      side: sideTowards(back.way, overEdge ? 'z' : 'y'),
      at: overEdge
        ? { x, y: [leaf.at.y[1], Math.min(outer, leaf.at.y[1] + item.wide)], z: [top.z[0] - deep, top.z[0]] }
        : { x, y: [outer - deep, outer], z: [top.z[0] - item.wide, top.z[0]] },
      words: `the hinge of ${leafWords(laid, leaf)}`,
      mate: { piece: `${leaf.key}/leaf`, work: `${leaf.key}/leaf#hinge-${i + 1}` },
    },
  }));
}

/** A flap lies on the edge from the face its knuckle is at. */
const flapRange = ({ lid }: LaidLid, z: Range, wide: number): Range =>
  lid.hinge.knuckle === 'beneath' ? [z[0], Math.min(z[1], z[0] + wide)] : [Math.max(z[0], z[1] - wide), z[1]];

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

function knucklesOf(laid: LaidLid, leaf: LidLeaf): Piece[] {
  const { lid, place, plane, frame } = laid;
  const item = levelHingeItem(lid.hinge, place.hardware);
  if (!item) return [];
  const [y, z] = plane.axis;
  const runs = hingeRuns(laid, leaf);
  const told = { key: `${leaf.key}/knuckles`, words: `a hinge knuckle of ${leafWords(laid, leaf)}` };
  return runs.map((x, i) =>
    plain(frame, {
      key: `${leaf.key}/hinge-${i + 1}`,
      item: lid.id,
      role: 'hinge',
      is: 'bought',
      name: item.name,
      told,
      solids: lid.hinge.knuckle === 'above' ? [levelRound(laid, y, z, item.knuckle / 2, x)] : [],
      round: true,
      hardware: { id: item.id, share: 1 },
    }),
  );
}

/** A round bar along the carcass's x. */
function levelRound({ frame }: LaidLid, y: number, z: number, radius: number, x: Range) {
  const outline = roundAbout(0, 0, radius);
  return acrossX(
    frame,
    x,
    outline.map(([u, w]) => [y + u, z + w] as const),
  );
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
  const { stay, closer, latch } = lid;
  return boughtPieces(
    lid.help,
    [
      ...(stay ? [{ role: 'stay' as const, id: stay.hardware, count: stayCount(stay), key: 'stay' }] : []),
      ...(closer ? [{ role: 'stay' as const, id: closer.hardware, count: closer.count, key: 'closer' }] : []),
      ...(latch ? [{ role: 'latch' as const, id: latch.hardware, count: 1, key: 'latch' }] : []),
    ],
    place.hardware,
    frame,
    owner,
  );
}

/** What of a ledge is under the leaf, under the gap, and under the margin: as much as its carcass leaves. */
const ledgeSum = (beneath: number, gap: number, whole: number): SumLine[] => [
  { words: 'under the leaf', mm: beneath },
  { words: 'gap', mm: gap },
  ...side('under the margin', whole - beneath - gap),
];

const MARGIN_WORDS = {
  left: 'left margin',
  right: 'right margin',
  front: 'front margin',
  back: 'back strip',
};

function stillPieces(laid: LaidLid): Piece[] {
  const { lid, frame, margins, ledges, front, place } = laid;
  const of = called(lid.name);
  const sums = topSums(laid);
  const across: SumLine[] = [
    ...sums.length,
    ...side('left margin', -lid.margins.left.mm),
    ...side('right margin', -lid.margins.right.mm),
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
