import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { beforeYouMove, type Plan } from '@tarnpass/core';
import { useMemo } from 'react';
import { useScene } from '../../state/view/useScene';
import { colour } from '../theme/palette';

/** What to shut, fasten and see to before a van or a boat moves, in order, each with a square to tick on paper; nothing where none does. */
export function BeforeMove({ plan }: { plan: Plan }) {
  const scene = useScene(plan);
  const steps = useMemo(() => beforeYouMove(plan, scene), [plan, scene]);
  if (steps.length === 0) return null;
  return (
    <Box component="section" aria-label="Before you move" sx={{ breakInside: 'avoid' }}>
      <Typography variant="h3" sx={{ pt: 1 }}>
        Before you move
      </Typography>
      <Box component="ol" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {steps.map(({ item, words }, i) => (
          <Box
            key={`${item} ${words}`}
            component="li"
            sx={{
              display: 'flex',
              alignItems: 'baseline',
              gap: 1.25,
              py: 0.75,
              borderBottom: `1px solid ${colour('line')}`,
            }}
          >
            <Box
              aria-hidden
              sx={{
                flex: 'none',
                width: 14,
                height: 14,
                border: `1.4px solid ${colour('ink')}`,
                alignSelf: 'center',
              }}
            />
            <Typography component="span" sx={{ minWidth: '2ch', color: 'text.secondary' }}>
              {i + 1}
            </Typography>
            <Typography component="span">{words}</Typography>
          </Box>
        ))}
      </Box>
    </Box>
  );
}
