import { expect } from '@playwright/test';
import type { Page } from '@playwright/test';
import type axe from 'axe-core';
import { readFileSync } from 'node:fs';

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

/**
 * Finds nothing against WCAG 2.2 AA and the best practices of the checker, or, in a theme beside the light one, against
 * what they ask of colours. Where a dialog is open it alone is looked at: what lies under it cannot be reached, and has
 * been looked at by itself.
 */
export async function expectClean(page: Page, isLight = true): Promise<void> {
  // Set up once for a page: to do so takes as long as a look.
  if (await page.evaluate(() => window.axe === undefined)) await page.evaluate(source);
  const told = await page.evaluate(
    async ([tags, colours, rules, isAll]) => {
      const dialog = document.querySelector('[role="dialog"]');
      const { violations } = await window.axe!.run(dialog ?? document, {
        resultTypes: ['violations'],
        ...(isAll ? { runOnly: { type: 'tag', values: tags }, rules } : { runOnly: { type: 'rule', values: colours } }),
      });
      return violations.map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html.slice(0, 200)).join(' | ')}`);
    },
    [TAGS, ofColours, rules, isLight] as const,
  );
  expect(told).toEqual([]);
}
