import { box, motionOf, SceneChecker, type Convex, type Counts, type Scene } from '@tarnpass/core';
import { median, timed, type Figures } from './figures';
import { room } from './room';

/** The same scene in objects that no check has seen: nothing kept by object helps. */
const afresh = (scene: Scene): Scene => ({
  still: scene.still.map((body) => ({ ...body })),
  movers: scene.movers.map((mover) => ({ ...mover, bodies: mover.bodies.map((body) => ({ ...body })) })),
});

/** The room as a first visitor meets it: what a process that has done nothing else takes, ms. */
export function printColdRoom(): void {
  const scene = room(30, 250);
  process.stdout.write(String(timed(() => new SceneChecker().check(scene))));
}

/** The room again and again, then one obstacle of it moved. */
export function measureWarmRoom(figures: Figures): void {
  const scene = room(30, 250);
  let counts: Counts | undefined;
  const times = Array.from({ length: 60 }, () => {
    const fresh = afresh(scene);
    return timed(() => {
      ({ counts } = new SceneChecker().check(fresh));
    });
  });
  // The first half of the rounds warm the engine up.
  figures.note('roomMs', median(times.slice(times.length / 2)));
  figures.note('roomPairs', counts!.pairs);
  figures.note('roomSurvived', counts!.survived);
  figures.note('roomEvaluations', counts!.evaluations);
  figures.note('evaluationsAPair', counts!.evaluations / counts!.survived);
  measureEdits(scene, figures);
}

function measureEdits(scene: Scene, figures: Figures): void {
  const checker = new SceneChecker();
  checker.check(scene);
  const edits = Array.from({ length: 200 }, (_, i) => {
    const at = 130 + (i % 100);
    const still = scene.still.map((body, k) => {
      if (k !== at) return body;
      const piece = body.pieces[0]! as Convex;
      const corners = piece.corners.map((x, c) => (c % 3 === 0 ? x + 1 + i : x));
      return { ...body, pieces: [{ ...piece, corners }] };
    });
    return timed(() => checker.check({ ...scene, still }));
  });
  figures.note('editMs', median(edits));
  figures.note('editWorstMs', Math.max(...edits));
}

/** Exponent of time against movers at even density, from the smallest and the largest room. */
export function measureGrowth(figures: Figures): void {
  const sizes = [10, 30, 100, 300];
  const rounds = [60, 30, 10, 5]; // the small ones need more for their median to be warm
  const times = sizes.map((movers, i) => {
    const scene = room(movers, Math.round((250 / 30) * movers));
    return median(
      Array.from({ length: rounds[i]! }, () => {
        const fresh = afresh(scene);
        return timed(() => new SceneChecker().check(fresh));
      }),
    );
  });
  sizes.forEach((movers, i) => figures.note(`room${movers}Ms`, times[i]!));
  figures.note('growthExponent', Math.log(times[3]! / times[0]!) / Math.log(sizes[3]! / sizes[0]!));
}

/** One door past thousands of posts that all stand near it, with all curves: how the time grows from 1,000 to 4,000. */
export function measureNear(figures: Figures): void {
  const among = (posts: number): Scene => ({
    still: Array.from({ length: posts }, (_, i) => {
      const [turn, away, low] = [(2 * i) / posts, 820 + ((7 * i) % 23), (37 * i) % 1900];
      const [x, y] = [away * Math.cos(turn), away * Math.sin(turn)];
      const id = `post-${i}`;
      return { id, name: id, item: id, pieces: [box([x - 2, y - 2, low], [x + 2, y + 2, low + 15])] };
    }),
    movers: [
      {
        id: 'door',
        item: 'door',
        name: 'door',
        unit: 'rad',
        from: 0,
        to: 1.9,
        contacts: [],
        needs: { around: 10, of: {} },
        bodies: [
          {
            id: 'leaf',
            name: 'leaf',
            item: 'door',
            pieces: [box([0, -10, 0], [800, 10, 2000])],
            motion: motionOf({ kind: 'turn', point: [0, 0, 0], axis: [0, 0, 1] }),
          },
        ],
      },
    ],
  });
  const [few, many] = [1000, 4000].map((posts) => {
    const scene = among(posts);
    const runs = Array.from({ length: 7 }, () => {
      const fresh = afresh(scene);
      return timed(() => new SceneChecker({ curves: true }).check(fresh));
    });
    return median(runs.slice(2));
  }) as [number, number];
  figures.note('near1000Ms', few);
  figures.note('near4000Ms', many);
  figures.note('nearGrowth', many / few);
}

/** The longest time between two places at which a run of the room with all its curves can be stopped, cold, ms. Prints it. */
export function printLongestStep(): void {
  const steps = new SceneChecker({ curves: true }).steps(room(30, 250));
  let longest = 0;
  for (let done: boolean | undefined = false; !done;)
    longest = Math.max(
      longest,
      timed(() => ({ done } = steps.next())),
    );
  process.stdout.write(String(longest));
}

/** What a process that does nothing else takes at most: ten rooms, one after the other. Prints MB. */
export function printPeakMemory(): void {
  for (let i = 0; i < 10; i += 1) new SceneChecker().check(room(30, 250, i));
  process.stdout.write(String(process.resourceUsage().maxRSS / 1024));
}
