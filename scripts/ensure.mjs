import { execFile, execFileSync } from 'node:child_process';
import { existsSync, statSync } from 'node:fs';

/** Set-up that a fresh machine lacks; uses nothing but Node itself. */

export const CHROMIUM = process.env.CHROMIUM_PATH ?? '/usr/bin/chromium';

const env = {
  ...process.env,
  NEXT_TELEMETRY_DISABLED: '1',
  PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD: '1',
};

/** Runs a command with its output shown; throws when it fails. */
export function run(command, args, extraEnv = {}) {
  execFileSync(command, args, { stdio: 'inherit', env: { ...env, ...extraEnv } });
}

/** Runs a command beside others: whether it went well, and all that it printed. */
export function printed(command, args) {
  return new Promise((resolve) => {
    execFile(command, args, { env, maxBuffer: 64 * 1024 * 1024 }, (error, out, problems) =>
      resolve({ isSound: error === null, words: `${out}${problems}`.trimEnd() }),
    );
  });
}

/** Installs the locked packages unless they are there and no older than the lock file. */
export function ensurePackages() {
  const installed = 'node_modules/.package-lock.json';
  if (existsSync(installed) && statSync(installed).mtimeMs >= statSync('package-lock.json').mtimeMs)
    return;
  console.log('Installing packages …');
  run('npm', ['ci', '--no-audit', '--no-fund']);
}

/** Installs Debian's Chromium unless a browser is there. */
export function ensureChromium() {
  if (existsSync(CHROMIUM)) return;
  console.log('Installing Chromium …');
  const asRoot = process.getuid?.() === 0 ? [] : ['sudo'];
  const [command, ...rest] = [...asRoot, 'apt-get'];
  run(command, [...rest, 'update', '-qq']);
  run(command, [...rest, 'install', '-y', '-qq', 'chromium'], {
    DEBIAN_FRONTEND: 'noninteractive',
  });
}
