import type { MoverCheck } from '../clearance/checkMover';
import type { Progress } from '../clearance/checkScene';
import type { Encounter } from '../clearance/encounter';
import { RANK, type Verdict } from '../item/verdict';
import type { Plan } from '../plan/schema';
import { planFindings } from '../report/planFindings';
import { meetingKey, type NoteFinding } from '../report/records';
import { bodyOf, type Mover, type Scene } from '../scene/scene';

/** Something of a plan that is not clear, told so that it can be known again in a plan a little changed. */
export interface Defect {
  /** What it is of, and what it is about: the same in both plans. */
  readonly key: string;
  readonly verdict: Verdict;
  /** The plan item that it is told of. */
  readonly item: string;
  /** How far it is from clear, mm; undefined where that is no length. */
  readonly short: number | undefined;
  /** Of what moves: the check, and what is met. */
  readonly met:
    | {
        readonly mover: Mover;
        readonly check: MoverCheck;
        readonly encounter: Encounter;
      }
    | undefined;
  /** The item it meets, or that stands in air that is spoken for. */
  readonly other: string | undefined;
  /** Of a note: what it is about. */
  readonly about: string | undefined;
  /** It is told of what the mover can use of its travel, and of nothing while that is none. */
  readonly balanced?: true;
}

/** Above this a length is no rounding, mm. */
const HAIR = 1e-6;

/** How far two are from keeping what they need, mm: what is missing of it, and how deep one stands in the other. */
export function shortOf({ verdict, needed, least, deepest, startDepth, endDepth }: Encounter): number {
  if (verdict === 'clear') return 0;
  if (verdict === 'tight') return needed - (least?.lower ?? 0) + HAIR;
  return needed + Math.max(startDepth, endDepth, -(deepest?.witness.clearance ?? 0)) + HAIR;
}

/** All that is not clear of a plan, whose scene was checked. */
export function* defectsOf(
  plan: Plan,
  scene: Scene,
  checks: readonly MoverCheck[],
): Generator<Progress, Defect[]> {
  const moving = checks.flatMap((check, i): Defect[] => {
    const mover = scene.movers[i]!;
    return check.encounters
      .filter(({ verdict }) => verdict !== 'clear')
      .map((encounter) => ({
        key: meetingKey(mover.id, encounter.moving, encounter.still),
        verdict: encounter.verdict,
        item: mover.item,
        short: shortOf(encounter),
        met: { mover, check, encounter },
        other: bodyOf(scene, encounter.still).item,
        about: undefined,
      }));
  });
  const found = yield* planFindings(plan, scene, checks);
  const isOpen = ({ verdict, taken }: NoteFinding) => verdict !== 'clear' && !taken;
  const told = found.notes.filter(isOpen).map(noted);
  const balanced = found.balanced.notes
    .filter(isOpen)
    .map((note): Defect => ({ ...noted(note), balanced: true }));
  const air = found.air
    .filter(({ verdict }) => verdict !== 'clear')
    .map(({ key, item, verdict, by }): Defect => ({
      key,
      verdict,
      item,
      short: undefined,
      met: undefined,
      other: by,
      about: undefined,
    }));
  return [...moving, ...told, ...balanced, ...air];
}

const noted = ({ key, item, about, verdict }: NoteFinding): Defect => ({
  key,
  verdict,
  item,
  short: undefined,
  met: undefined,
  other: undefined,
  about,
});

/** More than this shorter is worse, mm. */
const WORSE = 0.05;

/** What is seen to as it is done, and taken by name: a fixing is no fault for the cables that must be found first. */
const isCare = ({ about, verdict }: Defect) => about === 'caution' && verdict === 'tight';

/** What is worse in a changed plan than it was: new, of a worse verdict, or farther from clear. What wants care alone is not. */
export function worsened(before: ReadonlyMap<string, Defect>, after: readonly Defect[]): Defect[] {
  // What could not move at all had no balance to be told of: that is come to light, and not made.
  const stuck = new Set(
    [...before.values()].filter(({ met }) => met?.check.usable === 0).map(({ item }) => item),
  );
  return after.filter((one) => {
    if (isCare(one)) return false;
    const was = before.get(one.key);
    if (!was) return !(one.balanced && stuck.has(one.item));
    if (RANK[one.verdict] !== RANK[was.verdict]) return RANK[one.verdict] < RANK[was.verdict];
    return one.short !== undefined && was.short !== undefined && one.short > was.short + WORSE;
  });
}
