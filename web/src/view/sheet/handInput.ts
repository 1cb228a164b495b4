import type { useByHand } from './useByHand';

type Hand = ReturnType<typeof useByHand>;

/** What stands, or what moves, under a press: by its id. */
const pressed = (target: Element): string | null | undefined =>
  target.closest('[data-item]')?.getAttribute('data-item') ??
  target.closest('[data-part]')?.getAttribute('data-part');

/**
 * Pointer presses on the selected item or a handle of it move it; with Shift on another it is selected as well; all else
 * is left to pan and select.
 */
export function pressing(hand: Hand, selected: string | null, onAlso: (id: string) => void) {
  const at = (event: React.PointerEvent): [number, number] => {
    const { left, top } = event.currentTarget.getBoundingClientRect();
    return [event.clientX - left, event.clientY - top];
  };
  return {
    onPointerDown: (event: React.PointerEvent) => {
      if (event.button !== 0) return;
      const target = event.target as Element;
      const handle = target.closest('[data-face]')?.getAttribute('data-face')?.split(' ');
      const own = pressed(target);
      const face = handle && {
        axis: Number(handle[0]) as 0 | 1 | 2,
        end: handle[1] as 'least' | 'greatest',
      };
      if (!face && (own !== selected || selected === null)) return;
      if (hand.take(at(event), face)) event.currentTarget.setPointerCapture(event.pointerId);
    },
    onClickCapture: (event: React.MouseEvent) => {
      const id = (event.target as Element).closest('[data-item]')?.getAttribute('data-item');
      if (!event.shiftKey || !id) return;
      event.stopPropagation();
      onAlso(id);
    },
    onPointerMove: (event: React.PointerEvent) => hand.holding && hand.drag(at(event)),
    onPointerUp: () => hand.holding && hand.letGo(),
    onPointerCancel: () => hand.drop(),
  };
}

const WAYS: Record<string, readonly [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
};

/** An arrow key on the selected item shifts it by a step, with Shift by ten; Escape lets go of what is under way. */
export function nudged(event: React.KeyboardEvent, hand: Hand, selected: string | null): boolean {
  if (event.key === 'Escape' && hand.holding) {
    hand.drop();
    return true;
  }
  const way = WAYS[event.key];
  const own = pressed(event.target as Element);
  if (!way || event.altKey || own !== selected || selected === null) return false;
  event.preventDefault();
  const steps = event.shiftKey ? 10 : 1;
  hand.nudge(way[0] * steps, way[1] * steps);
  return true;
}
