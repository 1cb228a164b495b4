import type { HardwareList } from '../../../hardware/generic';
import type { PartNote } from '../../../item/note';
import { lengthMark } from '../../../length/lengthMark';
import type { Material } from '../../../material/schema';
import { stayItem, stayLong } from './help';
import { fromAxis, type TurningPlane } from './plane';
import type { Stay } from './schema';
import { slackAside } from './works';

/** What hangs or folds while it is shut wants room that no body of the check stands for: how much is told. */
export function slackNotes(stay: Stay, plane: TurningPlane, hardware: HardwareList): PartNote[] {
  const item = stay && stayItem(stay.hardware, hardware);
  if (!stay || !item) return [];
  const [a, b] = [fromAxis(plane, stay.onLeaf), fromAxis(plane, stay.onCase)];
  const aside = slackAside(stayLong(item), Math.hypot(a[0] - b[0], a[1] - b[1]));
  const does = item.kind === 'chain' ? 'hangs slack' : 'folds';
  return [
    {
      about: 'fit',
      of: 'stay',
      verdict: 'clear',
      sentence: `Shut, its stay ${does} by at most ${lengthMark(aside, 'least')} aside from the line between its ends: keep that much free of what is within, at the ${stay.ends === 'both' ? 'sides' : `${stay.ends} side`}.`,
    },
  ];
}

/** A pane that falls, or that is walked into, breaks into blades. @source common practice of glaziers */
export function glassNotes({ kind, pane }: Material, what: string): PartNote[] {
  if (kind !== 'glass' && kind !== 'mirror') return [];
  const safe = kind === 'glass' && (pane === 'toughened' || pane === 'laminated');
  const clamped = 'Have its edges ground, and clamp its hinges: nothing is screwed into glass.';
  return [
    {
      about: 'caution',
      of: 'glass',
      verdict: safe ? 'clear' : 'hits',
      sentence: safe
        ? clamped
        : `${what} must be safety glass: annealed, it breaks into blades where it lands. Ask the glazier for toughened or laminated. ${clamped}`,
    },
  ];
}
