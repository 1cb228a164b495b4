import {
  approachStill,
  box,
  carried,
  chain,
  firstContact,
  leastClearance,
  motionOf,
  MovingPiece,
  ratio,
} from '@tarnpass/core';
import { median, timed, type Figures } from './figures';
import { ANYWHERE, manifoldBox, ORIGIN, rapierHull, UNTURNED } from './reference';

const TOLERANCE = 0.05;
const ROUNDS = 1000;

/** A door past a post, certified to 0.05 mm, against dense sampling at a step whose motion bound gives the same error. */
export function measureSweeps(figures: Figures): void {
  const leaf = box([0, 0, 0], [600, 20, 2000]);
  const motion = motionOf({ kind: 'turn', point: [0, 0, 0], axis: [0, 0, -1] });
  const to = (110 / 180) * Math.PI;
  const post = box([640, -300, 0], [700, -200, 900]);
  const posts = [box([300, -560, 0], [380, -540, 2000]), post, box([-200, -640, 300], [-20, -610, 1800])];
  const plates = [box([200, -320, 900], [201, -300, 950]), box([420, -100, 100], [500, -99, 180])];
  // Between two samples the distance may fall by half a step times the speed of the fastest point.
  const samples = Math.ceil((to * Math.hypot(600, 20)) / (2 * TOLERANCE));
  // The far leaf of a folding pair, against the same posts.
  const folding = carried(
    motionOf({ kind: 'turn', point: [0, 0, 0], axis: [0, 0, -1] }),
    chain([{ joint: { kind: 'turn', point: [300, 0, 0], axis: [0, 0, 1] }, drive: ratio(2) }]),
  );
  const farLeaf = box([300, 0, 0], [600, 20, 2000]);
  const chainCounts = [...posts, ...plates].map((obstacle) => {
    const approach = approachStill(new MovingPiece(farLeaf, folding), obstacle);
    leastClearance(approach, 0, to, { tolerance: TOLERANCE });
    return approach.evaluations;
  });
  const mine: number[] = [];
  const counts: number[] = [];
  const contactCounts: number[] = [];
  const rapier: number[] = [];
  const theirs: number[] = [];
  const leafHull = rapierHull(leaf.corners);
  const postHull = rapierHull(post.corners);
  const leafSolid = manifoldBox([0, 0, 0], [600, 20, 2000]);
  const postSolid = manifoldBox([640, -300, 0], [700, -200, 900]);
  const sampled = (count: number, one: (t: number) => void) =>
    timed(() => {
      for (let i = 0; i < count; i += 1) one((to * i) / count);
    }) / count;
  for (let round = 0; round < ROUNDS; round += 1) {
    for (const obstacle of posts) {
      const approach = approachStill(new MovingPiece(leaf, motion), obstacle);
      const ms = timed(() => leastClearance(approach, 0, to, { tolerance: TOLERANCE }));
      if (round >= ROUNDS / 2) mine.push(ms);
      counts.push(approach.evaluations);
    }
    for (const plate of plates) {
      const approach = approachStill(new MovingPiece(leaf, motion), plate);
      firstContact(approach, 0, to, 0, 0.01);
      contactCounts.push(approach.evaluations);
    }
    if (round < ROUNDS / 2 || round % 50 !== 0) continue;
    rapier.push(
      sampled(1000, (t) =>
        leafHull.contactShape(
          ORIGIN,
          { x: 0, y: 0, z: -Math.sin(t / 2), w: Math.cos(t / 2) },
          postHull,
          ORIGIN,
          UNTURNED,
          ANYWHERE,
        ),
      ),
    );
    theirs.push(
      sampled(60, (t) => {
        const turned = leafSolid.rotate([0, 0, (-t * 180) / Math.PI]);
        turned.minGap(postSolid, ANYWHERE);
        turned.delete();
      }),
    );
  }
  figures.note('sweepMs', median(mine));
  figures.note('sweepEvaluations', Math.max(...counts));
  figures.note('chainEvaluations', Math.max(...chainCounts));
  figures.note('contactEvaluations', Math.max(...contactCounts));
  figures.note('sweepSamples', samples);
  figures.note('sweepVsRapier', (median(rapier) * samples) / median(mine));
  figures.note('sweepVsManifold', (median(theirs) * samples) / median(mine));
}
