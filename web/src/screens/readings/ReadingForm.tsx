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

/** What stands in the form, and what becomes of it: kept, asked about, or refused. */
function useReadingForm({ dimension, units, large = false, others }: Props) {
  const dispatch = useAppDispatch();
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
  const device = useTake(listening, 'mm', dimension.mm, (reading) => {
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
  return {
    ...{ text, setText, place, setPlace, instrument, setInstrument, who, setWho, note, setNote },
    ...{ wrong, keep, device, setListening, field },
    /** Kept once more, it is taken though it was asked about. */
    insists: asked !== undefined && asked === text,
  };
}
type Form = ReturnType<typeof useReadingForm>;

const lineOf = (large: boolean) => ({
  borderBottom: `1.2px solid ${colour('ink')}`,
  px: 0.25,
  minHeight: large ? 48 : 36,
});

/** One reading: typed or taken off a device, where, with what, by whom. Enter keeps it and waits for the next. */
export function ReadingForm(props: Props) {
  const { dimension, units, large = false } = props;
  const id = useId();
  const form = useReadingForm(props);
  const { meter, trouble } = form.device;
  const said = form.wrong ?? trouble;
  return (
    <Box
      component="form"
      aria-label={`Reading of ${dimension.name}`}
      onSubmit={(event: React.FormEvent) => {
        event.preventDefault();
        form.keep();
      }}
      sx={{ display: 'grid', gap: large ? 1.5 : 0.75, py: 1 }}
    >
      <ValueLine form={form} id={id} units={units} large={large} />
      <Places form={form} large={large} />
      <ByWhom form={form} large={large} />
      <Box sx={{ display: 'flex', gap: 1 }}>
        <InputBase
          value={form.note}
          onChange={(event) => form.setNote(event.target.value)}
          placeholder="note"
          inputProps={{ 'aria-label': 'Note', maxLength: 200 }}
          sx={{ ...lineOf(large), flex: 1 }}
        />
        <Button type="submit" variant="contained" sx={large ? { minHeight: 56, px: 4 } : {}}>
          {form.insists ? 'Keep it all the same' : 'Keep'}
        </Button>
      </Box>
      <Typography
        id={`${id}-said`}
        variant="body2"
        role={said ? 'alert' : undefined}
        sx={{ color: said ? 'error.main' : 'text.secondary' }}
      >
        {said ?? meterWords(meter)}
      </Typography>
    </Box>
  );
}

interface LineProps {
  readonly form: Form;
  readonly large: boolean;
}

function ValueLine({ form, id, units, large }: LineProps & { id: string; units: Units }) {
  const { take, meter } = form.device;
  return (
    <Box sx={{ display: 'flex', alignItems: 'center', gap: 1 }}>
      <Typography component="label" htmlFor={`${id}-value`} sx={{ flex: large ? undefined : 1 }}>
        Reads
      </Typography>
      <InputBase
        id={`${id}-value`}
        inputRef={form.field}
        value={form.text}
        onChange={(event) => form.setText(event.target.value)}
        onFocus={() => form.setListening(true)}
        onBlur={() => form.setListening(large)}
        onKeyDown={(event) => {
          if (event.key !== TAKE_KEY) return;
          event.preventDefault();
          take();
        }}
        inputProps={{
          autoComplete: 'off',
          inputMode: units.system === 'mm' ? 'decimal' : 'text',
          'aria-invalid': form.wrong !== undefined,
          'aria-describedby': `${id}-said`,
          style: { textAlign: 'right', ...(large && { fontSize: 34, height: 44 }) },
        }}
        sx={{ ...lineOf(large), width: large ? undefined : 118, flex: large ? 1 : undefined }}
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
  );
}

const Places = ({ form, large }: LineProps) => (
  <ToggleButtonGroup
    exclusive
    value={form.place}
    aria-label="Where it was read"
    onChange={(_event, next: Reading['place'] | null) => next && form.setPlace(next)}
    sx={{ display: 'grid', gridTemplateColumns: `repeat(${large ? 3 : 6}, 1fr)` }}
  >
    {READ_PLACES.map((one) => (
      <ToggleButton key={one} value={one} sx={PLACE}>
        {one}
      </ToggleButton>
    ))}
  </ToggleButtonGroup>
);

const PLACE = {
  minHeight: 44,
  px: 0.5,
  border: `1px solid ${colour('line')} !important`,
  textTransform: 'none',
  fontSize: 14.5,
  color: 'text.primary',
  '&.Mui-selected': { bgcolor: colour('tarnFill'), color: 'text.primary', fontWeight: 700 },
};

function ByWhom({ form, large }: LineProps) {
  const instruments = useApp(({ readings }) => readings.log.instruments);
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: large ? '1fr' : '1fr 1fr', gap: 1 }}>
      <NativeSelect
        value={instruments.some((one) => one.id === form.instrument) ? form.instrument : ''}
        onChange={(event) => form.setInstrument(event.target.value)}
        inputProps={{ 'aria-label': 'Instrument' }}
        disableUnderline
        sx={lineOf(large)}
      >
        <option value="">instrument not told</option>
        {instruments.map((one) => (
          <option key={one.id} value={one.id}>
            {one.name}
          </option>
        ))}
      </NativeSelect>
      <InputBase
        value={form.who}
        onChange={(event) => form.setWho(event.target.value)}
        placeholder="read by"
        inputProps={{ 'aria-label': 'Read by', maxLength: 40 }}
        sx={lineOf(large)}
      />
    </Box>
  );
}

function meterWords(meter: ReturnType<typeof useTake>['meter']): string {
  if (!meter) return 'No meter is at hand: type what the tape says.';
  const link = meter.link === 'lost' ? ', link lost' : '';
  return `${meter.name}: battery ${Math.round(100 * meter.battery)} %${link}.`;
}
