import { noteOf, type Assumption, type PartNote } from '../../item/note';
import { forceMark, lengthMark, massMark } from '../../length/lengthMark';
import type { Material } from '../../material/schema';
import { movementOf } from '../../material/season';
import { thicknessOf } from '../../material/stock';
import { GRAVITY } from '../../piece/mass';
import { span } from '../../solid/bounds';
import { judgeSpan, spanNote, type Spanned } from '../../strength/spans';
import { atMiddle, PERSON, PERSON_STRIP } from '../../strength/usualLoads';
import { stiffnessAssumptions, thicknessAssumptions } from '../kit/assumptions';
import { woodNote } from '../kit/wood';
import { MOST_OPEN } from './fresh';
import type { LaidSlats } from './lay';

/** What slats slide free with, mm. Common practice: 1 to 5; a kerf is 2 to 3. */
const LEAST_FREE = 1;
const MOST_FREE = 5;
/** Bedding on open slats so thick at least, mm. Common practice: 30 to 50. */
const LEAST_BEDDING = 30;

export const slatsNotes = (laid: LaidSlats): PartNote[] => [
  sizeNote(laid),
  overlapNote(laid),
  ...behindNotes(laid),
  ...freeNotes(laid),
  openNote(laid),
  ...spansOf(laid).map(({ of, spanned }) => ({ ...spanNote(spanned), of })),
  standsNote(laid),
  ...stopNotes(laid),
];

const sizeNote = ({ slats, wide, pitch, place, rail }: LaidSlats): PartNote =>
  noteOf(
    'opening',
    'clear',
    `Drawn out it is ${lengthMark(place.carcass.depth.mm + slats.travel.mm - rail.y[0])} from back to front. ${slats.count} slats stay and ${slats.count - 1} go between them, each ${lengthMark(wide)} wide, one of a comb every ${lengthMark(pitch)}.`,
    'size',
  );

function overlapNote({ slats, overlap }: LaidSlats): PartNote {
  const least = slats.overlap.mm;
  const most = slats.travel.mm + overlap - least;
  return noteOf(
    'runs',
    overlap <= 0 ? 'hits' : overlap < least ? 'tight' : 'clear',
    overlap <= 0
      ? `At full travel the combs come apart by ${lengthMark(-overlap)}: they fall between each other no more. At most ${lengthMark(Math.max(0, most), 'most')} of travel will do.`
      : `At full travel ${lengthMark(overlap)} of the combs still lies between each other${overlap < least ? `, and ${lengthMark(least)} is wanted: at most ${lengthMark(Math.max(0, most), 'most')} of travel will do` : ''}.`,
    'overlap',
  );
}

/** A slat lies on its back bearer by at least so much, mm. Common practice. */
const LEAST_ON = 12;

/** Cut to what curves in behind it, and some of them short of the bearer at its back. */
function behindNotes({ slats, staying, sliding, bearers }: LaidSlats): PartNote[] {
  if (!slats.behind) return [];
  const long = [...staying, ...sliding].map(({ y }) => span(y));
  const back = bearers[1];
  const short = back ? staying.filter(({ y }) => y[1] < back.y[0] + LEAST_ON).length : 0;
  const cut = `Its slats are cut ${lengthMark(Math.min(...long))} to ${lengthMark(Math.max(...long))} long, each to what curves in behind it: mark their ends along that with all of them laid out`;
  return [
    noteOf(
      'fit',
      short > 0 ? 'tight' : 'clear',
      short > 0
        ? `${cut}. ${short === 1 ? 'One that stays ends' : `${short} that stay end`} before the back bearer: set one under their ends, along the curve.`
        : `${cut}.`,
      'behind',
    ),
  ];
}

/** Slats slide free of each other, also swollen. */
function freeNotes({ slats, wide, place: { stock, season } }: LaidSlats): PartNote[] {
  const c = slats.clearance.mm;
  const binds =
    c < LEAST_FREE
      ? [
          noteOf(
            'runs',
            'tight',
            `Between slats ${lengthMark(c, 'most')} binds with paint and crumbs: ${lengthMark(LEAST_FREE)} to ${lengthMark(MOST_FREE)} is usual${slats.combs === 'from one board' ? ', which a coarser blade or a second pass leaves' : ''}.`,
            'free',
          ),
        ]
      : [];
  const swells = movementOf(stock.material(slats.material), wide, season);
  return [
    ...binds,
    ...woodNote(swells, season, { what: 'A slat', gap: c, where: 'between it and its neighbours' }),
  ];
}

function openNote({ slats, open }: LaidSlats): PartNote {
  const bare = slats.mattress.mm < LEAST_BEDDING;
  return noteOf(
    'fit',
    open > MOST_OPEN || bare ? 'tight' : 'clear',
    `Drawn out, its slats stand ${lengthMark(open)} apart; at most ${lengthMark(MOST_OPEN)} is usual under a mattress${bare ? `, and at least ${lengthMark(LEAST_BEDDING)} of bedding on it` : ''}${open > MOST_OPEN ? ': more slats will do' : ''}.`,
    'open',
  );
}

/**
 * A slat from the carcass's front to the front rail, one that stays from bearer to bearer, each with its share of who lies on it; the rail from leg to leg, a bearer from side to side.
 *
 * Half of the slats bear who lies on what is drawn out: of a strip, so many as stand under it.
 */
export function spansOf(laid: LaidSlats, material?: Material): { readonly of: string; readonly spanned: Spanned }[] {
  const { slats, place, wide, pitch, rail, legs, bearers } = laid;
  const thick = material ? slats.layers * thicknessOf(material, place.stock.schools) : laid.thick;
  const share = PERSON * Math.min(1, pitch / PERSON_STRIP);
  const clear = Math.max(1, ...legs.slice(1).map(({ x }, i) => x[0] - legs[i]!.x[1]));
  const lying = (of: string, clearOf: number, who: string) => ({
    of,
    spanned: {
      material: material ?? place.stock.material(slats.material),
      thick,
      span: clearOf,
      wide,
      load: atMiddle(share),
      under: `${massMark(share)} of a person at its middle`,
      who,
    },
  });
  const stood = (of: string, clearOf: number, who: string) => ({
    of,
    spanned: {
      material: place.stock.material(slats.rail.material),
      thick: slats.rail.deep.mm,
      span: clearOf,
      wide: span(rail.y),
      load: atMiddle(PERSON),
      under: `${massMark(PERSON)} at its middle`,
      who,
      stood: true as const,
    },
  });
  const [front, back] = bearers;
  return [
    lying('slat', slats.travel.mm, 'A slat'),
    // Drawn out, what is left at the back lies on the staying comb alone.
    ...(front && back
      ? [
          lying('staying', back.y[0] - front.y[1], 'A staying slat'),
          stood('bearer', span(front.x), 'A bearer'),
        ]
      : []),
    stood('rail', legs.length > 1 ? clear : span(rail.x), 'Its front rail'),
  ];
} // prettier-ignore

/** Whether slats of another material would bear who lies on them. */
export const slatsDo = (laid: LaidSlats, material: Material): boolean =>
  spansOf(laid, material)
    .filter(({ of }) => of === 'slat' || of === 'staying')
    .every(({ spanned }) => judgeSpan(spanned).verdict === 'clear');

/**
 * On legs its front is carried; without, who sits on its rail lifts its other ends.
 *
 * @source a lever over the carcass's front: P travel / overlap
 */
function standsNote({ slats, legs, overlap }: LaidSlats): PartNote {
  const lifts = overlap > 0 ? (PERSON * GRAVITY * slats.travel.mm) / overlap : undefined;
  return noteOf(
    'standing',
    legs.length > 0 ? 'clear' : 'hits',
    legs.length > 0
      ? `Its front rail stands on ${legs.length} legs, which are drawn over the floor with it.`
      : `Nothing carries its front rail: ${massMark(PERSON)} there lifts its other ends${lifts === undefined ? '' : ` with ${forceMark(lifts)}`}. Give it legs.`,
    'stands',
  );
}

function stopNotes({ slats }: LaidSlats): PartNote[] {
  return [
    noteOf(
      'caution',
      slats.stopped ? 'clear' : 'tight',
      slats.stopped
        ? 'Its stop is tried with a hard pull before anybody lies on it.'
        : 'Nothing stops it: drawn on, it falls. Give it a strip beneath that meets the bearer.',
      'stop',
    ),
    noteOf(
      'caution',
      'clear',
      'Fingers go between slats as it is pushed in: the hand is on the rail, and no child lies on it as it goes.',
      'fingers',
    ),
  ];
}

export const slatsAssumptions = ({ slats, place: { carcass, stock } }: LaidSlats): Assumption[] => [
  ...thicknessAssumptions([carcass.sheet, slats.material, slats.rail.material], stock),
  ...stiffnessAssumptions([slats.material, slats.rail.material], stock),
];
