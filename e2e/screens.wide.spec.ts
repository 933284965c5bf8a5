import { expect, test } from '@playwright/test';
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
  [320, 256],
  [820, 1180],
  [1280, 800],
  [1920, 1080],
] as const;

/** Sizes of each layout at which all tools are looked through with large text: the other sizes have more room. */
const narrowest = new Set(['844 × 390', '320 × 568', '320 × 256', '1280 × 800']);

/** Controls that lie outside the page where nothing can be scrolled to bring them in, or are smaller than a finger. */
const unreachable = (): readonly string[] => {
  const scrolls = (node: Element | null): boolean => {
    for (let at = node; at !== null; at = at.parentElement) {
      const { overflowX, overflowY } = getComputedStyle(at);
      if (/auto|scroll/.test(overflowY) && at.scrollHeight > at.clientHeight) return true;
      if (/auto|scroll/.test(overflowX) && at.scrollWidth > at.clientWidth) return true;
    }
    return false;
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
      return (isOut && !scrolls(node.parentElement)) || box.height < 43.5 || box.width < 43.5;
    })
    .map(({ node }) => node.getAttribute('aria-label') ?? node.textContent);
};

for (const [width, height] of sizes)
  for (const text of ['100 %', '200 %'])
    test(`on ${width} × ${height} with text at ${text} the line and its answer are in sight, and every control is reached`, async ({
      page,
    }) => {
      await page.setViewportSize({ width, height });
      if (text === '200 %') {
        const demo = await (await page.request.get('/demo-notebook.json')).text();
        await page.addInitScript(
          (kept) => localStorage.setItem('ulkav.notebook', kept),
          demo.replace(/"textSize":\s*\d+/, '"textSize":200'),
        );
      }
      const bench = new BenchPage(page);
      await bench.open();
      if (text === '200 %') await expect(page.locator(':root[data-text="scaled"]')).toHaveCount(1);
      await expect(bench.line).toBeFocused();
      await page.keyboard.press('Escape');
      await bench.type('1+2');
      await expect(page.getByTestId('boxed-line')).toBeInViewport({ ratio: 1 });
      await expect(bench.form('= 3, exact')).toBeInViewport({ ratio: text === '100 %' ? 1 : 0.5 });
      const isNarrowest = text === '200 %' && narrowest.has(`${width} × ${height}`);
      for (const path of isNarrowest ? [...places, ...tools] : places) {
        await page.goto(path);
        await expect(page.getByRole('heading', { level: 1 })).toBeAttached();
        await page.waitForTimeout(300);
        expect({ path, unreachable: await page.evaluate(unreachable) }).toEqual({ path, unreachable: [] });
        expect(await page.evaluate(() => document.documentElement.scrollWidth <= innerWidth)).toBe(true);
      }
    });
