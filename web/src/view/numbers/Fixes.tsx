import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Edit } from '@tarnpass/core';
import { useAsked } from '../../state/check/asked';
import { makeEdit } from '../../state/job/edits';
import { useApp, useAppDispatch } from '../../state/slices/app';

/** Under a number that cannot be: the nearest that can, and what to change besides, each a press away. */
export function Fixes({ edit }: { edit: Edit }) {
  const dispatch = useAppDispatch();
  const job = useApp((state) => state.job);
  const { answer, stale } = useAsked(
    'fixes',
    job?.version ?? 0,
    job && { kind: 'fixes', plan: job.plan, edit },
  );
  if (!answer || stale || answer.length === 0) return null;
  return (
    <Box role="group" aria-label="What would do" sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, pb: 0.5 }}>
      {answer.map((fix) => (
        <Button
          key={fix.words}
          size="small"
          variant="outlined"
          // The field must not be left before its number is: leaving takes what is typed.
          onMouseDown={(event) => event.preventDefault()}
          onClick={() => dispatch(makeEdit(fix.edit))}
        >
          {fix.words}
        </Button>
      ))}
    </Box>
  );
}
