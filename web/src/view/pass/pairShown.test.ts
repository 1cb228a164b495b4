import type { PairLine, PairWord, Scene } from '@tarnpass/core';
import { BLOCKED, CELLS, FREE, type Pass } from '@tarnpass/core';
import { contoursOf, groundOf } from './passContours';
import { pairShown } from './pairShown';

const scene = (...ids: string[]) => ({ still: [], movers: ids.map((id) => ({ id })) }) as unknown as Scene;
const line = (a: string, b: string, word: PairWord) => ({ a, b, word }) as PairLine;

describe('the pair that the pass shows', () => {
  const lines = [
    line('a', 'b', 'never meet'),
    line('a', 'c', 'first first'),
    line('b', 'c', 'neither'),
    line('c', 'd', 'not proven'),
  ];
  const all = scene('a', 'b', 'c', 'd');

  it('is the chosen one while both are there, else the one that most wants looking at', () => {
    expect(pairShown(all, lines, ['a', 'b'], null)).toEqual(['a', 'b']);
    expect(pairShown(scene('a', 'c', 'd'), lines, ['a', 'b'], null)).toEqual(['c', 'd']);
    expect(pairShown(all, lines, null, null)).toEqual(['b', 'c']);
  });

  it('of those with the selected part where there is one, and none where nothing is left', () => {
    expect(pairShown(all, lines, null, 'a')).toEqual(['a', 'c']);
    expect(pairShown(all, lines, null, 'd')).toEqual(['c', 'd']);
    // A part in no pair leaves the choice among all.
    expect(pairShown(all, lines, null, 'e')).toEqual(['b', 'c']);
    expect(pairShown(scene('a'), lines, null, null)).toBeNull();
  });
});

describe('the map of a pair', () => {
  const cells = (blocked: (i: number, j: number) => boolean) =>
    Uint8Array.from({ length: CELLS * CELLS }, (_, k) =>
      blocked(Math.floor(k / CELLS), k % CELLS) ? BLOCKED : FREE,
    );
  const pass = (ground: Uint8Array | undefined, room?: Uint16Array) => ({ ground, room }) as unknown as Pass;
  const extent = (path: string) => {
    const points = [...path.matchAll(/([-\d.]+),([-\d.]+)/g)].map(
      ([, x, y]) => [Number(x), Number(y)] as const,
    );
    const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)];
    return [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
  };

  it('has blocked ground where the first part’s travel runs to the right and the second’s upwards', () => {
    // The first part beyond three quarters, with the second within a quarter: the lower right corner.
    const path = groundOf(pass(cells((i, j) => i >= 0.75 * CELLS && j < 0.25 * CELLS)), 400)!;
    const [left, right, top, bottom] = extent(path);
    for (const [value, wanted] of [
      [left, 300],
      [right, 400],
      [top, 300],
      [bottom, 400],
    ] as const)
      expect(Math.abs(value! - wanted)).toBeLessThan(4);
    expect(groundOf(pass(cells(() => false)), 400)).toBeUndefined();
    expect(groundOf(pass(undefined), 400)).toBeUndefined();
  });

  it('has a contour for every clearance that is reached, and none beyond', () => {
    // Room grows evenly with the first part's travel to 25 mm, told in tenths and one.
    const room = Uint16Array.from(
      { length: CELLS * CELLS },
      (_, k) => 1 + Math.round((250 * Math.floor(k / CELLS)) / (CELLS - 1)),
    );
    const lines = contoursOf(pass(undefined, room), 400);
    expect(lines.map(({ mm }) => mm)).toEqual([5, 10, 20]);
    // 10 of 25 is reached at two fifths of the way.
    const [left] = extent(lines[1]!.path);
    expect(Math.abs(left! - 160)).toBeLessThan(8);
    expect(contoursOf(pass(undefined), 400)).toEqual([]);
  });
});
