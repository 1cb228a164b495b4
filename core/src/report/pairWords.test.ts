import { PairMaps } from '../clearance/pairMaps';
import { finish } from '../clearance/steps';
import { INCHES } from '../length/units';
import type { Mover } from '../scene/scene';
import { box, type Point3 } from '../solid/prism';
import { deg, door, mover } from '../testing/leaves';
import { pairLines, passOf } from './pass';

const slide = (id: string, direction: Point3, to: number, ...solids: ReturnType<typeof box>[]) =>
  mover(id, { kind: 'slide', direction }, to, ...solids);
const lineOf = (a: Mover, b: Mover) => finish(pairLines({ still: [], movers: [a, b] }, new PairMaps()))[0]!;

const a = slide('a', [1, 0, 0], 400, box([0, 0, 0], [100, 100, 100]));

describe('the words for two parts say no more than was proven', () => {
  it('together: neither goes all the way alone, and a way keeps 50 mm', () => {
    const b = slide(
      'b',
      [0, 1, 0],
      300,
      box([200, 50, 0], [250, 400, 100]),
      box([260, -300, 0], [300, -200, 100]),
    );
    expect(lineOf(a, b)).toMatchObject({
      word: 'together',
      sentence:
        'a and b meet whichever opens first: they go together along the way through. With b shut, a goes to 100 mm, 300 mm short.',
    });
    const { keeps } = passOf({ still: [], movers: [a, b] }, new PairMaps(), 'a', 'b');
    expect(keeps!.lower).toBeGreaterThan(45);
  });

  it('second only: shutting the one does not let the other open', () => {
    const b = slide('b', [0, 1, 0], 300, box([450, -350, 0], [480, 40, 100]));
    const { word, sentence } = lineOf(a, b);
    expect(word).toBe('second only');
    expect(sentence).toBe(
      'a does not open past b: it goes to 350 mm with that shut, to 350 mm with it open, of 400 mm.',
    );
    expect(lineOf(b, a)).toMatchObject({ word: 'first only', sentence });
  });

  it('first only: where the one part way open lets the other through, it says where', () => {
    // A gate with an opening from 230 to 340 of its height, where a bar 100 high comes through.
    const gate = slide(
      'gate',
      [0, 0, -1],
      300,
      box([150, 0, 340], [160, 100, 800]),
      box([150, 0, -500], [160, 100, 110]),
    );
    const bar = slide('bar', [1, 0, 0], 400, box([-300, 0, 0], [100, 100, 100]));
    const { word, sentence } = lineOf(gate, bar);
    expect(word).toBe('first only');
    expect(sentence).toMatch(
      /^bar does not open past gate: it goes to 50 mm with that shut, to 50 mm with it open, of 400 mm\. It opens fully with gate at 11\d\.?\d* mm to 23\d/,
    );
  });

  it('one at a time: each opens with the other shut', () => {
    const b = slide('b', [-1, 0, 0], 250, box([600, 0, 0], [700, 100, 100]));
    expect(lineOf(a, b)).toMatchObject({
      word: 'one at a time',
      sentence:
        'a and b cannot both stand open: shut one before you open the other. With b open, a goes to 250 mm, 150 mm short.',
    });
  });

  it('neither, and standing in each other from the start', () => {
    const each = slide(
      'b',
      [0, 1, 0],
      100,
      box([200, 50, 0], [250, 90, 100]),
      box([0, -100, 0], [100, -20, 100]),
      box([420, -90, 0], [480, -20, 100]),
    );
    expect(lineOf(a, each)).toMatchObject({
      word: 'neither',
      sentence:
        'Neither a nor b opens fully beside the other, shut or open. With b shut, a goes to 100 mm, 300 mm short. With a shut, b goes to 20 mm, 80 mm short.',
    });
    const inside = slide('b', [0, 1, 0], 30, box([50, 50, 0], [150, 150, 100]));
    expect(lineOf(a, inside).sentence).toBe('a and b stand in each other when both are shut.');
  });

  it('parted: free of each other open, and nothing leads there', () => {
    const past = slide('b', [-1, 0, 0], 600, box([300, 0, 0], [400, 100, 100]));
    expect(lineOf({ ...a, to: 600 }, past)).toMatchObject({
      word: 'parted',
      sentence:
        'a and b would be free of each other open, but nothing leads there from shut. With b shut, a goes to 200 mm, 400 mm short. With a shut, b goes to 200 mm, 400 mm short.',
    });
    // From farther off each opens fully while the other is shut.
    const far = slide('b', [-1, 0, 0], 580, box([690, 0, 0], [790, 100, 100]));
    expect(lineOf(a, far).sentence).toMatch(
      /nothing leads there from shut: shut one before you open the other\./,
    );
  });

  it('first first: the other way round they meet, where that is proven', () => {
    const lapped = slide('b', [0, -1, 0], 300, box([50, 101, 0], [150, 120, 100]));
    expect(lineOf(a, lapped).sentence).toBe('Open a first, then b: the other way round they meet.');
  });

  it('never meet: how much stays between them, and never near only beyond the watch distance', () => {
    const beside = (gap: number) => slide('b', [1, 0, 0], 400, box([0, 100 + gap, 0], [100, 200, 100]));
    expect(lineOf(a, beside(60)).sentence).toBe('a and b never come near each other.');
    expect(lineOf(a, beside(12.38)).sentence).toBe(
      'a and b never meet: at least 12.3 mm stays between them wherever they stand.',
    );
    expect(lineOf(a, beside(0.02)).sentence).toBe(
      'a and b never meet, though they may pass within a hair of each other.',
    );
    const inInches = finish(pairLines({ still: [], movers: [a, beside(12.38)] }, new PairMaps(), INCHES));
    expect(inInches[0]!.sentence).toContain('at least 7/16 in');
  });

  it('one thing: of ways of it, of what rides on it and of what opens in its place', () => {
    const thing = { ...a, thing: 'a' };
    const goes = (how: Mover['goes']) => ({
      ...slide('b', [0, 1, 0], 300, box([0, 0, 0], [100, 100, 100])),
      thing: 'a',
      ...(how && { goes: how }),
    });
    expect(lineOf(thing, goes('instead'))).toMatchObject({
      word: 'one thing',
      sentence: 'a and b are two ways of one thing: it goes one way at a time.',
    });
    expect(lineOf(goes('along'), thing).sentence).toBe('b: it rides on a, and opens once that is out.');
    expect(lineOf(thing, goes('in place')).sentence).toBe('b: it opens where it stands, while a is shut.');
  });

  it('touching when shut is no doubt, and where they touch open it is said', () => {
    const beside = slide('b', [1, 0, 0], 400, box([0, 100, 0], [100, 200, 100]));
    expect(lineOf(a, beside).word).toBe('any order');
    // Both end against each other, 500 to 500.
    const against = slide('b', [-1, 0, 0], 400, box([900, 0, 0], [1000, 100, 100]));
    expect(lineOf(a, against)).toMatchObject({
      word: 'not proven',
      sentence: 'Whether a and b can both stand open is not proven: there they just touch.',
    });
  });

  it('what passes within a thousandth of a millimetre is decided, either way', () => {
    const leaf = door('leaf', 0, 0, 1);
    const tray = (gap: number) => {
      // Its corner lies where the leaf's own comes by, on the way from east to south.
      const at = (Math.hypot(500, 20) + gap) / Math.SQRT2;
      return slide('tray', [1, 0, 0], 400, box([at, -at - 300, 0], [at + 300, -at, 100]));
    };
    expect(lineOf(leaf, tray(0.001)).word).toBe('any order');
    expect(lineOf(leaf, tray(-0.001)).word).toBe('second first');
  });

  it('a leaf that meets its own other half is not stopped by its neighbour', () => {
    const leaf = door('leaf', 0, 0, 1);
    // A second body of the leaf's own that stands still, in its way at 45°.
    const stop = { ...leaf.bodies[0]!, id: 'leaf/stop', pieces: [box([300, -360, 0], [320, -340, 800])], motion: mover('s', { kind: 'slide', direction: [0, 0, 1] }, 1).bodies[0]!.motion }; // prettier-ignore
    const stopped: Mover = { ...leaf, bodies: [...leaf.bodies, stop] };
    const drawer = slide('tray', [0, -1, 0], 100, box([600, 0, 0], [700, 300, 10]));
    const far = slide('far', [0, -1, 0], 900, box([450, -1000, 900], [1200, -20, 905]));
    for (const other of [drawer, far]) expect(lineOf(stopped, other).sentence).not.toMatch(/leaf goes to/);
    expect(deg(45)).toBeLessThan(leaf.to);
  });
});
