import { lensPlace } from './lensPlace';

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
});
