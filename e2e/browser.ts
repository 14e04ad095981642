import type { LaunchOptions } from '@playwright/test';

/** Debian's Chromium, kept from asking anything of the outside. */
export const launchOptions: LaunchOptions = {
  executablePath: process.env.CHROMIUM_PATH ?? '/usr/bin/chromium',
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-dev-shm-usage',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
    '--disable-domain-reliability',
    '--disable-client-side-phishing-detection',
    '--no-pings',
    '--host-resolver-rules=MAP * ~NOTFOUND , EXCLUDE localhost , EXCLUDE 127.0.0.1',
    '--disable-features=OptimizationHints,AutofillServerCommunication,Translate,MediaRouter',
  ],
};

/** The same, with a file in the place of its camera or microphone, and leave to use it. */
export function listeningTo(
  file: `--use-file-for-fake-${'audio' | 'video'}-capture=${string}`,
): LaunchOptions {
  const media = ['--use-fake-device-for-media-stream', '--use-fake-ui-for-media-stream'];
  return { ...launchOptions, args: [...launchOptions.args!, ...media, file] };
}

export const PORT = 3417;
export const ORIGIN = `http://127.0.0.1:${PORT}`;

/** The same interface in a language that nobody speaks. */
export const MADE_UP_PORT = PORT + 1;
export const MADE_UP_ORIGIN = `http://127.0.0.1:${MADE_UP_PORT}`;
