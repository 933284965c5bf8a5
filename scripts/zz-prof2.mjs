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
await s.send('Profiler.enable');
await s.send('Profiler.setSamplingInterval', { interval: 200 });
await page.keyboard.press('9');
await page.waitForTimeout(300);
await s.send('Profiler.start');
for (const c of '7+2/3-8*(4)^5'.split('')) {
  await page.keyboard.press(c);
  await page.waitForTimeout(150);
}
const { profile } = await s.send('Profiler.stop');
const self = new Map(),
  total = new Map();
const nodes = new Map(profile.nodes.map((n) => [n.id, n]));
const parent = new Map();
for (const n of profile.nodes) for (const c of n.children ?? []) parent.set(c, n.id);
const dt = profile.timeDeltas;
const src = new Map();
profile.samples.forEach((id, i) => {
  const n = nodes.get(id);
  const f = n.callFrame;
  const k = `${f.functionName || '(anon)'}:${f.lineNumber}:${f.columnNumber}`;
  self.set(k, (self.get(k) ?? 0) + dt[i]);
  const seen = new Set();
  for (let x = id; x !== undefined; x = parent.get(x)) {
    const g = nodes.get(x).callFrame;
    const kk = `${g.functionName || '(anon)'}:${g.lineNumber}:${g.columnNumber}`;
    if (!seen.has(kk)) {
      seen.add(kk);
      total.set(kk, (total.get(kk) ?? 0) + dt[i]);
    }
  }
});
const show = (m, t) => {
  console.log(t);
  for (const [k, v] of [...m].sort((a, b) => b[1] - a[1]).slice(0, 28))
    console.log((v / 1000 / 13).toFixed(2).padStart(7), k);
};
show(self, 'self ms per key');
show(total, 'total');
await browser.close();
server.kill();
