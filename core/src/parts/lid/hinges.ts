import type { GroundWork } from '../../carcass/build';
import { acrossX } from '../../mechanism/leafOnStruts';
import type { WorkIn } from '../../piece/board';
import { sideTowards } from '../../piece/lie';
import type { Piece } from '../../piece/piece';
import { plain } from '../../piece/plain';
import type { Bounds, Range } from '../../solid/bounds';
import { roundAbout } from '../kit/roundAbout';
import { hingePlaces, levelHingeItem } from '../kit/turning/hinge';
import { hasFooting, leafWords, wideOf, type LaidLid, type LidLeaf } from './lay';

/** What a hinge wants of the leaf: its flap let into the edge, or on it. */
export function hingeWorks(laid: LaidLid, leaf: LidLeaf): WorkIn[] {
  const { lid, place } = laid;
  const item = levelHingeItem(lid.hinge, place.hardware);
  if (!item) return [];
  const deep = lid.hinge.mortise === 'none' ? 0 : item.thick;
  const back = leaf.at.y[1];
  const z = flapRange(laid, leaf.at.z, item.wide);
  return hingeRuns(laid, leaf).map((x, i) => ({
    key: `hinge-${i + 1}`,
    kind: deep > 0 ? 'mortise' : 'footprint',
    side: 'left',
    at: { x, y: [back - deep, back], z },
    from: ['start'],
    words: 'the hinge',
  }));
}

/** Where its hinges are along the axis: one all along, or each of several. */
function hingeRuns({ lid, place }: LaidLid, leaf: LidLeaf): readonly Range[] {
  const item = levelHingeItem(lid.hinge, place.hardware);
  if (!item) return [];
  if (item.kind === 'continuous hinge') return [leaf.at.x];
  return hingePlaces(lid.hinge, wideOf(leaf)).map((at): Range => [
    leaf.at.x[0] + at - item.high / 2,
    leaf.at.x[0] + at + item.high / 2,
  ]);
}

/** The other flap of a hinge as it lies on the back strip, let into it or not. */
export function stripFlaps(laid: LaidLid, strip: Bounds): WorkIn[] {
  const { lid, place } = laid;
  const item = levelHingeItem(lid.hinge, place.hardware);
  if (!item) return [];
  const deep = lid.hinge.mortise === 'both' ? item.thick : 0;
  return laid.leaves.flatMap((leaf) =>
    hingeRuns(laid, leaf).map((x, i): WorkIn => ({
      key: `${leaf.of === '' ? '' : `${leaf.of}-`}hinge-${i + 1}`,
      kind: deep > 0 ? 'mortise' : 'footprint',
      side: 'right',
      at: { x, y: [strip.y[0], strip.y[0] + deep], z: flapRange(laid, strip.z, item.wide) },
      from: ['start'],
      words: 'the hinge',
      mate: { piece: `${leaf.key}/leaf`, work: `${leaf.key}/leaf#hinge-${i + 1}` },
    })),
  );
}

/** The same on the carcass, where no strip is behind the leaf: on its back's outer face, or on the edge of that which the leaf ends over. */
export function caseFlaps(laid: LaidLid, leaf: LidLeaf): GroundWork[] {
  const { lid, place, top } = laid;
  const back = place.built.boards.find(({ key }) => key === `${place.carcass.id}/back`);
  const item = levelHingeItem(lid.hinge, place.hardware);
  if (!item || !back || !hasFooting(laid) || lid.margins.back.mm > 0) return [];
  const deep = lid.hinge.mortise === 'both' ? item.thick : 0;
  const outer = back.at.y[1];
  const overEdge = leaf.at.y[1] < outer - 1e-6;
  return hingeRuns(laid, leaf).map((x, i): GroundWork => ({
    into: back.key,
    work: {
      key: `${leaf.key}/hinge-${i + 1}`,
      kind: deep > 0 ? 'mortise' : 'footprint',
      side: sideTowards(back.way, overEdge ? 'z' : 'y'),
      at: overEdge
        ? { x, y: [leaf.at.y[1], Math.min(outer, leaf.at.y[1] + item.wide)], z: [top.z[0] - deep, top.z[0]] }
        : { x, y: [outer - deep, outer], z: [top.z[0] - item.wide, top.z[0]] },
      words: `the hinge of ${leafWords(laid, leaf)}`,
    },
  }));
}

/** A flap lies on the edge from the face its knuckle is at. */
const flapRange = ({ lid }: LaidLid, z: Range, wide: number): Range =>
  lid.hinge.knuckle === 'beneath' ? [z[0], Math.min(z[1], z[0] + wide)] : [Math.max(z[0], z[1] - wide), z[1]];

/** Its knuckles, which go with the leaf; one above it stands out. */
export function knucklesOf(laid: LaidLid, leaf: LidLeaf): Piece[] {
  const { lid, place, plane, frame } = laid;
  const item = levelHingeItem(lid.hinge, place.hardware);
  if (!item) return [];
  const [y, z] = plane.axis;
  const runs = hingeRuns(laid, leaf);
  const told = { key: `${leaf.key}/knuckles`, words: `a hinge knuckle of ${leafWords(laid, leaf)}` };
  return runs.map((x, i) =>
    plain(frame, {
      key: `${leaf.key}/hinge-${i + 1}`,
      item: lid.id,
      role: 'hinge',
      is: 'bought',
      name: item.name,
      told,
      solids: lid.hinge.knuckle === 'above' ? [levelRound(laid, y, z, item.knuckle / 2, x)] : [],
      round: true,
      hardware: { id: item.id, share: 1 },
    }),
  );
}

/** A round bar along the carcass's x. */
function levelRound({ frame }: LaidLid, y: number, z: number, radius: number, x: Range) {
  const outline = roundAbout(0, 0, radius);
  return acrossX(
    frame,
    x,
    outline.map(([u, w]) => [y + u, z + w] as const),
  );
}
