import type { Issue } from '../item/issue';
import { mountOf } from '../parts/contract/mount';
import type { Part } from '../parts/families';
import { hostOf, hostsFirst, mountablesOf, type Mountable } from './hosts';
import { itemsOf, type Item } from './items';
import { moversOf } from './place';
import type { Plan } from './schema';

/**
 * What of the mounts of a plan can be told without laying anything: hosts that are not there, are no such thing, or will be gone, and
 * items that are mounted on each other in a ring. Paths start at the plan.
 */
export function hostIssues(plan: Plan): Issue[] {
  const inOrder = new Set(hostsFirst(plan));
  const hosts = new Map(itemsOf(plan).map((item) => [item.id, item]));
  return mountablesOf(plan).flatMap((item): Issue[] => {
    const message = hostMessage(hosts, item) ?? (inOrder.has(item) ? undefined : ringMessage(plan, item));
    return message === undefined ? [] : [{ path: [...pathOf(plan, item), 'mount', hostKey(item)], message }];
  });
}

const pathOf = (plan: Plan, item: Mountable) =>
  'family' in item
    ? (['parts', plan.parts.indexOf(item)] as const)
    : (['carcasses', plan.carcasses.indexOf(item)] as const);

const hostKey = ({ mount }: Mountable) => (mount && 'carcass' in mount ? 'carcass' : 'host');

function hostMessage(hosts: ReadonlyMap<string, Item>, item: Mountable): string | undefined {
  const id = hostOf(item);
  if (id === undefined) return undefined;
  const onCarcass = 'family' in item ? 'carcass' in item.mount : item.mount?.on === 'carcass';
  const host = hosts.get(id);
  if (onCarcass && host?.list !== 'carcasses') return `There is no carcass with the id “${id}”.`;
  if (!host) return `There is nothing with the id “${id}” to be mounted on.`;
  if (host.list === 'space' || host.list === 'things')
    return `“${host.name}” is nothing that anything can be mounted on.`;
  if (host.list === 'existing' && host.value.state === 'to be removed')
    return `“${host.name}” is to be removed: nothing can be mounted on it.`;
  return undefined;
}

/** The items of a ring by name, from one round to itself again. */
function ringMessage(plan: Plan, item: Mountable): string {
  const items = mountablesOf(plan);
  const names: string[] = [];
  const met = new Set<string>();
  for (let one: Mountable | undefined = item; one && !met.has(one.id);) {
    met.add(one.id);
    names.push(`“${one.name}”`);
    const host = hostOf(one);
    one = items.find(({ id }) => id === host);
  }
  return names.length === 1
    ? `${names[0]!} cannot be mounted on itself.`
    : `These are mounted on each other in a ring: ${names.join(', ')}. One of them must stand on something else.`;
}

/** Why a part has no place though its host is laid: that has no such edge, face or mover. Paths start at the part. */
export function groundIssue(plan: Plan, part: Part): Issue {
  const mount = mountOf(part);
  const named = (id: string) => itemsOf(plan).find((one) => one.id === id)!.name;
  switch (mount.on) {
    case 'edge':
      return {
        path: ['mount', 'edge'],
        message: `“${named(mount.host)}” has no top whose ${mount.edge} edge could carry it.`,
      };
    case 'mover':
      return (
        moverIssue(plan, mount) ?? {
          path: ['mount', 'face'],
          message: `“${named(mount.host)}” has no flat ${mount.face} to be mounted on.`,
        }
      );
    case 'wall':
      return {
        path: ['mount', 'corner'],
        message: 'There is no wall there that stands square to the room.',
      };
    default:
      throw new Error(`What is on a ${mount.on} has its place once its host is there.`);
  }
}

/** Why nothing can be mounted on a mover of a host that is laid; undefined where it can. Paths start at what is mounted. */
export function moverIssue(plan: Plan, { host, nth }: { host: string; nth: number }): Issue | undefined {
  const movers = moversOf(plan, host);
  const { name } = itemsOf(plan).find(({ id }) => id === host)!;
  const mover = movers[nth];
  if (!mover)
    return {
      path: ['mount', 'nth'],
      message:
        movers.length === 0
          ? `Nothing of “${name}” moves, so nothing can ride on it.`
          : `“${name}” has ${movers.length === 1 ? 'one mover' : `${movers.length} movers`}: there is no number ${nth + 1}.`,
    };
  // One thing with several ways would take what is mounted on it along on each of them.
  if (mover.thing !== undefined && movers.some(({ goes, thing }) => goes && thing === mover.thing))
    return {
      path: ['mount', 'host'],
      message: `“${name}” moves in more than one way, so nothing can be mounted on it.`,
    };
  return undefined;
}
