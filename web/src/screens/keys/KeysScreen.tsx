import Box from '@mui/material/Box';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import Button from '@mui/material/Button';
import { colour } from '../../view/theme/palette';
import { COMMAND_IDS, COMMANDS, keyText, PLACE_KEYS, singleKeys } from '../../view/commands/commands';

/** Every key, by what it is for; single keys can be turned off. */
export function KeysScreen() {
  const navigate = useNavigate();
  const [single, setSingle] = useState(singleKeys.on);
  const groups = [...new Set(COMMAND_IDS.map((id) => COMMANDS[id].group))];
  const places = [...new Set(PLACE_KEYS.map(([place]) => place))];
  return (
    <Box component="main" sx={{ maxWidth: 1080, mx: 'auto', p: 3 }}>
      <Typography variant="h1">Keys</Typography>
      <Typography sx={{ maxWidth: 640, mt: 0.5 }}>
        All of Tarnpass can be done without a pointer: Tab goes from one thing to the next, and these go
        straight to it.
      </Typography>
      <FormControlLabel
        sx={{ my: 1 }}
        control={
          <Checkbox
            checked={single}
            onChange={(_event, on) => {
              singleKeys.set(on);
              setSingle(on);
            }}
          />
        }
        label="Single keys count (without Ctrl)"
      />
      <Box sx={{ columnWidth: 320, columnGap: 4 }}>
        {groups.map((group) => (
          <KeyTable
            key={group}
            title={group}
            rows={COMMAND_IDS.filter((id) => COMMANDS[id].group === group && COMMANDS[id].keys).map((id) => [
              keyText(COMMANDS[id].keys),
              COMMANDS[id].words,
            ])}
          />
        ))}
        {places.map((place) => (
          <KeyTable
            key={place}
            title={place}
            rows={PLACE_KEYS.filter(([at]) => at === place).map(([, keys, words]) => [keys, words])}
          />
        ))}
      </Box>
      <Box sx={{ display: 'flex', gap: 2, mt: 1 }}>
        <Button variant="contained" onClick={() => void navigate(-1)}>
          Back
        </Button>
        <Button component={Link} to="/">
          All jobs
        </Button>
      </Box>
    </Box>
  );
}

function KeyTable({ title, rows }: { title: string; rows: readonly (readonly [string, string])[] }) {
  return (
    <Box component="section" aria-label={title} sx={{ breakInside: 'avoid', mb: 2 }}>
      <Typography variant="h2" sx={{ borderBottom: `2.4px solid ${colour('ink')}`, pb: 0.5 }}>
        {title}
      </Typography>
      <Box component="table" sx={{ borderCollapse: 'collapse', width: 1 }}>
        <tbody>
          {rows.map(([keys, words]) => (
            <Box component="tr" key={`${keys} ${words}`} sx={{ borderBottom: `1px solid ${colour('line')}` }}>
              <Box
                component="th"
                scope="row"
                sx={{ textAlign: 'left', py: 0.75, pr: 2, width: 132, fontWeight: 700, whiteSpace: 'nowrap' }}
              >
                {keys}
              </Box>
              <td>{words}</td>
            </Box>
          ))}
        </tbody>
      </Box>
    </Box>
  );
}
