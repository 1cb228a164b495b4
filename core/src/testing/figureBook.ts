import { AT_EASE } from '../balance/force';
import { carcassLevers } from '../carcass/levers';
import { buildExisting, EXISTING_KINDS } from '../existing/kinds';
import { existingLevers } from '../existing/levers';
import { GENERIC_HARDWARE } from '../hardware/generic';
import { HARDWARE_NAMES, numbersOf } from '../hardware/schema';
import type { Lever } from '../item/lever';
import { sayLengths } from '../length/lengthMark';
import { MILLIMETRES } from '../length/units';
import { hardwareNeeded, piecesOf } from '../make/partsList';
import { appraisalOf } from '../parts/appraisals';
import { familyOf } from '../parts/families';
import { weigh } from '../piece/mass';
import type { Piece } from '../piece/piece';
import type { Work } from '../piece/work';
import { newExisting, newThing } from '../plan/fresh';
import { carcassOf, partBuilt, planStock } from '../plan/place';
import type { Plan } from '../plan/schema';
import { reportOf } from '../report/report';
import { sumText } from '../sizing/sum';
import type { Convex } from '../solid/convex';
import { USUAL } from '../things/kinds';
import { thingLevers } from '../things/levers';
import type { Thing } from '../things/schema';
import { refusalOf, planWith, type Made } from './planWith';

/** To a hundredth, without a sign where it is nothing. */
const figure = (value: number): string => String(Math.round(value * 100) / 100 + 0);
const figures = (values: readonly number[]) => values.map(figure).join(' ');
const range = ([from, to]: readonly [number, number]) => `${figure(from)}..${figure(to)}`;

/** Everything there is to buy, cut, bore, weigh and heed of a plan, or why it is refused: one line a fact, to be read and compared. */
export function figuresOf(made: Made): string[] {
  const refused = refusalOf(made);
  return refused ? refused.split('\n').map((line) => `refused: ${line}`) : figuresIn(planWith(made));
}

/** The same of a plan that was read. */
export const figuresIn = (plan: Plan): string[] => [
  ...ownPieces(plan).flatMap((piece) => pieceLines(plan, piece)),
  ...hardwareNeeded(plan).map(({ count, name }) => `buy ${figure(count)} ${name}`),
  ...plan.parts.flatMap((part) => partLines(plan, part)),
  ...told(plan),
  ...(plan.parts.length > 0
    ? []
    : plan.carcasses.flatMap((one) =>
        leverLines(carcassLevers(one, TROUBLE, carcassOf(plan, one), planStock(plan))),
      )),
];

/**
 * The same in a few lines: how many there are of each kind of fact with the sum of all their figures, in which any of them that changes shows,
 * and what is told of it in full.
 */
export function sumsIn(plan: Plan): string[] {
  const lines = figuresIn(plan);
  const kinds = new Map<string, { count: number; sum: number }>();
  for (const line of lines) {
    const kind = kindOfLine(line);
    const known = kinds.get(kind) ?? { count: 0, sum: 0 };
    // Each figure by its place, so that two that change places show as well.
    const numbers = [...line.matchAll(/-?\d+(\.\d+)?/g)].map(([text], i) => Number(text) * (1 + i / 100));
    kinds.set(kind, { count: known.count + 1, sum: known.sum + numbers.reduce((all, one) => all + one, 0) });
  }
  return [
    [...kinds].map(([kind, { count, sum }]) => `${count} ${kind} ${sum.toFixed(1)}`).join(', '),
    ...lines.filter((line) =>
      /^(hinges|adjustment|fingers|reach|opening|fit|holes|wood|runs|cable), /.test(line),
    ),
  ];
}

/** What a line of facts is about, by how it begins. */
function kindOfLine(line: string): string {
  if (line.startsWith('  ')) return /^ {2}\S+: /.test(line) ? 'works' : 'sizes';
  const [word] = line.split(/[ ,:]/);
  return KINDS.has(word!) ? word! : 'pieces';
}
const KINDS = new Set(['buy', 'moves', 'into', 'clear', 'may', 'weight', 'person', 'hand', 'tight', 'hits', 'to', ...['hinges', 'adjustment', 'fingers', 'reach', 'opening', 'fit', 'holes', 'wood', 'runs', 'cable', 'caution']]); // prettier-ignore

const TROUBLE = {
  of: undefined,
  short: 10,
  comfortable: undefined,
  usable: undefined,
  about: undefined,
} as const;

/** Of parts where there are any, else of their carcass. */
function ownPieces(plan: Plan): readonly Piece[] {
  const all = piecesOf(plan);
  const own = all.filter(({ item }) => plan.parts.some(({ id }) => id === item));
  return (own.length > 0 ? own : all).flatMap(({ pieces }) => pieces);
}

function pieceLines(plan: Plan, piece: Piece): string[] {
  const { key, is, role, size, cut, stock, notes, solids, lie } = piece;
  const { kg, centre } = weigh(piece, planStock(plan));
  const sums = (of: typeof size) =>
    of ? [of.length, of.width, of.thick].map((sum) => sumText(sum, MILLIMETRES)).join(' x ') : '';
  const banded = Object.entries(stock?.banded ?? {}).filter(([, mm]) => mm);
  return [
    [
      `${key} ${is} ${role}`,
      solids.length > 0 && `at ${boundsText(solids)}`,
      lie && `lies ${[lie.length, lie.width].map(figures).join(' | ')}`,
      kg > 0 && `${figure(kg)} kg at ${figures(centre)}`,
      stock && stock.material,
      banded.length > 0 && `banded ${banded.map(([edge, mm]) => `${edge} ${figure(mm)}`).join(' ')}`,
      stock &&
        (stock.faced.face || stock.faced.back) &&
        `faced ${figures([stock.faced.face, stock.faced.back])}`,
    ]
      .filter((text) => text)
      .join('; '),
    ...(size ? [`  ${sums(size)}`] : []),
    ...(cut && sums(cut) !== sums(size) ? [`  cut ${sums(cut)}`] : []),
    ...piece.works.map((work) => `  ${workText(work)}`),
    ...notes.map((note) => `  “${sayLengths(note, MILLIMETRES)}”`),
  ];
}

const workText = ({ key, kind, side, region, round, air, screw, mate, words }: Work): string =>
  [
    `${key.slice(key.indexOf('#') + 1)}: ${kind} ${side}`,
    `${range(region.length)} ${range(region.width)} ${range(region.thick)}`,
    round && 'round',
    air && 'air',
    screw && `screw ${figure(screw.long)}`,
    mate && `for ${mate.work ?? mate.piece}`,
    words,
  ]
    .filter((text) => text)
    .join(', ');

function boundsText(solids: readonly Convex[]): string {
  const along = (axis: number) =>
    solids.flatMap(({ corners }) => Array.from(corners).filter((_, i) => i % 3 === axis));
  return [0, 1, 2].map((axis) => range([Math.min(...along(axis)), Math.max(...along(axis))])).join(' ');
}

/** How it moves, what acts on it, what it works into its case, and what of it may be changed. */
function partLines(plan: Plan, part: Plan['parts'][number]): string[] {
  const { laid, pieces, movers } = partBuilt(plan, part)!;
  const family = familyOf(part);
  return [
    ...movers.map(
      ({ id, unit, from, to, needs, contacts }) =>
        `moves ${id}: ${figure(from)} to ${figure(unit === 'rad' ? (to * 180) / Math.PI : to)} ${unit === 'rad' ? '°' : 'mm'}, ${figure(needs.around)} around, ${needs.row ? figure(needs.row.gap) : '-'} in its row, ${contacts.length} touches`,
    ),
    ...appraisalOf(part)
      .forces(laid, pieces, movers)
      .map(({ link, force }) => {
        const { least, most } = force.newtons(AT_EASE);
        return `${force.kind} on ${link}: ${figure(least)}..${figure(most)} N at ${figures(force.at(AT_EASE))}`;
      }),
    ...pieces.onGround.map(
      ({ into, work: { key, kind, side, at, round, mate, words } }) =>
        `into ${into}: ${[`${key} ${kind} ${side} ${range(at.x)} ${range(at.y)} ${range(at.z)}`, round && 'round', mate && `for ${mate.work ?? mate.piece}`, words].filter((text) => text).join(', ')}`,
    ),
    ...(family.openings?.(laid) ?? []).map((opening) => `clear ${JSON.stringify(opening)}`),
    ...leverLines(appraisalOf(part).levers(laid, pieces, TROUBLE)),
  ];
}

const leverLines = (levers: readonly Lever[]): string[] =>
  levers.map((lever) =>
    lever.kind === 'amount'
      ? `may ${sayLengths(lever.words(lever.to), MILLIMETRES)} (from ${figure(lever.from)}, ${figure(lever.moves)} a unit, costs ${figure(lever.cost.once)} and ${figure(lever.cost.perUnit)})`
      : `may ${sayLengths(lever.words, MILLIMETRES)} (costs ${figure(lever.cost.once)})`,
  );

/** The numbers of every kind of hardware with their bounds, and all that comes with the application. */
export const hardwareFigures = (): string[] => [
  ...HARDWARE_NAMES.flatMap((kind) =>
    numbersOf(kind).map(
      ([field, { unit, usual, least, most, later }]) =>
        `${kind}, ${field}: ${usual} ${unit}, ${least} to ${most}${later ? ', came in later' : ''}`,
    ),
  ),
  ...GENERIC_HARDWARE.map((one) => JSON.stringify(one)),
];

/** What may be done with each kind of thing and of what moves already, and how that moves. */
export function aroundFigures(): string[] {
  const plan = planWith({});
  return [
    ...EXISTING_KINDS.flatMap((kind) => {
      const item = newExisting(plan, kind);
      const { mover } = buildExisting(item, 10);
      return [
        `${kind}: ${figure(mover.from)} to ${figure(mover.to)} ${mover.unit}, ${mover.bodies.length} bodies, at ${boundsText(mover.bodies.flatMap(({ pieces }) => pieces))}`,
        ...leverLines(existingLevers(item, { ...TROUBLE, usable: 1 })).map((line) => `  ${line}`),
      ];
    }),
    ...(Object.keys(USUAL) as Thing['kind'][]).flatMap((kind) => [
      kind,
      ...leverLines(thingLevers(newThing(plan, kind))).map((line) => `  ${line}`),
    ]),
  ];
}

function told(plan: Plan): string[] {
  const { parts, notes, assumptions } = reportOf(plan);
  return [
    ...parts.flatMap(({ findings }) => findings).map(({ verdict, sentence }) => `${verdict}: ${sentence}`),
    ...notes.map(({ about, verdict, sentence }) => `${about}, ${verdict}: ${sentence}`),
    ...assumptions.map(({ measure }) => `to confirm: ${measure}`),
  ];
}
