import { expect, test } from '@playwright/test';
import { BenchPage } from './bench';

test('a student keys −4² + 2/5, sees how it was read, takes another form, goes on, and finds it all again', async ({
  page,
}) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.tap('minus', '4', 'squared', 'plus', '2', 'fraction', '5');
  await expect(page.getByText('−(4²) + 2/5')).toBeVisible();
  await expect(bench.form('= −78/5, fraction')).toHaveAttribute('aria-pressed', 'true');
  await expect(bench.form('= −15.6, decimal')).toBeVisible();
  await bench.form('= −15 3/5, mixed').tap();
  await bench.tap('answer');
  await expect(bench.tape.getByRole('button', { name: '−4^2+2/5 = −15 3/5' })).toBeVisible();
  await expect(page.getByRole('status').filter({ hasText: '= −15 3/5' })).toBeAttached();
  await expect(bench.line).toHaveValue('');

  // An operator goes on from the answer, exactly.
  await bench.tap('times', '5', 'answer');
  await expect(bench.tape.getByRole('button', { name: 'Ans×5 = −78' })).toBeVisible();

  // The unit is changed by one tap, and lines say in which they were worked.
  await bench.tap('sine', '3', '0');
  await expect(bench.form('= 1/2, fraction')).toBeVisible();
  await expect(page.getByText('in radians: ≈ −0.988')).toBeVisible();
  await bench.key('Angle unit: degrees. Tap to change.').tap();
  await expect(bench.form('≈ −0.988 031 624 1, decimal')).toBeVisible();
  await bench.tap('answer');
  await expect(bench.tape.getByRole('button', { name: 'sin(30) ≈ −0.988 031 624 1, in radians' })).toBeVisible();

  await page.reload();
  await expect(bench.tape.getByRole('button', { name: '−4^2+2/5 = −15 3/5' })).toBeVisible();
  await expect(bench.key('Angle unit: radians. Tap to change.')).toBeVisible();

  // An earlier line comes back for editing.
  await bench.tape.getByRole('button', { name: '−4^2+2/5 = −15 3/5' }).tap();
  await expect(bench.line).toHaveValue('−4^2+2/5');
});

test('the newest line is in sight: of a short tape and of a long one, also after earlier lines were looked at', async ({
  page,
}) => {
  const bench = new BenchPage(page);
  await bench.open();
  const answered = (n: number) => bench.tape.getByRole('button', { name: `${n}+1 = ${n + 1}`, exact: true });
  const write = async (first: number, last: number) => {
    for (let n = first; n <= last; n += 1) await bench.type(`${n}+1\n`);
    await expect(answered(last)).toBeInViewport({ ratio: 0.9 });
  };
  await write(1, 12);
  await expect(answered(1)).not.toBeInViewport();
  await answered(1).scrollIntoViewIfNeeded();
  await expect(answered(12)).not.toBeInViewport();
  await write(13, 13);
  // Beyond this only what is near the page is drawn.
  await write(14, 40);
  await bench.tape.evaluate((node) => node.scrollTo(0, 0));
  await expect(answered(1)).toBeInViewport();
  await write(41, 41);
});

test('clearing the tape touches nothing else and is taken back', async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.tap('6', 'times', '7', 'answer', 'last answer', 'plus', '1');
  await bench.clearTape();
  await expect(bench.tape.getByRole('button', { name: '6×7' })).toHaveCount(0);
  await expect(bench.line).toHaveValue('Ans+1');
  await expect(bench.form('= 43')).toBeVisible();
  await page.getByRole('button', { name: 'Undo', exact: true }).tap();
  await expect(bench.tape.getByRole('button', { name: '6×7 = 42' })).toBeVisible();
  await expect(bench.line).toHaveValue('Ans+1');
});

test('a slip is told in words, the caret stays where it was, and nothing is lost', async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.tap('1', 'plus', 'square root', 'minus', '4', 'close bracket', 'answer');
  await expect(page.getByRole('alert')).toContainText('An even root of a negative number is not a real number.');
  await expect(bench.line).toHaveValue('1+sqrt(−4)');
  expect(await bench.line.evaluate((node: HTMLInputElement) => node.selectionStart)).toBe(10);
  await bench.tap('clear line', 'undo');
  await expect(bench.line).toHaveValue('1+sqrt(−4)');
});

test('drawers stay open until changed, or go back to Pad when that is set', async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.drawer('Angles');
  await bench.tap('inverse cosine', '0', 'close bracket');
  await expect(bench.form('= 90, exact')).toBeVisible();
  await expect(page.getByRole('tab', { name: 'Angles' })).toHaveAttribute('aria-selected', 'true');
  await page.getByRole('button', { name: /^Number display/ }).tap();
  await page.getByRole('switch', { name: 'Back to Pad after each key' }).tap();
  await page.getByRole('button', { name: 'Close', exact: true }).tap();
  await bench.tap('plus');
  await expect(page.getByRole('tab', { name: 'Pad' })).toHaveAttribute('aria-selected', 'true');
});

test('a letter keeps a value, lists it on the Shelf, gives it back and is cleared with undo', async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.tapDigits('18.4');
  await expect(bench.form('= 18.4')).toBeVisible();
  await bench.tap('Keep');
  await page.getByRole('button', { name: 'Keep A, empty' }).tap();
  await page.getByRole('link', { name: 'Shelf' }).tap();
  const kept = page.getByRole('button', { name: /^A: 18\.4/ });
  await kept.tap();
  await page.getByRole('dialog').getByRole('button', { name: 'Clear', exact: true }).tap();
  await expect(kept).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo', exact: true }).first().tap();
  await kept.tap();
  await page.getByRole('button', { name: 'Recall as a reference' }).tap();
  await expect(bench.line).toHaveValue('18.4A');
  await expect(bench.form('= 338.56, decimal')).toBeVisible();
});

test('holding a key down explains it and enters nothing', async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.key('square root').dispatchEvent('pointerdown', { pointerType: 'touch' });
  await expect(page.getByText('The square root, in lowest form')).toBeVisible();
  await bench.key('square root').dispatchEvent('pointerup', { pointerType: 'touch' });
  await bench.key('square root').dispatchEvent('click');
  await expect(bench.line).toHaveValue('');
});

test('the keys of every drawer are reachable and as large as a finger', async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  for (const drawer of ['Pad', 'Powers', 'Angles', 'Logs', 'Counting', 'Calculus', 'Matrices', 'Letters', 'More']) {
    await bench.drawer(drawer);
    // The keys of the drawer before must have gone.
    await expect(page.getByRole('tabpanel', { name: drawer, exact: true })).toBeVisible();
    const small = await page.getByRole('button').evaluateAll((all) =>
      all
        .map((key) => ({ name: key.getAttribute('aria-label') ?? key.textContent, box: key.getBoundingClientRect() }))
        .filter(({ box }) => box.height < 44 || box.width < 44 || box.left < 0 || box.right > 390)
        .map(({ name }) => name),
    );
    expect({ drawer, small }).toEqual({ drawer, small: [] });
  }
});

test('sums, integrals and relations are keyed from their drawers', async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.drawer('Calculus');
  await bench.tap('integral', '0', 'caret right', '3', 'caret right', 'x', 'answer');
  await expect(bench.tape.getByRole('button', { name: 'integral(x,x,0,3) = 9/2' })).toBeVisible();
  await bench.tap('integral', '0', 'caret right', '3', 'caret right', 'x', 'to the power', '2', 'answer');
  await expect(bench.tape.getByRole('button', { name: 'integral(x^2,x,0,3) = 9' })).toBeVisible();
  await bench.tap('sum', '1', 'caret right', '9', 'caret right', 'k');
  await expect(bench.form('= 45, exact')).toBeVisible();
  await bench.drawer('More');
  await bench.tap('close bracket', 'is equal to', '4', '5', 'answer');
  await expect(bench.tape.getByRole('button', { name: 'sum(k,k,1,9)=45 = true' })).toBeVisible();
  await bench.drawer('Powers');
  // The imaginary unit has no meaning while complex numbers are off, and says so.
  await expect(bench.key('imaginary unit')).toHaveAttribute('aria-disabled', 'true');
  await bench.key('imaginary unit').tap({ force: true });
  await expect(page.getByText('Needs complex numbers, a setting.')).toBeVisible();
  await expect(bench.line).toHaveValue('');
});

test('a finger that slides off a key enters nothing, and one that stays on it enters once', async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  const session = await page.context().newCDPSession(page);
  const box = await bench.key('7').boundingBox();
  if (box === null) throw new Error('The key 7 is not on the page.');
  const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', dx = 0) =>
    session.send('Input.dispatchTouchEvent', {
      type,
      touchPoints: type === 'touchEnd' ? [] : [{ x: box.x + box.width / 2 + dx, y: box.y + box.height / 2 }],
    });
  await touch('touchStart');
  await touch('touchMove', box.width);
  await touch('touchEnd');
  await touch('touchStart');
  await touch('touchEnd');
  await expect(bench.line).toHaveValue('7');
});

test('two thumbs that overlap press both keys', async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  const session = await page.context().newCDPSession(page);
  const finger = async (name: string, id: number) => {
    const { x, y, width, height } = (await bench.key(name).boundingBox())!;
    return { x: x + width / 2, y: y + height / 2, id };
  };
  const [seven, eight] = [await finger('7', 0), await finger('8', 1)];
  const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', ...touchPoints: (typeof seven)[]) =>
    session.send('Input.dispatchTouchEvent', { type, touchPoints });
  await touch('touchStart', seven);
  await touch('touchStart', seven, eight);
  // A finger that is not among them any more has left.
  await touch('touchMove', eight);
  await touch('touchEnd');
  await expect(bench.line).toHaveValue('78');
});

test('the caret stays beside what it stands behind when the text size is changed', async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.tap('1', 'plus', '2');
  await page.getByRole('button', { name: /auto 10|^Number display/ }).tap();
  await page.getByRole('radio', { name: '200 %' }).tap();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  const right = async (selector: string): Promise<number> => {
    const { x, width } = (await page.locator(selector).last().boundingBox())!;
    return x + width;
  };
  await expect
    .poll(async () => Math.abs((await right('.boxed-caret')) - (await right('.boxed [data-i]'))))
    .toBeLessThan(4);
});
