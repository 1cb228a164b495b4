import type { ManifoldToplevel } from 'manifold-3d';
import { diceOf } from '../dice';
import { drawScene } from './drawScene';
import { judge } from './judge';

/** What a run of the referee came to. */
export interface Tally {
  readonly scenes: number;
  /** Disagreements, each with the number of its scene. */
  readonly wrong: readonly string[];
  /** Scenes with a body on such a joint; pairs of bodies with such a verdict, and scenes refused. */
  readonly joints: Readonly<Record<string, number>>;
  readonly verdicts: Readonly<Record<string, number>>;
  /** Scenes in which something came within a tenth of a millimetre of touching. */
  readonly close: number;
  readonly pairs: number;
  /** The slowest scene for the engine, ms, and its number. */
  readonly slowest: readonly [number, number];
}

/** The scene of a seed with a number: the same for whoever asks. */
export const sceneOf = (seed: number, n: number) => drawScene(diceOf(seed * 1_000_003 + n));

/**
 * Hold the engine against the referee over many random scenes.
 *
 * @param untilWrong  stop at the first disagreement
 */
export function tallied(api: ManifoldToplevel, scenes: number, seed: number, untilWrong = false): Tally {
  const wrong: string[] = [];
  const joints: Record<string, number> = {};
  const verdicts: Record<string, number> = {};
  const count = (of: Record<string, number>, key: string) => (of[key] = (of[key] ?? 0) + 1);
  let [close, pairs, done] = [0, 0, 0];
  let slowest: [number, number] = [0, -1];
  for (let n = 0; n < scenes && !(untilWrong && wrong.length > 0); n += 1) {
    const drawn = sceneOf(seed, n);
    const judged = judge(api, drawn, diceOf(n));
    const kinds = drawn.file.movers.flatMap(({ bodies }) => bodies.flatMap((body) => body.joints));
    for (const kind of new Set(kinds.map((joint) => joint.kind))) count(joints, kind);
    for (const verdict of judged.verdicts) count(verdicts, verdict);
    for (const what of judged.wrong) wrong.push(`scene ${n}: ${what}`);
    if (judged.close) close += 1;
    if (judged.ms > slowest[0]) slowest = [judged.ms, n];
    pairs += judged.pairs;
    done += 1;
  }
  return { scenes: done, wrong, joints, verdicts, close, pairs, slowest };
}
