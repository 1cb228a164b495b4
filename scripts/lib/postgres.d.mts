/** What `postgres.mjs` hands out, for the tests that are written in TypeScript. */
export interface Cluster {
  readonly url: string;
  makeDatabase(name: string): Promise<string>;
  stop(): Promise<void>;
}
export function startCluster(
  folder: string,
  options?: { readonly onDisk?: boolean; readonly tell?: (line: string) => void },
): Promise<Cluster>;
export function throwawayCluster(): Promise<Pick<Cluster, 'makeDatabase' | 'stop'>>;
export function findPostgres(): Promise<string>;
export function livePid(data: string): number | undefined;
