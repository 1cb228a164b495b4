import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { formatLength, type Nearest, type Plan, type Report, type Scene } from '@tarnpass/core';
import { useMemo, useRef } from 'react';
import { colour } from '../theme/palette';
import { lettersOf } from '../ui/Stone';
import { useSize } from '../ui/useSize';
import { Dimension } from './Dimension';
import { fitFrame } from './frame';
import { Blocked, PartMark, PartNow, SweptAir } from './MovingPart';
import { NearestTie } from './NearestTie';
import { StillBodies } from './StillBodies';

interface Props {
  readonly plan: Plan;
  readonly scene: Scene;
  readonly report: Report | null;
  readonly travels: Readonly<Record<string, number>>;
  readonly selected: string | null;
  readonly nearest: Nearest | undefined;
  readonly words: string;
  onSelect(item: string): void;
}

/** How thick the scene's walls are drawn, mm. */
const WALL = 120;

/** Plans are cut at about the height of a worktop, or half way up a lower space, mm: a round figure in either unit. */
const CUT = { mm: 1000, in: 1016 };

/** The sheet's view from above. */
export function PlanView({ plan, scene, report, travels, selected, nearest, words, onSelect }: Props) {
  const box = useRef<HTMLDivElement>(null);
  const { width, height } = useSize(box);
  const { space, units } = plan;
  const frame = useMemo(() => fitFrame(space, width, height), [space, width, height]);
  const cut = Math.min(CUT[units.system], space.height.mm / 2);
  const names = useMemo(
    () => Object.fromEntries([...plan.things, ...plan.carcasses].map(({ id, name }) => [id, name])),
    [plan],
  );
  const letters = useMemo(() => lettersOf(plan.parts), [plan.parts]);
  const reports = new Map(report?.parts.map((part) => [part.id, part]));
  const chosenFirst = [...scene.movers].sort((a, b) => Number(a.id === selected) - Number(b.id === selected));
  const shared = (mover: Scene['movers'][number]) => ({
    mover,
    report: reports.get(mover.id),
    frame,
    units,
    selected: mover.id === selected,
  });
  // Beyond the walls' thickness, so that no tick stands on a wall.
  const off = WALL * frame.scale + 14;
  const outer = { left: frame.x(0) - off, top: frame.y(space.depth.mm) - off };
  return (
    <Box ref={box} sx={{ position: 'relative', minWidth: 0, minHeight: 0, overflow: 'hidden' }}>
      <Typography variant="h2" sx={{ position: 'absolute', left: 12, top: 8 }}>
        Plan{' '}
        <Typography component="span" variant="body2">
          cut at {formatLength(cut, units, true)}
        </Typography>
      </Typography>
      {width > 0 && (
        <svg width={width} height={height} role="group" aria-label={words} style={{ display: 'block' }}>
          {chosenFirst.map((mover) => (
            <SweptAir key={mover.id} {...shared(mover)} />
          ))}
          <StillBodies
            scene={scene}
            frame={frame}
            cut={cut}
            selected={selected}
            names={names}
            onSelect={onSelect}
          />
          {chosenFirst.map((mover) => (
            <Blocked key={mover.id} {...shared(mover)} labelled={mover.id === selected && !nearest} />
          ))}
          {chosenFirst.map((mover) => (
            <PartNow
              key={mover.id}
              {...shared(mover)}
              travel={travels[mover.id] ?? mover.from}
              onSelect={onSelect}
            />
          ))}
          {chosenFirst.map((mover) => (
            <PartMark key={mover.id} {...shared(mover)} letter={letters[mover.id]!} />
          ))}
          {nearest && <NearestTie nearest={nearest} frame={frame} units={units} />}
          <Dimension
            from={[frame.x(0), outer.top]}
            to={[frame.x(space.width.mm), outer.top]}
            mm={space.width.mm}
            units={units}
          />
          <Dimension
            from={[outer.left, frame.y(space.depth.mm)]}
            to={[outer.left, frame.y(0)]}
            mm={space.depth.mm}
            units={units}
          />
          <ScaleBar
            right={frame.x(space.width.mm)}
            y={height - 12}
            scale={frame.scale}
            system={units.system}
          />
          <NorthMark x={frame.x(0) + 8} y={height - 14} />
        </svg>
      )}
    </Box>
  );
}

function ScaleBar({
  right,
  y,
  scale,
  system,
}: {
  right: number;
  y: number;
  scale: number;
  system: 'mm' | 'in';
}) {
  const [mm, text] = system === 'mm' ? [500, '500 mm'] : [609.6, '24 in'];
  const length = mm * scale;
  const x = right - length - 62;
  return (
    <g aria-hidden="true">
      {[0, 1, 2, 3, 4].map((i) => (
        <rect
          key={i}
          x={x + (i * length) / 5}
          y={y - 7}
          width={length / 5}
          height={6}
          fill={i % 2 === 0 ? colour('ink') : colour('paper')}
          stroke={colour('ink')}
          strokeWidth={1}
        />
      ))}
      <text x={right} y={y} textAnchor="end" fontSize={14} fill={colour('ink2')}>
        {text}
      </text>
    </g>
  );
}

function NorthMark({ x, y }: { x: number; y: number }) {
  return (
    <g aria-hidden="true" stroke={colour('ink2')} strokeWidth={1.2} fill="none">
      <path d={`M${x} ${y + 6} V${y - 12} M${x - 4} ${y - 6} L${x} ${y - 12} L${x + 4} ${y - 6}`} />
      <text x={x + 9} y={y + 3} fontSize={14} fill={colour('ink2')} stroke="none">
        north
      </text>
    </g>
  );
}
