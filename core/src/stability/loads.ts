import { AT_EASE, type Force } from '../balance/force';
import { appraisalOf } from '../parts/appraisals';
import type { Motion } from '../motion/motion';
import { carriedBy } from '../plan/carried';
import { carrierOf, withMounted } from '../plan/hosts';
import { partBuilt, planStock } from '../plan/place';
import { carcassPieces } from '../plan/still';
import type { Plan } from '../plan/schema';
import { combinedWeight, GRAVITY, weighAll, type Weight } from '../piece/mass';
import type { Mover } from '../scene/scene';

/** What weighs on a body that moves, with where it is shut and how it goes. */
export interface MovingWeight extends Weight {
  readonly motion: Motion;
}

/** What moves of a carcass, with all that it carries on its way. */
export interface LadenMover {
  readonly mover: Mover;
  readonly weights: readonly MovingWeight[];
}

/** All that a carcass stands with: what stays where it is, and what moves, each with its load. */
export interface Loads {
  readonly still: Weight;
  /** What is stored in it on what does not move: it holds down what stands, and pulls at what hangs. */
  readonly stored: Weight;
  readonly moving: readonly LadenMover[];
}

const DOWN = -1;

/** Weights, and people who stand or lean on something: what bears down. */
const bearsDown = (force: Force, shut: number): boolean =>
  (force.kind === 'weight' || force.kind === 'person' || force.kind === 'hand') &&
  force.toward({ ...AT_EASE, travel: shut })[2] === DOWN;

/** What a carcass carries with all that is mounted in it and on it; what rides on what moves weighs where it hangs. */
export function loadsOf(plan: Plan, id: string): Loads {
  const stock = planStock(plan);
  const ids = [...withMounted(plan, [id])].filter((one) => carrierOf(plan, one) === undefined);
  const still: Weight[] = [];
  const stored: Weight[] = [];
  const moving: LadenMover[] = [];
  for (const one of ids) {
    const carcass = plan.carcasses.find((item) => item.id === one);
    if (carcass) still.push(weighAll(carcassPieces(plan, carcass).pieces, stock));
    const part = plan.parts.find((item) => item.id === one);
    const built = part && partBuilt(plan, part);
    if (!part || !built) continue;
    still.push(...built.pieces.still.map(({ pieces }) => weighAll(pieces, stock)));
    const acting = appraisalOf(part).forces(built.laid, built.pieces, built.movers);
    const lying = new Set(built.pieces.still.map(({ key }) => key));
    stored.push(
      ...acting
        .filter(({ link, force }) => lying.has(link) && bearsDown(force, 0))
        .map(({ force }) => ({ kg: force.newtons(AT_EASE).most / GRAVITY, centre: force.at(AT_EASE) })),
    );
    const carried = carriedBy(plan, part.id);
    for (const mover of built.movers)
      moving.push({
        mover,
        weights: mover.bodies.flatMap((body) => [
          ...acting
            .filter(({ link, force }) => link === body.id && bearsDown(force, mover.from))
            .map(({ force }): MovingWeight => {
              const shut = { ...AT_EASE, travel: mover.from };
              return {
                kg: force.newtons(shut).most / GRAVITY,
                centre: force.at(shut),
                motion: body.motion,
              };
            }),
          ...carried
            .filter(({ link }) => link === body.id)
            .map(({ kg, centre }): MovingWeight => ({ kg, centre, motion: body.motion })),
        ]),
      });
  }
  return { still: combinedWeight(still), stored: combinedWeight(stored), moving };
}
