import fc from 'fast-check';
import { motionPose, moved } from '../../motion/motion';
import { GRAVITY } from '../../piece/mass';
import { partBuilt } from '../../plan/place';
import { manifoldModule } from '../../testing/manifoldGap';
import { coverOf, withCover } from '../../testing/partsOf';
import { mm, planWith, type Made } from '../../testing/planWith';
import { told } from '../../testing/told';
import { freeBy, turnsBy } from './advice';
import { apart, turned, type LaidCover } from './lay';

function builtOf(made: Made) {
  const plan = planWith(made);
  const { laid, pieces } = partBuilt(plan, plan.parts[0]!)!;
  return { laid: laid as LaidCover, pieces };
}

describe('a cover that swings aside', () => {
  it('comes free by what is over its screw, by half a turn, and by what is beside it, by a quarter', () => {
    // Half a turn: it hangs 20 below its screw, which is 30 over what it covers.
    expect(freeBy(builtOf(withCover('wall')).laid)).toBeCloseTo(10, 6);
    // A quarter to the left about a screw 20 from its left: it then lies 20 right of that at most, where its head was or its foot.
    const over = { in: mm(60), up: mm(20), wide: mm(120), high: mm(80) };
    const quarter = (way: 'to the left' | 'to the right', up: number) =>
      freeBy(
        builtOf(withCover('wall', { way, limit: 90, over, pin: { ...coverOf('wall').pin, up: mm(up) } }))
          .laid,
      );
    // Its head, 20 above the screw, comes to the left; its foot, 130 below, to the right as far as 150, and 110 to 300 up.
    expect(quarter('to the left', 130)).toBeCloseTo(130 - 20 - 100, 6);
    // With its screw 20 up its foot comes 40 to the right.
    expect(quarter('to the left', 20)).toBeCloseTo(60 - 40, 6);
    expect(quarter('to the right', 130)).toBeGreaterThan(0);
    expect(quarter('to the right', 20)).toBeLessThan(0);
  });

  it.each([
    ['wall', 'to the left'],
    ['wall', 'to the right'],
    ['top', 'to the left'],
    ['top', 'to the right'],
  ] as const)('on a %s it turns %s in the scene as its sums have it', (on, way) => {
    const { laid } = builtOf(withCover(on, { way, limit: 120 }));
    const { wide, high } = laid.cover;
    // Its own left foot in its frame, and up from there.
    const { x, y, z } = laid.board;
    const inSpace = ([u, v]: readonly [number, number]) =>
      laid.frame.toSpace(on === 'wall' ? [x[0] + u, y[1], z[0] + v] : [x[0] + u, y[0] + v, z[0]]);
    const corners = [[0, 0], [wide.mm, 0], [wide.mm, high.mm], [0, high.mm]] as const; // prettier-ignore
    const pose = motionPose(laid.motion, laid.to);
    turned(laid, [0, wide.mm], [0, high.mm], laid.to).forEach((corner, i) => {
      const goes = moved(pose, inSpace(corners[i]!));
      inSpace(corner).forEach((value, axis) => expect(goes[axis]).toBeCloseTo(value, 6));
    });
    // Its head goes the way it says, as one stands before it.
    const head = turned(laid, [0, wide.mm], [0, high.mm], 0.1)[3]![0];
    expect(head > 0).toBe(way === 'to the right');
  });

  it('is turned by its weight with m g d about its screw: 0.321 Nm, and with its own sign', () => {
    const { laid, pieces } = builtOf(withCover('wall'));
    const kg = 0.21 * 0.15 * 0.018 * 680;
    // To the left it is turned on by what hangs left of its screw: shut it hangs to the right.
    expect(turnsBy(laid, pieces).shut).toBeCloseTo(-kg * GRAVITY * 85, 3);
    expect(turnsBy(laid, pieces).open).toBeCloseTo(kg * GRAVITY * 85, 3);
    expect(told(withCover('wall'))).toContain('Shut, its own weight keeps it there, with 0.3 Nm.');
    expect(told(withCover('top'))).toContain('Level, it stays where it is left');
  });

  it('has corners that run on sqrt(a^2 + b^2) about its screw', () => {
    expect(Math.hypot(190, 130)).toBeCloseTo(230.22, 2);
    expect(told(withCover('wall'))).toContain(
      'Its farthest corner runs on 230.3 mm about its screw, 40.3 mm past its end',
    );
  });

  it('lies apart from another rectangle just where two outlines of manifold-3d do', async () => {
    const { CrossSection } = await manifoldModule();
    const { laid } = builtOf(withCover('wall'));
    const side = fc.integer({ min: 1, max: 300 });
    const at = fc.integer({ min: -300, max: 300 });
    const turn = fc.double({ min: 0, max: Math.PI, noNaN: true });
    let [free, over] = [0, 0];
    fc.assert(
      fc.property(side, side, at, at, side, side, turn, (wide, high, x, z, a, b, travel) => {
        const one = turned(laid, [0, wide], [0, high], travel);
        const other = turned(laid, [x, x + a], [z, z + b], 0);
        const outline = (all: typeof one) =>
          new CrossSection(
            all.map(([u, v]): [number, number] => [u, v]),
            'NonZero',
          );
        const both = outline(one).intersect(outline(other)).area();
        const gap = apart(one, other);
        if (gap > 1e-6) expect(both).toBeLessThan(1e-6);
        if (gap < -0.01) expect(both).toBeGreaterThan(0);
        if (gap > 0) free += 1;
        else over += 1;
      }),
      { seed: 22, numRuns: 400 },
    );
    expect(Math.min(free, over)).toBeGreaterThan(50);
  });
});
