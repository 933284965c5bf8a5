import { expect, test } from '@playwright/test';
import { expectClean } from './axe';
import { BenchPage } from './bench';
import { KitPage } from './kit';

test('an area between two bounds and its inverse, keyed on the deck', async ({ page }) => {
  const kit = new KitPage(page);
  await kit.openTool('Chance');
  await kit.tap(
    'mean: 0',
    '1',
    '0',
    '0',
    'Next',
    '1',
    '5',
    'Next',
    '8',
    '5',
    'Next',
    '1',
    '1',
    '5',
    'Next',
    '0',
    'decimal point',
    '9',
    'Done',
  );
  await expect(kit.result('P(85 < X < 115) ≈ 0.682 689 492 1')).toBeVisible();
  await expect(kit.result('x with 0.9 below ≈ 119.223 273 5')).toBeVisible();
  await expect(page.getByRole('listitem', { name: /^z of 115 = 1/ })).toBeVisible();
  await expectClean(page);

  // A bound is dragged in the picture; the other stays.
  const box = await page.getByRole('application', { name: 'Picture' }).boundingBox();
  if (box === null) throw new Error('there is no picture');
  const at = (share: number): [number, number] => [box.x + box.width * share, box.y + box.height / 2];
  await page.mouse.move(...at(0.62));
  await page.mouse.down();
  await page.mouse.move(...at(0.7), { steps: 4 });
  await page.mouse.up();
  await expect(page.getByRole('button', { name: /^to: 1[2-3]\d/ })).toBeVisible();
  await expect(page.getByRole('button', { name: 'from: 85' })).toBeVisible();

  // Counts: exact, with the table.
  await kit.choose('Counts');
  await kit.tap('from: 85', '3', 'Next', '6', 'Done');
  await expect(page.getByRole('listitem', { name: /^P\(3 ≤ X ≤ 6\) = 0.773 437 5/ })).toBeVisible();
  await kit.tap('Show the table');
  await expect(page.getByRole('table', { name: 'Table' })).toBeVisible();
  await expectClean(page);
});

test('a t-test of values written there, and a table of counts', async ({ page }) => {
  const kit = new KitPage(page);
  await kit.openTool('Chance');
  await kit.choose('Tests and intervals');
  await expect(page.getByRole('listitem', { name: /^t \(4\) ≈ 1.845/ })).toBeVisible();
  await expect(page.getByText('H₁: μ ≠ 12')).toBeVisible();
  await kit.choose('μ > …');
  await expect(page.getByRole('listitem', { name: /^p ≈ 0.069/ })).toBeVisible();
  await page.getByRole('combobox', { name: /^Test: / }).click();
  await page.getByRole('option', { name: 'Independence in a table (χ²)' }).click();
  await expect(page.getByRole('listitem', { name: /^χ² \(2\) / })).toBeVisible();
  await expectClean(page);
});

test('a share of the normal curve on the line, its values asked for by name', async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await page.getByRole('tab', { name: 'Counting' }).tap();
  await page.getByText('more', { exact: true }).tap();
  await page.getByRole('button', { name: 'normal below', exact: true }).tap();
  await expect(page.getByText('mean 0')).toBeVisible();
  for (const key of ['1', 'decimal point', '9', '6']) await page.getByRole('button', { name: key, exact: true }).tap();
  await expect(page.getByText('0.975 002 104 9').first()).toBeVisible();
});
