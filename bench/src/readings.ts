import {
  measurable,
  newPlan,
  outlineOf,
  readReadingRows,
  summarise,
  type Reading,
  type ReadingLog,
} from '@tarnpass/core';
import type { Figures } from './figures';
import { median, timed } from './figures';

const uuid = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;

/** Readings as a careful week's work would leave them, made the same every time: over all dimensions, with two tapes. */
export function manyReadings(count: number): ReadingLog {
  const dimensions = measurable(newPlan('A room'));
  const tools = [uuid(900_001), uuid(900_002)];
  const readings = Array.from({ length: count }, (_, i): Reading => {
    const { key, mm } = dimensions[i % dimensions.length]!;
    const check = i % 50 === 0;
    return {
      id: uuid(i),
      of: check ? `check/${1 + ((i / 50) % 8)}` : key,
      mm: (check ? 500 + 250 * ((i / 50) % 8) : mm) + ((i * 7) % 11) / 10,
      place: 'here',
      instrument: tools[(i / 50) % 2 < 1 ? 0 : 1]!,
      who: 'Ada',
      at: '2026-03-01T10:00:00.000Z',
      note: '',
      withdrawn: false,
    };
  });
  const instruments = tools.map((id, i) => ({
    id,
    name: `Tape ${i + 1}`,
    kind: 'tape' as const,
    trusted: i === 0,
  }));
  return { instruments, readings };
}

/** What governs of 10,000 readings, and 5,000 rows of a file read, without the page about them. */
export function measureReadings(figures: Figures): void {
  const log = manyReadings(10_000);
  const times = Array.from({ length: 9 }, () => timed(() => summarise(log, () => 'mean')));
  figures.note('readings10kMs', median(times));
  const rows = [
    ['dimension', 'value', 'unit'],
    ...manyReadings(5000).readings.map(({ of, mm }) => [of, String(mm), 'mm']),
  ];
  const context = {
    dimensions: measurable(newPlan('A room')),
    instruments: [],
    id: (() => {
      let n = 0;
      return () => uuid((n += 1));
    })(),
    now: () => '2026-03-01T10:00:00.000Z',
  };
  const reads = Array.from({ length: 9 }, () =>
    timed(() => {
      const steps = readReadingRows(rows, context);
      while (!steps.next().done);
    }),
  );
  figures.note('csv5kMs', median(reads));
}

/** The outline of a drawing of so many lines, each an own entity, in no order. */
export function measureDrawing(figures: Figures): void {
  const ofLines = (n: number) => {
    const at = (i: number): [number, number] => [
      9000 * Math.cos((2 * Math.PI * i) / n) ** 3,
      9000 * Math.sin((2 * Math.PI * i) / n) ** 3,
    ];
    const lines = Array.from({ length: n }, (_, k) => {
      const i = (k * 7919) % n;
      return { points: [at(i), at((i + 1) % n)], closed: false };
    });
    return median(
      Array.from({ length: 5 }, () => timed(() => outlineOf({ lines, ignored: {}, unit: 1 }, 1))),
    );
  };
  const few = ofLines(5000);
  const many = ofLines(20_000);
  figures.note('drawing20kMs', many);
  figures.note('drawingGrowth', many / few);
}
