import type { Carcass } from '../carcass/schema';
import { withMounted } from './hosts';
import { moverIssue } from './mountIssues';
import { moversOf } from './place';
import type { Plan } from './schema';

/** What a carcass may be mounted on, and as it reads in a list. */
export interface MountChoice {
  readonly words: string;
  readonly mount: NonNullable<Carcass['mount']>;
}

/** All that a carcass may be mounted on: other carcasses and what moves, but for what is itself mounted on it. */
export function mountChoices(plan: Plan, carcass: Carcass): MountChoice[] {
  const own = withMounted(plan, [carcass.id]);
  const others = <One extends { readonly id: string }>(list: readonly One[]) =>
    list.filter(({ id }) => !own.has(id));
  const stays = plan.existing.filter(({ state }) => state !== 'to be removed');
  return [
    ...others(plan.carcasses).map(({ id, name }): MountChoice => ({
      words: name,
      mount: { on: 'carcass', host: id },
    })),
    ...[...others(plan.parts), ...others(stays)].flatMap(({ id }) =>
      moversOf(plan, id).flatMap(({ name }, nth): MountChoice[] =>
        moverIssue(plan, { host: id, nth })
          ? []
          : [{ words: name, mount: { on: 'mover', host: id, nth, while: 'shut' } }],
      ),
    ),
  ];
}
