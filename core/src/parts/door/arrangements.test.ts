import { PairMaps } from '../../clearance/pairMaps';
import { finish } from '../../clearance/steps';
import { openingOrder } from '../../report/opening';
import { reportOf } from '../../report/report';
import { pairLines, passOf } from '../../report/pass';
import { buildScene } from '../../plan/buildScene';
import { disagreements } from '../../testing/sampled';
import { caseOf, doorOf, FRAME, mm, planWith, type Made, inBay } from '../../testing/planWith';
import { hingeOf, USUAL_FIT, USUAL_HANDLE, USUAL_RACK } from './fresh';
import type { Door } from './schema';

const bar = (other: Partial<NonNullable<Door['handle']>> = {}): Door['handle'] => ({
  ...USUAL_HANDLE.bar,
  fromBottom: mm(280),
  ...other,
});
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
const box = (x: number, y: number, z: number, width: number, depth: number, height: number) => ({
  id: 'thing',
  name: 'Thing',
  kind: 'box' as const,
  x: mm(x),
  y: mm(y),
  z: mm(z),
  width: mm(width),
  depth: mm(depth),
  height: mm(height),
});
const near =
  (thing: ReturnType<typeof box>): NonNullable<Made['change']> =>
  (plan) => ({ ...plan, things: [thing] });
const shelves = (setback: number) => ({
  id: 'all',
  take: 'equal' as const,
  read: {},
  split: {
    way: 'shelves' as const,
    setback: mm(setback),
    bays: ['a', 'b'].map((id) => ({ id, take: 'equal' as const, read: {} })),
  },
});

/** Fifteen carcasses with doors, and what stands about them. The case stands at (3000, 3000), its front to the south. */
const ARRANGEMENTS: Readonly<Record<string, Made>> = {
  'cup hinges, full overlay': { parts: [doorOf({ handle: bar() })] },
  'cup hinges, inset': { parts: [doorOf({ fit: USUAL_FIT.inset, handle: bar() })] },
  'cup hinges beside a wall': { parts: [doorOf({ handle: bar() })], change: near(box(2700, 2000, 0, 260, 1400, 2000)) },
  'three in a row': { carcasses: [caseOf({ width: mm(900), bay: three })], parts: ['a', 'b', 'c'].map((bay, i) => doorOf({ id: `door-${bay}`, name: bay, mount: inBay(bay), handle: bar(), hinge: hingeOf('cup', i === 2 ? 'right' : 'left') })) },
  'a pair on cup hinges': { parts: [doorOf({ leaves: 'pair', handle: bar() })] },
  'a pair, inset, on butts': { parts: [doorOf({ leaves: 'pair', fit: USUAL_FIT.inset, hinge: hingeOf('butt', 'left') })] },
  'butts, overlay, proud': { parts: [doorOf({ fit: USUAL_FIT.overlay, hinge: hingeOf('butt', 'left'), limit: 170, handle: bar() })] },
  'continuous hinge on a face frame': { carcasses: [caseOf({ frame: FRAME })], parts: [doorOf({ fit: { ...USUAL_FIT.overlay, hinge: mm(12.7), free: mm(12.7) }, hinge: hingeOf('continuous', 'right'), limit: 160 })] },
  'pivots with room to turn': { parts: [doorOf({ fit: { ...USUAL_FIT.inset, hinge: mm(6), free: mm(4) }, hinge: hingeOf('pivot', 'left'), limit: 90 })] },
  'pivots without': { parts: [doorOf({ fit: { ...USUAL_FIT.inset, hinge: mm(0.5), free: mm(4) }, hinge: hingeOf('pivot', 'left'), limit: 90 })] },
  'a rack before shelves set back': { carcasses: [caseOf({ bay: shelves(120) })], parts: [doorOf({ rack: { ...USUAL_RACK, height: mm(400) } })] },
  'a rack before shelves that are not': { carcasses: [caseOf({ bay: shelves(20) })], parts: [doorOf({ rack: { ...USUAL_RACK, height: mm(400) } })] },
  'a leaning side': { carcasses: [caseOf({ sides: { left: null, right: { middle: mm(3), head: mm(6) } } })], parts: [doorOf({ fit: USUAL_FIT.inset, hinge: hingeOf('butt', 'left') })] },
  'under a beam': { parts: [doorOf({ handle: { ...USUAL_HANDLE.knob, fromBottom: mm(640) } })], change: near(box(2900, 2500, 700, 900, 60, 200)) },
  'a mirror past a post': { parts: [doorOf({ leaf: { ...doorOf().leaf, pane: { kind: 'mirror', material: 'mirror-4', border: mm(30), rebate: mm(0) } }, limit: 110 })], change: near(box(2600, 2520, 0, 80, 80, 2000)) },
}; // prettier-ignore

describe('carcasses and doors against manifold-3d, densely sampled', () => {
  it.each(Object.entries(ARRANGEMENTS))(
    '%s',
    async (_name, made) => expect(await disagreements(made)).toEqual([]),
    60_000,
  );
});

describe('two doors in a corner, and the room door', () => {
  // The left case looks east, the right one north, both hinged away from the corner: their free edges come past each other.
  const left = caseOf({
    id: 'left',
    name: 'Left',
    faces: 'east',
    x: mm(500),
    y: mm(540),
    width: mm(500),
    height: mm(720),
  });
  const right = caseOf({
    id: 'right',
    name: 'Right',
    faces: 'north',
    x: mm(1040),
    y: mm(500),
    width: mm(500),
    height: mm(720),
  });
  const cornerPlan = (leftHandle: Door['handle'], rightHandle: Door['handle'], change?: Made['change']) =>
    planWith({
      carcasses: [left, right],
      parts: [
        doorOf({
          id: 'left-door',
          name: 'Left door',
          mount: inBay('all', 'left'),
          hinge: hingeOf('cup', 'right'),
          handle: leftHandle,
        }),
        doorOf({
          id: 'right-door',
          name: 'Right door',
          mount: inBay('all', 'right'),
          hinge: hingeOf('cup', 'left'),
          handle: rightHandle,
        }),
      ],
      ...(change && { change }),
    });
  const corner = (...made: Parameters<typeof cornerPlan>) => buildScene(cornerPlan(...made));
  const roomDoor: NonNullable<Made['change']> = (plan) => ({
    ...plan,
    space: { width: mm(1740), depth: mm(2400), height: mm(2500), slopes: [] },
    existing: [
      {
        id: 'room-door',
        name: 'Room door',
        kind: 'room door',
        x: mm(1740),
        y: mm(1240),
        z: mm(0),
        faces: 'west',
        width: mm(768),
        height: mm(1986),
        hinge: 'left',
        swings: 'into the room',
        thickness: mm(40),
        wall: mm(100),
        stop: 90,
        handle: { projection: mm(55), height: mm(1000) },
      },
    ],
  });
  const words = (scene: ReturnType<typeof corner>) =>
    Object.fromEntries(
      finish(pairLines(scene, new PairMaps())).map(({ a, b, word, sentence }) => [
        `${a} ${b}`,
        { word, sentence },
      ]),
    );
  const orderOf = (scene: ReturnType<typeof corner>, ...ids: string[]) =>
    openingOrder(
      scene,
      new PairMaps(),
      Object.fromEntries(ids.map((id) => [id, scene.movers.find((mover) => mover.id === id)!.to])),
    );
  const steps = (order: ReturnType<typeof orderOf>) =>
    order.kind === 'order'
      ? order.moves.map((move) => (move.kind === 'one' ? move.part : move.parts.join(' + ')))
      : order.kind;

  it('without handles both open in any order', () => {
    const scene = corner(null, null);
    expect(words(scene)['left-door right-door']!.word).toBe('any order');
    expect(passOf(scene, new PairMaps(), 'left-door', 'right-door').way).toBeDefined();
  });

  it('a handle on one of them says which goes first, with how far the other goes before it', () => {
    const scene = corner(null, bar());
    const line = words(scene)['left-door right-door']!;
    expect(line.word).toBe('second first');
    expect(line.sentence).toMatch(/^Open Right door first, then Left door: the other way round they meet\./);
    expect(steps(orderOf(scene, 'left-door', 'right-door'))).toEqual(['right-door', 'left-door']);
  });

  it('a leaf that meets nothing but a shut one is answered with which to open first, where that lets it by', () => {
    const { answer } = reportOf(cornerPlan(null, bar()));
    expect(answer).toMatchObject({
      verdict: 'hits',
      part: 'left-door',
      next: 'open the right door first: then it goes all the way',
      finding: undefined,
    });
    // With a post beyond, the other door is not all that stops it.
    const post = (plan: ReturnType<typeof planWith>) => ({
      ...plan,
      things: [
        {
          id: 'post',
          name: 'Post',
          kind: 'box' as const,
          x: mm(780),
          y: mm(1000),
          z: mm(0),
          width: mm(20),
          depth: mm(20),
          height: mm(900),
        },
      ],
    });
    expect(reportOf(cornerPlan(null, bar(), post)).answer.next).not.toMatch(/first/);
  });

  it('handles on both that stand out far make it impossible, which is proven', () => {
    const far = bar({ projection: mm(60), fromFree: mm(20) });
    const scene = corner(far, far);
    expect(orderOf(scene, 'left-door', 'right-door')).toEqual({
      kind: 'none',
      pair: ['left-door', 'right-door'],
      why: 'shut',
    });
    expect(passOf(scene, new PairMaps(), 'left-door', 'right-door').way).toBeUndefined();
  });

  it('the room door must be open before the leaf it would swing into', () => {
    const scene = corner(null, bar(), roomDoor);
    const line = words(scene)['right-door room-door']!;
    expect(line.word).toBe('second first');
    const order = steps(orderOf(scene, 'left-door', 'right-door', 'room-door'));
    expect(order).toEqual(['room-door', 'right-door', 'left-door']);
  });
});
