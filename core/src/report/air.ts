import type { MoverCheck } from '../clearance/checkMover';
import { SceneChecker } from '../clearance/checkScene';
import { called } from '../item/called';
import type { Plan } from '../plan/schema';
import type { Body, Scene } from '../scene/scene';
import { isAir, zonePieces } from '../things/build';
import type { Thing } from '../things/schema';
import { reachAnswer } from './reach';
import { SKIN, solidsAt, stands } from './solids';

/** What was found of air that is spoken for: whether it is free with everything at rest, or a hand comes to it. */
export interface AirFinding {
  readonly key: string;
  readonly item: string;
  readonly name: string;
  readonly verdict: 'clear' | 'hits';
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
      : zoneFinding(shut, thing),
  );
}

const airKey = ({ id }: Thing): string => `air|${id}`;

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
