import { called } from '../../item/called';
import { lengthMark } from '../../length/lengthMark';
import type { Motion } from '../../motion/motion';
import { board, type WorkIn } from '../../piece/board';
import type { Link, Piece } from '../../piece/piece';
import { plain } from '../../piece/plain';
import { LEVEL_SIDES } from '../../piece/work';
import type { SumLine } from '../../sizing/sum';
import { middleOf, span, type Bounds } from '../../solid/bounds';
import type { PartPieces } from '../contract/family';
import { BOLT, type LaidBearers } from './bearerFrame';
import type { LaidPlatform, PlatformLeaf } from './lay';

const MM2_A_M2 = 1e6;
/** A bolt of its size with nut and washers, kg. Common practice. */
const BOLT_KG = 0.04;

/** What of a platform moves, link by link, with its way. */
export interface PlatformLink {
  readonly link: Link;
  readonly motion: Motion;
  readonly leaf: PlatformLeaf;
  readonly of: 'leaf' | 'legs';
}

const wordsOf = ({ platform }: LaidPlatform): string => `the ${called(platform.name)}`;

/** Its leaves but the first, and their legs. */
export const platformLinks = (laid: LaidPlatform): PlatformLink[] =>
  laid.leaves
    .slice(1)
    .flatMap((leaf): PlatformLink[] => [
      { link: leafLink(laid, leaf), motion: leaf.motion, leaf, of: 'leaf' },
      ...(leaf.legs.length > 0
        ? [{ link: legLink(laid, leaf), motion: leaf.legMotion, leaf, of: 'legs' as const }]
        : []),
    ]);

export function platformPieces(laid: LaidPlatform): PartPieces {
  const { platform, leaves, ledgers, bearers } = laid;
  const words = wordsOf(laid);
  return {
    moving: platformLinks(laid).map(({ link }) => link),
    still: [
      leafLink(laid, leaves[0]!),
      ...(ledgers.length > 0
        ? [
            {
              key: `${platform.id}/ledgers`,
              item: platform.id,
              words: bearers ? `the frame of ${words}` : `the ledgers of ${words}`,
              pieces: bearers ? framePieces(laid, bearers) : ledgerPieces(laid),
            },
          ]
        : []),
    ],
    onGround: [],
  };
}

const lineOf = (words: string, mm: number): SumLine[] => (mm !== 0 ? [{ words, mm }] : []);

const acrossSum = ({ platform: { over }, place: { carcass } }: LaidPlatform): SumLine[] => [
  { words: 'carcass width', mm: carcass.width.mm },
  ...lineOf('over the left', over.left.mm),
  ...lineOf('over the right', over.right.mm),
];

function leafLink(laid: LaidPlatform, leaf: PlatformLeaf): Link {
  const { platform, frame, thick } = laid;
  const { key, nth, at } = leaf;
  const words = `leaf ${nth} of ${wordsOf(laid)}`;
  return {
    key,
    item: platform.id,
    words,
    pieces: [
      board(frame, {
        key: `${key}/board`,
        item: platform.id,
        role: 'leaf',
        name: `${platform.name}, leaf ${nth}`,
        told: { key: `${key}/board`, words },
        at,
        way: ['x', '-y'],
        length: acrossSum(laid),
        width: [{ words: 'as chosen', mm: leaf.wide }],
        thick: [{ words: 'as the board', mm: thick }],
        material: platform.material,
        sides: LEVEL_SIDES,
        notes: jointNotes(laid, nth),
      }),
      ...matPieces(laid, leaf, words),
      ...hingePieces(laid, leaf, words),
    ],
  };
}

/** How it is hinged to the next leaf: on which face, and on what strip where faces stay farther apart than its knuckle is thick. */
function jointNotes({ apart, platform, place: { hardware } }: LaidPlatform, nth: number): string[] {
  const room = apart[nth - 1];
  const item = hardware.find(platform.hinge.hardware, 'continuous hinge');
  if (room === undefined || !item) return [];
  const packing = (room - item.knuckle) / 2;
  return [
    `Hinged to leaf ${nth + 1} ${nth % 2 === 1 ? 'on its top' : 'on its underside'}${packing > HAIR ? `, over strips ${lengthMark(packing)} thick under both flaps so that it does not bind` : ''}.`,
  ];
}

/** Strips thinner than this are left out, mm. */
const HAIR = 0.2;

function matPieces({ platform, frame, across }: LaidPlatform, leaf: PlatformLeaf, words: string): Piece[] {
  const { mat } = leaf;
  if (!mat) return [];
  const kg = (platform.mat.kg * span(across) * leaf.wide) / MM2_A_M2;
  return [
    plain(frame, {
      key: `${leaf.key}/mat`,
      item: platform.id,
      role: 'cushion',
      is: 'content',
      name: 'Mat',
      told: { key: `${leaf.key}/mat`, words: `the mat on ${words}` },
      at: [mat],
      mass: { kg, centre: middleIn(frame, mat) },
    }),
  ];
}

const middleIn = (frame: LaidPlatform['frame'], { x, y, z }: Bounds) =>
  frame.toSpace([middleOf(x), middleOf(y), middleOf(z)]);

/** The hinge by which a leaf hangs on the one before it, cut to its length. */
function hingePieces({ platform, frame, place, across }: LaidPlatform, leaf: PlatformLeaf, words: string): Piece[] {
  const item = place.hardware.find(platform.hinge.hardware, 'continuous hinge');
  if (!item || leaf.nth === 1) return [];
  const key = `${leaf.key}/hinge`;
  return [
    plain(frame, {
      key,
      item: platform.id,
      role: 'hinge',
      is: 'bought',
      name: item.name,
      told: { key, words: `the hinge of ${words}` },
      hardware: { id: platform.hinge.hardware, length: span(across), share: 1 },
    }),
  ];
} // prettier-ignore

function legLink(laid: LaidPlatform, leaf: PlatformLeaf): Link {
  const { platform, frame, legLong, legThick } = laid;
  const { bears } = platform;
  const key = `${leaf.key}/legs`;
  const words = `a leg of leaf ${leaf.nth} of ${wordsOf(laid)}`;
  return {
    key,
    item: platform.id,
    words,
    pieces:
      bears.kind !== 'legs'
        ? []
        : leaf.legs.map((at, i) =>
            board(frame, {
              key: `${key}-${i + 1}`,
              item: platform.id,
              role: 'leg',
              name: `${platform.name}, leg`,
              told: { key, words },
              at,
              way: ['y', 'x'],
              length: [{ words: 'from its underside to the floor, flat', mm: legLong }],
              width: [{ words: 'as chosen', mm: bears.wide.mm }],
              thick: [{ words: 'as the board', mm: legThick }],
              material: bears.material,
            }),
          ),
  };
}

function ledgerPieces(laid: LaidPlatform): Piece[] {
  const { platform, frame, ledgers } = laid;
  const { bears } = platform;
  if (bears.kind === 'legs') return [];
  const framed = bears.kind === 'frame';
  return ledgers.map((at, i) => {
    const key = `${platform.id}/ledger-${i + 1}`;
    return board(frame, {
      key,
      item: platform.id,
      role: 'ledge',
      name: `${platform.name}, ledger`,
      told: { key, words: `a ledger of ${wordsOf(laid)}` },
      at,
      way: ['y', 'x'],
      length: [
        { words: framed ? 'along its section' : 'along the leaves before the carcass', mm: span(at.y) },
      ],
      width: [{ words: 'as chosen', mm: bears.bears.mm }],
      thick: [{ words: 'as the board', mm: span(at.z) }],
      material: bears.material,
      notes: [
        framed
          ? 'Screwed up into the bearers of its section: it lies loose on what stands beside it.'
          : 'Screwed through into what stands beside it every 200 mm, its top level with the carcass’s.',
      ],
    });
  });
}

/** Ledgers, bearers with the holes of their bolts, and the bolts. */
function framePieces(laid: LaidPlatform, { sections, bolts, boltLong }: LaidBearers): Piece[] {
  const { platform, frame } = laid;
  const { bears } = platform;
  if (bears.kind !== 'frame') return [];
  const half = BOLT.across / 2;
  const bearers = sections.flatMap((section, s) =>
    section.map((at, i): Piece => {
      const key = `${platform.id}/bearer-${s + 1}-${i + 1}`;
      return board(frame, {
        key,
        item: platform.id,
        role: 'rail',
        name: `${platform.name}, bearer`,
        told: { key: `${platform.id}/bearer`, words: `a bearer of ${wordsOf(laid)}` },
        at,
        way: ['x', 'z'],
        length: acrossSum(laid),
        width: [{ words: 'as chosen', mm: bears.deep.mm }],
        thick: [{ words: 'as the board', mm: span(at.y) }],
        material: bears.material,
        works: bolts
          .filter(([, y]) => y === at.y[0] || y === at.y[1])
          .map(([x, , z], n): WorkIn => ({
            key: `bolt-${n + 1}`,
            kind: 'hole',
            side: 'face',
            round: true,
            at: { x: [x - half, x + half], y: at.y, z: [z - half, z + half] },
            words: 'a bolt to the next section',
          })),
      });
    }),
  );
  const bought = bolts.map(([x, y, z], i): Piece => {
    const key = `${platform.id}/bolt-${i + 1}`;
    return plain(frame, {
      key,
      item: platform.id,
      role: 'stay',
      is: 'bought',
      name: `Bolt M${BOLT.across} x ${boltLong} with a nut and two washers`,
      told: { key: `${platform.id}/bolt`, words: `a bolt of ${wordsOf(laid)}` },
      mass: { kg: BOLT_KG, centre: frame.toSpace([x, y, z]) },
    });
  });
  return [...ledgerPieces(laid), ...bearers, ...bought];
}
