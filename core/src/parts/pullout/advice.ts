import { lengthMark, massMark } from '../../length/lengthMark';
import { span } from '../../solid/bounds';
import type { PartPieces } from '../contract/family';
import type { Assumption, PartNote } from '../../item/note';
import type { Material } from '../../material/schema';
import { thicknessOf } from '../../material/stock';
import { weighAll } from '../../piece/mass';
import { judgeSpan, spanNote, type Spanned } from '../../strength/spans';
import { atMiddle, PERSON_STRIP, spreadOver } from '../../strength/usualLoads';
import { edgeLoad } from '../kit/runs/runs';
import { drawnAssumptions, drawnNotes } from '../kit/drawn/notes';
import { ladenWith } from '../kit/drawn/strength';
import { edgeOf } from './edge';
import { type LaidPullout } from './lay';

/** What is drawn out fully on slides that are longer than they come out still holds by the rest, and else by about so much of its length. Common practice. */
const HELD_OUT = 1 / 3;

/** How much of its slides still overlaps, drawn out fully, mm. */
export const overlapOut = (length: number, travel: number): number =>
  Math.max(length - travel, HELD_OUT * length);

/**
 * How far the top of what stands on a pair of slides gives by their play, mm: sideways over the way from one slide to
 * the other, and to and fro over what of them still overlaps.
 *
 * @source derived: the box turns by play over that way, and its top stands `height` over the slides
 */
export function racking(play: number, height: number, apart: number, overlap: number) {
  return { aside: (play * height) / apart, forth: (play * height) / overlap };
}

export const pulloutNotes = (laid: LaidPullout, pieces: PartPieces): PartNote[] => [
  ...drawnNotes(laid, pieces),
  ...rackNotes(laid),
  ...boardNotes(laid),
  ...edgeNotes(laid, pieces),
];

/** More than so much to and fro is felt as loose, mm. Common practice, no single source. */
const MOST_FORTH = 5;

function rackNotes({ pullout, slide, length, travel, drawers }: LaidPullout): PartNote[] {
  const { guide, runs, fit } = pullout;
  const { box } = drawers[0]!;
  const apart = span(box.x);
  const up = runs.kind === 'side slides' ? runs.up.mm : 0;
  const height = span(box.z) - up;
  // A thing as low as it is wide does not rack so that one sees it.
  if (!slide || length === undefined || height <= apart) return [];
  const upper = runs.kind === 'side slides' && runs.upper !== null;
  const free = upper
    ? { aside: slide.play, forth: slide.play }
    : racking(slide.play, height, apart, overlapOut(length, travel));
  const gap = fit.kind === 'even' ? fit.gap.mm : fit.kind === 'inset' ? fit.sides.mm : undefined;
  const aside = guide ? Math.min(guide.play.mm, free.aside) : free.aside;
  const held = guide ? `; the guide over it lets it no farther aside` : '';
  if (gap !== undefined && aside > gap)
    return [
      runsNote(
        'hits',
        `Its top sways ${lengthMark(aside)} aside by the play of its slides${held}, and ${lengthMark(gap)} is left beside its front. ${guide ? `A guide with at most ${lengthMark(gap, 'most')} of play will do.` : 'A guide over its top will hold it.'}`,
      ),
    ];
  const loose = free.forth > MOST_FORTH;
  return [
    runsNote(
      loose || (gap !== undefined && aside > gap / 2) ? 'tight' : 'clear',
      `By the play of its slides its top sways ${lengthMark(aside)} aside and, drawn out, ${lengthMark(free.forth)} to and fro${held}.${loose ? ' Slides at its top as well as at its foot will hold it.' : ''}`,
    ),
  ];
}

/** The board of a table or step under what is at its edge: a strip of it at the edge, from slide to slide. */
function spanOf(laid: LaidPullout, material: Material): Spanned | undefined {
  const { carries } = laid.pullout;
  const at = laid.drawers[0]!.box;
  const { stock } = laid.place;
  if (carries.kind === 'tiers')
    return {
      material,
      thick: stock.thickness(material.id),
      span: span(laid.drawers[0]!.tiers[0]!.y),
      wide: span(at.x),
      load: spreadOver(ladenWith(laid.drawers[0]!) / carries.count, span(laid.drawers[0]!.tiers[0]!.y)),
      under: massMark(ladenWith(laid.drawers[0]!) / carries.count),
      who: 'Each of its shelves',
    };
  if (carries.kind !== 'table' && carries.kind !== 'step') return undefined;
  return {
    material,
    thick: stock.thickness(material.id),
    span: span(at.x),
    wide: Math.min(PERSON_STRIP, span(at.y)),
    load: atMiddle(edgeOf(laid.pullout)),
    under: `${massMark(edgeOf(laid.pullout))} at the middle of its edge`,
    who: 'Its board',
  };
}

function boardNotes(laid: LaidPullout): PartNote[] {
  const spanned = spanOf(laid, laid.place.stock.material(laid.pullout.box.material));
  return spanned ? [spanNote(spanned)] : [];
}

/** What its slides carry at its outer edge besides itself, and who may stand there. */
function edgeNotes(laid: LaidPullout, { moving }: PartPieces): PartNote[] {
  const { slide, travel, depth, place, pullout } = laid;
  const { carries } = pullout;
  if (!slide || (carries.kind !== 'table' && carries.kind !== 'step')) return [];
  const edge = edgeOf(pullout);
  const own = moving.reduce((sum, { pieces }) => sum + weighAll(pieces, place.stock).kg, 0);
  // Its own weight lies in its middle, as what slides are rated by does: what is left of the rating is for the edge.
  const most = edgeLoad(Math.max(0, slide.rating - own), travel, depth);
  const asked = `${massMark(edge)} is asked of it${edge > most ? ': take stronger slides, let it come out less far, or give it a leg' : ''}`;
  const found = [
    runsNote(
      edge > most ? 'hits' : edge > 0.8 * most ? 'tight' : 'clear',
      `At its outer edge its slides carry ${massMark(most)} besides its own ${massMark(own)}, drawn out fully; ${asked}.`,
    ),
  ];
  if (carries.kind === 'table') return found;
  return [
    ...found,
    runsNote(
      slide.person >= edge ? 'clear' : 'hits',
      slide.person >= edge
        ? `Its slides are rated for a person of ${massMark(slide.person)}.`
        : `A step is stood on with ${massMark(edge)}, and these slides are ${slide.person > 0 ? `rated for a person of ${massMark(slide.person)}` : 'not rated for a person at all'}. Take slides made for steps, or let it stand on legs of its own once it is out.`,
    ),
    {
      about: 'caution',
      verdict: 'tight',
      sentence:
        'Who stands on a step stands on its edge: let it lock when it is out, give it a rough face, and try it low down first. EN 14183 tests step stools with 150 kg; this is no such test.',
    },
  ];
}

const runsNote = (verdict: PartNote['verdict'], sentence: string): PartNote => ({
  about: 'runs',
  verdict,
  sentence,
});

/** What of a pull-out nobody measured, weighed or looked up. */
export const pulloutAssumptions = (laid: LaidPullout): Assumption[] => {
  const { carries } = laid.pullout;
  const unsaid = (carries.kind === 'table' || carries.kind === 'step') && carries.edge === null;
  return [
    ...drawnAssumptions(laid),
    ...(unsaid
      ? [
          {
            words: `nobody ${carries.kind === 'step' ? 'stands' : 'leans'} on its edge with more than ${massMark(edgeOf(laid.pullout))}`,
            measure: `say who ${carries.kind === 'step' ? 'stands' : 'leans'} on its edge`,
          },
        ]
      : []),
  ];
};

/** Whether another material would bear what is at its edge or on its shelves. */
export function boardDoes(laid: LaidPullout, material: Material): boolean {
  const { stock } = laid.place;
  const spanned = spanOf(laid, stock.material(laid.pullout.box.material));
  return (
    spanned === undefined ||
    judgeSpan({ ...spanned, material, thick: thicknessOf(material, stock.schools) }).verdict === 'clear'
  );
}
