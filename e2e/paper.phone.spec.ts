import { expect, test } from '@playwright/test';
import { BenchPage } from './bench';

test('fraction sums, roots, sums and integrals are keyed into boxes', async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.tap('fraction', '6', 'caret down', '8', '4', 'caret right', 'plus', '2', 'fraction', '7', 'answer');
  await expect(bench.answered('6/84+2/7 = 5/14')).toBeVisible();
  await bench.tap('2', 'square root', '1', '1', 'caret right', 'plus', '5', 'square root', '1', '1', 'answer');
  await expect(bench.answered('2sqrt(11)+5sqrt(11) = 7√11')).toBeVisible();
  await bench.drawer('Powers');
  await bench.tap('4', 'nth root', '2', '4', '0', '1', 'answer');
  await expect(bench.answered('root(4,2401) = 7')).toBeVisible();
  await bench.drawer('Calculus');
  await bench.tap('sum', '1', 'caret right', '6', 'caret right', 'k', 'to the power', '3', 'caret right', 'minus', 'k');
  await expect(bench.form('= 420, exact')).toBeVisible();
  await bench.tap('answer');
  await bench.tap('integral', '1', 'caret right', '4', 'caret right', '3', 'x', 'to the power', '2', 'caret right');
  await bench.tap('minus', 'x', 'answer');
  await expect(bench.answered('integral(3x^2−x,x,1,4) = 111/2')).toBeVisible();
});

test('an angle in minutes and seconds, a reciprocal of the answer, and the same line again', async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.tap('tangent', '7', '3');
  await bench.drawer('Angles');
  await bench.key('degree sign').tap();
  await bench.tap('2', '4', 'minutes of angle', '3', '6', 'seconds of angle', 'answer');
  await expect(bench.answered('tan(73°24′36″) ≈ 3.356')).toBeVisible();
  await bench.drawer('Powers');
  await bench.tap('to the power minus one', 'answer');
  await expect(bench.answered('Ans^−1 ≈ 0.29')).toBeVisible();
  await bench.tap('3', 'answer', 'times', '3', 'answer', 'answer', 'answer');
  for (const answer of ['= 9', '= 27', '= 81']) await expect(bench.answered(`Ans×3 ${answer}`)).toBeVisible();
});

test('a mistake is mended in the middle, and a tap goes into a box', async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.tap('1', '2', 'fraction', '5', 'caret right', 'plus', '7');
  await bench.tap('caret left', 'caret left', 'caret left', 'backspace', '8');
  await expect(bench.line).toHaveValue('12/8+7');
  await bench.tapItem('2');
  await bench.tap('backspace', '3');
  await expect(bench.line).toHaveValue(/^1?3\d?\/8\+7$/);
  await bench.tap('answer');
  await expect(bench.tape.getByRole('button', { name: '/8+7 =' })).toBeVisible();
});

test('a forgotten bracket is drawn and counts; an empty box is named', async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.tap('2', 'times', 'open bracket', '3', 'plus', '4');
  await expect(bench.form('= 14, exact')).toBeVisible();
  await expect(page.locator('.boxed .math-supplied')).toHaveText(')');
  await page.getByRole('button', { name: /^Read as/ }).tap();
  await expect(bench.line).toHaveValue('2×(3+4)');
  await bench.tap('clear line', 'fraction', 'answer');
  await expect(page.getByRole('alert')).toContainText('The numerator is empty.');
  await bench.tap('3', 'answer');
  await expect(page.getByRole('alert')).toContainText('The denominator is empty.');
  await bench.tap('4');
  await expect(bench.line).toHaveValue('3/4');
});

test('the reading is written into the line by a tap, and taken back', async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.tap('minus', '4', 'squared');
  await page.getByRole('button', { name: 'Read as −(4²). Tap to write these brackets into the line.' }).tap();
  await expect(bench.line).toHaveValue('−(4^2)');
  await bench.tap('undo');
  await expect(bench.line).toHaveValue('−4^2');
});

test('one tap brings a line back, another takes its answer; it is edited in place and worked again', async ({
  page,
}) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.tap('sine', '3', '0', 'answer');
  await bench.answered('sin(30) = 1/2').tap();
  await expect(bench.line).toHaveValue('sin(30)');
  await bench.tap('clear line', '8', 'times');
  await bench.key('Use the answer = 1/2').tap();
  await bench.tap('answer');
  await expect(bench.answered('8×(1/2) = 4')).toBeVisible();

  await bench.key('What to do with sin(30)').tap();
  await page.getByRole('button', { name: 'Edit in place' }).tap();
  await bench.tap('caret left', 'backspace', '5', 'answer');
  await expect(bench.tape.getByRole('button', { name: 'sin(35)' }).first()).toBeVisible();
  await expect(bench.answered('sin(30) = 1/2')).toHaveCount(0);

  await bench.key('Angle unit: degrees. Tap to change.').tap();
  await bench.key('What to do with sin(35)').tap();
  await page.getByRole('button', { name: 'Work again' }).tap();
  const sheet = page.getByRole('dialog', { name: 'Work again' });
  await expect(sheet.getByText('Now, and the same')).toBeVisible();
  await sheet.getByRole('radio', { name: 'The present ones' }).tap();
  await expect(sheet).toContainText('0.428');
  await sheet.getByRole('button', { name: 'Put it in its place' }).tap();
  await expect(bench.answered('sin(35) ≈ −0.428')).toBeVisible();
});

test('an equation is solved, complex solutions are offered, and the solution goes on the tape', async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.tap('3', 'x', 'minus', '4', 'is equal to', '1', '7');
  await expect(bench.line).toHaveValue('3x−4=17');
  await expect(page.getByText('check: 17 = 17')).toBeVisible();
  await bench.tap('answer');
  await expect(bench.answered('3x−4=17 → x = 7')).toBeVisible();
  await bench.tap('last answer', 'times', '2', 'answer');
  await expect(bench.answered('Ans×2 = 14')).toBeVisible();
  await bench.tap('x', 'squared', 'plus', '1', 'is equal to', '0');
  await expect(page.getByText('2 complex solutions lie outside the real numbers.')).toBeVisible();
  await page.getByRole('button', { name: 'Show them' }).tap();
  await expect(page.getByRole('button', { name: 'Use x i' })).toBeVisible();
});

test('what is looked for by plain words is found and put in', async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  for (const [sought, found, line] of [
    ['cube root', 'cube root', 'cbrt(▯)'],
    ['remainder', 'remainder', 'cbrt( mod )'],
  ] as const) {
    await bench.key('Find a key or a function').tap();
    await page.getByRole('textbox', { name: 'Find a key or a function' }).fill(sought);
    await page
      .getByRole('dialog')
      .getByRole('button', { name: new RegExp(`^${found}:`) })
      .tap();
    await expect(bench.line).toHaveValue(line.replace('( mod )', '(mod)'));
  }
  await bench.key('Find a key or a function').tap();
  await page.getByRole('textbox', { name: 'Find a key or a function' }).fill('degrees to radians');
  await expect(page.getByRole('dialog').getByRole('button', { name: /^in radians:/ })).toBeVisible();
});

test('steps, angle view and digits of one line', async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.tap('sine', '2', '1', '2', 'degree sign');
  await bench.key('Angle').tap();
  const angle = page.getByRole('dialog', { name: 'Angle view' });
  await expect(angle.getByText('Quadrant III')).toBeVisible();
  await expect(angle.getByRole('img', { name: '212°, Quadrant III' })).toBeVisible();
  await page.getByRole('button', { name: 'Close', exact: true }).tap();
  await bench.tap('clear line', '8', 'minus', '6', 'divided by', '2');
  await bench.key('Steps').tap();
  await expect(page.getByRole('dialog', { name: 'Steps' }).getByRole('listitem')).toHaveText([
    /divide/,
    /subtract/,
    /value/,
  ]);
  await page.getByRole('button', { name: 'Close', exact: true }).tap();
  await bench.tap('clear line', '2', 'divided by', '3');
  await bench.key('Digits').tap();
  await page.getByRole('radio', { name: 'Decimal places' }).tap();
  for (let i = 0; i < 8; i += 1) await page.getByRole('button', { name: 'Fewer digits' }).tap();
  await page.getByRole('button', { name: 'Close', exact: true }).tap();
  await expect(bench.form('≈ 0.67, decimal')).toBeVisible();
  await bench.tap('answer', '1', 'divided by', '3');
  await expect(bench.form('≈ 0.333 333 333 3, decimal')).toBeVisible();
});

test('the keys of the deck write into the field that has the focus, and list several values', async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.tap('2', 'x', 'plus', '1');
  await page.getByRole('textbox', { name: 'x =' }).tap();
  await bench.tap('1', '0', 'backspace', 'next value', '5');
  await expect(page.getByRole('textbox', { name: 'x =' })).toHaveValue('1,5');
  await expect(bench.line).toHaveValue('2x+1');
  await expect(page.getByRole('list', { name: 'Try values' }).getByRole('listitem')).toHaveText([
    /x = 1.*3/,
    /x = 5.*11/,
  ]);
  await bench.tap('backspace', 'backspace', 'answer');
  await expect(bench.answered('2x+1 = 3')).toBeVisible();
  // The field is gone with its line, and keys are the line's again.
  await bench.tap('7');
  await expect(bench.line).toHaveValue('7');
});

test('one tap writes the radians that are meant, and the tape says so', async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.tap('sine', 'pi', 'fraction', '6');
  await bench.tap('Write rad after it');
  await expect(bench.line).toHaveValue('sin(π/6 rad)');
  await bench.tap('answer');
  await expect(bench.answered('sin(π/6 rad) = 1/2')).toBeVisible();
  await expect(page.getByText('rad', { exact: true }).first()).toBeVisible();
});

test('an equation that repeats itself says all its solutions, and those of one turn', async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.tap('sine', 'x', 'close bracket', 'is equal to', '0', 'decimal point', '5');
  const all = page.getByRole('list', { name: 'All solutions' }).getByRole('listitem');
  await expect(all).toHaveCount(2);
  await expect(all.first()).toHaveAccessibleName('x = 30° + n·360°');
  await expect(page.getByRole('list', { name: 'From 0 up to 360°' }).getByRole('listitem')).toHaveCount(2);
  await bench.tap('answer');
  await expect(
    bench.tape.getByRole('button', { name: /x = 30° \+ n·360° or x = 150° \+ n·360°/ }).first(),
  ).toBeVisible();
});
