import { existsSync, readFileSync, symlinkSync } from 'node:fs';
import { createServer } from 'node:http';
import { join, extname, resolve } from 'node:path';
import { keyPresses } from './bench-keys.mjs';
import { run } from './install.mjs';

/*
 * How soon a key can be pressed, and how soon one that was pressed is painted, in this build and in that of an earlier
 * commit, taken in turn within one run: the ratio says what has changed.
 */

const TYPES = { '.js': 'text/javascript', '.css': 'text/css', '.html': 'text/html', '.svg': 'image/svg+xml' };

/** The app as an earlier commit had it, built once; answers the folder. */
export function builtAt(commit) {
  const folder = resolve('.cache', 'earlier', commit);
  if (!existsSync(join(folder, 'dist', 'index.html'))) {
    if (!existsSync(folder) && !run('git', ['worktree', 'add', '--detach', folder, commit], {})) process.exit(1);
    if (!existsSync(join(folder, 'node_modules'))) symlinkSync(resolve('node_modules'), join(folder, 'node_modules'));
    const env = { EXPO_OFFLINE: '1', EXPO_NO_TELEMETRY: '1', CI: '1' };
    const script = `process.chdir(${JSON.stringify(folder)}); await import(${JSON.stringify(join(folder, 'scripts/build.mjs'))}).then((m) => m.build());`;
    if (!run('node', ['--input-type=module', '-e', script], env)) process.exit(1);
  }
  return join(folder, 'dist');
}

/** Both builds are served alike: compressed, at the root, with the same headers. */
function served(root) {
  const server = createServer((req, res) => {
    const path = new URL(req.url, 'http://localhost').pathname;
    const file = existsSync(join(root, path)) && extname(path) !== '' ? path : '/index.html';
    // An empty store asks whether there is a notebook for it.
    if (path === '/demo-notebook.json') return res.writeHead(204).end();
    const packed = existsSync(join(root, `${file}.gz`));
    res.writeHead(200, {
      'Content-Type': TYPES[extname(file)] ?? 'application/octet-stream',
      ...(packed ? { 'Content-Encoding': 'gzip' } : {}),
      'Cross-Origin-Opener-Policy': 'same-origin',
      'Cross-Origin-Embedder-Policy': 'require-corp',
    });
    return res.end(readFileSync(join(root, packed ? `${file}.gz` : file)));
  });
  return new Promise((done) => server.listen(0, () => done(server)));
}

/** Milliseconds from the first byte asked for until the key 7 stands on the page and takes a press. */
async function start(browser, port, slowdown) {
  const context = await browser.newContext({
    viewport: { width: 390, height: 844 },
    hasTouch: true,
    serviceWorkers: 'block',
  });
  const page = await context.newPage();
  await page.addInitScript(() => {
    const seen = new MutationObserver(() => {
      if (document.querySelector('[aria-label="7"]') === null) return;
      seen.disconnect();
      // The key stands in the tree; it is on the page after the next frame.
      requestAnimationFrame(() => setTimeout(() => (window.started = performance.now())));
    });
    seen.observe(document, { childList: true, subtree: true });
  });
  const session = await context.newCDPSession(page);
  await session.send('Emulation.setCPUThrottlingRate', { rate: slowdown });
  await page.goto(`http://localhost:${port}/`);
  const ms = await page
    .waitForFunction(() => window.started, null, { polling: 50 })
    .then((handle) => handle.jsonValue());
  await context.close();
  return ms;
}

const median = (list) => [...list].sort((a, b) => a - b)[Math.floor(list.length / 2)];

/** The median start of each build, in turn; one round more than is counted, so that neither pays for the first. */
export async function compareStarts(browser, folders, slowdown, rounds = 7) {
  const servers = await Promise.all(folders.map(served));
  const times = folders.map(() => []);
  for (let round = 0; round <= rounds; round += 1)
    for (const [i, server] of servers.entries()) {
      const ms = await start(browser, server.address().port, slowdown);
      if (round > 0) times[i].push(ms);
    }
  for (const server of servers) server.close();
  return times.map(median);
}

/** Keys pressed in each build, three rounds in turn: what took longer than the API can tell, and how many were pressed. */
export async function comparePresses(browser, folders, slowdown, rounds = 3) {
  const servers = await Promise.all(folders.map(served));
  const all = folders.map(() => [[], 0]);
  for (let round = 0; round < rounds; round += 1)
    for (const [i, server] of servers.entries()) {
      const [slow, count] = await keyPresses(browser, server.address().port, slowdown);
      all[i] = [[...all[i][0], ...slow], all[i][1] + count];
    }
  for (const server of servers) server.close();
  return all;
}
