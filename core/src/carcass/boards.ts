import { called } from '../item/called';
import type { Stock } from '../material/stock';
import type { Board } from '../piece/board';
import type { Way } from '../piece/lie';
import type { Role } from '../piece/piece';
import type { Edge } from '../piece/work';
import type { Range } from '../solid/bounds';
import { frameOf } from '../item/frame';
import type { SumLine } from '../sizing/sum';
import type { Layout } from './layout';
import { added, faceAt, leftmost, plumbLine, rightmost, slabs, type FaceLine } from './line';
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

function caseOf(carcass: Carcass, { shell, left, right }: Layout, stock: Stock): Panel[] {
  const { width: w, height: h, sheet: s, foot, topThick } = shell;
  const depth = carcass.depth.mm;
  const { back, top, carries, sheet } = carcass;
  const rear = back?.set === 'behind' ? depth - stock.thickness(back.material) : depth;
  const f = shell.front;
  const over = top === 'over';
  const sideTop = over ? h - s : h;
  const lining = carries.inside.mm;
  const y: Range = [f, rear];
  const deep = [
    one('carcass depth', depth),
    ...less('face frame', f),
    ...less('back behind it', depth - rear),
  ];
  const onStand = [one('carcass height', h), ...less(STANDS[carcass.stands.on], foot)];
  const between = [one('carcass width', w), twice('sides', s)];
  /** What carries a lining on its face is so much thicker once it is finished. */
  const lined = (mm: number) => ({
    thick: [one('as the board', mm), ...(lining > 0 ? [one('lining', lining)] : [])],
    faced: { face: lining, back: 0 },
  });
  const side = (which: 'left' | 'right'): Panel => {
    const lean = carcass.sides[which];
    const edge = plumbLine(which === 'left' ? 0 : w, foot, sideTop);
    const off: FaceLine = [[foot, 0], [(foot + h) / 2, lean?.middle.mm ?? 0], [h, lean?.head.mm ?? 0]]; // prettier-ignore
    const outer = lean ? added(edge, off, which === 'left' ? 1 : -1) : edge;
    const face = which === 'left' ? left : right;
    // Above and below the inside it stands as drawn.
    const drawn = which === 'left' ? shell.left : shell.right;
    const inner: FaceLine = [
      [foot, faceAt(drawn, foot)],
      ...face.filter(([z]) => z > foot && z < sideTop),
      [sideTop, faceAt(drawn, sideTop)],
    ];
    const quads = which === 'left' ? slabs(outer, inner) : slabs(inner, outer);
    const lines = [...outer, ...inner];
    return {
      id: which,
      role: 'side',
      words: `${which} side`,
      x: [leftmost(lines), rightmost(lines)],
      y,
      z: [foot, sideTop],
      quads,
      way: which === 'left' ? FACES_RIGHT : FACES_LEFT,
      material: sheet,
      length: [...onStand, ...less('top over it', over ? s : 0)],
      width: deep,
      ...lined(s),
      banded: onFront(carcass, which === 'left' ? 'left' : 'right'),
    };
  };
  const level = (id: 'bottom' | 'top', z: Range, whole: boolean): Panel => ({
    id,
    role: id,
    words: id,
    x: whole ? [0, w] : [s, w - s],
    y,
    z,
    way: id === 'bottom' ? FACES_UP : FACES_DOWN,
    material: sheet,
    length: whole ? [one('carcass width', w)] : between,
    width: deep,
    ...lined(s),
    banded: onFront(carcass, id === 'bottom' ? 'right' : 'left'),
  });
  const panels = [
    side('left'),
    side('right'),
    level('bottom', [foot, shell.bottom], false),
    ...(topThick > 0 ? [level('top', [shell.top, h], over)] : []),
  ];
  if (back) {
    const t = stock.thickness(back.material);
    const inside = back.set === 'between';
    panels.push({
      id: 'back',
      role: 'back',
      words: 'back',
      x: inside ? [s, w - s] : [0, w],
      y: [depth - t - lining, depth],
      z: inside ? [foot + s, topThick > 0 ? h - topThick : h] : [foot, h],
      way: FRONT,
      material: back.material,
      length: [
        ...onStand,
        ...(inside ? (topThick > 0 ? [twice('top and bottom', s)] : less('bottom', s)) : []),
      ],
      width: inside ? between : [one('carcass width', w)],
      ...lined(t),
    });
  }
  if (carcass.kind === 'free cradle') {
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
    panels.push(rail('rail-front', 'front rail', f), rail('rail-back', 'back rail', depth - s));
  }
  return panels;
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
