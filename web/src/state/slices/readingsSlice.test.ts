import type { Reading } from '@tarnpass/core';
import { entriesCame, logRead, outboxSent, readingsReducer, readingTaken } from './readingsSlice';

const reading = (id: string, withdrawn = false): Reading => ({
  id,
  of: 'space/width',
  mm: 2400,
  place: 'here',
  instrument: null,
  who: '',
  at: '2026-03-01T10:00:00.000Z',
  note: '',
  withdrawn,
});
const start = readingsReducer(undefined, { type: 'start' });
const after = (...actions: Parameters<typeof readingsReducer>[1][]) => actions.reduce(readingsReducer, start);
const came = (...readings: Reading[]) => entriesCame({ seq: 7, readings, instruments: [] });

describe('readings on their way to the server', () => {
  it('one that is kept waits no longer, whether the answer or the live page tells it first', () => {
    expect(after(readingTaken(reading('a')), outboxSent([reading('a')])).outbox).toEqual([]);
    const live = after(readingTaken(reading('a')), came(reading('a')));
    expect([live.outbox, live.log.readings.length, live.seq]).toEqual([[], 1, 7]);
  });

  it('one taken back while it was being sent still waits, and stays taken back on the page', () => {
    const both = [readingTaken(reading('a')), readingTaken(reading('a', true))];
    for (const told of [outboxSent([reading('a')]), came(reading('a'))]) {
      const { outbox, log } = after(...both, told);
      expect(outbox).toEqual([reading('a', true)]);
      expect(log.readings).toEqual([reading('a', true)]);
    }
  });

  it('what waits is shown with a log that is read anew', () => {
    const log = { instruments: [], readings: [reading('b')], seq: 3 };
    expect(after(readingTaken(reading('a')), logRead(log)).log.readings.map(({ id }) => id)).toEqual([
      'b',
      'a',
    ]);
  });
});
