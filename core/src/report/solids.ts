import { parked } from '../clearance/checkScene';
import { boxesApart, standing } from '../clearance/extent';
import { coldStart } from '../clearance/gjk';
import { emptySeparation } from '../clearance/separation';
import { separate } from '../clearance/separate';
import { boxOf, squareBox } from '../clearance/boxes';
import { partsOf, type Body, type Scene } from '../scene/scene';
import { standingAt } from '../scene/standing';
import type { Convex } from '../solid/convex';
import type { Travels } from './opening';

/** What goes into air no deeper than this stands beside it, mm. */
export const SKIN = 0.05;

/** All that is solid, part by part, with movers where they stand; shut where none is given. */
export function solidsAt(scene: Scene, travels: Travels): Body[] {
  const all = Object.fromEntries(scene.movers.map(({ id, from }) => [id, travels[id] ?? from]));
  const { travels: at, hidden, movers } = standingAt(scene.movers, all);
  const bodies = [
    ...scene.still.filter(({ zone }) => !zone),
    ...movers.flatMap((mover) => (hidden.has(mover.id) ? [] : parked(mover, at[mover.id]!))),
  ];
  return bodies.flatMap((body) => [...partsOf(body)]);
}

/** Faces that slope may touch what stands beside them though the solid has a skin less: of a solid of few corners the depth is looked at too. */
const FEW_CORNERS = 40;

/** Whether a body stands in a solid; where that slopes, by more than a skin. */
export function stands(body: Body, solid: Convex): boolean {
  const about = boxOf(solid.corners);
  if (boxesApart(about, standing(body).whole, 0)) return false;
  return body.pieces.some((piece) => {
    if (piece.kind === 'half-space') {
      const { normal, offset } = piece;
      const { corners } = solid;
      for (let i = 0; i < corners.length; i += 3)
        if (normal[0] * corners[i]! + normal[1] * corners[i + 1]! + normal[2] * corners[i + 2]! < offset)
          return true;
      return false;
    }
    const found = emptySeparation();
    separate(solid, solid.corners, piece, piece.corners, coldStart(), found, 0);
    if (found.value > 0) return false;
    if (squareBox(solid) || solid.corners.length > 3 * FEW_CORNERS) return true;
    // A depth costs many times a distance.
    return separate(solid, solid.corners, piece, piece.corners, coldStart(), found).value < -SKIN;
  });
}
