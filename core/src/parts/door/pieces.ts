import { besideBay, besideEdge, isOn, sideOf, type Beside } from '../../carcass/beside';
import type { GroundWork } from '../../carcass/build';
import { alsoWorked, board, type WorkIn } from '../../piece/board';
import type { Axis } from '../../piece/lie';
import type { Link, Piece } from '../../piece/piece';
import type { Edge } from '../../piece/work';
import { plain } from '../../piece/plain';
import type { Bounds, Range } from '../../solid/bounds';
import { frameOf } from '../../item/frame';
import type { PartPieces } from '../contract/family';
import { roundAbout } from '../kit/roundAbout';
import { saidOf } from './leafSums';
import { hingeHardware } from './hinges';
import type { HungLeaf, LaidDoor } from './lay';
import { fromHinge } from './leaf';
import { PLATE_HOLE, platePlaces } from './plates';

/** How far an arm reaches past its pivots, and how far its plate stands behind the shut leaf, mm. Common practice. */
const ARM = 5;
const BEHIND = 4;
/** A pivot's hole, deep, mm. Common practice, no single source. */
const PIVOT_DEEP = 20;
/** Wood that stays behind a boring into the case, mm. Common practice, no single source. */
const WOOD_BEHIND = 3;

/** Each leaf with its handle, its knuckles and what is on its back; the plates that stay on the carcass, and their holes. */
export function doorPieces(laid: LaidDoor): PartPieces {
  const frame = frameOf(laid.place.carcass);
  const still = laid.leaves.flatMap((leaf) => onCase(laid, leaf));
  return {
    moving: laid.leaves.map((leaf): Link => {
      const { boards, hinged, fittings } = leaf.bare;
      return {
        key: leaf.key,
        item: laid.door.id,
        words: `the ${saidOf(laid.door.name, leaf)}`,
        pieces: [
          ...boards.map((one) =>
            board(frame, one.key === hinged ? alsoWorked(one, () => hingeWorks(laid, leaf)) : one),
          ),
          ...fittings,
          ...knucklesOf(laid, leaf),
        ],
      };
    }),
    still,
    onGround: laid.leaves.flatMap((leaf) => groundWorks(laid, leaf)),
  };
}

const about = (middle: number, wide: number): Range => [middle - wide / 2, middle + wide / 2];
const ordered = (a: number, b: number): Range => [Math.min(a, b), Math.max(a, b)];

/** What is bored or let into a leaf for its hinges; each boring with its mate in the case where that is known. */
function hingeWorks(laid: LaidDoor, leaf: HungLeaf): WorkIn[] {
  const { door, place } = laid;
  const { hinge } = door;
  const [back, foot] = [leaf.y[1], leaf.z[0]];
  const edge = leaf.side === 'left' ? 'left' : 'right';
  switch (hinge.kind) {
    case 'cup': {
      const { item } = leaf.cup!;
      const plates = platePlaces(laid, leaf);
      return leaf.hinges.heights.map((height, i) => ({
        key: `cup-${i + 1}`,
        kind: 'cup',
        side: 'back',
        round: true,
        at: {
          x: about(fromHinge(leaf, hinge.cup.mm + item.cup / 2), item.cup),
          y: [back - item.deep, back],
          z: about(foot + height, item.cup),
        },
        from: [edge, 'start'],
        ...(plates && {
          mate: {
            piece: plates.beside.board.key,
            work: `${plates.beside.board.key}#${leaf.key}/plate-${i + 1}`,
          },
        }),
      }));
    }
    case 'butt': {
      const item = hingeHardware(door, place, 'butt hinge');
      const deep = hinge.mortise === 'none' ? 0 : item.thick;
      return leaf.hinges.heights.map((height, i) =>
        leafFlap(laid, leaf, `hinge-${i + 1}`, deep, item.wide, about(foot + height, item.high)),
      );
    }
    case 'continuous': {
      const item = hingeHardware(door, place, 'continuous hinge');
      const deep = hinge.mortise === 'none' ? 0 : item.thick;
      return [leafFlap(laid, leaf, 'hinge', deep, item.wide, leaf.z)];
    }
    case 'pivot': {
      const item = hingeHardware(door, place, 'pivot');
      const [x, y] = leaf.pin!;
      return (['foot', 'head'] as const).map((end) => ({
        key: `pivot-${end}`,
        kind: 'hole',
        side: end === 'foot' ? 'start' : 'end',
        round: true,
        at: {
          x: about(x, item.pin),
          y: about(y, item.pin),
          z: end === 'foot' ? [foot, foot + PIVOT_DEEP] : [leaf.z[1] - PIVOT_DEEP, leaf.z[1]],
        },
        from: [edge],
        words: 'the pivots',
        ...pivotMate(laid, leaf, end),
      }));
    }
  }
}

/** Where one flap of a butt or continuous hinge is on its leaf: on the hinge edge of an inset leaf, on the back of an overlay one. */
function leafFlap(
  { door }: LaidDoor,
  leaf: HungLeaf,
  key: string,
  deep: number,
  wide: number,
  z: Range,
): WorkIn {
  const edge = leaf.side === 'left' ? 'left' : 'right';
  const kind = deep > 0 ? 'mortise' : 'footprint';
  const [out, into] = [fromHinge(leaf, 0), fromHinge(leaf, deep)];
  return door.fit.kind === 'inset'
    ? {
        key,
        kind,
        side: edge,
        at: { x: ordered(out, into), y: [leaf.y[0], leaf.y[0] + wide], z },
        from: ['start'],
        words: 'the hinges',
      }
    : {
        key,
        kind,
        side: 'back',
        at: { x: ordered(out, fromHinge(leaf, wide)), y: [leaf.y[1] - deep, leaf.y[1]], z },
        from: [edge, 'start'],
        words: 'the hinges',
      };
}

/** The board a pivot stands in: what bounds the bay beneath, or above. */
function pivotBeside(
  { place, opening }: LaidDoor,
  { pin }: HungLeaf,
  end: 'foot' | 'head',
): Beside | undefined {
  const beside = besideBay(place.built, opening, end === 'foot' ? 'bottom' : 'top');
  const [x, y] = pin!;
  return beside && isOn(beside, { x: [x, x], y: [y, y] }) ? beside : undefined;
}

function pivotMate(laid: LaidDoor, leaf: HungLeaf, end: 'foot' | 'head'): Pick<WorkIn, 'mate'> {
  const beside = pivotBeside(laid, leaf, end);
  if (!beside) return {};
  const piece = beside.board.key;
  return { mate: { piece, work: `${piece}#${leaf.key}/pivot-${end}` } };
}

/** What the hinges of a leaf want worked into the case, in the board that is beside them. */
function groundWorks(laid: LaidDoor, leaf: HungLeaf): GroundWork[] {
  const { door, place } = laid;
  const { hinge } = door;
  const said = saidOf(door.name, leaf);
  switch (hinge.kind) {
    case 'cup':
      return plateWorks(laid, leaf);
    case 'butt': {
      const item = hingeHardware(door, place, 'butt hinge');
      const deep = hinge.mortise === 'both' ? item.thick : 0;
      return leaf.hinges.heights.flatMap((height, i) =>
        caseFlap(laid, leaf, `hinge-${i + 1}`, deep, item.wide, about(leaf.z[0] + height, item.high), said),
      );
    }
    case 'continuous': {
      const item = hingeHardware(door, place, 'continuous hinge');
      const deep = hinge.mortise === 'both' ? item.thick : 0;
      return caseFlap(laid, leaf, 'hinge', deep, item.wide, leaf.z, said);
    }
    case 'pivot':
      return (['foot', 'head'] as const).flatMap((end) => pivotWork(laid, leaf, end));
  }
}

/** Where each plate of a cup hinge stands, and the two holes its screws go into. */
function plateWorks(laid: LaidDoor, leaf: HungLeaf): GroundWork[] {
  const plates = platePlaces(laid, leaf);
  if (!plates) return [];
  const { beside, back } = plates;
  const { holesApart, plateLong, plateHigh } = leaf.cup!.item;
  const board = leaf.bare.hinged;
  const deep = Math.min(PLATE_HOLE.deep, thickOf(beside) - WOOD_BEHIND);
  const foot = leaf.y[1] + BEHIND;
  const into = beside.board.key;
  return leaf.hinges.heights.flatMap((height, i): GroundWork[] => {
    const middle = leaf.z[0] + height;
    const key = `${leaf.key}/plate-${i + 1}`;
    const hole = (end: string, z: number): GroundWork => ({
      into,
      work: {
        key: `${key}-${end}`,
        kind: 'hole',
        side: beside.side,
        round: true,
        at: {
          x: inward(beside, leaf.side, deep),
          y: about(back, PLATE_HOLE.wide),
          z: about(z, PLATE_HOLE.wide),
        },
        from: [...sidesOf(beside, '-y'), ...sidesOf(beside, '-z')],
        words: `the hinge plates of the ${saidOf(laid.door.name, leaf)}`,
      },
    });
    const at: Bounds = {
      x: [beside.at, beside.at],
      y: [foot, foot + plateLong],
      z: about(middle, plateHigh),
    };
    const mate = { piece: board, work: `${board}#cup-${i + 1}` };
    return [
      { into, work: { key, kind: 'footprint', side: beside.side, at, mate } },
      hole('lower', middle - holesApart / 2),
      hole('upper', middle + holesApart / 2),
    ];
  });
}

/** The hole that a pivot turns in, in what bounds the bay beneath or above. */
function pivotWork(laid: LaidDoor, leaf: HungLeaf, end: 'foot' | 'head'): GroundWork[] {
  const { door, place } = laid;
  const beside = pivotBeside(laid, leaf, end);
  if (!beside) return [];
  const item = hingeHardware(door, place, 'pivot');
  const board = leaf.bare.hinged;
  const deep = Math.min(PIVOT_DEEP, thickOf(beside) - WOOD_BEHIND);
  const z: Range = end === 'foot' ? [beside.at - deep, beside.at] : [beside.at, beside.at + deep];
  const [x, y] = leaf.pin!;
  return [
    {
      into: beside.board.key,
      work: {
        key: `${leaf.key}/pivot-${end}`,
        kind: 'hole',
        side: beside.side,
        round: true,
        at: { x: about(x, item.pin), y: about(y, item.pin), z },
        words: `the pivots of the ${saidOf(door.name, leaf)}`,
        mate: { piece: board, work: `${board}#pivot-${end}` },
      },
    },
  ];
}

/** The other flap of a hinge: on the side within the opening for an inset leaf, on the front edge for an overlay one. */
function caseFlap(
  laid: LaidDoor,
  leaf: HungLeaf,
  key: string,
  deep: number,
  wide: number,
  z: Range,
  said: string,
): GroundWork[] {
  const { door, place, opening } = laid;
  const beside = besideEdge(place.built, opening, leaf.side);
  if (!beside) return [];
  const kind = deep > 0 ? 'mortise' : 'footprint';
  const board = leaf.bare.hinged;
  const mate = { piece: board, work: `${board}#${key}` };
  const inset = door.fit.kind === 'inset';
  const x = inset ? inward(beside, leaf.side, deep) : ordered(fromHinge(leaf, 0), fromHinge(leaf, wide));
  const y: Range = inset ? [leaf.y[0], leaf.y[0] + wide] : [opening.front, opening.front + deep];
  // Over an edge narrower than it is wide, a flap overhangs into the opening.
  const at: Bounds = { x, y, z };
  return [
    {
      into: beside.board.key,
      work: {
        key: `${leaf.key}/${key}`,
        kind,
        side: inset ? beside.side : sideOf(beside, '-y'),
        at,
        words: `the hinges of the ${said}`,
        mate,
      },
    },
  ];
}

const thickOf = ({ board: { at } }: Beside): number =>
  Math.min(at.x[1] - at.x[0], at.y[1] - at.y[0], at.z[1] - at.z[0]);
/** The edge of a board that looks a way, as one a work is measured from; none where that is a face. */
function sidesOf(beside: Beside, axis: Axis): Edge[] {
  const side = sideOf(beside, axis);
  return side === 'face' || side === 'back' ? [] : [side];
}

/** From the side of a board that looks into the bay so deep into it. */
const inward = ({ at }: Beside, which: 'left' | 'right', deep: number): Range =>
  which === 'left' ? [at - deep, at] : [at, at + deep];

/** What swings of its butt or continuous hinges: knuckles that show are round about the pin, one a hinge, or over the whole height. What is let in shows none. */
function knucklesOf({ door, place }: LaidDoor, leaf: HungLeaf): Piece[] {
  const { hinge } = door;
  if (hinge.kind !== 'butt' && hinge.kind !== 'continuous') return [];
  const frame = frameOf(place.carcass);
  const item =
    hinge.kind === 'butt'
      ? hingeHardware(door, place, 'butt hinge')
      : hingeHardware(door, place, 'continuous hinge');
  const shows = hinge.knuckle !== 'let in';
  const outline = roundAbout(...leaf.pin!, item.knuckle / 2);
  const runs: readonly Range[] =
    item.kind === 'continuous hinge'
      ? [leaf.z]
      : leaf.hinges.heights.map((height) => about(leaf.z[0] + height, item.high));
  const told = { key: `${leaf.key}/knuckles`, words: `a hinge knuckle of the ${saidOf(door.name, leaf)}` };
  return runs.map((z, i) =>
    plain(frame, {
      ...hingePiece(door.id, `${leaf.key}/hinge-${i + 1}`, item),
      told,
      solids: shows ? [frame.upright(outline, z[0], z[1])] : [],
      round: true,
    }),
  );
}

const hingePiece = (item: string, key: string, { id, name }: { id: string; name: string }) =>
  ({ key, item, role: 'hinge', is: 'bought', name, hardware: { id, share: 1 } }) as const;

/** What of its hinges stays on the case: plate and arm of each cup hinge, where they stand out from the side into the opening while the leaf is shut; pivots stand within. */
function onCase(laid: LaidDoor, leaf: HungLeaf): Link[] {
  const { door, place, opening } = laid;
  const frame = frameOf(place.carcass);
  const key = `${leaf.key}/plates`;
  const words = `a hinge plate of the ${saidOf(door.name, leaf)}`;
  const told = { key, words };
  if (door.hinge.kind === 'pivot') {
    const item = hingeHardware(door, place, 'pivot');
    return [
      {
        key,
        item: door.id,
        words,
        pieces: [plain(frame, { ...hingePiece(door.id, `${leaf.key}/pivots`, item), told })],
      },
    ];
  }
  if (!leaf.cup) return [];
  const { item, linkage } = leaf.cup;
  // The arm reaches a little past its pivots; the plate lies on the side behind the leaf.
  const out = Math.max(...linkage.plate.map(([x]) => x)) + ARM;
  const at = (x: number) => (leaf.side === 'left' ? opening.left.at + x : opening.right.at - x);
  const back = leaf.y[1] + BEHIND;
  const pieces = leaf.hinges.heights.map((height, i) =>
    plain(frame, {
      ...hingePiece(door.id, `${leaf.key}/hinge-${i + 1}`, item),
      told,
      at: [
        {
          x: ordered(at(0), at(out)),
          y: [back, back + item.plateLong],
          z: about(leaf.z[0] + height, item.plateHigh),
        },
      ],
    }),
  );
  return [{ key, item: door.id, words, pieces }];
}
