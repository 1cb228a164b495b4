import { outlineOf } from '@tarnpass/core';
import { traceDxf } from './dxf';

/** Pairs of group codes and values, as a DXF file has them line by line. */
const dxf = (entities: string, header = '') =>
  `${header}0\nSECTION\n2\nENTITIES\n${entities}0\nENDSEC\n0\nEOF\n`;
const UNITS = (code: number) => `0\nSECTION\n2\nHEADER\n9\n$INSUNITS\n70\n${code}\n0\nENDSEC\n`;
const polyline = (points: readonly (readonly [number, number, number?])[], closed: boolean) =>
  `0\nLWPOLYLINE\n8\n0\n90\n${points.length}\n70\n${closed ? 1 : 0}\n${points
    .map(([x, y, bulge]) => `10\n${x}\n20\n${y}\n${bulge ? `42\n${bulge}\n` : ''}`)
    .join('')}`;
const areaOf = (points: readonly (readonly [number, number])[]) =>
  points.reduce((sum, [x, y], i) => {
    const [nx, ny] = points[(i + 1) % points.length]!;
    return sum + (x * ny - nx * y) / 2;
  }, 0);

describe('an outline out of a DXF drawing', () => {
  it('in the unit its header says, its other entities counted', () => {
    const text = `0\nTEXT\n8\n0\n10\n1\n20\n1\n40\n2\n1\nShed\n`;
    const traced = traceDxf(
      dxf(
        polyline(
          [
            [0, 0],
            [4, 0],
            [4, 3],
            [0, 3],
          ],
          true,
        ) + text,
        UNITS(6),
      ),
    );
    expect([traced.unit, traced.ignored]).toEqual([1000, { text: 1 }]);
    const read = outlineOf(traced, traced.unit!);
    expect(read.ok && read.outline).toEqual([
      [0, 0],
      [4000, 0],
      [4000, 3000],
      [0, 3000],
    ]);
  });

  it('a bulge of 1 is a half circle to its left as it goes: a bay of radius 500 adds half a disc', () => {
    // Bulge: the tangent of a quarter of the angle the arc turns, from memory of the format.
    const traced = traceDxf(
      dxf(
        polyline(
          [
            [0, 0],
            [3000, 0, 0],
            [3000, 1000, 1],
            [3000, 2000],
            [0, 2000],
          ],
          true,
        ),
      ),
    );
    const read = outlineOf(traced, 1);
    if (!read.ok) throw new Error(read.message);
    expect(areaOf(read.outline) / (6_000_000 + (Math.PI * 500 ** 2) / 2)).toBeCloseTo(1, 3);
    expect(Math.max(...read.outline.map(([x]) => x))).toBeCloseTo(3500, 0);
  });

  it('lines and an arc join to one outline', () => {
    const line = ([x1, y1, x2, y2]: readonly number[]) =>
      `0\nLINE\n8\n0\n10\n${x1}\n20\n${y1}\n11\n${x2}\n21\n${y2}\n`;
    const arc = '0\nARC\n8\n0\n10\n0\n20\n0\n40\n1000\n50\n0\n51\n90\n';
    const read = outlineOf(traceDxf(dxf(line([0, 0, 1000, 0]) + arc + line([0, 1000, 0, 0]))), 1);
    if (!read.ok) throw new Error(read.message);
    expect(areaOf(read.outline) / ((Math.PI * 1000 ** 2) / 4)).toBeCloseTo(1, 3);
  });

  it('that is cut off inside a polyline ends with a sentence, and what was whole before that is read', () => {
    const cut = `0\nSECTION\n2\nENTITIES\n0\nPOLYLINE\n8\n0\n66\n1\n0\nVERTEX\n8\n0\n10\n1\n20`;
    expect(() => traceDxf(cut)).toThrow('This drawing is cut off');
    const whole = dxf(
      polyline(
        [
          [0, 0],
          [4, 0],
          [4, 3],
        ],
        true,
      ),
    ).split('0\nENDSEC')[0]!;
    const { lines } = traceDxf(`${whole}0\nPOLYLINE\n8\n0\n66\n1\n0\nVERTEX\n8\n0\n10\n1\n20`);
    expect(lines.map(({ points }) => points.length)).toEqual([4]);
  });

  it('of what is none is refused with a sentence', () => {
    expect(() => traceDxf('once upon a time')).toThrow('This is no DXF drawing that can be read.');
  });
});
