import { chromium } from '@playwright/test';
import { mkdirSync, writeFileSync } from 'node:fs';
import { build } from './build.mjs';
import { bundled } from './bundle.mjs';
import { chromiumPath, installChromium } from './chromium.mjs';
import { ready, serve } from './serve.mjs';

/** Draws notebooks that another hand changed: each is opened from a file, and every place is looked at for a failure. */
const PORT = 4186;
const count = Math.round(10_000 * Number(process.env.SOAK ?? 0.01));
const seed = Number(process.env.SOAK_SEED ?? 20261127);
const PLACES = ['Curves', 'Columns', 'Shelf', 'Bench'];
/** A page is begun anew after so many, with what was kept: the start is tried too. */
const A_START = 25;

await installChromium();
await build();
const { strangeNotebook } = await import(await bundled('soak/notebooks.ts', 'soak-notebooks', ['soak', 'src']));
const server = await serve({ port: PORT, quiet: true });
await ready(PORT);
const browser = await chromium.launch({
  executablePath: chromiumPath(),
  args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking', '--disable-sync', '--no-first-run'],
});
const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
const failures = [];
let slowest = 0;
let page = null;

async function begun() {
  await page?.close();
  const made = await context.newPage();
  made.on('pageerror', (error) => failures.push(`page error: ${error.message}`));
  await made.goto(`http://localhost:${PORT}/`);
  await made.getByRole('navigation').waitFor();
  return made;
}

/** Whether nothing on the page says that it failed, once it has been drawn. */
const isWhole = () =>
  page.evaluate(async () => {
    for (let frame = 0; frame < 2; frame += 1) await new Promise((resolve) => requestAnimationFrame(resolve));
    const isThere = document.querySelector('[role="navigation"]') !== null;
    return isThere && !document.body.textContent.includes('This part of Ulkav failed');
  });

mkdirSync('test-results', { recursive: true });
for (let i = 0; i < count; i += 1) {
  if (i % A_START === 0) {
    page = await begun();
    if (!(await isWhole())) failures.push(`start after ${i}`);
  }
  const text = strangeNotebook(seed + i);
  const before = failures.length;
  const since = performance.now();
  try {
    await page.getByRole('button', { name: /^Number display/ }).click({ timeout: 15_000 });
    const chooser = page.waitForEvent('filechooser', { timeout: 15_000 });
    await page.getByRole('button', { name: 'Open a file' }).click({ timeout: 15_000 });
    await (await chooser).setFiles({ name: 'n.json', mimeType: 'application/json', buffer: Buffer.from(text) });
    await page.keyboard.press('Escape');
    for (const place of PLACES) {
      await page.getByRole('link', { name: place }).dispatchEvent('click', {}, { timeout: 15_000 });
      if (!(await isWhole())) failures.push(`${place} of ${i}`);
    }
  } catch (error) {
    failures.push(`number ${i}: ${String(error).slice(0, 200)}`);
  }
  slowest = Math.max(slowest, performance.now() - since);
  if (failures.length > before) {
    writeFileSync(`test-results/strange-${seed + i}.json`, text);
    page = await begun();
  }
  if (i % 200 === 199) console.log(`${i + 1} notebooks drawn, ${failures.length} failures`);
}
console.log(`${count} notebooks drawn, the slowest in ${Math.round(slowest)} ms, ${failures.length} failures`);
for (const failure of failures.slice(0, 20)) console.log(failure);
await browser.close();
server.kill();
process.exit(failures.length === 0 ? 0 : 1);
