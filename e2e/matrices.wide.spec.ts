import { expect, test } from '@playwright/test';
import { BenchPage } from './bench';

test('matrices are typed straight on, walked through with the arrows, and asked for an entry', async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.type('[[1,2],[3,4]]^-1*[5,6]');
  await expect(bench.form('= [−4, 9/2], exact')).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(bench.tape.getByRole('button', { name: '[[1,2],[3,4]]^−1×[5,6] = [−4, 9/2]' })).toBeVisible();
  await bench.type('Ans[2]');
  await expect(bench.form('= 9/2, fraction')).toBeVisible();
  await page.keyboard.press('Escape');

  await bench.type('[[1,2],[3,4]]');
  for (let i = 0; i < 2; i += 1) await page.keyboard.press('ArrowLeft');
  await page.keyboard.press('ArrowUp');
  await bench.type('0');
  await expect(bench.line).toHaveValue(/\[\[1,(?:20|02)\],\[3,4\]\]/);
});

test('cells of a sheet that are pasted into the line are a matrix', async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await expect(bench.line).toBeFocused();
  await bench.type('det(');
  await page.evaluate(() => navigator.clipboard.writeText('1\t1/2\n3\t4\n'));
  await page.keyboard.press('Control+v');
  await expect(bench.form('= 5/2, fraction')).toBeVisible();
});
