import type { Panel } from '../carcass/panels';
import { formatLength } from '../length/formatLength';
import { sayLengths } from '../length/lengthMark';
import { familyOf } from '../parts/families';
import { carcassOf, partPlace, partSizes, planHardware, planStock } from '../plan/place';
import type { Plan } from '../plan/schema';
import { sumText, type Sum } from '../sizing/sum';

/** A line of the parts list: pieces that are cut alike, with the sum behind each size. */
export interface PartsLine {
  /** The plan item it is of. */
  readonly item: string;
  readonly of: string;
  readonly name: string;
  readonly count: number;
  readonly length: Sum;
  readonly width: Sum;
  /** mm. */
  readonly thickness: number;
  /** Its name; empty for what is there already. */
  readonly material: string;
  readonly notes: readonly string[];
}

/** A line of the hardware list. */
export interface HardwareLine {
  readonly hardware: string;
  readonly name: string;
  readonly kind: string;
  readonly count: number;
  /** Nobody held its numbers against the maker's sheet. */
  readonly confirmed: boolean;
}

/** Every piece of a plan's carcasses and parts, carcass by carcass, each with its parts after it. */
export function partsList(plan: Plan): PartsLine[] {
  const stock = planStock(plan);
  const materialName = (id: string) => (id === '' ? '' : stock.material(id).name);
  return plan.carcasses.flatMap((carcass) => {
    const own = carcassOf(plan, carcass).panels.map((panel): PartsLine => ({
      item: carcass.id,
      of: carcass.name,
      name: panel.name,
      count: 1,
      length: panel.length,
      width: panel.width,
      thickness: thicknessOfPanel(panel, carcass.kind === 'table frame', stock.thickness(panel.material)),
      material: materialName(panel.material),
      notes: [],
    }));
    const parts = plan.parts
      .filter((part) => part.carcass === carcass.id)
      .flatMap((part) =>
        partSizes(plan, part).map((piece): PartsLine => ({
          item: part.id,
          of: carcass.name,
          name: piece.name,
          count: piece.count,
          length: piece.height,
          width: piece.width,
          thickness: piece.thickness,
          material: materialName(piece.material),
          notes: piece.notes.map((note) => sayLengths(note, plan.units)),
        })),
      );
    return [...together(own), ...parts];
  });
}

/** A leg is as thick as it is wide; all else is as thick as its stock. */
const thicknessOfPanel = (panel: Panel, table: boolean, sheet: number): number =>
  / leg$/.test(panel.name) || (table && panel.name.includes('leg')) ? panel.width.mm : sheet;

/** Pieces cut alike as one line: "Left side and right side", twice. */
function together(lines: readonly PartsLine[]): PartsLine[] {
  const alike = new Map<string, PartsLine[]>();
  for (const line of lines) {
    const key = JSON.stringify([line.material, line.thickness, line.length.lines, line.width.lines]);
    alike.set(key, [...(alike.get(key) ?? []), line]);
  }
  return [...alike.values()].map((same) => ({
    ...same[0]!,
    count: same.length,
    name:
      same.length > 2
        ? `${same[0]!.name} and ${same.length - 1} alike`
        : same.map(({ name }, i) => (i === 0 ? name : name.toLowerCase())).join(' and '),
  }));
}

/** Hardware a plan takes, alike ones together. */
export function hardwareNeeded(plan: Plan): HardwareLine[] {
  const list = planHardware(plan);
  const lines = new Map<string, HardwareLine>();
  for (const part of plan.parts)
    for (const { hardware, count, length } of familyOf(part).takes(part, partPlace(plan, part)!)) {
      const { name, kind, confirmed } = list.named(hardware)!;
      const key = `${hardware} ${length ?? ''}`;
      lines.set(key, {
        hardware,
        name: length === undefined ? name : `${name}: ${formatLength(length, plan.units, true)}`,
        kind,
        count: (lines.get(key)?.count ?? 0) + count,
        confirmed,
      });
    }
  return [...lines.values()];
}

export const PARTS_COLUMNS = ['item', 'name', 'count', 'length', 'width', 'thickness', 'unit', 'material', 'length from', 'width from', 'notes'] as const; // prettier-ignore

/** The parts list as rows of cells in the plan's units, the header first. */
export function partsRows(plan: Plan): string[][] {
  const { units } = plan;
  return [
    [...PARTS_COLUMNS],
    ...partsList(plan).map(({ of, name, count, length, width, thickness, material, notes }) => [
      of,
      name,
      String(count),
      formatLength(length.mm, units),
      formatLength(width.mm, units),
      formatLength(thickness, units),
      units.system,
      material,
      sumText(length, units),
      sumText(width, units),
      notes.join(' '),
    ]),
  ];
}
