import type { Convex } from '../solid/convex';
import type { Piece } from '../piece/piece';
import { alongOf, depthOf, type Region, type Work } from '../piece/work';
import { toSpace } from '../piece/lie';
import type { Plan } from '../plan/schema';
import { KIND_ROWS } from '../testing/kindRows';
import { WHOLE } from '../carcass/kinds';
import { hingeOf, USUAL_FIT } from '../parts/door/fresh';
import type { Door } from '../parts/door/schema';
import { USUAL_BOX, USUAL_JOINT, USUAL_NOTCH } from '../parts/kit/box/usual';
import type { Shelf } from '../parts/shelf/schema';
import { newPart } from '../plan/fresh';
import { drawerOf, slidingOf, withDrawer, withHidden } from '../testing/partsOf';
import { caseOf, doorOf, mm, planWith, type Made, inBay } from '../testing/planWith';
import { rebuilder, tableOf } from '../testing/rebuilt';
import { pieceRows, workRows } from './piecesCsv';
import { piecesOf } from './partsList';

/** A ten-thousandth of a millimetre is what the tables are written to: over a board of 2 x 1 m that is 200 mm3. */
const SOME = 500;
/** Mates coincide to this, mm. */
const CLOSE = 0.05;

const cutPieces = (plan: Plan): Piece[] =>
  piecesOf(plan).flatMap(({ pieces }) => pieces.filter(({ is }) => is === 'cut'));
const extent = (solids: readonly Convex[], way: readonly number[]): number => {
  const all = solids.flatMap(({ corners }) =>
    Array.from({ length: corners.length / 3 }, (_, i) =>
      way.reduce((sum, step, k) => sum + step * corners[3 * i + k]!, 0),
    ),
  );
  return Math.max(...all) - Math.min(...all);
};
const middle = (piece: Piece, { region }: Work) =>
  toSpace(
    piece.lie!,
    (['length', 'width', 'thick'] as const).map(
      (axis) => (region[axis][0] + region[axis][1]) / 2,
    ) as unknown as readonly [number, number, number],
  );
const normal = (piece: Piece, { side }: Work) => piece.lie![alongOf(side)].map(Math.abs);

const HAIR = 0.01;

/** What is put on edges and faces, left on to be cut off, or let in deeper than usual: no kind of its own, and cut otherwise than it is finished. */
const BESIDES: Readonly<Record<string, Made>> = {
  'edges banded': {
    carcasses: [caseOf({ banding: mm(2), z: mm(100), bay: { ...WHOLE, split: { way: 'shelves', setback: mm(0), bays: ['a', 'b', 'c'].map((id) => ({ id, take: 'equal' as const, read: {} })) } } })],
    parts: [
      doorOf({ mount: inBay('a'), leaf: { ...doorOf().leaf, banding: mm(1.5) } }),
      drawerOf({ mount: inBay('b'), front: { made: 'applied', material: 'ply-18', banding: mm(0.8), screw: mm(25) } }),
      { ...(newPart(planWith({}), 'shelf', caseOf()) as Shelf), mount: inBay('c'), banding: mm(1), material: 'pine-20', held: 'screws in slots' },
    ],
  },
  'fillers left on to be cut to the wall': { carcasses: [caseOf({ fillers: { left: { width: mm(30), scribe: mm(12) }, right: { width: mm(45), scribe: mm(20) } } })] },
  'a leaf covered and wrapped': { parts: [doorOf({ leaf: { ...doorOf().leaf, front: mm(3), back: mm(2), wraps: true, banding: mm(1) } })] },
  'lined, with end panels': { carcasses: [caseOf({ carries: { inside: mm(4), front: mm(0) }, ends: { left: { material: 'ply-18', proud: mm(20), reaches: 'the floor' }, right: null } })] },
  'a box cut out for pipes, with dividers, locked': withDrawer({ box: { ...USUAL_BOX, joint: USUAL_JOINT.lock, notch: USUAL_NOTCH, dividers: { across: 1, along: 2, material: 'ply-6' } } }),
  'panels in the boards of a split case': { carcasses: [caseOf({ width: mm(1200), z: mm(100), bay: { ...WHOLE, split: { way: 'shelves', setback: mm(0), bays: ['a', 'b'].map((id) => ({ id, take: 'equal' as const, read: {} })) } } })], parts: [slidingOf({ rails: { top: mm(0), bottom: mm(0) }, top: mm(12), bite: mm(3) }, { mount: inBay('b'), pull: null })] },
  'a case on pivots, cut at both ends, away': withHidden('A shelf case on pivots', { swings: 'away', relief: { kind: 'cut', along: mm(80), deep: mm(60), both: true } }),
  'a case on pivots, rounded at both ends': withHidden('A shelf case on pivots', { relief: { kind: 'round', radius: mm(100), both: true } }),
  'a tapered case, round at both ends, away': withHidden('A shelf case on pivots', { swings: 'away', shape: { kind: 'tapered', low: 'hinge edge', by: mm(400) }, relief: { kind: 'round', radius: mm(90), both: true } }),
  'a leaf rounded': withHidden('A thick leaf on butts', { relief: { kind: 'round', radius: mm(30), both: false } }),
  'a tapered case, low at its hinges, on the right': withHidden('A shelf case on pivots', { side: 'right', shape: { kind: 'tapered', low: 'hinge edge', by: mm(500) } }),
  'a tapered case with a cut corner': withHidden('A shelf case on pivots', { shape: { kind: 'tapered', low: 'free edge', by: mm(400) }, relief: { kind: 'cut', along: mm(80), deep: mm(60), both: false } }),
  'hinges let into leaf and case': { parts: [doorOf({ fit: USUAL_FIT.inset, hinge: { ...hingeOf('butt', 'left'), mortise: 'both' } as Door['hinge'] })] },
}; // prettier-ignore
const PLANS: readonly (readonly [string, Made])[] = [
  ...Object.entries(KIND_ROWS).map(([kind, { good }]) => [kind, good] as const),
  ...Object.entries(BESIDES),
];

/** Kinds whose sides lean: there a board is no box. */
const LEANS = new Set(['carcass: tower']);

describe('what is cut is what is checked', () => {
  it.each(PLANS)('%s: every sum is as long as its solid', (kind, made) => {
    for (const piece of cutPieces(planWith(made))) {
      if (LEANS.has(kind) && piece.role === 'side') continue;
      for (const axis of ['length', 'width', 'thick'] as const)
        expect([piece.key, axis, extent(piece.solids, piece.lie![axis])]).toEqual([
          piece.key,
          axis,
          expect.closeTo(piece.size![axis].mm, 9),
        ]);
    }
  });

  it.each(PLANS)(
    '%s: rebuilt from its tables alone, no piece leaves its envelope or stands in another',
    async (_kind, made) => {
      const plan = planWith(made);
      const { Manifold, rebuild } = await rebuilder();
      const rebuilt = rebuild(tableOf(pieceRows(plan)), tableOf(workRows(plan)));
      const envelopes = new Map(cutPieces(plan).map(({ key, solids }) => [key, solids]));
      const slanted = new Set(cutPieces(plan).filter(({ works }) => works.some(({ corner }) => corner)).map(({ key }) => key));
      expect(rebuilt.length).toBeGreaterThan(0);
      const found: string[] = [];
      for (const { key, is, solid } of rebuilt) {
        if (solid.volume() < 1) found.push(`${key} has no volume`);
        if (is !== 'cut') continue;
        const about = Manifold.union(
          envelopes.get(key)!.map(({ corners }) => Manifold.hull(Array.from({ length: corners.length / 3 }, (_, i) => [corners[3 * i]!, corners[3 * i + 1]!, corners[3 * i + 2]!] as [number, number, number]))),
        );
        const out = solid.subtract(about).volume();
        if (out > SOME) found.push(`${key} stands ${Math.round(out)} mm3 out of its envelope`);
        const less = about.subtract(solid).volume();
        if (slanted.has(key) && less > SOME) found.push(`${key} has lost ${Math.round(less)} mm3 on its slants`);
      }
      rebuilt.forEach((one, i) => {
        for (const other of rebuilt.slice(i + 1)) {
          const shared = one.solid.intersect(other.solid).volume();
          if (shared > SOME) found.push(`${one.key} and ${other.key} share ${Math.round(shared)} mm3`);
        }
      });
      expect(found).toEqual([]);
    },
  ); // prettier-ignore

  it.each(PLANS)('%s: mates come together, and borings leave wood', async (kind, made) => {
    const plan = planWith(made);
    const all = new Map(piecesOf(plan).flatMap(({ pieces }) => pieces.map((piece) => [piece.key, piece])));
    const { rebuild, boardOf, placeOf } = await rebuilder();
    const [pieces, works] = [tableOf(pieceRows(plan)), tableOf(workRows(plan))];
    const solids = new Map(rebuild(pieces, works).map(({ key, solid }) => [key, solid]));
    const found: string[] = [];
    const screws: [string, number][] = [];
    for (const piece of all.values()) {
      for (const work of piece.works) {
        const whole: Region = { length: [0, piece.size!.length.mm], width: [0, piece.size!.width.mm], thick: [0, piece.size!.thick.mm] };
        const along = alongOf(work.side);
        const [from, to] = work.region[along];
        const behind = work.side === 'face' || work.side === 'start' || work.side === 'left' ? whole[along][1] - to : from;
        const through = from <= 1e-6 && to >= whole[along][1] - 1e-6;
        if (['hole', 'cup', 'mortise', 'screw', 'groove', 'rebate'].includes(work.kind) && !through && behind < LEAST_WOOD)
          found.push(`${work.key} leaves ${behind} mm of wood`);
        if (work.screw && through && work.mate?.work) {
          const pilot = all.get(work.mate.piece)!.works.find(({ key }) => key === work.mate!.work)!;
          screws.push([work.key, work.screw.long - depthOf(work) - depthOf(pilot)]);
        }
        if (!work.mate) continue;
        const mate = all.get(work.mate.piece);
        if (!mate) {
          found.push(`${work.key} has no mate ${work.mate.piece}`);
          continue;
        }
        if (work.mate.work !== undefined) {
          const there = mate.works.find(({ key }) => key === work.mate!.work);
          if (!there) {
            found.push(`${work.key} has no mate ${work.mate.work}`);
            continue;
          }
          // Along the ways that both of them face nothing is asked: there hardware is between them.
          const [a, b] = [middle(piece, work), middle(mate, there)];
          const [p, q] = [normal(piece, work), normal(mate, there)];
          for (const axis of [0, 1, 2] as const)
            if (p[axis]! < 0.5 && q[axis]! < 0.5 && Math.abs(a[axis] - b[axis]) > CLOSE)
              found.push(`${work.key} is ${Math.abs(a[axis] - b[axis])} mm from ${there.key} along ${axis}`);
        } else if (solids.has(mate.key)) {
          // What goes into it: as much of the mate as stands in the board, from wall to wall and down to the floor.
          const row = pieces.find((one) => one['piece'] === piece.key)!;
          // What only touches it is not in it.
          const board = boardOf(row, [], HAIR).transform(placeOf(row));
          const inside = board.intersect(solids.get(mate.key)!);
          if (work.kind === 'footprint') continue;
          if (inside.volume() < 1) {
            found.push(`nothing of ${mate.key} is in ${work.key}`);
            continue;
          }
          const box = inside.boundingBox();
          const corner = toSpace(piece.lie!, [work.region.length[0], work.region.width[0], work.region.thick[0]]);
          const far = toSpace(piece.lie!, [work.region.length[1], work.region.width[1], work.region.thick[1]]);
          const lengths = [0, 1, 2].map((axis) => Math.abs(far[axis as 0] - corner[axis as 0]));
          // Lengthwise a groove may run on past what is in it, and a pane is thinner than its cut-out is deep.
          const free = work.kind === 'cut-out' ? normal(piece, work).indexOf(1) : lengths.indexOf(Math.max(...lengths));
          for (const axis of [0, 1, 2] as const) {
            if (axis === free) continue;
            const [least, most] = [Math.min(corner[axis], far[axis]), Math.max(corner[axis], far[axis])];
            // The bottom of a box stops short of its groove's floor, so that the box closes on its sides.
            const short = mate.role === 'box bottom' && work.kind === 'groove' && normal(piece, work)[axis]! > 0.5 ? SHORT : 0;
            if (short > 0) {
              if (Math.abs(most - least - short - (box.max[axis]! - box.min[axis]!)) > CLOSE)
                found.push(`${mate.key} goes ${box.max[axis]! - box.min[axis]!} mm into ${work.key}, which is ${most - least} deep`);
              continue;
            }
            if (Math.abs(box.min[axis] - least) > CLOSE || Math.abs(box.max[axis] - most) > CLOSE)
              found.push(`${mate.key} is at ${box.min[axis]} to ${box.max[axis]} in ${work.key} at ${least} to ${most} along ${axis}`);
          }
        }
      }
    }
    expect(found).toEqual([]);
    // A screw goes through one and as deep into the other as its hole there.
    expect(screws.filter(([, over]) => Math.abs(over) > CLOSE)).toEqual([]);
    if (kind === 'family: drawer') expect(screws.length).toBeGreaterThan(0);
  }); // prettier-ignore
});

/** How much less a bottom is cut at each edge than its groove is deep, mm: 1 to 2 in all. Common practice. */
const SHORT = 1;

/** Wood that stays behind a boring, a groove or a mortise, mm. */
const LEAST_WOOD = 1.9;
