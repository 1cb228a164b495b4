import { GENERIC_HARDWARE } from '../hardware/generic';
import { partsRows } from '../make/partsList';
import { INCHES } from '../length/units';
import { doorOf, planWith } from '../testing/planWith';
import { HARDWARE_COLUMNS, hardwareRows, readHardwareRows } from './hardwareCsv';

describe('hardware as rows of cells', () => {
  it('reads back as it was written, every kind there is', () => {
    const items = GENERIC_HARDWARE.map((item, i) => ({ item, count: i }));
    expect(readHardwareRows(hardwareRows(items))).toEqual({ items, issues: [] });
  });

  it('takes columns in any order, fills in what is usual, and tells each row that cannot be taken', () => {
    const { items, issues } = readHardwareRows([
      ['kind', 'Name', 'opens'],
      ['cup hinge', 'Old cups', '95'],
      ['door knob', 'What', ''],
      ['cup hinge', 'Wide', 'very'],
      ['cup hinge', 'Wider', '400'],
      ['', '', ''],
      ['cup hinge', 'a, b', '95', 'more'],
    ]);
    expect(items.map(({ item, count }) => [item.id, item.kind, count])).toEqual([
      ['old-cups', 'cup hinge', 0],
    ]);
    expect(items[0]!.item).toMatchObject({ opens: 95, cup: 35, confirmed: false });
    expect(issues.map(({ row, message }) => `${row}: ${message}`)).toEqual([
      expect.stringMatching(/^3: There is no kind of hardware “door knob”: it is one of cup hinge, /),
      '4: “Opens to” must be a number, not “very”.',
      '5: “Opens to” must be between 30 and 180.',
      '7: This row has 4 cells, and the header 3: is a comma in a text without quotes?',
    ]);
    expect(readHardwareRows([['name']]).issues[0]!.message).toContain('none called “kind”');
    expect(HARDWARE_COLUMNS).toContain('knuckle');
  });
});

it('the parts list has every piece in the units of the job, each with its sum', () => {
  const rows = partsRows(planWith({ parts: [doorOf()], change: (plan) => ({ ...plan, units: INCHES }) }));
  const leaf = rows.find((row) => row[1] === 'Door')!;
  expect(leaf.slice(0, 11)).toEqual([
    'Case',
    'Door',
    '1',
    '28 1/4-',
    '23 1/2+',
    '11/16+',
    '28 1/4-',
    '23 1/2+',
    '11/16+',
    'in',
    'Birch plywood 18 mm',
  ]);
  expect(leaf[12]).toMatch(/^carcass width 23 5\/8 scant - two sides 2 x 11\/16 full .* = 23 1\/2 full$/);
});
