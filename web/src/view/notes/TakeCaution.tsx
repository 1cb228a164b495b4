import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MuiField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import type { NoteFinding } from '@tarnpass/core';
import { useId, useState } from 'react';
import { takeBack, takeCaution } from '../../state/job/cautions';
import { useAppDispatch } from '../../state/slices/app';
import { Wrong } from '../ui/Wrong';

/** A caution that nobody can mend by a number: taken by name and with a reason, which the revision keeps; who took it may put it back. */
export function TakeCaution({ note }: { note: NoteFinding }) {
  const dispatch = useAppDispatch();
  const [asked, setAsked] = useState(false);
  if (note.taken)
    return (
      <Box sx={LINE}>
        <Typography variant="body2" sx={{ flex: 1, minWidth: 0, overflowWrap: 'anywhere' }}>
          Taken by {note.taken.by}: {note.taken.why}
        </Typography>
        <Button className="no-print" size="small" onClick={() => dispatch(takeBack(note.key))}>
          Let it stand again
        </Button>
      </Box>
    );
  if (!asked)
    return (
      <Box className="no-print" sx={LINE}>
        <Button size="small" onClick={() => setAsked(true)}>
          Take it upon me
        </Button>
      </Box>
    );
  return <Asked note={note} onDone={() => setAsked(false)} />;
}

function Asked({ note, onDone }: { note: NoteFinding; onDone(): void }) {
  const dispatch = useAppDispatch();
  const id = useId();
  const [by, setBy] = useState('');
  const [why, setWhy] = useState('');
  const [wrong, setWrong] = useState<string>();
  const take = () => {
    const [issue] = dispatch(takeCaution(note, by, why));
    setWrong(issue?.message);
    if (!issue) onDone();
  };
  return (
    <Box
      component="form"
      aria-label="Take this caution"
      onSubmit={(event: React.FormEvent) => {
        event.preventDefault();
        take();
      }}
      sx={{ pl: 3.5, pb: 1, display: 'grid', gap: 0.75 }}
    >
      <MuiField
        id={`${id}by`}
        label="Your name"
        size="small"
        autoFocus
        value={by}
        onChange={(event) => setBy(event.target.value)}
      />
      <MuiField
        id={`${id}why`}
        label="How it is seen to, or why it may stand"
        size="small"
        multiline
        value={why}
        onChange={(event) => setWhy(event.target.value)}
      />
      <Wrong>{wrong}</Wrong>
      <Box sx={{ display: 'flex', gap: 1 }}>
        <Button type="submit" size="small" variant="contained">
          Take it
        </Button>
        <Button size="small" onClick={onDone}>
          Leave it standing
        </Button>
      </Box>
    </Box>
  );
}

const LINE = { pl: 3.5, pb: 0.75, display: 'flex', alignItems: 'center', gap: 1, flexWrap: 'wrap' };
