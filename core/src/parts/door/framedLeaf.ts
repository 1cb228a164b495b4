import { sideTowards } from '../../piece/lie';
import type { Board, WorkIn } from '../../piece/board';
import { middleOf, type Bounds, type Range } from '../../solid/bounds';
import type { SumLine } from '../../sizing/sum';
import type { Leaf, LeafOf } from './leaf';
import { LEAF_WAY, leafSums, saidOf } from './leafSums';

/** A panel is so much less wide and high than its grooves are apart, in all, mm, so that the leaf closes on it. Common practice. */
export const PANEL_PLAY = 3;
/** Across, its face to the front. */
const RAIL_WAY = ['x', '-z'] as const;

/** A leaf of stiles and rails as it lies, in its carcass's frame, mm. */
interface Framed {
  readonly laid: LeafOf;
  readonly leaf: Leaf;
  readonly stile: number;
  readonly rail: number;
  /** How deep the groove is that runs round within, and from face to back. */
  readonly deep: number;
  readonly groove: Range;
  /** What is clear between the stiles, and between the rails. */
  readonly x: Range;
  readonly z: Range;
  readonly sums: ReturnType<typeof leafSums>;
}

/** The hinge stile first, the other, two rails and the panel: tongues of the rails and the edges of the panel in one groove all round. */
export function framedBoards(laid: LeafOf, leaf: Leaf): Board[] {
  const { stile, rail, groove, panel } = laid.door.leaf.framed!;
  const middle = middleOf(leaf.y);
  const half = laid.place.stock.thickness(panel) / 2;
  const framed: Framed = {
    ...{ laid, leaf, sums: leafSums(laid) },
    ...{ stile: stile.mm, rail: rail.mm, deep: groove.mm },
    groove: [middle - half, middle + half],
    x: [leaf.x[0] + stile.mm, leaf.x[1] - stile.mm],
    z: [leaf.z[0] + rail.mm, leaf.z[1] - rail.mm],
  };
  const free = leaf.side === 'left' ? 'right' : 'left';
  return [
    stileOf(framed, leaf.side),
    stileOf(framed, free),
    railOf(framed, 'bottom'),
    railOf(framed, 'top'),
    panelOf(framed),
  ];
}

const chosen = (mm: number): SumLine[] => [{ words: 'as chosen', mm }];
const twice = (words: string, mm: number): SumLine => ({ words, mm: 2 * mm, times: [2, Math.abs(mm)] });

const named = ({ laid, leaf }: Framed, id: string, role: Board['role'], words: string) => ({
  key: `${leaf.key}/${id}`,
  item: laid.door.id,
  role,
  told: { key: `${leaf.key}/leaf`, words: `the ${saidOf(laid.door.name, leaf)}` },
  material: laid.door.leaf.material,
  name: `${laid.door.name}${leaf.of === '' ? '' : `, ${leaf.of}`}, ${words}`,
  thick: [{ words: 'as the board', mm: laid.thick }],
});

function stileOf(framed: Framed, which: 'left' | 'right'): Board {
  const { leaf, x, deep, groove, stile, sums } = framed;
  const left = which === 'left';
  const edge = (side: 'left' | 'right') =>
    side !== which ? 'inner edge' : which === leaf.side ? 'hinge edge' : 'free edge';
  return {
    ...named(framed, `stile-${which}`, 'stile', `${which === leaf.side ? 'hinge' : 'free'} stile`),
    at: { x: left ? [leaf.x[0], x[0]] : [x[1], leaf.x[1]], y: leaf.y, z: leaf.z },
    way: LEAF_WAY,
    length: sums.length,
    width: chosen(stile),
    sides: {
      start: 'foot',
      end: 'head',
      left: edge('left'),
      right: edge('right'),
      face: 'face',
      back: 'back',
    },
    works: [
      {
        key: 'groove',
        kind: 'groove',
        side: left ? 'right' : 'left',
        at: { x: left ? [x[0] - deep, x[0]] : [x[1], x[1] + deep], y: groove, z: leaf.z },
      },
    ],
  };
}

function railOf(framed: Framed, end: 'bottom' | 'top'): Board {
  const { leaf, x, z, deep, groove, stile, rail, sums } = framed;
  const low = end === 'bottom';
  const at: Bounds = {
    x: [x[0] - deep, x[1] + deep],
    y: leaf.y,
    z: low ? [leaf.z[0], z[0]] : [z[1], leaf.z[1]],
  };
  const tongue = (side: 'start' | 'end', run: Range, face: 'face' | 'back'): WorkIn => ({
    key: `tongue-${side}-${face}`,
    kind: 'rebate',
    side: face,
    at: { x: run, y: face === 'face' ? [leaf.y[0], groove[0]] : [groove[1], leaf.y[1]], z: at.z },
  });
  return {
    ...named(framed, `rail-${end}`, 'rail', `${end} rail`),
    at,
    way: RAIL_WAY,
    length: [...sums.width, twice('stiles', -stile), twice('into the stiles', deep)],
    width: chosen(rail),
    sides: {
      start: 'left end',
      end: 'right end',
      left: low ? 'inner edge' : 'outer edge',
      right: low ? 'outer edge' : 'inner edge',
      face: 'face',
      back: 'back',
    },
    works: [
      {
        key: 'groove',
        kind: 'groove',
        side: sideTowards(RAIL_WAY, low ? 'z' : '-z'),
        at: { x: at.x, y: groove, z: low ? [z[0] - deep, z[0]] : [z[1], z[1] + deep] },
      },
      ...(['face', 'back'] as const).flatMap((face) => [
        tongue('start', [at.x[0], x[0]], face),
        tongue('end', [x[1], at.x[1]], face),
      ]),
    ],
  };
}

function panelOf(framed: Framed): Board {
  const { laid, x, z, deep, groove, stile, rail, sums } = framed;
  const into = deep - PANEL_PLAY / 2;
  const play = { words: 'play in its grooves', mm: -PANEL_PLAY };
  const { panel } = laid.door.leaf.framed!;
  return {
    ...named(framed, 'panel', 'panel', 'panel'),
    material: panel,
    thick: [{ words: 'as the board', mm: laid.place.stock.thickness(panel) }],
    at: { x: [x[0] - into, x[1] + into], y: groove, z: [z[0] - into, z[1] + into] },
    way: LEAF_WAY,
    length: [...sums.length, twice('rails', -rail), twice('into the rails', deep), play],
    width: [...sums.width, twice('stiles', -stile), twice('into the stiles', deep), play],
    notes: ['Lies loose in its grooves: no glue on it.'],
  };
}
