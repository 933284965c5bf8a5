import { chromium } from '@playwright/test';
import { chromiumPath } from './chromium.mjs';
import { ready, serve } from './serve.mjs';
import { demoNotebook } from './demo-notebook.mjs';
const PORT = 4191;
const server = await serve({ port: PORT, demoNotebook: await demoNotebook(), quiet: true });
await ready(PORT);
const browser = await chromium.launch({ executablePath: chromiumPath(), args: ['--no-sandbox', '--disable-gpu'] });
const wide = process.argv[2] === 'wide';
const page = await browser.newPage({
  viewport: wide ? { width: 1280, height: 800 } : { width: 390, height: 844 },
  hasTouch: !wide,
  deviceScaleFactor: wide ? 1 : 1.5,
});
page.on('pageerror', (e) => console.log('pageerror', e.message));
page.on('console', (m) => {
  if (m.type() === 'error') console.log(m.text());
});
try {
  await page.goto(`http://localhost:${PORT}/`);
  await page.getByRole('textbox', { name: 'Line being written' }).waitFor({ state: 'attached' });
  await page.waitForTimeout(800);
  const type = async (typed) => {
    await page.keyboard.press('Escape');
    await page.keyboard.type(typed);
    await page.waitForTimeout(500);
  };
  const shot = (name) => page.screenshot({ path: `/tmp/shots/${name}.png` });
  const close = () => page.getByRole('button', { name: 'Close', exact: true }).click();
  const B = (name, exact = true) => page.getByRole('button', { name, exact });
  await import('/tmp/scene.mjs').then((m) => m.default({ page, type, shot, close, B }));
} finally {
  await browser.close();
  server.kill();
}
