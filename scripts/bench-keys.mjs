/**
 * How long events took until they were painted, by the Event Timing API (8 ms steps). Events that come within a tenth of a
 * second are one press, from the first of them until the last is painted: a build may act on any of them.
 */
export const observe = (kinds) => {
  window.presses = [];
  let press = { from: -Infinity, at: -1 };
  new PerformanceObserver((list) => {
    for (const { name, startTime, duration } of list.getEntries().sort((a, b) => a.startTime - b.startTime)) {
      if (!kinds.includes(name)) continue;
      if (startTime - press.from > 100) press = { from: startTime, at: window.presses.push(0) - 1 };
      window.presses[press.at] = Math.max(window.presses[press.at], startTime + duration - press.from);
    }
  }).observe({ type: 'event', durationThreshold: 16, buffered: true });
};

/** Frames of 16.7 ms: the median, nine in ten, the worst of so many events. */
export function inFrames(slow, count) {
  // Events that took less than the 16 ms that the API can tell are not listed by it.
  const all = [...slow, ...Array.from({ length: Math.max(0, count - slow.length) }, () => 8)].sort((a, b) => a - b);
  const at = (share) => (all[Math.min(all.length - 1, Math.floor(all.length * share))] / 16.7).toFixed(1);
  const late = all.filter((ms) => ms > 2 * 16.7).length;
  return `median ${at(0.5)}, nine in ten ${at(0.9)}, worst ${at(1)}; beyond two frames ${late} of ${count}`;
}

/** How long a finger stays on a key, in milliseconds. */
const STAY = 60;

/** A tap as a finger makes it: down, and up after a while. What the page does meanwhile is not waited for by anyone. */
async function tap(session, page, name) {
  const { x, y, width, height } = await page.getByRole('button', { name, exact: true }).boundingBox();
  const touchPoints = [{ x: x + width / 2, y: y + height / 2 }];
  await session.send('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints });
  await page.waitForTimeout(STAY);
  await session.send('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] });
}

/** Keys of the deck tapped one after another: those that took longer than the API's 16 ms, and how many were tapped. */
export async function keyPresses(browser, port, slowdown) {
  const page = await browser.newPage({ viewport: { width: 390, height: 844 }, hasTouch: true });
  await page.addInitScript(observe, ['pointerup', 'touchend', 'click']);
  await page.goto(`http://localhost:${port}/`);
  await page.getByRole('textbox').waitFor();
  const session = await page.context().newCDPSession(page);
  await session.send('Emulation.setCPUThrottlingRate', { rate: slowdown });
  const names = '1,plus,2,fraction,5,caret right,minus,4,squared,times,sine,3,0,close bracket,equals'.split(',');
  let taps = 0;
  for (let round = 0; round < 3; round += 1)
    for (const name of names) {
      await tap(session, page, name);
      await page.waitForTimeout(120);
      taps += 1;
    }
  const slow = await page.evaluate(() => window.presses);
  await page.close();
  return [slow, taps];
}
