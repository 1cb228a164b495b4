import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import {
  CARCASS_KINDS,
  carcassIdOf,
  FAMILY_NAMES,
  familyOf,
  namedBays,
  newCarcass,
  newPart,
  newThing,
  EXISTING_KINDS,
  KIND_GROUPS,
  newExisting,
  newOnLeaf,
  newOnWall,
  newStanding,
  type Existing,
  type Bay,
  type Carcass,
  type Item,
  type Mount,
  type Change,
  type Part,
  type Plan,
  type Thing,
  capitalised,
} from '@tarnpass/core';
import { Plus } from 'lucide-react';
import { useState } from 'react';
import { makeEdit } from '../../state/job/edits';
import { useAppDispatch } from '../../state/slices/app';
import { AddMenu } from '../../view/ui/AddMenu';
import type { Stage } from '../../state/view/stages';
import { selected as select } from '../../state/slices/viewSlice';

type Family = Part['family'];

/** What is hung on a first carcass: the first there is. */
const FIRST: Family = FAMILY_NAMES[0]!;
const A_FIRST = familyOf({ family: FIRST }).adds[0]!.words.toLowerCase();

/** Ways to put things in, each one edit after which what came is selected; and what was wrong with the last. */
function useAdding(plan: Plan) {
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
    const part = newPart(plan, FIRST, box);
    const changes = [
      { path: ['carcasses', plan.carcasses.length], after: box },
      { path: ['parts', plan.parts.length], after: part },
    ];
    put(`Add ${box.name} with ${A_FIRST}`, changes, part.id);
  };
  /** One on each of the bays a bay is split into; of bays beside each other as a row. */
  const hangOnEach = (on: Carcass, { split }: Bay, family: Family) => {
    let grown = plan;
    const bays = split?.bays ?? [];
    for (const [i, { id }] of bays.entries()) {
      const part = newPart(grown, family, on, id);
      const made = (split?.way === 'uprights' && familyOf(part).inRow?.(part, i, bays.length)) || part;
      grown = { ...grown, parts: [...grown.parts, made] };
    }
    const made = grown.parts.slice(plan.parts.length);
    const changes = made.map((after, i) => ({ path: ['parts', plan.parts.length + i], after }));
    put(`Hang a row on ${on.name}`, changes, made[0]!.id);
  };
  const choicesFor = (on: Carcass, bay: Bay) =>
    FAMILY_NAMES.filter((family) => familyOf({ family }).mounts.includes('bay')).flatMap((family) => {
      const { adds, inRow } = familyOf({ family });
      const single = adds.map(({ words }) => ({
        words,
        act: () => add('parts', newPart(plan, family, on, bay.id, words)),
      }));
      const row = { words: `${adds[0]!.words} on each of its bays`, act: () => hangOnEach(on, bay, family) };
      return bay.split && inRow ? [row, ...single] : single;
    });
  /** All that can be had of the families that are mounted so, each made by `make`. */
  const mounted = (on: Mount['on'], make: (family: Family, words: string) => Part) =>
    FAMILY_NAMES.filter((family) => familyOf({ family }).mounts.includes(on)).flatMap((family) =>
      familyOf({ family }).adds.map(({ words }) => ({ words, act: () => add('parts', make(family, words)) })),
    );
  const onTop = (on: Carcass) =>
    mounted('top', (family, words) => newPart(plan, family, on, undefined, words));
  const onFloor = mounted('floor', (family, words) => newStanding(plan, family, words));
  const onWall = mounted('wall', (family, words) => newOnWall(plan, family, words));
  const onLeaf = (host: string) =>
    FAMILY_NAMES.flatMap((family) => {
      const part = newOnLeaf(plan, family, host);
      return part ? [{ words: familyOf(part).onLeaf!.words, act: () => add('parts', part) }] : [];
    });
  const carcassKinds = CARCASS_KINDS.map((kind) => ({
    words: capitalised(kind),
    act: () => add('carcasses', newCarcass(plan, kind)),
  }));
  return { add, addBoth, carcassKinds, choicesFor, onFloor, onLeaf, onTop, onWall, wrong };
}

/** What can be put in next, where one is: things under Measure, else carcasses and what hangs on them. */
export function AddBar({ plan, stage, item }: { plan: Plan; stage: Stage; item: Item | undefined }) {
  const { add, addBoth, carcassKinds, choicesFor, onFloor, onLeaf, onTop, onWall, wrong } = useAdding(plan);
  const leafChoices = item?.list === 'existing' || item?.list === 'parts' ? onLeaf(item.value.id) : [];
  const carcass =
    item?.list === 'carcasses'
      ? item.value
      : item?.list === 'parts'
        ? plan.carcasses.find(({ id }) => id === carcassIdOf(item.value))
        : undefined;
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
              {`Add a carcass with ${A_FIRST}`}
            </Button>
          )}
          <AddMenu words="Add a carcass" groups={[{ words: 'What kind', choices: carcassKinds }]} />
          <AddMenu words="Stand on the floor" groups={[{ words: 'What kind', choices: onFloor }]} />
          <AddMenu words="Fix to a wall" groups={[{ words: 'What kind', choices: onWall }]} />
          {leafChoices.length > 0 && (
            <AddMenu words="Hang on it" groups={[{ words: 'On its leaf', choices: leafChoices }]} />
          )}
          {carcass && (
            <AddMenu
              words="Hang on it"
              groups={[
                ...namedBays(carcass).map(({ bay, name }) => ({
                  words: name === 'Whole' ? 'The whole front' : name,
                  choices: choicesFor(carcass, bay),
                })),
                { words: 'On its top', choices: onTop(carcass) },
              ]}
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
    kinds.map((kind) => ({ words: capitalised(kind), act: () => act(kind) }));
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
