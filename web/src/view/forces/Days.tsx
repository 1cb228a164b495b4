import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { capitalised, forceText, type Balanced, type Units } from '@tarnpass/core';
import { colour } from '../theme/palette';

interface Props {
  readonly weathers: readonly Balanced[];
  readonly shown: string;
  readonly units: Units;
  readonly opens: 'up' | 'down';
  onShow(key: string): void;
}

const OPEN_WORDS = {
  falls: 'falls',
  'may fall': 'may fall',
  stays: 'stays',
  'may move': 'may move',
  'may rise': 'stays',
  rises: 'stays',
} as const;

/** What it takes on a cold day, on a warm one, after its years, with a strut failed: one line each, to be looked at on the chart. */
export function Days({ weathers, shown, units, opens, onShow }: Props) {
  return (
    <Box component="table" aria-label="What happens if" sx={TABLE}>
      <thead>
        <tr>
          <th scope="col">What happens</th>
          <th scope="col">{opens === 'up' ? 'lift' : 'pull'}</th>
          <th scope="col">shut</th>
          <th scope="col">let down</th>
          {opens === 'up' && <th scope="col">open it</th>}
        </tr>
      </thead>
      <tbody>
        {weathers.map(({ weather, hand, open }) => (
          <tr key={weather.key} aria-current={weather.key === shown}>
            <th scope="row">
              <Box
                component="button"
                type="button"
                aria-pressed={weather.key === shown}
                onClick={() => onShow(weather.key)}
                sx={BUTTON}
              >
                {capitalised(weather.words)}
              </Box>
            </th>
            {[hand.lift, hand.push, hand.back].map(({ most }, i) => (
              <td key={i}>{most > 0.5 ? forceText(most, units) : '0'}</td>
            ))}
            {opens === 'up' && (
              <td>
                <Typography
                  component="span"
                  sx={{
                    fontWeight: open === 'falls' ? 700 : 450,
                    color: open === 'falls' ? 'error.main' : 'inherit',
                  }}
                >
                  {OPEN_WORDS[open]}
                </Typography>
              </td>
            )}
          </tr>
        ))}
      </tbody>
    </Box>
  );
}

const TABLE = {
  width: '100%',
  borderCollapse: 'collapse',
  mt: 0.5,
  '& th, & td': {
    borderBottom: `1px solid ${colour('line')}`,
    textAlign: 'right',
    py: 0.25,
    fontWeight: 450,
  },
  '& thead th': { color: 'text.secondary', fontSize: 13.5 },
  '& th:first-of-type': { textAlign: 'left' },
  '& td': { fontVariantNumeric: 'tabular-nums', whiteSpace: 'nowrap' },
  '& tr[aria-current=true]': { bgcolor: 'var(--tarnSoft)' },
} as const;
const BUTTON = {
  all: 'unset',
  cursor: 'pointer',
  display: 'flex',
  alignItems: 'center',
  minHeight: 36,
  width: '100%',
  '&:focus-visible': { outline: `3px solid ${colour('ink')}`, outlineOffset: 2 },
  '&[aria-pressed=true]': { fontWeight: 700 },
} as const;
