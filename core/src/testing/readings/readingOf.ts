import type { Reading } from '../../readings/schema';

/** A UUID that is told by its number. Tests only. */
export const uuid = (n: number): string => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;

/** A reading with what a test does not care about filled in; `n` tells it from the others. Tests only. */
export const readingOf = (n: number, of: string, mm: number, instrument: string | null = null): Reading => ({
  id: uuid(n),
  of,
  mm,
  place: 'here',
  instrument,
  who: '',
  at: '2026-03-01T10:00:00.000Z',
  note: '',
  withdrawn: false,
});
