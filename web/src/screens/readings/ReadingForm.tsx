import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import InputBase from '@mui/material/InputBase';
import NativeSelect from '@mui/material/NativeSelect';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import {
  checkDoubt,
  formatLength,
  parseLength,
  READ_PLACES,
  unitDoubt,
  type Dimension,
  type Reading,
  type Units,
} from '@tarnpass/core';
import { Crosshair } from 'lucide-react';
import { useId, useRef, useState } from 'react';
import { useApp, useAppDispatch } from '../../state/slices/app';
import { colour } from '../../view/theme/palette';
import { browserStore } from '../../browser/browserStore';
import { instrumentOf } from '../../state/readings/instruments';
import { takeReading } from '../../state/readings/live';
import { TAKE_KEY, useTake } from '../../state/readings/useTake';

interface Props {
  readonly dimension: Pick<Dimension, 'key' | 'name' | 'mm'>;
  readonly units: Units;
  /** On a phone everything is for a thumb. */
  readonly large?: boolean;
  /** What others read of a length that instruments are compared by: it has no plan's number to be held against. */
  readonly others?: readonly number[];
}

const WHO = 'tarnpass-who';
const keptWho = () => browserStore.get(WHO) ?? '';

/** One reading: typed or taken off a device, where, with what, by whom. Enter keeps it and waits for the next. */
export function ReadingForm({ dimension, units, large = false, others }: Props) {
  const id = useId();
  const dispatch = useAppDispatch();
  const instruments = useApp(({ readings }) => readings.log.instruments);
  const [text, setText] = useState('');
  const [place, setPlace] = useState<Reading['place']>('middle');
  const [instrument, setInstrument] = useState<string>('');
  const [who, setWho] = useState(keptWho);
  const [note, setNote] = useState('');
  const [wrong, setWrong] = useState<string>();
  /** The text that was asked about, and is taken as it is if it is kept once more. */
  const [asked, setAsked] = useState<string>();
  const [listening, setListening] = useState(large);
  const field = useRef<HTMLInputElement>(null);

  const { meter, take, trouble } = useTake(listening, 'mm', dimension.mm, (reading) => {
    setText(formatLength(reading.value, { system: 'mm', step: 0.1 }) + (units.system === 'mm' ? '' : ' mm'));
    setWrong(undefined);
    const tool = dispatch(instrumentOf(reading));
    if (tool) setInstrument(tool.id);
    field.current?.focus();
  });

  const refuse = (words: string) => {
    setWrong(words);
    field.current?.focus();
  };
  const keep = () => {
    const read = parseLength(text, units.system);
    if (!read.ok) return refuse(read.message);
    if (read.mm <= 0) return refuse('A reading must be more than 0.');
    const doubt = others ? checkDoubt(read.mm, others, units) : unitDoubt(read.mm, dimension.mm, units);
    if (doubt && asked !== text) {
      setAsked(text);
      return refuse(doubt);
    }
    setWrong(undefined);
    setAsked(undefined);
    browserStore.set(WHO, who);
    dispatch(
      takeReading({
        id: crypto.randomUUID(),
        of: dimension.key,
        mm: read.mm,
        place,
        instrument: instrument || null,
        who: who.trim(),
        at: new Date().toISOString(),
        note: note.trim(),
        withdrawn: false,
      }),
    );
    setText('');
    setNote('');
    field.current?.focus();
  };
  const line = { borderBottom: `1.2px solid ${colour('ink')}`, px: 0.25, minHeight: large ? 48 : 36 };
  return (
    <Box
      component="form"
      aria-label={`Reading of ${dimension.name}`}
      onSubmit={(event: React.FormEvent) => {
        event.preventDefault();
        keep();
      }}
      sx={{ display: 'grid', gap: large ? 1.5 : 0.75, py: 1 }}
    >
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 1 }}>
        <Typography component="label" htmlFor={`${id}-value`} sx={{ flex: large ? undefined : 1 }}>
          Reads
        </Typography>
        <InputBase
          id={`${id}-value`}
          inputRef={field}
          value={text}
          onChange={(event) => setText(event.target.value)}
          onFocus={() => setListening(true)}
          onBlur={() => setListening(large)}
          onKeyDown={(event) => {
            if (event.key !== TAKE_KEY) return;
            event.preventDefault();
            take();
          }}
          inputProps={{
            autoComplete: 'off',
            inputMode: units.system === 'mm' ? 'decimal' : 'text',
            'aria-invalid': wrong !== undefined,
            'aria-describedby': `${id}-said`,
            style: { textAlign: 'right', ...(large && { fontSize: 34, height: 44 }) },
          }}
          sx={{ ...line, width: large ? undefined : 118, flex: large ? 1 : undefined }}
        />
        <Button
          variant="outlined"
          onClick={take}
          // The field keeps the focus, so that Enter keeps what comes.
          onMouseDown={(event) => event.preventDefault()}
          startIcon={<Crosshair size={20} strokeWidth={1.8} />}
          aria-label={`Take off the meter, ${TAKE_KEY}`}
          disabled={!meter}
          sx={{ minWidth: 96 }}
        >
          {large ? 'Take' : `Take ${TAKE_KEY}`}
        </Button>
      </Box>
      <ToggleButtonGroup
        exclusive
        value={place}
        aria-label="Where it was read"
        onChange={(_event, next: Reading['place'] | null) => next && setPlace(next)}
        sx={{ display: 'grid', gridTemplateColumns: `repeat(${large ? 3 : 6}, 1fr)` }}
      >
        {READ_PLACES.map((one) => (
          <ToggleButton
            key={one}
            value={one}
            sx={{
              minHeight: 44,
              px: 0.5,
              border: `1px solid ${colour('line')} !important`,
              textTransform: 'none',
              fontSize: 14.5,
              color: 'text.primary',
              '&.Mui-selected': { bgcolor: colour('tarnFill'), color: 'text.primary', fontWeight: 700 },
            }}
          >
            {one}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
      <Box sx={{ display: 'grid', gridTemplateColumns: large ? '1fr' : '1fr 1fr', gap: 1 }}>
        <NativeSelect
          value={instruments.some((one) => one.id === instrument) ? instrument : ''}
          onChange={(event) => setInstrument(event.target.value)}
          inputProps={{ 'aria-label': 'Instrument' }}
          disableUnderline
          sx={line}
        >
          <option value="">instrument not told</option>
          {instruments.map((one) => (
            <option key={one.id} value={one.id}>
              {one.name}
            </option>
          ))}
        </NativeSelect>
        <InputBase
          value={who}
          onChange={(event) => setWho(event.target.value)}
          placeholder="read by"
          inputProps={{ 'aria-label': 'Read by', maxLength: 40 }}
          sx={line}
        />
      </Box>
      <Box sx={{ display: 'flex', gap: 1 }}>
        <InputBase
          value={note}
          onChange={(event) => setNote(event.target.value)}
          placeholder="note"
          inputProps={{ 'aria-label': 'Note', maxLength: 200 }}
          sx={{ ...line, flex: 1 }}
        />
        <Button type="submit" variant="contained" sx={large ? { minHeight: 56, px: 4 } : {}}>
          {asked !== undefined && asked === text ? 'Keep it all the same' : 'Keep'}
        </Button>
      </Box>
      <Typography
        id={`${id}-said`}
        variant="body2"
        role={wrong || trouble ? 'alert' : undefined}
        sx={{ color: wrong || trouble ? 'error.main' : 'text.secondary' }}
      >
        {wrong ?? trouble ?? meterWords(meter)}
      </Typography>
    </Box>
  );
}

function meterWords(meter: ReturnType<typeof useTake>['meter']): string {
  if (!meter) return 'No meter is at hand: type what the tape says.';
  const link = meter.link === 'lost' ? ', link lost' : '';
  return `${meter.name}: battery ${Math.round(100 * meter.battery)} %${link}.`;
}
