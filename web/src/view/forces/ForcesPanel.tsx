import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import {
  balancedIn,
  balancesOf,
  conditionsOf,
  handCurve,
  handNow,
  whatIfs,
  type BalanceReport,
  type Mover,
  type Plan,
  type Report,
  type StrutAnswer,
} from '@tarnpass/core';
import { lazy, Suspense, useMemo, useState } from 'react';
import { play, stop } from '../../state/view/play';
import { moved } from '../../state/slices/viewSlice';
import { useApp, useAppDispatch } from '../../state/slices/app';
import { useTravel } from '../live/LivePose';
import { type Sheet } from '../theme/palette';
import { Days } from './Days';
import { StrutSearch } from './StrutSearch';

const ForceChart = lazy(() => import('./ForceChart'));

interface Props {
  readonly plan: Plan;
  readonly report: Report;
  readonly mover: Mover;
  readonly sheet: Sheet;
}

/** What it takes to lift and to lower a leaf, on what days, and the struts that would help. */
export default function ForcesPanel({ plan, report, mover, sheet }: Props) {
  const found = report.balances.find(({ mover: id }) => id === mover.id);
  const balance = useMemo(
    () => balancesOf(plan, mover.item).find(({ mover: id }) => id === mover.id),
    [plan, mover],
  );
  if (!balance) return null;
  if (!found)
    return (
      <Typography sx={{ py: 1.5 }}>
        What it takes to lift is told once it can move: mend first what it touches shut.
      </Typography>
    );
  return (
    <Box component="section" aria-label="Forces" sx={{ pt: 1 }}>
      <Chart {...{ plan, mover, sheet, found, balance }} />
      <StrutSearch plan={plan} part={mover.item} comfortable={balance.comfortable} />
    </Box>
  );
}

interface ChartProps extends Omit<Props, 'report'> {
  readonly found: BalanceReport;
  readonly balance: NonNullable<ReturnType<typeof balancesOf>[number]>;
}

function Chart({ plan, mover, sheet, found, balance }: ChartProps) {
  const dispatch = useAppDispatch();
  const travel = useTravel(mover);
  const answers = useApp(({ struts }) => struts.answers);
  const tried = useApp(({ offers }) => offers.tried);
  const [what, setWhat] = useState<'hand' | 'torque'>('hand');
  const [day, setDay] = useState('usual');
  // What is only asked is no part of the answer: it is worked out where it is looked at.
  const weathers = useMemo(
    () => [
      ...found.weathers,
      ...whatIfs(plan, balance).map((weather) => balancedIn(balance, found.usable, weather)),
    ],
    [plan, balance, found],
  );
  const one = weathers.find(({ weather }) => weather.key === day) ?? weathers[0]!;
  const curves = useMemo(
    () =>
      new Map(
        weathers.map(({ weather }) => [weather.key, handCurve(balance, found.usable, conditionsOf(weather))]),
      ),
    [weathers, balance, found],
  );
  const curve = curves.get(one.weather.key)!;
  const offered = answers?.part === mover.item ? answers.answers : NONE;
  const beside = [
    ...(one.weather.key === 'usual'
      ? []
      : [{ name: 'on a usual day', curve: curves.get('usual')!, strong: true }]),
    ...offered.map((answer) => ({
      name: answer.words,
      curve: answer.curve,
      strong: tried?.key === answer.key,
    })),
  ];
  const words = handNow(balance, found, one, Math.min(travel, found.usable), plan.units);
  const move = (to: number) => {
    dispatch(stop());
    dispatch(moved({ part: mover.id, travel: to }));
  };
  return (
    <>
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 1 }}>
        <Typography variant="h3" sx={{ flex: 1 }}>
          {what === 'hand' ? 'Force at its edge' : 'What turns it by itself'},{' '}
          {unitWords(what, plan.units.system)}
        </Typography>
        <Button
          size="small"
          aria-pressed={what === 'torque'}
          onClick={() => setWhat(what === 'hand' ? 'torque' : 'hand')}
        >
          {what === 'hand' ? 'Show torque' : 'Show the hand'}
        </Button>
        <Button
          size="small"
          aria-label={`Let ${mover.name} go: see it move`}
          onClick={() =>
            void dispatch(play([{ [mover.id]: travel < found.usable - 1e-9 ? found.usable : 0 }]))
          }
        >
          Move it
        </Button>
      </Box>
      <Suspense fallback={<Box sx={{ height: 224 }} />}>
        <ForceChart
          {...{ curve, beside, what, travel, sheet, units: plan.units }}
          stands={one.stands}
          comfortable={balance.comfortable}
          words={`Force on ${mover.name} from shut to open. ${words}`}
          onMove={move}
        />
      </Suspense>
      <Typography variant="body2" sx={{ color: 'text.secondary' }}>
        {what === 'hand'
          ? 'Whole line: to lift it. Dashed: as it shuts, less than 0 held back. Thin: the least of either.'
          : 'Whole line: the most it may be, dashed the least. Over 0 it opens, under 0 it shuts.'}
      </Typography>
      <Typography aria-live="polite" sx={{ py: 0.75 }}>
        {words}
      </Typography>
      <Days
        weathers={weathers}
        shown={one.weather.key}
        onShow={setDay}
        units={plan.units}
        opens={balance.opens}
      />
    </>
  );
}

const NONE: readonly StrutAnswer[] = [];

const unitWords = (what: 'hand' | 'torque', system: 'mm' | 'in') =>
  what === 'hand' ? (system === 'in' ? 'lbf' : 'N') : system === 'in' ? 'lbf ft' : 'Nm';
