import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import * as v from 'valibot';
import { worthTelling } from '../src/clearance/checkMover';
import { SceneChecker } from '../src/clearance/checkScene';
import { readPlanFile } from '../src/formats/planFile';
import { get } from '../src/item/path';
import { formatLength } from '../src/length/formatLength';
import { parseLength } from '../src/length/parseLength';
import { MM_PER_INCH, type Units } from '../src/length/units';
import { partsList } from '../src/make/partsList';
import { sumText } from '../src/sizing/sum';
import { EditSchema } from '../src/item/change';
import { applyEdit, structuredCopy, withChanges } from '../src/plan/edit';
import { fieldsOf } from '../src/plan/fieldsOf';
import { itemsOf, pathOf } from '../src/plan/items';
import { readPlan } from '../src/plan/readPlan';
import type { Plan } from '../src/plan/schema';
import type { Report } from '../src/report/records';
import { reportOf } from '../src/report/report';
import { buildScene } from '../src/plan/buildScene';

const DEMOS = ['sedge-wren', 'kiln-shed', 'hollin-hut'];
/** Lids, flaps and beds of the demo jobs. */
const LIFTED = [
  'boot-lid',
  'desk-front',
  'slip-lid',
  'drying-door',
  'sail-lids',
  'bunk',
  'berth',
  'steps',
  'table',
];

function demo(name: string): Plan {
  const read = readPlanFile(readFileSync(new URL(`../../demo/${name}.json`, import.meta.url), 'utf8'));
  if (!read.ok) throw new Error(`${name} must read`);
  return read.plan;
}

/** The same plan with nothing in common with it, so that nothing is known of it. */
function copyOf(plan: Plan): Plan {
  const read = readPlan(structuredCopy(plan));
  if (!read.ok) throw new Error('a copy must read');
  return read.plan;
}

/**
 * A report but for the work that went into it, to a millionth: a search that began warm ends on other last digits. Charts are those of what
 * the answer is about: one that was drawn for an answer before is kept.
 */
function answers(report: Report): unknown {
  const rounded = (charted: boolean) => (key: string, value: unknown) =>
    key === 'counts' || (key === 'curve' && !charted)
      ? undefined
      : typeof value === 'number'
        ? Math.round(value * 1e6) / 1e6 + 0
        : value;
  const { parts, ...rest } = report;
  return [
    JSON.parse(JSON.stringify(rest, rounded(true))),
    ...parts.map(
      (part) => JSON.parse(JSON.stringify(part, rounded(part.id === report.answer.part))) as unknown,
    ),
  ];
}

/** Every length of every item that has one, with its path in the plan. */
const lengthsOf = (plan: Plan) =>
  itemsOf(plan).flatMap((item) =>
    fieldsOf(item)
      .filter(({ input, when }) => input === 'length' && (when?.(item.value) ?? true))
      .map(({ path }) => [...pathOf(plan, item), ...path])
      .filter((path) => typeof get(plan, [...path, 'mm']) === 'number'),
  );

describe.each(DEMOS)('the demo job %s', (name) => {
  it.each([16, 32, 64] as const)(
    'every length, shown in inches to 1/%d and typed back, is taken and shown as it was',
    (step) => {
      const units: Units = { system: 'in', step };
      const plan: Plan = { ...demo(name), units };
      const paths = lengthsOf(plan);
      expect(paths.length).toBeGreaterThan(40);
      for (const path of paths) {
        const before = get(plan, path) as { mm: number };
        const shown = formatLength(before.mm, units);
        const read = parseLength(shown, 'in');
        expect([path.join('.'), shown, read.ok]).toEqual([path.join('.'), shown, true]);
        if (!read.ok) continue;
        expect(formatLength(read.mm, units).replace(/[+-]$/, '')).toBe(shown.replace(/[+-]$/, ''));
        const typed = { mm: read.mm, typed: shown, unit: 'in' as const };
        const edit = applyEdit(plan, { name: 'typed back', changes: [{ path, before, after: typed }] });
        // What is told a hair off is typed a hair off: a bound that it was kept to by less than that is the only thing it may meet.
        const off = Math.abs(read.mm - before.mm);
        if (!edit.ok && off < 1e-6) expect([path.join('.'), shown, edit.issues]).toEqual([]);
        expect(off).toBeLessThanOrEqual(MM_PER_INCH / step / 2 + 1e-9);
      }
    },
  );

  it('has its faults, of lids, flaps and beds among them, and an edit that mends every one', () => {
    const faulty = demo(name);
    const text = readFileSync(new URL(`../../demo/mended/${name}.json`, import.meta.url), 'utf8');
    const edit = v.parse(EditSchema, JSON.parse(text));
    // Later changes name what earlier ones put there.
    edit.changes.reduce((plan, change) => {
      expect([change.path.join('.'), get(plan, change.path)]).toEqual([change.path.join('.'), change.before]);
      return withChanges(plan, [change]);
    }, faulty);
    const mended = applyEdit(faulty, edit);
    if (!mended.ok) throw new Error(mended.issues[0]!.message);
    const hits = (plan: Plan): string[] => {
      const { parts, notes } = reportOf(plan);
      return [...parts, ...notes].flatMap((one) => (one.verdict === 'hits' ? one.item : []));
    };
    expect(hits(mended.plan)).toEqual([]);
    const found = hits(faulty);
    const turning = faulty.parts.filter(({ id }) => LIFTED.includes(id)).map(({ id }) => id);
    expect(turning.length).toBeGreaterThan(0);
    for (const id of turning) expect(found).toContain(id);
  });

  it('tells no length twice "in", and no hair that could be a sign of a sum', () => {
    const plan: Plan = { ...demo(name), units: { system: 'in', step: 16 } };
    const report = reportOf(plan);
    const sentences = [
      ...report.parts.flatMap(({ findings }) => findings.map(({ sentence }) => sentence)),
      ...report.notes.map(({ sentence }) => sentence),
      ...report.assumptions.flatMap(({ words, measure }) => [words, measure]),
    ];
    expect(sentences.filter((text) => /\bin in\b/.test(text))).toEqual([]);
    const sums = partsList(plan).flatMap(({ cut }) =>
      [cut.length, cut.width].map((sum) => sumText(sum, plan.units)),
    );
    expect(sums.filter((text) => /\d[+-](\s|$)/.test(text))).toEqual([]);
    // A sheet's own 32nds are told as such.
    expect(sums.join()).not.toContain('⟦');
  });

  it('is answered after any row of edits as a plan is that nobody saw before', () => {
    const steps = fc.array(fc.tuple(fc.nat(), fc.integer({ min: -25, max: 25 })), {
      minLength: 3,
      maxLength: 3,
    });
    let [taken, refused] = [0, 0];
    fc.assert(
      fc.property(steps, (edits) => {
        const checker = new SceneChecker({ curves: true });
        let plan = demo(name);
        reportOf(plan, checker);
        for (const [which, by] of edits) {
          const paths = lengthsOf(plan);
          const path = paths[which % paths.length]!;
          const before = get(plan, path) as { mm: number };
          const read = applyEdit(plan, {
            name: 'Edit',
            changes: [{ path, before, after: { mm: before.mm + by } }],
          });
          if (!read.ok) {
            expect(read.issues[0]!.message).toMatch(/^[A-Z].*[.?]$/);
            refused += 1;
            continue;
          }
          plan = read.plan;
          taken += 1;
          expect(answers(reportOf(plan, checker))).toEqual(answers(reportOf(copyOf(plan))));
        }
      }),
      { seed: 20261125, numRuns: 4 },
    );
    expect(taken).toBeGreaterThan(2 * refused);
  });

  it('is told so that nothing that comes short is left out, and what stays clear once for each neighbour, its nearest', () => {
    const plan = demo(name);
    const scene = buildScene(plan);
    const report = reportOf(plan);
    const { movers } = new SceneChecker().check(scene);
    for (const part of report.parts) {
      const { encounters } = movers.find(({ id }) => id === part.id)!;
      const told = new Set(part.findings.map(({ moving, still }) => `${moving} ${still}`));
      for (const { moving, still, verdict } of encounters)
        if (verdict !== 'clear') expect(told).toContain(`${moving} ${still}`);
      const clear = part.check.encounters.filter(({ verdict }) => verdict === 'clear');
      expect(new Set(clear.map(({ neighbour }) => neighbour)).size).toBe(clear.length);
      for (const { neighbour, least, needed } of clear) {
        const spares = encounters
          .filter((one) => one.neighbour === neighbour && one.least)
          .map((one) => one.least!.witness.clearance - one.needed);
        expect(least!.witness.clearance - needed).toBeLessThanOrEqual(Math.min(...spares) + 0.1);
      }
      expect(worthTelling(part.check.encounters)).toEqual(part.check.encounters);
    }
  });
});
