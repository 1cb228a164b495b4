import { Figures } from '../../view/ui/Figures';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import Typography from '@mui/material/Typography';
import type { Offer, Report } from '@tarnpass/core';
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
  const failure = useApp(({ check, job }) =>
    check.failure && check.failure.version === job?.version ? check.failure : null,
  );
  const about = report?.answer.finding;
  const best = useApp(({ offers }) => (about === undefined ? undefined : bestOffer(offers, about)));
  const onSheet = useApp(({ offers }) => offers.tried);
  if (failure) return <Stopped message={failure.message} />;
  if (!report)
    return (
      <Line>
        <Typography variant="h1">Working it out</Typography>
      </Line>
    );
  const { answer } = report;
  return (
    <Line>
      <Box sx={BOTH}>
        {onSheet && (
          <Sentence>
            Tried on the sheet, nothing is changed yet: <Next>{onSheet.words}</Next>
            {`; ${onSheet.cost}${also(onSheet)}.`}
          </Sentence>
        )}
        <Sentence stale={stale} hidden={onSheet !== null}>
          <Figures words={answer.stands} />, so next, <Next>{best?.words ?? answer.next}</Next>.
        </Sentence>
      </Box>
      {onSheet ? (
        <TakeOrPutBack offer={onSheet} />
      ) : (
        <>
          {best && <TryIt offer={best} part={answer.part} stale={stale} />}
          <FindingSteps report={report} />
        </>
      )}
    </Line>
  );
}

/** Both in one place: the line is as high while something is tried, so that the sheet under it keeps its scale. */
const BOTH = {
  flex: { xs: '1 0 100%', lg: 1 },
  minWidth: 0,
  display: 'grid',
  alignItems: 'center',
  '& > *': { gridArea: '1 / 1' },
};
const BUTTON = { width: 120, flex: 'none' };

function Stopped({ message }: { message: string }) {
  const dispatch = useAppDispatch();
  return (
    <Line>
      <Typography variant="h1" role="alert">
        The check stopped: {message} What you planned is kept.
      </Typography>
      <Button variant="contained" onClick={() => dispatch(retried())}>
        Check again
      </Button>
    </Line>
  );
}

function TakeOrPutBack({ offer }: { offer: Offer }) {
  const dispatch = useAppDispatch();
  return (
    <>
      <Button variant="contained" onClick={() => dispatch(takeOffer(offer))} sx={BUTTON}>
        Take it
      </Button>
      <Button variant="outlined" onClick={() => dispatch(tried(null))} sx={BUTTON}>
        Put back
      </Button>
    </>
  );
}

function TryIt({ offer, part, stale }: { offer: Offer; part: string | undefined; stale: boolean }) {
  const dispatch = useAppDispatch();
  return (
    <Button
      variant="contained"
      onClick={() => {
        if (part) dispatch(selected(part));
        dispatch(tried(offer));
      }}
      disabled={stale}
      sx={BUTTON}
    >
      Try it
    </Button>
  );
}

/** From finding to finding, worst first. */
function FindingSteps({ report }: { report: Report }) {
  const dispatch = useAppDispatch();
  const step = useApp(({ view }) => view.finding);
  const findings = openFindings(report);
  if (findings.length === 0) return null;
  return (
    <Box sx={{ display: 'flex', alignItems: 'center', flex: 'none' }}>
      <IconButton aria-label="Finding before" onClick={() => dispatch(stepFinding(-1))}>
        <ChevronLeft size={22} strokeWidth={1.8} />
      </IconButton>
      <Box sx={{ textAlign: 'center', minWidth: 58 }}>
        <Typography variant="body2">finding</Typography>
        <Typography sx={{ fontWeight: 700 }}>
          {Math.min(step, findings.length - 1) + 1} of {findings.length}
        </Typography>
      </Box>
      <IconButton aria-label="Next finding" onClick={() => dispatch(stepFinding(1))}>
        <ChevronRight size={22} strokeWidth={1.8} />
      </IconButton>
    </Box>
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
