import { board, type Board, type WorkIn } from '../../piece/board';
import type { Piece } from '../../piece/piece';
import { plain } from '../../piece/plain';
import { middleOf, type Bounds, type Range } from '../../solid/bounds';
import { frameOf } from '../../item/frame';
import type { SumLine } from '../../sizing/sum';
import { holesLeft } from '../kit/reused';
import { roundAbout } from '../kit/roundAbout';
import { framedBoards } from './framedLeaf';
import { fromFree, fromHinge, type Leaf, type LeafOf } from './leaf';
import { LEAF_WAY, leafSums, saidOf } from './leafSums';

/** A handle with its screws, kg. Common practice, no single source. */
const HANDLE_KG = 0.2;

/** What swings of a leaf before it is known what it hangs on: its board, to be worked, and its pane, its handle, what is on its back. */
export interface BareLeaf {
  /** One, or the stiles, rails and panel it is put together of. */
  readonly boards: readonly Board[];
  /** The board its hinges are on, by its key. */
  readonly hinged: string;
  readonly fittings: readonly Piece[];
}

export function bareLeaf(laid: LeafOf, leaf: Leaf): BareLeaf {
  const boards = laid.door.leaf.framed && !laid.door.old ? framedBoards(laid, leaf) : [leafBoard(laid, leaf)];
  return {
    boards,
    hinged: boards[0]!.key,
    fittings: [...paneOf(laid, leaf), ...handleOf(laid, leaf), ...rackOf(laid, leaf)],
  };
}

const leafBounds = ({ x, y, z }: Leaf): Bounds => ({ x, y, z });

function leafBoard(laid: LeafOf, leaf: Leaf): Board {
  const { door } = laid;
  const { old, leaf: made } = door;
  const key = `${leaf.key}/leaf`;
  const left = leaf.side === 'left';
  return {
    key,
    item: door.id,
    role: 'leaf',
    name: leaf.of === '' ? door.name : `${door.name}, ${leaf.of}`,
    told: { key, words: `the ${saidOf(door.name, leaf)}` },
    at: leafBounds(leaf),
    way: LEAF_WAY,
    material: made.material,
    sides: {
      start: 'foot',
      end: 'head',
      left: left ? 'hinge edge' : 'free edge',
      right: left ? 'free edge' : 'hinge edge',
      face: 'face',
      back: 'back',
    },
    ...(old ? asItIs(old, leaf) : asMade(laid, leaf)),
  };
}

type OwnOfLeaf = Pick<Board, 'length' | 'width'> & Partial<Board>;

/** An old leaf: its own size, and the holes it has. */
function asItIs(old: NonNullable<LeafOf['door']['old']>, leaf: Leaf): OwnOfLeaf {
  const asIs = (mm: number): SumLine[] => [{ words: 'the old leaf', mm }];
  return {
    is: 'kept',
    length: asIs(old.height.mm),
    width: asIs(old.width.mm),
    thick: asIs(old.thickness.mm),
    works: holesLeft(
      old,
      (x, z) => ({ x: leaf.x[0] + x, z: leaf.z[0] + z }),
      (deep) => [leaf.y[1] - deep, leaf.y[1]],
      'back',
    ),
    notes:
      old.becomes === 'plugged' && old.holes.length > 0
        ? ['Plug the old holes before anything new is bored.']
        : [],
  };
}

/** A leaf that is cut of one board: its size by its opening, and what its edges and faces get. */
function asMade(laid: LeafOf, leaf: Leaf): OwnOfLeaf {
  const { door, thick } = laid;
  const { leaf: made } = door;
  const { banding, pane } = made;
  return {
    ...leafSums(laid),
    thick: [
      { words: 'as the board', mm: thick - made.front.mm - made.back.mm },
      ...(made.front.mm > 0 ? [{ words: 'on its front', mm: made.front.mm }] : []),
      ...(made.back.mm > 0 ? [{ words: 'on its back', mm: made.back.mm }] : []),
    ],
    banded: { start: banding.mm, end: banding.mm, left: banding.mm, right: banding.mm },
    wrapped: made.wraps ? made.front.mm : 0,
    faced: { face: made.front.mm, back: made.back.mm },
    works: pane ? paneWorks(laid, leaf, pane) : [],
  };
}

type Pane = NonNullable<LeafOf['door']['leaf']['pane']>;

/** Within its border, mm. */
function withinBorder({ x, z }: Leaf, { border: { mm } }: Pane): { x: Range; z: Range } {
  return { x: [x[0] + mm, x[1] - mm], z: [z[0] + mm, z[1] - mm] };
}

/** What is cut for a pane is so much larger than that, in all, mm. Common practice of glaziers. */
const PANE_PLAY = 3;
const ofPane = ({ stock }: LeafOf['place'], leaf: Leaf, pane: Pane): Range => {
  const t = stock.thickness(pane.material);
  const middle = middleOf(leaf.y);
  return pane.kind === 'glass' ? [middle - t / 2, middle + t / 2] : [leaf.y[0] - t, leaf.y[0]];
};
const grown = ([from, to]: Range, by: number): Range => [from - by, to + by];

/** Glass takes the board's place, or lies in a rebate from behind; a mirror lies on it. */
function paneWorks({ place }: LeafOf, leaf: Leaf, pane: Pane): WorkIn[] {
  const mate = { piece: `${leaf.key}/${pane.kind}` };
  const { x, z } = withinBorder(leaf, pane);
  if (pane.kind === 'mirror')
    return [
      {
        key: 'pane',
        kind: 'footprint',
        side: 'face',
        at: { x, y: [leaf.y[0], leaf.y[0]], z },
        mate,
        words: 'the mirror',
      },
    ];
  const through: WorkIn = {
    key: 'pane',
    kind: 'cut-out',
    side: 'face',
    at: { x, y: leaf.y, z },
    words: 'the glass',
  };
  const by = pane.rebate.mm;
  if (by === 0) return [through];
  return [
    through,
    {
      key: 'rebate',
      kind: 'rebate',
      side: 'back',
      at: { x: grown(x, by), y: [ofPane(place, leaf, pane)[0], leaf.y[1]], z: grown(z, by) },
      words: 'the glass, from behind',
    },
  ];
}

function paneOf({ door, place }: LeafOf, leaf: Leaf): Piece[] {
  const { pane } = door.leaf;
  if (!pane) return [];
  const t = place.stock.thickness(pane.material);
  const y = ofPane(place, leaf, pane);
  const rebated = pane.kind === 'glass';
  const into = rebated ? pane.rebate.mm - PANE_PLAY / 2 : 0;
  const border: SumLine[] = [
    ...(pane.border.mm > 0
      ? [{ words: 'border', mm: -2 * pane.border.mm, times: [2, pane.border.mm] as const }]
      : []),
    ...(rebated
      ? [
          ...(pane.rebate.mm > 0
            ? [{ words: 'rebates', mm: 2 * pane.rebate.mm, times: [2, pane.rebate.mm] as const }]
            : []),
          { words: 'play for the glass', mm: -PANE_PLAY },
        ]
      : []),
  ];
  const key = `${leaf.key}/${pane.kind}`;
  const said = saidOf(door.name, leaf);
  return [
    board(frameOf(place.carcass), {
      key,
      item: door.id,
      role: 'pane',
      name: `${pane.kind === 'glass' ? 'Glass' : 'Mirror'} of ${door.name}${leaf.of === '' ? '' : `, ${leaf.of}`}`,
      // Glass lies within its leaf: what meets it meets that.
      told:
        pane.kind === 'glass'
          ? { key: `${leaf.key}/leaf`, words: `the ${said}` }
          : { key, words: `the mirror of the ${said}` },
      at: {
        x: grown(withinBorder(leaf, pane).x, into),
        y,
        z: grown(withinBorder(leaf, pane).z, into),
      },
      way: LEAF_WAY,
      length: [{ words: 'leaf height', mm: leaf.z[1] - leaf.z[0] }, ...border],
      width: [{ words: 'leaf width', mm: leaf.x[1] - leaf.x[0] }, ...border],
      thick: [{ words: 'as it is sold', mm: t }],
      material: pane.material,
    }),
  ];
}

function handleOf({ door, place }: LeafOf, leaf: Leaf): Piece[] {
  const { handle } = door;
  if (!handle) return [];
  const frame = frameOf(place.carcass);
  const [a, b] = [fromFree(leaf, handle.fromFree.mm), fromFree(leaf, handle.fromFree.mm + handle.width.mm)];
  const x: Range = [Math.min(a, b), Math.max(a, b)];
  const foot = leaf.z[0] + handle.fromBottom.mm;
  const z: Range = [foot, foot + handle.height.mm];
  const y: Range = [leaf.y[0] - handle.projection.mm, leaf.y[0]];
  const key = `${leaf.key}/handle`;
  return [
    plain(frame, {
      key,
      item: door.id,
      role: 'handle',
      is: 'bought',
      name: handle.kind === 'bar' ? 'Bar handle' : 'Knob',
      told: { key, words: `the handle of the ${saidOf(door.name, leaf)}` },
      ...(handle.kind === 'bar'
        ? { at: [{ x, y, z }] }
        : { solids: [frame.frontal(roundAbout(middleOf(x), middleOf(z), handle.width.mm / 2), y[0], y[1])] }),
      mass: { kg: HANDLE_KG, centre: frame.toSpace([middleOf(x), middleOf(y), middleOf(z)]) },
    }),
  ];
}

function rackOf({ door, place }: LeafOf, leaf: Leaf): Piece[] {
  const { rack } = door;
  if (!rack) return [];
  const frame = frameOf(place.carcass);
  const [a, b] = [fromHinge(leaf, rack.fromHinge.mm), fromFree(leaf, rack.fromFree.mm)];
  const foot = leaf.z[0] + rack.fromBottom.mm;
  const at: Bounds = {
    x: [Math.min(a, b), Math.max(a, b)],
    y: [leaf.y[1], leaf.y[1] + rack.depth.mm],
    z: [foot, foot + rack.height.mm],
  };
  const key = `${leaf.key}/rack`;
  return [
    plain(frame, {
      key,
      item: door.id,
      role: 'rack',
      is: 'content',
      name: 'Rack with what is in it',
      told: { key, words: `the rack on the ${saidOf(door.name, leaf)}` },
      at: [at],
      mass: { kg: rack.load, centre: frame.toSpace([middleOf(at.x), middleOf(at.y), middleOf(at.z)]) },
    }),
  ];
}
