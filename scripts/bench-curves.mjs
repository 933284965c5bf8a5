/** How late frames come, from the gaps between them. */
function told(gaps) {
  const sorted = [...gaps].sort((a, b) => a - b);
  const late = gaps.filter((gap) => gap > 25).length;
  return `${gaps.length} frames: ${late} late, median ${sorted[Math.floor(gaps.length / 2)].toFixed(1)} ms, worst ${sorted.at(-1).toFixed(1)} ms`;
}

/** Notes the time of every frame while it is asked to. */
const watchFrames = () => {
  window.gaps = [];
  let last = 0;
  const step = (now) => {
    if (last > 0) window.gaps.push(now - last);
    last = now;
    requestAnimationFrame(step);
  };
  requestAnimationFrame(step);
};

const texts = [
  'x^3-4x',
  '3sin(x rad)',
  'tan(x rad)',
  '1/(x-1)',
  'sqrt(9-x^2)',
  'e^(x/2)-3',
  'abs(x)-2',
  '4cosh(x/4)-5',
];

/** Eight curves drawn along under a finger at phone size, the processor slowed; then the same pinched. */
export async function dragCurves(browser, port, demo, slowdown) {
  const page = await browser.newPage({ viewport: { width: 390, height: 844 }, hasTouch: true });
  const functions = texts.map((text, look) => ({ id: `f${look + 1}`, name: `f${look + 1}`, text, look, on: true }));
  const notebook = { ...demo, curves: { ...demo.curves, functions, view: null } };
  await page.addInitScript((raw) => localStorage.setItem('ulkav.notebook', raw), JSON.stringify(notebook));
  await page.goto(`http://localhost:${port}/curves`);
  await page.getByRole('application', { name: 'Graph' }).waitFor();
  await page.waitForTimeout(2500);
  const session = await page.context().newCDPSession(page);
  await session.send('Emulation.setCPUThrottlingRate', { rate: slowdown });
  await page.waitForTimeout(500);
  await page.evaluate(watchFrames);
  const touch = (type, ...points) =>
    session.send('Input.dispatchTouchEvent', { type, touchPoints: points.map(([x, y], id) => ({ x, y, id })) });
  await touch('touchStart', [300, 250]);
  const begun = Date.now();
  // There and back across the view, at some 500 pixels a second.
  while (Date.now() - begun < 3000) {
    const t = (Date.now() - begun) / 1000;
    await touch('touchMove', [195 + 120 * Math.sin(4 * t + 1), 250 + 60 * Math.cos(3 * t)]);
    await new Promise((next) => setTimeout(next, 12));
  }
  const gaps = await page.evaluate(() => window.gaps.slice(3));
  await touch('touchEnd');
  await page.close();
  return told(gaps);
}

/** The gaps between frames while an element is scrolled down. */
const scrolled = (page, element) =>
  page.evaluate(
    (selector) =>
      new Promise((resolve) => {
        const scroller = document.querySelector(selector);
        const seen = [];
        let last = performance.now();
        const step = (now) => {
          seen.push(now - last);
          last = now;
          scroller.scrollTop += 50;
          if (seen.length < 240) requestAnimationFrame(step);
          else resolve(seen.slice(5));
        };
        requestAnimationFrame(step);
      }),
    element,
  );

/** A table of so many rows scrolled through at some 3 000 pixels a second. */
export async function scrollTable(browser, port, demo) {
  const page = await browser.newPage({ viewport: { width: 390, height: 844 } });
  const functions = texts
    .slice(0, 3)
    .map((text, look) => ({ id: `f${look + 1}`, name: 'fgh'[look], text, look, on: true }));
  const table = { by: 'step', from: '0', step: '1/100', to: '100', picked: [], exact: true };
  const notebook = { ...demo, curves: { ...demo.curves, functions, table } };
  await page.addInitScript((raw) => localStorage.setItem('ulkav.notebook', raw), JSON.stringify(notebook));
  await page.goto(`http://localhost:${port}/curves`);
  await page.getByRole('tab', { name: 'Values' }).click();
  await page.getByRole('row').nth(5).waitFor();
  await page.waitForTimeout(1000);
  const gaps = await scrolled(page, '[role="grid"]');
  const count = await page.getByRole('grid').getAttribute('aria-rowcount');
  await page.close();
  return `${Number(count) - 1} rows, ${told(gaps)}`;
}

/** Ten thousand rows of data, one column of them expressions, scrolled through at the same speed. */
export async function scrollData(browser, port, demo) {
  const page = await browser.newPage({ viewport: { width: 390, height: 844 } });
  const [table] = demo.columns.tables;
  const cells = [
    Array.from({ length: 10_000 }, (_, i) => String(i)),
    Array.from({ length: 10_000 }, (_, i) => (((i * 7919) % 1000) / 100).toString()),
    Array.from({ length: 10_000 }, (_, i) => `${i % 17}/${1 + (i % 13)}`),
  ];
  const columns = cells.map((all, i) => ({ id: `c${i + 1}`, name: 'xyz'[i], unit: '', cells: all }));
  const notebook = { ...demo, columns: { tables: [{ ...table, columns }], open: null, into: null } };
  await page.addInitScript((raw) => localStorage.setItem('ulkav.notebook', raw), JSON.stringify(notebook));
  await page.goto(`http://localhost:${port}/columns`);
  await page.getByRole('gridcell').nth(5).waitFor();
  await page.waitForTimeout(2500);
  const gaps = await scrolled(page, '[role="grid"]');
  const count = await page.getByRole('grid').getAttribute('aria-rowcount');
  await page.close();
  return `${Number(count) - 2} rows, ${told(gaps)}`;
}
