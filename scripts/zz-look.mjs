import { chromium } from '@playwright/test';
import { chromiumPath } from './chromium.mjs';
import { demoNotebook } from './demo-notebook.mjs';
import { ready, serve } from './serve.mjs';
import { readFileSync } from 'node:fs';
const PORT = 4197;
const server = await serve({ port: PORT, demoNotebook: await demoNotebook(), quiet: true });
await ready(PORT);
const browser = await chromium.launch({ executablePath: chromiumPath(), args: ['--no-sandbox', '--disable-gpu'] });
const sizes = { phone: { width: 390, height: 844 }, wide: { width: 1280, height: 800 } };
for (const s of JSON.parse(readFileSync(process.argv[2], 'utf8'))) {
  const isPhone = s.size !== 'wide';
  const page = await browser.newPage({ viewport: sizes[s.size ?? 'phone'], colorScheme: s.scheme ?? 'light', hasTouch: isPhone, isMobile: isPhone });
  page.on('pageerror', (e) => console.log('PAGEERROR', e.message.slice(0, 300)));
  await page.goto(`http://localhost:${PORT}/`);
  await page.getByRole('group', { name: 'Forms of the result' }).waitFor();
  await page.evaluate(() => document.fonts.ready);
  if (s.complex) { await page.getByRole('button', { name: /^Number display/ }).click(); await page.getByRole('switch', { name: /Complex/ }).click(); await page.getByRole('button', { name: 'Close', exact: true }).click(); }
  for (const t of s.lines ?? []) { await page.getByRole('textbox').fill(t); await page.waitForTimeout(500); if (!s.hold || t !== s.lines.at(-1)) { await page.keyboard.press('Enter'); await page.waitForTimeout(300);} }
  if (s.drawer) await page.getByRole('tab', { name: s.drawer }).click();
  if (s.open) await page.getByRole('button', { name: new RegExp(s.open) }).first().click();
  await page.waitForTimeout(900);
  await page.screenshot({ path: `/tmp/shots/${s.name}.png` });
  await page.close();
}
await browser.close(); server.kill();
