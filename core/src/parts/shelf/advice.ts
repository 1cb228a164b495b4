import { lengthMark } from '../../length/lengthMark';
import type { PartNote } from '../../item/note';
import type { LaidShelf } from './lay';

export const degrees = (angle: number, round: (value: number) => number): string =>
  `${round((angle * 180) / Math.PI)}°`;

export function shelfNotes({ shelf, way, bearing, movement }: LaidShelf): PartNote[] {
  const found: PartNote[] = [
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
      sentence: `Solid wood: it may move ${lengthMark(movement, 'least')} in its depth${shelf.held === 'loose' ? '.' : '; its screws stand in slots for it.'}`,
    });
  return found;
}
