import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { ApiError, createJob } from '../../api/client';
import { dropDraft } from '../../state/job/draft';
import { mineOnTop, opened } from '../../state/slices/jobSlice';
import { useApp, useAppDispatch } from '../../state/slices/app';

/** Two versions of a job: nothing is saved or dropped until the person says what becomes of each. */
export function ConflictDialog() {
  const dispatch = useAppDispatch();
  const job = useApp(({ job }) => job);
  const [wrong, setWrong] = useState<string>();
  if (job?.saving.kind !== 'conflict') return null;
  const { theirs } = job.saving;
  const when = new Date(theirs.savedAt).toLocaleString();
  const keepAsCopy = async () => {
    try {
      await createJob({ ...job.plan, title: `${job.plan.title.slice(0, 60)} (my copy)` });
      dropDraft(job.id);
      dispatch(opened(theirs));
    } catch (error) {
      if (!(error instanceof ApiError)) throw error;
      setWrong(error.message);
    }
  };
  return (
    <Dialog open aria-labelledby="conflict-title">
      <DialogTitle id="conflict-title" variant="h2">
        This job was also changed elsewhere
      </DialogTitle>
      <DialogContent>
        <Typography>
          Revision {theirs.revision} was saved there ({when}); what you see here builds on revision{' '}
          {job.revision}. Both are kept until you choose.
        </Typography>
        {wrong && (
          <Typography role="alert" sx={{ color: 'error.main', mt: 1 }}>
            {wrong}
          </Typography>
        )}
      </DialogContent>
      <DialogActions sx={{ flexWrap: 'wrap', gap: 1, p: 2 }}>
        <Button onClick={() => void keepAsCopy()}>Keep mine as a copy, show theirs</Button>
        <Button variant="contained" onClick={() => dispatch(mineOnTop())}>
          Put mine on top, theirs stays as revision {theirs.revision}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
