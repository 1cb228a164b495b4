import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { CLIMATES, SCHOOL_QUESTIONS, type Plan } from '@tarnpass/core';
import { Choice } from '../../view/numbers/Choice';
import { LengthField } from '../../view/numbers/Field';

const GAPS = [
  ['running', 'Running gap in a row of fronts'],
  ['around', 'Gap from everything else'],
] as const;
const REACH = [
  ['low', 'Easy reach, from'],
  ['high', 'Easy reach, up to'],
  ['fingers', 'Room for fingers'],
] as const;

const USERS = ['anyone', 'children or frail people'] as const;
/** Moistures a meter shows, percent; none where nobody has one. */
const MADE = [null, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16] as const;
const madeWord = (percent: number | null) => (percent === null ? 'nobody measured' : `${percent} percent`);

/** The job's own ways: the gaps it keeps, who reaches how far, and which school it follows where builders differ. */
export function WaysPanel({ plan }: { plan: Plan }) {
  return (
    <Box sx={{ py: 1 }}>
      <Group words="Gaps">
        {GAPS.map(([key, label]) => (
          <LengthField
            key={key}
            label={label}
            path={['gaps', key]}
            name={label}
            value={plan.gaps[key]}
            units={plan.units}
          />
        ))}
      </Group>
      <Group words="Who uses it">
        {REACH.map(([key, label]) => (
          <LengthField
            key={key}
            label={label}
            path={['reach', key]}
            name={label}
            value={plan.reach[key]}
            units={plan.units}
          />
        ))}
      </Group>
      <Group words="Who and where">
        <Choice
          label="It is used by"
          path={['users']}
          name="It is used by"
          value={plan.users}
          options={USERS}
          meaning={(word) => word}
        />
        <Choice
          label="The room is"
          path={['season', 'climate']}
          name="The room is"
          value={plan.season.climate}
          options={CLIMATES}
          meaning={(word) => word}
        />
        <Choice
          label="Wood is cut at"
          path={['season', 'made']}
          name="Wood is cut at"
          value={madeWord(plan.season.made)}
          options={MADE.map(madeWord)}
          meaning={(word) => MADE.find((percent) => madeWord(percent) === word)}
        />
      </Group>
      <Group words="Where builders differ">
        {SCHOOL_QUESTIONS.map(({ key, label, words }) => (
          <Choice
            key={key}
            label={label}
            path={['schools', key]}
            name={label}
            value={words[plan.schools[key]]!}
            options={Object.values(words)}
            meaning={(word) => Object.keys(words).find((school) => words[school] === word)}
          />
        ))}
        <Typography variant="body2" sx={{ pt: 1 }}>
          A part can go its own way: the choice is on its card too.
        </Typography>
      </Group>
    </Box>
  );
}

function Group({ words, children }: { words: string; children: React.ReactNode }) {
  return (
    <Box component="section" aria-label={words} sx={{ pb: 1.5 }}>
      <Typography variant="h3" sx={{ color: 'text.secondary', pt: 0.5 }}>
        {words}
      </Typography>
      {children}
    </Box>
  );
}
