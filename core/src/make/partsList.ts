import { uncapitalised } from '../item/capitals';
import { formatLength } from '../length/formatLength';
import { sayLengths } from '../length/lengthMark';
import { hasGrain } from '../material/grain';
import type { Stock } from '../material/stock';
import type { Part } from '../parts/families';
import { areAlike } from '../piece/alike';
import type { Piece, Role, Sizes } from '../piece/piece';
import { worksWords } from '../piece/worksWords';
import { partBuilt, planHardware, planStock } from '../plan/place';
import { carcassPieces } from '../plan/still';
import { carcassIdOf } from '../parts/contract/mount';
import type { Plan } from '../plan/schema';
import { sumText } from '../sizing/sum';

/** Pieces that are cut and worked alike, as one line of the parts list. */
export interface PiecesAlike {
  /** The plan item they are of, and the carcass it belongs to. */
  readonly item: string;
  readonly of: string;
  readonly name: string;
  readonly pieces: readonly Piece[];
  /** As each is when it is finished, and as it is cut: their sums are those of the first. */
  readonly size: Sizes;
  readonly cut: Sizes;
  /** The material's name; empty for what is there already. */
  readonly material: string;
  /** What is worked into each and what else is to be known, in the plan's units. */
  readonly notes: readonly string[];
}

/** A line of the hardware list. */
export interface HardwareLine {
  /** Its place in the list of hardware; none of what a plan tells by its numbers alone. */
  readonly hardware: string | undefined;
  readonly name: string;
  readonly kind: string;
  readonly count: number;
  /** Nobody held its numbers against the maker's sheet. */
  readonly confirmed: boolean;
}

/** All pieces of a plan, carcass by carcass, each with its parts after it; then those of parts that are in none. */
export function piecesOf(plan: Plan): PiecesOfItem[] {
  const partsOf = (carcass: string | undefined, of?: string) =>
    plan.parts
      .filter((part) => carcassIdOf(part) === carcass)
      .map((part): PiecesOfItem => {
        const { moving, still } = partBuilt(plan, part)!.pieces;
        const pieces = [...moving, ...still].flatMap((link) => link.pieces);
        return { of: of ?? part.name, item: part.id, pieces };
      });
  return [
    ...plan.carcasses.flatMap((carcass) => [
      { of: carcass.name, item: carcass.id, pieces: carcassPieces(plan, carcass).pieces },
      ...partsOf(carcass.id, carcass.name),
    ]),
    ...partsOf(undefined),
  ];
}

/** The pieces of an item, and the carcass it belongs to; one that belongs to none stands by its own name. */
export interface PiecesOfItem {
  readonly of: string;
  readonly item: string;
  readonly pieces: readonly Piece[];
}

/** What swings or slides has its own line even where it is cut alike: each hangs in its own place. */
const OWN_LINE: ReadonlySet<Role> = new Set<Role>(['leaf', 'front', 'panel']);

/** What is drawn out is made in this order at the bench: what it runs on, its box, the bottom into that, and the front on it last. */
const BENCH: Readonly<Partial<Record<Role, number>>> = {
  packing: 0,
  runner: 0,
  kicker: 0,
  'box side': 1,
  'box end': 2,
  'box rail': 3,
  'box bottom': 4,
  muntin: 5,
  front: 9,
};
const BETWEEN = 6;
const inBenchOrder = (pieces: readonly Piece[]): Piece[] =>
  [...pieces].sort((a, b) => (BENCH[a.role] ?? BETWEEN) - (BENCH[b.role] ?? BETWEEN));

/** How many pieces of a plan are to be cut. */
export const piecesToCut = (plan: Plan): number =>
  piecesOf(plan).reduce((sum, { pieces }) => sum + pieces.filter(({ is }) => is === 'cut').length, 0);

/**
 * Every piece of a plan's carcasses and parts that is cut, or there already, those alike together.
 *
 * @param only  the id of one item, where nothing is asked of the others
 */
export function partsList(plan: Plan, only?: string): PiecesAlike[] {
  const stock = planStock(plan);
  const asked = piecesOf(plan).filter(({ item }) => only === undefined || item === only);
  return asked.flatMap(({ of, item, pieces }) =>
    mergeAlike(inBenchOrder(pieces.filter((piece) => piece.is === 'cut' || piece.is === 'kept')), stock).map(
      (alike): PiecesAlike => {
        const [first] = alike as [Piece];
        return {
          item,
          of,
          name: nameOf(alike),
          pieces: alike,
          size: first.size!,
          cut: first.cut!,
          material: first.is === 'kept' ? '' : stock.material(first.stock!.material).name,
          notes: [...worksWords(first), ...first.notes].map((note) => sayLengths(note, plan.units)),
        };
      },
    ),
  );
}

function mergeAlike(pieces: readonly Piece[], stock: Stock): Piece[][] {
  const lines: Piece[][] = [];
  for (const piece of pieces) {
    const grain = hasGrain(stock.material(piece.stock!.material));
    const line = OWN_LINE.has(piece.role)
      ? undefined
      : lines.find(([first]) => areAlike(first!, piece, grain));
    if (line) line.push(piece);
    else lines.push([piece]);
  }
  return lines;
}

/** "Left side and right side"; of more than two the first, and how many are alike. */
function nameOf(pieces: readonly Piece[]): string {
  const names = [...new Set(pieces.map(({ name }) => name))];
  if (names.length === 1) return names[0]!;
  return names.length > 2
    ? `${names[0]!} and ${names.length - 1} alike`
    : `${names[0]!} and ${uncapitalised(names[1]!)}`;
}

/** What is bought for a plan, alike ones together: pieces are counted, and what is sold in pairs as pairs. */
export function hardwareNeeded(plan: Plan): HardwareLine[] {
  const list = planHardware(plan);
  const lines = new Map<string, HardwareLine>();
  for (const { name, is, hardware, role } of piecesOf(plan).flatMap(({ pieces }) => pieces)) {
    if (is !== 'bought') continue;
    const of = hardware && list.named(hardware.id)!;
    const length = hardware?.length;
    const key = hardware ? `${hardware.id} ${length ?? ''}` : `${role} ${name}`;
    lines.set(key, {
      hardware: hardware?.id,
      name: length === undefined ? name : `${name}: ${formatLength(length, plan.units, true)}`,
      kind: of?.kind ?? role,
      count: (lines.get(key)?.count ?? 0) + (hardware?.share ?? 1),
      confirmed: of?.confirmed ?? true,
    });
  }
  for (const { fixing } of plan.carcasses) {
    const of = fixing && list.named(fixing.hardware);
    if (!of) continue;
    const { id: hardware, name, kind, confirmed } = of;
    const key = `${hardware} `;
    lines.set(key, {
      ...{ hardware, name, kind, confirmed },
      count: (lines.get(key)?.count ?? 0) + fixing.count,
    });
  }
  return [...lines.values()];
}

/** What is bought for one part that the hardware list tells numbers of: the first of it, by its id there. */
export function hardwareOfPart(plan: Plan, part: Part): string | undefined {
  const built = partBuilt(plan, part);
  const pieces = built ? [...built.pieces.moving, ...built.pieces.still].flatMap((link) => link.pieces) : [];
  return pieces.find(({ hardware }) => hardware)?.hardware?.id;
}

export const PARTS_COLUMNS = [
  'item',
  'name',
  'count',
  'finished length',
  'finished width',
  'finished thickness',
  'cut length',
  'cut width',
  'cut thickness',
  'unit',
  'material',
  'cut length from',
  'cut width from',
  'notes',
] as const;

/** The parts list as rows of cells in the plan's units, the header first. */
export function partsRows(plan: Plan): string[][] {
  const { units } = plan;
  const cells = ({ length, width, thick }: Sizes) =>
    [length, width, thick].map(({ mm }) => formatLength(mm, units));
  return [
    [...PARTS_COLUMNS],
    ...partsList(plan).map(({ of, name, pieces, size, cut, material, notes }) => [
      of,
      name,
      String(pieces.length),
      ...cells(size),
      ...cells(cut),
      units.system,
      material,
      sumText(cut.length, units),
      sumText(cut.width, units),
      notes.join(' '),
    ]),
  ];
}
