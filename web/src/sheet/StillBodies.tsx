import { memo } from 'react';
import type { Body, Convex, Piece, Scene } from '@tarnpass/core';
import { colour } from '../theme/palette';
import type { SheetFrame } from './frame';
import { boundsOf, heights, outlineOf, pointsText, type Outline } from './outline';

interface Drawn {
  readonly key: string;
  readonly item: string;
  readonly outline: Outline;
  readonly look: 'cut' | 'seen' | 'hidden';
  readonly high: number;
}

/** What lies at the cut is hatched, what is below it is seen, what is above it is dashed: the rule of measured plans. */
function drawn(bodies: readonly Body[], frame: SheetFrame, cut: number): Drawn[] {
  return bodies
    .flatMap(({ id, item, pieces }) =>
      pieces.filter(hasCorners).map((piece, i): Drawn => {
        const [low, high] = heights(piece.corners);
        const look = low > cut ? 'hidden' : high > cut ? 'cut' : 'seen';
        return { key: `${id}/${i}`, item, outline: outlineOf(frame, piece.corners), look, high };
      }),
    )
    .sort((a, b) => a.high - b.high);
}

/** A half-space has no outline of its own. */
const hasCorners = (piece: Piece): piece is Convex => piece.kind === 'convex';

/** Floor and ceiling are the paper itself. */
const isPaper = ({ id }: Body) => id === 'floor' || id === 'ceiling';

interface Props {
  readonly scene: Scene;
  readonly frame: SheetFrame;
  readonly cut: number;
  readonly selected: string | null;
  readonly names: Readonly<Record<string, string>>;
  onSelect(item: string): void;
}

/** Walls, carcasses and things as a plan cut at a height. */
export const StillBodies = memo(function StillBodies({
  scene,
  frame,
  cut,
  selected,
  names,
  onSelect,
}: Props) {
  const bodies = scene.still.filter((body) => !isPaper(body));
  const walls = drawn(
    bodies.filter(({ item }) => item === 'space'),
    frame,
    cut,
  );
  const items = [...new Set(bodies.filter(({ item }) => item !== 'space').map(({ item }) => item))];
  const cutWalls = walls.filter(({ look }) => look === 'cut');
  return (
    <g>
      <g
        role="button"
        tabIndex={0}
        aria-label="The space"
        onClick={() => onSelect('space')}
        onKeyDown={onEnter(() => onSelect('space'))}
      >
        {cutWalls.map(({ key, outline }) => (
          // Twice the line, half of it covered below: what is left is one line round walls that overlap.
          <polygon
            key={key}
            points={pointsText(outline)}
            fill="none"
            stroke={colour('ink')}
            strokeWidth={selected === 'space' ? 5.5 : 4}
          />
        ))}
        {cutWalls.map(({ key, outline }) => (
          <polygon key={key} points={pointsText(outline)} fill="url(#cut)" />
        ))}
        {walls
          .filter(({ look }) => look === 'hidden')
          .map(({ key, outline }) => (
            <g key={key}>
              <polygon
                points={pointsText(outline)}
                fill="none"
                stroke={colour('ink2')}
                strokeWidth={1}
                strokeDasharray="5 3"
              />
              <OverheadName
                {...boundsOf(outline)}
                text={bodies.find(({ id }) => key.startsWith(`${id}/`))?.name ?? ''}
              />
            </g>
          ))}
      </g>
      {items.map((item) => (
        <Item
          key={item}
          pieces={drawn(
            bodies.filter((body) => body.item === item),
            frame,
            cut,
          )}
          name={names[item] ?? item}
          selected={selected === item}
          onSelect={() => onSelect(item)}
        />
      ))}
    </g>
  );
});

function Item({
  pieces,
  name,
  selected,
  onSelect,
}: {
  pieces: Drawn[];
  name: string;
  selected: boolean;
  onSelect(): void;
}) {
  const extra = selected ? 0.75 : 0;
  const whole = boundsOf(pieces.flatMap(({ outline }) => outline));
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={name}
      aria-pressed={selected}
      onClick={onSelect}
      onKeyDown={onEnter(onSelect)}
      style={{ cursor: 'pointer' }}
    >
      {pieces.map(({ key, outline, look }) => {
        const points = pointsText(outline);
        if (look === 'cut')
          return (
            <polygon
              key={key}
              points={points}
              fill="url(#cut)"
              stroke={colour('ink')}
              strokeWidth={1.5 + extra}
            />
          );
        if (look === 'seen')
          return (
            <polygon
              key={key}
              points={points}
              fill={colour('paper')}
              stroke={colour('ink')}
              strokeWidth={1.25 + extra}
            />
          );
        return (
          <polygon
            key={key}
            points={points}
            fill="none"
            stroke={colour('ink2')}
            strokeWidth={1 + extra}
            strokeDasharray="5 3"
          />
        );
      })}
      <Name {...whole} text={name} />
    </g>
  );
}

/** The name of something overhead, in a corner of its dashed outline, out of the way of what stands below it. */
function OverheadName({ x, y, width, text }: { x: number; y: number; width: number; text: string }) {
  return (
    <text
      x={x + width - 10}
      y={y + 20}
      textAnchor="end"
      fontSize={14}
      fill={colour('ink2')}
      paintOrder="stroke"
      stroke={colour('paper')}
      strokeWidth={4}
    >
      {text.replace(/^the /, '')} overhead
    </text>
  );
}

const LETTER = 7.2;

/** A name inside its outline, along it where it is narrow, beside it where it does not fit at all. */
function Name({
  x,
  y,
  width,
  height,
  text,
}: {
  x: number;
  y: number;
  width: number;
  height: number;
  text: string;
}) {
  const long = text.length * LETTER;
  const middle = { x: x + width / 2, y: y + height / 2 };
  const halo = {
    paintOrder: 'stroke',
    stroke: colour('paper'),
    strokeWidth: 4,
    fill: colour('ink'),
    fontSize: 14,
    fontWeight: 500,
  } as const;
  if (width > long + 6 && height > 18) {
    return (
      <text x={middle.x} y={middle.y + 5} textAnchor="middle" {...halo}>
        {text}
      </text>
    );
  }
  if (height > long + 6 && width > 15) {
    return (
      <text textAnchor="middle" transform={`translate(${middle.x + 5} ${middle.y}) rotate(-90)`} {...halo}>
        {text}
      </text>
    );
  }
  return (
    <text x={x + width + 6} y={middle.y + 5} {...halo}>
      {text}
    </text>
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
