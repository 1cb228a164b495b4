import { wordChoice, type Field } from '../../item/field';
import type { Issue } from '../../item/issue';
import { ordinal } from '../../item/ordinal';
import { lengthMark, massMark } from '../../length/lengthMark';
import { span } from '../box/box';
import { lengthOf } from '../fields';
import type { Family, PartNote, PartPlace, Rest, SizedPiece } from '../family';
import { thicknessRests } from '../rests';
import { schoolFields } from '../schools';
import { buildSliding, panelId, panelTitle, pullPlaces, trackSpan } from './build';
import { clearOpenings, hiddenPulls, type ClearOpening } from './clear';
import { layGrooves, laySliding, mostLap, panelWidth, type LaidGrooves } from './laid';
import { liftOut } from './liftOut';
import type { Grooves, Hung, Sliding } from './schema';

const mm = (value: number) => ({ mm: value });
const refuseAt = (path: Issue['path'], message: string): Issue[] => [{ path, message }];

/** Usual numbers to start from. Top groove about twice the bottom one, 0.5 to 1 mm free in it: CP, no single source. */
export const USUAL_WAY: { readonly [Kind in Sliding['way']['kind']]: Extract<Sliding['way'], { kind: Kind }> } = {
  grooves: { kind: 'grooves', panels: 2, tracks: 2, front: 'left', rails: { top: mm(25), bottom: mm(18) }, top: mm(18), bottom: mm(8), wide: mm(7), fin: mm(6), setback: mm(6), bite: mm(6), overlap: mm(40), lap: mm(0), width: null, height: null, stations: [], sag: { top: mm(0), bottom: mm(0) } },
  hung: { kind: 'hung', panels: 'to the left', gap: mm(6), sides: mm(30), over: mm(30), below: mm(10), track: { height: mm(40), out: mm(45) }, hanger: mm(6), rating: 60 },
}; // prettier-ignore
export const USUAL_SLIDING_PULL: NonNullable<Sliding['pull']> = { kind: 'let in', width: mm(35), projection: mm(0), fromEdge: mm(30), up: mm(350), at: 'outward' }; // prettier-ignore

/** Wood or play kept about a groove that is cut into a board, mm. */
const SKIN = 3;

function refuse(sliding: Sliding, place: PartPlace): Issue[] {
  const { bay, material, way } = sliding;
  if (!place.built.layout.openings.has(bay)) return refuseAt(['bay'], `Its carcass has no bay “${bay}”.`);
  if (!place.stock.has(material)) return refuseAt(['material'], `There is no material “${material}”.`);
  return way.kind === 'grooves' ? grooveIssues(sliding, way, place) : hungIssues(sliding, place);
}

function grooveIssues(sliding: Sliding, way: Grooves, place: PartPlace): Issue[] {
  const laid = layGrooves(sliding, way, place);
  const { opening, thick, tracks, foot, head, overlap, run } = laid;
  const at = (...path: Issue['path']) => ['way', ...path];
  const long = run[1] - run[0];
  if (way.tracks > way.panels)
    return refuseAt(at('tracks'), `There are more tracks than panels. At most ${way.panels} will do.`);
  if (way.panels > 1 && way.tracks === 1)
    return refuseAt(at('tracks'), 'On one track panels side by side cannot pass each other. At least 2 will do.');
  if (way.panels === 1 && way.tracks === 1 && (way.width?.mm ?? long) >= long)
    return refuseAt(at('panels'), 'A single panel as wide as its run cannot slide: take two, or hang it before the opening.');
  if (thick >= way.wide.mm)
    return refuseAt(at('wide'), `A panel ${lengthMark(thick)} thick does not go into a groove of ${lengthMark(way.wide.mm)}. At least ${lengthMark(thick + 0.5, 'least')} will do.`);
  const lap = mostLap(opening);
  if (way.lap.mm > lap + 1e-9)
    return refuseAt(at('lap'), `Behind the posts a panel has ${lengthMark(lap, 'most')} of room. At most ${lengthMark(lap, 'most')} will do${lap === 0 ? '; a face frame would make posts' : ''}.`);
  if (way.width && way.panels > 1) {
    const least = panelWidth(long, way.panels, 0, way.lap.mm);
    if (overlap < 0)
      return refuseAt(at('width'), `The panels cannot cover the run: ${lengthMark(-overlap * (way.panels - 1), 'least')} stays open. At least ${lengthMark(least, 'least')} wide will do.`);
  }
  const wide = span(laid.panels[0]!.bounds.x);
  if (overlap >= wide) return refuseAt(at(way.width ? 'width' : 'overlap'), `Panels ${lengthMark(wide)} wide cannot lap by ${lengthMark(overlap)}.`);
  for (const [key, deep, rail] of [['top', way.top.mm, way.rails.top.mm], ['bottom', way.bottom.mm, way.rails.bottom.mm]] as const) {
    const in_ = rail > 0 ? rail : place.built.layout.shell.sheet;
    if (deep > in_ - SKIN)
      return refuseAt(at(key), `A groove ${lengthMark(deep)} deep goes through ${rail > 0 ? 'its rail' : 'its board'} of ${lengthMark(in_)}. At most ${lengthMark(Math.max(0, in_ - SKIN), 'most')} will do.`);
  }
  if (head - foot < 50) return refuseAt(at('rails', 'top'), `The rails leave ${lengthMark(Math.max(0, head - foot))} for panels. At least ${lengthMark(50, 'least')} is wanted.`);
  const deep = laid.walls[laid.walls.length - 1]! + way.wide.mm + way.fin.mm;
  if (deep > opening.inside.back)
    return refuseAt(at('tracks'), `So many tracks want ${lengthMark(deep - opening.inside.front, 'least')} of depth, and there are ${lengthMark(opening.inside.back - opening.inside.front, 'most')}.`);
  for (const [i, { at: x, height }] of way.stations.entries()) {
    if (x.mm > long) return refuseAt(at('stations', i, 'at'), `The run is ${lengthMark(long)} long. At most ${lengthMark(long, 'most')} will do.`);
    if (Math.abs(height.mm - (head - foot)) > MOST_OFF)
      return refuseAt(at('stations', i, 'height'), `That is ${lengthMark(Math.abs(height.mm - (head - foot)))} off the ${lengthMark(head - foot)} that the rails are apart as drawn: check the reading, or the rails.`);
  }
  const high = span(laid.panels[0]!.bounds.z);
  const bite = high - tracks.farthest - way.bottom.mm;
  if (bite <= 0)
    return refuseAt(way.height ? at('height') : at('bite'), `Where its tracks are farthest apart it falls out of the top groove: ${lengthMark(-bite, 'least')} is missing. At least ${lengthMark(tracks.farthest + way.bottom.mm + 1, 'least')} high will do.`);
  const free = tracks.nearest + way.top.mm + way.bottom.mm - high;
  if (free <= 0)
    return refuseAt(
      way.height ? at('height') : at('top'),
      `Where its tracks are nearest it jams: its head is ${lengthMark(-free, 'least')} longer than the top groove is deep. ${way.height ? `At most ${lengthMark(tracks.nearest + way.top.mm + way.bottom.mm - 1, 'most')} high will do.` : `A top groove at least ${lengthMark(way.top.mm - free + 1, 'least')} deep will do.`}`,
    );
  return pullIssues(sliding, laid.panels[0]!.bounds);
} // prettier-ignore
/** A reading farther off the drawing than this is a slip, mm. */
const MOST_OFF = 60;

function pullIssues({ pull }: Sliding, bounds: { x: readonly [number, number]; z: readonly [number, number] }): Issue[] {
  if (!pull) return [];
  if (pull.fromEdge.mm + pull.width.mm > span(bounds.x))
    return refuseAt(['pull', 'fromEdge'], `The pull would stand off the panel. At most ${lengthMark(Math.max(0, span(bounds.x) - pull.width.mm), 'most')} will do.`);
  if (pull.up.mm > span(bounds.z))
    return refuseAt(['pull', 'up'], `The pull would stand off the panel. At most ${lengthMark(span(bounds.z), 'most')} will do.`);
  return [];
} // prettier-ignore

function hungIssues(sliding: Sliding, place: PartPlace): Issue[] {
  const laid = laySliding(sliding, place);
  const { bounds } = laid.panels[0]!;
  if (span(bounds.x) < 50)
    return refuseAt(['way', 'panels'], 'So little is left of each panel: let one hang instead of a pair.');
  return pullIssues(sliding, bounds);
}

/** Openings panels of a part allow; undefined of panels that hang, whose one opening is all there is. */
export function openingsOf(sliding: Sliding, place: PartPlace): readonly ClearOpening[] {
  const { way } = sliding;
  if (way.kind === 'hung') {
    const { run, panels } = laySliding(sliding, place);
    const at = panels.map(({ bounds, left, right }) => bounds.x[0] - left + right - run[0]);
    return [
      {
        from: 0,
        to: run[1] - run[0],
        at,
        shut: panels.map(({ bounds }) => bounds.x[0] - run[0]),
        tracks: panels.map(() => 0),
        wide: span(panels[0]!.bounds.x),
      },
    ];
  }
  const { panels, run } = layGrooves(sliding, way, place);
  return clearOpenings(panels, run, way.lap.mm);
}

function notes(sliding: Sliding, place: PartPlace): PartNote[] {
  return sliding.way.kind === 'grooves'
    ? grooveNotes(sliding, sliding.way, place)
    : hungNotes(sliding, sliding.way, place);
}

function grooveNotes(sliding: Sliding, way: Grooves, place: PartPlace): PartNote[] {
  const laid = layGrooves(sliding, way, place);
  const { tracks, thick, panels, run } = laid;
  const high = span(panels[0]!.bounds.z);
  const found: PartNote[] = [];
  const note = (about: PartNote['about'], verdict: PartNote['verdict'], sentence: string) =>
    found.push({ about, verdict, sentence });
  const bite = high - tracks.farthest - way.bottom.mm;
  const free = tracks.nearest + way.top.mm + way.bottom.mm - high;
  note('fit', bite < LEAST_BITE ? 'tight' : 'clear', `Where its tracks are farthest apart it still stands ${lengthMark(bite, 'most')} in the top groove.`);
  note('fit', free < 1 ? 'tight' : 'clear', `Where they are nearest its head has ${lengthMark(free, 'most')} free.`);
  const play = way.wide.mm - thick;
  note('fit', play < 0.5 || play > 2 ? 'tight' : 'clear', `It has ${lengthMark(play)} free in a groove of ${lengthMark(way.wide.mm)}${play < 0.5 ? ': paint and damp take that' : play > 2 ? ': it will rattle' : ''}.`);
  found.push(outNote(way, laid, place.stock.schools.panels));
  const openings = clearOpenings(panels, run, way.lap.mm);
  const widest = openings[0];
  if (widest)
    note('opening', 'clear', `At most ${lengthMark(widest.to - widest.from, 'most')} of its ${lengthMark(run[1] - run[0])} stands open at a time.`);
  for (const { panel, behind } of firstOf(hiddenPulls(panels, openings, panels.map((one) => pullPlaces(sliding, one, panels.length)))))
    note('fingers', 'tight', `In one of its openings the pull of the ${ordinal(panel + 1)} panel lies behind the ${ordinal(behind + 1)}: nobody gets at it. A pull at its other edge, at both, or a stop that keeps it in view will do.`);
  const { pull } = sliding;
  if (pull?.kind === 'knob' && way.tracks > 1 && pull.projection.mm > way.fin.mm + (way.wide.mm - thick))
    note('fingers', 'tight', `Its knobs stand out ${lengthMark(pull.projection.mm)}, and ${lengthMark(way.fin.mm + way.wide.mm - thick)} is left between panels that pass: they stop at a knob. A pull that is let in lets them pass.`);
  if (pull?.kind === 'let in' && pull.width.mm < place.reach.fingers)
    note('fingers', 'tight', `Fingers want ${lengthMark(place.reach.fingers)}; the pull is ${lengthMark(pull.width.mm)} wide.`);
  return found;
} // prettier-ignore
/** CP, no single source. */
const LEAST_BITE = 3;

/** One finding a panel. */
const firstOf = <T extends { readonly panel: number }>(all: readonly T[]): T[] =>
  all.filter((one, i) => all.findIndex(({ panel }) => panel === one.panel) === i);

/** Whether panels come out over the lower track, and whether that is what is wanted; those behind come out after those before them. */
function outNote(way: Grooves, laid: LaidGrooves, wanted: 'lift out' | 'captive'): PartNote {
  const { tracks, thick, panels } = laid;
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

function hungNotes(sliding: Sliding, way: Hung, place: PartPlace): PartNote[] {
  const laid = laySliding(sliding, place);
  const { bounds } = laid.panels[0]!;
  const mass = (span(bounds.x) * span(bounds.y) * span(bounds.z) * place.stock.material(sliding.material).density) / 1e9; // prettier-ignore
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

function sizes(sliding: Sliding, place: PartPlace): SizedPiece[] {
  const laid = laySliding(sliding, place);
  const { material, way } = sliding;
  const count = laid.panels.length;
  const long = laid.opening.inside.right - laid.opening.inside.left;
  const rail = (words: string, high: number, deep: number): SizedPiece => ({
    name: `${sliding.name}, ${words}`,
    count: 1,
    width: { name: 'height', lines: [{ words: 'as chosen', mm: high }], mm: high },
    height: { name: 'length', lines: [{ words: 'inside width', mm: long }], mm: long },
    thickness: way.kind === 'grooves' ? way.setback.mm + way.tracks * (way.wide.mm + way.fin.mm) : 0,
    material: place.carcass.sheet,
    notes: way.kind === 'grooves' ? [grooveWords(way, deep)] : [],
  });
  const panels = laid.panels.map(({ nth }): SizedPiece => ({
    name: panelTitle(sliding, nth, count),
    count: 1,
    width: laid.width,
    height: laid.height,
    thickness: laid.thick,
    material,
    of: panelId(sliding, nth, count),
    notes: [],
  }));
  if (way.kind === 'hung') return panels;
  return [
    ...panels,
    ...(way.rails.top.mm > 0 ? [rail('upper rail', way.rails.top.mm, way.top.mm)] : []),
    ...(way.rails.bottom.mm > 0 ? [rail('lower rail', way.rails.bottom.mm, way.bottom.mm)] : []),
  ];
}

/** How grooves are set out. */
const grooveWords = (way: Grooves, deep: number): string =>
  `${way.tracks === 1 ? 'A groove' : `${way.tracks} grooves`} ${lengthMark(way.wide.mm)} wide and ${lengthMark(deep)} deep, the first ${lengthMark(way.setback.mm)} from the front${way.tracks > 1 ? `, ${lengthMark(way.fin.mm)} between them` : ''}.`;

function rests(sliding: Sliding, place: PartPlace): Rest[] {
  const found = thicknessRests([sliding.material], place.stock);
  const { way } = sliding;
  if (way.kind === 'grooves' && way.stations.length < 3)
    found.push({
      words: way.stations.length === 0 ? 'its tracks are as far apart as drawn' : 'its tracks are straight between so few readings',
      measure: 'read how far the tracks are apart at both ends and in the middle',
    });
  return found;
} // prettier-ignore

const group = 'Panels';
const length = lengthOf<Sliding>(group);
const groove = lengthOf<Sliding>('Grooves');
const grooved = ({ way }: Sliding) => way.kind === 'grooves';
const hangs = ({ way }: Sliding) => way.kind === 'hung';
const pullLength = lengthOf<Sliding>('Pulls');
const pulled = ({ pull }: Sliding) => pull !== null;
const NUMBERS = ['none', '1', '2', '3', '4', '5', '6', '7', '8'];

const FIELDS: readonly Field<Sliding>[] = [
  { group, label: 'Before', path: ['bay'], input: { pick: 'bay' } },
  { group, label: 'They', path: ['way'], input: { words: ['slide in grooves', 'hang from a track'], word: ({ way }) => (way.kind === 'grooves' ? 'slide in grooves' : 'hang from a track'), value: (word) => USUAL_WAY[word === 'slide in grooves' ? 'grooves' : 'hung'] } },
  { group, label: 'Made of', path: ['material'], input: { pick: 'material' } },
  { group, label: 'Panels', path: ['way', 'panels'], input: 'count', when: grooved },
  { group, label: 'Tracks', path: ['way', 'tracks'], input: 'count', when: grooved },
  { group, label: 'On the front track', path: ['way', 'front'], input: { words: ['the left one', 'the right one'], word: ({ way }) => (way.kind === 'grooves' && way.front === 'right' ? 'the right one' : 'the left one'), value: (word) => (word === 'the left one' ? 'left' : 'right') }, when: grooved },
  length('Overlap of neighbours', ['way', 'overlap'], (one) => grooved(one) && one.way.kind === 'grooves' && one.way.width === null),
  length('Behind each post', ['way', 'lap'], grooved),
  { group, label: 'Width given', path: ['way', 'width'], input: 'length or none', when: grooved },
  { group, label: 'Height given', path: ['way', 'height'], input: 'length or none', when: grooved },
  { group, label: 'Panels go', path: ['way', 'panels'], input: wordChoice(['way', 'panels'], ['to the left', 'to the right', 'a pair']), when: hangs },
  length('Free behind it', ['way', 'gap'], hangs),
  length('Over its sides', ['way', 'sides'], hangs),
  length('Over its top', ['way', 'over'], hangs),
  length('Below its foot', ['way', 'below'], hangs),
  length('Track, high', ['way', 'track', 'height'], hangs),
  length('Track, out', ['way', 'track', 'out'], hangs),
  length('Panel below the track', ['way', 'hanger'], hangs),
  { group, label: 'Track carries, kg', path: ['way', 'rating'], input: 'count', when: hangs },
  groove('Top groove, deep', ['way', 'top'], grooved),
  groove('Bottom groove, deep', ['way', 'bottom'], grooved),
  groove('Grooves, wide', ['way', 'wide'], grooved),
  groove('Between grooves', ['way', 'fin'], grooved),
  groove('First from the front', ['way', 'setback'], grooved),
  groove('Bite in the top groove', ['way', 'bite'], (one) => one.way.kind === 'grooves' && one.way.height === null),
  groove('Upper rail, high', ['way', 'rails', 'top'], grooved),
  groove('Lower rail, high', ['way', 'rails', 'bottom'], grooved),
  groove('Upper rail sags', ['way', 'sag', 'top'], grooved),
  groove('Lower rail sags', ['way', 'sag', 'bottom'], grooved),
  { group: 'Tracks as read', label: 'Stations', path: ['way', 'stations'], input: { words: NUMBERS, word: ({ way }) => (way.kind === 'grooves' ? (NUMBERS[way.stations.length] ?? String(way.stations.length)) : 'none'), value: (word, { way }) => Array.from({ length: Math.max(0, NUMBERS.indexOf(word)) }, (_, i) => (way.kind === 'grooves' && (way.stations[i] ?? way.stations[way.stations.length - 1])) || { at: mm(0), height: mm(500) }) }, when: grooved },
  { group: 'Pulls', label: 'Pull', path: ['pull'], input: { words: ['none', 'let in', 'knob'], word: ({ pull }) => pull?.kind ?? 'none', value: (word) => (word === 'none' ? null : { ...USUAL_SLIDING_PULL, kind: word, projection: mm(word === 'knob' ? 20 : 0) }) } },
  { group: 'Pulls', label: 'At its edge', path: ['pull', 'at'], input: wordChoice(['pull', 'at'], ['outward', 'left', 'right', 'both']), when: pulled },
  pullLength('Pull, wide', ['pull', 'width'], pulled),
  pullLength('Stands out', ['pull', 'projection'], ({ pull }) => pull?.kind === 'knob'),
  pullLength('From the edge', ['pull', 'fromEdge'], pulled),
  pullLength('Above its foot', ['pull', 'up'], pulled),
]; // prettier-ignore

const stationFields = ({ way }: Sliding): Field<Sliding>[] =>
  way.kind === 'grooves'
    ? way.stations.flatMap((_, i) => {
        const station = lengthOf<Sliding>('Tracks as read');
        return [
          station(`Station ${i + 1}, from the left`, ['way', 'stations', i, 'at']),
          station(`Station ${i + 1}, tracks apart`, ['way', 'stations', i, 'height']),
        ];
      })
    : [];

const turnedWay = {
  'to the left': 'to the right',
  'to the right': 'to the left',
  'a pair': 'a pair',
} as const;

export const SLIDING: Family<Sliding> = {
  word: 'sliding panels',
  add: 'Sliding panels',
  mover: 'panel',
  piece: 'Panel',
  fields: (sliding) => [
    ...FIELDS,
    ...stationFields(sliding),
    ...schoolFields<Sliding>(),
    { group: 'Name', label: 'Name', path: ['name'], input: 'text' },
  ],
  fresh: (id, name, { carcass, stock }, bay) => ({
    id,
    family: 'sliding',
    name,
    carcass: carcass.id,
    bay,
    material: stock.has('ply-6') ? 'ply-6' : carcass.sheet,
    way: USUAL_WAY.grooves,
    pull: USUAL_SLIDING_PULL,
  }),
  refuse,
  build: buildSliding,
  mirror: (sliding) => {
    const { way, pull } = sliding;
    const turn = { left: 'right', right: 'left', outward: 'outward', both: 'both' } as const;
    return {
      ...sliding,
      way: way.kind === 'hung' ? { ...way, panels: turnedWay[way.panels] } : { ...way, front: way.front === 'left' ? 'right' : 'left' },
      pull: pull && { ...pull, at: turn[pull.at] },
    };
  },
  sizes,
  takes: () => [],
  notes,
  rests,
  // Pulls that stand in each other's way are let in.
  advise: ({ pull }, { encounters: [worst] }) =>
    pull?.kind === 'knob' && worst && [worst.moving, worst.still].some((id) => id.endsWith('/pull'))
      ? {
          words: 'let the pulls in, so that panels pass them',
          changes: [{ path: ['pull'], before: pull, after: { ...pull, kind: 'let in', projection: mm(0) } }],
        }
      : undefined,
}; // prettier-ignore
