import { readFileSync } from 'node:fs';
import { chromium } from '@playwright/test';
import { chromiumPath } from './chromium.mjs';

/**
 * Draws the icons of the installed app from public/favicon.svg; run by hand when that changes. A maskable icon may be
 * cut to a circle: its ground goes to the edges, and what is drawn keeps within four fifths of them.
 */
const ICONS = [
  { name: 'icon-192', size: 192, inset: 0 },
  { name: 'icon-512', size: 512, inset: 0 },
  { name: 'maskable-512', size: 512, inset: 0.12 },
  { name: 'touch-180', size: 180, inset: 0.08 },
];

const svg = readFileSync('public/favicon.svg', 'utf8');
const square = svg.replace(' rx="6"', '');
const browser = await chromium.launch({ executablePath: chromiumPath(), args: ['--no-sandbox', '--disable-gpu'] });
for (const { name, size, inset } of ICONS) {
  const page = await browser.newPage({ viewport: { width: size, height: size } });
  const drawn = (inset === 0 ? svg : square).replace('<svg ', `<svg width="${size * (1 - 2 * inset)}" `);
  await page.setContent(
    `<body style="margin:0;height:100vh;display:grid;place-items:center;background:${inset === 0 ? 'transparent' : '#fbf8f0'}">${drawn}</body>`,
  );
  await page.screenshot({ path: `public/icons/${name}.png`, omitBackground: inset === 0 });
  await page.close();
}
await browser.close();
