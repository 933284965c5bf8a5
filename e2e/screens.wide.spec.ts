import { expect, test } from '@playwright/test';
import type { Page } from '@playwright/test';
import { DEMO_PORT } from '../playwright.config';
import { places, tools } from './places';
import { BenchPage } from './bench';

test.use({ baseURL: `http://localhost:${DEMO_PORT}` });

const sizes = [
  [844, 390],
  [667, 375],
  [390, 667],
  [375, 560],
  [320, 568],
  [320, 640],
  [320, 720],
  [320, 256],
  [820, 1180],
  [1280, 800],
  [1920, 1080],
] as const;

/** Controls that lie outside the page where nothing can be scrolled to bring them in, under others, or are smaller than a finger. */
const unreachable = (): readonly string[] => {
  const scrolls = (node: Element | null): boolean => {
    for (let at = node; at !== null; at = at.parentElement) {
      const { overflowX, overflowY } = getComputedStyle(at);
      if (/auto|scroll/.test(overflowY) && at.scrollHeight > at.clientHeight) return true;
      if (/auto|scroll/.test(overflowX) && at.scrollWidth > at.clientWidth) return true;
    }
    return false;
  };
  /** Whether something lies over the middle of a control, also where it is scrolled to. */
  const isCovered = (node: Element, isLast = false): boolean => {
    const box = node.getBoundingClientRect();
    const [x, y] = [box.left + box.width / 2, box.top + box.height / 2];
    for (let at = node.parentElement; at !== null; at = at.parentElement) {
      const { overflowX, overflowY } = getComputedStyle(at);
      const within = at.getBoundingClientRect();
      if (overflowY !== 'visible' && (y < within.top || y > within.bottom)) return false;
      if (overflowX !== 'visible' && (x < within.left || x > within.right)) return false;
    }
    const hit = document.elementFromPoint(x, y);
    if (hit === null || node.contains(hit) || hit.contains(node)) return false;
    if (!isLast) node.scrollIntoView({ block: 'center', inline: 'center' });
    return isLast || isCovered(node, true);
  };
  return [
    ...document.querySelectorAll(
      'button, a[href]:not(.skip), [role="tab"], [role="switch"], input:not(.boxed-input):not([tabindex="-1"]):not([aria-hidden])',
    ),
  ]
    .map((node) => ({ node, box: node.getBoundingClientRect() }))
    .filter(({ box }) => box.width > 0)
    .filter(({ node, box }) => {
      const isOut = box.left < -1 || box.top < -1 || box.right > innerWidth + 1 || box.bottom > innerHeight + 1;
      return (isOut && !scrolls(node.parentElement)) || box.height < 43.5 || box.width < 43.5 || isCovered(node);
    })
    .map(({ node }) => node.getAttribute('aria-label') ?? node.textContent);
};

/** The page at each size in turn, as when a phone is turned or a window drawn larger. */
async function atEachSize(page: Page, look: (size: string) => Promise<void>): Promise<void> {
  for (const [width, height] of sizes) {
    await page.setViewportSize({ width, height });
    // Nothing is looked at before the layout of the new size has been drawn.
    await page.waitForTimeout(250);
    await look(`${width} × ${height}`);
  }
}

for (const text of ['100 %', '200 %']) {
  const isLarge = text === '200 %';
  test.describe(`with text at ${text}`, () => {
    test.beforeEach(async ({ page }) => {
      if (!isLarge) return;
      const demo = await (await page.request.get('/demo-notebook.json')).text();
      await page.addInitScript(
        (kept) => localStorage.setItem('ulkav.notebook', kept),
        demo.replace(/"textSize":\s*\d+/, '"textSize":200'),
      );
    });

    test('the line and its answer are in sight at every size', async ({ page }) => {
      const bench = new BenchPage(page);
      await bench.open();
      if (isLarge) await expect(page.locator(':root[data-text="scaled"]')).toHaveCount(1);
      await expect(bench.line).toBeFocused();
      await page.keyboard.press('Escape');
      await bench.type('1+2');
      await atEachSize(page, async () => {
        await expect(page.getByTestId('boxed-line')).toBeInViewport({ ratio: 1 });
        await expect(bench.form('= 3, exact')).toBeInViewport({ ratio: isLarge ? 0.5 : 1 });
      });
      if (isLarge) return;
      // The same of a line two storeys high that may be mistaken, and during an examination; a form’s name may be cut then.
      await page.keyboard.press('Escape');
      await bench.type('-4^2');
      await page.keyboard.press('ArrowRight');
      await bench.type('+2/5');
      const plan = { off: ['steps'], settings: null };
      for (const isExam of [false, true]) {
        if (isExam) {
          await page.goto(`/#ulkav=${encodeURIComponent(JSON.stringify({ kind: 'exam', plan }))}`);
          await page.getByRole('button', { name: 'Begin now' }).click();
          await expect(bench.line).toBeFocused();
          await bench.type('7+2/5');
        }
        await atEachSize(page, async () => {
          await expect(page.getByTestId('boxed-line')).toBeInViewport({ ratio: 1 });
          await expect(bench.form(isExam ? '= 37/5, fraction' : '= −78/5, fraction')).toBeInViewport({ ratio: 0.6 });
          const mark = page.getByRole('region', { name: 'Examination' });
          if (isExam) await expect(mark).toBeInViewport({ ratio: 1 });
        });
      }
    });

    for (const path of isLarge ? [...places, ...tools] : places)
      test(`every control of ${path} is reached at every size`, async ({ page }) => {
        await page.goto(path);
        await expect(page.getByRole('heading', { level: 1 })).toBeAttached();
        await page.waitForTimeout(300);
        await atEachSize(page, async (size) => {
          // A page that is laid out anew can take a while where the machine is busy.
          await expect.poll(() => page.evaluate(unreachable), `out of reach at ${size}`).toEqual([]);
          expect(await page.evaluate(() => document.documentElement.scrollWidth <= innerWidth)).toBe(true);
        });
      });
  });
}
