import { freshId } from '../item/freeId';
import * as v from 'valibot';
import { plainSentence } from '../item/plainSentence';
import {
  HARDWARE_NAMES,
  HardwareSchema,
  numbersOf,
  type Hardware,
  type HardwareKind,
} from '../hardware/schema';
import type { RowIssue } from './readingsCsv';

/** A piece of hardware and how many of it lie in the drawer. */
export const DrawerItemSchema = v.strictObject({
  item: HardwareSchema,
  count: v.pipe(
    v.number('How many is a number.'),
    v.integer('How many is a whole number.'),
    v.minValue(0, 'There cannot be less than none.'),
    v.maxValue(100_000, 'At most 100,000 of one kind.'),
  ),
});
export interface DrawerItem {
  readonly item: Hardware;
  readonly count: number;
}

const HEAD = ['id', 'name', 'kind', 'in drawer', 'confirmed'] as const;
/** Every number any kind has, once each: lengths in mm, angles in degrees, masses in kg, forces in N. */
const NUMBERS = [...new Set(HARDWARE_NAMES.flatMap((kind) => numbersOf(kind).map(([field]) => field)))];
export const HARDWARE_COLUMNS: readonly string[] = [...HEAD, ...NUMBERS];

/** Hardware as rows of cells, the header first; a cell is empty where a kind has no such number. */
export function hardwareRows(items: readonly DrawerItem[]): string[][] {
  return [
    [...HARDWARE_COLUMNS],
    ...items.map(({ item, count }) => {
      const numbers = item as unknown as Readonly<Record<string, number | undefined>>;
      return [
        item.id,
        item.name,
        item.kind,
        String(count),
        item.confirmed ? 'yes' : '',
        ...NUMBERS.map((field) => (numbers[field] === undefined ? '' : String(numbers[field]))),
      ];
    }),
  ];
}

export interface HardwareRead {
  readonly items: readonly DrawerItem[];
  readonly issues: readonly RowIssue[];
}

/**
 * Read rows of cells as hardware. Columns may be in any order, and a number that is left out is the usual one of its
 * kind. Every row that cannot be taken is told, and none of them hinders the others.
 */
export function readHardwareRows(rows: readonly (readonly string[])[]): HardwareRead {
  const header = (rows[0] ?? []).map((cell) =>
    cell
      .trim()
      .toLowerCase()
      .replace(/^\uFEFF/, ''),
  );
  const columns = new Map(header.map((name, i) => [name, i]));
  for (const needed of ['name', 'kind'])
    if (!columns.has(needed))
      return {
        items: [],
        issues: [
          { row: 1, message: `The first row names the columns, and there is none called “${needed}”.` },
        ],
      };
  const items: DrawerItem[] = [];
  const issues: RowIssue[] = [];
  const taken = new Set<string>();
  rows.slice(1).forEach((cells, i) => {
    if (cells.every((cell) => cell.trim() === '')) return;
    const cell = (name: string): string => cells[columns.get(name.toLowerCase()) ?? -1]?.trim() ?? '';
    const read =
      cells.length > header.length
        ? `This row has ${cells.length} cells, and the header ${header.length}: is a comma in a text without quotes?`
        : readRow(cell, taken);
    if (typeof read === 'string') issues.push({ row: i + 2, message: read });
    else items.push(read);
  });
  return { items, issues };
}

/** One row, or why it cannot be taken. */
function readRow(cell: (name: string) => string, taken: Set<string>): DrawerItem | string {
  const kind = cell('kind').toLowerCase();
  if (!(HARDWARE_NAMES as string[]).includes(kind))
    return `There is no kind of hardware “${cell('kind')}”: it is one of ${HARDWARE_NAMES.join(', ')}.`;
  const numbers: Record<string, number> = {};
  for (const [field, { usual, label }] of numbersOf(kind as HardwareKind)) {
    const text = cell(field).replace(',', '.');
    const value = text === '' ? usual : Number(text);
    if (!Number.isFinite(value)) return `“${label}” must be a number, not “${cell(field)}”.`;
    numbers[field] = value;
  }
  const count = Number(cell('in drawer') || '0');
  if (!Number.isInteger(count) || count < 0 || count > 100_000)
    return `How many are in the drawer must be a whole number, not “${cell('in drawer')}”.`;
  const id = cell('id') || freshId(cell('name'), taken);
  if (taken.has(id)) return `Two rows have the id “${id}”.`;
  const read = v.safeParse(HardwareSchema, {
    id,
    name: cell('name'),
    kind,
    confirmed: /^(yes|true|1)$/i.test(cell('confirmed')),
    ...numbers,
  });
  if (!read.success) return plainSentence(read.issues[0]);
  taken.add(id);
  return { item: read.output, count };
}
