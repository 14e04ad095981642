import { existsSync, readFileSync, rmSync } from 'node:fs';
import { ensureChromium, ensurePackages, run } from './ensure.mjs';

/** Every check of the project, from a bare checkout; the last line sums up the tests. */
ensurePackages();
ensureChromium();

const RESULTS = 'test-results';
const unitReport = `${RESULTS}/unit.json`;
const browserReport = `${RESULTS}/browser.json`;
rmSync(RESULTS, { recursive: true, force: true });

const brokenChecks = [];
function check(name, command, args, env) {
  console.log(`\n— ${name}`);
  try {
    run(command, args, env);
  } catch {
    brokenChecks.push(name);
  }
}

check('build', 'npm', ['run', '--silent', 'build'], { NEXT_PUBLIC_DEMO: '1' });
check('format', 'npx', ['prettier', '--check', '--log-level', 'warn', '.']);
check('lint', 'npx', ['eslint', '.']);
check('types', 'npx', ['tsc', '--noEmit']);
check('boundaries', 'npx', ['depcruise', '--output-type', 'err', 'src', 'demo', 'scripts', 'e2e']);
check('unused code', 'npx', ['knip']);
check('unit tests', 'npx', ['jest', '--json', `--outputFile=${unitReport}`]);
check('browser tests', 'npx', ['playwright', 'test'], { BROWSER_REPORT: browserReport });

const unit = existsSync(unitReport) ? JSON.parse(readFileSync(unitReport, 'utf8')) : null;
const browser = existsSync(browserReport) ? JSON.parse(readFileSync(browserReport, 'utf8')) : null;
const passed = (unit?.numPassedTests ?? 0) + (browser?.stats.expected ?? 0);
const failed =
  (unit ? unit.numFailedTests + unit.numRuntimeErrorTestSuites : 1) +
  (browser ? browser.stats.unexpected + browser.stats.flaky + browser.errors.length : 1);

if (brokenChecks.length > 0) console.log(`\nNot in order: ${brokenChecks.join(', ')}`);
console.log(`\n${passed} passed, ${failed} failed`);
process.exit(brokenChecks.length > 0 || failed > 0 ? 1 : 0);
