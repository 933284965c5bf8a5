import { expect, test } from '@playwright/test';
import { expectClean } from './axe';
import { BenchPage } from './bench';
import { CurvesPage } from './curves';
import { KitPage } from './kit';

test('a determinant and three equations by keyboard alone, list beside tool', async ({ page }) => {
  const kit = new KitPage(page);
  await page.goto('/kit');
  await page.getByRole('textbox', { name: 'Find a tool' }).focus();
  await page.keyboard.type('determinant');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1, name: 'Matrices' })).toBeVisible();
  await page.getByRole('grid', { name: 'Matrix A' }).focus();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('ArrowUp');
  for (const text of ['2', '1', '3', '4', '0', '5', '1', '2', '6']) {
    await page.keyboard.type(text);
    await page.keyboard.press('Tab');
  }
  await expect(kit.result('determinant of A = −15')).toBeVisible();
  await page.getByRole('button', { name: 'Steps by expansion: determinant of A by row 2' }).press('Enter');
  await expect(page.getByRole('dialog', { name: 'Steps' })).toContainText('−15');
  await page.keyboard.press('Escape');
  await page.getByRole('textbox', { name: 'Find a tool' }).fill('Equations');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1, name: 'Equations' })).toBeVisible();
  await page.getByRole('grid', { name: 'Equations' }).focus();
  for (const text of ['1', '1', '1', '6', '2', '-1', '1', '3', '1', '2', '-1', '2']) {
    await page.keyboard.type(text);
    await page.keyboard.press('Tab');
  }
  for (const told of ['x = 1', 'y = 2', 'z = 3']) await expect(kit.result(told)).toBeVisible();
  await expectClean(page);
});

test('a matrix pasted, filled by a rule, kept in a letter and used on the Bench', async ({ page }) => {
  const kit = new KitPage(page);
  await kit.openTool('Matrices');
  await page.evaluate(() => navigator.clipboard.writeText('\\begin{bmatrix}1&\\frac{1}{2}\\\\0&2\\end{bmatrix}'));
  await page.getByRole('button', { name: 'Paste', exact: true }).click();
  await expect(kit.cell('row 1, column 2')).toHaveText('1/2');
  await page.getByRole('button', { name: 'inverse of A', exact: true }).click();
  await expect(kit.result('inverse of A = [[1, −1/4], [0, 1/2]]')).toBeVisible();
  await page.getByRole('button', { name: 'Use: inverse of A', exact: true }).click();
  await page.getByRole('button', { name: 'Keep M, empty' }).click();
  await page.getByRole('button', { name: 'Fill', exact: true }).click();
  await page.getByRole('textbox', { name: 'By a rule in i (row) and j (column)' }).fill('i^2+j');
  await page.keyboard.press('Enter');
  await expect(kit.cell('row 2, column 1')).toHaveText('5');
  await page.getByRole('button', { name: 'New matrix' }).click();
  await kit.type('row 1, column 1', '1', '0', '0', '1');
  await kit.choose('A');
  await page.getByRole('button', { name: 'A times B', exact: true }).click();
  await expect(kit.result('A times B = [[2, 3], [5, 6]]')).toBeVisible();
  const bench = new BenchPage(page);
  await page.getByRole('link', { name: 'Bench' }).click();
  await bench.type('M*[4,2]');
  await expect(bench.form('= [7/2, 1]')).toBeVisible();
});

test('a polynomial with its factors and square is drawn; pairs of curves are found and proved to be all', async ({
  page,
}) => {
  const kit = new KitPage(page);
  await kit.openTool('Equations');
  await kit.choose('Polynomial');
  await kit.type('Polynomial, coefficient of x\\^2', '2', '-8', '5');
  await expect(kit.result('root 1 = (4 − √6)/2')).toBeVisible();
  await expect(kit.result('Vertex: y = −3')).toBeVisible();
  await kit.choose('Two unknowns');
  await page.getByRole('button', { name: 'Equation 1: empty' }).click();
  await page.keyboard.type('x*y=6');
  await page.keyboard.press('Enter');
  await page.keyboard.type('x+y=5');
  await page.keyboard.press('Enter');
  await expect(page.getByText('These are all in the box, proved.')).toBeVisible();
  await expect(kit.result('x = 2').first()).toBeVisible();
  await kit.choose('One unknown');
  await page.getByRole('button', { name: 'Equation: empty' }).click();
  await page.keyboard.type('x+1=2x');
  await page.keyboard.press('Enter');
  await expect(page.getByText('check: 2 = 2')).toBeVisible();
  await kit.choose('Polynomial');
  await page.getByRole('button', { name: 'Draw this' }).click();
  await expect(new CurvesPage(page).graph).toBeVisible();
  await expect(page.getByRole('button', { name: /^f = 2x\^2-8x\+5/ }).first()).toBeVisible();
});

test('Find on the Bench finds a tool by plain words', async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await page.getByRole('button', { name: 'Find a key or a function' }).click();
  await page.getByRole('dialog').getByRole('textbox').fill('resultant force');
  await page.getByRole('button', { name: /^Vectors: / }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Vectors' })).toBeVisible();
});

test('a tip is dragged with the mouse, and the picture in space is turned by the keyboard', async ({ page }) => {
  const kit = new KitPage(page);
  await kit.openTool('Vectors');
  await kit.type('u, x', '4', '1', '1', '3');
  await page.keyboard.press('Escape');
  const picture = page.getByRole('application', { name: 'Picture of the vectors' });
  await expect(picture).toHaveAccessibleDescription('u (4; 1), v (1; 3), u + v (5; 4)');
  const box = await picture.boundingBox();
  if (box === null) throw new Error('there is no picture');
  const tip = await page.getByText('u', { exact: true }).last().boundingBox();
  if (tip === null) throw new Error('the tip is not named');
  await page.mouse.move(tip.x - 5, tip.y + 22);
  await page.mouse.down();
  await page.mouse.move(tip.x - 5, tip.y - 60, { steps: 5 });
  await page.mouse.up();
  await expect(kit.cell('u, y')).not.toHaveText('1');
  await page.keyboard.press('Control+z');
  await expect(kit.cell('u, y')).toHaveText('1');
  await kit.choose('In space');
  const space = page.getByRole('application', { name: /^Picture of the vectors/ });
  await space.focus();
  const before = await space.innerHTML();
  await page.keyboard.press('ArrowRight');
  expect(await space.innerHTML()).not.toBe(before);
  await expectClean(page);
});

test('a matrix of the tape is opened in Kit, under a letter that is free', async ({ page }) => {
  const kit = new KitPage(page);
  await kit.openTool('Matrices');
  await kit.type('row 1, column 1', '7');
  await page.keyboard.press('Escape');
  const bench = new BenchPage(page);
  await page.getByRole('link', { name: 'Bench' }).click();
  await expect(bench.line).toBeFocused();
  await bench.type('[[1,2],[3,4]]^-1');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: /^What to do with/ }).click();
  await page.getByRole('button', { name: 'Open in Kit' }).click();
  await expect(page.getByRole('radio', { name: 'B', exact: true })).toBeChecked();
  await expect(kit.cell('row 1, column 1')).toHaveText('−2');
  await kit.choose('A');
  await expect(kit.cell('row 1, column 1')).toHaveText('7');
});

test('typed equations are solved for the letters that are chosen; the others are any numbers, or one that is keyed', async ({
  page,
}) => {
  const kit = new KitPage(page);
  await kit.openTool('Equations');
  await kit.choose('Typed');
  await page.getByRole('button', { name: 'Equation 1: empty' }).click();
  await page.keyboard.type('a*x+y=1');
  await page.keyboard.press('Enter');
  await page.keyboard.type('x-y=2');
  await page.keyboard.press('Enter');
  await page.keyboard.press('Escape');
  await page.getByRole('textbox', { name: 'Letters of the unknowns' }).fill('x y');
  await expect(kit.result('x = 3/(a + 1)')).toBeVisible();
  await page.getByRole('button', { name: 'Value of a: empty' }).click();
  await page.keyboard.type('2');
  await page.keyboard.press('Enter');
  await expect(kit.result('x = 1')).toBeVisible();
  await expectClean(page);
});
