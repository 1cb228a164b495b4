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
  for (const needed of ['dimension', 'value'])
    if (!header.includes(needed)) {
      const message = `The first row names the columns, and there is none called “${needed}”.`;
      return { log: { readings: [], instruments: [] }, issues: [{ row: 1, message }] };
    }
  const table = new ReadingTable(header, context);
  const issues: RowIssue[] = [];
  for (let i = 1; i < rows.length; i += 1) {
    if (i % STEP === 0) yield i;
    if (rows[i]!.every((cell) => cell.trim() === '')) continue;
    const message = table.take(rows[i]!);
    if (message !== undefined) issues.push({ row: i + 1, message });
  }
  return { log: { readings: table.readings, instruments: table.made }, issues };
}

/** Readings row by row, with what rows before tell of instruments, ids and lengths. */
class ReadingTable {
  readonly readings: Reading[] = [];
  /** Instruments that the rows name and nobody had. */
  readonly made: Instrument[] = [];
  private readonly at: ReadonlyMap<string, number>;
  private readonly tools: Map<string, Instrument>;
  private readonly known: ReadonlyMap<string, RowContext['dimensions'][number]>;
  private readonly ids = new Set<string>();
  /** What was read of each length that instruments are compared by. */
  private readonly checks = new Map<string, readonly number[]>();

  constructor(
    private readonly header: readonly string[],
    private readonly context: RowContext,
  ) {
    this.at = new Map(header.map((name, i) => [name, i]));
    this.tools = new Map(context.instruments.map((one) => [one.name.toLowerCase(), one]));
    this.known = new Map(
      context.dimensions.flatMap(
        (one) =>
          [
            [one.key, one],
            [one.name.toLowerCase(), one],
          ] as const,
      ),
    );
  }

  /** Takes a row, or says why not. */
  take(cells: readonly string[]): string | undefined {
    const cell = (name: Column): string => cells[this.at.get(name) ?? -1]?.trim() ?? '';
    if (cells.length > this.header.length)
      return `This row has ${cells.length} cells, and the header ${this.header.length}: is a comma in a text without quotes?`;
    const named = cell('dimension');
    const dimension = this.known.get(named) ?? this.known.get(named.toLowerCase());
    const of = dimension?.key ?? (/^check\//.test(named) ? named : undefined);
    if (!of) return `There is no dimension “${named}” in this job.`;
    const value = readValue(cell('value'), cell('unit'));
    if (typeof value === 'string') return value;
    const back = cell('withdrawn').toLowerCase();
    if (!WITHDRAWN.has(back) && !COUNTED.has(back))
      return `“${cell('withdrawn')}” in the column withdrawn is neither yes nor no.`;
    const doubt = this.doubtOf(value.mm, of, dimension);
    if (doubt) return doubt;
    const place = cell('place') || 'here';
    const read = v.safeParse(ReadingSchema, {
      id: cell('id') || this.context.id(),
      of,
      mm: value.mm,
      place: READ_PLACES.find((one) => one === place.toLowerCase()) ?? place,
      instrument: this.tool(cell('instrument'), cell('kind'))?.id ?? null,
      who: cell('who'),
      at: timeOf(cell('at')) ?? (cell('at') || this.context.now()),
      note: cell('note'),
      withdrawn: WITHDRAWN.has(back),
    });
    return read.success ? this.keep(read.output) : sentenceOf(read.issues[0]);
  }

  /** Whether a figure may be meant in another unit than it is given in. */
  private doubtOf(
    mm: number,
    of: string,
    dimension: { readonly mm: number } | undefined,
  ): string | undefined {
    if (!(mm > 0)) return undefined;
    return dimension
      ? unitDoubt(mm, dimension.mm, MILLIMETRES)
      : checkDoubt(mm, this.checks.get(of) ?? [], MILLIMETRES);
  }

  /** The instrument of a name; a new one of that name where nobody had it. */
  private tool(name: string, kind: string): Instrument | undefined {
    if (!name) return undefined;
    const there = this.tools.get(name.toLowerCase());
    if (there) return there;
    const tool: Instrument = {
      id: this.context.id(),
      name: name.slice(0, 80),
      kind: INSTRUMENT_KINDS.find((one) => one === kind) ?? 'tape',
      trusted: false,
    };
    this.tools.set(name.toLowerCase(), tool);
    this.made.push(tool);
    return tool;
  }

  private keep(reading: Reading): string | undefined {
    if (this.ids.has(reading.id)) return 'Another row has the same id.';
    this.ids.add(reading.id);
    const { of, mm } = reading;
    if (isCheck(reading)) this.checks.set(of, [...(this.checks.get(of) ?? []), mm].slice(-MOST_CHECKS));
    this.readings.push(reading);
    return undefined;
  }
}

/** A length as its cells give it, or why it cannot be taken. */
function readValue(text: string, unit: string): { readonly mm: number } | string {
  // A file that says no unit is in mm, and what may be meant in metres is asked about as where it is typed.
  const value = unit === '' ? parseLength(text, 'mm') : parseLengthIn(text, unit);
  if (!value) return `“${unit}” is no unit: mm, cm, m, in and ft are.`;
  return value.ok ? value : `“${text}” cannot be taken: ${value.message}`;
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
