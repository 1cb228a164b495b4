import { lengthMark, massMark } from '../../length/lengthMark';
import { span } from '../../solid/bounds';
import type { PartPieces } from '../contract/family';
import type { PartNote } from '../../item/note';
import { edgeLoad } from '../kit/runs/runs';
import { drawnNotes } from '../kit/drawn/notes';
import { type LaidPullout } from './lay';

/**
 * How far the top of what stands on a pair of slides gives by their play, mm: sideways over the way from one slide to
 * the other, and to and fro over the slides' length.
 *
 * @source derived: the box turns by play over that way, and its top stands `height` over the slides
 */
export function racking(play: number, height: number, apart: number, length: number) {
  return { aside: (play * height) / apart, forth: (play * height) / length };
}

export function pulloutNotes(laid: LaidPullout, pieces: PartPieces): PartNote[] {
  const { carries, guide, runs, fit } = laid.pullout;
  const { slide } = laid;
  const at = laid.drawers[0]!;
  const found = drawnNotes(laid, pieces);
  const note = (about: PartNote['about'], verdict: PartNote['verdict'], sentence: string) =>
    found.push({ about, verdict, sentence });
  const apart = span(at.box.x);
  const up = runs.kind === 'side slides' ? runs.up.mm : 0;
  const height = span(at.box.z) - up;
  // A thing as low as it is wide does not rack so that one sees it.
  if (slide && laid.length !== undefined && height > apart) {
    const free = racking(slide.play, height, apart, laid.length);
    const gap = fit.kind === 'even' ? fit.gap.mm : fit.kind === 'inset' ? fit.sides.mm : undefined;
    const aside = guide ? Math.min(guide.play.mm, free.aside) : free.aside;
    const held = guide ? `; the guide over it lets it no farther` : '';
    if (gap !== undefined && aside > gap)
      note(
        'runs',
        'hits',
        `Its top sways ${lengthMark(aside)} aside by the play of its slides${held}, and ${lengthMark(gap)} is left beside its front. ${guide ? `A guide with at most ${lengthMark(gap, 'most')} of play will do.` : 'A guide over its top will hold it.'}`,
      );
    else
      note(
        'runs',
        gap !== undefined && aside > gap / 2 ? 'tight' : 'clear',
        `By the play of its slides its top sways ${lengthMark(aside)} aside and ${lengthMark(free.forth)} to and fro${held}.`,
      );
  }
  if ((carries.kind === 'table' || carries.kind === 'step') && slide) {
    const most = edgeLoad(slide.rating, laid.travel, laid.depth);
    note(
      'runs',
      carries.edge > most ? 'hits' : carries.edge > 0.8 * most ? 'tight' : 'clear',
      `At its outer edge its slides carry ${massMark(most)}, drawn out fully; ${massMark(carries.edge)} is asked of it${carries.edge > most ? ': take stronger slides, let it come out less far, or give it a leg' : ''}.`,
    );
    if (carries.kind === 'step')
      note(
        'caution',
        'tight',
        'Who stands on a step stands on its edge: let it lock when it is out, give it a rough face, and try it low down first.',
      );
  }
  return found;
}
