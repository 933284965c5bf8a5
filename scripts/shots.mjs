import { mkdirSync } from 'node:fs';
import { chromium } from '@playwright/test';
import { build } from './build.mjs';
import { chromiumPath, installChromium } from './chromium.mjs';
import { demoNotebook } from './demo-notebook.mjs';
import { ready, serve } from './serve.mjs';

/** One current picture of each main view, from the demo notebook. */
const PORT = 4191;
const OUT = 'docs/screenshots';
const phone = { width: 390, height: 844 };
const wide = { width: 1280, height: 800 };

const entryStyle = async (page, name) => {
  await page.getByRole('button', { name: /^Entry style/ }).tap();
  await page
    .getByRole('dialog')
    .getByRole('button', { name: new RegExp(`^${name}`) })
    .tap();
};

const openTable = async (page, name, by = 'tap') => {
  await page.getByRole('button', { name: /^Tables: / })[by]();
  await page.getByRole('dialog').getByRole('button', { name, exact: true })[by]();
};

const openTool = async (page, name) => {
  await page.getByRole('link', { name: 'Kit' }).tap();
  await page.getByRole('button', { name: new RegExp(`^${name}: `) }).tap();
  await page.getByRole('list', { name: 'Results' }).waitFor();
};

/** Begins anew with a tape line of the demo notebook that cannot be read, and looks at it. */
async function withPartSetAside(page) {
  // The demo notebook is kept from the first change on.
  await page.getByRole('button', { name: 'clear line' }).tap();
  await page.waitForFunction(() => localStorage.getItem('ulkav.notebook') !== null);
  await page.addInitScript(() => {
    const kept = JSON.parse(localStorage.getItem('ulkav.notebook'));
    kept.tape[1].value = [];
    localStorage.setItem('ulkav.notebook', JSON.stringify(kept));
  });
  await page.reload();
  await page.getByRole('button', { name: 'Look' }).tap();
  await page.getByRole('list', { name: 'Set aside' }).waitFor();
}

const shots = [
  { name: 'bench-phone', size: phone, scheme: 'light' },
  {
    name: 'exam-phone',
    size: phone,
    scheme: 'dark',
    act: async (page) => {
      await page.getByRole('button', { name: /^Number display/ }).tap();
      await page.getByRole('button', { name: 'Examination …' }).tap();
      await page.getByRole('switch', { name: 'Curves' }).tap();
      await page.getByRole('button', { name: 'Begin now' }).tap();
      await page.getByRole('region', { name: 'Examination' }).waitFor();
      for (const line of ['12.6×cos(17°)\n', '4/9+5/6\n', 'sqrt(50)-2']) await page.keyboard.type(line);
      await page
        .getByRole('button', { name: /^= 5√2 − 2|^= .*exact$/ })
        .last()
        .waitFor();
    },
  },
  {
    name: 'curves-phone',
    size: phone,
    scheme: 'light',
    act: async (page) => {
      await page.getByRole('link', { name: 'Curves' }).tap();
      await page.getByRole('tab', { name: 'Points' }).tap();
      await page.getByRole('button', { name: /^1: crossing/ }).tap();
    },
  },
  {
    name: 'curves-wide',
    size: wide,
    scheme: 'light',
    act: async (page) => {
      await page.getByRole('link', { name: 'Curves' }).click();
      await page.getByRole('tab', { name: 'Values' }).click();
      await page.getByRole('row', { name: /^x 8/ }).click();
    },
  },
  {
    name: 'columns-phone',
    size: phone,
    scheme: 'light',
    act: async (page) => {
      await page.getByRole('link', { name: 'Columns' }).tap();
      await openTable(page, 'Soundings');
      await page.getByRole('gridcell', { name: /^depth, row 3/ }).tap();
    },
  },
  {
    name: 'columns-wide',
    size: wide,
    scheme: 'light',
    act: async (page) => {
      await page.getByRole('link', { name: 'Columns' }).click();
      await openTable(page, 'Shell lengths', 'click');
      await page.getByRole('tab', { name: 'Chart' }).click();
      await page.getByRole('application', { name: 'Box' }).waitFor();
      await page.waitForTimeout(900);
    },
  },
  { name: 'bench-wide', size: wide, scheme: 'light' },
  {
    name: 'boxes-phone',
    size: phone,
    scheme: 'light',
    act: async (page) => {
      await page.getByRole('button', { name: 'clear line' }).tap();
      await page.getByRole('textbox').pressSequentially('1/(2+sqrt(x^2+1))+sum(k^3-k,k,1,6)');
      for (let i = 0; i < 12; i += 1) await page.getByRole('button', { name: 'caret left' }).tap();
    },
  },
  {
    name: 'steps-phone',
    size: phone,
    scheme: 'light',
    act: async (page) => {
      await page.getByRole('button', { name: 'clear line' }).tap();
      await page.getByRole('textbox').pressSequentially('det([[0,2,1],[1,3,4],[2,1,5]])');
      await page.getByRole('button', { name: 'Steps', exact: true }).tap();
      await page.getByRole('dialog').getByText('the value').waitFor();
    },
  },
  {
    name: 'angle-view-phone',
    size: phone,
    scheme: 'light',
    act: async (page) => {
      await page.getByRole('button', { name: 'clear line' }).tap();
      await page.getByRole('textbox').pressSequentially('sin(212°)');
      await page.getByRole('button', { name: 'Angle', exact: true }).tap();
    },
  },
  {
    name: 'solve-phone',
    size: phone,
    scheme: 'light',
    act: async (page) => {
      await page.getByRole('button', { name: 'clear line' }).tap();
      await page.getByRole('textbox').pressSequentially('x^2+x+1=0');
      await page.getByRole('button', { name: 'Show them' }).tap();
    },
  },
  {
    name: 'kit-practice-phone',
    size: phone,
    scheme: 'dark',
    act: async (page) => {
      await page.getByRole('link', { name: 'Kit' }).tap();
      await page.getByRole('button', { name: /^Practice: / }).tap();
      await page.getByRole('combobox', { name: /^Topic/ }).tap();
      await page.getByRole('option', { name: 'Order of operations, with signs' }).tap();
      await page.getByRole('radio', { name: 'Level 3' }).tap();
      await page.getByRole('textbox', { name: 'Seed of the numbers' }).fill('Velm Quay');
      await page.getByRole('button', { name: 'Begin' }).tap();
      await page.getByText('Exercise 1 of 10').waitFor();
    },
  },
  { name: 'running-phone', size: phone, scheme: 'light', act: (page) => entryStyle(page, 'Running') },
  { name: 'stack-phone', size: phone, scheme: 'light', act: (page) => entryStyle(page, 'Stack') },
  {
    name: 'kit-equations-phone',
    size: phone,
    scheme: 'light',
    act: (page) => openTool(page, 'Equations'),
  },
  {
    name: 'kit-chance-phone',
    size: phone,
    scheme: 'dark',
    act: async (page) => {
      await page.getByRole('link', { name: 'Kit' }).tap();
      await page.getByRole('button', { name: /^Chance: / }).tap();
      await page.getByRole('listitem', { name: /^P\(2 < X < 3.2\)/ }).waitFor();
    },
  },
  {
    name: 'kit-compare-phone',
    size: phone,
    scheme: 'light',
    act: async (page) => {
      await page.getByRole('link', { name: 'Kit' }).tap();
      await page.getByRole('button', { name: /^Compare with an answer: / }).tap();
      await page.getByRole('button', { name: /^The line: / }).tap();
      await page.keyboard.type('-4^2+12÷2(1+2)');
      await page.keyboard.press('Enter');
      await page.keyboard.type('-14');
      await page.keyboard.press('Enter');
      await page.getByRole('list', { name: 'Slips that lead there' }).waitFor();
    },
  },
  {
    name: 'kit-wide',
    size: wide,
    scheme: 'light',
    act: async (page) => {
      await page.getByRole('link', { name: 'Kit' }).click();
      await page.getByRole('button', { name: /^Loans and savings: / }).click();
      await page.getByRole('table', { name: 'Compare two' }).waitFor();
    },
  },
  { name: 'shelf-phone', size: phone, scheme: 'light', act: withPartSetAside },
];

await build();
await installChromium();
mkdirSync(OUT, { recursive: true });
const server = await serve({ port: PORT, demoNotebook: await demoNotebook(), quiet: true });
await ready(PORT);
const browser = await chromium.launch({ executablePath: chromiumPath(), args: ['--no-sandbox', '--disable-gpu'] });
const only = process.argv.slice(2);
for (const { name, size, scheme, act } of shots) {
  if (only.length > 0 && !only.includes(name)) continue;
  const isPhone = size === phone;
  const page = await browser.newPage({ viewport: size, colorScheme: scheme, hasTouch: isPhone, isMobile: isPhone });
  await page.goto(`http://localhost:${PORT}/`);
  await page.getByRole('group', { name: 'Forms of the result' }).last().waitFor();
  await page.evaluate(() => document.fonts.ready);
  await act?.(page);
  await page.waitForTimeout(400);
  await page.screenshot({ path: `${OUT}/${name}.png` });
  await page.close();
}
await browser.close();
server.kill();
