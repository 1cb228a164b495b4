import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { clearOpeningsOf, type ClearOpening, type Part, type Plan, type Scene } from '@tarnpass/core';
import { useMemo } from 'react';
import { play, type Travels } from '../../state/view/play';
import { useAppDispatch } from '../../state/slices/app';
import { colour } from '../../view/theme/palette';
import { LengthText } from '../../view/ui/LengthText';

type Movers = Scene['movers'];

/** Every clear opening that what slides beside each other allows: where it is, how wide, and the panels put so on the sheet. */
export default function OpeningsList({ plan, part, movers }: { plan: Plan; part: Part; movers: Movers }) {
  const dispatch = useAppDispatch();
  const openings = useMemo(() => clearOpeningsOf(plan, part), [plan, part]);
  if (openings.length === 0) return null;
  const run = Math.max(...openings.map(({ to }) => to));
  return (
    <Box component="section" aria-label="Clear openings" sx={{ py: 1 }}>
      <Typography variant="h3" sx={{ color: 'text.secondary', pb: 0.5 }}>
        Clear openings
      </Typography>
      <Box
        component="table"
        sx={{
          width: '100%',
          borderCollapse: 'collapse',
          '& td, & th': {
            borderBottom: `1px solid ${colour('line')}`,
            py: 0.25,
            px: 0.5,
            textAlign: 'left',
            fontWeight: 'inherit',
          },
        }}
      >
        <thead>
          <tr>
            <th scope="col">From the left</th>
            <th scope="col">Wide</th>
            <th scope="col">Panels</th>
            <th scope="col" aria-label="Show" />
          </tr>
        </thead>
        <tbody>
          {openings.map((opening) => (
            <tr key={`${opening.from} ${opening.to}`}>
              <td>
                <LengthText mm={opening.from} units={plan.units} /> to{' '}
                <LengthText mm={opening.to} units={plan.units} />
              </td>
              <td>
                <Box component="span" sx={{ fontWeight: 700 }}>
                  <LengthText mm={opening.to - opening.from} units={plan.units} />
                </Box>
              </td>
              <td>
                <Picture opening={opening} run={run} />
              </td>
              <td>
                <Button size="small" onClick={() => void dispatch(play([travelsFor(opening, movers)]))}>
                  Show
                </Button>
              </td>
            </tr>
          ))}
        </tbody>
      </Box>
    </Box>
  );
}

/** How far each way of each panel goes for an opening: one of its ways has it where it is to stand, the others are shut. */
function travelsFor({ panels, at, shut }: ClearOpening, movers: Movers): Travels {
  return Object.fromEntries(
    panels.flatMap((panel, i) =>
      movers
        .filter(({ thing, id }) => (thing ?? id) === panel)
        .map(({ id, to, heads }) => {
          const by = at[i]! - shut[i]!;
          return [id, Math.max(0, Math.min(to, heads === 'left' ? -by : by))];
        }),
    ),
  );
}

/** The panels from above, each on its track, with what is clear left white. */
function Picture({ opening, run }: { opening: ClearOpening; run: number }) {
  const { at, tracks, wide } = opening;
  const rows = Math.max(...tracks) + 1;
  const x = (mm: number) => 2 + (mm / run) * 96;
  const high = 6 * rows + 4;
  return (
    <svg width={100} height={high} aria-hidden="true">
      <rect
        x={x(opening.from)}
        y={0}
        width={x(opening.to) - x(opening.from)}
        height={high}
        fill={colour('tarnSoft')}
      />
      {at.map((left, i) => (
        <rect
          key={i}
          x={x(Math.max(0, left))}
          y={2 + 6 * (rows - 1 - tracks[i]!)}
          width={Math.max(1, x(Math.min(run, left + wide)) - x(Math.max(0, left)))}
          height={4}
          fill={colour('tarnFill')}
          stroke={colour('tarn')}
        />
      ))}
    </svg>
  );
}
