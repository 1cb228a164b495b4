import { databaseAway, outageOnce } from './away';
import { AllTaken } from './promptPool';

const refused = Object.assign(new Error('connect ECONNREFUSED'), { code: 'ECONNREFUSED' });

describe('a database that is away', () => {
  it('is known by its error, or by what caused it', () => {
    expect(databaseAway(refused)).toMatch(/cannot be reached/);
    expect(databaseAway(new Error('Failed query', { cause: refused }))).toMatch(/cannot be reached/);
    expect(databaseAway(new Error('Failed query', { cause: new AllTaken() }))).toMatch(/busy/);
    expect(databaseAway(new AggregateError([refused], 'all addresses'))).toMatch(/cannot be reached/);
    expect(databaseAway(Object.assign(new Error('duplicate key'), { code: '23505' }))).toBeUndefined();
    expect(databaseAway('not an error')).toBeUndefined();
  });

  it('is one line in the log for as long as it lasts; anything else is told each time', () => {
    const lines: unknown[] = [];
    let at = 0;
    const log = outageOnce(
      (line) => lines.push(line),
      () => at,
    );
    for (at = 0; at < 90_000; at += 1000) log(refused);
    expect(lines).toEqual(['The database cannot be reached just now.']);
    at += 60_000;
    log(refused);
    const other = new Error('a fault');
    log(other);
    log(other);
    expect(lines.slice(1)).toEqual(['The database cannot be reached just now.', other, other]);
  });
});
