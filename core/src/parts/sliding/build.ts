import { rowOf } from '../../carcass/build';
import { frameOf, type Frame } from '../../carcass/frame';
import { called } from '../../item/called';
import { ordinal } from '../../item/ordinal';
import { motionOf } from '../../motion/motion';
import type { Body, IntendedContact, Mover, MovingBody } from '../../scene/scene';
import type { Convex } from '../../solid/convex';
import { greatest, least, type Bounds } from '../box/box';
import type { BuiltPart, PartPlace } from '../family';
import { layGrooves, laySliding, type LaidGrooves, type LaidSliding, type PanelAt } from './laid';
import type { Grooves, Hung, Sliding } from './schema';

/** How a panel is called: by its place from the left. */
const panelWords = ({ name }: Pick<Sliding, 'name'>, nth: number, count: number): string =>
  count === 1 ? called(name) : `${ordinal(nth + 1)} panel of the ${called(name)}`;
export const panelTitle = ({ name }: Pick<Sliding, 'name'>, nth: number, count: number): string =>
  count === 1 ? name : `${name}, ${nth + 1}`;
export const panelId = ({ id }: Pick<Sliding, 'id'>, nth: number, count: number): string =>
  count === 1 ? id : `${id}.${nth + 1}`;

/** Less travel than this is none: panels that touch on their track, mm. */
const NO_TRAVEL = 0.5;

/** Every panel with its pulls, sliding each way it can; and the rails or the track they run in. */
export function buildSliding(sliding: Sliding, place: PartPlace): BuiltPart {
  const { way } = sliding;
  const laid = laySliding(sliding, place);
  const frame = frameOf(place.carcass);
  const still = way.kind === 'grooves' ? railsOf(sliding, way, layGrooves(sliding, way, place), frame, place) : [trackOf(sliding, way, laid, frame, place)]; // prettier-ignore
  return { movers: laid.panels.flatMap((panel) => moversOf(sliding, laid, panel, still, place)), still };
}

function moversOf(
  sliding: Sliding,
  laid: LaidSliding,
  panel: PanelAt,
  still: readonly Body[],
  place: PartPlace,
): Mover[] {
  const { carcass, built, gaps } = place;
  const frame = frameOf(carcass);
  const row = rowOf(carcass);
  const count = laid.panels.length;
  const id = panelId(sliding, panel.nth, count);
  const words = panelWords(sliding, panel.nth, count);
  const pulls = pullBodies(sliding, panel, count, frame);
  const grooved = sliding.way.kind === 'grooves';
  const ways = (['right', 'left'] as const).filter((side) => panel[side] > NO_TRAVEL);
  return ways.map((side, i): Mover => {
    const own = i === 0 ? id : `${id}.${side}`;
    const motion = motionOf({
      kind: 'slide',
      direction: frame.turn([side === 'right' ? 1 : -1, 0, 0]),
    });
    const to = panel[side];
    const body = (part: string, name: string, pieces: readonly Convex[]): MovingBody[] =>
      pieces.length === 0 ? [] : [{ id: `${own}/${part}`, name, item: sliding.id, pieces, motion, row }];
    const main = body('panel', `the ${words}`, [
      frame.box(least(panel.bounds), greatest(panel.bounds)),
    ]);
    // It stands in its grooves and stops at its posts and at its neighbours: touching them is meant, pressing into them is not.
    const touched = [
      ...still.map(({ id: one }) => one),
      ...built.bodies.map(({ id: one }) => one),
      ...laid.panels
        .filter(({ nth, track }) => nth !== panel.nth && track === panel.track)
        .flatMap(({ nth }) => {
          const other = panelId(sliding, nth, count);
          return [`${other}/panel`, `${other}.left/panel`];
        }),
    ];
    const inBoards = grooved ? boardDepth(sliding.way as Grooves) : { top: 0, bottom: 0 };
    const contacts: IntendedContact[] = main.flatMap((one) =>
      touched.map((other) => ({
        moving: one.id,
        still: other,
        from: 0,
        to,
        depth: other === `${carcass.id}/bottom` ? inBoards.bottom : other === `${carcass.id}/top` ? inBoards.top : 0,
      })),
    );
    return {
      id: own,
      name: ways.length > 1 ? `${panelTitle(sliding, panel.nth, count)} ${side}` : panelTitle(sliding, panel.nth, count),
      ...(ways.length > 1 && { thing: id }),
      ...(i > 0 && { goes: 'instead' as const }),
      bodies: [...main, ...body('pull', `a pull of the ${words}`, pulls)],
      unit: 'mm',
      from: 0,
      to,
      contacts,
      needs: {
        around: gaps.around,
        // Between panels that pass each other, and in the grooves, what their tracks leave is what is wanted.
        row: { of: row, gap: Math.min(gaps.running, spare(sliding, laid)) },
        of: Object.fromEntries(still.map((one) => [one.id, 0])),
      },
    };
  });
} // prettier-ignore

/** What grooves leave free beside a panel, on either face. */
function spare({ way }: Sliding, { thick }: LaidSliding): number {
  return way.kind === 'grooves' ? Math.max(0, (way.wide.mm - thick) / 2) : Infinity;
}

/** How deep grooves that are cut into the case's own boards let a panel stand in them. */
const boardDepth = ({ rails, top, bottom }: Grooves) => ({
  top: rails.top.mm === 0 ? top.mm : 0,
  bottom: rails.bottom.mm === 0 ? bottom.mm : 0,
});

/** Where pulls are across a panel, from its left edge, mm. */
export function pullPlaces({ pull }: Pick<Sliding, 'pull'>, panel: PanelAt, count: number): [number, number][] {
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
} // prettier-ignore

function pullBodies(sliding: Sliding, panel: PanelAt, count: number, frame: Frame): Convex[] {
  const { pull } = sliding;
  if (pull?.kind !== 'knob' || pull.projection.mm === 0) return [];
  const { x, y, z } = panel.bounds;
  const half = pull.width.mm / 2;
  const at = z[0] + pull.up.mm;
  return pullPlaces(sliding, panel, count).map(([from, to]) =>
    frame.box([x[0] + from, y[0] - pull.projection.mm, at - half], [x[0] + to, y[0], at + half]),
  );
}

/** Both rails as they are: a floor and the fins between and beside the grooves. Cut into the case's boards there are none. */
function railsOf(sliding: Sliding, way: Grooves, laid: LaidGrooves, frame: Frame, { carcass }: PartPlace): Body[] {
  const { foot, head, walls, opening } = laid;
  const { inside } = opening;
  const wide = way.wide.mm;
  const back = walls[walls.length - 1]! + wide + way.fin.mm;
  const front = inside.front;
  const solid = (bounds: Bounds) => frame.box(least(bounds), greatest(bounds));
  const x: Bounds['x'] = [inside.left, inside.right];
  const fins: Bounds['y'][] = [
    ...(way.setback.mm > 0 ? [[front, walls[0]!] as const] : []),
    ...walls.map((wall, i): Bounds['y'] => [wall + wide, walls[i + 1] ?? back]),
  ];
  const rail = (part: string, name: string, deep: number, floor: Bounds['z'], fin: Bounds['z']): Body => ({
    id: `${sliding.id}/${part}`,
    name: `the ${name} of the ${called(sliding.name)}`,
    item: sliding.id,
    row: rowOf(carcass),
    pieces: [
      ...(floor[1] - floor[0] > 1e-9 ? [solid({ x, y: [front, back], z: floor })] : []),
      ...(deep > 0 ? fins.map((y) => solid({ x, y, z: fin })) : []),
    ],
  });
  return [
    ...(way.rails.bottom.mm > 0 ? [rail('rail-bottom', 'lower rail', way.bottom.mm, [foot - way.rails.bottom.mm, foot - way.bottom.mm], [foot - way.bottom.mm, foot])] : []),
    ...(way.rails.top.mm > 0 ? [rail('rail-top', 'upper rail', way.top.mm, [head + way.top.mm, head + way.rails.top.mm], [head, head + way.top.mm])] : []),
  ];
} // prettier-ignore

/** How far a track reaches to either side: as far as the panels go. */
export function trackSpan({ panels }: LaidSliding): readonly [number, number] {
  return [
    Math.min(...panels.map(({ bounds, left }) => bounds.x[0] - left)),
    Math.max(...panels.map(({ bounds, right }) => bounds.x[1] + right)),
  ];
}

function trackOf(sliding: Sliding, way: Hung, laid: LaidSliding, frame: Frame, { carcass }: PartPlace): Body {
  const [from, to] = trackSpan(laid);
  const top = laid.panels[0]!.bounds.z[1] + way.hanger.mm;
  const front = laid.opening.front;
  return {
    id: `${sliding.id}/track`,
    name: `the track of the ${called(sliding.name)}`,
    item: sliding.id,
    row: rowOf(carcass),
    pieces: [frame.box([from, front - way.track.out.mm, top], [to, front, top + way.track.height.mm])],
  };
}
