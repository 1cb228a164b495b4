import { memo, useMemo } from 'react';
import { partsOf, type Body, type Convex, type Scene, type Solid, type Surface } from '@tarnpass/core';
import { colour } from '../theme/palette';
import type { SheetFrame } from './frame';
import { boundsOf, outlineOf, pointsText, type Bounds, type Outline } from './outline';
import { cutOutline, reachOf } from './projection';
import type { FlatSight } from './views';

/** One piece as a view shows it. */
export interface Drawn {
  readonly key: string;
  readonly body: string;
  /** Of the space's own: which kind of surface it is of. */
  readonly surface: Surface['kind'] | undefined;
  readonly outline: Outline;
  /** What the cut passes, hatched; absent where it passes by. */
  readonly section: Outline | undefined;
  /** Wholly nearer than the cut. */
  readonly nearer: boolean;
  /** Air that must stay empty. */
  readonly zone: boolean;
  readonly toCome: boolean;
  readonly depth: number;
}

/** What the cut passes is hatched, what lies beyond is seen, what is nearer is dashed: the rule of measured drawings. */
export function drawn(bodies: readonly Body[], frame: SheetFrame, cut: number): Drawn[] {
  return bodies
    .flatMap(({ id, surface, pieces, zone = false, toCome = false }) =>
      pieces.filter(hasCorners).map((piece, i): Drawn => {
        const [far, near] = reachOf(frame.projection, piece.corners);
        const passes = far < cut && near > cut;
        return {
          key: `${id}/${i}`,
          body: id,
          surface: surface?.kind,
          outline: outlineOf(frame, piece.corners),
          section: passes ? cutOutline(frame.projection, piece, cut).map(frame.at) : undefined,
          nearer: far >= cut,
          zone,
          toCome,
          depth: passes ? cut : near,
        };
      }),
    )
    .sort((a, b) => a.depth - b.depth);
}

/** Air that is spoken for is drawn as air that must stay empty is. */
const airOf = ({ air = [] }: Scene): Body[] => air.map((body) => ({ ...body, zone: true }));

/** A half-space has no outline of its own. */
const hasCorners = (piece: Solid): piece is Convex => piece.kind === 'convex';

interface Props {
  readonly scene: Scene;
  readonly frame: SheetFrame;
  readonly sight: FlatSight;
  readonly selected: string | null;
  readonly names: Readonly<Record<string, string>>;
  onSelect(item: string): void;
}

/** The shell of the space and all that stands in it, as a view cut at a distance. */
export const StillBodies = memo(function StillBodies({
  scene,
  frame,
  sight,
  selected,
  names,
  onSelect,
}: Props) {
  const { shell, items } = useMemo(() => {
    const gone = scene.gone ?? [];
    // Piece by piece: what joins several is an edge where one ends.
    const bodies = [...scene.still, ...gone, ...airOf(scene)].flatMap((body) => [...partsOf(body)]);
    const all = drawn(bodies, frame, sight.cut);
    const itemOf = new Map(bodies.map(({ id, item }) => [id, item]));
    const byItem = new Map<string, Drawn[]>();
    for (const piece of all) {
      const item = itemOf.get(piece.body)!;
      byItem.set(item, [...(byItem.get(item) ?? []), piece]);
    }
    const inside = [...byItem].filter(([item]) => item !== 'space');
    // Far items first, so that what is nearer covers them.
    inside.sort(([, a], [, b]) => a[a.length - 1]!.depth - b[b.length - 1]!.depth);
    return { shell: byItem.get('space') ?? [], items: inside };
  }, [scene, frame, sight.cut]);
  const going = useMemo(() => new Set(scene.gone?.map(({ item }) => item)), [scene.gone]);
  return (
    <g>
      <Shell
        pieces={shell}
        above={sight.kind === 'plan'}
        selected={selected === 'space'}
        onSelect={() => onSelect('space')}
      />
      {items.map(([item, pieces]) => (
        <Item
          key={item}
          item={item}
          pieces={pieces}
          name={names[item] ?? item}
          selected={selected === item}
          going={going.has(item)}
          onSelect={onSelect}
        />
      ))}
    </g>
  );
});

/** Where each item is on the sheet: what labels are laid by. */
export function itemBounds(scene: Scene, frame: SheetFrame): ReadonlyMap<string, Bounds> {
  const outlines = new Map<string, Outline>();
  for (const { item, pieces } of [...scene.still, ...(scene.gone ?? []), ...(scene.air ?? [])]) {
    if (item === 'space') continue;
    const corners = pieces.filter(hasCorners).map((piece) => piece.corners);
    outlines.set(item, [...(outlines.get(item) ?? []), ...outlineOf(frame, ...corners)]);
  }
  return new Map([...outlines].map(([key, outline]) => [key, boundsOf(outline)]));
}

/** What of the space is wholly above the cut of a plan: its name, and where it is on the sheet. */
export function overheadOf(scene: Scene, frame: SheetFrame, sight: FlatSight): [string, Bounds][] {
  if (sight.kind !== 'plan') return [];
  return scene.still.flatMap(({ name, surface, pieces }): [string, Bounds][] => {
    const corners = pieces.filter(hasCorners).map((piece) => piece.corners);
    if (!surface || surface.kind === 'ceiling' || corners.length === 0) return [];
    const isAbove = corners.every((one) => reachOf(frame.projection, one)[0] >= sight.cut);
    return isAbove ? [[name, boundsOf(outlineOf(frame, ...corners))]] : [];
  });
}

function Shell({
  pieces,
  above,
  selected,
  onSelect,
}: {
  pieces: readonly Drawn[];
  above: boolean;
  selected: boolean;
  onSelect(): void;
}) {
  const cuts = pieces.filter(({ section }) => section !== undefined);
  // From above the ceiling is the paper itself, and so is the floor; level, what is nearer than the cut is taken away.
  const overhead = above ? pieces.filter(({ nearer, surface }) => nearer && surface !== 'ceiling') : [];
  const beyond = above ? [] : pieces.filter(({ section, nearer }) => !section && !nearer);
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label="The space"
      aria-pressed={selected}
      onClick={onSelect}
      onKeyDown={onEnter(onSelect)}
    >
      {beyond.map(({ key, outline }) => (
        <polygon key={key} points={pointsText(outline)} fill="none" stroke={colour('ink2')} strokeWidth={1} />
      ))}
      {cuts.map(({ key, section }) => (
        // Twice the line, half of it covered below: what is left is one line round walls that overlap.
        <polygon
          key={key}
          points={pointsText(section!)}
          fill="none"
          stroke={colour('ink')}
          strokeWidth={selected ? 5.5 : 4}
          strokeLinejoin="round"
        />
      ))}
      {cuts.map(({ key, section }) => (
        <polygon key={key} points={pointsText(section!)} fill="url(#cut)" />
      ))}
      {overhead.map(({ key, outline }) => (
        <polygon
          key={key}
          points={pointsText(outline)}
          fill="none"
          stroke={colour('ink2')}
          strokeWidth={1}
          strokeDasharray="5 3"
        />
      ))}
    </g>
  );
}

function Item({
  item,
  pieces,
  name,
  selected,
  going,
  onSelect,
}: {
  item: string;
  pieces: readonly Drawn[];
  name: string;
  selected: boolean;
  /** There now, to be removed. */
  going: boolean;
  onSelect(item: string): void;
}) {
  const extra = selected ? 0.75 : 0;
  const zones = pieces.filter(({ zone }) => zone);
  if (going) return <Going item={item} pieces={pieces} name={name} selected={selected} onSelect={onSelect} />;
  const nearer = pieces.filter((piece) => piece.nearer && !piece.zone);
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={name}
      aria-pressed={selected}
      data-item={item}
      onClick={() => onSelect(item)}
      onKeyDown={onEnter(() => onSelect(item))}
      style={{ cursor: selected ? 'move' : 'pointer' }}
    >
      {zones.map(({ key, outline }) => (
        <polygon
          key={key}
          points={pointsText(outline)}
          fill="url(#keep-clear)"
          stroke={colour('lichen')}
          strokeWidth={1.4 + extra}
          strokeDasharray="9 3 2 3"
        />
      ))}
      {bodiesOf(pieces.filter((piece) => !piece.nearer && !piece.zone)).map((own) => (
        <OneBody key={own[0]!.key} pieces={own} extra={extra} />
      ))}
      {(selected ? alone(pieces) : nearer).map(({ key, outline }) => (
        <polygon
          key={`${key} hidden`}
          points={pointsText(outline)}
          fill={nearer.length === pieces.length ? 'transparent' : 'none'}
          stroke={colour('ink2')}
          strokeWidth={1 + extra}
          strokeDasharray="5 3"
        />
      ))}
    </g>
  );
}

/** A body of several pieces: lines of all first, twice as wide, and their faces over them: what is left is one line round the body. */
function OneBody({ pieces, extra }: { pieces: readonly Drawn[]; extra: number }) {
  const cut = pieces.flatMap(({ key, section }) => (section ? [{ key, points: pointsText(section) }] : []));
  return (
    <g>
      {pieces.map(({ key, outline, toCome }) => (
        <polygon
          key={key}
          points={pointsText(outline)}
          fill="none"
          stroke={colour(toCome ? 'ink2' : 'ink')}
          strokeWidth={2.5 + 2 * extra}
          strokeLinejoin="round"
          // To come: round dots, as on a drawing of what is proposed.
          {...(toCome && { strokeDasharray: '1.5 3', strokeLinecap: 'round' as const })}
        />
      ))}
      {pieces.map(({ key, outline }) => (
        <polygon key={`${key} face`} points={pointsText(outline)} fill={colour('paper')} {...SEAM} />
      ))}
      {cut.map(({ key, points }) => (
        <polygon
          key={`${key} rim`}
          points={points}
          fill="none"
          stroke={colour('ink')}
          strokeWidth={3 + 2 * extra}
          strokeLinejoin="round"
        />
      ))}
      {cut.map(({ key, points }) => (
        <polygon key={`${key} cut`} points={points} fill="url(#cut)" />
      ))}
    </g>
  );
}

/** Faces that lie side by side are drawn a hair larger, so that no line shows between them. */
const SEAM = { stroke: colour('paper'), strokeWidth: 0.6 };

/** What is drawn through of a selected item: bodies of one piece, since the joints between several are no edges. */
const alone = (pieces: readonly Drawn[]): Drawn[] =>
  bodiesOf(pieces.filter(({ zone }) => !zone)).flatMap((own) =>
    own.length === 1 ? own : own.filter(({ nearer }) => nearer),
  );

/** The pieces of each body together, in the order in which they are drawn. */
function bodiesOf(pieces: readonly Drawn[]): Drawn[][] {
  const bodies = new Map<string, Drawn[]>();
  for (const piece of pieces) bodies.set(piece.body, [...(bodies.get(piece.body) ?? []), piece]);
  return [...bodies.values()].sort((a, b) => a[a.length - 1]!.depth - b[b.length - 1]!.depth);
}

/** What is there now and will be gone: a dashed outline with crosses inside. */
function Going({
  item,
  pieces,
  name,
  selected,
  onSelect,
}: {
  item: string;
  pieces: readonly Drawn[];
  name: string;
  selected: boolean;
  onSelect(item: string): void;
}) {
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={`${name}, to be removed`}
      aria-pressed={selected}
      data-item={item}
      onClick={() => onSelect(item)}
      onKeyDown={onEnter(() => onSelect(item))}
      style={{ cursor: selected ? 'move' : 'pointer' }}
    >
      {pieces.map(({ key, outline }) => (
        <polygon
          key={key}
          points={pointsText(outline)}
          fill="url(#gone)"
          stroke={colour('ink2')}
          strokeWidth={selected ? 1.75 : 1}
          strokeDasharray="2 3"
        />
      ))}
    </g>
  );
}

/** A drawn thing is pressed with Enter or Space as a button is. */
export function onEnter(act: () => void) {
  return (event: React.KeyboardEvent) => {
    if (event.key !== 'Enter' && event.key !== ' ') return;
    event.preventDefault();
    act();
  };
}
