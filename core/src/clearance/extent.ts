import { partsOf, type Body, type Mover, type MovingBody } from '../scene/scene';
import { MovingPiece } from './movingPiece';
import { sweptBoxes } from './sweptBoxes';
import { boxOf, type Boxes } from './boxes';

/** Where a still body is: a box a piece (none for a half-space), and one about all; of all space where a piece has none. */
export interface Standing {
  readonly boxes: readonly (Boxes | undefined)[];
  readonly whole: Boxes;
}

/** Where a moving body goes over its mover's travel: its pieces on their motion, the boxes each sweeps, and one about all. */
export interface Swept {
  readonly from: number;
  readonly to: number;
  readonly pieces: readonly MovingPiece[];
  readonly boxes: readonly Boxes[];
  readonly whole: Boxes;
}

const standingOf = new WeakMap<Body, Standing>();
const sweptOf = new WeakMap<MovingBody, Swept>();

/** Made once a body. */
export function standing(body: Body): Standing {
  let known = standingOf.get(body);
  if (!known) {
    const boxes = body.parts
      ? partsOf(body).flatMap((part) => standing(part).boxes)
      : body.pieces.map((piece) => (piece.kind === 'convex' ? boxOf(piece.corners) : undefined));
    known = { boxes, whole: wholeBox(boxes) };
    standingOf.set(body, known);
  }
  return known;
}

/** Made once a body, for the travel it is asked for. */
export function swept(moving: MovingBody, { from, to }: Pick<Mover, 'from' | 'to'>): Swept {
  let known = sweptOf.get(moving);
  if (!known || known.from !== from || known.to !== to) {
    known = moving.parts ? sweptParts(moving, { from, to }) : sweptAlone(moving, { from, to });
    sweptOf.set(moving, known);
  }
  return known;
}

function sweptAlone({ pieces: solids, motion }: MovingBody, { from, to }: Pick<Mover, 'from' | 'to'>): Swept {
  const pieces = solids.map((piece) => new MovingPiece(piece, motion));
  const boxes = pieces.map((piece) => sweptBoxes(piece, from, to));
  return { from, to, pieces, boxes, whole: wholeBox(boxes) };
}

/** Of its parts, which are looked at by themselves as well. */
function sweptParts(moving: MovingBody, { from, to }: Pick<Mover, 'from' | 'to'>): Swept {
  const parts = partsOf(moving).map((part) => swept(part, { from, to }));
  const boxes = parts.flatMap((part) => part.boxes);
  return { from, to, pieces: parts.flatMap((part) => part.pieces), boxes, whole: wholeBox(boxes) };
}

/** Whether two boxes are farther apart than `reach` mm along an axis. */
export function boxesApart(a: Boxes, b: Boxes, reach: number): boolean {
  return (
    a[0]! - b[3]! > reach ||
    b[0]! - a[3]! > reach ||
    a[1]! - b[4]! > reach ||
    b[1]! - a[4]! > reach ||
    a[2]! - b[5]! > reach ||
    b[2]! - a[5]! > reach
  );
}

/** One box about the first box of each list. */
function wholeBox(boxes: readonly (Boxes | undefined)[]): Boxes {
  const whole = Float64Array.of(Infinity, Infinity, Infinity, -Infinity, -Infinity, -Infinity);
  for (const box of boxes) {
    for (let axis = 0; axis < 3; axis += 1) {
      whole[axis] = Math.min(whole[axis]!, box ? box[axis]! : -Infinity);
      whole[3 + axis] = Math.max(whole[3 + axis]!, box ? box[3 + axis]! : Infinity);
    }
  }
  return whole;
}
