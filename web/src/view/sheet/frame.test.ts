import { box, newPlan, type Point3 } from '@tarnpass/core';
import { dice } from '../../testing/dice';
import { EXAGGERATION, exaggerated } from './exaggerate';
import { enlarged, fitFrame } from './frame';
import { boundsOf, outlineOf, pointsText } from './outline';
import { FROM_ABOVE, LOOKING } from './projection';

const { space } = newPlan('A room');
const MARGIN = { left: 60, right: 20, top: 50, bottom: 30 };
const WAYS = { above: FROM_ABOVE, ...LOOKING };

describe('the frame of a view', () => {
  it.each(Object.entries(WAYS))(
    '%s: the whole space with its walls stands in the middle between the margins',
    (_, way) => {
      const view = [800, 500] as const;
      const wall = 100;
      const frame = fitFrame(way, space, view, wall, MARGIN);
      const [a, b] = [frame.put([0, 0, 0]), frame.put([space.width.mm, space.depth.mm, space.height.mm])];
      const [left, right] = [Math.min(a[0], b[0]), Math.max(a[0], b[0])];
      const [top, bottom] = [Math.min(a[1], b[1]), Math.max(a[1], b[1])];
      const thick = wall * frame.scale;
      const gaps = {
        x: [left - thick - MARGIN.left, view[0] - MARGIN.right - right - thick],
        y: [top - thick - MARGIN.top, view[1] - MARGIN.bottom - bottom - thick],
      };
      for (const [before, after] of [gaps.x, gaps.y]) expect(before!).toBeCloseTo(after!, 6);
      expect(Math.min(...gaps.x, ...gaps.y)).toBeCloseTo(0, 6);
    },
  );

  it('zoomed, every point is k times its fitted place and the shift; enlarged, times as far', () => {
    const plain = fitFrame(FROM_ABOVE, space, [800, 500], 100, MARGIN);
    const zoomed = fitFrame(FROM_ABOVE, space, [800, 500], 100, MARGIN, { k: 3, x: 17, y: -40 });
    const next = dice(3);
    for (let i = 0; i < 50; i += 1) {
      const point: Point3 = [next(-500, 4000), next(-500, 4000), next(0, 2500)];
      const [x, y] = plain.put(point);
      const [zx, zy] = zoomed.put(point);
      expect([zx, zy].map((v) => v.toFixed(6))).toEqual([3 * x + 17, 3 * y - 40].map((v) => v.toFixed(6)));
      expect(
        enlarged(zoomed, 2)
          .put(point)
          .map((v) => v.toFixed(6)),
      ).toEqual([2 * zx, 2 * zy].map((v) => v.toFixed(6)));
    }
    expect([zoomed.scale / plain.scale, enlarged(zoomed, 2).view]).toEqual([
      expect.closeTo(3, 9),
      [1600, 1000],
    ]);
  });

  it('is never of no size, however small the pane', () => {
    const { scale } = fitFrame(FROM_ABOVE, space, [10, 10], 100, MARGIN);
    expect(scale).toBeGreaterThan(0);
  });

  it('outlines have bounds and a text', () => {
    const frame = fitFrame(FROM_ABOVE, space, [800, 500], 0, { left: 0, right: 0, top: 0, bottom: 0 });
    const outline = outlineOf(frame, box([0, 0, 0], [space.width.mm, space.depth.mm, 10]).corners);
    const { x, y, width, height } = boundsOf(outline);
    expect([width / height, x + width / 2, y + height / 2]).toEqual(
      [space.width.mm / space.depth.mm, 400, 250].map((value) => expect.closeTo(value, 6)),
    );
    expect(
      pointsText([
        [1, 2.345],
        [0, -1],
      ]),
    ).toBe('1.00,2.35 0.00,-1.00');
  });

  it('what is out of true is drawn so many times as far out', () => {
    expect(
      exaggerated(
        [
          [0, 0],
          [1000, 0],
        ],
        [
          [1, 0],
          [1000, -2],
        ],
      ),
    ).toEqual([
      [EXAGGERATION, 0],
      [1000, -2 * EXAGGERATION],
    ]);
    // A corner that was not drawn stands where it was read.
    expect(exaggerated([], [[7, 8]])).toEqual([[7, 8]]);
  });
});
