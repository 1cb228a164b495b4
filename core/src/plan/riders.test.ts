import { WHOLE } from '../carcass/kinds';
import type { Carcass } from '../carcass/schema';
import { motionPose, moved } from '../motion/motion';
import { hingeOf, USUAL_FIT } from '../parts/door/fresh';
import { reportOf } from '../report/report';
import type { Mover } from '../scene/scene';
import { caseOf, doorOf, inBay, mm, planWith, refusalOf } from '../testing/planWith';
import { buildScene } from './buildScene';
import { mountChoices } from './mountChoices';
import { newExisting } from './fresh';
import { withMounted } from './hosts';
import type { Plan } from './schema';

const onDoor = { on: 'mover', host: 'door', nth: 0, while: 'open' } as const;
/** A shelf case 400 wide, 300 high and 80 deep on the inside of the case's door: its back on the leaf, its front to the opening. */
const rackOf = (other: Partial<Carcass> = {}): Carcass =>
  caseOf({
    id: 'rack',
    name: 'Jar rack',
    faces: 'north',
    x: mm(3500),
    y: mm(3080),
    z: mm(300),
    width: mm(400),
    height: mm(300),
    depth: mm(80),
    sheet: 'ply-12',
    back: null,
    stands: { on: 'the wall', rail: mm(60) },
    mount: onDoor,
    ...other,
  });
/** Over the case, on butts: it turns about the outer edge of its left side, where its faces meet. */
const door = doorOf({ hinge: hingeOf('butt', 'left'), fit: USUAL_FIT.overlay, limit: 90 });
const planOf = (rack: Partial<Carcass> = {}, parts: Plan['parts'] = [door]) =>
  planWith({ carcasses: [caseOf({ z: mm(100) }), rackOf(rack)], parts });
const moverOf = (plan: Plan, id: string): Mover => buildScene(plan).movers.find((one) => one.id === id)!;

describe('a case that hangs on a door', () => {
  it('goes with it as one body, and stands still no more', () => {
    const plan = planOf();
    const scene = buildScene(plan);
    expect(scene.still.map(({ item }) => item)).not.toContain('rack');
    const leaf = moverOf(plan, 'door');
    const [own, carried] = ['door', 'rack'].map((item) => leaf.bodies.filter((body) => body.item === item));
    expect([own!.length, carried!.length]).toEqual([1, 1]);
    // Every point of it turns as the leaf does: they share one motion.
    const at = (motion: (typeof leaf.bodies)[number]['motion']) =>
      moved(motionPose(motion, 1.2), [3100, 3080, 200]);
    expect(at(carried![0]!.motion)).toEqual(at(own![0]!.motion));
  });

  // About the pin its far inner corner goes round on hypot(right end, 80); the right side's inner face is 582 off.
  it.each([
    ['clear', 3500],
    ['hits', 3579],
  ] as const)('is %s where its end stands at %d', (verdict, x) => {
    const report = reportOf(planOf({ x: mm(x) }));
    const found = report.parts.find(({ id }) => id === 'door')!;
    const meets = found.findings.filter(
      ({ moving, verdict: one }) => moving.startsWith('rack') && one === 'hits',
    );
    expect(found.verdict).toBe(verdict);
    expect(meets.map(({ item }) => item)).toEqual(verdict === 'hits' ? ['case'] : []);
  });

  it('is weighed on its hinges', () => {
    const massOf = (plan: Plan) =>
      Number(
        /weighs about ([\d.]+) kg/.exec(
          reportOf(plan).notes.find(({ item, about }) => item === 'door' && about === 'hinges')!.sentence,
        )![1],
      );
    // Two sides 300 x 80, bottom and top 376 x 80, a rail 376 x 60, all 12 thick, of 680 kg/m3.
    const boards = (2 * 300 * 80 + 2 * 376 * 80 + 376 * 60) * 12 * 680e-9;
    const bare = massOf(planWith({ parts: [door], carcasses: [caseOf({ z: mm(100) })] }));
    expect(Math.abs(massOf(planOf()) - bare - boards)).toBeLessThan(0.11);
  });

  it('carries a door of its own, that opens once the one it hangs on is open', () => {
    const small = doorOf({
      id: 'small',
      name: 'Rack door',
      mount: inBay('all', 'rack'),
      hinge: hingeOf('butt', 'left'),
      fit: { ...USUAL_FIT.overlay, hinge: mm(10), free: mm(10), top: mm(10), bottom: mm(10) },
      limit: 90,
    });
    const plan = planOf({ x: mm(3450), y: mm(3060), width: mm(300) }, [door, small]);
    expect(moverOf(plan, 'small').ride).toMatchObject({ on: 'door', while: 'open' });
    const report = reportOf(plan);
    expect(report.parts.find(({ id }) => id === 'small')!.verdict).toBe('clear');
    expect(
      report.notes
        .filter(({ item }) => item === 'rack')
        .filter(({ verdict }) => verdict !== 'clear')
        .map(({ about }) => about),
    ).toEqual(['caution']);
  });
});

describe('what things are mounted on', () => {
  const tall = (id: string, host: string) =>
    caseOf({ id, name: `Case ${id}`, x: mm(id === 'a' ? 1000 : 5000), mount: { on: 'carcass', host } });

  it('goes round in no ring', () => {
    expect(refusalOf({ carcasses: [tall('a', 'b'), tall('b', 'a')] })).toBe(
      [
        'carcasses[0].mount.host: These are mounted on each other in a ring: “Case a”, “Case b”. One of them must stand on something else.',
        'carcasses[1].mount.host: These are mounted on each other in a ring: “Case b”, “Case a”. One of them must stand on something else.',
      ].join('\n'),
    );
    const own = { carcasses: [caseOf({ mount: onDoor })], parts: [door] };
    expect(refusalOf(own)).toMatch(
      /^carcasses\[0\]\.mount\.host: These are mounted on each other in a ring: “Case”, “Door”/,
    );
  });

  it('is there, and of the right sort', () => {
    const said = (mount: Carcass['mount']) =>
      refusalOf({ carcasses: [caseOf(), rackOf({ mount: mount! })], parts: [door] });
    expect(said({ on: 'carcass', host: 'door' })).toBe(
      'carcasses[1].mount.host: There is no carcass with the id “door”.',
    );
    expect(said({ ...onDoor, host: 'case' })).toBe(
      'carcasses[1].mount.nth: Nothing of “Case” moves, so nothing can ride on it.',
    );
    expect(said({ ...onDoor, nth: 3 })).toBe(
      'carcasses[1].mount.nth: “Door” has one mover: there is no number 4.',
    );
  });

  it('is offered but for itself and what is mounted on it', () => {
    const plan = planWith({
      carcasses: [caseOf(), rackOf()],
      parts: [door],
      change: (one) => ({
        ...one,
        existing: [{ ...newExisting(one, 'room door'), id: 'way', name: 'Way in' }],
      }),
    });
    const offered = (id: string) =>
      mountChoices(
        plan,
        plan.carcasses.find((one) => one.id === id)!,
      ).map(({ words }) => words);
    expect(offered('rack')).toEqual(['Case', 'Door', 'Way in']);
    expect(offered('case')).toEqual(['Way in']);
    expect([...withMounted(plan, ['door'])]).toEqual(['door', 'rack']);
  });

  it('is laid before them, wherever it stands in the list', () => {
    const later = planWith({ carcasses: [rackOf(), caseOf()], parts: [door] });
    expect(moverOf(later, 'door').bodies.map(({ item }) => item)).toEqual(['door', 'rack']);
    const split = { ...WHOLE, id: 'only' };
    expect(refusalOf({ carcasses: [rackOf(), caseOf({ bay: split })], parts: [door] })).toMatch(
      /^parts\[0\]\.mount\.bay/,
    );
  });
});
