import { createHash } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { NextConfig } from 'next';

/**
 * What holds for every answer. The script policy of pages stands in each page itself, with the
 * hashes of its own inline scripts: see scripts/postbuild.mjs.
 */
const headers = [
  { key: 'X-Content-Type-Options', value: 'nosniff' },
  { key: 'Referrer-Policy', value: 'no-referrer' },
  {
    key: 'Permissions-Policy',
    value:
      'accelerometer=(self), gyroscope=(self), camera=(self), microphone=(self), geolocation=(), magnetometer=()',
  },
];
const framePolicy = "frame-ancestors 'none'; object-src 'none'; base-uri 'none'";
const workerPolicy = "default-src 'self'; script-src 'self' 'wasm-unsafe-eval'; connect-src 'self'";

/** Changes with any line of the model, so that what an older one has judged is judged again. */
function modelId(): string {
  const hash = createHash('sha256');
  for (const folder of ['src/core', 'src/domain']) {
    for (const file of readdirSync(folder, { recursive: true, encoding: 'utf8' }).sort()) {
      if (file.endsWith('.ts') && !file.endsWith('.test.ts')) {
        hash.update(file).update(readFileSync(join(folder, file)));
      }
    }
  }
  return hash.digest('hex').slice(0, 16);
}

/** Builds the interface in the language that nobody speaks, in a folder of its own: for its tests alone. */
const isMadeUp = process.env.INTERFACE_LANGUAGE === 'made-up';

const config: NextConfig = {
  ...(isMadeUp && {
    distDir: '.next-made-up',
    turbopack: {
      rules: Object.fromEntries(
        [
          '**/src/ui/words/**/*.ts',
          '**/src/features/**/words.ts',
          '**/src/features/**/words/*.ts',
        ].map((files) => [files, { loaders: [join(__dirname, 'scripts/madeUpLanguage.cjs')] }]),
      ),
    },
  }),
  env: { MODEL_ID: modelId() },
  reactStrictMode: true,
  poweredByHeader: false,
  // It is served on the machine that shows it: packing and unpacking would only take its time.
  compress: false,
  devIndicators: false,
  // `npm test` checks the types once, for all of the project.
  typescript: { ignoreBuildErrors: true },
  async headers() {
    if (process.env.NODE_ENV !== 'production') return [];
    return [
      {
        source: '/:path*',
        headers: [...headers, { key: 'Content-Security-Policy', value: framePolicy }],
      },
      {
        source: '/_next/static/:path*',
        headers: [{ key: 'Content-Security-Policy', value: workerPolicy }],
      },
      {
        source: '/sw.js',
        headers: [
          { key: 'Cache-Control', value: 'no-cache' },
          { key: 'Content-Security-Policy', value: workerPolicy },
        ],
      },
    ];
  },
};

export default config;
