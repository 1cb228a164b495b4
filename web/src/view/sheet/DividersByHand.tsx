import {
  dividerChanges,
  dividerGrips,
  formatLength,
  type Carcass,
  type DividerGrip,
  type Plan,
} from '@tarnpass/core';
import { useMemo, useState } from 'react';
import { editNow } from '../../state/job/edits';
import { useAppDispatch } from '../../state/slices/app';
import { colour } from '../theme/palette';
import type { SheetFrame } from './frame';
import { rounded, stepOf } from './snap';

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
  const dot = (a: readonly number[], b: readonly number[]) => a.reduce((sum, x, i) => sum + x * b[i]!, 0);
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
    event.stopPropagation();
    const target = event.currentTarget;
    target.setPointerCapture(event.pointerId);
    const [px, py] = [event.clientX, event.clientY];
    let by = 0;
    const move = (now: PointerEvent) => {
      const [du, dv] = [(now.clientX - px) / frame.scale, (py - now.clientY) / frame.scale];
      by = rounded(du * dot(grip.way, u) + dv * dot(grip.way, v), plan.units);
      setMoved({ id: grip.id, by });
    };
    const end = () => {
      target.removeEventListener('pointermove', move);
      setMoved(undefined);
      put(grip, by);
    };
    target.addEventListener('pointermove', move);
    target.addEventListener('pointerup', end, { once: true });
  };
  const keys = (grip: DividerGrip) => (event: React.KeyboardEvent) => {
    const step = (event.shiftKey ? 10 : 1) * stepOf(plan.units);
    const ways: Record<string, readonly [number, number]> = {
      ArrowLeft: [-1, 0],
      ArrowRight: [1, 0],
      ArrowUp: [0, 1],
      ArrowDown: [0, -1],
    };
    const key = ways[event.key];
    const by = key && step * (key[0] * dot(grip.way, u) + key[1] * dot(grip.way, v));
    if (!by) return;
    event.preventDefault();
    event.stopPropagation();
    put(grip, by);
  };
  return (
    <g className="no-print">
      {shown.map((grip) => {
        const by = moved?.id === grip.id ? moved.by : 0;
        const [x, y] = frame.put([
          grip.middle[0] + by * grip.way[0],
          grip.middle[1] + by * grip.way[1],
          grip.middle[2] + by * grip.way[2],
        ]);
        const upright = Math.abs(dot(grip.way, u)) > 0.5;
        return (
          <g
            key={grip.id}
            role="button"
            tabIndex={0}
            aria-label={`${grip.name} of ${carcass.name}: drag it, or shift it with the arrow keys`}
            data-handle="divider"
            transform={`translate(${x} ${y})`}
            pointerEvents="all"
            style={{ cursor: upright ? 'ew-resize' : 'ns-resize' }}
            onPointerDown={drag(grip)}
            onKeyDown={keys(grip)}
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
                {formatLength(by, plan.units, true)}
              </text>
            )}
          </g>
        );
      })}
      {wrong && (
        <text x={16} y={64} fontSize={15} fill={colour('heather')} role="alert">
          {wrong}
        </text>
      )}
    </g>
  );
}
