import { expect, test } from '@playwright/test';
import { expectCleanInEveryLook } from './axe';
import { DEMO_PORT } from '../playwright.config';
import { places, tools } from './places';

test.use({ baseURL: `http://localhost:${DEMO_PORT}` });

test('axe finds nothing on the places of a phone, in every look', async ({ page }) => {
  for (const path of [...places, ...tools]) {
    await page.goto(path);
    await expect(page.getByRole('heading', { level: 1 })).toBeAttached();
    await page.waitForTimeout(500);
    await test.step(path, () => expectCleanInEveryLook(page));
  }
});
