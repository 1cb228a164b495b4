import { checkMover } from '../clearance/checkMover';
import { place } from '../motion/joint';
import { motionPose, type Motion } from '../motion/motion';
import type { Mover } from '../scene/scene';
import { box, type Point3 } from '../solid/prism';
import { newPlan } from '../plan/fresh';
import { readPlan } from '../plan/readPlan';
import { buildScene } from '../plan/buildScene';
import { buildExisting, EXISTING_KINDS, existingFrame, existingKind } from './kinds';
import { existingLevers } from './levers';
import { trackOf } from './overheadDoor';
import type { Existing, Hatch, OnePieceDoor, OverheadDoor, RoomDoor } from './schema';

const TROUBLE = { of: undefined, short: 1, comfortable: undefined, usable: undefined, about: undefined };
const mm = (value: number) => ({ mm: value });
const PLACED = { id: 'it', name: 'It', x: mm(0), y: mm(0), z: mm(0), faces: 'south' } as const;
const made = <Kind extends Existing['kind']>(kind: Kind, over: object = {}) =>
  ({ ...existingKind({ kind }).usual, ...PLACED, ...over }) as Extract<Existing, { kind: Kind }>;
const at = (motion: Motion, travel: number, point: Point3): Point3 =>
  [...place(motionPose(motion, travel), Float64Array.from(point))] as unknown as Point3;
const steps = (mover: Mover, n: number) =>
  Array.from({ length: n + 1 }, (_, i) => mover.from + ((mover.to - mover.from) * i) / n);

describe('levers of what moves already', () => {
  it('a flatter handle only where there is one, down to none, at what such a change costs', () => {
    const handle = (mm_: number) => {
      const door = made('room door');
      return existingLevers({ ...door, handle: { ...door.handle, projection: mm(mm_) } }, TROUBLE)
        .filter(({ key }) => key === 'handle')
        .map((lever) => lever.kind === 'amount' && [lever.from, lever.to, lever.cost.once]);
    };
    expect(handle(50)).toEqual([[50, 0, 12]]);
    expect(handle(0)).toEqual([]);
  });
});

describe('what moves in the space already', () => {
  it.each(EXISTING_KINDS)(
    'a usual %s stands in a plain room, moves through all of its travel and meets nothing there',
    (kind) => {
      const plan = newPlan('A room');
      const item = made(kind, {
        x: mm(300),
        y: mm(plan.space.depth.mm),
        z: mm(existingKind({ kind }).z),
      });
      const read = readPlan({
        ...plan,
        space: { ...plan.space, depth: mm(5000), height: mm(3000) },
        existing: [{ ...item, y: mm(5000) }],
      });
      if (!read.ok) throw new Error(JSON.stringify(read.issues));
      const scene = buildScene(read.plan);
      const check = checkMover(scene.movers[0]!, scene.still);
      expect(check.encounters.filter(({ verdict }) => verdict !== 'clear')).toEqual([]);
      expect(check.usable).toBe(check.to);
    },
  );

  it('an overhead door of four sections: every roller stays on the track to 1e-6 mm, and the joints hold together', () => {
    const door: OverheadDoor = made('overhead door', {
      height: mm(2100),
      radius: mm(305),
      headroom: mm(340),
    });
    const { mover } = buildExisting(door, 10);
    const section = 2100 / 4;
    const line = trackOf(door, { frame: existingFrame(door) }).start[1];
    // The track in the plane y, z: up at y = line to z = 2135, an arc of 305 about (line - 305, 2135), level at z = 2440.
    const off = ([, y, z]: Point3) =>
      z <= 2135
        ? Math.abs(y - line)
        : y >= line - 305
          ? Math.abs(Math.hypot(y - line + 305, z - 2135) - 305)
          : Math.abs(z - 2440);
    let worst = 0;
    for (const travel of steps(mover, 400)) {
      const rollers = mover.bodies.map(({ motion }, i) => {
        const top = 2100 - i * section;
        return [at(motion, travel, [0, line, top]), at(motion, travel, [0, line, top - section])] as const;
      });
      rollers.forEach(([front, rear], i) => {
        worst = Math.max(worst, off(front), off(rear));
        const next = rollers[i + 1]?.[0];
        if (next) worst = Math.max(worst, Math.hypot(...next.map((x, axis) => x - rear[axis]!)));
      });
    }
    expect(worst).toBeLessThan(1e-6);
    // Open, the last roller is at the head of the opening.
    expect(at(mover.bodies[3]!.motion, mover.to, [0, line, 0])[2]).toBeCloseTo(2100, 6);
  });

  it("an overhead door's top edge: its highest in the bend, as the front roller leaves it, and its highest of all", () => {
    // The panel's outer face is 35 + 42 mm outside the rollers' line, its top edge at the front roller less 1 mm of joint.
    const door: OverheadDoor = made('overhead door', {
      height: mm(2100),
      sections: 6,
      radius: mm(400),
      headroom: mm(400),
    });
    const { mover } = buildExisting(door, 10);
    const half = 2100 / 6 / 2;
    const outer = 35 + 42;
    // With both rollers on the bend the section turns about the bend's centre: hand-derived from the chord's distance to it.
    const reach = Math.hypot(Math.sqrt(400 ** 2 - half ** 2) + outer, half - 1);
    const ahead = Math.atan2(half - 1, Math.sqrt(400 ** 2 - half ** 2) + outer);
    // It would pass over the centre only after the front roller has left the bend: there it is highest.
    const inBend = 2100 + reach * Math.sin(Math.PI / 2 - Math.asin(half / 400) + ahead);
    const line = -(15 + 42 + 35);
    const heights = steps(mover, 40_000).map((travel) => {
      const of = (y: number, z: number) => at(mover.bodies[0]!.motion, travel, [0, y, z]);
      const bent = of(line, 2100)[1] > line - 400 && of(line, 2100 - 2 * half)[2] > 2100;
      return { bent, z: of(line + outer, 2099)[2] };
    });
    const most = (all: typeof heights) => Math.max(...all.map(({ z }) => z));
    expect(most(heights.filter(({ bent }) => bent))).toBeCloseTo(inBend, 3);
    // Higher still it lies level, outer face up: what headroom must leave over the level track.
    expect(most(heights)).toBeCloseTo(2100 + 400 + outer, 6);
  });

  it('a one-piece door: its rollers run level, its middle on an arc, its foot straight up where arm and reach are half of it', () => {
    const door: OnePieceDoor = made('one-piece door', {
      height: mm(2000),
      arm: mm(970),
      roller: mm(60),
      stop: 90,
    });
    const { mover } = buildExisting(door, 10);
    const panel = mover.bodies[0]!.motion;
    const arms = mover.bodies[1]!.motion;
    for (const travel of steps(mover, 90)) {
      const roller = at(panel, travel, [0, 20, 1940]);
      expect(roller[2]).toBeCloseTo(1940, 9);
      expect(roller[1]).toBeCloseTo(20 - 2 * 970 * Math.sin(travel), 9);
      // Twice the arm below the rollers is the foot: an elliptic trammel, whose other end runs upright.
      expect(at(panel, travel, [0, 20, 0])[1]).toBeCloseTo(20, 9);
      expect(at(arms, travel, [0, 20, 970])).toEqual(
        at(panel, travel, [0, 20, 970]).map((x) => expect.closeTo(x, 9)),
      );
    }
  });

  it("a hatch's struts hold frame and leaf together, and their bounds hold", () => {
    const hatch: Hatch = made('hatch');
    const { mover } = buildExisting(hatch, 10);
    const [leaf, tubes, rods] = mover.bodies;
    const t = hatch.thickness.mm;
    const onLeaf: Point3 = [0, t, 600 - 180];
    const onFrame: Point3 = [0, t + 40, 600 - 330];
    for (const travel of steps(mover, 60)) {
      const held = at(leaf!.motion, travel, onLeaf);
      expect(at(rods!.motion, travel, onLeaf)).toEqual(held.map((x) => expect.closeTo(x, 8)));
      expect(at(tubes!.motion, travel, onFrame)).toEqual(onFrame.map((x) => expect.closeTo(x, 8)));
    }
    for (const { motion } of [tubes!, rods!]) expectBoundsHold(motion, mover.to);
  });

  it('the bounds of sections that follow one another hold', () => {
    const { mover } = buildExisting(made('overhead door'), 10);
    for (const { motion } of mover.bodies) expectBoundsHold(motion, mover.to);
  });

  it('an overhead door that meets a shelf in its bend says where, and every stretch of the travel that is blocked', () => {
    const { mover } = buildExisting(made('overhead door'), 10);
    const shelf = {
      id: 'shelf',
      name: 'the shelf',
      item: 'shelf',
      pieces: [box([500, -700, 2490], [900, -500, 2500])],
    };
    const { encounters } = checkMover(mover, [shelf], { curves: true });
    expect(encounters.map(({ moving, verdict }) => `${moving} ${verdict}`)).toContain('it/section-4 hits');
    for (const { blocked, contact } of encounters.filter((one) => one.contact)) {
      expect(blocked.length).toBeGreaterThan(0);
      expect(contact!.free).toBeCloseTo(blocked[0]!.free, 2);
    }
  });

  it('a room door meets a chest that stands within its swing, where a turn about its pin brings it', () => {
    const door: RoomDoor = made('room door', {
      width: mm(768),
      handle: { projection: mm(0), height: mm(1000) },
    });
    const { mover } = buildExisting(door, 0);
    // Hinged on the left of a front that faces south: the pin is at x 1.5, 6 mm before the face. The free edge is planed
    // so that its far corner passes, half a millimetre free.
    const arm = 768 - 3 - 1.5;
    const lead = 768 - (Math.hypot(arm, 46) - arm + 1.5 + 0.5) - 1.5;
    const chest = {
      id: 'chest',
      name: 'the chest',
      item: 'chest',
      pieces: [box([300, -900, 0], [900, -600, 500])],
    };
    const met = checkMover(mover, [chest]).encounters[0]!;
    // The outer face's free corner leads: it stands 6 mm back from the pin's plane when shut.
    const angle = Math.asin((600 - 6) / Math.hypot(lead, 6)) + Math.atan2(6, lead);
    expect(met.contact!.at.travel).toBeCloseTo(angle, 5);
  });

  it.each([
    ['overhead door', { headroom: mm(200) }, /cannot bend within its headroom/],
    ['overhead door', { sections: 2 }, /jam in a bend/],
    ['one-piece door', { arm: mm(2500) }, /longer than the panel/],
    ['sash window', { opens: mm(900) }, /half of the window/],
    ['room door', { thickness: mm(140) }, /thicker than the wall/],
    ['hatch', { struts: { onLeaf: mm(700), onFrame: mm(300), back: mm(40) } }, /beyond its end/],
  ] as const)('%s %j is refused with a sentence', (kind, over, said) => {
    const read = readPlan({ ...newPlan('A room'), existing: [made(kind, over)] });
    expect(read.ok ? '' : read.issues[0]!.message).toMatch(said);
  });
});

/** Over random stretches between knots no drive changes faster than its bounds say: values against differences. */
function expectBoundsHold(motion: Motion, to: number): void {
  const ends = [0, ...motion.knots, to];
  ends.slice(1).forEach((end, i) => {
    const start = ends[i]!;
    for (const [a, b] of [
      [0, 1],
      [0.1, 0.2],
      [0.45, 0.55],
      [0.8, 1],
    ] as const) {
      const [from, until] = [start + a * (end - start), start + b * (end - start)];
      for (const { drive } of motion.stagesAt((from + until) / 2)) {
        const { rate, bend } = drive.over(from, until);
        const h = (until - from) / 40;
        for (let k = 1; k < 40; k += 1) {
          const [x, y, z] = [-1, 0, 1].map((j) => drive.value(from + (k + j) * h)) as [
            number,
            number,
            number,
          ];
          expect(Math.abs(z - x) / (2 * h)).toBeLessThanOrEqual(rate * (1 + 1e-6) + 1e-6);
          expect(Math.abs(z - 2 * y + x) / (h * h)).toBeLessThanOrEqual(
            bend * (1 + 1e-4) + 1e-4 + 1e-7 / (h * h),
          );
        }
      }
    }
  });
}
