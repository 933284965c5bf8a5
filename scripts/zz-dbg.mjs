import { chromium } from '@playwright/test';
import { chromiumPath } from './chromium.mjs';
import { ready, serve } from './serve.mjs';
const PORT = 4193;
const server = await serve({ port: PORT, demoNotebook: null, quiet: true });
await ready(PORT);
const browser = await chromium.launch({ executablePath: chromiumPath(), args: ['--no-sandbox', '--disable-gpu'] });
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
page.on('pageerror', (e) => console.log('pageerror', e.message));
await page.goto(`http://localhost:${PORT}/`);
const line = page.getByRole('textbox', { name: 'Line being written' });
await line.waitFor({ state: 'attached' });
await page.getByRole('button', { name: /^Number display/ }).click();
await page.getByRole('switch', { name: 'Complex numbers' }).click();
await page.keyboard.press('Escape');
await page.keyboard.type('sqrt(-4)=');
await page.waitForTimeout(500);
for (const c of 'Ans^2=') {
  await page.keyboard.type(c);
  await page.waitForTimeout(200);
  console.log(c, await line.inputValue(), await page.evaluate(() => document.activeElement?.tagName));
}
await page.waitForTimeout(500);
console.log(
  await page
    .getByRole('region', { name: 'Tape' })
    .getByRole('button')
    .evaluateAll((all) => all.map((b) => b.getAttribute('aria-label'))),
);
await browser.close();
server.kill();
