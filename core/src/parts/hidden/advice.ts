import { noteOf, type Assumption, type PartNote } from '../../item/note';
import { lengthMark } from '../../length/lengthMark';
import type { Carried, PartPieces } from '../contract/family';
import { hardwareAssumptions, stiffnessAssumptions, thicknessAssumptions } from '../kit/assumptions';
import { floorNotes } from './floorNotes';
import { latchNotes } from './latchNotes';
import type { LaidHidden } from './lay';
import { leafLoads } from './load';
import { loadNotes } from './loadNotes';
import { showNotes } from './showNotes';
import { mirrorLean } from './statics';
import { swingNotes } from './swingNotes';

export function hiddenNotes(
  laid: LaidHidden,
  pieces: PartPieces,
  carried: readonly Carried[] = [],
): PartNote[] {
  const loads = leafLoads(laid, pieces, carried);
  return [
    ...hostNotes(laid),
    ...swingNotes(laid, loads),
    ...loadNotes(laid, loads),
    ...floorNotes(laid, loads),
    ...mirrorNotes(laid),
    ...latchNotes(laid),
    ...showNotes(laid, loads),
  ];
}

/** What the door it is hung on must be, and what of that is in its way. */
function hostNotes({ host, hidden, leaves, place }: LaidHidden): PartNote[] {
  if (!host) return [];
  const { brackets } = hidden.hung as Extract<typeof hidden.hung, { kind: 'door' }>;
  const [leaf] = leaves;
  const from = hidden.mount.from.mm;
  const up = hidden.mount.on === 'mover' ? hidden.mount.up.mm : 0;
  const { handle } = host;
  const covered =
    handle &&
    handle.along[1] > from + leaf!.x[0] &&
    handle.along[0] < from + leaf!.x[1] &&
    handle.up[1] > up + leaf!.z[0] &&
    handle.up[0] < up + leaf!.z[1];
  const laps = [-leaf!.x[0] - from, from + leaf!.x[1] - place.ground.size[0]];
  const lap = Math.max(...laps);
  return [
    ...(host.core === 'hollow'
      ? [
          noteOf(
            'fixing',
            'hits',
            'The door is hollow: brackets find nothing in it to hold a case of books. A solid leaf in its place, or a case on pivots of its own.',
            'core',
          ),
        ]
      : [
          noteOf(
            'fixing',
            'clear',
            `${brackets.count} brackets hold it to the leaf, through bolts with plates behind; at its hinge edge their legs are turned inward, so that they pass the frame.`,
            'brackets',
          ),
        ]),
    ...(covered
      ? [
          noteOf(
            'fit',
            'tight',
            `The door’s handle stands out ${lengthMark(handle.out)} where the case goes: take it off, and let a latch with a hidden pull do instead; the lock’s bolt is drawn back or taken out.`,
            'handle',
          ),
        ]
      : []),
    ...(lap > 0
      ? [
          noteOf(
            'fit',
            host.towards ? 'clear' : 'hits',
            host.towards
              ? `Its back laps over the frame by ${lengthMark(lap)}, which hides the joint about the door.`
              : `Its back laps over the frame by ${lengthMark(lap, 'least')}, and the door goes away through that: it does not pass. A narrower case, or a door that opens to this side.`,
            'lap',
          ),
        ]
      : []),
  ];
}

/** Who stands before a mirror, mm: eye and head above the floor, and how far off. Common practice. */
const STANDS = { eye: 1600, head: 1720, off: 1500 } as const;

/** How it shows head and feet, and that glass goes in before the last board does. */
function mirrorNotes({ hidden, place, leaves }: LaidHidden): PartNote[] {
  const { facing, shape } = hidden;
  const made = facing === null ? undefined : place.stock.material(facing);
  if (made?.kind !== 'mirror' && made?.kind !== 'glass') return [];
  const edge = Math.max(...leaves.map(({ z }) => z[1]));
  const lean = shape.kind === 'leaning' ? shape.degrees : 0;
  const wanted = Math.max(0, (mirrorLean(STANDS.eye, STANDS.head, edge, STANDS.off) * 180) / Math.PI);
  const seen = edge >= (STANDS.eye + STANDS.head) / 2;
  const degrees = Math.round(wanted * 10) / 10;
  return [
    ...(made.kind === 'mirror'
      ? [
          noteOf(
            'reach',
            !seen && lean < wanted ? 'tight' : 'clear',
            seen
              ? `Who stands ${lengthMark(STANDS.off)} before it sees head and all in it.`
              : `Its head is ${lengthMark(edge)} up: to see the top of the head from ${lengthMark(STANDS.off)} off it leans by ${degrees}°${lean < wanted ? `, and it leans by ${lean}°` : ''}.`,
            'mirror',
          ),
        ]
      : []),
    noteOf(
      'caution',
      'clear',
      'Mirror and glass go in before the last side does: afterwards nothing lets them past. Backed with film, so that it holds together if it breaks.',
      'glass',
    ),
  ];
}

export function hiddenAssumptions({ hidden, host, place: { stock, hardware } }: LaidHidden): Assumption[] {
  const { body, facing, hung, latch } = hidden;
  const boards = [
    body.material,
    ...(body.kind === 'case' && body.back !== null ? [body.back] : []),
    ...(facing === null ? [] : [facing]),
  ];
  const ids = [
    hung.kind === 'track' ? null : hung.kind === 'door' ? hung.brackets.hardware : hung.hardware,
    latch.hardware,
  ];
  return [
    ...thicknessAssumptions(boards, stock),
    ...(body.kind === 'case' && body.back === null ? stiffnessAssumptions([body.material], stock) : []),
    ...ids.flatMap((id) => {
      const item = id === null ? undefined : hardware.named(id);
      return item ? hardwareAssumptions(item) : [];
    }),
    ...(host && host.core === undefined
      ? [
          {
            words: 'the door is solid and its frame holds',
            measure: 'knock on the door, weigh it, and say on its card whether it is solid',
          },
        ]
      : []),
    ...(body.kind === 'case' && body.books.kg > 0
      ? [
          {
            words: `what stands on it weighs no more than ${body.books.kg} kg a metre of shelf`,
            measure: 'weigh a metre of what goes on it',
          },
        ]
      : []),
  ];
}
