import type { Measured } from './governing';
import { lineThrough } from './line';

/** One length read with several instruments. */
export interface ComparedLength {
  /** `check/1`. */
  readonly of: string;
  /** mm by instrument. */
  readonly read: Readonly<Record<string, number>>;
}

/**
 * How an instrument stands to another: `agrees` as far as chance tells; `off`, and by how much is known; or `doubted`: they
 * differ, and these lengths cannot say whether by an offset or by a slip.
 */
export type Standing = 'agrees' | 'off' | 'doubted';

/** Why a difference is only doubted: it was seen at few lengths, the lengths contradict each other, or no tape is stretched so far. */
export type DoubtedFor = 'few' | 'scatter' | 'scale';

/** What a comparison found of an instrument: at a length L it reads `offset + scale * L` more than the other. */
export interface InstrumentFit {
  readonly id: string;
  readonly against: string;
  readonly standing: Standing;
  readonly why?: DoubtedFor;
  /** How many lengths it rests on, without those that were left out. */
  readonly n: number;
  /** Lengths left out, since one of the two was misread there. */
  readonly slips: readonly string[];
  readonly offset: number;
  /** 0 unless three lengths with a spread show it. */
  readonly scale: number;
  /** By how much it reads more at the length where that is most, mm; signed. */
  readonly off: number;
  /** The largest difference at any length, those left out too, mm. */
  readonly most: number;
  /** Of a single difference about the line, mm; never below what the kinds of the two can do. */
  readonly sigma: number;
  /** Of the line: at its middle, and per mm away from that. */
  readonly middle: { readonly mm: number; readonly sigma: number };
  readonly scaleSigma: number;
  /** Degrees of freedom of `sigma`, with what was known of the kinds before. */
  readonly freedom: number;
  /** The line as it would be without each of the lengths in turn: a slip that fits the others is told by nothing else. */
  readonly without: readonly { readonly offset: number; readonly scale: number }[];
}

export interface Comparison {
  /** Against the trusted instrument; none where nobody is trusted. */
  readonly fits: readonly InstrumentFit[];
  /** Pairs that do not agree: they cannot both be right, or one was misread. */
  readonly disagreements: readonly InstrumentFit[];
}

export interface ComparedBy {
  /** The trusted instrument. */
  readonly reference?: string | undefined;
  /** Standard uncertainty of one reading, mm, from the instrument's kind. */
  sigmaOf(id: string): number;
}

/** Less than this is within what a hand does with any tape, mm. Common practice, no single source. */
const HAND = 1;
/** Standard deviations beyond which a difference is no chance: one in about four hundred. */
const NO_CHANCE = 3;
/** A single difference so far off its own line is a slip, in standard deviations. */
const SLIPPED = 4;
/** One length by itself shows an offset up to this, mm: more may as well be a slip of the eye. Common practice, no single source. */
const LONE_OFFSET = 5;
/** No tape is stretched or printed farther off than this. Common practice: class III of the European directive on measures allows 0.4. */
const MOST_SCALE = 0.003;
/** What is not known of an instrument's scale while no comparison tells it: most lie well within `MOST_SCALE`. Common practice. */
const UNTOLD_SCALE = MOST_SCALE / 3;
/** A scale wants lengths that differ by this share of the longest, and by this much, mm. */
const SPREAD = { share: 1 / 3, mm: 300 };
/** What is known of a kind counts as so many differences seen before: a few that agree by chance do not make a tape perfect. */
const KNOWN_BEFORE = 3;
/** Of what is known of its kind, no comparison shows an instrument to be better than this. */
const FINEST = 0.5;
/** Student's t for 95 percent both sides, by degrees of freedom from 1; beyond, that of the normal curve. From memory, any table. */
const STUDENT = [12.706, 4.303, 3.182, 2.776, 2.571, 2.447, 2.365, 2.306, 2.262, 2.228] as const;
const NORMAL = 1.96;
/** From so many lengths on a slip among them shows; what one of fewer decides by itself counts in full. */
const MANY = 5;
/** More slips than this among the checks, and they are not worth much; so many lengths are tried for each. */
const MOST_SLIPS = 4;
const MOST_TRIED = 6;
/** Of more lengths than this none by itself decides anything. */
const SWAYED = 24;
/** So many standard deviations are told with a reading: what one of many lengths decides is to lie within them. */
const COVERS = 2;

/** One length as two instruments read it. */
interface Difference {
  readonly of: string;
  /** What the other read. */
  readonly x: number;
  /** How much more this one reads. */
  readonly d: number;
}

/**
 * How instruments stand to each other, from lengths that several of them read. An offset shows from the first length on, a
 * scale from three with a spread, a slip where the others outvote it. Nothing is taken for an offset that may be chance, or
 * that fewer lengths show than could tell it from a slip.
 *
 * @source least squares; the scatter is pooled with what is known of the kinds (a scaled inverse chi-squared prior, any text
 * on Bayesian statistics, from memory)
 */
export function compareInstruments(lengths: readonly ComparedLength[], by: ComparedBy): Comparison {
  const ids = [...new Set(lengths.flatMap(({ read }) => Object.keys(read)))];
  const against = (id: string, other: string) => fitOf(id, other, lengths, by);
  const { reference } = by;
  const fits =
    reference === undefined
      ? []
      : ids.filter((id) => id !== reference).flatMap((id) => against(id, reference) ?? []);
  const disagreements = ids
    .flatMap((first, i) => ids.slice(i + 1).flatMap((second) => against(first, second) ?? []))
    .filter(({ standing }) => standing !== 'agrees');
  return { fits, disagreements };
}

function fitOf(
  id: string,
  against: string,
  lengths: readonly ComparedLength[],
  { sigmaOf }: ComparedBy,
): InstrumentFit | undefined {
  const all = lengths.flatMap(({ of, read }): Difference[] => {
    const [x, y] = [read[against], read[id]];
    return x === undefined || y === undefined ? [] : [{ of, x, d: y - x }];
  });
  if (all.length === 0) return undefined;
  const known = Math.hypot(sigmaOf(id), sigmaOf(against));
  const { kept, slips } = withoutSlips(all, known);
  const { line, worst, beyondTapes } = lineOf(kept, known);
  const { x, d: off } = farthest(kept.map(({ x: at }) => ({ x: at, d: line.offset + line.scale * at })));
  const most = farthest(all).d;
  const sd = Math.hypot(line.middle.sigma, line.scale === 0 ? 0 : line.scaleSigma * (x - line.middle.mm));
  const seen = Math.abs(off) > Math.max(HAND, NO_CHANCE * sd);
  const n = kept.length;
  const few = n === 1 ? Math.abs(off) > LONE_OFFSET : n === 2 && !seen && Math.abs(most) > NO_CHANCE * known;
  const why = beyondTapes ? 'scale' : worst > SLIPPED ? 'scatter' : few ? 'few' : undefined;
  const standing = why ? 'doubted' : seen ? 'off' : 'agrees';
  // Only what is corrected can be swayed.
  const without = standing === 'off' && all.length <= SWAYED ? linesWithout(all, known) : [];
  return { id, against, standing, ...(why && { why }), n, slips, off, most, ...line, without };
}

/** The line as it would be without each length in turn; without the only one there is none. */
function linesWithout(all: readonly Difference[], known: number): InstrumentFit['without'] {
  return all.map((_, i) => {
    const others = all.toSpliced(i, 1);
    if (others.length === 0) return { offset: 0, scale: 0 };
    const { offset, scale } = lineOf(withoutSlips(others, known).kept, known).line;
    return { offset, scale };
  });
}

const farthest = <Of extends { readonly d: number }>(all: readonly Of[]): Of =>
  all.reduce((most, one) => (Math.abs(one.d) > Math.abs(most.d) ? one : most));

/** Without the lengths that the others outvote; all of them where what is left cannot be told from what is left out. */
function withoutSlips(all: readonly Difference[], known: number) {
  let kept = all;
  const slips: string[] = [];
  for (;;) {
    const { offs, worst, beyondTapes } = lineOf(kept, known);
    if (worst <= SLIPPED && !beyondTapes) return { kept, slips };
    const n = kept.length;
    if (2 * (slips.length + 1) >= all.length || slips.length === MOST_SLIPS) return { kept: all, slips: [] };
    // Each is left out in turn: the slip is the one without which the others lie nearest to a line of their own. Among
    // many it is one of those that lie farthest off.
    const without = kept
      .map((one, i) => ({ one, others: () => kept.toSpliced(i, 1), off: offs[i]! }))
      .toSorted((a, b) => b.off - a.off)
      .slice(0, MOST_TRIED)
      .map(({ one, others }) => ({ one, others: others() }))
      .map((tried) => ({ ...tried, left: lineOf(tried.others, known).worst }))
      .toSorted((a, b) => a.left - b.left);
    const [{ one, others }, next] = [without[0]!, without[1]!];
    // Of three, any two lie on a line: those that agree without one must be at odds in every other pair.
    if (n === 3 && next.left <= NO_CHANCE) return { kept: all, slips: [] };
    slips.push(one.of);
    kept = others;
  }
}

/** A line through differences, level unless they show a scale; `known` is what is known of one of them, mm. */
function lineOf(points: readonly Difference[], known: number) {
  const n = points.length;
  const sloped = spread(points) ? lineThrough(points.map(({ x, d }) => [x, d])) : undefined;
  const pooled = (left: number, freedom: number) =>
    Math.max(FINEST * known, Math.sqrt((KNOWN_BEFORE * known ** 2 + left) / (KNOWN_BEFORE + freedom)));
  const middleX = points.reduce((sum, { x }) => sum + x, 0) / n;
  const middleD = points.reduce((sum, { d }) => sum + d, 0) / n;
  const sxx = points.reduce((sum, { x }) => sum + (x - middleX) ** 2, 0);
  const slopedSigma = sloped && pooled(sloped.sigma ** 2 * (n - 2), n - 2);
  const scaled = sloped && Math.abs(sloped.slope) > (NO_CHANCE * slopedSigma!) / Math.sqrt(sxx);
  const [offset, scale] = scaled ? [sloped.offset, sloped.slope] : [middleD, 0];
  const left = points.map(({ x, d }) => d - offset - scale * x);
  const freedom = n - (scaled ? 2 : 1);
  const sigma = pooled(
    left.reduce((sum, one) => sum + one * one, 0),
    freedom,
  );
  // How far a difference lies off, by what its own share in the line leaves of it.
  const offs = points.map(({ x }, i) => {
    const free = 1 - 1 / n - (scaled ? (x - middleX) ** 2 / sxx : 0);
    return free < 1e-9 ? 0 : Math.abs(left[i]!) / (known * Math.sqrt(free));
  });
  const line = {
    offset,
    scale,
    sigma,
    middle: { mm: middleX, sigma: sigma / Math.sqrt(n) },
    scaleSigma: scaled
      ? sigma / Math.sqrt(sxx)
      : n < MANY
        ? UNTOLD_SCALE
        : 1 / Math.hypot(1 / UNTOLD_SCALE, Math.sqrt(sxx) / sigma),
    freedom: KNOWN_BEFORE + freedom,
  };
  const beyondTapes = scaled === true && Math.abs(scale) > MOST_SCALE;
  return { line, offs, worst: Math.max(...offs), beyondTapes };
}

function spread(points: readonly Difference[]): boolean {
  const xs = points.map(({ x }) => x);
  const [least, most] = [Math.min(...xs), Math.max(...xs)];
  return points.length > 2 && most - least >= Math.max(SPREAD.mm, SPREAD.share * most);
}

/**
 * The true length behind a reading of an instrument that is off, and how well it is known: of the line, of the reading
 * itself, of the scale, the more the farther the length lies from those compared, and of what any one of them decides.
 */
export function corrected(fit: InstrumentFit, reading: number): Measured {
  const mm = (reading - fit.offset) / (1 + fit.scale);
  const student = STUDENT[fit.freedom - 1] ?? NORMAL;
  const one = Math.hypot(fit.sigma, fit.middle.sigma, fit.scaleSigma * (mm - fit.middle.mm));
  const swayed = Math.max(
    0,
    ...fit.without.map(({ offset, scale }) => Math.abs(offset - fit.offset + (scale - fit.scale) * mm)),
  );
  return { mm, sigma: Math.hypot((one * student) / NORMAL, swayed / (fit.n < MANY ? 1 : COVERS)) };
}

/** How well a reading is known that is left as it is: by its kind, and by how far its instrument was seen to differ. */
export function uncorrectedSigma(
  { standing, offset, scale, most }: InstrumentFit,
  kind: number,
  mm: number,
): number {
  return Math.hypot(kind, standing === 'agrees' ? offset + scale * mm : most);
}
