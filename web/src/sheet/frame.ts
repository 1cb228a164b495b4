import type { Plan, Point3 } from '@tarnpass/core';

/** From the space's mm to the sheet's px, seen from above with north at the top. */
export interface SheetFrame {
  readonly scale: number;
  x(mm: number): number;
  y(mm: number): number;
}

/** Room about the walls for their thickness and the dimension lines, px. */
const MARGIN = { left: 66, right: 34, top: 62, bottom: 44 };

/** The scale at which the whole space fits, centred. */
export function fitFrame(space: Plan['space'], width: number, height: number): SheetFrame {
  const free = { width: width - MARGIN.left - MARGIN.right, height: height - MARGIN.top - MARGIN.bottom };
  const scale = Math.max(0.001, Math.min(free.width / space.width.mm, free.height / space.depth.mm));
  const left = MARGIN.left + (free.width - scale * space.width.mm) / 2;
  const bottom = MARGIN.top + (free.height + scale * space.depth.mm) / 2;
  return { scale, x: (mm) => left + scale * mm, y: (mm) => bottom - scale * mm };
}

export const onSheet = (frame: SheetFrame, [x, y]: Point3): [number, number] => [frame.x(x), frame.y(y)];
