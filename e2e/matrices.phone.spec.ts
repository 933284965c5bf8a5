import { expect, test } from '@playwright/test';
import { expectClean } from './axe';
import { BenchPage } from './bench';

test('a determinant is keyed entry by entry, kept in a letter, and gone on with', async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.drawer('Matrices');
  await bench.tap('matrix two by two');
  for (const entry of ['2', '1', '5']) await bench.tap(entry, 'caret right');
  await bench.tap('3');
  await expect(bench.line).toHaveValue('[[2,1],[5,3]]');
  await expectClean(page);

  // A row more, and one less, leave what is there.
  await bench.tap('one row more');
  await expect(bench.line).toHaveValue('[[2,1],[5,3],[▯,▯]]');
  await bench.tap('one row less', 'Keep');
  await page.getByRole('button', { name: 'Keep A, empty' }).tap();
  await bench.tap('clear line', 'inverse matrix', 'more', 'letter A');
  await expect(bench.form('= [[3, −1], [−5, 2]], exact')).toBeVisible();
  await bench.tap('answer');
  await expect(bench.tape.getByRole('button', { name: 'inverse(A) = [[3, −1], [−5, 2]]' })).toBeVisible();
});

test('what does not fit names both sizes, and nothing is lost', async ({ page }) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.drawer('Matrices');
  await bench.tap('vector of two', '1', 'caret right', '2', 'caret right', 'plus', 'vector of three');
  await bench.tap('3', 'caret right', '4', 'caret right', '5', 'answer');
  await expect(
    page.getByText('The sizes do not fit: a vector of 2 and a vector of 3; only matrices of one size are added.'),
  ).toBeVisible();
  await expect(bench.line).toHaveValue('[1,2]+[3,4,5]');
});
