import { AT_REST, motionOf } from '../motion/motion';
import { halfSpace } from '../solid/halfSpace';
import { box } from '../solid/prism';
import type { Body, Mover, MovingBody } from '../scene/scene';
import { SceneChecker } from './checkScene';
import { SameContent } from './sameContent';

const piece = box([0, 0, 0], [10, 20, 30]);
/** A body and a mover with every field there is: the types see to it that a new one is put here. */
const body: Required<Body> = {
  id: 'b',
  name: 'a post',
  item: 'posts',
  pieces: [piece],
  zone: true,
  doubt: 2,
  toCome: true,
  row: 'front',
  parked: 'm',
  meant: [{ own: 'b', other: 'd', depth: 1 }],
  parts: [{ id: 'b/all', name: 'all of it', keys: ['b'] }],
  link: 'l',
  keys: ['b'],
  round: true,
  surface: { kind: 'wall', corner: 'east' },
};
const moving: Required<MovingBody> = {
  ...body,
  pieces: [piece],
  motion: AT_REST,
  own: AT_REST,
  riders: ['r'],
  shell: 1,
};
const mover: Required<Mover> = {
  id: 'm',
  item: 'door',
  name: 'a door',
  own: 'Left leaf',
  heads: 'left',
  bodies: [moving],
  unit: 'mm',
  from: 0,
  to: 5,
  thing: 't',
  goes: 'along',
  ride: { on: 'h', by: 'h/leaf', while: 'shut' },
  behind: ['x'],
  joined: true,
  contacts: [{ moving: 'b', still: 'c', from: 0, to: 1, depth: 0 }],
  needs: { around: 1, of: {} },
};

/** What each field is changed to. */
const OTHER_BODY: { readonly [Key in keyof Required<MovingBody>]: unknown } = {
  id: 'c', name: 'a pole', item: 'poles', pieces: [box([0, 0, 0], [10, 20, 31])], zone: undefined, doubt: 3, toCome: undefined,
  row: 'back', parked: 'n', meant: [{ own: 'b', other: 'd', depth: 2 }], motion: motionOf({ kind: 'slide', direction: [1, 0, 0] }),
  parts: [{ id: 'b/all', name: 'all', keys: ['b'], round: true }], link: undefined, keys: undefined, round: undefined, surface: { kind: 'wall', corner: 'north' },
  own: motionOf({ kind: 'slide', direction: [1, 0, 0] }), riders: ['s'], shell: 2,
}; // prettier-ignore
const OTHER_MOVER: { readonly [Key in keyof Required<Mover>]: unknown } = {
  id: 'n',
  item: 'lid',
  name: 'a lid',
  own: undefined,
  heads: 'right',
  bodies: [{ ...moving, name: 'a leaf' }],
  unit: 'rad',
  ride: { on: 'h', by: 'h/leaf', while: 'open' },
  from: 1,
  to: 6,
  thing: 'u',
  goes: 'instead',
  behind: [],
  joined: undefined,
  contacts: [],
  needs: { around: 2, of: {} },
};

describe('what a checker knows again', () => {
  it.each(Object.keys(OTHER_BODY) as (keyof MovingBody)[])('is another body with another %s', (field) => {
    const content = new SameContent();
    const other = { ...moving, [field]: OTHER_BODY[field] } as MovingBody;
    expect(content.firstOf(moving)).toBe(moving);
    expect(content.firstOf(other)).toBe(other);
    expect(content.firstOf({ ...moving })).toBe(moving);
  });

  it.each(Object.keys(OTHER_MOVER) as (keyof Mover)[])('is another mover with another %s', (field) => {
    const content = new SameContent();
    const other = { ...mover, [field]: OTHER_MOVER[field] } as Mover;
    expect(content.keyOfMover(other)).not.toBe(content.keyOfMover(mover));
    expect(content.keyOfMover({ ...mover, bodies: [{ ...moving }] })).toBe(content.keyOfMover(mover));
  });

  it('is told by its coordinates where the hashes are alike', () => {
    const content = new SameContent(() => 'the same for all');
    const plane = { ...body, pieces: [halfSpace([0, 0, 1], [0, 0, 1])] };
    const shifted = { ...body, pieces: [box([0, 0, 0], [10, 20, 30.000001])] };
    for (const one of [body, shifted, plane]) expect(content.firstOf(one)).toBe(one);
    expect(content.firstOf({ ...shifted })).toBe(shifted);
  });

  it('is let go of by how many solids it has, since they are what is remembered', () => {
    const content = new SameContent();
    const many = Array.from({ length: 100 }, (_, i) => box([0, 0, 0], [10, 20, 31 + i]));
    const old = Array.from({ length: 11 }, (_, i) => ({ ...body, id: `old ${i}`, pieces: many }));
    old.slice(0, 10).forEach((one) => content.firstOf(one));
    content.forgetBut(new Set([moving]));
    expect(content.firstOf({ ...old[0]! })).toBe(old[0]);
    content.firstOf(old[10]!);
    content.forgetBut(new Set([moving]));
    const again = { ...old[0]! };
    expect(content.firstOf(again)).toBe(again);
  });

  it('is still known when others were let go of', () => {
    const content = new SameContent();
    const kept = content.keyOfMover(mover);
    for (let i = 0; i < 1200; i += 1) content.firstOf({ ...body, id: `old ${i}` });
    content.forgetBut(new Set([moving]));
    expect(content.keyOfMover({ ...mover, bodies: [{ ...moving }] })).toBe(kept);
  });

  it('a mover that no longer hangs together with its track is checked anew', () => {
    const leaf = { id: 'l', name: 'l', item: 'door', pieces: [box([0, 0, 0], [100, 10, 10])], motion: motionOf({ kind: 'slide', direction: [1, 0, 0] }) }; // prettier-ignore
    const track = { id: 't', name: 't', item: 'door', pieces: [box([150, 0, 0], [160, 10, 10])] };
    const door = {
      id: 'door',
      item: 'door',
      name: 'door',
      unit: 'mm' as const,
      from: 0,
      to: 90,
      bodies: [leaf],
      contacts: [],
      needs: { around: 0, of: {} },
    };
    const checker = new SceneChecker();
    const verdict = (one: Mover) => checker.check({ still: [track], movers: [one] }).movers[0]!.verdict;
    expect([verdict({ ...door, joined: true }), verdict(door)]).toEqual(['clear', 'hits']);
  });
});
