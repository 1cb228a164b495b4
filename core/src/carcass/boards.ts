import { called } from '../item/called';
import type { Stock } from '../material/stock';
import type { Board } from '../piece/board';
import type { Way } from '../piece/lie';
import type { Role } from '../piece/piece';
import type { Edge } from '../piece/work';
import type { Range } from '../solid/bounds';
import { frameOf } from '../item/frame';
import type { SumLine } from '../sizing/sum';
import { outerFace, type Layout } from './layout';
import { faceAt, leftmost, rightmost, slabs, type FaceLine } from './line';
import { besides, faceFrame, standing } from './outer';
import {
  FRONT,
  ACROSS,
  FACES_RIGHT,
  FACES_LEFT,
  ALONG,
  FACES_UP,
  FACES_DOWN,
  sidesOf,
  one,
  less,
  twice,
  type Panel,
} from './panel';
import type { Carcass } from './schema';
import { RAIL, STANDS } from './shell';
import { capitalised } from '../item/capitals';

/** What is told by a number takes no article. */
const NUMBERED: ReadonlySet<Role> = new Set<Role>(['upright', 'fixed shelf']);

/** Every board a carcass is made of, as it is given in the carcass's frame. */
export function boardsOf(carcass: Carcass, layout: Layout, stock: Stock): Board[] {
  const frame = frameOf(carcass);
  const panels = [
    ...(carcass.kind === 'table frame' ? tableFrame(carcass, layout) : caseOf(carcass, layout, stock)),
    ...dividersOf(carcass, layout),
    ...faceFrame(carcass, layout, stock),
    ...standing(carcass, layout, stock),
    ...besides(carcass, layout, stock),
  ];
  return panels.map(({ id, role, words, x, y, z, quads, thick, ...panel }): Board => {
    const key = `${carcass.id}/${id}`;
    return {
      ...panel,
      key,
      item: carcass.id,
      role,
      name: capitalised(words),
      told: { key, words: `${NUMBERED.has(role) ? '' : 'the '}${words} of the ${called(carcass.name)}` },
      at: { x, y, z },
      sides: sidesOf(panel.way),
      thick: thick ?? [one('as the board', stock.thickness(panel.material))],
      ...(quads && !quads.every(isPlumb) && { solids: quads.map((quad) => frame.frontal(quad, y[0], y[1])) }),
    };
  });
}

const isPlumb = ([a, b, c, d]: readonly (readonly [number, number])[]) => a![0] === d![0] && b![0] === c![0];

/** A case as its boards are cut for it: the sums that several of them share, mm. */
interface CaseSums {
  /** Where the sides end, and how far back they and what is between them go. */
  readonly sideTop: number;
  readonly y: Range;
  readonly deep: readonly SumLine[];
  readonly onStand: readonly SumLine[];
  readonly between: readonly SumLine[];
  readonly lining: number;
}

function caseSums(carcass: Carcass, { shell }: Layout, stock: Stock): CaseSums {
  const { width: w, height: h, sheet: s, foot, front: f } = shell;
  const depth = carcass.depth.mm;
  const { back, top, carries } = carcass;
  const rear = back?.set === 'behind' ? depth - stock.thickness(back.material) : depth;
  return {
    sideTop: top === 'over' ? h - s : h,
    y: [f, rear],
    deep: [one('carcass depth', depth), ...less('face frame', f), ...less('back behind it', depth - rear)],
    onStand: [one('carcass height', h), ...less(STANDS[carcass.stands.on], foot)],
    between: [one('carcass width', w), twice('sides', s)],
    lining: carries.inside.mm,
  };
}

function caseOf(carcass: Carcass, layout: Layout, stock: Stock): Panel[] {
  const { width: w, height: h, sheet: s, foot, top, bottom, topThick } = layout.shell;
  const sums = caseSums(carcass, layout, stock);
  const over = carcass.top === 'over';
  const level = (id: 'bottom' | 'top', z: Range, whole: boolean): Panel => ({
    id,
    role: id,
    words: id,
    x: whole ? [0, w] : [s, w - s],
    y: sums.y,
    z,
    way: id === 'bottom' ? FACES_UP : FACES_DOWN,
    material: carcass.sheet,
    length: whole ? [one('carcass width', w)] : sums.between,
    width: sums.deep,
    ...lined(s, sums.lining),
    banded: onFront(carcass, id === 'bottom' ? 'right' : 'left'),
  });
  return [
    sideOfCase(carcass, layout, sums, 'left'),
    sideOfCase(carcass, layout, sums, 'right'),
    level('bottom', [foot, bottom], false),
    ...(topThick > 0 ? [level('top', [top, h], over)] : []),
    ...backOfCase(carcass, layout, sums, stock),
    ...(carcass.kind === 'free cradle' ? cradleRails(carcass, layout, sums) : []),
  ];
}

/** What carries a lining on its face is so much thicker once it is finished. */
const lined = (mm: number, lining: number) => ({
  thick: [one('as the board', mm), ...(lining > 0 ? [one('lining', lining)] : [])],
  faced: { face: lining, back: 0 },
});

function sideOfCase(
  carcass: Carcass,
  { shell, left, right }: Layout,
  { sideTop, y, deep, onStand, lining }: CaseSums,
  which: 'left' | 'right',
): Panel {
  const { height: h, sheet: s, foot } = shell;
  const outer = outerFace(carcass, shell, which, sideTop);
  const face = which === 'left' ? left : right;
  // Above and below the inside it stands as drawn.
  const drawn = which === 'left' ? shell.left : shell.right;
  const inner: FaceLine = [
    [foot, faceAt(drawn, foot)],
    ...face.filter(([z]) => z > foot && z < sideTop),
    [sideTop, faceAt(drawn, sideTop)],
  ];
  const lines = [...outer, ...inner];
  return {
    id: which,
    role: 'side',
    words: `${which} side`,
    x: [leftmost(lines), rightmost(lines)],
    y,
    z: [foot, sideTop],
    quads: which === 'left' ? slabs(outer, inner) : slabs(inner, outer),
    way: which === 'left' ? FACES_RIGHT : FACES_LEFT,
    material: carcass.sheet,
    length: [...onStand, ...less('top over it', h - sideTop)],
    width: deep,
    ...lined(s, lining),
    banded: onFront(carcass, which === 'left' ? 'left' : 'right'),
  };
}

function backOfCase(
  { back, depth }: Carcass,
  { shell }: Layout,
  { onStand, between, lining }: CaseSums,
  stock: Stock,
): Panel[] {
  if (!back) return [];
  const { width: w, height: h, sheet: s, foot, topThick } = shell;
  const t = stock.thickness(back.material);
  const inside = back.set === 'between';
  return [
    {
      id: 'back',
      role: 'back',
      words: 'back',
      x: inside ? [s, w - s] : [0, w],
      y: [depth.mm - t - lining, depth.mm],
      z: inside ? [foot + s, topThick > 0 ? h - topThick : h] : [foot, h],
      way: FRONT,
      material: back.material,
      length: [
        ...onStand,
        ...(inside ? (topThick > 0 ? [twice('top and bottom', s)] : less('bottom', s)) : []),
      ],
      width: inside ? between : [one('carcass width', w)],
      ...lined(t, lining),
    },
  ];
}

/** Front and back of a cradle at its foot. */
function cradleRails({ sheet, depth }: Carcass, { shell }: Layout, { between }: CaseSums): Panel[] {
  const { width: w, sheet: s, foot, front } = shell;
  const rail = (id: string, words: string, y0: number): Panel => ({
    id,
    role: 'rail',
    words,
    x: [s, w - s],
    y: [y0, y0 + s],
    z: [foot + s, foot + s + RAIL],
    way: ACROSS,
    material: sheet,
    length: between,
    width: [one('rail', RAIL)],
  });
  return [rail('rail-front', 'front rail', front), rail('rail-back', 'back rail', depth.mm - s)];
}

const onFront = ({ banding }: Carcass, edge: Edge): NonNullable<Board['banded']> => ({ [edge]: banding.mm });

/** Four legs, and four rails between them under what is laid on top. */
function tableFrame(carcass: Carcass, { shell }: Layout): Panel[] {
  const { width: w, height: h, side: leg, sheet: s } = shell;
  const d = carcass.depth.mm;
  const legs = (['left', 'right'] as const).flatMap((which) =>
    (['front', 'back'] as const).map((end): Panel => ({
      id: end === 'front' ? which : `${which}-${end}`,
      role: 'leg',
      words: `${which} ${end} leg`,
      x: which === 'left' ? [0, leg] : [w - leg, w],
      y: end === 'front' ? [0, leg] : [d - leg, d],
      z: [0, h],
      way: FRONT,
      material: carcass.sheet,
      length: [one('carcass height', h)],
      width: [one('leg', leg)],
      thick: [one('leg', leg)],
    })),
  );
  const rail = (id: string, words: string, x: Range, y: Range, way: Way, length: SumLine[]): Panel => ({
    id,
    role: 'rail',
    words,
    x,
    y,
    z: [h - RAIL, h],
    way,
    material: carcass.sheet,
    length,
    width: [one('rail', RAIL)],
  });
  const long = [one('carcass width', w), twice('legs', leg)];
  const short = [one('carcass depth', d), twice('legs', leg)];
  return [
    ...legs,
    rail('top', 'front rail', [leg, w - leg], [0, s], ACROSS, long),
    rail('rail-back', 'back rail', [leg, w - leg], [d - s, d], ACROSS, long),
    rail('rail-left', 'left rail', [0, s], [leg, d - leg], ALONG, short),
    rail('rail-right', 'right rail', [w - s, w], [leg, d - leg], ALONG, short),
  ];
}

function dividersOf(carcass: Carcass, { dividers, shell }: Layout): Panel[] {
  const counts = { uprights: 0, shelves: 0 };
  const lining = carcass.carries.inside.mm;
  return dividers.map(({ id, way, left, right, bottom, top, front, long }): Panel => {
    const n = (counts[way] += 1);
    const upright = way === 'uprights';
    return {
      id,
      role: upright ? 'upright' : 'fixed shelf',
      words: upright ? `upright ${n}` : `fixed shelf ${n}`,
      x: upright ? [leftmost(left), rightmost(right)] : [rightmost(left), leftmost(right)],
      y: [front, shell.back],
      z: [bottom, top],
      quads: slabs(left, right),
      way: upright ? FACES_RIGHT : FACES_UP,
      material: carcass.sheet,
      length: long.lines,
      width: [
        one('carcass depth', carcass.depth.mm),
        ...less('face frame', shell.front),
        ...less('back', carcass.depth.mm - shell.back - (carcass.back ? lining : 0)),
        ...less('lining', carcass.back ? lining : 0),
        ...less('set back', front - shell.front),
      ],
      banded: onFront(carcass, upright ? 'left' : 'right'),
    };
  });
}
