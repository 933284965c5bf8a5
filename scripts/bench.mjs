import { execFileSync } from 'node:child_process';
import { readFileSync, writeFileSync } from 'node:fs';
import { chromium } from '@playwright/test';
import { benchBatch } from './bench-batch.mjs';
import { inFrames, leastPresses, observe } from './bench-keys.mjs';
import { builtAt, comparePresses, compareStarts } from './bench-start.mjs';
import { dragCurves, scrollData, scrollTable } from './bench-curves.mjs';
import { build } from './build.mjs';
import { bundled } from './bundle.mjs';
import { demoNotebook } from './demo-notebook.mjs';
import { chromiumPath, installChromium } from './chromium.mjs';
import { ready, serve } from './serve.mjs';

/** Speed: the core as ratios within one run, and how long a key press takes until it is painted (Event Timing API). */
const PORT = 4185;

/** The tables as a document, with what was compared. */
async function writeBenchmarks(all) {
  const { version } = JSON.parse(readFileSync('node_modules/mathjs/package.json', 'utf8'));
  const table = ([title, rows]) =>
    `## ${title}\n\n| what | ratio |\n| --- | --: |\n${rows.map(([what, ratio]) => `| ${what} | ${ratio.toFixed(2)} |`).join('\n')}\n`;
  const text = `# Benchmarks

Made by \`npm run bench -- --write\`; ratios within one run, so that machines can be compared. Node ${process.version}.

Compared with mathjs ${version}, a general-purpose expression library of the registry. The mix: 200 expressions (twenty
kinds, ten numbers each, \`bench/mix.ts\`), each read, worked and rounded to 30 digits; the library with its big numbers
at a precision of 30, whose last digits are not proved. Curves: 1000 points each; the library's compiled form with a
scope, the core's compiled doubles, and the same function written by hand in JavaScript. Reading: sums of so many terms;
linear growth keeps the ratio near 1. Exact matrices: entries of three digits, the speed of the core over that of
the library with its fractions. Batch: how much two processors bring over one, and memory that does not grow
with the number of lines. Medians of five rounds taken in turn (batch: one).

${all.map(table).join('\n')}`;
  writeFileSync('docs/benchmarks.md', text);
  execFileSync('npx', ['oxfmt', 'docs/benchmarks.md']);
}

console.log('The core');
const { benchCore, compareDoubles, compareMatrices, compareMix, compareParsing, largeInverse } = await import(
  await bundled('bench/index.ts', 'bench', ['bench', 'src/core'])
);
benchCore();

const tables = [
  ['The mix', compareMix()],
  ['Curves in doubles', compareDoubles()],
  ['Reading', compareParsing()],
  ['Exact matrices', compareMatrices()],
  ['Batch', await benchBatch()],
];
for (const [title, rows] of tables) {
  console.log(`\n${title}`);
  for (const [what, ratio] of rows) console.log(`${what.padEnd(84)} ${ratio.toFixed(2).padStart(7)}`);
}
console.log(`\nThe inverse of a 50 × 50 matrix of whole numbers: ${largeInverse().toFixed(2)} s`);
if (process.argv.includes('--write')) await writeBenchmarks(tables);
if (process.argv.includes('--core')) process.exit(0);

await build();
await installChromium();
const server = await serve({ port: PORT, demoNotebook: null, quiet: true });
await ready(PORT);
const browser = await chromium.launch({ executablePath: chromiumPath(), args: ['--no-sandbox', '--disable-gpu'] });

/** Strokes in the middle of a line of 200 tokens, with fractions, powers and roots in it. */
async function longLine() {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.addInitScript(observe, ['keydown']);
  await page.goto(`http://localhost:${PORT}/`);
  const line = page.getByRole('textbox');
  await line.waitFor();
  const part = '3/4+sqrt(5)*x^2-17.5sin(30)+';
  const text = part.repeat(11) + '1';
  await page.evaluate((pasted) => {
    const data = new DataTransfer();
    data.setData('text/plain', pasted);
    document.activeElement.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true }));
  }, text);
  await page.waitForTimeout(500);
  for (let i = 0; i < 60; i += 1) await page.keyboard.press('ArrowLeft');
  await page.evaluate(() => (window.presses = []));
  const strokes = '7+2/3-8*(4)^5'.repeat(8).split('');
  for (const stroke of strokes) {
    await page.keyboard.press(stroke);
    await page.waitForTimeout(150);
  }
  const slow = await page.evaluate(() => window.presses);
  const tokens = text.match(/\d+(?:\.\d+)?|[a-z]+|[^\s]/g).length;
  await page.close();
  return `${tokens} tokens: ${inFrames(slow, strokes.length)}`;
}

/** A tape of 5 000 lines scrolled through at some 3 000 pixels a second: frames that came late. */
async function longTape() {
  const page = await browser.newPage({ viewport: { width: 390, height: 844 } });
  const demo = JSON.parse(readFileSync(await demoNotebook(), 'utf8'));
  const tape = Array.from({ length: 5000 }, (_, i) => ({
    ...demo.tape[i % demo.tape.length],
    id: `l${i + 1}`,
    kept: null,
  }));
  await page.addInitScript((raw) => localStorage.setItem('ulkav.notebook', raw), JSON.stringify({ ...demo, tape }));
  await page.goto(`http://localhost:${PORT}/`);
  await page.getByRole('textbox').waitFor();
  await page.waitForTimeout(1500);
  const gaps = await page.evaluate(
    () =>
      new Promise((resolve) => {
        const scroller = document.querySelector('.tape');
        const seen = [];
        let last = performance.now();
        const step = (now) => {
          seen.push(now - last);
          last = now;
          scroller.scrollTop -= 50;
          if (seen.length < 240) requestAnimationFrame(step);
          else resolve(seen.slice(5));
        };
        requestAnimationFrame(step);
      }),
  );
  await page.close();
  const late = gaps.filter((gap) => gap > 25).length;
  const sorted = [...gaps].sort((a, b) => a - b);
  return `${tape.length} lines, ${gaps.length} frames: ${late} late, median ${sorted[Math.floor(gaps.length / 2)].toFixed(1)} ms, worst ${sorted.at(-1).toFixed(1)} ms`;
}

/** The build that this one is compared with: unless another commit is named, that of before the start was made quick. */
const earlier = builtAt(
  process.argv.includes('--against') ? process.argv[process.argv.indexOf('--against') + 1] : '0f5f541',
);
const compared = [earlier, 'dist'];
const ratio = ([before, now]) => `${(now / before).toFixed(2)} of the earlier build`;
console.log(
  `\nUntil a key can be pressed, processor slowed four times: ${ratio(await compareStarts(browser, compared, 4))}`,
);

console.log('\nA key press until it is painted, in frames of 16.7 ms (8 ms steps of the Event Timing API)');
for (const slowdown of [1, 4])
  for (const [i, presses] of (await comparePresses(browser, compared, slowdown)).entries())
    console.log(`processor slowed ${slowdown} times, ${i === 0 ? 'earlier' : 'this'} build: ${inFrames(...presses)}`);
console.log(
  `processor slowed 4 times, what the browser takes to write one digit: ${inFrames(...(await leastPresses(browser, PORT, 4)))}`,
);
console.log(`\nA stroke in a long line, in the same frames\n${await longLine()}`);
console.log(`\nScrolling the tape\n${await longTape()}`);
const demo = JSON.parse(readFileSync(await demoNotebook(), 'utf8'));
console.log('\nEight curves dragged by a finger, processor slowed four times');
console.log(await dragCurves(browser, PORT, demo, 4));
console.log(`\nScrolling the table of values\n${await scrollTable(browser, PORT, demo)}`);
console.log(`\nScrolling a table of data\n${await scrollData(browser, PORT, demo)}`);
await browser.close();
server.kill();
