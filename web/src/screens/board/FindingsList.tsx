import { Figures } from '../../view/ui/Figures';
import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import Typography from '@mui/material/Typography';
import type { Finding, PartReport } from '@tarnpass/core';
import { useState } from 'react';
import { DASHES } from '../../view/chart/dashes';
import { useAppDispatch } from '../../state/slices/app';
import { OfferRows } from '../../view/offers/OfferRows';
import { colour } from '../../view/theme/palette';
import { Swatch } from '../../view/ui/Patterns';
import { moved } from '../../state/slices/viewSlice';

/** What a part meets, worst first, each a sentence; choosing one opens the part to where it is. */
export function FindingsList({ part: { findings, check }, stale }: { part: PartReport; stale: boolean }) {
  const dispatch = useAppDispatch();
  const [chosen, setChosen] = useState<string>();
  // The chart draws the first few that have a curve; each line shows the dashes of its own.
  const curves = check.encounters.filter(({ curve }) => curve.length > 0);
  const dashesOf = ({ moving, still }: Finding) =>
    DASHES[curves.findIndex((one) => one.moving === moving && one.still === still)];
  if (findings.length === 0)
    return <Typography sx={{ py: 1 }}>Nothing comes near it all the way.</Typography>;
  return (
    <Box
      component="ul"
      aria-label="What it meets"
      sx={{ listStyle: 'none', m: 0, p: 0, opacity: stale ? 0.55 : 1 }}
    >
      {findings.map((finding) => (
        <OneFinding
          key={finding.key}
          finding={finding}
          dashes={dashesOf(finding)}
          pressed={chosen === finding.key}
          stale={stale}
          onPress={() => {
            setChosen(finding.key);
            dispatch(moved({ part: finding.part, travel: finding.travel }));
          }}
        />
      ))}
    </Box>
  );
}

interface OneProps {
  readonly finding: Finding;
  /** Of its curve in the chart. */
  readonly dashes: readonly number[] | undefined;
  readonly pressed: boolean;
  readonly stale: boolean;
  onPress(): void;
}

/** One thing that is met; pressed, the part goes where it meets it. What would mend it is under it. */
function OneFinding({ finding: { key, verdict, sentence }, dashes, pressed, stale, onPress }: OneProps) {
  return (
    <Box component="li" sx={{ borderBottom: `1px solid ${colour('line')}` }}>
      <ButtonBase onClick={onPress} aria-pressed={pressed} sx={FINDING}>
        <Box sx={{ pt: '3px' }}>
          <Swatch verdict={verdict} />
          {dashes && (
            <svg width={16} height={8} aria-hidden="true" style={{ display: 'block' }}>
              <line
                x1={0}
                x2={16}
                y1={5}
                y2={5}
                strokeWidth={1.8}
                strokeDasharray={dashes.join(' ')}
                stroke={colour(verdict === 'hits' ? 'heather' : 'tarn')}
              />
            </svg>
          )}
        </Box>
        <Typography
          sx={{
            fontWeight: verdict === 'hits' ? 620 : 450,
            color: verdict === 'hits' ? 'error.main' : 'text.primary',
          }}
        >
          <Figures words={sentence} />
        </Typography>
      </ButtonBase>
      {verdict !== 'clear' && <OfferRows finding={key} stale={stale} />}
    </Box>
  );
}

const FINDING = {
  width: '100%',
  minHeight: 44,
  py: 0.75,
  gap: 1.25,
  justifyContent: 'flex-start',
  textAlign: 'left',
  alignItems: 'flex-start',
} as const;
