import { motionPose, moved } from '../../motion/motion';
import { GRAVITY, weighAll } from '../../piece/mass';
import { partBuilt } from '../../plan/place';
import type { Point3 } from '../../solid/prism';
import { foldDownOf, withFoldDown } from '../../testing/partsOf';
import { mm, planWith } from '../../testing/planWith';
import { told } from '../../testing/told';
import { newThing } from '../../plan/fresh';
import { pastEdge } from './advice';
import { handLifts, wallLoad } from './forces';
import { usualProps } from './fresh';
import type { LaidFoldDown } from './lay';
import { foldDownLinks } from './pieces';

const laidOf = (...given: Parameters<typeof withFoldDown>) => {
  const plan = planWith(withFoldDown(...given));
  return partBuilt(plan, plan.parts[0]!)!.laid as LaidFoldDown;
};
/** Where a place of the wall's frame goes, told in that frame again: the south wall, its left at the east. */
function goes({ frame }: LaidFoldDown, motion: LaidFoldDown['motion'], travel: number, at: Point3): number[] {
  const origin = frame.toSpace([0, 0, 0]);
  const [right, back] = [frame.turn([1, 0, 0]), frame.turn([0, 1, 0])];
  const to = moved(motionPose(motion, travel), frame.toSpace(at));
  const from = to.map((x, i) => x - origin[i]!);
  return [from[0]! * right[0] + from[1]! * right[1], from[0]! * back[0] + from[1]! * back[1], from[2]!].map(
    (x) => Math.round(x * 1e6) / 1e6 + 0,
  );
}

describe('a leaf that folds down', () => {
  it('lies level with its strip once it is raised, and stays so as what props it comes out', () => {
    const laid = laidOf('table');
    const { x, y, z } = laid.board;
    for (const travel of [Math.PI / 2, 2.2, Math.PI]) {
      // Its outer face is on top, its foot is its far edge.
      expect(goes(laid, laid.motion, travel, [x[0], y[0], z[0]])).toEqual([0, -60 - 450, 0]);
      expect(goes(laid, laid.motion, travel, [x[1], y[1], z[1]])).toEqual([800, -60, -18]);
    }
  });

  it('stands on brackets square to the wall, its legs upright on the floor, its struts from cleat to leaf', () => {
    const brackets = laidOf('table');
    const [first] = brackets.props;
    // From the cleat's face so far out, level with the leaf's underside.
    expect(goes(brackets, first!.motion, Math.PI, [first!.at.x[1], -18, -18])).toEqual([
      first!.at.x[0],
      -18 - 260,
      -18,
    ]);
    const legs = laidOf('table', { props: usualProps('legs', 'ply-18') });
    for (const { at, motion } of legs.props)
      for (const x of at.x) {
        const [, y, z] = goes(legs, motion, Math.PI, [x, at.y[0], at.z[0]]);
        // Under the far edge, from the underside to the floor.
        expect(y).toBeCloseTo(-60 - 450 + (at.z[0] - legs.board.z[0]), 5);
        expect([-18, -735]).toContain(z);
      }
    const struts = laidOf('table', { props: usualProps('struts', 'ply-18') });
    const strut = struts.props[0]!;
    // Its end, at the face it hung against the wall with, is under the leaf 300 out from its axis.
    const end = goes(struts, strut.motion, Math.PI, [strut.at.x[0], strut.at.y[1], strut.at.z[0]]);
    expect(end[1]).toBeCloseTo(-60 - 300, 5);
    expect(end[2]).toBeCloseTo(-18, 5);
    expect(struts.propLong).toBeCloseTo(Math.hypot(60 + 300 - 18, 60), 9);
  });

  it('draws its cleat off the wall with P e / h, and on legs with nothing', () => {
    // By hand: 120 kg at 60 + 380 out, over brackets 300 high and half of a leaf of 18.
    const { pull, down } = wallLoad(laidOf('seat'), 120);
    expect(pull).toBeCloseTo((120 * GRAVITY * 440) / 309, 6);
    expect(down).toBeCloseTo(120 * GRAVITY, 9);
    const legs = foldDownOf('seat', { props: usualProps('legs', 'ply-18') });
    expect(wallLoad({ leaf: legs, thick: 18 }, 120).pull).toBe(0);
  });

  it('gives past its brackets by P L^3 / (3 E I)', () => {
    const laid = laidOf('table', { load: 20 });
    const edge = pastEdge(laid)!;
    // 60 + 450 - 18 - 260.
    expect(edge.past).toBe(232);
    const [inertia, own] = [(300 * 18 ** 3) / 12, (680 * 300 * 18 * GRAVITY) / 1e9];
    const tip = (20 * GRAVITY * 232 ** 3) / (3 * 9000 * inertia);
    // Its own weight, as of a beam twice as long: no more than a hundredth of that here, and to the safe side.
    const most = tip + (5 * own * 464 ** 4) / (384 * 9000 * inertia);
    expect(edge.sag).toBeCloseTo(most, 9);
    expect(edge.sag / tip).toBeLessThan(1.05);
  });

  it('is lifted with half of its leaf at its far edge', () => {
    const laid = laidOf('table');
    const { kg } = weighAll(foldDownLinks(laid)[0]!.link.pieces, laid.place.stock);
    expect(handLifts(laid)).toBeCloseTo((kg * GRAVITY) / 2, 6);
  });

  // Screws at 3630 to 4370 and half of the cleat up, for a table 800 wide from 3600; studs stand in the wall behind it, 45 wide.
  it.each([
    // kind of wall, first, spacing, fixing, and what is said of six
    ['studs', 630, 600, 'stud-screw', 'Only 2 of them find a timber of the studs behind it'],
    ['studs', 629, 600, 'stud-screw', 'Only 1 of them finds a timber of the studs behind it'],
    ['studs', 0, 600, 'wall-plug', 'A plug holds in masonry, and behind it is the studs'],
    ['hollow wall', 0, 0, 'wall-plug', 'A plug holds in masonry, and behind it is the hollow wall'],
  ] as const)(
    'is held by what is behind its wall: %s from %d every %d, %s',
    (kind, first, spacing, hardware, said) => {
      const made = withFoldDown('table', { fixing: { hardware, count: 6 } });
      const behind = { x: mm(3000), y: mm(-90), z: mm(0), width: mm(2000), depth: mm(90), height: mm(2600) };
      const shape = {
        kind: 'framing',
        first: mm(first),
        spacing: mm(spacing),
        wide: mm(45),
        holds: 300,
      } as const;
      const on = told({
        ...made,
        change: (plan) => ({
          ...plan,
          things: [...plan.things, { ...newThing(plan, kind), ...behind, shape }],
        }),
      });
      expect(on).toContain(said);
      expect(told(made)).not.toContain(said);
    },
  );
});
