import { expect, test } from '@playwright/test';
import type { Page } from '@playwright/test';
import { expectClean } from './axe';
import { DEMO_PORT } from '../playwright.config';

test.use({ baseURL: `http://localhost:${DEMO_PORT}` });

type Opened = readonly [name: string, path: string, open: (page: Page) => Promise<void>];

const press = async (page: Page, name: string | RegExp): Promise<void> => {
  await page
    .getByRole('button', { name, exact: typeof name === 'string' })
    .first()
    .click();
};
const by =
  (...names: readonly (string | RegExp)[]) =>
  async (page: Page): Promise<void> => {
    for (const name of names) await press(page, name);
  };

/** Every panel, and how it is opened. */
const panels: readonly Opened[] = [
  ['settings', '/', by(/^Number display/)],
  ['entry styles', '/', by(/^Entry style/)],
  ['tape', '/', by('Search the tape, take it along, clear it')],
  ['find', '/', by('Find a key or a function')],
  ['menu', '/', by('More for this line')],
  ['keep', '/', by('Keep')],
  ['a line of the tape', '/', by(/^What to do with/)],
  ['steps', '/', by('Steps')],
  ['digits', '/', by('Digits')],
  ['help', '/', (page) => page.keyboard.press('F1')],
  ['view', '/curves', by('View')],
  ['a function', '/curves', by(/^Dinghy/)],
  ['help on Curves', '/curves', by('Help')],
  ['tables', '/columns', by(/^Tables/)],
  ['sort', '/columns', by('Sort')],
  ['paste', '/columns', by('Paste')],
  ['a statistic', '/columns', by(/^mean/)],
  ['what a tool found', '/kit?tool=equations', by(/^Use: s/)],
  ['steps of a tool', '/kit?tool=matrices', by(/^Steps by expansion/)],
  ['a slot', '/shelf', by(/^Slot 1/)],
];

const inDialog = (page: Page): Promise<boolean> =>
  page.evaluate(() => document.activeElement?.closest('[role="dialog"]') != null);

async function keepsWithin(page: Page, path: string, open: (page: Page) => Promise<void>): Promise<void> {
  await open(page);
  const dialog = page.getByRole('dialog');
  await expect(dialog).toBeVisible();
  await expectClean(page);
  for (let i = 0; i < 30; i += 1) {
    await page.keyboard.press('Tab');
    expect(await inDialog(page)).toBe(true);
  }
  // A click on words that are no control leaves the focus with the panel.
  await dialog.getByRole('heading').first().click();
  await page.keyboard.press('Escape');
  await expect(dialog).toHaveCount(0);
  expect(await page.evaluate(() => document.activeElement === document.body)).toBe(false);
  // As long as a person takes at least.
  await page.waitForTimeout(300);
  await open(page);
  await expect(dialog).toBeVisible();
  await page.goBack();
  await expect(dialog).toHaveCount(0);
  const { pathname, search } = new URL(page.url());
  expect(pathname + search).toBe(path);
  await page.waitForTimeout(300);
}

for (const path of new Set(panels.map(([, at]) => at)))
  test(`panels of ${path}: Tab stays inside, Escape and Back close them, and the focus goes back`, async ({ page }) => {
    await page.goto(path);
    await expect(page.getByRole('heading', { level: 1 })).toBeAttached();
    if (path === '/') await page.keyboard.type('sin(30)/4');
    await page.waitForTimeout(400);
    for (const [name, at, open] of panels) if (at === path) await test.step(name, () => keepsWithin(page, path, open));
  });
