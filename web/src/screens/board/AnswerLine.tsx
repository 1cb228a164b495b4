import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import Typography from '@mui/material/Typography';
import type { Report } from '@tarnpass/core';
import { ChevronLeft, ChevronRight } from 'lucide-react';
import { retried } from '../../state/slices/checkSlice';
import { takeOffer } from '../../state/check/takeOffer';
import { bestOffer, tried } from '../../state/slices/offersSlice';
import { also } from '../../view/offers/OfferRows';
import { useApp, useAppDispatch } from '../../state/slices/app';
import { openFindings, stepFinding } from '../../state/view/stepFinding';
import { selected } from '../../state/slices/viewSlice';

/** How the job stands and the next thing worth doing, in one sentence over two lines; the one filled button does it. */
export function AnswerLine({ report, stale }: { report: Report | null; stale: boolean }) {
  const dispatch = useAppDispatch();
  const failure = useApp(({ check, job }) =>
    check.failure && check.failure.version === job?.version ? check.failure : null,
  );
  const step = useApp(({ view }) => view.finding);
  const findings = openFindings(report);
  const about = report?.answer.finding;
  const best = useApp(({ offers }) => (about === undefined ? undefined : bestOffer(offers, about)));
  const onSheet = useApp(({ offers }) => offers.tried);
  const go = (by: number) => dispatch(stepFinding(by));
  if (failure) {
    return (
      <Line>
        <Typography variant="h1" role="alert">
          The check stopped: {failure.message} What you planned is kept.
        </Typography>
        <Button variant="contained" onClick={() => dispatch(retried())}>
          Check again
        </Button>
      </Line>
    );
  }
  if (!report) {
    return (
      <Line>
        <Typography variant="h1">Working it out</Typography>
      </Line>
    );
  }
  const { answer } = report;
  const next = best?.words ?? answer.next;
  // Both in one place: the line is as high while something is tried, so that the sheet under it keeps its scale.
  const stands = (
    <Box
      sx={{
        flex: { xs: '1 0 100%', lg: 1 },
        minWidth: 0,
        display: 'grid',
        alignItems: 'center',
        '& > *': { gridArea: '1 / 1' },
      }}
    >
      {onSheet && (
        <Sentence>
          Tried on the sheet, nothing is changed yet: <Next>{onSheet.words}</Next>
          {`; ${onSheet.cost}${also(onSheet)}.`}
        </Sentence>
      )}
      <Sentence stale={stale} hidden={onSheet !== null}>
        {answer.stands}, so next, <Next>{next}</Next>.
      </Sentence>
    </Box>
  );
  if (onSheet)
    return (
      <Line>
        {stands}
        <Button
          variant="contained"
          onClick={() => dispatch(takeOffer(onSheet))}
          sx={{ width: 120, flex: 'none' }}
        >
          Take it
        </Button>
        <Button variant="outlined" onClick={() => dispatch(tried(null))} sx={{ width: 120, flex: 'none' }}>
          Put back
        </Button>
      </Line>
    );
  return (
    <Line>
      {stands}
      {best && (
        <Button
          variant="contained"
          onClick={() => {
            if (answer.part) dispatch(selected(answer.part));
            dispatch(tried(best));
          }}
          disabled={stale}
          sx={{ width: 120, flex: 'none' }}
        >
          Try it
        </Button>
      )}
      {findings.length > 0 && (
        <Box sx={{ display: 'flex', alignItems: 'center', flex: 'none' }}>
          <IconButton aria-label="Finding before" onClick={() => go(-1)}>
            <ChevronLeft size={22} strokeWidth={1.8} />
          </IconButton>
          <Box sx={{ textAlign: 'center', minWidth: 58 }}>
            <Typography variant="body2">finding</Typography>
            <Typography sx={{ fontWeight: 700 }}>
              {Math.min(step, findings.length - 1) + 1} of {findings.length}
            </Typography>
          </Box>
          <IconButton aria-label="Next finding" onClick={() => go(1)}>
            <ChevronRight size={22} strokeWidth={1.8} />
          </IconButton>
        </Box>
      )}
    </Line>
  );
}

/** How it stands, said as it changes; hidden it only keeps its room. */
function Sentence({
  children,
  stale = false,
  hidden = false,
}: {
  children: React.ReactNode;
  stale?: boolean;
  hidden?: boolean;
}) {
  return (
    <Typography
      variant="h1"
      role={hidden ? undefined : 'status'}
      aria-hidden={hidden}
      sx={{ textWrap: 'balance', opacity: stale ? 0.55 : 1, visibility: hidden ? 'hidden' : 'visible' }}
    >
      {children}
    </Typography>
  );
}

function Next({ children }: { children: React.ReactNode }) {
  return (
    <Box component="span" sx={{ color: 'primary.main' }}>
      {children}
    </Box>
  );
}

function Line({ children }: { children: React.ReactNode }) {
  return (
    <Box
      sx={{
        display: 'flex',
        alignItems: 'center',
        justifyContent: 'flex-end',
        flexWrap: { xs: 'wrap', lg: 'nowrap' },
        columnGap: 2,
        px: 2,
        minHeight: 72,
        py: 0.5,
      }}
    >
      {children}
    </Box>
  );
}
