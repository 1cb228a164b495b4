/** A worker of Node's starts here: it takes no TypeScript itself, so tsx is registered first. */
import { register } from 'tsx/esm/api';

register();
await import('./nodeWorker.ts');
