import { expect } from '@playwright/test';
import type { Locator, Page } from '@playwright/test';

/** The Kit place, found by roles and names as a person would. */
export class KitPage {
  constructor(readonly page: Page) {}

  /** From the place, by its list. */
  async openTool(name: string): Promise<void> {
    await this.page.goto('/kit');
    await this.page.getByRole('button', { name: new RegExp(`^${name}: `) }).click();
    await expect(this.page.getByRole('heading', { level: 1, name })).toBeVisible();
  }

  cell(name: string): Locator {
    return this.page.getByRole('gridcell', { name: new RegExp(`^${name}`) });
  }

  result(name: string): Locator {
    return this.page.getByRole('region', { name: 'Results' }).getByRole('listitem', { name, exact: true });
  }

  /** Taps buttons by their names. */
  async tap(...names: readonly string[]): Promise<void> {
    for (const name of names) await this.page.getByRole('button', { name, exact: true }).tap();
  }

  async choose(name: string): Promise<void> {
    await this.page.getByRole('radio', { name, exact: true }).click();
  }

  /** Types into one cell after another. */
  async type(first: string, ...texts: readonly string[]): Promise<void> {
    await this.cell(first).click();
    for (const text of texts) {
      await this.page.keyboard.type(text);
      await this.page.keyboard.press('Tab');
    }
  }
}
