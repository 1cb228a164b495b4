import { noteOf, type Assumption, type PartNote } from '../../item/note';
import { forceMark, lengthMark, massMark } from '../../length/lengthMark';
import type { Material } from '../../material/schema';
import { thicknessOf } from '../../material/stock';
import { span } from '../../solid/bounds';
import { judgeSpan, spanNote, type Spanned } from '../../strength/spans';
import { atMiddle, PERSON, PERSON_STRIP } from '../../strength/usualLoads';
import { hardwareAssumptions, stiffnessAssumptions, thicknessAssumptions } from '../kit/assumptions';
import { firstLift } from './forces';
import { bearerSpan, frameClear, frameNotes } from './frameNotes';
import type { LaidPlatform } from './lay';

/** A seat so high, so deep. Common practice, no single source. */
const SEAT = { high: [400, 460], deep: [400, 450] } as const;
/** What a hand lifts with ease, N. Common practice, as of a bed. */
const HAND = 100;
/** A leaf bears on a ledger at least so far, mm. Common practice. */
const LEAST_BEARS = 15;

export const platformNotes = (laid: LaidPlatform): PartNote[] => [
  sizeNote(laid),
  ...stackNotes(laid),
  ...seatNotes(laid),
  ...[...spansOf(laid), ...bearerSpans(laid)].map(({ of, spanned }) => ({ ...spanNote(spanned), of })),
  noteOf(
    'strength',
    'clear',
    `It is reckoned with ${massMark(PERSON)} at one place: where somebody may drop onto it, reckon with twice that.`,
    'dropped',
  ),
  ...bearNotes(laid),
  ...(laid.bearers ? frameNotes(laid, laid.bearers) : []),
  liftNote(laid),
  ...cautionNotes(laid),
];

function sizeNote({ across, out, leaves, up, thick }: LaidPlatform): PartNote {
  const first = leaves[0]!;
  const long = first.at.y[1] + out;
  return noteOf(
    'opening',
    'clear',
    `Flat it is ${lengthMark(span(across))} by ${lengthMark(long)}, its top ${lengthMark(up + thick)} above the floor; its far edge lies ${lengthMark(out)} before the carcass.`,
    'size',
  );
}

/**
 * How thick it is folded, and whether there is room for that.
 *
 * @source n T + (n - 1) g, with a mat on each and legs between undersides
 */
function stackNotes({ platform, stack, leaves, thick, legLong, place }: LaidPlatform): PartNote[] {
  const over = stack - platform.within.mm;
  const limited = platform.within.mm > 0;
  const sticks = leaves
    .filter(({ nth, legs }) => nth > 1 && legs.length > 0)
    .map(({ nth, at, legs }) => ({
      nth,
      past: Math.max(at.y[0] - legs[0]!.y[0], legs[0]!.y[1] - at.y[1]),
    }))
    .filter(({ past }) => past > 0);
  return [
    noteOf(
      'fit',
      limited && over > 0 ? 'hits' : 'clear',
      limited && over > 0
        ? `Folded the stack stands ${lengthMark(over, 'least')} proud: it is ${lengthMark(stack)} thick, and there is room for ${lengthMark(platform.within.mm, 'most')}. A thinner mat, thinner leaves or one leaf fewer will do.`
        : `Folded the stack is ${lengthMark(stack)} thick, ${leaves.length} leaves of ${lengthMark(thick)}: its top is ${lengthMark(place.carcass.z.mm - place.floor.high + place.carcass.height.mm + stack)} above the floor.`,
      'stack',
    ),
    ...sticks.slice(0, 1).map(({ nth, past }) =>
      noteOf(
        'fit',
        'tight',
        `The legs of leaf ${nth} are ${lengthMark(legLong)} long: folded they stand ${lengthMark(past, 'least')} past their leaf. A wider leaf will do, or a platform nearer the floor.`,
        'legs',
      ),
    ),
  ];
} // prettier-ignore

function seatNotes({ platform, place, stack, leaves }: LaidPlatform): PartNote[] {
  if (!platform.seat) return [];
  const high = place.carcass.z.mm - place.floor.high + place.carcass.height.mm + stack;
  const deep = Math.max(...leaves.map(({ at }) => at.y[1])) - Math.min(...leaves.map(({ at }) => at.y[0]));
  const note = (value: number, [least, most]: readonly [number, number], words: string, of: string) =>
    noteOf(
      'fit',
      value < least || value > most ? 'tight' : 'clear',
      `${words}; ${lengthMark(least)} to ${lengthMark(most)} is usual.`,
      of,
    );
  return [
    note(high, SEAT.high, `Folded it is sat on ${lengthMark(high)} above the floor`, 'high'),
    note(deep, SEAT.deep, `The seat is ${lengthMark(deep)} deep`, 'deep'),
  ];
}

/** What bends: the first leaf over its carcass, the others between what carries them, and on legs an edge from leg to leg. */
export function spansOf(laid: LaidPlatform, material?: Material): { readonly of: string; readonly spanned: Spanned }[] {
  const { platform, leaves, across, place } = laid;
  const { bears } = platform;
  const made = material ?? place.stock.material(platform.material);
  const thick = material ? thicknessOf(material, place.stock.schools) : laid.thick;
  const bending = (clear: number, wide: number, who: string): Spanned => ({
    material: made,
    thick,
    span: clear,
    wide: Math.min(PERSON_STRIP, wide),
    load: atMiddle(PERSON),
    under: `${massMark(PERSON)} at its middle`,
    who,
  });
  const hung = leaves.slice(1);
  const widest = Math.max(...hung.map(({ wide }) => wide));
  // Over an open carcass the first leaf is its top.
  const { inside } = place.built.layout.openings.get(place.carcass.bay.id)!;
  const over = Math.min(inside.right - inside.left, inside.back - inside.front);
  const first =
    place.carcass.top === 'none'
      ? [{ of: 'first', spanned: bending(over, Math.max(span(across), leaves[0]!.wide), 'The first leaf') }]
      : [];
  if (laid.bearers)
    return [
      ...first,
      {
        of: 'leaf',
        spanned: bending(frameClear(laid, laid.bearers), span(across), 'From bearer to bearer a leaf'),
      },
    ];
  if (bears.kind !== 'legs') {
    const narrowest = Math.min(...hung.map(({ wide }) => wide));
    return [
      ...first,
      { of: 'leaf', spanned: bending(span(across) - 2 * bears.bears.mm, narrowest, 'A leaf') },
    ];
  }
  const legs = hung.flatMap(({ legs: row }) => row.slice(1).map(({ x }, i) => x[0] - row[i]!.x[1]));
  return [
    ...first,
    { of: 'leaf', spanned: bending(widest, span(across), 'The widest leaf') },
    ...(legs.length > 0
      ? [{ of: 'edge', spanned: bending(Math.max(...legs), widest, 'From leg to leg its edge') }]
      : []),
  ];
} // prettier-ignore

/** What carries its leaves bends too. */
function bearerSpans(laid: LaidPlatform): { readonly of: string; readonly spanned: Spanned }[] {
  const spanned = laid.bearers && bearerSpan(laid, laid.bearers);
  return spanned ? [{ of: 'bearer', spanned }] : [];
}

/** Whether another material would bear who lies on it. */
export const platformDoes = (laid: LaidPlatform, material: Material): boolean =>
  spansOf(laid, material).every(({ spanned }) => judgeSpan(spanned).verdict === 'clear');

function bearNotes({ platform, leaves, across, up }: LaidPlatform): PartNote[] {
  const { bears } = platform;
  if (bears.kind === 'legs')
    return [
      noteOf(
        'fixing',
        'clear',
        `Every joint but the first stands on ${bears.count} legs ${lengthMark(up)} long: without them it folds where somebody lies.`,
        'bears',
      ),
    ];
  if (bears.kind === 'frame')
    return [
      noteOf(
        'fixing',
        bears.bears.mm < LEAST_BEARS ? 'tight' : 'clear',
        `Its bearers lie ${lengthMark(bears.bears.mm, 'most')} on a ledger at either end${bears.bears.mm < LEAST_BEARS ? `; at least ${lengthMark(LEAST_BEARS)} is wanted` : ''}.`,
        'bears',
      ),
    ];
  return [
    noteOf(
      'fixing',
      bears.bears.mm < LEAST_BEARS ? 'tight' : 'clear',
      `Each of its ${leaves.length - 1} leaves before the carcass bears ${lengthMark(bears.bears.mm, 'most')} at either end over ${lengthMark(span(across))}${bears.bears.mm < LEAST_BEARS ? `; at least ${lengthMark(LEAST_BEARS)} is wanted` : ''}. Let the hinges’ ends stop short of the ledgers: a leaf that lies on a flap is half borne.`,
      'bears',
    ),
  ];
}

function liftNote(laid: LaidPlatform): PartNote {
  const newtons = firstLift(laid);
  return noteOf(
    'balance',
    newtons > HAND ? 'tight' : 'clear',
    `At the start a hand lifts ${forceMark(newtons)} at the far edge of leaf 2${newtons > HAND ? `: more than ${forceMark(HAND)}, which is with ease. Thinner leaves, narrower ones, or two people` : ''}.`,
    'lift',
  );
}

function cautionNotes({ platform }: LaidPlatform): PartNote[] {
  return [
    noteOf(
      'caution',
      'clear',
      'Fingers go between leaves as they close: a strap or a hole takes the hand at the far edge, and nobody kneels on it as it goes.',
      'fingers',
    ),
    noteOf('caution', 'clear', 'Try what carries it in place with the leaves laid loose before any hinge is screwed.', 'first'),
    ...(platform.travels
      ? [
          noteOf(
            'caution',
            'clear',
            'Bolt its carcass to the vehicle where its maker allows, with plates behind, and strap the stack down under way.',
            'travels',
          ),
        ]
      : []),
  ];
} // prettier-ignore

export const platformAssumptions = ({ platform, place: { carcass, stock, hardware } }: LaidPlatform): Assumption[] => {
  const item = hardware.find(platform.hinge.hardware, 'continuous hinge');
  const boards = [carcass.sheet, platform.material, platform.bears.material];
  return [
    ...thicknessAssumptions(boards, stock),
    ...stiffnessAssumptions([platform.material], stock),
    ...(item ? hardwareAssumptions(item) : []),
  ];
}; // prettier-ignore
