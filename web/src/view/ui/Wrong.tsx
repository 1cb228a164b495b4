import Typography from '@mui/material/Typography';

/** What is wrong, said at once to who listens. */
export function Wrong({ children }: { children: string | null | undefined }) {
  return children ? (
    <Typography role="alert" variant="body2" sx={{ color: 'error.main', py: 0.5 }}>
      {children}
    </Typography>
  ) : null;
}
