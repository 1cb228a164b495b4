import { ordinal } from '../../item/ordinal';
import { lengthMark, massMark } from '../../length/lengthMark';
import { weigh } from '../../piece/mass';
import { span } from '../../solid/bounds';
import type { PartPieces } from '../contract/family';
import type { Assumption, PartNote } from '../../item/note';
import { thicknessAssumptions } from '../kit/assumptions';
import { clearOpenings, hiddenPulls } from './clear';
import { type ClearOpening } from '../contract/clearOpening';
import { trackSpan, type LaidGrooves, type LaidSliding, type Tracks } from './lay';
import { liftOut } from './liftOut';
import { pullPlaces } from './pieces';
import type { Grooves, Hung } from './schema';

/** Openings panels of a part allow; undefined of panels that hang, whose one opening is all there is. */
export function openingsOf({ run, panels, grooves }: LaidSliding): readonly ClearOpening[] {
  if (!grooves) {
    const at = panels.map(({ bounds, left, right }) => bounds.x[0] - left + right - run[0]);
    return [
      {
        panels: panels.map(({ key }) => key),
        from: 0,
        to: run[1] - run[0],
        at,
        shut: panels.map(({ bounds }) => bounds.x[0] - run[0]),
        tracks: panels.map(() => 0),
        wide: span(panels[0]!.bounds.x),
      },
    ];
  }
  return clearOpenings(panels, run, grooves.way.lap.mm);
}

export function slidingNotes(laid: LaidSliding, pieces: PartPieces): PartNote[] {
  const { way } = laid.sliding;
  return laid.grooves ? grooveNotes(laid, laid.grooves) : hungNotes(laid, way as Hung, pieces);
}

function grooveNotes(laid: LaidSliding, { way, tracks }: LaidGrooves): PartNote[] {
  const { sliding, place, thick, panels, run } = laid;
  const high = span(panels[0]!.bounds.z);
  const found: PartNote[] = [];
  const note = (about: PartNote['about'], verdict: PartNote['verdict'], sentence: string) =>
    found.push({ about, verdict, sentence });
  const bite = high - tracks.farthest - way.bottom.mm;
  const free = tracks.nearest + way.top.mm + way.bottom.mm - high;
  note(
    'fit',
    bite < LEAST_BITE ? 'tight' : 'clear',
    `Where its tracks are farthest apart the top groove still holds ${lengthMark(bite, 'most')} of it.`,
  );
  note(
    'fit',
    free < 1 ? 'tight' : 'clear',
    `Where they are nearest its head has ${lengthMark(free, 'most')} free.`,
  );
  const play = way.wide.mm - thick;
  note(
    'fit',
    play < 0.5 || play > 2 ? 'tight' : 'clear',
    `It has ${lengthMark(play)} free in a groove of ${lengthMark(way.wide.mm)}${play < 0.5 ? ': paint and damp take that' : play > 2 ? ': it will rattle' : ''}.`,
  );
  found.push(outNote(laid, way, tracks, place.stock.schools.panels));
  const openings = clearOpenings(panels, run, way.lap.mm);
  const widest = openings[0];
  if (widest)
    note(
      'opening',
      'clear',
      `At most ${lengthMark(widest.to - widest.from, 'most')} of its ${lengthMark(run[1] - run[0])} stands open at a time.`,
    );
  for (const { panel, behind } of firstOf(
    hiddenPulls(
      panels,
      openings,
      panels.map((one) => pullPlaces(sliding, one, panels.length)),
    ),
  ))
    note(
      'fingers',
      'tight',
      `In one of its openings the pull of the ${ordinal(panel + 1)} panel lies behind the ${ordinal(behind + 1)}: nobody gets at it. A pull at its other edge, at both, or a stop that keeps it in view will do.`,
    );
  const { pull } = sliding;
  if (pull?.kind === 'knob' && way.tracks > 1 && pull.projection.mm > way.fin.mm + (way.wide.mm - thick))
    note(
      'fingers',
      'tight',
      `Its knobs stand out ${lengthMark(pull.projection.mm)}, and ${lengthMark(way.fin.mm + way.wide.mm - thick)} is left between panels that pass: they stop at a knob. A pull that is let in lets them pass.`,
    );
  if (pull?.kind === 'let in' && pull.width.mm < place.reach.fingers)
    note(
      'fingers',
      'tight',
      `Fingers want ${lengthMark(place.reach.fingers)}; the pull is ${lengthMark(pull.width.mm)} wide.`,
    );
  return found;
}
/** Common practice, no single source. */
const LEAST_BITE = 3;

/** One finding a panel. */
const firstOf = <T extends { readonly panel: number }>(all: readonly T[]): T[] =>
  all.filter((one, i) => all.findIndex(({ panel }) => panel === one.panel) === i);

/** Whether panels come out over the lower track, and whether that is what is wanted; those behind come out after those before them. */
function outNote(
  { thick, panels }: LaidSliding,
  way: Grooves,
  tracks: Tracks,
  wanted: 'lift out' | 'captive',
): PartNote {
  const ways = Array.from({ length: way.tracks }, (_, track) =>
    liftOut({
      // Where the tracks are farthest apart it comes out most easily.
      apart: tracks.farthest,
      top: way.top.mm,
      bottom: way.bottom.mm,
      wide: way.wide.mm,
      height: span(panels[0]!.bounds.z),
      thick,
      lip: way.setback.mm + track * (way.wide.mm + way.fin.mm),
    }),
  );
  const stuck = ways.find(({ kind }) => kind !== 'lifts out');
  const note = (
    as: 'lift out' | 'captive',
    sentence: string,
    worst: PartNote['verdict'] = 'tight',
  ): PartNote => ({
    about: 'fit',
    verdict: as === wanted ? 'clear' : worst,
    sentence,
  });
  if (!stuck) {
    const deepest = span(panels[0]!.bounds.z) - tracks.farthest;
    return note(
      'lift out',
      `Its panels lift out where the tracks are farthest apart: up, foot forward, down; the ones in front first. They go in head first, those at the back first.${wanted === 'captive' ? ` A top groove less than ${lengthMark(deepest, 'most')} deep keeps them in.` : ''}`,
    );
  }
  if (stuck.kind === 'captive')
    return note(
      'captive',
      `Its panels are captive: lifted, they meet the top groove ${lengthMark(stuck.short)} too soon. They go in along the grooves from one end, with ${lengthMark(span(panels[0]!.bounds.x), 'least')} of room beside it, before its side is on, those at the back first; a top groove ${lengthMark(way.top.mm + stuck.short, 'least')} deep lets them lift.`,
    );
  return note(
    'captive',
    `Its panels lift clear of the lower track and then wedge in the top groove as the foot is drawn out: it is ${lengthMark(stuck.kind === 'wedges' ? stuck.short : 0, 'least')} too narrow for that. Widen it by as much, or put them in before an end is closed.`,
  );
}

function hungNotes(laid: LaidSliding, way: Hung, { moving }: PartPieces): PartNote[] {
  const { kg: mass } = weigh(moving[0]!.pieces[0]!, laid.place.stock);
  const [from, to] = trackSpan(laid);
  const beside = Math.max(laid.run[0] - from, to - laid.run[1]);
  return [
    {
      about: 'runs',
      verdict: mass > way.rating ? 'hits' : mass > 0.8 * way.rating ? 'tight' : 'clear',
      sentence: `A panel weighs ${massMark(mass)}; its track carries ${massMark(way.rating)}${mass > way.rating ? `, ${massMark(mass - way.rating)} less: take a stronger one, or a lighter panel` : ''}.`,
    },
    {
      about: 'fit',
      verdict: 'clear',
      sentence: `Its track is ${lengthMark(to - from, 'least')} long, and wants ${lengthMark(beside, 'least')} of wall beside the opening${way.panels === 'a pair' ? ' at either side' : ''}.`,
    },
    {
      about: 'caution',
      verdict: 'tight',
      sentence:
        'A hung panel wants a stop at both ends of its track and a guide at its foot: without them it jumps off.',
    },
  ];
}

export function slidingAssumptions({ sliding, place }: LaidSliding): Assumption[] {
  const found = thicknessAssumptions([sliding.material], place.stock);
  const { way } = sliding;
  if (way.kind === 'grooves' && way.stations.length < 3)
    found.push({
      words:
        way.stations.length === 0
          ? 'its tracks are as far apart as drawn'
          : 'its tracks are straight between so few readings',
      measure: 'read how far the tracks are apart at both ends and in the middle',
    });
  return found;
}
