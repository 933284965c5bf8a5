import { chromium } from '@playwright/test';
import { build } from './build.mjs';
import { bundled } from './bundle.mjs';
import { chromiumPath, installChromium } from './chromium.mjs';
import { ready, serve } from './serve.mjs';

/** Speed: the core as ratios within one run, and how long a key press takes until it is painted (Event Timing API). */
const PORT = 4185;

console.log('The core');
const { benchCore } = await import(await bundled('bench/core.ts', 'bench', ['bench', 'src/core']));
benchCore();

await build();
installChromium();
const server = await serve({ port: PORT, demoNotebook: null, quiet: true });
await ready(PORT);
const browser = await chromium.launch({ executablePath: chromiumPath(), args: ['--no-sandbox', '--disable-gpu'] });

async function keyPresses(slowdown) {
  const page = await browser.newPage({ viewport: { width: 390, height: 844 }, hasTouch: true });
  await page.addInitScript(() => {
    window.presses = [];
    new PerformanceObserver((list) => {
      for (const entry of list.getEntries()) if (entry.name === 'click') window.presses.push(entry.duration);
    }).observe({ type: 'event', durationThreshold: 16, buffered: true });
  });
  await page.goto(`http://localhost:${PORT}/`);
  await page.getByRole('textbox').waitFor();
  const session = await page.context().newCDPSession(page);
  await session.send('Emulation.setCPUThrottlingRate', { rate: slowdown });
  const names = [
    '1',
    'plus',
    '2',
    'fraction',
    '5',
    'minus',
    '4',
    'squared',
    'times',
    'sine',
    '3',
    '0',
    'close bracket',
    'equals',
  ];
  let taps = 0;
  for (let round = 0; round < 3; round += 1)
    for (const name of names) {
      await page.getByRole('button', { name, exact: true }).tap();
      await page.waitForTimeout(120);
      taps += 1;
    }
  const slow = await page.evaluate(() => window.presses);
  await page.close();
  // Presses that took less than the 16 ms that the API can tell are not listed by it.
  const all = [...slow, ...Array.from({ length: Math.max(0, taps - slow.length) }, () => 8)].sort((a, b) => a - b);
  const at = (share) => all[Math.min(all.length - 1, Math.floor(all.length * share))];
  return { taps, median: at(0.5), ninety: at(0.9), worst: all.at(-1) };
}

console.log('\nA key press until it is painted, in frames of 16.7 ms (8 ms steps of the Event Timing API)');
for (const slowdown of [1, 4]) {
  const { taps, median, ninety, worst } = await keyPresses(slowdown);
  const frames = (ms) => (ms / 16.7).toFixed(1);
  console.log(
    `processor slowed ${slowdown} times: median ${frames(median)}, nine in ten ${frames(ninety)}, worst ${frames(worst)} (${taps} presses)`,
  );
}
await browser.close();
server.kill();
