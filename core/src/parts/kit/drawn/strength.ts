import { lengthMark, massMark } from '../../../length/lengthMark';
import type { PartNote } from '../../../item/note';
import type { Material } from '../../../material/schema';
import { judgeSpan, spanNote, type Spanned } from '../../../strength/spans';
import { spreadOver } from '../../../strength/usualLoads';
import { span } from '../../../solid/bounds';
import { MUNTIN } from '../box/box';
import type { DrawerAt, LaidDrawn } from './lay';

/** A bottom of 6 mm does to about so wide, one of 9 to about so wide; a wider one wants 12. Common practice, no single source. */
const WIDEST = [
  { thick: 6, wide: 600 },
  { thick: 9, wide: 900 },
  { thick: 12, wide: 1300 },
] as const;
/** A sheet is thinner than its name by about so much, mm. */
const UNDER_ITS_NAME = 0.7;

/** kg of all that stands or lies in a drawer. */
export const ladenWith = ({ contents, loose }: DrawerAt): number =>
  contents.reduce((sum, { content }) => sum + content.load, loose);

/** How wide a bottom is free between what carries it, and how deep, mm. */
function freeOf({ part: { box }, side, construction }: LaidDrawn, at: DrawerAt) {
  const [tier] = construction.tiers(at.box);
  const muntins = box.bottom.kind === 'groove' ? box.bottom.muntins : 0;
  const inside = tier ? span(tier.x) : span(at.box.x) - 2 * side;
  return {
    wide: (inside - muntins * MUNTIN) / (muntins + 1),
    deep: tier ? span(tier.y) : span(at.box.y) - 2 * side,
    fields: muntins + 1,
  };
}

/** The bottom of a box over the shorter way, under all that is in it. */
export function bottomSpan(laid: LaidDrawn, at: DrawerAt, material: Material, thick: number): Spanned {
  const { wide, deep, fields } = freeOf(laid, at);
  const kg = ladenWith(at);
  const short = Math.min(wide, deep);
  return {
    material,
    thick,
    span: short,
    wide: Math.max(wide, deep),
    load: spreadOver(kg / fields, short),
    under: massMark(kg),
    who: 'Its bottom',
  };
}

/** The thinnest that a bottom of a width is made of, mm; undefined beyond what is usual. */
export const usualBottom = (wide: number): number | undefined =>
  WIDEST.find((row) => wide <= row.wide)?.thick;

/** What a bottom bears, and whether it is as thick as one of its width usually is. */
export function bottomNotes(laid: LaidDrawn, at: DrawerAt): PartNote[] {
  const { part, place } = laid;
  const { bottom } = part.box;
  if (part.old || bottom.kind === 'none' || laid.construction.bottomless) return [];
  const spanned = bottomSpan(
    laid,
    at,
    place.stock.material(bottom.material),
    place.stock.thickness(bottom.material),
  );
  const bears = spanNote(spanned);
  if (bears.verdict !== 'clear') return [bears];
  const { wide } = freeOf(laid, at);
  const thick = usualBottom(wide);
  if (thick !== undefined && spanned.thick >= thick - UNDER_ITS_NAME) return [bears];
  return [
    {
      about: 'strength',
      verdict: 'tight',
      sentence: `Its bottom is ${lengthMark(spanned.thick)} thick and ${lengthMark(wide)} wide between what carries it: ${thick === undefined ? 'so wide it wants a bar under it' : `one so wide is usually ${lengthMark(thick)}, or has a bar under it from front to back`}.`,
    },
  ];
}

/** Whether a bottom of a material does. */
export const bottomDoes = (laid: LaidDrawn, at: DrawerAt, material: Material, thick: number): boolean => {
  const usual = usualBottom(freeOf(laid, at).wide);
  return (
    usual !== undefined &&
    thick >= usual - UNDER_ITS_NAME &&
    judgeSpan(bottomSpan(laid, at, material, thick)).verdict === 'clear'
  );
};
