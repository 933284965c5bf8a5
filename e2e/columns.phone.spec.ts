import { expect, test } from '@playwright/test';
import { BenchPage } from './bench';
import { ColumnsPage } from './columns';
import { CurvesPage } from './curves';

const TIDE = [
  'hour / h\theight / m',
  ...[0.95, 1.65, 2.55, 3.35, 4, 4.4, 4.3, 3.75, 2.8, 1.9, 1.3, 0.85, 0.95, 1.4, 2.15, 3].map((h, i) => `${i}\t${h}`),
].join('\n');
const MUSSELS = 'from / mm;to / mm;shells\n20;25;4\n25;30;11\n30;35;23\n35;40;38\n40;45;41';

test('the tide board, typed down by touch, as points, with a sine through them, read at three times', async ({
  page,
}) => {
  const columns = new ColumnsPage(page);
  await columns.open();
  await columns.press('Begin a table');
  await columns.press('Write');
  await columns.tapNumbers('0', '1', '2', '3', '4', '5', '6', '7', '8');
  await columns.press('Done');
  await columns.press('Add a column');
  await columns.cell('B, row 1').tap();
  await columns.tapNumbers('0.95', '1.65', '2.55', '3.35', '4', '4.4', '4.3', '3.75', '2.8');
  await columns.press('Done');
  await expect(columns.cell('B, row 9')).toHaveText('2.8');
  await columns.press(/^B: options/);
  await page.getByRole('textbox', { name: 'Name' }).fill('height');
  await page.getByRole('textbox', { name: 'Unit' }).fill('m');
  await columns.press('Close');
  await columns.panel('Chart');
  await expect(columns.chart).toHaveAccessibleDescription(/^Points: height \/ m over A\. Row 1: A 0, height 0\.95\./);
  await columns.panel('Fit');
  await columns.press('Sine');
  await expect(page.getByRole('group', { name: 'Equation' })).toBeVisible();
  // The same least squares by Gauss and Newton's steps in NumPy.
  for (const [at, height] of [
    ['2.5', '2\\.957\\s3'],
    ['6.25', '4\\.147\\s1'],
    ['10', '1\\.189\\s1'],
  ] as const) {
    await page.getByRole('textbox', { name: 'Read the fit at x =' }).fill(at);
    await expect(columns.statistic('height')).toHaveAccessibleName(new RegExp(`^height ≈ ${height}`));
  }
  await columns.press('To Curves');
  const curves = new CurvesPage(page);
  await curves.told(/f: .*sin.*Points: height \/ m over A, 9\./);
  await expect(page.getByRole('switch', { name: 'Show height / m over A' })).toBeChecked();
  await curves.press('Follow');
  await page.getByRole('textbox', { name: 'x =' }).fill('2.5');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('group', { name: 'Point that is followed' })).toContainText('2.957');
  await curves.press('Follow');
  await page.getByRole('switch', { name: 'Show f' }).tap();
  await curves.press('Start');
  await curves.press('Fit');
  await curves.told(/y from -?[01]\S* to \d/);
  await page.getByRole('switch', { name: 'Show f' }).tap();
  await page.getByRole('link', { name: 'Columns' }).tap();
  await columns.panel('Chart');
  await page.getByRole('switch', { name: 'Lay the functions of Curves over it' }).tap();
  await expect(columns.chart).toHaveAccessibleDescription(/ f: .*sin/);
});

test('mussels in classes: their histogram by its bounds, a bar read, and their summary', async ({ page }) => {
  const columns = new ColumnsPage(page);
  await columns.open();
  await columns.take('Mussels', MUSSELS);
  await columns.panel('Summary');
  await columns.press('Frequencies, groups, classes, quartiles');
  await page.getByRole('radiogroup', { name: 'Frequencies' }).getByRole('radio', { name: 'shells' }).tap();
  await columns.press('lower bounds');
  await expect(page.getByText('45 is proposed, 5 wide as the others.')).toBeVisible();
  await columns.press('both bounds');
  await expect(columns.statistic('n')).toHaveAccessibleName('n = 117');
  await expect(columns.statistic('modal class')).toHaveCount(2);
  await columns.panel('Chart');
  await columns.press('Histogram');
  await expect(columns.chart).toHaveAccessibleDescription(/20 to 25: frequency 4\. 25 to 30: frequency 11\./);
  const box = (await columns.chart.boundingBox())!;
  await page.touchscreen.tap(box.x + box.width * 0.82, box.y + box.height * 0.6);
  await expect(columns.reads).toHaveText('40 to 45: frequency 41');
  await columns.press('Box');
  await expect(columns.chart).toHaveAccessibleDescription(/Q1:\s33\.097\s826\s09\.\sMedian:\s37\.697/);
});

test('a value is mended and the mean follows; what cannot be read stays to be mended', async ({ page }) => {
  const columns = new ColumnsPage(page);
  await columns.open();
  await columns.take('Depths', '2\n4\n60');
  await columns.panel('Summary');
  await expect(columns.statistic('mean')).toHaveAccessibleName('mean = 22');
  await columns.panel('Data');
  await columns.cell('A, row 3').tap();
  await columns.tapKeys('6 plus');
  await columns.press('Done');
  await expect(page.getByText('A number is missing at the end.')).toBeVisible();
  await columns.tapKeys('backspace answer');
  await columns.press('Done');
  await expect(columns.cell('A, row 3')).toHaveText('6');
  await expect(page.getByText('A: n 3, mean 4, sum 12')).toBeVisible();
  await columns.panel('Summary');
  await expect(columns.statistic('mean')).toHaveAccessibleName('mean = 4');
  await columns.statistic('s').tap();
  await columns.press(/^Keep D/);
  await page.getByRole('link', { name: 'Shelf' }).tap();
  await expect(page.getByRole('button', { name: /^D: 2/ })).toBeVisible();
});

test('a column is emptied, removed, and brought back both times', async ({ page }) => {
  const columns = new ColumnsPage(page);
  await columns.open();
  await columns.take('Tide', TIDE);
  await columns.press(/^hour in h: options/);
  await columns.press('Empty it');
  await expect(page.getByText('The column hour is empty. The other columns are as they were.')).toBeVisible();
  await expect(columns.cell('hour, row 1')).toHaveText('');
  await columns.press('Undo');
  await expect(columns.cell('hour, row 3')).toHaveText('2');
  await columns.press(/^height in m: options/);
  await columns.press('Remove it');
  await expect(page.getByRole('columnheader')).toHaveCount(2);
  await columns.press('Undo');
  await expect(columns.cell('height, row 3')).toHaveText('2.55');
});

test('twelve numbers are pasted below what is there, and unequal lengths are told at the cell', async ({ page }) => {
  const columns = new ColumnsPage(page);
  await columns.open();
  await columns.take('Soundings', '1\t2\n3\t4');
  await columns.cell('A, row 3').tap();
  await columns.press('Done');
  await columns.press('Paste');
  await page.getByRole('textbox', { name: 'Text to take in' }).fill('2,4 3,1 2,8 4,5 5 1,2 6,7 8 9,1 7,5 3,3 2,2');
  await expect(page.getByText('1 column of 12 values.')).toBeVisible();
  await columns.press('From A, row 3, on');
  await expect(columns.cell('A, row 4')).toHaveText('3.1');
  await expect(page.getByText(/A: n 14, mean ≈ 4\.27/)).toBeVisible();
  await expect(columns.cell('B, row 3')).toHaveText('missing');
  await expect(page.getByText(/^B, row 3: A value is missing here/)).toBeVisible();
  await columns.panel('Summary');
  await columns.press('A pair');
  await expect(page.getByText(/^B, row 3: A value is missing here/)).toBeVisible();
  await page.getByRole('button', { name: 'To the cell' }).first().tap();
  await expect(page.getByRole('region', { name: 'B, row 3' })).toBeVisible();
});

test('rows are inserted, moved, deleted and sorted, whole', async ({ page }) => {
  const columns = new ColumnsPage(page);
  await columns.open();
  await columns.take('Boats', '3\t30\n1\t10\n2\t20');
  const rows = async (): Promise<string> =>
    (await page.getByRole('gridcell').allTextContents()).map((text) => text || '_').join(' ');
  await page.getByRole('rowheader', { name: 'Row 1', exact: true }).tap();
  await columns.press('Move the row down');
  await expect.poll(rows).toBe('1 10 3 30 2 20 _ _');
  await columns.press('Sort');
  await page.getByRole('dialog').getByRole('radio', { name: 'Largest first' }).tap();
  await page.getByRole('dialog').getByRole('button', { name: 'Sort', exact: true }).tap();
  await expect.poll(rows).toBe('3 30 2 20 1 10 _ _');
  await page.getByRole('rowheader', { name: 'Row 2', exact: true }).tap();
  await columns.press('Delete the row');
  await expect.poll(rows).toBe('3 30 1 10 _ _');
  await columns.press('Undo');
  await columns.press('Undo');
  await expect.poll(rows).toBe('1 10 3 30 2 20 _ _');
});

test('a level of the stack and the values of a function become columns, there after a reload', async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.chooseStyle('Stack');
  await bench.tap('7', 'push', '3', 'divided by');
  await bench.tap('to column');
  await expect(page.getByText('Put into the column A, row 1.')).toBeVisible();
  await page.getByRole('button', { name: /^Level 1:/ }).tap();
  await page.getByRole('group', { name: 'To a column' }).getByRole('button', { name: 'A' }).tap();
  await page.getByRole('link', { name: 'Columns' }).tap();
  const columns = new ColumnsPage(page);
  await expect(columns.cell('A, row 2')).toContainText('7 ÷ 3');
  await page.getByRole('link', { name: 'Curves' }).tap();
  const curves = new CurvesPage(page);
  await curves.write('x^2/3');
  await curves.panel('Values');
  await expect(curves.row(/^x −5/)).toBeVisible();
  await curves.press('Make columns');
  await expect(columns.cell('f, row 1')).toContainText('25/3');
  await page.waitForTimeout(400);
  await page.reload();
  await expect(columns.cell('f, row 11')).toContainText('25/3');
});

const BERTHS = 'berth\tlength\nOakwater\t31.5\nTern stair\t12.25\nLow slip\t−4\nNorth quay\t22\nSaltings\t18.75\n';

test('lengths by name as bars and as a joined line: one is tapped, and those out of sight are scrolled to', async ({
  page,
}) => {
  const columns = new ColumnsPage(page);
  await columns.open();
  await columns.take('Berths', BERTHS);
  await columns.panel('Chart');
  await columns.press('Bars');
  await expect(columns.chart).toHaveAccessibleDescription(
    /^Bars: length over berth\. Oakwater: length 31\.5\. Tern stair/,
  );
  await expect(columns.chart.locator('svg').first()).toBeVisible();
  const box = (await columns.chart.boundingBox())!;
  await page.touchscreen.tap(box.x + box.width * 0.21, box.y + box.height * 0.5);
  await expect(columns.reads).toHaveText('Oakwater: length 31.5');
  await columns.press('Joined');
  await expect(columns.chart).toHaveAccessibleDescription(/^Joined: length over berth\. Oakwater: length 31\.5\./);
  await columns.chart.press('End');
  await expect(columns.reads).toHaveText('Saltings: length 18.75');
  await expect(columns.chart.getByText('Saltings')).toBeInViewport();
});
