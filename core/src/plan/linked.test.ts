import { motionPose, moved } from '../motion/motion';
import { hingeOf, USUAL_FIT } from '../parts/door/fresh';
import { reportOf } from '../report/report';
import { boxAt, withLid } from '../testing/partsOf';
import { caseOf, doorOf, inBay, mm, planWith, refusalOf, type Made } from '../testing/planWith';
import { told } from '../testing/told';
import type { Part } from '../parts/families';
import { bankOf } from '../parts/kit/drawn/usual';
import { buildScene } from './buildScene';
import { newPart } from './fresh';
import { withChanges } from './edit';
import { clipOf } from './groups';
import { unlinkChanges } from './linked';
import { pasteChanges } from './paste';
import { partBuilt } from './place';

const other = caseOf({ id: 'other', name: 'Other case', x: mm(5000) });
const first = doorOf({ hinge: hingeOf('butt', 'left'), fit: USUAL_FIT.overlay, limit: 90 });
const second = (own: object = {}) =>
  doorOf({ id: 'second', name: 'Second', mount: inBay('all', 'other'), hinge: hingeOf('butt', 'right'), fit: USUAL_FIT.overlay, limit: 120, ...own }); // prettier-ignore
const joined = (own: object = {}): Made => ({
  carcasses: [caseOf(), other],
  parts: [first, second({ opensWith: 'door', ...own })],
});

describe('a door that a rod opens with another', () => {
  it('is one mover with it, from shut to open at once', () => {
    const plan = planWith(joined());
    const { movers } = buildScene(plan);
    expect(movers.map(({ id }) => id)).toEqual(['door']);
    const alone = partBuilt(plan, plan.parts[1]!)!.movers[0]!;
    const body = movers[0]!.bodies.find(({ item }) => item === 'second')!;
    for (const share of [0, 0.4, 1])
      expect(moved(motionPose(body.motion, share * movers[0]!.to), [5100, 2990, 300])).toEqual(
        moved(motionPose(alone.bodies[0]!.motion, share * alone.to), [5100, 2990, 300]).map((x) =>
          expect.closeTo(x, 9),
        ),
      );
    expect(told(joined({ joinedBy: 'a cable' }))).toContain('It opens with the door, by a cable: both are checked as one');
  }); // prettier-ignore

  it('stops where either of them meets something', () => {
    // Hinged on the right at 5600, 600 wide: open by a quarter of the first's way it has gone a third farther.
    const wall = boxAt('Stub', { x: 5590, y: 2000, z: 0, width: 100, depth: 700, height: 900 });
    const [free, met] = [joined(), { ...joined(), change: wall }].map((made) => reportOf(planWith(made)).parts[0]!);
    expect(free!.verdict).not.toBe('hits');
    expect(met!.verdict).toBe('hits');
    expect(met!.findings[0]!.moving).toMatch(/^second/);
    const bare = { carcasses: [other], parts: [second()], change: wall };
    const alone = reportOf(planWith(bare)).parts[0]!.check;
    expect(met!.check.usable / met!.check.to).toBeCloseTo(alone.usable / alone.to, 5);
  }); // prettier-ignore

  it.each([
    [{ opensWith: 'second' }, 'It cannot open with itself.'],
    [{ opensWith: 'nobody' }, 'There is nothing that moves with the id “nobody”.'],
    [{ leaves: 'pair' }, 'It moves in more than one way of its own, so nothing joins it to another.'],
  ])('%j is refused: %s', (own, said) => {
    expect(refusalOf(joined(own))).toBe(`parts[1].opensWith: ${said}`);
  });

  it('joins nothing to what is joined already, and nothing to what is lifted', () => {
    const third = doorOf({ id: 'third', name: 'Third', mount: inBay('all', 'far'), opensWith: 'second' });
    const far = caseOf({ id: 'far', name: 'Far case', x: mm(1000) });
    const made = joined();
    expect(refusalOf({ carcasses: [...made.carcasses!, far], parts: [...made.parts!, third] })).toBe(
      'parts[2].opensWith: “Second” opens with something else already: join it to that.',
    );
    const lid = withLid({});
    expect(refusalOf({ carcasses: [...lid.carcasses!, other], parts: [...lid.parts!, second({ opensWith: lid.parts![0]!.id })] })).toContain(
      'is lifted, and what helps it is reckoned by itself',
    );
  }); // prettier-ignore

  it('joins nothing that waits for a leaf: two such would wait for each other', () => {
    const behind = newPart(planWith({ carcasses: [caseOf({ z: mm(100) })], parts: [first] }), 'shelf', caseOf());
    expect(refusalOf({ ...joined(), parts: [...joined().parts!, behind] })).toBe('');
    const raised = caseOf({ z: mm(100) });
    const drawer = { ...newPart(planWith({ carcasses: [raised], parts: [first] }), 'drawer', raised), bank: bankOf('even', 1) } as Part;
    const made = { carcasses: [raised, other], parts: [first, drawer, second({ opensWith: drawer.id })] };
    expect(refusalOf(made)).toContain('stands behind a leaf, and waits for that: nothing joins it to another.');
    expect(refusalOf({ ...made, parts: [first, { ...drawer, opensWith: 'door' } as Part] })).toContain('It stands behind a leaf');
  }); // prettier-ignore

  it('lets go of what is taken out, and a copy of both opens with the copy', () => {
    const plan = planWith(joined());
    const changes = unlinkChanges(plan, new Set(['door']));
    expect(changes).toEqual([{ path: ['parts', 1, 'opensWith'], before: 'door' }]);
    expect(withChanges(plan, changes).parts[1]).not.toHaveProperty('opensWith', 'door');
    expect(unlinkChanges(plan, new Set(['door', 'second']))).toEqual([]);
    const copiesOf = (ids: readonly string[]) => {
      const { parts } = withChanges(plan, pasteChanges(plan, clipOf(plan, ids)).changes);
      return parts.slice(2).map((part) => ('opensWith' in part ? part.opensWith : undefined));
    };
    const [, copied] = copiesOf(['case', 'other']);
    expect(copied).toMatch(/^door-/);
    // Copied alone it opens with what it opened with.
    expect(copiesOf(['other'])).toEqual(['door']);
  });
});
