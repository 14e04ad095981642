import base from './playwright.config';

/** Renews the pictures in docs/screenshots from the sample data. */
const config = { ...base, testDir: 'e2e', testMatch: 'screenshots.shots.ts', reporter: 'list' };

export default config;
