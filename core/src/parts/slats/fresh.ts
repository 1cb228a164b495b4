import type { PartPlace } from '../contract/family';
import type { Slats } from './schema';

/** Usual numbers to start from. Common practice, no single source; each is there to be changed. */
const mm = (value: number) => ({ mm: value });
const CLEARANCE = 3;
/** An open gap so wide at most, with bedding on it, mm. Common practice: 70 to 75. */
export const MOST_OPEN = 70;

export const USUAL_LEGS: NonNullable<Slats['legs']> = { count: 3, wide: mm(45) };

/** A side that runs in towards the right end, as by the bow. */
export const USUAL_BEHIND: NonNullable<Slats['behind']> = { left: mm(0), middle: mm(20), right: mm(80) };

/** So few slats that what is drawn out is open by no more than a mattress bears. */
export const slatsFor = (across: number, open: number, clearance: number): number => {
  const wide = Math.max(18, open - 2 * clearance);
  return Math.max(2, Math.min(60, Math.ceil((across + wide + 2 * clearance) / (2 * (wide + clearance)))));
};

export function freshSlats(id: string, name: string, { carcass }: Pick<PartPlace, 'carcass'>): Slats {
  const [width, depth] = [carcass.width.mm, carcass.depth.mm];
  return {
    id,
    family: 'slats',
    name,
    mount: { on: 'top', carcass: carcass.id },
    material: carcass.sheet,
    layers: 2,
    count: slatsFor(width, MOST_OPEN, CLEARANCE),
    clearance: mm(CLEARANCE),
    combs: 'from strips',
    over: { left: mm(0), right: mm(0) },
    travel: mm(Math.max(10, Math.min(Math.round(depth * 0.7), depth - 100))),
    overlap: mm(Math.min(100, Math.round(depth / 4))),
    stopped: true,
    // A bearer as deep spans the carcass under a person.
    rail: {
      material: carcass.sheet,
      deep: mm(Math.round(Math.min(Math.max(80, width / 10), 0.4 * carcass.height.mm))),
    },
    legs: USUAL_LEGS,
    mattress: mm(100),
    schools: {},
  };
}

export const mirrorSlats = (slats: Slats): Slats => ({
  ...slats,
  over: { left: slats.over.right, right: slats.over.left },
  ...(slats.behind && {
    behind: { ...slats.behind, left: slats.behind.right, right: slats.behind.left },
  }),
});
