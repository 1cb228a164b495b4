import { bankOf } from '../parts/kit/drawn/usual';
import { hingeOf, USUAL_FIT } from '../parts/door/fresh';
import { drawerOf } from '../testing/partsOf';
import { caseOf, doorOf, mm, planWith, type Made, inBay } from '../testing/planWith';
import type { Thing } from '../things/schema';
import { reportOf } from './report';

const box = (at: readonly [number, number, number], size: readonly [number, number, number]) => ({
  x: mm(at[0]),
  y: mm(at[1]),
  z: mm(at[2]),
  width: mm(size[0]),
  depth: mm(size[1]),
  height: mm(size[2]),
});
const post = (id: string, ...where: Parameters<typeof box>): Thing => ({
  id,
  name: id,
  kind: 'box',
  ...box(...where),
});
const reach = (open: string | null, ...where: Parameters<typeof box>): Thing => ({
  id: 'valve',
  name: 'Valve',
  kind: 'hand reach',
  ...box(...where),
  shape: { kind: 'reach', hand: mm(60), arm: mm(500), ...(open && { open }) },
});

/** What is told of the air of a plan with these things in it. The case stands at 3000, 3000, its front 500 to the south of its back. */
const airOf = (made: Made, ...things: Thing[]) =>
  reportOf(planWith({ ...made, change: (plan) => ({ ...plan, things }) })).air[0]!;

const pair = doorOf({ leaves: 'pair' });
const behindFront = [
  [3250, 3100, 300],
  [100, 100, 100],
] as const;

describe('a reach with a part open', () => {
  it('goes in through both leaves of a pair', () => {
    expect(airOf({ parts: [pair] }, reach(null, ...behindFront))).toMatchObject({ verdict: 'hits' });
    expect(airOf({ parts: [pair] }, reach('door', ...behindFront))).toMatchObject({
      verdict: 'clear',
      sentence: 'A hand 60 mm broad gets to the valve from the south with the door open.',
    });
  });

  it('is none through a leaf that does not open, and where it opens part way that is said', () => {
    const hung = doorOf({
      handle: {
        kind: 'bar',
        projection: mm(30),
        width: mm(20),
        height: mm(100),
        fromFree: mm(40),
        fromBottom: mm(300),
      },
    });
    const jammed = airOf(
      { parts: [hung] },
      reach('door', ...behindFront),
      post('crate', [2990, 2962, 0], [620, 5, 1000]),
    );
    expect(jammed).toMatchObject({
      verdict: 'hits',
      sentence: expect.stringMatching(
        /^No straight way for a hand to the valve was found, and the door does not open: /,
      ) as string,
    });
    // A post that stops the leaf at about 45° leaves no room for the arm's 500.
    const stopped = airOf(
      { parts: [hung] },
      reach('door', ...behindFront),
      post('crate', [3400, 2500, 0], [60, 60, 1000]),
    );
    expect(stopped.sentence).toMatch(/with the door open as far as it goes, to \d\d°/);
  });

  it('finds its own open leaf in the way, and its own drawer gone out of it', () => {
    const leaf = doorOf({ hinge: hingeOf('cup', 'left'), limit: 100 });
    // To the left of the front, where the leaf stands when it is open.
    const beside = [
      [2975, 2700, 300],
      [60, 60, 100],
    ] as const;
    expect(airOf({ parts: [leaf] }, reach(null, ...beside)).verdict).toBe('clear');
    expect(airOf({ parts: [leaf] }, reach('door', ...beside))).toMatchObject({ verdict: 'hits', by: 'door' });
    // Behind the fronts of a bank and over its low boxes: with the fronts drawn out there is a way in.
    const bank = drawerOf({
      handle: null,
      bank: bankOf('even', 2),
      box: { ...drawerOf().box, height: mm(100) },
    });
    const overBox = [
      [3250, 3100, 300],
      [100, 100, 60],
    ] as const;
    const made = { carcasses: [caseOf({ z: mm(100) })], parts: [bank] };
    expect(airOf(made, reach(null, ...overBox))).toMatchObject({ verdict: 'hits' });
    expect(airOf(made, reach(bank.id, ...overBox))).toMatchObject({
      verdict: 'clear',
      sentence: expect.stringMatching(/ from the south with the .* open\.$/) as string,
    });
    // Nor is a drawer what a hand is to get hold of because it lies in the place as a whole.
    expect(airOf(made, reach(bank.id, [2950, 2400, 90], [700, 620, 760]))).toMatchObject({
      verdict: 'hits',
      by: bank.id,
    });
    // Where a drawer itself comes to stand nobody gets a hand to.
    expect(airOf(made, reach(bank.id, [3250, 2480, 440], [100, 120, 60]))).toMatchObject({
      verdict: 'hits',
      by: bank.id,
    });
  });

  it('opens the door before the drawer that it names', () => {
    const behind = drawerOf({
      fit: { kind: 'none', setback: mm(70) },
      handle: null,
      box: { ...drawerOf().box, aside: { left: mm(30), right: mm(0) } },
    });
    const made = { carcasses: [caseOf({ z: mm(100) })], parts: [behind, doorOf({ limit: 110 })] };
    // Where the drawer runs out to there is no hand to be had; beside it, where the shut leaf is.
    const atLeaf = [
      [3500, 2975, 700],
      [50, 30, 50],
    ] as const;
    expect(airOf(made, reach(behind.id, ...atLeaf)).verdict).toBe('clear');
    expect(airOf(made, reach(null, ...atLeaf))).toMatchObject({ verdict: 'hits', by: 'door' });
  });

  it('comes on the slant where every straight way is closed', () => {
    const wall = (
      id: string,
      at: readonly [number, number, number],
      size: readonly [number, number, number],
    ) => post(id, at, size);
    const place = [
      [1000, 1000, 500],
      [100, 100, 100],
    ] as const;
    const about = [
      wall('south', [850, 850, 300], [400, 20, 500]),
      wall('north', [850, 1230, 300], [270, 20, 500]),
      wall('west', [850, 870, 300], [20, 360, 500]),
      wall('east', [1230, 870, 300], [20, 250, 500]),
      wall('under', [850, 850, 280], [400, 400, 20]),
      wall('over', [850, 850, 800], [400, 400, 20]),
    ];
    const found = airOf({}, reach(null, ...place), ...about);
    expect(found).toMatchObject({
      verdict: 'clear',
      sentence: 'A hand 60 mm broad gets to the valve from the north-east.',
    });
    expect(
      airOf({}, reach(null, ...place), ...about, wall('corner', [1150, 1150, 300], [100, 100, 500])),
    ).toMatchObject({ verdict: 'hits' });
  });
});

describe('air of any shape', () => {
  const room = (shape: Thing['shape'], ...others: Thing[]) => {
    const zone: Thing = { id: 'zone', name: 'Standing room', kind: 'standing room', ...box([1400, 900, 0], [700, 700, 1900]), ...(shape && { shape }) }; // prettier-ignore
    return airOf({}, zone, ...others).verdict;
  };
  /** A post 60 square whose nearer corner is so far from the middle of the zone, to its south-west. */
  const postAt = (away: number, degrees = 45) => {
    const [x, y] = [Math.cos((degrees * Math.PI) / 180), Math.sin((degrees * Math.PI) / 180)];
    return post('post', [1750 - away * x - 60, 1250 - away * y - 60, 0], [60, 60, 1900]);
  };

  it('is round where it is round, to a twentieth of a millimetre', () => {
    const round = { kind: 'round', along: 'upright' } as const;
    expect(room(round, postAt(403))).toBe('clear');
    // Any way round: a polygon of few sides would stand out at its corners.
    for (const degrees of [30, 33.75, 45]) {
      expect(room(round, postAt(350.01, degrees))).toBe('clear');
      expect(room(round, postAt(349.8, degrees))).toBe('hits');
    }
    expect(room(undefined, postAt(403))).toBe('hits');
  });

  it('is what its outline, its slope or its curve leaves of its box', () => {
    const corner = { kind: 'prism', along: 'upright', outline: [[1, 0], [1, 1], [0, 1]] } as const; // prettier-ignore
    // The half to the north-east of a square of 700: its long side is 0 from the middle.
    expect(room({ ...corner, outline: corner.outline.map(([u, v]) => [u, v]) }, postAt(1))).toBe('clear');
    expect(room({ ...corner, outline: corner.outline.map(([u, v]) => [u, v]) }, postAt(-1))).toBe('hits');
    const lean = { kind: 'leaning', back: 'north', foot: mm(700), head: mm(100) } as const;
    expect(room(lean, post('beam', [1400, 900, 1800], [700, 200, 100]))).toBe('clear');
    expect(room(lean, post('kerb', [1400, 900, 0], [700, 200, 100]))).toBe('hits');
  });
});

describe('a door behind a door', () => {
  const inner = doorOf({
    id: 'inner',
    name: 'Inner',
    mount: inBay('all'),
    fit: USUAL_FIT.inset,
    hinge: hingeOf('cup', 'left'),
  });
  const outer = doorOf({
    id: 'outer',
    name: 'Outer',
    fit: USUAL_FIT.even,
    hinge: hingeOf('butt', 'right'),
    limit: 110,
  });

  it('is held against that one open, and that one against it shut', () => {
    const { parts } = reportOf(planWith({ parts: [outer, inner] }));
    const of = (id: string) => parts.find((part) => part.id === id)!;
    expect(
      of('inner')
        .findings.map(({ sentence }) => sentence)
        .join('\n'),
    ).not.toMatch(/ouches the outer/);
    expect(of('inner').check.usable).toBeGreaterThan(0.5);
    expect(of('outer').check.usable).toBeGreaterThan(0.5);
  });
});
