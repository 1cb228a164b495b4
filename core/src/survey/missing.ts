import type { Witness } from '../clearance/leastClearance';
import { placedBy } from '../plan/uncertainty';
import type { Plan } from '../plan/schema';
import type { MoverCheck } from '../clearance/checkMover';
import { namedPartsOf, type Body, type Scene } from '../scene/scene';
import { cornersOf } from '../space/outline';
import { dimensionsOf, type Dimension } from './dimensions';
import { DRAWN } from '../measure/governing';
import { isPlumb } from '../measure/dimensionKey';
import { cornersKey } from '../measure/dimensionKey';

/** A dimension that no reading vouches for, and what it could change. */
export interface Missing {
  readonly key: string;
  readonly item: string;
  readonly name: string;
  /** How a plan drawn by eye may be off there, mm. */
  readonly doubt: number;
  /** The answer that it could turn, as a sentence; undefined where no answer hangs on it. */
  readonly why: string | undefined;
  /** 1 where it turns an answer at once, towards 0 the farther it is from that. */
  readonly worth: number;
  /** It was read, and the plan says another number now. */
  readonly drifted: boolean;
}

/** What was checked of a mover, and how that is called. */
export interface NamedCheck {
  readonly name: string;
  readonly check: MoverCheck;
}

/** What a plan says and what was read are the same within this, mm. */
const SAME = 0.05;

/**
 * What is still to be measured, the most worth first: every dimension of the space that no reading vouches for, by
 * whether being off by `DRAWN` could turn an answer of the check. What no answer hangs on comes last, unsaid.
 */
export function missingReadings(plan: Plan, scene: Scene, checks: readonly NamedCheck[]): Missing[] {
  const measured = new Map(plan.measured.map((one) => [one.of, one]));
  // An opening cannot be read before its carcass stands: that a leaf rests on it is told with the leaf.
  const built = new Set(plan.carcasses.map(({ id }) => id));
  const dimensions = dimensionsOf(plan).filter(
    ({ key, path, item }) =>
      !built.has(item) && (path !== undefined || (plan.space.outline !== undefined && !isPlumb(key))),
  );
  const known = (dimension: Dimension) => {
    const one = measured.get(dimension.key);
    return one ? (Math.abs(one.mm - dimension.mm) < SAME ? 'known' : 'drifted') : 'missing';
  };
  const hangs = hangsOn(plan, scene, checks);
  return dimensions
    .flatMap((dimension): Missing[] => {
      const stands = known(dimension);
      if (stands === 'known') return [];
      const most = hangs.get(dimension.key);
      return [
        {
          key: dimension.key,
          item: dimension.item,
          name: dimension.name,
          doubt: DRAWN,
          why: most?.why,
          worth: most?.worth ?? 0,
          drifted: stands === 'drifted',
        },
      ];
    })
    .sort((a, b) => b.worth - a.worth);
}

/** Of each dimension the answer nearest to being turned by it. */
function hangsOn(
  plan: Plan,
  scene: Scene,
  checks: readonly NamedCheck[],
): ReadonlyMap<string, { readonly worth: number; readonly why: string }> {
  const bodies = new Map(namedPartsOf(scene).map((body) => [body.id, body]));
  const most = new Map<string, { worth: number; why: string }>();
  for (const { name, check } of checks) {
    for (const { still, least, contact, needed, deepest, verdict } of check.encounters) {
      const body = bodies.get(still);
      if (!body) continue;
      // How far the dimension must be off for the answer to turn: what is left over, or how far in it goes.
      const left = contact
        ? Math.max(0, -(deepest?.witness.clearance ?? 0))
        : Math.abs((least?.witness.clearance ?? Infinity) - needed);
      const worth = left <= DRAWN ? 1 - left / (2 * DRAWN) : (DRAWN / left) * 0.4;
      if (worth < 0.05) continue;
      const turns = left <= DRAWN ? 'may turn' : 'bears on';
      const why = `${turns} whether ${name} ${verdict === 'hits' ? 'hits' : verdict === 'tight' ? 'is tight to' : 'clears'} ${body.name}`;
      const axes = keysOf(plan, body);
      axes.forEach((keys, axis) => {
        // Along the way the two stand apart a dimension counts in full, across it not at all.
        const counts = worth * (axes.length === 3 ? share(least?.witness, axis) : 1);
        if (counts < 0.05) return;
        for (const key of keys)
          if ((most.get(key)?.worth ?? 0) < counts) most.set(key, { worth: counts, why });
      });
    }
  }
  return most;
}

/** How much of the way between the nearest points lies along an axis; all of it where they touch. */
function share(witness: Witness | undefined, axis: number): number {
  if (!witness) return 1;
  const apart = witness.onMover.map((x, i) => Math.abs(x - witness.onStill[i]!));
  const long = Math.hypot(...apart);
  return long < 1e-6 ? 1 : apart[axis]! / long;
}

/** The dimensions that place a body: axis by axis, or all together where they have none. */
function keysOf(plan: Plan, body: Body): readonly (readonly string[])[] {
  const { surface } = body;
  if (!plan.space.outline || surface?.kind !== 'wall') return placedBy(body);
  const corners = cornersOf(plan.space);
  const i = corners.findIndex(({ id }) => id === surface.corner);
  const next = corners[(i + 1) % corners.length];
  const pair = (a: string, b: string) => [cornersKey(a, b), cornersKey(b, a)];
  return i < 0 || !next ? [] : [pair(corners[i]!.id, next.id)];
}
