import { distanceTo } from '../../../balance/coordinate';
import { AT_EASE, weightForce } from '../../../balance/force';
import { driveOf } from '../../../balance/poise';
import type { HardwareList } from '../../../hardware/generic';
import type { PartNote } from '../../../item/note';
import { lengthMark } from '../../../length/lengthMark';
import type { Material } from '../../../material/schema';
import type { Weight } from '../../../piece/mass';
import { stayItem, stayLong } from './help';
import { stayCount } from './pieces';
import { fromAxis, pointAt, turnOf, type TurningPlane } from './plane';
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

export interface StayPull {
  /** Newtons in each. */
  readonly each: number;
  readonly bears: number;
}

/**
 * What stays are drawn with as a leaf hangs on them, moments about its axis: so many weights, shared by its stays. Undefined where they
 * draw it no further, as they then lie in line with the axis.
 */
export function stayPull(
  stay: Stay,
  plane: TurningPlane,
  hardware: HardwareList,
  to: number,
  weights: readonly Weight[],
): StayPull | undefined {
  const item = stay && stayItem(stay.hardware, hardware);
  if (!stay || !item) return undefined;
  const motion = turnOf(plane);
  const turns = driveOf(
    weights.map((weight, nth) => weightForce(`${nth}`, '', weight, motion)),
    AT_EASE,
  )(to, to).most;
  const arm = distanceTo(
    motion,
    pointAt(plane, 0, fromAxis(plane, stay.onLeaf)),
    pointAt(plane, 0, fromAxis(plane, stay.onCase)),
  ).rate(to);
  return arm > 0 ? { each: Math.max(0, turns) / arm / stayCount(stay), bears: item.bears } : undefined;
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
