import { act, renderHook } from '@testing-library/react';
import { stillWhileWriting } from './blink';
import { useLasting } from './use-lasting';

/* What comes to be seen only when nothing has moved for a while. */

beforeEach(() => void jest.useFakeTimers());
afterEach(() => void jest.useRealTimers());

const pass = (milliseconds: number) => act(() => jest.advanceTimersByTime(milliseconds));

test('a caret blinks once it has rested, and stands still as soon as it is moved', () => {
  const caret = document.createElement('div');
  const seen = [500, 500, 900, 100].map((rest) => {
    stillWhileWriting(caret);
    const atOnce = caret.className;
    pass(rest);
    return [atOnce, caret.className];
  });
  expect(seen).toEqual([
    ['', ''],
    ['', ''],
    ['', 'caret-blinks'],
    ['', ''],
  ]);
});

test.each<readonly [so: readonly (readonly [is: boolean, milliseconds: number])[], lasts: boolean]>([
  [[[true, 150]], false],
  [[[true, 250]], true],
  [
    [
      [true, 150],
      [false, 10],
      [true, 150],
    ],
    false,
  ],
  [
    [
      [true, 150],
      [false, 10],
      [true, 250],
    ],
    true,
  ],
  [
    [
      [true, 250],
      [false, 10],
    ],
    false,
  ],
  [
    [
      [true, 250],
      [false, 10],
      [true, 100],
    ],
    false,
  ],
])('what is so for %j lasts: %s', (steps, lasts) => {
  const { result, rerender } = renderHook(({ is }: { is: boolean }) => useLasting(is, 200), {
    initialProps: { is: false },
  });
  for (const [is, milliseconds] of steps) {
    rerender({ is });
    pass(milliseconds);
  }
  expect(result.current).toBe(lasts);
});
