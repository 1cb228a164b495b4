import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { NoteFinding, AssumptionFinding } from '@tarnpass/core';
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
          {notes.map(({ key, verdict, sentence }) => (
            <Box component="li" key={key} sx={{ borderBottom: `1px solid ${colour('line')}` }}>
              <Box sx={{ display: 'flex', gap: 1.25, py: 0.75 }}>
                <Box sx={{ pt: '3px' }}>
                  <Swatch verdict={verdict} />
                </Box>
                <Typography sx={verdict === 'hits' ? { color: 'error.main', fontWeight: 620 } : {}}>
                  {sentence}
                </Typography>
              </Box>
              {verdict !== 'clear' && offers && <OfferRows finding={key} stale={false} />}
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
