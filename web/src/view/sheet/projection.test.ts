import { box } from '@tarnpass/core';
import { cutOutline, flatten, FROM_ABOVE, LOOKING, reachOf, seenOutline } from './projection';

/** A case 600 wide, 400 deep and 1800 high, off the origin. */
const solid = box([1000, 200, 90], [1600, 600, 1890]);

/** Area of a convex outline (shoelace). */
const area = (outline: readonly (readonly [number, number])[]) =>
  Math.abs(
    outline.reduce((sum, [x, y], i) => {
      const [u, v] = outline[(i + 1) % outline.length]!;
      return sum + (x * v - u * y) / 2;
    }, 0),
  );

describe('the views of the sheet', () => {
  it('show a box by the faces that look at the eye: plan, front, and along it', () => {
    expect(area(seenOutline(FROM_ABOVE, solid.corners))).toBeCloseTo(600 * 400, 6);
    expect(area(seenOutline(LOOKING.south, solid.corners))).toBeCloseTo(600 * 1800, 6);
    expect(area(seenOutline(LOOKING.west, solid.corners))).toBeCloseTo(400 * 1800, 6);
  });

  it('lie right to the hand that faces them: east is to the left for who looks south', () => {
    const [west] = flatten(LOOKING.south, [0, 0, 0]);
    const [east] = flatten(LOOKING.south, [1000, 0, 0]);
    expect(east).toBeLessThan(west);
    for (const { u, v, w } of [FROM_ABOVE, ...Object.values(LOOKING)]) {
      // Right-handed, or all would be mirrored: u x v = w.
      expect(
        [u[1] * v[2] - u[2] * v[1], u[2] * v[0] - u[0] * v[2], u[0] * v[1] - u[1] * v[0]].map((x) => x + 0),
      ).toEqual(w.map((x) => x + 0));
    }
  });

  it('cut a piece where the plane passes it, and not where it does not', () => {
    expect(reachOf(FROM_ABOVE, solid.corners)).toEqual([90, 1890]);
    expect(area(cutOutline(FROM_ABOVE, solid, 1000))).toBeCloseTo(600 * 400, 6);
    expect(cutOutline(FROM_ABOVE, solid, 50)).toEqual([]);
  });
});
