import { noteOf, type PartNote } from '../item/note';
import type { Change } from '../item/change';
import type { Issue } from '../item/issue';
import { called } from '../item/called';
import { retimed } from '../motion/retimed';
import { mountOf } from '../parts/contract/mount';
import { JOINED_BY } from '../item/joinedBy';
import { familyOf, type Part } from '../parts/families';
import type { IntendedContact, Mover, MovingBody } from '../scene/scene';
import { leavesBefore } from './behind';
import { hostOf, mountablesOf } from './hosts';
import { moversOf } from './place';
import type { Plan } from './schema';

/** What a part opens with, where it is joined to something: the id of that. */
export const linkedTo = (part: Part): string | undefined =>
  'opensWith' in part ? part.opensWith : undefined;

/** Movers with those that a rod, a cable or a link opens made one with what they open with: each from shut to open at once. */
export function withLinked(plan: Plan, movers: readonly Mover[]): readonly Mover[] {
  const linked = plan.parts.filter(linkedTo);
  if (linked.length === 0) return movers;
  const all = new Map(movers.map((mover) => [mover.id, mover]));
  const goneTo = new Map<string, string>();
  for (const part of linked) {
    const own = movers.find(({ item }) => item === part.id);
    const first = movers.find(({ item }) => item === linkedTo(part));
    if (!own || !first) throw new Error(`${part.id} opens with what does not move: the plan was not read.`);
    all.set(first.id, joined(all.get(first.id)!, own));
    all.delete(own.id);
    goneTo.set(own.id, first.id);
  }
  // What waited for one that is gone waits for what that has become.
  return movers.flatMap(({ id }) => {
    const mover = all.get(id);
    if (!mover) return [];
    if (!mover.behind?.some((one) => goneTo.has(one))) return [mover];
    const behind = new Set(mover.behind.map((one) => goneTo.get(one) ?? one).filter((one) => one !== id));
    return [{ ...mover, behind: [...behind] }];
  });
}

/** A mover with another that goes by its travel. */
function joined(first: Mover, { bodies, contacts, needs, from, to }: Mover): Mover {
  const rate = (to - from) / (first.to - first.from);
  const travelOf = (own: number) => first.from + (own - from) / rate;
  const { around, shell } = needs;
  return {
    ...first,
    bodies: [
      ...first.bodies,
      ...bodies.map((body): MovingBody => ({
        ...body,
        motion: retimed(body.motion, from - rate * first.from, rate),
        ...(shell !== first.needs.shell && { shell: shell ?? around }),
      })),
    ],
    contacts: [
      ...first.contacts,
      ...contacts.map((one): IntendedContact => ({ ...one, from: travelOf(one.from), to: travelOf(one.to) })),
    ],
    needs: { ...first.needs, of: { ...needs.of, ...first.needs.of } },
  };
}

/** Why parts cannot open with what they name. Paths start at the plan; all of them can be laid. */
export function linkIssues(plan: Plan): Issue[] {
  return plan.parts.flatMap((part, i): Issue[] => {
    const linked = linkedTo(part);
    if (!linked) return [];
    const message = linkMessage(plan, part, linked);
    return message === undefined ? [] : [{ path: ['parts', i, 'opensWith'], message }];
  });
}

function linkMessage(plan: Plan, part: Part, item: string): string | undefined {
  const other = plan.parts.find(({ id }) => id === item);
  const there = plan.existing.find(({ id }) => id === item);
  const name = (other ?? there)?.name;
  if (item === part.id) return 'It cannot open with itself.';
  if (name === undefined) return `There is nothing that moves with the id “${item}”.`;
  if (there?.state === 'to be removed') return `“${name}” is to be removed: nothing can open with it.`;
  if (other && linkedTo(other)) return `“${name}” opens with something else already: join it to that.`;
  for (const id of [part.id, item]) {
    const movers = moversOf(plan, id);
    const who = plan.parts.find((one) => one.id === id);
    const called_ = id === part.id ? 'It' : `“${name}”`;
    if (movers.length !== 1 || movers[0]!.goes !== undefined)
      return `${called_} moves in ${movers.length === 0 ? 'no way' : 'more than one way'} of its own, so nothing joins it to another.`;
    if (who && familyOf(who).weighed)
      return `${called_} is lifted, and what helps it is reckoned by itself: join doors, drawers and what slides.`;
    if (leavesBefore(plan).has(id))
      return `${called_} stands behind a leaf, and waits for that: nothing joins it to another.`;
    const rides = who && ['mover', 'edge'].includes(mountOf(who).on);
    if (rides || mountablesOf(plan).some((one) => hostOf(one) === id))
      return `${called_} carries something, or is carried, so nothing joins it to another.`;
  }
  return undefined;
}

/** What is told of a part that opens with another. */
export function linkedNotes(plan: Plan, part: Part): PartNote[] {
  const linked = linkedTo(part);
  const other = linked && [...plan.parts, ...plan.existing].find(({ id }) => id === linked);
  if (!other) return [];
  return [
    noteOf(
      'opening',
      'clear',
      `It opens with the ${called(other.name)}, by ${('joinedBy' in part && part.joinedBy) || JOINED_BY[0]}: both are checked as one, each from shut to open at once. Let the joint be undone without a tool, should one of them jam.`,
      'linked',
    ),
  ];
}

/** Changes that let go of items that are taken out, by what stays and opens with them or covers them. */
export const unlinkChanges = ({ parts }: Pick<Plan, 'parts'>, going: ReadonlySet<string>): Change[] =>
  parts.flatMap((part, i) =>
    going.has(part.id)
      ? []
      : (['opensWith', 'covers'] as const).flatMap((key): Change[] => {
          const before = (part as Partial<Record<typeof key, string>>)[key];
          return before !== undefined && going.has(before) ? [{ path: ['parts', i, key], before }] : [];
        }),
  );
