import { keptOf } from './keptOf';

describe('what is kept of two objects', () => {
  it('is worked out once for the two and the numbers with them, undefined as well, and anew for any other', () => {
    let made = 0;
    const outline = keptOf((a: { x: number }, b: { k: number }, travel: number) => {
      made += 1;
      return travel < 0 ? undefined : [a.x * b.k + travel];
    });
    const [part, other, frame, zoomed] = [{ x: 1 }, { x: 1 }, { k: 2 }, { k: 2 }];
    expect(outline(part, frame, 5)).toBe(outline(part, frame, 5));
    expect(outline(part, frame, -1)).toBeUndefined();
    expect(outline(part, frame, -1)).toBeUndefined();
    expect(made).toBe(2);
    for (const [a, b, travel] of [
      [other, frame, 5],
      [part, zoomed, 5],
      [part, frame, 6],
    ] as const)
      expect(outline(a, b, travel)).not.toBe(outline(part, frame, 5));
    expect(made).toBe(5);
  });
});
