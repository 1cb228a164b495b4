import type { Opening } from '../../carcass/layout';
import type { Bounds } from '../../solid/bounds';
import type { SumLine } from '../../sizing/sum';
import type { PartPlace } from '../contract/family';
import { openingOf } from '../kit/fronts';
import type { Grooves, Hung, Sliding } from './schema';

/** One panel, shut, in its carcass's frame, mm, with how far it slides to either side while the others stay shut. */
export interface PanelAt {
  /** Its mover's key. */
  readonly key: string;
  /** From the left, from 0. */
  readonly nth: number;
  /** From the front, from 0. */
  readonly track: number;
  readonly bounds: Bounds;
  readonly left: number;
  readonly right: number;
}

/** The readings of its tracks that govern: where they are nearest each other, and farthest apart, sag included, mm. */
export interface Tracks {
  readonly nearest: number;
  readonly farthest: number;
  /** How many stations were read. */
  readonly read: number;
  /** Between the faces as drawn. */
  readonly drawn: number;
}

export interface LaidSliding {
  readonly sliding: Sliding;
  readonly place: PartPlace;
  readonly opening: Opening;
  readonly thick: number;
  /** Clear between the end posts. */
  readonly run: readonly [number, number];
  readonly panels: readonly PanelAt[];
  /** How the width and the height of each came about. */
  readonly width: readonly SumLine[];
  readonly height: readonly SumLine[];
  /** Of panels in grooves. */
  readonly grooves: LaidGrooves | undefined;
}
export interface LaidGrooves {
  readonly way: Grooves;
  readonly tracks: Tracks;
  /** Faces of the tracks, and the front walls of the grooves. */
  readonly foot: number;
  readonly head: number;
  readonly walls: readonly number[];
  /** Panels lap their neighbours by this. */
  readonly overlap: number;
}

/** How far behind each end post its carcass lets a panel go, mm. */
export const mostLap = ({ left, right, inside }: Opening): number =>
  Math.max(0, Math.min(left.at - inside.left, inside.right - right.at));

/** Panels go front to back over the tracks, again and again, from the end whose panel is in front. */
export const trackOf = (
  nth: number,
  { panels, tracks, front }: Pick<Grooves, 'panels' | 'tracks' | 'front'>,
): number => (front === 'left' ? nth : panels - 1 - nth) % tracks;

/**
 * Width of each of n panels over a run, mm.
 *
 * @source derived: together they are as wide as the run with all that is lapped twice
 */
export const panelWidth = (run: number, n: number, overlap: number, lap: number): number =>
  (run + (n - 1) * overlap + 2 * lap) / n;

/** What the tracks come to where they were read; where they were not, as drawn. */
function tracksOf({ stations, sag }: Pick<Grooves, 'stations' | 'sag'>, drawn: number): Tracks {
  const heights = stations.length > 0 ? stations.map(({ height }) => height.mm) : [drawn];
  return {
    // An upper rail that sags comes nearer, a lower one goes away; readings are taken with nothing on them.
    nearest: Math.min(...heights) - sag.top.mm,
    farthest: Math.max(...heights) + sag.bottom.mm,
    read: stations.length,
    drawn,
  };
}

const one = (words: string, mm: number): SumLine[] => (Math.abs(mm) > 1e-9 ? [{ words, mm }] : []);
const times = (words: string, n: number, mm: number): SumLine[] =>
  n !== 0 && Math.abs(mm) > 1e-9
    ? [{ words, mm: n * mm, ...(Math.abs(n) > 1 && { times: [Math.abs(n), mm] as const }) }]
    : [];

/** Panels keep their keys when more are added: they are counted from the left. */
const keyOf = ({ id }: Sliding, nth: number) => `${id}.${nth + 1}`;

function layGrooves(sliding: Sliding, way: Grooves, place: PartPlace): LaidSliding {
  const opening = openingOf(sliding, place);
  const thick = place.stock.thickness(sliding.material);
  const run = [opening.left.at, opening.right.at] as const;
  const long = run[1] - run[0];
  const n = way.panels;
  const lap = way.lap.mm;
  const foot = Math.max(opening.inside.bottom, opening.bottom.at) + way.rails.bottom.mm;
  const head = Math.min(opening.inside.top, opening.top.at) - way.rails.top.mm;
  const tracks = tracksOf(way, head - foot);
  const wide = way.width?.mm ?? panelWidth(long, n, way.overlap.mm, lap);
  const overlap = n > 1 ? (n * wide - long - 2 * lap) / (n - 1) : 0;
  const high = way.height?.mm ?? tracks.farthest + way.bottom.mm + way.bite.mm;
  const start = opening.inside.front + way.setback.mm;
  const walls = Array.from({ length: way.tracks }, (_, i) => start + i * (way.wide.mm + way.fin.mm));
  const panels = Array.from({ length: n }, (_, nth): PanelAt => {
    const track = trackOf(nth, way);
    const x = run[0] - lap + nth * (wide - overlap);
    const y = walls[track]! + (way.wide.mm - thick) / 2;
    // The others of its track stay where they are shut; the ends of the track are the ends of the laps.
    const step = way.tracks * (wide - overlap);
    return {
      key: keyOf(sliding, nth),
      nth,
      track,
      bounds: { x: [x, x + wide], y: [y, y + thick], z: [foot - way.bottom.mm, foot - way.bottom.mm + high] },
      left: nth - way.tracks >= 0 ? step - wide : x - (run[0] - lap),
      right: nth + way.tracks < n ? step - wide : run[1] + lap - x - wide,
    };
  });
  const width: SumLine[] = way.width
    ? [{ words: 'as given', mm: wide }]
    : [
        ...opening.width.lines,
        ...times('overlaps', n - 1, way.overlap.mm),
        ...times('laps behind the posts', 2, lap),
        ...(n > 1 ? one(n > 2 ? 'the other panels' : 'the other panel', wide - n * wide) : []),
      ];
  const height: SumLine[] = way.height
    ? [{ words: 'as given', mm: high }]
    : [
        {
          words: tracks.read > 1 ? 'tracks apart, at the widest' : 'tracks apart',
          mm: tracks.farthest - way.sag.bottom.mm,
        },
        ...one('sag of the lower rail', way.sag.bottom.mm),
        ...one('in the bottom groove', way.bottom.mm),
        ...one('bite in the top groove', way.bite.mm),
      ];
  const grooves = { way, tracks, foot, head, walls, overlap };
  return { sliding, place, opening, thick, run, panels, width, height, grooves };
}

/** How a panel that hangs before its opening is called by its place. */
const hungSides = ({ panels }: Hung): readonly ('left' | 'right')[] =>
  panels === 'a pair' ? ['left', 'right'] : [panels === 'to the left' ? 'left' : 'right'];

function layHung(sliding: Sliding, way: Hung, place: PartPlace): LaidSliding {
  const opening = openingOf(sliding, place);
  const thick = place.stock.thickness(sliding.material);
  const run = [opening.left.at, opening.right.at] as const;
  const sides = hungSides(way);
  const n = sides.length;
  const whole = run[1] - run[0] + 2 * way.sides.mm;
  const wide = whole / n;
  const back = opening.front - way.gap.mm;
  const z = [opening.bottom.at - way.below.mm, opening.top.at + way.over.mm] as const;
  const panels = sides.map((side, nth): PanelAt => {
    const x = run[0] - way.sides.mm + nth * wide;
    // It is out of the way once its edge stands at the edge of its opening.
    const travel = wide - way.sides.mm;
    return {
      key: keyOf(sliding, nth),
      nth,
      track: 0,
      bounds: { x: [x, x + wide], y: [back - thick, back], z },
      left: side === 'left' ? travel : 0,
      right: side === 'right' ? travel : 0,
    };
  });
  return {
    sliding,
    place,
    opening,
    thick,
    run,
    panels,
    width: [
      ...opening.width.lines,
      ...times('over its sides', 2, way.sides.mm),
      ...(n > 1 ? one('the other panel', wide - whole) : []),
    ],
    height: [
      ...opening.height.lines,
      ...one('over its top', way.over.mm),
      ...one('below its foot', way.below.mm),
    ],
    grooves: undefined,
  };
}

export const laySliding = (sliding: Sliding, place: PartPlace): LaidSliding =>
  sliding.way.kind === 'grooves'
    ? layGrooves(sliding, sliding.way, place)
    : layHung(sliding, sliding.way, place);

/** How far a track reaches to either side: as far as the panels go. */
export function trackSpan({ panels }: LaidSliding): readonly [number, number] {
  return [
    Math.min(...panels.map(({ bounds, left }) => bounds.x[0] - left)),
    Math.max(...panels.map(({ bounds, right }) => bounds.x[1] + right)),
  ];
}
