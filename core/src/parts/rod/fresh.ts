import type { PartPlace } from '../contract/family';
import type { Rod } from './schema';

/** Clothes that hang: long ones, and short ones. Common practice, no single source. */
const LONG = 1400;
const SHORT = 1000;
/** Left beneath what hangs, mm. Common practice. */
const UNDER = 60;
const BELOW = 60;

/** For long clothes where there is room for them, else for short ones, else for what there is room for. */
export function freshRod(id: string, name: string, { carcass, built }: PartPlace, bay: string): Rod {
  const inside = built.layout.openings.get(bay)?.inside;
  const room = inside ? inside.top - inside.bottom - BELOW - UNDER : LONG;
  const long = [LONG, SHORT].find((mm) => mm <= room) ?? Math.max(100, Math.floor(room));
  return {
    id,
    family: 'rod',
    name,
    mount: { on: 'bay', carcass: carcass.id, bay },
    made: 'steel tube',
    thick: { mm: 25 },
    below: { mm: BELOW },
    back: null,
    long: { mm: long },
    load: null,
    cleat: { mm: 90 },
    material: carcass.sheet,
  };
}
