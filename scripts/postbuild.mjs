import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import { buildSync } from 'esbuild';

/**
 * After `next build`: gives every prerendered page a script policy with the hashes of its own
 * inline scripts, and bundles the service worker with the list of what it has to keep.
 */

const APP = '.next/server/app';
const build = readFileSync('.next/BUILD_ID', 'utf8').trim();

function filesBelow(folder) {
  if (!existsSync(folder)) return [];
  return readdirSync(folder, { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile())
    .map((entry) => relative(folder, join(entry.parentPath, entry.name)));
}

function inlineScriptHashes(html) {
  const scripts = [...html.matchAll(/<script(?![^>]*\ssrc=)[^>]*>([\s\S]*?)<\/script>/g)];
  const hashes = scripts.map(([, code]) => createHash('sha256').update(code).digest('base64'));
  return [...new Set(hashes)].map((hash) => `'sha256-${hash}'`);
}

function policy(html) {
  return [
    "default-src 'self'",
    `script-src 'self' 'wasm-unsafe-eval' ${inlineScriptHashes(html).join(' ')}`,
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self'",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
  ].join('; ');
}

const htmlFiles = filesBelow(APP).filter((file) => file.endsWith('.html'));
for (const file of htmlFiles) {
  const path = join(APP, file);
  const html = readFileSync(path, 'utf8');
  if (html.includes('http-equiv="Content-Security-Policy"')) continue;
  const meta = `<meta http-equiv="Content-Security-Policy" content="${policy(html)}"/>`;
  const withPolicy = html.replace('<head>', `<head>${meta}`);
  if (withPolicy === html) throw new Error(`${file} has no head to put its policy in`);
  writeFileSync(path, withPolicy);
}

const pages = htmlFiles
  .map((file) => `/${file.replace(/\.html$/, '').replace(/^index$/, '')}`)
  .filter((page) => !page.startsWith('/_'))
  .sort();
const files = [
  ...filesBelow('.next/static').map((file) => `/_next/static/${file}`),
  ...filesBelow('public')
    .filter((file) => file !== 'sw.js')
    .map((file) => `/${file}`),
  '/manifest.webmanifest',
];

buildSync({
  entryPoints: ['src/sw/serviceWorker.ts'],
  outfile: 'public/sw.js',
  bundle: true,
  minify: true,
  format: 'iife',
  define: {
    BUILD: JSON.stringify(build),
    PAGES: JSON.stringify(pages),
    FILES: JSON.stringify(files),
  },
});
console.log(`${pages.length} pages and ${files.length} files are kept for use without a network`);
