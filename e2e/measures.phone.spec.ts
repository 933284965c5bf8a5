import { expect, test } from '@playwright/test';
import type { Page } from '@playwright/test';
import { expectClean } from './axe';
import { BenchPage } from './bench';
import { KitPage } from './kit';

/** Taps that are counted, from the list of the tools on. */
function counted(page: Page) {
  let taps = 0;
  const tap = async (name: string | RegExp, role: 'button' | 'radio' = 'button'): Promise<void> => {
    taps += 1;
    await page
      .getByRole(role, { name, exact: typeof name === 'string' })
      .first()
      .tap();
  };
  return { tap, taps: () => taps };
}

test('25 in binary and its not in eight bits, in at most eight taps', async ({ page }) => {
  const kit = new KitPage(page);
  const { tap, taps } = counted(page);
  await page.goto('/');
  await page.getByRole('link', { name: 'Kit' }).tap();
  await tap(/^Bases and bits: /);
  await tap(/^Decimal: /);
  await tap('2');
  await tap('5');
  await expect(page.getByRole('button', { name: 'Binary: 11001' })).toBeVisible();
  await tap('Done');
  await expect(page.getByRole('listitem', { name: /^not = 1110.0110₂/ })).toBeVisible();
  expect(taps() + 1).toBeLessThanOrEqual(8);
  await expectClean(page);

  // A bit that is tapped is turned; a digit beyond the base has no key; the other bases follow.
  await kit.tap('Bit 0: 1');
  await expect(page.getByRole('button', { name: 'Hexadecimal: 18' })).toBeVisible();
  await kit.tap('Hexadecimal: 18', 'F');
  await expect(page.getByRole('button', { name: 'Decimal: 399' })).toBeVisible();
  await expect(page.getByText('It needs more bits than the word has.')).toBeVisible();
  await kit.tap('Done');
  await kit.choose('16 bits');
  await kit.tap('Second number: empty', '1', 'Done');
  await expect(page.getByRole('group', { name: 'In columns: sum' })).toBeVisible();
  await kit.tap('Show it written out');
  await expect(page.getByText('399 ÷ 2 = 199, remainder 1')).toBeVisible();
  await kit.tap('Undo');
  await expect(page.getByRole('button', { name: 'Second number: empty' })).toBeVisible();
});

test('five acres in hectares, in at most eight taps; another unit by its name; kept as a favourite', async ({
  page,
}) => {
  const kit = new KitPage(page);
  const { tap, taps } = counted(page);
  await page.goto('/');
  await page.getByRole('link', { name: 'Kit' }).tap();
  await tap(/^Units: /);
  await tap('Area', 'radio');
  await tap('acre');
  await tap(/^Value: /);
  await tap('5');
  await tap('Done');
  await expect(kit.result('in ha ≈ 2.023 428 211')).toBeInViewport({ ratio: 1 });
  expect(taps() + 1).toBeLessThanOrEqual(8);
  await expect(kit.result('in ft² = 217 800')).toBeVisible();
  await expectClean(page);

  // What cannot be worked is told at its field, and nothing else is.
  await kit.tap('Value: 5', '1', 'divided by', '0', 'Done');
  await expect(page.getByRole('alert')).toHaveText('This divides by zero.');
  await page.getByRole('button', { name: /^Value: / }).tap();
  await kit.tap('5', 'Done', 'Favourite: in²');
  await expect(page.getByRole('list', { name: 'In all units' }).getByRole('listitem').first()).toHaveAccessibleName(
    /^in in²/,
  );
  await kit.tap('From: acre');
  await page.getByRole('dialog').getByRole('textbox').fill('degrees fahr');
  await page.getByRole('dialog').getByRole('button', { name: /°F$/ }).first().tap();
  await expect(page.getByRole('radio', { name: 'Temperature', exact: true })).toBeChecked();
  await expect(kit.result('in °C = −15')).toBeVisible();
  await kit.tap('Swap');
  await expect(kit.result('in °F = 41')).toBeVisible();
});

test('Find on the Bench opens a conversion, and a conversion is a line', async ({ page }) => {
  const bench = new BenchPage(page);
  await page.goto('/');
  await page.getByRole('button', { name: 'Find a key or a function' }).tap();
  await page.getByRole('dialog').getByRole('textbox').fill('5 acres in hectares');
  await page.getByRole('button', { name: '5 acre in ha' }).tap();
  await expect(page.getByRole('listitem', { name: 'in ha ≈ 2.023 428 211' })).toBeVisible();
  await page.getByRole('link', { name: 'Bench' }).tap();
  await expect(bench.line).toBeFocused();
  await page.keyboard.type('5 ft 3 in to cm');
  await expect(bench.form('= 160.02')).toBeVisible();
  await page.keyboard.press('Enter');
  await page.keyboard.type('3 gal to L');
  await expect(page.getByText('“gal” may be US gal, or imp gal.')).toBeVisible();
});

test('days to a date in five taps, a month later that is shorter, and times over midnight', async ({ page }) => {
  const kit = new KitPage(page);
  const { tap, taps } = counted(page);
  await page.clock.setFixedTime(new Date('2027-03-01T10:00:00'));
  await page.goto('/');
  await page.getByRole('link', { name: 'Kit' }).tap();
  await tap(/^Dates and times: /);
  await tap('May', 'radio');
  await tap('Mo 31', 'radio');
  await expect(kit.result('days = 91')).toBeVisible();
  expect(taps() + 1).toBeLessThanOrEqual(5);
  await expect(kit.result('years, months, days: 0 years, 2 months, 30 days')).toBeVisible();
  await expectClean(page);

  await kit.choose('A date later or earlier');
  await page.getByRole('textbox', { name: 'Start' }).fill('31 Jan 2027');
  await kit.tap('Months: empty', '1', 'Done');
  await expect(page.getByText('February has no 31st: its last day, the 28th, was taken.')).toBeVisible();
  await page.getByRole('textbox', { name: 'Start' }).fill('30 Feb 2027');
  await expect(page.getByText('There is no such day in the calendar.').first()).toBeVisible();
  await kit.choose('Times');
  await page.getByRole('textbox', { name: 'Sum of times' }).fill('2 h 15 min + 50 min');
  await page.getByRole('textbox', { name: 'Clock from' }).fill('22:30');
  await page.getByRole('textbox', { name: 'Clock to' }).fill('6:15');
  await expect(page.getByRole('list', { name: 'Sum of times' }).first()).toContainText('3 h 5 min');
  await expect(page.getByRole('list', { name: 'Between the two clocks' }).first()).toContainText('7 h 45 min');
});

test('a monthly payment from four numbers without leaving the screen; what a higher one saves; why none ends it', async ({
  page,
}) => {
  const kit = new KitPage(page);
  await kit.openTool('Loans and savings');
  await kit.tap('Amount: empty', '4', '8', '0', '0', 'Next', '6', 'Next', '3', '6', 'Done');
  await expect(page.getByRole('status').filter({ hasText: 'Payment: 146.03' })).toBeInViewport({ ratio: 1 });
  await expect(kit.result('Last payment = 145.84')).toBeVisible();
  await expect(kit.result('Total interest = 456.89')).toBeVisible();
  await expect(page.getByRole('img', { name: /^Interest, repayment and balance/ })).toBeVisible();
  await expect(page.getByRole('table', { name: 'Schedule' }).getByRole('row')).toHaveCount(4);
  await kit.choose('By payment');
  await expect(page.getByRole('table', { name: 'Schedule' }).getByRole('row')).toHaveCount(37);
  await expectClean(page);

  await page.getByRole('switch', { name: 'Compare two' }).tap();
  await kit.tap('Payment to: empty', '2', '0', '0', 'Done');
  await expect(page.getByRole('table', { name: 'Compare two' })).toContainText('−130.64');
  await page
    .getByRole('radiogroup', { name: 'What is sought' })
    .getByRole('radio', { name: 'Number of payments' })
    .tap();
  await kit.tap('Payment: empty', '2', '4', 'Done');
  await expect(page.getByRole('alert').filter({ hasText: 'does not even cover the interest' })).toBeVisible();
});

test('percent: two of three are written, prices go through discount and tax, and the line is taken along', async ({
  page,
}) => {
  const kit = new KitPage(page);
  await kit.openTool('Percent and proportion');
  await kit.tap('Whole: empty', '2', '4', '0', 'Next', '1', '5', 'Done');
  await expect(kit.result('Part = 36')).toBeVisible();
  await kit.choose('Prices');
  await kit.tap('Before: empty', '2', '4', '0', 'Next', 'Next', 'minus', '2', '0', 'Next', '1', '9', 'Done');
  await expect(kit.result('After = 228.48')).toBeVisible();
  await expectClean(page);
  await kit.tap('To the line: After');
  await expect(new BenchPage(page).form('= 228.48')).toBeVisible();
});
