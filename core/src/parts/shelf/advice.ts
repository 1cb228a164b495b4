import { lengthMark, shelfLoadMark } from '../../length/lengthMark';
import { judgeSpan, spanNote, type Spanned } from '../../strength/spans';
import type { Material } from '../../material/schema';
import { thicknessOf } from '../../material/stock';
import { BOOKS, BOOKS_ASSUMPTION, perMetre } from '../../strength/usualLoads';
import { stiffnessAssumptions, thicknessAssumptions } from '../kit/assumptions';
import type { Assumption, PartNote } from '../../item/note';
import type { LaidShelf } from './lay';

export const degrees = (angle: number, round: (value: number) => number): string =>
  `${round((angle * 180) / Math.PI)}°`;

/** What of a shelf nobody measured, weighed or looked up. */
export const shelfAssumptions = ({
  shelf: { material, load },
  place: { stock },
}: LaidShelf): Assumption[] => [
  ...thicknessAssumptions([material], stock),
  ...(load === null ? [BOOKS_ASSUMPTION] : []),
  ...stiffnessAssumptions([material], stock),
];

/** Under what it carries, on its pins: its whole length counts as free. */
function spanned({ shelf: { load }, thick, long, deep }: LaidShelf, material: Material): Spanned {
  return {
    material,
    thick,
    span: long,
    wide: deep,
    load: perMetre(load ?? BOOKS),
    under: shelfLoadMark(load ?? BOOKS),
  };
}

/** Whether another material would bear what it carries. */
export const shelfDoes = (laid: LaidShelf, material: Material): boolean =>
  judgeSpan(spanned({ ...laid, thick: thicknessOf(material, laid.place.stock.schools) }, material))
    .verdict === 'clear';

export function shelfNotes(laid: LaidShelf): PartNote[] {
  const { shelf, way, bearing, movement } = laid;
  const found: PartNote[] = [
    spanNote(spanned(laid, laid.place.stock.material(shelf.material))),
    {
      about: 'fit',
      verdict: 'clear',
      sentence: `Pushed to one side it still lies ${lengthMark(bearing, 'most')} on the other pins.`,
    },
  ];
  if (way.kind === 'tilted')
    found.push({
      about: 'fit',
      verdict: way.to - way.from < 0.05 ? 'tight' : 'clear',
      sentence: `It goes in past the frame with one end raised, between ${degrees(way.from, Math.ceil)} and ${degrees(way.to, Math.floor)}.`,
    });
  if (movement > 0.05)
    found.push({
      about: 'wood',
      verdict: shelf.held === 'loose' ? 'clear' : 'tight',
      sentence: `Solid wood: its depth may change by ${lengthMark(movement, 'least')}${shelf.held === 'loose' ? '.' : '; its screws stand in slots for it.'}`,
    });
  return found;
}
