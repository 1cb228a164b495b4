import { GRAVITY } from '../../piece/mass';
import { partBuilt } from '../../plan/place';
import { reportOf } from '../../report/report';
import { besideAxis } from '../../report/besideHinge';
import { buildScene } from '../../plan/buildScene';
import { caseOnDoor, hiddenOf, withHidden } from '../../testing/partsOf';
import { boxAt } from '../../testing/partsOf';
import { mm, planWith, type Made } from '../../testing/planWith';
import { borne, dragOver, dragPull, floorHigh, steepest } from './floor';
import { usualHung } from './fresh';
import type { LaidHidden } from './lay';
import { leafLoads } from './load';
import { planOutline } from './outline';
import type { Hidden } from './schema';
import { hiddenTurnsBeside } from './turnsBeside';
import {
  braceTension,
  cantileverSag,
  dropByPlay,
  fastest,
  hingePull,
  leanRise,
  leanTorque,
  mirrorLean,
  slidesOn,
} from './statics';
import {
  cornersAbout,
  firstMeets,
  freeGap,
  hingeGap,
  leastRelief,
  meetsAt,
  passageAt,
} from '../../mechanism/swing';

const DEGREES = 180 / Math.PI;
const PIVOTS = 'A shelf case on pivots';
const built = (made: Made) => {
  const plan = planWith(made);
  const { laid, pieces } = partBuilt(plan, plan.parts[0]!)!;
  return { plan, laid: laid as LaidHidden, pieces };
};
/** Its plan 800 by 150, an axis 50 in and 50 back; TRADE: a 50, b 50; b' of its back 150 - 50 + 50 = 150 there. */
const about = (wide: number, deep: number, axis: readonly [number, number]) =>
  cornersAbout(planOutline(wide, deep, undefined), axis);

describe('how a leaf on an axis turns in its opening', () => {
  // TRADE, derived: sqrt(a^2 + b^2) - a, and sqrt((W - a)^2 + b'^2) - (W - a).
  it('wants at its hinge edge sqrt(a^2 + b^2) - a, and at its free edge what its trailing corner stands out', () => {
    const corners = about(800, 200, [50, 50]);
    expect(hingeGap(corners, 50, Math.PI / 2)).toBeCloseTo(20.7107, 4);
    expect(freeGap(corners, 750, Math.PI / 2)).toBeCloseTo(14.8529, 4);
    // Open by less than the corner's own angle it wants less.
    expect(hingeGap(corners, 50, 0.3)).toBeCloseTo(50 * Math.cos(0.3) + 50 * Math.sin(0.3) - 50, 9);
  });

  // TRADE, derived: 500/20/0: 0.39984; 500/20/5: 0.59964.
  it.each([[0, 0.39984], [5, 0.59964]])('hung flush in its frame with its pin %d proud it wants %d', (proud, gap) => {
    const corners = about(500, 20, [0, -proud]);
    expect(freeGap(corners, 500, Math.PI / 2, proud)).toBeCloseTo(gap, 5);
  }); // prettier-ignore

  // TRADE: 20, 300, 200: c 0: 37.88; c 60: 48.96 deg.
  it.each([[0, 37.88], [60, 48.96]])('meets a wall 200 beside its axis at %d cut off by %d degrees', (cut, degrees) => {
    const turn = meetsAt({ beside: 20 - cut, before: 300 }, 200)!;
    expect(turn * DEGREES).toBeCloseTo(degrees, 2);
    expect(300 * Math.sin(turn) + (20 - cut) * Math.cos(turn)).toBeCloseTo(200, 9);
  }); // prettier-ignore

  it('finds the least cut by the closed form, and none at a right angle where its depth exceeds the room', () => {
    const shaped = (mmOff: number) => cornersAbout(planOutline(760, 300, mmOff > 0 ? { along: mmOff, deep: mmOff, round: false, both: false } : undefined), [20, 300]); // prettier-ignore
    // (a - c) cos q + b sin q = s at 45 degrees: c = 20 - (200 - 300 sin 45) / cos 45; its other corner must pass as well.
    const wanted = Math.PI / 4;
    const along = 20 - (200 - 300 * Math.sin(wanted)) / Math.cos(wanted);
    const other = 300 - (200 - 20 * Math.cos(wanted)) / Math.sin(wanted);
    expect(leastRelief(shaped, 200, wanted, 225)!).toBeCloseTo(Math.max(along, other), 5);
    expect(leastRelief(shaped, 200, Math.PI / 2, 225)).toBeUndefined();
    // b < s: the corner is farthest out at sin q = b / s, where a - c = sqrt(s^2 - b^2).
    const shallow = (mmOff: number) => cornersAbout(planOutline(760, 190, mmOff > 0 ? { along: mmOff, deep: mmOff, round: false, both: false } : undefined), [120, 190]); // prettier-ignore
    const least = Math.max(120 - Math.sqrt(200 ** 2 - 190 ** 2), 190 - Math.sqrt(200 ** 2 - 120 ** 2));
    expect(leastRelief(shallow, 200, Math.PI / 2, 140)!).toBeCloseTo(least, 5);
  });

  it('rounds a corner by tangents: none of the round is left out, and it meets as the round does within a millimetre', () => {
    const outline = planOutline(760, 300, { along: 100, deep: 100, round: true, both: false });
    for (const [u, v] of outline.filter(([u, v]) => u < 100 && v < 100))
      expect(Math.hypot(100 - u, 100 - v)).toBeGreaterThanOrEqual(100 - 1e-9);
    // (a - r) cos q + (b - r) sin q = s - r.
    const [a, b, r, s] = [150, 300, 100, 300];
    const turn = Math.asin((s - r) / Math.hypot(a - r, b - r)) - Math.atan2(a - r, b - r);
    const flats = firstMeets(cornersAbout(outline, [a, b]), s)!;
    expect(flats).toBeLessThanOrEqual(turn + 1e-9);
    expect((turn - flats) * Math.hypot(a, b)).toBeLessThan(3);
  });

  it('leaves a passage of its opening less how far it stands into it', () => {
    const corners = about(800, 150, [50, 0]);
    // A quarter open its face is before the axis by nothing, its back 150 to the free side.
    expect(passageAt(corners, 760, Math.PI / 2)).toBeCloseTo(760 - 150, 9);
    expect(passageAt(corners, 760, 0)).toBeCloseTo(760 - 750, 9);
  });

  it('is met by the check where the closed form says, for a case before a wall and for one on a door', () => {
    const room = 200;
    const made: Made = {
      ...withHidden(PIVOTS, {
        proud: mm(400),
        opening: { ...hiddenOf(PIVOTS).opening, is: 'none', deep: mm(0) },
        hung: { ...usualHung('pivots'), in: mm(20), back: mm(300) } as Hidden['hung'],
        body: { ...hiddenOf(PIVOTS).body, deep: mm(300) } as Hidden['body'],
      }),
      change: boxAt('Stub wall', { x: 4400 - 25 - 20 + room, y: 0, z: 0, width: 100, depth: 1200, height: 2000 }),
    };
    const { plan, laid } = built(made);
    expect(besideAxis(hiddenTurnsBeside(laid)[0]!, buildScene(plan).still)!.room).toBeCloseTo(room, 9);
    const [found] = reportOf(plan).parts;
    expect(found!.check.usable * DEGREES).toBeCloseTo(37.88, 2);

    const onDoor = planWith({
      ...caseOnDoor({}),
      change: (one) => {
        const there = caseOnDoor({}).change!(one);
        const wall = { x: 3000 + 150, y: 0, z: 0, width: 100, depth: 1500, height: 2400 };
        return boxAt('Side wall', wall)({ ...there, existing: there.existing.map((door) => ({ ...door, x: mm(3000), y: mm(0), faces: 'north' })) } as typeof one);
      },
    });
    const shelf = partBuilt(onDoor, onDoor.parts[0]!)!.laid as LaidHidden;
    const leaf = shelf.leaves[0]!;
    const beside = besideAxis(hiddenTurnsBeside(shelf)[0]!, buildScene(onDoor).still)!;
    // Its pin is 1.5 in from the edge of the opening.
    expect(beside.room).toBeCloseTo(151.5, 9);
    const meets = firstMeets(leaf.corners, beside.room);
    const door = reportOf(onDoor).parts.find(({ id }) => id === 'door')!;
    expect(door.check.usable).toBeCloseTo(Math.min(meets ?? Infinity, door.check.to), 4);
  }); // prettier-ignore
});

describe('its boards where they are cut on a slant', () => {
  const named = (made: Made) => {
    const { pieces, laid } = built(made);
    const all = [...pieces.moving, ...pieces.still].flatMap((link) => link.pieces);
    return { laid, board: (role: string) => all.find((piece) => piece.role === role)! };
  };

  // By hand: a corner cut 80 along by 60 deep is 100 across, as 3 to 4 to 5; its board of 18 is bevelled at both edges
  // along the front, which adds 18 x 80 / 60 = 24. Its shelves are cut parallel to it within 18 of wood: the same slope.
  it('a cheek is as wide as its cut and its bevels, and its shelves are cut alongside', () => {
    const { board } = named(withHidden(PIVOTS, { relief: { kind: 'cut', along: mm(80), deep: mm(60), both: false } }));
    expect(board('cheek').size!.width.mm).toBeCloseTo(124, 9);
    expect(board('cheek').works.map(({ kind, corner, region: { width, thick } }) => [kind, corner, width[1] - width[0], thick])).toEqual([
      ['slant', ['right', 'face'], expect.closeTo(24, 9), [expect.closeTo(0, 9), expect.closeTo(18, 9)]],
      ['slant', ['left', 'back'], expect.closeTo(24, 9), [expect.closeTo(0, 9), expect.closeTo(18, 9)]],
    ]);
    // Within its end of 18 it meets the front edge at 80 + 18 x 100 / 60 = 110 from the corner: 92 from its own end.
    const [slant] = board('shelf').works;
    expect(slant!.region.length[1] - slant!.region.length[0]).toBeCloseTo(92, 9);
    expect(slant!.region.width[1] - slant!.region.width[0]).toBeCloseTo(69, 9);
  });

  // By hand: a head that falls s over its width w lies at sqrt(w^2 + s^2) / w of its level length, and its ends, cut
  // plumb to its sides, add its thickness times s / w.
  it('a head that slopes is as long as its slope, with its ends cut plumb', () => {
    const { board, laid } = named(withHidden(PIVOTS, { shape: { kind: 'tapered', low: 'free edge', by: mm(600) } }));
    const { wide } = laid.leaves[0]!;
    const steep = 600 / wide;
    expect(board('top').size!.length.mm).toBeCloseTo((wide - 36) * Math.sqrt(1 + steep * steep) + 18 * steep, 9);
    expect(board('top').works.map(({ region: { length } }) => length[1] - length[0])).toEqual([
      expect.closeTo(18 * steep, 9),
      expect.closeTo(18 * steep, 9),
    ]);
    // Its back has the whole slope cut off one corner.
    const [corner] = board('back').works;
    expect(corner!.region.length[1] - corner!.region.length[0]).toBeCloseTo(600, 9);
    expect(corner!.region.width[1] - corner!.region.width[0]).toBeCloseTo(wide, 9);
  });
}); // prettier-ignore

describe('what a hidden door weighs on', () => {
  it('drops at its free edge by p W / s, and without a back by w L^4 / (8 E I) of its boards', () => {
    expect(dropByPlay(0.3, 762, 1600)).toBeCloseTo((0.3 * 762) / 1600, 12);
    const racked = built(withHidden(PIVOTS, { body: { ...hiddenOf(PIVOTS).body, back: null } as Hidden['body'] }));
    const [load] = leafLoads(racked.laid, racked.pieces);
    // 730 wide, 7 boards of 250 x 18 in birch plywood of 9 GPa (TRADE).
    const inertia = (7 * 250 * 18 ** 3) / 12;
    const w = (load!.kg * GRAVITY) / 730;
    expect(load!.byRacking).toBeCloseTo((w * 730 ** 4) / (8 * 9000 * inertia), 9);
    expect(load!.byPlay).toBeCloseTo((0.1 * 730) / 1982, 9);
    for (const body of [{ braced: true, back: null }, {}]) {
      const held = built(withHidden(PIVOTS, { body: { ...hiddenOf(PIVOTS).body, ...body } as Hidden['body'] }));
      expect(leafLoads(held.laid, held.pieces)[0]!.byRacking).toBe(0);
    }
    expect(cantileverSag({ boards: 1, deep: 12, thick: 10, long: 100, stiffness: 1000, load: 80 })).toBeCloseTo(((80 / 100) * 100 ** 4) / (8 * 1000 * 1000), 12);
  }); // prettier-ignore

  it('draws its head off with m g e / s, and its brace with (m g / 2) / sin a', () => {
    // TRADE, derived: 20 kg, 600 x 1500: 105.62 N.
    expect(braceTension(20, 600, 1500)).toBeCloseTo(105.62, 2);
    expect(hingePull(20, 300, 1500)).toBeCloseTo((20 * GRAVITY * 300) / 1500, 12);
    const { laid, pieces } = built(withHidden(PIVOTS));
    const [load] = leafLoads(laid, pieces);
    // Its axis 50 in and 50 back of 730 x 250: its middle is about 315 along, and behind it by what books and back weigh.
    const wood = 680e-9 * 18 * (2 * 1982 * 232 + 7 * 694 * 232 + 1982 * 730);
    const books = 6 * 30 * 0.694;
    expect(load!.kg).toBeCloseTo(wood + books, 6);
    const back = (680e-9 * 18 * ((2 * 1982 + 7 * 694) * 232 * 116 + 1982 * 730 * 241) + books * (232 - 90)) / (wood + books);
    expect(load!.off).toBeCloseTo(Math.hypot(365 - 50, back - 50), 6);
  }); // prettier-ignore

  it('what stands on it slides on by v^2 / (2 mu g) when it is stopped dead', () => {
    expect(slidesOn(0.5, 0.25)).toBeCloseTo((0.25 / (2 * 0.25 * GRAVITY)) * 1000, 12);
    expect(fastest(slidesOn(0.4, 0.3), 0.3)).toBeCloseTo(0.4, 12);
  });

  it('on an axis that leans rises by W sin b and swings shut by the change of its height', () => {
    const { laid } = built(withHidden('A leaning mirror door'));
    const [leaf] = laid.leaves;
    const lean = 5 / DEGREES;
    const height = (turn: number) => 12 * GRAVITY * 350 * Math.sin(lean) * Math.sin(turn);
    const h = 1e-5;
    expect(leanTorque(12, 350, lean, 0.7)).toBeCloseTo((height(0.7 + h) - height(0.7 - h)) / (2 * h), 3);
    expect(leanRise(693, lean, Math.PI / 2)).toBeCloseTo(693 * Math.sin(lean), 9);
    expect(leanRise(693, lean, 2)).toBeCloseTo(693 * Math.sin(lean), 9);
    expect(leaf!.x[1] - leaf!.x[0]).toBe(693);
  });

  // TRADE, derived: 1715, 1830, 1500, 1500: 10.28 deg.
  it('a mirror leans by half of the angles to eye and head', () => {
    expect(mirrorLean(1715, 1830, 1500, 1500) * DEGREES).toBeCloseTo(10.28, 2);
  });
});

describe('the floor along its arc', () => {
  const readings = [{ degrees: 0, high: 0 }, { degrees: 30, high: 6 }, { degrees: 60, high: 14 }, { degrees: 90, high: 2 }]; // prettier-ignore

  it('runs straight between the places, and drags where it stands over the foot', () => {
    expect([-5, 15, 45, 75, 120].map((degrees) => floorHigh(readings, degrees))).toEqual([0, 3, 10, 8, 2]);
    // 10 over the floor: met between 30 and 60 where 6 + 8 t = 10, deepest at 60.
    expect(dragOver(readings, 10, 90)).toEqual({ from: 45, deepest: 4, at: 60 });
    expect(dragOver(readings, 10, 50)).toEqual({ from: 45, deepest: expect.closeTo(6 + (8 * 20) / 30 - 10, 9), at: 50 });
    expect(dragOver(readings, 14, 90)).toBeUndefined();
    expect(dragOver([], -2, 90)).toEqual({ from: 0, deepest: 2, at: 0 });
  }); // prettier-ignore

  it('is opened with mu m g e / W, and borne by a wheel with m g e / r', () => {
    expect(dragPull(60, 350, 700, 0.4)).toBeCloseTo(0.4 * 60 * GRAVITY * 0.5, 9);
    expect(borne(60, 350, 650)).toBeCloseTo((60 * GRAVITY * 350) / 650, 9);
    expect(steepest(readings, 600)).toBeCloseTo(8 / ((30 * Math.PI * 600) / 180), 9);
  });
});

describe('a cover flap beside a door', () => {
  const flapOf = (covers: string | undefined): Hidden => ({
    ...hiddenOf('A cover flap beside one', { id: 'flap', name: 'Flap', limit: 90 }),
    ...(covers !== undefined && { covers }),
  });
  const withFlap = (covers: string | undefined, own: Partial<Hidden> = {}): Made => {
    const { parts, change } = caseOnDoor({});
    return {
      carcasses: [],
      parts: [...parts!.map((one) => ({ ...one, ...own })), flapOf(covers)],
      change: change!,
    } as Made;
  };
  const waits = (made: Made) => buildScene(planWith(made)).movers.find(({ id }) => id === 'door')!.behind;

  it('is opened first: what carries the case that it covers waits for it, and what covers it back does not', () => {
    expect(waits(withFlap(undefined))).toBeUndefined();
    expect(waits(withFlap('case'))).toEqual(['flap']);
    expect(waits(withFlap('door'))).toEqual(['flap']);
    // Of two that would cover each other neither waits; nothing waits for itself.
    expect(waits(withFlap('flap'))).toBeUndefined();
    const both = withFlap('case', { covers: 'flap' });
    expect(buildScene(planWith(both)).movers.map(({ behind }) => behind ?? [])).toEqual([[], ['flap']]);
  });
});
