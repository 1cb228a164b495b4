import type { Carcass } from '../carcass/schema';
import { hostIdOf, mountOf } from '../parts/contract/mount';
import type { Part } from '../parts/families';
import type { Mover } from '../scene/scene';
import { groundOf, moversOf } from './place';
import type { Plan } from './schema';

/** What of a plan may be mounted on another of it. */
export type Mountable = Carcass | Part;
type Mountables = Pick<Plan, 'carcasses' | 'parts'>;

/** The id of the item that another is mounted on; undefined of what stands in the space itself. */
export const hostOf = (item: Mountable): string | undefined =>
  'family' in item ? hostIdOf(item) : item.mount?.host;

export const mountablesOf = ({ carcasses, parts }: Mountables): readonly Mountable[] => [
  ...carcasses,
  ...parts,
];

/** The ids of some items with those of all that is mounted on them, on what is mounted on them, and so on. */
export function withMounted(plan: Mountables, ids: Iterable<string>): Set<string> {
  const all = new Set(ids);
  const items = mountablesOf(plan);
  for (let grown = -1; grown < all.size;) {
    grown = all.size;
    for (const item of items) if (all.has(hostOf(item) ?? '')) all.add(item.id);
  }
  return all;
}

/** Items that may be mounted on others, hosts before what is mounted on them; those on hosts that go round in a ring are left out. */
export function hostsFirst(plan: Mountables): Mountable[] {
  const waiting = new Set(mountablesOf(plan));
  const named = new Set([...waiting].map(({ id }) => id));
  const placed: Mountable[] = [];
  const done = new Set<string>();
  for (let left = -1; left !== waiting.size;) {
    left = waiting.size;
    for (const item of waiting) {
      const host = hostOf(item);
      if (host !== undefined && named.has(host) && !done.has(host)) continue;
      placed.push(item);
      done.add(item.id);
      waiting.delete(item);
    }
  }
  return placed;
}

/** What carries an item: a body of a mover, by their ids, and where that must stand for what moves of the item to go. */
export interface Carrier {
  readonly mover: string;
  readonly item: string;
  readonly body: string;
  readonly while: 'shut' | 'open' | 'any' | 'same';
}

/** Whether anything is mounted on what may move: most plans have nothing that is. */
export const mayCarry = ({ carcasses, parts }: Mountables): boolean =>
  carcasses.some(({ mount }) => mount?.on === 'mover') ||
  parts.map(mountOf).some(({ on }) => on === 'mover' || on === 'edge');

/** What carries an item, itself or with what it is mounted on; undefined of what stands still. Its hosts are in the plan and go round in no ring. */
export function carrierOf(plan: Plan, id: string): Carrier | undefined {
  const carcass = plan.carcasses.find((one) => one.id === id);
  if (carcass) return carrierOfCarcass(plan, carcass);
  const part = plan.parts.find((one) => one.id === id);
  if (!part) return undefined;
  const mount = mountOf(part);
  switch (mount.on) {
    case 'bay':
    case 'top':
      return carrierOf(plan, mount.carcass);
    case 'edge':
    case 'mover': {
      const link = groundOf(plan, mount)?.link;
      if (link === undefined) return carrierOf(plan, mount.host);
      const mover = moversOf(plan, mount.host).find(({ bodies }) => bodies.some((body) => body.id === link));
      return mover && carrier(mover, link, mount.while);
    }
    default:
      return undefined;
  }
}

function carrierOfCarcass(plan: Plan, { mount }: Carcass): Carrier | undefined {
  if (!mount) return undefined;
  if (mount.on === 'carcass') return carrierOf(plan, mount.host);
  const mover = moversOf(plan, mount.host)[mount.nth];
  return mover && carrier(mover, mover.bodies[0]!.id, mount.while);
}

const carrier = ({ id, item }: Mover, body: string, until: Carrier['while']): Carrier => ({
  mover: id,
  item,
  body,
  while: until,
});
