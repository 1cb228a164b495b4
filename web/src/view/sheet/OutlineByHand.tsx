import { anglesOf, cornersOf, withOutline, type Plan, type Point2 } from '@tarnpass/core';
import { useState } from 'react';
import { editNow } from '../../state/job/edits';
import { exaggerated } from './exaggerate';
import { useApp, useAppDispatch } from '../../state/slices/app';
import { colour } from '../theme/palette';
import type { SheetFrame } from './frame';
import { arrowShift, dragged } from './gripDrag';
import { rounded } from './snap';

/** What a finger finds about a corner, px, and what is seen of it. */
const TARGET = 22;
const SIDE = 9;
/** Corners along a curve have a handle only where this much is between them, px: nearer to, there is room for more. */
const APART = 20;
/** A wall that turns by more than this, degrees, turns at a corner of its own. */
const SHARP = 15;
/** A corner dragged this near the line of another catches on it, px. */
const CATCH = 8;

/** The corners of the walls in the plan view, while the space is selected: dragged or shifted by arrow keys they move. */
export function OutlineByHand({ plan, frame }: { plan: Plan; frame: SheetFrame }) {
  const dispatch = useAppDispatch();
  const corners = cornersOf(plan.space);
  const [moved, setMoved] = useState<{ i: number; at: Point2 }>();
  const [wrong, setWrong] = useState<string>();
  const place = (i: number): Point2 => (moved?.i === i ? moved.at : [corners[i]!.x.mm, corners[i]!.y.mm]);
  const put = (i: number, [x, y]: Point2) => {
    const issues = dispatch(
      editNow(`Move corner ${i + 1}`, ({ space }) => [
        {
          path: ['space'],
          before: space,
          after: withOutline(
            space,
            cornersOf(space).map((corner, k) =>
              k === i ? { ...corner, x: { mm: x }, y: { mm: y } } : corner,
            ),
          ),
        },
      ]),
    );
    setWrong(issues[0]?.message);
  };
  const caught = (i: number, [x, y]: Point2): Point2 => {
    const reach = CATCH / frame.scale;
    const near = (mm: number, axis: 'x' | 'y') =>
      corners.find((corner, k) => k !== i && Math.abs(corner[axis].mm - mm) < reach)?.[axis].mm ??
      rounded(mm, plan.units);
    return [near(x, 'x'), near(y, 'y')];
  };
  const drag = (i: number) => (event: React.PointerEvent<SVGGElement>) => {
    const [x0, y0] = place(i);
    let at: Point2 = [x0, y0];
    const move = (right: number, up: number) => {
      at = caught(i, [x0 + right / frame.scale, y0 + up / frame.scale]);
      setMoved({ i, at });
    };
    dragged(event, move, () => {
      setMoved(undefined);
      if (at[0] !== x0 || at[1] !== y0) put(i, at);
    });
  };
  const keys = (i: number) => (event: React.KeyboardEvent) => {
    const shift = arrowShift(event, plan.units);
    if (!shift) return;
    event.preventDefault();
    event.stopPropagation();
    put(i, [corners[i]!.x.mm + shift[0], corners[i]!.y.mm + shift[1]]);
  };
  const shown = handlesFor(corners.map(({ x, y }) => frame.put([x.mm, y.mm, 0])));
  return (
    <g className="no-print">
      {moved && (
        <polygon
          points={corners.map((_, i) => frame.put([...place(i), 0]).join(',')).join(' ')}
          fill="none"
          stroke={colour('tarn')}
          strokeWidth={1.6}
          strokeDasharray="1.5 3"
          strokeLinecap="round"
        />
      )}
      {corners.map((corner, i) =>
        shown.has(i) ? (
          <CornerGrip
            key={corner.id}
            nth={i + 1}
            at={frame.put([...place(i), 0])}
            onPointerDown={drag(i)}
            onKeyDown={keys(i)}
          />
        ) : null,
      )}
      {wrong && (
        <text x={16} y={40} fontSize={15} fill={colour('heather')} role="alert">
          {wrong}
        </text>
      )}
    </g>
  );
}

interface CornerProps {
  readonly nth: number;
  readonly at: readonly [number, number];
  onPointerDown(event: React.PointerEvent<SVGGElement>): void;
  onKeyDown(event: React.KeyboardEvent): void;
}

const CornerGrip = ({ nth, at: [x, y], onPointerDown, onKeyDown }: CornerProps) => (
  <g
    role="button"
    tabIndex={0}
    aria-label={`Corner ${nth} of the walls: drag it, or shift it with the arrow keys`}
    data-handle="corner"
    transform={`translate(${x} ${y})`}
    pointerEvents="all"
    style={{ cursor: 'move' }}
    onPointerDown={onPointerDown}
    onKeyDown={onKeyDown}
  >
    <rect x={-TARGET} y={-TARGET} width={2 * TARGET} height={2 * TARGET} fill="transparent" />
    <rect
      x={-SIDE / 2}
      y={-SIDE / 2}
      width={SIDE}
      height={SIDE}
      transform="rotate(45)"
      fill={colour('paper')}
      stroke={colour('ink')}
      strokeWidth={1.5}
    />
  </g>
);

/** Which corners have a handle: all where walls turn sharply, and of a curve as many as stand apart on the sheet. */
function handlesFor(corners: readonly Point2[]): ReadonlySet<number> {
  // Where a wall runs straight on, the two of a corner stand at half a turn to each other.
  const angles = anglesOf(corners);
  const shown = new Set([...corners.keys()].filter((i) => 180 - Math.abs(angles[i]!) > SHARP));
  corners.forEach(([x, y], i) => {
    const crowded = [...shown].some((k) => Math.hypot(corners[k]![0] - x, corners[k]![1] - y) < APART);
    if (!crowded) shown.add(i);
  });
  return shown;
}

/** The walls as they were read, what is off drawn larger, over the plan view. */
export function TrueShapeOnSheet({ plan, frame }: { plan: Plan; frame: SheetFrame }) {
  const shape = useApp(({ readings }) => readings.trueShape);
  if (!shape) return null;
  const drawn = cornersOf(plan.space).map(({ x, y }): Point2 => [x.mm, y.mm]);
  if (shape.length !== drawn.length) return null;
  return (
    <polygon
      points={exaggerated(drawn, shape)
        .map(([x, y]) => frame.put([x, y, 0]).join(','))
        .join(' ')}
      fill="none"
      stroke={colour('heather')}
      strokeWidth={2.2}
      strokeDasharray="10 4"
      pointerEvents="none"
    />
  );
}
