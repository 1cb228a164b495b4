import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { cautionsOf, itemsOf, type NoteFinding, type Plan, type Report } from '@tarnpass/core';
import { colour } from '../theme/palette';
import { Swatch } from '../ui/Patterns';
import { TakeCaution } from './TakeCaution';

/** What to heed before anything is cut, fixed or stood on, each with its reason, and who took what upon them. */
export function Cautions({
  plan,
  report,
  toTake = false,
}: {
  plan: Plan;
  report: Report | null;
  /** They may be taken here. */
  toTake?: boolean;
}) {
  const cautions = cautionsOf(report?.notes ?? []);
  if (cautions.length === 0) return null;
  const names = new Map(itemsOf(plan).map(({ id, name }) => [id, name]));
  return (
    <Box component="section" aria-label="Take care">
      <Typography variant="h3" sx={{ pt: 1 }}>
        Take care
      </Typography>
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {cautions.map((note) => (
          <One key={note.key} note={note} of={names.get(note.item) ?? ''} toTake={toTake} />
        ))}
      </Box>
    </Box>
  );
}

const One = ({ note, of, toTake }: { note: NoteFinding; of: string; toTake: boolean }) => (
  <Box component="li" sx={{ borderBottom: `1px solid ${colour('line')}`, breakInside: 'avoid' }}>
    <Box sx={{ display: 'flex', gap: 1.25, py: 0.75 }}>
      <Box sx={{ pt: '3px' }}>
        <Swatch verdict={note.verdict} />
      </Box>
      <Typography sx={{ maxWidth: '86ch' }}>
        <strong>{of}.</strong> {note.sentence}
      </Typography>
    </Box>
    {toTake ? (
      <TakeCaution note={note} />
    ) : (
      note.taken && (
        <Typography variant="body2" sx={{ pl: 3.5, pb: 0.75 }}>
          Taken by {note.taken.by}: {note.taken.why}
        </Typography>
      )
    )}
  </Box>
);
