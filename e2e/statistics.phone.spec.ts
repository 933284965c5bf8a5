import { expect, test } from '@playwright/test';
import { expectClean } from './axe';
import { BenchPage } from './bench';
import { ColumnsPage } from './columns';
import { KitPage } from './kit';

const SHELLS = [
  'site\tlength / mm',
  ...[35.1, 43.5, 46.7, 38.8, 41.2].map((length) => `Low slip\t${length}`),
  ...[36.4, 37, 38.2, 35.5, 62].map((length) => `Tern stair\t${length}`),
].join('\n');

test('mussels by site: side by side, in boxes, above a length alone, as standard scores, and on the Bench', async ({
  page,
}) => {
  const columns = new ColumnsPage(page);
  await columns.open();
  await columns.take('Shells', SHELLS);
  await columns.panel('Summary');
  await columns.press('Frequencies, groups, classes, quartiles');
  await page.getByRole('radiogroup', { name: 'Values' }).getByRole('radio', { name: 'length' }).tap();
  await page.getByRole('radiogroup', { name: 'Groups by' }).getByRole('radio', { name: 'site' }).tap();
  const groups = page.getByRole('table', { name: 'Groups' });
  await expect(groups.getByRole('columnheader', { name: 'Tern stair' })).toBeVisible();
  await expect(groups.getByRole('row', { name: /^mean/ })).toContainText('= 41.06');
  await page.getByRole('textbox', { name: 'Percentiles at' }).fill('0.9');
  await expect(columns.statistic('at 0.9')).toHaveAccessibleName(/^at 0\.9 = 48\.23/);
  await page.getByRole('switch', { name: 'More numbers' }).tap();
  await expect(page.getByRole('button', { name: /^Outliers = 62/ })).toBeVisible();
  await columns.statistic('s²').click();
  await expect(page.getByRole('group', { name: 'Formula' })).toContainText('s² = Σ(x − x̄)²/(n − 1)');
  await expect(page.getByRole('group', { name: 'Formula' })).toContainText('/(10 − 1)');
  await expectClean(page);
  await columns.press('Close');

  await columns.panel('Chart');
  await columns.press('Box');
  await expect(columns.chart).toHaveAccessibleDescription(/Low slip\. Median: 41\.2.*Tern stair\. Upper whisker: 62/);
  await expectClean(page);
  await columns.press('Stem and leaf');
  // Until the stems have come, the boxes are the picture that the keys move in.
  await expect(columns.chart).not.toHaveAccessibleDescription(/Upper whisker/);
  await page.getByRole('application', { name: 'Stem and leaf' }).focus();
  await page.keyboard.press('ArrowRight');
  await expect(columns.reads).toHaveText('35.1');
  await columns.press('Histogram');
  await page.getByRole('switch', { name: 'Heights as density' }).tap();
  await page.getByRole('switch', { name: 'Lay a normal curve over it' }).tap();
  await expect(columns.chart).toHaveAccessibleDescription(/^Histogram: share to a unit over length \/ mm/);

  await columns.panel('Data');
  await columns.press('Add a column');
  await columns.press(/^C: options/);
  await page.getByRole('textbox', { name: 'Worked from' }).fill('(length-mean(length))/s(length)');
  await columns.press('Close');
  await expect(columns.cell('C, row 1')).toHaveText(/^≈ −0\.781/);
  await columns.press('Filter');
  await page.getByRole('textbox', { name: 'Rows that take part' }).fill('length > ');
  await expect(page.getByRole('alert')).toBeVisible();
  await page.getByRole('textbox', { name: 'Rows that take part' }).fill('site = Low slip');
  await expect(page.getByText('5 of 10 rows take part; 5 are set aside.')).toBeVisible();
  await expectClean(page);
  await columns.press('Close');
  await expect(columns.cell('length, row 6')).toHaveAccessibleName(/set aside/);
  await columns.press('Make of columns');
  await columns.press('Make the table');
  await expect(columns.cell('frequency, row 1')).toHaveText('5');

  const bench = new BenchPage(page);
  await page.getByRole('link', { name: 'Bench' }).tap();
  await expect(bench.line).toBeFocused();
  await page.keyboard.type('mean(length)');
  await expect(page.getByRole('button', { name: /41\.06/ }).first()).toBeVisible();
});

test('a line with its bands and intervals, back from a height, and an own model beside it', async ({ page }) => {
  const columns = new ColumnsPage(page);
  await columns.open();
  await columns.take('Rope', 'load / kN\tstretch / mm\n1\t2.1\n2\t3.9\n3\t6.2\n4\t7.8\n5\t10.1');
  await columns.panel('Fit');
  await page.getByRole('textbox', { name: 'Read the fit at x =' }).fill('6');
  await page.getByRole('textbox', { name: 'Where is the fit y =' }).fill('6.02');
  await expect(columns.statistic('stretch')).toHaveAccessibleName(/^stretch = 11\.99/);
  await expect(columns.statistic('load')).toHaveAccessibleName(/^load = 3/);
  // t with three degrees of freedom: 0.95 of it within 3.182 (handbook table, from memory).
  await expect(page.getByText('mean of y there')).toBeVisible();
  await page.getByRole('switch', { name: 'Draw the bands of mean and of next value' }).tap();
  await expect(page.getByRole('table', { name: 'Analysis of variance of the fit' })).toContainText('39.601');
  await page.getByRole('switch', { name: 'Through the origin' }).tap();
  await expect(columns.statistic('b')).toHaveAccessibleName(/^b ≈ 2\.003/);
  await expectClean(page);
  await columns.press('Compare fits');
  await expect(page.getByRole('list', { name: 'Compare fits' }).getByRole('listitem').first()).toBeVisible();
  await expectClean(page);
  await columns.press('Close');
  await columns.press('Own model');
  await page.getByRole('textbox', { name: 'Own model, y =' }).fill('a+b*x');
  await expect(columns.statistic('b')).toHaveAccessibleName(/^b ≈ 1\.99/);
});

test('a seed drawn twice alike, beside what theory expects, into columns', async ({ page }) => {
  const kit = new KitPage(page);
  await page.goto('/kit');
  await page.getByRole('button', { name: /^Chance: / }).click();
  await kit.choose('Draws');
  await kit.choose('Coins');
  const came = page.getByRole('group', { name: 'What came' });
  await expect(came).toContainText('H');
  const first = await came.textContent();
  await page.getByRole('textbox', { name: 'Seed' }).fill('quay');
  await expect(came).not.toHaveText(first ?? '');
  await page.getByRole('textbox', { name: 'Seed' }).fill('1');
  await expect(came).toHaveText(first ?? '');
  const chart = page.getByRole('application', { name: 'Draws beside what theory expects' });
  await expect(chart).toHaveAccessibleDescription(/5: \d+ drawn, 246 expected/);
  await kit.tap('Watch them come');
  await expect(page.getByRole('status').filter({ hasText: /^1000 draws/ })).toBeVisible();
  await expectClean(page);
  await kit.choose('Whole numbers');
  await kit.choose('comes at most once');
  await expect(page.getByText(/This is a whole number from 1 to 49\./)).toBeVisible();
  await kit.choose('Dice');
  await kit.tap('Make columns');
  await expect(page.getByRole('grid', { name: 'Draws' })).toBeVisible();
  await expect(page.getByRole('columnheader', { name: /^sum/ })).toBeVisible();
});

test('values told near to normal or not, with their quantiles', async ({ page }) => {
  const kit = new KitPage(page);
  await kit.openTool('Chance');
  await kit.choose('Tests and intervals');
  await expect(page.getByRole('group', { name: 'What the data say of that' })).toContainText('no cause for doubt');
  await page.getByRole('combobox', { name: /^Test: / }).click();
  await page.getByRole('option', { name: 'Normality (Shapiro-Wilk)' }).click();
  await expect(page.getByRole('listitem', { name: /^W ≈ 0\.9/ })).toBeVisible();
  await expect(page.getByText(/^Values over the z of their ranks/).first()).toBeVisible();
  await expectClean(page);
});
