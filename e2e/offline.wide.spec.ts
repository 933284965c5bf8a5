import { spawn } from 'node:child_process';
import type { ChildProcess } from 'node:child_process';
import { cpSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, test } from '@playwright/test';
import type { Page } from '@playwright/test';
// @ts-expect-error: a script without types, shared with the build
import { writeServiceWorker } from '../scripts/service-worker.mjs';
import { BenchPage } from './bench';
import { CurvesPage } from './curves';

const PORT = 4182;
test.use({ serviceWorkers: 'allow', baseURL: `http://localhost:${PORT}` });
// They share a port.
test.describe.configure({ mode: 'serial' });

let server: ChildProcess | null = null;

async function begin(dist = 'dist'): Promise<void> {
  server = spawn('node', ['scripts/serve-once.mjs', `${PORT}`], { env: { ...process.env, ULKAV_DIST: dist } });
  const isUp = () =>
    fetch(`http://localhost:${PORT}/healthz`).then(
      (answer) => answer.ok,
      () => false,
    );
  await expect.poll(isUp).toBe(true);
}

async function end(): Promise<void> {
  if (server === null || server.exitCode !== null) return;
  const gone = new Promise((resolve) => server?.once('exit', resolve));
  server.kill('SIGTERM');
  await gone;
}

const isKept = (page: Page) => page.evaluate(() => navigator.serviceWorker.ready.then(({ active }) => active?.state));

test.afterEach(end);

test('after one visit every place opens, reloads and computes with the server gone', async ({ page }) => {
  await begin();
  const bench = new BenchPage(page);
  await bench.open();
  await expect.poll(() => isKept(page)).toBe('activated');
  await end();
  await page.reload();
  await expect(bench.line).toBeFocused();
  await bench.type('2+3');
  await expect(bench.form('= 5')).toBeVisible();
  await page.goto('/curves');
  const curves = new CurvesPage(page);
  await curves.write('x^2-1');
  await curves.panel('Points');
  await expect(curves.points('Zeros').first()).toBeVisible();
  await page.goto('/columns');
  await expect(page.getByRole('heading', { name: 'Columns' })).toBeVisible();
  await page.goto('/kit?tool=vectors');
  await page.getByRole('gridcell').first().click();
  await page.keyboard.type('3');
  await page.keyboard.press('Tab');
  await page.keyboard.type('4');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('listitem', { name: 'length of u = 5' })).toBeVisible();
  await page.goto('/shelf');
  await expect(page.getByRole('heading', { name: 'Shelf' })).toBeVisible();
  // The page may share memory with its workers as it may with a server.
  expect(await page.evaluate(() => crossOriginIsolated)).toBe(true);
});

test('a newer version is offered, does not take over by itself, and takes over when asked, with all that is here', async ({
  page,
}) => {
  await begin();
  const bench = new BenchPage(page);
  await bench.open();
  await expect.poll(() => isKept(page)).toBe('activated');
  await bench.type('1+1\n');
  await bench.type('7+');
  await end();
  const newer = mkdtempSync(join(tmpdir(), 'ulkav-newer-'));
  cpSync('dist', newer, { recursive: true });
  const index = readFileSync(join(newer, 'index.html'), 'utf8');
  for (const ending of ['', '.gz', '.br']) rmSync(join(newer, `index.html${ending}`));
  writeFileSync(join(newer, 'index.html'), index.replace('<html lang="en"', '<html lang="en" data-newer'));
  for (const ending of ['.gz', '.br']) rmSync(join(newer, `service-worker.js${ending}`));
  await (writeServiceWorker as (folder: string) => Promise<void>)(newer);
  await begin(newer);
  // The page is looked at again, and asks whether there is a newer version.
  await page.evaluate(() => document.dispatchEvent(new Event('visibilitychange')));
  await expect(page.getByText('A new version is ready.')).toBeVisible();
  await bench.type('8');
  await expect(page.locator('html[data-newer]')).toHaveCount(0);
  await page.getByRole('button', { name: 'Reload' }).click();
  await expect(page.locator('html[data-newer]')).toHaveCount(1);
  await expect(bench.line).toHaveValue('7+8');
  await expect(bench.tape.getByRole('button', { name: '1+1 = 2' })).toBeVisible();
  await expect(page.getByText('A new version is ready.')).toHaveCount(0);
  rmSync(newer, { recursive: true });
});
