import { textWidth } from '../sheet/labels';
import { travelText, type Mover, type PartReport, type Units } from '@tarnpass/core';
import { memo, useMemo, useRef } from 'react';
import { play, stop } from '../../state/view/play';
import { moved } from '../../state/slices/viewSlice';
import { useAppDispatch } from '../../state/slices/app';
import { useTravel } from '../live/LivePose';
import { colour } from '../theme/palette';
import { stripShapes, ticksOf, type StripShapes } from './stripShapes';

interface Props {
  readonly mover: Mover;
  readonly report: PartReport | undefined;
  readonly units: Units;
  readonly selected: boolean;
}

const WELL = { width: 192, height: 25, top: 19 };
const RIDER = { width: 42, height: 19, target: 46 };
export const ROW = 50;
const TRACK = {
  marginLeft: 18 - RIDER.target / 2,
  marginRight: -RIDER.target / 2,
  touchAction: 'none',
  cursor: 'ew-resize',
  overflow: 'visible',
} as const;

/** The well with the painted clearance, and the rider on it. */
export function Well({ mover, report, units, selected }: Props) {
  const dispatch = useAppDispatch();
  const svg = useRef<SVGSVGElement>(null);
  const { from, to } = mover;
  const travel = useTravel(mover);
  const at = (value: number) => ((value - from) / (to - from)) * WELL.width;
  const step = stepOf(mover);
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
  return (
    <svg
      ref={svg}
      width={WELL.width + RIDER.target}
      height={ROW}
      style={TRACK}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        drag(event);
      }}
      onPointerMove={(event) => event.currentTarget.hasPointerCapture(event.pointerId) && drag(event)}
    >
      <g transform={`translate(${RIDER.target / 2} ${WELL.top})`}>
        <Painted mover={mover} report={report} />
        <Rider {...{ mover, report, units, selected, travel, at, onKeyDown }} />
      </g>
    </svg>
  );
}

type RiderProps = Props & {
  readonly travel: number;
  at(travel: number): number;
  onKeyDown(event: React.KeyboardEvent): void;
};

/** Where it stands: a line over the well, and its figure, which is the slider. */
function Rider({ mover, report, units, selected, travel, at, onKeyDown }: RiderProps) {
  const { from, to } = mover;
  const step = stepOf(mover);
  const x = at(travel);
  const text = travelText(mover, travel, units);
  // As wide as its figure, inches with fractions too, and never past the ends of the strip.
  const wide = Math.max(RIDER.width, textWidth(text, 15) + 8);
  const past = (wide - RIDER.target) / 2;
  const middle = Math.min(Math.max(x, past), WELL.width - past);
  const [fill, ink] = travel > from ? (['ink', 'paper'] as const) : (['paper', 'ink'] as const);
  return (
    <>
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
          fill={colour(fill)}
          stroke={colour('ink')}
          strokeWidth={selected ? 1.8 : 1.4}
        />
        <text
          x={middle}
          y={-WELL.top + 15.5}
          textAnchor="middle"
          fontSize={15}
          fontWeight={700}
          fill={colour(ink)}
          style={{ userSelect: 'none' }}
        >
          {text}
        </text>
      </g>
    </>
  );
}

/** A degree, or a millimetre. */
const stepOf = ({ unit }: Mover): number => (unit === 'rad' ? Math.PI / 180 : 1);

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
  const { width, height } = WELL;
  const shapes = useMemo(
    () => (report ? stripShapes(mover, report, width, height) : undefined),
    [mover, report, width, height],
  );
  return (
    <g>
      <rect x={0} y={0} width={width} height={height} fill={colour('paper')} />
      {shapes && <Clearance {...shapes} />}
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
      {shapes && <Notches {...shapes} />}
      {ticksOf(mover, width).map((x, i) => (
        <line
          key={x}
          x1={x}
          y1={height}
          x2={x}
          y2={height + ((i + 1) % 3 === 0 ? 5 : 3)}
          stroke={colour('ink2')}
          strokeWidth={1}
        />
      ))}
    </g>
  );
});

function Clearance({ area, tight, end, contact }: StripShapes) {
  const { width, height } = WELL;
  const line = area.map(([x, y]) => `${x.toFixed(1)},${y.toFixed(1)}`).join(' ');
  return (
    <g className="fresh">
      <polygon points={`0,${height} ${line} ${end},${height}`} fill={colour('tarnSoft')} />
      <polyline points={line} fill="none" stroke={colour('tarn')} strokeWidth={1.2} />
      {tight.map(([a, b]) => (
        <rect key={a} x={a} y={0} width={Math.max(2, b - a)} height={height} fill="url(#tight)" />
      ))}
      {contact && <rect x={end} y={0} width={Math.max(0, width - end)} height={height} fill="url(#hits)" />}
    </g>
  );
}

/** Where the trouble is: later contacts, the first one, and the least clearance of what is tight. */
const Notches = ({ later, contact, end, least }: StripShapes) => (
  <>
    {later.map((x) => (
      <Notch key={x} x={x} half={4} deep={9} stroke="heather" width={1.2} />
    ))}
    {contact && <Notch x={end} half={8} deep={WELL.height} stroke="heather" width={1.8} />}
    {least !== undefined && <Notch x={least} half={7} deep={11} stroke="ink" width={1.4} />}
  </>
);

interface NotchProps {
  readonly x: number;
  readonly half: number;
  readonly deep: number;
  readonly stroke: 'heather' | 'ink';
  readonly width: number;
}

const Notch = ({ x, half, deep, stroke, width }: NotchProps) => (
  <path
    className="fresh"
    d={`M${x - half} 0 L${x} ${deep} L${x + half} 0 Z`}
    fill={colour('paper')}
    stroke={colour(stroke)}
    strokeWidth={width}
  />
);
