import { defineConfig } from 'drizzle-kit';

/** `npx drizzle-kit generate` in this room writes the next migration file from the tables. */
export default defineConfig({ dialect: 'postgresql', schema: './src/db/tables.ts', out: './migrations' });
