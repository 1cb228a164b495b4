import { readFileSync } from 'node:fs';
import { finish } from '../clearance/steps';
import { SceneChecker } from '../clearance/checkScene';
import { readPlanFile } from '../formats/planFile';
import { reportOf, reportSteps } from './report';
import type { Report } from './records';

const read = readPlanFile(readFileSync(new URL('../../../demo/hollin-hut.json', import.meta.url), 'utf8'));
if (!read.ok) throw new Error(read.issues[0]!.message);
const { plan } = read;

/** The items of which what they meet is drawn. */
const drawn = ({ parts }: Report): string[] => [
  ...new Set(
    parts
      .filter(({ check }) => check.encounters.some(({ curve }) => curve.length > 0))
      .map(({ item }) => item),
  ),
];

describe('curves of what a part meets', () => {
  it('are those of what the answer is about, and of what is looked at: a card that shows either has its chart', () => {
    const checker = new SceneChecker({ curves: true });
    const report = reportOf(plan, checker);
    expect(drawn(report)).toEqual([report.answer.part]);
    const other = report.parts.find(
      ({ item, check }) => item !== report.answer.part && check.encounters.length > 0,
    )!;
    const looked = finish(reportSteps(plan, checker, other.item));
    expect(drawn(looked)).toEqual(expect.arrayContaining([report.answer.part, other.item]));
    expect(looked.answer).toEqual(report.answer);
    // A carcass has no chart: the card of Check shows what the answer is about then.
    expect(drawn(finish(reportSteps(plan, new SceneChecker({ curves: true }), 'wardrobe')))).toContain(
      report.answer.part,
    );
    // As drawn with all, point for point.
    const all = reportOf(plan, new SceneChecker({ curves: true, charts: true }));
    const checkOf = ({ parts }: Report) => parts.find(({ id }) => id === other.id)!.check;
    expect(checkOf(looked).encounters).toEqual(checkOf(all).encounters);
    expect(drawn(all).length).toBeGreaterThan(drawn(looked).length);
    expect(checkOf(looked).curve.length).toBeGreaterThan(1);
  });
});
