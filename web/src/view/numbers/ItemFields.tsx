import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import {
  fieldLabel,
  wordsFor,
  fieldsOf,
  UNDER_WAY,
  get,
  pathOf,
  type Carcass,
  type Change,
  type Field as ItemField,
  type Item,
  type Length,
  type OffsetThing,
  type Plan,
} from '@tarnpass/core';
import { memo } from 'react';
import { Choice } from './Choice';
import { LengthField, NumberField, OptionalLengthField, TextField } from './Field';
import { PickField } from './PickField';
import { MountField } from './MountField';
import { OffsetsField } from './OffsetsField';

/** All that can be changed of an item, in its groups; `only` shows one group without its heading. */
export const ItemFields = memo(function ItemFields({
  plan,
  item,
  only,
}: {
  plan: Plan;
  item: Item;
  only?: string;
}) {
  const moves = Boolean(plan.space.carries);
  const fields = fieldsOf(item).filter(
    ({ group }) => (!only || group === only) && (moves || group !== UNDER_WAY),
  );
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
});

function ItemField({ plan, item, field }: { plan: Plan; item: Item; field: ItemField<unknown> }) {
  const label = fieldLabel(field, item.value);
  const path = [...pathOf(plan, item), ...field.path];
  const shared = { label, path, name: `${item.name}: ${label.toLowerCase()}` };
  const { input } = field;
  const value = get(item.value, field.path);
  if (input === 'length') {
    const size = item.list === 'space' && field.path.length === 1 ? (field.path[0] as 'width') : undefined;
    return <LengthField {...shared} value={value as Length} units={plan.units} {...(size && { size })} />;
  }
  if (input === 'length or none')
    return <OptionalLengthField {...shared} value={value as Length | undefined} units={plan.units} />;
  if (input === 'count') return <NumberField {...shared} value={value as number} suffix="" />;
  if (input === 'offsets')
    return <OffsetsField {...shared} thing={item.value as OffsetThing} units={plan.units} />;
  if (input === 'part') return <PartChoice {...shared} plan={plan} value={value as string | undefined} />;
  if (input === 'mount') return <MountField {...shared} plan={plan} carcass={item.value as Carcass} />;
  if (input === 'degrees') return <NumberField {...shared} value={value as number} suffix="°" />;
  if (input === 'text') return <TextField {...shared} value={value as string} />;
  if ('pick' in input)
    return (
      <PickField
        {...shared}
        plan={plan}
        item={item}
        pick={input.pick}
        kinds={input.kinds?.(item.value)}
        value={value as string}
      />
    );
  return (
    <Choice
      {...shared}
      value={input.word(item.value)}
      options={wordsFor(input, item.value)}
      meaning={(word) => input.value(word, item.value, plan.materials)}
    />
  );
}

/** Which part is open while a place is reached. */
function PartChoice({
  plan,
  value,
  ...shared
}: {
  plan: Plan;
  value: string | undefined;
  label: string;
  path: Change['path'];
  name: string;
}) {
  const movers = [...plan.parts, ...plan.existing];
  const none = 'nothing';
  return (
    <Choice
      {...shared}
      value={movers.find(({ id }) => id === value)?.name ?? none}
      options={[none, ...movers.map((mover) => mover.name)]}
      meaning={(word) => movers.find((mover) => mover.name === word)?.id}
    />
  );
}
