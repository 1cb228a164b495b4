import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import {
  CARCASS_KINDS,
  FAMILY_NAMES,
  familyOf,
  namedBays,
  newCarcass,
  newPart,
  newThing,
  EXISTING_KINDS,
  KIND_GROUPS,
  newExisting,
  type Existing,
  type Bay,
  type Carcass,
  type Item,
  type Change,
  type Part,
  type Plan,
  type Thing,
} from '@tarnpass/core';
import { Plus } from 'lucide-react';
import { useState } from 'react';
import { makeEdit } from '../job/edits';
import { useAppDispatch } from '../store';
import { AddMenu } from '../ui/AddMenu';
import type { Stage } from './stages';
import { selected as select } from './viewSlice';

/** What can be put in next, where one is: things under Measure, else carcasses and what hangs on them. */
export function AddBar({ plan, stage, item }: { plan: Plan; stage: Stage; item: Item | undefined }) {
  const dispatch = useAppDispatch();
  const [wrong, setWrong] = useState<string>();
  const put = (name: string, changes: readonly Change[], then: string) => {
    const issues = dispatch(makeEdit({ name, changes: [...changes] }));
    setWrong(issues[0]?.message);
    if (issues.length === 0) dispatch(select(then));
  };
  const add = (list: 'things' | 'existing' | 'carcasses' | 'parts', value: { id: string; name: string }) =>
    put(`Add ${value.name}`, [{ path: [list, plan[list].length], after: value }], value.id);
  const addBoth = () => {
    const box = newCarcass(plan);
    const part = newPart(plan, 'door', box);
    const changes = [
      { path: ['carcasses', plan.carcasses.length], after: box },
      { path: ['parts', plan.parts.length], after: part },
    ];
    put(`Add ${box.name} with a door`, changes, part.id);
  };
  const carcass =
    item?.list === 'carcasses'
      ? item.value
      : item?.list === 'parts'
        ? plan.carcasses.find(({ id }) => id === item.value.carcass)
        : undefined;
  const hang = (on: Carcass, family: Part['family'], bay: string, leaves: 'one' | 'pair') => {
    const part = newPart(plan, family, on, bay);
    const made = part.family === 'door' ? { ...part, leaves } : part;
    add('parts', made);
  };
  /** A row of doors with even gaps, hinged outward from the middle. */
  const hangRow = (on: Carcass, { split }: Bay) => {
    let grown = plan;
    const bays = split?.bays ?? [];
    for (const [i, { id }] of bays.entries()) {
      const part = newPart(grown, 'door', on, id);
      if (part.family !== 'door') return;
      const side = split?.way === 'uprights' && i >= bays.length / 2 ? 'right' : 'left';
      grown = { ...grown, parts: [...grown.parts, { ...part, hinge: { ...part.hinge, side } }] };
    }
    const made = grown.parts.slice(plan.parts.length);
    const changes = made.map((after, i) => ({ path: ['parts', plan.parts.length + i], after }));
    put(`Hang a row of doors on ${on.name}`, changes, made[0]!.id);
  };
  return (
    <Box sx={{ mt: 'auto', pt: 1.5, display: 'flex', flexWrap: 'wrap', gap: 1 }}>
      {stage === 'measure' ? (
        <AddThing
          onAdd={(kind) => add('things', newThing(plan, kind))}
          onAddMover={(kind) => add('existing', newExisting(plan, kind))}
        />
      ) : (
        <>
          {plan.parts.length === 0 && !carcass && (
            <Button
              variant="outlined"
              size="small"
              startIcon={<Plus size={18} strokeWidth={1.8} />}
              onClick={addBoth}
            >
              Add a carcass with a door
            </Button>
          )}
          <AddMenu
            words="Add a carcass"
            groups={[
              {
                words: 'What kind',
                choices: CARCASS_KINDS.map((kind) => ({
                  words: kind.charAt(0).toUpperCase() + kind.slice(1),
                  act: () => add('carcasses', newCarcass(plan, kind)),
                })),
              },
            ]}
          />
          {carcass && (
            <AddMenu
              words="Hang on it"
              groups={namedBays(carcass).map(({ bay, name }) => ({
                words: name === 'Whole' ? 'The whole front' : name,
                choices: [
                  ...(bay.split
                    ? [{ words: 'A door on each of its bays', act: () => hangRow(carcass, bay) }]
                    : []),
                  { words: 'A door', act: () => hang(carcass, 'door', bay.id, 'one') },
                  { words: 'A pair of doors', act: () => hang(carcass, 'door', bay.id, 'pair') },
                  ...FAMILY_NAMES.filter((family) => family !== 'door').map((family) => ({
                    words: familyOf({ family }).add,
                    act: () => hang(carcass, family, bay.id, 'one'),
                  })),
                ],
              }))}
            />
          )}
        </>
      )}
      {wrong && (
        <Typography role="alert" variant="body2" sx={{ color: 'error.main', flexBasis: '100%' }}>
          {wrong}
        </Typography>
      )}
    </Box>
  );
}

/** Everything a space may have in it, with usual sizes to start from, kind by kind. */
function AddThing({
  onAdd,
  onAddMover,
}: {
  onAdd(kind: Thing['kind']): void;
  onAddMover(kind: Existing['kind']): void;
}) {
  const named = <Kind extends string>(kinds: readonly Kind[], act: (kind: Kind) => void) =>
    kinds.map((kind) => ({ words: kind.charAt(0).toUpperCase() + kind.slice(1), act: () => act(kind) }));
  return (
    <AddMenu
      words="Add a thing"
      groups={[
        { words: 'What moves already', choices: named(EXISTING_KINDS, onAddMover) },
        ...KIND_GROUPS.map(({ words, kinds }) => ({ words, choices: named(kinds, onAdd) })),
      ]}
    />
  );
}
