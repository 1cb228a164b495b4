import type { Issue } from '../../item/issue';
import { lengthMark } from '../../length/lengthMark';
import { span } from '../../solid/bounds';
import { firstTrouble, refuse } from '../kit/issues';
import { mostLap, panelWidth, type LaidGrooves, type LaidSliding } from './lay';

/** Wood or play kept about a groove that is cut into a board, mm. */
const SKIN = 3;

export const refuseSliding = (laid: LaidSliding): Issue[] =>
  laid.grooves ? grooveIssues(laid, laid.grooves) : hungIssues(laid);

const grooveIssues = (laid: LaidSliding, grooves: LaidGrooves): Issue[] =>
  firstTrouble([
    () => trackIssues(laid, grooves),
    () => panelIssues(laid, grooves),
    () => depthIssues(laid, grooves),
    () => stationIssues(laid, grooves),
    () => biteIssues(laid, grooves),
    () => pullIssues(laid),
  ]);

const at = (...path: Issue['path']) => ['way', ...path];

function trackIssues({ run }: LaidSliding, { way }: LaidGrooves): Issue[] {
  if (way.tracks > way.panels)
    return refuse(at('tracks'), `There are more tracks than panels. At most ${way.panels} will do.`);
  if (way.panels > 1 && way.tracks === 1)
    return refuse(
      at('tracks'),
      'On one track panels side by side cannot pass each other. At least 2 will do.',
    );
  if (way.panels === 1 && way.tracks === 1 && (way.width?.mm ?? Infinity) >= run[1] - run[0])
    return refuse(
      at('panels'),
      'A single panel as wide as its run cannot slide: take two, or hang it before the opening.',
    );
  return [];
}

function panelIssues(laid: LaidSliding, { way, overlap }: LaidGrooves): Issue[] {
  const { opening, thick, run } = laid;
  const long = run[1] - run[0];
  if (thick >= way.wide.mm)
    return refuse(
      at('wide'),
      `A panel ${lengthMark(thick)} thick does not go into a groove of ${lengthMark(way.wide.mm)}. At least ${lengthMark(thick + 0.5, 'least')} will do.`,
    );
  const lap = mostLap(opening);
  if (way.lap.mm > lap + 1e-9)
    return refuse(
      at('lap'),
      `Behind the posts a panel has ${lengthMark(lap, 'most')} of room. At most ${lengthMark(lap, 'most')} will do${lap === 0 ? '; a face frame would make posts' : ''}.`,
    );
  if (way.width && way.panels > 1) {
    const least = panelWidth(long, way.panels, 0, way.lap.mm);
    if (overlap < 0)
      return refuse(
        at('width'),
        `The panels cannot cover the run: ${lengthMark(-overlap * (way.panels - 1), 'least')} stays open. At least ${lengthMark(least, 'least')} wide will do.`,
      );
  }
  const wide = span(laid.panels[0]!.bounds.x);
  if (overlap >= wide)
    return refuse(
      at(way.width ? 'width' : 'overlap'),
      `Panels ${lengthMark(wide)} wide cannot lap by ${lengthMark(overlap)}.`,
    );
  return [];
}

/** Grooves go through nothing, and there is room for panels and for tracks behind each other. */
function depthIssues({ place, opening }: LaidSliding, { way, foot, head, walls }: LaidGrooves): Issue[] {
  for (const [key, deep, rail] of [
    ['top', way.top.mm, way.rails.top.mm],
    ['bottom', way.bottom.mm, way.rails.bottom.mm],
  ] as const) {
    const in_ = rail > 0 ? rail : place.built.layout.shell.sheet;
    if (deep > in_ - SKIN)
      return refuse(
        at(key),
        `A groove ${lengthMark(deep)} deep goes through ${rail > 0 ? 'its rail' : 'its board'} of ${lengthMark(in_)}. At most ${lengthMark(Math.max(0, in_ - SKIN), 'most')} will do.`,
      );
  }
  if (head - foot < 50)
    return refuse(
      at('rails', 'top'),
      `The rails leave ${lengthMark(Math.max(0, head - foot))} for panels. At least ${lengthMark(50, 'least')} is wanted.`,
    );
  const deep = walls[walls.length - 1]! + way.wide.mm + way.fin.mm;
  if (deep > opening.inside.back)
    return refuse(
      at('tracks'),
      `So many tracks want ${lengthMark(deep - opening.inside.front, 'least')} of depth, and there are ${lengthMark(opening.inside.back - opening.inside.front, 'most')}.`,
    );
  return [];
}

function stationIssues({ run }: LaidSliding, { way, foot, head }: LaidGrooves): Issue[] {
  const long = run[1] - run[0];
  for (const [i, { at: x, height }] of way.stations.entries()) {
    if (x.mm > long)
      return refuse(
        at('stations', i, 'at'),
        `The run is ${lengthMark(long)} long. At most ${lengthMark(long, 'most')} will do.`,
      );
    if (Math.abs(height.mm - (head - foot)) > MOST_OFF)
      return refuse(
        at('stations', i, 'height'),
        `That is ${lengthMark(Math.abs(height.mm - (head - foot)))} off the ${lengthMark(head - foot)} that the rails are apart as drawn: check the reading, or the rails.`,
      );
  }
  return [];
}

/** It stays in the top groove where its tracks are farthest apart, and goes under it where they are nearest. */
function biteIssues(laid: LaidSliding, { way, tracks }: LaidGrooves): Issue[] {
  const high = span(laid.panels[0]!.bounds.z);
  const bite = high - tracks.farthest - way.bottom.mm;
  if (bite <= 0)
    return refuse(
      way.height ? at('height') : at('bite'),
      `Where its tracks are farthest apart it falls out of the top groove: ${lengthMark(-bite, 'least')} is missing. At least ${lengthMark(tracks.farthest + way.bottom.mm + 1, 'least')} high will do.`,
    );
  const free = tracks.nearest + way.top.mm + way.bottom.mm - high;
  if (free <= 0)
    return refuse(
      way.height ? at('height') : at('top'),
      `Where its tracks are nearest it jams: its head is ${lengthMark(-free, 'least')} longer than the top groove is deep. ${way.height ? `At most ${lengthMark(tracks.nearest + way.top.mm + way.bottom.mm - 1, 'most')} high will do.` : `A top groove at least ${lengthMark(way.top.mm - free + 1, 'least')} deep will do.`}`,
    );
  return [];
}

/** A reading farther off the drawing than this is a slip, mm. */
const MOST_OFF = 60;

function pullIssues({ sliding: { pull }, panels }: LaidSliding): Issue[] {
  if (!pull) return [];
  const { bounds } = panels[0]!;
  if (pull.fromEdge.mm + pull.width.mm > span(bounds.x))
    return refuse(
      ['pull', 'fromEdge'],
      `The pull would stand off the panel. At most ${lengthMark(Math.max(0, span(bounds.x) - pull.width.mm), 'most')} will do.`,
    );
  if (pull.up.mm > span(bounds.z))
    return refuse(
      ['pull', 'up'],
      `The pull would stand off the panel. At most ${lengthMark(span(bounds.z), 'most')} will do.`,
    );
  return [];
}

function hungIssues(laid: LaidSliding): Issue[] {
  const { bounds } = laid.panels[0]!;
  if (span(bounds.x) < 50)
    return refuse(['way', 'panels'], 'So little is left of each panel: let one hang instead of a pair.');
  return pullIssues(laid);
}
