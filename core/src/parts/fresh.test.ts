import { applyEdit } from '../plan/edit';
import { newCarcass, newPart, newPlan } from '../plan/fresh';
import { fieldsOf } from '../plan/fieldsOf';
import { itemsOf, pathOf } from '../plan/items';
import { readPlan } from '../plan/readPlan';
import type { Plan } from '../plan/schema';
import { get } from '../item/path';
import type { Door } from './door/schema';
import { FAMILY_NAMES } from './families';

/** A plan whose usual materials were all taken out: what stands for them has another id. */
const withoutUsual = (): Plan => {
  const plan = newPlan('A room');
  return { ...plan, materials: plan.materials.map((one, i) => ({ ...one, id: `own-${i}` })) };
};

describe('a new part', () => {
  it.each(FAMILY_NAMES)(
    'of the family %s can be hung in a plan that lacks the usual materials, and so can all that its card offers',
    (family) => {
      const carcass = newCarcass(withoutUsual());
      const hung = { ...withoutUsual(), carcasses: [carcass] };
      const of = (part: unknown) => readPlan({ ...hung, parts: [part] });
      const material = (read: ReturnType<typeof of>) =>
        read.ok ? [] : read.issues.map(({ message }) => message).filter((told) => /There is no/.test(told));
      const read = of(newPart(hung, family, carcass));
      expect(material(read)).toEqual([]);
      if (!read.ok) return;
      const { plan } = read;
      const item = itemsOf(plan).find(({ list }) => list === 'parts')!;
      for (const { input, path } of fieldsOf(item)) {
        if (typeof input === 'string' || !('words' in input)) continue;
        for (const word of input.words) {
          const at = [...pathOf(plan, item), ...path];
          const after = input.value(word, item.value, plan.materials);
          const changed = { path: at, before: get(plan, at), after };
          expect([word, material(applyEdit(plan, { name: 'Try', changes: [changed] as never }))]).toEqual([
            word,
            [],
          ]);
        }
      }
    },
  );

  it.each([80, 120, 200, 300, 500, 720, 1200, 2300])(
    'that is a door can be hung in an opening %d high: its handle stands on the leaf',
    (high) => {
      const plan = newPlan('A room');
      const carcass = {
        ...newCarcass(plan),
        height: { mm: high + 36 },
        stands: { on: 'the floor' } as const,
      };
      const hung = { ...plan, space: { ...plan.space, height: { mm: 2600 } }, carcasses: [carcass] };
      const part = newPart(hung, 'door', carcass);
      const read = readPlan({ ...hung, parts: [part] });
      expect(read.ok ? [] : read.issues).toEqual([]);
      const { handle } = part as Door;
      expect([handle!.kind, handle!.fromBottom.mm + handle!.height.mm <= high]).toEqual([
        high < 230 ? 'knob' : 'bar',
        true,
      ]);
      // Where there is room for it it stands as high as ever.
      expect(handle!.fromBottom.mm === 600).toBe(high >= 790);
    },
  );
});
