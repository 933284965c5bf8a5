import { expect } from '@playwright/test';
import type { Locator, Page } from '@playwright/test';

/** The Curves place, found by roles and names as a person would. */
export class CurvesPage {
  constructor(readonly page: Page) {}

  async open(): Promise<void> {
    await this.page.goto('/');
    await this.page.getByRole('link', { name: 'Curves' }).click();
    await expect(this.graph).toBeVisible();
  }

  get graph(): Locator {
    return this.page.getByRole('application', { name: 'Graph' });
  }

  /** Presses a button by its name, with a finger or the mouse. */
  async press(name: string): Promise<void> {
    const one = { name, exact: true };
    await this.page.getByRole('button', one).or(this.page.getByRole('radio', one)).first().click();
  }

  /** Taps keys of the editor by their spoken names. */
  async tapKeys(names: string): Promise<void> {
    for (const name of names.split(', ')) await this.page.getByRole('button', { name, exact: true }).last().tap();
  }

  /** Writes a function with the keyboard. */
  async write(text: string): Promise<void> {
    await this.press('Write a function');
    await expect(this.page.getByRole('dialog', { name: 'Function of x' })).toBeVisible();
    await this.page.keyboard.type(text);
    await this.page.keyboard.press('Enter');
    await expect(this.page.getByRole('dialog')).toHaveCount(0);
  }

  /** Opens what stands below the graph, or beside it. */
  async panel(name: string): Promise<void> {
    await this.page.getByRole('tab', { name, exact: true }).click();
  }

  /** The ends of x as a screen reader is told them. */
  async ends(from: number, to: number): Promise<void> {
    const told = async (): Promise<readonly number[]> => {
      const text = (await this.page.locator('#graph-text').textContent()) ?? '';
      return /x from (\S+) to (\S+),/
        .exec(text)!
        .slice(1)
        .map((end) => Math.round(Number(end) * 10) / 10);
    };
    await expect.poll(told).toEqual([from, to]);
  }

  /** What a screen reader is told of the graph. */
  told(what: RegExp): Promise<void> {
    return expect(this.graph).toHaveAccessibleDescription(what);
  }

  points(kind: string): Locator {
    return this.page.getByRole('list', { name: kind }).getByRole('button');
  }

  row(name: RegExp): Locator {
    return this.page.getByRole('row', { name });
  }
}
