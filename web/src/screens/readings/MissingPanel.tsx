import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import Typography from '@mui/material/Typography';
import type { Missing } from '@tarnpass/core';
import { colour } from '../../view/theme/palette';

/** How many are listed that no answer hangs on. */
const REST = 8;

/** What is still to be measured, the most worth first; choosing one goes there to read it. */
export function MissingPanel({
  missing,
  onChoose,
}: {
  missing: readonly Missing[];
  onChoose(missing: Missing): void;
}) {
  const telling = missing.filter(({ why }) => why !== undefined);
  const rest = missing.filter(({ why }) => why === undefined);
  if (missing.length === 0)
    return <Typography sx={{ py: 2 }}>Every dimension of the space has a reading behind it.</Typography>;
  return (
    <Box sx={{ py: 1 }}>
      <Typography>
        {telling.length > 0
          ? 'These are drawn, not measured, and an answer hangs on each:'
          : 'No answer hangs on what is not measured yet.'}
      </Typography>
      <Box component="ol" aria-label="Still to be measured" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {[...telling, ...rest.slice(0, REST)].map((one, i) => (
          <Box component="li" key={one.key} sx={{ borderBottom: `1px solid ${colour('line')}` }}>
            <ButtonBase
              onClick={() => onChoose(one)}
              sx={{
                width: '100%',
                minHeight: 48,
                py: 0.5,
                gap: 1.25,
                justifyContent: 'flex-start',
                textAlign: 'left',
              }}
            >
              <Worth value={one.worth} />
              <Box sx={{ minWidth: 0 }}>
                <Typography sx={{ fontWeight: i === 0 && one.why ? 680 : 520 }}>{one.name}</Typography>
                <Typography variant="body2">
                  {one.drifted ? 'read once, and changed since; ' : ''}
                  {one.why ?? 'no answer hangs on it'}
                </Typography>
              </Box>
            </ButtonBase>
          </Box>
        ))}
      </Box>
      {rest.length > REST && (
        <Typography variant="body2" sx={{ pt: 1 }}>
          And {rest.length - REST} more that no answer hangs on.
        </Typography>
      )}
    </Box>
  );
}

/** How much hangs on it: notches on a stick, as many as it is worth. */
function Worth({ value }: { value: number }) {
  const notches = Math.ceil(4 * value);
  return (
    <svg width={34} height={26} aria-hidden="true" style={{ flex: 'none' }}>
      <line x1={1} x2={33} y1={20} y2={20} stroke={colour('ink')} strokeWidth={2} />
      {Array.from({ length: notches }, (_, i) => (
        <line key={i} x1={5 + 8 * i} x2={5 + 8 * i} y1={6} y2={20} stroke={colour('ink')} strokeWidth={2.4} />
      ))}
    </svg>
  );
}
