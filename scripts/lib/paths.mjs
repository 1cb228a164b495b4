import { fileURLToPath } from 'node:url';

/** A path inside the project, from its root. */
export const fromRoot = (path) => fileURLToPath(new URL(`../../${path}`, import.meta.url));
