import type { PartPlace } from '../contract/family';
import type { Top } from './schema';

/** Usual numbers to start from. Common practice, no single source; each is there to be changed. */
const mm = (value: number) => ({ mm: value });

export const freshTop = (id: string, name: string, { carcass }: Pick<PartPlace, 'carcass'>): Top => ({
  id,
  family: 'sliding top',
  name,
  mount: { on: 'top', carcass: carcass.id },
  material: carcass.sheet,
  over: { left: mm(0), right: mm(0), front: mm(20), back: mm(0) },
  goes: 'left',
  travel: mm(Math.round(carcass.width.mm * 0.45)),
  cleats: { thick: mm(15), wide: mm(30), play: mm(1.5) },
  held: false,
  edge: null,
});

export const mirrorTop = (top: Top): Top => ({
  ...top,
  over: { ...top.over, left: top.over.right, right: top.over.left },
  goes: top.goes === 'left' ? 'right' : top.goes === 'right' ? 'left' : top.goes,
});
