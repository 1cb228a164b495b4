import { lengthMark } from '../../length/lengthMark';
import type { Issue } from '../../item/issue';
import { sumOf } from '../../sizing/sum';
import { boardsOf, boxPieces, span, withinBox, type Board, type Bounds } from '../box/box';
import { boxIssues } from '../box/refuse';
import { placed } from '../contents/contents';
import { isOwn, type Innards } from '../drawer/innards';
import type { PartPlace, SizedPiece } from '../family';
import type { Pullout } from './schema';

/** How what comes out is made. */
export function pulloutInnards(pullout: Pullout, place: PartPlace): Innards {
  switch (pullout.carries.kind) {
    case 'tray':
      return boxInnards(pullout, place);
    case 'bins':
      return binInnards(pullout, pullout.carries.rim.mm, place);
    case 'tiers':
      return tierInnards(pullout, pullout.carries, place);
    default:
      return boardInnards(pullout, place);
  }
}

function boxInnards(pullout: Pullout, { stock }: PartPlace): Innards {
  const { box } = pullout;
  const own = isOwn(pullout);
  return {
    boards: (outer) => boardsOf(box, outer, own, stock),
    tiers: (outer) => [withinBox(box, outer, own, stock)],
    issues: (outer, frontThick) => boxIssues(box, outer, own, frontThick, stock),
    pieces: (outer, width, name) => boxPieces(box, outer, own, stock, width, name),
  };
}

/** A box without a bottom; over it, between its walls, a board with a cut-out for every bin. */
function binInnards(pullout: Pullout, rim: number, place: PartPlace): Innards {
  const { stock } = place;
  const own = isOwn(pullout);
  const spec = { ...pullout.box, bottom: { kind: 'none', rail: { mm: LEAST_RAIL } } } as const;
  const t = stock.thickness(spec.material);
  const within = (outer: Bounds) => withinBox(spec, outer, own, stock);
  /** The board, in strips about the cut-outs. */
  const strips = (outer: Bounds): Bounds[] => {
    const inner = within(outer);
    const z: Bounds['z'] = [outer.z[1] - t, outer.z[1]];
    const holes = placed(pullout.contents, [inner]).map(({ bounds }) => bounds);
    const side = pullout.contents.set === 'side by side';
    const run = side ? ('x' as const) : ('y' as const);
    const cross = side ? ('y' as const) : ('x' as const);
    const found: Bounds[] = [];
    const strip = (along: Bounds['x'], over: Bounds['x']) => {
      if (span(along) > 1e-9 && span(over) > 1e-9)
        found.push({ x: side ? along : over, y: side ? over : along, z });
    };
    let at = inner[run][0];
    for (const hole of holes) {
      strip([at, hole[run][0]], inner[cross]);
      strip(hole[run], [hole[cross][1], inner[cross][1]]);
      at = hole[run][1];
    }
    strip([at, inner[run][1]], inner[cross]);
    return found;
  };
  return {
    boards: (outer) => [
      ...boardsOf(spec, outer, own, stock),
      ...strips(outer).map((bounds): Board => ({ what: 'bottom', bounds, material: spec.material })),
    ],
    tiers: (outer) => [within(outer)],
    issues: (outer, frontThick) => {
      const inner = within(outer);
      const issues: Issue[] = boxIssues(spec, outer, own, frontThick, stock);
      pullout.contents.items.forEach((one, i) => {
        const least = Math.min(one.width.mm, one.depth.mm) - 2 * rim;
        if (least <= 0)
          issues.push({ path: ['carries', 'rim'], message: `So wide a rim leaves no cut-out for “${one.name}”. Less than ${lengthMark(Math.min(one.width.mm, one.depth.mm) / 2, 'most')} will do.` });
        if (one.stands !== 'hung')
          issues.push({ path: ['contents', 'items', i, 'stands'], message: `“${one.name}” hangs by its rim in the board: let it hang.` });
        if (one.base && one.base.width.mm > one.width.mm - 2 * rim)
          issues.push({ path: ['contents', 'items', i, 'base', 'width'], message: `The foot of “${one.name}” does not go through its cut-out of ${lengthMark(one.width.mm - 2 * rim, 'most')}. ${lengthMark(one.base.width.mm - one.width.mm + 2 * rim, 'least')} less will do.` });
      });
      if (span(inner.z) < t + LEAST_RAIL) issues.push({ path: ['box', 'height'], message: `The box is too low for its board and rails. At least ${lengthMark(t + LEAST_RAIL, 'least')} will do.` });
      return issues;
    },
    pieces: (outer, width, name) => {
      const inner = within(outer);
      const cuts = pullout.contents.items.map((one) => `${one.count} of ${lengthMark(one.width.mm - 2 * rim)} by ${lengthMark(one.depth.mm - 2 * rim)} for ${one.name}`);
      const board: SizedPiece = {
        name: `${name}, board for bins`,
        count: 1,
        width: sumOf('width', [{ words: 'box width', mm: span(outer.x) }, { words: 'sides', mm: -2 * t, times: [2, t] }]),
        height: sumOf('depth', [{ words: 'box depth', mm: span(outer.y) }, { words: own ? 'back' : 'ends', mm: span(inner.y) - span(outer.y) }]),
        thickness: t,
        material: spec.material,
        notes: cuts.length > 0 ? [`Cut out ${cuts.join(', ')}: the mouths less ${lengthMark(rim)} of rim at each side.`] : [],
      };
      return [...boxPieces(spec, outer, own, stock, width, name), board];
    },
  };
} // prettier-ignore
/** Rails that keep a box square without a bottom, mm. */
const LEAST_RAIL = 40;

/** Uprights at front and back, and shelves with rims between them. */
function tierInnards(pullout: Pullout, { count, rim }: { count: number; rim: { mm: number } }, { stock }: PartPlace): Innards {
  const { material } = pullout.box;
  const t = stock.thickness(material);
  const own = isOwn(pullout);
  const inner = (outer: Bounds): Bounds['y'] => [own ? outer.y[0] : outer.y[0] + t, outer.y[1] - t];
  const clear = (outer: Bounds) => (span(outer.z) - count * t) / count;
  const ends = own ? 1 : 2;
  return {
    closed: true,
    boards: (outer) => {
      const y = inner(outer);
      const { x, z } = outer;
      const board = (what: Board['what'], bounds: Bounds): Board => ({ what, material, bounds });
      const step = clear(outer) + t;
      return [
        ...(own ? [] : [board('end', { x, y: [outer.y[0], y[0]], z })]),
        board('end', { x, y: [y[1], outer.y[1]], z }),
        ...Array.from({ length: count }, (_, i) => z[0] + i * step).flatMap((foot) => [
          board('bottom', { x, y, z: [foot, foot + t] }),
          ...(rim.mm > 0
            ? [board('side', { x: [x[0], x[0] + t], y, z: [foot + t, foot + t + rim.mm] }), board('side', { x: [x[1] - t, x[1]], y, z: [foot + t, foot + t + rim.mm] })]
            : []),
        ]),
      ];
    },
    tiers: (outer) => {
      const x: Bounds['x'] = [outer.x[0] + (rim.mm > 0 ? t : 0), outer.x[1] - (rim.mm > 0 ? t : 0)];
      const [high, y] = [clear(outer), inner(outer)];
      return Array.from({ length: count }, (_, i) => outer.z[0] + i * (high + t) + t).map((foot) => ({ x, y, z: [foot, foot + high] }));
    },
    issues: (outer) => {
      if (clear(outer) < rim.mm + 20)
        return [{ path: ['carries', 'count'], message: `So many tiers leave ${lengthMark(Math.max(0, clear(outer)))} between them. At most ${Math.max(1, Math.floor(span(outer.z) / (t + rim.mm + 20)))} will do.` }];
      if (span(outer.y) < ends * t + 20)
        return [{ path: ['box', 'depth'], message: `Its uprights leave nothing of the shelves. At least ${lengthMark(ends * t + 20, 'least')} deep will do.` }];
      if (span(outer.x) < 2 * t + 20)
        return [{ path: ['box', 'material'], message: `Rims leave nothing of the shelf. A pull-out at least ${lengthMark(2 * t + 20, 'least')} wide will do.` }];
      return [];
    },
    pieces: (outer, width, name) => {
      const wide = sumOf('width', width);
      const deep = sumOf('length', [{ words: 'depth', mm: span(outer.y) }, { words: ends === 2 ? 'uprights' : 'upright', mm: -ends * t, times: [ends, t] }]);
      const piece = (words: string, n: number, w: SizedPiece['width'], h: SizedPiece['height'], notes: string[] = []): SizedPiece => ({ name: `${name}, ${words}`, count: n, width: w, height: h, thickness: t, material, notes });
      return [
        piece('upright', ends, wide, sumOf('height', [{ words: 'height', mm: span(outer.z) }])),
        piece('shelf', count, wide, deep, [`From one shelf to the next ${lengthMark(clear(outer), 'most')} is clear.`]),
        ...(rim.mm > 0 ? [piece('rim', 2 * count, sumOf('height', [{ words: 'as chosen', mm: rim.mm }]), deep)] : []),
      ];
    },
  };
} // prettier-ignore

/** One board between its slides. */
function boardInnards(pullout: Pullout, { stock }: PartPlace): Innards {
  const { material } = pullout.box;
  const t = stock.thickness(material);
  const board = ({ x, y, z }: Bounds): Bounds => ({ x, y, z: [z[1] - t, z[1]] });
  return {
    // Cheeks along its edges hold the slides, which are higher than a board is thick.
    boards: (outer) => [
      { what: 'bottom', material, bounds: board(outer) },
      ...(span(outer.z) > t + 1e-9
        ? ([[outer.x[0], outer.x[0] + t], [outer.x[1] - t, outer.x[1]]] as const).map((x): Board => ({ what: 'side', material, bounds: { x, y: outer.y, z: [outer.z[0], outer.z[1] - t] } }))
        : []),
    ],
    tiers: (outer) => [{ x: outer.x, y: outer.y, z: [outer.z[1], outer.z[1]] }],
    issues: () => [],
    pieces: (outer, width, name) => [
      { name: `${name}, board`, count: 1, width: sumOf('width', width), height: sumOf('depth', [{ words: 'depth', mm: span(outer.y) }]), thickness: t, material, notes: [] },
      ...(span(outer.z) > t + 1e-9
        ? [{ name: `${name}, cheek`, count: 2, width: sumOf('height', [{ words: 'height', mm: span(outer.z) }, { words: 'board', mm: -t }]), height: sumOf('length', [{ words: 'depth', mm: span(outer.y) }]), thickness: t, material, notes: ['Under the board’s long edges; the slides are screwed to them.'] }]
        : []),
    ],
  };
} // prettier-ignore
