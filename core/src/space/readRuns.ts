import { parseLength } from '../length/parseLength';
import { formatLength } from '../length/formatLength';
import type { Units } from '../length/units';
import { runsOf, type Run } from './outline';
import type { Space } from './schema';

export type RunsRead =
  | { readonly ok: true; readonly runs: readonly Run[] }
  | { readonly ok: false; readonly message: string; readonly row: number };

/** A right angle is what is meant where only the way is said. */
const RIGHT = 90;

/**
 * Runs and turns as they are called out while walking along the walls, one run a line: `3600 left`, `1500 right`,
 * `2400 left 45`. The turn is the one at the run's end; without one it is to the left by a right angle.
 */
export function readRuns(text: string, { system }: Pick<Units, 'system'>): RunsRead {
  const runs: Run[] = [];
  for (const [row, line] of text.split('\n').entries()) {
    if (line.trim() === '') continue;
    const parts = /^(.*?)(?:[\s,]+(left|right|straight)\s*([\d.]+)?\s*°?)?\s*$/i.exec(line.trim())!;
    const [, length, way = 'left', degrees] = parts;
    const read = parseLength(length!, system);
    if (!read.ok) return { ok: false, row, message: `Row ${row + 1}: ${read.message}` };
    if (!(read.mm > 0)) return { ok: false, row, message: `Row ${row + 1}: a run must be longer than 0.` };
    const by = /straight/i.test(way) ? 0 : Number(degrees ?? RIGHT);
    if (!(by >= 0 && by < 180))
      return { ok: false, row, message: `Row ${row + 1}: a turn is less than 180 degrees.` };
    runs.push({ mm: read.mm, turn: /right/i.test(way) ? -by : by });
  }
  return { ok: true, runs };
}

/** The runs and turns of a space as they would be typed. */
export function runsText(space: Space, units: Units): string {
  return runsOf(space)
    .map(({ wall, turn }) => {
      const by = Math.abs(turn);
      const way =
        by < 0.005
          ? 'straight'
          : `${turn < 0 ? 'right' : 'left'}${Math.abs(by - RIGHT) < 0.005 ? '' : ` ${Number(by.toFixed(2))}`}`;
      return `${formatLength(wall.length, units)}  ${way}`;
    })
    .join('\n');
}
