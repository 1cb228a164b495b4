import { get, type PathStep } from '../item/path';
import { applyEdit } from '../plan/edit';
import { fieldsOf } from '../plan/fieldsOf';
import { itemsOf, pathOf, type Item } from '../plan/items';
import { newPart } from '../plan/fresh';
import type { Plan } from '../plan/schema';
import { buildScene } from '../plan/buildScene';
import { partsList } from '../make/partsList';
import { liesOnTop } from '../testing/partsOf';
import { caseOf, doorOf, mm, planWith } from '../testing/planWith';
import { pulloutOf } from '../testing/partsOf';
import { FAMILY_NAMES, type Part } from './families';
import type { Field } from '../card/field';

const fresh = (family: Part['family']) => newPart(planWith({}), family, caseOf());
const PARTS: readonly (readonly [string, Part])[] = [
  ...FAMILY_NAMES.map((family) => [family, family === 'door' ? doorOf() : fresh(family)] as const),
  ...(['bins', 'tiers', 'table', 'step'] as const).map((kind) => [kind, pulloutOf(kind)] as const),
];

const CASE = caseOf({ z: mm(100) });
const OPEN = { ...caseOf({ top: 'none', kind: 'bench' }), width: mm(600), depth: mm(500), height: mm(400) };

/** What a hand may leave in a field: everything a choice offers, and figures from nothing to absurd. */
function tries({ input }: Field<unknown>, item: Item, { materials }: Plan): unknown[] {
  switch (input) {
    case 'length':
      return [0, -5, 0.1, 7, 400, 1e5].map(mm);
    case 'length or none':
      return [null, ...[0, -5, 7, 400, 1e5].map(mm)];
    case 'degrees':
      return [0, -10, 1, 90, 1000];
    case 'count':
      return [0, -1, 1, 3, 1.5, 1e6];
    case 'text':
      return ['', 'A longer name than anybody would give a thing in the workshop of theirs'];
    case 'offsets':
    case 'part':
      return [];
    case 'mount':
      // On itself, on what is not there, on what does not move.
      return [
        { on: 'carcass', host: item.id },
        { on: 'carcass', host: 'no-such' },
        { on: 'mover', host: item.id, nth: 0, while: 'any' },
      ];
    default:
      return 'pick' in input
        ? ['all', 'no-such']
        : input.words.map((word) => input.value(word, item.value, materials));
  }
}

/** The plan with one field changed, all of it worked out; or the sentence it is refused with. */
function changed(plan: Plan, path: readonly PathStep[], after: unknown): Plan | string {
  const before = get(plan, path);
  const read = applyEdit(plan, { name: 'Try', changes: [{ path: [...path], before, after }] as never });
  if (!read.ok) return read.issues[0]!.message;
  for (const { id, from, to, bodies } of buildScene(read.plan).movers) {
    expect([path.join('.'), JSON.stringify(after), id, to > from]).toContain(true);
    const corners = bodies.flatMap(({ pieces }) => pieces.flatMap((piece) => [...piece.corners]));
    expect([
      path.join('.'),
      JSON.stringify(after),
      id,
      corners.length > 0 && corners.every(Number.isFinite),
    ]).toContain(true);
  }
  for (const { name, cut } of partsList(read.plan))
    expect([path.join('.'), JSON.stringify(after), name, cut.length.mm > 0 && cut.width.mm > 0]).toContain(
      true,
    );
  return read.plan;
}

describe('whatever is put into a field of a card', () => {
  it.each(PARTS)('of a %s is worked out or refused with a sentence, one change upon another', (_, part) => {
    const plan = planWith({ carcasses: [liesOnTop(part.family) ? OPEN : CASE], parts: [part] });
    const item = (of: Plan) => itemsOf(of).find(({ list }) => list === 'parts')!;
    let [taken, refused] = [0, 0];
    const each = (
      of: Plan,
      then: (next: Plan) => void,
      tried: (path: string, nth: number) => boolean = () => true,
    ) => {
      for (const field of fieldsOf(item(of)).filter(({ path }, i) => tried(path.join('.'), i)))
        for (const value of tries(field, item(of), of)) {
          const next = changed(of, [...pathOf(of, item(of)), ...field.path], value);
          if (typeof next === 'string') {
            expect(next).toMatch(/^[A-Z“].*[.?]$/s);
            refused += 1;
          } else {
            taken += 1;
            then(next);
          }
        }
    };
    const kinds: Plan[] = [];
    each(plan, (next) => kinds.push(next));
    // Every field that another choice brings up, tried in its turn; of those there were before, by turns one in three.
    const seen = new Set([signature(plan, item)]);
    const known = new Set(signature(plan, item).split(','));
    for (const next of kinds) {
      const now = signature(next, item);
      if (seen.has(now)) continue;
      seen.add(now);
      const turn = seen.size % 3;
      each(
        next,
        () => undefined,
        (path, i) => !known.has(path) || i % 3 === turn,
      );
      for (const path of now.split(',')) known.add(path);
    }
    expect(taken).toBeGreaterThan(10);
    expect(refused).toBeGreaterThan(5);
  });
});

/** Which fields there are. */
const signature = (plan: Plan, item: (of: Plan) => Item) =>
  fieldsOf(item(plan))
    .map(({ path }) => path.join('.'))
    .join();
