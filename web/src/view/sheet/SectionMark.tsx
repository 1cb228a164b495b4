import { formatLength, type Plan } from '@tarnpass/core';
import { sectionCut, type SectionCut } from '../../state/slices/viewSlice';
import { useAppDispatch } from '../../state/slices/app';
import { colour } from '../theme/palette';
import type { SheetFrame } from './frame';
import { axisOf, LOOKING } from './projection';

const REACH = 26;

/** Where the section is cut, as a corner mark at either end of its line on the plan; dragged or nudged, the cut moves. */
export function SectionMark({
  plan,
  section,
  frame,
}: {
  plan: Plan;
  section: SectionCut;
  frame: SheetFrame;
}) {
  const dispatch = useAppDispatch();
  const { w } = LOOKING[section.look];
  const axis = axisOf(w) as 0 | 1;
  const { width, depth } = plan.space;
  const most = axis === 0 ? width.mm : depth.mm;
  const ends = ([0, axis === 0 ? depth.mm : width.mm] as const).map((along) =>
    frame.put(axis === 0 ? [section.at, along, 0] : [along, section.at, 0]),
  );
  // The arms of the marks point the way the view looks, against w.
  const look = [-w[0], w[1]] as const;
  const outward = [
    [Math.sign(ends[0]![0] - ends[1]![0]), Math.sign(ends[0]![1] - ends[1]![1])],
    [Math.sign(ends[1]![0] - ends[0]![0]), Math.sign(ends[1]![1] - ends[0]![1])],
  ] as const;
  const set = (at: number) => dispatch(sectionCut({ ...section, at: Math.min(most, Math.max(0, at)) }));
  const onPointerMove = (event: React.PointerEvent<SVGGElement>) => {
    if (!event.currentTarget.hasPointerCapture(event.pointerId)) return;
    const { left, top } = event.currentTarget.ownerSVGElement!.getBoundingClientRect();
    const zero = frame.put([0, 0, 0]);
    set(
      axis === 0
        ? (event.clientX - left - zero[0]) / frame.scale
        : (zero[1] - (event.clientY - top)) / frame.scale,
    );
  };
  return (
    <g
      role="slider"
      tabIndex={0}
      aria-label="Where the section is cut"
      aria-valuemin={0}
      aria-valuemax={Math.round(most)}
      aria-valuenow={Math.round(section.at)}
      aria-valuetext={`${formatLength(section.at, plan.units, true)} from the ${axis === 0 ? 'west' : 'south'} wall`}
      data-handle="section"
      className="own-focus"
      style={{ cursor: axis === 0 ? 'ew-resize' : 'ns-resize' }}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        event.stopPropagation();
      }}
      onPointerMove={onPointerMove}
      onKeyDown={(event) => {
        const by = { ArrowRight: 10, ArrowUp: 10, ArrowLeft: -10, ArrowDown: -10 }[event.key];
        if (by === undefined) return;
        event.preventDefault();
        event.stopPropagation();
        set(section.at + by);
      }}
    >
      {ends.map((at, i) => (
        <Mark key={i} at={at} outward={outward[i]!} look={look} />
      ))}
    </g>
  );
}

interface MarkProps {
  readonly at: readonly [number, number];
  /** Away from the space. */
  readonly outward: readonly [number, number];
  /** The way the view looks. */
  readonly look: readonly [number, number];
}

function Mark({ at: [x, y], outward: [ox, oy], look }: MarkProps) {
  const [ex, ey] = [x + REACH * ox, y + REACH * oy];
  return (
    <g>
      <rect x={ex - 22} y={ey - 22} width={44} height={44} fill="transparent" />
      <path
        d={`M${x + 6 * ox} ${y + 6 * oy}L${ex} ${ey}l${12 * look[0]} ${12 * look[1]}`}
        fill="none"
        stroke={colour('ink')}
        strokeWidth={2}
      />
      <text
        x={ex + 20 * look[0]}
        y={ey + 20 * look[1] + 5}
        textAnchor="middle"
        fontSize={14}
        fontWeight={700}
        fill={colour('ink')}
        stroke={colour('bench')}
        strokeWidth={0}
      >
        A
      </text>
    </g>
  );
}
