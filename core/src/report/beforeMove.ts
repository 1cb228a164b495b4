import { called } from '../item/called';
import { familyOf } from '../parts/families';
import type { Plan } from '../plan/schema';
import { byWaiting, type Mover, type Scene } from '../scene/scene';
import { burns, catchesOf } from './underWay';

/** One thing to do before a vehicle or a boat moves: what it is of, and how it reads. */
export interface MoveStep {
  readonly item: string;
  readonly words: string;
}

/** What to shut, fasten and see to before it moves, in order: what comes out from behind a leaf goes in before that is shut. */
export function beforeYouMove(plan: Plan, { movers }: Scene): MoveStep[] {
  if (!plan.space.carries) return [];
  const inOrder = byWaiting(movers)
    .map((level) => level.map(([mover]) => mover))
    .reverse()
    .flat()
    .filter(({ goes }) => goes === undefined);
  return [
    ...inOrder.map((mover) => shutStep(plan, mover)),
    { item: 'space', words: 'Nothing stands free: on tables, in open shelves, on the floor.' },
    ...(burns(plan) ? [{ item: 'space', words: 'All that burns is off, and the gas bottle is shut.' }] : []),
    ...plan.things
      .filter(({ kind, state }) => kind === 'valve' && state !== 'to be removed')
      .map(({ id, name }) => ({
        item: id,
        words: `A hand comes to the ${called(name)} with all of it shut.`,
      })),
    { item: 'space', words: 'Belts are free, and so is the way out through every door and hatch.' },
  ];
}

function shutStep(plan: Plan, mover: Mover): MoveStep {
  const { item, name } = mover;
  const part = plan.parts.find(({ id }) => id === item);
  const there = plan.existing.find(({ id }) => id === item);
  const catches = catchesOf(plan, part ?? there);
  const held = catches
    ? `, and fasten ${catches.count === 1 ? `its ${called(catches.hardware.name)}` : `${catches.count} of ${called(catches.hardware.name)}`}`
    : '';
  return { item, words: `${(part && familyOf(part).stow) ?? 'Shut'} the ${called(name)}${held}.` };
}
