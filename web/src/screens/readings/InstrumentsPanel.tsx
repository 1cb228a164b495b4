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
  type Reading,
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
  const [wrong, setWrong] = useState<string>();
  const checks = useMemo(
    () => readings.filter((reading) => isCheck(reading) && !reading.withdrawn),
    [readings],
  );
  const say = (mm: number) => formatLength(mm, plan.units, true);
  const names = new Map(instruments.map((one) => [one.id, one.name]));
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
      <Agreement instruments={instruments} names={names} say={say} keep={keep} />
      <NewInstrument keep={keep} onWrong={setWrong} />
      {wrong && (
        <Typography role="alert" variant="body2" sx={{ color: 'error.main' }}>
          {wrong}
        </Typography>
      )}
      {instruments.length > 0 && (
        <SameLengths plan={plan} instruments={instruments} checks={checks} names={names} say={say} />
      )}
    </Box>
  );
}

interface Shown {
  readonly instruments: readonly Instrument[];
  /** What each is called, by its id. */
  readonly names: ReadonlyMap<string, string>;
  say(mm: number): string;
}

/** Each instrument with how it stands, and which of them disagree. */
function Agreement({
  instruments,
  names,
  say,
  keep,
}: Shown & { keep(instrument: Instrument): Promise<void> }) {
  const { comparison } = useSummary();
  const fits = new Map(comparison.fits.map((fit) => [fit.id, fit]));
  const trusted = instruments.find((one) => one.trusted)?.id;
  const anyTrusted = trusted !== undefined;
  // What is held against the trusted one is told with each instrument.
  const apart = comparison.disagreements.filter(({ id, against }) => id !== trusted && against !== trusted);
  const strong = (id: string) => STRONG.has(fits.get(id)?.standing ?? '');
  return (
    <>
      <Box component="ul" aria-label="Instruments" sx={PLAIN_LIST}>
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
            <Typography variant="body2" sx={strong(one.id) ? { color: 'error.main', fontWeight: 620 } : {}}>
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
    </>
  );
}

const PLAIN_LIST = { listStyle: 'none', m: 0, p: 0 };

interface NewProps {
  keep(instrument: Instrument): Promise<void>;
  onWrong(words: string): void;
}

function NewInstrument({ keep, onWrong }: NewProps) {
  const [name, setName] = useState('');
  const [kind, setKind] = useState<Instrument['kind']>('tape');
  return (
    <Box
      component="form"
      aria-label="New instrument"
      onSubmit={(event: React.FormEvent) => {
        event.preventDefault();
        if (name.trim() === '') return onWrong('Give it a name.');
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
  );
}

type SameProps = Shown & { readonly plan: Plan; readonly checks: readonly Reading[] };

/** The lengths that instruments are compared by: the table of them, and one that is being read. */
function SameLengths({ plan, instruments, checks, names, say }: SameProps) {
  const lengths = [...new Set(checks.map(({ of }) => of))];
  const [chosen, setChosen] = useState<string>();
  const numbers = lengths.map((of) => Number(numberOf(of)) || 0);
  const next = `${CHECK_ITEM}/${Math.max(0, ...numbers) + 1}`;
  const length = chosen ?? lengths.at(-1) ?? next;
  const here = checks.filter((one) => one.of === length);
  return (
    <Box component="section" aria-label="The same lengths with each">
      <Typography variant="h3" sx={{ color: 'text.secondary', pt: 1 }}>
        The same lengths with each
      </Typography>
      {lengths.length > 0 && (
        <LengthTable {...{ instruments, checks, lengths, say }} chosen={length} onChoose={setChosen} />
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
        dimension={{ key: length, name: `length ${numberOf(length)}`, mm: here[0]?.mm ?? USUAL_LENGTH }}
        units={plan.units}
        others={here.map(({ mm }) => mm)}
      />
      {here.length > 0 && <ChecksOf length={length} checks={here} names={names} say={say} />}
    </Box>
  );
}

interface TableProps {
  readonly instruments: readonly Instrument[];
  readonly checks: readonly Reading[];
  readonly lengths: readonly string[];
  readonly chosen: string;
  onChoose(length: string): void;
  say(mm: number): string;
}

function LengthTable({ instruments, checks, lengths, chosen, onChoose, say }: TableProps) {
  const readBy = (tool: string, at: string) =>
    checks.find((one) => one.instrument === tool && one.of === at)?.mm;
  return (
    <Box sx={{ overflowX: 'auto' }}>
      <Box component="table" sx={TABLE}>
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
                <Button size="small" aria-pressed={at === chosen} onClick={() => onChoose(at)}>
                  {numberOf(at)}
                </Button>
              </td>
              {instruments.map((one) => {
                const mm = readBy(one.id, at);
                return <td key={one.id}>{mm === undefined ? '·' : say(mm)}</td>;
              })}
            </tr>
          ))}
        </tbody>
      </Box>
    </Box>
  );
}

const TABLE = {
  borderCollapse: 'collapse',
  fontSize: 14.5,
  '& td, & th': { px: 1, py: 0.5, textAlign: 'right', borderBottom: `1px solid ${colour('line')}` },
  '& th:first-of-type, & td:first-of-type': { textAlign: 'left' },
};

type ChecksProps = Pick<Shown, 'names' | 'say'> & {
  readonly length: string;
  readonly checks: readonly Reading[];
};

/** What was read of one length, each to be taken back. */
function ChecksOf({ length, checks, names, say }: ChecksProps) {
  const dispatch = useAppDispatch();
  return (
    <Box component="ul" aria-label={`Read of length ${numberOf(length)}`} sx={PLAIN_LIST}>
      {checks.map((reading) => (
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
  );
}
