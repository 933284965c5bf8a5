import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import type { FileChooser } from '@playwright/test';
import { expectCleanInEveryLook } from './axe';
import { BenchPage } from './bench';

test('a damaged store is set aside and reported, and can be saved', async ({ page }) => {
  await page.addInitScript(() => {
    if (localStorage.getItem('ulkav.notebook') === null)
      localStorage.setItem('ulkav.notebook', '{"format":"other","tape":7}');
  });
  const bench = new BenchPage(page);
  await bench.open();
  await expect(page.getByRole('alert')).toContainText('set aside whole');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save the old data as a file' }).click();
  expect(readFileSync(await (await download).path(), 'utf8')).toContain('"tape":7');
  await page.getByRole('button', { name: 'Go on' }).click();
  await bench.type('1+1\n');
  await expect(bench.tape.getByRole('button', { name: '1+1 = 2' })).toBeVisible();
  await page.reload();
  await expect(bench.tape.getByRole('button', { name: '1+1 = 2' })).toBeVisible();
  // The old data lies on the Shelf until it is removed.
  await page.getByRole('link', { name: 'Shelf' }).click();
  const old = page.getByRole('listitem', { name: /^Old data of/ });
  await old.getByRole('button', { name: 'Remove' }).click();
  await expect(old).toHaveCount(0);
});

test('a store that is full is said, and the file offered', async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await page.evaluate(() => {
    const full = () => {
      throw new DOMException('full', 'QuotaExceededError');
    };
    Storage.prototype.setItem = full;
    IDBObjectStore.prototype.put = full;
  });
  await bench.type('2+3\n');
  await expect(page.getByRole('alert')).toContainText('does not keep what you do here');
  await expect(bench.tape.getByRole('button', { name: '2+3 = 5' })).toBeVisible();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save it as a file' }).click();
  const saved = JSON.parse(readFileSync(await (await download).path(), 'utf8')) as { tape: { text: string }[] };
  expect(saved.tape.map((line) => line.text)).toEqual(['2+3']);
});

test('a notebook file is saved, opened again, and a stranger’s file changes nothing', async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.type('B := sin(1 rad)\n');
  await expect(bench.tape.getByRole('button', { name: 'kept in B' })).toBeVisible();
  await page.getByRole('button', { name: /^Number display/ }).click();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as a file' }).click();
  const path = await (await download).path();
  await page.keyboard.press('Escape');
  await bench.clearTape();

  const open = async (file: Parameters<FileChooser['setFiles']>[0]) => {
    const chooser = page.waitForEvent('filechooser');
    await page.getByRole('button', { name: /^Number display/ }).click();
    await page.getByRole('button', { name: 'Open a file' }).click();
    await (await chooser).setFiles(file);
  };
  await open(path);
  await expect(bench.tape.getByRole('button', { name: 'kept in B' })).toBeVisible();
  await open({ name: 'other.json', mimeType: 'application/json', buffer: Buffer.from('{"format":"other"}') });
  await expect(page.getByRole('status').filter({ hasText: 'not a notebook of Ulkav' })).toBeVisible();
  await expect(bench.tape.getByRole('button', { name: 'kept in B' })).toBeVisible();
});

test('the demo fills an empty store', async ({ page }) => {
  await page.goto('http://localhost:4181/');
  await expect(
    page.getByRole('region', { name: 'Tape' }).getByRole('button', { name: '12.4×sin(73°24′36″) ≈ 11.883 818 03' }),
  ).toBeVisible();
});

test('work that takes long can be stopped', async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  // Pressed the moment it is there: it stands only from the first second of work to the end of its budget.
  await page.evaluate(() => {
    const press = () => {
      const stop = [...document.querySelectorAll('button')].find((b) => b.textContent === 'working… Stop');
      if (stop === undefined || document.title === 'stopped') return;
      document.title = 'stopped';
      stop.click();
    };
    new MutationObserver(press).observe(document.body, { childList: true, subtree: true });
  });
  // In one piece: while it was typed, a part of it could be what is stopped.
  await bench.line.focus();
  await page.keyboard.insertText('204000!+203000!+202000!+201000!+200000!+199000!');
  await expect(page).toHaveTitle('stopped');
  await expect(page.getByText('took too long and was stopped')).toBeVisible();
  await page.keyboard.press('Escape');
  await bench.type('2+2');
  await expect(bench.form('= 4')).toBeVisible();
});

test('the page may share memory with its worker, and its policy refuses nothing that it does', async ({ page }) => {
  const errors: string[] = [];
  page.on('console', (message) => message.type() === 'error' && errors.push(message.text()));
  page.on('pageerror', (error) => errors.push(error.message));
  const bench = new BenchPage(page);
  await bench.open();
  await bench.type('1/3\n');
  await expect(bench.tape.getByRole('button', { name: '1/3 = 1/3' })).toBeVisible();
  await page.getByRole('link', { name: 'Shelf' }).click();
  await expect(page.getByRole('button', { name: 'Slot 0: holds nothing' })).toBeVisible();
  expect(await page.evaluate(() => crossOriginIsolated)).toBe(true);
  expect(errors).toEqual([]);
});

test('keys during a long evaluation wait for it', async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.type('90000!\n');
  await bench.type('2+2\n');
  await expect(bench.tape.getByRole('button', { name: '2+2 = 4' })).toBeVisible();
  const names = await bench.tape.getByRole('button').evaluateAll((all) => all.map((b) => b.getAttribute('aria-label')));
  expect(names.findIndex((n) => n?.startsWith('90000!'))).toBeLessThan(names.findIndex((n) => n?.startsWith('2+2')));
});

test('axe finds nothing on any view, in every look', async ({ page }) => {
  const bench = new BenchPage(page);
  await page.goto('http://localhost:4181/');
  await expect(bench.line).toBeVisible();
  const check = (view: string) => test.step(view, () => expectCleanInEveryLook(page));
  await check('bench');
  await bench.type('\n');
  await bench.type('sqrt(-4)\n');
  await expect(page.getByRole('alert')).toBeVisible();
  await check('problem');
  await page.getByRole('button', { name: /^Number display/ }).click();
  // A panel that is opened for the first time is loaded first.
  await expect(page.getByRole('dialog', { name: 'Settings' })).toBeVisible();
  await check('settings');
  await page.keyboard.press('Escape');
  await bench.openLine('17/6');
  await expect(page.getByRole('dialog')).toBeVisible();
  await check('tape line');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'keep' }).click();
  await expect(page.getByRole('dialog')).toBeVisible();
  await check('keep');
  await page.keyboard.press('Escape');
  await page.getByRole('link', { name: 'Shelf' }).click();
  await expect(page.getByRole('listitem')).not.toHaveCount(0);
  await check('shelf');
  await page.setViewportSize({ width: 390, height: 844 });
  await page.getByRole('link', { name: 'Bench' }).click();
  await check('bench on a phone');
});
