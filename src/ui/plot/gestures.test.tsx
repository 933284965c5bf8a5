import { act, render } from '@testing-library/react';
import { useRef } from 'react';
import type { ViewRange } from '@/core/curve/view';
import { stepped, useGestures } from './use-gestures';
import type { Gestures } from './use-gestures';

/* Fingers, the mouse and the wheel on a plot of 400 by 200 pixels that shows x from 0 to 4 and y from 0 to 2. */

const VIEW: ViewRange = { xFrom: 0, xTo: 4, yFrom: 0, yTo: 2 };
const SIZE = { width: 400, height: 200 };

type Told = { live: ViewRange[]; rest: ViewRange[]; taps: unknown[]; drawn: unknown[] };
let told: Told;

function Area({ draws }: Readonly<{ draws: boolean }>) {
  const area = useRef<HTMLDivElement | null>(null);
  const gestures: Gestures = {
    onLive: (view) => told.live.push(view),
    onRest: (view) => told.rest.push(view),
    onTap: (at) => told.taps.push(at),
    onDraw: draws ? (at) => told.drawn.push(at) : null,
  };
  useGestures(area, VIEW, SIZE, gestures);
  return <div ref={area} data-testid="plot" />;
}

function shown(draws = false): HTMLElement {
  const { getByTestId } = render(<Area draws={draws} />);
  const plot = getByTestId('plot');
  plot.setPointerCapture = () => undefined;
  return plot;
}

const rounded = (view: ViewRange | undefined): readonly number[] =>
  [view!.xFrom, view!.xTo, view!.yFrom, view!.yTo].map((v) => Math.round(v * 1e6) / 1e6);

/** A finger that goes down (v), along (-), up (^), or is taken away by the browser (x). */
function finger(plot: HTMLElement, kind: 'v' | '-' | '^' | 'x', id: number, x: number, y: number, button = 0): void {
  const type = { v: 'pointerdown', '-': 'pointermove', '^': 'pointerup', x: 'pointercancel' }[kind];
  const event = new MouseEvent(type, { clientX: x, clientY: y, button, bubbles: true });
  Object.defineProperty(event, 'pointerId', { value: id });
  act(() => void plot.dispatchEvent(event));
}

function wheel(plot: HTMLElement, deltaY: number, held: MouseEventInit = {}): void {
  const event = new WheelEvent('wheel', { deltaY, clientX: 100, clientY: 50, cancelable: true, ...held });
  act(() => void plot.dispatchEvent(event));
  expect(event.defaultPrevented).toBe(true);
}

beforeEach(() => {
  told = { live: [], rest: [], taps: [], drawn: [] };
  jest.useFakeTimers();
});
afterEach(() => jest.useRealTimers());

test('one finger moves the paper along with it, and the view rests where it is lifted', () => {
  const plot = shown();
  finger(plot, 'v', 1, 200, 100);
  finger(plot, '-', 1, 300, 100);
  finger(plot, '-', 1, 300, 150);
  expect(told.rest).toEqual([]);
  finger(plot, '^', 1, 300, 150);
  expect(told.rest.map(rounded)).toEqual([[-1, 3, 0.5, 2.5]]);
  expect(told.taps).toEqual([]);
});

test('two fingers twice as far apart show half as much, and what was between them stays there', () => {
  const plot = shown();
  finger(plot, 'v', 1, 150, 100);
  finger(plot, 'v', 2, 250, 100);
  finger(plot, '-', 1, 100, 100);
  finger(plot, '-', 2, 300, 100);
  expect(rounded(told.live.at(-1))).toEqual([1, 3, 0.5, 1.5]);
  finger(plot, '^', 1, 100, 100);
  expect(told.rest).toEqual([]);
  finger(plot, '^', 2, 300, 100);
  expect(told.rest.map(rounded)).toEqual([[1, 3, 0.5, 1.5]]);
});

test('after a pinch the finger that is left goes on moving the view, from where it is', () => {
  const plot = shown();
  finger(plot, 'v', 1, 150, 100);
  finger(plot, 'v', 2, 250, 100);
  finger(plot, '-', 1, 100, 100);
  finger(plot, '-', 2, 300, 100);
  finger(plot, '^', 2, 300, 100);
  finger(plot, '-', 1, 200, 100);
  expect(rounded(told.live.at(-1))).toEqual([0.5, 2.5, 0.5, 1.5]);
});

test.each([
  ['that stays is a tap', 3, 1],
  ['that strays is none', 20, 0],
])('a finger %s', (_name, by, taps) => {
  const plot = shown();
  finger(plot, 'v', 1, 200, 100);
  finger(plot, '-', 1, 200 + by, 100);
  finger(plot, '^', 1, 200 + by, 100);
  expect(told.taps).toHaveLength(taps);
});

test('two fingers, one that the browser takes away, and another button than the first are no tap', () => {
  const plot = shown();
  finger(plot, 'v', 1, 150, 100);
  finger(plot, 'v', 2, 250, 100);
  finger(plot, '^', 2, 250, 100);
  finger(plot, '^', 1, 150, 100);
  finger(plot, 'v', 1, 150, 100);
  finger(plot, 'x', 1, 150, 100);
  finger(plot, 'v', 1, 150, 100, 2);
  finger(plot, '^', 1, 150, 100, 2);
  expect(told.taps).toEqual([]);
});

test('while a curve is followed one finger draws the point, and two still move the paper', () => {
  const plot = shown(true);
  finger(plot, 'v', 1, 200, 100);
  finger(plot, '-', 1, 240, 100);
  expect(told.drawn).toEqual([
    { x: 200, y: 100 },
    { x: 240, y: 100 },
  ]);
  expect(told.live).toEqual([]);
  finger(plot, 'v', 2, 340, 100);
  finger(plot, '-', 2, 440, 100);
  expect(told.live).toHaveLength(1);
});

test.each([
  ['comes closer around the pointer', {}, true, true],
  ['with Shift along x alone', { shiftKey: true }, true, false],
  ['with Alt along y alone', { altKey: true }, false, true],
])('the wheel %s, and rests a moment later', (_name, held, isX, isY) => {
  const plot = shown();
  wheel(plot, -400, held);
  const view = told.live.at(-1)!;
  const factor = 1.0016 ** 400;
  expect(view.xTo - view.xFrom).toBeCloseTo(isX ? 4 / factor : 4, 9);
  expect(view.yTo - view.yFrom).toBeCloseTo(isY ? 2 / factor : 2, 9);
  // The point of the plane under the pointer, (1, 1.5), stays under it.
  expect(view.xFrom + (view.xTo - view.xFrom) / 4).toBeCloseTo(1, 9);
  expect(view.yTo - (view.yTo - view.yFrom) / 4).toBeCloseTo(1.5, 9);
  expect(told.rest).toEqual([]);
  act(() => jest.advanceTimersByTime(500));
  expect(told.rest).toEqual([view]);
});

test('turns of the wheel one after the other add up, and rest once', () => {
  const plot = shown();
  for (let i = 0; i < 5; i += 1) wheel(plot, 100);
  act(() => jest.advanceTimersByTime(500));
  expect(told.rest).toHaveLength(1);
  expect(told.rest[0]!.xTo - told.rest[0]!.xFrom).toBeCloseTo(4 * 1.0016 ** 500, 6);
});

test('a plot that is gone tells nothing more', () => {
  const { getByTestId, unmount } = render(<Area draws={false} />);
  const plot = getByTestId('plot');
  wheel(plot, -100);
  unmount();
  act(() => jest.advanceTimersByTime(500));
  expect(told.rest).toEqual([]);
});

test('a step closer keeps the middle, and none is made beyond what can be drawn', () => {
  expect(rounded(stepped(VIEW, 2)!)).toEqual([1, 3, 0.5, 1.5]);
  let view: ViewRange | null = VIEW;
  for (let i = 0; view !== null && i < 200; i += 1) view = stepped(view, 2);
  expect(view).toBeNull();
});
