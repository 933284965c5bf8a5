import { expect, test } from '@playwright/test';
import { expectClean } from './axe';
import { BenchPage } from './bench';
import { KitPage } from './kit';

test('a determinant of three rows is keyed and read in sixteen taps from the list', async ({ page }) => {
  const kit = new KitPage(page);
  await page.goto('/kit');
  let taps = 0;
  const tap = async (name: string | RegExp): Promise<void> => {
    taps += 1;
    await page.getByRole('button', { name, exact: typeof name === 'string' }).tap();
  };
  await tap(/^Matrices: /);
  await tap(/^One digit each/);
  for (const digit of '213405126') await tap(digit);
  await expect(kit.result('determinant of A = −15')).toBeInViewport({ ratio: 1 });
  expect(taps).toBeLessThanOrEqual(16);
  await expectClean(page);
});

test('three equations are keyed and solved without leaving the screen, and gone on with', async ({ page }) => {
  const kit = new KitPage(page);
  await kit.openTool('Equations');
  await kit.cell('Equation 1, x').tap();
  const rows = ['2 3 minus,1 5', '1 minus,1 2 3', '3 1 minus,1 4'].map((row) =>
    row.split(' ').map((c) => c.split(',')),
  );
  for (const keys of rows.flat()) {
    await kit.tap(...keys);
    // What comes of it stands above the keys as soon as all is keyed.
    if (keys === rows.at(-1)?.at(-1)) break;
    await kit.tap('Next');
  }
  await kit.tap('Done');
  for (const told of ['x = 7/5', 'y = 6/5', 'z = 7/5']) await expect(kit.result(told)).toBeVisible();
  await expect(page.getByText('One solution')).toBeVisible();
  await expectClean(page);

  await kit.tap('Use: x', 'To the line');
  const bench = new BenchPage(page);
  await expect(bench.line).toHaveValue('7/5');
  await bench.tap('times', '5');
  await expect(bench.form('= 7')).toBeVisible();
  // What was entered is still there, also after a reload.
  await page.reload();
  await page.getByRole('link', { name: 'Kit' }).tap();
  await kit.tap(
    'Equations: Systems of linear equations, polynomials to degree ten, any equation in one unknown, and pairs of curves.',
  );
  await expect(kit.cell('Equation 3, z')).toHaveText('−1');
});

test('a system that contradicts itself tells by which rows, and one row more or less keeps what is there', async ({
  page,
}) => {
  const kit = new KitPage(page);
  await kit.openTool('Equations');
  await kit.tap('fewer Unknowns');
  await kit.cell('Equation 1, x').tap();
  for (const keys of ['1', '2', '3', '2', '4']) await kit.tap(keys, 'Next');
  await kit.tap('7', 'Done');
  await expect(page.getByText('−2 · row 1 + row 2 says 0 = 1.')).toBeVisible();
  await kit.tap('more Equations');
  await expect(kit.cell('Equation 2, right side')).toHaveText('7');
  await kit.tap('Undo');
  await kit.tap('Clear this tool');
  await expect(kit.cell('Equation 2, right side')).toHaveText('');
  await page.getByRole('button', { name: 'Undo', exact: true }).first().tap();
  await expect(kit.cell('Equation 2, right side')).toHaveText('7');
});

test('what cannot be read is told at its cell, and nothing is lost', async ({ page }) => {
  const kit = new KitPage(page);
  await kit.openTool('Matrices');
  await kit.cell('row 1, column 1').tap();
  await kit.tap('2', 'plus', 'Next');
  await expect(page.getByRole('alert')).toContainText('missing');
  await kit.tap('3', 'Next', '1', 'divided by', '0', 'Done');
  await expect(page.getByText(/^A, row 1, column 2: .*zero/i).first()).toBeVisible();
  await expect(kit.cell('row 1, column 1')).toHaveText('2 + 3');
  await kit.cell('row 1, column 2').tap();
  await kit.tap('4', 'Done');
  await expect(kit.result('determinant of A = 0')).toBeVisible();
});

test('two forces by length and bearing, and the picture that shows their sum', async ({ page }) => {
  const kit = new KitPage(page);
  await kit.openTool('Vectors');
  await kit.tap('Bearings: Directions from north, clockwise');
  await kit.choose('Length and direction');
  await kit.cell('u, length').tap();
  for (const keys of [['3'], ['9', '0'], ['4'], ['0']]) await kit.tap(...keys, 'Next');
  await kit.tap('Done');
  await expect(kit.result('sum of u and v = [3, 4]')).toBeVisible();
  await expect(kit.result('angle between u and v = 90')).toBeVisible();
  await expect(kit.result('bearing of v = 0')).toBeVisible();
  await expect(page.getByRole('application', { name: 'Picture of the vectors' })).toHaveAccessibleDescription(
    'u (3; 0), v (0; 4), u + v (3; 4)',
  );
  await expectClean(page);
});

for (const [width, height] of [
  [844, 390],
  [667, 375],
] as const)
  test(`on a turned phone (${width} × ${height}) the keys stand at the side, in Kit and on Columns`, async ({
    page,
  }) => {
    await page.setViewportSize({ width, height });
    const kit = new KitPage(page);
    await kit.openTool('Matrices');
    await kit.cell('row 1, column 1').tap();
    await kit.tap('7', 'Next', '5', 'answer');
    await expect(kit.cell('row 1, column 2')).toHaveText('5');
    await kit.tap('Done');
    await page.goto('/columns');
    await page.getByRole('button', { name: 'Begin a table' }).tap();
    await kit.cell('A, row 1').tap();
    await kit.tap('4', 'answer');
    await expect(kit.cell('A, row 1')).toHaveText('4');
  });
