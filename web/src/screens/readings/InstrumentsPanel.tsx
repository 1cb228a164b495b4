import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import InputBase from '@mui/material/InputBase';
import NativeSelect from '@mui/material/NativeSelect';
import Typography from '@mui/material/Typography';
import {
  CHECK_ITEM,
  disagreementWords,
  formatLength,
  INSTRUMENT_KINDS,
  instrumentWords,
  isCheck,
  type Instrument,
  type Plan,
} from '@tarnpass/core';
import { Plus, Undo2 } from 'lucide-react';
import { useMemo, useState } from 'react';
import { useApp, useAppDispatch } from '../../state/slices/app';
import { colour } from '../../view/theme/palette';
import { sendMany, takeReading } from '../../state/readings/live';
import { ReadingForm } from './ReadingForm';
import { useSummary } from '../../state/readings/useLog';

/** How an instrument stands that is told in strong words. */
const STRONG = new Set(['off', 'doubted']);
/** What a stand-in for a meter is pointed at before anything was read, mm. */
const USUAL_LENGTH = 1000;
const numberOf = (check: string) => check.slice(CHECK_ITEM.length + 1);

/** Tapes and meters, and whether they agree: the same lengths read with each, least squares, what is off is told. */
export function InstrumentsPanel({ plan }: { plan: Plan }) {
  const dispatch = useAppDispatch();
  const { instruments, readings } = useApp(({ readings: all }) => all.log);
  const { comparison } = useSummary();
  const [wrong, setWrong] = useState<string>();
  const [name, setName] = useState('');
  const [kind, setKind] = useState<Instrument['kind']>('tape');
  const checks = useMemo(
    () => readings.filter((reading) => isCheck(reading) && !reading.withdrawn),
    [readings],
  );
  const lengths = [...new Set(checks.map(({ of }) => of))];
  const [chosen, setChosen] = useState<string>();
  const numbers = lengths.map((of) => Number(numberOf(of)) || 0);
  const next = `${CHECK_ITEM}/${Math.max(0, ...numbers) + 1}`;
  const length = chosen ?? lengths.at(-1) ?? next;
  const say = (mm: number) => formatLength(mm, plan.units, true);
  const fits = new Map(comparison.fits.map((fit) => [fit.id, fit]));
  const names = new Map(instruments.map((one) => [one.id, one.name]));
  const of = (tool: string, at: string) => checks.find((one) => one.instrument === tool && one.of === at)?.mm;
  const here = checks.filter((one) => one.of === length);
  const trusted = instruments.find((one) => one.trusted)?.id;
  const anyTrusted = trusted !== undefined;
  // What is held against the trusted one is told with each instrument.
  const apart = comparison.disagreements.filter(({ id, against }) => id !== trusted && against !== trusted);
  const keep = async (instrument: Instrument) => {
    setWrong(await dispatch(sendMany({ instruments: [instrument], readings: [] })));
  };
  return (
    <Box sx={{ py: 1 }}>
      {instruments.length === 0 && (
        <Typography>
          Enter the tapes and meters you read with. Read the same few lengths with each, short and long, and
          it is told which of them is off, and by how much.
        </Typography>
      )}
      <Box component="ul" aria-label="Instruments" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {instruments.map((one) => (
          <Box component="li" key={one.id} sx={{ borderBottom: `1px solid ${colour('line')}`, py: 0.75 }}>
            <Box sx={{ display: 'flex', alignItems: 'center', gap: 1 }}>
              <Typography sx={{ flex: 1, fontWeight: 620 }}>{one.name}</Typography>
              <Typography variant="body2">{one.kind}</Typography>
              <Button
                size="small"
                variant={one.trusted ? 'contained' : 'text'}
                aria-pressed={one.trusted}
                onClick={() => void keep({ ...one, trusted: !one.trusted })}
              >
                {one.trusted ? 'Trusted' : 'Trust'}
              </Button>
            </Box>
            <Typography
              variant="body2"
              sx={
                STRONG.has(fits.get(one.id)?.standing ?? '') ? { color: 'error.main', fontWeight: 620 } : {}
              }
            >
              {instrumentWords(fits.get(one.id), { trusted: one.trusted, anyTrusted }, say)}
            </Typography>
          </Box>
        ))}
      </Box>
      {apart.map((pair) => (
        <Typography key={`${pair.id} ${pair.against}`} role="alert" sx={{ color: 'error.main', py: 0.5 }}>
          {disagreementWords(pair, (id) => names.get(id) ?? 'An instrument that is gone', say)}
        </Typography>
      ))}
      <Box
        component="form"
        aria-label="New instrument"
        onSubmit={(event: React.FormEvent) => {
          event.preventDefault();
          if (name.trim() === '') return setWrong('Give it a name.');
          void keep({ id: crypto.randomUUID(), name: name.trim(), kind, trusted: false });
          setName('');
        }}
        sx={{ display: 'flex', gap: 1, alignItems: 'center', py: 1 }}
      >
        <InputBase
          value={name}
          onChange={(event) => setName(event.target.value)}
          placeholder="Steel tape, 5 m"
          inputProps={{ 'aria-label': 'Name of the instrument', maxLength: 80 }}
          sx={{ flex: 1, borderBottom: `1.2px solid ${colour('ink')}` }}
        />
        <NativeSelect
          value={kind}
          onChange={(event) => setKind(event.target.value as Instrument['kind'])}
          inputProps={{ 'aria-label': 'Kind of instrument' }}
          disableUnderline
          sx={{ borderBottom: `1.2px solid ${colour('ink')}` }}
        >
          {INSTRUMENT_KINDS.map((one) => (
            <option key={one}>{one}</option>
          ))}
        </NativeSelect>
        <Button type="submit" variant="outlined" startIcon={<Plus size={18} />}>
          Enter
        </Button>
      </Box>
      {wrong && (
        <Typography role="alert" variant="body2" sx={{ color: 'error.main' }}>
          {wrong}
        </Typography>
      )}
      {instruments.length > 0 && (
        <Box component="section" aria-label="The same lengths with each">
          <Typography variant="h3" sx={{ color: 'text.secondary', pt: 1 }}>
            The same lengths with each
          </Typography>
          {lengths.length > 0 && (
            <Box sx={{ overflowX: 'auto' }}>
              <Box
                component="table"
                sx={{
                  borderCollapse: 'collapse',
                  fontSize: 14.5,
                  '& td, & th': {
                    px: 1,
                    py: 0.5,
                    textAlign: 'right',
                    borderBottom: `1px solid ${colour('line')}`,
                  },
                  '& th:first-of-type, & td:first-of-type': { textAlign: 'left' },
                }}
              >
                <thead>
                  <tr>
                    <th>Length</th>
                    {instruments.map((one) => (
                      <th key={one.id}>{one.name}</th>
                    ))}
                  </tr>
                </thead>
                <tbody>
                  {lengths.map((at) => (
                    <tr key={at}>
                      <td>
                        <Button size="small" aria-pressed={at === length} onClick={() => setChosen(at)}>
                          {numberOf(at)}
                        </Button>
                      </td>
                      {instruments.map((one) => {
                        const mm = of(one.id, at);
                        return <td key={one.id}>{mm === undefined ? '·' : say(mm)}</td>;
                      })}
                    </tr>
                  ))}
                </tbody>
              </Box>
            </Box>
          )}
          <Box sx={{ display: 'flex', alignItems: 'center', gap: 1 }}>
            <Typography sx={{ flex: 1 }}>
              Reading length {numberOf(length)}: choose the instrument below
            </Typography>
            <Button size="small" onClick={() => setChosen(next)}>
              Another length
            </Button>
          </Box>
          <ReadingForm
            key={length}
            dimension={{
              key: length,
              name: `length ${numberOf(length)}`,
              mm: here[0]?.mm ?? USUAL_LENGTH,
            }}
            units={plan.units}
            others={here.map(({ mm }) => mm)}
          />
          {here.length > 0 && (
            <Box
              component="ul"
              aria-label={`Read of length ${numberOf(length)}`}
              sx={{ listStyle: 'none', m: 0, p: 0 }}
            >
              {here.map((reading) => (
                <Box
                  component="li"
                  key={reading.id}
                  sx={{ display: 'flex', alignItems: 'center', borderTop: `1px solid ${colour('line')}` }}
                >
                  <Typography sx={{ width: 96, textAlign: 'right', fontWeight: 620, pr: 1 }}>
                    {say(reading.mm)}
                  </Typography>
                  <Typography variant="body2" sx={{ flex: 1 }}>
                    {reading.instrument === null ? 'instrument not told' : names.get(reading.instrument)}
                  </Typography>
                  <IconButton
                    aria-label={`Take back the check of ${say(reading.mm)}`}
                    onClick={() => dispatch(takeReading({ ...reading, withdrawn: true }))}
                  >
                    <Undo2 size={20} strokeWidth={1.8} />
                  </IconButton>
                </Box>
              ))}
            </Box>
          )}
        </Box>
      )}
    </Box>
  );
}
