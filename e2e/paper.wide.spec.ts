import { expect, test } from '@playwright/test';
import { BenchPage } from './bench';

const paste = async (bench: BenchPage, text: string): Promise<void> => {
  await bench.page.evaluate((t) => navigator.clipboard.writeText(t), text);
  await bench.line.focus();
  await bench.page.keyboard.press('Control+v');
};

// What is typed on a keyboard, and what the line comes to.
const typed: readonly (readonly [string, string])[] = [
  ['6/84+2/7', '6/84+2/7 = 5/14'],
  ['2sqrt(11)+5sqrt(11)', '2sqrt(11)+5sqrt(11) = 7√11'],
  ['root(4,2401)', 'root(4,2401) = 7'],
  ['sum(k^3-k,k,1,6)', 'sum(k^3−k,k,1,6) = 420'],
  ['integral(3x^2-x,x,1,4)', 'integral(3x^2−x,x,1,4) = 111/2'],
  ['2 5/6+1/6', '2 5/6+1/6 = 3'],
  ['x^2+1/x', ''],
];

test('what is typed straight on means what typed text means', async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  for (const [text, answer] of typed) {
    await page.keyboard.press('Escape');
    await bench.type(text);
    if (answer === '') continue;
    await page.keyboard.press('Enter');
    await expect(bench.answered(answer)).toBeVisible();
  }
  await page.keyboard.press('Escape');
  await bench.type('tan(73°24\'36")');
  await page.keyboard.press('Enter');
  await expect(bench.answered('tan(73°24′36″) ≈ 3.356')).toBeVisible();
  await bench.type('^-1');
  await page.keyboard.press('Enter');
  await expect(bench.answered('Ans^−1 ≈ 0.29')).toBeVisible();
});

test('arrows go into boxes, shift selects, typing replaces, undo brings back', async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.type('12/5');
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('Home');
  await page.keyboard.press('Shift+ArrowRight');
  await page.keyboard.press('Shift+ArrowRight');
  await bench.type('7');
  await expect(bench.line).toHaveValue('7/5');
  await page.keyboard.press('Control+z');
  await expect(bench.line).toHaveValue('12/5');
  await page.keyboard.press('Control+a');
  await page.keyboard.press('Control+x');
  await expect(bench.line).toHaveValue('');
  await bench.type('3+');
  await page.keyboard.press('Control+v');
  await expect(bench.line).toHaveValue('3+12/5');
  await page.keyboard.press('Escape');
  for (const [pasted, line] of [
    ['\\frac{1}{2}+\\sqrt{x^{2}+1}', '1/2+sqrt(x^2+1)'],
    ['<math><msup><mi>x</mi><mn>3</mn></msup><mo>+</mo><mfrac><mn>1</mn><mi>x</mi></mfrac></math>', 'x^3+1/x'],
  ] as const) {
    await page.keyboard.press('Escape');
    await paste(bench, pasted);
    await expect(bench.line).toHaveValue(line);
  }
});

test('a drag selects, a double click takes a number, a click puts the caret', async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.type('123+45');
  const at = async (text: string) => (await page.locator('.boxed [data-i]', { hasText: text }).last().boundingBox())!;
  const one = await at('1');
  const five = await at('5');
  await page.mouse.dblclick(one.x + one.width / 2, one.y + one.height / 2);
  await bench.type('9');
  await expect(bench.line).toHaveValue('9+45');
  await page.mouse.move(five.x + five.width, five.y + 4);
  await page.keyboard.press('Escape');
  await bench.type('123+45');
  const [start, end] = [await at('2'), await at('4')];
  await page.mouse.move(start.x + 1, start.y + start.height / 2);
  await page.mouse.down();
  await page.mouse.move(end.x - 2, end.y + end.height / 2, { steps: 6 });
  await page.mouse.up();
  await page.keyboard.press('Backspace');
  await expect(bench.line).toHaveValue('145');
});

test('names complete, earlier lines come back by the arrows, the view changes without loss', async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.type('si');
  await expect(page.getByRole('group', { name: 'Names that go on from here' })).toContainText('sinh');
  await page.keyboard.press('Tab');
  await expect(bench.line).toHaveValue('sin(▯)');
  await bench.type('30');
  await page.keyboard.press('Enter');
  await bench.type('2+3');
  await page.keyboard.press('Enter');
  await page.keyboard.press('ArrowUp');
  await expect(bench.line).toHaveValue('2+3');
  await page.keyboard.press('ArrowUp');
  await expect(bench.line).toHaveValue('sin(30)');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('ArrowDown');
  await expect(bench.line).toHaveValue('');
  await bench.type('1/2+sqrt(3)');
  await page.getByRole('button', { name: 'More for this line' }).last().click();
  await page.getByRole('button', { name: 'Write it as typed text' }).click();
  await expect(page.locator('input.line-input')).toHaveValue('1/2+sqrt(3)');
  await page.getByRole('button', { name: 'More for this line' }).last().click();
  await page.getByRole('button', { name: 'Write it on paper' }).click();
  await expect(page.locator('.boxed mfrac')).toHaveCount(1);
  await expect(bench.line).toHaveValue('1/2+sqrt(3)');
});

test('a line is pinned and noted, found again, and the tape is taken along', async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.type('17/6\n');
  await bench.type('4!\n');
  await bench.openLine('17/6');
  await page.getByRole('button', { name: 'Pin' }).click();
  await page.getByRole('textbox', { name: 'Note' }).fill('rope at the quay');
  await page.keyboard.press('Enter');
  await expect(bench.tape.getByText('rope at the quay')).toBeVisible();
  await page.getByRole('button', { name: /^Search the tape/ }).click();
  const sheet = page.getByRole('dialog', { name: 'Tape' });
  await sheet.getByRole('textbox').fill('quay');
  await expect(sheet.getByText('1 line')).toBeVisible();
  await sheet.getByRole('button', { name: 'Copy as text' }).click();
  expect(await page.evaluate(() => navigator.clipboard.readText())).toBe('17/6 = 17/6   [rope at the quay]\n4! = 24');
  await bench.clearTape();
  await expect(page.getByText('The tape is empty but for the pinned lines.')).toBeVisible();
  await expect(bench.answered('17/6 = 17/6')).toBeVisible();
  await expect(bench.answered('4! = 24')).toHaveCount(0);
});

test('keys are shown, replayed and shared; settings go to a class', async ({ page, context }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await page.getByRole('button', { name: /^Angle unit/ }).click();
  await bench.type('sin(2)+1/2\n');
  await bench.openLine('sin(2)+1/2');
  await page.getByRole('button', { name: 'Keys', exact: true }).click();
  await expect(page.getByRole('list', { name: 'Keys' }).getByRole('listitem')).toHaveCount(10);
  await page.getByRole('button', { name: 'Copy a link' }).click();
  const link = await page.evaluate(() => navigator.clipboard.readText());
  await page.getByRole('radio', { name: 'Fast' }).click();
  await page.getByRole('button', { name: 'Replay' }).click();
  await expect(bench.line).toHaveValue('sin(2)+1/2');

  const other = new BenchPage(await (await context.browser()!.newContext()).newPage());
  await other.page.goto(link);
  await expect(other.page.getByRole('dialog', { name: 'A shared line' })).toContainText('radians');
  await other.page.getByRole('button', { name: 'Put it on the Bench' }).click();
  await expect(other.line).toHaveValue('sin(2)+1/2');
  await expect(other.page.getByRole('button', { name: 'Angle unit: radians. Tap to change.' })).toBeVisible();
  await expect(other.page.getByText('The shared line stands on the Bench')).toBeVisible();

  await page.getByRole('button', { name: /^Number display/ }).click();
  await page.getByRole('button', { name: 'Copy a link to these settings' }).click();
  await page.keyboard.press('Escape');
  const settings = await page.evaluate(() => navigator.clipboard.readText());
  await other.page.goto('about:blank');
  await other.page.goto(settings);
  await expect(other.page.getByRole('dialog', { name: 'Take these settings over?' })).toContainText('radians, auto 10');
  await other.page.getByRole('button', { name: 'Take them over' }).click();
  await expect(other.page.getByText('The settings were taken over.')).toBeVisible();
});

test('a line is shown large for a class and keyed there', async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.type('1/3');
  await page.getByRole('button', { name: 'More for this line' }).last().click();
  await page.getByRole('button', { name: 'For the class' }).click();
  await bench.type('+1');
  await expect(bench.line).toHaveValue('1/3+1');
  const size = await page
    .locator('.boxed-class math')
    .evaluate((el) => Number.parseFloat(getComputedStyle(el).fontSize));
  expect(size).toBeGreaterThan(60);
  await page.keyboard.press('Enter');
  await expect(page.getByText('degrees')).toBeVisible();
  await page.getByRole('button', { name: 'Close', exact: true }).click();
  await expect(bench.answered('1/3+1 = 4/3')).toBeVisible();
});

test('letters are tried, lists give rows, a decimal may be something simple', async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.type('a*x+2');
  await page.getByRole('textbox', { name: 'a =' }).fill('3');
  await page.getByRole('textbox', { name: 'x =' }).fill('4');
  await expect(bench.form('= 14, exact')).toBeVisible();
  // What is asked below an unfinished line stays where it is.
  await bench.line.focus();
  await bench.type('+(');
  await expect(page.getByRole('textbox', { name: 'x =' })).toBeVisible();
  await page.keyboard.press('Backspace');
  await page.keyboard.press('Backspace');
  await page.getByRole('textbox', { name: 'x =' }).fill('1; 2; 1/3');
  await expect(page.getByRole('list', { name: 'Try values' }).getByRole('listitem')).toHaveCount(3);
  await bench.line.focus();
  await page.keyboard.press('Escape');
  await bench.type('0.3333');
  await page.getByRole('button', { name: 'Use 1/3, near a fraction' }).click();
  await expect(bench.line).toHaveValue('1/3');
  for (const [line, says] of [
    ['2x+3y=7 and x-y=1', 'x = 2'],
    ['x^2-4<0', '−2 < x < 2'],
    ['x+1=x', 'No solution.'],
  ] as const) {
    await page.keyboard.press('Escape');
    await paste(bench, line);
    if (says.startsWith('x =')) await expect(page.getByRole('button', { name: 'Use x 2' })).toBeVisible();
    else await expect(page.getByText(says)).toBeVisible();
  }
});
