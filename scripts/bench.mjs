import { readFileSync, writeFileSync } from 'node:fs';
import { chromium } from '@playwright/test';
import { build } from './build.mjs';
import { bundled } from './bundle.mjs';
import { chromiumPath, installChromium } from './chromium.mjs';
import { ready, serve } from './serve.mjs';

/** Speed: the core as ratios within one run, and how long a key press takes until it is painted (Event Timing API). */
const PORT = 4185;

/** The tables as a document, with what was compared. */
function writeBenchmarks(all) {
  const { version } = JSON.parse(readFileSync('node_modules/mathjs/package.json', 'utf8'));
  const table = ([title, rows]) =>
    `## ${title}\n\n| what | ratio |\n| --- | --: |\n${rows.map(([what, ratio]) => `| ${what} | ${ratio.toFixed(2)} |`).join('\n')}\n`;
  writeFileSync(
    'docs/benchmarks.md',
    `# Benchmarks

Made by \`npm run bench -- --write\`; ratios within one run, so that machines can be compared. Node ${process.version}.

Compared with mathjs ${version}, a general-purpose expression library of the registry. The mix: 200 expressions (twenty
kinds, ten numbers each, \`bench/mix.ts\`), each read, worked and rounded to 30 digits; the library with its big numbers
at a precision of 30, whose last digits are not proved. Curves: 1000 points each; the library's compiled form with a
scope, the core's compiled doubles, and the same function written by hand in JavaScript. Reading: sums of so many terms;
linear growth keeps the ratio near 1. Medians of five rounds taken in turn.

${all.map(table).join('\n')}`,
  );
}

console.log('The core');
const { benchCore, compareDoubles, compareMix, compareParsing } = await import(
  await bundled('bench/index.ts', 'bench', ['bench', 'src/core'])
);
benchCore();

const tables = [
  ['The mix', compareMix()],
  ['Curves in doubles', compareDoubles()],
  ['Reading', compareParsing()],
];
for (const [title, rows] of tables) {
  console.log(`\n${title}`);
  for (const [what, ratio] of rows) console.log(`${what.padEnd(84)} ${ratio.toFixed(2).padStart(7)}`);
}
if (process.argv.includes('--write')) writeBenchmarks(tables);
if (process.argv.includes('--core')) process.exit(0);

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
