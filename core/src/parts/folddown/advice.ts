import { noteOf, type Assumption, type PartNote } from '../../item/note';
import { forceMark, lengthMark, massMark } from '../../length/lengthMark';
import type { Material } from '../../material/schema';
import { thicknessOf } from '../../material/stock';
import { edgePast, type PastEdge } from '../../strength/pastEdge';
import { judgeSpan, spanNote, type Spanned } from '../../strength/spans';
import { atMiddle, PERSON_STRIP } from '../../strength/usualLoads';
import type { FixedTo } from '../contract/fixedTo';
import { middleOf, span } from '../../solid/bounds';
import type { Point3 } from '../../solid/prism';
import { hardwareAssumptions, stiffnessAssumptions, thicknessAssumptions } from '../kit/assumptions';
import { handLifts, loadOf, wallLoad } from './forces';
import type { LaidFoldDown } from './lay';
import { PROP_WORDS } from './pieces';

/** So high each is usually, mm. Common practice; a step's rise as of stairs (UK Approved Document K, from memory). */
const HIGH = { table: [720, 750], seat: [400, 460], step: [150, 220] } as const;
/** What a hand lifts with ease, N. Common practice, as of a flap. */
const HAND = 50;

export const foldDownNotes = (laid: LaidFoldDown): PartNote[] => [
  heightNote(laid),
  ...spansOf(laid).map(({ of, spanned }) => ({ ...spanNote(spanned), of })),
  ...pastNotes(laid),
  liftNote(laid),
  ...cautionNotes(laid),
];

function heightNote({ leaf, place, board }: LaidFoldDown): PartNote {
  const [least, most] = HIGH[leaf.use];
  const up = place.at.z.mm - place.floor.high;
  return noteOf(
    'fit',
    up < least || up > most ? 'tight' : 'clear',
    `Raised it is ${lengthMark(up)} above the floor and ${lengthMark(leaf.strip.mm + leaf.deep.mm)} out from the wall; ${lengthMark(least)} to ${lengthMark(most)} is usual for a ${leaf.use}. Hanging it ends ${lengthMark(up + board.z[0])} above the floor.`,
    'high',
  );
}

/** The leaf along the wall from prop to prop, with all of the load between two of them. */
export function spansOf(laid: LaidFoldDown, material?: Material): { readonly of: string; readonly spanned: Spanned }[] {
  const { leaf, place, thick } = laid;
  const { count } = leaf.props;
  const kg = loadOf(leaf);
  const clear = leaf.wide.mm / count;
  const past = leaf.props.kind === 'legs' ? leaf.deep.mm - leaf.props.in.mm : leaf.props.out.mm;
  const made = material ?? place.stock.material(leaf.material);
  const on = (span: number, wide: number, who: string): Spanned => ({
    material: made,
    thick: material ? thicknessOf(material, place.stock.schools) : thick,
    span,
    wide,
    load: atMiddle(kg),
    under: `${massMark(kg)} at its middle`,
    who,
  });
  return [
    { of: 'along', spanned: on(clear, Math.min(PERSON_STRIP, leaf.deep.mm), `From ${PROP_WORDS[leaf.props.kind]} to ${PROP_WORDS[leaf.props.kind]} it`) },
    { of: 'out', spanned: on(Math.max(1, past), Math.min(PERSON_STRIP, leaf.wide.mm), 'Out from its hinge it') },
  ];
} // prettier-ignore

/** What hangs out past its props. */
function pastOf({ leaf, cleatThick }: LaidFoldDown): number {
  const far = leaf.strip.mm + leaf.deep.mm;
  const { props } = leaf;
  return props.kind === 'brackets'
    ? far - cleatThick - props.out.mm
    : props.kind === 'struts'
      ? leaf.deep.mm - props.out.mm
      : props.in.mm;
}

/** Its edge past what props it; undefined where nothing hangs out. */
export function pastEdge(laid: LaidFoldDown, material?: Material): PastEdge | undefined {
  const { leaf, place, thick } = laid;
  const past = pastOf(laid);
  if (past <= 0) return undefined;
  return edgePast({
    material: material ?? place.stock.material(leaf.material),
    thick: material ? thicknessOf(material, place.stock.schools) : thick,
    wide: Math.min(PERSON_STRIP, leaf.wide.mm),
    past,
    kg: loadOf(leaf),
  });
}

function pastNotes(laid: LaidFoldDown): PartNote[] {
  const edge = pastEdge(laid);
  if (!edge) return [];
  const { past, sag, most, verdict } = edge;
  return [
    noteOf(
      'strength',
      verdict,
      `${lengthMark(past)} of it hang out past its ${laid.leaf.props.kind}: with ${massMark(loadOf(laid.leaf))} on the edge that gives ${lengthMark(sag)}; ${lengthMark(most, 'most')} is the most${verdict === 'hits' ? '. Let what props it come farther out, or take a thicker leaf' : ''}.`,
      'past',
    ),
  ];
}

/** Whether another board would bear who is on it. */
export const foldDownDoes = (laid: LaidFoldDown, material: Material): boolean =>
  spansOf(laid, material).every(({ spanned }) => judgeSpan(spanned).verdict === 'clear') &&
  (pastEdge(laid, material)?.verdict ?? 'clear') === 'clear';

/** Its cleat is screwed along its middle; each so far from its end at least, mm. Common practice. */
const FROM_END = 30;

/** Its cleat holds it, with all of its load on its far edge. */
export function foldDownFixedTo(laid: LaidFoldDown): FixedTo {
  const { leaf, cleat, frame } = laid;
  const { x, z } = cleat;
  const at = (along: number): Point3 => frame.toSpace([along, 0, middleOf(z)]);
  const kg = loadOf(leaf);
  const end = Math.min(FROM_END, span(x) / 2);
  return {
    fixing: leaf.fixing,
    line: [at(x[0] + end), at(x[1] - end)],
    what: `With ${massMark(kg)} on its far edge its cleat`,
    ...wallLoad(laid, kg),
    person: leaf.use !== 'table',
  };
}

function liftNote(laid: LaidFoldDown): PartNote {
  const newtons = handLifts(laid);
  return noteOf(
    'balance',
    newtons > HAND ? 'tight' : 'clear',
    `A hand lifts ${forceMark(newtons)} at its far edge${newtons > HAND ? `: more than ${forceMark(HAND)}, which is with ease` : ''}.`,
    'lift',
  );
}

const cautionNotes = ({ leaf }: LaidFoldDown): PartNote[] => [
  noteOf(
    'caution',
    'clear',
    `Let down, it falls on who is beneath: one hand holds it while the other swings its ${leaf.props.kind} in. Fingers stay out of the gap at its hinge.`,
    'falls',
  ),
  ...(leaf.use === 'step'
    ? [
        noteOf(
          'caution',
          'clear',
          'A step is stood on with 150 kg (EN 14183, from memory), does not tip where its edge is trodden on, and has a rough face.',
          'step',
        ),
      ]
    : []),
];

export const foldDownAssumptions = ({ leaf, place: { stock, hardware } }: LaidFoldDown): Assumption[] => {
  const fixing = hardware.named(leaf.fixing.hardware);
  return [
    ...thicknessAssumptions([leaf.material, leaf.cleat.material, leaf.props.material], stock),
    ...stiffnessAssumptions([leaf.material], stock),
    ...(fixing ? hardwareAssumptions(fixing) : []),
    ...(leaf.load === null
      ? [{ words: `nobody is on it with more than ${massMark(loadOf(leaf))}`, measure: 'say who is on it' }]
      : []),
  ];
}; // prettier-ignore
