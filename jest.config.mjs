/** One Jest for core, server and web logic; the server's own tests need DATABASE_URL, which `npm test` sets. */
const swc = {
  jsc: {
    parser: { syntax: 'typescript', tsx: true },
    target: 'es2022',
    transform: { react: { runtime: 'automatic' } },
  },
  module: { type: 'es6' },
};

const room = (name) => ({
  displayName: name,
  rootDir: name,
  testEnvironment: '<rootDir>/../scripts/lib/plainEnvironment.mjs',
  testMatch: ['<rootDir>/**/*.test.ts'],
  testPathIgnorePatterns: ['/node_modules/', '/dist/'],
  extensionsToTreatAsEsm: ['.ts', '.tsx'],
  transform: { '^.+\\.tsx?$': ['@swc/jest', swc] },
});

// Time is measured in the benchmark; a slow machine must not fail a test.
export default { testTimeout: 180_000, projects: [room('core'), room('server'), room('web')] };
