import { jest } from '@jest/globals';
import { FAMILY_LIST } from './list';
import { APPRAISAL_LIST } from './appraisalList';
import { ARM_APPRAISAL } from '../testing/madeUp/arm/appraisal';
import { ARM } from '../testing/madeUp/arm/arm';
import { ArmSchema, type Arm } from '../testing/madeUp/arm/schema';
import type { Plan } from '../plan/schema';
import type { Defect } from '../cures/defects';
import type { Point3 } from '../solid/prism';

// A family nobody ships, added as docs/parts.md says: its folder and its line in either list. All else is as it ships.
const LIST = [...FAMILY_LIST, { schema: ArmSchema, family: ARM }];
jest.resetModules();
jest.unstable_mockModule('./list', () => ({ FAMILY_LIST: LIST }));
const TOLD = { ...APPRAISAL_LIST, arm: ARM_APPRAISAL };
jest.unstable_mockModule('./appraisalList', () => ({ APPRAISAL_LIST: TOLD }));
const { planWith, refusalOf, caseOf, doorOf, mm } = await import('../testing/planWith');
const { newPart } = await import('../plan/fresh');
const { buildScene } = await import('../plan/buildScene');
const { withMounted } = await import('../plan/hosts');
const { clipOf } = await import('../plan/groups');
const { pasteChanges } = await import('../plan/paste');
const { applyEdit } = await import('../plan/edit');
const { reportOf } = await import('../report/report');
const { partsList } = await import('../make/partsList');
const { offeredWords } = await import('../testing/offersIn');
const { leversFor } = await import('../cures/leversOf');
const { newExisting } = await import('../plan/fresh');
const { motionPose, moved } = await import('../motion/motion');
const { standingAt } = await import('../scene/standing');

const arm = (mount: Arm['mount'], other: Partial<Arm> = {}): Arm => ({
  id: 'arm',
  family: 'arm',
  name: 'Towel arm',
  mount,
  material: 'ply-18',
  long: mm(400),
  high: mm(60),
  swings: 90,
  schools: {},
  ...other,
});
/** As the list of what ships knows no arm, plans of this file take it as any part. */
const asPart = (one: Arm) => one as unknown as Plan['parts'][number];
const onWall = { on: 'wall', corner: 'south', from: mm(1000), up: mm(1200) } as const;
const door = doorOf({ limit: 90 });
const onDoor = (until: 'shut' | 'open' | 'any' | 'same', face: 'inside' | 'outside' = 'outside') =>
  ({ on: 'mover', host: 'door', nth: 0, face, from: mm(50), up: mm(300), while: until }) as const;

/** The least and greatest corner of a body of the scene where its mover has gone so far. */
function boundsOf(plan: Plan, id: string, travels: Record<string, number> = {}): [Point3, Point3] {
  const { movers, hidden } = standingAt(buildScene(plan).movers, travels);
  const corners = movers
    .filter((mover) => !hidden.has(mover.id))
    .flatMap((mover) =>
      mover.bodies
        .filter((body) => body.id === id || body.id === `shut:${id}`)
        .flatMap(({ pieces, motion }) => {
          const pose = motionPose(motion, travels[mover.id] ?? mover.from);
          return pieces.flatMap(({ corners: all }) =>
            Array.from({ length: all.length / 3 }, (_, i) =>
              moved(pose, [all[3 * i]!, all[3 * i + 1]!, all[3 * i + 2]!]),
            ),
          );
        }),
    );
  const ends = (pick: (...all: number[]) => number) =>
    [0, 1, 2].map((i) => Math.round(pick(...corners.map((p) => p[i]!)) * 1e6) / 1e6) as unknown as Point3;
  return [ends(Math.min), ends(Math.max)];
}

describe('a family that is its folder and one line', () => {
  it('hangs on a wall: it is laid, cut, weighed, moved and listed', () => {
    const plan = planWith({ parts: [asPart(arm(onWall))] });
    // The south wall begins at the person's left, which is east for who looks south from the room: 8000 - 1000.
    expect(boundsOf(plan, 'arm')).toEqual([
      [6600, 0, 1200],
      [7000, 18, 1260],
    ]);
    // Swung out by a quarter it stands off the wall, its thickness beyond the line it turns about.
    expect(boundsOf(plan, 'arm', { arm: Math.PI / 2 })).toEqual([
      [7000, 0, 1200],
      [7018, 400, 1260],
    ]);
    const row = partsList(plan).find(({ item }) => item === 'arm')!;
    expect([row.of, row.cut.length.mm, row.cut.width.mm, row.cut.thick.mm]).toEqual([
      'Towel arm',
      400,
      60,
      18,
    ]);
    // 0.4 x 0.06 x 0.018 m of birch plywood, 680 kg/m3.
    expect(reportOf(plan).notes.find(({ item }) => item === 'arm')!.sentence).toBe('It weighs 0.3 kg.');
    expect(plan.stones['arm']).toBe('T');
  });

  it.each([
    ['floor', 0],
    ['ceiling', 2540],
  ] as const)('stands on the %s where its numbers say', (on, foot) => {
    const plan = planWith({ parts: [asPart(arm({ on, x: mm(500), y: mm(400), faces: 'south' }))] });
    expect(boundsOf(plan, 'arm')).toEqual([
      [500, 382, foot],
      [900, 400, foot + 60],
    ]);
  });

  it('meets what stands in its swing, and the offer is to shorten it until it passes', () => {
    const post = { id: 'post', name: 'Post', kind: 'post', x: mm(6900), y: mm(300), z: mm(0) } as const;
    const sizes = { width: mm(100), depth: mm(100), height: mm(2400) };
    const plan = planWith({
      parts: [asPart(arm(onWall))],
      change: (one) => ({ ...one, things: [{ ...post, ...sizes }] }),
    });
    const [part] = reportOf(plan).parts;
    // The post's near corner is at 100 and 300 from the line it turns about: first met where atan(300 / 100) is passed.
    expect([part!.verdict, part!.check.usable < Math.atan(3)]).toEqual(['hits', true]);
    const [offer] = offeredWords(plan);
    // Its far corner, on a circle of the length and the 18 of its thickness, must stay 10 off the post's face 300 out: 289.4.
    expect(offer).toBe('make it 289 mm long');
  });

  it('lies along the edge of a case’s own top', () => {
    const on = { on: 'edge', host: 'case', edge: 'front', from: mm(100), while: 'shut' } as const;
    const plan = planWith({ parts: [asPart(arm(on))] });
    // The case stands at 3000, 3000 and is 720 high with a top of 18.
    expect(boundsOf(plan, 'arm')).toEqual([
      [3100, 2982, 702],
      [3500, 3000, 762],
    ]);
  });

  it('rides on the edge of a top that slides, and swings where that is', () => {
    const bench = caseOf({ kind: 'bench', top: 'none', width: mm(600), depth: mm(500), height: mm(400) });
    const base = planWith({ carcasses: [bench] });
    const top = {
      ...newPart(base, 'sliding top', bench),
      travel: mm(200),
      goes: 'left',
    } as Plan['parts'][number];
    const on = { on: 'edge', host: top.id, edge: 'front', from: mm(20), while: 'open' } as const;
    const plan = planWith({ carcasses: [bench], parts: [top, asPart(arm(on, { long: mm(300) }))] });
    const [shut] = boundsOf(plan, 'arm');
    const [slid] = boundsOf(plan, 'arm', { [top.id]: 200 });
    expect(slid![0]).toBeCloseTo(shut![0]! - 200, 6);
    const out = boundsOf(plan, 'arm', { [top.id]: 200, arm: Math.PI / 2 });
    expect(out[1]![1]! - out[0]![1]!).toBeCloseTo(300, 6);
    expect(buildScene(plan).movers.find(({ id }) => id === 'arm')!.ride).toMatchObject({
      on: top.id,
      while: 'open',
    });
  });

  it('goes with a door at the same travel: both are one mover', () => {
    const plan = planWith({ parts: [door, asPart(arm(onDoor('same')))] });
    const { movers } = buildScene(plan);
    expect(movers.map(({ id }) => id)).toEqual(['door']);
    // Half way each has turned by 45 degrees, the arm by 90 in all: it stands across the shut door's face.
    const [least, greatest] = boundsOf(plan, 'arm', { door: Math.PI / 4 });
    const [thin, long] = [greatest[0] - least[0], greatest[1] - least[1]];
    expect([thin, long]).toEqual([18, 400].map((x) => expect.closeTo(x, 4)));
  });

  it.each(['shut', 'open', 'any'] as const)('rides on a door, and goes where that stands %s', (until) => {
    const plan = planWith({ parts: [door, asPart(arm(onDoor(until)))] });
    const mover = buildScene(plan).movers.find(({ id }) => id === 'arm')!;
    expect(mover.ride).toEqual({ on: 'door', by: door.id === 'door' ? mover.ride!.by : '', while: until });
    // With the door at a right angle the shut arm lies along it, 400 long from the hinge's side outward.
    const [least, greatest] = boundsOf(plan, 'arm', { door: Math.PI / 2 });
    expect(greatest![1]! - least![1]!).toBeCloseTo(400, 6);
  });

  it('is weighed on the hinges of the door that carries it', () => {
    const told = (parts: Plan['parts']) =>
      reportOf(planWith({ parts })).notes.find(({ item, about }) => item === 'door' && about === 'hinges')!
        .sentence;
    const heavy = asPart(arm(onDoor('shut'), { long: mm(500), high: mm(400), material: 'ply-18' }));
    const kg = (sentence: string) => Number(/about ([\d.]+) kg/.exec(sentence)![1]);
    // 0.5 x 0.4 x 0.018 m x 680 kg/m3 = 2.448 kg; each is told to 0.1.
    expect(Math.abs(kg(told([door, heavy])) - kg(told([door])) - 2.448)).toBeLessThan(0.1);
    expect(told([door, heavy])).toContain('The leaf with the towel arm weighs');
  });

  it('is refused with a sentence where what it names is not there, or cannot carry it', () => {
    const said = (mount: Arm['mount'], parts: Plan['parts'] = [door]) =>
      refusalOf({ parts: [...parts, asPart(arm(mount))] });
    expect(said({ ...onWall, corner: 'up' })).toBe(
      'parts[1].mount.corner: There is no wall there that stands square to the room.',
    );
    expect(said({ ...onDoor('shut'), nth: 1 })).toBe(
      'parts[1].mount.nth: “Door” has one mover: there is no number 2.',
    );
    expect(said({ ...onDoor('shut'), host: 'gone' })).toBe(
      'parts[1].mount.host: There is nothing with the id “gone” to be mounted on.',
    );
    expect(said({ ...onDoor('shut'), host: 'arm' })).toBe(
      'parts[1].mount.host: “Towel arm” cannot be mounted on itself.',
    );
    expect(said({ on: 'edge', host: 'door', edge: 'left', from: mm(0), while: 'shut' })).toBe(
      'parts[1].mount.edge: “Door” has no top whose left edge could carry it.',
    );
    expect(said({ ...onDoor('shut'), from: mm(300) })).toMatch(/^parts\[1\]\.long: It stands past the end/);
  });

  it('is copied, renamed and taken out with what carries it', () => {
    const plan = planWith({ parts: [door, asPart(arm(onDoor('any')))] });
    expect([...withMounted(plan, ['case'])].sort()).toEqual(['arm', 'case', 'door']);
    const { changes, ids } = pasteChanges(plan, clipOf(plan, ['case']));
    const read = applyEdit(plan, { name: 'Paste', changes });
    if (!read.ok) throw new Error(read.issues[0]!.message);
    const copy = read.plan.parts.find(({ id }) => id === ids[2])!;
    expect(copy.mount).toMatchObject({ on: 'mover', host: ids[1], while: 'any' });
    expect(copy.name).toBe('Towel arm 2');
  });

  it('rides on what moves there already, until that is to be removed', () => {
    const room = (state?: 'to be removed') => ({
      parts: [asPart(arm({ ...onDoor('any'), host: 'way', face: 'inside', from: mm(100) }))],
      change: (one: Plan): Plan => ({
        ...one,
        existing: [{ ...newExisting(one, 'room door'), id: 'way', name: 'Way in', ...(state && { state }) }],
      }),
    });
    expect(buildScene(planWith(room())).movers.map(({ ride }) => ride?.on)).toEqual(['way', undefined]);
    expect(refusalOf(room('to be removed'))).toBe(
      'parts[0].mount.host: “Way in” is to be removed: nothing can be mounted on it.',
    );
  });

  it('names its lever to what is short', () => {
    const plan = planWith({ parts: [asPart(arm(onWall))] });
    const finding: Defect = {
      key: 'made up',
      verdict: 'tight',
      item: 'arm',
      short: 10,
      met: undefined,
      other: undefined,
      about: undefined,
    };
    const [found, ...others] = leversFor(plan, finding);
    expect([found!.item, found!.lever.key, others]).toEqual(['arm', 'long', []]);
    const changes = found!.lever.kind === 'amount' ? found!.inPlan(found!.lever.set(350)) : [];
    expect(changes).toEqual([{ path: ['parts', 0, 'long'], before: mm(400), after: mm(350) }]);
  });
});
