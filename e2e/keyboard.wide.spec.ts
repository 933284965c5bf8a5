import { expect, test } from '@playwright/test';
import { BenchPage } from './bench';

test('a keyboard is enough: type, answer, recall, change the unit, keep, clear', async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.type('17/6\n');
  await expect(bench.tape.getByRole('button', { name: '17/6 = 17/6' })).toBeVisible();
  await bench.type('+1');
  await expect(bench.line).toHaveValue('Ans+1');
  await page.keyboard.press('Enter');
  await expect(bench.tape.getByRole('button', { name: 'Ans+1 = 23/6' })).toBeVisible();
  await bench.type('A := sqrt(2)^2');
  await page.keyboard.press('Enter');
  await expect(bench.tape.getByRole('button', { name: /= 2, kept in A/ })).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(bench.line).toHaveValue('A := sqrt(2)^2');
  await page.keyboard.press('Escape');
  await expect(bench.line).toHaveValue('');

  await bench.tape.getByRole('button', { name: 'What to do with 17/6', exact: true }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog', { name: 'This line' })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.getByRole('button', { name: /^Angle unit/ }).press('Enter');
  await expect(page.getByRole('button', { name: 'Angle unit: radians. Tap to change.' })).toBeVisible();
  // Typing goes to the line from wherever the focus is.
  await bench.type('sin(1)');
  await expect(bench.line).toHaveValue('sin(1)');
});

test('every key of the deck is reached by Tab', async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.type('1');
  const names = await page
    .getByRole('group', { name: 'Keys' })
    .getByRole('button')
    .evaluateAll((all) => all.map((b) => b.getAttribute('aria-label')));
  const reached = new Set<string | null>();
  for (let i = 0; i < 80; i += 1) {
    await page.keyboard.press('Tab');
    reached.add(await page.evaluate(() => document.activeElement?.getAttribute('aria-label') ?? null));
  }
  expect(names.filter((name) => !reached.has(name))).toEqual([]);
  await bench.key('plus').press('Enter');
  await expect(bench.line).toHaveValue('1+');
});

// What is typed in degrees, and the forms that must be there.
const answers: readonly (readonly [string, readonly string[]])[] = [
  ['0.1+0.2-0.3', ['= 0, exact']],
  ['(1/3)*3', ['= 1, exact']],
  ['sqrt(2)^2', ['= 2, exact']],
  ['sin(45°)', ['= √2/2, exact', '≈ 0.707 106 781 2, decimal']],
  ['6/84', ['= 1/14, fraction']],
  ['17/6', ['= 17/6, fraction', '= 2 5/6, mixed', '= 2.83\u0305, recurring', '≈ 2.833 333 333, decimal']],
  ['asin(acos(atan(tan(cos(sin(9))))))', ['≈ 9, decimal, not settled']],
  ['10^60+sin(1 rad)-10^60', ['≈ 0.841 470 984 8, decimal']],
  ['integral(3x^2-x,x,1,4)', ['= 111/2, fraction']],
  ['integral(exp(-x^2),x,0,1)', ['≈ 0.746 824 132 8, decimal']],
  ['sum(k^2,k,1,10)', ['= 385, exact', '= 5 × 7 × 11, prime factors']],
  ['cbrt(2)*cbrt(4)', ['= 2, exact']],
  ['sinh(ln(2))', ['= 3/4, fraction']],
  ['asin(0.6)', ['≈ 36.869 897 65, decimal', '≈ 36°52′11.63″, degrees-minutes-seconds']],
  ['53/8', ['= 6 remainder 5, quotient, remainder']],
  ['0<1<=1 and not 2<1', ['= true, exactly']],
  ['cases(2<1,5,7)', ['= 7, exact']],
  ['95!', ['= 10 329 978 488 239 059', '≈ 1.032 997 849×10¹⁴⁸']],
];

test('answers stand in all their forms', async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  for (const [typed, forms] of answers) {
    await page.keyboard.press('Escape');
    await bench.type(typed);
    for (const form of forms)
      await expect(bench.forms.getByRole('button', { name: form.replaceAll(' ', ' ') }).first()).toBeVisible();
  }
  await page.keyboard.press('Escape');
  await bench.type('9^9^9^9\n');
  await expect(page.getByRole('alert')).toContainText('too large');
  await expect(bench.line).toHaveValue('9^(9^(9^9))');
});

test('complex numbers are a setting: roots of negatives have values, and the strip says so', async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.type('sqrt(-4)\n');
  await expect(page.getByRole('alert')).toContainText('even root of a negative number');
  await page.getByRole('button', { name: /^Number display/ }).click();
  await page.getByRole('switch', { name: 'Complex numbers' }).click();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('button', { name: /^Complex numbers are on/ })).toBeVisible();
  await expect(bench.form('= 2i, exact')).toBeVisible();
  await bench.form('= 2∠90°, polar').click();
  await bench.line.press('Enter');
  await expect(bench.tape.getByRole('button', { name: 'sqrt(−4) = 2∠90°' })).toBeVisible();
  await bench.type('Ans^2\n');
  await expect(bench.tape.getByRole('button', { name: 'Ans^2 = −4', exact: true })).toBeVisible();
  await page.reload();
  await expect(bench.tape.getByRole('button', { name: 'sqrt(−4) = 2∠90°' })).toBeVisible();
});

test('π under degrees is pointed out; display and decimal sign change what is shown', async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.type('sin(pi/2)');
  await expect(page.getByText('the angle contains π')).toBeVisible();
  await page.keyboard.press('Escape');
  await bench.type('12345.678');
  await page.getByRole('button', { name: /^Number display/ }).click();
  await page.getByRole('radio', { name: 'Scientific' }).click();
  await page.getByRole('radio', { name: 'Comma 1,5' }).click();
  await page.getByRole('switch', { name: 'Group digits' }).click();
  for (let i = 0; i < 6; i += 1) await page.getByRole('button', { name: 'Fewer digits' }).click();
  await page.keyboard.press('Escape');
  await expect(bench.line).toHaveValue('12345,678');
  await expect(bench.form('≈ 1,235×10⁴, decimal')).toBeVisible();
});

test('a slip that can be put right in two ways offers both', async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.type('53%8\n');
  await expect(page.getByRole('alert')).toContainText('% is percent here');
  await bench.key('Put mod 8 instead').click();
  await expect(bench.line).toHaveValue('53 mod 8');
  await expect(bench.form('= 5')).toBeVisible();
  await page.keyboard.press('Escape');
  await bench.type('1,234\n');
  await bench.key('Put 1234 instead').click();
  await expect(bench.line).toHaveValue('1234');
});

test('a pasted number with separators is asked about', async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await page.evaluate(() => navigator.clipboard.writeText('1,234'));
  await bench.line.focus();
  await page.keyboard.press('Control+v');
  const dialog = page.getByRole('dialog', { name: 'Which number is this?' });
  await dialog.getByRole('button', { name: '1234', exact: true }).click();
  await expect(bench.line).toHaveValue('1234');
});

test('a line is copied as shown, with full digits, typed, as LaTeX and as MathML', async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.type('sqrt(2)/2\n');
  const copies: readonly (readonly [string, string | RegExp])[] = [
    ['Answer as shown', '√2/2'],
    ['Answer with full digits', '0.70710678118654752440084436210484903928483593768847'],
    ['Line as typed text', 'sqrt(2)/2'],
    ['LaTeX', '\\frac{\\sqrt{2}}{2}'],
    ['MathML', /^<math .*<mfrac><msqrt><mn>2<\/mn><\/msqrt><mn>2<\/mn><\/mfrac><\/math>$/],
  ];
  for (const [name, expected] of copies) {
    await bench.openLine('sqrt(2)/2');
    await page.getByRole('dialog').getByRole('button', { name, exact: true }).click();
    const text = await page.evaluate(() => navigator.clipboard.readText());
    if (typeof expected === 'string') expect(text).toBe(expected);
    else expect(text).toMatch(expected);
  }
  // The answer alone, exactly.
  await bench.openLine('sqrt(2)/2');
  await page.getByRole('button', { name: 'Use answer' }).click();
  await expect(bench.line).toHaveValue('sqrt(2)/2');
  await bench.openLine('sqrt(2)/2');
  await page.getByRole('button', { name: 'Remove' }).click();
  await expect(bench.tape.getByText('Answered lines stand here')).toBeVisible();
});
