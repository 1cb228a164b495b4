import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { saveAsFile } from '../../state/job/savePlanFile';
import type { OpenJob } from '../../state/slices/jobSlice';
import { useAppDispatch } from '../../state/slices/app';
import { colour } from '../../view/theme/palette';

/** What stands between the plan and the database, while something does: whether it is kept meanwhile, and what to do where it is not. */
export function SavingLine({ job: { saving, kept } }: { job: OpenJob }) {
  const dispatch = useAppDispatch();
  const waits = saving.kind === 'waiting';
  const alone = !kept && saving.kind !== 'saved';
  if (!waits && !alone) return null;
  return (
    <Alert
      severity={alone ? 'warning' : 'info'}
      icon={false}
      variant="outlined"
      sx={{
        mx: 2,
        mb: 1,
        py: 0,
        color: 'text.primary',
        border: `1.4px solid ${colour(alone ? 'heather' : 'ink')}`,
        borderLeftWidth: alone ? 5 : 1.4,
      }}
      action={
        alone && (
          <Button size="small" onClick={() => dispatch(saveAsFile())} sx={{ whiteSpace: 'nowrap' }}>
            Save as a plan file
          </Button>
        )
      }
    >
      {waits && `${saving.why} `}
      {alone
        ? 'This browser keeps nothing for this page: its storage is full or turned off. What is not saved stands on this page alone, so leave it open, or save it as a plan file.'
        : 'Your changes are kept in this browser and saved as soon as it answers.'}
    </Alert>
  );
}
