import type { Issue } from '../../item/issue';
import { lengthMark } from '../../length/lengthMark';
import type { Board, WorkIn } from '../../piece/board';
import type { Way } from '../../piece/lie';
import { span, type Bounds, type Range } from '../../solid/bounds';
import type { SumLine } from '../../sizing/sum';
import { boardOf, boxBoards, withinBox, type Whose } from '../kit/box/box';
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
function binInnards(pullout: Pullout, rim: number, place: PartPlace): BoxConstruction {
  const { stock } = place;
  const own = isOwn(pullout);
  const spec = { ...pullout.box, bottom: { kind: 'none', rail: { mm: LEAST_RAIL } } } as const;
  const t = stock.thickness(spec.material);
  const within = (outer: Bounds) => withinBox(spec, outer, own, stock);
  const deck = (outer: Bounds, whose: Whose): Board => {
    const { x, y } = within(outer);
    const z: Range = [outer.z[1] - t, outer.z[1]];
    const less = ([from, to]: Range): Range => [from + rim, to - rim];
    return {
      ...boardOf(whose, 'deck', 'board for bins'),
      role: 'board',
      at: { x, y, z },
      way: LEVEL,
      length: [one('box width', span(outer.x)), { words: 'sides', mm: -2 * t, times: [2, t] }],
      width: [one('box depth', span(outer.y)), one(own ? 'back' : 'ends', span(y) - span(outer.y))],
      thick: [one('as the board', t)],
      material: spec.material,
      sides: { start: 'left end', end: 'right end', left: 'back edge', right: 'front edge' },
      works: placed(pullout.contents, [within(outer)]).map((bin): WorkIn => ({
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
  };
  return {
    boards: (outer, width, whose) => {
      const { boards, intoFront } = boxBoards(spec, outer, own, stock, width, whose);
      return { boards: [...boards, deck(outer, whose)], intoFront, holds: boxHolds(whose, own) };
    },
    tiers: (outer) => [within(outer)],
    issues: (outer, frontThick) => {
      const inner = within(outer);
      const issues: Issue[] = boxIssues(spec, outer, own, frontThick, stock);
      pullout.contents.items.forEach((bin, i) => {
        const least = Math.min(bin.width.mm, bin.depth.mm) - 2 * rim;
        if (least <= 0)
          issues.push(
            ...refuse(
              ['carries', 'rim'],
              `So wide a rim leaves no cut-out for “${bin.name}”. Less than ${lengthMark(Math.min(bin.width.mm, bin.depth.mm) / 2, 'most')} will do.`,
            ),
          );
        if (bin.stands !== 'hung')
          issues.push(
            ...refuse(
              ['contents', 'items', i, 'stands'],
              `“${bin.name}” hangs by its rim in the board: let it hang.`,
            ),
          );
        if (bin.base && bin.base.width.mm > bin.width.mm - 2 * rim)
          issues.push(
            ...refuse(
              ['contents', 'items', i, 'base', 'width'],
              `The foot of “${bin.name}” does not go through its cut-out of ${lengthMark(bin.width.mm - 2 * rim, 'most')}. ${lengthMark(bin.base.width.mm - bin.width.mm + 2 * rim, 'least')} less will do.`,
            ),
          );
      });
      if (span(inner.z) < t + LEAST_RAIL)
        issues.push(
          ...refuse(
            ['box', 'height'],
            `The box is too low for its board and rails. At least ${lengthMark(t + LEAST_RAIL, 'least')} will do.`,
          ),
        );
      return issues;
    },
  };
}
/** Rails that keep a box square without a bottom, mm. */
const LEAST_RAIL = 40;

/** Uprights at front and back, and shelves with rims between them. */
function tierInnards(
  pullout: Pullout,
  { count, rim }: { count: number; rim: { mm: number } },
  { stock }: PartPlace,
): BoxConstruction {
  const { material } = pullout.box;
  const t = stock.thickness(material);
  const own = isOwn(pullout);
  const ends = own ? 1 : 2;
  const inner = ({ y }: Bounds): Range => [own ? y[0] : y[0] + t, y[1] - t];
  const clear = ({ z }: Bounds) => (span(z) - count * t) / count;
  return {
    closed: true,
    boards: (outer, width, whose) => {
      const y = inner(outer);
      const { x, z } = outer;
      const thick = [one('as the board', t)];
      const upright = (id: string, at: Range): Board => ({
        ...boardOf(whose, id, 'upright'),
        role: 'box end',
        at: { x, y: at, z },
        way: UPRIGHT,
        length: [one('height', span(z))],
        width,
        thick,
        material,
      });
      const deep = [
        one('depth', span(outer.y)),
        { words: ends === 2 ? 'uprights' : 'upright', mm: -ends * t, times: [ends, t] as const },
      ];
      const notes = [`From one shelf to the next ${lengthMark(clear(outer), 'most')} is clear.`];
      const tiers = Array.from({ length: count }, (_, i) => z[0] + i * (clear(outer) + t)).flatMap(
        (foot, i): Board[] => [
          {
            ...boardOf(whose, `tier-${i + 1}`, 'shelf'),
            role: 'tier',
            at: { x, y, z: [foot, foot + t] },
            way: ALONG,
            length: deep,
            width,
            thick,
            material,
            notes,
          },
          ...(rim.mm > 0
            ? (
                [
                  ['left', [x[0], x[0] + t]],
                  ['right', [x[1] - t, x[1]]],
                ] as const
              ).map(([which, at]): Board => ({
                ...boardOf(whose, `rim-${which}-${i + 1}`, 'rim'),
                role: 'rim',
                at: { x: at, y, z: [foot + t, foot + t + rim.mm] },
                way: ON_EDGE,
                length: deep,
                width: [one('as chosen', rim.mm)],
                thick,
                material,
              }))
            : []),
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
    },
    tiers: (outer) => {
      const x: Range = [outer.x[0] + (rim.mm > 0 ? t : 0), outer.x[1] - (rim.mm > 0 ? t : 0)];
      const [high, y] = [clear(outer), inner(outer)];
      return Array.from({ length: count }, (_, i) => outer.z[0] + i * (high + t) + t).map((foot) => ({
        x,
        y,
        z: [foot, foot + high],
      }));
    },
    issues: (outer) => {
      if (clear(outer) < rim.mm + 20)
        return refuse(
          ['carries', 'count'],
          `So many tiers leave ${lengthMark(Math.max(0, clear(outer)))} between them. At most ${Math.max(1, Math.floor(span(outer.z) / (t + rim.mm + 20)))} will do.`,
        );
      if (span(outer.y) < ends * t + 20)
        return refuse(
          ['box', 'depth'],
          `Its uprights leave nothing of the shelves. At least ${lengthMark(ends * t + 20, 'least')} deep will do.`,
        );
      if (span(outer.x) < 2 * t + 20)
        return refuse(
          ['box', 'material'],
          `Rims leave nothing of the shelf. A pull-out at least ${lengthMark(2 * t + 20, 'least')} wide will do.`,
        );
      return [];
    },
  };
}

/** One board between its slides; cheeks along its edges hold the slides, which are higher than a board is thick. */
function boardInnards(pullout: Pullout, { stock }: PartPlace): BoxConstruction {
  const { material } = pullout.box;
  const t = stock.thickness(material);
  const thick = [one('as the board', t)];
  return {
    boards: (outer, width, whose) => {
      const { x, y, z } = outer;
      const depth = [one('depth', span(y))];
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
