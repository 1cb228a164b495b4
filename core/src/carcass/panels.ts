import type { Stock } from '../material/stock';
import { sumOf, type Sum, type SumLine } from '../sizing/sum';
import type { Layout } from './layout';
import { added, faceAt, plumbLine, slabs, type FaceLine } from './line';
import type { Carcass } from './schema';
import { RAIL } from './shell';

type Quad = readonly (readonly [number, number])[];

/** A piece of a carcass: where it stands in the carcass's frame, and what is cut for it. */
export interface Panel {
  /** The end of its body's id. */
  readonly id: string;
  /** As it reads in a sentence: "the left side". */
  readonly words: string;
  /** As a list says it: "Left side". */
  readonly name: string;
  /** Seen from the front, in convex quadrilaterals (x, z), mm; y from `front` back to `back`. */
  readonly quads: readonly Quad[];
  readonly front: number;
  readonly back: number;
  readonly material: string;
  /** Along the grain where it has one, then across. */
  readonly length: Sum;
  readonly width: Sum;
}

const rect = (x0: number, x1: number, z0: number, z1: number): Quad[] => [
  [
    [x0, z0],
    [x1, z0],
    [x1, z1],
    [x0, z1],
  ],
];
const one = (words: string, mm: number): SumLine => ({ words, mm });
const less = (words: string, mm: number): SumLine[] => (mm > 0 ? [{ words, mm: -mm }] : []);
const twice = (words: string, mm: number): SumLine => ({ words, mm: -2 * mm, times: [2, mm] });
const capital = (text: string) => `${text.charAt(0).toUpperCase()}${text.slice(1)}`;

/** Every piece a carcass is made of. */
export function panelsOf(carcass: Carcass, layout: Layout, stock: Stock): Panel[] {
  const box = carcass.kind === 'table frame' ? tableFrame(carcass, layout) : caseOf(carcass, layout, stock);
  return [
    ...box,
    ...dividersOf(carcass, layout),
    ...faceFrame(carcass, layout, stock),
    ...standing(carcass, layout, stock),
    ...besides(carcass, layout, stock),
  ];
}

function caseOf(carcass: Carcass, { shell, left, right }: Layout, stock: Stock): Panel[] {
  const { width: w, height: h, sheet: s, foot, topThick } = shell;
  const depth = carcass.depth.mm;
  const { back, top, carries, sheet } = carcass;
  const rear = back?.set === 'behind' ? depth - stock.thickness(back.material) : depth;
  const f = shell.front;
  const over = top === 'over';
  const sideTop = over ? h - s : h;
  const lining = carries.inside.mm;
  const deep = sumOf('depth', [
    one('carcass depth', depth),
    ...less('face frame', f),
    ...less('back behind it', depth - rear),
    ...less('edge banding', carcass.banding.mm),
  ]);
  const tall = sumOf('height', [
    one('carcass height', h),
    ...less(carcass.stands.on.replace(/^an? /, ''), foot),
    ...less('top over it', over ? s : 0),
  ]);
  const between = sumOf('width', [one('carcass width', w), twice('sides', s)]);
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
    return {
      id: which,
      words: `the ${which} side`,
      name: `${capital(which)} side`,
      quads: which === 'left' ? slabs(outer, inner) : slabs(inner, outer),
      front: f,
      back: rear,
      material: sheet,
      length: tall,
      width: deep,
    };
  };
  const level = (id: 'bottom' | 'top', z0: number, z1: number, whole: boolean): Panel => ({
    id,
    words: `the ${id}`,
    name: capital(id),
    quads: whole ? rect(0, w, z0, z1) : rect(s, w - s, z0, z1),
    front: f,
    back: rear,
    material: sheet,
    length: whole ? sumOf('width', [one('carcass width', w)]) : between,
    width: deep,
  });
  const panels = [
    side('left'),
    side('right'),
    level('bottom', foot, shell.bottom, false),
    ...(topThick > 0 ? [level('top', shell.top, h, over)] : []),
  ];
  if (back) {
    const t = stock.thickness(back.material);
    const inside = back.set === 'between';
    const head = inside && topThick > 0 ? h - topThick : h;
    panels.push({
      id: 'back',
      words: 'the back',
      name: 'Back',
      quads: inside ? rect(s, w - s, foot + s, head) : rect(0, w, foot, h),
      front: depth - t - lining,
      back: depth,
      material: back.material,
      length: sumOf('height', [
        one('carcass height', h),
        ...less(carcass.stands.on.replace(/^an? /, ''), foot),
        ...(inside ? (topThick > 0 ? [twice('top and bottom', s)] : less('bottom', s)) : []),
      ]),
      width: inside ? between : sumOf('width', [one('carcass width', w)]),
    });
  }
  if (carcass.kind === 'free cradle') {
    const rail = (id: string, words: string, y0: number): Panel => ({
      id,
      words,
      name: capital(words.replace('the ', '')),
      quads: rect(s, w - s, foot + s, foot + s + RAIL),
      front: y0,
      back: y0 + s,
      material: sheet,
      length: between,
      width: sumOf('width', [one('rail', RAIL)]),
    });
    panels.push(rail('rail-front', 'the front rail', f), rail('rail-back', 'the back rail', depth - s));
  }
  return panels;
}

/** Four legs, and four rails between them under what is laid on top. */
function tableFrame(carcass: Carcass, { shell }: Layout): Panel[] {
  const { width: w, height: h, side: leg, sheet: s } = shell;
  const d = carcass.depth.mm;
  const tall = sumOf('height', [one('carcass height', h)]);
  const legs = (['left', 'right'] as const).flatMap((which) =>
    (['front', 'back'] as const).map((end): Panel => ({
      id: end === 'front' ? which : `${which}-${end}`,
      words: `the ${which} ${end} leg`,
      name: `${capital(which)} ${end} leg`,
      quads: which === 'left' ? rect(0, leg, 0, h) : rect(w - leg, w, 0, h),
      front: end === 'front' ? 0 : d - leg,
      back: end === 'front' ? leg : d,
      material: carcass.sheet,
      length: tall,
      width: sumOf('width', [one('leg', leg)]),
    })),
  );
  const railed = sumOf('width', [one('rail', RAIL)]);
  const long = sumOf('length', [one('carcass width', w), twice('legs', leg)]);
  const short = sumOf('length', [one('carcass depth', d), twice('legs', leg)]);
  const rail = (id: string, words: string, quads: Quad[], y0: number, y1: number, length: Sum): Panel => ({
    id,
    words: `the ${words}`,
    name: capital(words),
    quads,
    front: y0,
    back: y1,
    material: carcass.sheet,
    length,
    width: railed,
  });
  return [
    ...legs,
    rail('top', 'front rail', rect(leg, w - leg, h - RAIL, h), 0, s, long),
    rail('rail-back', 'back rail', rect(leg, w - leg, h - RAIL, h), d - s, d, long),
    rail('rail-left', 'left rail', rect(0, s, h - RAIL, h), leg, d - leg, short),
    rail('rail-right', 'right rail', rect(w - s, w, h - RAIL, h), leg, d - leg, short),
  ];
}

function dividersOf(carcass: Carcass, { dividers, shell }: Layout): Panel[] {
  const counts = { uprights: 0, shelves: 0 };
  const lining = carcass.carries.inside.mm;
  return dividers.map(({ id, way, left, right, front, long }) => {
    const n = (counts[way] += 1);
    const words = way === 'uprights' ? `upright ${n}` : `fixed shelf ${n}`;
    return {
      id,
      words,
      name: capital(words),
      quads: slabs(left, right),
      front,
      back: shell.back,
      material: carcass.sheet,
      length: { ...long, name: 'length' },
      width: sumOf('depth', [
        one('carcass depth', carcass.depth.mm),
        ...less('face frame', shell.front),
        ...less('back', carcass.depth.mm - shell.back - (carcass.back ? lining : 0)),
        ...less('lining', carcass.back ? lining : 0),
        ...less('set back', front - shell.front),
        ...less('edge banding', carcass.banding.mm),
      ]),
    };
  });
}

/** Stiles over the whole height, rails between them, and a member before each upright and fixed shelf. */
function faceFrame({ frame }: Carcass, { shell, dividers }: Layout, stock: Stock): Panel[] {
  if (!frame) return [];
  const { width: w, height: h, foot, sheet } = shell;
  const t = stock.thickness(frame.material);
  const tall = sumOf('height', [one('carcass height', h), ...less('what it stands on', foot)]);
  const between = sumOf('length', [
    one('carcass width', w),
    ...less('left stile', frame.left.mm),
    ...less('right stile', frame.right.mm),
  ]);
  const piece = (id: string, words: string, quads: Quad[], length: Sum, wide: number): Panel => ({
    id,
    words: `the ${words}`,
    name: capital(words),
    quads,
    front: 0,
    back: t,
    material: frame.material,
    length,
    width: sumOf('width', [one('as chosen', wide)]),
  });
  const [x0, x1] = [frame.left.mm, w - frame.right.mm];
  return [
    piece('stile-left', 'left stile', rect(0, x0, foot, h), tall, frame.left.mm),
    piece('stile-right', 'right stile', rect(x1, w, foot, h), tall, frame.right.mm),
    piece('rail-bottom', 'bottom rail', rect(x0, x1, foot, foot + frame.bottom.mm), between, frame.bottom.mm),
    piece('rail-top', 'top rail', rect(x0, x1, h - frame.top.mm, h), between, frame.top.mm),
    ...dividers.map(({ id, way, left: l, right: r, bottom, top }, i) => {
      const half = (frame.between.mm - sheet) / 2;
      const [z0, z1] = [foot + frame.bottom.mm, h - frame.top.mm];
      const quads =
        way === 'uprights'
          ? rect(l[0]![1] - half, r[0]![1] + half, Math.max(z0, bottom), Math.min(z1, top))
          : rect(Math.max(x0, l[0]![1]), Math.min(x1, r[0]![1]), bottom - half, top + half);
      const long = quads[0]!;
      const mm = way === 'uprights' ? long[2]![1] - long[0]![1] : long[1]![0] - long[0]![0];
      const words = `frame member ${i + 1}`;
      return piece(
        `member-${id}`,
        words,
        quads,
        sumOf('length', [one('between the members', mm)]),
        frame.between.mm,
      );
    }),
  ];
}

/** What it stands on or hangs from. */
function standing({ stands, kind, sheet, depth }: Carcass, { shell }: Layout, stock: Stock): Panel[] {
  const { width: w, foot, side, top } = shell;
  const t = stock.thickness(sheet);
  const d = depth.mm;
  if (kind === 'table frame' || stands.on === 'the floor') return [];
  if (stands.on === 'the wall') {
    return [
      {
        id: 'hanging-rail',
        words: 'the hanging rail',
        name: 'Hanging rail',
        quads: rect(side, w - side, top - stands.rail.mm, top),
        front: shell.back - t,
        back: shell.back,
        material: sheet,
        length: sumOf('length', [one('carcass width', w), twice('sides', side)]),
        width: sumOf('width', [one('as chosen', stands.rail.mm)]),
      },
    ];
  }
  if (stands.on === 'a plinth') {
    const at = stands.setback.mm;
    const high = sumOf('width', [one('plinth height', foot)]);
    const board = (
      id: string,
      words: string,
      x0: number,
      x1: number,
      y0: number,
      y1: number,
      length: Sum,
    ): Panel => ({
      id,
      words: `the ${words}`,
      name: capital(words),
      quads: rect(x0, x1, 0, foot),
      front: y0,
      back: y1,
      material: sheet,
      length,
      width: high,
    });
    const across = sumOf('length', [one('carcass width', w)]);
    const deep = sumOf('length', [one('carcass depth', d), one('set back', -at), twice('plinth boards', t)]);
    return [
      board('plinth-front', 'plinth front', 0, w, at, at + t, across),
      board('plinth-back', 'plinth back', 0, w, d - t, d, across),
      board('plinth-left', 'left plinth side', 0, t, at + t, d - t, deep),
      board('plinth-right', 'right plinth side', w - t, w, at + t, d - t, deep),
    ];
  }
  const leg = Math.min(stands.thick.mm, w / 3, d / 3);
  return [0, w - leg].flatMap((x, i) =>
    [0, d - leg].map((y, j): Panel => {
      const words = `${i === 0 ? 'left' : 'right'} ${j === 0 ? 'front' : 'back'} leg`;
      return {
        id: `leg-${i}${j}`,
        words: `the ${words}`,
        name: capital(words),
        quads: rect(x, x + leg, 0, foot),
        front: y,
        back: y + leg,
        material: sheet,
        length: sumOf('length', [one('legs', foot)]),
        width: sumOf('width', [one('leg', leg)]),
      };
    }),
  );
}

/** End panels against its sides, and fillers beside its front. */
function besides(
  { ends, fillers, depth, stands, sheet: sides }: Carcass,
  { shell }: Layout,
  stock: Stock,
): Panel[] {
  const { width: w, height: h, foot, sheet } = shell;
  const thick = (side: 'left' | 'right') => (ends[side] ? stock.thickness(ends[side].material) : 0);
  const found: Panel[] = [];
  for (const side of ['left', 'right'] as const) {
    const end = ends[side];
    const filler = fillers[side];
    const t = thick(side);
    const out = (from: number, to: number) =>
      side === 'left' ? ([-to, -from] as const) : ([w + from, w + to] as const);
    if (end) {
      const low = end.reaches === 'the floor' ? 0 : foot;
      const [x0, x1] = out(0, t);
      found.push({
        id: `end-${side}`,
        words: `the ${side} end panel`,
        name: `${capital(side)} end panel`,
        quads: rect(x0, x1, low, h),
        front: -end.proud.mm,
        back: depth.mm,
        material: end.material,
        length: sumOf('height', [one('carcass height', h), ...less(stands.on.replace(/^an? /, ''), low)]),
        width: sumOf('depth', [one('carcass depth', depth.mm), one('past the front', end.proud.mm)]),
      });
    }
    if (filler) {
      const [x0, x1] = out(t, t + filler.width.mm);
      found.push({
        id: `filler-${side}`,
        words: `the ${side} filler`,
        name: `${capital(side)} filler`,
        quads: rect(x0, x1, foot, h),
        front: 0,
        back: sheet,
        material: sides,
        length: sumOf('height', [one('carcass height', h), ...less(stands.on.replace(/^an? /, ''), foot)]),
        width: sumOf('width', [
          one('gap to fill', filler.width.mm),
          ...(filler.scribe.mm > 0 ? [one('to be cut to the wall', filler.scribe.mm)] : []),
        ]),
      });
    }
  }
  return found;
}
