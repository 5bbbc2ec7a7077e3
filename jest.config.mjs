/** Unit and server tests beside the code; the browser's are in e2e/. */
export default {
  testEnvironment: 'node',
  roots: ['<rootDir>/src', '<rootDir>/demo'],
  testMatch: ['**/*.test.ts', '**/*.test.tsx'],
  transform: {
    // The hashes come as ES modules only.
    '^.+\\.(tsx?|js)$': [
      '@swc/jest',
      {
        jsc: {
          parser: { syntax: 'typescript', tsx: true },
          transform: { react: { runtime: 'automatic' } },
          target: 'es2022',
        },
      },
    ],
  },
  transformIgnorePatterns: ['/node_modules/(?!@noble/)'],
  setupFiles: ['<rootDir>/scripts/jest-setup.ts'],
  globalSetup: '<rootDir>/scripts/setup/jest-database.mjs',
  globalTeardown: '<rootDir>/scripts/setup/jest-database-stop.mjs',
  // Ends what hangs. A machine that stands still for a minute has no defect to show.
  testTimeout: 90_000,
  // Jest leaves one core free by itself; of two that would be half.
  maxWorkers: '100%',
};
