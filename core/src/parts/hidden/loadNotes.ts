import { noteOf, type PartNote } from '../../item/note';
import { forceMark, lengthMark, massMark } from '../../length/lengthMark';
import { graded } from '../../strength/spans';
import type { HungLeaf, LaidHidden } from './lay';
import { HINGE_ENDS, sagOf, type LeafLoad } from './load';
import { leafWords } from './sums';
import {
  braceTension,
  fastest,
  hingePull,
  leanRise,
  leanTorque,
  OPENED_AT,
  SHELF_FRICTION,
  slidesOn,
} from './statics';
import { newtonMetres } from '../kit/torque';

/** A pair of stout butts of a room door bears so much, kg. Common practice, cautious. */
export const BUTT_PAIR = 40;
/** A leaf that is there is taken to weigh so much, kg/m3: pine, from memory of the USDA Wood Handbook. */
const LEAF_DENSITY = 450;
const MM3_A_M3 = 1e9;
/** A screw of a hinge, drawn out of its jamb, N. Common practice: a fifth of what pulls it out of softwood, 30 mm deep. */
export const SCREW_HOLDS = 400;
/** What moves of a hinge is held by so many screws at its end. Common practice. */
const SCREWS = 4;
const NMM_A_NM = 1000;
/** What a hand holds open with ease, N at the free edge. */
const HELD_OPEN = 20;

export const loadNotes = (laid: LaidHidden, loads: readonly LeafLoad[]): PartNote[] =>
  loads.flatMap((load) => [
    ...hingeNotes(laid, load),
    ...sagNotes(laid, load),
    ...braceNotes(laid, load),
    ...slideNotes(laid, load),
    ...leanNotes(laid, load),
    ...runnerNotes(laid, load),
  ]);

const whose = (laid: LaidHidden, { own }: HungLeaf) => (own ? leafWords(laid, { own }) : 'it');
const head = (words: string) => `${words.charAt(0).toUpperCase()}${words.slice(1)}`;

/** What the leaf weighs that carries it. */
export const hostKg = ({ host, place }: LaidHidden): number =>
  host ? (host.thick * place.ground.size[0] * place.ground.size[2] * LEAF_DENSITY) / MM3_A_M3 : 0;

function hingeNotes(laid: LaidHidden, { leaf, kg, off, spacing }: LeafLoad): PartNote[] {
  const { hidden: { hung }, place: { hardware } } = laid;
  const who = head(whose(laid, leaf));
  const pull = hingePull(kg, off, spacing);
  if (hung.kind === 'door') {
    const leafKg = hostKg(laid);
    const bears = (BUTT_PAIR * hung.hinges) / 2;
    const all = leafKg + kg;
    return [
      noteOf(
        'hinges',
        graded(all / bears),
        `With what stands on it the case brings ${massMark(kg)} onto the door’s hinges, beside ${massMark(leafKg)} of its leaf: the top one is drawn out with ${forceMark(pull)} more than before. ${hung.hinges} hinges bear ${massMark(bears)}: ${all > bears ? 'more of them, fewer books, a shallower case, or pivots to the floor' : 'one screw of each goes through the jamb into the stud'}.`,
        `${leaf.key} hinges`,
      ),
    ];
  }
  const item = hung.kind === 'pivots' ? hardware.find(hung.hardware, 'pivot') : hung.kind === 'butts' ? hardware.find(hung.hardware, 'butt hinge') : undefined;
  if (!item) return [];
  const bears = hung.kind === 'butts' ? (item.rating * hung.count) / 2 : item.rating;
  const share = Math.max(kg / bears, pull / (SCREWS * SCREW_HOLDS));
  const why = kg > bears ? `${hung.kind === 'butts' ? `${hung.count} of its hinges` : 'its pivots'} carry ${massMark(bears)}: stouter ones, or less on its shelves` : pull > SCREWS * SCREW_HOLDS ? `${SCREWS} screws hold ${forceMark(SCREWS * SCREW_HOLDS)}: blocking behind the jamb and longer screws, or hinges farther apart` : hung.kind === 'pivots' ? `the foot’s pivot carries all of the weight on the floor, so its plate stands on a joist or on blocking, and the head’s goes into blocking ${lengthMark(leaf.z[1] - leaf.z[0])} above it` : `their screws go through the jamb into the stud or blocking behind it, ${lengthMarks(hingePlaces(leaf, hung.kind === 'butts' ? hung.count : 2))} above its foot`;
  return [
    noteOf(
      'hinges',
      graded(share),
      `${who} weighs ${massMark(kg)} with what stands on it, ${lengthMark(off)} from its axis: its head is drawn off with ${forceMark(pull)}; ${why}.`,
      `${leaf.key} hinges`,
    ),
  ];
} // prettier-ignore

/** The middles of its hinges above its foot, evenly between the outer two, mm. */
function hingePlaces({ z: [foot, head] }: HungLeaf, count: number): number[] {
  const high = head - foot;
  const end = Math.min(HINGE_ENDS, high / 4);
  return Array.from({ length: count }, (_, i) => end + (i * (high - 2 * end)) / Math.max(1, count - 1));
}

const lengthMarks = (all: readonly number[]) =>
  all.map((mm) => lengthMark(Math.round(mm))).join(', ').replace(/, (?=[^,]*$)/, ' and '); // prettier-ignore

/** How far its free edge hangs, and what that eats of the gaps about it. */
function sagNotes(laid: LaidHidden, load: LeafLoad): PartNote[] {
  const { gaps } = laid.hidden;
  const { leaf, byPlay, byRacking, spacing, play } = load;
  const sag = sagOf(load);
  if (!leaf.axis || sag === 0) return [];
  const left = gaps.foot.mm - sag;
  const parts = [
    ...(byPlay > 0 ? [`${lengthMark(byPlay)} by ${lengthMark(play)} of play in hinges ${lengthMark(spacing)} apart`] : []),
    ...(byRacking > 0 ? [`${lengthMark(byRacking)} as its boards give, since nothing keeps it square`] : []),
  ];
  const onDoor = laid.hidden.hung.kind === 'door';
  return [
    noteOf(
      'hinges',
      !onDoor && left <= 0 ? 'hits' : byRacking > 2 ? 'tight' : 'clear',
      `The free edge of ${whose(laid, leaf)} drops ${lengthMark(sag, 'least')}: ${parts.join(', ')}${onDoor ? '' : `; of the ${lengthMark(gaps.foot.mm)} under it ${lengthMark(Math.max(0, left), 'most')} is left`}${byRacking > 0 ? '. A glued back or a wire across it keeps it square' : ''}.`,
      `${leaf.key} sag`,
    ),
  ];
} // prettier-ignore

function braceNotes(laid: LaidHidden, { leaf, kg }: LeafLoad): PartNote[] {
  const { body } = laid.hidden;
  if (body.kind !== 'case' || !body.braced) return [];
  const high = leaf.z[1] - leaf.z[0];
  return [
    noteOf(
      'strength',
      'clear',
      `A wire from its top hinge to its bottom free corner is drawn with ${forceMark(braceTension(kg, leaf.wide, high))}, ${lengthMark(Math.hypot(leaf.wide, high))} long: a turnbuckle sets it until the free edge stands level.`,
      `${leaf.key} brace`,
    ),
  ];
}

/** Stopped dead, what stands on it goes on. */
function slideNotes({ hidden, thick }: LaidHidden, { leaf }: LeafLoad): PartNote[] {
  const { body } = hidden;
  if (body.kind !== 'case' || body.books.kg === 0) return [];
  const shelf = body.deep.mm - (body.back === null ? 0 : thick);
  const room = Math.max(0, shelf - body.books.deep.mm);
  const slides = slidesOn(OPENED_AT, SHELF_FRICTION);
  const held = body.lip.mm > 0;
  const does = held || slides <= room;
  return [
    noteOf(
      'balance',
      does ? 'clear' : 'tight',
      held
        ? `A lip ${lengthMark(body.lip.mm)} high keeps what stands on its shelves there when it is stopped dead.`
        : `Opened at ${OPENED_AT} m/s and stopped dead, what stands on its shelves slides on ${lengthMark(slides, 'least')}; ${lengthMark(room, 'most')} lies before it${does ? '' : `: it falls. A lip, books farther back, a soft stop, or no faster than ${Math.floor(fastest(room, SHELF_FRICTION) * 100) / 100} m/s`}.`,
      `${leaf.key} slides`,
    ),
  ];
}

/** On an axis that leans it rises as it opens, and swings back. */
function leanNotes(laid: LaidHidden, { leaf, kg, off }: LeafLoad): PartNote[] {
  const { hidden: { shape }, to } = laid;
  if (shape.kind !== 'leaning' || !leaf.axis) return [];
  const lean = (shape.degrees * Math.PI) / 180;
  const rise = leanRise(leaf.wide, lean, to);
  const begins = leanTorque(kg, off, lean, 0);
  const atEdge = begins / leaf.wide;
  return [
    noteOf(
      'balance',
      atEdge > HELD_OPEN ? 'tight' : 'clear',
      `Its axis leans by ${shape.degrees}°: open, its free edge stands up to ${lengthMark(rise)} higher, and it swings shut by itself with ${newtonMetres(begins / NMM_A_NM)}, ${forceMark(atEdge)} at its edge${atEdge > HELD_OPEN ? ': a stay or a magnet holds it open' : ''}.`,
      `${leaf.key} lean`,
    ),
  ];
} // prettier-ignore

/** What slides is borne by hangers or castors. */
function runnerNotes(laid: LaidHidden, { leaf, kg }: LeafLoad): PartNote[] {
  const { hidden: { hung, proud, opening, gaps }, place: { hardware }, deep } = laid;
  if (hung.kind !== 'track' && hung.kind !== 'castors') return [];
  const count = hung.kind === 'track' ? hung.hangers : hung.count;
  const rating = hung.kind === 'track' ? hung.rating : (hardware.find(hung.hardware, 'castor')?.rating ?? 0);
  // Books stand anywhere along it: one end may bear most of it; and a castor may stand in a hollow, so three carry all.
  const worst = hung.kind === 'track' ? (kg * 0.75) / (count / 2) : kg / Math.min(3, count);
  const behind = proud.mm - deep;
  const covers = hung.travel.mm - (opening.width.mm - Math.min(0, gaps.hinge.mm));
  return [
    noteOf(
      'runs',
      graded(worst / rating),
      `It weighs ${massMark(kg)} with what stands on it: one of its ${count} ${hung.kind === 'track' ? 'hangers' : 'castors'} bears up to ${massMark(worst)}, and is rated for ${massMark(rating)}${worst > rating ? ': stouter ones, or more of them' : ''}${hung.kind === 'track' ? '. Its track goes into the lintel or into studs, not into the lining, and a guide at the floor keeps its foot to the wall' : ''}.`,
      `${leaf.key} runners`,
    ),
    ...(opening.is === 'none'
      ? []
      : [
          noteOf(
            'opening',
            covers < 0 ? 'tight' : 'clear',
            covers < 0
              ? `Slid all the way it still stands ${lengthMark(-covers, 'least')} before its opening: that much farther will do.`
              : 'Slid all the way it leaves all of its opening free.',
            `${leaf.key} frees`,
          ),
        ]),
    ...(behind > 0 ? [noteOf('opening', 'clear', `It runs ${lengthMark(behind)} before the wall: skirting and sockets behind it stand out less than that, or are cut.`, `${leaf.key} behind`)] : []),
  ];
} // prettier-ignore
