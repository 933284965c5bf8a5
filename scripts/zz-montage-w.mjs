import { readFileSync } from 'node:fs';
import { chromium } from '@playwright/test';
import { chromiumPath } from './chromium.mjs';
const [out, ...names] = process.argv.slice(2);
const browser = await chromium.launch({ executablePath: chromiumPath(), args: ['--no-sandbox', '--disable-gpu'] });
const page = await browser.newPage({ viewport: { width: 1240, height: 400 } });
const imgs = names
  .map(
    (n) =>
      `<img style="width:610px;border:1px solid red;vertical-align:top" src="data:image/png;base64,${readFileSync(`/tmp/shots/${n}.png`).toString('base64')}">`,
  )
  .join('');
await page.setContent(`<body style="margin:0">${imgs}</body>`);
await page.waitForTimeout(200);
await page.screenshot({ path: `/tmp/shots/${out}.png`, fullPage: true });
await browser.close();
