import { expect, test } from '@playwright/test';
import type { Page } from '@playwright/test';
import { DEMO_PORT } from '../playwright.config';
import { tools } from './places';

/*
 * The law of choices: whatever is offered can be chosen, and shows that it is. Every list of every tool is walked by
 * mouse, and its neighbours by keyboard; lists that come with a choice are walked when they are there.
 */
test.use({ baseURL: `http://localhost:${DEMO_PORT}` });

const labels = (page: Page): Promise<string[]> =>
  page.getByRole('combobox').evaluateAll((lists) => lists.map((list) => list.getAttribute('aria-label') ?? ''));

const list = (page: Page, name: string) =>
  page.getByRole('combobox', { name: new RegExp(`^${name.replace(/[()²]/g, '\\$&')}: `) });

/** The most that is walked of one list. */
const MOST = 24;

/** Chooses each thing of a list, and goes back to what was chosen. */
async function walk(page: Page, label: string): Promise<void> {
  const [name, before] = [label.slice(0, label.indexOf(': ')), label.slice(label.indexOf(': ') + 2)];
  await list(page, name).click();
  const offered = await page.getByRole('option').allTextContents();
  await page.keyboard.press('Escape');
  for (const words of [...offered.slice(0, MOST), before]) {
    await list(page, name).click();
    await page.getByRole('option', { name: words, exact: true }).click();
    await expect(list(page, name)).toHaveAccessibleName(`${name}: ${words}`);
  }
}

for (const address of tools)
  test(`what ${address} offers can be chosen`, async ({ page }) => {
    await page.goto(address);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    for (const label of await labels(page)) await walk(page, label);
  });

test('columns can be chosen for every test that takes them, by mouse and by keyboard', async ({ page }) => {
  await page.goto('/kit?tool=chance');
  await page.getByRole('radio', { name: 'Tests and intervals' }).click();
  await list(page, 'Test').click();
  const all = await page.getByRole('option').allTextContents();
  await page.keyboard.press('Escape');
  let walked = 0;
  for (const name of all) {
    await list(page, 'Test').click();
    await page.getByRole('option', { name, exact: true }).click();
    const columns = page.getByRole('radio', { name: /^(columns|two columns of labels)$/ });
    if ((await columns.count()) === 0) continue;
    await columns.click();
    for (const label of await labels(page)) {
      const title = label.slice(0, label.indexOf(': '));
      if (title === 'Test') continue;
      await list(page, title).click();
      const words = (await page.getByRole('option').allTextContents()).slice(-2);
      await page.keyboard.press('Escape');
      for (const column of words) {
        await list(page, title).click();
        await page.getByRole('option', { name: column, exact: true }).click();
        await expect(list(page, title)).toHaveAccessibleName(`${title}: ${column}`);
      }
      await list(page, title).focus();
      await page.keyboard.press('Enter');
      await page.getByRole('option', { name: words[0]!, exact: true }).focus();
      await page.keyboard.press('Enter');
      await expect(list(page, title)).toHaveAccessibleName(`${title}: ${words[0]}`);
      walked += 1;
    }
  }
  expect(walked).toBeGreaterThan(25);
});
