import { usualCarcass } from '../carcass/kinds';
import type { Carcass } from '../carcass/schema';
import { usualDoor } from '../parts/door/fresh';
import type { Door } from '../parts/door/schema';
import type { PartPlace } from '../parts/contract/family';
import type { Part } from '../parts/families';
import { pathText } from '../item/issue';
import { newPlan } from '../plan/fresh';
import { partPlace } from '../plan/place';
import { readPlan } from '../plan/readPlan';
import type { Plan } from '../plan/schema';

export const mm = (value: number) => ({ mm: value });

/** In a bay of a carcass; of the case, where none is named. */
export const inBay = (bay = 'all', carcass = 'case') => ({ on: 'bay', carcass, bay }) as const;

/** A case 600 x 720 x 500 of 18 mm sheet that stands on the floor in the middle of a large room, its front to the south. */
export function caseOf(other: Partial<Carcass> = {}): Carcass {
  const kind = other.kind ?? 'cupboard';
  const plain = kind === 'cupboard' ? ({ height: mm(720), stands: { on: 'the floor' } } as const) : {};
  return {
    ...usualCarcass(kind, { id: 'case', name: 'Case', x: mm(3000), y: mm(3000), faces: 'south' }),
    ...plain,
    ...other,
  };
}

/** A face frame for it, 38 mm members of 20 mm pine. */
export const FRAME: NonNullable<Carcass['frame']> = {
  material: 'pine-20',
  left: mm(38),
  right: mm(38),
  top: mm(38),
  bottom: mm(38),
  between: mm(38),
};

/** A door on that case: even gaps of 3 mm, cup hinges on the left, no handle. */
export const doorOf = (other: Partial<Door> = {}): Door => ({
  ...usualDoor('door', 'case', 'Door'),
  handle: null,
  ...other,
});

/** The place of what is in a bay of a plan's carcass or on that. */
export const placeIn = (plan: Plan, part: Parameters<typeof partPlace>[1]): PartPlace =>
  partPlace(plan, part) as PartPlace;

export interface Made {
  readonly carcasses?: readonly Carcass[];
  readonly parts?: readonly Part[];
  readonly change?: (plan: Plan) => Plan;
}

const rawPlan = ({ carcasses = [caseOf()], parts = [], change = (plan) => plan }: Made): Plan =>
  change({
    ...newPlan('Test'),
    space: { width: mm(8000), depth: mm(6000), height: mm(2600), slopes: [] },
    carcasses: [...carcasses],
    parts: [...parts],
  });

/** A plan of these. Throws its refusal where it cannot be. */
export function planWith(made: Made): Plan {
  const read = readPlan(rawPlan(made));
  if (!read.ok)
    throw new Error(read.issues.map(({ path, message }) => `${pathText(path)}: ${message}`).join('\n'));
  return read.plan;
}

/** What it is refused with, as `path: sentence`; empty where it can be built. */
export function refusalOf(made: Made): string {
  const read = readPlan(rawPlan(made));
  return read.ok ? '' : read.issues.map(({ path, message }) => `${pathText(path)}: ${message}`).join('\n');
}
