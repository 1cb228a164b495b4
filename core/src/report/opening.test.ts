import { PairMaps } from '../clearance/pairMaps';
import { SceneChecker } from '../clearance/checkScene';
import type { Body, Mover, Scene } from '../scene/scene';
import { box, type Point3 } from '../solid/prism';
import { deg, door, mover } from '../testing/leaves';
import { fullestOpening, openedInTurn, openingOrder, openTravels } from './opening';

const slide = (id: string, direction: Point3, to: number, ...solids: ReturnType<typeof box>[]) =>
  mover(id, { kind: 'slide', direction }, to, ...solids);
const post = (id: string, ...pieces: ReturnType<typeof box>[]): Body => ({
  id,
  name: `the ${id}`,
  item: id,
  pieces,
});

function opened(movers: readonly Mover[], still: readonly Body[] = []) {
  const scene: Scene = { still, movers };
  const { movers: checks } = new SceneChecker().check(scene);
  return { scene, checks, ...fullestOpening(scene, checks, new PairMaps()) };
}
const stepsOf = ({ order }: ReturnType<typeof opened>) =>
  order.kind === 'order' &&
  order.moves.map((move) => (move.kind === 'one' ? [move.part, move.to] : move.parts));

/** Two leaves of one front, the second lapped behind the first by 20 mm. */
const covering = door('cover', 0, 0, 1);
const lapped = mover(
  'lapped',
  { kind: 'turn', point: [980, 0, 0], axis: [0, 0, 1] },
  deg(90),
  box([480, 22, 0], [980, 40, 800]),
);

describe('opening all in order', () => {
  it('goes as far as what stands still leaves, not as shut neighbours do', () => {
    const found = opened([lapped, covering]);
    // With the cover shut the lapped leaf goes no farther than a few degrees.
    expect(found.checks[0]!.usable).toBeLessThan(deg(5));
    expect(found).toMatchObject({ never: undefined, less: [], goal: { lapped: deg(90), cover: deg(90) } });
    expect(stepsOf(found)).toEqual([
      ['cover', deg(90)],
      ['lapped', deg(90)],
    ]);
  });

  it('tells less as less, and what stops it: what stands still, or another part', () => {
    const stop = post('post', box([300, -420, 0], [360, -400, 800]));
    const found = opened([lapped, covering], [stop]);
    const [less, ...others] = found.less;
    expect(others).toEqual([]);
    expect(less).toMatchObject({ part: 'cover', by: { kind: 'body', id: 'post' } });
    expect(less!.to).toBe(found.checks[1]!.usable);
    expect(found.goal['cover']).toBe(less!.to);
  });

  it('of two that cannot both stand open, says so and opens the one fully and the other as far as it goes', () => {
    const out = slide('tray', [0, -1, 0], 400, box([100, 30, 0], [450, 500, 100]));
    const across = slide('bar', [-1, 0, 0], 300, box([600, -300, 0], [900, -250, 100]));
    const found = opened([out, across]);
    expect(found.never).toEqual({ kind: 'none', pair: ['tray', 'bar'], why: 'there' });
    expect(found.less).toHaveLength(1);
    const [less] = found.less;
    // The bar goes to 450, 150 of its 300; the tray would go to 280 of its 400.
    expect(less).toMatchObject({ part: 'tray', by: { kind: 'part', id: 'bar' } });
    expect(less!.to).toBe(279);
    expect(stepsOf(found)).toEqual([
      ['bar', 300],
      ['tray', less!.to],
    ]);
  });

  it('leaves shut what does not open at all, and tells that', () => {
    const held = post('bolt', box([200, -10, 0], [240, 0, 100]));
    const found = opened([covering], [held]);
    expect(found.less).toEqual([{ part: 'cover', to: 0, by: { kind: 'body', id: 'bolt' } }]);
    expect(found.order).toEqual({ kind: 'order', moves: [] });
  });

  it('of a goal that a person asks is for that, shut parts too', () => {
    const scene: Scene = { still: [], movers: [lapped, covering] };
    const found = openingOrder(scene, new PairMaps(), { lapped: deg(60), cover: 0 });
    // The cover opens, lets the other out, and shuts again before it, if it can.
    expect(
      found.kind === 'order' && found.moves.map((move) => move.kind === 'one' && [move.part, move.to]),
    ).toEqual([
      ['cover', deg(90)],
      ['lapped', deg(60)],
      ['cover', 0],
    ]);
  });

  it('of what rides on a thing waits until that is out, and opens no lid of one that does not come out', () => {
    const bin: Mover = { ...slide('bin', [0, -1, 0], 400, box([0, 0, 0], [300, 400, 500])), thing: 'bin' };
    const lid: Mover = { ...slide('lid', [0, -1, 0], 450, box([0, 0, 500], [300, 400, 503])), thing: 'bin', goes: 'along' }; // prettier-ignore
    expect(stepsOf(opened([lid, bin]))).toEqual([
      ['bin', 400],
      ['lid', 450],
    ]);
    const found = opened([lid, bin], [post('post', box([0, -350, 0], [300, -300, 100]))]);
    expect(found.goal['lid']).toBeUndefined();
    expect(found.goal['bin']).toBeCloseTo(300, 3);
    expect(found.less.map(({ part }) => part).sort()).toEqual(['bin', 'lid']);
    expect(stepsOf(found)).toEqual([['bin', found.goal['bin']]]);
  });
});

describe('opened in turn', () => {
  it('leaves that lap open one after the other, and what they close only once they are open', () => {
    const tray = {
      ...slide('tray', [0, -1, 0], 400, box([40, 60, 0], [470, 500, 100])),
      behind: ['cover', 'lapped'],
    };
    const scene: Scene = { still: [], movers: [tray, lapped, covering] };
    const { movers: checks } = new SceneChecker().check(scene);
    expect(openedInTurn(scene, checks, ['lapped'])).toEqual({});
    expect(openedInTurn(scene, checks, ['lapped', 'cover'])).toEqual({ lapped: deg(90), cover: deg(90) });
    const all = openedInTurn(scene, checks, ['tray']);
    expect(all).toMatchObject({ lapped: deg(90), cover: deg(90) });
    expect(all['tray']).toBe(checks[0]!.usable);
  });

  it('each goes as far as it would alone', () => {
    const { scene, checks } = opened([lapped, covering]);
    expect(openTravels(scene, checks)).toEqual({ goal: { lapped: deg(90), cover: deg(90) }, less: [] });
  });
});
