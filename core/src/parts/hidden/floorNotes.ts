import { noteOf, type PartNote } from '../../item/note';
import { forceMark, lengthMark } from '../../length/lengthMark';
import {
  borne,
  dragOver,
  dragPull,
  FOOT_FRICTION,
  ROLLING,
  SKID_FRICTION,
  steepest,
  unevenBy,
  type FloorAt,
} from './floor';
import type { LaidHidden } from './lay';
import { sagOf, type LeafLoad } from './load';
import { GRAVITY } from '../../piece/mass';

/** What a hand draws a door open with at its edge, with ease, N. Common practice. */
const HAND = 40;
/** What a soft floor takes without a dent under a wheel, N. Common practice: 50 kg on a castor of 50. */
const SOFT_FLOOR = 500;
/** A wheel on a rigid arm follows the floor no farther than so much, mm: sprung it does. */
const FOLLOWS = 2;
const DEGREES = Math.PI / 180;

export const readingsOf = ({ hidden }: LaidHidden): FloorAt[] =>
  hidden.floor.readings.map(({ degrees, high }) => ({ degrees, high: high.mm }));

/** What of its foot is over the floor, with all that it sags by and the carpet's pile taken off, mm. */
export const footOver = ({ hidden }: LaidHidden, load: LeafLoad): number =>
  hidden.gaps.foot.mm - sagOf(load) - hidden.floor.pile.mm;

/** Where its foot drags on the floor, and what runs under it. */
export const floorNotes = (laid: LaidHidden, loads: readonly LeafLoad[]): PartNote[] =>
  laid.hidden.hung.kind === 'track' || laid.hidden.hung.kind === 'castors'
    ? []
    : loads.flatMap((load) => [...dragNotes(laid, load), ...runNotes(laid, load)]);

function dragNotes(laid: LaidHidden, load: LeafLoad): PartNote[] {
  const { hidden, to, place } = laid;
  const readings = readingsOf(laid);
  if (readings.length === 0 && hidden.floor.pile.mm === 0) return [];
  const foot = footOver(laid, load);
  const drag = dragOver(readings, foot, to / DEGREES);
  const { leaf, kg, off } = load;
  const soft = hidden.floor.pile.mm > 0;
  if (!drag) {
    const least = foot - Math.max(0, ...readings.map(({ high }) => high));
    return [
      noteOf(
        'opening',
        least < place.gaps.running ? 'tight' : 'clear',
        `Over the floor along its arc its free edge keeps ${lengthMark(least, 'most')} with all that it sags${soft ? ' and with the carpet’s pile' : ''}.`,
        `${leaf.key} floor`,
      ),
    ];
  }
  const pull = dragPull(kg, off, leaf.wide, FOOT_FRICTION);
  const [degrees, at] = [drag.from, drag.at].map((one) => Math.round(one * 10) / 10);
  const off_ = drag.deepest + place.gaps.running;
  return [
    noteOf(
      'opening',
      hidden.floor.runs ? 'tight' : 'hits',
      `From ${degrees}° on its free edge drags on the floor, by up to ${lengthMark(drag.deepest, 'least')} at ${at}°: plane ${lengthMark(off_, 'least')} off its foot there, or raise it by that. As it is, up to ${forceMark(pull)} is wanted at its edge to open it${pull > HAND ? `, and ${forceMark(HAND)} is with ease` : ''}.`,
      `${leaf.key} floor`,
    ),
  ];
}

/** A wheel or a skid at its free edge: what it bears, and the floor that wants. */
function runNotes(laid: LaidHidden, load: LeafLoad): PartNote[] {
  const { hidden, thick } = laid;
  const { runs, pile } = hidden.floor;
  const { leaf, kg, off } = load;
  if (!runs || !leaf.axis) return [];
  const radius = Math.max(1, leaf.wide - leaf.axis[0] - runs.in.mm);
  const bears = Math.min(kg * GRAVITY, borne(kg, off, radius));
  const readings = readingsOf(laid);
  const rub = runs.kind === 'skid' ? SKID_FRICTION : pile.mm > 0 ? ROLLING.carpet : ROLLING.hard;
  const pull = (bears * (rub + steepest(readings, radius)) * radius) / leaf.wide;
  const uneven = unevenBy(readings);
  const tight = pull > HAND || uneven > FOLLOWS || bears > SOFT_FLOOR;
  return [
    noteOf(
      'runs',
      tight ? 'tight' : 'clear',
      `Its ${runs.kind} runs on an arc of ${lengthMark(radius)} about its axis and bears up to ${forceMark(bears)}; ${forceMark(pull)} at its edge moves it.${uneven > FOLLOWS ? ` The floor differs by ${lengthMark(uneven)} along that: a sprung ${runs.kind} follows it, a rigid one lifts its hinges.` : ''}${bears > SOFT_FLOOR ? ` A board or a vinyl floor is dented by that: a broader ${runs.kind}, or a strip of hardwood let in along its arc.` : ''}${tight ? '' : ` It leaves no more than a line, ${lengthMark(thick)} broad, on the floor.`}`,
      `${leaf.key} runs`,
    ),
  ];
}
