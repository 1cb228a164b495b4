import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { Link, useRouteError } from 'react-router';

/** A screen that could not be drawn: what that means for one's work, and the way on. */
export function BrokenScreen() {
  const error = useRouteError();
  const why = error instanceof Error ? error.message : String(error);
  return (
    <Box component="main" sx={{ p: 4, maxWidth: 720 }}>
      <Typography variant="h1" role="alert">
        This screen stopped
      </Typography>
      <Typography sx={{ mt: 2 }}>
        Nothing of your plan is lost: what was not saved yet is kept in this browser, and is there when the
        page is loaded again.
      </Typography>
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', mt: 2 }}>
        <Button variant="contained" onClick={() => location.reload()}>
          Load the page again
        </Button>
        <Button component={Link} to="/" reloadDocument>
          Back to the jobs
        </Button>
      </Box>
      <Typography variant="body2" sx={{ mt: 4 }}>
        What it said: {why}
      </Typography>
    </Box>
  );
}
