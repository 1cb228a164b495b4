import type { Link, Role } from './piece';

/** What a thing is that a finding told by its key: the role of the first piece that is told by it. */
export const roleOf = (links: readonly Link[], told: string): Role | undefined =>
  links.flatMap(({ pieces }) => pieces).find((piece) => piece.told.key === told)?.role;
