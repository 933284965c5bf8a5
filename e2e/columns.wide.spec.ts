import { expect, test } from '@playwright/test';
import { expectCleanInEveryLook } from './axe';
import type { Locator } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { ColumnsPage } from './columns';

test('by the keyboard alone: a table begun, typed across and down, mended, and taken back', async ({ page }) => {
  const columns = new ColumnsPage(page);
  await columns.open();
  await page.getByRole('button', { name: 'Begin a table' }).focus();
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Add a column' }).focus();
  await page.keyboard.press('Enter');
  await page.getByRole('grid').focus();
  await page.keyboard.type('1.5');
  await page.keyboard.press('Tab');
  await page.keyboard.type("12°30'");
  await page.keyboard.press('Enter');
  await page.keyboard.press('Escape');
  await expect(columns.cell('A, row 1')).toHaveText('1.5');
  await expect(columns.cell('B, row 1')).toContainText('12°30′');
  await page.getByRole('grid').focus();
  await page.keyboard.press('ArrowLeft');
  await page.keyboard.type('sqrt(2');
  await page.keyboard.press('Enter');
  await page.keyboard.press('Escape');
  await expect(columns.cell('A, row 2')).toContainText('√2');
  await expect(page.getByText(/^B, row 2: A value is missing/).first()).toBeVisible();
  await page.getByRole('grid').focus();
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('Delete');
  await expect(columns.cell('A, row 2')).toHaveText('');
  await page.keyboard.press('Control+z');
  await expect(columns.cell('A, row 2')).toContainText('√2');
});

test('rows and columns are carried by their numbers and heads', async ({ page }) => {
  const columns = new ColumnsPage(page);
  await columns.open();
  await columns.take('boats', 'a b\n1 10\n2 20\n3 30');
  const carry = async (what: Locator, dx: number, dy: number) => {
    const box = await what.boundingBox();
    if (box === null) throw new Error('what is carried is out of sight');
    const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
    await page.mouse.move(x, y);
    await page.mouse.down();
    await page.mouse.move(x + dx / 2, y + dy / 2, { steps: 4 });
    await page.mouse.move(x + dx, y + dy, { steps: 6 });
    await page.mouse.up();
  };
  await carry(page.getByRole('rowheader', { name: 'Row 3', exact: true }), 0, -2 * 44);
  await expect(columns.cell('a, row 1')).toHaveText('3');
  await expect(columns.cell('b, row 2')).toHaveText('10');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  const head = page.getByRole('columnheader').nth(1);
  const width = (await head.boundingBox())?.width ?? 0;
  await carry(head, 1.2 * width, 0);
  await expect(page.getByRole('columnheader').nth(1)).toContainText('b');
});

test('bounds with one frequency fewer are proposed as classes', async ({ page }) => {
  const columns = new ColumnsPage(page);
  await columns.open();
  await columns.take('waits', 'bound count\n0 3\n5 8\n10 12\n15 7\n20');
  await columns.panel('Chart');
  await columns.press('Histogram');
  await columns.press('Read them so');
  await columns.chart.press('ArrowRight');
  await expect(columns.reads).toContainText('3');
});

test('nothing old stands beside a new x at which a fit is read', async ({ page }) => {
  const columns = new ColumnsPage(page);
  await columns.open();
  await columns.take('rope', 'x y\n1 2\n2 4\n3 6');
  await columns.panel('Fit');
  const at = page.getByRole('textbox', { name: 'Read the fit at' });
  await at.fill('5');
  await expect(columns.statistic('y')).toContainText('= 10');
  await at.fill('5 +');
  await expect(page.getByText('This x cannot be read yet.')).toBeVisible();
  await expect(columns.statistic('y')).toHaveCount(0);
});

test('a file is shown before it is taken in; a table is taken along, its chart as SVG and PNG', async ({ page }) => {
  const columns = new ColumnsPage(page);
  await columns.open();
  await columns.press('In and out');
  const [chooser] = await Promise.all([page.waitForEvent('filechooser'), columns.press('Open a file (CSV, TSV)')]);
  const buffer = Buffer.from('hour (h),height (m)\r\n0,0.95\r\n1,1.65\r\n2,5/2\r\n3,harbour\r\n');
  await chooser.setFiles({ name: 'tide.csv', mimeType: 'text/csv', buffer });
  await expect(page.getByText('2 columns of 4 values; 1 cell is no number.')).toBeVisible();
  await columns.press('As a new table');
  await expect(columns.cell('height, row 4')).toHaveAccessibleName(/harbour\. \S+ stands for no number here/);
  await columns.panel('Chart');
  await expect(page.getByText(/^height, row 4: /).first()).toBeVisible();
  const saved = async (button: string): Promise<string> => {
    const [download] = await Promise.all([page.waitForEvent('download'), columns.press(button)]);
    return readFileSync(await download.path(), 'latin1');
  };
  await columns.press(/^Tables: /);
  expect((await saved('Save as CSV')).split('\r\n')).toEqual([
    'hour / h,height / m',
    '0,0.95',
    '1,1.65',
    '2,2.5',
    '3,harbour',
    '',
  ]);
  await columns.press('Close');
  await columns.cell('height, row 4').click();
  await page.keyboard.press('Delete');
  await columns.cell('hour, row 4').click();
  await page.keyboard.press('Delete');
  await expect(columns.chart).toBeVisible();
  const svg = await saved('Save as SVG');
  expect(svg.match(/h0\.01/g)).toHaveLength(3);
  expect(await saved('Save as PNG')).toMatch(/^.PNG/);
  await columns.chart.focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await expect(columns.reads).toHaveText('Row 2: hour 1, height 1.65');
  await columns.press('Bars');
  await columns.chart.press('ArrowRight');
  await expect(columns.reads).toHaveText('0: height 0.95');
  const bars = await saved('Save as SVG');
  expect(bars.match(/fill-opacity/g)).toHaveLength(3);
  expect(bars).toContain('height / m');
  expect(await saved('Save as PNG')).toMatch(/^.PNG/);
});

test('fits: each model with its coefficients, and why there is none', async ({ page }) => {
  const columns = new ColumnsPage(page);
  await columns.open();
  await columns.take('Rope', 'x y\n0 1\n1 2\n2 4\n3 8');
  await columns.panel('Fit');
  await expect(columns.statistic('r')).toHaveAccessibleName(/^r ≈ 0\.95/);
  await columns.press('Exponential');
  await expect(columns.statistic('b')).toHaveAccessibleName(/^b ≈ 0\.693\s147\s180\s6$/);
  await expect(page.getByText('Fitted to the logarithms.')).toBeVisible();
  await columns.press('Polynomial');
  await columns.press('Higher degree');
  await expect(columns.statistic('R²')).toHaveAccessibleName('R² = 1');
  await expect(page.getByRole('table', { name: 'Residuals' }).getByRole('row', { name: /^Row 4/ })).toContainText('0');
  await columns.press('Higher degree');
  await expect(page.getByRole('alert')).toHaveText('This needs at least 5 different values of x; there are 4.');
  await columns.press('Power');
  await expect(page.getByRole('alert')).toHaveText('Row 1: ln needs a number above zero.');
  await columns.press('Sine');
  await expect(page.getByRole('alert')).toHaveText('This needs at least 5 different values of x; there are 4.');
});

test('axe finds nothing on Columns, in every look', async ({ page }) => {
  test.slow();
  const columns = new ColumnsPage(page);
  const clean = (): Promise<void> => expectCleanInEveryLook(page);
  await columns.open();
  await clean();
  await columns.take('Tide', 'hour\theight\n0\t1\n1\t3\n2\t2\n3\tword\n4\t');
  await clean();
  await columns.cell('height, row 4').click();
  await page.keyboard.type('4');
  await clean();
  await page.keyboard.press('Enter');
  await page.keyboard.type('5');
  await page.keyboard.press('Enter');
  await page.keyboard.press('Escape');
  for (const panel of ['Summary', 'Chart', 'Fit']) {
    await columns.panel(panel);
    await page.waitForTimeout(700);
    await clean();
  }
  await columns.panel('Summary');
  await columns.press('Frequencies, groups, classes, quartiles');
  await clean();
  await columns.statistic('mean').click();
  await clean();
  await columns.press('Close');
  for (const [button, wait] of [
    [/^height: options/, 'Empty it'],
    [/^Sort$/, 'Largest first'],
    [/^Row$/, 'Delete the row'],
    [/^Tables: /, 'New table'],
  ] as const) {
    await page.getByRole('button', { name: button }).first().click();
    await expect(page.getByRole('dialog').getByText(wait, { exact: true })).toBeVisible();
    await clean();
    await columns.press('Close');
  }
  await columns.press('Paste');
  await page.getByRole('textbox', { name: 'Text to take in' }).fill('1;2\n3;4');
  await page.waitForTimeout(400);
  await clean();
});
