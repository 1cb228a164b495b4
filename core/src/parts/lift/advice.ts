import { noteOf, type Assumption, type PartNote } from '../../item/note';
import { forceMark, lengthMark, massMark } from '../../length/lengthMark';
import type { Material } from '../../material/schema';
import { thicknessOf } from '../../material/stock';
import { GRAVITY } from '../../piece/mass';
import { judgeSpan, spanNote, type Spanned } from '../../strength/spans';
import { atMiddle, LEANING_PERSON, PERSON, PERSON_STRIP } from '../../strength/usualLoads';
import type { PartPieces } from '../contract/family';
import { stiffnessAssumptions, thicknessAssumptions } from '../kit/assumptions';
import { newtonMetres } from '../kit/torque';
import { armTurn, lifted, scissorPull } from './forces';
import type { LaidLift } from './lay';

/** Tables, mm: so high, so far over the seat beside them, and room for thighs beneath. Common practice, no single source. */
const TABLE = { high: [720, 750], over: [270, 300], thigh: 170 } as const;
/** Down, top and seats are level within so much, mm. Common practice. */
const LEVEL = 5;
/** What a hand lifts with ease, N. Common practice, as of a bed. */
const HAND = 100;
/** Under what comes down stays room for a hand, mm; safety standards of furniture, from memory. */
const CRUSH = 25;

export const liftNotes = (laid: LaidLift, pieces: PartPieces): PartNote[] => [
  ...sizeNotes(laid),
  ...seatNotes(laid),
  liftNote(laid, pieces),
  ratingNote(laid, pieces),
  ...spanNotes(laid),
  ...cautionNotes(laid),
];

function sizeNotes({ table, aside }: LaidLift): PartNote[] {
  const [least, most] = TABLE.high;
  const high = table.high.mm;
  return [
    noteOf(
      'opening',
      'clear',
      `Its top goes from ${lengthMark(table.low.mm)} to ${lengthMark(high)} above the floor${aside !== 0 ? `, and ${lengthMark(Math.abs(aside))} to the ${aside > 0 ? 'back' : 'front'} as it rises` : ''}.`,
      'size',
    ),
    noteOf(
      'fit',
      high < least || high > most ? 'tight' : 'clear',
      `To eat at, ${lengthMark(least)} to ${lengthMark(most)} is usual.`,
      'high',
    ),
  ];
} // prettier-ignore

/** What it is to who sits beside it, and to who lies on it. */
function seatNotes({ table, thick }: LaidLift): PartNote[] {
  const seat = table.seat.mm;
  if (seat === 0) return [];
  const [least, most] = TABLE.over;
  const over = table.high.mm - seat;
  const thigh = over - thick;
  const step = table.low.mm - seat;
  return [
    noteOf(
      'fit',
      over < least || over > most ? 'tight' : 'clear',
      `Up, it is ${lengthMark(over)} over the seat; ${lengthMark(least)} to ${lengthMark(most)} is usual.`,
      'over',
    ),
    noteOf(
      'reach',
      thigh < TABLE.thigh ? 'tight' : 'clear',
      `Between seat and top ${lengthMark(thigh, 'most')} is left for knees and thighs; ${lengthMark(TABLE.thigh)} is wanted.`,
      'thigh',
    ),
    ...(table.sleeps
      ? [
          noteOf(
            'fit',
            Math.abs(step) > LEVEL ? 'tight' : 'clear',
            Math.abs(step) > LEVEL
              ? `Down, it lies ${lengthMark(Math.abs(step))} ${step > 0 ? 'over' : 'under'} the seats: within ${lengthMark(LEVEL)} one lies level. A lowest of ${lengthMark(seat)} will do.`
              : 'Down, it lies level with the seats.',
            'level',
          ),
        ]
      : []),
  ];
}

function liftNote(laid: LaidLift, pieces: PartPieces): PartNote {
  const { table, angles } = laid;
  const { lifts } = table;
  const weight = lifted(laid, pieces);
  const byHand = table.power === 'by hand';
  const verdict = byHand && weight > HAND ? 'tight' : 'clear';
  const heavy = verdict === 'tight' ? `: more than ${forceMark(HAND)}, which is with ease. A spring or a strut in it, or a motor` : '';
  if (lifts.kind === 'scissor')
    return noteOf(
      'balance',
      verdict,
      `It weighs ${forceMark(weight)} with what lies on it. Drawn together at their feet its arms want ${forceMark(scissorPull(weight, angles![0]))} at the lowest, ${forceMark(scissorPull(weight, angles![1]))} at the highest${heavy}.`,
      'lift',
    );
  if (lifts.kind === 'parallel arms')
    return noteOf(
      'balance',
      verdict,
      `A hand lifts ${forceMark(weight)}, wherever the load sits on it; a spring at its pins would turn them with ${newtonMetres(armTurn(weight, lifts.long.mm, angles![0]))} at the lowest and ${newtonMetres(armTurn(weight, lifts.long.mm, angles![1]))} at the highest${heavy}.`,
      'lift',
    );
  return noteOf('balance', verdict, `${byHand ? 'A hand' : 'Its motor'} lifts ${forceMark(weight)} all the way${heavy}.`, 'lift');
} // prettier-ignore

/** What its foot must carry: who leans on its edge, or who lies on it. */
function ratingNote(laid: LaidLift, pieces: PartPieces): PartNote {
  const { table } = laid;
  const own = lifted(laid, pieces) / GRAVITY;
  const kg = own + (table.sleeps ? PERSON : LEANING_PERSON);
  const turn = newtonMetres((LEANING_PERSON * GRAVITY * Math.max(table.wide.mm, table.deep.mm)) / 2000);
  const short = kg > table.rating;
  return noteOf(
    'standing',
    short ? 'hits' : kg > 0.8 * table.rating ? 'tight' : 'clear',
    short
      ? `It must carry ${massMark(kg)}${table.sleeps ? ', a person on it' : ''}, and is rated for ${massMark(table.rating)}: ${table.sleeps ? 'let ledges on the seats carry the top once it is down, or take a stronger one' : 'take a stronger one'}.`
      : `It carries ${massMark(kg)} of the ${massMark(table.rating)} it is rated for. Leant on at its edge with ${massMark(LEANING_PERSON)} its foot is turned with ${turn}: bolt it through the floor.`,
    'rating',
  );
} // prettier-ignore

/** The top as it is lain on: over its seats' ledges the shorter way, or out from its column. */
export function topSpan({ table, thick, place }: LaidLift, material?: Material): Spanned {
  const { stock } = place;
  const kg = table.sleeps ? PERSON : LEANING_PERSON;
  return {
    material: material ?? stock.material(table.material),
    thick: material ? thicknessOf(material, stock.schools) : thick,
    span: Math.min(table.wide.mm, table.deep.mm),
    wide: Math.min(PERSON_STRIP, Math.max(table.wide.mm, table.deep.mm)),
    load: atMiddle(kg),
    under: `${massMark(kg)} at its middle`,
    who: 'Its top',
  };
}

const spanNotes = (laid: LaidLift): PartNote[] => [{ ...spanNote(topSpan(laid)), of: 'top' }];

/** Whether another board would bear who lies or leans on it. */
export const liftDoes = (laid: LaidLift, material: Material): boolean =>
  judgeSpan(topSpan(laid, material)).verdict === 'clear';

function cautionNotes({ table, top, to, unit }: LaidLift): PartNote[] {
  const travel = unit === 'mm' ? to : table.high.mm - table.low.mm;
  return [
    noteOf(
      'caution',
      top.z[0] < CRUSH ? 'tight' : 'clear',
      `It crushes what is beneath as it comes down: under its lowest ${lengthMark(top.z[0], 'most')} is left. Feet, pets and children stay out, and it stops when it meets something or is let go.`,
      'crush',
    ),
    ...(table.power === 'by a motor'
      ? [
          noteOf(
            'caution',
            'clear',
            `Its motor has limits at both ends, its switch is where nobody leans on it and is off while somebody sleeps on it; its cable goes with it over ${lengthMark(travel)} in a loop that nothing nips. Wiring: by licensed people.`,
            'power',
          ),
        ]
      : [
          noteOf('caution', 'clear', 'It locks at its highest and its lowest by itself, and is unlocked with the hand under its top.', 'lock'),
        ]),
  ];
} // prettier-ignore

export const liftAssumptions = ({ table, place: { stock } }: LaidLift): Assumption[] => [
  ...thicknessAssumptions([table.material, ...(table.lifts.kind === 'pedestal' ? [] : [table.lifts.material])], stock),
  ...stiffnessAssumptions([table.material], stock),
  { words: `what lifts it carries ${massMark(table.rating)}`, measure: 'look up what it is rated for' },
]; // prettier-ignore
