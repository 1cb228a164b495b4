import { textWidth } from '../sheet/labels';
import { share, travelText, type Mover, type PartReport, type Units } from '@tarnpass/core';
import { memo, useMemo, useRef } from 'react';
import { play, stop } from '../../state/view/play';
import { moved } from '../../state/slices/viewSlice';
import { useAppDispatch } from '../../state/slices/app';
import { useTravel } from '../live/LivePose';
import { colour } from '../theme/palette';

interface Props {
  readonly mover: Mover;
  readonly report: PartReport | undefined;
  readonly units: Units;
  readonly selected: boolean;
}

const WELL = { width: 192, height: 25, top: 19 };
const RIDER = { width: 42, height: 19, target: 46 };
/** Nearer than this to the first contact, px, a later one has no notch of its own. */
const LATER = 6;
export const ROW = 50;

/** The well with the painted clearance, and the rider on it. */
export function Well({ mover, report, units, selected }: Props) {
  const dispatch = useAppDispatch();
  const svg = useRef<SVGSVGElement>(null);
  const { from, to } = mover;
  const travel = useTravel(mover);
  const at = (value: number) => ((value - from) / (to - from)) * WELL.width;
  const step = mover.unit === 'rad' ? Math.PI / 180 : 1;
  const move = (value: number) => {
    dispatch(stop());
    dispatch(moved({ part: mover.id, travel: Math.min(to, Math.max(from, value)) }));
  };
  const drag = (event: React.PointerEvent) => {
    const { left } = svg.current!.getBoundingClientRect();
    move(from + ((event.clientX - left - RIDER.target / 2) / WELL.width) * (to - from));
  };
  const onKeyDown = (event: React.KeyboardEvent) => {
    if (event.key === ' ' || event.key === 'Enter') {
      event.preventDefault();
      const open = report?.check.usable ?? to;
      void dispatch(play([{ [mover.id]: travel < open - 1e-9 ? open : from }]));
      return;
    }
    const moves: Record<string, number> = {
      ArrowRight: travel + step,
      ArrowUp: travel + step,
      ArrowLeft: travel - step,
      ArrowDown: travel - step,
      PageUp: travel + 10 * step,
      PageDown: travel - 10 * step,
      Home: from,
      End: to,
    };
    const next = moves[event.key];
    if (next === undefined) return;
    event.preventDefault();
    move(next);
  };
  const x = at(travel);
  const text = travelText(mover, travel, units);
  // As wide as its figure, inches with fractions too, and never past the ends of the strip.
  const wide = Math.max(RIDER.width, textWidth(text, 15) + 8);
  const past = (wide - RIDER.target) / 2;
  const middle = Math.min(Math.max(x, past), WELL.width - past);
  return (
    <svg
      ref={svg}
      width={WELL.width + RIDER.target}
      height={ROW}
      style={{
        marginLeft: 18 - RIDER.target / 2,
        marginRight: -RIDER.target / 2,
        touchAction: 'none',
        cursor: 'ew-resize',
        overflow: 'visible',
      }}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        drag(event);
      }}
      onPointerMove={(event) => event.currentTarget.hasPointerCapture(event.pointerId) && drag(event)}
    >
      <g transform={`translate(${RIDER.target / 2} ${WELL.top})`}>
        <Painted mover={mover} report={report} />
        <line x1={x} y1={-2} x2={x} y2={WELL.height} stroke={colour('ink')} strokeWidth={2} />
        <g
          role="slider"
          tabIndex={0}
          aria-label={`Travel of ${mover.name}`}
          aria-valuemin={Math.round(from / step)}
          aria-valuemax={Math.round(to / step)}
          aria-valuenow={Math.floor(travel / step + 1e-6)}
          aria-valuetext={wordsOf(mover, report, travel, units)}
          aria-orientation="horizontal"
          onKeyDown={onKeyDown}
        >
          <rect x={x - RIDER.target / 2} y={-WELL.top} width={RIDER.target} height={44} fill="transparent" />
          <rect
            x={middle - wide / 2}
            y={-WELL.top + 1}
            width={wide}
            height={RIDER.height}
            rx={2}
            fill={travel > from ? colour('ink') : colour('paper')}
            stroke={colour('ink')}
            strokeWidth={selected ? 1.8 : 1.4}
          />
          <text
            x={middle}
            y={-WELL.top + 15.5}
            textAnchor="middle"
            fontSize={15}
            fontWeight={700}
            fill={travel > from ? colour('paper') : colour('ink')}
            style={{ userSelect: 'none' }}
          >
            {text}
          </text>
        </g>
      </g>
    </svg>
  );
}

function wordsOf(mover: Mover, report: PartReport | undefined, travel: number, units: Units): string {
  const open = travel > mover.from ? `open to ${travelText(mover, travel, units)}` : 'shut';
  const worst = report?.findings[0];
  return worst ? `${open}. ${worst.sentence}` : open;
}

/**
 * The clearance over the travel: the height is the share of what is needed, so the needed gap is always half way up;
 * below it the well is striped, beyond the first contact crossed, with a notch where the trouble is.
 */
const Painted = memo(function Painted({ mover, report }: { mover: Mover; report: PartReport | undefined }) {
  const { from, to } = mover;
  const { width, height } = WELL;
  const shapes = useMemo(() => {
    if (!report) return undefined;
    const { check } = report;
    const at = (travel: number) => ((travel - from) / (to - from)) * width;
    const points = check.curve.map((point) => [at(point.travel), height * (1 - share(point))] as const);
    const contact = check.encounters[0]?.contact;
    const end = contact ? at(check.usable) : width;
    const before = points.filter(([x]) => x <= end + 1e-6);
    const tight = stretchesBelowHalf(before, height / 2);
    const least = check.encounters[0]?.least?.witness;
    // Every later place where it would come up against something, were it pushed on.
    const later = check.encounters
      .flatMap(({ blocked }) => blocked.map(({ at: { travel } }) => at(travel)))
      .filter((x) => x > end + LATER)
      .sort((a, b) => a - b)
      .filter((x, i, all) => i === 0 || x - all[i - 1]! > 1);
    return {
      later,
      area: before,
      tight,
      end,
      contact,
      least: report.verdict === 'tight' && least ? at(least.travel) : undefined,
    };
  }, [report, from, to, width, height]);
  const ticks = mover.unit === 'rad' ? Math.floor(((to - from) * 180) / Math.PI / 10 + 1e-9) : 10;
  return (
    <g>
      <rect x={0} y={0} width={width} height={height} fill={colour('paper')} />
      {shapes && (
        <g className="fresh">
          <polygon
            points={`0,${height} ${shapes.area.map(([x, y]) => `${x.toFixed(1)},${y.toFixed(1)}`).join(' ')} ${shapes.end},${height}`}
            fill={colour('tarnSoft')}
          />
          <polyline
            points={shapes.area.map(([x, y]) => `${x.toFixed(1)},${y.toFixed(1)}`).join(' ')}
            fill="none"
            stroke={colour('tarn')}
            strokeWidth={1.2}
          />
          {shapes.tight.map(([a, b]) => (
            <rect key={a} x={a} y={0} width={Math.max(2, b - a)} height={height} fill="url(#tight)" />
          ))}
          {shapes.contact && (
            <rect
              x={shapes.end}
              y={0}
              width={Math.max(0, width - shapes.end)}
              height={height}
              fill="url(#hits)"
            />
          )}
        </g>
      )}
      <line
        x1={0}
        y1={height / 2}
        x2={width}
        y2={height / 2}
        stroke={colour('ink')}
        strokeWidth={1.2}
        strokeDasharray="7 3"
      />
      <rect x={0} y={0} width={width} height={height} fill="none" stroke={colour('ink')} strokeWidth={1.25} />
      {shapes?.later.map((x) => (
        <path
          key={x}
          className="fresh"
          d={`M${x - 4} 0 L${x} 9 L${x + 4} 0 Z`}
          fill={colour('paper')}
          stroke={colour('heather')}
          strokeWidth={1.2}
        />
      ))}
      {shapes?.contact && (
        <path
          className="fresh"
          d={`M${shapes.end - 8} 0 L${shapes.end} ${height} L${shapes.end + 8} 0 Z`}
          fill={colour('paper')}
          stroke={colour('heather')}
          strokeWidth={1.8}
        />
      )}
      {shapes?.least !== undefined && (
        <path
          className="fresh"
          d={`M${shapes.least - 7} 0 L${shapes.least} 11 L${shapes.least + 7} 0 Z`}
          fill={colour('paper')}
          stroke={colour('ink')}
          strokeWidth={1.4}
        />
      )}
      {Array.from({ length: ticks }, (_, i) => {
        const turn =
          mover.unit === 'rad'
            ? (((i + 1) * 10 * Math.PI) / 180 / (to - from)) * width
            : ((i + 1) * width) / 10;
        return (
          <line
            key={i}
            x1={turn}
            y1={height}
            x2={turn}
            y2={height + ((i + 1) % 3 === 0 ? 5 : 3)}
            stroke={colour('ink2')}
            strokeWidth={1}
          />
        );
      })}
    </g>
  );
});

/** The stretches of x over which a polyline runs below (greater y than) a level. */
function stretchesBelowHalf(
  points: readonly (readonly [number, number])[],
  level: number,
): [number, number][] {
  const stretches: [number, number][] = [];
  let start: number | undefined;
  points.forEach(([x, y], i) => {
    const below = y > level + 1e-6;
    const before = points[i - 1];
    const crossing =
      before && before[1] !== y ? before[0] + ((level - before[1]) / (y - before[1])) * (x - before[0]) : x;
    if (below && start === undefined) start = before ? crossing : x;
    if (!below && start !== undefined) {
      stretches.push([start, crossing]);
      start = undefined;
    }
  });
  if (start !== undefined) stretches.push([start, points[points.length - 1]![0]]);
  return stretches;
}
