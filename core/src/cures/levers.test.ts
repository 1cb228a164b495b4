import { carcassLevers } from '../carcass/levers';
import type { Carcass } from '../carcass/schema';
import type { Amount } from '../item/lever';
import { carcassOf, partBuilt, planStock } from '../plan/place';
import { newThing } from '../plan/fresh';
import type { LaidDrawn } from '../parts/kit/drawn/lay';
import { appraisalOf } from '../parts/appraisals';
import { thingLevers } from '../things/levers';
import { withDrawer } from '../testing/partsOf';
import { caseOf, mm, planWith } from '../testing/planWith';

const TROUBLE = { of: undefined, short: 1, comfortable: undefined, usable: undefined, about: undefined };

/** How far levers of moving go, mm, by the words of where to. */
const ways = (levers: readonly { readonly kind: string }[], of: RegExp) =>
  Object.fromEntries(
    (levers as readonly Amount[])
      .filter(({ kind }) => kind === 'amount')
      .flatMap((lever) => {
        const [, where] = of.exec(lever.words(lever.to)) ?? [];
        return where === undefined
          ? []
          : [[where, [lever.set(lever.to)[0]!.path.join('.'), lever.to - lever.from]]];
      }),
  ) as Record<string, [string, number]>;

const leversOfCase = (one: Carcass) => {
  const plan = planWith({ carcasses: [one] });
  return carcassLevers(one, TROUBLE, carcassOf(plan, one), planStock(plan));
};

describe('levers of what stands in the space', () => {
  // Derived: seen from before it, right of a case that faces south is east, and so round.
  it.each([
    ['south', 'x', 400],
    ['north', 'x', -400],
    ['east', 'y', 400],
    ['west', 'y', -400],
  ] as const)(
    'a case that faces %s goes to its right along %s by %s mm, and as far to its left',
    (faces, axis, far) => {
      const found = ways(leversOfCase(caseOf({ faces, x: mm(2000), y: mm(2000) })), /to the (left|right)/);
      expect(found).toEqual({ right: [axis, far], left: [axis, -far] });
    },
  );

  it('a thing goes 300 mm to every side, along the axis that it says', () => {
    const box = { ...newThing(planWith({}), 'box'), x: mm(1000), y: mm(1000), z: mm(1000) };
    expect(ways(thingLevers(box), /(east|west|north|south|up|down)/)).toEqual({
      east: ['x', 300],
      west: ['x', -300],
      north: ['y', 300],
      south: ['y', -300],
      up: ['z', 300],
      down: ['z', -300],
    });
  });

  it('slides that carry more cost 10, and 1 for every kg that they carry more', () => {
    const plan = planWith(withDrawer({}));
    const part = plan.parts[0]!;
    const { laid, pieces } = partBuilt(plan, part)!;
    const { slide, place } = laid as LaidDrawn;
    const stronger = appraisalOf(part)
      .levers(laid, pieces, { ...TROUBLE, about: 'runs' })
      .filter(({ key }) => key.startsWith('slide.'));
    if (slide?.kind !== 'slide') throw new Error('A usual drawer runs on slides.');
    for (const { cost, key } of stronger) {
      const { rating } = place.hardware.find(key.slice('slide.'.length), 'slide')!;
      expect(rating).toBeGreaterThan(slide.rating);
      expect(cost.once).toBeCloseTo(10 + rating - slide.rating, 9);
    }
    expect(stronger.length).toBeGreaterThan(0);
  });
});
