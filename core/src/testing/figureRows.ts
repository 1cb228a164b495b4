import type { Carcass } from '../carcass/schema';
import { FAMILY_NAMES, type Part } from '../parts/families';
import { newPart } from '../plan/fresh';
import { KIND_ROWS } from './kindRows';
import { liesOnTop } from './partsOf';
import { caseOf, FRAME, mm, planWith, type Made } from './planWith';

type Row = readonly [kind: string, made: Made];

/** Cases that alter what hangs in them: every family is built in each. */
const CASES: Readonly<Record<string, Partial<Carcass>>> = {
  framed: { frame: FRAME },
  leaning: {
    sides: { left: { middle: mm(3), head: mm(7) }, right: { middle: mm(2), head: mm(-1) } },
  },
  lined: { carries: { inside: mm(3), front: mm(1) }, banding: mm(0.8) },
  'as read': {
    bay: {
      id: 'all',
      take: 'equal',
      read: { bottom: mm(562), middle: mm(560), top: mm(563), deep: mm(552), left: mm(682), right: mm(679) },
    },
  },
  'from the west': { faces: 'west', x: mm(2000), y: mm(3000), z: mm(100) },
};

/** Every family in every such case; of those that lie on top the bench they lie on. */
const ROWS: readonly Row[] = Object.entries(CASES).flatMap(([name, other]) =>
  FAMILY_NAMES.map((family): Row => [`${name}: ${family}`, inCase(family, other)]),
);

function inCase(family: Part['family'], other: Partial<Carcass>): Made {
  const bench = { kind: 'bench', top: 'none', height: mm(400) } as const;
  const host = caseOf({ ...(liesOnTop(family) ? bench : { z: mm(100) }), ...other });
  return { carcasses: [host], parts: [newPart(planWith({ carcasses: [host] }), family, host)] };
}

/** What the book of figures tells: every kind as it is built, and its typical fault; then every family in cases that alter it. */
export const FIGURE_ROWS: readonly Row[] = [
  ...Object.entries(KIND_ROWS).flatMap(([kind, { good, bad }]): Row[] => [
    [kind, good],
    [`${kind}, at fault`, bad],
  ]),
  ...ROWS,
];
