import { ordinal } from '../../item/ordinal';
import { offeredWords } from '../../testing/offersIn';
import { reportOf } from '../../report/report';
import { buildScene } from '../../plan/buildScene';
import { partsOfMover } from '../../scene/scene';
import { standingAt } from '../../scene/standing';
import { boxAt, drawerOf, pulloutOf, slidingOf, withDrawer, withPullout } from '../../testing/partsOf';
import { caseOf, doorOf, mm, placeIn, planWith, refusalOf, type Made } from '../../testing/planWith';
import { USUAL_BOX, USUAL_NOTCH } from '../kit/box/usual';
import { USUAL_CABLE, USUAL_CONTENT, USUAL_OPENS } from '../kit/contents/usual';
import { familyOf } from '../families';
import { USUAL_RUNS } from '../kit/runs/usual';
import { hiddenPulls } from '../sliding/clear';
import { newPart } from '../../plan/fresh';
import { bankOf, USUAL_DRAWN_FIT } from '../kit/drawn/usual';

const said = (made: Made): string => {
  const { parts, notes } = reportOf(planWith(made));
  return [...parts.flatMap(({ findings }) => findings), ...notes].map(({ sentence }) => sentence).join('\n');
};

describe('a drawer and what is round it', () => {
  it('its tail may hang out of a case without a back, and is then held against what stands behind', () => {
    const long = { box: { ...USUAL_BOX, depth: mm(560) } };
    expect(refusalOf(withDrawer(long))).toContain(
      'The box is 66 mm deeper than its bay. At most 494 mm will do.',
    );
    // 500 of case at y 3000: the tail ends at 3560, the wall begins at 3540.
    const wall = boxAt('Back wall', { x: 2800, y: 3540, z: 0, width: 1000, depth: 50, height: 2000 });
    expect(said({ ...withDrawer(long, { back: null }), change: wall })).toContain(
      'stands 20 mm inside the back wall when shut',
    );
    // 560 less the 20 it stands in and the 10 wanted round it.
    expect(offeredWords(planWith({ ...withDrawer(long, { back: null }), change: wall }))).toContain(
      'make its box 530 mm deep',
    );
  });

  it('is raised over a lip by what clears it, where its place is high enough', () => {
    const lip = boxAt('Lip', { x: 3000, y: 2900, z: 100, width: 600, depth: 30, height: 40 });
    const tray = (height: number, under = 15): Made => ({
      ...withPullout('tray', {
        fit: { kind: 'none', setback: mm(5) },
        handle: null,
        box: { ...USUAL_BOX, height: mm(height), under: mm(under) },
      }),
      change: lip,
    });
    // The box stands 15 over a bottom of 18: 133 up, 7 lower than the lip, which wants 10 round it.
    expect(offeredWords(planWith(tray(100)))[0]).toBe('raise it to 32 mm above the foot of its place');
    expect(reportOf(planWith(tray(100, 32))).parts[0]!.verdict).toBe('clear');
    expect(reportOf(planWith(tray(100, 31))).parts[0]!.verdict).not.toBe('clear');
    // 684 within, 640 of box and 20 over it: 24 under it is the most.
    expect(offeredWords(planWith(tray(640))).join()).not.toContain('raise it');
  });

  it('what it holds stands on the tier it is said to be on, and is held to the height there', () => {
    const on = (tier: number, height: number): Made =>
      withPullout('tiers', {
        contents: {
          set: 'one behind another',
          load: 0,
          items: [{ ...USUAL_CONTENT, tier, height: mm(height) }],
        },
      });
    const foot = (tier: number) => {
      const body = partsOfMover(buildScene(planWith(on(tier, 60))).movers[0]!).find(({ id }) =>
        id.includes('content'),
      )!;
      return Math.min(...body.pieces[0]!.corners.filter((_, i) => i % 3 === 2));
    };
    const [first, second, , fourth] = [1, 2, 3, 4].map(foot) as [number, number, number, number];
    expect(fourth - first).toBeCloseTo(3 * (second - first), 9);
    // One tier's step, less its board, is what a bottle with 10 of air above it may take.
    const clear = second - first - 12;
    expect(refusalOf(on(3, clear - 9))).toMatch(/“Bottle” wants .* of height with the air above it/);
    expect(() => planWith(on(3, clear - 10))).not.toThrow();
    expect(refusalOf(on(5, 60))).toBe(
      'parts[0].contents.items[0].tier: “Bottle” stands on tier 5, and there are 4. At most 4 will do.',
    );
  });

  it("fingers want the room behind its handle that they want behind a door's", () => {
    const bar = (projection: number) =>
      said(withDrawer({ handle: { ...drawerOf().handle!, projection: mm(projection) } }));
    const [, least] =
      /Fingers have [\d.]+ mm behind the handle; 25 mm is wanted\. ([\d.]+) mm out will do\./.exec(bar(15))!;
    expect(bar(Number(least) - 1)).toContain('Fingers have 24 mm behind the handle; 25 mm is wanted.');
    expect(bar(Number(least))).toContain('Fingers have 25 mm behind the handle.');
  });

  it('the drawers of a bank are told by their place in it', () => {
    expect([1, 3, 12, 13, 21, 22, 23, 24, 101, 111, 112, 113].map(ordinal).join(' ')).toBe(
      'first third twelfth 13th 21st 22nd 23rd 24th 101st 111th 112th 113th',
    );
  });

  it('three-quarter slides leave a quarter of it inside', () => {
    const runs = { ...USUAL_RUNS['side slides'], hardware: 'slide-part' };
    expect(said(withDrawer({ runs }))).toContain('Drawn out fully, 112.5 mm of its 450 mm stays inside');
    expect(said(withDrawer({ runs: { ...runs, hardware: 'slide-over' } }))).toContain(
      'Drawn out fully it stands 22.5 mm clear of its front.',
    );
  });

  it('a side that leans is packed out drawer by drawer, more the farther it stands off', () => {
    // The right side comes 6 mm in at its head: the bank is as wide as it is there, its lower slides are packed out.
    const lean = { sides: { left: null, right: { middle: mm(3), head: mm(6) } } };
    const told = said(withDrawer({ bank: bankOf('even', 3) }, lean));
    const amounts = [...told.matchAll(/and ([\d.]+) mm on the right, so that both stay parallel/g)].map(
      ([, one]) => Number(one),
    );
    expect(amounts).toHaveLength(3);
    expect(amounts).toEqual([...amounts].sort((a, b) => a - b));
    expect(amounts[2]! - amounts[1]!).toBeCloseTo(amounts[1]! - amounts[0]!, 0);
  });

  it('a cable is too short, bent too tight or pinched by so much', () => {
    const with_ = (other: object, depth?: number) =>
      said(
        withDrawer({
          cable: { ...USUAL_CABLE, ...other },
          ...(depth && { box: { ...USUAL_BOX, depth: mm(depth) } }),
        }),
      );
    // Held straight before each other: 44 behind the box and 450 of travel.
    const straight = {
      wall: { left: mm(112.7), up: mm(55) },
      box: { left: mm(100), up: mm(40) },
      bend: mm(0),
    };
    expect(with_({ ...straight, length: mm(400) })).toContain(
      'The cable is 94 mm too short: drawn out fully it must be 494 mm long.',
    );
    expect(with_({ ...straight, length: mm(494) })).not.toContain('too short');
    // Two bends and its thickness want 2 x 25 + 7 behind the box, and there are 44.
    expect(with_({ ...straight, bend: mm(25), length: mm(900) })).toContain(
      '57 mm behind the box will do, 13 mm more than there is.',
    );
    expect(with_(straight, 490)).toContain(
      'The cable is pinched behind it: 4 mm is left there, and it is 7 mm thick.',
    );
  });

  it('behind a door it is held against the open leaf, never the shut one', () => {
    const box = { ...USUAL_BOX, aside: { left: mm(40), right: mm(0) }, under: mm(150) };
    const behind = drawerOf({ fit: { kind: 'none', setback: mm(70) }, handle: null, box });
    const at = (limit: number, change?: Made['change']) => {
      const plan = planWith({
        carcasses: [caseOf({ z: mm(100) })],
        parts: [behind, doorOf({ limit })],
        ...(change && { change }),
      });
      return reportOf(plan).parts.find(({ item }) => item === behind.id)!;
    };
    expect(at(105).verdict).toBe('clear');
    // Half open the leaf stands across its way.
    expect(at(45).findings[0]!.sentence).toMatch(/ouches the door that stands open at \d/);
    // Nor where a low block, that the drawer passes over, stops the leaf half way or keeps it shut.
    for (const block of [
      { x: 3280, y: 2700 },
      { x: 3500, y: 2950 },
    ]) {
      const stopped = at(105, boxAt('block', { ...block, z: 110, width: 40, depth: 15, height: 80 }));
      expect(stopped.findings[0]!.sentence).toMatch(/ouches the door that stands open at \d/);
    }
    const shut = at(105, boxAt('block', { x: 3500, y: 2960, z: 110, width: 40, depth: 25, height: 80 }));
    expect(shut.findings.map(({ verdict }) => verdict)).toContain('hits');
  });
});

describe('ways of one thing', () => {
  const movers = buildScene(
    planWith(
      withDrawer({
        contents: {
          set: 'side by side',
          load: 0,
          items: [
            { ...USUAL_CONTENT, opens: USUAL_OPENS.lid },
            {
              ...USUAL_CONTENT,
              id: 'kettle',
              name: 'Kettle',
              opens: { ...USUAL_OPENS.lid, when: 'in place' },
            },
          ],
        },
      }),
    ),
  ).movers;
  const [drawer, along, inPlace] = movers.map(({ id }) => id) as [string, string, string];

  it('stand where their thing stands: a lid goes along, one that opens in place is left out while it is drawn', () => {
    const out = standingAt(movers, { [drawer]: 200 });
    expect(out.travels).toMatchObject({ [drawer]: 200, [along]: 200 });
    expect([...out.hidden]).toEqual([inPlace]);
    // Opened drawn out, it draws the drawer with it.
    expect(standingAt(movers, { [along]: 470 }).travels[drawer]).toBe(450);
    expect(standingAt(movers, {}).hidden.size).toBe(0);
  });

  it('are drawn once: the other way only where it is gone', () => {
    const two = buildScene(
      planWith({
        carcasses: [caseOf({ back: null })],
        parts: [drawerOf({ twoSided: true, fit: USUAL_DRAWN_FIT.none, handle: null })],
      }),
    ).movers;
    const [front, back] = two.map(({ id }) => id) as [string, string];
    expect([...standingAt(two, {}).hidden]).toEqual([back]);
    expect([...standingAt(two, { [back]: 50 }).hidden]).toEqual([front]);
  });
});

describe('in a mirror', () => {
  const notched = {
    ...USUAL_BOX,
    aside: { left: mm(12), right: mm(0) },
    notch: { ...USUAL_NOTCH, left: mm(40) },
  };
  const top = newPart(planWith({}), 'sliding top', caseOf());
  it.each([
    ['a drawer', caseOf({ z: mm(100) }), drawerOf({ box: notched, cable: USUAL_CABLE })],
    [
      'a pull-out',
      caseOf({ z: mm(100) }),
      pulloutOf('tray', { box: { ...USUAL_BOX, height: mm(100), aside: { left: mm(0), right: mm(9) } } }),
    ],
    ['panels', caseOf({ width: mm(1636), z: mm(100) }), slidingOf({ panels: 4, tracks: 3 })],
    ['a sliding top', caseOf({ top: 'none' }), top],
  ])('%s stands the other way round, goes as far, and twice mirrored is itself', (_name, carcass, part) => {
    const plan = planWith({ carcasses: [carcass], parts: [part] });
    const place = placeIn(plan, part);
    const family = familyOf(part);
    const mirrored = family.mirror(part, place);
    expect(mirrored).not.toEqual(part);
    const back = family.mirror(mirrored, place);
    const rounded = (one: unknown) =>
      JSON.parse(JSON.stringify(one), (_, value: unknown) =>
        typeof value === 'number' ? Math.round(value * 1e6) / 1e6 : value,
      ) as unknown;
    expect(rounded(back)).toEqual(rounded(part));
    const travels = (one: typeof part) =>
      reportOf(planWith({ carcasses: [carcass], parts: [one] }))
        .parts.map(({ verdict, check }) => `${verdict} ${check.usable.toFixed(3)}`)
        .sort();
    expect(travels(mirrored)).toEqual(travels(part));
  });
});

describe('pulls of panels', () => {
  const panels = [0, 1].map((nth) => ({
    key: String(nth),
    nth,
    track: nth,
    bounds: { x: [nth * 60, nth * 60 + 70] as const, y: [0, 1] as const, z: [0, 1] as const },
  }));
  const opening = {
    panels: ['0', '1'],
    from: 70,
    to: 130,
    at: [0, 0],
    shut: [0, 60],
    tracks: [0, 1],
    wide: 70,
  };
  it('are hidden where a panel nearer the front covers all of them, and not where one of them shows', () => {
    expect(hiddenPulls(panels, [opening], [[[5, 15]], [[5, 15]]])).toEqual([
      { panel: 1, behind: 0, opening },
    ]);
    const apart = { ...opening, at: [0, 60] };
    expect(hiddenPulls(panels, [apart], [[[5, 15]], [[5, 15]]])).toEqual([
      { panel: 1, behind: 0, opening: apart },
    ]);
    expect(
      hiddenPulls(
        panels,
        [apart],
        [
          [[5, 15]],
          [
            [5, 15],
            [55, 65],
          ],
        ],
      ),
    ).toEqual([]);
  });
});
