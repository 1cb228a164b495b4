import { motionPose, moved } from '../../motion/motion';
import { GRAVITY, weighAll } from '../../piece/mass';
import { partBuilt } from '../../plan/place';
import type { Plan } from '../../plan/schema';
import { reportOf } from '../../report/report';
import { flapOf, withFlap } from '../../testing/partsOf';
import { mm, planWith } from '../../testing/planWith';
import { told } from '../../testing/told';
import { flapStayPull } from './advice';
import type { LaidFlap } from './lay';
import { USUAL_FLAP_WAY } from './fresh';

const builtOf = (plan: Plan) => {
  const { laid, pieces, movers } = partBuilt(plan, plan.parts[0]!)!;
  return { laid: laid as LaidFlap, pieces, movers };
};

describe('a drop front', () => {
  it('lies level with the bottom once it is open, its stays as tight as its moments say', () => {
    // TRADE, derived: a stay from 250 along the leaf to 250 up the case, 200 N at 400, 3 kg at 200: 485.83 N; here by the flap's own weight and size.
    const stay = {
      hardware: 'chain-350',
      ends: 'right',
      onLeaf: { along: mm(250), in: mm(0) },
      onCase: { along: mm(250), in: mm(0) },
    } as const;
    const plan = planWith(
      withFlap('drop front', { stay, limit: 90, way: { ...USUAL_FLAP_WAY['drop front'], desk: 20 } }),
    );
    const { laid, pieces } = builtOf(plan);
    const { kg, centre } = weighAll(pieces.moving[0]!.pieces, laid.place.stock);
    const r = centre[2] - laid.plane.axis[1] - laid.frame.toSpace([0, 0, 0])[2];
    const arm = 250 * Math.SQRT1_2;
    // The chain of 350 is drawn tight at asin(175 / 250) x 2 = 88.85 degrees.
    expect((laid.to * 180) / Math.PI).toBeCloseTo(88.85, 1);
    const turns = (kg * r + 20 * 380) * GRAVITY * Math.sin(laid.to);
    expect(flapStayPull(laid, pieces)!.each / (turns / (250 * Math.cos(laid.to / 2)))).toBeCloseTo(1, 2);
    expect(arm).toBeCloseTo(176.78, 2);
    // Its inner face, turned down, is level with the bottom's upper face.
    const [, , z] = moved(
      motionPose(laid.leaves[0]!.motion, Math.PI / 2),
      laid.frame.toSpace([0, 0, laid.whole.z[1]]),
    );
    expect(z).toBeCloseTo(laid.frame.toSpace([0, 0, laid.opening.inside.bottom])[2], 6);
  });

  it('as a desk tips its case with what leans on its edge', () => {
    const desk = (kg: number) =>
      told(
        withFlap(
          'drop front',
          { way: { ...USUAL_FLAP_WAY['drop front'], desk: kg } },
          { z: mm(0), height: mm(760) },
        ),
      );
    expect(desk(60)).toMatch(/Not fixed, it goes over its front|Its fixing keeps it upright/);
  });
});

describe('a lift-up on parallel arms', () => {
  it('stands upright all the way, rises by c (sin q1 + sin q0), and wants W at the hand where its arms are level', () => {
    const plan = planWith(withFlap('parallel arms'));
    const { laid, pieces } = builtOf(plan);
    const { motion } = laid.leaves[0]!;
    const [a, b] = [laid.frame.toSpace([0, 0, 0]), laid.frame.toSpace([0, 0, 300])];
    const [p, q] = [moved(motionPose(motion, laid.to), a), moved(motionPose(motion, laid.to), b)];
    expect([q[0] - p[0], q[1] - p[1], q[2] - p[2]]).toEqual([0, 0, 300].map((x) => expect.closeTo(x, 9)));
    // 200 long, from 60 below level to 38 above it. Derived.
    expect(p[2] - a[2]).toBeCloseTo(
      200 * (Math.sin((38 * Math.PI) / 180) + Math.sin((60 * Math.PI) / 180)),
      6,
    );
    const { kg } = weighAll(pieces.moving[0]!.pieces, laid.place.stock);
    const arms = weighAll(
      pieces.moving.slice(1).flatMap((link) => link.pieces),
      laid.place.stock,
    ).kg;
    // W c cos q wherever the load sits: at the hand W, and half of what its arms weigh.
    const { lift } = reportOf(plan).balances[0]!.weathers[0]!.hand;
    expect(lift.most).toBeCloseTo((kg + arms / 2) * GRAVITY, 0);
    // It is flat there: within the force's own tolerance it is found.
    expect(Math.abs((lift.travel * 180) / Math.PI - 60)).toBeLessThan(6);
  });
});

describe('a door that folds up double', () => {
  it('its arm stands where Freudenstein’s equation puts it at every turn of its upper leaf', () => {
    // K1 cos t4 - K2 cos t2 + K3 = cos(t2 - t4). Norton, Design of Machinery, from memory.
    const { laid } = builtOf(planWith(withFlap('double fold')));
    const { plane, arms, leaves, frame } = laid;
    const [arm] = arms;
    const { way } = flapOf('double fold');
    if (way.kind !== 'double fold') throw new Error('It folds double.');
    const ground = [arm!.from[0] - plane.axis[0], arm!.from[1] - plane.axis[1]] as const;
    const fold = [laid.whole.y[1], laid.whole.z[1] - way.upper.mm - way.gap.mm / 2] as const;
    const lengths = {
      a: Math.hypot(fold[0] - plane.axis[0], fold[1] - plane.axis[1]),
      b: Math.hypot(arm!.to[0] - fold[0], arm!.to[1] - fold[1]),
      c: Math.hypot(arm!.to[0] - arm!.from[0], arm!.to[1] - arm!.from[1]),
      d: Math.hypot(...ground),
    };
    const { a, b, c, d } = lengths;
    const [k1, k2, k3] = [d / a, d / c, (a * a - b * b + c * c + d * d) / (2 * a * c)];
    const base = frame.toSpace([0, 0, 0]);
    const inPlane = (
      motion: LaidFlap['leaves'][number]['motion'],
      t: number,
      at: readonly [number, number],
    ) => {
      const p = moved(motionPose(motion, t), frame.toSpace([0, at[0], at[1]]));
      return [p[1] - base[1], p[2] - base[2]] as const;
    };
    for (const t of [0, 0.4, 0.8, 1.2, laid.to]) {
      const end = inPlane(arm!.motion, t, arm!.to);
      const joint = inPlane(leaves[0]!.motion, t, fold);
      const far = inPlane(leaves[1]!.motion, t, arm!.to);
      // Leaf and arm still hold each other.
      expect(Math.hypot(end[0] - far[0], end[1] - far[1])).toBeLessThan(1e-6);
      const angle = (from: readonly [number, number], to: readonly [number, number]) =>
        Math.atan2(to[1] - from[1], to[0] - from[0]);
      const zero = Math.atan2(ground[1], ground[0]);
      const [t2, t4] = [angle(plane.axis, joint) - zero, angle(arm!.from, end) - zero];
      expect(k1 * Math.cos(t4) - k2 * Math.cos(t2) + k3).toBeCloseTo(Math.cos(t2 - t4), 9);
    }
  });
});
