import { readOffsets } from '../things/readOffsets';
import { newPlan } from '../plan/fresh';
import { outlineOfRuns, withOutline } from './outline';
import { readRuns, runsText } from './readRuns';

const MM = { system: 'mm', step: 0.1 } as const;
const INCHES = { system: 'in', step: 16 } as const;
const { space } = newPlan('A room');

describe('runs and turns as they are called out', () => {
  it('a turn is left and square where nothing is said, in either unit and with arithmetic', () => {
    expect(readRuns('3600\n900 right\n1500 left 45\n2*600, straight', MM)).toEqual({
      ok: true,
      runs: [
        { mm: 3600, turn: 90 },
        { mm: 900, turn: -90 },
        { mm: 1500, turn: 45 },
        { mm: 1200, turn: 0 },
      ],
    });
    const inches = readRuns('11\' 9 5/8" right 30', INCHES);
    expect(inches.ok && inches.runs[0]!.mm).toBeCloseTo((11 * 12 + 9.625) * 25.4, 9);
    expect(inches.ok && inches.runs[0]!.turn).toBe(-30);
  });

  it('a slanted room is written down as it can be read again', () => {
    const runs = [
      [3000, 90],
      [1000, 45],
      [Math.SQRT2 * 500, 45],
      [2500, 90],
      [1500, 90],
    ].map(([mm, turn]) => ({ mm: mm!, turn: turn! }));
    const made = outlineOfRuns(runs);
    if (!made.ok) throw new Error(made.message);
    const again = readRuns(runsText(withOutline(space, made.corners), MM), MM);
    if (!again.ok) throw new Error(again.message);
    again.runs.forEach(({ mm, turn }, i) => {
      expect(Math.abs(mm - runs[i]!.mm)).toBeLessThan(0.06);
      expect(turn).toBeCloseTo(runs[i]!.turn, 1);
    });
  });

  it('is read back as it is shown in every unit, hair marks and feet too', () => {
    const made = outlineOfRuns([3601.3, 2403.7, 3601.3, 2403.7].map((mm) => ({ mm, turn: 90 })));
    if (!made.ok) throw new Error(made.message);
    const room = withOutline(space, made.corners);
    for (const units of [MM, INCHES, { ...INCHES, feet: true }, { ...MM, step: 1 }] as const) {
      const again = readRuns(runsText(room, units), units);
      if (!again.ok) throw new Error(again.message);
      expect(Math.abs(again.runs[0]!.mm - 3601.3)).toBeLessThan(0.8);
    }
  });

  it.each([
    ['3.600\n2.400', /^Row 1: “3\.600” would be 3\.6 mm\. Write 3\.600 m/],
    ['3600\nwide left', /^Row 2: /],
    ['3600\n0 left', /^Row 2: a run must be longer than 0/],
    ['3600 left 200', /^Row 1: a turn is less than 180/],
  ])('%j is told by its row', (text, said) => {
    expect(readRuns(text, MM)).toMatchObject({ ok: false, message: expect.stringMatching(said) });
  });
});

describe('a table of offsets as it is written down', () => {
  it('is parted by spaces, tabs, commas or semicolons, and keeps what was typed', () => {
    const read = readOffsets('0 40\n250\t95\n\n500, 138\n750; 2*85', 'mm');
    expect(read.ok && read.table.map(({ station, depth }) => [station.mm, depth.mm])).toEqual([
      [0, 40],
      [250, 95],
      [500, 138],
      [750, 170],
    ]);
    const inches = readOffsets('0  1 1/2\n9 7/8  2 3/4', 'in');
    expect(inches.ok && inches.table[1]).toMatchObject({
      station: { mm: 9.875 * 25.4, typed: '9 7/8' },
      depth: { mm: 2.75 * 25.4, typed: '2 3/4' },
    });
  });

  it.each([
    ['0 40\n250', /^Row 2 needs a station and a depth/],
    ['0 40\n250 deep', /^Row 2, “deep”: /],
    ['0 40', /two rows or more/],
    ['0 1.200\n250 1.300', /^Row 1, “1\.200”: /],
  ])('%j is told by its row', (text, said) => {
    expect(readOffsets(text, 'mm')).toMatchObject({ ok: false, message: expect.stringMatching(said) });
  });
});
