import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { ensureChromium, ensurePackages, printed, run } from './ensure.mjs';

/** Every check of the project, from a bare checkout; the last line sums up the tests. */
ensurePackages();
ensureChromium();

const RESULTS = 'test-results';
const unitReport = `${RESULTS}/unit.json`;
const browserReport = `${RESULTS}/browser.json`;
rmSync(RESULTS, { recursive: true, force: true });
mkdirSync(RESULTS);

const brokenChecks = [];
/** Runs one of the package's scripts, and says how long it took. */
function check(script, env = {}, args = []) {
  console.log(`\n— ${script}`);
  const startedAt = Date.now();
  try {
    run('npm', ['run', '--silent', script, '--', ...args], env);
  } catch {
    brokenChecks.push(script);
  }
  console.log(`  ${script}: ${Math.round((Date.now() - startedAt) / 1000)} s`);
}

/** Runs scripts beside each other, as each keeps one core; what they print follows in their order. */
async function checkTogether(scripts) {
  const startedAt = Date.now();
  const ran = await Promise.all(
    scripts.map((script) => printed('npm', ['run', '--silent', script])),
  );
  ran.forEach(({ isSound, words }, i) => {
    console.log(`\n— ${scripts[i]}\n${words}`);
    if (!isSound) brokenChecks.push(scripts[i]);
  });
  console.log(`  together: ${Math.round((Date.now() - startedAt) / 1000)} s`);
}

check('build', { NEXT_PUBLIC_DEMO: '1' });
await checkTogether(['budget', 'lint', 'types', 'format', 'boundaries', 'unused']);
check('unit', {}, ['--json', `--outputFile=${unitReport}`]);
check('browser', { BROWSER_REPORT: browserReport });

const unit = existsSync(unitReport) ? JSON.parse(readFileSync(unitReport, 'utf8')) : null;
const browser = existsSync(browserReport) ? JSON.parse(readFileSync(browserReport, 'utf8')) : null;
const passed =
  (unit?.numPassedTests ?? 0) + (browser?.stats.expected ?? 0) + (browser?.stats.flaky ?? 0);
const failed =
  (unit ? unit.numFailedTests + unit.numRuntimeErrorTestSuites : 1) +
  (browser ? browser.stats.unexpected + browser.errors.length : 1);

/** Journeys that failed once and passed when they were tried again: whoever sees one mends it. */
function flakyJourneys(suites, above = []) {
  return suites.flatMap(({ title, specs = [], suites: inner = [] }) => [
    ...specs
      .filter(({ tests }) => tests.some(({ status }) => status === 'flaky'))
      .map((spec) => [...above, title, spec.title].join(' › ')),
    ...flakyJourneys(inner, [...above, title]),
  ]);
}
for (const name of flakyJourneys(browser?.suites ?? [])) console.log(`\nFlaky: ${name}`);
if (brokenChecks.length > 0) console.log(`\nNot in order: ${brokenChecks.join(', ')}`);
console.log(`\n${passed} passed, ${failed} failed`);
process.exit(brokenChecks.length > 0 || failed > 0 ? 1 : 0);
