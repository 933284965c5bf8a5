import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import type { Page } from '@playwright/test';
import { BenchPage } from './bench';

test('a first visit is shown how it works, until something is answered, and never again', async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  const steps = page.getByRole('list', { name: 'How it works' }).getByRole('listitem');
  await expect(steps).toHaveCount(3);
  await bench.type('1+1\n');
  await expect(bench.tape.getByRole('button', { name: '1+1 = 2' })).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(steps).toHaveCount(0);
  await page.reload();
  await expect(bench.line).toBeFocused();
  await expect(steps).toHaveCount(0);
});

test('help opens by F1 from any place and by a question mark on an empty line, and finds by plain words', async ({
  page,
}) => {
  const bench = new BenchPage(page);
  await bench.open();
  const help = page.getByRole('dialog', { name: 'Help' });
  await page.keyboard.press('?');
  await expect(help).toBeVisible();
  await page.keyboard.type('third root');
  await expect(help.getByRole('listitem').filter({ hasText: 'cube root' })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(help).toHaveCount(0);
  await bench.type('2?');
  await expect(help).toHaveCount(0);
  await page.goto('/columns');
  await expect(page.getByRole('heading', { name: 'Columns' })).toBeVisible();
  await page.keyboard.press('F1');
  await expect(help).toBeVisible();
  await page.keyboard.type('standard deviation');
  await expect(help.getByText('Where: Columns, Summary').first()).toBeVisible();
});

test('About tells what is kept and what ships, with the text of each licence', async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await page.keyboard.press('F1');
  await page.getByRole('button', { name: 'About Ulkav' }).click();
  const about = page.getByRole('dialog', { name: 'About Ulkav' });
  await expect(about).toContainText('Nothing leaves the device');
  await expect(about).toContainText('Version 0.1.0');
  for (const name of ['Noto Sans Math', 'react-dom', 'expo-router', '@tamagui/core', 'zod'])
    await expect(about.locator('summary', { hasText: name }).first()).toBeVisible();
  await about.locator('summary', { hasText: 'zod' }).first().click();
  await expect(about.locator('details[open] pre')).toContainText('Permission is hereby granted');
});

test('the browser goes back from place to place, and the title and the focus with it', async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await page.getByRole('link', { name: 'Curves' }).click();
  await expect(page).toHaveTitle('Curves · Ulkav');
  await expect(page.getByRole('heading', { name: 'Curves' })).toBeFocused();
  await page.goBack();
  await expect(page).toHaveTitle('Bench · Ulkav');
  await expect(bench.line).toBeFocused();
  await page.goto('/nowhere/at/all');
  await expect(page.getByText('Nothing stands at this address.')).toBeVisible();
  await page.goto('/_sitemap');
  await expect(page.getByText('Nothing stands at this address.')).toBeVisible();
});

test('the first Tab goes past the places to the work', async ({ page }) => {
  await page.goto('/shelf');
  await expect(page.getByRole('heading', { name: 'Shelf' })).toBeVisible();
  await page.keyboard.press('Tab');
  await expect(page.getByRole('link', { name: 'To the work' })).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('main')).toBeFocused();
});

test('a screen reader hears which box the caret is in, when it leaves it, what is selected, and an error once more', async ({
  page,
}) => {
  const bench = new BenchPage(page);
  await bench.open();
  const told = (text: string) => page.getByRole('status').filter({ hasText: new RegExp(`^${text}$`) });
  await bench.type('1/2');
  await expect(told('denominator')).toBeAttached();
  await page.keyboard.press('ArrowRight');
  await expect(told('line')).toBeAttached();
  await page.keyboard.press('Control+a');
  await expect(told('\\(1\\)/\\(2\\) selected|1/2 selected')).toBeAttached();
  await page.keyboard.press('Escape');
  await bench.type('1/0\n');
  const sentence = page.getByRole('alert').getByText('This divides by zero');
  await expect(sentence).toBeVisible();
  await sentence.evaluate((node) => node.setAttribute('data-before', ''));
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert').locator('[data-before]')).toHaveCount(0);
  await expect(sentence).toBeVisible();
});

/** Drops a file on the page as the system does. */
async function drop(page: Page, name: string, text: string): Promise<void> {
  await page.evaluate(
    ([fileName, content]) => {
      const carried = new DataTransfer();
      carried.items.add(new File([content ?? ''], fileName ?? ''));
      document.body.dispatchEvent(new DragEvent('drop', { dataTransfer: carried, bubbles: true, cancelable: true }));
    },
    [name, text],
  );
}

test('a file dropped on the page is opened after asking', async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.type('7*6');
  const sound = JSON.parse(readFileSync('src/core/notebook/sample-line.json', 'utf8')) as object;
  await drop(page, 'mine.json', JSON.stringify({ format: 'ulkav-notebook', version: 7, tape: [sound], setAside: [] }));
  const offer = page.getByRole('dialog', { name: 'A file was dropped here' });
  await expect(offer).toContainText('mine.json');
  await expect(bench.line).toHaveValue('7×6');
  await offer.getByRole('button', { name: 'Open it' }).click();
  await expect(bench.tape.getByRole('button', { name: '2+3 = 5' })).toBeVisible();
  await drop(page, 'tide.csv', 'hour,height\n0,1.2\n1,1.9\n');
  await page.getByRole('button', { name: 'Take them in' }).click();
  await page.getByRole('button', { name: 'As a new table' }).click();
  await expect(page.getByRole('heading', { name: 'Columns' })).toBeVisible();
  await expect(page.getByRole('columnheader', { name: /height/ })).toBeVisible();
  await drop(page, 'broken.json', '{');
  await page.getByRole('button', { name: 'Open it' }).click();
  await expect(page.getByRole('status').filter({ hasText: 'not a notebook' })).toBeVisible();
});

test('what is written is said to be saved', async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.type('1+1\n');
  await expect(page.getByRole('navigation').getByText('Saved')).toBeVisible();
});

test('the tape is put on paper without a key', async ({ page }) => {
  await page.addInitScript(() => {
    window.print = () => document.documentElement.setAttribute('data-printed', '');
  });
  const bench = new BenchPage(page);
  await bench.open();
  await bench.type('1/2+1/3\n');
  await page.getByRole('button', { name: 'Search the tape, take it along, clear it' }).click();
  await page.getByRole('button', { name: 'Print or save as PDF' }).click();
  await expect(page.locator('html[data-printed]')).toHaveCount(1);
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByText('Tape').last()).toBeVisible();
  await expect(page.locator('.printed td').last()).toBeVisible();
  await expect(bench.key('7')).toBeHidden();
  await page.emulateMedia({ media: 'screen' });
  await page.evaluate(() => window.dispatchEvent(new Event('afterprint')));
  await expect(page.locator('.printed')).toHaveCount(0);
});

test.describe('in another language of the browser', () => {
  test.use({ locale: 'de-DE' });
  test('the decimal sign is the browser’s at first', async ({ page }) => {
    const bench = new BenchPage(page);
    await bench.open();
    await bench.type('1,5+1');
    await expect(bench.form('= 2,5')).toBeVisible();
    await expect(page.getByRole('button', { name: 'decimal point' })).toHaveText(',');
  });
});

test.describe('where the device asks for strong contrast', () => {
  test('black stands on white', async ({ page }) => {
    await page.emulateMedia({ contrast: 'more' });
    const bench = new BenchPage(page);
    await bench.open();
    const ink = await bench.key('7').evaluate((key) => getComputedStyle(key).borderTopColor);
    expect(ink).toBe('rgb(0, 0, 0)');
  });
});
