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
    const share = areaOf(read.outline) / ((Math.PI * 1000 ** 2) / 4);
    expect([share < 1, share > 0.998]).toEqual([true, true]);
  });

  const entity = (kind: string, codes: readonly (readonly [number, number | string])[]) =>
    `0\n${kind}\n8\n0\n${codes.map(([code, value]) => `${code}\n${value}\n`).join('')}`;

  it('seen from below its arcs and polylines are mirrored, its lines are not (a normal of 0, 0, -1)', () => {
    const below = [[210, 0], [220, 0], [230, -1]] as const; // prettier-ignore
    // A quarter about (-2000, 500) in its own plane is one about (2000, 500) in the drawing, round the other way.
    const arc = entity('ARC', [[10, -2000], [20, 500], [40, 500], [50, 90], [51, 180], ...below]);
    const { lines } = traceDxf(dxf(arc));
    const ends = [lines[0]!.points[0]!, lines[0]!.points.at(-1)!];
    expect(ends.flat().map((n) => Number(n.toFixed(6)))).toEqual([2000, 1000, 2500, 500]);
    const poly = traceDxf(
      dxf(
        `0\nLWPOLYLINE\n8\n0\n90\n2\n70\n0\n10\n-100\n20\n0\n42\n1\n10\n-300\n20\n0\n210\n0\n220\n0\n230\n-1\n`,
      ),
    );
    const [first, ...rest] = poly.lines[0]!.points;
    expect(first).toEqual([100, 0]);
    // In its own plane the half circle runs counter-clockwise from east to west, over its chord: so it does mirrored.
    expect(Math.max(...rest.map(([, y]) => y))).toBeCloseTo(100, 1);
    expect(Math.min(...rest.map(([, y]) => y))).toBeCloseTo(0, 9);
    const tilted = traceDxf(
      dxf(
        entity('CIRCLE', [
          [10, 0],
          [20, 0],
          [40, 10],
          [210, 0.5],
          [220, 0],
          [230, 0.8],
        ]),
      ),
    );
    expect([tilted.lines.length, tilted.ignored]).toEqual([0, { 'tilted circle': 1 }]);
  });

  it('what nobody sees in it is passed over and told: hidden, frozen or off, and of a print layout', () => {
    const layer = (name: string, flags: number, colour: number) =>
      `0\nLAYER\n2\n${name}\n70\n${flags}\n62\n${colour}\n6\nCONTINUOUS\n`;
    const tables = `0\nSECTION\n2\nTABLES\n0\nTABLE\n2\nLAYER\n70\n2\n${layer('frozen', 1, 7)}${layer('off', 0, -7)}${layer('on', 0, 7)}0\nENDTAB\n0\nENDSEC\n`;
    const line = (on: string, more = '') => `0\nLINE\n8\n${on}\n${more}10\n0\n20\n0\n11\n9\n21\n9\n`;
    const { lines, ignored } = traceDxf(
      dxf(line('on') + line('frozen') + line('off') + line('on', '60\n1\n') + line('on', '67\n1\n'), tables),
    );
    expect([lines.length, ignored]).toEqual([
      1,
      { 'entity on a layer that is off': 2, 'hidden entity': 1, 'entity of a print layout': 1 },
    ]);
  });

  it('a wall bowed into the room keeps its bow, a rectangle its rounded corner, and a bay of 63 corners its walls', () => {
    // Half a turn of 90 pieces over 3000 mm: the wall comes 100 mm into the room in its middle.
    const bow = Array.from({ length: 89 }, (_, i) => 3000 * (1 - (i + 1) / 90)).map((x): [number, number] => [
      x,
      2000 - (100 * x * (3000 - x)) / 1500 ** 2,
    ]);
    const bowed = outlineOf(
      traceDxf(dxf(polyline([[0, 0], [3000, 0], [3000, 2000], ...bow, [0, 2000]], true))),
      1,
    );
    if (!bowed.ok) throw new Error(bowed.message);
    const middle = bowed.outline.filter(([x]) => Math.abs(x - 1500) < 200).map(([, y]) => y);
    expect(Math.min(...middle.filter((y) => y > 1000))).toBeGreaterThan(1898.9);
    expect(Math.min(...middle.filter((y) => y > 1000))).toBeLessThan(1901);
    expect(areaOf(bowed.outline) / (6e6 - (2 / 3) * 3000 * 100)).toBeCloseTo(1, 3);
    for (const radius of [20, 300]) {
      const bulge = Math.tan(Math.PI / 8);
      const rounded = outlineOf(
        traceDxf(
          dxf(
            polyline(
              [
                [0, 0],
                [3000, 0],
                [3000, 2000 - radius, bulge],
                [3000 - radius, 2000],
                [0, 2000],
              ],
              true,
            ),
          ),
        ),
        1,
      );
      if (!rounded.ok) throw new Error(rounded.message);
      expect(areaOf(rounded.outline) / (6e6 - (1 - Math.PI / 4) * radius ** 2)).toBeCloseTo(1, 3);
      expect(rounded.outline.length).toBeGreaterThan(5);
    }
    const bay = Array.from({ length: 61 }, (_, i): [number, number] => [
      1500 + 900 * Math.cos((Math.PI * i) / 60),
      2000 + (i % 2 ? 12 : 0) + 900 * Math.sin((Math.PI * i) / 60),
    ]);
    const read = outlineOf(traceDxf(dxf(polyline([[0, 0], [3000, 0], ...bay], true))), 1);
    expect(read).toMatchObject({ ok: true, tolerance: 1 });
    expect(read.ok && read.outline.length).toBeGreaterThan(60);
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
