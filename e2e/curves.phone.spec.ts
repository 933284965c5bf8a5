import { expect, test } from '@playwright/test';
import { BenchPage } from './bench';
import { CurvesPage } from './curves';

test('two tariffs, keyed by touch, to where they meet', async ({ page }) => {
  const curves = new CurvesPage(page);
  await curves.open();
  await expect(page.getByText('No function yet.')).toBeVisible();
  await curves.press('Write a function');
  await curves.tapKeys('1, 2, plus, 1, decimal point, 5, x, answer');
  await curves.press('Write a function');
  await curves.tapKeys('4, plus, 2, decimal point, 2, 5, x, answer');
  // Neither reaches into the Start view with what matters; the crossing lies far to the right.
  await curves.press('View');
  await page.getByRole('textbox', { name: 'x to' }).fill('24');
  await page.getByRole('textbox', { name: 'x from' }).fill('0');
  await curves.press('Show this view');
  await curves.press('Fit');
  await curves.panel('Points');
  await expect(curves.points('Crossings')).toHaveAccessibleName('1: crossing of f, g, x 32/3, y 28');
  await curves.points('Crossings').tap();
  await curves.told(/1 point is marked/);
});

test('why nothing is to be seen is told apart, and what helps is offered', async ({ page }) => {
  const curves = new CurvesPage(page);
  await curves.open();
  await curves.write('x^2+50');
  await expect(page.getByText('No part of a curve lies in this view.')).toBeVisible();
  await page.getByRole('status').getByRole('button', { name: 'Fit' }).tap();
  await expect(page.getByText('No part of a curve lies in this view.')).toHaveCount(0);
  await page.getByRole('switch', { name: 'Show f' }).tap();
  await expect(page.getByText('All functions are switched off.')).toBeVisible();
  await curves.press('Switch all on');
  await curves.write('sqrt(-1-x^2)');
  await page.getByRole('switch', { name: 'Show f' }).tap();
  await expect(page.getByText('The functions have no value between these ends of x.')).toBeVisible();
  await curves.write('k x');
  await page.getByRole('switch', { name: 'Show g' }).tap();
  await expect(page.getByText(/k stands for no number here/)).toBeVisible();
  await expect(page.getByText(/cannot be drawn; the reason/)).toBeVisible();
});

test('dragged, brought closer, and taken back view by view', async ({ page }) => {
  const curves = new CurvesPage(page);
  await curves.open();
  await curves.write('x^3-4x');
  await curves.told(/f: x\^3-4\*?x, blue, unbroken\./);
  await curves.ends(-6, 6);
  const box = (await curves.graph.boundingBox())!;
  const session = await page.context().newCDPSession(page);
  const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', ...points: readonly (readonly [number, number])[]) =>
    session.send('Input.dispatchTouchEvent', {
      type,
      touchPoints: points.map(([x, y], id) => ({ x: box.x + x, y: box.y + y, id })),
    });
  await touch('touchStart', [260, 150]);
  await touch('touchMove', [200, 150]);
  await touch('touchMove', [130, 150]);
  await touch('touchEnd');
  await curves.ends(-2, 10);
  await touch('touchStart', [150, 150], [250, 150]);
  await touch('touchMove', [100, 150], [300, 150]);
  await touch('touchEnd');
  await curves.ends(1.1, 7.1);
  await curves.press('Undo');
  await curves.press('Undo');
  await curves.ends(-6, 6);
  await curves.press('Closer');
  await curves.ends(-4, 4);
  await curves.press('Start');
  await curves.ends(-6, 6);
});

test('a point is followed by touch and by a typed x, from curve to curve', async ({ page }) => {
  const curves = new CurvesPage(page);
  await curves.open();
  await curves.write('x^2/4');
  await curves.write('x+1');
  await curves.press('Follow');
  const followed = page.getByRole('group', { name: 'Point that is followed' });
  await expect(followed).toContainText('f(0) = 0');
  await page.getByRole('textbox', { name: 'x =' }).fill('1/3');
  await page.keyboard.press('Enter');
  await expect(followed).toContainText('f(1/3) = 1/36');
  await curves.press('Next curve');
  await expect(followed).toContainText('g(1/3) = 4/3');
  const box = (await curves.graph.boundingBox())!;
  await page.touchscreen.tap(box.x + box.width * 0.75, box.y + 100);
  await expect(followed).toContainText(/g\([\d./]+\) = /);
  await curves.press('Follow');
  await expect(followed).toHaveCount(0);
});

test('the table says why a cell is empty, shows a row on the graph, and takes a time as x', async ({ page }) => {
  const curves = new CurvesPage(page);
  await curves.open();
  await curves.write('1/x');
  await curves.panel('Values');
  await expect(curves.row(/^x −2 f −1\/2$/)).toBeVisible();
  const empty = curves.row(/^x 0 f This divides by zero\.$/);
  await empty.tap();
  await expect(page.getByText('f: This divides by zero.')).toBeVisible();
  await curves.press('Exact values');
  await expect(curves.row(/^x 3 f ≈ 0\.333/)).toBeVisible();
  await curves.press('View');
  await page.getByRole('textbox', { name: 'x: Unit' }).fill('s');
  await curves.press('Close');
  await curves.press('Picked x');
  await page.getByRole('textbox', { name: 'x =' }).fill('2 min 15 s');
  await curves.press('Add');
  await expect(curves.row(/^x 135 f/)).toBeVisible();
  await page.getByRole('textbox', { name: 'x =' }).fill('2 +');
  await curves.press('Add');
  await expect(page.getByRole('alert')).toHaveText('“2 +”: this cannot be read as a number.');
  await expect(page.getByRole('textbox', { name: 'x =' })).toHaveValue('2 +');
});

test('a line of the Bench is drawn, the letter in it followed, and all of it there after a reload', async ({
  page,
}) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.type('A:=2');
  await page.keyboard.press('Enter');
  await bench.type('A x^2-3');
  await page.getByRole('button', { name: 'Draw this' }).tap();
  const curves = new CurvesPage(page);
  await expect(curves.graph).toBeVisible();
  await curves.panel('Points');
  await expect(curves.points('Zeros').last()).toHaveAccessibleName(/x √6\/2, y 0$/);
  await page.getByRole('textbox', { name: 'Value at x =' }).fill('1/2');
  await page.keyboard.press('Enter');
  await expect(page.getByText('f(1/2) = −5/2')).toBeVisible();
  await page.waitForTimeout(400);
  await page.reload();
  await curves.told(/f: A ?x\^2-3/);
});
