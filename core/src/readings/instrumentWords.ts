import { uncapitalised } from '../item/capitals';
import type { InstrumentFit } from '../measure/instruments';

/** How an instrument stands, as a sentence: what is done with its readings, or what would tell. */
export function instrumentWords(
  fit: InstrumentFit | undefined,
  { trusted, anyTrusted }: { readonly trusted: boolean; readonly anyTrusted: boolean },
  say: (mm: number) => string,
): string {
  if (trusted) return 'The others are held against it.';
  if (!anyTrusted) return 'Nobody is trusted: its readings stay as they were read.';
  if (!fit) return 'Not held against the trusted one yet.';
  const lengths = `${fit.n} ${fit.n === 1 ? 'length' : 'lengths'}`;
  const left = leftOut(fit);
  switch (fit.standing) {
    case 'agrees':
      return `Agrees with the trusted one over ${lengths}, as far as chance tells.${left}`;
    case 'off':
      return `Off from the trusted one: ${spelt(fit, say)}, by ${lengths}. Its readings are corrected.${left}`;
    case 'doubted':
      return `${doubtWords(fit, say)} Its readings stay as they were read, and are doubted by as much.${left}`;
  }
}

/** Two instruments that do not agree, as a sentence that can be acted on. */
export function disagreementWords(
  fit: InstrumentFit,
  nameOf: (id: string) => string,
  say: (mm: number) => string,
): string {
  const [one, other] = [nameOf(fit.id), nameOf(fit.against)];
  if (fit.standing === 'doubted') return `${one} and ${other}: ${uncapitalised(doubtWords(fit, say))}`;
  return `${one} reads ${say(Math.abs(fit.off))} ${fit.off > 0 ? 'more' : 'less'} than ${other}: they cannot both be right. Trust the one that you can hold against a rule.`;
}

function doubtWords({ why, most, scale, n }: InstrumentFit, say: (mm: number) => string): string {
  const by = say(Math.abs(most));
  switch (why) {
    case 'scale':
      return `They differ by ${permille(scale)} mm in the metre, more than any tape is stretched: one of these checks is a slip. Read them again.`;
    case 'scatter':
      return `They differ by ${by} at one length and not at another: one of these checks is a slip. Read them again.`;
    default:
      return n === 1
        ? `They differ by ${by} at the one length compared: an offset or a slip? A second length tells.`
        : `They differ by up to ${by} at two lengths: a third one tells by how much.`;
  }
}

const permille = (scale: number) => Math.abs(1000 * scale).toFixed(2);

function spelt({ offset, scale }: InstrumentFit, say: (mm: number) => string): string {
  const level = `${say(Math.abs(offset))} ${offset >= 0 ? 'too much' : 'too little'}`;
  return scale === 0 ? level : `${level} and ${permille(scale)} mm a metre ${scale > 0 ? 'more' : 'less'}`;
}

function leftOut({ slips }: InstrumentFit): string {
  if (slips.length === 0) return '';
  const numbers = slips.map((of) => of.slice(of.indexOf('/') + 1)).join(' and ');
  return slips.length === 1
    ? ` Length ${numbers} does not fit the others: a slip, and left out. Read it again.`
    : ` Lengths ${numbers} do not fit the others: slips, and left out. Read them again.`;
}
