import { spawn } from 'node:child_process';
import { ensurePackages, run } from './ensure.mjs';
import { freePort } from './port.mjs';

/** Installs what is missing, builds, and serves the application with the sample crew's data. */
ensurePackages();
run('npm', ['run', '--silent', 'build'], { NEXT_PUBLIC_DEMO: '1' });

const port = await freePort(3000);
const server = spawn('npx', ['next', 'start', '-H', '127.0.0.1', '-p', String(port)], {
  stdio: ['ignore', 'pipe', 'inherit'],
  env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1' },
});
server.stdout.on('data', (chunk) => {
  if (String(chunk).includes('Ready')) {
    console.log(`\nOpen Trail is ready with the sample crew: http://127.0.0.1:${port}\n`);
  }
});
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
server.on('exit', (code) => process.exit(code ?? 0));
