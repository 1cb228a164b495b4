import { parseLength } from '../length/parseLength';
import type { UnitSystem } from '../length/units';
import type { Offset } from './schema';

export type OffsetsRead =
  { readonly ok: true; readonly table: readonly Offset[] } | { readonly ok: false; readonly message: string };

/**
 * A table of offsets as it is written down: a station and a depth on each line, parted by two spaces, a tab, a comma or a
 * semicolon. A single space parts them too where that leaves two lengths.
 */
export function readOffsets(text: string, system: UnitSystem): OffsetsRead {
  const lines = text.split('\n').map((line) => line.trim());
  const table: Offset[] = [];
  for (const [i, line] of lines.entries()) {
    if (line === '') continue;
    const parted = line.split(/\s{2,}|[\t,;]/).filter((cell) => cell.trim() !== '');
    const cells = parted.length === 2 ? parted : line.split(/\s+/);
    if (cells.length !== 2)
      return { ok: false, message: `Row ${i + 1} needs a station and a depth: “${line}”.` };
    const [station, depth] = cells.map((cell) => ({ cell: cell.trim(), read: parseLength(cell, system) }));
    for (const { cell, read } of [station!, depth!])
      if (!read.ok) return { ok: false, message: `Row ${i + 1}, “${cell}”: ${read.message}` };
    const length = ({ cell, read }: { cell: string; read: ReturnType<typeof parseLength> }) => ({
      mm: read.ok ? read.mm : 0,
      typed: cell,
      unit: system,
    });
    table.push({ station: length(station!), depth: length(depth!) });
  }
  return table.length < 2
    ? { ok: false, message: 'A table of offsets needs two rows or more.' }
    : { ok: true, table };
}
