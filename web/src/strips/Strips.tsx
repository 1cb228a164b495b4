import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { bodiesOf, formatLength, type Nearest, type Plan, type Report, type Scene } from '@tarnpass/core';
import { useMemo } from 'react';
import { allShut, moved, selected as select } from '../board/viewSlice';
import { useAppDispatch } from '../store';
import { lettersOf } from '../ui/Stone';
import { Strip } from './Strip';

interface Props {
  readonly plan: Plan;
  readonly scene: Scene;
  readonly report: Report | null;
  readonly stale: boolean;
  readonly travels: Readonly<Record<string, number>>;
  readonly selected: string | null;
  readonly nearest: Nearest | undefined;
}

/** One strip for each part that moves, worst first, in two columns where there is room. */
export function Strips({ plan, scene, report, stale, travels, selected, nearest }: Props) {
  const dispatch = useAppDispatch();
  const letters = useMemo(() => lettersOf(plan.parts), [plan.parts]);
  const order = report?.parts.map(({ id }) => id) ?? [];
  const rank = (id: string) => (order.includes(id) ? order.indexOf(id) : order.length);
  const movers = [...scene.movers].sort((a, b) => rank(a.id) - rank(b.id));
  if (movers.length === 0) {
    return (
      <Box sx={{ p: 2 }}>
        <Typography>
          A strip for each part that moves comes here. Hang a door on a carcass to see its first.
        </Typography>
      </Box>
    );
  }
  return (
    <Box component="section" aria-label="Travel strips" sx={{ pt: 0.5 }}>
      <Box
        sx={{ display: 'grid', gridTemplateColumns: 'repeat(auto-fill, minmax(548px, 1fr))', columnGap: 0.5 }}
      >
        {movers.map((mover) => {
          const part = plan.parts.find(({ id }) => id === mover.id)!;
          const travel = travels[mover.id] ?? mover.from;
          return (
            <Strip
              key={mover.id}
              mover={mover}
              report={report?.parts.find(({ id }) => id === mover.id)}
              owner={plan.carcasses.find(({ id }) => id === part.carcass)?.name ?? ''}
              letter={letters[mover.id]!}
              units={plan.units}
              selected={mover.id === selected}
              travel={travel}
              nearestNow={
                mover.id === selected && nearest && travel > mover.from
                  ? nowWords(scene, nearest, plan)
                  : undefined
              }
              stale={stale}
              onSelect={() => dispatch(select(mover.id))}
              onMove={(to) => dispatch(moved({ part: mover.id, travel: to }))}
            />
          );
        })}
      </Box>
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 2, px: 1, height: 44 }}>
        <Box component="span" sx={{ display: 'inline-flex', alignItems: 'center', gap: 1 }}>
          <svg width={34} height={4} aria-hidden="true">
            <line x1={0} y1={2} x2={34} y2={2} stroke="var(--ink)" strokeWidth={1.2} strokeDasharray="7 3" />
          </svg>
          <Typography variant="body2">gap needed</Typography>
        </Box>
        <Button onClick={() => dispatch(allShut())}>Shut all</Button>
      </Box>
    </Box>
  );
}

function nowWords(scene: Scene, nearest: Nearest, plan: Plan): string {
  const still = bodiesOf(scene).find(({ id }) => id === nearest.still)!.name;
  const { clearance } = nearest.witness;
  return clearance <= 0 ? `now in ${still}` : `now ${formatLength(clearance, plan.units)} to ${still}`;
}
