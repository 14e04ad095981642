import { expect, open, SCREENS, test, waitUntilPlanned } from './fixtures';

test('no screen asks anything of another machine', async ({ page, context }) => {
  const seen = new Set<string>();
  context.on('request', (request) => seen.add(new URL(request.url()).origin));
  for (const path of SCREENS) {
    await open(page, path);
    if (path === '/kit') await waitUntilPlanned(page);
  }
  expect([...seen].filter((origin) => origin !== 'null')).toEqual(['http://127.0.0.1:3417']);
});

test('the page runs no script but its own', async ({ page, watched }) => {
  await open(page, '/');
  await page.evaluate(() => {
    const script = document.createElement('script');
    script.textContent = 'window.intruder = true';
    document.body.append(script);
  });
  expect(await page.evaluate(() => 'intruder' in window)).toBe(false);
  expect(watched.problems.splice(0).join()).toContain('Content Security Policy');
  const { headers } = await page.request
    .get('/')
    .then((response) => ({ headers: response.headers() }));
  expect(headers['content-security-policy']).toContain("frame-ancestors 'none'");
});
