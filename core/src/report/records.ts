import type { MoverCheck } from '../clearance/checkMover';
import type { Verdict } from '../item/verdict';
import type { Missing } from '../survey/missing';
import type { Assumption, PartNote } from '../item/note';
import type { Piece } from '../piece/piece';
import type { BalanceReport } from './balance';
import type { AirFinding } from './air';
import type { EncounterWords } from './words';

/** What a mover meets, by a key that it has again in a plan a little changed. */
export const meetingKey = (mover: string, moving: string, still: string): string =>
  `${mover}|${moving}|${still}`;

/** One thing the check found about a part. */
export interface Finding {
  readonly key: string;
  readonly part: string;
  readonly verdict: Verdict;
  readonly sentence: string;
  /** The same as it stands in a longer one: what of the part, where not the main one, and what that does. */
  readonly words: EncounterWords;
  /** The plan item it meets, and what of both it is, so that both can be shown. */
  readonly item: string;
  readonly moving: string;
  readonly still: string;
  /** The very pieces, by their keys; undefined of what is told as a whole. */
  readonly pieces: { readonly moving: string | undefined; readonly still: string | undefined };
  /** Where to look: the travel of the contact or of the least clearance. */
  readonly travel: number;
}

/** What a closed form found of a part, whether it moves or not: its load, its fingers, how it goes in. */
export interface NoteFinding extends PartNote {
  readonly key: string;
  readonly item: string;
  /** The sentence before its lengths were written out: what is taken is taken of these words. */
  readonly said: string;
  /** Who took it upon them, and why. */
  readonly taken: { readonly by: string; readonly why: string } | undefined;
}

/** A default nobody confirmed that a part's answers rest on. */
export interface AssumptionFinding extends Assumption {
  readonly item: string;
}

/** Of the piece that is cut first what a card shows: picked from it, so that it can be sent to another thread. */
export type MainPiece = Pick<Piece, 'role' | 'size' | 'cut'>;

/** All that is known about one mover. */
export interface PartReport {
  readonly id: string;
  /** The plan item it belongs to: its own id but for the leaves of a pair. */
  readonly item: string;
  /** The mover that it is another way of; else itself. */
  readonly thing: string;
  readonly name: string;
  readonly verdict: Verdict;
  readonly travelUnit: 'rad' | 'mm';
  readonly short: { readonly word: string; readonly amount: string; readonly detail: string };
  readonly findings: readonly Finding[];
  /** What is cut for it at its head: its leaf, its front, its panel; none of what is there already or has none. */
  readonly main: MainPiece | undefined;
  readonly check: MoverCheck;
}

/** How the job stands: a sentence, the next thing worth doing, and where it applies. */
export interface Answer {
  readonly verdict: Verdict;
  readonly stands: string;
  readonly next: string;
  /** The part that `next` is about; undefined where it is about none. */
  readonly part: string | undefined;
  /** The finding that is to be mended next, by its key; undefined where nothing is, or where it is opened after another. */
  readonly finding: string | undefined;
}

export interface Report {
  readonly answer: Answer;
  /** All that moves, worst first: the plan's parts and what moves there already. */
  readonly parts: readonly PartReport[];
  /** What closed forms tell of the plan's parts, the worst first. */
  readonly notes: readonly NoteFinding[];
  /** Of what is lifted: what hand, struts and hinges do over the travel it can use. */
  readonly balances: readonly BalanceReport[];
  readonly assumptions: readonly AssumptionFinding[];
  /** Air that is spoken for. */
  readonly air: readonly AirFinding[];
  /** What is still to be measured, the most worth first. */
  readonly missing: readonly Missing[];
}
