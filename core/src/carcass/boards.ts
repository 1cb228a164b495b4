import { called } from '../item/called';
import type { Stock } from '../material/stock';
import type { Board } from '../piece/board';
import type { Axis, Way } from '../piece/lie';
import type { Role } from '../piece/piece';
import type { Edge } from '../piece/work';
import type { Bounds, Range } from '../solid/bounds';
import { frameOf } from '../space/frame';
import type { SumLine } from '../sizing/sum';
import type { Layout } from './layout';
import { added, faceAt, leftmost, plumbLine, rightmost, slabs, type FaceLine } from './line';
import type { Carcass } from './schema';
import { RAIL, STANDS } from './shell';

/** A board of a carcass before it is told whose it is; its key is the carcass's and this. */
interface Panel extends Bounds {
  readonly id: string;
  readonly role: Role;
  /** As it reads in a sentence, without its article: "left side". */
  readonly words: string;
  readonly way: Way;
  readonly material: string;
  readonly length: readonly SumLine[];
  readonly width: readonly SumLine[];
  /** Where it is not what it is cut from. */
  readonly thick?: readonly SumLine[];
  readonly banded?: NonNullable<Board['banded']>;
  readonly faced?: NonNullable<Board['faced']>;
  readonly cutBy?: NonNullable<Board['cutBy']>;
  readonly works?: NonNullable<Board['works']>;
  /** Seen from the front, (x, z): of what leans. */
  readonly quads?: readonly (readonly (readonly [number, number])[])[];
}

// Ways to lie, by what looks at whom: the face of each is what a builder has before him.
/** Upright, its face to the front. */
const FRONT: Way = ['z', 'x'];
/** Across, its face to the front. */
const ACROSS: Way = ['x', '-z'];
/** Upright along the depth, its face to the right, or to the left. */
const FACES_RIGHT: Way = ['z', 'y'];
const FACES_LEFT: Way = ['z', '-y'];
/** Along the depth, on edge. */
const ALONG: Way = ['y', 'z'];
/** Level, its face up, or down. */
const FACES_UP: Way = ['x', '-y'];
const FACES_DOWN: Way = ['x', 'y'];

/** What a builder calls the edges and faces of each. */
const WORDS: readonly (readonly [Way, NonNullable<Board['sides']>])[] = [
  [FRONT, { start: 'foot', end: 'head', left: 'left edge', right: 'right edge', face: 'front', back: 'back' }],
  [ACROSS, { start: 'left end', end: 'right end', left: 'upper edge', right: 'lower edge', face: 'front', back: 'back' }],
  [ALONG, { start: 'front end', end: 'back end', left: 'lower edge', right: 'upper edge', face: 'left face', back: 'right face' }],
  [FACES_RIGHT, { start: 'foot', end: 'head', left: 'front edge', right: 'back edge', face: 'right face', back: 'left face' }],
  [FACES_LEFT, { start: 'foot', end: 'head', left: 'back edge', right: 'front edge', face: 'left face', back: 'right face' }],
  [FACES_UP, { start: 'left end', end: 'right end', left: 'back edge', right: 'front edge', face: 'upper face', back: 'underside' }],
  [FACES_DOWN, { start: 'left end', end: 'right end', left: 'front edge', right: 'back edge', face: 'underside', back: 'upper face' }],
]; // prettier-ignore
const sidesOf = (way: Way) => WORDS.find(([one]) => one === way)![1];

const one = (words: string, mm: number): SumLine => ({ words, mm });
const less = (words: string, mm: number): SumLine[] => (mm > 0 ? [{ words, mm: -mm }] : []);
const twice = (words: string, mm: number): SumLine => ({ words, mm: -2 * mm, times: [2, mm] });
const capital = (text: string) => `${text.charAt(0).toUpperCase()}${text.slice(1)}`;

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
      name: capital(words),
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

/** Stiles over the whole height, rails between them, and a member before each upright and fixed shelf. */
function faceFrame({ frame, stands }: Carcass, { shell, dividers }: Layout, stock: Stock): Panel[] {
  if (!frame) return [];
  const { width: w, height: h, foot, sheet } = shell;
  const y: Range = [0, stock.thickness(frame.material)];
  const tall = [one('carcass height', h), ...less(STANDS[stands.on], foot)];
  const between = [
    one('carcass width', w),
    ...less('left stile', frame.left.mm),
    ...less('right stile', frame.right.mm),
  ];
  const upright = (id: string, role: Role, words: string, x: Range, z: Range, length: SumLine[], wide: number): Panel => ({ id, role, words, x, y, z, way: FRONT, material: frame.material, length, width: [one('as chosen', wide)] }); // prettier-ignore
  const across = (id: string, role: Role, words: string, x: Range, z: Range, length: SumLine[], wide: number): Panel => ({ ...upright(id, role, words, x, z, length, wide), way: ACROSS }); // prettier-ignore
  const [x0, x1] = [frame.left.mm, w - frame.right.mm];
  const [z0, z1] = [foot + frame.bottom.mm, h - frame.top.mm];
  const half = (frame.between.mm - sheet) / 2;
  return [
    upright('stile-left', 'stile', 'left stile', [0, x0], [foot, h], tall, frame.left.mm),
    upright('stile-right', 'stile', 'right stile', [x1, w], [foot, h], tall, frame.right.mm),
    across('rail-bottom', 'rail', 'bottom rail', [x0, x1], [foot, z0], between, frame.bottom.mm),
    across('rail-top', 'rail', 'top rail', [x0, x1], [z1, h], between, frame.top.mm),
    ...dividers.map(({ id, way, left: l, right: r, bottom, top }, i) => {
      const words = `frame member ${i + 1}`;
      const along: Range =
        way === 'uprights'
          ? [Math.max(z0, bottom), Math.min(z1, top)]
          : [Math.max(x0, l[0]![1]), Math.min(x1, r[0]![1])];
      const length = [one('between the members', along[1] - along[0])];
      return way === 'uprights'
        ? upright(`member-${id}`, 'member', words, [l[0]![1] - half, r[0]![1] + half], along, length, frame.between.mm) // prettier-ignore
        : across(`member-${id}`, 'member', words, along, [bottom - half, top + half], length, frame.between.mm); // prettier-ignore
    }),
  ];
}

/** What it stands on or hangs from. */
function standing({ stands, kind, sheet, depth }: Carcass, { shell }: Layout, stock: Stock): Panel[] {
  const { width: w, foot, side, top } = shell;
  const t = stock.thickness(sheet);
  const d = depth.mm;
  if (kind === 'table frame' || stands.on === 'the floor') return [];
  if (stands.on === 'the wall')
    return [
      {
        id: 'hanging-rail',
        role: 'hanging rail',
        words: 'hanging rail',
        x: [side, w - side],
        y: [shell.back - t, shell.back],
        z: [top - stands.rail.mm, top],
        way: ACROSS,
        material: sheet,
        length: [one('carcass width', w), twice('sides', side)],
        width: [one('as chosen', stands.rail.mm)],
      },
    ];
  if (stands.on === 'a plinth') {
    const at = stands.setback.mm;
    const plinth = (id: string, words: string, x: Range, y: Range, way: Way, length: SumLine[]): Panel => ({
      id,
      role: 'plinth',
      words,
      x,
      y,
      z: [0, foot],
      way,
      material: sheet,
      length,
      width: [one('plinth height', foot)],
    });
    const across = [one('carcass width', w)];
    const deep = [one('carcass depth', d), ...less('set back', at), twice('plinth boards', t)];
    return [
      plinth('plinth-front', 'plinth front', [0, w], [at, at + t], ACROSS, across),
      plinth('plinth-back', 'plinth back', [0, w], [d - t, d], ACROSS, across),
      plinth('plinth-left', 'left plinth side', [0, t], [at + t, d - t], ALONG, deep),
      plinth('plinth-right', 'right plinth side', [w - t, w], [at + t, d - t], ALONG, deep),
    ];
  }
  const leg = Math.min(stands.thick.mm, w / 3, d / 3);
  return [0, w - leg].flatMap((x, i) =>
    [0, d - leg].map((y, j): Panel => ({
      id: `leg-${i}${j}`,
      role: 'leg',
      words: `${i === 0 ? 'left' : 'right'} ${j === 0 ? 'front' : 'back'} leg`,
      x: [x, x + leg],
      y: [y, y + leg],
      z: [0, foot],
      way: FRONT,
      material: sheet,
      length: [one('legs', foot)],
      width: [one('leg', leg)],
      thick: [one('leg', leg)],
    })),
  );
}

/** End panels against its sides, and fillers beside its front. */
function besides(
  { ends, fillers, depth, stands, sheet: sides }: Carcass,
  { shell }: Layout,
  stock: Stock,
): Panel[] {
  const { width: w, height: h, foot, sheet } = shell;
  const found: Panel[] = [];
  for (const side of ['left', 'right'] as const) {
    const end = ends[side];
    const filler = fillers[side];
    const t = end ? stock.thickness(end.material) : 0;
    const out = (from: number, to: number): Range => (side === 'left' ? [-to, -from] : [w + from, w + to]);
    if (end) {
      const low = end.reaches === 'the floor' ? 0 : foot;
      found.push({
        id: `end-${side}`,
        role: 'end panel',
        words: `${side} end panel`,
        x: out(0, t),
        y: [-end.proud.mm, depth.mm],
        z: [low, h],
        // Its face is what one sees.
        way: side === 'left' ? FACES_LEFT : FACES_RIGHT,
        material: end.material,
        length: [one('carcass height', h), ...less(STANDS[stands.on], low)],
        width: [one('carcass depth', depth.mm), ...(end.proud.mm > 0 ? [one('past the front', end.proud.mm)] : [])],
      }); // prettier-ignore
    }
    if (filler) {
      const [wide, scribe] = [filler.width.mm, filler.scribe.mm];
      const edge: Axis = side === 'left' ? '-x' : 'x';
      found.push({
        id: `filler-${side}`,
        role: 'filler',
        words: `${side} filler`,
        x: out(t, t + wide),
        y: [0, sheet],
        z: [foot, h],
        way: FRONT,
        material: sides,
        length: [one('carcass height', h), ...less(STANDS[stands.on], foot)],
        width: [one('gap to fill', wide)],
        ...(scribe > 0 && {
          cutBy: { width: [one('to be cut to the wall', scribe)] },
          works: [
            {
              key: 'scribe',
              kind: 'scribe',
              side: edge === 'x' ? 'right' : 'left',
              at: { x: out(t + wide, t + wide + scribe), y: [0, sheet], z: [foot, h] },
            },
          ],
        }),
      });
    }
  }
  return found;
}
