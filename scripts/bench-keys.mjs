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

/** The line that is keyed, by the names of its keys. */
const KEYED = '1,plus,2,fraction,5,caret right,minus,4,squared,times,sine,3,0,close bracket,equals'.split(',');

/** The Bench at the size of a phone, and what slows its processor and taps on it. */
async function benchPage(browser, port, ...scripts) {
  const page = await browser.newPage({ viewport: { width: 390, height: 844 }, hasTouch: true });
  await page.addInitScript(observe, ['pointerup', 'touchend', 'click']);
  for (const script of scripts) await page.addInitScript(script);
  await page.goto(`http://localhost:${port}/`);
  await page.getByRole('textbox').waitFor();
  const session = await page.context().newCDPSession(page);
  const slow = (rate) => session.send('Emulation.setCPUThrottlingRate', { rate });
  const press = async (names) => {
    for (const name of names) {
      await tap(session, page, name);
      await page.waitForTimeout(120);
    }
  };
  const presses = () => page.evaluate(() => window.presses);
  return { page, slow, press, presses };
}

/** Keys of the deck tapped one after another: those that took longer than the API's 16 ms, and how many were tapped. */
export async function keyPresses(browser, port, slowdown) {
  const { page, slow, press, presses } = await benchPage(browser, port);
  await slow(slowdown);
  const names = [...KEYED, ...KEYED, ...KEYED];
  await press(names);
  const took = await presses();
  await page.close();
  return [took, names.length];
}

/** Takes every tap from the app once it is told to, and writes one digit into the line in its place. */
function writeOneDigit() {
  let count = 0;
  for (const kind of ['gotpointercapture', 'pointerup', 'lostpointercapture', 'pointerout', 'touchend'])
    window.addEventListener(
      kind,
      (event) => {
        if (window.takesTaps !== true) return;
        event.stopImmediatePropagation();
        if (kind !== 'touchend') return;
        event.preventDefault();
        count += 1;
        [...document.querySelectorAll('.boxed [data-i]')].at(-1).textContent = `${count % 10}`;
      },
      { capture: true, passive: false },
    );
}

/** What the browser alone takes for a press of this page: as `keyPresses`, where nothing but one digit is written. */
export async function leastPresses(browser, port, slowdown) {
  const { page, slow, press, presses } = await benchPage(browser, port, writeOneDigit);
  await press(KEYED.slice(0, -1));
  await page.waitForTimeout(1000);
  await page.evaluate(() => {
    window.takesTaps = true;
    window.presses = [];
  });
  await slow(slowdown);
  const names = Array(45).fill('4');
  await press(names);
  const took = await presses();
  await page.close();
  return [took, names.length];
}
