import type { MoverCheck } from '../clearance/checkMover';
import { parked, SceneChecker } from '../clearance/checkScene';
import { called } from '../item/called';
import type { Verdict } from '../item/verdict';
import type { Plan } from '../plan/schema';
import { partsOf, type Body, type Scene } from '../scene/scene';
import { isAir, zonePieces } from '../things/build';
import type { Thing } from '../things/schema';
import { reachAnswer } from './reach';
import { SKIN, solidsAt, stands } from './solids';

/** What was found of air that is spoken for: whether it is free with everything at rest, or a hand comes to it. */
export interface AirFinding {
  readonly key: string;
  readonly item: string;
  readonly name: string;
  readonly verdict: Verdict;
  readonly sentence: string;
  /** What stands in it, or in a hand's way; undefined where nothing does. */
  readonly by: string | undefined;
}

/** The words of each kind for what is in it. */
const IN: Partial<Record<Thing['kind'], { free: string; taken: string }>> = {
  'air path': { free: 'is open', taken: 'is closed off by' },
  'standing room': { free: 'is free', taken: 'is taken by' },
  walkway: { free: 'is free', taken: 'is narrowed by' },
};

/**
 * Look at all air that is spoken for: zones with everything shut, and reaches with the part they name open.
 *
 * @param checks  of the scene's movers, in their order: how far what opens goes
 */
export function airFindings(
  plan: Plan,
  scene: Scene,
  checks: readonly MoverCheck[] = new SceneChecker().check(scene).movers,
): AirFinding[] {
  const things = plan.things.filter((thing) => isAir(thing) && thing.state !== 'to be removed');
  if (things.length === 0) return [];
  const shut = solidsAt(scene, {});
  return things.map((thing) =>
    thing.shape?.kind === 'reach'
      ? {
          key: airKey(thing),
          item: thing.id,
          name: thing.name,
          ...reachAnswer(plan, scene, checks, thing, thing.shape),
        }
      : thing.kind === 'walkway'
        ? walkwayFinding(plan, scene, checks, shut, thing)
        : zoneFinding(shut, thing),
  );
}

const airKey = ({ id }: Thing): string => `air|${id}`;

/**
 * A walkway with everything shut, and then with each part of the plan open as far as it goes: whoever is behind it must get out. Shut off so, it is
 * a fault where there is no other way, and told where there is.
 */
function walkwayFinding(
  plan: Plan,
  scene: Scene,
  checks: readonly MoverCheck[],
  shut: readonly Body[],
  thing: Thing,
): AirFinding {
  const atRest = zoneFinding(shut, thing);
  if (atRest.verdict === 'hits') return atRest;
  const own = new Set(plan.parts.map(({ id }) => id));
  const zone = zonePieces(thing, SKIN);
  for (const [i, mover] of scene.movers.entries()) {
    if (!own.has(mover.item)) continue;
    const open = parked(mover, checks[i]?.usable ?? mover.to).flatMap((body) => [...partsOf(body)]);
    const inside = open.find((body) => zone.some((piece) => stands(body, piece)));
    if (!inside) continue;
    return {
      ...atRest,
      verdict: thing.onlyWay ? 'hits' : 'tight',
      sentence: `The ${called(thing.name)} is shut off by ${inside.name} when that stands open${thing.onlyWay ? ', and there is no other way out: let it open the other way, or less far' : ''}.`,
      by: mover.item,
    };
  }
  return {
    ...atRest,
    sentence: `The ${called(thing.name)} is free, with everything shut and with each part open.`,
  };
}

function zoneFinding(solids: readonly Body[], thing: Thing): AirFinding {
  const zone = zonePieces(thing, SKIN);
  const inside = solids.find((body) => zone.some((piece) => stands(body, piece)));
  const words = IN[thing.kind] ?? { free: 'is free', taken: 'is taken by' };
  const said = inside ? `${words.taken} ${inside.name}` : `${words.free} with everything shut`;
  return {
    key: airKey(thing),
    item: thing.id,
    name: thing.name,
    verdict: inside ? 'hits' : 'clear',
    sentence: `The ${called(thing.name)} ${said}.`,
    by: inside?.item,
  };
}
