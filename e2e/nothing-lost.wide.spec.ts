import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import type { Page, Route } from '@playwright/test';
import { BenchPage } from './bench';

const linkTo = (text: string, more: object = {}): string =>
  `/#ulkav=${encodeURIComponent(
    JSON.stringify({
      kind: 'line',
      text,
      angle: 'deg',
      impliedFirst: false,
      complex: false,
      decimalSign: '.',
      own: null,
      keys: [],
      ...more,
    }),
  )}`;

/** A notebook of which a tape line, a place and a function are sound, and what is put in besides. */
const sound = JSON.parse(readFileSync('src/core/notebook/sample-line.json', 'utf8')) as Record<string, unknown>;
const notebook = (change: object): string =>
  JSON.stringify({ format: 'ulkav-notebook', version: 7, tape: [sound], setAside: [], ...change });

async function startWith(page: Page, kept: string): Promise<BenchPage> {
  await page.addInitScript((text) => {
    if (sessionStorage.getItem('begun') !== null) return;
    sessionStorage.setItem('begun', '1');
    localStorage.setItem('ulkav.notebook', text);
  }, kept);
  const bench = new BenchPage(page);
  await bench.open();
  return bench;
}

for (const [name, change, aside] of [
  ['a form that its line does not have', { tape: [{ ...sound, chosen: 'polar' }] }, null],
  ['a line whose value does not fit', { tape: [sound, { ...sound, id: 'l2', text: '7+8', value: [] }] }, '7+8'],
  [
    'a level that cannot be read',
    { stack: { levels: [{ value: null, made: 'not x', percent: null }], entry: '' } },
    'not x',
  ],
  ['brackets two thousand deep', { line: { text: `${'('.repeat(2000)}1`, caret: 2000, own: null, keys: [] } }, null],
  ['a text that breaks off', null, null],
] as const)
  test(`a start with ${name}: the app is there, and the sound parts are there`, async ({ page }) => {
    const bench = await startWith(page, change === null ? notebook({}).slice(0, -14) : notebook(change));
    await expect(bench.tape.getByRole('button', { name: '2+3 = 5' })).toBeVisible();
    if (aside !== null) {
      await page.getByRole('button', { name: 'Look' }).click();
      const part = page.getByRole('list', { name: 'Set aside' }).getByRole('listitem').filter({ hasText: aside });
      // What is asked for is in sight, with nothing to be scrolled.
      await expect(part).toBeInViewport({ ratio: 1 });
      await part.getByRole('button', { name: 'Put into the line' }).click();
      await expect(bench.line).toHaveValue(aside);
    }
    // It is kept, and the next start is a quiet one.
    await page.waitForTimeout(500);
    await page.reload();
    await expect(bench.tape.getByRole('button', { name: '2+3 = 5' })).toBeVisible();
    await expect(page.getByRole('button', { name: 'Look' })).toHaveCount(0);
  });

test('what could not be shown twice is set aside, and its sound parts can be opened', async ({ page }) => {
  const bench = new BenchPage(page);
  await page.addInitScript(() => {
    if (sessionStorage.getItem('begun') === null) localStorage.setItem('ulkav.starts', '2');
  });
  await startWith(page, notebook({}));
  await expect(page.getByRole('alert')).toContainText('could not show what was kept here');
  await page.getByRole('button', { name: 'Open its sound parts' }).click();
  await expect(bench.tape.getByRole('button', { name: '2+3 = 5' })).toBeVisible();
});

test('two tabs keep what both answered', async ({ page, context }) => {
  const other = await context.newPage();
  const [one, two] = [new BenchPage(page), new BenchPage(other)];
  await one.open();
  await two.open();
  for (const [bench, line] of [
    [one, '11+1'],
    [two, '22+2'],
    [one, '33+3'],
    [two, '44+4'],
  ] as const) {
    await bench.page.bringToFront();
    await bench.type(`${line}\n`);
    await expect(bench.tape.getByRole('button', { name: new RegExp(`^${line.replace('+', '\\+')} = `) })).toBeVisible();
    await bench.page.waitForTimeout(400);
  }
  for (const bench of [one, two]) {
    await bench.page.reload();
    for (const line of ['11+1 = 12', '22+2 = 24', '33+3 = 36', '44+4 = 48'])
      await expect(bench.tape.getByRole('button', { name: line })).toBeVisible();
  }
});

test('a link asks before its line takes the place of another, and one Undo takes all of it back', async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.type('7+');
  await page.waitForTimeout(400);
  await page.goto(linkTo('sin(2)', { angle: 'rad', complex: true }));
  await page.reload();
  const offer = page.getByRole('dialog', { name: 'A shared line' });
  await expect(offer).toContainText('radians');
  await expect(offer).toContainText('complex numbers on');
  await expect(bench.line).toHaveValue('7+');
  await offer.getByRole('button', { name: 'Put it on the Bench' }).click();
  await expect(bench.line).toHaveValue('sin(2)');
  await expect(page.getByRole('button', { name: /^Angle unit: radians/ })).toBeVisible();
  await page.getByRole('status').getByRole('button', { name: 'Undo' }).click();
  await expect(bench.line).toHaveValue('7+');
  await expect(page.getByRole('button', { name: /^Angle unit: degrees/ })).toBeVisible();
  await page.reload();
  await expect(bench.line).toHaveValue('7+');
  await expect(offer).toHaveCount(0);
});

for (const [why, answer] of [
  ['the network is gone', (route: Route) => route.abort()],
  ['it is of a version that is gone', (route: Route) => route.fulfill({ status: 404, body: 'Not found' })],
] as const)
  test(`a place that cannot be loaded since ${why} says so, and is fetched with the next try`, async ({ page }) => {
    const bench = new BenchPage(page);
    await page.route(/\/beside-the-bench-[^/]*\.js/, answer);
    await bench.open();
    await bench.type('1+1\n');
    await page.getByRole('link', { name: 'Curves' }).click();
    await expect(page.getByRole('alert')).toContainText('could not be loaded');
    await expect(page.getByRole('alert').getByRole('button', { name: 'Reload' })).toBeVisible();
    await page.getByRole('link', { name: 'Bench' }).click();
    await expect(bench.tape.getByRole('button', { name: '1+1 = 2' })).toBeVisible();
    await page.getByRole('link', { name: 'Curves' }).click();
    await page.unroute(/\/beside-the-bench-[^/]*\.js/);
    await page.getByRole('button', { name: 'Try again' }).click();
    await expect(page.getByRole('application', { name: 'Graph' })).toBeVisible();
  });

test('a worker that does not load is told in its own words, and the next line has a new one', async ({ page }) => {
  const bench = new BenchPage(page);
  await page.route(/\/lines-[^/]*\.js/, (route) => route.abort());
  await bench.open();
  await bench.type('2+3');
  await expect(page.getByText('A part of Ulkav could not be loaded')).toBeVisible();
  await page.unroute(/\/lines-[^/]*\.js/);
  await bench.type('+4');
  await expect(bench.form('= 9')).toBeVisible();
});

test('a line that takes too long does not make the next one pay, and can be asked again', async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.line.focus();
  await page.keyboard.insertText('gcd(3^600000,2^900000-1)');
  await expect(page.getByText('took too long and was stopped')).toBeVisible();
  await page.keyboard.press('Escape');
  await bench.type('2+3');
  await expect(bench.form('= 5')).toBeVisible();
});

test('what is pasted is never silently nothing', async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  const paste = async (text: string) => {
    await page.evaluate((of) => navigator.clipboard.writeText(of), text);
    await bench.line.focus();
    await page.keyboard.press('Control+v');
  };
  for (const formula of ['<math><msup/></math>', '<math><mi>&#xFFFFFFFF;</mi></math>', '<math><mover/></math>']) {
    await paste(formula);
    await expect(page.getByRole('status').filter({ hasText: 'formula' })).toBeVisible();
    await page.getByRole('status').getByRole('button', { name: 'Close' }).click();
  }
  await paste('9'.repeat(10_001));
  await expect(page.getByRole('status').filter({ hasText: '10 000 characters' })).toBeVisible();
  await expect(bench.line).toHaveValue('');
});

test('more than a table takes is told before it is put in', async ({ page }) => {
  await page.goto('/columns');
  await page.getByRole('button', { name: 'Paste' }).click();
  const dialog = page.getByRole('dialog');
  const row = (first: string) => [first, ...Array.from({ length: 599 }, (_, i) => `${i}`)].join('\t');
  await dialog.getByRole('textbox').fill([row('1'), row('x'.repeat(500))].join('\n'));
  await expect(dialog.getByRole('alert')).toContainText('100 columns left out');
  await expect(dialog.getByRole('alert')).toContainText('cut to 400 characters');
});
