import { forceMark, lengthMark, massMark } from '../../length/lengthMark';
import { motionPose, moved } from '../../motion/motion';
import { noteOf, type Assumption, type PartNote } from '../../item/note';
import { GRAVITY, weighAll } from '../../piece/mass';
import { span } from '../../solid/bounds';
import type { PartPieces } from '../contract/family';
import { hardwareAssumptions, thicknessAssumptions } from '../kit/assumptions';
import { gripNote } from '../kit/fronts';
import { glassNotes, slackNotes, stayPull, type StayPull } from '../kit/turning/advice';
import { bracketNotes } from '../kit/turning/works';
import { isTurning, RADIANS, type LaidFlap } from './lay';
import { bracketedOf } from './pieces';

export const flapNotes = (laid: LaidFlap, pieces: PartPieces): PartNote[] => [
  ...stopNotes(laid),
  ...gripNotes(laid),
  ...reachNotes(laid),
  ...armNotes(laid, pieces),
  ...stayNotes(laid, pieces),
  ...deskNotes(laid),
  ...bracketNotes(bracketedOf(laid), laid.place.hardware),
  ...slackNotes(laid.flap.stay, laid.plane, laid.place.hardware),
  ...glassNotes(laid.place.stock.material(laid.flap.material), 'A flap of glass'),
  noteOf(
    'caution',
    'clear',
    laid.opens === 'up'
      ? 'Hands are caught at its head, and between arms and case, as it comes down: let it down by its lower edge.'
      : 'Let it down by its upper edge: hands at its foot are caught between it and the case.',
    'hands',
  ),
];

function stopNotes({ flap, stops, to }: LaidFlap): PartNote[] {
  const [first] = stops;
  const turn = `${Math.round((to / RADIANS) * 10) / 10}°`;
  const strut = first!.words.includes('struts');
  const bare = flap.stay === null && flap.way.kind === 'drop front';
  return [
    noteOf(
      'opening',
      strut || bare ? 'tight' : 'clear',
      strut
        ? `Its struts stop it at ${turn}, drawn out wholly: let a stay stop it before, or give them longer ones, since a strut is no stop.`
        : bare
          ? `Nothing stops it at ${turn}: a stay or a chain at either end holds it level.`
          : `It is stopped at ${turn}, ${first!.words}${first!.at < flap.limit * RADIANS - 1e-9 ? `, before the ${flap.limit}° that were wanted` : ''}.`,
      'stop',
    ),
  ];
}

function gripNotes({ flap, place: { reach } }: LaidFlap): PartNote[] {
  const { grip } = flap;
  if (grip.kind === 'pull')
    return [gripNote({ kind: 'bar', projection: grip.projection }, 10, reach.fingers)];
  return grip.kind === 'notch'
    ? []
    : [
        noteOf(
          'fingers',
          flap.fit.kind === 'inset' ? 'hits' : 'tight',
          'It has no handle: let it open by a push, or give its edge a notch or a pull.',
        ),
      ];
}

/** A flap carried up beyond the reach is not brought down again. */
function reachNotes(laid: LaidFlap): PartNote[] {
  const { frame, grip, leaves, to, place } = laid;
  const taken = leaves[leaves.length - 1]!;
  const up = moved(motionPose(taken.motion, to), frame.toSpace(grip))[2];
  const shut = frame.toSpace(grip)[2];
  const { low, high } = place.reach;
  const over = up > high;
  return [
    noteOf(
      'reach',
      over || up < low ? 'tight' : 'clear',
      over
        ? `Open, its edge is ${lengthMark(up)} above the floor, ${lengthMark(up - high, 'least')} over easy reach: a cord or a pole brings it down, or let it open less far.`
        : `Open, its edge is ${lengthMark(up)} above the floor${up < low ? `, ${lengthMark(low - up, 'least')} under easy reach` : ''}; shut, ${lengthMark(shut)}.`,
    ),
  ];
}

function armNotes(laid: LaidFlap, { moving }: PartPieces): PartNote[] {
  const { flap, place, whole, frame, leaves, to } = laid;
  const { way } = flap;
  if (way.kind !== 'parallel arms' && way.kind !== 'double fold') return [];
  const top = Math.max(
    ...leaves.flatMap(({ at, motion }) =>
      [at.z[0], at.z[1]].map((z) => moved(motionPose(motion, to), frame.toSpace([0, at.y[0], z]))[2]),
    ),
  );
  const rise = top - frame.toSpace([0, 0, whole.z[1]])[2];
  const found = [
    noteOf(
      'opening',
      'clear',
      `Open it reaches ${lengthMark(Math.max(0, rise), 'least')} above where its head is shut: so much headroom is wanted.`,
      'headroom',
    ),
  ];
  if (way.kind !== 'parallel arms') return found;
  const item = place.hardware.find(way.hardware, 'lift arms')!;
  const { kg } = weighAll(moving[0]!.pieces, place.stock);
  return [
    ...found,
    noteOf(
      'hinges',
      kg > item.rating ? 'hits' : kg > 0.8 * item.rating ? 'tight' : 'clear',
      `It weighs ${massMark(kg)}; its arms carry ${massMark(item.rating)}${kg > item.rating ? ': take stronger ones, or a lighter leaf' : ''}.`,
      'arms',
    ),
  ];
}

/** What its stays are drawn tight with, open, as leaf and load hang on them. */
export function flapStayPull(laid: LaidFlap, pieces: PartPieces): StayPull | undefined {
  const { flap, place, plane, to, frame, grip } = laid;
  if (laid.opens !== 'down') return undefined;
  const leaf = weighAll(pieces.moving[0]!.pieces, place.stock);
  const load = flap.way.kind === 'drop front' ? (flap.way.desk ?? 0) : 0;
  return stayPull(flap.stay, plane, place.hardware, to, [leaf, { kg: load, centre: frame.toSpace(grip) }]);
}

function stayNotes(laid: LaidFlap, pieces: PartPieces): PartNote[] {
  const pull = flapStayPull(laid, pieces);
  if (!pull) return [];
  const { each, bears } = pull;
  const load = laid.flap.way.kind === 'drop front' ? (laid.flap.way.desk ?? 0) : 0;
  return [
    noteOf(
      'balance',
      each > bears ? 'hits' : each > 0.8 * bears ? 'tight' : 'clear',
      `Open, each stay is drawn with ${forceMark(each)}${load > 0 ? `, with ${massMark(load)} at its front edge` : ''}; it bears ${forceMark(bears)}${each > bears ? ': set it farther from the axis, or take a stronger one' : ''}.`,
      'stay',
    ),
  ];
}

/** To write and to eat at, and the room of a knee under it. Common practice, mm. */
const DESK = { high: [720, 750], knee: 600, deep: 400 } as const;
/** Nothing said, so much is leant on a desk, kg. Common practice. */
export const LEANT_ON_DESK = 20;

function deskNotes({ flap, place, whole, thick, plane }: LaidFlap): PartNote[] {
  const { way } = flap;
  if (way.kind !== 'drop front' || way.desk === null) return [];
  const high = place.carcass.z.mm - place.floor.high + plane.axis[1];
  const under = high - thick;
  const [least, most] = DESK.high;
  const deep = span(whole.z);
  return [
    noteOf(
      'fit',
      high < least || high > most ? 'tight' : 'clear',
      `As a desk it is ${lengthMark(high)} above the floor; ${lengthMark(least)} to ${lengthMark(most)} is usual to write at.`,
      'desk',
    ),
    noteOf(
      'fit',
      under < DESK.knee || deep < DESK.deep ? 'tight' : 'clear',
      `Knees have ${lengthMark(under, 'most')} under it, over ${lengthMark(deep, 'most')} of depth; ${lengthMark(DESK.knee)} and ${lengthMark(DESK.deep)} is wanted.`,
      'knees',
    ),
    ...(way.desk < LEANT_ON_DESK
      ? [
          noteOf(
            'strength',
            'tight',
            `${massMark(way.desk)} is reckoned with at its front edge: somebody who leans there brings ${massMark(LEANT_ON_DESK)}, ${forceMark(LEANT_ON_DESK * GRAVITY)}.`,
            'leant',
          ),
        ]
      : []),
  ];
}

/** What of a flap nobody measured, weighed or looked up. */
export const flapAssumptions = ({ flap, place: { stock, hardware } }: LaidFlap): Assumption[] => {
  const used = [
    ...(isTurning(flap.way) ? [flap.way.hinge.hardware] : [flap.way.hardware]),
    ...(flap.help.kind === 'none' ? [] : [flap.help.hardware]),
    ...(flap.stay ? [flap.stay.hardware] : []),
  ];
  return [
    ...thicknessAssumptions([flap.material], stock),
    ...[...new Set(used)].flatMap((id) => {
      const item = hardware.named(id);
      return item ? hardwareAssumptions(item) : [];
    }),
  ];
};
