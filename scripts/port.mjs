import { createServer } from 'node:net';

/** The first free port on 127.0.0.1 from `first` on. */
export async function freePort(first) {
  for (let port = first; port < first + 100; port += 1) {
    if (await isFree(port)) return port;
  }
  throw new Error(`No free port from ${first} to ${first + 99}`);
}

function isFree(port) {
  return new Promise((resolve) => {
    const server = createServer();
    server.once('error', () => resolve(false));
    server.listen(port, '127.0.0.1', () => server.close(() => resolve(true)));
  });
}
