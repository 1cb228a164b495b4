import type { MoverCheck } from '../clearance/checkMover';
import type { Encounter } from '../clearance/encounter';
import { capitalised } from '../item/capitals';
import { formatLength } from '../length/formatLength';
import { MM_PER_INCH, type Units } from '../length/units';
import type { Mover } from '../scene/scene';

/** How a travel is said: whole degrees for a turn, a length for a slide. Rounded towards shut, so it is never too much. */
export function travelText(mover: Pick<Mover, 'unit'>, travel: number, units: Units): string {
  if (mover.unit === 'mm') return formatLength(travel, units, true);
  return `${Math.floor((travel * 180) / Math.PI + 1e-9)}°`;
}

/** What is left of the travel after `at`, counted from the figures as shown so that the two add up. */
export function shortfallText(mover: Mover, at: number, units: Units): string {
  if (mover.unit === 'mm') return formatLength(mover.to - at, units, true);
  const degrees = (travel: number) => Math.floor((travel * 180) / Math.PI + 1e-9);
  return `${degrees(mover.to) - degrees(at)}°`;
}

export interface EncounterNames {
  /** The moving body where it is not the main one of its part ("the handle of the leaf"); empty for the main one. */
  readonly moving: string;
  readonly still: string;
  /** The other is air that must stay empty. */
  readonly zone?: boolean;
  /** How much of the clearance needed is for what is not known of it, mm. */
  readonly doubt?: number;
}

/** An overlap less than this is not worth a word, mm. */
const SHOWN = 0.5;

/** One encounter in words, in the parts a longer sentence is made of. */
export interface EncounterWords {
  /** What of the mover it is; empty for its main part. */
  readonly who: string;
  /** "touches the skirting at 63°". */
  readonly does: string;
  /** What a sentence of its own says besides: ", 27° short of full travel". */
  readonly more: string;
}

export function encounterWords(
  mover: Mover,
  encounter: Encounter,
  { moving: who, still, zone, doubt }: EncounterNames,
  units: Units,
): EncounterWords {
  const { contact, least, needed, startDepth, verdict, deepest } = encounter;
  const length = (mm: number) => formatLength(mm, units, true);
  if (startDepth > 0)
    return { who, does: `stands ${length(startDepth)} inside ${still} when shut`, more: '' };
  if (contact) {
    const inside = deepest && -deepest.witness.clearance;
    const pushed = inside && inside > SHOWN ? `; pushed on it would go ${length(inside)} deep` : '';
    return {
      who,
      does: `${zone ? 'enters' : 'touches'} ${still} at ${travelText(mover, contact.free, units)}`,
      more: `, ${shortfallText(mover, contact.free, units)} short of full travel${zone ? '; it must stay clear' : pushed}`,
    };
  }
  if (!least) return { who, does: `rests on ${still}`, more: '' };
  const at = travelText(mover, least.witness.travel, units);
  const gap = length(Math.max(0, least.witness.clearance));
  if (zone) return { who, does: `stays ${gap} out of ${still}, nearest at ${at}`, more: '' };
  const share = doubt ? `, ${length(doubt)} of it for the readings` : '';
  // Two figures that round alike would say that nothing is wrong.
  if (verdict === 'tight' && gap === length(needed))
    return {
      who,
      does: `comes a hair nearer to ${still} than the ${gap} that is needed, at ${at}`,
      more: share,
    };
  return {
    who,
    does:
      verdict === 'tight' ? `comes within ${gap} of ${still} at ${at}` : `clears ${still} by ${gap} at ${at}`,
    more: `; ${length(needed)} is needed${share}`,
  };
}

/** One encounter as a sentence that can be acted on. */
export const encounterSentence = ({ who, does, more }: EncounterWords): string =>
  capitalised(`${who ? `${who} ` : ''}${does}${more}.`);

/** The mover's state in a few words, for a strip: `hits at 97°`, `tight 6`, `clear 22`. */
export function shortVerdict(
  mover: Mover,
  check: MoverCheck,
  units: Units,
): { word: string; amount: string; detail: string } {
  const worst = check.encounters[0];
  if (!worst)
    return {
      word: 'clear',
      // A round figure that is true: the watch itself is not one in inches.
      amount: `over ${formatLength(units.system === 'in' ? MM_PER_INCH * Math.floor(check.watch / MM_PER_INCH) : check.watch, units)}`,
      detail: 'nothing comes nearer',
    };
  if (worst.contact) {
    const to = travelText(mover, mover.to, units);
    if (worst.startDepth > 0)
      return { word: 'hits', amount: 'when shut', detail: `${formatLength(worst.startDepth, units)} inside` };
    return {
      word: 'hits',
      amount: `at ${travelText(mover, worst.contact.free, units)}`,
      // Two lengths would not both fit a strip.
      detail: `${shortfallText(mover, worst.contact.free, units)} short${mover.unit === 'rad' ? ` of ${to}` : ''}`,
    };
  }
  if (!worst.least) return { word: 'clear', amount: '', detail: 'rests as it should' };
  const { clearance, travel } = worst.least.witness;
  return {
    word: worst.verdict,
    amount: formatLength(Math.max(0, clearance), units),
    detail: `at ${mover.unit === 'rad' ? travelText(mover, travel, units) : formatLength(travel, units)}, needs ${formatLength(worst.needed, units)}`,
  };
}
