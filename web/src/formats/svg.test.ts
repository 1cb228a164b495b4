import { outlineOf, type Point2 } from '@tarnpass/core';
import { traceSvg } from './svg';

const svg = (inside: string, root = 'width="300mm" height="200mm" viewBox="0 0 300 200"') =>
  `<svg xmlns="http://www.w3.org/2000/svg" ${root}>${inside}</svg>`;
const RECT = '<rect x="10" y="20" width="100" height="50"/>';
const boxOf = (points: readonly Point2[]) =>
  [0, 1].flatMap((axis) => {
    const values = points.map((point) => Number(point[axis]!.toFixed(6)));
    return [Math.min(...values), Math.max(...values)];
  });
/** Left, right, low and high of the only line, y upwards. */
const traced = (inside: string, root?: string) => {
  const { lines, ignored } = traceSvg(svg(inside, root));
  return { box: lines[0] && boxOf(lines[0].points), ignored };
};

describe('an outline out of an SVG drawing', () => {
  it('is in the unit that its size says; in px, or without a size, it must be asked', () => {
    expect(traceSvg(svg(RECT)).unit).toBe(1);
    // The viewBox fits into the narrower of the two sizes.
    expect(traceSvg(svg(RECT, 'width="600mm" height="200mm" viewBox="0 0 300 200"')).unit).toBe(1);
    expect(traceSvg(svg(RECT, 'width="4in" viewBox="0 0 101.6 50"')).unit).toBeCloseTo(1, 9);
    for (const root of ['width="300" height="200"', 'width="300px" height="200px"', 'width="100%"', ''])
      expect(traceSvg(svg(RECT, root)).unit).toBeUndefined();
  });

  it.each<[string, string, number[]]>([
    ['as it stands', RECT, [10, 110, -70, -20]],
    ['moved by its attribute', `<g transform="translate(5 5) scale(2)">${RECT}</g>`, [25, 225, -145, -45]],
    [
      'moved by its style',
      `<g style="fill:none; transform: translate(5px, 5px) scale(2)">${RECT}</g>`,
      [25, 225, -145, -45],
    ],
    ['turned by its style', `<g style="transform: rotate(0.25turn)">${RECT}</g>`, [-70, -20, -110, -10]],
    [
      'its style before its attribute',
      `<g transform="scale(9)" style="transform:translateX(3px)">${RECT}</g>`,
      [13, 113, -70, -20],
    ],
    [
      'in a drawing within it',
      `<svg x="50" y="0" width="100" height="100" viewBox="0 0 200 100">${RECT}</svg>`,
      [55, 105, -60, -35],
    ],
    [
      'in one that starts at its least corner',
      `<svg width="100" height="100" viewBox="0 0 200 100" preserveAspectRatio="xMinYMin">${RECT}</svg>`,
      [5, 55, -35, -10],
    ],
    [
      'in one that is stretched',
      `<svg width="100" height="100" viewBox="0 0 200 100" preserveAspectRatio="none">${RECT}</svg>`,
      [5, 55, -70, -20],
    ],
    [
      'in one sized by shares',
      `<svg width="50%" height="50%" viewBox="0 0 300 200">${RECT}</svg>`,
      [5, 55, -35, -10],
    ],
  ])('%s', (_, inside, box) => {
    expect(traced(inside)).toEqual({ box, ignored: {} });
  });

  it('what nobody sees is passed over and told, and so is what cannot be followed', () => {
    const { lines, ignored } = traceSvg(
      svg(
        `<style>.a { display: none }</style><g display="none">${RECT}${RECT}</g><rect style="visibility: hidden" width="9" height="9"/>
         <g opacity="0">${RECT}</g><g style="transform: translate(10%, 0)">${RECT}</g><text>Shed</text><defs>${RECT}</defs>${RECT}`,
      ),
    );
    expect([lines.length, ignored]).toEqual([
      1,
      {
        'style sheet that hides or moves': 1,
        'hidden element': 3,
        'element with a transform that cannot be read': 1,
        text: 1,
      },
    ]);
  });

  it('rounded rectangles, circles and curves are as large as they are', () => {
    const areas = [
      ['<rect width="3000" height="2000" rx="300"/>', 6e6 - (4 - Math.PI) * 300 ** 2],
      ['<rect width="3000" height="2000" rx="9999" ry="1000"/>', 6e6 - (4 - Math.PI) * 1500 * 1000],
      ['<circle cx="1500" cy="1500" r="1500"/>', Math.PI * 1500 ** 2],
      // A quarter of a disc by one cubic: 0.02 percent more than the circle it stands for.
      ['<path d="M0 0H2000C2000 1104.57 1104.57 2000 0 2000Z"/>', (Math.PI * 2000 ** 2) / 4],
    ] as const;
    for (const [inside, area] of areas) {
      const read = outlineOf(traceSvg(svg(inside)), 1);
      if (!read.ok) throw new Error(read.message);
      const taken = read.outline.reduce((sum, [x, y], i) => {
        const [nx, ny] = read.outline[(i + 1) % read.outline.length]!;
        return sum + (x * ny - nx * y) / 2;
      }, 0);
      expect(Math.abs(taken / area - 1)).toBeLessThan(2e-3);
      expect(read.smaller).toBeGreaterThan(0);
    }
  });

  it('of what is none is refused with a sentence', () => {
    expect(() => traceSvg('<html/>')).toThrow('This is no SVG drawing that can be read.');
    expect(() => traceSvg('<svg><g></svg>')).toThrow('This is no SVG drawing that can be read.');
  });
});
