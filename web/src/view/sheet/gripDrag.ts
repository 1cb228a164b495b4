import type { Units } from '@tarnpass/core';
import { stepOf } from './snap';

/** A pointer that holds a grip of the sheet: `move` hears how far it has come, px to the right and up, `end` that it let go. */
export function dragged(
  event: React.PointerEvent<SVGGElement>,
  move: (right: number, up: number) => void,
  end: () => void,
): void {
  event.stopPropagation();
  const target = event.currentTarget;
  target.setPointerCapture(event.pointerId);
  const [x, y] = [event.clientX, event.clientY];
  const onMove = (now: PointerEvent) => move(now.clientX - x, y - now.clientY);
  target.addEventListener('pointermove', onMove);
  target.addEventListener(
    'pointerup',
    () => {
      target.removeEventListener('pointermove', onMove);
      end();
    },
    { once: true },
  );
}

const WAYS: Record<string, readonly [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
};

/** How far an arrow key shifts, mm to the right and up: a step, with Shift ten; undefined of any other key. */
export function arrowShift(
  { key, shiftKey }: Pick<React.KeyboardEvent, 'key' | 'shiftKey'>,
  units: Units,
): readonly [number, number] | undefined {
  const way = WAYS[key];
  const step = (shiftKey ? 10 : 1) * stepOf(units);
  return way && [way[0] * step, way[1] * step];
}
