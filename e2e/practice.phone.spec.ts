import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import type { Locator, Page } from '@playwright/test';
import { expectClean } from './axe';
import { BenchPage } from './bench';
import { KitPage } from './kit';

/** Keys of the deck, tapped one after the other. */
const tapKeys = async (page: Page, text: string): Promise<void> => {
  const names: Readonly<Record<string, string>> = { '.': 'decimal point', '-': 'minus' };
  for (const sign of text) await page.getByRole('button', { name: names[sign] ?? sign, exact: true }).tap();
};
const tap = (page: Page, name: string | RegExp): Promise<void> =>
  page.getByRole('button', typeof name === 'string' ? { name, exact: true } : { name }).tap();

test('the book says something else: the slip is found in four taps beyond its digits, and taken over', async ({
  page,
}) => {
  const bench = new BenchPage(page);
  await bench.open();
  await bench.type('8-6÷2+sin(30)');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: /^What to do with/ }).tap();
  await tap(page, 'The book says …');
  await expect(page.getByRole('heading', { level: 1, name: 'Compare with an answer' })).toBeVisible();
  await tapKeys(page, '1.5');
  await tap(page, 'Done');
  const slips = page.getByRole('list', { name: 'Slips that lead there' });
  await expect(slips.getByRole('listitem').first()).toContainText('Worked in another order');
  await expectClean(page);
  await tap(page, 'Take this line: (8-6)÷2+sin(30)');
  await expect(bench.form('= 3/2, fraction')).toBeVisible();

  // The line being written is compared too: the same value in another form, rounded, and a text that cannot be read.
  await tap(page, 'More for this line');
  await tap(page, 'The book says …');
  for (const [answer, told] of [
    ['3/2', 'That is the same value.'],
    ['2', 'That is the value, rounded to a whole number.'],
  ] as const) {
    await page.keyboard.type(answer);
    await page.keyboard.press('Enter');
    await expect(page.getByText(told)).toBeVisible();
    await tap(page, /^The book says: /);
    await page.keyboard.press('Control+A');
  }
});

/** What is asked for in a series of squares and roots, worked from what is seen. */
async function squareAsked(group: Locator): Promise<number> {
  return group.evaluate((node) => {
    const root = node.querySelector('msqrt');
    if (root !== null) return Math.sqrt(Number(root.textContent));
    const [base] = [...(node.querySelector('msup')?.children ?? [])];
    return Number(base?.textContent) ** 2;
  });
}

test('a series of ten: two wrong ones are told and return, the end says what to repeat, the day is counted', async ({
  page,
}) => {
  const kit = new KitPage(page);
  await kit.openTool('Practice');
  await page.getByRole('textbox', { name: 'Seed of the numbers' }).fill('harbour');
  await tap(page, 'Begin');
  const group = page.getByRole('group', { name: 'Exercise' });
  const progress = page.getByRole('progressbar', { name: 'Right by now' });
  const asked: string[] = [];
  for (let i = 0; i < 12; i += 1) {
    const isRepeat = i >= 10;
    await expect(page.getByText(isRepeat ? /once more$/ : `Exercise ${i + 1} of 10`)).toBeVisible();
    asked.push((await group.textContent()) ?? '');
    const right = await squareAsked(group);
    const isWrong = i === 2 || i === 5;
    await tapKeys(page, `${isWrong ? right + 1 : right}`);
    await tap(page, /^answer$/);
    await expect(page.getByText(isWrong ? 'Not right.' : 'Right.', { exact: true })).toBeVisible();
    if (i === 2) await expectClean(page);
    if (i === 4) {
      // Paused, and gone on with after a reload.
      await tap(page, 'Pause');
      await page.reload();
      await expect(progress).toHaveAttribute('aria-valuetext', '4 of 10 right');
      continue;
    }
    await tap(page, i === 11 ? 'To the end' : 'Next exercise');
  }
  // The two that went wrong were asked again, in the order in which they did.
  expect(asked.slice(10)).toEqual([asked[2], asked[5]]);
  await expect(page.getByText('8 of 10 were right at the first answer.')).toBeVisible();
  await expect(page.getByRole('list', { name: 'To repeat' }).getByRole('listitem')).toHaveCount(2);
  await tap(page, 'Choose another');
  await expect(page.getByText(/: 10 answers, 8 right$/)).toBeVisible();
  await expectClean(page);

  // Days later both come back, and once they are right not on that day again.
  await page.clock.setFixedTime(Date.now() + 4 * 86_400_000);
  await page.reload();
  await tap(page, 'Repeat 2 exercises that are due');
  for (const next of ['Next exercise', 'To the end']) {
    await expect(page.getByText(/^Exercise . of 2$/)).toBeVisible();
    await tapKeys(page, `${await squareAsked(group)}`);
    await tap(page, /^answer$/);
    await expect(page.getByText('Right.', { exact: true })).toBeVisible();
    await tap(page, next);
  }
  await tap(page, 'Choose another');
  await expect(page.getByRole('button', { name: /that are due$/ })).toHaveCount(0);
});

/** Prints by a button, and looks at what would stand on the paper. */
async function printed(page: Page, name: string, look: (paper: Locator) => Promise<void>): Promise<void> {
  await tap(page, name);
  await expect(page.locator('html[data-printed]')).toHaveCount(1);
  await page.emulateMedia({ media: 'print' });
  await look(page.locator('.printed'));
  await expect(page.getByRole('button', { name })).toBeHidden();
  await page.emulateMedia({ media: 'screen' });
  await page.evaluate(() => {
    document.documentElement.removeAttribute('data-printed');
    window.dispatchEvent(new Event('afterprint'));
  });
  await expect(page.locator('.printed')).toHaveCount(0);
}

test('a sheet that tells nothing before its end is answered and printed; sheet and key are printed with their graph', async ({
  page,
}) => {
  await page.addInitScript(() => {
    window.print = () => document.documentElement.setAttribute('data-printed', '');
  });
  const question = { kind: 'question', words: '', line: '', answer: '', form: 'any', tolerance: '', curve: '' };
  const sheet = {
    ...{ format: 'ulkav-sheet', version: 1, title: 'Tides of Velm Quay', seed: 'quay', angle: 'rad', tells: false },
    drawn: [{ letter: 'a', from: '6', to: '6', step: '1' }],
    items: [
      { ...question, line: '1/(a-6)' },
      { ...question, line: '-a^2+sin(pi/6)-1/2' },
      { ...question, words: 'Read the height at x = 2.', answer: '1', tolerance: '0.2', curve: 'cos(pi x)' },
    ],
  };
  await page.goto(`/#ulkav=${encodeURIComponent(JSON.stringify({ kind: 'sheet', sheet }))}`);
  await tap(page, 'Open it');
  await page.getByRole('textbox', { name: 'Number of the pupil' }).fill('7');
  await tap(page, 'Begin');
  for (const [answer, next] of [
    ['36', 'Next exercise'],
    ['1.1', 'To the end'],
  ] as const) {
    await expect(page.getByRole('textbox', { name: 'Line being written' })).toBeFocused();
    // The sheet means radians, whatever is set: its graph goes up and down, where in degrees it would be nearly level.
    if (next === 'To the end') await expect(page.getByText(/x 1, y −1; x 2, y 1;/)).toBeAttached();
    await page.keyboard.type(answer);
    await page.keyboard.press('Enter');
    await expect(page.getByText('Noted.')).toBeVisible();
    for (const told of [/right/i, /slip/i, /^Steps$/]) await expect(page.getByText(told)).toHaveCount(0);
    if (answer === '36') {
      // Handed in early, the answers so far are in the file, and the sheet can be gone on with.
      await tap(page, 'Hand in');
      await expect(page.getByText('1 of 2 questions are answered.')).toBeVisible();
      const early = page.waitForEvent('download');
      await tap(page, 'Save the answers as a file');
      expect(JSON.parse(readFileSync(await (await early).path(), 'utf8'))).toMatchObject({ answers: ['', '36', ''] });
      await tap(page, 'Go on');
    } else await tap(page, next);
  }
  await expect(page.getByText('All questions are answered.')).toBeVisible();
  await expect(page.getByText(/right/i)).toHaveCount(0);
  // The first question has no answer with this pupil's number: the others keep their places.
  await expect(page.getByText('Left out, since with your numbers there is no answer: Question 1.')).toBeVisible();
  const saving = page.waitForEvent('download');
  await tap(page, 'Save the answers as a file');
  const saved: unknown = JSON.parse(readFileSync(await (await saving).path(), 'utf8'));
  expect(saved).toMatchObject({ answers: ['', '36', '1.1'] });
  await printed(page, 'Print or save as PDF', async (paper) => {
    await expect(paper.getByRole('heading', { includeHidden: true })).toHaveText(/pupil: 7$/);
    await expect(paper.locator('tr')).toHaveCount(2);
    await expect(paper.locator('tr').last()).toContainText('1.1');
  });

  const kit = new KitPage(page);
  await kit.openTool('Sheets');
  const choosing = page.waitForEvent('filechooser');
  await tap(page, 'Open a sheet');
  const file = { name: 'sheet.json', mimeType: 'application/json', buffer: Buffer.from(JSON.stringify(sheet)) };
  await (await choosing).setFiles([file]);
  for (const [name, value] of [
    ['Print the sheet', '= ……'],
    ['Print the key', '36'],
  ] as const)
    await printed(page, name, async (paper) => {
      await expect(paper.locator('tr').nth(1)).toContainText(value);
      await expect(paper.locator('tr').last().locator('img')).toBeVisible();
    });
});

test('a series that is ended early keeps what was answered', async ({ page }) => {
  const kit = new KitPage(page);
  await kit.openTool('Practice');
  await tap(page, 'Begin');
  const group = page.getByRole('group', { name: 'Exercise' });
  await tapKeys(page, `${(await squareAsked(group)) + 1}`);
  await tap(page, /^answer$/);
  await expect(page.getByText('Not right.', { exact: true })).toBeVisible();
  await tap(page, 'End this series');
  await expect(page.getByText('0 of 1 were right at the first answer.')).toBeVisible();
  await expect(page.getByRole('list', { name: 'To repeat' }).getByRole('listitem')).toHaveCount(1);
  await tap(page, 'Choose another');
  await expect(page.getByText(/: 1 answer, 0 right$/)).toBeVisible();
});

test('an answer is told to be right in another form, with its steps; lines of one’s own are practised too', async ({
  page,
}) => {
  const kit = new KitPage(page);
  await kit.openTool('Practice');
  await page.getByRole('combobox', { name: /^Topic/ }).tap();
  await page.getByRole('option', { name: 'My own series' }).tap();
  await tap(page, /^A line to be worked out/);
  await page.keyboard.type('-3^2+1/2');
  await tap(page, 'Done');
  await page.getByRole('combobox', { name: /^Form of the answer/ }).tap();
  await page.getByRole('option', { name: 'a fraction in lowest terms, or a whole number' }).tap();
  await tap(page, 'Add this line');
  await tap(page, 'Begin');
  for (const [answer, told] of [
    ['9.5', 'The likely slip: The sign and the power'],
    ['-8.5', 'The right value, in another form than is asked for.'],
    ['-17/2', 'Right.'],
  ] as const) {
    await page.keyboard.type(answer);
    await page.keyboard.press('Enter');
    await expect(page.getByText(told).first()).toBeVisible();
    if (told !== 'Right.') await tap(page, 'Write it again');
  }
  await tap(page, 'Steps');
  await expect(page.getByRole('dialog', { name: 'Steps' })).toBeVisible();
});

test('a sheet is made, opened by its link, answered, and its answers are read as a table', async ({ page }) => {
  const kit = new KitPage(page);
  await kit.openTool('Sheets');
  await page.getByRole('textbox', { name: 'Title' }).fill('Tides of Velm Quay');
  await tap(page, 'Add words');
  await page.getByRole('textbox', { name: 'Words' }).fill('The board reads {a} cm.');
  await tap(page, 'Done: Item 1');
  for (const [line, item] of [
    ['-a^2+1', 2],
    ['a/4', 3],
  ] as const) {
    await tap(page, 'Add a question');
    await tap(page, /^Line that is shown/);
    await page.keyboard.type(line);
    await page.getByRole('region', { name: 'Line that is shown' }).getByRole('button', { name: 'Done' }).tap();
    await tap(page, `Done: Item ${item}`);
  }
  await tap(page, 'One more letter');
  await page.getByRole('textbox', { name: 'from (a)' }).fill('6');
  await page.getByRole('textbox', { name: 'to (a)' }).fill('6');
  await expect(page.getByRole('listitem', { name: 'Question 1' })).toContainText('−35');
  await expectClean(page);
  await tap(page, 'Copy a link to it');
  const link = await page.evaluate(() => navigator.clipboard.readText());

  // The pupil, on a device of their own.
  await page.goto('about:blank');
  await page.goto(link);
  await tap(page, 'Open it');
  await page.getByRole('textbox', { name: 'Number of the pupil' }).fill('7');
  await tap(page, 'Begin');
  await expect(page.getByText('The board reads 6 cm.')).toBeVisible();
  for (const [answer, next] of [
    ['37', 'Next exercise'],
    ['1.5', 'Next exercise'],
    ['-35', 'To the end'],
  ] as const) {
    await page.keyboard.type(answer);
    await page.keyboard.press('Enter');
    await tap(page, next);
  }
  await expect(page.getByText('All questions are answered.')).toBeVisible();
  await expectClean(page);
  const saving = page.waitForEvent('download');
  await tap(page, 'Save the answers as a file');
  const file = await (await saving).path();
  expect(JSON.parse(readFileSync(file, 'utf8'))).toMatchObject({ pupil: '7', answers: ['37', '1.5'] });

  // The teacher, whose sheet is still there.
  await kit.openTool('Sheets');
  await kit.choose('Read answers');
  const choosing = page.waitForEvent('filechooser');
  await tap(page, 'Choose the files of answers');
  const asFile = (name: string, text: string) => ({ name, mimeType: 'application/json', buffer: Buffer.from(text) });
  await (await choosing).setFiles([asFile('7.json', readFileSync(file, 'utf8')), asFile('notes.json', '{}')]);
  await expect(page.getByText('Number of the pupil 7: 1 of 2 right')).toBeVisible();
  await expect(page.getByText('slips: 1: sign and power')).toBeVisible();
  await expect(page.getByText('Files in which there are no answers: 1')).toBeVisible();
  await tap(page, 'Make columns');
  await expect(page.getByRole('gridcell', { name: /sign and power/ })).toBeVisible();
});
