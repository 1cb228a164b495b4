import { noteOf, type PartNote } from '../../item/note';
import { lengthMark } from '../../length/lengthMark';
import { readingsOf } from './floorNotes';
import { floorHigh } from './floor';
import type { LaidHidden } from './lay';
import { sagOf, type LeafLoad } from './load';

/** A joint wider than its neighbours by more than this is seen at once, and one this wide by itself, mm. Common practice. */
const UNEVEN = 2;
const WIDE = 5;
/** Under a door so much light is seen in the dark, mm. Common practice. */
const LIGHT = 3;

/** What gives it away: each with its amount, and what hides it. */
export function showNotes(laid: LaidHidden, loads: readonly LeafLoad[]): PartNote[] {
  const { hidden, place, host } = laid;
  const { gaps, opening, hung, proud, floor } = hidden;
  const inWall = !host && opening.is !== 'none';
  const notes: PartNote[] = [];
  const say = (shows: boolean, of: string, sentence: string) =>
    notes.push(noteOf('sight', shows ? 'tight' : 'clear', sentence, `shows ${of}`));
  if (inWall && proud.mm >= 0) {
    const joints = [
      ['hinge edge', gaps.hinge.mm],
      ['free edge', gaps.free.mm],
      ['head', gaps.head.mm],
    ] as const;
    const [where, widest] = joints.reduce((a, b) => (b[1] > a[1] ? b : a));
    const least = Math.min(...joints.map(([, gap]) => gap));
    if (widest > 0)
      say(
        widest - least > UNEVEN || widest > WIDE,
        'joint',
        `Its joint is ${lengthMark(widest)} at its ${where} and ${lengthMark(Math.max(0, least))} where it is least: ${widest - least > UNEVEN || widest > WIDE ? `trim of ${lengthMark(widest + UNEVEN, 'least')} on the leaf laps over it, or trim all round as on its neighbours` : 'even and narrow enough to be one of many'}.`,
      );
  }
  const foot = Math.max(0, ...loads.map((load) => gaps.foot.mm - sagOf(load) - floorHigh(readingsOf(laid), 0) - floor.pile.mm));
  if (!host && inWall && foot > 0)
    say(foot > LIGHT, 'light', `Under it ${lengthMark(foot)} is open, shut: ${foot > LIGHT ? `light from behind shows there at night; a brush strip of ${lengthMark(foot, 'least')} on its back, or a threshold it shuts against` : 'hardly any light shows'}.`);
  if (hung.kind === 'butts') {
    const item = place.hardware.find(hung.hardware, 'butt hinge');
    if (item) say(true, 'knuckle', `${hung.count} knuckles ${lengthMark(item.knuckle)} across and ${lengthMark(item.high)} high show at its hinge edge: hinges let in behind a lap, pivots, or trim that runs over them.`);
  }
  const run = loads.flatMap(({ leaf }) => (floor.runs && leaf.axis ? [leaf.wide - leaf.axis[0] - floor.runs.in.mm] : []));
  if (run.length > 0)
    say(true, 'wear', `In time its ${floor.runs!.kind} wears an arc of ${lengthMark(Math.max(...run))} into the floor: a rug before it does not lie still, a strip of the same wood along the arc does.`);
  return notes;
} // prettier-ignore
