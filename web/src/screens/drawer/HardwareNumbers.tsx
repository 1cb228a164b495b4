import Box from '@mui/material/Box';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import Typography from '@mui/material/Typography';
import {
  formatLength,
  numbersOf,
  parseLength,
  parseNumber,
  type Hardware,
  type HardwareNumber,
  type Issue,
  type Units,
} from '@tarnpass/core';
import { Field } from '../../view/numbers/Field';

interface Props {
  readonly item: Hardware;
  readonly units: Units;
  /** Takes the piece as it is to be; what is wrong with it. */
  onChange(next: Hardware): readonly Issue[];
}

/** Units that stand behind the figure; lengths carry their own, all others stand in the label. */
const SUFFIX: Partial<Record<HardwareNumber['unit'], string>> = { deg: '°', '%': ' %', times: ' times' };
const inLabel = (unit: HardwareNumber['unit']) =>
  unit !== 'mm' && unit !== 'count' && SUFFIX[unit] === undefined;

/** Every number of a piece of hardware, its lengths in the units of the reader. */
export function HardwareNumbers({ item, units, onChange }: Props) {
  const values = item as unknown as Readonly<Record<string, number>>;
  const first = (issues: readonly Issue[]) => issues[0] && { message: issues[0].message };
  return (
    <Box component="section" aria-label={item.name} sx={{ pt: 1.5 }}>
      <Typography variant="h3" sx={{ color: 'text.secondary' }}>
        {item.name}
      </Typography>
      <Field label="Name" shown={item.name} words take={(text) => first(onChange({ ...item, name: text }))} />
      <FormControlLabel
        control={
          <Checkbox
            checked={item.confirmed}
            onChange={(event) => onChange({ ...item, confirmed: event.target.checked })}
          />
        }
        label="Held against its maker’s sheet"
      />
      <Box sx={{ columnWidth: 260, columnGap: 3 }}>
        {numbersOf(item.kind).map(([field, { label, unit }]) => {
          const value = values[field]!;
          const take = (text: string) => {
            const read =
              unit === 'mm' ? parseLength(text, units.system) : parseNumber(text.replace(/°|%|times/g, ''));
            if (!read.ok) return read;
            return first(onChange({ ...item, [field]: 'mm' in read ? read.mm : read.value } as Hardware));
          };
          return (
            <Field
              key={field}
              label={inLabel(unit) ? `${label}, ${unit}` : label}
              shown={unit === 'mm' ? formatLength(value, units) : String(value)}
              {...(SUFFIX[unit] && { suffix: SUFFIX[unit] })}
              take={take}
            />
          );
        })}
      </Box>
    </Box>
  );
}
