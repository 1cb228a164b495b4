import { besideBay, type Beside } from '../../carcass/beside';
import type { GroundWork } from '../../carcass/build';
import { called } from '../../item/called';
import { ordinal } from '../../item/ordinal';
import { board, type WorkIn } from '../../piece/board';
import type { Link, Piece } from '../../piece/piece';
import { plain } from '../../piece/plain';
import type { Bounds, Range } from '../../solid/bounds';
import { frameOf } from '../../item/frame';
import type { PartPieces } from '../contract/family';
import { trackSpan, type LaidGrooves, type LaidSliding, type PanelAt } from './lay';
import type { Hung, Sliding } from './schema';

/** How a panel is called: by its place from the left. */
const panelWords = ({ name }: Pick<Sliding, 'name'>, nth: number, count: number): string =>
  count === 1 ? called(name) : `${ordinal(nth + 1)} panel of the ${called(name)}`;
export const panelTitle = ({ name }: Pick<Sliding, 'name'>, nth: number, count: number): string =>
  count === 1 ? name : `${name}, ${nth + 1}`;

/** Every panel with its pulls; the rails or the track they run in, or the grooves they want in the case's own boards. */
export function slidingPieces(laid: LaidSliding): PartPieces {
  const { sliding, grooves, panels } = laid;
  return {
    moving: panels.map((panel) => panelLink(laid, panel)),
    still: grooves ? railsOf(laid, grooves) : [trackOf(laid, sliding.way as Hung)],
    onGround: grooves ? inBoards(laid, grooves) : [],
  };
}

function panelLink(laid: LaidSliding, panel: PanelAt): Link {
  const { sliding, place, thick, panels } = laid;
  const { key, nth, bounds } = panel;
  const words = `the ${panelWords(sliding, nth, panels.length)}`;
  const piece = board(frameOf(place.carcass), {
    key: `${key}/panel`,
    item: sliding.id,
    role: 'panel',
    name: panelTitle(sliding, nth, panels.length),
    told: { key: `${key}/panel`, words },
    at: bounds,
    way: ['z', 'x'],
    length: laid.height,
    width: laid.width,
    thick: [{ words: 'as the board', mm: thick }],
    material: sliding.material,
    works: pullWorks(laid, panel),
    sides: { start: 'foot', end: 'head', left: 'left edge', right: 'right edge', face: 'face', back: 'back' },
  });
  return { key, item: sliding.id, words, pieces: [piece, ...pullsOf(laid, panel)] };
}

/** Where pulls are across a panel, from its left edge, mm. */
export function pullPlaces(
  { pull }: Pick<Sliding, 'pull'>,
  panel: PanelAt,
  count: number,
): [number, number][] {
  if (!pull) return [];
  const wide = panel.bounds.x[1] - panel.bounds.x[0];
  const left: [number, number] = [pull.fromEdge.mm, pull.fromEdge.mm + pull.width.mm];
  const right: [number, number] = [wide - left[1], wide - left[0]];
  switch (pull.at) {
    case 'left':
      return [left];
    case 'right':
      return [right];
    case 'both':
      return [left, right];
    case 'outward':
      return panel.nth < count / 2 ? [left] : [right];
  }
}

/** Where its pulls stand or are let in. */
function pullWorks({ sliding, panels }: LaidSliding, panel: PanelAt): WorkIn[] {
  const { pull } = sliding;
  if (!pull) return [];
  const { x, y, z } = panel.bounds;
  const at = z[0] + pull.up.mm;
  const half = pull.width.mm / 2;
  return pullPlaces(sliding, panel, panels.length).map(([from, to], i) => ({
    key: `pull-${i + 1}`,
    kind: 'footprint',
    side: 'face',
    at: { x: [x[0] + from, x[0] + to], y: [y[0], y[0]], z: [at - half, at + half] },
    from: [from < x[1] - x[0] - to ? 'left' : 'right', 'start'],
    words: pull.kind === 'knob' ? 'a knob' : 'a pull that is let in',
  }));
}

function pullsOf({ sliding, place, panels }: LaidSliding, panel: PanelAt): Piece[] {
  const { pull } = sliding;
  if (pull?.kind !== 'knob' || pull.projection.mm === 0) return [];
  const { x, y, z } = panel.bounds;
  const half = pull.width.mm / 2;
  const at = z[0] + pull.up.mm;
  const told = {
    key: `${panel.key}/pull`,
    words: `a pull of the ${panelWords(sliding, panel.nth, panels.length)}`,
  };
  return pullPlaces(sliding, panel, panels.length).map(([from, to], i) =>
    plain(frameOf(place.carcass), {
      key: `${panel.key}/pull-${i + 1}`,
      item: sliding.id,
      role: 'pull',
      is: 'bought',
      name: 'Knob',
      told,
      at: [{ x: [x[0] + from, x[0] + to], y: [y[0] - pull.projection.mm, y[0]], z: [at - half, at + half] }],
    }),
  );
}

/** The grooves of a track as what is cut out of its rail or board, from the face that the panels look into. */
const groovesIn = ({ walls, way }: LaidGrooves, side: WorkIn['side'], x: Range, z: Range): WorkIn[] =>
  walls.map((wall, i) => ({
    key: `groove-${i + 1}`,
    kind: 'groove',
    side,
    at: { x, y: [wall, wall + way.wide.mm], z },
    air: true,
    words: 'the panels',
  }));

/** Both rails, each with its grooves. Cut into the case's boards there are none. */
function railsOf(laid: LaidSliding, grooves: LaidGrooves): Link[] {
  const { sliding, place, opening } = laid;
  const { way, foot, head, walls } = grooves;
  const { inside } = opening;
  const y: Range = [inside.front, walls[walls.length - 1]! + way.wide.mm + way.fin.mm];
  const x: Range = [inside.left, inside.right];
  const rail = (id: 'rail-top' | 'rail-bottom', words: string, z: Range, groove: Range): Link => {
    const key = `${sliding.id}/${id}`;
    const said = `the ${words} of the ${called(sliding.name)}`;
    const piece = board(frameOf(place.carcass), {
      key,
      item: sliding.id,
      role: 'rail',
      name: `${sliding.name}, ${words}`,
      told: { key, words: said },
      at: { x, y, z },
      way: ['x', '-z'],
      length: [{ words: 'inside width', mm: x[1] - x[0] }],
      width: [{ words: 'as chosen', mm: z[1] - z[0] }],
      thick: [{ words: 'setback, grooves and what is between them', mm: y[1] - y[0] }],
      material: place.carcass.sheet,
      works: groovesIn(grooves, id === 'rail-bottom' ? 'left' : 'right', x, groove),
      sides: {
        start: 'left end',
        end: 'right end',
        left: 'upper edge',
        right: 'lower edge',
        face: 'front',
        back: 'back',
      },
    });
    return { key, item: sliding.id, words: said, pieces: [piece] };
  };
  const { top, bottom } = way.rails;
  return [
    ...(bottom.mm > 0
      ? [rail('rail-bottom', 'lower rail', [foot - bottom.mm, foot], [foot - way.bottom.mm, foot])]
      : []),
    ...(top.mm > 0 ? [rail('rail-top', 'upper rail', [head, head + top.mm], [head, head + way.top.mm])] : []),
  ];
}

/** Grooves that are cut into the boards above and beneath the bay. */
function inBoards({ sliding, place, opening }: LaidSliding, grooves: LaidGrooves): GroundWork[] {
  const { way, foot, head } = grooves;
  const { inside } = opening;
  const x: Range = [inside.left, inside.right];
  const into = (which: 'top' | 'bottom', z: Range, face: number): GroundWork[] => {
    const beside = besideBay(place.built, opening, which);
    if (way.rails[which].mm > 0 || !beside || !meets(beside, face)) return [];
    return groovesIn(grooves, beside.side, x, z).map((work) => ({
      into: beside.board.key,
      work: { ...work, key: `${sliding.id}/${work.key}-${which}`, words: `the ${called(sliding.name)}` },
    }));
  };
  return [
    ...into('bottom', [foot - way.bottom.mm, foot], foot),
    ...into('top', [head, head + way.top.mm], head),
  ];
}

/** Behind a face frame a track may stand off the board: then it has no groove in it. */
const meets = ({ at }: Beside, face: number) => Math.abs(at - face) < 1e-6;

function trackOf(laid: LaidSliding, way: Hung): Link {
  const { sliding, place, opening, panels } = laid;
  const [from, to] = trackSpan(laid);
  const top = panels[0]!.bounds.z[1] + way.hanger.mm;
  const key = `${sliding.id}/track`;
  const words = `the track of the ${called(sliding.name)}`;
  const at: Bounds = {
    x: [from, to],
    y: [opening.front - way.track.out.mm, opening.front],
    z: [top, top + way.track.height.mm],
  };
  const piece = plain(frameOf(place.carcass), {
    key,
    item: sliding.id,
    role: 'track',
    is: 'bought',
    name: 'Track',
    told: { key, words },
    at: [at],
  });
  return { key, item: sliding.id, words, pieces: [piece] };
}
