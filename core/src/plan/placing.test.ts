import fc from 'fast-check';
import { real } from '../testing/real';
import { demoJson } from '../testing/planOfDoor';
import { applyEdit } from './edit';
import { newCarcass } from './fresh';
import { itemsOf } from './items';
import { extentChanges, extentOf, type Extent } from './placing';
import { readPlan } from './readPlan';

const demo = () => {
  const read = readPlan(demoJson());
  if (!read.ok) throw new Error('the demo must read');
  return read.plan;
};

describe('the box of an item', () => {
  it('is where its bodies stand, whichever way a carcass faces, and can be set to any other', () => {
    const plan = { ...demo(), parts: [] };
    fc.assert(
      fc.property(
        fc.constantFrom('north' as const, 'east' as const, 'south' as const, 'west' as const),
        fc.tuple(real(0, 900), real(0, 900), real(0, 400)),
        fc.tuple(real(100, 700), real(100, 600), real(140, 900)),
        (faces, least, size) => {
          const box = { ...newCarcass(plan), faces };
          const withBox = { ...plan, carcasses: [box] };
          const item = itemsOf(withBox).find(({ id }) => id === box.id)!;
          const to: Extent = {
            least,
            greatest: [least[0] + size[0], least[1] + size[1], least[2] + size[2]],
          };
          const read = applyEdit(withBox, { name: 'Move', changes: extentChanges(withBox, item, to) });
          if (!read.ok) throw new Error(read.issues[0]!.message);
          const moved = itemsOf(read.plan).find(({ id }) => id === box.id)!;
          const found = extentOf(moved)!;
          for (let axis = 0; axis < 3; axis += 1) {
            expect(found.least[axis]).toBeCloseTo(to.least[axis]!, 6);
            expect(found.greatest[axis]).toBeCloseTo(to.greatest[axis]!, 6);
          }
          expect(extentChanges(read.plan, moved, found)).toEqual([]);
        },
      ),
      { numRuns: 60 },
    );
  });
});
