import { noCounts } from '../clearance/encounter';
import { checkMover } from '../clearance/checkMover';
import { parked } from '../clearance/checkScene';
import { PairMaps } from '../clearance/pairMaps';
import { finish } from '../clearance/steps';
import { pairLines } from '../report/pass';
import { buildScene } from '../plan/buildScene';
import {
  boxAt,
  drawerOf,
  pulloutOf,
  slidingOf,
  withDrawer,
  withPullout,
  withSliding,
} from '../testing/partsOf';
import { caseOf, doorOf, FRAME, mm, planWith, type Made, inBay } from '../testing/planWith';
import { disagreements } from '../testing/sampled';
import { USUAL_BOX, USUAL_NOTCH } from './kit/box/usual';
import { USUAL_CONTENT, USUAL_OPENS } from './kit/contents/usual';
import { drawersOf } from './kit/drawn/bank';
import { bankOf, USUAL_DRAWN_FIT } from './kit/drawn/usual';
import { hingeOf, USUAL_FIT } from './door/fresh';
import { USUAL_BIN } from './pullout/fresh';
import { USUAL_RUNS } from './kit/runs/usual';
import { USUAL_SLIDING_PULL, USUAL_WAY } from './sliding/fresh';

const bank = (count: number) => bankOf('even', count);
const three = {
  id: 'all',
  take: 'equal' as const,
  read: {},
  split: {
    way: 'uprights' as const,
    setback: mm(0),
    bays: ['a', 'b', 'c'].map((id) => ({ id, take: 'equal' as const, read: {} })),
  },
};
/** Inset on all sides, and a box so far from what is round it. */
const gapped = (gap: number): Made =>
  withDrawer({
    bank: bank(3),
    fit: { kind: 'inset', sides: mm(gap), top: mm(gap), bottom: mm(gap), between: mm(gap), setback: mm(0) },
    runs: { ...USUAL_RUNS['wooden runners'], play: mm(gap), kicker: { gap: mm(gap) } },
    box: { ...USUAL_BOX, under: mm(20), above: mm(30) },
  });
const bottles = { ...USUAL_CONTENT, count: 3 };

/** Twenty arrangements of mixed families. The case stands at (3000, 3000), 100 off the floor, its front to the south. */
const ARRANGEMENTS: Readonly<Record<string, Made>> = {
  'three drawers on side slides': withDrawer({ bank: bank(3) }),
  'three drawers in gaps of 1 mm': gapped(1),
  'drawers on under slides, inset': withDrawer({ bank: bank(2), fit: USUAL_DRAWN_FIT.inset, runs: USUAL_RUNS['under slides'] }),
  'graduated on runners with a kicker': withDrawer({ bank: { kind: 'graduated', drawers: drawersOf(3), step: mm(40) }, runs: USUAL_RUNS['wooden runners'] }),
  'drawers behind a door that clears them': { ...withDrawer({ bank: bank(2), fit: { kind: 'none', setback: mm(70) }, handle: null }), parts: [drawerOf({ bank: bank(2), fit: { kind: 'none', setback: mm(70) }, handle: null }), doorOf({})] },
  'drawers behind a door whose plates are in the way': { ...withDrawer({}), parts: [drawerOf({ bank: bank(2), fit: USUAL_DRAWN_FIT.none, handle: null }), doorOf({})] },
  'a drawer behind a face frame': withDrawer({ bank: bank(2) , fit: { ...USUAL_DRAWN_FIT.overlay, sides: mm(12), top: mm(12), bottom: mm(12) } }, { frame: FRAME }),
  'a drawer towards a post': { ...withDrawer({}), change: boxAt('Post', { x: 3200, y: 2500, z: 0, width: 90, depth: 90, height: 2000 }) },
  'a drawer beside a skirting': { ...withDrawer({}), change: boxAt('Wall', { x: 2990, y: 2300, z: 0, width: 9, depth: 690, height: 2000 }) },
  'a drawer cut out for a pipe': { ...withDrawer({ fit: USUAL_DRAWN_FIT.inset, box: { ...USUAL_BOX, notch: USUAL_NOTCH } }), change: boxAt('Waste pipe', { x: 3240, y: 3400, z: 100, width: 60, depth: 60, height: 700 }) },
  'a drawer that was not cut out': { ...withDrawer({ fit: USUAL_DRAWN_FIT.inset }), change: boxAt('Waste pipe', { x: 3240, y: 3400, z: 100, width: 60, depth: 60, height: 700 }) },
  'bottles and a lid that is lifted drawn out': { ...withDrawer({ contents: { set: 'side by side', items: [bottles, { ...USUAL_CONTENT, id: 'bin', name: 'Bin', width: mm(180), depth: mm(220), height: mm(400), opens: USUAL_OPENS.lid }], load: 0 } }), change: boxAt('Worktop', { x: 2800, y: 2300, z: 860, width: 1000, depth: 600, height: 40 }) },
  'a tall pull-out with its guide': { ...withPullout('tiers', { guide: { play: mm(2) } }), carcasses: [caseOf({ kind: 'tower', width: mm(300), height: mm(1800), z: mm(100) })] },
  'a tray against a lip': { ...withPullout('tray', { fit: { kind: 'none', setback: mm(5) } }), change: boxAt('Lip', { x: 3000, y: 2900, z: 100, width: 600, depth: 30, height: 40 }) },
  'a tray raised over it': { ...withPullout('tray', { fit: { kind: 'none', setback: mm(5) }, box: { ...USUAL_BOX, height: mm(100), under: mm(45) } }), change: boxAt('Lip', { x: 3000, y: 2900, z: 100, width: 600, depth: 30, height: 40 }) },
  'two bins in a board': withPullout('bins', { contents: { set: 'side by side', items: [{ ...USUAL_BIN, count: 2 }], load: 0 } }),
  'a pull-out between a door and drawers': { carcasses: [caseOf({ width: mm(1500), z: mm(100), bay: three })], parts: [doorOf({ mount: inBay('a'), hinge: hingeOf('cup', 'left') }), pulloutOf('tray', { mount: inBay('b') }), drawerOf({ mount: inBay('c'), bank: bank(3) })] },
  'two panels in grooves': withSliding({}, { pull: { ...USUAL_SLIDING_PULL, kind: 'knob', projection: mm(4) } }),
  'four panels on three tracks behind posts': withSliding({ panels: 4, tracks: 3, lap: mm(12) }, {}, { width: mm(1200), frame: FRAME }),
  'a hung panel towards a wall': { ...withSliding({}, { way: USUAL_WAY.hung, pull: null }), change: boxAt('Wall', { x: 2700, y: 2900, z: 0, width: 90, depth: 600, height: 1500 }) },
}; // prettier-ignore

describe('drawers, pull-outs, sliding panels and doors against manifold-3d, densely sampled', () => {
  it('are twenty', () => expect(Object.keys(ARRANGEMENTS)).toHaveLength(20));

  it.each(Object.entries(ARRANGEMENTS))(
    '%s',
    async (_name, made) => expect(await disagreements(made)).toEqual([]),
    90_000,
  );
});

describe('running gaps', () => {
  /** Distance queries it takes to check a bank with all its drawers against all near them. */
  const queries = (gap: number) => {
    const scene = buildScene(planWith(gapped(gap)));
    const all = noCounts();
    for (const mover of scene.movers) {
      const others = scene.movers.filter((one) => one !== mover).flatMap((one) => parked(one, 0));
      all.evaluations += checkMover(mover, [...scene.still, ...others]).counts.evaluations;
    }
    return all.evaluations;
  };

  it('of 1 mm take no more than three times the distance queries of 20 mm', () => {
    const ratio = queries(1) / queries(20);
    expect(ratio).toBeLessThanOrEqual(3);
    expect(ratio).toBeGreaterThan(0);
  });
});

describe('pairs of drawers and what stands before them', () => {
  const words = (made: Made) =>
    Object.fromEntries(
      finish(pairLines(buildScene(planWith(made)), new PairMaps())).map(({ a, b, word }) => [
        `${a} ${b}`,
        word,
      ]),
    );

  it('a tower behind a door comes out once the door is open, and not before', () => {
    // Cup hinges and the leaf itself stand into the way: packed out past them.
    const behind = drawerOf({
      bank: bank(3),
      fit: { kind: 'none', setback: mm(70) },
      handle: null,
      box: { ...USUAL_BOX, aside: { left: mm(30), right: mm(0) } },
    });
    const found = words({ carcasses: [caseOf({ z: mm(100) })], parts: [behind, doorOf({ limit: 110 })] });
    for (const nth of [1, 2, 3]) expect(found[`${behind.id}.d${nth} door`]).toBe('second first');
  });

  it('a drawer round the corner stands before a door: the door goes first', () => {
    // Two cases at a right angle: the drawer of one comes out before the other's door.
    const left = caseOf({ id: 'left', name: 'Left', faces: 'east', x: mm(500), y: mm(540), width: mm(500) });
    const right = caseOf({
      id: 'right',
      name: 'Right',
      faces: 'north',
      x: mm(1040),
      y: mm(500),
      width: mm(500),
    });
    const door = doorOf({
      id: 'left-door',
      name: 'Left door',
      mount: inBay('all', 'left'),
      hinge: hingeOf('cup', 'right'),
      fit: USUAL_FIT.even,
    });
    const found = words({
      carcasses: [left, right],
      parts: [door, drawerOf({ mount: inBay('all', 'right') })],
    });
    expect(Object.values(found)).toEqual(['first first']);
  });

  it('of two pull-outs in a corner neither comes out past the front of the other, shut or open', () => {
    const left = caseOf({ id: 'left', name: 'Left', faces: 'east', x: mm(500), y: mm(540), width: mm(500) });
    const right = caseOf({
      id: 'right',
      name: 'Right',
      faces: 'north',
      x: mm(1040),
      y: mm(500),
      width: mm(500),
    });
    const found = words({
      carcasses: [left, right],
      parts: [
        pulloutOf('tray', { mount: inBay('all', 'left') }),
        pulloutOf('tray', { id: 'other', mount: inBay('all', 'right') }),
      ],
    });
    expect(Object.values(found)).toEqual(['neither']);
  });

  it('ways of one thing are not held against each other', () => {
    const two = drawerOf({ twoSided: true, fit: USUAL_DRAWN_FIT.none, handle: null });
    const found = words({ carcasses: [caseOf({ back: null })], parts: [two] });
    expect(Object.values(found)).toEqual(['one thing']);
    // Two panels on tracks of their own pass each other and never meet.
    expect(words(withSliding({}, slidingOf()))).toEqual({
      'case-sliding-panels-1.1 case-sliding-panels-1.2': 'never meet',
    });
  });
});
