import {
  dividerChanges,
  dividerGrips,
  formatLength,
  type Carcass,
  type DividerGrip,
  type Plan,
  type Units,
} from '@tarnpass/core';
import { useMemo, useState } from 'react';
import { editNow } from '../../state/job/edits';
import { useAppDispatch } from '../../state/slices/app';
import { colour } from '../theme/palette';
import type { SheetFrame } from './frame';
import { arrowShift, dragged } from './gripDrag';
import { rounded } from './snap';

/** What a finger finds about a grip, px, and what is seen of it. */
const TARGET = 22;
const LONG = 15;
const WIDE = 7;

/** Uprights and fixed shelves of the selected carcass: dragged, or shifted by arrow keys, they give one bay to the other. */
export function DividersByHand({
  plan,
  carcass,
  frame,
}: {
  plan: Plan;
  carcass: Carcass;
  frame: SheetFrame;
}) {
  const dispatch = useAppDispatch();
  const grips = useMemo(() => dividerGrips(plan, carcass), [plan, carcass]);
  const [moved, setMoved] = useState<{ id: string; by: number }>();
  const [wrong, setWrong] = useState<string>();
  const { u, v } = frame.projection;
  // Only what moves across the view can be moved in it.
  const shown = grips.filter(({ way }) => Math.abs(dot(way, u)) + Math.abs(dot(way, v)) > 0.5);
  const put = (grip: DividerGrip, by: number) => {
    if (Math.abs(by) < 1e-9) return;
    const issues = dispatch(
      editNow(`Move ${grip.name.toLowerCase()} of ${carcass.name}`, (now) =>
        dividerChanges(now, carcass.id, grip.id, by),
      ),
    );
    setWrong(issues[0]?.message);
  };
  const drag = (grip: DividerGrip) => (event: React.PointerEvent<SVGGElement>) => {
    let by = 0;
    const move = (right: number, up: number) => {
      by = rounded((right * dot(grip.way, u) + up * dot(grip.way, v)) / frame.scale, plan.units);
      setMoved({ id: grip.id, by });
    };
    dragged(event, move, () => {
      setMoved(undefined);
      put(grip, by);
    });
  };
  const keys = (grip: DividerGrip) => (event: React.KeyboardEvent) => {
    const shift = arrowShift(event, plan.units);
    const by = shift && shift[0] * dot(grip.way, u) + shift[1] * dot(grip.way, v);
    if (!by) return;
    event.preventDefault();
    event.stopPropagation();
    put(grip, by);
  };
  return (
    <g className="no-print">
      {shown.map((grip) => (
        <Grip
          key={grip.id}
          {...{ grip, frame }}
          of={carcass.name}
          units={plan.units}
          by={moved?.id === grip.id ? moved.by : 0}
          onPointerDown={drag(grip)}
          onKeyDown={keys(grip)}
        />
      ))}
      {wrong && (
        <text x={16} y={64} fontSize={15} fill={colour('heather')} role="alert">
          {wrong}
        </text>
      )}
    </g>
  );
}

interface GripProps {
  readonly grip: DividerGrip;
  readonly frame: SheetFrame;
  readonly of: string;
  readonly units: Units;
  /** How far it is dragged just now, mm. */
  readonly by: number;
  onPointerDown(event: React.PointerEvent<SVGGElement>): void;
  onKeyDown(event: React.KeyboardEvent): void;
}

function Grip({ grip, frame, of, units, by, onPointerDown, onKeyDown }: GripProps) {
  const { middle, way } = grip;
  const [x, y] = frame.put([middle[0] + by * way[0], middle[1] + by * way[1], middle[2] + by * way[2]]);
  const upright = Math.abs(dot(way, frame.projection.u)) > 0.5;
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={`${grip.name} of ${of}: drag it, or shift it with the arrow keys`}
      data-handle="divider"
      transform={`translate(${x} ${y})`}
      pointerEvents="all"
      style={{ cursor: upright ? 'ew-resize' : 'ns-resize' }}
      onPointerDown={onPointerDown}
      onKeyDown={onKeyDown}
    >
      <rect x={-TARGET} y={-TARGET} width={2 * TARGET} height={2 * TARGET} fill="transparent" />
      <rect
        x={upright ? -WIDE / 2 : -LONG / 2}
        y={upright ? -LONG / 2 : -WIDE / 2}
        width={upright ? WIDE : LONG}
        height={upright ? LONG : WIDE}
        fill={colour('paper')}
        stroke={colour('tarn')}
        strokeWidth={1.8}
      />
      {by !== 0 && (
        <text
          x={14}
          y={-12}
          fontSize={14}
          fontWeight={620}
          fill={colour('tarn')}
          stroke={colour('paper')}
          strokeWidth={4}
          paintOrder="stroke"
        >
          {by > 0 ? '+' : ''}
          {formatLength(by, units, true)}
        </text>
      )}
    </g>
  );
}

const dot = (a: readonly number[], b: readonly number[]) => a.reduce((sum, x, i) => sum + x * b[i]!, 0);
