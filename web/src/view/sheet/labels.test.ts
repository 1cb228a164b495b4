import { dice } from '../../testing/dice';
import { layLabels, textWidth, type LabelBox, type LabelWish } from './labels';

const at = (x: number, y: number, width = 40, height = 12, beside = false): LabelBox => ({
  x,
  y,
  width,
  height,
  ...(beside && { beside }),
});
const wish = (key: string, ...places: LabelBox[]): LabelWish => ({ key, places });
const overlap = (a: LabelBox, b: LabelBox) =>
  a.x < b.x + b.width && b.x < a.x + a.width && a.y < b.y + b.height && b.y < a.y + a.height;

describe('labels on the sheet', () => {
  it('take their first free place, those named first before the others; one with none is left out', () => {
    const placed = layLabels([
      wish('a', at(0, 0)),
      wish('b', at(20, 5), at(0, 12)),
      wish('c', at(10, 10), at(39, 11)),
    ]);
    expect([...placed]).toEqual([
      ['a', at(0, 0)],
      ['b', at(0, 12)],
    ]);
    // Edge to edge is apart.
    expect(layLabels([wish('a', at(0, 0)), wish('b', at(40, 0))]).size).toBe(2);
  });

  it('keep off what is taken, off their own marks, and within the view', () => {
    const free = at(60, 40);
    expect(layLabels([wish('a', at(0, 0), free)], { taken: [at(30, 0)] }).get('a')).toBe(free);
    expect(layLabels([{ key: 'a', places: [at(0, 0), free], off: [at(39, 11)] }]).get('a')).toBe(free);
    expect(layLabels([wish('a', at(70, 0), at(61, 0), at(60, 0))], { size: [100, 12] }).get('a')!.x).toBe(60);
    expect(layLabels([wish('a', at(-1, 0))], { size: [100, 12] }).size).toBe(0);
  });

  it('beside their own thing lie on no other, and within its room; elsewhere they may', () => {
    const things = new Map([
      ['own', at(0, 0, 50, 50)],
      ['other', at(60, 0, 50, 50)],
    ]);
    const over = (x: number, beside: boolean, key = 'own') =>
      layLabels([wish(key, at(x, 10, 40, 12, beside))], { things }).size;
    expect([over(5, true), over(70, true), over(70, false), over(70, true, 'other')]).toEqual([1, 0, 1, 1]);
    const room = at(0, 0, 100, 100);
    expect(layLabels([wish('own', at(80, 80, 40, 12, true))], { room }).size).toBe(0);
    expect(layLabels([wish('own', at(60, 80, 40, 12, true))], { room }).size).toBe(1);
  });

  it('never lie on one another nor leave the view, among hundreds', () => {
    const next = dice(11);
    const some = () => at(next(-50, 900), next(-20, 600), next(5, 160), next(8, 30));
    const wishes = Array.from({ length: 300 }, (_, i) => wish(`${i}`, some(), some(), some()));
    const taken = Array.from({ length: 10 }, some);
    const placed = [...layLabels(wishes, { taken, size: [900, 600] }).values()];
    expect(placed.length).toBeGreaterThan(30);
    for (const [i, a] of placed.entries()) {
      expect(a.x >= 0 && a.y >= 0 && a.x + a.width <= 900 && a.y + a.height <= 600).toBe(true);
      for (const b of [...placed.slice(i + 1), ...taken]) expect(overlap(a, b)).toBe(false);
    }
  });

  it('are as wide as their letters', () => {
    expect(textWidth('1050', 15)).toBeCloseTo(4 * 15 * 0.58, 9);
  });
});
