import { INCHES, MILLIMETRES } from '@tarnpass/core';
import { arrowShift, dragged } from './gripDrag';

describe('a grip on the sheet', () => {
  it('is shifted by a step of the units, by ten with Shift, and by no other key', () => {
    expect(arrowShift({ key: 'ArrowRight', shiftKey: false }, MILLIMETRES)).toEqual([1, 0]);
    expect(arrowShift({ key: 'ArrowDown', shiftKey: true }, MILLIMETRES)).toEqual([0, -10]);
    expect(arrowShift({ key: 'ArrowUp', shiftKey: false }, INCHES)![1]).toBeCloseTo(25.4 / 16, 9);
    expect(arrowShift({ key: 'a', shiftKey: false }, MILLIMETRES)).toBeUndefined();
  });

  it('follows its pointer, upward as the sheet counts, until that lets go', () => {
    const heard = new Map<string, (event: unknown) => void>();
    const target = {
      setPointerCapture: () => undefined,
      addEventListener: (name: string, act: (event: unknown) => void) => void heard.set(name, act),
      removeEventListener: (name: string) => void heard.delete(name),
    };
    const moves: (readonly [number, number])[] = [];
    let ended = 0;
    dragged(
      {
        stopPropagation: () => undefined,
        currentTarget: target,
        pointerId: 1,
        clientX: 100,
        clientY: 50,
      } as never,
      (right, up) => moves.push([right, up]),
      () => (ended += 1),
    );
    heard.get('pointermove')!({ clientX: 130, clientY: 20 });
    heard.get('pointerup')!({});
    expect([moves, ended, heard.has('pointermove')]).toEqual([[[30, 30]], 1, false]);
  });
});
