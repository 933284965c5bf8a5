import { expect, test } from '@playwright/test';
import { expectClean } from './axe';
import { DEMO_PORT } from '../playwright.config';
import { places, tools } from './places';

test.use({ baseURL: `http://localhost:${DEMO_PORT}` });

for (const look of ['light', 'dark', 'contrast'] as const)
  test(`axe finds nothing on the places of a phone (${look})`, async ({ page }) => {
    await page.emulateMedia(look === 'contrast' ? { contrast: 'more' } : { colorScheme: look });
    for (const path of look === 'light' ? [...places, ...tools] : places) {
      await page.goto(path);
      await expect(page.getByRole('heading', { level: 1 })).toBeAttached();
      await page.waitForTimeout(500);
      await test.step(path, () => expectClean(page, look === 'light'));
    }
  });
