import type { Drive } from './drive';
import type { Motion, Stage } from './motion';

/** Knots nearer to each other than this are one, mm or radians: a drive's value moves by no more in between. */
const SAME = 1e-8;

/**
 * A motion run by a drive that rises: its own travel is what the drive says of the mover's.
 *
 * @param knots  of the drive, where its rate may jump
 * @param to     the end of the mover's travel, which begins at 0
 */
export function driven(motion: Motion, drive: Drive, knots: readonly number[], to: number): Motion {
  const lists = new Map<readonly Stage[], readonly Stage[]>();
  const run = remembered(drive);
  return {
    key: `${motion.key} by ${drive.key}`,
    knots: merged(knots, motion.knots, drive, to),
    stagesAt: (travel, side) => {
      const stages = motion.stagesAt(run.value(travel), side);
      let list = lists.get(stages);
      if (!list)
        lists.set(
          stages,
          (list = stages.map(({ joint, drive: own }) => ({ joint, drive: composed(run, own) }))),
        );
      return list;
    },
  };
}

/** A drive run by another one that rises, with the knots of both as travels of the first. */
export function thenDrive(
  first: Drive,
  firstKnots: readonly number[],
  second: Drive,
  secondKnots: readonly number[],
  to: number,
): { readonly drive: Drive; readonly knots: readonly number[] } {
  return { drive: remembered(composed(first, second)), knots: merged(firstKnots, secondKnots, first, to) };
}

/** By the chain rule, and so the bounds: (f o g)'' = f''(g) g'^2 + f'(g) g''. */
function composed(first: Drive, second: Drive): Drive {
  return {
    key: `${second.key} by ${first.key}`,
    value: (travel) => second.value(first.value(travel)),
    rate: (travel, side) => second.rate(first.value(travel), side) * first.rate(travel, side),
    over: (from, to) => {
      const inner = first.over(from, to);
      const outer = second.over(first.value(from), first.value(to));
      // A joint that is not moved by what nothing is known of stays unmoved.
      if (outer.rate === 0 && outer.bend === 0) return outer;
      if (!Number.isFinite(inner.rate + inner.bend + outer.rate + outer.bend))
        return { rate: Infinity, bend: Infinity };
      return { rate: outer.rate * inner.rate, bend: outer.bend * inner.rate ** 2 + outer.rate * inner.bend };
    },
  };
}

/** Knots of a drive and of what it runs, as travels of the drive. */
function merged(own: readonly number[], inner: readonly number[], drive: Drive, to: number): number[] {
  const back = inner.flatMap((value) => travelAt(drive, value, to) ?? []);
  const all = [...own, ...back].filter((knot) => knot > SAME && knot < to - SAME).sort((a, b) => a - b);
  // Where one follower passes a joint, the next section's front one does too, to the last digits.
  return all.filter((knot, i) => i === 0 || knot - all[i - 1]! > SAME);
}

/** The travel at which a drive that rises comes to a value; undefined where it does not on [0, to]. */
function travelAt(drive: Drive, value: number, to: number): number | undefined {
  if (!(drive.value(0) < value && drive.value(to) > value)) return undefined;
  let [low, high] = [0, to];
  for (let i = 0; i < 100 && high - low > 1e-12 * to; i += 1) {
    const middle = (low + high) / 2;
    if (drive.value(middle) < value) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/** How many answers a drive remembers: a chain of joints asks the same of it for every joint, at both ends of a stretch. */
const REMEMBERED = 4;

/** A drive that gives the answers it gave last again, without working them out. */
function remembered(drive: Drive): Drive {
  const keep = <Answer>(ask: (a: number, b: number) => Answer) => {
    const [as, bs] = [new Float64Array(REMEMBERED).fill(NaN), new Float64Array(REMEMBERED)];
    const answers: Answer[] = [];
    let next = 0;
    return (a: number, b: number): Answer => {
      for (let i = 0; i < REMEMBERED; i += 1) if (as[i] === a && bs[i] === b) return answers[i]!;
      const answer = ask(a, b);
      as[next] = a;
      bs[next] = b;
      answers[next] = answer;
      next = (next + 1) % REMEMBERED;
      return answer;
    };
  };
  const value = keep((travel) => drive.value(travel));
  const rate = keep((travel, side) => drive.rate(travel, side < 0 ? -1 : 1));
  return {
    key: drive.key,
    value: (travel) => value(travel, 0),
    rate: (travel, side = 1) => rate(travel, side),
    over: keep((from, to) => drive.over(from, to)),
  };
}
