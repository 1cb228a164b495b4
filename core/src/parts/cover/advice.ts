import { lengthMark } from '../../length/lengthMark';
import { motionPose, moved } from '../../motion/motion';
import { noteOf, type Assumption, type PartNote } from '../../item/note';
import { GRAVITY, weighAll } from '../../piece/mass';
import type { PartPieces } from '../contract/family';
import { hardwareAssumptions, thicknessAssumptions } from '../kit/assumptions';
import { newtonMetres } from '../kit/torque';
import { apart, turned, type LaidCover } from './lay';

/** Shut it laps over what it covers by so much all round, mm. Common practice. */
const LAP = 5;

export const coverNotes = (laid: LaidCover, pieces: PartPieces): PartNote[] => [
  lapNote(laid),
  freeNote(laid),
  ...stayNotes(laid, pieces),
  cornerNote(laid),
  cautionNote(laid),
];

/** What it covers, shut. */
function lapNote({ cover: { wide, high, over, mount } }: LaidCover): PartNote {
  const [foot, head] = mount.on !== 'top' ? ['foot', 'head'] : ['front', 'back'];
  const laps = [
    ['left', over.in.mm],
    ['right', wide.mm - over.in.mm - over.wide.mm],
    [foot, over.up.mm],
    [head, high.mm - over.up.mm - over.high.mm],
  ] as const;
  const [where, least] = laps.reduce((worst, one) => (one[1] < worst[1] ? one : worst));
  return noteOf(
    'fit',
    least < 0 ? 'hits' : least < LAP ? 'tight' : 'clear',
    least < 0
      ? `Shut, it leaves ${lengthMark(-least, 'least')} of what it covers bare at its ${where}.`
      : `Shut, it laps over what it covers by ${lengthMark(least, 'most')} at its ${where}, where it does least${least < LAP ? `; ${lengthMark(LAP)} is wanted` : ''}.`,
    'lap',
  );
}

const HAIR = 1e-6;
/** How far it leaves what it covers, turned as far as it goes: below 0 where it still lies over that. */
export function freeBy(laid: LaidCover): number {
  const { wide, high, over } = laid.cover;
  const along = [over.in.mm, over.in.mm + over.wide.mm] as const;
  const up = [over.up.mm, over.up.mm + over.high.mm] as const;
  const free = apart(turned(laid, [0, wide.mm], [0, high.mm], laid.to), turned(laid, along, up, 0));
  // A turn by a quarter is off by the last digits of a sine.
  return Math.round(free / HAIR) * HAIR;
}

function freeNote(laid: LaidCover): PartNote {
  const free = freeBy(laid);
  return noteOf(
    'opening',
    free < 0 ? 'hits' : 'clear',
    free < 0
      ? `Turned as far as it goes it still lies ${lengthMark(-free, 'least')} over what it covers: let it turn farther, or set its screw nearer to a corner.`
      : `Turned as far as it goes it leaves all of what it covers free, by ${lengthMark(free, 'most')} at least.`,
    'free',
  );
}

/**
 * What its own weight does to it on a wall, shut and open, Nmm about its screw: positive turns it on.
 *
 * @source m g times how far the middle of its weight is aside of the screw
 */
export function turnsBy(
  laid: LaidCover,
  pieces: PartPieces,
): { readonly shut: number; readonly open: number } {
  const { cover, place, frame, motion, to } = laid;
  const { kg, centre } = weighAll(pieces.moving[0]!.pieces, place.stock);
  const right = frame.turn([1, 0, 0]);
  const pin = frame.toSpace([cover.pin.in.mm, 0, cover.pin.up.mm]);
  const sense = cover.way === 'to the right' ? 1 : -1;
  const at = (travel: number) => {
    const middle = moved(motionPose(motion, travel), centre);
    const aside = (middle[0] - pin[0]) * right[0] + (middle[1] - pin[1]) * right[1];
    return kg * GRAVITY * aside * sense;
  };
  return { shut: at(0), open: at(to) };
}

/** It stays where its screw rubs it to a halt. */
function stayNotes(laid: LaidCover, pieces: PartPieces): PartNote[] {
  if (laid.cover.mount.on === 'top')
    return [
      noteOf(
        'balance',
        'clear',
        'Level, it stays where it is left: its screw is drawn tight with a spring washer, so that it does not rise at its far end.',
        'stays',
      ),
    ];
  const { shut, open } = turnsBy(laid, pieces);
  const rub = (turn: number) => newtonMetres(Math.abs(turn) / NMM);
  return [
    noteOf(
      'balance',
      shut > NOTHING ? 'tight' : 'clear',
      shut > NOTHING
        ? `Shut, its own weight turns it open: its screw must hold it with ${rub(shut)}, or set that so that most of it hangs on the other side.`
        : `Shut, its own weight keeps it there${shut < -NOTHING ? `, with ${rub(shut)}` : ''}.`,
      'shut',
    ),
    noteOf(
      'balance',
      'clear',
      open < -NOTHING
        ? `Open, its own weight turns it back: a spring washer under its screw holds it with ${rub(open)}, or it falls shut by itself, as a cover over a latch should.`
        : `Open, it stays by its own weight${open > NOTHING ? ' against a stop' : ''}.`,
      'open',
    ),
  ];
}
const NMM = 1000;
/** Less than this nobody feels, Nmm. */
const NOTHING = 1;

/** Its corners run on a circle about the screw: farther out than its end, which a frame or a rail beside that must know. */
function cornerNote({ cover: { wide, high, pin } }: LaidCover): PartNote {
  const far = Math.hypot(Math.max(pin.in.mm, wide.mm - pin.in.mm), Math.max(pin.up.mm, high.mm - pin.up.mm));
  const past = far - Math.max(pin.in.mm, wide.mm - pin.in.mm);
  return noteOf(
    'opening',
    'clear',
    `Its farthest corner runs on ${lengthMark(far, 'least')} about its screw, ${lengthMark(past, 'least')} past its end: leave that free, or round its end to ${lengthMark(Math.max(pin.in.mm, wide.mm - pin.in.mm))} about the screw.`,
    'corner',
  );
}

const cautionNote = ({ cover: { mount } }: LaidCover): PartNote =>
  noteOf(
    'caution',
    'clear',
    mount.on !== 'top'
      ? 'Over a socket it never shuts on a plug that gets warm, and its screw goes where no cable runs; over a latch it is turned aside without a key or a tool, from within too.'
      : 'Over a hob it never lies before that is cold, and its gas or its switch is off; a hob that goes on under it sets it alight. The hob’s maker comes first.',
    'covered',
  );

export const coverAssumptions = ({ cover, place }: LaidCover): Assumption[] => [
  ...thicknessAssumptions([cover.material], place.stock),
  ...hardwareAssumptions(place.hardware.named(cover.pin.hardware)!),
];
