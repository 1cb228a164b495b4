import { readFileSync } from 'node:fs';
import { readPlan } from '../plan/readPlan';
import type { Plan } from '../plan/schema';

/** A room under a slope with a locker and a wardrobe, as parsed JSON: what tests spoil, and what browser tests begin with. */
export function demoJson(): Record<string, never> & { parts: never[] } {
  return JSON.parse(readFileSync(new URL('room.json', import.meta.url), 'utf8')) as Record<string, never> & {
    parts: never[];
  };
}

export interface DoorPlan {
  fit?: { kind: 'inset' | 'overlay'; hinge: number; free: number; top: number; bottom: number };
  opening?: number;
  thickness?: number;
  knuckle?: 'proud' | 'flush' | 'let in';
  pin?: number;
  side?: 'left' | 'right';
  limit?: number;
  at?: [number, number];
  things?: { x: number; y: number; z: number; width: number; depth: number; height: number }[];
  handle?: unknown;
  gaps?: { running: number; around: number };
}

/** A plan of one carcass in the middle of a large empty space, with one door. Lengths in mm. */
export function planOfDoor(door: DoorPlan): Plan {
  const read = readPlan(rawPlanOfDoor(door));
  if (!read.ok) throw new Error(JSON.stringify(read.issues));
  const { plan } = read;
  // Fixed to nothing it would be told to go over before all else.
  return { ...plan, carcasses: plan.carcasses.map((one) => ({ ...one, fixing: FIXED })) };
}

const FIXED = { hardware: 'stud-screw', count: 4 };

export function rawPlanOfDoor(door: DoorPlan): unknown {
  const {
    opening = 564,
    thickness = 20,
    knuckle = 'flush',
    pin = 0,
    side = 'left',
    limit = 110,
    at = [5000, 5000],
  } = door;
  const fit = door.fit ?? { kind: 'inset', hinge: 2, free: 2, top: 2, bottom: 2 };
  return {
    format: 'tarnpass-plan',
    version: 1,
    title: 'A door',
    units: { system: 'mm', step: 0.1 },
    gaps: door.gaps ?? { running: 0, around: 0 },
    space: { width: 10_000, depth: 10_000, height: 3000, slope: null },
    things: (door.things ?? []).map((thing, i) => ({
      id: `thing-${i}`,
      name: `Thing ${i}`,
      kind: 'box',
      ...thing,
    })),
    carcasses: [
      {
        id: 'case',
        name: 'Case',
        x: at[0],
        y: at[1],
        z: 0,
        faces: 'south',
        width: opening + 36,
        height: 1436,
        depth: 500,
        sheet: 18,
      },
    ],
    parts: [
      {
        id: 'door',
        family: 'door',
        name: 'Leaf',
        carcass: 'case',
        fit,
        thickness,
        hinge: { side, knuckle, pin },
        limit,
        handle: door.handle ?? null,
      },
    ],
  };
}
