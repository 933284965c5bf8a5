import { expect, test } from '@playwright/test';
import type { Page } from '@playwright/test';
import type axe from 'axe-core';
import { readFileSync } from 'node:fs';
import { palettes } from '../src/ui/theme/palette';

declare global {
  interface Window {
    axe?: typeof axe;
  }
}

const source = readFileSync(require.resolve('axe-core/axe.min.js'), 'utf8');
const TAGS = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'];

/**
 * Mathematics is spoken otherwise than it is written ("sine" for sin, "root of"), which the criterion of labels in names
 * (2.5.3) leaves free, and the checker's rule does not.
 */
const rules = { 'target-size': { enabled: true }, 'label-content-name-mismatch': { enabled: false } };

/** What can differ between the themes, which draw the same parts in other colours. */
const ofColours = ['color-contrast', 'link-in-text-block'];

/** Nothing against the criteria, or against those of colours alone. */
async function expectNothing(page: Page, isColoursAlone: boolean): Promise<void> {
  // Set up once for a page: to do so takes as long as a look.
  if (await page.evaluate(() => window.axe === undefined)) await page.evaluate(source);
  const told = await page.evaluate(
    async ([tags, colours, rules, isColoursAlone]) => {
      const dialog = document.querySelector('[role="dialog"]');
      const { violations } = await window.axe!.run(dialog ?? document, {
        resultTypes: ['violations'],
        ...(isColoursAlone
          ? { runOnly: { type: 'rule', values: colours } }
          : { runOnly: { type: 'tag', values: tags }, rules }),
      });
      return violations.map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html.slice(0, 200)).join(' | ')}`);
    },
    [TAGS, ofColours, rules, isColoursAlone] as const,
  );
  expect(told).toEqual([]);
}

/**
 * Finds nothing against WCAG 2.2 AA and the best practices of the checker. Where a dialog is open it alone is looked at:
 * what lies under it cannot be reached, and has been looked at by itself.
 */
export const expectClean = (page: Page): Promise<void> => expectNothing(page, false);

const looks = [
  { look: 'dark', colorScheme: 'dark', contrast: 'no-preference' },
  { look: 'contrast', colorScheme: 'light', contrast: 'more' },
] as const;

/** The same, and nothing against what is asked of colours in the dark and with strong contrast. */
export async function expectCleanInEveryLook(page: Page): Promise<void> {
  await expectClean(page);
  for (const { look, ...media } of looks) {
    await page.emulateMedia(media);
    await expect(page.locator('body')).toHaveCSS('background-color', rgb(palettes[look].desk));
    await test.step(look, () => expectNothing(page, true));
  }
  await page.emulateMedia({ colorScheme: 'light', contrast: 'no-preference' });
  await expect(page.locator('body')).toHaveCSS('background-color', rgb(palettes.light.desk));
}

const rgb = (hex: string): string => `rgb(${[1, 3, 5].map((at) => parseInt(hex.slice(at, at + 2), 16)).join(', ')})`;
