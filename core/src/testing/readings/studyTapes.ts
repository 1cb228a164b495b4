import { summarise } from '../../readings/summary';
import { diceOf, type Dice } from '../dice';
import { readingOf, uuid } from './readingOf';
import { bell, slippedBy } from './slips';

/** A tape and a rule that is trusted, as they are; the lengths they were compared at, and one length read with the tape. */
interface TapeTrial {
  readonly offset: number;
  readonly scale: number;
  readonly checks: readonly { readonly rule: number; readonly tape: number; readonly slipped: boolean }[];
  readonly truth: number;
  readonly read: number;
}

/** What came of many trials. */
export interface TapeTally {
  readonly trials: number;
  /** Tapes without fault, read without a slip, that were called off, of `good`. */
  readonly good: number;
  readonly falseAlarms: number;
  /** Tapes that are off by 3 mm or more where they were compared at three lengths and more, and how many of them were corrected. */
  readonly bad: number;
  readonly corrected: number;
  /** Trials with a slip of 10 mm or more among the checks, and how many of them nothing was said of. */
  readonly slipped: number;
  readonly silent: number;
  /** Readings that a correction made worse, and that lie beyond three of the standard deviations they are told with. */
  readonly worse: number;
  /** Readings farther off than 25 mm once corrected. */
  readonly far: number;
  /** Readings beyond three of the standard deviations they are told with, corrected or not. */
  readonly beyond: number;
  /** Told with no doubt at all. */
  readonly certain: number;
}

const [RULE, TAPE] = [uuid(1), uuid(2)];

function drawn(dice: Dice): TapeTrial {
  const offset = dice.chance(0.5) ? 0 : dice.real(-5, 5);
  const scale = dice.chance(0.5) ? 0 : dice.real(-0.0025, 0.0025);
  const sigma = dice.real(0.3, 1);
  const readWith = (mm: number, more = 0) => Math.max(1, Math.round(mm + more + bell(dice, sigma)));
  const slips = dice.chance(0.25);
  const n = 1 + dice.below(8);
  const which = slips ? dice.below(n) : -1;
  const checks = Array.from({ length: n }, (_, i) => {
    const truth = dice.real(300, 5000);
    const tape = readWith(truth, offset + scale * truth);
    const slipped = i === which;
    return {
      rule: Math.round(truth + bell(dice, Math.min(sigma, 0.5))),
      tape: Math.max(1, tape + (slipped ? slippedBy(dice, tape) : 0)),
      slipped,
    };
  });
  const truth = dice.real(300, 6000);
  return { offset, scale, checks, truth, read: readWith(truth, offset + scale * truth) };
}

function toldOf({ checks, read }: TapeTrial) {
  let id = 10;
  const reading = (of: string, mm: number, instrument: string) => readingOf((id += 1), of, mm, instrument);
  const { comparison, byDimension } = summarise(
    {
      instruments: [
        { id: RULE, name: 'Rule', kind: 'rule', trusted: true },
        { id: TAPE, name: 'Tape', kind: 'tape', trusted: false },
      ],
      readings: [
        ...checks.flatMap(({ rule, tape }, i) => [
          reading(`check/${i + 1}`, rule, RULE),
          reading(`check/${i + 1}`, tape, TAPE),
        ]),
        reading('space/width', read, TAPE),
      ],
    },
    () => 'mean',
  );
  return { comparison, told: byDimension.get('space/width')!.readings[0]! };
}

/** So many tapes, each compared with a trusted rule at one to eight lengths, a quarter of them with a slip. */
export function studyTapes(trials: number, seed: number): TapeTally {
  const tally = {
    trials, good: 0, falseAlarms: 0, bad: 0, corrected: 0, slipped: 0, silent: 0, worse: 0, far: 0, beyond: 0, certain: 0,
  }; // prettier-ignore
  for (let i = 0; i < trials; i += 1) {
    const trial = drawn(diceOf(seed + i));
    const { comparison, told } = toldOf(trial);
    const { offset, scale, checks, truth, read } = trial;
    const moved = told.by !== 0;
    const slipped = checks.some((check) => check.slipped && Math.abs(check.tape - check.rule) >= 9);
    if (slipped) {
      tally.slipped += 1;
      const named = comparison.fits.some((fit) => fit.slips.length > 0);
      if (!named && comparison.disagreements.length === 0) tally.silent += 1;
    } else if (offset === 0 && scale === 0) {
      tally.good += 1;
      if (moved || comparison.disagreements.length > 0) tally.falseAlarms += 1;
    } else if (checks.length > 2 && Math.abs(offset + scale * truth) >= 3) {
      tally.bad += 1;
      if (moved) tally.corrected += 1;
    }
    const [error, raw] = [Math.abs(told.mm - truth), Math.abs(read - truth)];
    if (moved && error > raw && !(error <= 3 * told.sigma)) tally.worse += 1;
    if (moved && !(error <= 25)) tally.far += 1;
    if (!(error <= 3 * told.sigma)) tally.beyond += 1;
    if (!(told.sigma > 0)) tally.certain += 1;
  }
  return tally;
}
