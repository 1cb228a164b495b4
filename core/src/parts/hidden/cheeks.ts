import { leaningIn } from '../../item/frame';
import { lengthMark } from '../../length/lengthMark';
import { board } from '../../piece/board';
import { boundsIn } from '../../piece/boundsIn';
import type { Piece } from '../../piece/piece';
import { span } from '../../solid/bounds';
import { clipped } from '../../solid/polygon';
import type { Point2, Point3 } from '../../solid/prism';
import type { CaseLay } from './caseLay';
import { placeIn, type HungLeaf, type LaidHidden } from './lay';
import { between, wholeHigh } from './planSolids';
import { highSum, leafWords, line, ownWords } from './sums';

/** An end narrower than this is none: its cheek runs on instead, mm. */
export const LEAST_END = 1;
/** Nearer than this to the face that leads it lies on that, mm. */
const NOTHING = 1e-6;

/** The boards along what is cut off its ends: one along a cut, staves about a round. */
export function cheekPieces(laid: LaidHidden, leaf: HungLeaf, { depth }: CaseLay): Piece[] {
  const { hidden, thick, frame, away, deep } = laid;
  if (!leaf.cut) return [];
  // Where its back leads, what is cut off that is no board's.
  const all = cutFacets(leaf);
  const facets = all.filter((_, i) => i === 0 || all[i - 1]![1] > depth[0] + LEAST_END);
  const ends = leaf.cut.both ? [false, true] : [false];
  const behind = depth[1] - facets[0]![1] < LEAST_END ? depth[1] : facets[0]![1];
  return ends.flatMap((far) =>
    staves(facets, thick, 2 * (leaf.wide + deep)).flatMap((stave, i): Piece[] => {
      const kept = between(stave, [depth[0], behind]);
      if (kept.length < 3) return [];
      const placed = far ? kept.map(([u, v]): Point2 => [leaf.wide - u, v]).reverse() : kept;
      const [from, to] = [facets[i]!, facets[i + 1]!].map(([u, v]) =>
        placeIn(leaf, away, deep, [far ? leaf.wide - u : u, v]),
      ) as [Point2, Point2];
      const facet = Math.hypot(to[0] - from[0], to[1] - from[1]);
      const along: Point3 = [(to[0] - from[0]) / facet, (to[1] - from[1]) / facet, 0];
      const own = leaningIn(frame, [from[0], from[1], 0], along, [0, 0, 1]);
      const solids = wholeHigh(laid, leaf, placed);
      const at = boundsIn(own, { pieces: solids })!;
      const several = facets.length > 2;
      const key = `${leaf.key}/cheek${far ? '-free' : ''}${several ? `-${i + 1}` : ''}`;
      return [
        board(own, {
          key,
          item: hidden.id,
          role: 'cheek',
          name: `${hidden.name}${ownWords(leaf)}, ${several ? 'stave of its cheek' : 'cheek'}`,
          told: { key: `${leaf.key}/cheek${far ? '-free' : ''}`, words: `the cheek of ${leafWords(laid, leaf)}` },
          at,
          way: ['z', 'x'],
          length: [...highSum(laid), ...line('slope of its head', at.z[1] - leaf.z[1])],
          width: [{ words: several ? 'a flat of its round' : 'across what is cut off', mm: facet }, ...line('its bevels', span(at.x) - facet)],
          thick: [{ words: 'as the board', mm: thick }, ...line('what its bevels leave', span(at.y) - thick)],
          material: hidden.body.material,
          solids,
          slanted: true,
          notes: several && i === 0 ? [`Its staves, or layers of thin board bent to ${lengthMark(leaf.cut!.along)} instead.`] : [],
        }),
      ];
    }),
  );
} // prettier-ignore

/** The flats of what is cut off its hinge end, from its outer point to the face that leads. */
const cutFacets = ({ outline }: HungLeaf): readonly Point2[] =>
  outline.slice(0, outline.findIndex(([, v]) => v < NOTHING) + 1);

/** How far back from the face that leads its cut end begins: a round's tangent is one plane with the board behind it. */
export const cutFrom = (leaf: HungLeaf) => cutFacets(leaf)[0]![1];

/** A board under each flat of a line, mitred where two meet, and run on so far past the line's ends. */
function staves(line: readonly Point2[], thick: number, on: number): Point2[][] {
  const flats = line.slice(1).map((to, i) => {
    const from = line[i]!;
    const wide = Math.hypot(to[0] - from[0], to[1] - from[1]);
    return { from, to, along: [(to[0] - from[0]) / wide, (to[1] - from[1]) / wide] as Point2 };
  });
  return flats.map(({ from, to, along: [c, s] }, i) => {
    const at = ([u, v]: Point2, along: number, inward: number): Point2 => [u + c * along - s * inward, v + s * along + c * inward]; // prettier-ignore
    const run: Point2[] = [at(from, -on, 0), at(to, on, 0), at(to, on, thick), at(from, -on, thick)];
    // Along the joint of two flats their ways differ alike to either side.
    const before = flats[i - 1]?.along;
    const next = flats[i + 1]?.along;
    const mitred = before ? clipped(run, past(from, [before[0] + c, before[1] + s])) : run;
    return next ? clipped(mitred, past(to, [-next[0] - c, -next[1] - s])) : mitred;
  });
}

const past =
  ([u0, v0]: Point2, [du, dv]: Point2) =>
  ([u, v]: Point2) =>
    (u - u0) * du + (v - v0) * dv;
