import { expect } from '@playwright/test';
import type { Locator, Page } from '@playwright/test';

/** The Bench, found by roles and names as a person would. */
export class BenchPage {
  constructor(readonly page: Page) {}

  async open(): Promise<void> {
    await this.page.goto('/');
    await expect(this.line).toBeVisible();
  }

  get line(): Locator {
    return this.page.getByRole('textbox', { name: 'Line being written' });
  }

  get tape(): Locator {
    return this.page.getByRole('region', { name: 'Tape' });
  }

  get forms(): Locator {
    // Those of the newest line of the tape stand before those of the line being written.
    return this.page.getByRole('group', { name: 'Forms of the result' }).last();
  }

  key(name: string): Locator {
    return this.page.getByRole('button', { name, exact: true });
  }

  /** Taps keys by their spoken names; the digits of a number one by one. */
  async tap(...names: string[]): Promise<void> {
    for (const name of names) await this.key(name).tap();
  }

  /** The same with a mouse. */
  async click(...names: string[]): Promise<void> {
    for (const name of names) await this.key(name).click();
  }

  async chooseStyle(style: 'Written' | 'Running' | 'Stack'): Promise<void> {
    await this.page.getByRole('button', { name: /^Entry style/ }).click();
    await this.page
      .getByRole('dialog')
      .getByRole('button', { name: new RegExp(`^${style}`) })
      .click();
  }

  async tapDigits(digits: string): Promise<void> {
    for (const digit of digits) await this.tap(digit === '.' ? 'decimal point' : digit);
  }

  async type(text: string): Promise<void> {
    await this.page.keyboard.type(text);
  }

  async drawer(name: string): Promise<void> {
    await this.page.getByRole('tab', { name }).click();
  }

  /** A line of the tape by what it says: the line, its sign and its answer. */
  answered(name: string): Locator {
    return this.tape.getByRole('button', { name: new RegExp(`^${name.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}`) });
  }

  /** Taps a digit or letter of the line as it stands on paper, at its right half. */
  async tapItem(text: string): Promise<void> {
    const box = (await this.page.locator('.boxed [data-i]', { hasText: text }).last().boundingBox())!;
    await this.page.touchscreen.tap(box.x + box.width * 0.8, box.y + box.height / 2);
  }

  /** All that can be done with a line of the tape. */
  async openLine(text: string): Promise<void> {
    await this.tape.getByRole('button', { name: `What to do with ${text}`, exact: true }).click();
  }

  async clearTape(): Promise<void> {
    await this.page.getByRole('button', { name: /^Search the tape/ }).click();
    await this.page.getByRole('button', { name: 'Clear tape' }).click();
  }

  form(name: string): Locator {
    return this.forms.getByRole('button', { name });
  }
}
