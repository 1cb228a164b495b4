import type { Carcass } from '../carcass/schema';
import { USUAL_LEGS } from '../parts/bed/fresh';
import { usualProps } from '../parts/folddown/fresh';
import { motionPose, moved } from '../motion/motion';
import type { Convex } from '../solid/convex';
import { withBed, withFoldDown, withLift, withPlatform, withSlats } from '../testing/partsOf';
import { mm, planWith, type Made } from '../testing/planWith';
import { told } from '../testing/told';
import type { Thing } from '../things/schema';
import { buildScene } from './buildScene';

/** Boards 14 mm thick over the whole of the room, and what stands on them. */
function onBoards(made: Made, state: NonNullable<Thing['state']> = 'to come'): Made {
  const boards: Thing = {
    id: 'boards',
    name: 'Boards',
    kind: 'flooring',
    x: mm(0),
    y: mm(0),
    z: mm(0),
    width: mm(8000),
    depth: mm(6000),
    height: mm(14),
    state,
  };
  const raised = (one: Carcass): Carcass => ({ ...one, z: mm(state === 'to be removed' ? 0 : 14) });
  return {
    ...made,
    carcasses: (made.carcasses ?? []).map(raised),
    change: (plan) => ({ ...(made.change?.(plan) ?? plan), things: [boards] }),
  };
}

const heightsOf = (
  { corners }: Convex,
  at: (point: readonly [number, number, number]) => readonly number[],
) =>
  Array.from(
    { length: corners.length / 3 },
    (_, i) => at([corners[3 * i]!, corners[3 * i + 1]!, corners[3 * i + 2]!])[2]!,
  );

/** How low anything of it gets over its travel, looked at where it begins and where it ends. */
function lowest(made: Made): number {
  const { movers } = buildScene(planWith(made));
  return Math.min(
    ...movers.flatMap(({ bodies, from, to }) =>
      bodies.flatMap(({ pieces, motion }) =>
        [from, to].flatMap((travel) =>
          pieces.flatMap((piece) => heightsOf(piece, (point) => moved(motionPose(motion, travel), point))),
        ),
      ),
    ),
  );
}

describe.each([
  ['slats', withSlats({})],
  ['a platform', withPlatform({})],
  ['a bed', withBed('at the end', { legs: USUAL_LEGS['by hand'] })],
  ['a leaf on a wall', withFoldDown('table', { props: usualProps('legs', 'ply-18') })],
] as const)('legs of %s', (_what, made) => {
  it('stand on the flooring that is or will be there, and touch nothing of it', () => {
    expect(lowest(made)).toBeCloseTo(0, 6);
    expect(lowest(onBoards(made))).toBeCloseTo(14, 6);
    expect(told(onBoards(made))).not.toMatch(/(touches|stands|within) [^\n]* the boards/i);
    expect(lowest(onBoards(made, 'to be removed'))).toBeCloseTo(0, 6);
  });
});

it('a table stands on the flooring, as high above it as it is told', () => {
  const topOf = (made: Made) =>
    Math.max(
      ...buildScene(planWith(made)).movers[0]!.bodies[0]!.pieces.flatMap((piece) =>
        heightsOf(piece, (at) => at),
      ),
    );
  const made = withLift('pedestal');
  expect(topOf(onBoards(made)) - topOf(made)).toBeCloseTo(14, 6);
  expect(told(onBoards(made))).not.toMatch(/inside the boards|within .* of the boards/);
});
