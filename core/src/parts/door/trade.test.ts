import fc from 'fast-check';
import { formatLength } from '../../length/formatLength';
import { INCHES, MM_PER_INCH, type Units } from '../../length/units';
import { parseLength } from '../../length/parseLength';
import {
  DENSITIES,
  DRESSED_THICKNESS,
  DRESSED_WIDTH,
  MATERIAL_PRESETS,
  MOVEMENT,
  PLYWOOD,
} from '../../material/presets';
import { thicknessOf } from '../../material/stock';
import { place } from '../../motion/joint';
import { motionOf, motionPose } from '../../motion/motion';
import { checkMover } from '../../clearance/checkMover';
import { buildScene } from '../../plan/buildScene';
import { partBuilt } from '../../plan/place';
import { usualHardware } from '../../hardware/generic';
import { HARDWARE_KINDS } from '../../hardware/schema';
import { reportOf } from '../../report/report';
import { real } from '../../testing/real';
import { caseOf, doorOf, mm, placeIn, planWith, refusalOf, inBay } from '../../testing/planWith';
import { partsList } from '../../make/partsList';
import { moves } from '../shelf/lay';
import { bayOf } from '../contract/mount';
import { cupSetting } from './hinges';
import { leavesOf } from './leaf';
import { hingePulls } from './hingePulls';
import { hingeHeights, wantedHinges } from './load';
import { hingeOf, USUAL_FIT, USUAL_RACK } from './fresh';
import type { LaidDoor } from './lay';
import type { Door } from './schema';

const inch = (text: string) => {
  const read = parseLength(text, 'in');
  if (!read.ok) throw new Error(read.message);
  return { mm: read.mm, typed: text, unit: 'in' as const };
};
const inches32: Units = { system: 'in', step: 32 };
/** Width of the first leaf in the parts list of a plan, mm. */
const leafWidth = (plan: ReturnType<typeof planWith>) => reportOf(plan).parts[0]!.main!.cut!.width.mm;
const FIT = { kind: 'overlay', hinge: mm(14), free: mm(11), top: mm(16), bottom: mm(16) } as const;

describe('sizes of hinged leaves', () => {
  // Derived: a leaf over its opening adds both overlaps, a pair shares what is left beside the gap between its leaves.
  it.each([
    ['overlay', { fit: FIT }, 564 + 14 + 11],
    ['pair, overlay', { fit: FIT, leaves: 'pair', middle: mm(3) }, (564 + 2 * 14 - 3) / 2],
    ['inset', { fit: USUAL_FIT.inset, hinge: hingeOf('butt', 'left') }, 564 - 2 * 2],
    ['pair, inset', { fit: USUAL_FIT.inset, hinge: hingeOf('butt', 'left'), leaves: 'pair', middle: mm(2) }, (564 - 3 * 2) / 2],
  ] as const)('%s in an opening of 564 mm', (_name, door, width) => {
    const hinge = 'hinge' in door ? {} : { hinge: hingeOf('butt', 'left') };
    expect(leafWidth(planWith({ parts: [doorOf({ ...door, ...hinge } as Partial<Door>)] }))).toBeCloseTo(width, 9);
  }); // prettier-ignore

  it('1/2 in over a face frame of 1 1/2 in stiles: a case 24 in wide wants a leaf of 22 in', () => {
    // 1/2 in is a common face-frame overlay (common practice). 24 - 2 x 1 1/2 + 2 x 1/2.
    const half = inch('1/2');
    const stile = inch('1 1/2');
    const plan = planWith({
      carcasses: [
        caseOf({
          width: inch('24'),
          frame: {
            material: 'pine-20',
            left: stile,
            right: stile,
            top: stile,
            bottom: stile,
            between: stile,
          },
        }),
      ],
      parts: [
        doorOf({
          fit: { kind: 'overlay', hinge: half, free: half, top: half, bottom: half },
          hinge: hingeOf('butt', 'left'),
        }),
      ],
      change: (one) => ({ ...one, units: INCHES }),
    });
    expect(formatLength(leafWidth(plan), INCHES)).toBe('22');
  });

  it('a row of doors keeps one gap between all of them, half of it at the ends', () => {
    const bays = [180, 200, 148].map((size, i) => ({
      id: `b${i}`,
      take: 'fixed' as const,
      size: mm(size),
      read: {},
    }));
    const plan = planWith({
      carcasses: [
        caseOf({
          bay: { id: 'all', take: 'equal', read: {}, split: { way: 'uprights', setback: mm(0), bays } },
        }),
      ],
      parts: bays.map(({ id }) => doorOf({ id: `door-${id}`, name: id, mount: inBay(id) })),
    });
    const edges = plan.parts.map((part) => leavesOf(part as Door, placeIn(plan, part)).leaves[0]!.x);
    expect(edges[0]![0]).toBeCloseTo(1.5, 9);
    expect(edges[1]![0] - edges[0]![1]).toBeCloseTo(3, 9);
    expect(edges[2]![0] - edges[1]![1]).toBeCloseTo(3, 9);
    expect(edges[2]![1]).toBeCloseTo(600 - 1.5, 9);
  });
});

describe('a leaf on pivots', () => {
  // Corner circles about the axis, derived: hinge edge sqrt(a^2 + b^2) - a; free edge sqrt((W - a)^2 + b'^2) - (W - a).
  const thick = {
    width: mm(0),
    height: mm(680),
    thickness: mm(0),
    holes: [],
    lock: null,
    turned: 'as it was' as const,
    becomes: 'kept' as const,
  };
  const hung = (
    gaps: { hinge: number; free: number },
    leaf: { wide: number; thick: number; a: number; b: number },
    limit: number,
  ) =>
    planWith({
      carcasses: [caseOf({ width: mm(leaf.wide + gaps.hinge + gaps.free + 36), depth: mm(900) })],
      parts: [
        doorOf({
          old: { ...thick, width: mm(leaf.wide), thickness: mm(leaf.thick) },
          limit,
          hinge: {
            ...hingeOf('pivot', 'left'),
            in: mm(leaf.a),
            back: mm(leaf.b),
            hardware: 'pivot-120',
          } as Door['hinge'],
          fit: { ...USUAL_FIT.inset, hinge: mm(gaps.hinge), free: mm(gaps.free) },
        }),
      ],
    });
  const verdicts = (plan: ReturnType<typeof planWith>, side: string) => {
    const scene = buildScene(plan);
    return (
      checkMover(scene.movers[0]!, scene.still).encounters.find(({ still }) => still === `case/${side}`)
        ?.verdict ?? 'clear'
    );
  };

  it('50 in and 50 back needs 20.71 mm at its hinge edge for a full turn', () => {
    const need = Math.hypot(50, 50) - 50;
    expect(need).toBeCloseTo(20.71, 2);
    const leaf = { wide: 700, thick: 60, a: 50, b: 50 };
    expect(verdicts(hung({ hinge: need + 0.01, free: 10 }, leaf, 90), 'left')).not.toBe('hits');
    expect(verdicts(hung({ hinge: need - 0.02, free: 10 }, leaf, 90), 'left')).toBe('hits');
  });

  it('800 wide, 50 in, 150 behind the axis needs 14.85 mm at its free edge', () => {
    const need = Math.hypot(750, 150) - 750;
    expect(need).toBeCloseTo(14.85, 2);
    const leaf = { wide: 800, thick: 200, a: 50, b: 50 };
    expect(verdicts(hung({ hinge: 30, free: need + 0.01 }, leaf, 60), 'right')).not.toBe('hits');
    expect(verdicts(hung({ hinge: 30, free: need - 0.02 }, leaf, 60), 'right')).toBe('hits');
  });
});

describe('cup hinges', () => {
  // Common practice, no single source: the 32 mm system.
  it('the usual numbers are the trade’s: cup 35, 11.5 to 13.5 deep, 3 to 7 from the edge, plate 37 back, 32 apart', () => {
    const { cup, deep, cupFrom, cupTo, holesBack, holesApart, half, inset } = usualHardware(
      'cup hinge',
      'a',
      'A',
    );
    expect([cup, cupFrom, cupTo, holesBack, holesApart, half, inset]).toEqual([35, 3, 7, 37, 32, 9.5, 18]);
    expect(deep).toBeGreaterThanOrEqual(11.5);
    expect(deep).toBeLessThanOrEqual(13.5);
  });

  it('overlay = constant + cup distance - plate height, lowered by 9.5 for a half and 18 for an inset arm', () => {
    const item = usualHardware('cup hinge', 'a', 'A', { constant: 14 });
    const leaf = {
      key: 'door',
      of: '' as const,
      side: 'left' as const,
      x: [0, 500],
      y: [-18, 0],
      z: [0, 700],
      over: 16,
    } as const;
    const of = (arm: 'full' | 'half' | 'inset', cup: number, plate: number) =>
      cupSetting(
        doorOf({
          hinge: { ...hingeOf('cup', 'left'), arm, cup: mm(cup), plate: mm(plate) } as Door['hinge'],
        }),
        leaf,
        item,
      );
    expect(of('full', 4, 2).overlay).toBe(16);
    expect(of('half', 4, 2).overlay).toBe(6.5);
    expect(of('inset', 4, 2).overlay).toBe(-2); // a gap of 2
    expect(of('full', 4, 3).adjust).toBe(1);
  });

  it('the plate of an inset leaf goes back by the leaf’s thickness', () => {
    const notes = (fit: Door['fit'], name: string) =>
      partsList(planWith({ parts: [doorOf({ fit })] }))
        .find((line) => line.name === name)!
        .notes.join(' ');
    expect(notes(USUAL_FIT.even, 'Left side')).toContain('middle 37 mm from the front edge');
    expect(notes(USUAL_FIT.inset, 'Left side')).toContain('middle 55 mm from the front edge');
    expect(notes(USUAL_FIT.even, 'Door')).toContain('middle 22.5 mm from the hinge edge'); // 5 + 35 / 2
  });

  it.each([
    [900, 6, 2], [901, 6, 3], [900, 6.1, 3], [1600, 12, 3], [1601, 12, 4], [1600, 12.1, 4],
    [2000, 17, 4], [2001, 1, 5], [100, 17.1, 5], [2400, 22, 5], [2401, 1, undefined], [100, 22.1, undefined],
  ])('a leaf %d mm high of %d kg wants %s', (height, mass, count) => {
    expect(wantedHinges('cup', height, mass, 10)).toBe(count);
  }); // prettier-ignore

  /** Where a point of the leaf is, by two circles: independent of the linkage code. Found by Newton's rule, a quarter degree at a time. */
  function byCircles(
    door: Door,
    leaf: { over: number; y: readonly [number, number] },
    degrees: number,
    point: readonly [number, number],
  ) {
    const item = usualHardware('cup hinge', 'a', 'A');
    const cup = (door.hinge as Extract<Door['hinge'], { kind: 'cup' }>).cup.mm - leaf.over;
    const back = leaf.y[1];
    const p1 = [cup + item.constant + item.plate1x, back + item.plate1y] as const;
    const p2 = [cup + item.constant + item.plate2x, back + item.plate2y] as const;
    const c1 = [cup + item.cup1x, back - item.cup1y] as const;
    const c2 = [cup + item.cup2x, back - item.cup2y] as const;
    const turned = ([x, y]: readonly [number, number], a: number) =>
      [x * Math.cos(a) + y * Math.sin(a), y * Math.cos(a) - x * Math.sin(a)] as const;
    const r1 = Math.hypot(c1[0] - p1[0], c1[1] - p1[1]);
    const r2 = Math.hypot(c2[0] - p2[0], c2[1] - p2[1]);
    const first = (arm: number) => [p1[0] + r1 * Math.cos(arm), p1[1] + r1 * Math.sin(arm)] as const;
    const miss = (arm: number, leafTurn: number) => {
      const line = turned([c2[0] - c1[0], c2[1] - c1[1]], leafTurn);
      const [x, y] = first(arm);
      return Math.hypot(x + line[0] - p2[0], y + line[1] - p2[1]) - r2;
    };
    let arm = Math.atan2(c1[1] - p1[1], c1[0] - p1[0]);
    for (let d = 0; d <= degrees; d += 0.25)
      for (let k = 0; k < 20; k += 1) {
        const a = (d * Math.PI) / 180;
        arm -= miss(arm, a) / ((miss(arm + 1e-6, a) - miss(arm - 1e-6, a)) / 2e-6);
      }
    const offset = turned([point[0] - c1[0], point[1] - c1[1]], (degrees * Math.PI) / 180);
    const at = first(arm);
    return [at[0] + offset[0], at[1] + offset[1]];
  }

  const ARMS = {
    full: { door: doorOf({ limit: 110 }), on: caseOf() },
    half: { door: doorOf({ limit: 110, mount: inBay('b1') }), on: caseOf({ bay: { id: 'all', take: 'equal', read: {}, split: { way: 'uprights', setback: mm(0), bays: [{ id: 'b0', take: 'equal', read: {} }, { id: 'b1', take: 'equal', read: {} }] } } }) },
    inset: { door: doorOf({ limit: 110, fit: USUAL_FIT.inset }), on: caseOf() },
  } as const; // prettier-ignore

  it.each(
    (['full', 'half', 'inset'] as const).flatMap((arm) => [0, 45, 90, 110].map((degrees) => [arm, degrees] as const)),
  )('with a %s arm the leaf at %d degrees is where two circles about the plate’s pivots put it', (arm, degrees) => {
    const { door, on } = ARMS[arm];
    const plan = planWith({ carcasses: [on], parts: [door] });
    const where = placeIn(plan, plan.parts[0]!);
    const leaf = leavesOf(door, where).leaves[0]!;
    const opening = where.built.layout.openings.get(door.mount.bay)!;
    expect(Math.sign(leaf.over)).toBe(arm === 'inset' ? -1 : 1);
    const { movers } = buildScene(plan);
    const pose = motionPose(movers[0]!.bodies[0]!.motion, (degrees * Math.PI) / 180);
    // The leaf's hinge-side front corner and its free-edge back corner; the case stands at (3000, 3000), front to the south.
    for (const [x, y] of [[-leaf.over, leaf.y[0]], [200, leaf.y[1]]] as const) {
      const [ex, ey] = byCircles(door, leaf, degrees, [x, y]);
      const found = place(pose, Float64Array.of(3000 + opening.left.at + x, 3000 + y, 0));
      expect(found[0]! - 3000 - opening.left.at).toBeCloseTo(ex!, 6);
      expect(found[1]! - 3000).toBeCloseTo(ey!, 6);
    }
  }); // prettier-ignore

  it('a fixed axis in its place would make the leaf hit its own carcass', () => {
    const scene = buildScene(planWith({ parts: [doorOf({ limit: 100 })] }));
    const [mover] = scene.movers;
    expect(checkMover(mover!, scene.still).verdict).not.toBe('hits');
    const hinge = motionOf({
      kind: 'turn',
      point: [3000 + 18 - 16.5 + 11.5, 3000 - 10.5, 0],
      axis: [0, 0, -1],
    });
    const fixed = { ...mover!, bodies: mover!.bodies.map((body) => ({ ...body, motion: hinge })) };
    expect(checkMover(fixed, scene.still).verdict).toBe('hits');
  });
});

describe('the load on hinges', () => {
  it('pull on the top hinge = m g (W / 2) / spacing of a bare leaf, and more by what hangs at its free edge', () => {
    const pullOf = (door: Partial<Door>) => {
      const plan = planWith({ carcasses: [caseOf()], parts: [doorOf({ handle: null, ...door })] });
      const { laid, pieces } = partBuilt(plan, plan.parts[0]!)!;
      const [leaf] = (laid as LaidDoor).leaves;
      return { leaf: leaf!, pulls: hingePulls(laid as LaidDoor, leaf!, pieces.moving[0]!) };
    };
    const bare = pullOf({});
    const wide = bare.leaf.x[1] - bare.leaf.x[0];
    const thick = bare.leaf.y[1] - bare.leaf.y[0];
    // Derived by moments about the bottom hinge; the line of cup hinges is taken at the edge of the leaf's back.
    const arm = Math.hypot(wide / 2, thick / 2);
    expect(bare.pulls[1]).toBeCloseTo((bare.leaf.mass * 9.80665 * arm) / bare.leaf.hinges.spacing, 6);
    // The bottom one is pressed in as hard as the top one is pulled out.
    expect(bare.pulls[0]).toBeCloseTo(bare.pulls[1]!, 9);
    const rack = { ...USUAL_RACK, load: 4 };
    const loaded = pullOf({ rack });
    const more = loaded.pulls[1]! * loaded.leaf.hinges.spacing - bare.pulls[1]! * bare.leaf.hinges.spacing;
    expect(more).toBeGreaterThan(4 * 9.80665 * 0.9 * (wide / 2));
  });
  it('hinges stand evenly between the two end ones', () => {
    expect(hingeHeights(2000, 4, 100)).toEqual([100, 700, 1300, 1900]);
  });
  it('a board and what hangs on it weigh what their densities say', () => {
    // 0.597 x 0.717 x 0.018 x 680 = 5.24 kg; USDA Wood Handbook density of birch plywood, from memory.
    expect(DENSITIES['birch plywood']).toBe(680);
    expect(
      reportOf(planWith({ parts: [doorOf()] })).notes.find(({ about }) => about === 'hinges')!.sentence,
    ).toContain('about 5.2 kg');
  });
});

describe('stock', () => {
  // American Softwood Lumber Standard PS 20 and PS 1, from memory: easy to change in material/presets.ts.
  it('dressed softwood and plywood are as thin as their standards say', () => {
    expect(DRESSED_THICKNESS).toEqual({ '1': '3/4', '2': '1 1/2' });
    expect(DRESSED_WIDTH).toEqual({
      '2': '1 1/2',
      '3': '2 1/2',
      '4': '3 1/2',
      '6': '5 1/2',
      '8': '7 1/4',
      '10': '9 1/4',
      '12': '11 1/4',
    });
    expect(PLYWOOD).toEqual({
      '1/4': '7/32',
      '3/8': '11/32',
      '1/2': '15/32',
      '5/8': '19/32',
      '3/4': '23/32',
    });
    const ply = MATERIAL_PRESETS.find(({ name }) => name === 'Plywood 3/4 in')!;
    expect(formatLength(thicknessOf({ ...ply, id: 'a' }, { thickness: 'measured' }), inches32)).toBe('23/32');
    expect(formatLength(thicknessOf({ ...ply, id: 'a' }, { thickness: 'nominal' }), inches32)).toBe('3/4');
  });

  it('5/8 in sheet that is really 19/32 opens a case by 1/16 in', () => {
    // Two sheets 1/32 in thinner each: derived. As measured is the first school, by its name the other.
    const wide = (thickness: 'measured' | 'nominal') => {
      const ply = { ...MATERIAL_PRESETS.find(({ name }) => name === 'Plywood 5/8 in')!, id: 'ply-18' };
      const plan = planWith({
        carcasses: [caseOf({ width: inch('24') })],
        parts: [
          doorOf({
            fit: USUAL_FIT.inset,
            hinge: hingeOf('butt', 'left'),
            leaf: { ...doorOf().leaf, material: 'pine-20' },
          }),
        ],
        change: (one) => ({
          ...one,
          units: inches32,
          schools: { ...one.schools, thickness },
          materials: [...one.materials.filter(({ id }) => id !== 'ply-18'), ply],
        }),
      });
      return leafWidth(plan) + 4;
    };
    expect(formatLength(wide('nominal'), inches32)).toBe('22 3/4');
    expect(formatLength(wide('measured'), inches32)).toBe('22 13/16');
  });

  it('wood moves by its width x coefficient x percent points', () => {
    // USDA Wood Handbook ch. 13, from memory: red oak 0.00369 tangential; 300 mm, 4 points: 4.43 mm.
    expect(MOVEMENT['red oak'].tangential).toBe(0.00369);
    expect(MOVEMENT['sugar maple']).toEqual({ radial: 0.00165, tangential: 0.00353 });
    expect(MOVEMENT['eastern white pine']).toEqual({ radial: 0.00071, tangential: 0.00212 });
    expect(moves(300, MOVEMENT['red oak'].tangential, 4)).toBeCloseTo(4.428, 3);
  });

  it('edge banding of 0.4 to 2 mm an edge comes off the cut and not off the leaf', () => {
    const banded = planWith({ parts: [doorOf({ leaf: { ...doorOf().leaf, banding: mm(2) } })] });
    const where = placeIn(banded, banded.parts[0]!);
    const leaf = leavesOf(banded.parts[0] as Door, where).leaves[0]!;
    expect(leaf.x[1] - leaf.x[0]).toBeCloseTo(597, 9);
    expect(leafWidth(banded)).toBeCloseTo(593, 9);
  });
});

describe('whatever can be built', () => {
  const drawn = fc.record({
    width: real(120, 1200),
    height: real(200, 2300),
    sheet: fc.constantFrom('ply-18', 'pine-20'),
    kind: fc.constantFrom('inset' as const, 'overlay' as const, 'even' as const),
    gap: real(0, 8),
    leaves: fc.constantFrom('one' as const, 'pair' as const),
    middle: real(0, 8),
    n: fc.integer({ min: 1, max: 4 }),
    framed: fc.boolean(),
    lining: fc.constantFrom(0, 3),
    head: fc.constantFrom(0, 0, 4, -3),
    banding: fc.constantFrom(0, 1),
  });
  type Drawn = typeof drawn extends fc.Arbitrary<infer T> ? T : never;
  const made = (d: Drawn) => {
    const edges = { hinge: mm(d.gap), free: mm(d.gap), top: mm(d.gap), bottom: mm(d.gap) };
    const fit = d.kind === 'even' ? { kind: 'even' as const, gap: mm(d.gap) } : { kind: d.kind, ...edges };
    const stile = mm(40);
    const bays = Array.from({ length: d.n }, (_, i) => ({ id: `b${i}`, take: 'equal' as const, read: {} }));
    return {
      carcasses: [
        caseOf({
          width: mm(d.width),
          height: mm(d.height),
          sheet: d.sheet,
          carries: { inside: mm(d.lining), front: mm(0) },
          frame: d.framed
            ? { material: 'pine-20', left: stile, right: stile, top: stile, bottom: stile, between: stile }
            : null,
          sides: {
            left: d.head !== 0 && !d.framed ? { middle: mm(d.head / 2), head: mm(d.head) } : null,
            right: null,
          },
          bay: {
            id: 'all',
            take: 'equal',
            read: {},
            ...(d.n > 1 && { split: { way: 'uprights' as const, setback: mm(0), bays } }),
          },
        }),
      ],
      parts: (d.n > 1 ? bays : [{ id: 'all' }]).map(({ id }) =>
        doorOf({
          id: `door-${id}`,
          name: `Door ${id}`,
          mount: inBay(id),
          fit,
          leaves: d.leaves,
          middle: mm(d.middle),
          hinge: hingeOf('butt', 'left'),
          leaf: { ...doorOf().leaf, banding: mm(d.banding) },
        }),
      ),
    };
  };

  it('fills its opening exactly with the gaps and overlaps asked for, and no size is negative or no number', () => {
    let built = 0;
    fc.assert(
      fc.property(drawn, (d) => {
        const plan = made(d);
        if (refusalOf(plan) !== '') return;
        built += 1;
        const whole = planWith(plan);
        for (const part of whole.parts) {
          const where = placeIn(whole, part);
          const opening = where.built.layout.openings.get(bayOf(part)!)!;
          const sizes = partsList(whole)
            .filter(({ item }) => item === part.id)
            .map(({ cut }) => cut);
          for (const { width, length } of sizes) {
            expect(width.mm).toBeGreaterThan(0);
            expect(length.mm).toBeGreaterThan(0);
            expect(width.lines.reduce((sum, { mm: one }) => sum + one, 0)).toBeCloseTo(width.mm, 9);
          }
          // Put back together: leaves with their banding, the gap between them, gaps or overlaps at the sides.
          const leaves =
            sizes.reduce((sum, { width }) => sum + width.mm + 2 * d.banding, 0) +
            (sizes.length - 1) * d.middle;
          const over = (side: 'left' | 'right') =>
            d.kind === 'inset'
              ? -d.gap
              : d.kind === 'overlay'
                ? d.gap
                : opening[side].shared
                  ? (opening[side].cover - d.gap) / 2
                  : opening[side].cover - d.gap / 2;
          expect(leaves).toBeCloseTo(opening.right.at - opening.left.at + over('left') + over('right'), 6);
        }
      }),
      { seed: 20261125, numRuns: 300 },
    );
    expect(built).toBeGreaterThan(120);
  });

  it('says the same in inches, mirrored, and with its bays split equally by hand', () => {
    fc.assert(
      fc.property(drawn, (d) => {
        const plan = made({ ...d, n: 2, head: 0 });
        if (refusalOf(plan) !== '') return;
        const whole = planWith(plan);
        const widths = (of: typeof whole) =>
          reportOf(of).parts.map(({ id, verdict, main }) => [
            id,
            verdict,
            Math.round(main!.cut!.width.mm * 1e6),
          ]);
        const sorted = (list: unknown[][]) => list.map((row) => row.join(' ')).sort();
        const before = sorted(widths(whole));
        expect(sorted(widths({ ...whole, units: INCHES }))).toEqual(before);
        const { split } = whole.carcasses[0]!.bay;
        const free = split!.bays.map(
          () => (reportOf(whole), placeIn(whole, whole.parts[0]!).built.layout.openings.get('b0')!),
        );
        const size = free[0]!.inside.right - free[0]!.inside.left;
        const typed = {
          ...whole,
          carcasses: [
            {
              ...whole.carcasses[0]!,
              bay: {
                ...whole.carcasses[0]!.bay,
                split: {
                  ...split!,
                  bays: split!.bays.map((bay) => ({ ...bay, take: 'fixed' as const, size: mm(size) })),
                },
              },
            },
          ],
        };
        expect(sorted(widths(typed))).toEqual(before);
      }),
      { seed: 20261126, numRuns: 12 },
    );
  });
});

it('an inch is 25.4 mm, and every number of the hardware table has a usual value within its bounds', () => {
  expect(MM_PER_INCH).toBe(25.4);
  for (const numbers of Object.values(HARDWARE_KINDS))
    for (const { usual, least, most, label } of Object.values(numbers))
      expect([label, usual >= least && usual <= most]).toEqual([label, true]);
});
