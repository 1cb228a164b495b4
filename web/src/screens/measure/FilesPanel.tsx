import Box from '@mui/material/Box';
import type { Plan } from '@tarnpass/core';
import { MeshFile } from './MeshFile';
import { OutlineFile } from './OutlineFile';
import { ReadingsFile } from './ReadingsFile';

/** What comes in from files and goes out to them: readings, an outline, an obstacle. */
export default function FilesPanel({ plan }: { plan: Plan }) {
  return (
    <Box sx={{ py: 1, display: 'grid', gridTemplateColumns: 'minmax(0, 1fr)', gap: 2 }}>
      <ReadingsFile plan={plan} />
      <OutlineFile plan={plan} />
      <MeshFile plan={plan} />
    </Box>
  );
}
