import { select } from 'd3-selection';
import { zoom, zoomIdentity, type ZoomBehavior } from 'd3-zoom';
import { useCallback, useEffect, useRef, useState, type RefObject } from 'react';
import { WHOLE, type Zoom } from './frame';

/** How far a view may be enlarged. */
const MOST = 40;
const STEP = 1.5;
const PAN = 60;

/** What takes a press for itself: the view does not pan under it. */
const OWN = '[data-item][aria-pressed="true"], [data-handle], [data-part], input';

/**
 * Pan and zoom of a view: wheel, pinch, drag on the empty sheet, and keys while the view or something in it has the
 * focus: + and - enlarge and reduce, 0 shows the whole, Alt with an arrow key pans.
 */
export function usePanZoom(view: RefObject<HTMLElement | null>, ready: boolean) {
  const [state, setState] = useState<Zoom>(WHOLE);
  const behaviour = useRef<ZoomBehavior<HTMLElement, unknown>>(null);
  useEffect(() => {
    if (!ready || !view.current) return;
    const made = zoom<HTMLElement, unknown>()
      .scaleExtent([0.5, MOST])
      .filter(
        (event: MouseEvent | TouchEvent | WheelEvent) =>
          event.type === 'wheel' ||
          ((event as MouseEvent).button !== 2 && !(event.target as Element).closest(OWN)),
      )
      .on('zoom', ({ transform: { k, x, y } }) => setState({ k, x, y }));
    behaviour.current = made;
    const selection = select(view.current);
    selection.call(made).on('dblclick.zoom', null);
    return () => {
      selection.on('.zoom', null);
    };
  }, [view, ready]);

  const by = useCallback(
    (factor: number) => {
      if (view.current && behaviour.current) behaviour.current.scaleBy(select(view.current), factor);
    },
    [view],
  );
  const whole = useCallback(() => {
    if (view.current && behaviour.current) behaviour.current.transform(select(view.current), zoomIdentity);
  }, [view]);
  const pan = useCallback(
    (x: number, y: number) => {
      if (view.current && behaviour.current)
        behaviour.current.translateBy(select(view.current), x / state.k, y / state.k);
    },
    [view, state.k],
  );
  const onKeyDown = useCallback(
    (event: React.KeyboardEvent) => {
      if (event.target instanceof HTMLInputElement || event.ctrlKey || event.metaKey) return;
      const pans: Record<string, readonly [number, number]> = {
        ArrowLeft: [PAN, 0],
        ArrowRight: [-PAN, 0],
        ArrowUp: [0, PAN],
        ArrowDown: [0, -PAN],
      };
      const shift = event.altKey ? pans[event.key] : undefined;
      if (shift) pan(...shift);
      else if (event.key === '+' || event.key === '=') by(STEP);
      else if (event.key === '-') by(1 / STEP);
      else if (event.key === '0') whole();
      else return;
      event.preventDefault();
    },
    [by, whole, pan],
  );
  return { zoom: state, enlarge: () => by(STEP), reduce: () => by(1 / STEP), whole, onKeyDown };
}
