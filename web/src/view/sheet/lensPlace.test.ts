import { dice } from '../../testing/dice';
import { lensBounds, lensPlace } from './lensPlace';

const room = { x: 0, y: 0, width: 600, height: 400 };

describe('the lens', () => {
  it('stands on empty floor near what it is about, smaller in a crowded room, and nowhere in a full one', () => {
    const cupboard = { x: 0, y: 300, width: 600, height: 100 };
    const wide = lensPlace(room, [cupboard], [100, 300])!;
    expect(wide.radius).toBe(98);
    expect(wide.y + wide.radius).toBeLessThan(300);
    expect(wide.x).toBeLessThan(130);
    const crowded = lensPlace(room, [cupboard, { x: 0, y: 150, width: 600, height: 150 }], [100, 300])!;
    expect(crowded.radius).toBeLessThan(98);
    expect(crowded.y + crowded.radius).toBeLessThan(150);
    expect(lensPlace(room, [{ x: 0, y: 60, width: 600, height: 340 }], [100, 300])).toBeUndefined();
  });

  it('takes the room of its ring and of the tag at its foot', () => {
    expect(lensBounds({ x: 100, y: 100, radius: 50 })).toEqual({ x: 50, y: 50, width: 100, height: 116 });
  });

  it('keeps off everything, in a hundred crowded rooms', () => {
    const next = dice(5);
    for (let i = 0; i < 100; i += 1) {
      const obstacles = Array.from({ length: 4 }, () => ({
        x: next(0, 550),
        y: next(0, 350),
        width: next(5, 120),
        height: next(5, 120),
      }));
      const found = lensPlace(room, obstacles, [next(0, 600), next(0, 400)]);
      if (!found) continue;
      for (const { x, y, width, height } of obstacles) {
        const [dx, dy] = [
          Math.max(x - found.x, 0, found.x - x - width),
          Math.max(y - found.y, 0, found.y - y - height),
        ];
        expect(Math.hypot(dx, dy)).toBeGreaterThanOrEqual(found.radius + 6 - 1e-9);
      }
    }
  });
});
