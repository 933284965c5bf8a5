import { expect } from '@playwright/test';
import type { Locator, Page } from '@playwright/test';

/** The Columns place, found by roles and names as a person would. */
export class ColumnsPage {
  constructor(readonly page: Page) {}

  async open(): Promise<void> {
    await this.page.goto('/');
    await this.page.getByRole('link', { name: 'Columns' }).click();
    await expect(this.page.getByRole('heading', { name: 'Columns' })).toBeVisible();
  }

  /** Presses a button by its name, with a finger or the mouse. */
  async press(name: string | RegExp): Promise<void> {
    const one = { name, exact: true };
    await this.page.getByRole('button', one).or(this.page.getByRole('radio', one)).first().click();
  }

  /** A table of values as they would be pasted, and its name. */
  async take(name: string, text: string): Promise<void> {
    if ((await this.page.getByRole('grid').count()) === 0) await this.press('Paste');
    else {
      await this.panel('Data');
      await this.press('Paste');
    }
    await this.page.getByRole('textbox', { name: 'Text to take in' }).fill(text);
    await this.press('As a new table');
    await this.press(/^Tables: /);
    await this.page.getByRole('textbox', { name: 'Name of the table' }).fill(name);
    await this.press('Close');
    await expect(this.page.getByRole('grid', { name })).toBeVisible();
  }

  /** Taps keys of the editor by their spoken names. */
  async tapKeys(names: string): Promise<void> {
    for (const name of names.split(' ')) await this.page.getByRole('button', { name, exact: true }).last().tap();
  }

  /** Keys numbers down a column by touch, each taken over with `=`. */
  async tapNumbers(...numbers: readonly string[]): Promise<void> {
    for (const number of numbers) {
      for (const digit of number)
        await this.page
          .getByRole('button', { name: digit === '.' ? 'decimal point' : digit, exact: true })
          .last()
          .tap();
      await this.page.getByRole('button', { name: 'answer', exact: true }).last().tap();
    }
  }

  async panel(name: string): Promise<void> {
    await this.page.getByRole('tab', { name, exact: true }).click();
  }

  cell(name: string): Locator {
    return this.page.getByRole('gridcell', { name: new RegExp(`^${name}(:|$)`) });
  }

  /** A number of a summary or a fit, as it is told. */
  statistic(name: string): Locator {
    return this.page.getByRole('button', { name: new RegExp(`^${name} [=≈]`) });
  }

  get chart(): Locator {
    return this.page.getByRole('application');
  }

  /** What is told of the part of a chart that was tapped. */
  get reads(): Locator {
    return this.page.getByRole('status', { name: 'What is marked' });
  }
}
