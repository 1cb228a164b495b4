import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import {
  fieldLabel,
  fieldsOf,
  get,
  pathOf,
  type Field as ItemField,
  type Item,
  type Length,
  type Plan,
} from '@tarnpass/core';
import { Choice } from './Choice';
import { LengthField, NumberField, TextField } from './Field';

/** All that can be changed of an item, in its groups; `only` shows one group without its heading. */
export function ItemFields({ plan, item, only }: { plan: Plan; item: Item; only?: string }) {
  const fields = fieldsOf(item).filter(({ group }) => !only || group === only);
  const groups = [...new Set(fields.map(({ group }) => group))];
  return (
    <Box sx={{ columnWidth: only ? undefined : 260, columnGap: 3 }}>
      {groups.map((group) => (
        <Box key={group} component="section" aria-label={group} sx={{ breakInside: 'avoid', mb: 1.5 }}>
          {!only && (
            <Typography variant="h3" sx={{ color: 'text.secondary', pt: 0.5 }}>
              {group}
            </Typography>
          )}
          {fields
            .filter((field) => field.group === group)
            .map((field) => (
              <ItemField key={`${item.id}/${field.path.join('.')}`} plan={plan} item={item} field={field} />
            ))}
        </Box>
      ))}
    </Box>
  );
}

function ItemField({ plan, item, field }: { plan: Plan; item: Item; field: ItemField<unknown> }) {
  const label = fieldLabel(field, item.value);
  const path = [...pathOf(plan, item), ...field.path];
  const shared = { label, path, name: `${item.name}: ${label.toLowerCase()}` };
  const { input } = field;
  const value = get(item.value, field.path);
  if (input === 'length') return <LengthField {...shared} value={value as Length} units={plan.units} />;
  if (input === 'degrees') return <NumberField {...shared} value={value as number} suffix="°" />;
  if (input === 'text') return <TextField {...shared} value={value as string} />;
  return (
    <Choice
      {...shared}
      value={input.word(item.value)}
      options={input.words}
      meaning={(word) => input.value(word, item.value)}
    />
  );
}
