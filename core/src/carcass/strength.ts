import type { PartNote } from '../item/note';
import { massMark, shelfLoadMark } from '../length/lengthMark';
import type { Material } from '../material/schema';
import { thicknessOf, type Stock } from '../material/stock';
import { span } from '../solid/bounds';
import { judgeSpan, NOTHING, spanNote, type Spanned } from '../strength/spans';
import {
  atMiddle,
  BOOKS,
  LEANING_PERSON,
  perMetre,
  PERSON,
  PERSON_STRIP,
  SEAT_TO,
  spreadOver,
} from '../strength/usualLoads';
import { capitalised } from '../item/capitals';
import type { Board } from '../piece/board';
import type { BuiltCarcass } from './build';
import type { Carcass } from './schema';

/** Kinds that people sit on. */
const SAT_ON: ReadonlySet<Carcass['kind']> = new Set<Carcass['kind']>(['bench', 'low locker']);
/** What is higher than this nobody puts books on, mm. Common practice, no single source. */
const SEEN_FROM_ABOVE = 1500;

type Given = Pick<Spanned, 'material' | 'thick' | 'who'>;

/** Boards of a carcass that lie on their two ends, each with what it carries. */
export function spansOf(carcass: Carcass, { boards, layout }: BuiltCarcass, stock: Stock): Spanned[] {
  return boards.flatMap((one): Spanned[] => {
    const { role, name, at, material } = one;
    if (material === undefined) return [];
    const given: Given = {
      material: stock.material(material),
      thick: stock.thickness(material),
      who: capitalised(`its ${name.toLowerCase()}`),
    };
    const load = carcass.load ?? BOOKS;
    switch (role) {
      case 'fixed shelf':
        return [laden(given, span(at.x), at, load)];
      case 'bottom':
        // What lies on the floor bends no farther.
        if (carcass.stands.on === 'the floor') return [];
        return [
          carcass.stands.on === 'a plinth'
            ? onPlinth(given, at, load)
            : laden(given, widestBetween(at.x, uprightsOn(layout, role)), at, load),
        ];
      case 'top': {
        const free = widestBetween(at.x, uprightsOn(layout, role));
        const height = carcass.z.mm + at.z[1];
        if (SAT_ON.has(carcass.kind) && height <= SEAT_TO) return [satOn(given, free, at)];
        return [laden(given, free, at, height > SEEN_FROM_ABOVE ? 0 : load)];
      }
      case 'rail':
        return carcass.kind === 'table frame' && span(at.x) > span(at.y) ? [onEdge(given, at, load)] : [];
      default:
        return [];
    }
  });
}

/** Evenly laden, over all its depth. */
const laden = (given: Given, free: number, { y }: Board['at'], load: number): Spanned => ({
  ...given,
  span: free,
  wide: span(y),
  load: perMetre(load),
  under: load > 0 ? shelfLoadMark(load) : NOTHING,
});

/** With a person on it, over the shorter way. */
const satOn = (given: Given, free: number, { y }: Board['at']): Spanned => ({
  ...given,
  span: Math.min(free, span(y)),
  wide: Math.min(PERSON_STRIP, Math.max(free, span(y))),
  load: atMiddle(PERSON),
  under: `${massMark(PERSON)} at its middle`,
});

/** A rail of a table, as thick as it is high, under half of what is on the table and who leans on it. */
const onEdge = (given: Given, { x, y, z }: Board['at'], load: number): Spanned => ({
  ...given,
  thick: span(z),
  span: span(x),
  wide: span(y),
  load: { ...perMetre(load / 2), middle: atMiddle(LEANING_PERSON).middle },
  under: `${shelfLoadMark(load / 2)} and ${massMark(LEANING_PERSON)} at its middle`,
});

/** A plinth bears it along its front and its back: it spans from the one to the other. */
const onPlinth = (given: Given, { x, y }: Pick<Board['at'], 'x' | 'y'>, load: number): Spanned => ({
  ...given,
  span: span(y),
  wide: span(x),
  load: spreadOver((load * span(x)) / MM_A_M, span(y)),
  under: shelfLoadMark(load),
});
const MM_A_M = 1000;

/** Where uprights stand that reach from the bottom or to the top, left to right. */
function uprightsOn({ dividers, shell }: BuiltCarcass['layout'], role: string): number[] {
  return dividers
    .filter(({ way, bottom, top }) =>
      way !== 'uprights' ? false : role === 'bottom' ? bottom <= shell.bottom + 1 : top >= shell.top - 1,
    )
    .map(({ left }) => left[0]![1])
    .sort((a, b) => a - b);
}

/** The widest run between two of what carries a board. */
function widestBetween([from, to]: readonly [number, number], at: readonly number[]): number {
  const all = [from, ...at.filter((x) => x > from && x < to), to];
  return Math.max(...all.slice(1).map((x, i) => x - all[i]!));
}

/** What of its boards bends or breaks: the worst of each kind is told, and what is clear only once. */
export function carcassStrengthNotes(carcass: Carcass, built: BuiltCarcass, stock: Stock): PartNote[] {
  const spans = spansOf(carcass, built, stock);
  const told = spans.map(spanNote).filter(({ verdict }) => verdict !== 'clear');
  if (told.length > 0 || spans.length === 0) return told;
  const share = (one: Spanned) => judgeSpan(one).sag / judgeSpan(one).mostSag;
  return [spanNote(spans.reduce((a, b) => (share(b) > share(a) ? b : a)))];
}

/** Whether its boards would bear what they carry were they of another sheet. */
export const sheetDoes = (carcass: Carcass, built: BuiltCarcass, stock: Stock, material: Material): boolean =>
  spansOf(carcass, built, stock)
    .filter((one) => one.material.id === carcass.sheet)
    .every(
      (one) =>
        judgeSpan({ ...one, material, thick: thicknessOf(material, stock.schools) }).verdict === 'clear',
    );
