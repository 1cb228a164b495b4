import {
  carcassIdOf,
  namedBays,
  planHardware,
  squareWalls,
  type Change,
  type Item,
  type Picked,
  type Plan,
} from '@tarnpass/core';
import { useDrawer } from '../../state/hardware/drawer';
import { makeEdit } from '../../state/job/edits';
import { useAppDispatch } from '../../state/slices/app';
import { Choice } from './Choice';
import { distinct } from './distinct';

interface Props {
  readonly label: string;
  readonly path: Change['path'];
  readonly name: string;
  readonly plan: Plan;
  readonly item: Item;
  readonly pick: Picked<unknown>['pick'];
  readonly kinds: readonly string[] | undefined;
  readonly value: string;
}

/** One of what the plan has, by name: its id is kept. */
export function PickField({ pick, ...props }: Props) {
  if (pick === 'hardware') return <HardwarePick {...props} />;
  return <Named {...props} options={OPTIONS[pick](props)} />;
}

/** What there is to choose from, by what is picked. */
const OPTIONS: Record<Exclude<Props['pick'], 'hardware'>, (props: Omit<Props, 'pick'>) => Option[]> = {
  material: ({ plan, kinds }) => materials(plan, kinds),
  bay: ({ plan, item }) => bays(plan, item),
  wall: ({ plan }) => squareWalls(plan).map(({ id, name }) => ({ id, words: name })),
};

interface Option {
  readonly id: string;
  readonly words: string;
}

function materials({ materials: all }: Plan, kinds: readonly string[] | undefined): Option[] {
  return all
    .filter(({ kind }) => !kinds || kinds.includes(kind))
    .map(({ id, name }) => ({ id, words: name }));
}

function bays(plan: Plan, item: Item): Option[] {
  const carcass =
    item.list === 'parts' ? plan.carcasses.find(({ id }) => id === carcassIdOf(item.value)) : undefined;
  return carcass ? namedBays(carcass).map(({ bay, name }) => ({ id: bay.id, words: name })) : [];
}

function Named({
  options: all,
  value,
  choose,
  label,
  path,
  name,
}: Omit<Props, 'pick'> & {
  options: readonly Option[];
  choose?: (id: string) => ReturnType<ReturnType<typeof makeEdit>>;
}) {
  const options = distinct(all);
  const idOf = (words: string) => options.find((one) => one.words === words)!.id;
  return (
    <Choice
      label={label}
      path={path}
      name={name}
      value={options.find(({ id }) => id === value)?.words ?? value}
      options={options.map(({ words }) => words)}
      meaning={idOf}
      {...(choose && { choose: (words: string) => choose(idOf(words)) })}
    />
  );
}

/** Hardware of a kind: what lies in the drawer first. What is taken from there is copied into the plan. */
function HardwarePick(props: Omit<Props, 'pick'>) {
  const { plan, kinds, path, name, value } = props;
  const dispatch = useAppDispatch();
  const drawer = useDrawer();
  const fits = (kind: string) => !kinds || kinds.includes(kind);
  const inDrawer = drawer.filter(({ item, count }) => count > 0 && fits(item.kind));
  const others = planHardware(plan).all.filter(
    ({ id, kind }) => fits(kind) && !inDrawer.some(({ item }) => item.id === id),
  );
  const options = [
    ...inDrawer.map(({ item, count }) => ({ id: item.id, words: `${item.name}, ${count} in the drawer` })),
    ...others.map(({ id, name: words }) => ({ id, words })),
  ];
  const choose = (id: string) => {
    const taken = inDrawer.find(({ item }) => item.id === id)?.item;
    const i = plan.hardware.findIndex((one) => one.id === id);
    const same = JSON.stringify(plan.hardware[i]) === JSON.stringify(taken);
    const copy: Change[] =
      !taken || same
        ? []
        : i >= 0
          ? [{ path: ['hardware', i], before: plan.hardware[i], after: taken }]
          : [{ path: ['hardware', plan.hardware.length], after: taken }];
    return dispatch(makeEdit({ name, changes: [...copy, { path, before: value, after: id }] }));
  };
  return <Named {...props} options={options} choose={choose} />;
}
