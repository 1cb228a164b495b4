import { noteOf, type Assumption, type PartNote } from '../../item/note';
import { lengthMark } from '../../length/lengthMark';
import { movementOf } from '../../material/season';
import { span } from '../../solid/bounds';
import type { PartPieces } from '../contract/family';
import { hardwareAssumptions, stiffnessAssumptions, thicknessAssumptions } from '../kit/assumptions';
import { glassNotes, slackNotes } from '../kit/turning/advice';
import { bracketNotes } from '../kit/turning/works';
import { woodNote } from '../kit/wood';
import { childNotes, latchNotes, withinNotes } from './chest';
import { backNotes, driverNotes, hingeNotes } from './hingeNotes';
import { RADIANS, type LaidLid } from './lay';
import { bracketedOf } from './pieces';
import { seatNotes, spanNotes } from './seat';

/** What sums and statics tell of a lid beside its balance, which hangs on how far it goes. */
export const lidNotes = (laid: LaidLid, pieces: PartPieces): PartNote[] => [
  ...gripNotes(laid),
  ...stopNotes(laid),
  ...backNotes(laid),
  ...hingeNotes(laid),
  ...driverNotes(laid),
  ...laid.leaves.slice(0, 1).flatMap((leaf) => bracketNotes(bracketedOf(laid, leaf), laid.place.hardware)),
  ...slackNotes(laid.lid.stay, laid.plane, laid.place.hardware),
  ...glassNotes(laid.place.stock.material(laid.lid.material), 'A lid of glass'),
  ...gapNotes(laid),
  ...seatNotes(laid),
  ...spanNotes(laid),
  ...withinNotes(laid),
  ...latchNotes(laid, pieces),
  ...childNotes(laid),
  noteOf(
    'caution',
    'clear',
    'Hands and hair are caught between the leaf’s hinge edge and what is behind it as it opens: keep them away from there.',
    'hands',
  ),
];

/** Fingers want so much to lift an edge by, mm. Common practice. */
const LIFTED_BY = 15;

function gripNotes({ lid, place: { reach } }: LaidLid): PartNote[] {
  const { grip, margins, over } = lid;
  if (grip.kind === 'pull')
    return grip.projection.mm >= reach.fingers
      ? [noteOf('fingers', 'clear', `Fingers have ${lengthMark(grip.projection.mm, 'most')} at the pull.`)]
      : [
          noteOf(
            'fingers',
            'tight',
            `Fingers have ${lengthMark(grip.projection.mm, 'most')} at the pull; ${lengthMark(reach.fingers)} is wanted.`,
          ),
        ];
  if (grip.kind === 'notch')
    return grip.deep.mm >= LIFTED_BY && grip.wide.mm >= 3 * LIFTED_BY
      ? [
          noteOf(
            'fingers',
            'clear',
            `A notch ${lengthMark(grip.wide.mm)} by ${lengthMark(grip.deep.mm)} takes the fingers.`,
          ),
        ]
      : [
          noteOf(
            'fingers',
            'hits',
            `A notch ${lengthMark(grip.wide.mm)} by ${lengthMark(grip.deep.mm)} takes no fingers: at least ${lengthMark(3 * LIFTED_BY)} by ${lengthMark(LIFTED_BY)} will do.`,
          ),
        ];
  const free = margins.front.mm > 0 ? 0 : over.front.mm;
  if (free >= LIFTED_BY)
    return [
      noteOf(
        'fingers',
        'clear',
        `Fingers lift it by its front edge, which lies ${lengthMark(free, 'most')} over.`,
      ),
    ];
  return [
    noteOf(
      'fingers',
      'hits',
      margins.front.mm > 0
        ? 'Nothing takes the fingers: it lies level between its margins. A notch or a pull will do.'
        : `Nothing takes the fingers: its front edge lies ${lengthMark(Math.max(0, free), 'most')} over. At least ${lengthMark(LIFTED_BY)} will do, or a notch, or a pull.`,
    ),
  ];
}

function stopNotes({ lid, stops, to }: LaidLid): PartNote[] {
  const [first] = stops;
  const turn = `${Math.round((to / RADIANS) * 10) / 10}°`;
  const strut = first!.words.includes('struts');
  return [
    noteOf(
      'opening',
      strut ? 'tight' : 'clear',
      strut
        ? `Its struts stop it at ${turn}, drawn out wholly: let a stay stop it before, or give them longer ones, since a strut is no stop.`
        : `It is stopped at ${turn}, ${first!.words}${first!.at < lid.limit * RADIANS - 1e-9 ? `, before the ${lid.limit}° that were wanted` : ''}.`,
      'stop',
    ),
  ];
}

/** A child's finger goes into so much and sticks, mm. @source EN 71-1 and furniture standards, from memory */
const FINGER = [7, 12] as const;

function gapNotes(laid: LaidLid): PartNote[] {
  const { lid, place, top, leaves } = laid;
  const { margins, gap } = lid;
  const among = Object.values(margins).some(({ mm }) => mm > 0) || lid.leaves === 'two';
  if (!among) return [];
  const finger = gap.mm >= FINGER[0] && gap.mm <= FINGER[1];
  const deep = span(leaves[0]!.at.y);
  const material = place.stock.material(lid.material);
  // Its axis stays; what is before it swells to the front, where the front margin stands.
  const wood =
    margins.front.mm > 0
      ? woodNote(movementOf(material, deep + margins.front.mm, place.season), place.season, {
          what: 'The leaf with its margin',
          gap: gap.mm,
          where: 'at its front',
        })
      : woodNote(movementOf(material, span(top.y), place.season), place.season, {
          what: 'The leaf',
          gap: Math.max(gap.mm, lid.over.front.mm),
          where: 'at its front',
        });
  return [
    noteOf(
      'fit',
      finger ? 'tight' : 'clear',
      finger
        ? `Its gaps are ${lengthMark(gap.mm)}: a child’s finger goes into ${lengthMark(FINGER[0])} to ${lengthMark(FINGER[1])} and sticks. A kerf of ${lengthMark(3)} will do.`
        : `${lid.sawn === 'apart' ? 'Its gaps are' : 'Each gap is one kerf,'} ${lengthMark(gap.mm)}: it passes corners that are out of square by ${lengthMark(gap.mm, 'most')} over its depth of ${lengthMark(deep)}. By more, it is cut so much narrower.`,
      'gap',
    ),
    ...wood,
  ];
}

/** What of a lid nobody measured, weighed or looked up. */
export const lidAssumptions = ({ lid, place: { carcass, stock, hardware } }: LaidLid): Assumption[] => {
  const used = [
    lid.hinge.hardware,
    ...(lid.help.kind === 'none' ? [] : [lid.help.hardware]),
    ...(lid.stay ? [lid.stay.hardware] : []),
  ];
  return [
    ...thicknessAssumptions([carcass.sheet, lid.material], stock),
    ...stiffnessAssumptions([lid.material], stock),
    ...[...new Set(used)].flatMap((id) => {
      const item = hardware.named(id);
      return item ? hardwareAssumptions(item) : [];
    }),
  ];
};
