import { mkdirSync } from 'node:fs';
import { chromium } from '@playwright/test';
import { build } from './build.mjs';
import { chromiumPath, installChromium } from './chromium.mjs';
import { demoNotebook } from './demo-notebook.mjs';
import { ready, serve } from './serve.mjs';
const PORT = 4199;
const scenes = (await import(process.argv[2])).default;
await build();
installChromium();
mkdirSync('/tmp/shots', { recursive: true });
const server = await serve({ port: PORT, demoNotebook: await demoNotebook(), quiet: true });
await ready(PORT);
const browser = await chromium.launch({ executablePath: chromiumPath(), args: ['--no-sandbox', '--disable-gpu'] });
for (const { name, wide, scheme, act } of scenes) {
  const context = await browser.newContext({
    viewport: wide ? { width: 1280, height: 800 } : { width: 390, height: 844 },
    colorScheme: scheme ?? 'light',
    hasTouch: !wide,
    isMobile: !wide,
    permissions: ['clipboard-read', 'clipboard-write'],
  });
  const page = await context.newPage();
  page.on('console', (m) => m.type() === 'error' && console.log(name, 'console:', m.text()));
  page.on('pageerror', (e) => console.log(name, 'pageerror:', e.message));
  await page.goto(`http://localhost:${PORT}/`);
  await page.getByRole('navigation', { name: 'Places' }).waitFor();
  const tap = async (n, role = 'button') => {
    const l = page.getByRole(role, { name: n }).first();
    await (wide ? l.click() : l.tap());
  };
  try {
    await act({ page, tap });
  } catch (e) {
    console.log(name, 'FAILED', e.message.slice(0, 400));
  }
  await page.waitForTimeout(500);
  await page.screenshot({ path: `/tmp/shots/${name}.png` });
  await context.close();
}
await browser.close();
server.kill();
