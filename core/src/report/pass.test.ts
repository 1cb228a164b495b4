import { finish } from '../clearance/steps';
import { PairMaps } from '../clearance/pairMaps';
import type { Mover, Scene } from '../scene/scene';
import { box } from '../solid/prism';
import { door, mover } from '../testing/leaves';
import { openingOrder } from './opening';
import { pairLines, passOf } from './pass';

const sceneOf = (...movers: Mover[]): Scene => ({ still: [], movers });
const wordOf = (...movers: Mover[]) => finish(pairLines(sceneOf(...movers), new PairMaps()))[0]!.word;

/** Two leaves of one front; the second has a lip that lies behind the first. */
const covering = door('cover', 0, 0, 1);
const lapped: Mover = {
  ...door('lapped', 1010, 0, -1),
  bodies: door('lapped', 1010, 0, -1).bodies.map((body) => ({
    ...body,
    pieces: [...body.pieces, box([480, 22, 0], [512, 40, 800])],
  })),
};
/** Runs out to within a few millimetres of the arc of a leaf. */
const tray = mover(
  'tray',
  { kind: 'slide', direction: [0, 1, 0] },
  400,
  box([356, -1100, 0], [700, -756, 300]),
);
/** On the front across an aisle of 700, hinged at the same end. */
const opposite = mover(
  'opposite',
  { kind: 'turn', point: [0, -700, 0], axis: [0, 0, 1] },
  Math.PI / 2,
  box([0, -720, 0], [500, -700, 800]),
);

describe('two parts that move', () => {
  it.each([
    ['never meet', [door('a', 0, 0, 1), door('b', 3000, 0, 1)]],
    ['any order', [door('a', 0, 0, 1), tray]],
    ['first first', [covering, lapped]],
    ['second first', [lapped, covering]],
  ] as const)('%s', (word, movers) => {
    expect(wordOf(...movers)).toBe(word);
  });

  it('leaves across a narrow aisle go one at a time, and no order opens both', () => {
    const leaf = door('leaf', 0, 0, 1);
    const scene = sceneOf(leaf, opposite);
    const maps = new PairMaps();
    const [line] = finish(pairLines(scene, maps));
    expect(line!.word).toBe('one at a time');
    expect(line!.sentence).toBe(
      'leaf and opposite cannot both stand open: shut one before you open the other. With opposite open, leaf goes to 84°, 6° short.',
    );
    expect(passOf(scene, maps, 'leaf', 'opposite').way).toBeUndefined();
    expect(openingOrder(scene, maps, { leaf: leaf.to, opposite: opposite.to })).toEqual({
      kind: 'none',
      pair: ['leaf', 'opposite'],
      why: 'there',
    });
  });

  it('opens the covering leaf before the lapped one, and the way through says the same', () => {
    const scene = sceneOf(lapped, covering);
    const maps = new PairMaps();
    const order = openingOrder(scene, maps, { cover: covering.to, lapped: lapped.to });
    expect(order.kind === 'order' && order.moves.map((move) => move.kind === 'one' && move.part)).toEqual([
      'cover',
      'lapped',
    ]);
    const { way, keeps } = passOf(scene, maps, 'cover', 'lapped');
    expect(way!.at(-1)).toEqual([covering.to, lapped.to]);
    expect(way!.some(([a, b]) => a > 0.5 && b < 0.2)).toBe(true);
    expect(keeps!.lower).toBeGreaterThanOrEqual(0);
  });
});
