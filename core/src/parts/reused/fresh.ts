import type { PartPlace } from '../contract/family';
import type { Reused } from './schema';

const OLD: Reused['old'] = {
  width: { mm: 400 },
  height: { mm: 120 },
  thickness: { mm: 20 },
  holes: [],
  lock: null,
  turned: 'as it was',
  becomes: 'kept',
};

export function freshReused(id: string, name: string, { carcass, built }: PartPlace, bay: string): Reused {
  const inside = built.layout.openings.get(bay)!.inside;
  const fits = (usual: number, most: number) => ({ mm: Math.max(10, Math.min(usual, Math.floor(most))) });
  return {
    id,
    family: 'kept',
    name,
    mount: { on: 'bay', carcass: carcass.id, bay },
    what: 'box',
    old: {
      ...OLD,
      width: fits(400, inside.right - inside.left - 10),
      height: fits(120, inside.top - inside.bottom - 10),
    },
    depth: fits(300, inside.back - inside.front),
    over: { left: { mm: 2 }, up: { mm: 0 }, front: { mm: 0 } },
    room: { mm: 4 },
  };
}

export function mirrorReused(kept: Reused, { carcass, built }: PartPlace): Reused {
  const inside = built.layout.openings.get(kept.mount.bay)!.inside;
  const wide = kept.what === 'top' ? carcass.width.mm : inside.right - inside.left;
  const sign = kept.what === 'top' ? -1 : 1;
  // What it left at its right it leaves at its left.
  const left = sign * (wide - kept.old.width.mm) - kept.over.left.mm;
  return { ...kept, over: { ...kept.over, left: { mm: left } } };
}
