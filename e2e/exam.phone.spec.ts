import { expect, test } from '@playwright/test';
import type { Page } from '@playwright/test';
import { expectClean } from './axe';
import { BenchPage } from './bench';

const bar = (page: Page) => page.getByRole('region', { name: 'Examination' }).getByRole('button');
const tap = (page: Page, name: string | RegExp) => page.getByRole('button', { name, exact: true }).tap();
const codeIn = async (page: Page): Promise<string> => {
  const text = (await page.getByRole('group', { name: 'Code' }).textContent()) ?? '';
  return /^Code([2-9A-Z]{5})/.exec(text)?.[1] ?? '';
};

test('a teacher’s link begins an examination: helps are off, memory is away, and both come back at its end', async ({
  page,
}) => {
  const bench = new BenchPage(page);
  await bench.open();
  await expect(bench.line).toBeFocused();
  await bench.type('A:=7/3\n');
  await expect(bench.tape.getByRole('button', { name: /^A := 7\/3/ })).toBeVisible();

  // The teacher plans it, on any device.
  await tap(page, /^Number display/);
  await tap(page, 'Examination …');
  await page.getByRole('switch', { name: 'Other forms' }).tap();
  await page.getByRole('switch', { name: 'Columns' }).tap();
  const code = await codeIn(page);
  await expectClean(page);
  await tap(page, 'Copy a link to it');
  const link = await page.evaluate(() => navigator.clipboard.readText());

  await page.goto('about:blank');
  await page.goto(link);
  await expect(page.getByRole('group', { name: 'What is off' })).toContainText('Solving');
  expect(await codeIn(page)).toBe(code);
  await tap(page, 'Begin now');
  await expect(bar(page)).toHaveText(`Examination${code}0 min`);
  await expect(page.getByRole('navigation').getByRole('link')).toHaveText(['Bench', 'Columns', 'Shelf']);
  await expectClean(page);

  // Answers come in decimals, nothing is solved or explained, and nothing is left of before.
  await expect(bench.tape.getByRole('button')).toHaveCount(0);
  await expect(bench.line).toBeFocused();
  await page.keyboard.press('F1');
  await bench.type('7/3');
  await expect(bench.form('≈ 2.333 333 333, decimal')).toBeVisible();
  await expect(bench.forms.getByRole('button')).toHaveCount(1);
  for (const name of ['Steps', 'Find a key or a function', 'Draw this']) await expect(bench.key(name)).toHaveCount(0);
  await bench.type('\n2x=6');
  await expect(page.getByRole('group', { name: /^Solve/ })).toHaveCount(0);
  await expect(page.getByRole('textbox', { name: 'x =' })).toBeVisible();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.keyboard.press('Escape');
  await bench.type('A\n');
  await expect(page.getByRole('alert')).toContainText('A');
  await page.goto('/kit');
  await expect(page.getByText('Kit is closed during this examination.')).toBeVisible();

  // Another link changes nothing, and it ends only by its code.
  await page.goto('about:blank');
  await page.goto(link);
  await expect(page.getByText('This cannot be done during the examination.')).toBeVisible();
  await bar(page).tap();
  const end = page.getByRole('button', { name: 'End the examination' });
  await expect(end).toBeDisabled();
  await page.getByRole('textbox', { name: 'To end it, key its code' }).fill(code.toLowerCase());
  await end.tap();
  await expect(bar(page)).toHaveCount(0);
  await expect(page.getByText(/^The examination is over, after 0 min\./)).toBeVisible();
  await expect(bench.tape.getByRole('button', { name: /^A := 7\/3 = 7\/3/ })).toBeVisible();
  await expect(bench.tape.getByRole('button', { name: /^7\/3 ≈ 2\.333/ })).toBeVisible();
  await page.getByRole('link', { name: 'Shelf' }).tap();
  await expect(page.getByRole('button', { name: 'A: 7/3, from 7/3' })).toBeVisible();
});
