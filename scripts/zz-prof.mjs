import { chromium } from '@playwright/test';
import { chromiumPath } from './chromium.mjs';
import { ready, serve } from './serve.mjs';
const PORT = 4187;
const server = await serve({ port: PORT, demoNotebook: null, quiet: true });
await ready(PORT);
const browser = await chromium.launch({ executablePath: chromiumPath(), args: ['--no-sandbox', '--disable-gpu'] });
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
await page.goto(`http://localhost:${PORT}/`);
await page.getByRole('textbox').waitFor();
const text = '3/4+sqrt(5)*x^2-17.5sin(30)+'.repeat(8) + '1';
await page.evaluate((pasted) => {
  const data = new DataTransfer();
  data.setData('text/plain', pasted);
  document.activeElement.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true }));
}, text);
await page.waitForTimeout(500);
for (let i = 0; i < 60; i += 1) await page.keyboard.press('ArrowLeft');
const s = await page.context().newCDPSession(page);
await s.send('Tracing.start', {
  categories: 'devtools.timeline,disabled-by-default-v8.cpu_profiler',
  transferMode: 'ReportEvents',
});
const events = [];
s.on('Tracing.dataCollected', ({ value }) => events.push(...value));
for (const c of '7+2/3-8*(4)^5'.split('')) {
  await page.keyboard.press(c);
  await page.waitForTimeout(150);
}
const done = new Promise((r) => s.once('Tracing.tracingComplete', r));
await s.send('Tracing.end');
await done;
const main = events.filter(
  (e) =>
    e.ph === 'X' &&
    [
      'EventDispatch',
      'Layout',
      'UpdateLayoutTree',
      'Paint',
      'PrePaint',
      'FunctionCall',
      'TimerFire',
      'FireAnimationFrame',
      'Commit',
      'Layerize',
      'RunMicrotasks',
      'HitTest',
    ].includes(e.name),
);
const by = {};
for (const e of main) {
  const k = e.name + (e.name === 'EventDispatch' ? ':' + e.args.data.type : '');
  (by[k] ??= []).push(e.dur / 1000);
}
for (const [k, v] of Object.entries(by)
  .sort((a, b) => b[1].reduce((x, y) => x + y, 0) - a[1].reduce((x, y) => x + y, 0))
  .slice(0, 14))
  console.log(
    k.padEnd(30),
    'n',
    v.length,
    'sum',
    v.reduce((x, y) => x + y, 0).toFixed(1),
    'max',
    Math.max(...v).toFixed(1),
  );
await browser.close();
server.kill();
