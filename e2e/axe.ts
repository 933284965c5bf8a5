import AxeBuilder from '@axe-core/playwright';
import { expect } from '@playwright/test';
import type { Page } from '@playwright/test';

const TAGS = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'];

/**
 * Finds nothing against WCAG 2.2 AA and the best practices of the checker. Where a dialog is open it alone is looked at:
 * what lies under it cannot be reached, and has been looked at by itself.
 */
export async function expectClean(page: Page): Promise<void> {
  const options = {
    resultTypes: ['violations' as const],
    runOnly: { type: 'tag' as const, values: TAGS },
    rules: { 'target-size': { enabled: true } },
  };
  // There are no frames here: all is run in the page itself, which takes half the time.
  const builder = new AxeBuilder({ page }).setLegacyMode(true).options(options);
  if ((await page.getByRole('dialog').count()) > 0) builder.include('[role="dialog"]');
  const { violations } = await builder.analyze();
  const told = violations.map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html.slice(0, 200)).join(' | ')}`);
  expect(told).toEqual([]);
}
