import type { Issue } from '../../item/issue';
import { lengthMark } from '../../length/lengthMark';
import type { Board, WorkIn } from '../../piece/board';
import type { Way } from '../../piece/lie';
import { span, type Bounds, type Range } from '../../solid/bounds';
import type { SumLine } from '../../sizing/sum';
import { boardOf, boxBoards, withinBox, type BoxSums, type Whose } from '../kit/box/box';
import { boxIssues } from '../kit/box/refuse';
import { contentId, placed } from '../kit/contents/contents';
import { boxHolds, boxConstruction } from '../kit/drawn/boxConstruction';
import { isOwn, type BoxConstruction } from '../kit/drawn/construction';
import { refuse } from '../kit/issues';
import type { PartPlace } from '../contract/family';
import type { Pullout } from './schema';

/** How what comes out is made. */
export function pulloutConstruction(pullout: Pullout, place: PartPlace): BoxConstruction {
  switch (pullout.carries.kind) {
    case 'tray':
      return boxConstruction(pullout, place.stock);
    case 'bins':
      return binInnards(pullout, pullout.carries.rim.mm, place);
    case 'tiers':
      return tierInnards(pullout, pullout.carries, place);
    default:
      return boardInnards(pullout, place);
  }
}

const one = (words: string, mm: number): SumLine => ({ words, mm });
/** Level, its face up; along the depth, its face up; along the depth on edge; across on edge, its face to the front. */
const LEVEL: Way = ['x', '-y'];
const ALONG: Way = ['y', 'x'];
const ON_EDGE: Way = ['y', 'z'];
const UPRIGHT: Way = ['z', 'x'];

/** A box without a bottom; over it, between its walls, a board with a cut-out for every bin. */
function binInnards(pullout: Pullout, rim: number, { stock }: PartPlace): BoxConstruction {
  const own = isOwn(pullout);
  const spec = { ...pullout.box, bottom: { kind: 'none', rail: { mm: LEAST_RAIL } } } as const;
  const t = stock.thickness(spec.material);
  const within = (outer: Bounds) => withinBox(spec, outer, own, stock);
  return {
    bottomless: true,
    boards: (outer, sums, whose) => {
      const { boards, intoFront } = boxBoards(spec, outer, own, stock, sums, whose);
      const deck = binDeck(pullout, rim, outer, within(outer), t, whose);
      return { boards: [...boards, deck], intoFront, holds: boxHolds(whose, own) };
    },
    tiers: (outer) => [within(outer)],
    issues: (outer, frontThick) => [
      ...boxIssues(spec, outer, own, frontThick, stock),
      ...pullout.contents.items.flatMap((bin, i) => binIssues(bin, i, rim)),
      ...(span(within(outer).z) < t + LEAST_RAIL
        ? refuse(
            ['box', 'height'],
            `The box is too low for its board and rails. At least ${lengthMark(t + LEAST_RAIL, 'least')} will do.`,
          )
        : []),
    ],
  };
}

/** The board that bins hang in, `t` thick, at the top of its box. */
function binDeck(
  pullout: Pullout,
  rim: number,
  outer: Bounds,
  inner: Bounds,
  t: number,
  whose: Whose,
): Board {
  const { x, y } = inner;
  const z: Range = [outer.z[1] - t, outer.z[1]];
  const less = ([from, to]: Range): Range => [from + rim, to - rim];
  return {
    ...boardOf(whose, 'deck', 'board for bins'),
    role: 'board',
    at: { x, y, z },
    way: LEVEL,
    length: [one('box width', span(outer.x)), { words: 'sides', mm: -2 * t, times: [2, t] }],
    width: [one('box depth', span(outer.y)), one(isOwn(pullout) ? 'back' : 'ends', span(y) - span(outer.y))],
    thick: [one('as the board', t)],
    material: pullout.box.material,
    sides: { start: 'left end', end: 'right end', left: 'back edge', right: 'front edge' },
    works: placed(pullout.contents, [inner]).map((bin): WorkIn => ({
      key: `cut-out-${contentId(bin)}`,
      kind: 'cut-out',
      side: 'face',
      at: { x: less(bin.bounds.x), y: less(bin.bounds.y), z },
      air: true,
      from: ['start', 'right'],
      words: bin.content.name,
    })),
    notes: [`Its cut-outs are the mouths of the bins less ${lengthMark(rim)} of rim at each side.`],
  };
}

/** What of a bin cannot hang in a board. */
function binIssues(bin: Pullout['contents']['items'][number], i: number, rim: number): Issue[] {
  const narrow = Math.min(bin.width.mm, bin.depth.mm);
  const through = bin.width.mm - 2 * rim;
  return [
    ...(narrow - 2 * rim <= 0
      ? refuse(
          ['carries', 'rim'],
          `So wide a rim leaves no cut-out for “${bin.name}”. Less than ${lengthMark(narrow / 2, 'most')} will do.`,
        )
      : []),
    ...(bin.stands !== 'hung'
      ? refuse(
          ['contents', 'items', i, 'stands'],
          `“${bin.name}” hangs by its rim in the board: let it hang.`,
        )
      : []),
    ...(bin.base && bin.base.width.mm > through
      ? refuse(
          ['contents', 'items', i, 'base', 'width'],
          `The foot of “${bin.name}” does not go through its cut-out of ${lengthMark(through, 'most')}. ${lengthMark(bin.base.width.mm - through, 'least')} less will do.`,
        )
      : []),
  ];
}
/** Rails that keep a box square without a bottom, mm. */
const LEAST_RAIL = 40;

/** Uprights at front and back, and shelves with rims between them. */
function tierInnards(pullout: Pullout, { count, rim }: Tiering, { stock }: PartPlace): BoxConstruction {
  const { material } = pullout.box;
  const t = stock.thickness(material);
  const own = isOwn(pullout);
  const ends = own ? 1 : 2;
  const inner = ({ y }: Bounds): Range => [own ? y[0] : y[0] + t, y[1] - t];
  const clear = ({ z }: Bounds) => (span(z) - count * t) / count;
  return {
    bottomless: true,
    closed: true,
    boards: (outer, sums, whose) =>
      tierBoards(
        { count, rim },
        { outer, y: inner(outer), clear: clear(outer), t, own },
        material,
        sums,
        whose,
      ),
    tiers: (outer) => {
      const x: Range = [outer.x[0] + (rim.mm > 0 ? t : 0), outer.x[1] - (rim.mm > 0 ? t : 0)];
      const [high, y] = [clear(outer), inner(outer)];
      return Array.from({ length: count }, (_, i) => outer.z[0] + i * (high + t) + t).map((foot) => ({
        x,
        y,
        z: [foot, foot + high],
      }));
    },
    issues: (outer) => tierIssues(outer, clear(outer), { t, ends, rim: rim.mm }),
  };
}

/** A tiered pull-out as it stands: its outer bounds, what is between its uprights front to back, and between two shelves. */
interface TierBounds {
  readonly outer: Bounds;
  readonly y: Range;
  readonly clear: number;
  readonly t: number;
  /** Its front is one of its uprights. */
  readonly own: boolean;
}

function tierBoards(
  { count, rim }: Tiering,
  { outer, y, clear, t, own }: TierBounds,
  material: string,
  { width, depth }: BoxSums,
  whose: Whose,
): ReturnType<BoxConstruction['boards']> {
  const { x, z } = outer;
  const ends = own ? 1 : 2;
  const shared = { material, thick: [one('as the board', t)] };
  const upright = (id: string, at: Range): Board => ({
    ...boardOf(whose, id, 'upright'),
    ...shared,
    role: 'box end',
    at: { x, y: at, z },
    way: UPRIGHT,
    length: [one('height', span(z))],
    width,
  });
  const deep = [
    ...depth,
    { words: ends === 2 ? 'uprights' : 'upright', mm: -ends * t, times: [ends, t] as const },
  ];
  const notes = [`From one shelf to the next ${lengthMark(clear, 'most')} is clear.`];
  const tiers = Array.from({ length: count }, (_, i) => z[0] + i * (clear + t)).flatMap(
    (foot, i): Board[] => [
      {
        ...boardOf(whose, `tier-${i + 1}`, 'shelf'),
        ...shared,
        role: 'tier',
        at: { x, y, z: [foot, foot + t] },
        way: ALONG,
        length: deep,
        width,
        notes,
      },
      ...tierRims(whose, `${i + 1}`, { x, y, z: [foot + t, foot + t + rim.mm] }, t).map((board) => ({
        ...board,
        ...shared,
        length: deep,
      })),
    ],
  );
  return {
    boards: [
      ...(own ? [] : [upright('end-front', [outer.y[0], y[0]])]),
      upright('end-back', [y[1], outer.y[1]]),
      ...tiers,
    ],
    intoFront: [],
    holds: own ? {} : { front: `${whose.key}/end-front` },
  };
}

/** How many shelves one above another, and how high the rims along their sides are. */
interface Tiering {
  readonly count: number;
  readonly rim: { readonly mm: number };
}

/** The rims along both sides of a shelf, over all of which they are given; none where they are of no height. */
function tierRims(
  whose: Whose,
  id: string,
  { x, y, z }: Bounds,
  t: number,
): Omit<Board, 'material' | 'length'>[] {
  const high = span(z);
  if (high <= 0) return [];
  const rim = (which: string, at: Range): Omit<Board, 'material' | 'length'> => ({
    ...boardOf(whose, `rim-${which}-${id}`, 'rim'),
    role: 'rim',
    at: { x: at, y, z },
    way: ON_EDGE,
    width: [one('as chosen', high)],
  });
  return [rim('left', [x[0], x[0] + t]), rim('right', [x[1] - t, x[1]])];
}

/** Less than this between two shelves, or of a shelf, is none, mm. */
const LEAST_TIER = 20;

function tierIssues(
  outer: Bounds,
  clear: number,
  { t, ends, rim }: { readonly t: number; readonly ends: number; readonly rim: number },
): Issue[] {
  if (clear < rim + LEAST_TIER)
    return refuse(
      ['carries', 'count'],
      `So many tiers leave ${lengthMark(Math.max(0, clear))} between them. At most ${Math.max(1, Math.floor(span(outer.z) / (t + rim + LEAST_TIER)))} will do.`,
    );
  if (span(outer.y) < ends * t + LEAST_TIER)
    return refuse(
      ['box', 'depth'],
      `Its uprights leave nothing of the shelves. At least ${lengthMark(ends * t + LEAST_TIER, 'least')} deep will do.`,
    );
  if (span(outer.x) < 2 * t + LEAST_TIER)
    return refuse(
      ['box', 'material'],
      `Rims leave nothing of the shelf. A pull-out at least ${lengthMark(2 * t + LEAST_TIER, 'least')} wide will do.`,
    );
  return [];
}

/** One board between its slides; cheeks along its edges hold the slides, which are higher than a board is thick. */
function boardInnards(pullout: Pullout, { stock }: PartPlace): BoxConstruction {
  const { material } = pullout.box;
  const t = stock.thickness(material);
  const thick = [one('as the board', t)];
  return {
    bottomless: true,
    boards: (outer, { width, depth }, whose) => {
      const { x, y, z } = outer;
      const cheeked = span(z) > t + 1e-9;
      const cheek = (id: string, at: Range, way: Way): Board => ({
        ...boardOf(whose, id, 'cheek'),
        role: 'cheek',
        at: { x: at, y, z: [z[0], z[1] - t] },
        way,
        length: depth,
        width: [one('height', span(z)), one('board', -t)],
        thick,
        material,
        notes: ['Under the board’s long edges; the slides are screwed to them.'],
      });
      return {
        boards: [
          {
            ...boardOf(whose, 'board', 'board'),
            role: 'board',
            at: { x, y, z: [z[1] - t, z[1]] },
            way: ALONG,
            length: depth,
            width,
            thick,
            material,
          },
          ...(cheeked
            ? [
                cheek('cheek-left', [x[0], x[0] + t], ON_EDGE),
                cheek('cheek-right', [x[1] - t, x[1]], ['-y', 'z']),
              ]
            : []),
        ],
        intoFront: [],
        holds: cheeked ? { left: `${whose.key}/cheek-left`, right: `${whose.key}/cheek-right` } : {},
      };
    },
    tiers: (outer) => [{ x: outer.x, y: outer.y, z: [outer.z[1], outer.z[1]] }],
    issues: () => [],
  };
}
