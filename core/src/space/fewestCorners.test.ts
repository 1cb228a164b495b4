import fc from 'fast-check';
import { real } from '../testing/real';
import { fewestCorners } from './fewestCorners';

describe('the fewest corners of a line', () => {
  it('a half circle of 1 m takes as many chords as its sagitta asks for, and one at the end', () => {
    const arc = Array.from({ length: 2001 }, (_, i) => ({
      x: 1000 * Math.cos((Math.PI * i) / 2000),
      y: 1000 * Math.sin((Math.PI * i) / 2000),
    }));
    // A chord over an angle a strays by r (1 - cos(a / 2)).
    const most = Math.ceil(Math.PI / (2 * Math.acos(1 - 1 / 1000)));
    expect(fewestCorners(arc, 1).length).toBeGreaterThanOrEqual(most);
    expect(fewestCorners(arc, 1).length).toBeLessThanOrEqual(most + 2);
  });

  it('no point of any line lies farther off the chord over it than asked', () => {
    const step = fc.tuple(real(-30, 60), real(-25, 25));
    fc.assert(
      fc.property(fc.array(step, { minLength: 2, maxLength: 60 }), real(0.5, 20), (steps, stray) => {
        let [x, y] = [0, 0];
        const line = [{ x, y }, ...steps.map(([dx, dy]) => ({ x: (x += dx), y: (y += dy) }))];
        const kept = [...fewestCorners(line, stray), line.at(-1)!];
        kept.slice(1).forEach((to, k) => {
          const from = kept[k]!;
          const long = Math.hypot(to.x - from.x, to.y - from.y);
          for (const point of line.slice(line.indexOf(from), line.indexOf(to)))
            if (long > stray) {
              const off =
                ((to.x - from.x) * (point.y - from.y) - (to.y - from.y) * (point.x - from.x)) / long;
              expect(Math.abs(off)).toBeLessThan(stray + 1e-9);
            }
        });
      }),
      { seed: 20261127, numRuns: 500 },
    );
  });
});
