import { Figures } from '../ui/Figures';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { isCaution, type NoteFinding, type AssumptionFinding } from '@tarnpass/core';
import { TakeCaution } from '../notes/TakeCaution';
import { OfferRows } from '../offers/OfferRows';
import { colour } from '../theme/palette';
import { Swatch } from '../ui/Patterns';

/** What sums tell of a part besides its travel, and the defaults that its answers rest on. */
export function NotesList({
  notes,
  assumptions,
  offers,
}: {
  notes: readonly NoteFinding[];
  assumptions: readonly AssumptionFinding[];
  /** What would mend them is told as well. */
  offers?: boolean;
}) {
  if (notes.length + assumptions.length === 0) return null;
  return (
    <>
      {notes.length > 0 && (
        <Box component="ul" aria-label="What its numbers tell" sx={{ listStyle: 'none', m: 0, p: 0 }}>
          {notes.map((note) => (
            <Box component="li" key={note.key} sx={{ borderBottom: `1px solid ${colour('line')}` }}>
              <Box sx={{ display: 'flex', gap: 1.25, py: 0.75 }}>
                <Box sx={{ pt: '3px' }}>
                  <Swatch verdict={note.verdict} />
                </Box>
                <Typography sx={note.verdict === 'hits' ? { color: 'error.main', fontWeight: 620 } : {}}>
                  <Figures words={note.sentence} />
                </Typography>
              </Box>
              {note.verdict !== 'clear' && offers && !note.taken && (
                <OfferRows finding={note.key} stale={false} />
              )}
              {isCaution(note) && <TakeCaution note={note} />}
            </Box>
          ))}
        </Box>
      )}
      {assumptions.length > 0 && (
        <Typography variant="body2" sx={{ py: 1 }}>
          Nobody confirmed that {assumptions.map(({ words }) => words).join(', or that ')}. To be sure,{' '}
          {assumptions.map(({ measure }) => measure).join(', and ')}.
        </Typography>
      )}
    </>
  );
}
