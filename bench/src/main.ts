import { spawnSync } from 'node:child_process';
import { fileURLToPath } from 'node:url';
import RAPIER from '@dimforge/rapier3d-compat';
import Manifold from 'manifold-3d';
import {
  approachStill,
  box,
  coldStart,
  emptySeparation,
  firstContact,
  leastClearance,
  motionOf,
  motionPose,
  pairMap,
  place,
  prism,
  SceneChecker,
  separate,
  UNKNOWN,
  CELLS,
  type Convex,
  type Point3,
  type Scene,
} from '@tarnpass/core';
import { numbers, room } from './room';

/**
 * `npm run -s bench`: ratios against general-purpose libraries, measured side by side in one run; `-- --json` prints
 * one object. Counts of distance evaluations are the steady figures; times wander with the machine.
 */
const figures: Record<string, number> = {};
const note = (name: string, value: number) => {
  figures[name] = Math.abs(value) >= 100 ? Math.round(value) : Math.round(value * 1000) / 1000;
};
const median = (values: readonly number[]) =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)]!;
const timed = (act: () => void) => {
  const start = performance.now();
  act();
  return performance.now() - start;
};

if (process.argv.includes('--memory')) {
  // A process of its own, without the libraries compared against: the room, ten times over.
  for (let i = 0; i < 10; i += 1) new SceneChecker().check(room(30, 250, i));
  process.stdout.write(String(process.resourceUsage().maxRSS / 1024));
  process.exit(0);
}

await RAPIER.init();
const manifold = await Manifold();
manifold.setup();

coldRoom();
queries();
sweeps();
warmRoom();
pairMaps();
growth();
peakMemory();
report();

/** First, so that nothing is warm: the room as a first visitor meets it. */
function coldRoom(): void {
  const scene = room(30, 250);
  note(
    'roomColdMs',
    timed(() => new SceneChecker().check(scene)),
  );
}

interface Case {
  readonly a: Convex;
  readonly atA: Float64Array;
  readonly b: Convex;
}

function cases(count: number): Case[] {
  const next = numbers(11);
  const between = (p: number, q: number) => p + (q - p) * next();
  return Array.from({ length: count }, (_, i) => {
    const size: Point3 = [between(20, 600), between(10, 60), between(100, 900)];
    const a =
      i % 2 === 0
        ? box([0, 0, 0], size)
        : prism(
            Array.from({ length: 8 }, (_, k): [number, number] => [
              size[0] * Math.cos((k * Math.PI) / 4),
              size[0] * Math.sin((k * Math.PI) / 4),
            ]),
            ([u, v], end) => [u, v, end * size[2]],
          );
    const axis: Point3 = [between(-1, 1), between(-1, 1), between(-1, 1)];
    const length = Math.hypot(...axis);
    const pose = motionPose(
      motionOf({
        kind: 'turn',
        point: [0, 0, 0],
        axis: [axis[0] / length, axis[1] / length, axis[2] / length],
      }),
      between(0, 3),
    );
    const away = 700 + between(0, 200);
    const turn = between(0, 6.28);
    const atA = place(pose, a.corners).map(
      (x, k) => x + [away * Math.cos(turn), away * Math.sin(turn), 0][k % 3]!,
    );
    return { a, atA, b: box([-60, -60, -60], [60, 60, 60]) };
  });
}

/** One distance query: ours, rapier's on hulls of the same corners, manifold-3d's gap. Interleaved, medians of rounds. */
function queries(): void {
  const list = cases(400);
  const out = emptySeparation();
  const shapes = list.map(
    ({ atA, b }) =>
      [
        new RAPIER.ConvexPolyhedron(Float32Array.from(atA)),
        new RAPIER.ConvexPolyhedron(Float32Array.from(b.corners)),
      ] as const,
  );
  const origin = { x: 0, y: 0, z: 0 };
  const still = { x: 0, y: 0, z: 0, w: 1 };
  const points = (corners: Float64Array) =>
    Array.from({ length: corners.length / 3 }, (_, i): [number, number, number] => [
      corners[3 * i]!,
      corners[3 * i + 1]!,
      corners[3 * i + 2]!,
    ]);
  const solids = list
    .slice(0, 60)
    .map(
      ({ atA, b }) =>
        [manifold.Manifold.hull(points(atA)), manifold.Manifold.hull(points(b.corners))] as const,
    );
  // As a sweep asks them: the pose a little on from the last, started from where that one ended.
  const starts = list.map(() => coldStart());
  const nudged = list.map(({ atA }) => [atA, atA.map((x) => x + 0.7)] as const);
  const mine: number[] = [];
  const cold: number[] = [];
  const rapier: number[] = [];
  const theirs: number[] = [];
  let worst = 0;
  // What is measured is compiled code: the engine is given time for it first.
  for (let r = 0; r < 200; r += 1) {
    for (let i = 0; i < list.length; i += 1)
      separate(list[i]!.a, nudged[i]![r % 2]!, list[i]!.b, list[i]!.b.corners, starts[i]!, out);
  }
  for (let r = 0; r < 41; r += 1) {
    mine.push(
      timed(() => {
        for (let i = 0; i < list.length; i += 1) {
          const { a, b } = list[i]!;
          separate(a, nudged[i]![r % 2]!, b, b.corners, starts[i]!, out);
        }
      }) / list.length,
    );
    cold.push(
      timed(() => {
        for (const { a, atA, b } of list) separate(a, atA, b, b.corners, coldStart(), out);
      }) / list.length,
    );
    rapier.push(
      timed(() => {
        for (const [one, two] of shapes) one.contactShape(origin, still, two, origin, still, 10_000);
      }) / list.length,
    );
    theirs.push(
      timed(() => {
        for (const [one, two] of solids) one.minGap(two, 10_000);
      }) / solids.length,
    );
  }
  solids.forEach(([one, two], i) => {
    const { a, atA, b } = list[i]!;
    worst = Math.max(
      worst,
      Math.abs(Math.max(0, separate(a, atA, b, b.corners, coldStart(), out).value) - one.minGap(two, 10_000)),
    );
    one.delete();
    two.delete();
  });
  note('queryUs', 1000 * median(mine));
  note('queryColdUs', 1000 * median(cold));
  note('queryVsRapier', median(rapier) / median(mine));
  note('queryVsManifold', median(theirs) / median(mine));
  note('agreementMm', worst);
}

/** A door past a post, certified to 0.05 mm, against dense sampling at a step that bounds the error to the same. */
function sweeps(): void {
  const leaf = box([0, 0, 0], [600, 20, 2000]);
  const motion = motionOf({ kind: 'turn', point: [0, 0, 0], axis: [0, 0, -1] });
  const to = (110 / 180) * Math.PI;
  const posts = [
    box([300, -560, 0], [380, -540, 2000]),
    box([640, -300, 0], [700, -200, 900]),
    box([-200, -640, 300], [-20, -610, 1800]),
  ];
  const plates = [box([200, -320, 900], [201, -300, 950]), box([420, -100, 100], [500, -99, 180])];
  // Between two samples the distance may fall by half a step times the speed of the fastest point.
  const samples = Math.ceil((to * 600.4) / (2 * 0.05));
  const mine: number[] = [];
  const counts: number[] = [];
  const contactCounts: number[] = [];
  for (let r = 0; r < 1000; r += 1) {
    for (const post of posts) {
      const approach = approachStill({ piece: leaf, motion }, post);
      const ms = timed(() => leastClearance(approach, 0, to, { tolerance: 0.05 }));
      if (r >= 500) mine.push(ms);
      counts.push(approach.evaluations);
    }
    for (const plate of plates) {
      const approach = approachStill({ piece: leaf, motion }, plate);
      firstContact(approach, 0, to, 0, 0.01);
      contactCounts.push(approach.evaluations);
    }
  }
  const sampleRate = (count: number, one: (t: number) => void) =>
    timed(() => {
      for (let i = 0; i < count; i += 1) one((to * i) / count);
    }) / count;
  const shapes = [
    new RAPIER.ConvexPolyhedron(Float32Array.from(leaf.corners)),
    new RAPIER.ConvexPolyhedron(Float32Array.from(posts[1]!.corners)),
  ] as const;
  const origin = { x: 0, y: 0, z: 0 };
  const still = { x: 0, y: 0, z: 0, w: 1 };
  const rapier = [0, 1, 2].map(() =>
    sampleRate(4000, (t) =>
      shapes[0].contactShape(
        origin,
        { x: 0, y: 0, z: -Math.sin(t / 2), w: Math.cos(t / 2) },
        shapes[1],
        origin,
        still,
        10_000,
      ),
    ),
  );
  const cube = (least: Point3, most: Point3) =>
    manifold.Manifold.cube([most[0] - least[0], most[1] - least[1], most[2] - least[2]]).translate([
      ...least,
    ]);
  const [solid, post] = [cube([0, 0, 0], [600, 20, 2000]), cube([640, -300, 0], [700, -200, 900])];
  const theirs = [0, 1, 2].map(() =>
    sampleRate(300, (t) => {
      const turned = solid.rotate([0, 0, (-t * 180) / Math.PI]);
      turned.minGap(post, 10_000);
      turned.delete();
    }),
  );
  note('sweepMs', median(mine));
  note('sweepEvaluations', Math.max(...counts));
  note('contactEvaluations', Math.max(...contactCounts));
  note('sweepSamples', samples);
  note('sweepVsRapier', (median(rapier) * samples) / median(mine));
  note('sweepVsManifold', (median(theirs) * samples) / median(mine));
}

function warmRoom(): void {
  const scene = room(30, 250);
  const rounds = Array.from({ length: 30 }, () => {
    const checker = new SceneChecker();
    let counts = { pairs: 0, survived: 0, evaluations: 0 };
    const fresh: Scene = {
      still: scene.still.map((body) => ({ ...body })),
      movers: scene.movers.map((mover) => ({ ...mover, bodies: mover.bodies.map((body) => ({ ...body })) })),
    };
    const ms = timed(() => ({ counts } = checker.check(fresh)));
    return { ms, counts };
  });
  const { counts } = rounds[0]!;
  // The first half of the rounds warm the engine up.
  note('roomMs', median(rounds.slice(15).map(({ ms }) => ms)));
  note('roomPairs', counts.pairs);
  note('roomSurvived', counts.survived);
  note('roomEvaluations', counts.evaluations);
  note('evaluationsAPair', counts.evaluations / counts.survived);
  const checker = new SceneChecker();
  checker.check(scene);
  const edits: number[] = [];
  for (let i = 0; i < 200; i += 1) {
    const at = 130 + (i % 100);
    const still = scene.still.map((body, k) => {
      if (k !== at) return body;
      const piece = body.pieces[0]! as Convex;
      return {
        ...body,
        pieces: [{ ...piece, corners: piece.corners.map((x, c) => (c % 3 === 0 ? x + 1 + i : x)) }],
      };
    });
    const changed = { ...scene, still };
    edits.push(timed(() => checker.check(changed)));
  }
  note('editMs', median(edits));
  note('editWorstMs', Math.max(...edits));
}

function pairMaps(): void {
  const scene = room(4, 20);
  const [door, drawer] = [scene.movers[0]!, scene.movers[1]!];
  const pairs = [
    [door, mirrored(door)],
    [door, drawer],
    [drawer, facing(drawer)],
  ] as const;
  const times: number[] = [];
  const ratios: number[] = [];
  for (const [a, b] of pairs) {
    let map = pairMap(a, b);
    times.push(median(Array.from({ length: 7 }, () => timed(() => (map = pairMap(a, b))))));
    const unknown = map.ground.reduce((sum, kind) => sum + Number(kind === UNKNOWN), 0);
    const edge = boundary(map.ground);
    if (edge > 0) ratios.push(unknown / edge);
  }
  note('pairMapMs', median(times));
  note('pairMapWorstMs', Math.max(...times));
  note('unknownToBoundary', ratios.length > 0 ? Math.max(...ratios) : 0);
}

/** The true boundary in cells, about: cells along which free and blocked ground meet once unknown cells are given to either. */
function boundary(ground: Uint8Array): number {
  let rows = 0;
  let columns = 0;
  const runs = (at: (k: number) => number) => {
    let changes = 0;
    let last = -1;
    for (let k = 0; k < CELLS; k += 1) {
      const kind = at(k);
      if (kind === UNKNOWN) continue;
      if (last !== -1 && kind !== last) changes += 1;
      last = kind;
    }
    return changes;
  };
  for (let k = 0; k < CELLS; k += 1) {
    rows += runs((j) => ground[k * CELLS + j]!);
    columns += runs((i) => ground[i * CELLS + k]!);
  }
  return rows + columns;
}

/** A second door 900 beside the first, hung the other way: their leaves cross each other's air. */
function mirrored(door: Scene['movers'][number]): Scene['movers'][number] {
  const flip = (x: number) => 1250 - x;
  return {
    ...door,
    id: 'mirrored',
    bodies: door.bodies.map((body) => ({
      ...body,
      id: `${body.id}-mirrored`,
      pieces: [box([flip(596), -21, 2], [flip(4), -1, 798])],
      motion: motionOf({ kind: 'turn', point: [flip(3), -3, 0], axis: [0, 0, 1] }),
    })),
  };
}

/** A second drawer that comes the other way. */
function facing(drawer: Scene['movers'][number]): Scene['movers'][number] {
  return {
    ...drawer,
    id: 'facing',
    bodies: drawer.bodies.map((body) => ({
      ...body,
      id: `${body.id}-facing`,
      pieces: body.pieces.map((piece) => ({
        ...piece,
        corners: piece.corners.map((x, c) => (c % 3 === 1 ? x - 1150 : x)),
      })),
      motion: motionOf({ kind: 'slide', direction: [0, 1, 0] }),
    })),
  };
}

/** Exponent of time against movers at even density, from the smallest and the largest room. */
function growth(): void {
  const sizes = [10, 30, 100, 300];
  const times = sizes.map((movers) => {
    const scene = room(movers, Math.round((250 / 30) * movers));
    return median(
      Array.from({ length: movers > 100 ? 3 : 5 }, () =>
        timed(() =>
          new SceneChecker().check({
            still: scene.still.map((b) => ({ ...b })),
            movers: scene.movers.map((m) => ({ ...m, bodies: m.bodies.map((b) => ({ ...b })) })),
          }),
        ),
      ),
    );
  });
  sizes.forEach((movers, i) => note(`room${movers}Ms`, times[i]!));
  note('growthExponent', Math.log(times[3]! / times[0]!) / Math.log(30));
}

function peakMemory(): void {
  const { stdout } = spawnSync(
    process.execPath,
    [...process.execArgv, fileURLToPath(import.meta.url), '--memory'],
    { encoding: 'utf8' },
  );
  note('peakMb', Number(stdout));
}

function report(): void {
  if (process.argv.includes('--json')) {
    process.stdout.write(`${JSON.stringify(figures)}\n`);
    return;
  }
  for (const [name, value] of Object.entries(figures)) process.stdout.write(`${name.padEnd(20)} ${value}\n`);
}
