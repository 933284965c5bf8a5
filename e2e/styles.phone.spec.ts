import { expect, test } from '@playwright/test';
import type { Page } from '@playwright/test';
import { BenchPage } from './bench';

async function opened(page: Page, style: 'Running' | 'Stack'): Promise<BenchPage> {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.chooseStyle(style);
  return bench;
}

const shown = (page: Page) => page.getByRole('group', { name: 'Number shown' });
const pending = (page: Page) => page.getByRole('group', { name: 'Pending' });
const level = (page: Page, n: number) => page.getByRole('button', { name: new RegExp(`^Level ${n}:`) });

test('a chandler’s bill in Running: a column of additions, tax, and the running total', async ({ page }) => {
  const bench = await opened(page, 'Running');
  await bench.tapDigits('18.4');
  await bench.tap('plus');
  await bench.tapDigits('7.25');
  await bench.tap('plus');
  await expect(shown(page)).toContainText('25.65');
  await bench.tapDigits('12.6');
  await bench.tap('plus');
  await expect(shown(page)).toContainText('38.25');
  await bench.tapDigits('15');
  await bench.tap('percent');
  await expect(shown(page)).toContainText('5.7375');
  await bench.tap('equals', 'add to total');
  await expect(shown(page)).toContainText('43.9875');
  await expect(bench.tape.getByRole('button', { name: '18.4+7.25+12.6+15% = 43.9875' })).toBeVisible();
  // Every step is a line: its answer can be gone on from here, the line itself in Written.
  await bench.tape.getByRole('button', { name: 'Use the answer = 38.25' }).tap();
  await expect(shown(page)).toContainText('38.25');
  await bench.tape.getByRole('button', { name: '18.4+7.25+12.6+15% = 43.9875' }).tap();
  await expect(bench.line).toHaveValue('18.4+7.25+12.6+15%');
  await page.getByRole('link', { name: 'Shelf' }).tap();
  await expect(page.getByRole('button', { name: /^The running total: 43.9875/ })).toBeVisible();
});

test('Running keeps what is pending over a reload; brackets are counted and closed', async ({ page }) => {
  const bench = await opened(page, 'Running');
  await bench.tap('2', 'times', 'open bracket', '3', 'plus', 'open bracket', '4');
  await expect(page.getByText('2 brackets open')).toBeVisible();
  await page.waitForTimeout(400);
  await page.reload();
  await expect(page.getByText('2 brackets open')).toBeVisible();
  await bench.tap('times', '5', 'close bracket');
  await expect(shown(page)).toContainText('20');
  await bench.tap('close bracket');
  await expect(shown(page)).toContainText('23');
  await bench.tap('equals');
  await expect(shown(page)).toContainText('46');
  await bench.tap('equals');
  await expect(shown(page)).toContainText('1058');
});

test('a function of three values takes those that stand beside each other, and says so where they are too few', async ({
  page,
}) => {
  const bench = await opened(page, 'Running');
  await bench.drawer('Counting');
  await page.getByText('more', { exact: true }).tap();
  await bench.tap('3', 'binomial at');
  await expect(page.getByText(/^binomialAt takes 3 values; it was given 1\. Key them first/)).toBeVisible();
  await bench.tap('next value', '1', '0', 'next value');
  await expect(pending(page)).toHaveText(/3.*10.*▯/);
  await bench.tapDigits('0.5');
  await bench.tap('binomial at');
  await expect(shown(page)).toContainText('0.117 187 5');
  await expect(bench.tape.getByRole('button', { name: /^binomialAt\(3,10,0\.5\)/ })).toBeVisible();
});

test('clear entry takes the number, clear all what is pending, and the order of work can be changed', async ({
  page,
}) => {
  const bench = await opened(page, 'Running');
  await bench.tap('8', 'plus', '5', 'clear entry', '4', 'equals');
  await expect(shown(page)).toContainText('12');
  await bench.tap('8', 'plus', '5', 'clear all', '4', 'equals');
  await expect(shown(page)).toContainText('4');
  await page.getByRole('button', { name: /^Order of work: precedence/ }).tap();
  await bench.tap('2', 'plus', '3', 'times', '4', 'equals');
  await expect(shown(page)).toContainText('20');
  await bench.tap('6', 'change sign', 'square root');
  await expect(page.getByRole('alert')).toContainText('even root');
  await expect(pending(page)).toBeVisible();
});

test('Stack by touch: operands in the wrong order are put right, and each level tells how it was made', async ({
  page,
}) => {
  const bench = await opened(page, 'Stack');
  await bench.tap('1', '2', 'push', '3', 'swap', 'divided by');
  await expect(level(page, 1)).toHaveAccessibleName('Level 1: 1/4, made 3÷12');
  await bench.tap('undo', 'undo', 'divided by');
  await expect(level(page, 1)).toHaveAccessibleName('Level 1: 4, made 12÷3');
  await bench.tap('2', 'square root', 'times');
  await expect(level(page, 1)).toHaveAccessibleName('Level 1: 4√2, made 12÷3*sqrt(2)');
  await bench.tap('plus');
  await expect(page.getByRole('alert')).toContainText('1 is missing');
  await expect(level(page, 1)).toHaveAccessibleName(/4√2/);
});

test('the stack outlives a reload in the middle of a number, and a change of style', async ({ page }) => {
  const bench = await opened(page, 'Stack');
  await bench.tap('7', 'push', '1', 'decimal point', '5');
  await page.waitForTimeout(400);
  await page.reload();
  await expect(page.getByRole('group', { name: 'Number being keyed' })).toContainText('1.5');
  await bench.chooseStyle('Written');
  await bench.tap('9', 'squared');
  await bench.chooseStyle('Stack');
  await bench.tap('0', 'plus');
  await expect(level(page, 1)).toHaveAccessibleName(/^Level 1: 8\.5/);
  await bench.chooseStyle('Written');
  await expect(bench.line).toHaveValue('9^2');
});

test('four levels: the last repeats; more levels fall off when they are asked for, and come back', async ({ page }) => {
  const bench = await opened(page, 'Stack');
  await bench.tap('1', 'push', '2', 'push', '3', 'push', '4', 'push', '5', 'push');
  await page.getByRole('button', { name: /^Stack depth: any depth/ }).tap();
  await expect(page.getByText('those below fell off')).toBeVisible();
  await bench.tap('plus');
  await expect(level(page, 4)).toHaveAccessibleName('Level 4: 2');
  await expect(level(page, 1)).toHaveAccessibleName('Level 1: 9, made 4+5');
  await bench.tap('drop', 'drop');
  await expect(level(page, 1)).toHaveAccessibleName('Level 1: 2');
});

test('a level is picked, kept, and sent to the line', async ({ page }) => {
  const bench = await opened(page, 'Stack');
  await bench.tap('8', 'push', '5', 'push', '3', 'fetch');
  await page.getByRole('dialog').getByRole('button', { name: /^3:/ }).tap();
  await expect(level(page, 1)).toHaveAccessibleName('Level 1: 8');
  await level(page, 2).tap();
  await page.getByRole('dialog').getByRole('button', { name: 'Keep' }).tap();
  await page.getByRole('button', { name: 'Keep slot 7, empty' }).tap();
  await expect(page.getByText('Kept in slot 7.')).toBeVisible();
  await bench.tap('square root', 'to line');
  await expect(bench.line).toHaveValue('sqrt(8)');
  await bench.tap('Recall');
  await page.getByRole('button', { name: 'Recall slot 7, holds 3' }).tap();
  await expect(bench.line).toHaveValue('sqrt(8)slot(7)');
});

test('the Shelf: kept, added to, replaced and undone, recalled as a value, cleared with nothing else changed', async ({
  page,
}) => {
  const bench = new BenchPage(page);
  await bench.open();
  const keepIn = async (place: RegExp | string, operation = 'Keep') => {
    await bench.tap('Keep');
    if (operation !== 'Keep') await page.getByRole('dialog').getByRole('radio', { name: operation, exact: true }).tap();
    await page.getByRole('dialog').getByRole('button', { name: place }).tap();
  };
  await bench.tap('1', '7', 'fraction', '6', 'answer');
  await keepIn('Keep slot 3, empty');
  await keepIn('Keep B, empty');
  await bench.tap('2', 'answer');
  await keepIn(/^Add to slot 3/, 'Add to');
  await expect(page.getByText('Changed what slot 3 holds.')).toBeVisible();
  await page.getByRole('link', { name: 'Shelf' }).tap();
  await expect(page.getByRole('button', { name: 'Slot 3: 29/6, from 17/6+2' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'B: 17/6, from 17/6' })).toBeVisible();
  await page.getByRole('button', { name: 'Undo', exact: true }).first().tap();
  await expect(page.getByRole('button', { name: 'Slot 3: 17/6, from 17/6' })).toBeVisible();
  await page.getByRole('button', { name: 'Clear all slots' }).tap();
  await expect(page.getByRole('button', { name: 'Slot 3: holds nothing' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'B: 17/6, from 17/6' })).toBeVisible();
  // A pasted number with a comma that could be either is asked about, and kept.
  await page.getByRole('button', { name: 'Slot 5: holds nothing' }).tap();
  await page.getByRole('textbox', { name: 'Keep a number here' }).fill('1,234');
  await page.getByRole('button', { name: 'Keep it' }).tap();
  await page.getByRole('button', { name: 'Put 1234 instead' }).tap();
  await page.getByRole('button', { name: 'Keep it' }).tap();
  await page.getByRole('button', { name: /^Slot 5: 1234/ }).tap();
  await page.getByRole('button', { name: 'Recall as a value' }).tap();
  await expect(bench.line).toHaveValue('1234');
});

test('settings show what they do as they are set, and can be reset and put back', async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await page.getByRole('button', { name: /^Number display/ }).tap();
  await expect(page.getByText('sin 30 = 1/2')).toBeVisible();
  await page.getByRole('radio', { name: 'gradians' }).tap();
  await expect(page.getByText(/sin 30 ≈ 0\.453/)).toBeVisible();
  await page.getByRole('radio', { name: 'As a mixed number' }).tap();
  await expect(page.getByText('17/6 = 2 5/6').first()).toBeVisible();
  await page.getByRole('radio', { name: 'Left to right' }).tap();
  await expect(page.getByText('2 + 3 × 4 = 20')).toBeVisible();
  await page.getByRole('radio', { name: '150 %' }).tap();
  await page.getByRole('button', { name: 'Reset all settings' }).tap();
  await expect(page.getByText('sin 30 = 1/2')).toBeVisible();
  await page.getByRole('button', { name: 'Put mine back' }).tap();
  await expect(page.getByText(/sin 30 ≈ 0\.453/)).toBeVisible();
  await page.getByRole('button', { name: 'Close', exact: true }).last().tap();
  await expect(page.getByRole('button', { name: /^Angle unit: gradians/ })).toBeVisible();
});
