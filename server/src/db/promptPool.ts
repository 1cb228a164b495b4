import pg from 'pg';

/** So long a request waits for one of the pool's connections while all are taken, ms. */
const MOST_WAIT = 300;

/** All connections are taken, and stayed so: the caller is told at once, not when its own patience ends. */
export class AllTaken extends Error {
  constructor() {
    super('Every connection to the database is taken.');
  }
}

/** A pool that says soon that it is exhausted: a burst waits its turn, a standstill is told. */
export class PromptPool extends pg.Pool {
  override connect(): Promise<pg.PoolClient>;
  override connect(
    callback: (
      error: Error | undefined,
      client: pg.PoolClient | undefined,
      done: (release?: Error | boolean) => void,
    ) => void,
  ): void;
  override connect(
    callback?: (
      error: Error | undefined,
      client: pg.PoolClient | undefined,
      done: (release?: Error | boolean) => void,
    ) => void,
  ): Promise<pg.PoolClient> | void {
    const client =
      this.idleCount === 0 && this.totalCount >= this.options.max ? this.inTurn() : super.connect();
    if (!callback) return client;
    client.then(
      (found) => callback(undefined, found, (release) => found.release(release)),
      (error: Error) => callback(error, undefined, () => undefined),
    );
  }

  private inTurn(): Promise<pg.PoolClient> {
    const client = super.connect();
    return new Promise((resolve, reject) => {
      let late = false;
      const timer = setTimeout(() => {
        late = true;
        reject(new AllTaken());
      }, MOST_WAIT);
      client.then(
        (found) => {
          clearTimeout(timer);
          if (late) found.release();
          else resolve(found);
        },
        (error: Error) => {
          clearTimeout(timer);
          reject(error);
        },
      );
    });
  }
}
