import type { PartNote } from '../item/note';
import { RANK, type Verdict } from '../item/verdict';
import { lengthMark, stiffnessMark, stressMark } from '../length/lengthMark';
import type { Material } from '../material/schema';
import { strengthOf } from '../material/strength';
import { bentBy, leastThick, longestSpan, type Bent, type Strip, type StripLoad } from './beam';

/** A board or pane that lies on its two ends, mm, and what lies on it. */
export interface Spanned {
  readonly material: Material;
  readonly thick: number;
  readonly span: number;
  readonly wide: number;
  readonly load: StripLoad;
  /** What it is under besides its own weight: "30 kg a metre of books". */
  readonly under: string;
  /** What it is called at the head of a sentence; "It" where the card is of nothing else. */
  readonly who?: string;
  /** It stands on its edge: as thick as it is told to be it is deep. */
  readonly stood?: true;
}

/** What is said of what bears itself alone. */
export const NOTHING = 'nothing';

/** A shelf may bend by its span over this. Common practice, from memory of furniture tables. */
export const SAG_SHARE = 250;
/** From so much of what it bears on, it is told as tight. */
const NEAR_LIMIT = 0.8;

/** What comes of it: how far it bends and is strained, and what is the most of either. */
interface Judged extends Bent {
  readonly mostSag: number;
  readonly bears: number;
  readonly verdict: Verdict;
}

const stripOf = ({ material, thick, span, wide }: Spanned): Strip => ({
  span,
  wide,
  thick,
  stiffness: strengthOf(material).stiffness,
  density: material.density,
});

export const graded = (share: number): Verdict =>
  share > 1 ? 'hits' : share > NEAR_LIMIT ? 'tight' : 'clear';

export function judgeSpan(one: Spanned): Judged {
  const bent = bentBy(stripOf(one), one.load);
  const { bears } = strengthOf(one.material);
  const mostSag = one.span / SAG_SHARE;
  const [sags, strained] = [graded(bent.sag / mostSag), graded(bent.stress / bears)];
  return { ...bent, mostSag, bears, verdict: RANK[sags] < RANK[strained] ? sags : strained };
}

/** What of a span is told: how far it bends, or that it breaks, and the thickness or the support that would do. */
export function spanNote(one: Spanned): PartNote {
  const { who = 'It', under, span, material } = one;
  const { sag, stress, mostSag, bears, verdict } = judgeSpan(one);
  const load = under === NOTHING ? 'by its own weight' : `with ${under} and its own weight`;
  if (stress > bears)
    return told(
      verdict,
      `${who} breaks in time: ${load} it is strained to ${stressMark(stress)} over a span of ${lengthMark(span)}, and ${paneOf(material)} bears ${stressMark(bears)}. ${cureOf(one)}`,
    );
  const sags = `${who} sags ${lengthMark(sag)} ${load} over a span of ${lengthMark(span)}, of ${stiffnessMark(strengthOf(material).stiffness)} stiffness`;
  return told(
    verdict,
    verdict === 'hits'
      ? `${sags}; ${lengthMark(mostSag, 'most')} is the most. ${cureOf(one)}`
      : `${sags}; ${lengthMark(mostSag, 'most')} is the most${stress > NEAR_LIMIT * bears ? `, and it is strained to ${stressMark(stress)} of the ${stressMark(bears)} it bears` : ''}.`,
  );
}

/** Thickness at which it does, mm; undefined where no board is thick enough. */
export const doesAt = (one: Spanned): number | undefined =>
  leastThick(stripOf(one), one.load, (bent) => does(one, bent, one.span));

const does = ({ material }: Spanned, { sag, stress }: Bent, span: number) =>
  sag <= span / SAG_SHARE && stress <= strengthOf(material).bears;

function cureOf(one: Spanned): string {
  const thick = doesAt(one);
  const free = longestSpan(stripOf(one), one.load, (bent, span) => does(one, bent, span));
  const support = `a support that leaves at most ${lengthMark(free, 'most')} free`;
  return thick === undefined
    ? `It wants ${support}.`
    : `At least ${lengthMark(thick, 'least')} ${one.stood ? 'deep' : 'thick'} of the same will do, or ${support}.`;
}

const paneOf = ({ kind, pane = 'annealed', name }: Material): string =>
  kind === 'glass' || kind === 'mirror' ? `${pane} glass` : name;

const told = (verdict: Verdict, sentence: string): PartNote => ({ about: 'strength', verdict, sentence });
