import { place } from '../motion/joint';
import { motionPose } from '../motion/motion';
import { buildScene } from '../plan/buildScene';
import { partsOfMover, namedPartsOf, type Body } from '../scene/scene';
import type { Convex } from '../solid/convex';
import { KIND_ROWS } from '../testing/kindRows';
import { manifoldReferee } from '../testing/manifoldGap';
import { newThing } from '../plan/fresh';
import { doorOf, mm, planWith, refusalOf, type Made } from '../testing/planWith';
import { reportOf } from './report';

/** Beyond this nothing is measured, mm. */
const FAR = 60;
/** A compartment whose farther end a door meets. */
const farEnd: Made = {
  parts: [doorOf()],
  change: (plan) => ({
    ...plan,
    things: [{ ...newThing(plan, 'compartment'), x: mm(1800), y: mm(2000), z: mm(0) }],
  }),
};
const rows: (readonly [string, Made])[] = Object.entries(KIND_ROWS).flatMap(([kind, { good, bad }]) => [
  [`${kind}, right`, good] as const,
  [`${kind}, wrong`, bad] as const,
]);
rows.push(['the far end of a compartment', farEnd]);

describe('a finding names the very pieces', () => {
  it('that are as near each other as all that the two are told by: held against manifold-3d', async () => {
    const { gap } = await manifoldReferee();
    const wrong: string[] = [];
    const named = new Set<string>();
    for (const [kind, made] of rows.filter(([, one]) => refusalOf(one) === '')) {
      const plan = planWith(made);
      const scene = buildScene(plan);
      for (const { part, moving, still, pieces, travel, verdict } of reportOf(plan).parts.flatMap(
        ({ findings }) => findings,
      )) {
        const mover = scene.movers.find(({ id }) => id === part)!;
        const body = partsOfMover(mover).find(({ id }) => id === moving)!;
        const other = namedPartsOf(scene).find(({ id }) => id === still);
        // Another that moves stands open where the check left it: that is not told here.
        if (
          !other ||
          scene.movers.some((one) => partsOfMover(one).some(({ id }) => id === still)) ||
          other.item === 'space'
        )
          continue;
        const pose = motionPose(body.motion, travel);
        const nearest = (own?: string, theirs?: string) =>
          Math.min(
            FAR,
            ...solids(body, own).flatMap((a) =>
              solids(other, theirs).map((b) => gap(place(pose, a.corners), b.corners, FAR)),
            ),
          );
        if (body.keys && !pieces.moving) wrong.push(`${kind}: ${moving} is not told by a piece`);
        const [told, all] = [nearest(pieces.moving, pieces.still), nearest()];
        if (told > all + 1e-6)
          wrong.push(
            `${kind}: ${pieces.moving} and ${pieces.still} are ${told} apart, the nearest ${all} (${verdict})`,
          );
        if (pieces.moving) named.add(pieces.moving);
        if (pieces.still) named.add(pieces.still);
      }
    }
    expect(wrong).toEqual([]);
    // Of a box its very side or end, of a case its very board.
    expect([...named]).toEqual(
      expect.arrayContaining([
        'case-drawers-1.d1/side-right',
        'case-drawers-1.d1/end-back',
        'case/left',
        'case/plinth-back',
        'thing-compartment-1/ends-2',
      ]),
    );
  });
});

const solids = ({ pieces, keys }: Body, key?: string): Convex[] =>
  pieces.filter(
    (piece, i): piece is Convex => piece.kind === 'convex' && (key === undefined || keys?.[i] === key),
  );
