import { expect, test } from '@playwright/test';
import { expectCleanInEveryLook } from './axe';
import { readFileSync } from 'node:fs';
import { BenchPage } from './bench';
import { CurvesPage } from './curves';

test('by the keyboard alone: a function written, moved about, followed, and a slip mended', async ({ page }) => {
  const curves = new CurvesPage(page);
  await curves.open();
  await page.getByRole('button', { name: 'Write a function' }).first().focus();
  await page.keyboard.press('Enter');
  await page.keyboard.type('x^3-4x+');
  await page.keyboard.press('Enter');
  await expect(page.getByText('A number is missing at the end.')).toBeVisible();
  await page.keyboard.press('Backspace');
  await page.keyboard.press('Enter');
  await curves.told(/f: x\^3-4/);
  await curves.graph.focus();
  await page.keyboard.press('ArrowRight');
  await curves.told(/x from -4\.8 to 7\.2/);
  await page.keyboard.press('0');
  await page.keyboard.press('+');
  await page.keyboard.press('Control+z');
  await page.keyboard.press('Control+z');
  await curves.told(/x from -4\.8 to 7\.2/);
  await page.keyboard.press('0');
  await page.getByRole('button', { name: 'Follow' }).focus();
  await page.keyboard.press('Enter');
  await curves.graph.focus();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('group', { name: 'Point that is followed' })).toContainText('f(1/10) = −399/1000');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('group', { name: 'Point that is followed' })).toHaveCount(0);
});

test('functions are renamed, given another look, reordered, copied, removed and brought back', async ({ page }) => {
  const curves = new CurvesPage(page);
  await curves.open();
  await curves.write('y=x^2');
  await curves.write('sin(x rad)');
  const rows = page.getByRole('list', { name: 'Functions' }).getByRole('button', { name: / = / });
  await rows.nth(1).click();
  await page.getByRole('textbox', { name: 'Name' }).fill('tide');
  await page.getByRole('button', { name: 'violet, long dashes' }).click();
  await curves.press('Move up');
  await curves.press('Close');
  await expect(rows.first()).toHaveAccessibleName(/^tide = sin\(x rad\), violet, long dashes$/);
  await rows.first().click();
  await curves.press('Copy');
  await expect(rows).toHaveCount(3);
  await curves.press('Remove all functions');
  await expect(page.getByText('All functions were removed. The view is as it was.')).toBeVisible();
  await curves.press('Undo');
  await expect(rows).toHaveCount(3);
});

test('a function is carried to another place by mouse and by keyboard', async ({ page }) => {
  const curves = new CurvesPage(page);
  await curves.open();
  for (const text of ['x^2', '2x', '3']) await curves.write(text);
  const rows = page.getByRole('list', { name: 'Functions' }).getByRole('button', { name: / = / });
  const handle = (name: string) => page.getByRole('button', { name: `Carry ${name}` });
  await handle('f').focus();
  for (const key of ['Space', 'ArrowDown', 'Space']) {
    await page.keyboard.press(key);
    // The list follows with a short movement.
    await page.waitForTimeout(400);
  }
  await expect(rows.first()).toHaveAccessibleName(/^g = 2x/);
  // Nothing moves any more once two looks tell the same.
  const at = async (name: string): Promise<number> => (await handle(name).boundingBox())?.y ?? NaN;
  await expect
    .poll(async () => {
      const before = [await at('g'), await at('f'), await at('h')];
      await page.waitForTimeout(200);
      return [await at('g'), await at('f'), await at('h')].every((y, i) => y === before[i]);
    })
    .toBe(true);
  const x = ((await handle('h').boundingBox())?.x ?? 0) + 20;
  const [from, to] = [await at('h'), await at('g')];
  await page.mouse.move(x, from + 20);
  await page.mouse.down();
  await page.mouse.move(x, from + 8, { steps: 4 });
  await page.mouse.move(x, to + 20, { steps: 10 });
  await page.waitForTimeout(300);
  await page.mouse.up();
  await expect(rows.first()).toHaveAccessibleName(/^h = 3/);
});

test('curves that lie outside the view, or reach beyond it, are told with Fit', async ({ page }) => {
  const curves = new CurvesPage(page);
  await curves.open();
  await curves.write('x');
  await curves.write('x+100');
  await expect(page.getByText('g lies outside this view.')).toBeVisible();
  await curves.press('Fit');
  await expect(page.getByText('g lies outside this view.')).toHaveCount(0);
});

test('the table and the graph are taken along as files', async ({ page }) => {
  const curves = new CurvesPage(page);
  await curves.open();
  await curves.write('1/x');
  await curves.panel('Values');
  await expect(curves.row(/^x −2 f/)).toBeVisible();
  const saved = async (button: string): Promise<string> => {
    const [download] = await Promise.all([page.waitForEvent('download'), curves.press(button)]);
    return readFileSync(await download.path(), 'latin1');
  };
  expect((await saved('Save as CSV')).split('\r\n').slice(0, 7)).toEqual([
    'x,f',
    '-5,-0.2',
    '-4,-0.25',
    '-3,-0.3333333333',
    '-2,-0.5',
    '-1,-1',
    '0,',
  ]);
  await curves.press('View');
  const svg = await saved('Save as SVG');
  expect(svg).toMatch(/^<svg xmlns="http:\/\/www.w3.org\/2000\/svg".*<\/svg>$/s);
  expect(svg.match(/M[\d.]+ -?[\d.]+L/g)!.length).toBeGreaterThanOrEqual(2);
  expect(await saved('Save as PNG')).toMatch(/^.PNG/);
});

test('ends of the view are expressions; what cannot be read is named and nothing is lost', async ({ page }) => {
  const curves = new CurvesPage(page);
  await curves.open();
  await curves.write('cos(x rad)');
  await curves.press('View');
  const from = page.getByRole('textbox', { name: 'x from' });
  await from.fill('-2pi');
  await page.getByRole('textbox', { name: 'x to' }).fill('2pi+');
  await curves.press('Show this view');
  await expect(page.getByRole('alert')).toContainText('x to: this cannot be read');
  await expect(from).toHaveValue('-2pi');
  await page.getByRole('textbox', { name: 'x to' }).fill('2pi');
  await page.getByRole('radiogroup', { name: 'x: Marks' }).getByRole('radio', { name: 'Multiples of π' }).click();
  await curves.press('Show this view');
  await curves.told(/x from -2pi to 2pi/);
});

test('axe finds nothing on Curves, in every look', async ({ page }) => {
  const curves = new CurvesPage(page);
  const clean = (): Promise<void> => expectCleanInEveryLook(page);
  await curves.open();
  await clean();
  await curves.write('x^3-4x');
  await curves.write('sqrt(x)');
  for (const panel of ['Functions', 'Points', 'Values']) {
    await curves.panel(panel);
    await page.waitForTimeout(600);
    await clean();
  }
  await curves.press('Follow');
  await clean();
  await curves.press('View');
  await clean();
  await curves.press('Close');
  await curves.panel('Functions');
  await page.getByRole('list', { name: 'Functions' }).getByRole('button').first().click();
  await clean();
  await curves.press('Edit');
  await clean();
});

test('what stands on Curves follows a letter that is changed while it is in sight', async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.type('A:=2\n');
  const curves = new CurvesPage(page);
  await page.getByRole('link', { name: 'Curves' }).click();
  await curves.write('A x-10');
  await page.getByRole('link', { name: 'Bench' }).click();
  await expect(bench.line).toBeFocused();
  await bench.type('A:=5\n');
  await expect(bench.line).toHaveValue('');
  await page.getByRole('link', { name: 'Curves' }).click();
  await curves.panel('Points');
  await expect(curves.points('Zeros').last()).toHaveAccessibleName(/x 2, y 0$/);
  await page.getByRole('textbox', { name: 'Value at x =' }).fill('1');
  await page.keyboard.press('Enter');
  await expect(page.getByText('f(1) = −5')).toBeVisible();
  await curves.graph.focus();
  await page.keyboard.press('Control+z');
  await expect(curves.points('Zeros').last()).toHaveAccessibleName(/x 5, y 0$/);
  await expect(page.getByText('f(1) = −8')).toBeVisible();
});
