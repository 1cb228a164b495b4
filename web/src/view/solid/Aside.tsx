import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';

/** Where this browser draws no solids: the flat views go on, and say so. */
export function Aside({ onRetry }: { onRetry(): void }) {
  return (
    <Box sx={{ pt: '48px', px: 2 }} role="status">
      <Typography>
        This browser cannot draw solids just now (no WebGL). Plan, front and section show the same, and the
        answers are the same.
      </Typography>
      <Button onClick={onRetry} sx={{ mt: 1 }}>
        Try again
      </Button>
    </Box>
  );
}
