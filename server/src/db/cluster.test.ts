import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import pg from 'pg';
import { livePid, startCluster } from '../../../scripts/lib/postgres.mjs';

describe('the PostgreSQL that npm start runs', () => {
  it('is started again where it was when it dies, with what was committed, and says so once', async () => {
    const folder = mkdtempSync(join(tmpdir(), 'tarnpass-test-'));
    const told: string[] = [];
    const cluster = await startCluster(folder, { tell: (line: string) => told.push(line) });
    const ask = async (text: string) => {
      const client = new pg.Client({ connectionString: cluster.url });
      client.on('error', () => undefined);
      await client.connect();
      const { rows } = await client.query(text);
      await client.end();
      return rows as Record<string, unknown>[];
    };
    try {
      await ask('create table kept as select 7 as n');
      // One of our own: the number stands in its folder.
      process.kill(livePid(join(folder, 'data'))!, 'SIGKILL');
      const until = Date.now() + 30_000;
      let rows: Record<string, unknown>[] | undefined;
      while (!rows && Date.now() < until) {
        await new Promise((resolve) => setTimeout(resolve, 200));
        rows = await ask('select n from kept').catch(() => undefined);
      }
      expect(rows).toEqual([{ n: 7 }]);
      expect(told).toEqual(['PostgreSQL ended by itself; it is started again.']);
    } finally {
      await cluster.stop();
      rmSync(folder, { recursive: true, force: true });
    }
  });
});
