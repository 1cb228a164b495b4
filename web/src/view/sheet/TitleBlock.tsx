import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { Plan, Units } from '@tarnpass/core';
import { useApp } from '../../state/slices/app';
import { colour } from '../theme/palette';
import type { FlatSight } from './views';

/** Under a drawing that leaves the screen: what it is of, which revision, and when. Hidden on the board. */
export function TitleBlock({ plan, sight }: { plan: Plan; sight: FlatSight }) {
  const revision = useApp(({ job }) => job?.revision);
  const saved = useApp(({ job }) => job?.saving.kind === 'saved');
  const answer = useApp(({ check }) => check.report?.answer);
  const view = { plan: 'Plan', front: 'Front', section: 'Section' }[sight.kind];
  const date = new Date().toLocaleDateString(undefined, { day: 'numeric', month: 'long', year: 'numeric' });
  const state =
    revision === undefined ? '' : `, revision ${revision}${saved ? '' : ' with changes not saved yet'}`;
  return (
    <Box
      className="title-block"
      sx={{
        position: 'absolute',
        left: 24,
        right: 24,
        bottom: 4,
        pointerEvents: 'none',
        '&& *': { color: colour('ink') },
      }}
    >
      <Typography variant="h2">{plan.title}</Typography>
      <Typography variant="body2">
        {view}, {sight.words}; {lengthsIn(plan.units)}; drawn {date}
        {state}
      </Typography>
      {answer && <Typography variant="body2">{answer.stands}.</Typography>}
    </Box>
  );
}

function lengthsIn(units: Units): string {
  if (units.system === 'mm') return 'lengths in mm';
  return units.feet ? 'lengths in feet and inches' : 'lengths in inches';
}
