import { motionOf, motionPose, moved } from '../../motion/motion';
import { GRAVITY, weighAll } from '../../piece/mass';
import { partBuilt } from '../../plan/place';
import { balanceReport, balancedIn, balancesOf, poisedOf } from '../../report/balance';
import { conditionsOf, weathersOf, whatIfs } from '../../report/weathers';
import { letOff } from '../../report/letOff';
import { holdsOf } from '../../stability/tipping';
import { bedOf, ROPES, withBed } from '../../testing/partsOf';
import { mm, planWith, type Made } from '../../testing/planWith';
import { told } from '../../testing/told';
import { USUAL_BED_HELP, USUAL_LEGS, usualDesk } from './fresh';
import type { LaidBed } from './lay';
import type { Bed } from './schema';

const builtOf = (made: Made) => {
  const plan = planWith(made);
  const { laid, pieces, movers } = partBuilt(plan, plan.parts[0]!)!;
  return { plan, laid: laid as LaidBed, pieces, movers };
};
const STRUTS = {
  ...USUAL_BED_HELP['gas struts'],
  hardware: 'strut-685-1000',
  onLeaf: { along: mm(460), in: mm(0) },
  onCase: { along: mm(-110), in: mm(50) },
} as const;

describe('a fold-up bed', () => {
  it('has a far corner that runs on sqrt(L^2 + t^2) about its pivot', () => {
    // TRADE, derived: 2030 along from the axis, 220 over it. 18 of panel, 80 of bearer, 18 of platform and 201 of mattress less 97;
    // 40 of foot, 18 of rail, 10 of room and 2152 of mattress less 190.
    const { mattress, pivot } = bedOf('at the end');
    expect([pivot.up.mm, pivot.back.mm]).toEqual([190, 97]);
    const made = withBed(
      'at the end',
      { mattress: { ...mattress, long: mm(2152), thick: mm(201) } },
      { height: mm(2350), depth: mm(520) },
    );
    const { laid } = builtOf(made);
    const corner = laid.frame.toSpace([0, laid.mattress.y[1], laid.mattress.z[1]]);
    const axis = laid.frame.toSpace([0, ...laid.plane.axis]);
    expect(Math.hypot(corner[1] - axis[1], corner[2] - axis[2])).toBeCloseTo(2041.89, 2);
    // What is told is the farthest of all, here the end of its rails: 2058 along and 79 over.
    expect(told(made)).toContain('Its farthest corner runs on 2059.6 mm about the pivot');
  });

  it('weighs half of itself at its free edge: 40 kg are 196.13 N, and 100 N lift 20.4 kg, whatever its width', () => {
    // TRADE, derived.
    expect((40 * GRAVITY) / 2).toBeCloseTo(196.13, 2);
    expect((2 * 100) / GRAVITY).toBeCloseTo(20.4, 1);
    // What is told is its moment at its edge: its weight where it is, over where the hand is.
    const { plan, laid } = builtOf(withBed('at the side', { legs: USUAL_LEGS.none, straps: 0 }));
    const balance = balancesOf(plan, plan.parts[0]!.id)[0]!;
    const down = laid.to;
    const { weathers } = balanceReport(plan, balance, down);
    const links = partBuilt(plan, plan.parts[0]!)!.pieces.moving;
    const axis = laid.frame.toSpace([0, ...laid.plane.axis]);
    const at = (point: readonly [number, number, number]) =>
      axis[1] - moved(motionPose(laid.motion, down), point)[1];
    const turns = links.reduce((sum, { pieces }) => {
      const { kg, centre } = weighAll(pieces, laid.place.stock);
      return sum + kg * GRAVITY * at(centre);
    }, 0);
    const { most, travel } = weathers[0]!.hand.push;
    expect(travel).toBeGreaterThan(1.5);
    // The pull is a little off the line from the axis to the edge: the hand goes square to that.
    const reach = Math.hypot(laid.grip[1] - laid.plane.axis[0], laid.grip[2] - laid.plane.axis[1]);
    expect(most / (turns / reach)).toBeCloseTo(1, 2);
  });

  it('is lain on as high, however far its mattress slumps as it stands', () => {
    const high = (bulges: number) =>
      /one lies ([\d.]+) mm above/.exec(
        told(withBed('at the end', { mattress: { ...bedOf('at the end').mattress, bulges: mm(bulges) } })),
      )![1];
    expect(high(60)).toBe(high(0));
  });

  it('draws its stays with its own moment between them, and a person at its edge on the nearer one alone', () => {
    // By hand, level: (W d / 2 + P L) / arm, the arm from the pivot to the line between a stay's ends.
    const made = withBed('at the side', { legs: USUAL_LEGS.none, straps: 0, stay: ROPES });
    const { laid, plan } = builtOf(made);
    const [y, z] = laid.plane.axis;
    const off = -laid.plane.face;
    const [onBed, onCase] = [[740, -off] as const, [off, 800] as const];
    const arm =
      Math.abs(onBed[0] * onCase[1] - onBed[1] * onCase[0]) /
      Math.hypot(onBed[0] - onCase[0], onBed[1] - onCase[1]);
    const { kg, centre } = weighAll(
      partBuilt(plan, plan.parts[0]!)!.pieces.moving.flatMap(({ pieces }) => pieces),
      laid.place.stock,
    );
    const own = kg * GRAVITY * (centre[2] - laid.frame.toSpace([0, y, z])[2]);
    const drawn = (own / 2 + 120 * GRAVITY * (laid.tray.z[1] - z)) / arm;
    const said = Number(/(\d+) N in the nearer one/.exec(told(made))![1]);
    expect(said / drawn).toBeCloseTo(1, 2);
  });

  it('pulls its cabinet from the wall with g (mb db - mc dc) / h, struts or none', () => {
    // TRADE, derived: 60 kg at 0.75 m, 50 kg at 0.23 m, 2 m high: 164.26 N.
    const out = motionOf({ kind: 'slide', direction: [0, -1, 0] });
    const mover = {
      id: 'bed', item: 'bed', name: 'Bed', bodies: [], unit: 'mm', from: 0, to: 980, contacts: [],
      needs: { around: 0, of: {} },
    } as const; // prettier-ignore
    const loads = {
      still: { kg: 50, centre: [0, 230, 0] },
      moving: [{ mover, weights: [{ kg: 60, centre: [0, 230, 0], motion: out }] }],
      stored: { kg: 0 },
    } as unknown as Parameters<typeof holdsOf>[0];
    const [hold] = holdsOf(loads, [{ words: 'front', out: [0, -1, 0], at: 0 }]);
    expect(-hold!.own / 2).toBeCloseTo(164.26, 2);
    // Of a real one it is told with its struts as without.
    const pulled = (help: object) => /It is pulled with (\d+ N)/.exec(told(withBed('at the end', help)))![1];
    expect(pulled({ help: STRUTS })).toBe(pulled({}));
  });

  it('pulls it with who sits on its edge too, where no legs are under that: P d / h more', () => {
    // 120 kg, 756 out of the pivot and that 78 within the front; the fixing at the head, 1250 high.
    const pulled = (legs: Bed['legs']) =>
      Number(
        /It is pulled with (\d+) N/.exec(told(withBed('at the side', { legs, stay: ROPES, straps: 0 })))![1],
      );
    const { laid } = builtOf(withBed('at the side', { legs: USUAL_LEGS.none, stay: ROPES }));
    const out = laid.tray.z[1] - laid.plane.axis[1] - laid.plane.axis[0];
    const more = (120 * GRAVITY * out) / 1250;
    expect((pulled(USUAL_LEGS.none) - pulled(USUAL_LEGS.fixed)) / more).toBeCloseTo(1, 1);
  });

  it('has legs on a link that stay upright all the way, their bars pinned to them', () => {
    const { laid, movers } = builtOf(withBed('at the end', { legs: USUAL_LEGS['on a link'], face: null }));
    const [leg] = laid.legs;
    const [bar] = laid.bars;
    const point = (y: number, z: number) => laid.frame.toSpace([leg!.at.x[0], y, z]);
    const [head, foot] = [point(leg!.at.y[1], leg!.at.z[1]), point(leg!.at.y[1], leg!.at.z[0])];
    const onLeg = point(...bar!.pins[1]);
    for (const travel of [0, 0.4, 0.9, movers[0]!.to]) {
      const go = (
        from: typeof head,
        motion: typeof leg extends undefined ? never : NonNullable<typeof leg>['motion'],
      ) => moved(motionPose(motion, travel), from);
      const [top, bottom] = [go(head, leg!.motion), go(foot, leg!.motion)];
      expect([top[0] - bottom[0], top[1] - bottom[1]].map((one) => Math.round(one * 1e6) / 1e6 + 0)).toEqual([
        0, 0,
      ]);
      go(onLeg, leg!.motion).forEach((one, i) => expect(one).toBeCloseTo(go(onLeg, bar!.motion)[i]!, 6));
    }
    // Down it stands on the floor.
    expect(moved(motionPose(leg!.motion, laid.to), foot)[2]).toBeCloseTo(0, 6);
  });

  it('has a desk that stays level all the way, its hinges on a circle about the pivot, its bars pinned to it', () => {
    const { laid, movers } = builtOf(withBed('at the end', { desk: usualDesk(bedOf('at the end')) }));
    const { top, plates, motion } = laid.desk!;
    const bar = laid.bars.find(({ of }) => of === 'desk')!;
    const [y, z] = laid.plane.axis;
    const origin = laid.frame.toSpace([0, 0, 0]);
    const back = laid.frame.turn([0, 1, 0]);
    /** In the cabinet's y and z. */
    const goes = (by: typeof motion, travel: number, [py, pz]: readonly [number, number]) => {
      const at = moved(motionPose(by, travel), laid.frame.toSpace([0, py, pz]));
      return [(at[0] - origin[0]) * back[0] + (at[1] - origin[1]) * back[1], at[2] - origin[2]] as const;
    };
    // 720 over the bay's foot and 60 under its hinges, from a pivot at 190 and 97 back.
    const hinge = [laid.opening.inside.front, laid.opening.inside.bottom + 780] as const;
    expect(Math.hypot(hinge[0] - y, hinge[1] - z)).toBeCloseTo(Math.hypot(97, 590), 6);
    for (const travel of [0, 0.4, 0.9, movers[0]!.to]) {
      const [near, far] = [top.y[1], top.y[0]].map((one) => goes(motion, travel, [one, top.z[1]]));
      expect(near![1]).toBeCloseTo(far![1], 6);
      expect(near![0] - far![0]).toBeCloseTo(400, 6);
      // By Pythagoras from the pivot: the hinge itself, 60 over its near edge.
      expect(Math.hypot(near![0] - y, near![1] + 60 - z)).toBeCloseTo(Math.hypot(97, 590), 6);
      goes(motion, travel, bar.pins[1]).forEach((one, i) =>
        expect(one).toBeCloseTo(goes(bar.motion, travel, bar.pins[1])[i]!, 6),
      );
      expect(Math.hypot(bar.pins[1][0] - bar.pins[0][0], bar.pins[1][1] - bar.pins[0][1])).toBeCloseTo(
        Math.hypot(97, 590),
        6,
      );
    }
    // Nothing of it ever stands above its hinges, where the bed's underside comes: in the bed's own frame it is before that all the way.
    for (const travel of [0, 0.4, 0.9, movers[0]!.to])
      for (const {
        y: [, back],
        z: [foot, head],
      } of [top, ...plates])
        for (const at of [foot, head]) {
          const [py, pz] = goes(motion, travel, [back, at]);
          const [cos, sin] = [Math.cos(travel), Math.sin(travel)];
          // Turned back by the bed's turn about its pivot.
          expect(y + (py - y) * cos + (pz - z) * sin).toBeLessThan(laid.opening.inside.front + 1e-6);
        }
    // Down it is 97 and 60 beneath the pivot.
    expect(goes(motion, Math.PI / 2, [top.y[1], top.z[1]])[1]).toBeCloseTo(z - 97 - 60, 6);
  });

  it('tells a desk that stands out before a narrow bed, and none within a long one', () => {
    // Hinges 590 from the pivot and 400 deep, the far end of a bunk 756 from it.
    const desk = usualDesk(bedOf('at the side'));
    expect(told(withBed('at the side', { desk }))).toContain(
      'Down, its desk stands 234 mm out before the bed',
    );
    expect(told(withBed('at the end', { desk }))).not.toContain('out before the bed');
  });

  it('draws at its desk’s bars with P e / h, half on either', () => {
    // By hand: 20 kg at 400 out, 60 between hinge and pin.
    const desk = usualDesk(bedOf('at the end'));
    expect(told(withBed('at the end', { desk }))).toContain(
      `either bar of the desk is drawn at with ${Math.round((20 * GRAVITY * 400) / 60 / 2)} N`,
    );
  });

  it('bows the sides its pins stand in by M h^2 / 2 E I', () => {
    // By hand: half the bed and 120 kg, 29 off the face of a side 18 thick and 444 deep, 190 up; plywood of 9 GPa.
    const made = withBed('at the end');
    const { laid, pieces } = builtOf(made);
    const { kg } = weighAll(
      pieces.moving.flatMap((link) => link.pieces),
      laid.place.stock,
    );
    const bears = (kg / 2 + 120) * GRAVITY;
    const { inside } = laid.opening;
    expect([laid.tray.x[0] - inside.left, inside.back - inside.front]).toEqual([29, 444]);
    const bows = (bears * (29 + 9) * 190 ** 2) / (2 * 9000 * ((444 * 18 ** 3) / 12));
    const said = /a pin bears up to (\d+) N and stands 29 mm off its side, which bows by ([\d.]+) mm/.exec(
      told(made),
    )!;
    expect(Number(said[1])).toBeCloseTo(bears, 0);
    expect(Number(said[2])).toBeCloseTo(bows, 1);
  });

  it('tells what door its frame is carried through on its edge', () => {
    // A mattress of 2000 x 850 and 10 about it, rails of 18, 158 deep.
    expect(told(withBed('at the end'))).toContain(
      'through a door at least 158 mm wide and 906 mm high with 2056 mm before it and behind',
    );
  });

  it('says what another mattress, a valve and a height do, each by its own figure', () => {
    const { plan, laid } = builtOf(withBed('at the side', { help: STRUTS }));
    const balance = balancesOf(plan, plan.parts[0]!.id)[0]!;
    const hands = (weather: Parameters<typeof balancedIn>[2]) => balancedIn(balance, laid.to, weather).hand;
    const [usual] = weathersOf(plan, balance);
    const asked = (key: string) => hands(whatIfs(plan, balance).find((one) => one.key === key)!);
    const typed = (kg: number) => {
      const made = builtOf(
        withBed('at the side', { help: STRUTS, mattress: { ...bedOf('at the side').mattress, kg } }),
      );
      const other = balancesOf(made.plan, made.plan.parts[0]!.id)[0]!;
      return balancedIn(other, made.laid.to, usual!).hand;
    };
    // Half as heavy again is what one of 24 kg in place of 16 comes to.
    expect(asked('mattress-heavier').push.most).toBeCloseTo(typed(24).push.most, 0);
    expect(asked('mattress-lighter').lift.most).toBeCloseTo(typed(16 * (2 / 3)).lift.most, 0);
    // Let off, what is told holds, and less or more gas is no lighter.
    const off = letOff(poisedOf(balance, laid.to), conditionsOf(usual!))!;
    const worst = (gas: number) => {
      const { lift, push, back } = hands({ ...usual!, gas });
      return Math.max(lift.most, push.most, back.most);
    };
    expect(worst(off.gas)).toBeCloseTo(off.most, 0);
    expect(worst(1)).toBeGreaterThan(off.most + 5);
    for (const gas of [off.gas - 0.06, off.gas + 0.06]) expect(worst(gas)).toBeGreaterThan(off.most);
    // A strut of 1000 N let off to half is one of 500.
    const halved = hands({ ...usual!, gas: 0.5 }).push.most;
    expect(halved).toBeGreaterThan(hands(usual!).push.most);
  });

  it('tells the hand where its edge passes a height, and nothing where it does not', () => {
    const { plan, laid } = builtOf(withBed('at the side'));
    const balance = balancesOf(plan, plan.parts[0]!.id)[0]!;
    const { heights } = balanceReport(plan, balance, laid.to);
    // A low bunk never stands at head height.
    expect(heights.map(({ mm: high }) => high)).toEqual([450]);
    const edge = (travel: number) => moved(motionPose(balance.grip.motion, travel), balance.grip.point)[2];
    expect(edge(0)).toBeLessThan(1700);
    expect(heights[0]!.closing).toBeGreaterThan(100);
  });
});
