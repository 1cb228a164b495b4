import Typography from '@mui/material/Typography';
import { useApp } from '../../state/slices/app';

/** Readings that the server does not take, and why: they stay here, and are offered to it again. */
export function NotSent() {
  const trouble = useApp(({ readings }) => readings.trouble);
  const waiting = useApp(({ readings }) => readings.outbox.length);
  const kept = useApp(({ readings }) => readings.kept);
  if (!trouble || waiting === 0) return null;
  return (
    <Typography role="alert" variant="body2" sx={{ color: 'error.main', pt: 1 }}>
      {waiting === 1 ? 'One reading is' : `${waiting} readings are`}{' '}
      {kept
        ? 'kept in this browser and not sent yet.'
        : 'on this page alone and not sent yet: leave it open.'}{' '}
      {trouble}
    </Typography>
  );
}
