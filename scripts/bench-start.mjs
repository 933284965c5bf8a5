import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, readdirSync, symlinkSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:http';
import { tmpdir } from 'node:os';
import { join, extname, resolve } from 'node:path';
import { gzipSync } from 'node:zlib';
import { keyPresses } from './bench-keys.mjs';
import { run } from './install.mjs';

/*
 * How soon a key can be pressed, and how soon one that was pressed is painted, in this build and in that of an earlier
 * commit, taken in turn within one run: the ratio says what has changed.
 */

const TYPES = { '.js': 'text/javascript', '.css': 'text/css', '.html': 'text/html', '.svg': 'image/svg+xml' };

/** The app as an earlier commit had it, built once, beside the checkout; answers the folder. */
export function builtAt(commit) {
  const folder = join(tmpdir(), `ulkav-${commit}`);
  const dist = join(folder, 'dist');
  if (existsSync(join(dist, 'index.html.gz'))) return dist;
  mkdirSync(folder, { recursive: true });
  const isTaken = run('sh', ['-c', `git archive ${commit} | tar -x -C ${folder}`], {});
  if (!existsSync(join(folder, 'node_modules'))) symlinkSync(resolve('node_modules'), join(folder, 'node_modules'));
  // The bundler itself, and not the script of that commit, which would install its own packages over ours.
  const env = { ...process.env, EXPO_OFFLINE: '1', EXPO_NO_TELEMETRY: '1', CI: '1' };
  const args = ['expo', 'export', '-p', 'web', '--output-dir', 'dist'];
  const isBuilt = isTaken && spawnSync('npx', args, { cwd: folder, env, stdio: 'inherit' }).status === 0;
  const files = isBuilt ? readdirSync(dist, { recursive: true }).filter((file) => /\.(js|css|html)$/.test(file)) : [];
  for (const file of files) writeFileSync(join(dist, `${file}.gz`), gzipSync(readFileSync(join(dist, file))));
  if (!isBuilt) {
    console.error(`The build of ${commit} could not be made.`);
    process.exit(1);
  }
  return dist;
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
