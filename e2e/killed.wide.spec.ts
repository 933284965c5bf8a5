import { execFileSync } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium, expect, test } from '@playwright/test';
import type { BrowserContext } from '@playwright/test';
import { BenchPage } from './bench';

/*
 * The browser is ended by its processes, as a telephone does that needs the room, at any moment; what was written more
 * than two seconds before is there at the next start. KILLS says how often: a hundred were done when it was written.
 */
const KILLS = Number(process.env['KILLS'] ?? 6);
const LOST_MS = 2000;

/** Ends every process of the browser that works in a folder. */
function killAll(folder: string): void {
  const ids = readdirSync('/proc').filter((id) => {
    if (!/^\d+$/.test(id)) return false;
    try {
      return readFileSync(`/proc/${id}/cmdline`, 'utf8').includes(folder);
    } catch {
      return false;
    }
  });
  if (ids.length > 0) execFileSync('kill', ['-9', ...ids], { stdio: 'ignore' });
}

test('what stands on the tape is there after the browser was killed', async ({ baseURL, launchOptions }) => {
  const folder = mkdtempSync(join(tmpdir(), 'ulkav-killed-'));
  const open = async (): Promise<BrowserContext> =>
    chromium.launchPersistentContext(folder, {
      ...launchOptions,
      baseURL: baseURL!,
      viewport: { width: 1280, height: 800 },
      serviceWorkers: 'block',
    });
  let written: { line: number; at: number }[] = [];
  let next = 1;
  for (let kill = 0; kill < KILLS; kill += 1) {
    const context = await open();
    const bench = new BenchPage(context.pages()[0] ?? (await context.newPage()));
    await bench.open();
    const killedAt = written.at(-1)?.at ?? 0;
    const due = written.filter(({ at }) => at < killedAt - LOST_MS).at(-1);
    if (due !== undefined) await expect(bench.answered(`${due.line}+1 = ${due.line + 1}`)).toBeAttached();
    written = [];
    // A line that was not yet answered is there as well.
    await bench.page.keyboard.press('Escape');
    // A little longer each time, so that it is killed at another moment of the writing.
    const until = Date.now() + LOST_MS + 700 + ((kill * 137) % 900);
    while (Date.now() < until) {
      await bench.type(`${next}+1\n`);
      written.push({ line: next, at: Date.now() });
      next += 1;
      await bench.page.waitForTimeout(120);
    }
    written.push({ line: next - 1, at: Date.now() });
    killAll(folder);
    await context.close().catch(() => undefined);
  }
  rmSync(folder, { recursive: true, force: true });
});
