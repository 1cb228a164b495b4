import { called } from '../../item/called';
import { lengthMark } from '../../length/lengthMark';
import { besideBay, besideEdge, isOn, sideOf } from '../../carcass/beside';
import type { GroundWork } from '../../carcass/build';
import { caseBrackets, leafBrackets, type Bracketed } from '../kit/turning/works';
import { acrossX } from '../../mechanism/leafOnStruts';
import { board, type WorkIn } from '../../piece/board';
import { plain } from '../../piece/plain';
import type { Link, Piece } from '../../piece/piece';
import type { SumLine } from '../../sizing/sum';
import { middleOf, span, type Bounds, type Range } from '../../solid/bounds';
import type { PartPieces } from '../contract/family';
import { roundAbout } from '../kit/roundAbout';
import { frontSums } from '../kit/turning/frontFit';
import { hingePlaces, levelHingeItem } from '../kit/turning/hinge';
import { betweenLinks, boughtPieces, heldBy, stayPlaces, type MovingLink } from '../kit/turning/pieces';
import type { FlapLeaf, LaidFlap } from './lay';

/** A pull with its screws, kg. Common practice, no single source. */
const PULL_KG = 0.15;
const PULL_HIGH = 14;
/** From the free edge to its middle, mm. */
const PULL_IN = 40;
const ARM_KG = 0.2;

export const flapWords = (laid: LaidFlap, { of }: Pick<FlapLeaf, 'of'>): string =>
  of === '' ? `the ${called(laid.flap.name)}` : `the ${of} leaf of the ${called(laid.flap.name)}`;

const ownerOf = (laid: LaidFlap) => ({
  item: laid.flap.id,
  key: laid.flap.id,
  words: `the ${called(laid.flap.name)}`,
});

/** All that moves of a flap, each link on its own way: its leaves first, then its arms, its struts and springs. */
export const flapLinks = (laid: LaidFlap): MovingLink[] => [
  ...laid.leaves.map((leaf, i) => ({ link: leafLink(laid, leaf, i === 0), motion: leaf.motion })),
  ...armLinks(laid),
  ...betweenLinks(laid.flap.help, laid.plane, laid.helpX, laid.place.hardware, ownerOf(laid)),
];

export const flapPieces = (laid: LaidFlap): PartPieces => ({
  moving: flapLinks(laid).map(({ link }) => link),
  still: [],
  onGround: [
    ...caseBrackets(bracketedOf(laid), laid.place.hardware),
    ...pivotWorks(laid),
    ...caseFlaps(laid),
  ],
});

/** Its leaf with what stands on brackets between it and its case: of what is on arms or folds, no leaf carries them. */
export const bracketedOf = (laid: LaidFlap): Bracketed => ({
  key: laid.flap.id,
  words: flapWords(laid, { of: '' }),
  plane: laid.plane,
  help: laid.flap.help,
  helpX: laid.helpX,
  stay: laid.flap.stay,
  stayX: stayPlaces(laid.flap.stay, laid.ends),
  built: laid.place.built,
  opening: laid.opening,
  thick: laid.thick,
});

/** Pivots of arms on the sides of the case, in pairs. */
function pivotWorks(laid: LaidFlap): GroundWork[] {
  const { arms, place, opening, flap } = laid;
  return arms.flatMap(({ from: [y, z] }, i) =>
    (['left', 'right'] as const).flatMap((which): GroundWork[] => {
      const beside = besideBay(place.built, opening, which);
      if (!beside || !isOn(beside, { y: [y, y], z: [z, z] })) return [];
      const deep = Math.max(0, Math.min(PIVOT.deep, span(beside.board.at.x) - PIVOT.left));
      const x: Range = which === 'left' ? [beside.at - deep, beside.at] : [beside.at, beside.at + deep];
      return [
        {
          into: beside.board.key,
          work: {
            key: `${flap.id}/pivot-${i + 1}`,
            kind: 'hole',
            side: beside.side,
            round: true,
            at: {
              x,
              y: [y - PIVOT.across / 2, y + PIVOT.across / 2],
              z: [z - PIVOT.across / 2, z + PIVOT.across / 2],
            },
            words: `the pivots of the arms of the ${called(flap.name)}`,
          },
        },
      ];
    }),
  );
}
/** The hole an arm's pivot is screwed into: across and deep, and wood left beyond, mm. Common practice. */
const PIVOT = { across: 5, deep: 13, left: 2 };

/** The other flap of its hinge: on the board it hangs from or stands on, on that's front edge, or on its face where the leaf is inset. */
function caseFlaps(laid: LaidFlap): GroundWork[] {
  const { hinge, place, opens, opening, flap, leaves } = laid;
  const item = hinge && levelHingeItem(hinge, place.hardware);
  if (!hinge || !item) return [];
  const which = opens === 'down' ? 'bottom' : 'top';
  const beside = besideEdge(place.built, opening, which);
  if (!beside) return [];
  const deep = hinge.mortise === 'both' ? item.thick : 0;
  const inset = flap.fit.kind === 'inset';
  const up = which === 'bottom' ? -1 : 1;
  const into: Range = up > 0 ? [beside.at, beside.at + deep] : [beside.at - deep, beside.at];
  const edge = opening.front;
  return runsOf(laid, leaves[0]!).map((x, i): GroundWork => ({
    into: beside.board.key,
    work: {
      key: `${flap.id}/hinge-${i + 1}`,
      kind: deep > 0 ? 'mortise' : 'footprint',
      side: inset ? beside.side : sideOf(beside, '-y'),
      at: inset
        ? { x, y: [edge, edge + item.wide], z: into }
        : {
            x,
            y: [edge, edge + deep],
            z: up > 0 ? [beside.at, beside.at + item.wide] : [beside.at - item.wide, beside.at],
          },
      words: `the hinge of the ${called(flap.name)}`,
      mate: { piece: `${leaves[0]!.key}/leaf`, work: `${leaves[0]!.key}/leaf#hinge-${i + 1}` },
    },
  }));
}

/** The leaf that a hand takes hold of: the lower one of two. */
const isTaken = (laid: LaidFlap, leaf: FlapLeaf) => leaf === laid.leaves[laid.leaves.length - 1];

function leafLink(laid: LaidFlap, leaf: FlapLeaf, first: boolean): Link {
  const { flap, place, frame } = laid;
  const { help } = flap;
  return {
    key: leaf.key,
    item: flap.id,
    words: flapWords(laid, leaf),
    pieces: [
      leafBoard(laid, leaf),
      ...(isTaken(laid, leaf) ? pullOf(laid, leaf) : []),
      ...(first ? knucklesOf(laid) : []),
      ...(first ? trayOf(laid, leaf) : []),
      ...(first ? boughtPieces(help, heldBy(flap), place.hardware, frame, ownerOf(laid)) : []),
    ],
  };
}

function leafBoard(laid: LaidFlap, leaf: FlapLeaf): Piece {
  const { flap, frame, opening, over, whole } = laid;
  const sums = frontSums(flap.fit, opening, over);
  const { way } = flap;
  const height: SumLine[] =
    way.kind !== 'double fold'
      ? sums.height
      : leaf.of === 'upper'
        ? [{ words: 'as chosen', mm: way.upper.mm }]
        : [...sums.height, { words: 'upper leaf', mm: -way.upper.mm }, { words: 'gap', mm: -way.gap.mm }];
  const key = `${leaf.key}/leaf`;
  return board(frame, {
    key,
    item: flap.id,
    role: 'leaf',
    name: leaf.of === '' ? flap.name : `${flap.name}, ${leaf.of}`,
    told: { key, words: flapWords(laid, leaf) },
    at: leaf.at,
    way: ['z', 'x'],
    length: height,
    width: sums.width,
    thick: [{ words: 'as the board', mm: span(whole.y) }],
    material: flap.material,
    sides: { start: 'foot', end: 'head', left: 'left edge', right: 'right edge', face: 'face', back: 'back' },
    works:
      leaf === laid.leaves[0]
        ? [
            ...hingeWorks(laid, leaf),
            // Struts of what rises on arms are fixed to these.
            ...(way.kind === 'parallel arms' ? [] : leafBrackets(bracketedOf(laid), laid.place.hardware)),
          ]
        : [],
    notes:
      way.kind === 'parallel arms' || way.kind === 'double fold'
        ? []
        : [
            'Screw the hinge to the leaf first, with two screws, then two into the case: let it down once and look at the gaps before the rest go in.',
          ],
  });
}

function runsOf({ hinge, place }: LaidFlap, { at }: FlapLeaf): readonly Range[] {
  const item = hinge && levelHingeItem(hinge, place.hardware);
  if (!hinge || !item) return [];
  if (item.kind === 'continuous hinge') return [at.x];
  return hingePlaces(hinge, span(at.x)).map((x): Range => [
    at.x[0] + x - item.high / 2,
    at.x[0] + x + item.high / 2,
  ]);
}

function hingeWorks(laid: LaidFlap, leaf: FlapLeaf): WorkIn[] {
  const { hinge, place, opens } = laid;
  const item = hinge && levelHingeItem(hinge, place.hardware);
  if (!hinge || !item) return [];
  const deep = hinge.mortise === 'none' ? 0 : item.thick;
  const { y, z } = leaf.at;
  const edge = opens === 'down' ? z[0] : z[1];
  const into: Range = opens === 'down' ? [edge, edge + deep] : [edge - deep, edge];
  const across: Range =
    hinge.knuckle === 'beneath'
      ? [Math.max(y[0], y[1] - item.wide), y[1]]
      : [y[0], Math.min(y[1], y[0] + item.wide)];
  return runsOf(laid, leaf).map((x, i) => ({
    key: `hinge-${i + 1}`,
    kind: deep > 0 ? 'mortise' : 'footprint',
    side: opens === 'down' ? 'start' : 'end',
    at: { x, y: across, z: into },
    from: ['left'],
    words: 'the hinge',
  }));
}

function knucklesOf(laid: LaidFlap): Piece[] {
  const { flap, hinge, place, plane, frame } = laid;
  const item = hinge && levelHingeItem(hinge, place.hardware);
  if (!hinge || !item) return [];
  const told = { key: `${flap.id}/knuckles`, words: `a hinge knuckle of the ${called(flap.name)}` };
  const [y, z] = plane.axis;
  const folds = flap.way.kind === 'double fold';
  const outline = roundAbout(0, 0, item.knuckle / 2).map(([u, w]): [number, number] => [y + u, z + w]);
  const hinges = runsOf(laid, laid.leaves[0]!);
  // As many again where its two leaves fold.
  return [...hinges, ...(folds ? hinges : [])].map((x, i) =>
    plain(frame, {
      key: `${flap.id}/hinge-${i + 1}`,
      item: flap.id,
      role: 'hinge',
      is: 'bought',
      name: item.name,
      told,
      solids: hinge.knuckle === 'above' ? [acrossX(frame, x, outline)] : [],
      round: true,
      hardware: { id: item.id, share: 1 },
    }),
  );
}

function pullOf(laid: LaidFlap, leaf: FlapLeaf): Piece[] {
  const { flap, frame, opens } = laid;
  const { grip } = flap;
  if (grip.kind !== 'pull') return [];
  const middle = middleOf(leaf.at.x);
  const { y, z } = leaf.at;
  const up = opens === 'down' ? z[1] - PULL_IN : z[0] + PULL_IN;
  const at: Bounds = {
    x: [middle - grip.wide.mm / 2, middle + grip.wide.mm / 2],
    y: [y[0] - grip.projection.mm, y[0]],
    z: [up - PULL_HIGH / 2, up + PULL_HIGH / 2],
  };
  const key = `${leaf.key}/pull`;
  return [
    plain(frame, {
      key,
      item: flap.id,
      role: 'handle',
      is: 'bought',
      name: 'Pull',
      told: { key, words: `the pull of ${flapWords(laid, leaf)}` },
      at: [at],
      mass: { kg: PULL_KG, centre: frame.toSpace([middleOf(at.x), middleOf(at.y), middleOf(at.z)]) },
    }),
  ];
}

/** A tray behind what tilts out, with what is in it. */
function trayOf({ flap, frame, opening }: LaidFlap, leaf: FlapLeaf): Piece[] {
  const { way } = flap;
  if (way.kind !== 'tilt-out' || !way.tray) return [];
  const { tray } = way;
  const at: Bounds = {
    x: [opening.inside.left + TRAY_IN, opening.inside.right - TRAY_IN],
    y: [leaf.at.y[1], leaf.at.y[1] + tray.depth.mm],
    z: [leaf.at.z[0] + tray.up.mm, leaf.at.z[0] + tray.up.mm + tray.height.mm],
  };
  const key = `${flap.id}/tray`;
  return [
    plain(frame, {
      key,
      item: flap.id,
      role: 'rack',
      is: 'content',
      name: 'Tray with what is in it',
      told: { key, words: `the tray of the ${called(flap.name)}` },
      at: [at],
      mass: { kg: tray.kg, centre: frame.toSpace([middleOf(at.x), middleOf(at.y), middleOf(at.z)]) },
      notes: [
        `A tray ${lengthMark(span(at.x))} wide, ${lengthMark(tray.height.mm)} high and ${lengthMark(tray.depth.mm)} deep, screwed to the flap’s back.`,
      ],
    }),
  ];
}
/** A tray ends so far before the sides of the case, mm. Common practice. */
const TRAY_IN = 25;

/** Arms on either side: each pair a link on its own way. */
function armLinks(laid: LaidFlap): MovingLink[] {
  const { flap, frame, arms, armX, place } = laid;
  const { way } = flap;
  const item = way.kind === 'parallel arms' ? place.hardware.find(way.hardware, 'lift arms') : undefined;
  const [thick, wide] = [item?.thick ?? ARM.thick, item?.wide ?? ARM.wide];
  const words = `an arm of the ${called(flap.name)}`;
  return arms.map(({ from, to, motion }, i): MovingLink => {
    const key = `${flap.id}/arms-${i + 1}`;
    const [dy, dz] = [to[0] - from[0], to[1] - from[1]];
    const long = Math.max(1e-9, Math.hypot(dy, dz));
    const [sy, sz] = [(-dz / long) * (wide / 2), (dy / long) * (wide / 2)];
    const outline = [
      [from[0] + sy, from[1] + sz],
      [from[0] - sy, from[1] - sz],
      [to[0] - sy, to[1] - sz],
      [to[0] + sy, to[1] + sz],
    ] as const;
    return {
      link: {
        key,
        item: flap.id,
        words,
        pieces: armX.map((x, k) =>
          plain(frame, {
            key: `${key}-${k + 1}`,
            item: flap.id,
            role: 'arm',
            is: 'bought',
            name: item?.name ?? 'Fold arm',
            told: { key, words },
            solids: [acrossX(frame, [x - thick / 2, x + thick / 2], outline)],
            mass: {
              kg: ARM_KG,
              centre: frame.toSpace([x, (from[0] + to[0]) / 2, (from[1] + to[1]) / 2]),
            },
            // Two pairs of arms are one set.
            ...(item && { hardware: { id: item.id, share: 0.25 } }),
          }),
        ),
      },
      motion,
    };
  });
}
const ARM = { thick: 5, wide: 16 };
