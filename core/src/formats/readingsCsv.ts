import * as v from 'valibot';
import { plainSentence } from '../item/plainSentence';
import { parseLength, parseLengthIn } from '../length/parseLength';
import { MILLIMETRES } from '../length/units';
import type { Dimension } from '../survey/dimensions';
import {
  INSTRUMENT_KINDS,
  isCheck,
  READ_PLACES,
  ReadingSchema,
  type Instrument,
  type Reading,
  type ReadingLog,
} from '../readings/schema';
import { checkDoubt, unitDoubt } from '../readings/unitDoubt';

/** The columns of a file of readings, in the order in which they are written; docs/formats.md describes them. */
export const READING_COLUMNS = [
  'dimension',
  'value',
  'unit',
  'place',
  'instrument',
  'kind',
  'who',
  'at',
  'note',
  'withdrawn',
  'id',
] as const;
type Column = (typeof READING_COLUMNS)[number];

/** What is written for taken back, and for counted, by people of a few languages and their spreadsheets. */
const WITHDRAWN = new Set(['yes', 'y', 'ja', 'j', 'oui', 'si', 'x', 'true', 'wahr', '1']);
const COUNTED = new Set(['', 'no', 'n', 'nein', 'non', 'false', 'falsch', '0']);

/** A log as rows of cells, the header first. */
export function readingRows({ readings, instruments }: ReadingLog): string[][] {
  const tools = new Map(instruments.map((one) => [one.id, one]));
  return [
    [...READING_COLUMNS],
    ...readings.map(({ of, mm, place, instrument, who, at, note, withdrawn, id }) => {
      const tool = instrument === null ? undefined : tools.get(instrument);
      return [
        of,
        String(mm),
        'mm',
        place,
        tool?.name ?? '',
        tool?.kind ?? '',
        who,
        at,
        note,
        withdrawn ? 'yes' : '',
        id,
      ];
    }),
  ];
}

/** A row that cannot be taken: its number in the file, counted from 1 with the header, and a sentence. */
export interface RowIssue {
  readonly row: number;
  readonly message: string;
}

export interface ReadingsRead {
  /** What can be taken, with the instruments that it names and the job does not have. */
  readonly log: ReadingLog;
  readonly issues: readonly RowIssue[];
}

export interface RowContext {
  readonly dimensions: readonly Dimension[];
  readonly instruments: readonly Instrument[];
  /** A new UUID. */
  id(): string;
  /** The time for rows that give none. */
  now(): string;
}

/** A length is held against so many checks of it before. */
const MOST_CHECKS = 20;
/** How many rows between two looks at the clock. */
const STEP = 250;

/**
 * Read rows of cells as readings; each yield is how many rows are done. A file may have its columns in any order, and
 * lack all but `dimension` and `value`. Every row that cannot be taken is told, and none of them hinders the others.
 */
export function* readReadingRows(
  rows: readonly (readonly string[])[],
  context: RowContext,
): Generator<number, ReadingsRead> {
  const header = (rows[0] ?? []).map((cell) =>
    cell
      .trim()
      .toLowerCase()
      .replace(/^\uFEFF/, ''),
  );
  const issues: RowIssue[] = [];
  const none = (message: string): ReadingsRead => ({
    log: { readings: [], instruments: [] },
    issues: [{ row: 1, message }],
  });
  for (const needed of ['dimension', 'value'])
    if (!header.includes(needed))
      return none(`The first row names the columns, and there is none called “${needed}”.`);
  const at = new Map(header.map((name, i) => [name, i]));
  const tools = new Map(context.instruments.map((one) => [one.name.toLowerCase(), one]));
  const made: Instrument[] = [];
  const known = new Map(
    context.dimensions.flatMap(
      (one) =>
        [
          [one.key, one],
          [one.name.toLowerCase(), one],
        ] as const,
    ),
  );
  const readings: Reading[] = [];
  const ids = new Set<string>();
  /** What was read of each length that instruments are compared by. */
  const checks = new Map<string, readonly number[]>();
  for (let i = 1; i < rows.length; i += 1) {
    if (i % STEP === 0) yield i;
    const cells = rows[i]!;
    if (cells.every((cell) => cell.trim() === '')) continue;
    const cell = (name: Column): string => cells[at.get(name) ?? -1]?.trim() ?? '';
    const told = (message: string) => issues.push({ row: i + 1, message });
    if (cells.length > header.length) {
      told(
        `This row has ${cells.length} cells, and the header ${header.length}: is a comma in a text without quotes?`,
      );
      continue;
    }
    const dimension = known.get(cell('dimension')) ?? known.get(cell('dimension').toLowerCase());
    const of = dimension?.key ?? (/^check\//.test(cell('dimension')) ? cell('dimension') : undefined);
    if (!of) {
      told(`There is no dimension “${cell('dimension')}” in this job.`);
      continue;
    }
    const unit = cell('unit');
    // A file that says no unit is in mm, and what may be meant in metres is asked about as where it is typed.
    const value = unit === '' ? parseLength(cell('value'), 'mm') : parseLengthIn(cell('value'), unit);
    if (!value) {
      told(`“${unit}” is no unit: mm, cm, m, in and ft are.`);
      continue;
    }
    if (!value.ok) {
      told(`“${cell('value')}” cannot be taken: ${value.message}`);
      continue;
    }
    const back = cell('withdrawn').toLowerCase();
    if (!WITHDRAWN.has(back) && !COUNTED.has(back)) {
      told(`“${cell('withdrawn')}” in the column withdrawn is neither yes nor no.`);
      continue;
    }
    const { mm } = value;
    const doubt =
      mm > 0
        ? dimension
          ? unitDoubt(mm, dimension.mm, MILLIMETRES)
          : checkDoubt(mm, checks.get(of) ?? [], MILLIMETRES)
        : undefined;
    if (doubt) {
      told(doubt);
      continue;
    }
    const place = cell('place') || 'here';
    const name = cell('instrument');
    let tool = name ? tools.get(name.toLowerCase()) : undefined;
    if (name && !tool) {
      const kind = INSTRUMENT_KINDS.find((one) => one === cell('kind')) ?? 'tape';
      tool = { id: context.id(), name: name.slice(0, 80), kind, trusted: false };
      tools.set(name.toLowerCase(), tool);
      made.push(tool);
    }
    const read = v.safeParse(ReadingSchema, {
      id: cell('id') || context.id(),
      of,
      mm,
      place: READ_PLACES.find((one) => one === place.toLowerCase()) ?? place,
      instrument: tool?.id ?? null,
      who: cell('who'),
      at: timeOf(cell('at')) ?? (cell('at') || context.now()),
      note: cell('note'),
      withdrawn: WITHDRAWN.has(back),
    });
    if (!read.success) told(sentenceOf(read.issues[0]));
    else if (ids.has(read.output.id)) told('Another row has the same id.');
    else {
      ids.add(read.output.id);
      if (isCheck(read.output)) checks.set(of, [...(checks.get(of) ?? []), mm].slice(-MOST_CHECKS));
      readings.push(read.output);
    }
  }
  return { log: { readings, instruments: made }, issues };
}

/** A time as people and spreadsheets write it, as the format has it; undefined where it is none. */
function timeOf(text: string): string | undefined {
  const time = text === '' ? NaN : Date.parse(text);
  return Number.isNaN(time) ? undefined : new Date(time).toISOString();
}

function sentenceOf(issue: v.BaseIssue<unknown>): string {
  const key = issue.path?.[0]?.key;
  if (key === 'place') return `“${String(issue.input)}” is no place: ${READ_PLACES.join(', ')} are.`;
  return plainSentence(issue);
}
