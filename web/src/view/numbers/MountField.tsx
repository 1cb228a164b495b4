import { mountChoices, type Carcass, type Change, type Plan } from '@tarnpass/core';
import { Choice } from './Choice';
import { distinct } from './distinct';

interface Props {
  readonly label: string;
  readonly path: Change['path'];
  readonly name: string;
  readonly plan: Plan;
  readonly carcass: Carcass;
}

const NOTHING = 'nothing else';

/** What of the plan a carcass is mounted on, by name. */
export function MountField({ plan, carcass, ...shared }: Props) {
  const choices = distinct(
    mountChoices(plan, carcass).map(({ words, mount }) => ({ id: mount.host, words, mount })),
  );
  const { mount } = carcass;
  const now = choices.find(
    (one) =>
      one.id === mount?.host &&
      (mount.on !== 'mover' || (one.mount.on === 'mover' && one.mount.nth === mount.nth)),
  );
  return (
    <Choice
      {...shared}
      value={now?.words ?? NOTHING}
      options={[NOTHING, ...choices.map(({ words }) => words)]}
      meaning={(words) => choices.find((one) => one.words === words)?.mount}
    />
  );
}
