import { checkMover } from '../clearance/checkMover';
import { parked } from '../clearance/checkScene';
import { WATCH_DISTANCE_MM } from '../clearance/encounter';
import { place } from '../motion/joint';
import { motionPose } from '../motion/motion';
import { buildScene } from '../plan/buildScene';
import { isNamed, partsOf, partsOfMover, sameThing, type Body, type Mover } from '../scene/scene';
import type { Convex } from '../solid/convex';
import { manifoldReferee } from './manifoldGap';
import { planWith, type Made } from './planWith';

const STEPS = 40;

const at = (body: Mover['bodies'][number], travel: number) => {
  const pose = motionPose(body.motion, travel);
  return body.pieces.map((piece) => place(pose, piece.corners));
};

/**
 * Where the check of a plan and dense sampling with manifold-3d disagree, in words; empty where they agree. Every mover
 * is held against what stands within reach, the space's own walls, floor and slopes among it, and against the others at rest.
 */
export async function disagreements(made: Made): Promise<string[]> {
  const { gap } = await manifoldReferee();
  const scene = buildScene(planWith(made));
  const found: string[] = [];
  for (const mover of scene.movers) {
    const others: Body[] = [
      ...scene.still,
      ...scene.movers
        .filter((one) => one !== mover && !sameThing(one, mover))
        .flatMap((one) => parked(one, 0)),
    ];
    const check = checkMover(mover, others);
    const travels = Array.from({ length: STEPS + 1 }, (_, i) => (mover.to * i) / STEPS);
    for (const body of partsOfMover(mover))
      for (const other of others.flatMap((one) => [...partsOf(one)])) {
        if (mover.contacts.some(({ moving, still }) => isNamed(body, moving) && isNamed(other, still)))
          continue;
        const solids = other.pieces.filter((piece): piece is Convex => piece.kind === 'convex');
        const sampled = (travel: number) =>
          Math.min(
            ...at(body, travel).flatMap((corners) =>
              solids.map((solid) => gap(corners, solid.corners, WATCH_DISTANCE_MM + 1)),
            ),
          );
        const wrong = (what: string, travel: number) =>
          found.push(`${body.id} and ${other.id} ${what} at ${travel}: ${sampled(travel)}`);
        const encounter = check.encounters.find(
          ({ moving, still }) => moving === body.id && still === other.id,
        );
        if (!encounter) {
          for (const travel of travels)
            if (sampled(travel) <= WATCH_DISTANCE_MM - 1e-6) wrong('come near unseen', travel);
        } else if (encounter.contact) {
          for (const travel of travels.filter((one) => one < encounter.contact!.free - 1e-4))
            if (sampled(travel) <= 0) wrong('touch before they should', travel);
          if (sampled(encounter.contact.at.travel) >= 1e-6)
            wrong('should touch', encounter.contact.at.travel);
        } else if (encounter.least) {
          const { lower, witness } = encounter.least;
          if (Math.abs(sampled(witness.travel) - Math.max(0, witness.clearance)) >= 1e-6)
            wrong(`should be ${witness.clearance} apart`, witness.travel);
          const least = Math.min(lower, 0) < 0 ? -1 : lower - 1e-6;
          for (const travel of travels)
            if (sampled(travel) <= least) wrong('come nearer than proven', travel);
        }
      }
  }
  return found;
}
