import { SceneChecker } from '../clearance/checkScene';
import type { Encounter } from '../clearance/encounter';
import { BLOCKED, FREE } from '../clearance/cellState';
import { groundAlong, groundAt } from '../clearance/pairMap';
import { PairMaps } from '../clearance/pairMaps';
import { pathText } from '../item/issue';
import { sceneReport } from '../report/sceneReport';
import { readScene } from './readScene';
import type { Scene } from './scene';

/** Scenes that the engine once answered wrongly, each with what is right by hand. The referee looks for more of their kinds. */
const box = (least: readonly number[], most: readonly number[]) => ({ kind: 'box', least, most });
const slide = (direction: readonly number[], by = 1) => ({ kind: 'slide', direction, drive: { ratio: by } });
const still = (id: string, ...pieces: object[]) => ({ id, pieces });

interface MoverRaw {
  readonly from?: number;
  readonly to: number;
  readonly unit?: 'mm' | 'rad';
  readonly bodies: readonly object[];
  readonly contacts?: readonly object[];
  readonly needs?: object;
}
const file = (mover: MoverRaw, ...bodies: object[]) => ({
  format: 'tarnpass-scene',
  version: 1,
  bodies,
  movers: [{ id: 'm', unit: 'mm', from: 0, ...mover }],
});
const moving = (piece: object, ...joints: object[]) => ({ id: 'moving', pieces: [piece], joints });

function sceneOf(raw: object): Scene {
  const read = readScene(raw);
  if (!read.ok) throw new Error(read.issues[0]!.message);
  return read.scene;
}
const checked = (raw: object) => new SceneChecker().check(sceneOf(raw)).movers[0]!;
const only = (encounters: readonly Encounter[]) => {
  expect(encounters).toHaveLength(1);
  return encounters[0]!;
};
const refusal = (raw: object): string => {
  const read = readScene(raw);
  return read.ok ? 'read' : `${pathText(read.issues[0]!.path)}: ${read.issues[0]!.message}`;
};

describe('nothing is beyond the watch distance that is not proven to be', () => {
  it('a pair that comes to 1.96 mm of 2 needed is tight, also where another of its body attains 2 first', () => {
    const wedge = {
      kind: 'prism', axis: 'x', from: -100, to: 900,
      outline: [[161.4142135623731, 58.58578643762691], [41.41421356237309, -61.41421356237309], [161.4142135623731, -61.41421356237309]],
    }; // prettier-ignore
    const check = checked(
      file(
        {
          to: 300,
          bodies: [moving(box([0, 0, 0], [400, 100, 100]), slide([1, 0, 0]))],
          needs: { around: 2 },
        },
        still('carcass', wedge, box([-20, 0, 0], [-1.96, 100, 50])),
      ),
    );
    const { verdict, least, short } = only(check.encounters);
    expect(verdict).toBe('tight');
    expect(short!.free).toBe(0);
    expect(least!.witness.travel).toBe(0);
    expect(least!.witness.clearance).toBeCloseTo(1.96, 6);
  });

  it.each([50, 55, 80])('a need of %d mm is missed by 0.03 mm and told', (need) => {
    // A leaf's end passes before a wall at a distance that is least half-way: 400 - 400 cos from it at the ends.
    const leaf = moving(box([0, -10, 0], [400, 10, 50]), {
      kind: 'turn',
      point: [0, 0, 0],
      axis: [0, 0, 1],
    });
    const reach = Math.hypot(400, 10);
    const wall = box([reach + need - 0.03, -900, 0], [reach + need + 20, 900, 50]);
    const raw = { from: -0.3, to: 0.3, unit: 'rad', bodies: [leaf], needs: { around: need } } as const;
    expect(checked(file(raw, still('wall', wall))).verdict).toBe('tight');
    const back = box([reach + need + 0.03, -900, 0], [reach + need + 20, 900, 50]);
    expect(checked(file(raw, still('wall', back))).verdict).toBe('clear');
  });
});

describe('a travel may begin below 0', () => {
  const bend = [
    { kind: 'line', length: 1000 },
    { kind: 'arc', radius: 400, angle: 1.5 },
  ];
  const track = { kind: 'track', start: [0, 0, 0], along: [1, 0, 0], axis: [0, 0, 1], spacing: 200 };
  const bar = {
    kind: 'four-bar', axis: [0, 0, 1], first: [0, 0, 0], second: [200, 0, 0], crank: 100, coupler: 200, rocker: 150, assembly: 'open', start: 1.5,
  }; // prettier-ignore

  it('on a track: back on the straight before its bend a slat hits what stands there', () => {
    const slat = { kind: 'prism', axis: 'z', outline: [[1040, 0], [1240, 60], [1240, 100], [1040, 40]], from: 0, to: 50 }; // prettier-ignore
    const check = checked(
      file(
        { from: -1000, to: 300, bodies: [moving(slat, { ...track, stretches: bend, front: 1250 })] },
        still('post', box([100, -40, 0], [140, 40, 50])),
      ),
    );
    expect(check.verdict).toBe('hits');
    expect(only(check.encounters).startDepth).toBeCloseTo(47.65, 1);
  });

  it('on a track that ends where the carriage is built: it goes back along it, 20 mm from a post', () => {
    const check = checked(
      file(
        {
          from: -500,
          to: 0,
          bodies: [
            moving(box([800, -10, 0], [1000, 10, 50]), {
              ...track,
              stretches: [{ kind: 'line', length: 1000 }],
              front: 1000,
            }),
          ],
        },
        still('post', box([300, 30, 0], [310, 40, 50])),
      ),
    );
    const { verdict, least } = only(check.encounters);
    expect([verdict, least!.witness.clearance]).toEqual(['clear', 20]);
  });

  it('on a linkage wholly below 0: the crank turns the way its travel says', () => {
    const on = (from: number, to: number) =>
      checked(
        file(
          {
            from,
            to,
            unit: 'rad',
            bodies: [moving(box([-5, 90, 0], [5, 110, 50]), { ...bar, link: 'crank' })],
          },
          still('post', box([90, 5, 0], [110, 25, 50])),
        ),
      ).encounters[0]!.startDepth;
    expect(on(-1.4, -0.1)).toBeCloseTo(14.34, 1);
    expect(on(-1.4, 0.1)).toBeCloseTo(on(-1.4, -0.1), 9);
  });

  it('and is refused with its path where a linkage or a hinge cannot go so far below', () => {
    const joint = { ...bar, link: 'coupler' };
    const crank = moving(box([-5, 90, 0], [5, 110, 50]), joint);
    // The crank's end is 300 mm from the far pivot where it points away from it: coupler and rocker reach 350.
    expect(refusal(file({ from: -4.7, to: 0.1, unit: 'rad', bodies: [crank] }))).toBe('read');
    const short = moving(box([-5, 90, 0], [5, 110, 50]), { ...joint, coupler: 120 });
    expect(refusal(file({ from: -4.7, to: 0.1, unit: 'rad', bodies: [short] }))).toMatch(
      /^movers\[0\]\.bodies\[0\]\.joints\[0\]: The linkage cannot close beyond \d+\.\d degrees/,
    );
    const hinge = {
      kind: 'cup hinge', origin: [0, 0, 0], x: [1, 0, 0], y: [0, 1, 0], sense: -1,
      plate: [[20, 5], [24, 14]], cup: [[13, -10.5], [9, -5]],
    }; // prettier-ignore
    const leaf = (from: number) =>
      file({ from, to: 0.1, unit: 'rad', bodies: [moving(box([2, -18, 0], [400, 0, 700]), hinge)] });
    expect(refusal(leaf(-0.1))).toBe('read');
    expect(refusal(leaf(-6))).toMatch(/The hinge locks \d+\.\d degrees beyond shut/);
  });
});

describe('a track', () => {
  it('may bend by more than half a turn: the carriage runs freely', () => {
    const track = {
      kind: 'track', start: [0, 0, 0], along: [1, 0, 0], axis: [0, 0, 1], front: 600, spacing: 300,
      stretches: [{ kind: 'line', length: 500 }, { kind: 'arc', radius: 200, angle: 2.4 }, { kind: 'arc', radius: 210, angle: 0.9 }, { kind: 'line', length: 500 }],
    }; // prettier-ignore
    expect(checked(file({ to: 900, bodies: [moving(box([400, -5, 0], [600, 5, 50]), track)] })).verdict).toBe(
      'clear',
    );
  });

  it('under a turn that is not parallel to it has bounds that are numbers', () => {
    const track = {
      kind: 'track', start: [-0.79, 0.018, 0.195], along: [1, 0, 0], axis: [0, 0, 1], front: 6.93, spacing: 5.56,
      stretches: [{ kind: 'arc', radius: 3.09, angle: 1.37 }, { kind: 'arc', radius: 9.83, angle: -0.73 }, { kind: 'line', length: 5.3 }, { kind: 'arc', radius: 9.63, angle: -0.68 }],
    }; // prettier-ignore
    const turn = {
      kind: 'turn',
      point: [-0.79, 0.018, 0.195],
      axis: [-0.82, 0.76, -0.04],
      drive: { ratio: 0.068 },
    };
    const check = checked(
      file(
        { to: 14.6, bodies: [moving(box([1.57, -0.15, -1.43], [4.92, 0.98, 1.18]), track, turn)] },
        still('post', box([3.1, 0.27, -0.28], [3.4, 0.57, 0.02])),
      ),
    );
    expect(check.verdict).toBe('hits');
  });
});

describe('a touch that is meant', () => {
  const block = moving(box([0, 0, 0], [400, 100, 100]), slide([1, 0, 0]));
  const wall = still('wall', box([450, 0, 0], [460, 100, 100]));

  it('is tried within the travel only', () => {
    const contact = { moving: 'moving', still: 'wall', from: 0, to: 1000, depth: 1 };
    const raw = file({ to: 40, bodies: [block], contacts: [contact] }, wall);
    expect(checked(raw).verdict).toBe('clear');
    // Meant all the way, and never coming about: how near it comes is told of a scene file.
    const { least } = only(sceneReport(sceneOf(raw)).movers[0]!.encounters);
    expect([least!.witness.travel, least!.witness.clearance]).toEqual([40, 10]);
  });

  it.each([
    ['a', 'b'],
    ['b', 'a'],
  ])('of %s and %s is the same pair', (one, other) => {
    const bodies = [
      { id: 'a', pieces: [box([0, 0, 0], [100, 100, 100])], joints: [slide([1, 0, 0])] },
      { id: 'b', pieces: [box([150, 0, 0], [250, 100, 100])], joints: [slide([1, 0, 0], 0.45)] },
    ];
    // They meet at 50 / 0.55 = 90.9 mm, and go 5 mm in.
    const meant = { moving: one, still: other, from: 85, to: 100, depth: 6 };
    expect(checked(file({ to: 100, bodies, contacts: [meant] })).verdict).toBe('clear');
    expect(checked(file({ to: 100, bodies, contacts: [{ ...meant, depth: 4 }] })).verdict).toBe('hits');
  });

  it('may be meant in several stretches, each with its own depth', () => {
    // It goes 30 mm into the wall at 80 mm, by a mm for each.
    const at = (...contacts: object[]) => checked(file({ to: 80, bodies: [block], contacts }, wall)).verdict;
    const meant = (from: number, to: number, depth: number) => ({
      moving: 'moving',
      still: 'wall',
      from,
      to,
      depth,
    });
    expect(at(meant(40, 60, 10), meant(60, 80, 30))).toBe('clear');
    expect(at(meant(40, 60, 10))).toBe('hits');
    expect(at(meant(40, 60, 10), meant(60, 80, 29))).toBe('hits');
    // Where two lie over each other the deeper one holds.
    expect(at(meant(40, 80, 5), meant(54, 80, 30))).toBe('clear');
  });

  it.each<[object, RegExp]>([
    [
      { moving: 'moving', still: 'nobody' },
      /^movers\[0\]\.contacts\[0\]\.still: The scene has no body “nobody”/,
    ],
    [
      { moving: 'wall', still: 'other' },
      /^movers\[0\]\.contacts\[0\]\.moving: Neither of these bodies is of “m”/,
    ],
    [
      { moving: 'moving', still: 'wall', from: 5, to: 4 },
      /^movers\[0\]\.contacts\[0\]\.to: A touch cannot end before/,
    ],
  ])('of %j is refused', (contact, said) => {
    const raw = { from: 0, to: 10, depth: 1, ...contact };
    expect(refusal(file({ to: 40, bodies: [block], contacts: [raw] }, wall, still('other')))).toMatch(said);
  });
});

describe('what cannot be is refused with its place', () => {
  const bar = {
    kind: 'four-bar', link: 'coupler', first: [0, 0, 0], second: [200, 0, 0], crank: 100, coupler: 200, rocker: 150, assembly: 'open', start: 1.5,
  }; // prettier-ignore
  const block = (joint: object) =>
    file({ to: 0.5, unit: 'rad', bodies: [moving(box([-5, 90, 0], [5, 110, 50]), joint)] });
  const track = (axis: readonly number[]) => ({
    kind: 'track',
    start: [0, 0, 0],
    along: [1, 0, 0],
    axis,
    stretches: [{ kind: 'line', length: 900 }],
    front: 500,
    spacing: 200,
  });

  it('an axis that is not square to its plane; one that leans about the line of the pivots is', () => {
    expect(refusal(block({ ...bar, axis: [1, 0, 1] }))).toMatch(
      /^movers\[0\]\.bodies\[0\]\.joints\[0\]: The axis of a linkage must be square/,
    );
    expect(refusal(block(track([0.1, 0, 1])))).toMatch(/The axis of a track must be square/);
    // A linkage in a leaning plane: its axis is square to the line from (0, 0, 0) to (200, 0, 0).
    expect(refusal(block({ ...bar, axis: [0, 1, 1] }))).toBe('read');
    expect(refusal(block(track([0, 1, 1])))).toBe('read');
  });

  it.each([
    ['crosses its edge', [[20, 20], [120, 20], [120, 60], [20, 60]], /^bodies\[0\]\.pieces\[0\]\.holes\[0\]\[\d\]: A hole crosses the edge/],
    ['lies outside', [[200, 20], [220, 20], [220, 60], [200, 60]], /a hole of it lies outside/],
  ])('an outline whose hole %s', (_name, hole, said) => {
    const plate = { kind: 'prism', axis: 'z', outline: [[0, 0], [100, 0], [100, 80], [0, 80]], holes: [hole], from: 0, to: 10 };
    expect(refusal(file({ to: 1, bodies: [moving(box([0, 0, 20], [5, 5, 25]))] }, still('plate', plate)))).toMatch(said);
  }); // prettier-ignore

  it('a way that is none: over 20 m, over a hundred turns, of no length', () => {
    const at = (to: number, joint: object) =>
      refusal(file({ to, bodies: [moving(box([0, 0, 0], [5, 5, 5]), joint)] }));
    expect(at(100, slide([1, 0, 0], 300))).toMatch(/joints\[0\]: This slides over 20 m/);
    expect(at(1000, { kind: 'turn', point: [0, 0, 0], axis: [0, 0, 1] })).toMatch(
      /more than a hundred times/,
    );
    expect(at(1e-9, slide([1, 0, 0]))).toMatch(/^movers\[0\]\.to: The travel must end after it begins/);
    expect(at(1e300, slide([1, 0, 0], 0))).toMatch(/This is no travel/);
  });
});

it('the ground of a pair a hair past the end of a travel is that of the end', () => {
  const drawer = (id: string, x: number, direction: readonly number[]) => ({
    id,
    unit: 'mm',
    to: 300,
    bodies: [{ id: `${id}b`, pieces: [box([x, 0, 0], [x + 100, 100, 50])], joints: [slide(direction)] }],
  });
  // Drawn out all the way each, they stand in the same place.
  const raw = { format: 'tarnpass-scene', version: 1, bodies: [], movers: [drawer('a', 0, [1, 0, 0]), drawer('b', 600, [-1, 0, 0])] }; // prettier-ignore
  const [a, b] = sceneOf(raw).movers as [Scene['movers'][number], Scene['movers'][number]];
  const map = new PairMaps().of(a, b)!;
  const past = 300 * (1 + Number.EPSILON);
  for (const [ta, tb] of [
    [300, 300],
    [past, 300],
    [300, past],
    [past, past],
  ] as const) {
    expect(groundAt(map, ta, tb)).toBe(BLOCKED);
    expect(groundAlong(map, 0, ta, tb)).toBe(BLOCKED);
  }
  expect(groundAt(map, -Number.MIN_VALUE, 0)).toBe(FREE);
});
