import nextJest from 'next/jest.js';

const createConfig = nextJest({ dir: './' });

/** Packages that ship ES modules only and must be compiled for Jest. */
const esm = [
  'nanoid',
  'd3-[a-z-]+',
  'internmap',
  '@tanstack',
  'idb',
  'comlink',
  'yup',
  'flatqueue',
];

/** Tests stand in a stated zone, as on a stated day. */
process.env.TZ = process.env.STATED_ZONE ?? 'UTC';

export default async function config() {
  const base = await createConfig({
    testEnvironment: '<rootDir>/scripts/jestBrowserEnvironment.cjs',
    setupFiles: ['<rootDir>/src/testing/standOnStatedDay.ts', 'fake-indexeddb/auto'],
    setupFilesAfterEnv: ['@testing-library/jest-dom'],
    // Nothing else runs meanwhile: one core is not held back.
    maxWorkers: '100%',
    // A busy machine takes a multiple of the usual time for a database in memory.
    testTimeout: 20_000,
    testMatch: ['<rootDir>/src/**/*.test.{ts,tsx}', '<rootDir>/demo/**/*.test.ts'],
  })();
  return { ...base, transformIgnorePatterns: [`/node_modules/(?!(${esm.join('|')})/)`] };
}
