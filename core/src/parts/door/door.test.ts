import fc from 'fast-check';
import { real } from '../../testing/real';
import { checkMover, type MoverCheck } from '../../clearance/checkMover';
import { place } from '../../motion/joint';
import { motionOf, motionPose } from '../../motion/motion';
import { buildScene } from '../../plan/buildScene';
import { manifoldReferee } from '../../testing/manifoldGap';
import { planOfDoor, rawPlanOfDoor, type DoorPlan } from '../../testing/planOfDoor';
import { reportOf } from '../../report/report';
import { readPlan } from '../../plan/readPlan';
import type { Convex } from '../../solid/convex';
import { box } from '../../solid/prism';

function checked(door: DoorPlan, tolerance = 1e-7): MoverCheck {
  const scene = buildScene(planOfDoor(door));
  return checkMover(scene.movers[0]!, scene.still, { tolerance, bracket: 1e-7 });
}
const against = (check: MoverCheck, still: string) => check.encounters.find((e) => e.still === still);

describe('an inset leaf on butt hinges', () => {
  // The far back corner passes the frame's front edge on a circle about the pin: from W, T and how proud the pin is,
  // the free-edge gap must exceed sqrt(W^2 + (T+p)^2 - p^2) - W. Derived; the two figures are worked by hand from it.
  it.each([
    [0, 0.39984],
    [5, 0.59964],
  ])('500 x 20 with its pin %d mm proud needs %d mm at its free edge', (proud, handWorked) => {
    const W = 500;
    const T = 20;
    const need = Math.sqrt(W ** 2 + (T + proud) ** 2 - proud ** 2) - W;
    expect(need).toBeCloseTo(handWorked, 5);
    const hinge = 2; // the pin stands over the middle of this gap, so the leaf is 1 mm less than W
    const leaf = W - hinge / 2;
    const withGap = (free: number) =>
      checked({
        opening: leaf + hinge + free,
        fit: { kind: 'inset', hinge, free, top: 2, bottom: 2 },
        thickness: T,
        knuckle: 'proud',
        pin: proud,
      });
    // With some air left, the nearest the corner comes is along the line from the pin to the frame's edge.
    const free = need + 0.5;
    const least = Math.hypot(W + free, proud) - Math.hypot(W, T + proud);
    expect(against(withGap(free), 'case/right')!.least!.witness.clearance).toBeCloseTo(least, 6);
    expect(against(withGap(need + 2e-6), 'case/right')!.verdict).not.toBe('hits');
    expect(against(withGap(need - 2e-6), 'case/right')!.verdict).toBe('hits');
  });

  it('binds on its hinge side, opened square, once the pin is let in deeper than half the hinge gap', () => {
    // Square to the frame, the leaf's face stands as far over the joint as the pin is let in. Derived.
    const hung = (pin: number) =>
      checked({
        knuckle: 'let in',
        pin,
        limit: 90,
        fit: { kind: 'inset', hinge: 2, free: 3, top: 2, bottom: 2 },
      });
    expect(against(hung(0.99), 'case/left')!.verdict).not.toBe('hits');
    expect(against(hung(1.1), 'case/left')!.verdict).toBe('hits');
  });
});

describe('an overlay leaf on butt hinges', () => {
  const fit = { kind: 'overlay', hinge: 18, free: 16, top: 16, bottom: 16 } as const; // 18: over the whole side

  it('is as wide as its opening and both overlays, with the sum', () => {
    const report = reportOf(planOfDoor({ opening: 564, fit }));
    const { width, length } = report.parts[0]!.main!.cut!;
    expect(width.mm).toBe(564 + 34);
    expect(length.mm).toBe(1400 + 32);
    expect(width.lines.reduce((sum, { mm }) => sum + mm, 0)).toBe(598);
  });

  it('rests on its carcass without a hit, at every knuckle that is not let in', () => {
    for (const [knuckle, pin] of [
      ['proud', 5],
      ['flush', 0],
    ] as const) {
      expect(checked({ fit, knuckle, pin, limit: 180 }).verdict).toBe('clear');
    }
  });

  it('binds past square on a flush pin that stands 2 mm in from the edge of its carcass', () => {
    expect(checked({ fit: { ...fit, hinge: 16 }, limit: 90 }).verdict).toBe('clear');
    expect(checked({ fit: { ...fit, hinge: 16 }, limit: 110 }).verdict).toBe('hits');
  });

  it('meets a wall beside its hinge: flush on the carcass edge it swings out past it by its thickness', () => {
    // Opened square, a leaf T thick on a pin at its own edge stands T beyond it. The wall is s beyond: sin = s / T.
    const s = 9;
    const wall = { x: 5000 - s - 50, y: 4000, z: 0, width: 50, depth: 1400, height: 2000 };
    const check = checked({ fit, thickness: 18, limit: 110, things: [wall] });
    expect(check.verdict).toBe('hits');
    expect(check.encounters[0]!.contact!.at.travel).toBeCloseTo(Math.PI / 6, 7);
    expect((check.encounters[0]!.contact!.at.travel - check.usable) * 600).toBeLessThan(1e-6);
  });

  it('one millimetre further into its carcass than it should rest is a hit, and so is a fiftieth', () => {
    const scene = buildScene(planOfDoor({ fit }));
    const mover = scene.movers[0]!;
    const leaf = mover.bodies[0]!;
    for (const [depth, verdict] of [
      [0, 'clear'],
      [0.02, 'hits'],
      [1, 'hits'],
    ] as const) {
      const pressed = place(
        { rotation: [1, 0, 0, 0, 1, 0, 0, 0, 1], shift: [0, depth, 0] },
        leaf.pieces[0]!.corners,
      );
      const body = { ...leaf, pieces: [{ ...leaf.pieces[0]!, corners: pressed }] };
      const check = checkMover({ ...mover, bodies: [body] }, scene.still);
      expect(check.verdict).toBe(verdict);
      if (verdict === 'hits') expect(check.encounters[0]!.startDepth).toBeCloseTo(depth, 9);
    }
  });
});

describe('a leaf on a pin set in from its edge (the same core, another mechanism)', () => {
  // Corner circles about the pin: hinge-edge gap > sqrt(a^2 + b^2) - a, free-edge gap > sqrt((W-a)^2 + b'^2) - (W-a).
  // a 50, b 50: 20.71; W 800, a 50, b' 150: 14.85. Derived.
  it('needs 20.71 mm at its hinge edge and 14.85 mm at its free edge', () => {
    const [a, b, W, far] = [50, 50, 800, 150];
    const joint = { kind: 'turn', point: [0, 0, 0], axis: [0, 0, 1] } as const;
    const body = (id: string, piece: ReturnType<typeof box>) => ({ id, name: id, item: id, pieces: [piece] });
    const leaf = { ...body('leaf', box([-a, -far, 0], [W - a, b, 2000])), motion: motionOf(joint) };
    for (const [need, jamb] of [
      [Math.hypot(a, b) - a, (g: number) => box([-400, -far, 0], [-a - g, b, 2000])],
      [Math.hypot(W - a, far) - (W - a), (g: number) => box([W - a + g, -far, 0], [1200, b, 2000])],
    ] as const) {
      const mover = {
        id: 'leaf',
        item: 'leaf',
        name: 'Leaf',
        bodies: [leaf],
        unit: 'rad' as const,
        from: 0,
        to: Math.PI / 2,
        contacts: [],
        needs: { around: 0, of: {} },
      };
      const at = (gap: number) => checkMover(mover, [body('jamb', jamb(gap))], { tolerance: 1e-7 });
      expect([20.71, 14.85]).toContain(Math.round(need * 100) / 100);
      expect(at(need + 3).encounters[0]!.least!.witness.clearance).toBeCloseTo(3, 6);
      expect(at(need + 1e-5).verdict).toBe('clear');
      expect(at(need - 1e-5).verdict).toBe('hits');
    }
  });
});

describe('doors and obstacles against manifold-3d, densely sampled', () => {
  const drawn = fc.record({
    inset: fc.boolean(),
    side: fc.constantFrom('left' as const, 'right' as const),
    knuckle: fc.constantFrom('proud' as const, 'flush' as const),
    pin: real(0, 8),
    thickness: real(12, 40),
    opening: real(250, 700),
    limit: fc.integer({ min: 60, max: 180 }),
    handle: fc.boolean(),
    angle: real(0, Math.PI),
    radius: real(0.1, 1.25),
    size: fc.tuple(real(1, 300), real(1, 300), real(1, 900)),
    z: real(50, 1300),
  });

  it('gives the same least clearance within 0.05 mm, or the same first contact, on 120 random cases', async () => {
    const { gap } = await manifoldReferee();
    let hits = 0;
    let apart = 0;
    fc.assert(
      fc.property(drawn, (d) => {
        const cx =
          (d.side === 'left' ? 5018 : 5018 + d.opening) +
          (d.side === 'left' ? 1 : -1) * d.opening * d.radius * Math.cos(d.angle);
        const cy = 5000 - d.opening * d.radius * Math.sin(d.angle);
        const thing = {
          x: cx - d.size[0] / 2,
          y: Math.min(cy, 4950) - d.size[1],
          z: d.z,
          width: d.size[0],
          depth: d.size[1],
          height: d.size[2],
        };
        const raw = rawPlanOfDoor({
          ...d,
          fit: d.inset
            ? { kind: 'inset', hinge: 2, free: 4, top: 2, bottom: 2 }
            : { kind: 'overlay', hinge: 14, free: 14, top: 14, bottom: 14 },
          things: [thing],
          handle: d.handle ? { projection: 35, width: 20, height: 150, fromFree: 30, fromBottom: 600 } : null,
        });
        const read = readPlan(raw);
        fc.pre(read.ok); // a pin drawn inside the thing is refused, and rightly
        if (!read.ok) return;
        const scene = buildScene(read.plan);
        const mover = scene.movers[0]!;
        const still = scene.still.filter(({ item }) => item === 'thing-0');
        const check = checkMover(mover, still, { watch: 5000 });
        const solid = still[0]!.pieces[0] as Convex;
        const sample = (travel: number) => {
          const pose = motionPose(mover.bodies[0]!.motion, travel);
          return Math.min(
            ...mover.bodies.flatMap(({ pieces }) =>
              pieces.map((piece) => gap(place(pose, piece.corners), solid.corners, 5000)),
            ),
          );
        };
        const speed = 760;
        if (check.verdict === 'hits') {
          hits += 1;
          const contact = check.encounters[0]!.contact!;
          for (let i = 1; i <= 60; i += 1)
            expect(sample((check.usable * i) / 60 - 0.05 / speed)).toBeGreaterThan(0);
          expect(sample(contact.at.travel)).toBeLessThan(1e-6);
        } else {
          apart += 1;
          const mine = Math.min(...check.encounters.map((e) => e.least!.witness.clearance));
          expect(Math.abs(denseLeast(sample, mover.to) - mine)).toBeLessThan(0.05);
        }
      }),
      { seed: 20261125, numRuns: 120 },
    );
    expect(hits).toBeGreaterThan(25);
    expect(apart).toBeGreaterThan(25);
  });

  /** Dense samples, then denser round the three lowest. */
  function denseLeast(sample: (travel: number) => number, to: number): number {
    const steps = 160;
    const coarse = [...Array(steps + 1).keys()].map(
      (i) => [(to * i) / steps, sample((to * i) / steps)] as const,
    );
    const lowest = [...coarse].sort((a, b) => a[1] - b[1]).slice(0, 3);
    let least = lowest[0]![1];
    for (const [start] of lowest) {
      let centre = start;
      for (let width = to / steps; width > 1e-6; width /= 8) {
        for (let i = -8; i <= 8; i += 1) {
          const travel = Math.min(to, Math.max(0, centre + (width * i) / 8));
          const here = sample(travel);
          if (here < least) {
            least = here;
            centre = travel;
          }
        }
      }
    }
    return least;
  }
});
