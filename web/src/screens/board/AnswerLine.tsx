import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import Typography from '@mui/material/Typography';
import type { Plan, Report } from '@tarnpass/core';
import { ChevronLeft, ChevronRight } from 'lucide-react';
import { retried } from '../../state/slices/checkSlice';
import { makeEdit } from '../../state/job/edits';
import { useApp, useAppDispatch } from '../../state/slices/app';
import { openFindings, stepFinding } from '../../state/view/stepFinding';
import { selected } from '../../state/slices/viewSlice';

/** How the job stands and the next thing worth doing, in one sentence over two lines; the one filled button does it. */
export function AnswerLine({ plan, report, stale }: { plan: Plan; report: Report | null; stale: boolean }) {
  const dispatch = useAppDispatch();
  const failure = useApp(({ check, job }) =>
    check.failure && check.failure.version === job?.version ? check.failure : null,
  );
  const step = useApp(({ view }) => view.finding);
  const findings = openFindings(report);
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
  const doIt = () => {
    const { part, proposal } = answer;
    if (!part || !proposal) return;
    const i = plan.parts.findIndex(({ id }) => id === part);
    const changes = proposal.changes.map((change) => ({ ...change, path: ['parts', i, ...change.path] }));
    dispatch(selected(part));
    dispatch(makeEdit({ name: `${plan.parts[i]!.name}: ${proposal.words}`, changes }));
  };
  return (
    <Line>
      <Typography
        variant="h1"
        role="status"
        sx={{ flex: { xs: '1 0 100%', lg: 1 }, minWidth: 0, textWrap: 'balance', opacity: stale ? 0.55 : 1 }}
      >
        {answer.stands}, so next,{' '}
        <Box component="span" sx={{ color: 'primary.main' }}>
          {answer.next}
        </Box>
        .
      </Typography>
      {answer.proposal && (
        <Button variant="contained" onClick={doIt} disabled={stale} sx={{ width: 120, flex: 'none' }}>
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
